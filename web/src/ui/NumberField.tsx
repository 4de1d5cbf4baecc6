import { useState } from 'react';

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

/**
 * A figure that is handed over while it is typed, whenever it is a number within its limits; the arrow keys step it. What is typed
 * stays as typed until the field is left, so that the figure never jumps under the fingers.
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
  const take = (text: string): void => {
    setTyped(text);
    const number = Number(text.replace(',', '.'));
    if (text.trim() !== '' && Number.isFinite(number) && number >= least && number <= most) onChange(number);
  };
  const isWrong =
    typed !== undefined &&
    (typed.trim() === '' || !(Number(typed.replace(',', '.')) >= least && Number(typed.replace(',', '.')) <= most));
  return (
    <label className={isLabelHidden ? 'inline-flex items-baseline gap-1' : 'grid gap-1'}>
      <span className={isLabelHidden ? 'sr-only' : 'text-sm text-quiet'}>{label}</span>
      <span className="inline-flex items-baseline gap-1">
        <input
          type="text"
          inputMode="decimal"
          autoComplete="off"
          aria-label={unit === undefined || isLabelHidden ? label : `${label}, ${unit}`}
          readOnly={isReadOnly}
          aria-invalid={isWrong}
          value={typed ?? shown(value, digits)}
          className={`figures min-h-9 rounded-cut border bg-panel px-2 text-right ${isWrong ? 'border-trouble' : 'border-line'} ${isReadOnly ? 'bg-transparent text-quiet' : ''} ${className}`}
          onFocus={(e) => e.target.select()}
          onChange={(e) => take(e.target.value)}
          onBlur={() => setTyped(undefined)}
          onKeyDown={(e) => {
            if (e.key === 'Escape' || e.key === 'Enter') setTyped(undefined);
            if (isReadOnly || (e.key !== 'ArrowUp' && e.key !== 'ArrowDown')) return;
            e.preventDefault();
            const next = (value ?? 0) + (e.key === 'ArrowUp' ? step : -step) * (e.shiftKey ? 10 : 1);
            setTyped(undefined);
            onChange(Number(Math.min(most, Math.max(least, next)).toFixed(digits)));
          }}
        />
        {unit !== undefined && <span className="text-sm text-quiet">{unit}</span>}
      </span>
    </label>
  );
}
