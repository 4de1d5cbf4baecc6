import { figureOf, quantityText, roundedTo, scaleOf, type Quantity, unitOf } from '@hodsman/core/units';
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
  /** What the figure measures: it is shown and typed in one's own unit, its limits and digits are those of the stored one. */
  readonly quantity?: Quantity;
  readonly least?: number;
  readonly most?: number;
  readonly step?: number;
  readonly isReadOnly?: boolean;
  readonly onChange: (value: number) => void;
  readonly className?: string;
}

function shown(value: number | undefined, digits: number, quantity: Quantity | undefined): string {
  if (value === undefined || !Number.isFinite(value)) return '';
  if (!quantity) return String(roundedTo(value, digits));
  const scale = scaleOf(quantity);
  return String(roundedTo(scale.shown(value), scale.digits(digits, scale.shown(value))));
}

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
  quantity,
  unit = quantity && unitOf(quantity),
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
  const number = typed === undefined ? value : figureOf(typed, digits, quantity);
  const isWithin = (n: number): boolean => n >= least && n <= most;
  const isWrong = typed !== undefined && (number === undefined || !isWithin(number));
  // a refused figure stands there until the field is left
  useTyping(typed !== undefined && (isWrong || why !== ''));
  const take = (text: string): void => {
    setTyped(text);
    forget();
    const next = figureOf(text, digits, quantity);
    if (isWithin(next)) handOver(text, () => onChange(next));
  };
  /** Steps go from whole figures to whole figures of the own unit, so that 105 °F is followed by 106. */
  const steppedBy = (by: number): number => {
    const from = value ?? 0;
    if (!quantity || scaleOf(quantity).isStored) return roundedTo(Math.min(most, Math.max(least, from + by)), digits);
    const next = Number(shown(from, digits, quantity)) + scaleOf(quantity).step(by);
    return Math.min(most, Math.max(least, figureOf(String(next), digits, quantity)));
  };
  const leave = (): void => {
    if (isWrong)
      refuse(
        typed,
        Number.isFinite(number)
          ? `it is ${shown(least, digits, quantity)} to ${quantity ? quantityText(quantity, most, digits) : most}`
          : 'it is no number',
      );
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
          value={typed ?? shown(value, digits, quantity)}
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
            setTyped(undefined);
            const stepped = steppedBy((e.key === 'ArrowUp' ? step : -step) * (e.shiftKey ? 10 : 1));
            handOver(shown(stepped, digits, quantity), () => onChange(stepped));
          }}
        />
        {unit !== undefined && unit !== '' && <span className="text-sm text-quiet">{unit}</span>}
      </span>
      <Why>{why}</Why>
    </label>
  );
}
