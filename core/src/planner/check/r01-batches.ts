import { motherId } from '../../ids.ts';
import type { Ingredient } from '../../formula/index.ts';
import type { Plan, PlanBatch } from '../../plan/index.ts';
import { carries, isResting, type CheckedLine, type Facts } from './facts.ts';
import type { CheckedUnit } from './jobs.ts';
import type { Say } from './report.ts';
import { groupBy, isSameSet, sumOf } from './spans.ts';

/** Grams may differ by 0.1 g or 0.1 %, whichever is more (formats note, section 2). */
const isNear = (g: number, right: number): boolean => Math.abs(g - right) <= Math.max(0.1, 0.001 * right) + 1e-9;
const EPSILON_G = 1e-6;

/** R1 of the batches: all are listed once with their pieces and grams, and mother batches are few and equal. */
export function checkBatches(facts: Facts, units: readonly CheckedUnit[], plan: Plan, say: Say): void {
  const batches = units.filter((u) => u.kind !== 'piece');
  const listed = groupBy(plan.batches, (b) => b.id);
  const asked = new Set(batches.map((u) => u.id));
  for (const [id, list] of listed) {
    if (list.length > 1) say('R1', 'batch-twice', id, 0, {});
    if (!asked.has(id)) say('R1', 'batch-unasked', id, 0, {});
  }
  for (const unit of batches) {
    const own = listed.get(unit.id)?.[0];
    if (!own) say('R1', 'batch-missing', unit.id, 0, {});
    else checkBatch(facts, unit, own, say);
  }
  for (const line of facts.lines)
    if (line.through >= 0)
      checkMothers(
        facts,
        line,
        units.filter((u) => u.line === line),
        say,
      );
}

function checkBatch(facts: Facts, unit: CheckedUnit, own: PlanBatch, say: Say): void {
  const pieces = unit.kind === 'practice' ? [] : unit.pieces;
  const mayOmit = unit.kind === 'mother' && own.pieces.length === 0;
  if (!mayOmit && !isSameSet(own.pieces, pieces)) say('R1', 'batch-pieces', unit.id, 0, {});
  const isLabelled =
    own.bread === unit.line.bread.id &&
    own.station === (unit.station?.id ?? null) &&
    own.practice === (unit.kind === 'practice');
  if (!isLabelled) say('R1', 'batch-mislabelled', unit.id, 0, {});
  if (unit.kind === 'share' ? own.mother === null : own.mother !== null)
    say('R1', 'batch-mother', unit.id, 0, { isShare: unit.kind === 'share' });
  const { ingredients } = unit.line.bread;
  const flourG = (unit.doughG * 100) / sumOf(ingredients, (i) => (i.use === 'dough' ? (i.pct ?? 0) : 0));
  if (!isNear(own.doughG, unit.doughG))
    say('R1', 'batch-grams', unit.id, 0, { of: 'dough', rightG: unit.doughG, listedG: own.doughG });
  if (!isNear(own.flourG, flourG))
    say('R1', 'batch-grams', unit.id, 0, { of: 'flour', rightG: flourG, listedG: own.flourG });
  checkIngredients(facts, unit, own, flourG, say);
}

function checkIngredients(facts: Facts, unit: CheckedUnit, own: PlanBatch, flourG: number, say: Say): void {
  const key = (i: { readonly name: string; readonly use?: Ingredient['use'] | undefined }): string =>
    `${i.name} (${i.use ?? 'dough'})`;
  const carriers = (i: Ingredient): number => unit.owners.filter((o) => carries(facts, o, i, unit.line.bread)).length;
  const right = (i: Ingredient): number => {
    if (i.use === 'dough') return (flourG * (i.pct ?? 0)) / 100;
    return unit.kind === 'practice' ? 0 : (i.gPerPiece ?? 0) * carriers(i) + (i.gPerBatch ?? 0) * unit.shares;
  };
  const listed = new Map([...groupBy(own.ingredients, key)].map(([k, list]) => [k, sumOf(list, (i) => i.g)]));
  const wanted = groupBy(unit.line.bread.ingredients, key);
  for (const [name, list] of wanted) {
    const want = sumOf(list, right);
    const have = listed.get(name);
    // where no piece carries an optional ingredient, its gPerBatch is left open
    const isOpen = list.some((i) => i.gPerBatch !== undefined && carriers(i) === 0);
    if (!isOpen && ((have === undefined && want > 0) || !isNear(have ?? 0, want)))
      say('R1', 'batch-grams', unit.id, 0, {
        of: 'ingredient',
        name: list[0]?.name ?? name,
        rightG: want,
        listedG: have ?? null,
      });
  }
  for (const name of listed.keys())
    if (!wanted.has(name)) say('R1', 'batch-grams', unit.id, 0, { of: 'stranger', name });
}

/** The most dough that a mother batch may weigh: the least of mixer and hand that its steps meet. */
function motherLimitG(facts: Facts, line: CheckedLine): number {
  const { kitchen } = facts.workshop;
  let limit = Infinity;
  for (const s of line.chain.slice(0, line.through + 1)) {
    if (isResting(s)) continue;
    if (line.menu.mixer && s.mixerMinutes !== undefined)
      limit = Math.min(limit, Math.max(0, ...kitchen.mixers.map((m) => m.maxDoughG)));
    else if (s.kind === 'mix' || s.kind === 'knead') limit = Math.min(limit, kitchen.handMaxDoughG);
  }
  return limit;
}

/** Mother batches: named in order, as few as the limit allows, and so equal that no move or exchange of shares brings them nearer. */
function checkMothers(facts: Facts, line: CheckedLine, units: readonly CheckedUnit[], say: Say): void {
  const mothers = units.filter((u) => u.kind === 'mother');
  const shares = units.filter((u) => u.kind === 'share');
  const names = mothers.map((_, i) => motherId(line.bread.id, i + 1));
  const ids = mothers.map((m) => m.id);
  if (!isSameSet(ids, names)) say('R1', 'mother-names', ids, 0, {});
  const limit = motherLimitG(facts, line);
  const sizes = shares.map((s) => s.doughG);
  if (sizes.some((g) => g > limit + EPSILON_G)) return; // R7 says that a share is too large for any batch
  const fewest = fewestBatches(sizes, limit);
  if (mothers.length > fewest) say('R1', 'mothers-too-many', ids, 0, { fewest });
  const weights = new Map(mothers.map((m) => [m.id, m.doughG]));
  const spread = (of: ReadonlyMap<string, number>): number => Math.max(...of.values()) - Math.min(...of.values());
  const improves = (from: string, to: string, g: number): boolean => {
    const next = new Map(weights).set(from, (weights.get(from) ?? 0) - g).set(to, (weights.get(to) ?? 0) + g);
    return (
      (next.get(to) ?? 0) <= limit + EPSILON_G &&
      (next.get(from) ?? 0) <= limit + EPSILON_G &&
      spread(next) < spread(weights) - EPSILON_G
    );
  };
  const inside = (id: string): readonly number[] => shares.filter((s) => s.mother === id).map((s) => s.doughG);
  for (const a of ids)
    for (const b of ids) {
      if (a === b) continue;
      const moves = inside(a).length > 1 ? inside(a) : [];
      const exchanges = inside(a).flatMap((g) => inside(b).map((h) => g - h));
      if ([...moves, ...exchanges].some((g) => improves(a, b, g))) {
        say('R1', 'mothers-unequal', [a, b], 0, {});
        return;
      }
    }
}

/** The fewest batches of at most `limit` that hold all shares whole: tried exactly, largest share first. */
function fewestBatches(sizes: readonly number[], limit: number): number {
  const sorted = [...sizes].sort((a, b) => b - a);
  const fits = (free: number[], i: number): boolean => {
    const size = sorted[i];
    if (size === undefined) return true;
    const tried = new Set<number>();
    return free.some((room, b) => {
      const rounded = Math.round(room * 1000);
      if (size > room + EPSILON_G || tried.has(rounded)) return false;
      tried.add(rounded);
      const next = [...free];
      next[b] = room - size;
      return fits(next, i + 1);
    });
  };
  let n = 1;
  while (n < sorted.length && !fits(new Array<number>(n).fill(limit), 0)) n++;
  return n;
}
