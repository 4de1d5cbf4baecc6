import type { Done } from '../search/index.ts';
import type { Situation } from './situation.ts';

/**
 * The latest start of every activity before the doors open, by task (late starts of the critical path method): what is in class stays
 * where it is, rests keep their least length, and whoever or whatever is needed for something later is not kept from it.
 */
export function latestAheadOf(s: Situation): ReadonlyMap<string, number> {
  const { problem, sources } = s.network;
  const early = s.done.filter((d): d is Done => d !== undefined && d.placement.startSec < 0);
  const latest = new Map<number, number>();
  const startOf = (a: number): number => latest.get(a) ?? s.done[a]?.placement.startSec ?? Infinity;
  for (const d of early.toSorted((x, y) => y.placement.startSec - x.placement.startSec)) {
    const { startSec, endSec } = d.placement;
    const lasts = endSec - startSec;
    const activity = problem.activities[d.activity];
    const bounds = [
      ...(s.lagsOf[d.activity] ?? [])
        .filter((lag) => lag.from === d.activity && lag.toAt === 'start' && lag.minSec > -Infinity)
        .map((lag) => startOf(lag.to) - lag.minSec - (lag.fromAt === 'end' ? lasts : 0)),
      ...d.mode.uses.flatMap((use, i) => {
        const resource = d.placement.picks[i] ?? -1;
        const later = (s.byResource.get(resource) ?? []).filter(
          (t) => t.activity !== d.activity && t.fromSec >= endSec,
        );
        const shut = [...(activity?.closed ?? []), ...(problem.resources[resource]?.closed ?? [])];
        return [
          ...later.map((t) => startOf(t.activity) - use.toSec),
          ...shut.filter(([from]) => from >= endSec).map(([from]) => from - lasts),
        ];
      }),
    ];
    latest.set(d.activity, Math.max(startSec, Math.min(...bounds)));
  }
  return new Map([...latest].flatMap(([a, sec]) => (sources[a] ? [[sources[a].taskId, sec] as const] : [])));
}
