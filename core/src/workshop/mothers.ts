import { motherId, practiceId, type BatchId } from '../ids.ts';
import type { ScaledBatch } from '../formula/index.ts';
import { isRest } from '../method/index.ts';
import { scaleTogether, type Batch } from './batches.ts';
import { isMixedHere, type Line } from './lines.ts';
import type { Workshop } from './schema.ts';

/** Dough that staff make for several stations; each station's share lies whole in one. Grams are not rounded. */
export interface MotherBatch {
  readonly id: BatchId;
  readonly line: Line;
  readonly shares: readonly Batch[];
  readonly scaled: ScaledBatch;
}

/** Dough that a station mixes by hand to learn, of the size of its share; no piece comes from it. */
export interface PracticeBatch {
  readonly id: BatchId;
  readonly share: Batch;
}

const EPSILON_G = 1e-6;

/** Index in the chain of the last step of a line's mother batch; −1 where stations make their own. */
export function throughIndex(line: Line): number {
  const { dough } = line.menu;
  return dough.mode === 'station' ? -1 : line.chain.findIndex((s) => s.id === dough.through);
}

/** Index in the chain of the last step of a line's practice batch; −1 where there is none. */
export function practiceIndex(line: Line): number {
  const { dough } = line.menu;
  return dough.mode === 'swap' ? line.chain.findIndex((s) => s.id === dough.practice) : -1;
}

/** The practice batches of all lines with dough mode `swap`. */
export function practicesOf(batches: readonly Batch[]): readonly PracticeBatch[] {
  return batches
    .filter((b) => practiceIndex(b.line) >= 0)
    .map((share) => ({ id: practiceId(share.line.bread.id, share.station.id), share }));
}

/**
 * The mother batches of all lines: as few as the limit of mixer and hand allows, and so equal that no move or exchange of shares
 * brings the heaviest and the lightest nearer. Stations that stand together stay together where weights allow.
 */
export function mothersOf(workshop: Workshop, batches: readonly Batch[]): readonly MotherBatch[] {
  const lines = [...new Set(batches.map((b) => b.line))].filter((l) => throughIndex(l) >= 0);
  return lines.flatMap((line) => {
    const shares = batches.filter((b) => b.line === line);
    return packShares(
      shares.map((s) => s.scaled.doughG),
      limitG(workshop, line),
    ).map((list, n) => {
      const own = list.map((i) => shares[i]).filter((s) => s !== undefined);
      return { id: motherId(line.bread.id, n + 1), line, shares: own, scaled: scaleTogether(workshop, own) };
    });
  });
}

/** The most dough of one mother batch: the least of mixer and hand that its steps meet. */
function limitG(workshop: Workshop, line: Line): number {
  const { kitchen } = workshop;
  let limit = Infinity;
  for (const step of line.chain.slice(0, throughIndex(line) + 1)) {
    if (isRest(step)) continue;
    if (isMixedHere(line, step)) limit = Math.min(limit, Math.max(0, ...kitchen.mixers.map((m) => m.maxDoughG)));
    else if (step.kind === 'mix' || step.kind === 'knead') limit = Math.min(limit, kitchen.handMaxDoughG);
  }
  return limit;
}

/** Shares by index in groups: the fewest that keep to the limit, levelled. A share over the limit gets a group of its own. */
function packShares(sizes: readonly number[], limit: number): readonly (readonly number[])[] {
  const total = sizes.reduce((a, b) => a + b, 0);
  for (let n = Math.max(1, Math.ceil(total / limit - EPSILON_G)); n < sizes.length; n++) {
    const groups = inRow(sizes, n, limit) ?? bestFit(sizes, n, limit);
    if (groups) return level(groups, sizes, limit);
  }
  return sizes.map((_, i) => [i]);
}

/** Neighbours together: n stretches of the list of about equal length; undefined where one is too heavy. */
function inRow(sizes: readonly number[], n: number, limit: number): number[][] | undefined {
  const groups = Array.from({ length: n }, (_, g) => {
    const [from, to] = [Math.round((g * sizes.length) / n), Math.round(((g + 1) * sizes.length) / n)];
    return sizes.slice(from, to).map((_size, i) => from + i);
  });
  return groups.every((g) => weigh(g, sizes) <= limit + EPSILON_G) ? groups : undefined;
}

/** Heaviest first with backtracking: finds n groups within the limit whenever there are any. */
function bestFit(sizes: readonly number[], n: number, limit: number): number[][] | undefined {
  const order = sizes.map((_, i) => i).sort((a, b) => (sizes[b] ?? 0) - (sizes[a] ?? 0) || a - b);
  const groups: number[][] = Array.from({ length: n }, () => []);
  const put = (k: number): boolean => {
    const share = order[k];
    if (share === undefined) return groups.every((g) => g.length > 0);
    const tried = new Set<number>();
    for (const group of groups) {
      const weight = weigh(group, sizes);
      if (tried.has(weight) || weight + (sizes[share] ?? 0) > limit + EPSILON_G) continue;
      tried.add(weight); // groups of one weight are alike
      group.push(share);
      if (put(k + 1)) return true;
      group.pop();
    }
    return false;
  };
  return put(0) ? groups : undefined;
}

const weigh = (group: readonly number[], sizes: readonly number[]): number =>
  group.reduce((sum, i) => sum + (sizes[i] ?? 0), 0);

const spreadOf = (groups: readonly (readonly number[])[], sizes: readonly number[]): number => {
  const weights = groups.map((g) => weigh(g, sizes));
  return Math.max(...weights) - Math.min(...weights);
};

/** Moves and exchanges shares as long as one makes heaviest and lightest more equal; each step lowers the spread, so it ends. */
function level(groups: readonly (readonly number[])[], sizes: readonly number[], limit: number): number[][] {
  let now = groups.map((g) => [...g]);
  for (let next = moreEqual(now, sizes, limit); next; next = moreEqual(now, sizes, limit)) now = next;
  return now.map((g) => g.sort((a, b) => a - b)).sort((a, b) => (a[0] ?? 0) - (b[0] ?? 0));
}

function moreEqual(groups: number[][], sizes: readonly number[], limit: number): number[][] | undefined {
  const spread = spreadOf(groups, sizes);
  for (const [a, from] of groups.entries())
    for (const [b, to] of groups.entries()) {
      if (a === b) continue;
      for (const x of from)
        for (const y of [undefined, ...to]) {
          if (y === undefined && from.length === 1) continue;
          const trial = groups.map((g, i) => {
            if (i === a) return [...g.filter((s) => s !== x), ...(y === undefined ? [] : [y])];
            return i === b ? [...g.filter((s) => s !== y), x] : g;
          });
          const fits = [trial[a], trial[b]].every((g) => weigh(g ?? [], sizes) <= limit + EPSILON_G);
          if (fits && spreadOf(trial, sizes) < spread - EPSILON_G) return trial;
        }
    }
  return undefined;
}
