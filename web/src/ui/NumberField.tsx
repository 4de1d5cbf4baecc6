import { useState } from 'react';
import { useRefusal } from './refusal.ts';
import { useTyping } from './typing.ts';
import { Why } from './Why.tsx';

interface Props {
  readonly label: string;
  readonly isLabelHidden?: boolean;
  /** The figure as it is; undefined shows an empty field. */
  readonly value: number | undefined;
  readonly digits: number;
  readonly unit?: string;
  readonly least?: number;
  readonly most?: number;
  readonly step?: number;
  readonly isReadOnly?: boolean;
  readonly onChange: (value: number) => void;
  readonly className?: string;
}

const shown = (value: number | undefined, digits: number): string =>
  value === undefined || !Number.isFinite(value) ? '' : String(Number(value.toFixed(digits)));

const numberOf = (text: string): number => (text.trim() === '' ? NaN : Number(text.trim().replace(',', '.')));

/**
 * A figure that is handed over while it is typed, whenever it is a number within its limits; the arrow keys step it. What is typed
 * stays as typed until the field is left, so that the figure never jumps under the fingers; what is not taken goes then, and the field
 * says why. Escape brings back the figure that the field had when it was entered.
 */
export function NumberField({
  label,
  isLabelHidden = false,
  value,
  digits,
  unit,
  least = 0,
  most = 100_000,
  step = 1,
  isReadOnly = false,
  onChange,
  className = 'w-20',
}: Props) {
  const [typed, setTyped] = useState<string>();
  const [before, setBefore] = useState(value);
  const { why, handOver, refuse, forget } = useRefusal();
  const number = typed === undefined ? value : numberOf(typed);
  const isWithin = (n: number): boolean => n >= least && n <= most;
  const isWrong = typed !== undefined && (number === undefined || !isWithin(number));
  // a refused figure stands there until the field is left
  useTyping(typed !== undefined && (isWrong || why !== ''));
  const take = (text: string): void => {
    setTyped(text);
    forget();
    const next = numberOf(text);
    if (isWithin(next)) handOver(text, () => onChange(next));
  };
  const leave = (): void => {
    if (isWrong) refuse(typed, Number.isFinite(number) ? `it is ${least} to ${most}` : 'it is no number');
    setTyped(undefined);
  };
  const giveBack = (): void => {
    forget();
    setTyped(undefined);
    if (before !== undefined && before !== value) onChange(before);
  };
  return (
    <label className={isLabelHidden ? 'inline-grid' : 'grid gap-1'}>
      <span className={isLabelHidden ? 'sr-only' : 'text-sm text-quiet'}>{label}</span>
      <span className="inline-flex items-baseline gap-1">
        <input
          type="text"
          inputMode="decimal"
          autoComplete="off"
          aria-label={unit === undefined || isLabelHidden ? label : `${label}, ${unit}`}
          readOnly={isReadOnly}
          aria-invalid={isWrong || why !== ''}
          value={typed ?? shown(value, digits)}
          className={`figures min-h-9 rounded-cut border border-line bg-panel px-2 text-right aria-invalid:border-trouble ${isReadOnly ? 'bg-transparent text-quiet' : ''} ${className}`}
          onFocus={(e) => {
            setBefore(value);
            e.target.select();
          }}
          onChange={(e) => take(e.target.value)}
          onBlur={leave}
          onKeyDown={(e) => {
            if (e.key === 'Escape') giveBack();
            if (e.key === 'Enter') {
              leave();
              setBefore(value);
            }
            if (isReadOnly || (e.key !== 'ArrowUp' && e.key !== 'ArrowDown')) return;
            e.preventDefault();
            const next = (value ?? 0) + (e.key === 'ArrowUp' ? step : -step) * (e.shiftKey ? 10 : 1);
            setTyped(undefined);
            const stepped = Number(Math.min(most, Math.max(least, next)).toFixed(digits));
            handOver(String(stepped), () => onChange(stepped));
          }}
        />
        {unit !== undefined && <span className="text-sm text-quiet">{unit}</span>}
      </span>
      <Why>{why}</Why>
    </label>
  );
}
