import { CopyPlus, Trash2 } from 'lucide-react';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import {
  copyClass,
  dayText,
  faultLine,
  readClassRecord,
  readWorkshopText,
  withFreeWords,
  type ClassRecord,
  type ClassSummary,
  type Fault,
} from '@hodsman/core';
import {
  useCreateDocumentMutation,
  useDocumentList,
  useFetchBody,
  useRemoveDocumentMutation,
  type Listed,
} from '../../documents/api.ts';
import { RemovedList } from '../../documents/RemovedList.tsx';
import { MAIN_BUTTON, SIDE_BUTTON, SMALL_ICON_BUTTON } from '../../ui/buttons.ts';
import { FileButton } from '../../ui/FileButton.tsx';
import { Notice } from '../../ui/Notice.tsx';
import { ThemeButton } from '../../ui/ThemeButton.tsx';
import { NewClass } from './NewClass.tsx';

const MOST_FAULTS = 8;

/** All classes that are kept, and the ways to another one. */
export function ClassList() {
  const { data, isError } = useDocumentList('class', { refetchOnMountOrArgChange: true });
  const [create, creation] = useCreateDocumentMutation();
  const [faults, setFaults] = useState<readonly Fault[]>([]);
  const navigate = useNavigate();
  const keep = async (record: ClassRecord, step: string): Promise<void> => {
    const made = await create({ kind: 'class', body: record });
    if (made.data) await navigate(`/class/${made.data.id}/${step}`);
  };
  const open = async (text: string): Promise<void> => {
    const read = readWorkshopText(text);
    const record = read.ok ? readClassRecord(read.value) : read;
    setFaults(record.ok ? [] : record.faults);
    if (record.ok) await keep({ ...record.value, workshop: withFreeWords(record.value.workshop) }, 'plan');
  };
  return (
    <div className="flex h-full flex-col">
      <header className="flex flex-wrap items-center gap-4 border-b border-line bg-panel px-4 py-1.5">
        <h1 className="text-xl">Classes</h1>
        <nav aria-label="Elsewhere" className="flex flex-1 gap-1">
          <Link to="/breads" className="px-3 py-2 text-quiet hover:text-ink">
            Breads
          </Link>
          <Link to="/kitchens" className="px-3 py-2 text-quiet hover:text-ink">
            Kitchens
          </Link>
        </nav>
        <FileButton label="Open a workshop file" accept="application/json,.json" onText={(text) => void open(text)} />
        <ThemeButton />
      </header>
      <main className="mx-auto grid w-full max-w-5xl gap-6 overflow-auto p-4">
        {(isError || creation.isError) && (
          <Notice>The server does not answer. Nothing is lost; start it again and reload this page.</Notice>
        )}
        {faults.length > 0 && (
          <Notice>
            The file was not opened; nothing was changed.
            {faults.slice(0, MOST_FAULTS).map((f) => (
              <p key={f.path + f.code}>{faultLine(f)}</p>
            ))}
            {faults.length > MOST_FAULTS && <p>and {faults.length - MOST_FAULTS} more</p>}
          </Notice>
        )}
        <NewClass onMade={(record) => void keep(record, 'setup/people')} />
        <ul aria-label="Classes" className="grid gap-2">
          {data?.map((c) => (
            <ClassRow key={c.id} listed={c} onCopy={(record) => void keep(record, 'setup/times')} />
          ))}
        </ul>
        <RemovedList kind="class" />
      </main>
    </div>
  );
}

/** When it is, how many come, what they bake. */
function factsOf(s: ClassSummary): string {
  return `${dayText(s, 0, 'plain')} ${s.date.slice(0, 4)}, ${s.doorsOpen}–${s.tableTime}, ${s.people} ${s.people === 1 ? 'person' : 'people'}: ${s.breads.join(', ')}`;
}

interface RowProps {
  readonly listed: Listed<'class'>;
  readonly onCopy: (record: ClassRecord) => void;
}

function ClassRow({ listed, onCopy }: RowProps) {
  const [date, setDate] = useState<string>();
  const [remove] = useRemoveDocumentMutation();
  const fetchBody = useFetchBody();
  const { id, title, version, summary } = listed;
  const copy = async (): Promise<void> => {
    const record = date === undefined || date === '' ? undefined : await fetchBody('class', id);
    if (record && date !== undefined) onCopy(copyClass(record, date));
  };
  return (
    <li className="flex flex-wrap items-center gap-3 rounded-cut border border-line bg-panel px-4 py-2">
      <Link to={`/class/${id}/plan`} className="min-w-0 flex-1 truncate py-2 text-lg font-semibold">
        {title}
        {summary ? (
          <span className="figures block truncate text-base font-normal text-quiet">{factsOf(summary)}</span>
        ) : (
          <span className="block text-base font-normal text-trouble">
            cannot be read; open it to take it out as a file
          </span>
        )}
      </Link>
      {!summary ? null : date === undefined ? (
        <button type="button" className={SIDE_BUTTON} onClick={() => setDate('')}>
          <CopyPlus size={18} aria-hidden /> Copy to another day
        </button>
      ) : (
        <form
          className="flex items-end gap-2"
          onSubmit={(e) => {
            e.preventDefault();
            void copy();
          }}
        >
          <label className="grid gap-1">
            <span className="text-sm text-quiet">Day of the copy</span>
            <input
              type="date"
              required
              autoFocus
              value={date}
              className="min-h-11 rounded-cut border border-line bg-ground px-3"
              onChange={(e) => setDate(e.target.value)}
            />
          </label>
          <button type="submit" className={MAIN_BUTTON}>
            Copy
          </button>
        </form>
      )}
      <button
        type="button"
        className={SMALL_ICON_BUTTON}
        aria-label={`Remove ${title}`}
        onClick={() => void remove({ kind: 'class', id, version })}
      >
        <Trash2 size={18} aria-hidden />
      </button>
    </li>
  );
}
