import { given } from '../../faults/index.ts';
import { staySpan, type Done, type Laid } from '../search/index.ts';
import type { Situation } from './situation.ts';

/** What `latestAhead` finds, by task; of a moment between two rests too. */
export function latestAheadOf(s: Situation): ReadonlyMap<string, number> {
  const { sources } = s.network;
  return new Map([...latestAhead(s)].map(([a, sec]) => [given(sources[a], 'every activity has a source').taskId, sec]));
}

/**
 * The latest start of every activity before the doors (late starts of the critical path method, over least and greatest lags): what is
 * in class stays where it is, rests keep their windows, everything lies where somebody is there, and whoever or whatever is needed for
 * something later is not kept from it. Nothing is earlier than planned.
 */
export function latestAhead(s: Laid): ReadonlyMap<number, number> {
  const early = s.done
    .filter((d): d is Done => d !== undefined && d.placement.startSec < 0)
    .toSorted((x, y) => y.placement.startSec - x.placement.startSec);
  // starts only ever come down, so that this ends; greatest lags are known once what comes before them is
  const latest = new Map(early.map((d) => [d.activity, Infinity]));
  const startOf = (a: number): number => latest.get(a) ?? s.done[a]?.placement.startSec ?? Infinity;
  for (let isSettled = false; !isSettled;) {
    isSettled = true;
    for (const d of early) {
      const sec = Math.max(d.placement.startSec, Math.min(...boundsOf(s, d, startOf)));
      isSettled &&= sec === latest.get(d.activity);
      latest.set(d.activity, sec);
    }
  }
  return latest;
}

/** What an activity may start no later than. */
function boundsOf(s: Laid, d: Done, startOf: (a: number) => number): readonly number[] {
  const { startSec, endSec } = d.placement;
  const lasts = endSec - startSec;
  const activity = s.problem.activities[d.activity];
  const lags = (s.lagsOf[d.activity] ?? []).map((lag) => {
    const [own, other] = lag.from === d.activity ? [lag.fromAt, lag.toAt] : [lag.toAt, lag.fromAt];
    const atOther = (a: number): number => startOf(a) + (other === 'end' ? lengthIn(s, a) : 0);
    const ownSec = own === 'end' ? lasts : 0;
    return lag.from === d.activity ? atOther(lag.to) - lag.minSec - ownSec : atOther(lag.from) + lag.maxSec - ownSec;
  });
  const takings = d.mode.uses.flatMap((use, i) => {
    const resource = d.placement.picks[i] ?? -1;
    const later = (s.byResource.get(resource) ?? []).filter((t) => t.activity !== d.activity && t.fromSec >= endSec);
    return [
      ...later.map((t) => startOf(t.activity) + t.fromSec - (s.done[t.activity]?.placement.startSec ?? 0) - use.toSec),
      ...shutFrom(s.problem.resources[resource]?.closed ?? [], endSec).map((sec) => sec - use.toSec),
    ];
  });
  return [
    (activity?.dueSec ?? Infinity) - lasts,
    ...lags,
    ...takings,
    ...boundsByStores(s, d, startOf),
    ...shutFrom(activity?.closed ?? [], endSec).map((sec) => sec - lasts),
  ];
}

const lengthIn = (s: Laid, a: number): number => {
  const at = s.done[a]?.placement;
  return at ? at.endSec - at.startSec : 0;
};

/** What lies in a place of so much room before another still leaves it before the other comes: then no more lie there at once than planned. */
function boundsByStores(s: Laid, d: Done, startOf: (a: number) => number): readonly number[] {
  const { stays, stores } = s.problem;
  return stays
    .filter((stay) => stay.after.includes(d.activity) && (stores[stay.store]?.capacity ?? Infinity) < Infinity)
    .flatMap((stay) => {
      const [, untilSec] = staySpan(s, stay);
      return stays
        .filter((o) => o.store === stay.store && o.owner !== stay.owner && staySpan(s, o)[0] >= untilSec)
        .flatMap((o) => o.before.map((b) => startOf(b) + lengthIn(s, b)));
    });
}

/** The beginnings of closed stretches that come after a moment. */
const shutFrom = (closed: readonly (readonly [number, number])[], sec: number): readonly number[] =>
  closed.map(([from]) => from).filter((from) => from >= sec);
