import type { Network } from './network/index.ts';
import type { Placement, Schedule } from './search/index.ts';

/**
 * The same schedule with the pieces of one owner and batch numbered in the order in which they are begun. Such pieces are alike in
 * everything but their number, so exchanging their placements changes no rule and no measure.
 */
export function numberPieces(network: Network, schedule: Schedule): Schedule {
  const alike = new Map<string, Map<number, number[]>>();
  network.sources.forEach(({ unit }, activity) => {
    if (!unit?.piece) return;
    const key = `${unit.batch?.id ?? ''} ${unit.piece.owner ?? ''}`;
    const byNumber = alike.get(key) ?? new Map<number, number[]>();
    alike.set(key, byNumber.set(unit.piece.number, [...(byNumber.get(unit.piece.number) ?? []), activity]));
  });
  const next: Placement[] = [...schedule.placements];
  for (const byNumber of alike.values()) {
    // activities of a piece stand in the order of its chain, so the first is where it begins
    const chains = [...byNumber].sort(([a], [b]) => a - b).map(([, list]) => list);
    const begin = (list: readonly number[]): number => schedule.placements[list[0] ?? -1]?.startSec ?? 0;
    const inTime = [...chains].sort((a, b) => begin(a) - begin(b));
    chains.forEach((own, n) => {
      own.forEach((activity, i) => {
        const placement = schedule.placements[inTime[n]?.[i] ?? -1];
        if (placement) next[activity] = placement;
      });
    });
  }
  return { ...schedule, placements: next };
}
