const MOST_LINES = 12;

/** What differs between two states of a document, a line each. */
export function ChangeList({ title, lines }: { readonly title: string; readonly lines: readonly string[] }) {
  return (
    <section aria-label={title}>
      <h3 className="text-lg">{title}</h3>
      <ul className="list-disc pl-5 text-sm">
        {lines.slice(0, MOST_LINES).map((line) => (
          <li key={line}>{line}</li>
        ))}
        {lines.length > MOST_LINES && <li>and {lines.length - MOST_LINES} more</li>}
      </ul>
    </section>
  );
}
