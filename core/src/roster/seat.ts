import { failure, fault, success, type Result } from '../faults/index.ts';
import type { Kitchen } from '../kitchen/index.ts';
import {
  freeSeats,
  heldWords,
  idsOf,
  linesOf,
  nextId,
  seatsIn,
  servingGriddles,
  teamAt,
  type ClassRecord,
  type Station,
  type Workshop,
} from '../workshop/index.ts';

/** What a seating costs, worst first; only the order of size matters. */
const COST = { mixed: 10_000, apart: 300, uneven: 20, alone: 15, station: 1 } as const;

interface Spot {
  readonly bench: string;
  readonly seats: number;
}

/** The words that a participant strictly avoids and that some bread of the menu holds, as one text; empty for most people. */
function freeFromKeys(workshop: Workshop): ReadonlyMap<string, string> {
  const held = new Set(
    workshop.menu.flatMap((m) => {
      const bread = workshop.breads.find((b) => b.id === m.bread);
      return bread ? [...heldWords(bread)] : [];
    }),
  );
  const keyOf = (avoid: Workshop['roster'][number]['avoid']): string =>
    avoid
      .filter((a) => a.level === 'strict' && held.has(a.what))
      .map((a) => a.what)
      .sort()
      .join(' ');
  return new Map(workshop.roster.map((p) => [p.id, keyOf(p.avoid)]));
}

/** One station for every bench; where several stations share a bench now, as many again, its seats parted evenly. */
function spotsOf(workshop: Workshop): readonly Spot[] {
  return workshop.kitchen.benches.flatMap(({ id, seats }) => {
    const count = Math.max(1, Math.min(seats, workshop.stations.filter((s) => s.bench === id).length));
    return Array.from({ length: count }, (_, n) => ({
      bench: id,
      seats: Math.floor(seats / count) + (n < seats % count ? 1 : 0),
    }));
  });
}

/** A seating being made: the spot of each person, and who wants what. */
class Seating {
  constructor(
    readonly people: readonly string[],
    readonly spots: readonly Spot[],
    readonly keys: ReadonlyMap<string, string>,
    readonly pairs: readonly (readonly [string, string])[],
    readonly at: Map<string, number>,
  ) {}

  members(spot: number): readonly string[] {
    return this.people.filter((p) => this.at.get(p) === spot);
  }

  /** Stations whose people do not avoid the same, friends apart, unequal stations, people alone, stations in all. */
  cost(): number {
    const groups = this.spots.map((_, s) => this.members(s));
    const used = groups.filter((g) => g.length > 0);
    const mixed = used.filter((g) => new Set(g.map((p) => this.keys.get(p))).size > 1).length;
    const apart = this.pairs.filter(([a, b]) => this.at.get(a) !== this.at.get(b)).length;
    const sizes = used.map((g) => g.length);
    const mean = sizes.reduce((a, b) => a + b, 0) / Math.max(1, sizes.length);
    const uneven = sizes.reduce((sum, n) => sum + (n - mean) ** 2, 0);
    const alone = sizes.filter((n) => n === 1).length;
    return (
      COST.mixed * mixed + COST.apart * apart + COST.uneven * uneven + COST.alone * alone + COST.station * used.length
    );
  }
}

/**
 * Everybody seated anew: first those who strictly avoid something of the menu at benches of their own, then friends together, then
 * stations of even size; a walk over single moves and exchanges that ends where none makes it better. Free-from stations get griddles
 * of their own where there are several. Assumes seats for all.
 */
export function seatAll(record: ClassRecord): ClassRecord {
  const { workshop, notes } = record;
  const spots = spotsOf(workshop);
  const people = workshop.roster.map((p) => p.id);
  const keys = freeFromKeys(workshop);
  const pairs = notes.friends.flatMap((group) =>
    group.flatMap((a, i) => group.slice(i + 1).map((b): readonly [string, string] => [a, b])),
  );
  const seating = new Seating(people, spots, keys, pairs, firstSeats(people, spots, keys, notes.friends));
  improve(seating);
  const stations = stationsOf(workshop, seating);
  return { ...record, workshop: { ...workshop, stations: [...withOwnGriddles(workshop, stations, keys)] } };
}

/**
 * The class in another kitchen, of which it takes a copy: everybody stays at a bench of the same name where all find their seats there,
 * else all are seated anew; griddles of stations are free again. Fault `no-seat` where the kitchen seats fewer.
 */
export function moveToKitchen(record: ClassRecord, id: string, kitchen: Kitchen): Result<ClassRecord> {
  const { workshop, notes } = record;
  const seats = seatsIn(kitchen);
  if (workshop.roster.length > seats)
    return failure([fault('no-seat', 'roster', { wanted: workshop.roster.length, seats })]);
  const stations = workshop.stations.map(({ griddles: _own, ...station }) => station);
  const moved = { ...workshop, kitchen, stations };
  const next = { workshop: moved, notes: { ...notes, kitchen: { id, asTaken: kitchen } } };
  const isSeated =
    stations.every((s) => kitchen.benches.some((b) => b.id === s.bench)) &&
    kitchen.benches.every((b) => freeSeats(moved, stations, b.id) >= 0);
  return success(isSeated ? next : seatAll({ ...next, workshop: { ...moved, stations: [] } }));
}

/** Friends and people who avoid the same one after another, filling spot by spot. */
function firstSeats(
  people: readonly string[],
  spots: readonly Spot[],
  keys: ReadonlyMap<string, string>,
  friends: readonly (readonly string[])[],
): Map<string, number> {
  const groupOf = (p: string): number => {
    const at = friends.findIndex((g) => g.includes(p));
    return at < 0 ? friends.length : at;
  };
  const order = [...people].sort((a, b) => {
    const [x, y] = [keys.get(a) ?? '', keys.get(b) ?? ''];
    if (x !== y) return x < y ? 1 : -1;
    return groupOf(a) - groupOf(b) || people.indexOf(a) - people.indexOf(b);
  });
  const free = spots.map((s) => s.seats);
  const at = new Map<string, number>();
  for (const p of order) {
    const spot = free.findIndex((n) => n > 0);
    free[spot] = (free[spot] ?? 0) - 1;
    at.set(p, spot);
  }
  return at;
}

/** Takes the first move or exchange that costs less, again and again; every one lowers the cost, so it ends. */
function improve(seating: Seating): void {
  const { people, spots, at } = seating;
  let cost = seating.cost();
  const keepIfBetter = (undo: () => void): boolean => {
    const next = seating.cost();
    if (next < cost - 1e-9) {
      cost = next;
      return true;
    }
    undo();
    return false;
  };
  const step = (): boolean =>
    people.some((p, i) => {
      const from = at.get(p) ?? 0;
      const isMoved = spots.some((spot, s) => {
        if (s === from || seating.members(s).length >= spot.seats) return false;
        at.set(p, s);
        return keepIfBetter(() => at.set(p, from));
      });
      if (isMoved) return true;
      return people.slice(i + 1).some((q) => {
        const to = at.get(q) ?? 0;
        if (to === from) return false;
        at.set(p, to).set(q, from);
        return keepIfBetter(() => at.set(p, from).set(q, to));
      });
    });
  while (step());
}

/** The seating as stations; a station of a bench keeps its id and name. */
function stationsOf(workshop: Workshop, seating: Seating): readonly Station[] {
  const left = [...workshop.stations];
  const stations: Station[] = [];
  seating.spots.forEach((spot, s) => {
    const members = [...seating.members(s)];
    if (members.length === 0) return;
    const old = left.findIndex((x) => x.bench === spot.bench);
    const [kept] = old < 0 ? [] : left.splice(old, 1);
    const id = kept?.id ?? nextId('S', idsOf([...workshop.stations, ...stations]));
    stations.push({ id, ...(kept?.name === undefined ? {} : { name: kept.name }), bench: spot.bench, members });
  });
  return stations;
}

/**
 * Griddles of their own for the stations that are free from something, as many as their share of the people, the others for the rest:
 * the last ones on which every bread of both still fits. Where there are none, every station may use all.
 */
function withOwnGriddles(
  workshop: Workshop,
  stations: readonly Station[],
  keys: ReadonlyMap<string, string>,
): readonly Station[] {
  const isFree = (s: Station): boolean => s.members.every((m) => keys.get(m) !== '');
  const griddles = workshop.kitchen.griddles.map((g) => g.id);
  const freePeople = stations.filter(isFree).reduce((sum, s) => sum + s.members.length, 0);
  const count = Math.max(1, Math.round((griddles.length * freePeople) / Math.max(1, workshop.roster.length)));
  if (freePeople === 0 || griddles.length < 2) return stations;
  for (let from = griddles.length - count; from >= 0; from--) {
    const own = griddles.slice(from, from + count);
    const others = griddles.filter((g) => !own.includes(g));
    const parted = stations.map((s) => ({ ...s, griddles: isFree(s) ? own : others }));
    if (others.length > 0 && parted.every((s) => hasRoomFor(workshop, s))) return parted;
  }
  return stations;
}

/** Whether every bread that a station makes fits a griddle that the station may use. */
function hasRoomFor(workshop: Workshop, station: Station): boolean {
  return linesOf(workshop).every((line) => {
    if (teamAt(station, line).length === 0) return true;
    return line.chain.every(
      (step) =>
        step.kind !== 'cook' ||
        step.at !== 'griddle' ||
        servingGriddles(workshop.kitchen, line.bread, step, station).length > 0,
    );
  });
}
