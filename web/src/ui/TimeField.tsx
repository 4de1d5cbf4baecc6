import { useState } from 'react';

interface Props {
  readonly label: string;
  /** `HH:MM`, or with a date `YYYY-MM-DDTHH:MM`. */
  readonly value: string;
  readonly hasDate?: boolean;
  readonly onTake: (value: string) => void;
  /** Of a time that may be left out: it was emptied. */
  readonly onClear?: () => void;
}

const INPUT = 'figures min-h-11 rounded-cut border border-line bg-panel px-2';

/** A time as people type it, `9:30`, `0930` or `9.30`, in the form of the files; anything else as it was typed. */
function timeOf(text: string): string {
  const [, h = '', m = ''] = /^(\d{1,2})[:. ]?(\d{2})$/.exec(text.trim()) ?? [];
  return h === '' ? text.trim() : `${h.padStart(2, '0')}:${m}`;
}

/** A time of day on the 24-hour clock, handed over when it is left or Enter is pressed, so that a half-typed one changes nothing. */
export function TimeField({ label, value, hasDate = false, onTake, onClear }: Props) {
  const [date = '', clock = ''] = hasDate ? value.split('T') : ['', value];
  const [draft, setDraft] = useState<{ readonly over: string; readonly text: string }>();
  const text = draft?.over === value ? draft.text : clock;
  const take = (): void => {
    const time = timeOf(text);
    if (time === '' && clock !== '' && onClear) onClear();
    else if (time !== '' && time !== clock) onTake(hasDate ? `${date}T${time}` : time);
    else setDraft(undefined);
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
              if (e.target.value !== '') onTake(`${e.target.value}T${clock}`);
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
          value={text}
          className={`${INPUT} w-16 text-center`}
          onChange={(e) => setDraft({ over: value, text: e.target.value })}
          onBlur={take}
          onKeyDown={(e) => {
            if (e.key === 'Enter') take();
            if (e.key === 'Escape') setDraft(undefined);
          }}
        />
      </span>
    </div>
  );
}
