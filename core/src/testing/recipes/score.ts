import type { Bread } from '../../bread/index.ts';
import type { ImportedRecipe } from '../../recipe/index.ts';
import { amountsHeld } from '../../recipe/amounts-held.ts';
import { isRest } from '../../method/index.ts';
import type { RecipeText } from './recipe-text.ts';

/** How well a text was read. */
export interface Score {
  /** 0 to 10. */
  readonly points: number;
  /** Everything that is expected is there, nothing is invented, and no amount is lost. */
  readonly isFit: boolean;
  /** Amounts of the text that are in no word that has an owner, and are not shown as not understood. */
  readonly lost: readonly string[];
  readonly amounts: number;
  /** What is wrong, in words. */
  readonly wrong: readonly string[];
}

const POINTS = { formula: 4, kinds: 2, rests: 1.5, cook: 1, piece: 0.5, invented: 1 } as const;

/** Words that name no ingredient: of a bread, of a class, of work; and figures. */
const NO_FOOD =
  /\b(?:flat ?breads?|breads?(?! (?:flour|spice))|naans?|wraps?|chapatt?is?|farls?|pitas?|tortillas?|rounds|allergens?|contains|time|people|persons?|portions?|pieces|serves|makes|each|every|what|take|use|if|your|you|that['’]s|per|less|plus|mix|knead|rest|cook|dough)\b|[:°/]|\d(?! ?%)/i;
/** Shares of the flour beyond which nobody bakes (common practice): of salt, of yeast or powder, of a weight of one piece in grams; and of a name in words. */
const MOST = { saltPct: 6, leavenPct: 10, nameWords: 7, leastPieceG: 18, mostPieceG: 450 } as const;

/** What of the ingredients nobody can have meant, beside those that are expected. */
function strangeIn(wanted: RecipeText, bread: Bread): readonly string[] {
  const dough = bread.ingredients.filter((i) => i.use === 'dough' && wanted.pct[i.name] === undefined);
  const isLong = (name: string): boolean => name.split(' ').length > MOST.nameWords;
  const words = [
    ...dough.filter((i) => NO_FOOD.test(i.name.replace(/\b(?:0{1,2}|T ?\d{2,3}|(?:type?|tipo) \d{1,4})\b/g, ''))),
    ...bread.ingredients.filter((i) => isLong(i.name)),
  ].map((i) => i.name);
  const shares = dough
    .filter(
      (i) =>
        (i.role === 'salt' && (i.pct ?? 0) > MOST.saltPct) || (i.role === 'leaven' && (i.pct ?? 0) > MOST.leavenPct),
    )
    .map((i) => `${i.name} ${i.pct} %`);
  const { doughG } = bread.piece;
  const isPiece = wanted.pieceG !== undefined || (doughG >= MOST.leastPieceG && doughG <= MOST.mostPieceG);
  return [...words, ...shares, ...(isPiece ? [] : [`a piece of ${doughG} g`])];
}

const isNear = (is: number, wanted: number, share: number, least = 0): boolean =>
  Math.abs(is - wanted) <= Math.max(wanted * share, least);

/** Fewest insertions, removals and exchanges between two lists (Levenshtein 1966). */
function distance(a: readonly string[], b: readonly string[]): number {
  let row = b.map((_, j) => j + 1);
  a.forEach((x, i) => {
    let [corner, left] = [i, i + 1];
    row = row.map((up, j) => {
      left = Math.min(up + 1, left + 1, corner + (x === b[j] ? 0 : 1));
      corner = up;
      return left;
    });
  });
  return row.at(-1) ?? a.length;
}

/** How many figures of two lists agree in order. */
function agreeing(is: readonly number[], wanted: readonly number[], share: number): number {
  if (wanted.length === 0) return is.length === 0 ? 1 : 0;
  const right = wanted.filter((w, i) => isNear(is[i] ?? NaN, w, share)).length;
  return right / Math.max(wanted.length, is.length);
}

/** Judges what came of a text. A text without a bread has no points. */
export function scoreOf(wanted: RecipeText, read: ImportedRecipe): Score {
  const { amounts, unheld } = amountsHeld(wanted.text, read);
  const lost = unheld.map((u) => u.text);
  const { bread } = read;
  if (!bread) return { points: 0, isFit: false, lost, amounts, wrong: ['no bread'] };
  const wrong: string[] = [];
  const part = (share: number, weight: number, words: string): number => {
    if (share < 1) wrong.push(words);
    return share * weight;
  };
  const names = Object.entries(wanted.pct);
  const rightOnes = names.filter(([name, pct]) =>
    bread.ingredients.some((i) => i.name === name && i.use === 'dough' && isNear(i.pct ?? NaN, pct, 0.05, 0.1)),
  );
  const formula = bread.ingredients.map((i) => `${i.name} ${i.pct ?? `${i.gPerPiece} g`}`).join(', ');
  const kinds = bread.steps.map((s) => s.kind);
  const kindsWanted = wanted.kinds.split(' ');
  const rests = bread.steps.flatMap((s) => (isRest(s) ? [s.window.ideal] : []));
  const cook = bread.steps.flatMap((s) => (s.kind === 'cook' ? [(s.phases ?? []).map((p) => p.sec)] : []))[0] ?? [];
  const allergens = [...new Set(bread.ingredients.flatMap((i) => i.allergens ?? []))].sort();
  const invented = [
    ...(rests.length > wanted.rests.length ? ['a rest'] : []),
    ...(kinds.length > kindsWanted.length ? ['a step'] : []),
    ...(wanted.allergens && allergens.some((a) => !wanted.allergens?.includes(a))
      ? [`allergens ${allergens.join()}`]
      : []),
  ];
  const strange = strangeIn(wanted, bread);
  const missing = [
    ...(wanted.allergens?.filter((a) => !allergens.includes(a)) ?? []),
    ...(wanted.others?.filter((o) => !bread.ingredients.some((i) => i.name.includes(o))) ?? []),
    ...(wanted.conflicts?.filter((c) => !read.conflicts.some((x) => c.test(x.what))).map(String) ?? []),
  ];
  const points =
    part(rightOnes.length / names.length, POINTS.formula, `formula: ${formula}`) +
    part(
      1 - Math.min(1, distance(kinds, kindsWanted) / kindsWanted.length),
      POINTS.kinds,
      `steps: ${kinds.join(' ')}, not ${wanted.kinds}`,
    ) +
    part(
      agreeing(rests, wanted.rests, 0.1),
      POINTS.rests,
      `rests: ${rests.join(', ')}, not ${wanted.rests.join(', ')}`,
    ) +
    part(agreeing(cook, wanted.cook, 0.1), POINTS.cook, `cooks ${cook.join(' + ')} s, not ${wanted.cook.join(' + ')}`) +
    part(
      wanted.pieceG === undefined || isNear(bread.piece.doughG, wanted.pieceG, 0.05) ? 1 : 0,
      POINTS.piece,
      `a piece of ${bread.piece.doughG} g, not ${wanted.pieceG}`,
    ) +
    part(
      invented.length + missing.length + strange.length === 0 ? 1 : 0,
      POINTS.invented,
      [...invented, ...strange.map((x) => `strange: ${x}`), ...missing.map((m) => `no ${m}`)].join(', '),
    );
  return { points, isFit: wrong.length === 0 && lost.length === 0, lost, amounts, wrong };
}
