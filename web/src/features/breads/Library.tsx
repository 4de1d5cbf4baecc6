import { ClipboardPaste, Columns2, Plus } from 'lucide-react';
import { useMemo, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import {
  answers,
  type Bread,
  EU_ALLERGENS,
  freeId,
  libraryTable,
  newBread,
  shelve,
  US_ALLERGENS,
  USUAL_BENCH,
  type Wish,
  celsiusText,
} from '@hodsman/core';
import { useCreateDocumentMutation, useDocumentList } from '../../documents/api.ts';
import { RemovedList } from '../../documents/RemovedList.tsx';
import { MAIN_BUTTON, SIDE_BUTTON } from '../../ui/buttons.ts';
import { Notice } from '../../ui/Notice.tsx';
import { FileMenu } from '../../ui/FileMenu.tsx';
import { SelectField } from '../../ui/SelectField.tsx';
import { tableFiles } from '../../documents/table-files.ts';
import { BreadsBar } from './BreadsBar.tsx';
import { LibraryRow } from './LibraryRow.tsx';

/** Hours that the strands of the library span; longer breads run out of the picture, with their time in words. */
const SPAN_SEC = 4 * 3600;
const WITHIN: readonly (readonly [string, string])[] = [
  ['0', 'however long'],
  ['60', 'within an hour'],
  ['90', 'within 1 h 30'],
  ['120', 'within 2 hours'],
  ['180', 'within 3 hours'],
];
const AVOIDED = [...new Set([...EU_ALLERGENS, ...US_ALLERGENS, 'animal', 'meat', 'pork', 'alcohol'])];

/** All breads with their time to one scale, so that what fits a class is seen at a glance. */
export function Library() {
  const { data, isError } = useDocumentList('bread');
  const [wish, setWish] = useState<Wish>({ search: '', without: '', withinMin: 0 });
  const [chosen, setChosen] = useState<readonly string[]>([]);
  const [create] = useCreateDocumentMutation();
  const navigate = useNavigate();
  const shelves = useMemo(() => (data ? shelve(data) : []), [data]);
  const shown = shelves.filter((s) => answers(s, wish));
  const add = async (): Promise<void> => {
    const bread: Bread = newBread(freeId('new-bread', new Set(shelves.map((s) => s.bread.id))));
    const made = await create({ kind: 'bread', body: bread });
    if (made.data) await navigate(`/breads/${made.data.id}/formula`);
  };
  const choose = (id: string): void =>
    setChosen((now) => (now.includes(id) ? now.filter((c) => c !== id) : [...now.slice(-1), id]));
  return (
    <div className="flex h-full flex-col">
      <BreadsBar>
        <h1 className="text-xl">Breads</h1>
        <span className="flex-1 text-quiet">{data ? `${shown.length} of ${shelves.length}` : ''}</span>
        <div className="flex flex-wrap gap-2 py-1.5">
          {chosen.length === 2 && (
            <Link className={SIDE_BUTTON} to={`/breads/${chosen[0] ?? ''}/schools?with=${chosen[1] ?? ''}`}>
              <Columns2 size={18} aria-hidden /> Side by side
            </Link>
          )}
          <Link className={SIDE_BUTTON} to="/breads/read">
            <ClipboardPaste size={18} aria-hidden /> Read a recipe
          </Link>
          {shown.length > 0 && <FileMenu files={() => tableFiles('Breads', [libraryTable(shown)])} />}
          <button type="button" className={MAIN_BUTTON} onClick={() => void add()}>
            <Plus size={18} aria-hidden /> New bread
          </button>
        </div>
      </BreadsBar>
      <div className="flex flex-wrap items-end gap-4 border-b border-line px-4 py-2">
        <label className="grid gap-1">
          <span className="text-sm text-quiet">Name or ingredient</span>
          <input
            type="search"
            value={wish.search}
            className="min-h-9 w-56 rounded-cut border border-line bg-panel px-2"
            onChange={(e) => setWish({ ...wish, search: e.target.value })}
          />
        </label>
        <SelectField
          label="Without"
          value={wish.without}
          options={[['', 'nothing to avoid'], ...AVOIDED.map((w): [string, string] => [w, w])]}
          onChange={(without) => setWish({ ...wish, without })}
        />
        <SelectField
          label="First bread at the soonest"
          value={String(wish.withinMin)}
          options={WITHIN}
          onChange={(min) => setWish({ ...wish, withinMin: Number(min) })}
        />
        <p className="ml-auto max-w-96 text-right text-sm text-quiet">
          A bench of two, two breads each, by hand, in a room of {celsiusText(USUAL_BENCH.roomC)}. Teal is hands, pale
          is rest, ember is griddle; dashes run from the shortest to the longest.
        </p>
      </div>
      <main tabIndex={0} aria-label="The breads" className="min-h-0 flex-1 overflow-auto px-4 pb-6">
        {isError && <Notice>The server does not answer. Nothing is lost; start it again and reload this page.</Notice>}
        {data && shown.length === 0 && (
          <p className="p-6 text-quiet">No bread is like that. Ask for less, or read a recipe.</p>
        )}
        {shown.length > 0 && (
          <table className="w-full border-collapse">
            <thead className="sticky top-0 z-1 bg-ground text-left text-sm text-quiet">
              <tr>
                <th className="w-10 py-2 font-normal">
                  <span className="sr-only">Choose two to compare</span>
                </th>
                <th className="font-normal">Bread</th>
                <th className="w-[38%] font-normal">
                  <span className="flex justify-between">
                    {['0', '1 h', '2 h', '3 h', '4 h'].map((t) => (
                      <span key={t}>{t}</span>
                    ))}
                  </span>
                </th>
                <th className="pl-4 text-right font-normal">Shortest</th>
                <th className="pl-4 text-right font-normal">Ideal</th>
                <th className="pl-4 text-right font-normal">Piece</th>
                <th className="pl-4 font-normal">Holds</th>
              </tr>
            </thead>
            <tbody>
              {shown.map((s) => (
                <LibraryRow
                  key={s.id}
                  shelved={s}
                  spanSec={SPAN_SEC}
                  isChosen={chosen.includes(s.id)}
                  onChoose={() => choose(s.id)}
                />
              ))}
            </tbody>
          </table>
        )}
        {data?.some((b) => !b.isReadable) === true && (
          <ul aria-label="Breads that cannot be read" className="mt-4">
            {data
              .filter((b) => !b.isReadable)
              .map((b) => (
                <li key={b.id} className="border-t border-line py-2">
                  <Link to={`/breads/${b.id}`} className="font-semibold">
                    {b.title}
                  </Link>
                  <span className="block text-trouble">cannot be read; open it to save it as a file</span>
                </li>
              ))}
          </ul>
        )}
        <RemovedList kind="bread" />
      </main>
    </div>
  );
}
