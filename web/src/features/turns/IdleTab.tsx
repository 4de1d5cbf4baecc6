import { useMemo } from 'react';
import { clockText, durationText, fillersOf, firstBreads, personName, type PlanFacts } from '@hodsman/core';
import { TimeStrip, type StripMark } from './TimeStrip.tsx';
import { Fill, Filled } from './Fillings.tsx';
import { usePlanFacts } from '../../planning/plan-facts.ts';

const MOST_WAITS = 12;

/** How evenly breads come, how long shaped pieces wait, and who stands idle when, with what could fill it. */
export function IdleTab() {
  const facts = usePlanFacts();
  return facts ? <Idle facts={facts} /> : null;
}

function Idle({ facts }: { readonly facts: PlanFacts }) {
  const { workshop, plan } = facts;
  const [figures, runs] = [facts.figures(), facts.runs()];
  const gaps = useMemo(
    () => facts.gaps().map((g) => ({ ...g, fillers: fillersOf(facts.workshop, facts.situation(), g) })),
    [facts],
  );
  const name = (id: string): string => personName(workshop, id);
  const clock = (sec: number): string => clockText(workshop, sec);
  const firsts = firstBreads(runs);
  const waits = runs.filter((r) => (r.waitSec ?? 0) >= 60).sort((a, b) => (b.waitSec ?? 0) - (a.waitSec ?? 0));
  const order = [...firsts.map((r) => r.owner), ...workshop.roster.map((p) => p.id)];
  const people = [...new Set(order)].filter((id) => workshop.roster.some((p) => p.id === id));
  const marksOf = (id: string): readonly StripMark[] => [
    ...gaps.filter((g) => g.person === id).map((g) => ({ kind: 'idle' as const, fromSec: g.fromSec, toSec: g.toSec })),
    ...runs
      .filter((r) => r.owner === id)
      .map((r) => ({ kind: 'bread' as const, fromSec: r.doneSec, toSec: r.doneSec })),
  ];
  return (
    <div tabIndex={0} role="region" aria-label="Waits and idle hands" className="h-full overflow-auto px-4 pb-10">
      <div className="grid gap-6 pt-3 xl:grid-cols-[3fr_2fr]">
        <section aria-labelledby="even" className="grid content-start gap-2">
          <h2 id="even" className="text-xl">
            How evenly it goes
          </h2>
          <p>
            First breads come {firsts[0] ? `from ${clock(firsts[0].doneSec)}` : ''}
            {firsts.length > 1
              ? ` to ${clock(firsts.at(-1)?.doneSec ?? 0)}, ${durationText(figures.firstSpreadSec)} apart`
              : ''}
            .
            {figures.idle &&
              ` Everyone has nothing to do for ${durationText(figures.idle.meanSec)} on average, at most ${durationText(figures.idle.worstSec)}.`}
          </p>
          <TimeStrip
            workshop={workshop}
            tableSec={plan.tableSec}
            rows={people.map((id) => ({ id, name: name(id), marks: marksOf(id) }))}
          />
        </section>
        <section aria-labelledby="waits" className="grid content-start gap-2">
          <h2 id="waits" className="text-xl">
            Shaped and waiting
          </h2>
          {waits.length === 0 && <p className="text-quiet">No shaped piece waits longer than a minute for its fire.</p>}
          <ul className="figures grid gap-1">
            {waits.slice(0, MOST_WAITS).map((r) => (
              <li key={r.piece} className="grid grid-cols-[1fr_auto] gap-x-4 border-b border-line py-1">
                <span>
                  {name(r.owner)}
                  {runs.some((x) => x.bread === r.bread && x.number > 1) ? ` ${r.number}` : ''},{' '}
                  {workshop.breads.find((b) => b.id === r.bread)?.name}
                </span>
                <span className={r.waitMaxSec !== null && (r.waitSec ?? 0) > r.waitMaxSec ? 'text-trouble' : ''}>
                  {durationText(r.waitSec ?? 0)}
                  {r.waitMaxSec === null ? '' : ` of ${durationText(r.waitMaxSec)}`}
                </span>
              </li>
            ))}
            {waits.length > MOST_WAITS && <li className="text-quiet">and {waits.length - MOST_WAITS} shorter ones</li>}
          </ul>
        </section>
        <Filled workshop={workshop} />
        <section aria-labelledby="idle" className="grid content-start gap-2 xl:col-span-2">
          <h2 id="idle" className="text-xl">
            Nothing to do, and what could fill it
          </h2>
          {gaps.length === 0 && <p className="text-quiet">Nobody stands about for three minutes.</p>}
          <ul className="grid grid-cols-[repeat(auto-fill,minmax(22rem,1fr))] gap-2" data-testid="gaps">
            {gaps.map((g) => (
              <li key={`${g.person} ${g.fromSec}`} className="rounded-cut border border-line bg-panel px-3 py-2">
                <p className="figures">
                  <strong>{name(g.person)}</strong> {clock(g.fromSec)}–{clock(g.toSec)},{' '}
                  {durationText(g.toSec - g.fromSec)}
                </p>
                <Fill gap={g} plan={plan} />
                {g.fillers.length > 0 && (
                  <ul className="text-sm text-quiet">
                    {g.fillers.map((f) => (
                      <li key={f.words}>· {f.words}</li>
                    ))}
                  </ul>
                )}
              </li>
            ))}
          </ul>
        </section>
      </div>
    </div>
  );
}
