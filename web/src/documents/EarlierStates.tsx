import { History } from 'lucide-react';
import { lazy, Suspense, useState } from 'react';
import type { DocumentKind } from '@hodsman/core';
import { ICON_BUTTON } from '../ui/buttons.ts';
import type { OpenDocument } from './open-document.ts';

// a dialog that few open comes when it is opened
const StatesDialog = lazy(async () => ({ default: (await import('./StatesDialog.tsx')).StatesDialog }));

interface Props {
  readonly kind: DocumentKind;
  readonly open: OpenDocument<unknown>;
}

/** The way to the earlier states of what is open. */
export function EarlierStates({ kind, open }: Props) {
  const [isShown, setShown] = useState(false);
  return (
    <>
      <button
        type="button"
        className={ICON_BUTTON}
        title="Earlier states"
        aria-label="Earlier states"
        onClick={() => setShown(true)}
      >
        <History size={20} aria-hidden />
      </button>
      {isShown && (
        <Suspense>
          <StatesDialog kind={kind} open={open as never} onClose={() => setShown(false)} />
        </Suspense>
      )}
    </>
  );
}
