import { Dialog, DialogPanel, DialogTitle } from '@headlessui/react';
import { SIDE_BUTTON } from './buttons.ts';

interface Props {
  readonly title: string;
  /** Keys, and what each does. */
  readonly keys: readonly (readonly [string, string])[];
  readonly onClose: () => void;
}

/** The keys of a view. */
export function KeysDialog({ title, keys, onClose }: Props) {
  return (
    <Dialog open onClose={onClose} className="relative z-10">
      <div className="fixed inset-0 grid place-items-center bg-black/40 p-4">
        <DialogPanel className="max-h-full w-full max-w-lg overflow-auto rounded-cut bg-panel p-5">
          <DialogTitle className="pb-3 text-xl">{title}</DialogTitle>
          <dl className="grid grid-cols-[auto_1fr] gap-x-5 gap-y-2">
            {keys.map(([key, what]) => (
              <div key={key} className="col-span-2 grid grid-cols-subgrid">
                <dt className="font-semibold whitespace-nowrap">{key}</dt>
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
