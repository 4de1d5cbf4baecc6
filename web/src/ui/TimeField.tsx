import { ownMeasures, timeOfText, timeText } from '@hodsman/core/units';
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

/** A time of day on one's own clock, handed over when it is left or Enter is pressed, so that a half-typed one changes nothing. */
export function TimeField({ label, value, hasDate = false, onTake, onClear }: Props) {
  const [date = '', clock = ''] = hasDate ? value.split('T') : ['', value];
  const { text, why, handOver, drop, input } = useTyped(timeText(clock));
  const take = (): void => {
    const time = timeOfText(text);
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
          maxLength={8}
          className={`${INPUT} ${ownMeasures().clock === '12' ? 'w-22' : 'w-16'} text-center`}
          {...input(take)}
        />
      </span>
      <Why>{why}</Why>
    </div>
  );
}
