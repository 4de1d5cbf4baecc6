import { Dialog, DialogBackdrop, DialogPanel, DialogTitle } from '@headlessui/react';
import type { Workshop } from '@hodsman/core';
import { draftActions, type Draft } from '../../app/draft.ts';
import { useAppDispatch } from '../../app/hooks.ts';

const BUTTON = 'min-h-12 rounded-cut px-4 font-semibold';

/** What two states of a class differ in, by the parts that people set. */
function differences(mine: Workshop, theirs: Workshop): readonly string[] {
  const breads = (w: Workshop): string =>
    w.menu.map((m) => `${m.each} ${w.breads.find((b) => b.id === m.bread)?.name ?? m.bread}`).join(', ');
  const facts = (w: Workshop): Readonly<Record<string, string>> => ({
    title: w.title,
    date: w.date,
    doors: w.doorsOpen,
    'table time': w.tableTime,
    participants: String(w.roster.length),
    'breads each': breads(w),
    griddles: String(w.kitchen.griddles.length),
  });
  const [a, b] = [facts(mine), facts(theirs)];
  const lines = Object.keys(a).flatMap((k) => (a[k] === b[k] ? [] : [`${k}: ${a[k] ?? ''} here, ${b[k] ?? ''} there`]));
  return lines.length > 0 ? lines : ['something in the details'];
}

/** Somebody else saved this class meanwhile: shows what differs and lets the person choose. Neither state is lost. */
export function ConflictDialog({ draft }: { readonly draft: Draft }) {
  const dispatch = useAppDispatch();
  const { theirs, body: workshop } = draft;
  return (
    <Dialog open={theirs !== null} onClose={() => undefined} className="relative z-10">
      <DialogBackdrop className="fixed inset-0 bg-ink/40" />
      <div className="fixed inset-0 grid place-items-center p-4">
        <DialogPanel className="max-w-xl rounded-cut border border-line bg-panel p-6">
          <DialogTitle className="text-xl">This class was saved elsewhere meanwhile</DialogTitle>
          <p className="mt-2">Your change is kept on this device. What differs:</p>
          <ul className="my-3 list-disc pl-6">
            {theirs && differences(workshop, theirs.body).map((d) => <li key={d}>{d}</li>)}
          </ul>
          <div className="flex flex-wrap gap-3">
            <button
              type="button"
              className={`${BUTTON} bg-hands text-on-hands`}
              onClick={() => dispatch(draftActions.keptMine())}
            >
              Keep mine
            </button>
            <button
              type="button"
              className={`${BUTTON} border border-line`}
              onClick={() => dispatch(draftActions.tookTheirs())}
            >
              Take theirs (undo brings mine back)
            </button>
          </div>
        </DialogPanel>
      </div>
    </Dialog>
  );
}
