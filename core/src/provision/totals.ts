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
const practiceBatch = (share: Batch, id: string): Batch => ({
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

export function classTotals(workshop: Workshop): ClassTotals {
  const batches = weighedBatches(workshop);
  const sum = (list: readonly { readonly batch: Batch; readonly share: number }[]): Totals =>
    totalsOf(
      list.map(({ batch, share }) => ({
        ...batch,
        scaled: { ...batch.scaled, ingredients: batch.scaled.ingredients.map((i) => ({ ...i, g: i.g * share })) },
      })),
    );
  const doughOf = (list: readonly { readonly batch: Batch; readonly share: number }[]): number =>
    list.reduce((g, { batch, share }) => g + batch.scaled.doughG * share, 0);
  return {
    all: totalsOf(batches),
    stations: workshop.stations.map((s): PartTotals => {
      const own = batches.filter((b) => b.station.id === s.id).map((batch) => ({ batch, share: 1 }));
      return {
        id: s.id,
        name: stationName(s),
        pieces: own.reduce((n, { batch }) => n + batch.pieces.length, 0),
        doughG: doughOf(own),
        totals: sum(own),
      };
    }),
    people: workshop.roster.map((p): PartTotals => {
      const own = batches
        .filter((b) => b.team.includes(p.id))
        .map((batch) => ({ batch, share: partOf(batch, p.id).share }));
      return {
        id: p.id,
        name: p.name,
        pieces: own.reduce((n, { batch }) => n + partOf(batch, p.id).pieces, 0),
        doughG: doughOf(own),
        totals: sum(own),
      };
    }),
  };
}
