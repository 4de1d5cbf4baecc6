import { Minus, Plus } from 'lucide-react';
import { useId } from 'react';

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
  return (
    <div className="flex items-center gap-2">
      <label htmlFor={id} className="text-sm text-quiet">
        {label}
      </label>
      <div className="flex items-center rounded-cut border border-line bg-panel">
        <button
          type="button"
          className={BUTTON}
          aria-label={`${label}: one less`}
          disabled={value <= least}
          onClick={() => {
            onChange(value - 1);
          }}
        >
          <Minus size={18} aria-hidden />
        </button>
        <input
          id={id}
          type="number"
          inputMode="numeric"
          min={least}
          max={most}
          value={value}
          onChange={(e) => {
            const typed = e.target.valueAsNumber;
            if (Number.isInteger(typed) && typed >= least && typed <= most) onChange(typed);
          }}
          className="figures w-10 bg-transparent text-center text-lg font-semibold [appearance:textfield] [&::-webkit-inner-spin-button]:appearance-none"
        />
        <button
          type="button"
          className={BUTTON}
          aria-label={`${label}: one more`}
          disabled={value >= most}
          onClick={() => {
            onChange(value + 1);
          }}
        >
          <Plus size={18} aria-hidden />
        </button>
      </div>
    </div>
  );
}
