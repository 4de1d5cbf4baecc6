import { useState } from 'react';
import { useRefusal } from './refusal.ts';
import { useTyping } from './typing.ts';

/**
 * A text that is handed over when its field is left or Enter is pressed. What is not taken can be mended until the field is left; then the
 * value is back, and the field says what was not taken and why. Escape brings the value back at once.
 */
export function useTyped(value: string) {
  // what is typed belongs to the value it was typed over: once that changes, the new value shows
  const [draft, setDraft] = useState<{ readonly over: string; readonly text: string }>();
  const refusal = useRefusal();
  const text = draft?.over === value ? draft.text : value;
  useTyping(text !== value);
  const drop = (): void => setDraft(undefined);
  return {
    ...refusal,
    text,
    drop,
    /** What its input shows and does; `take` hands over what is typed. */
    input: (take: () => void) => ({
      value: text,
      'aria-invalid': refusal.why !== '',
      onChange: (e: { readonly target: { readonly value: string } }): void => {
        refusal.forget();
        setDraft({ over: value, text: e.target.value });
      },
      onBlur: (): void => {
        take();
        drop();
      },
      onKeyDown: (e: { readonly key: string }): void => {
        if (e.key === 'Enter') take();
        if (e.key !== 'Escape') return;
        refusal.forget();
        drop();
      },
    }),
  };
}
