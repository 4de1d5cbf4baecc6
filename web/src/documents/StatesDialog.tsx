import { Dialog, DialogBackdrop, DialogPanel, DialogTitle } from '@headlessui/react';
import { useState } from 'react';
import { changeWords, openDocument, type DocumentBodies, type DocumentKind } from '@hodsman/core';
import { useDispatch } from 'react-redux';
import { MAIN_BUTTON, SIDE_BUTTON } from '../ui/buttons.ts';
import { Notice } from '../ui/Notice.tsx';
import { useGetVersionQuery, useListVersionsQuery, type EarlierState } from './api.ts';
import { ChangeList } from './ChangeList.tsx';
import type { OpenDocument } from './open-document.ts';
import { momentText } from '../ui/when.ts';
import { REGISTRY } from './registry.ts';

interface Props<K extends DocumentKind> {
  readonly kind: K;
  readonly open: OpenDocument<DocumentBodies[K]>;
}

/** The earlier states of a document, what each would change, and the way back to it. */
export function StatesDialog<K extends DocumentKind>({
  kind,
  open,
  onClose,
}: Props<K> & { readonly onClose: () => void }) {
  const { data, isError } = useListVersionsQuery({ kind, id: open.id }, { refetchOnMountOrArgChange: true });
  const [chosen, setChosen] = useState<number>();
  const earlier = (data ?? []).filter((v) => v.version !== open.version);
  const version = chosen ?? earlier[0]?.version;
  return (
    <Dialog open onClose={onClose} className="relative z-10">
      <DialogBackdrop className="fixed inset-0 bg-black/50" />
      <div className="fixed inset-0 grid place-items-center p-4">
        <DialogPanel className="flex max-h-full w-full max-w-4xl flex-col rounded-cut border border-line bg-panel p-6">
          <DialogTitle className="text-xl">Earlier states of this {REGISTRY[kind].noun}</DialogTitle>
          <p className="mt-1 text-quiet">
            All of the last hour; then one in ten minutes of a day, one a day of a month, one a week of a year.
          </p>
          {isError && <Notice>The earlier states do not open: the server does not answer.</Notice>}
          {data && earlier.length === 0 && <p className="mt-4">There is no earlier state yet.</p>}
          {version !== undefined && (
            <div className="mt-4 grid min-h-0 flex-1 gap-6 overflow-hidden sm:grid-cols-[15rem_1fr]">
              <ol aria-label="States" tabIndex={0} className="min-h-32 overflow-auto">
                {earlier.map((v) => (
                  <li key={v.version}>
                    <button
                      type="button"
                      aria-pressed={v.version === version}
                      className="block w-full rounded-cut px-3 py-1.5 text-left hover:bg-steel aria-pressed:bg-steel aria-pressed:font-semibold"
                      onClick={() => setChosen(v.version)}
                    >
                      <State state={v} />
                    </button>
                  </li>
                ))}
              </ol>
              <Difference key={version} kind={kind} open={open} version={version} onDone={onClose} />
            </div>
          )}
          <button type="button" className={`${SIDE_BUTTON} mt-4 self-start`} onClick={onClose}>
            Close
          </button>
        </DialogPanel>
      </div>
    </Dialog>
  );
}

const State = ({ state }: { readonly state: EarlierState }) => (
  <>
    <span className="figures block">{momentText(state.savedAt)}</span>
    <span className="block truncate text-sm font-normal text-quiet">
      {state.savedBy === null ? state.title : `${state.title}, ${state.savedBy}`}
    </span>
  </>
);

interface DifferenceProps<K extends DocumentKind> extends Props<K> {
  readonly version: number;
  readonly onDone: () => void;
}

/** What would change if a state came back. */
function Difference<K extends DocumentKind>({ kind, open, version, onDone }: DifferenceProps<K>) {
  const { data, isError, isFetching } = useGetVersionQuery({ kind, id: open.id, version });
  const dispatch = useDispatch();
  const read = data ? openDocument(kind, data.body) : undefined;
  if (isError || read?.ok === false) return <Notice>This state cannot be read any more.</Notice>;
  if (!read || isFetching) return <p className="text-quiet">Reading …</p>;
  const lines = changeWords(open.body, read.value);
  return (
    <div tabIndex={0} role="region" aria-label="What differs" className="grid content-start gap-3 overflow-auto">
      {lines.length === 0 ? (
        <p>It is as the {REGISTRY[kind].noun} is now.</p>
      ) : (
        <ChangeList title="What would change" lines={lines} />
      )}
      {lines.length > 0 && (
        <button
          type="button"
          className={`${MAIN_BUTTON} justify-self-start`}
          onClick={() => {
            dispatch(REGISTRY[kind].actions.edited({ body: read.value }));
            onDone();
          }}
        >
          Bring this state back
        </button>
      )}
    </div>
  );
}
