interface Props {
  readonly label: string;
  readonly isLabelHidden?: boolean;
  readonly isOn: boolean;
  readonly onChange: (isOn: boolean) => void;
}

/** Yes or no. */
export function Toggle({ label, isLabelHidden = false, isOn, onChange }: Props) {
  return (
    <label className="inline-flex min-h-9 items-center gap-2">
      <input
        type="checkbox"
        checked={isOn}
        className="size-5 accent-hands"
        onChange={(e) => onChange(e.target.checked)}
      />
      <span className={isLabelHidden ? 'sr-only' : ''}>{label}</span>
    </label>
  );
}
