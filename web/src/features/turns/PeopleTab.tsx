import { useMemo, useState } from 'react';
import {
  careOf,
  clockText,
  durationText,
  offWords,
  type PieceRun,
  type PlanFacts,
  type PlanTask,
  stationName,
  taskName,
  wayWords,
  type Workshop,
} from '@hodsman/core';
import { useCare } from '../../store/care.ts';
import { Care } from '../../bread-ui/Care.tsx';
import { Segments } from '../../ui/Segments.tsx';
import { useFillings } from '../../planning/use-fillings.ts';
import { usePlanFacts } from '../../planning/plan-facts.ts';

const ORDERS = [
  ['station', 'By station'],
  ['first', 'By first bread'],
  ['name', 'By name'],
] as const;
type Order = (typeof ORDERS)[number][0];

interface Listed {
  readonly id: string;
  readonly name: string;
  readonly station: string;
  readonly runs: readonly PieceRun[];
  /** What they do for the dough as a whole, and what all do. */
  readonly shared: readonly PlanTask[];
  readonly idleSec: number;
}

/** Everyone's own list: what they do when, each of their breads with its way, and how long they have nothing to do. */
export function PeopleTab() {
  const facts = usePlanFacts();
  return facts ? <People facts={facts} /> : null;
}

function listOf({ workshop, plan, runs: ways, gaps: idle }: PlanFacts): readonly Listed[] {
  const [runs, gaps] = [ways(), idle()];
  return workshop.stations.flatMap((s) =>
    s.members.map((id): Listed => ({
      id,
      name: workshop.roster.find((p) => p.id === id)?.name ?? id,
      station: stationName(s),
      runs: runs.filter((r) => r.owner === id),
      shared: plan.tasks.filter((t) => t.people.includes(id) && t.piece === undefined),
      idleSec: gaps.reduce((sum, g) => (g.person === id ? sum + g.toSec - g.fromSec : sum), 0),
    })),
  );
}

const firstSec = (p: Listed): number => p.runs[0]?.doneSec ?? Infinity;
const IN_ORDER: Readonly<Record<Order, (a: Listed, b: Listed) => number>> = {
  station: () => 0,
  first: (a, b) => firstSec(a) - firstSec(b),
  name: (a, b) => (a.name < b.name ? -1 : 1),
};

function People({ facts }: { readonly facts: PlanFacts }) {
  const { workshop } = facts;
  const people = useMemo(() => listOf(facts), [facts]);
  const [order, setOrder] = useState<Order>('station');
  return (
    <div tabIndex={0} role="region" aria-label="Everyone’s list" className="h-full overflow-auto p-4">
      <div className="print:hidden">
        <Segments label="In which order" name="order" value={order} options={ORDERS} onChange={setOrder} />
      </div>
      <ul className="grid grid-cols-[repeat(auto-fill,minmax(21rem,1fr))] gap-3 pt-3">
        {[...people].sort(IN_ORDER[order]).map((p) => (
          <li key={p.id} className="break-inside-avoid rounded-cut border border-line bg-panel p-3">
            <Person person={p} workshop={workshop} />
          </li>
        ))}
      </ul>
    </div>
  );
}

/** "mix (Yogurt ovals) 10:15": of several breads each step says which it is for. */
function sharedWords(workshop: Workshop, task: PlanTask, isOfSeveral: boolean): string {
  const bread = workshop.breads.find((b) => b.id === task.bread)?.name;
  const of = isOfSeveral && bread !== undefined ? ` (${bread})` : '';
  return `${taskName(task)}${of} ${clockText(workshop, task.startSec)}`;
}

function Person({ person, workshop }: { readonly person: Listed; readonly workshop: Workshop }) {
  const { id, name, station, runs, shared, idleSec } = person;
  const clock = (sec: number): string => clockText(workshop, sec);
  const isOfSeveral = new Set(runs.map((r) => r.bread)).size > 1;
  const care = useCare();
  const fillings = useFillings().filter((f) => f.people.includes(id) && !f.busy.includes(id));
  const [first, last] = [runs[0], runs.at(-1)];
  const done = first && last ? `first bread ${clock(first.doneSec)}, last ${clock(last.doneSec)}` : 'no bread';
  return (
    <article aria-label={name} className="grid gap-2">
      <header>
        <h2 className="text-lg leading-tight">{name}</h2>
        <p className="figures text-sm text-quiet">
          {station} · {done}
          {idleSec >= 60 ? ` · free for ${durationText(idleSec)} in all` : ''}
        </p>
        <Care words={care(id)} />
      </header>
      {fillings.length > 0 && (
        <p className="figures leading-snug font-semibold">
          {fillings.map((f) => `${f.words} ${clock(f.fromSec)}–${clock(f.toSec)}`).join(', ')}
        </p>
      )}
      <p className="figures leading-snug">{shared.map((t) => sharedWords(workshop, t, isOfSeveral)).join(' → ')}</p>
      <ul className="grid gap-1.5">
        {runs.map((r) => (
          <li key={r.piece} className="figures border-l-3 border-ember pl-2 leading-snug">
            <span className="block text-sm text-quiet">
              {workshop.breads.find((b) => b.id === r.bread)?.name}
              {runs.some((x) => x.bread === r.bread && x.number > 1) ? ` ${r.number}` : ''}
            </span>
            {wayWords(workshop, r)}
            <Care words={offWords(careOf(workshop, [], r.owner, r.bread))} className="text-sm" />
          </li>
        ))}
      </ul>
    </article>
  );
}
