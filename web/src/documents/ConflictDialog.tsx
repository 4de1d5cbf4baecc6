import { Dialog, DialogBackdrop, DialogPanel, DialogTitle } from '@headlessui/react';
import { changeWords, mergeChanges, type Result } from '@hodsman/core';
import { MAIN_BUTTON, SIDE_BUTTON } from '../ui/buttons.ts';
import { ChangeList } from './ChangeList.tsx';
import type { OpenDocument } from './open-document.ts';

interface Props {
  /** What it is called: "class", "bread". */
  readonly what: string;
  readonly open: OpenDocument<unknown>;
  readonly read: (value: unknown) => Result<unknown>;
  readonly onMine: () => void;
  readonly onTheirs: () => void;
  readonly onBoth: (both: unknown) => void;
}

/** Somebody else saved this document meanwhile: shows what each changed and lets the person choose. Nothing is lost either way. */
export function ConflictDialog({ what, open, read, onMine, onTheirs, onBoth }: Props) {
  const { theirs, stored, body } = open;
  const merged = theirs && stored !== null ? mergeChanges(stored, body, theirs.body) : null;
  const both = merged && read(merged.value);
  return (
    <Dialog open={theirs !== null} onClose={() => undefined} className="relative z-10">
      <DialogBackdrop className="fixed inset-0 bg-black/50" />
      <div className="fixed inset-0 grid place-items-center overflow-auto p-4">
        <DialogPanel className="max-w-2xl rounded-cut border border-line bg-panel p-6">
          <DialogTitle className="text-xl">This {what} was saved elsewhere meanwhile</DialogTitle>
          <p className="mt-1">Your change is kept on this device until you have chosen.</p>
          <div className="my-3 grid gap-3 sm:grid-cols-2">
            {theirs && stored !== null ? (
              <>
                <ChangeList title="Changed there" lines={changeWords(stored, theirs.body)} />
                <ChangeList title="Changed here" lines={changeWords(stored, body)} />
              </>
            ) : (
              theirs && <ChangeList title="Theirs to mine" lines={changeWords(theirs.body, body)} />
            )}
          </div>
          {merged && merged.clashes.length > 0 && both?.ok && (
            <p className="mb-3">Both changed the same thing {merged.clashes.length} times; there yours would stand.</p>
          )}
          <div className="flex flex-wrap gap-3">
            {both?.ok && (
              <button type="button" className={MAIN_BUTTON} onClick={() => onBoth(both.value)}>
                Take both
              </button>
            )}
            <button type="button" className={both?.ok ? SIDE_BUTTON : MAIN_BUTTON} onClick={onMine}>
              Keep mine
            </button>
            <button type="button" className={SIDE_BUTTON} onClick={onTheirs}>
              Take theirs (undo brings mine back)
            </button>
          </div>
        </DialogPanel>
      </div>
    </Dialog>
  );
}
