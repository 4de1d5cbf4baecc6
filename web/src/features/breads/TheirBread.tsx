import { Dialog, DialogBackdrop, DialogPanel, DialogTitle } from '@headlessui/react';
import { compareBreads, USUAL_BENCH } from '@hodsman/core';
import { breadActions, type BreadDraft } from '../../app/bread-draft.ts';
import { useAppDispatch } from '../../app/hooks.ts';
import { MAIN_BUTTON, SIDE_BUTTON } from '../../ui/buttons.ts';

/** Somebody else saved this bread meanwhile: shows what differs and lets the person choose. */
export function TheirBread({ draft }: { readonly draft: BreadDraft }) {
  const dispatch = useAppDispatch();
  const { theirs, body } = draft;
  const difference = theirs && compareBreads(body, theirs.body, USUAL_BENCH);
  const lines = difference
    ? [...difference.ingredients, ...difference.steps].map((d) => d.key.replace(/^dough /, ''))
    : [];
  return (
    <Dialog open={theirs !== null} onClose={() => undefined} className="relative z-10">
      <DialogBackdrop className="fixed inset-0 bg-ink/40" />
      <div className="fixed inset-0 grid place-items-center p-4">
        <DialogPanel className="max-w-xl rounded-cut border border-line bg-panel p-6">
          <DialogTitle className="text-xl">This bread was saved elsewhere meanwhile</DialogTitle>
          <p className="my-2">
            Your change is kept on this device. What differs:{' '}
            {lines.length > 0 ? lines.join(', ') : 'name, piece or keeping'}.
          </p>
          <div className="flex flex-wrap gap-3">
            <button type="button" className={MAIN_BUTTON} onClick={() => dispatch(breadActions.keptMine())}>
              Keep mine
            </button>
            <button type="button" className={SIDE_BUTTON} onClick={() => dispatch(breadActions.tookTheirs())}>
              Take theirs (undo brings mine back)
            </button>
          </div>
        </DialogPanel>
      </div>
    </Dialog>
  );
}
