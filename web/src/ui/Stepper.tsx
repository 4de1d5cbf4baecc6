import { Minus, Plus } from 'lucide-react';
import { useId, useState } from 'react';
import { useRefusal } from './refusal.ts';
import { useTyping } from './typing.ts';
import { Why } from './Why.tsx';

interface Props {
  readonly label: string;
  readonly value: number;
  readonly least: number;
  readonly most: number;
  readonly onChange: (value: number) => void;
}

const BUTTON =
  'grid size-10 place-items-center text-ink hover:bg-steel disabled:opacity-35 disabled:hover:bg-transparent rounded-cut';

/** A count with one button for less and one for more; the figure itself can be typed and stepped with the arrow keys. */
export function Stepper({ label, value, least, most, onChange }: Props) {
  const id = useId();
  const [typed, setTyped] = useState<string>();
  const { why, handOver, refuse, forget } = useRefusal();
  const isWithin = (count: number): boolean => Number.isInteger(count) && count >= least && count <= most;
  const isWrong = typed !== undefined && !isWithin(Number(typed === '' ? NaN : typed));
  useTyping(typed !== undefined && (isWrong || why !== ''));
  return (
    <div className="flex flex-wrap items-center gap-2">
      <label htmlFor={id} className="text-sm text-quiet">
        {label}
      </label>
      <div className="flex items-center rounded-cut border border-line bg-panel">
        <button
          type="button"
          className={BUTTON}
          aria-label={`${label}: one less`}
          disabled={value <= least}
          onClick={() => handOver(String(value - 1), () => onChange(value - 1))}
        >
          <Minus size={18} aria-hidden />
        </button>
        <input
          id={id}
          type="number"
          inputMode="numeric"
          min={least}
          max={most}
          value={typed ?? value}
          aria-invalid={isWrong || why !== ''}
          onChange={(e) => {
            setTyped(e.target.value);
            forget();
            const count = e.target.valueAsNumber;
            if (isWithin(count)) handOver(e.target.value, () => onChange(count));
          }}
          onBlur={() => {
            if (isWrong) refuse(typed, `it is ${least} to ${most}`);
            setTyped(undefined);
          }}
          onKeyDown={(e) => {
            if (e.key !== 'Escape') return;
            forget();
            setTyped(undefined);
          }}
          className="figures w-10 bg-transparent text-center text-lg font-semibold [appearance:textfield] [&::-webkit-inner-spin-button]:appearance-none"
        />
        <button
          type="button"
          className={BUTTON}
          aria-label={`${label}: one more`}
          disabled={value >= most}
          onClick={() => handOver(String(value + 1), () => onChange(value + 1))}
        >
          <Plus size={18} aria-hidden />
        </button>
      </div>
      <Why>{why}</Why>
    </div>
  );
}
