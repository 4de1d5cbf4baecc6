import { OctagonAlert, Pin } from 'lucide-react';
import { useMemo } from 'react';
import { useNavigate } from 'react-router';
import {
  brokenWords,
  clockText,
  durationText,
  personName,
  placeWords,
  type Plan,
  type PlanTask,
  taskName,
  whoseWords,
  type Workshop,
} from '@hodsman/core';
import { lookChanged } from '../../store/look-slice.ts';
import { useAppDispatch, useAppSelector } from '../../store/hooks.ts';

const MOST_NAMES = 4;

/** The same plan as a table, in the order of time, with what it breaks; each task can be shown on the board. */
export function PlanTable() {
  const workshop = useAppSelector((s) => s.draft?.body.workshop);
  const plan = useAppSelector((s) => s.draft?.plan);
  return workshop && plan ? <Rows plan={plan} workshop={workshop} /> : null;
}

/** Words of what is broken, by task. */
function brokenByTask(plan: Plan): ReadonlyMap<string, string> {
  const words = new Map<string, string>();
  for (const b of plan.broken) {
    const said = brokenWords({ broken: [b] })[0]?.words ?? b.message;
    for (const t of b.tasks) words.set(t, [words.get(t), said].filter(Boolean).join('; '));
  }
  return words;
}

function windowWords(task: PlanTask): string {
  if (task.kind !== 'rest') return '';
  const { minSec, idealSec, maxSec } = task.window;
  return `${durationText(minSec)} – ${durationText(idealSec)} – ${durationText(maxSec)}`;
}

function Rows({ plan, workshop }: { readonly plan: Plan; readonly workshop: Workshop }) {
  const dispatch = useAppDispatch();
  const navigate = useNavigate();
  const pins = useAppSelector((s) => s.draft?.body.notes.shaping.pins);
  const pinned = useMemo(() => new Set(pins?.map((p) => p.task)), [pins]);
  const broken = useMemo(() => brokenByTask(plan), [plan]);
  const breadName = (id: string | undefined): string => workshop.breads.find((b) => b.id === id)?.name ?? '';
  const show = (id: string): void => {
    dispatch(lookChanged({ selected: id }));
    void navigate('../board');
  };
  return (
    <div tabIndex={0} role="region" aria-label="The plan as a table" className="h-full overflow-auto px-4 pb-16">
      <table className="w-full border-collapse">
        <caption className="sr-only">
          Every task of the plan in the order of time; of a rest the least, the best and the longest it may last
        </caption>
        <thead className="sticky top-0 bg-ground text-left">
          <tr>
            {['From', 'To', 'Lasts', 'What', 'Bread', 'Whose', 'Who', 'Where', 'Window', 'Note'].map((h) => (
              <th key={h} scope="col" className="border-b border-line py-2 pr-4 font-semibold">
                {h}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {plan.tasks.map((t) => (
            <tr key={t.id} className="border-b border-line align-top" data-task={t.id} data-start={t.startSec}>
              <td className="figures py-1.5 pr-4">{clockText(workshop, t.startSec)}</td>
              <td className="figures py-1.5 pr-4">{clockText(workshop, t.endSec)}</td>
              <td className="figures py-1.5 pr-4 whitespace-nowrap">{durationText(t.endSec - t.startSec)}</td>
              <th scope="row" className="py-1.5 pr-4 text-left font-normal">
                <button
                  type="button"
                  title="Show it on the board"
                  className="min-h-6 text-left underline decoration-line underline-offset-3 hover:decoration-ink"
                  onClick={() => show(t.id)}
                >
                  {taskName(t)}
                </button>
              </th>
              <td className="py-1.5 pr-4">{breadName(t.bread)}</td>
              <td className="py-1.5 pr-4">{whoseWords(plan, workshop, t)}</td>
              <td className="py-1.5 pr-4">
                {t.people.length > MOST_NAMES
                  ? `${t.people.length} people`
                  : t.people.map((p) => personName(workshop, p)).join(', ')}
              </td>
              <td className="py-1.5 pr-4">{placeWords(workshop, t)}</td>
              <td className="figures py-1.5 pr-4 whitespace-nowrap text-quiet">{windowWords(t)}</td>
              <td className="py-1.5 pr-4">
                {pinned.has(t.id) && (
                  <span className="flex items-center gap-1">
                    <Pin size={15} aria-hidden /> pinned
                  </span>
                )}
                {broken.has(t.id) && (
                  <span className="flex items-center gap-1 text-trouble">
                    <OctagonAlert size={15} aria-hidden className="shrink-0" /> {broken.get(t.id)}
                  </span>
                )}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
