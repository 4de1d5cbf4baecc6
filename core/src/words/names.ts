import { motherNumber, practisedAt, readBatchId, readTaskId, type BatchParts, type PieceParts } from '../ids.ts';
import { stepWords } from '../plan/index.ts';
import { griddleName, thingName } from '../kitchen/index.ts';
import { ownBreadName, personName, stationName, type Workshop } from '../workshop/index.ts';

/** What the things of a class are called. No id is ever given back: what a class does not know has a word for that. */
export interface Names {
  readonly person: (id: string) => string;
  readonly people: (ids: readonly string[]) => string;
  readonly bread: (id: string) => string;
  readonly station: (id: string) => string;
  readonly griddle: (id: string) => string;
  /** A bench, a grill, a flame, a mixer or a resting place. */
  readonly place: (id: string) => string;
  /** Whoever or whatever of them has the id: somebody, a griddle, or another place. */
  readonly resource: (id: string) => string;
  /** "Ottilie 1 (Coil rounds)". */
  readonly piece: (parts: PieceParts) => string;
  /** "Coil rounds at Station 2". */
  readonly batch: (id: string) => string;
  /** "roll of Ottilie 1 (Coil rounds)", of a task or of a batch. */
  readonly task: (id: string) => string;
}

/** The names of a class's things. */
export function namesOf(workshop: Workshop): Names {
  const { kitchen } = workshop;
  const isSomebody = (id: string): boolean => [...workshop.roster, ...kitchen.staff].some((p) => p.id === id);
  const person = (id: string): string =>
    isSomebody(id) ? personName(workshop, id) : 'somebody who is not in this class';
  const bread = (id: string): string =>
    workshop.breads.find((b) => b.id === id)?.name ?? 'a bread that is not in this class';
  const station = (id: string): string => {
    const found = workshop.stations.find((s) => s.id === id);
    return found ? stationName(found) : 'a station that is not in this class';
  };
  const griddle = (id: string): string => {
    const found = kitchen.griddles.find((g) => g.id === id);
    return found ? griddleName(found) : 'a griddle that is not in this kitchen';
  };
  const place = (id: string): string => thingName(kitchen, id);
  const resource = (id: string): string => (isSomebody(id) ? person(id) : place(id));
  const piece = ({ owner, station: at, number, bread: of }: PieceParts): string => {
    const line = workshop.menu.find((m) => m.bread === of);
    const whose =
      owner === null ? `spare ${number} of ${station(at ?? '')}` : ownBreadName(person(owner), number, line);
    return `${whose} (${bread(of)})`;
  };
  const ofBatch = (parts: BatchParts): string => {
    const mother = motherNumber(parts);
    const isStation = workshop.stations.some((s) => s.id === parts.at);
    const practised = isStation ? undefined : practisedAt(parts);
    if (practised !== undefined) return `${bread(parts.bread)} for practice at ${station(practised)}`;
    if (!isStation && mother !== undefined)
      return `${bread(parts.bread)} made ahead${mother > 1 ? ` (number ${mother})` : ''}`;
    return `${bread(parts.bread)} at ${station(parts.at)}`;
  };
  const batch = (id: string): string => {
    const parts = readBatchId(id);
    return parts ? ofBatch(parts) : 'a dough that this class does not know';
  };
  const task = (id: string): string => {
    const parts = readTaskId(id);
    switch (parts?.kind) {
      case undefined:
        return readBatchId(id) ? batch(id) : 'something that this class does not know';
      case 'welcome':
        return 'the welcome';
      case 'break':
        return workshop.breaks.length > 1 ? `break ${parts.number}` : 'the break';
      case 'preheat':
        return `heating ${griddle(parts.griddle)}`;
      case 'demo':
        return `the demonstration before ${stepWords(parts.before)} (${bread(parts.bread)}${parts.station === null ? '' : `, ${station(parts.station)}`})`;
      case 'piece':
        return `${stepWords(parts.step)} of ${piece(parts.piece)}`;
      case 'batch':
        return `${stepWords(parts.step)} of ${ofBatch(parts.batch)}`;
    }
  };
  const people = (ids: readonly string[]): string => ids.map(person).join(', ');
  return { person, people, bread, station, griddle, place, resource, piece, batch, task };
}
