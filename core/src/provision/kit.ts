import type { Bread } from '../bread/index.ts';
import type { Plan } from '../plan/index.ts';
import { kettleCalls } from '../planner/index.ts';
import { batchesOf, linesOf, practicesOf, stationName, type Batch, type Workshop } from '../workshop/index.ts';

/** A thing that a class needs, station by station and in common, against what the kitchen has. */
export interface KitNeed {
  readonly what: string;
  readonly stations: readonly { readonly id: string; readonly name: string; readonly count: number }[];
  /** For the class in common. */
  readonly common: number;
  readonly total: number;
  /** What the kitchen lists; undefined where it does not say. */
  readonly has: number | undefined;
  readonly short: number;
}

type Per = 'person' | 'station' | 'class';

/** What a step needs where the bread does not say (common practice). */
const USUAL: Readonly<Record<string, readonly (readonly [string, Per])[]>> = {
  mix: [
    ['mixing bowl', 'station'],
    ['scraper', 'station'],
  ],
  rest: [['damp cloth', 'station']],
  proof: [['damp cloth', 'station']],
  divide: [['bench knife', 'station']],
  roll: [['rolling pin', 'person']],
  cook: [['turner', 'station']],
  finish: [['brush', 'station']],
};
/** Things that one dough keeps busy, so that two doughs of a station need two. */
const HELD_BY_DOUGH = /bowl|cloth|film|lid|tray/;
const CUPS = 'thimble cup';
const BOX = 'box for taking home';
const APRON = 'apron';

/** "Rolling pins" and "rolling pin" are one thing. */
const keyOf = (what: string): string =>
  what
    .trim()
    .toLowerCase()
    .replace(/(?<=[a-z]{3})s$/, '');

/** What a bread asks for, each once: as its steps say, else what is usual for a step of that kind. */
function kitOf(bread: Bread): readonly { readonly what: string; readonly per: Per; readonly count: number }[] {
  const asked = bread.steps.flatMap(
    (s) => s.kit ?? (USUAL[s.kind] ?? []).map(([what, per]) => ({ what, per, count: 1 })),
  );
  const once = new Map(asked.map((k) => [keyOf(k.what), { what: k.what, per: k.per, count: k.count ?? 1 }]));
  return [...once.values()];
}

/**
 * What every station and the class need to work with, and what is short. A station that makes two breads uses its pins twice, but
 * needs a bowl and a cloth for each dough. Kettles come from the plan's hot water, boxes from what is taken home.
 */
export function kitNeeds(workshop: Workshop, plan: Plan | null): readonly KitNeed[] {
  const batches = batchesOf(workshop, linesOf(workshop));
  const needs = new Map<string, { what: string; stations: Map<string, number>; common: number }>();
  const need = (what: string) => {
    const found = needs.get(keyOf(what)) ?? { what, stations: new Map<string, number>(), common: 0 };
    needs.set(keyOf(what), found);
    return found;
  };
  const forStation = (what: string, station: string, count: number, isAdded: boolean): void => {
    const { stations } = need(what);
    const before = stations.get(station) ?? 0;
    stations.set(station, isAdded ? before + count : Math.max(before, count));
  };
  const forClass = (what: string, count: number): void => {
    const found = need(what);
    found.common = Math.max(found.common, count);
  };
  for (const batch of batches)
    for (const { what, per, count } of kitOf(batch.line.bread)) {
      if (per === 'class') forClass(what, count);
      else
        forStation(
          what,
          batch.station.id,
          per === 'person' ? count * batch.team.length : count,
          HELD_BY_DOUGH.test(what),
        );
    }
  // the welcome gives everyone one
  for (const batch of batches) forStation(APRON, batch.station.id, batch.team.length, false);
  for (const batch of batches) {
    const small = smallAmounts(batch);
    if (small > 0) forStation(CUPS, batch.station.id, small, true);
  }
  for (const { share } of practicesOf(batches)) {
    forStation('mixing bowl', share.station.id, 1, true);
    forStation(BOX, share.station.id, share.team.length, true);
  }
  const takeHome = batches.filter((b) => (b.line.menu.service ?? workshop.service) === 'take-home');
  for (const b of takeHome) forStation(BOX, b.station.id, b.team.length, false);
  const kettles = plan ? Math.max(0, ...kettleCalls(workshop, plan).map((c) => c.kettles)) : 0;
  if (kettles > 0) forClass('kettle', kettles);
  const hotFire =
    workshop.kitchen.flames.length > 0 &&
    batches.some((b) => b.line.chain.some((s) => 'phases' in s && s.phases?.some((p) => p.with === 'flame')));
  if (hotFire) forClass('long tongs', 1);
  return [...needs.values()]
    .map((n) => against(workshop, n))
    .sort((a, b) => b.short - a.short || (a.what < b.what ? -1 : 1));
}

/** Salt and leaven stand ready in cups of their own. */
const smallAmounts = (batch: Batch): number =>
  batch.line.bread.ingredients.filter((i) => i.use === 'dough' && (i.role === 'salt' || i.role === 'leaven')).length;

function against(
  workshop: Workshop,
  n: { readonly what: string; readonly stations: ReadonlyMap<string, number>; readonly common: number },
): KitNeed {
  const stations = workshop.stations.flatMap((s) => {
    const count = n.stations.get(s.id) ?? 0;
    return count > 0 ? [{ id: s.id, name: stationName(s), count }] : [];
  });
  const total = n.common + stations.reduce((sum, s) => sum + s.count, 0);
  const has = workshop.kitchen.kit?.find((k) => keyOf(k.what) === keyOf(n.what))?.count;
  return {
    what: n.what,
    stations,
    common: n.common,
    total,
    has,
    short: has === undefined ? 0 : Math.max(0, total - has),
  };
}

/** The kitchen with so many of a thing in its cupboards. */
export function setKit(kitchen: Workshop['kitchen'], what: string, count: number): Workshop['kitchen'] {
  const kit = kitchen.kit ?? [];
  const isListed = kit.some((k) => keyOf(k.what) === keyOf(what));
  const next = isListed
    ? kit.map((k) => (keyOf(k.what) === keyOf(what) ? { ...k, count } : k))
    : [...kit, { what, count }];
  return { ...kitchen, kit: next };
}
