import { useContext, useEffect, useState } from 'react';
import type { OpenDocument } from './open-document.ts';
import { IsTyping } from './FieldTalk.tsx';

const SAVING = 'saving …';
const NOT_TAKEN_IN = 'not taken in yet';

/** So long people wait for an answer before they wonder. */
const PATIENCE_MS = 2500;

/** Whether something has been sent and not answered for longer than that. */
function useIsSlow(isSending: boolean): boolean {
  const [isSlow, setSlow] = useState(false);
  useEffect(() => {
    if (!isSending) return;
    const timer = setTimeout(() => setSlow(true), PATIENCE_MS);
    return () => {
      clearTimeout(timer);
      setSlow(false);
    };
  }, [isSending]);
  return isSlow;
}

function wordsOf({ save, isStoreFull }: Pick<OpenDocument<unknown>, 'save' | 'isStoreFull'>, isSlow: boolean): string {
  const here = isStoreFull ? 'and this device has no room to keep it' : 'kept on this device';
  switch (save.kind) {
    case 'saved':
      return 'saved';
    case 'waiting':
    case 'sending':
      if (isSlow)
        return isStoreFull
          ? 'the server does not answer, and this device has no room to keep your change'
          : 'the server does not answer; your change is kept here';
      return isStoreFull ? `${SAVING} ${here}` : SAVING;
    case 'offline':
      return save.why === 'disk-full'
        ? `not saved: the server’s disk is full, ${here}`
        : `not saved: no answer, ${here}`;
    case 'conflict':
      return 'not saved: saved elsewhere too';
    case 'refused':
      return 'not saved: refused';
    case 'gone':
      return 'not saved: removed elsewhere';
    case 'unreadable':
      return 'not saved: what is stored cannot be read';
  }
}

interface Props {
  readonly open: Pick<OpenDocument<unknown>, 'save' | 'isStoreFull'>;
  /** Tells it from the page's own where two are open. */
  readonly what?: string;
}

/** How what is open differs from what is stored. */
export function SaveWords({ open, what }: Props) {
  const { kind } = open.save;
  const isSlow = useIsSlow(kind === 'sending');
  const isTyping = useContext(IsTyping);
  const isCalm = (kind === 'saved' || kind === 'waiting' || kind === 'sending') && !open.isStoreFull && !isSlow;
  return (
    <span
      className={`text-sm ${isCalm ? 'text-quiet' : 'font-semibold text-trouble'}`}
      role="status"
      data-testid={what === undefined ? 'save-state' : `${what}-save-state`}
    >
      {isTyping && kind === 'saved' ? NOT_TAKEN_IN : wordsOf(open, isSlow)}
    </span>
  );
}
