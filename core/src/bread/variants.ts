import { same } from '../compare/index.ts';
import { hydrationPct, type Ingredient } from '../formula/index.ts';
import type { Step } from '../method/index.ts';
import { contentsOf } from './contents.ts';
import type { Bread } from './schema.ts';
import { methodTimes, type Circumstances, type MethodTimes } from './times.ts';

/** One thing that two breads do not share; the side without it is absent. */
export interface Difference<T> {
  readonly key: string;
  readonly left?: T;
  readonly right?: T;
}

/** What differs between two breads, the left and the right. */
export interface Comparison {
  readonly ingredients: readonly Difference<Ingredient>[];
  readonly steps: readonly Difference<Step>[];
  readonly times: { readonly left: MethodTimes; readonly right: MethodTimes };
  readonly hydrationPct: { readonly left: number; readonly right: number };
  /** Words of allergens and contents that only one of them holds. */
  readonly onlyLeft: readonly string[];
  readonly onlyRight: readonly string[];
}

/** What names an ingredient in its bread: name and use, since flour may be dough and dusting. */
const ingredientKey = (i: Ingredient): string => `${i.use} ${i.name}`;
const stepKey = (s: Step): string => s.id;

function differences<T>(left: readonly T[], right: readonly T[], key: (t: T) => string): readonly Difference<T>[] {
  const others = new Map(right.map((r) => [key(r), r]));
  const own = new Set(left.map(key));
  const found: Difference<T>[] = [];
  for (const l of left) {
    const r = others.get(key(l));
    if (r === undefined) found.push({ key: key(l), left: l });
    else if (!same(l, r)) found.push({ key: key(l), left: l, right: r });
  }
  for (const r of right) if (!own.has(key(r))) found.push({ key: key(r), right: r });
  return found;
}

/** Two breads side by side: what differs in formula, method, time, feel and allergens. */
export function compareBreads(left: Bread, right: Bread, at: Circumstances): Comparison {
  const words = (b: Bread): readonly string[] => contentsOf(b).map((c) => c.word);
  const [leftWords, rightWords] = [words(left), words(right)];
  return {
    ingredients: differences(left.ingredients, right.ingredients, ingredientKey),
    steps: differences(left.steps, right.steps, stepKey),
    times: { left: methodTimes(left.steps, at), right: methodTimes(right.steps, at) },
    hydrationPct: { left: hydrationPct(left.ingredients), right: hydrationPct(right.ingredients) },
    onlyLeft: leftWords.filter((w) => !rightWords.includes(w)),
    onlyRight: rightWords.filter((w) => !leftWords.includes(w)),
  };
}

/**
 * What a list becomes when its origin changes: entries that are as the old origin had them follow the new one, own entries stay, what
 * the variant left out stays out, and what is new in the origin comes in behind its neighbour there.
 */
function follow<T>(
  variant: readonly T[],
  before: readonly T[],
  after: readonly T[],
  key: (t: T) => string,
): readonly T[] {
  const was = new Map(before.map((t) => [key(t), t]));
  const now = new Map(after.map((t) => [key(t), t]));
  const result = variant.flatMap((v): T[] => {
    const old = was.get(key(v));
    if (old === undefined || !same(old, v)) return [v];
    const next = now.get(key(v));
    return next === undefined ? [] : [next];
  });
  after.forEach((t, n) => {
    if (was.has(key(t)) || result.some((r) => key(r) === key(t))) return;
    const before = after.slice(0, n).map(key);
    const at = result.findLastIndex((r) => before.includes(key(r)));
    result.splice(at + 1, 0, t);
  });
  return result;
}

/** A variant after its parent changed: it keeps what it overrides, in ingredients, steps and figures, and follows in all else. */
export function rebaseVariant(variant: Bread, before: Bread, after: Bread): Bread {
  const FIGURES = ['family', 'lossPct', 'doughC', 'piece', 'holdMaxMin', 'keep'] as const;
  const followed = FIGURES.filter((key) => same(variant[key], before[key]));
  const kept = Object.fromEntries(Object.entries(variant).filter(([key]) => !followed.some((f) => f === key)));
  const taken = Object.fromEntries(followed.flatMap((key) => (after[key] === undefined ? [] : [[key, after[key]]])));
  return {
    ...({ ...kept, ...taken } as Bread),
    ingredients: [...follow(variant.ingredients, before.ingredients, after.ingredients, ingredientKey)],
    steps: [...follow(variant.steps, before.steps, after.steps, stepKey)],
  };
}
