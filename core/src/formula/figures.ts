import { findFood, type Role } from '../foods/index.ts';
import { hydrationPct } from './scale.ts';
import type { Ingredient } from './schema.ts';

/** A measure of a formula in baker's percentage, with what is usual and how it feels or acts. */
export interface Figure {
  readonly id: 'hydration' | 'salt' | 'fat' | 'sugar' | 'yeast' | 'powder' | 'soda' | 'starter';
  readonly pct: number;
  /** The usual range for the family; absent where none is usual. */
  readonly usual?: { readonly from: number; readonly to: number };
  readonly isUnusual: boolean;
  readonly words: string;
}

export type FamilyName =
  'unleavened' | 'hot-water' | 'yeasted' | 'sourdough' | 'chemical' | 'laminated' | 'filled' | 'gluten-free';

/** Usual hydration of the families in % (common practice; of true water, so a little wider than the liquid's range in recipes). */
const HYDRATION: Readonly<Record<FamilyName, readonly [number, number]>> = {
  unleavened: [50, 66],
  'hot-water': [55, 72],
  yeasted: [55, 86],
  sourdough: [48, 68],
  chemical: [48, 76],
  laminated: [48, 66],
  filled: [50, 70],
  'gluten-free': [62, 95],
};
const FAT: Readonly<Record<FamilyName, readonly [number, number]>> = {
  unleavened: [0, 15],
  'hot-water': [0, 12],
  yeasted: [0, 9],
  sourdough: [0, 11],
  chemical: [0, 10],
  laminated: [0, 11],
  filled: [0, 11],
  'gluten-free': [0, 16],
};
/** Salt from 1 to 2.6 % of the flour passes; 1.5 to 2.2 is usual (common practice). */
const SALT = { least: 1, most: 2.6 } as const;

/** How white wheat dough feels by its hydration in % (common practice). */
function feelOf(hydration: number): string {
  if (hydration < 55) return 'stiff';
  if (hydration < 62) return 'firm';
  if (hydration < 68) return 'soft';
  if (hydration <= 75) return 'sticky';
  return hydration <= BATTER_FROM_PCT ? 'wet' : 'a batter, to be poured';
}

/** Over this hydration in % nothing can be shaped by hand (common practice; the wettest doughs of the families are under 100). */
export const BATTER_FROM_PCT = 110;

/** Hydration in % of all that thickens a dough, flour and the likes of potato or gram flour: over `BATTER_FROM_PCT` it is a batter. */
export function batterPct(ingredients: readonly Ingredient[]): number {
  return (100 * hydrationPct(ingredients)) / (100 + sumPct(ingredients, ofRole('other')));
}

/** Σ pct of the dough ingredients that a test picks. */
function sumPct(ingredients: readonly Ingredient[], picks: (i: Ingredient) => boolean): number {
  return ingredients.reduce((sum, i) => sum + (i.use === 'dough' && picks(i) ? (i.pct ?? 0) : 0), 0);
}

const ofRole =
  (role: Role) =>
  (i: Ingredient): boolean =>
    i.role === role;

/** Dry yeast that raises as much: fresh yeast counts a third (common practice). */
const DRY_PER_FRESH = 1 / 3;

/** What a leaven is: yeast, soda or powder, by its name. */
export function leavenKind(i: Ingredient): 'yeast' | 'powder' | 'soda' | undefined {
  if (i.role !== 'leaven') return undefined;
  const id = findFood(i.name)?.id ?? '';
  if (id === 'baking-powder' || id === 'cream-of-tartar' || id === 'bakers-ammonia') return 'powder';
  if (id === 'baking-soda') return 'soda';
  return 'yeast';
}

/** Yeast of a formula as dry yeast, in % of the flour. */
export function yeastPct(ingredients: readonly Ingredient[]): number {
  const yeasts = ingredients.filter((i) => i.use === 'dough' && leavenKind(i) === 'yeast');
  return yeasts.reduce(
    (sum, i) => sum + (i.pct ?? 0) * (findFood(i.name)?.id === 'fresh-yeast' ? DRY_PER_FRESH : 1),
    0,
  );
}

/** Fat of a formula as such: what butter holds of water is left out. */
function fatPct(ingredients: readonly Ingredient[]): number {
  return ingredients.reduce(
    (sum, i) => sum + (i.use === 'dough' && i.role === 'fat' ? ((i.pct ?? 0) * (100 - (i.waterPct ?? 0))) / 100 : 0),
    0,
  );
}

function figure(id: Figure['id'], pct: number, usual: readonly [number, number] | undefined, words: string): Figure {
  if (usual === undefined) return { id, pct, isUnusual: false, words };
  const [from, to] = usual;
  return { id, pct, usual: { from, to }, isUnusual: pct < from - 1e-9 || pct > to + 1e-9, words };
}

/** From this share of the flour on, potato and the like make a dough of another kind: salt is meant for them too, the rest has no usual range. */
const BULK_PCT = 50;

/**
 * The measures of a formula that bakers judge it by, those that it has: hydration with its feel, salt, fat, sugar, leavens. Percentages
 * are of all flour. Usual ranges are common practice.
 */
export function figuresOf(ingredients: readonly Ingredient[], family: FamilyName): readonly Figure[] {
  const hydration = hydrationPct(ingredients);
  const others = sumPct(ingredients, ofRole('other'));
  const bulk = others > BULK_PCT ? others : 0;
  const salted = (100 + bulk) / 100;
  const hasScald = family === 'hot-water';
  const figures: Figure[] = [
    figure(
      'hydration',
      hydration,
      bulk > 0 ? undefined : HYDRATION[family],
      family === 'gluten-free'
        ? 'held by starch, not by gluten'
        : hasScald
          ? 'soft and not elastic, the flour is scalded'
          : feelOf(hydration),
    ),
    figure(
      'salt',
      sumPct(ingredients, ofRole('salt')),
      [SALT.least * salted, SALT.most * salted],
      'for taste, and a firmer dough',
    ),
    figure(
      'fat',
      fatPct(ingredients),
      bulk > 0 ? undefined : FAT[family],
      'shortens gluten: less chew, rolls more easily',
    ),
  ];
  const sugar = sumPct(ingredients, ofRole('sugar'));
  if (sugar > 0) figures.push(figure('sugar', sugar, [0, 6], 'browns sooner, keeps softer'));
  const yeast = yeastPct(ingredients);
  if (yeast > 0)
    figures.push(
      figure(
        'yeast',
        yeast,
        [0.1, 2.5],
        yeast < 0.5 ? 'slow, long proof' : yeast > 1.5 ? 'quick' : 'an hour or so when warm',
      ),
    );
  const powder = sumPct(ingredients, (i) => leavenKind(i) === 'powder');
  if (powder > 0) figures.push(figure('powder', powder, [0.5, 5], 'lifts when wet and again when hot'));
  const soda = sumPct(ingredients, (i) => leavenKind(i) === 'soda');
  if (soda > 0) figures.push(figure('soda', soda, [0.3, 2.2], 'needs something sour'));
  const starter = sumPct(ingredients, ofRole('starter'));
  if (starter > 0) figures.push(figure('starter', starter, [15, 60], 'raises slowly, tastes of time'));
  return figures;
}
