interface Props {
  readonly label: string;
  readonly value: string;
  readonly rows?: number;
  readonly onChange: (value: string) => void;
}

/** A text of several lines, handed over while it is typed. */
export function TextBox({ label, value, rows = 2, onChange }: Props) {
  return (
    <label className="grid gap-1">
      <span className="text-sm text-quiet">{label}</span>
      <textarea
        rows={rows}
        maxLength={4000}
        value={value}
        className="w-full rounded-cut border border-line bg-panel px-2 py-1.5"
        onChange={(e) => onChange(e.target.value)}
      />
    </label>
  );
}
