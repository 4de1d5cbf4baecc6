import { useMemo, type ReactNode } from 'react';
import { fireUse, handsUse, type PlanFacts } from '@hodsman/core';
import { usePlanFacts } from '../../../planning/plan-facts.ts';
import { useAppSelector } from '../../../store/hooks.ts';
import { Chart } from './Chart.tsx';
import { overTime, type Line } from './over-time.ts';
import { SweepChart } from './SweepChart.tsx';
import { useSweep } from './use-sweep.ts';

/** Lines that differ by their dashes and their colour. */
const STYLES: readonly Pick<Line, 'colour' | 'dash'>[] = [
  { colour: 'ember', dash: [] },
  { colour: 'hands', dash: [8, 4] },
  { colour: 'ink', dash: [2, 3] },
  { colour: 'herb', dash: [12, 3, 3, 3] },
  { colour: 'bubble', dash: [5, 2] },
  { colour: 'quiet', dash: [1, 4] },
];

/** Charts of the plan: the fires and the hands over time, and the minutes to spare of the class in other sizes. */
export function ChartsView() {
  const facts = usePlanFacts();
  return facts ? <Charts facts={facts} /> : null;
}

function Charts({ facts }: { readonly facts: PlanFacts }) {
  const { workshop, plan } = facts;
  const shaping = useAppSelector((s) => s.draft?.body.notes.shaping);
  const sweep = useSweep(workshop, shaping);
  const span = useMemo(() => ({ fromSec: 0, toSec: Math.max(plan.tableSec, plan.measures.finishSec) }), [plan]);
  const fires = useMemo(() => {
    const lines = facts.fires().map((f, i): Line => ({
      name: f.name,
      points: fireUse(plan, f.id),
      ...(STYLES[i % STYLES.length] ?? { colour: 'ember', dash: [] }),
    }));
    return overTime(workshop, lines, { ...span, what: 'breads', isStacked: true });
  }, [facts, workshop, plan, span]);
  const hands = useMemo(() => {
    const byPerson = facts.hands();
    const of = (people: readonly { readonly id: string }[]): Line['points'] =>
      handsUse(
        byPerson,
        people.map((p) => p.id),
      );
    const lines: readonly Line[] = [
      { name: 'participants', points: of(workshop.roster), colour: 'hands', dash: [] },
      { name: 'staff', points: of(workshop.kitchen.staff), colour: 'ember', dash: [6, 3] },
    ];
    return overTime(workshop, lines, { ...span, what: 'people', isStacked: false });
  }, [facts, workshop, span]);
  return (
    <div tabIndex={0} role="region" aria-label="Charts" className="h-full overflow-auto p-4">
      <div className="grid gap-4 lg:grid-cols-2">
        <Framed title="Breads on the fires">
          <Chart
            label="How many breads lie on each griddle, grill and flame over the time of the class"
            config={fires}
          />
        </Framed>
        <Framed title="Hands at work">
          <Chart
            label="How many participants and staff have their hands full over the time of the class"
            config={hands}
          />
        </Framed>
        <Framed title="Minutes to spare by griddles">
          <SweepChart over="griddles" points={sweep.griddles} now={workshop.kitchen.griddles.length} />
        </Framed>
        <Framed title="Minutes to spare by participants">
          <SweepChart over="participants" points={sweep.participants} now={workshop.roster.length} />
        </Framed>
      </div>
    </div>
  );
}

function Framed({ title, children }: { readonly title: string; readonly children: ReactNode }) {
  return (
    <section aria-label={title} className="min-w-0 rounded-cut border border-line bg-panel p-3">
      <h2 className="pb-2 text-lg">{title}</h2>
      {children}
    </section>
  );
}
