import { useTyped } from './use-typed.ts';
import { Why } from './Why.tsx';

interface Props {
  readonly label: string;
  /** `HH:MM`, or with a date `YYYY-MM-DDTHH:MM`. */
  readonly value: string;
  readonly hasDate?: boolean;
  readonly onTake: (value: string) => void;
  /** Of a time that may be left out: it was emptied. */
  readonly onClear?: () => void;
}

const INPUT = 'figures min-h-11 rounded-cut border border-line bg-panel px-2 aria-invalid:border-trouble';

/** A time as people type it, `9:30`, `0930` or `9.30`, in the form of the files; anything else as it was typed. */
function timeOf(text: string): string {
  const [, h = '', m = ''] = /^(\d{1,2})[:. ]?(\d{2})$/.exec(text.trim()) ?? [];
  return h === '' ? text.trim() : `${h.padStart(2, '0')}:${m}`;
}

/** A time of day on the 24-hour clock, handed over when it is left or Enter is pressed, so that a half-typed one changes nothing. */
export function TimeField({ label, value, hasDate = false, onTake, onClear }: Props) {
  const [date = '', clock = ''] = hasDate ? value.split('T') : ['', value];
  const { text, why, handOver, drop, input } = useTyped(clock);
  const take = (): void => {
    const time = timeOf(text);
    if (time === '' && clock !== '' && onClear) handOver('', onClear);
    else if (time !== '' && time !== clock) handOver(text, () => onTake(hasDate ? `${date}T${time}` : time));
    else drop();
  };
  return (
    <div className="grid gap-1">
      <span className="text-sm text-quiet" aria-hidden>
        {label}
      </span>
      <span className="flex gap-1">
        {hasDate && (
          <input
            type="date"
            aria-label={`${label}, day`}
            value={date}
            className={`${INPUT} w-36`}
            onChange={(e) => {
              const day = e.target.value;
              if (day !== '') handOver(day, () => onTake(`${day}T${clock}`));
            }}
          />
        )}
        <input
          type="text"
          inputMode="numeric"
          autoComplete="off"
          aria-label={label}
          placeholder="–:–"
          maxLength={5}
          className={`${INPUT} w-16 text-center`}
          {...input(take)}
        />
      </span>
      <Why>{why}</Why>
    </div>
  );
}
