import { useTyped } from './use-typed.ts';
import { Why } from './Why.tsx';

interface Props {
  readonly label: string;
  /** The label is read aloud alone, where what stands around says it to the eye. */
  readonly isLabelHidden?: boolean;
  readonly type?: 'text' | 'date';
  readonly value: string;
  readonly onTake: (value: string) => void;
}

/** A text that cannot be empty, handed over when the field is left or Enter is pressed. */
export function TextField({ label, isLabelHidden = false, type = 'text', value, onTake }: Props) {
  const { text, why, handOver, refuse, input } = useTyped(value);
  const take = (): void => {
    if (text === value) return;
    if (text.trim() === '') refuse('', 'it cannot be empty');
    else handOver(text.trim(), () => onTake(text.trim()));
  };
  return (
    <label className="grid grid-cols-1 gap-1">
      <span className={isLabelHidden ? 'sr-only' : 'text-sm text-quiet'}>{label}</span>
      <input
        type={type}
        maxLength={120}
        className="figures min-h-12 w-full rounded-cut border border-line bg-panel px-3 text-lg aria-invalid:border-trouble"
        {...input(take)}
      />
      <Why>{why}</Why>
    </label>
  );
}
