import { useRefusal } from './refusal.ts';
import { Why } from './Why.tsx';

interface Props {
  readonly label: string;
  readonly value: string;
  readonly placeholder?: string;
  readonly className?: string;
  readonly onChange: (value: string) => void;
}

/** A short text in a row of others, handed over while it is typed. Its label is for those who hear it. */
export function SmallText({ label, value, placeholder = '', className = 'w-40', onChange }: Props) {
  const { why, handOver } = useRefusal();
  return (
    <span className="inline-grid">
      <input
        type="text"
        aria-label={label}
        value={value}
        placeholder={placeholder}
        maxLength={120}
        className={`min-h-9 rounded-cut border border-line bg-panel px-2 placeholder:text-quiet ${className}`}
        onChange={(e) => handOver(e.target.value, () => onChange(e.target.value))}
      />
      <Why>{why}</Why>
    </span>
  );
}
