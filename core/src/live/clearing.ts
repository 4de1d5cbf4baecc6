import { griddleName } from '../kitchen/index.ts';
import { isOfBread, type Plan } from '../plan/index.ts';
import { stationName, type Workshop } from '../workshop/index.ts';

/** Something to clear up, by what ticks it. */
export interface ClearingItem {
  readonly id: string;
  /** Whose it is: a station, or all. */
  readonly by: string;
  readonly words: string;
}

/** What is cleared up before people leave: by station what it used, then the griddles, the fridge and the flour that nobody owns. */
export function clearingList(workshop: Workshop, plan: Plan): readonly ClearingItem[] {
  const used = new Set(plan.tasks.flatMap((t) => (t.at?.id === undefined ? [] : [t.at.id])));
  const stations = workshop.stations.flatMap((s): readonly ClearingItem[] => {
    const by = stationName(s);
    const breads = plan.batches.filter((b) => b.station === s.id && !b.practice);
    if (breads.length === 0) return [];
    const bakes = workshop.breads.filter((b) => breads.some((x) => x.bread === b.id)).map((b) => b.name);
    return [
      { id: `clear bowls ${s.id}`, by, words: `bowls and tools of ${bakes.join(', ')} washed` },
      { id: `clear bench ${s.id}`, by, words: 'bench scraped dry, then wiped' },
      { id: `clear home ${s.id}`, by, words: 'breads and dough to take home packed and labelled' },
    ];
  });
  const fires = workshop.kitchen.griddles
    .filter((g) => used.has(g.id))
    .map((g): ClearingItem => ({ id: `clear fire ${g.id}`, by: 'All', words: `${griddleName(g)} off, cold, wiped` }));
  const hasCold = plan.tasks.some((t) => isOfBread(t) && t.at?.kind === 'fridge');
  const cold: readonly ClearingItem[] = hasCold
    ? [{ id: 'clear fridge', by: 'All', words: 'nothing of ours left in the fridge' }]
    : [];
  return [...stations, ...fires, ...cold];
}
