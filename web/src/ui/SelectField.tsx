interface Props<T extends string> {
  readonly label: string;
  readonly isLabelHidden?: boolean;
  readonly value: T;
  readonly options: readonly (readonly [T, string])[];
  readonly onChange: (value: T) => void;
}

/** One of a few words. */
export function SelectField<T extends string>({ label, isLabelHidden = false, value, options, onChange }: Props<T>) {
  return (
    <label className="grid gap-1">
      <span className={isLabelHidden ? 'sr-only' : 'text-sm text-quiet'}>{label}</span>
      <select
        value={value}
        className="min-h-9 rounded-cut border border-line bg-panel px-2"
        onChange={(e) => {
          const chosen = options.find(([key]) => key === e.target.value);
          if (chosen) onChange(chosen[0]);
        }}
      >
        {options.map(([key, words]) => (
          <option key={key} value={key}>
            {words}
          </option>
        ))}
      </select>
    </label>
  );
}
