import { CopyPlus, FileUp, Trash2 } from 'lucide-react';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { copyClass, faultLine, readClassRecord, readWorkshopText, type ClassRecord, type Fault } from '@hodsman/core';
import {
  api,
  useCreateDocumentMutation,
  useListDocumentsQuery,
  useRemoveDocumentMutation,
  type DocumentSummary,
} from '../../app/api.ts';
import { useAppDispatch } from '../../app/hooks.ts';
import { MAIN_BUTTON, SIDE_BUTTON, SMALL_ICON_BUTTON } from '../../ui/buttons.ts';
import { Notice } from '../../ui/Notice.tsx';
import { ThemeButton } from '../../ui/ThemeButton.tsx';
import { NewClass } from './NewClass.tsx';

const MOST_FAULTS = 8;

/** All classes that are kept, and the ways to another one. */
export function ClassList() {
  const { data, isError } = useListDocumentsQuery('class', { refetchOnMountOrArgChange: true });
  const [create, creation] = useCreateDocumentMutation();
  const [faults, setFaults] = useState<readonly Fault[]>([]);
  const navigate = useNavigate();
  const keep = async (record: ClassRecord, step: string): Promise<void> => {
    const made = await create({ kind: 'class', body: record });
    if (made.data) await navigate(`/class/${made.data.id}/${step}`);
  };
  const open = async (file: File | undefined): Promise<void> => {
    if (!file) return;
    const read = readWorkshopText(await file.text());
    const record = read.ok ? readClassRecord(read.value) : read;
    setFaults(record.ok ? [] : record.faults);
    if (record.ok) await keep(record.value, 'plan');
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
        <label className={`${SIDE_BUTTON} cursor-pointer has-focus-visible:outline-3`}>
          <FileUp size={18} aria-hidden /> Open a workshop file
          <input
            type="file"
            accept="application/json,.json"
            className="sr-only"
            onChange={(e) => {
              void open(e.target.files?.[0]);
              e.target.value = '';
            }}
          />
        </label>
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
            <ClassRow key={c.id} summary={c} onCopy={(record) => void keep(record, 'setup/times')} />
          ))}
        </ul>
      </main>
    </div>
  );
}

interface RowProps {
  readonly summary: DocumentSummary;
  readonly onCopy: (record: ClassRecord) => void;
}

function ClassRow({ summary, onCopy }: RowProps) {
  const [date, setDate] = useState<string>();
  const [remove] = useRemoveDocumentMutation();
  const dispatch = useAppDispatch();
  const copy = async (): Promise<void> => {
    const found = await dispatch(
      api.endpoints.getDocument.initiate({ kind: 'class', id: summary.id }, { forceRefetch: true }),
    );
    const record = readClassRecord(found.data?.body);
    if (record.ok && date !== undefined && date !== '') onCopy(copyClass(record.value, date));
  };
  const drop = (): void => {
    if (window.confirm(`Remove ${summary.title}? This cannot be undone.`))
      void remove({ kind: 'class', id: summary.id, version: summary.version });
  };
  return (
    <li className="flex flex-wrap items-center gap-3 rounded-cut border border-line bg-panel px-4 py-2">
      <Link to={`/class/${summary.id}/plan`} className="min-w-0 flex-1 truncate py-2 text-lg font-semibold">
        {summary.title}
      </Link>
      {date === undefined ? (
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
      <button type="button" className={SMALL_ICON_BUTTON} aria-label={`Remove ${summary.title}`} onClick={drop}>
        <Trash2 size={18} aria-hidden />
      </button>
    </li>
  );
}
