import { useState } from 'react';
import { useRefusal } from './refusal.ts';
import { useTyping } from './typing.ts';
import { Why } from './Why.tsx';

interface Props {
  readonly label: string;
  /** The label is read aloud alone, where what stands around says it to the eye. */
  readonly isLabelHidden?: boolean;
  readonly type?: 'text' | 'date';
  readonly value: string;
  readonly onTake: (value: string) => void;
}

/**
 * A field that hands over what is typed when it is left or Enter is pressed. What is not taken can be mended until the field is left; then
 * the value is back, and the field says what was not taken and why. Escape brings the value back at once.
 */
export function TextField({ label, isLabelHidden = false, type = 'text', value, onTake }: Props) {
  // what is typed belongs to the value it was typed over: once that changes, the new value shows
  const [draft, setDraft] = useState<{ readonly over: string; readonly text: string }>();
  const { why, handOver, refuse, forget } = useRefusal();
  const text = draft?.over === value ? draft.text : value;
  useTyping(text !== value);
  const take = (): void => {
    if (text === value) return;
    if (text.trim() === '') refuse('', 'it cannot be empty');
    else handOver(text.trim(), () => onTake(text.trim()));
  };
  return (
    <label className="grid grid-cols-1 gap-1">
      <span className={isLabelHidden ? 'sr-only' : 'text-sm text-quiet'}>{label}</span>
      <input
        type={type}
        value={text}
        maxLength={120}
        aria-invalid={why !== ''}
        className={`figures min-h-12 w-full rounded-cut border bg-panel px-3 text-lg ${why === '' ? 'border-line' : 'border-trouble'}`}
        onChange={(e) => {
          forget();
          setDraft({ over: value, text: e.target.value });
        }}
        onBlur={() => {
          take();
          setDraft(undefined);
        }}
        onKeyDown={(e) => {
          if (e.key === 'Enter') take();
          if (e.key !== 'Escape') return;
          forget();
          setDraft(undefined);
        }}
      />
      <Why>{why}</Why>
    </label>
  );
}
