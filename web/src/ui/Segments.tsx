interface Props<T extends string> {
  readonly label: string;
  /** Tells one group of a page from another. */
  readonly name: string;
  readonly value: T;
  readonly options: readonly (readonly [T, string])[];
  readonly onChange: (value: T) => void;
  /** For floury hands. */
  readonly isLarge?: boolean;
}

/** One of a few words that all stay in sight. */
export function Segments<T extends string>({ label, name, value, options, onChange, isLarge = false }: Props<T>) {
  return (
    <fieldset className="inline-flex flex-wrap rounded-cut border border-line" aria-label={label}>
      {options.map(([key, words]) => (
        <label
          key={key}
          className={`flex ${isLarge ? 'min-h-14 font-semibold' : 'min-h-9'} cursor-pointer items-center px-3 has-focus-visible:outline-3 ${value === key ? 'bg-hands text-on-hands' : 'hover:bg-steel'}`}
        >
          <input type="radio" name={name} className="sr-only" checked={value === key} onChange={() => onChange(key)} />
          {words}
        </label>
      ))}
    </fieldset>
  );
}
