import { useState } from 'react';

interface Props {
  readonly label: string;
  /** The label is read aloud alone, where what stands around says it to the eye. */
  readonly isLabelHidden?: boolean;
  readonly type?: 'text' | 'date';
  readonly value: string;
  readonly onTake: (value: string) => void;
}

/**
 * A field that hands over what is typed when it is left or Enter is pressed. What is not taken stays there to be mended; Escape brings
 * the value back.
 */
export function TextField({ label, isLabelHidden = false, type = 'text', value, onTake }: Props) {
  // what is typed belongs to the value it was typed over: once that changes, the new value shows
  const [draft, setDraft] = useState<{ readonly over: string; readonly text: string }>();
  const text = draft?.over === value ? draft.text : value;
  const take = (): void => {
    if (text.trim() !== '' && text !== value) onTake(text.trim());
  };
  return (
    <label className="grid grid-cols-1 gap-1">
      <span className={isLabelHidden ? 'sr-only' : 'text-sm text-quiet'}>{label}</span>
      <input
        type={type}
        value={text}
        maxLength={120}
        className="figures min-h-12 w-full rounded-cut border border-line bg-panel px-3 text-lg"
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
