import { Dialog, DialogPanel, DialogTitle } from '@headlessui/react';
import { SIDE_BUTTON } from '../../ui/buttons.ts';

const KEYS: readonly (readonly [string, string])[] = [
  ['↑ ↓', 'earlier and later along the strand'],
  ['← →', 'what else happens then'],
  ['Alt + ↑ ↓', 'start a minute sooner or later; with Shift five'],
  ['P', 'pin the start where it is, or let it go'],
  ['F', 'follow who does it'],
  ['A', 'fold or unfold what is done ahead'],
  ['1 2 3', 'the whole room, the stations, one route alone'],
  [', .', 'look at the moment before or after, the room beside the board; with Shift five minutes'],
  ['+ − 0', 'less time, more time, the whole room'],
  ['Enter', 'to the panel, where a start can be typed'],
  ['Escape', 'let go what is selected, the moment, or what is followed; give up a move'],
  ['Ctrl + Z, Ctrl + Y', 'undo, redo'],
  ['Ctrl + wheel', 'nearer and further about the pointer'],
  ['Alt + wheel', 'the moment before or after; a drag down the times does the same'],
];

/** The keys of the board. */
export function Shortcuts({ isOpen, onClose }: { readonly isOpen: boolean; readonly onClose: () => void }) {
  return (
    <Dialog open={isOpen} onClose={onClose} className="relative z-10">
      <div className="fixed inset-0 grid place-items-center bg-black/40 p-4">
        <DialogPanel className="max-h-full w-full max-w-lg overflow-auto rounded-cut bg-panel p-5">
          <DialogTitle className="pb-3 text-xl">Keys on the board</DialogTitle>
          <dl className="grid grid-cols-[auto_1fr] gap-x-5 gap-y-2">
            {KEYS.map(([keys, what]) => (
              <div key={keys} className="col-span-2 grid grid-cols-subgrid">
                <dt className="font-semibold whitespace-nowrap">{keys}</dt>
                <dd>{what}</dd>
              </div>
            ))}
          </dl>
          <button type="button" className={`${SIDE_BUTTON} mt-4`} onClick={onClose}>
            Close
          </button>
        </DialogPanel>
      </div>
    </Dialog>
  );
}
