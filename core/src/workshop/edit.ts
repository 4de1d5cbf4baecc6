import { failure, fault, success, type Result } from '../faults/index.ts';
import type { Bread } from '../bread/index.ts';
import type { Griddle, Kitchen } from '../kitchen/index.ts';
import type { MenuLine, Participant, Station, Workshop } from './schema.ts';

/** Seats of all benches together. */
export function seatsIn(kitchen: Pick<Kitchen, 'benches'>): number {
  return kitchen.benches.reduce((sum, b) => sum + b.seats, 0);
}

/** The kitchen with seats for so many: on one bench more, or closer together at those that there are. */
export function withSeats(kitchen: Kitchen, wanted: number, how: 'bench' | 'closer'): Kitchen {
  const missing = wanted - seatsIn(kitchen);
  const { benches } = kitchen;
  if (missing <= 0) return kitchen;
  if (how === 'bench' || benches.length === 0) {
    const id = nextId('B', new Set(benches.map((b) => b.id)));
    return { ...kitchen, benches: [...benches, { id, seats: missing }] };
  }
  const each = Math.floor(missing / benches.length);
  const over = missing % benches.length;
  return { ...kitchen, benches: benches.map((b, i) => ({ ...b, seats: b.seats + each + (i < over ? 1 : 0) })) };
}

/** The next free id `prefix1`, `prefix2`, … */
export function nextId(prefix: string, taken: ReadonlySet<string>): string {
  let n = 1;
  while (taken.has(`${prefix}${n}`)) n++;
  return `${prefix}${n}`;
}

export const idsOf = (list: readonly { readonly id: string }[]): ReadonlySet<string> => new Set(list.map((x) => x.id));

/** Seats of a bench that no member of a station takes. */
export function freeSeats(workshop: Workshop, stations: readonly Station[], bench: string): number {
  const seats = workshop.kitchen.benches.find((b) => b.id === bench)?.seats ?? 0;
  return seats - stations.filter((s) => s.bench === bench).reduce((sum, s) => sum + s.members.length, 0);
}

/** The name of somebody who is only counted; its number is that of their id, so that a guest who is called so is not taken for one. */
const countedName = (id: string): string => `Guest ${id.replace(/\D/g, '')}`;

/** Whether somebody was only counted so far: no name of their own, nothing avoided, no pace. */
export function isCountedOnly({ id, name, avoid, pace }: Participant): boolean {
  return name === countedName(id) && avoid.length === 0 && pace === 1;
}

/**
 * The class with so many participants. New ones are called "Guest 9" and so on and take the first free seat, at a new station
 * where a bench is empty; those who were only counted leave first, then the last on the roster, and a station that empties goes with
 * them. Fault `no-seat` when the benches seat fewer.
 */
export function setParticipantCount(workshop: Workshop, count: number): Result<Workshop> {
  const seats = seatsIn(workshop.kitchen);
  if (count > seats) return failure([fault('no-seat', 'roster', { wanted: count, seats })]);
  if (count < 1) return failure([fault('nobody-takes-part', 'roster')]);
  const counted = workshop.roster.filter(isCountedOnly);
  const leaving = [...workshop.roster.filter((p) => !isCountedOnly(p)), ...counted].slice(count);
  let next = withoutParticipants(workshop, new Set(leaving.map((p) => p.id)));
  while (next.roster.length < count) next = withParticipant(next);
  return success(next);
}

/** The class without some of its participants; a station that empties goes with them, and so does a menu line that was for them alone. */
export function withoutParticipants(workshop: Workshop, gone: ReadonlySet<string>): Workshop {
  if (gone.size === 0) return workshop;
  const stay = (id: string): boolean => !gone.has(id);
  return {
    ...workshop,
    roster: workshop.roster.filter((p) => stay(p.id)),
    stations: workshop.stations
      .map((s) => ({ ...s, members: s.members.filter(stay) }))
      .filter((s) => s.members.length > 0),
    menu: workshop.menu.flatMap((line) => {
      if (line.for === undefined) return [line];
      const left = line.for.filter(stay);
      return left.length > 0 || line.for.length === 0 ? [{ ...line, for: left }] : [];
    }),
  };
}

/** The class with one more participant on the first free seat. Assumes that there is one. */
export function withParticipant(workshop: Workshop, guest?: Pick<Participant, 'name' | 'avoid'>): Workshop {
  const id = nextId('p', idsOf([...workshop.roster, ...workshop.kitchen.staff]));
  const { name, avoid } = guest ?? { name: countedName(id), avoid: [] };
  const roster = [...workshop.roster, { id, name, avoid, pace: 1 }];
  const open = workshop.stations.find((s) => freeSeats(workshop, workshop.stations, s.bench) > 0);
  if (open) {
    const stations = workshop.stations.map((s) => (s === open ? { ...s, members: [...s.members, id] } : s));
    return { ...workshop, roster, stations };
  }
  const bench = workshop.kitchen.benches.find((b) => freeSeats(workshop, workshop.stations, b.id) > 0);
  const station = { id: nextId('S', idsOf(workshop.stations)), bench: bench?.id ?? '', members: [id] };
  return { ...workshop, roster, stations: [...workshop.stations, station] };
}

/** The class with `each` breads of one line; fault `unknown-id` when that bread is not on the menu. */
export function setBreadsEach(workshop: Workshop, breadId: string, each: number): Result<Workshop> {
  if (!workshop.menu.some((m) => m.bread === breadId))
    return failure([fault('unknown-id', 'menu', { id: breadId, what: 'a bread on the menu' })]);
  if (each < 1) return failure([fault('too-small', 'menu', { received: each, limit: 1 })]);
  return success({ ...workshop, menu: workshop.menu.map((m) => (m.bread === breadId ? { ...m, each } : m)) });
}

/**
 * The class with so many griddles: further ones are like the last and are free for every station; the last leave first, and a
 * station that had only those may use any.
 */
export function setGriddleCount(workshop: Workshop, count: number): Result<Workshop> {
  if (count < 1) return failure([fault('too-small', 'kitchen.griddles', { received: count, limit: 1 })]);
  const griddles: Griddle[] = workshop.kitchen.griddles.slice(0, count);
  const model = griddles.at(-1);
  if (model) {
    while (griddles.length < count) {
      // a name belongs to one griddle
      const { name, ...like } = { ...model, id: nextId('G', idsOf(griddles)) };
      griddles.push(name === undefined ? like : { ...like, name: `${name} ${griddles.length + 1}` });
    }
  }
  const left = idsOf(griddles);
  const stations = workshop.stations.map((s) => {
    if (s.griddles === undefined) return s;
    const { griddles: own, ...rest } = s;
    const kept = own.filter((id) => left.has(id));
    return kept.length > 0 ? { ...rest, griddles: kept } : rest;
  });
  return success({ ...workshop, kitchen: { ...workshop.kitchen, griddles }, stations });
}

/** A line of the menu with nothing special about it: one for everybody, made by every station by hand. */
export function plainLine(bread: string): MenuLine {
  return { bread, each: 1, per: 'participant', spares: 0, dough: { mode: 'station' }, mixer: false };
}

/**
 * The class with a bread of the library on its menu, one for each who can eat it; the class holds its own copy, which is a variant
 * only of a bread that the class holds too. A bread of that id that the class holds already is renewed.
 */
export function putOnMenu(workshop: Workshop, fromLibrary: Bread): Result<Workshop> {
  const { variantOf, ...alone } = fromLibrary;
  const bread = workshop.breads.some((b) => b.id === variantOf) ? fromLibrary : alone;
  const isHeld = workshop.breads.some((b) => b.id === bread.id);
  const breads = isHeld ? workshop.breads.map((b) => (b.id === bread.id ? bread : b)) : [...workshop.breads, bread];
  if (workshop.menu.some((m) => m.bread === bread.id)) return success({ ...workshop, breads });
  return success({ ...workshop, breads, menu: [...workshop.menu, plainLine(bread.id)] });
}
