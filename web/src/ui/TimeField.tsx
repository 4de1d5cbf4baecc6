import { useState } from 'react';

interface Props {
  readonly label: string;
  /** `HH:MM`, or with a date `YYYY-MM-DDTHH:MM`. */
  readonly value: string;
  readonly hasDate?: boolean;
  readonly onTake: (value: string) => void;
}

/** A time of day, handed over when it is left or Enter is pressed, so that a half-typed one changes nothing. */
export function TimeField({ label, value, hasDate = false, onTake }: Props) {
  const [draft, setDraft] = useState<{ readonly over: string; readonly text: string }>();
  const text = draft?.over === value ? draft.text : value;
  const take = (): void => {
    if (text !== '' && text !== value) onTake(text);
  };
  return (
    <label className="grid gap-1">
      <span className="text-sm text-quiet">{label}</span>
      <input
        type={hasDate ? 'datetime-local' : 'time'}
        value={text}
        className="figures min-h-11 rounded-cut border border-line bg-panel px-2"
        onChange={(e) => setDraft({ over: value, text: e.target.value })}
        onBlur={take}
        onKeyDown={(e) => {
          if (e.key === 'Enter') take();
          if (e.key === 'Escape') setDraft(undefined);
        }}
      />
    </label>
  );
}
