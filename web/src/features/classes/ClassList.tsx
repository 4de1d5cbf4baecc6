import { Archive } from 'lucide-react';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import {
  faultInWords,
  readClassRecord,
  readWorkshopText,
  withFreeWords,
  type ClassRecord,
  type Fault,
} from '@hodsman/core';
import { useCreateDocumentMutation, useDocumentList } from '../../documents/api.ts';
import { RemovedList } from '../../documents/RemovedList.tsx';
import { SIDE_BUTTON } from '../../ui/buttons.ts';
import { FileButton } from '../../ui/FileButton.tsx';
import { Notice } from '../../ui/Notice.tsx';
import { DeviceButtons } from '../../ui/DeviceButtons.tsx';
import { Days } from './ClassDays.tsx';
import { NewClass } from './NewClass.tsx';
import { OpenedFile } from './OpenedFile.tsx';

const MOST_FAULTS = 8;

/** All classes that are kept, and the ways to another one. */
export function ClassList() {
  const { data, isError } = useDocumentList('class', { refetchOnMountOrArgChange: true });
  const [create, creation] = useCreateDocumentMutation();
  const [faults, setFaults] = useState<readonly Fault[]>([]);
  const [opened, setOpened] = useState<ClassRecord>();
  const [wish, setWish] = useState('');
  const navigate = useNavigate();
  const keep = async (record: ClassRecord, step: string): Promise<boolean> => {
    const made = await create({ kind: 'class', body: record });
    if (made.data) await navigate(`/class/${made.data.id}/${step}`);
    return made.data !== undefined;
  };
  const open = (text: string): void => {
    const read = readWorkshopText(text);
    const record = read.ok ? readClassRecord(read.value) : read;
    setFaults(record.ok ? [] : record.faults);
    setOpened(record.ok ? { ...record.value, workshop: withFreeWords(record.value.workshop) } : undefined);
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
        <FileButton label="Open a workshop file" accept="application/json,.json" onText={open} />
        <DeviceButtons />
      </header>
      <main className="mx-auto grid w-full max-w-5xl grid-cols-[minmax(0,1fr)] gap-6 overflow-auto p-4">
        {(isError || creation.isError) && (
          <Notice>The server does not answer. Nothing is lost; start it again and reload this page.</Notice>
        )}
        {faults.length > 0 && (
          <Notice>
            The file was not opened; nothing was changed.
            {faults.slice(0, MOST_FAULTS).map((f) => (
              <p key={f.path + f.code}>{faultInWords(f, undefined)}</p>
            ))}
            {faults.length > MOST_FAULTS && <p>and {faults.length - MOST_FAULTS} more</p>}
          </Notice>
        )}
        {opened && data && (
          <OpenedFile
            record={opened}
            list={data}
            onAdd={() => void keep(opened, 'plan')}
            onClose={() => setOpened(undefined)}
          />
        )}
        <NewClass onMade={(record) => keep(record, 'setup/people')} />
        <label className="flex items-center gap-3">
          <span className="text-quiet">Find</span>
          <input
            type="search"
            value={wish}
            placeholder="name, bread or kitchen"
            className="min-h-10 w-72 rounded-cut border border-line bg-panel px-3"
            onChange={(e) => setWish(e.target.value)}
          />
        </label>
        {data && <Days list={data} wish={wish} onCopy={(record) => void keep(record, 'setup/times')} />}
        <RemovedList kind="class" />
        <p>
          <a href="/api/backup" download className={SIDE_BUTTON}>
            <Archive size={18} aria-hidden /> Save everything as one file
          </a>
        </p>
      </main>
    </div>
  );
}
