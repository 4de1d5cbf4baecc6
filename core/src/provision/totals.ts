import { isCarried, mayBeLeftOff, type Ingredient } from '../formula/index.ts';
import {
  batchesOf,
  linesOf,
  practicesOf,
  stationName,
  totalsOf,
  type Batch,
  type Workshop,
} from '../workshop/index.ts';

type Totals = ReturnType<typeof totalsOf>;

/** What one station or one person uses. */
export interface PartTotals {
  readonly id: string;
  readonly name: string;
  readonly pieces: number;
  readonly doughG: number;
  readonly totals: Totals;
}

/** What a class uses, by ingredient and use: in all, by station, by person; grams, not rounded. */
export interface ClassTotals {
  readonly all: Totals;
  readonly stations: readonly PartTotals[];
  readonly people: readonly PartTotals[];
}

/** A batch of practice dough as a batch: dough alone, no pieces. */
const practiceBatch = (share: Batch, id: Batch['id']): Batch => ({
  ...share,
  id,
  pieces: [],
  scaled: { ...share.scaled, ingredients: share.scaled.ingredients.filter((i) => i.use === 'dough') },
});

/** Every dough that is weighed in a class, each once: what stations and their shares need, and practice doughs. */
function weighedBatches(workshop: Workshop): readonly Batch[] {
  const batches = batchesOf(workshop, linesOf(workshop));
  return [...batches, ...practicesOf(batches).map(({ id, share }) => practiceBatch(share, id))];
}

/** A person's part of a batch: as many pieces as are theirs; spares belong to the station, practice dough to the team. */
function partOf(batch: Batch, person: string): { readonly pieces: number; readonly share: number } {
  const pieces = batch.pieces.filter((p) => p.owner === person).length;
  const of = batch.pieces.length > 0 ? batch.pieces.length : batch.team.length;
  return { pieces, share: (batch.pieces.length > 0 ? pieces : 1) / of };
}

/**
 * A person's part of every ingredient of a batch: of what some leave off, or have in its place, so much as their own pieces carry; of all
 * else as their pieces are of the whole.
 */
function personsBatch(workshop: Workshop, batch: Batch, person: string): Batch {
  const { share, pieces } = partOf(batch, person);
  const avoided = new Map(workshop.roster.map((p) => [p.id, new Set(p.avoid.map((a) => a.what))]));
  const all = batch.line.bread.ingredients;
  const carries = (i: Ingredient, owner: string | null): boolean =>
    isCarried(i, all, owner === null ? null : (avoided.get(owner) ?? new Set()));
  const shareOf = (i: Ingredient | undefined): number => {
    if (!i || !mayBeLeftOff(i) || batch.pieces.length === 0) return share;
    const carriers = batch.pieces.filter((p) => carries(i, p.owner)).length;
    return carriers === 0 || !carries(i, person) ? 0 : pieces / carriers;
  };
  const ingredients = batch.scaled.ingredients.map((x) => ({
    ...x,
    g: x.g * shareOf(all.find((i) => i.name === x.name && i.use === x.use)),
  }));
  return { ...batch, scaled: { ...batch.scaled, doughG: batch.scaled.doughG * share, ingredients } };
}

export function classTotals(workshop: Workshop): ClassTotals {
  const batches = weighedBatches(workshop);
  const doughOf = (list: readonly Batch[]): number => list.reduce((g, batch) => g + batch.scaled.doughG, 0);
  return {
    all: totalsOf(batches),
    stations: workshop.stations.map((s): PartTotals => {
      const own = batches.filter((b) => b.station.id === s.id);
      return {
        id: s.id,
        name: stationName(s),
        pieces: own.reduce((n, batch) => n + batch.pieces.length, 0),
        doughG: doughOf(own),
        totals: totalsOf(own),
      };
    }),
    people: workshop.roster.map((p): PartTotals => {
      const own = batches.filter((b) => b.team.includes(p.id));
      const parts = own.map((batch) => personsBatch(workshop, batch, p.id));
      return {
        id: p.id,
        name: p.name,
        pieces: own.reduce((n, batch) => n + partOf(batch, p.id).pieces, 0),
        doughG: doughOf(parts),
        totals: totalsOf(parts),
      };
    }),
  };
}
