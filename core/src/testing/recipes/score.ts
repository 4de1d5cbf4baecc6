import type { Bread } from '../../bread/index.ts';
import type { ImportedRecipe } from '../../recipe/index.ts';
import { isRest, type Step } from '../../method/index.ts';
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
  const { lost, amounts } = lostAmounts(wanted.text, read);
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

const AMOUNT =
  /(?<![lIO])(\d+(?:[.,]\d+)?|[½¼¾⅓⅔⅛])\s*(%|g|kg|ml|l|cl|oz|lb|cups?|tbsp|tsp|tablespoons?|teaspoons?|minutes?|mins?|seconds?|secs?|s|hours?|hrs?|h|cm|mm|°)(?![\p{L}\d])/giu;
const TIME = /^(?:minutes?|mins?|seconds?|secs?|s|hours?|hrs?|h)$/i;
const SIZE = /^(?:cm|mm)$/i;
const perMinute = (unit: string): number => (/^s/i.test(unit) ? 1 / 60 : /^h/i.test(unit) ? 60 : 1);

/** Minutes that a step holds in one way or another. */
function minutesIn(step: Step): readonly number[] {
  if (isRest(step)) return [step.window.min, step.window.ideal, step.window.max];
  const phases = step.kind === 'cook' ? (step.phases ?? []) : [];
  const seconds = phases.flatMap((p) => [p.sec, p.minSec ?? p.sec, p.maxSec ?? p.sec]);
  return [
    ...seconds.map((sec) => sec / 60),
    phases.reduce((sum, p) => sum + p.sec, 0) / 60,
    // a bread that is turned often is so long on each side
    phases.reduce((sum, p) => sum + p.sec, 0) / 120,
    step.minutes ?? 0,
    (step.minutes ?? 0) + (step.minutesPerPiece ?? 0),
  ];
}

/** A rest with folds within it is several: their sums, from the first on. */
function roundFold([first, ...steps]: readonly Step[]): readonly number[] {
  if (!first || !isRest(first)) return [];
  const sums: number[] = [];
  let sum = first.window.ideal;
  for (let n = 0; steps[n]?.kind === 'fold'; n += 2) {
    const next = steps[n + 1];
    if (!next || !isRest(next)) break;
    sum += next.window.ideal;
    sums.push(sum);
  }
  return sums;
}

/**
 * The amounts of a text, and those of them that are lost: nobody owns them and they are not shown as not understood, or they stand in the
 * words of a part of the bread that does not hold them. That is judged by their values, not by what the reader says of itself.
 */
function lostAmounts(
  text: string,
  read: ImportedRecipe,
): { readonly amounts: number; readonly lost: readonly string[] } {
  const { bread, words } = read;
  const all = [...text.matchAll(AMOUNT)];
  const isHeld = (m: RegExpExecArray): boolean => {
    const [, figure = '', unit = ''] = m;
    const over = words.filter((w) => w.from <= m.index && m.index < w.to);
    if (over.some((w) => w.owner === 'none')) return true;
    // within a step an ingredient holds its own amount
    const [shortest] = [...over].sort((x, y) => x.to - x.from - (y.to - y.from));
    const own = (shortest?.owner === 'step' ? over.find((w) => w.owner === 'ingredient') : undefined) ?? shortest;
    if (!own || !['ingredient', 'step'].includes(own.owner))
      return own !== undefined && !['title', 'heading', 'noise'].includes(own.owner);
    // the end of a fraction, "1 1/2 min", is no figure of its own
    if (!bread || /[\d/]\s*$/.test(text.slice(0, m.index)) || !/\d/.test(figure)) return true;
    const value = Number(figure.replace(',', '.'));
    const n = Number(/\d+/.exec(own.path ?? '')?.[0]);
    const step = own.owner === 'step' ? bread.steps[n] : undefined;
    if (step && TIME.test(unit)) {
      const told = [...minutesIn(step), ...roundFold(bread.steps.slice(n))];
      const [, range] = /(\d+(?:[.,]\d+)?)\s*(?:-|–|&ndash;|to)\s*$/.exec(text.slice(0, m.index)) ?? [];
      // of a range the middle is taken; hours and minutes are one time
      const half = /^ and a half\b/i.test(text.slice(m.index + m[0].length)) ? 0.5 : 0;
      const [, added = '0'] = /(\d+(?:[.,]\d+)?)\s*\+\s*$/.exec(text.slice(0, m.index)) ?? [];
      const [, next = '0'] =
        /^(?:,| and)? (?:then|and)?[^.\d]{0,28}?\bfor (\d{1,2})\.(?:\s|$)/.exec(text.slice(m.index + m[0].length)) ??
        [];
      const values = [
        value + half,
        value + Number(added),
        // "1 minute 30 each side"
        value + Number(/^ ([1-5]\d)(?= (?:each|per|a) side)/.exec(text.slice(m.index + m[0].length))?.[1] ?? 0) / 60,
        value + Number(next),
        (value + Number(range ?? value)) / 2,
      ].map((v) => v * perMinute(unit));
      const isOne = [60, 120].some((h) =>
        told.some((min) => values.some((v) => isNear(h + v, min, 0.02) || (v === h && min > h && min < h + 60))),
      );
      // the speeds of a machine are one time: a step holds their sum
      const inAll = [...text.slice(own.from, own.to).matchAll(AMOUNT)]
        .filter(([, , u = '']) => TIME.test(u))
        .reduce((sum, [, n = '', u = '']) => sum + Number(n.replace(',', '.')) * perMinute(u), 0);
      return isOne || told.some((min) => [...values, inAll].some((v) => isNear(v, min, 0.02)));
    }
    if (step && SIZE.test(unit)) {
      const [, least] = /(\d+(?:[.,]\d+)?)\s*(?:-|–|&ndash;|to)\s*$/.exec(text.slice(0, m.index)) ?? [];
      const { diameterCm, thicknessMm = 0 } = bread.piece;
      // of a range the middle is taken
      const sizes = [value, (value + Number(least ?? value)) / 2].map((v) => (/mm/i.test(unit) ? v / 10 : v));
      return [diameterCm, 2 * diameterCm, thicknessMm / 10].some((is) => sizes.some((cm) => isNear(cm, is, 0.1)));
    }
    if (step)
      return unit.includes('°') || isNear(/^(?:kg|l)$/i.test(unit) ? 1000 * value : value, bread.piece.doughG, 0.1);
    // a line is of one ingredient: what stands beside its amount says it once more in brackets, or adds to it
    // what is shown as not understood before it is no amount of the line
    const before = words
      .filter((w) => w.owner === 'none' && w.from >= own.from && w.to <= m.index)
      .reduce((t, w) => t.replace(text.slice(w.from, w.to), ''), text.slice(own.from, m.index))
      // the cells of a page's table
      .replace(/<\/?t[dr][^>]*>|\.{3,}/g, ' ');
    const isFirst = before.match(AMOUNT) === null;
    return (
      isFirst ||
      // how wet a starter is, "levain (100 %)  250 g"
      /\(\d{2,3} ?%\)\s*$/.test(before) ||
      // the column beside, in a kitchen's measures
      /(?:lb|oz|pt|tsp|tbsp|cups?)\.?\s{2,}$/i.test(before) ||
      (/(?:\||\s{2})\s*$/.test(before) && /^(?:cups?|tbsp|tsp|oz|lb)$/i.test(unit)) ||
      unit === '%' ||
      unit === '°' ||
      /[(/+,%]\s*(?:\|\s*)?(?:\d+\s*)?$|\b(?:plus|and|or|less|at|lb)\s*$/i.test(before)
    );
  };
  return { amounts: all.length, lost: all.filter((m) => !isHeld(m)).map((m) => m[0]) };
}
