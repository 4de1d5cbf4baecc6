import { lazy, Suspense, type ReactNode } from 'react';
import { useNavigate } from 'react-router';
import { openDocument, type DocumentBodies, type DocumentKind } from '@hodsman/core';
import { useDispatch } from 'react-redux';
import { MAIN_BUTTON, SIDE_BUTTON } from '../ui/buttons.ts';
import { Notice } from '../ui/Notice.tsx';
import { useCreateDocumentMutation } from './api.ts';
import type { OpenDocument } from './open-document.ts';
import { Refused } from './Refused.tsx';
import { REGISTRY } from './registry.ts';
import { SentFaults } from './SentFaults.tsx';
import { forgetUnsaved } from './unsaved.ts';

// a dialog that few see comes when there is something to choose
const ConflictDialog = lazy(async () => ({ default: (await import('./ConflictDialog.tsx')).ConflictDialog }));

interface Props<K extends DocumentKind> {
  readonly kind: K;
  readonly open: OpenDocument<DocumentBodies[K]>;
}

/** Everything that may stand between a document and its being saved, with the way out of it. */
export function SaveTrouble<K extends DocumentKind>({ kind, open }: Props<K>) {
  const dispatch = useDispatch();
  const { noun, actions } = REGISTRY[kind];
  const { save } = open;
  return (
    <>
      <Refused
        what={noun}
        faults={open.refused}
        within={open.tried ?? open.body}
        onClose={() => dispatch(actions.refused([]))}
      />
      {save.kind === 'gone' && <Gone kind={kind} open={open} />}
      {save.kind === 'refused' && (
        <Told>
          The server does not take this {noun} as it is; it is kept on this device, and tried again with your next
          change.
          <SentFaults faults={save.faults} within={open.body} />
        </Told>
      )}
      {save.kind === 'unreadable' && (
        <Told>
          <p>
            Somebody saved this {noun} meanwhile in a form that this page cannot read. Yours is kept on this device:
            reload the page, or save yours over it; theirs stays among the earlier states.
          </p>
          <button type="button" className={`${SIDE_BUTTON} mt-2`} onClick={() => dispatch(actions.keptMine())}>
            Save mine over it
          </button>
        </Told>
      )}
      {open.theirs !== null && (
        <Suspense>
          <ConflictDialog
            what={noun}
            open={open}
            read={(value) => openDocument(kind, value)}
            onMine={() => dispatch(actions.keptMine())}
            onTheirs={() => dispatch(actions.tookTheirs())}
            onBoth={(both) => dispatch(actions.tookBoth(both as DocumentBodies[K]))}
          />
        </Suspense>
      )}
    </>
  );
}

const Told = ({ children }: { readonly children: ReactNode }) => (
  <div className="px-4 pt-2">
    <Notice>{children}</Notice>
  </div>
);

/** It was removed elsewhere while it was changed here. */
function Gone<K extends DocumentKind>({ kind, open }: Props<K>) {
  const [create, { isLoading }] = useCreateDocumentMutation();
  const dispatch = useDispatch();
  const navigate = useNavigate();
  const { noun, path, all, actions } = REGISTRY[kind];
  const keep = async (): Promise<void> => {
    const made = await create({ kind, body: open.body });
    if (!made.data) return;
    forgetUnsaved({ kind, id: open.id });
    await navigate(path(made.data.id));
  };
  const drop = async (): Promise<void> => {
    forgetUnsaved({ kind, id: open.id });
    await navigate(all.to);
    dispatch(actions.closed());
  };
  return (
    <Told>
      <p>
        This {noun} was removed elsewhere while you changed it. What you have here is kept on this device until you
        choose.
      </p>
      <div className="mt-2 flex flex-wrap gap-3">
        <button type="button" className={MAIN_BUTTON} disabled={isLoading} onClick={() => void keep()}>
          Keep it as a new {noun}
        </button>
        <button type="button" className={SIDE_BUTTON} onClick={() => void drop()}>
          Drop it
        </button>
      </div>
    </Told>
  );
}
