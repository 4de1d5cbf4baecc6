import { batchId, pieceId, sparePieceId, type BatchId, type PieceId } from '../ids.ts';
import { assert } from '../faults/index.ts';
import { isCarried, scaleBatch, type Ingredient, type ScaledBatch } from '../formula/index.ts';
import type { Line } from './lines.ts';
import type { Station, Workshop } from './schema.ts';

/** One piece of dough on its way to a bread. A spare has no owner, and no piece steps until somebody needs it. */
export interface Piece {
  readonly id: PieceId;
  readonly owner: string | null;
  /** 1 for the owner's first piece of this bread. */
  readonly number: number;
}

/** A station's dough of one bread, or its share of a mother batch: who makes it, its pieces, and its grams (not rounded). */
export interface Batch {
  readonly id: BatchId;
  readonly line: Line;
  readonly station: Station;
  readonly team: readonly string[];
  readonly pieces: readonly Piece[];
  readonly scaled: ScaledBatch;
}

/** The avoided words of everyone on the roster. */
function avoidedBy(workshop: Workshop): ReadonlyMap<string, ReadonlySet<string>> {
  return new Map(workshop.roster.map((p) => [p.id, new Set(p.avoid.map((a) => a.what))]));
}

/** The dough of so many pieces, each with what it carries; `owners` are those of pieces that are no spares. */
function scaledFor(
  line: Line,
  pieces: number,
  owners: readonly string[],
  avoided: ReadonlyMap<string, ReadonlySet<string>>,
  shares = 1,
): ScaledBatch {
  const { ingredients } = line.bread;
  const carriers = (i: Ingredient): number =>
    owners.filter((o) => isCarried(i, ingredients, avoided.get(o) ?? new Set())).length +
    (isCarried(i, ingredients, null) ? pieces - owners.length : 0);
  return scaleBatch(line.bread, pieces, carriers, shares);
}

const ownersOf = (batch: Batch): readonly string[] => batch.pieces.flatMap((p) => (p.owner === null ? [] : [p.owner]));

/** The grams of several shares mixed as one mother batch (formats note, section 2). */
export function scaleTogether(workshop: Workshop, shares: readonly Batch[]): ScaledBatch {
  const [first] = shares;
  assert(first !== undefined, 'a mother batch feeds at least one share');
  const pieces = shares.reduce((sum, s) => sum + s.pieces.length, 0);
  return scaledFor(first.line, pieces, shares.flatMap(ownersOf), avoidedBy(workshop), shares.length);
}

/** The members of a station who make a bread, in the order of the station. */
export function teamAt(station: Station, line: Line): readonly string[] {
  return station.members.filter((m) => line.makers.has(m));
}

/**
 * Every station's batch of every line, in the order of menu and stations, with ids as in the plan file. With `per: station` each
 * bread goes to the maker who owns the fewest pieces so far, ties in the order of members (formats note, section 1).
 */
export function batchesOf(workshop: Workshop, lines: readonly Line[]): readonly Batch[] {
  const avoided = avoidedBy(workshop);
  const owned = new Map<string, number>();
  const batches: Batch[] = [];
  for (const line of lines) {
    const shown = shownPieces(workshop, line);
    for (const station of workshop.stations) {
      const team = teamAt(station, line);
      if (team.length === 0) continue;
      const owners = ownersAt(line, team, owned);
      const pieces = piecesOf(line, station, owners, line.menu.spares + (shown.get(station.id) ?? 0));
      const scaled = scaledFor(line, pieces.length, owners, avoided);
      batches.push({ id: batchId(line.bread.id, station.id), line, station, team, pieces, scaled });
    }
  }
  return batches;
}

/** The owner of each bread of a batch; counts on in `owned`. */
function ownersAt(line: Line, team: readonly string[], owned: Map<string, number>): readonly string[] {
  const count = (p: string): number => owned.get(p) ?? 0;
  const owners: string[] = [];
  const give = (p: string): void => {
    owned.set(p, count(p) + 1);
    owners.push(p);
  };
  if (line.menu.per === 'participant') for (const p of team) for (let i = 0; i < line.menu.each; i++) give(p);
  else for (let i = 0; i < line.menu.each; i++) give(team.reduce((a, b) => (count(b) < count(a) ? b : a)));
  return owners;
}

/** Pieces that demonstrations show, by the station out of whose dough they come: the one named, else the first that has that dough. */
function shownPieces({ demos, stations }: Workshop, line: Line): ReadonlyMap<string, number> {
  const shown = new Map<string, number>();
  for (const demo of demos.filter((d) => d.bread === line.bread.id)) {
    const from = demo.from ?? stations.find((s) => teamAt(s, line).length > 0)?.id ?? '';
    shown.set(from, (shown.get(from) ?? 0) + demo.pieces);
  }
  return shown;
}

function piecesOf(line: Line, station: Station, owners: readonly string[], spares: number): readonly Piece[] {
  const numbers = new Map<string, number>();
  const pieces: Piece[] = owners.map((owner) => {
    const number = (numbers.get(owner) ?? 0) + 1;
    numbers.set(owner, number);
    return { id: pieceId(line.bread.id, owner, number), owner, number };
  });
  for (let n = 1; n <= spares; n++)
    pieces.push({ id: sparePieceId(line.bread.id, station.id, n), owner: null, number: n });
  return pieces;
}

/** Grams of every ingredient in all batches together, by name and use, in the order in which they first come; not rounded. */
export function totalsOf(
  batches: readonly Batch[],
): readonly { readonly name: string; readonly use: string; readonly g: number }[] {
  const totals = new Map<string, { name: string; use: string; g: number }>();
  for (const i of batches.flatMap((b) => b.scaled.ingredients)) {
    // what no piece carries is not used
    if (i.g === 0) continue;
    const key = `${i.use} ${i.name}`;
    const total = totals.get(key) ?? { name: i.name, use: i.use, g: 0 };
    total.g += i.g;
    totals.set(key, total);
  }
  return [...totals.values()];
}
