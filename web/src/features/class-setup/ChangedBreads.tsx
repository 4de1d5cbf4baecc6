import {
  changedSince,
  remembering,
  renewBread,
  success,
  takenBreads,
  type ClassRecord,
  type LibraryBread,
} from '@hodsman/core';
import { useBodies } from '../../documents/api.ts';
import { editRecord } from '../../planning/edit.ts';
import { useAppDispatch } from '../../store/hooks.ts';
import { MAIN_BUTTON, SIDE_BUTTON } from '../../ui/buttons.ts';

const MOST_LINES = 8;

/** Breads of the menu that have changed in the library since the class took them, each with what differs. */
export function ChangedBreads({ record }: { readonly record: ClassRecord }) {
  const taken = takenBreads(record);
  const sources = useBodies(
    'bread',
    taken.map((t) => t.id),
  );
  return (sources ?? []).map(({ id, body }) => <ChangedBread key={id} record={record} now={{ id, bread: body }} />);
}

function ChangedBread({ record, now }: { readonly record: ClassRecord; readonly now: LibraryBread }) {
  const dispatch = useAppDispatch();
  const since = changedSince(record, now);
  if (since.length === 0) return null;
  return (
    <section
      aria-label={`${now.bread.name} has changed since`}
      className="grid gap-2 rounded-cut border border-trouble bg-panel p-3"
    >
      <p>
        <b>{now.bread.name} has changed in the library since this class took it:</b>
      </p>
      <ul className="list-disc pl-5">
        {since.slice(0, MOST_LINES).map((words) => (
          <li key={words}>{words}</li>
        ))}
        {since.length > MOST_LINES && <li>and {since.length - MOST_LINES} more</li>}
      </ul>
      <div className="flex flex-wrap gap-3">
        <button
          type="button"
          className={MAIN_BUTTON}
          onClick={() => dispatch(editRecord((r) => success(renewBread(r, now))))}
        >
          Take the changes
        </button>
        <button
          type="button"
          className={SIDE_BUTTON}
          onClick={() => dispatch(editRecord((r) => success(remembering(r, now))))}
        >
          Keep this class as it is
        </button>
      </div>
    </section>
  );
}
