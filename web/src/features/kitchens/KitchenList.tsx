import { celsiusText } from '@hodsman/core';
import { CopyPlus, Plus, Trash2 } from 'lucide-react';
import { Link, useNavigate } from 'react-router';
import type { KitchenSummary } from '@hodsman/core';
import {
  useCreateDocumentMutation,
  useDocumentList,
  useFetchBody,
  useRemoveDocumentMutation,
} from '../../documents/api.ts';
import { RemovedList } from '../../documents/RemovedList.tsx';
import { MAIN_BUTTON, SMALL_ICON_BUTTON } from '../../ui/buttons.ts';
import { Notice } from '../../ui/Notice.tsx';
import { KitchenBar } from './KitchenBar.tsx';

const EMPTY = {
  name: 'A new kitchen',
  roomC: 21,
  benches: [{ id: 'B1', seats: 2 }],
  griddles: [{ id: 'G1', surface: 'cast-iron', shape: 'round', diameterCm: 32, preheatMin: 8, resetSec: 20 }],
  places: [{ id: 'shelf', name: 'the shelf', kind: 'room', tempC: 21 }],
  staff: [{ id: 'lead', name: 'The instructor', role: 'instructor', pace: 0.5 }],
} as const;

/** Everything of a kitchen in one line. */
function summaryWords(k: KitchenSummary): string {
  const count = (n: number, one: string, many = `${one}s`): string => `${n} ${n === 1 ? one : many}`;
  return [
    `${count(k.seats, 'seat')} at ${count(k.benches, 'bench', 'benches')}`,
    count(k.griddles, 'griddle'),
    ...(k.mixers > 0 ? [count(k.mixers, 'mixer')] : []),
    `${count(k.staff, 'member')} of staff`,
    celsiusText(k.roomC, 1),
  ].join(', ');
}

/** All kitchens; a class takes a copy of one. */
export function KitchenList() {
  const { data, isError } = useDocumentList('kitchen', { refetchOnMountOrArgChange: true });
  const [create] = useCreateDocumentMutation();
  const [remove] = useRemoveDocumentMutation();
  const navigate = useNavigate();
  const add = async (body: unknown): Promise<void> => {
    const made = await create({ kind: 'kitchen', body });
    if (made.data) await navigate(`/kitchens/${made.data.id}`);
  };
  const fetchBody = useFetchBody();
  const copy = async (id: string, title: string): Promise<void> => {
    const body = await fetchBody('kitchen', id);
    if (body) await add({ ...body, name: `${title}, a copy`.slice(0, 120) });
  };
  return (
    <div className="flex h-full flex-col">
      <KitchenBar>
        <h1 className="flex-1 text-xl">Kitchens</h1>
        <button type="button" className={MAIN_BUTTON} onClick={() => void add(EMPTY)}>
          <Plus size={18} aria-hidden /> New kitchen
        </button>
      </KitchenBar>
      <main className="mx-auto w-full max-w-5xl p-4">
        {isError && <Notice>The server does not answer. Nothing is lost; start it again and reload this page.</Notice>}
        <ul aria-label="Kitchens" className="grid gap-2">
          {data?.map((k) => (
            <li key={k.id} className="flex items-center gap-3 rounded-cut border border-line bg-panel px-4 py-2">
              <Link to={`/kitchens/${k.id}`} className="min-w-0 flex-1">
                <b className="block truncate text-lg">{k.title}</b>
                {k.summary ? (
                  <span className="figures text-quiet">{summaryWords(k.summary)}</span>
                ) : (
                  <span className="text-trouble">cannot be read; open it to save it as a file</span>
                )}
              </Link>
              <button
                type="button"
                className={SMALL_ICON_BUTTON}
                aria-label={`Copy ${k.title}`}
                disabled={!k.summary}
                onClick={() => void copy(k.id, k.title)}
              >
                <CopyPlus size={18} aria-hidden />
              </button>
              <button
                type="button"
                className={SMALL_ICON_BUTTON}
                aria-label={`Remove ${k.title}`}
                onClick={() => void remove({ kind: 'kitchen', id: k.id, version: k.version })}
              >
                <Trash2 size={18} aria-hidden />
              </button>
            </li>
          ))}
        </ul>
        <RemovedList kind="kitchen" />
      </main>
    </div>
  );
}
