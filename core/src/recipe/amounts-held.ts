import type { Bread } from '../bread/index.ts';
import { isRest, type Step } from '../method/index.ts';
import type { Conflict, ImportedRecipe, OwnedWords } from './result.ts';

/** An amount as it stands in a source, with what it measures. */
const AMOUNT =
  /(?<![lIO\d])(\d{1,7}(?:[.,]\d{1,4})?|[½¼¾⅓⅔⅛])\s*(%|g|kg|ml|l|cl|oz|lb|cups?|tbsp|tsp|tablespoons?|teaspoons?|minutes?|mins?|seconds?|secs?|s|hours?|hrs?|h|cm|mm|°)(?![\p{L}\d])/giu;
const TIME = /^(?:minutes?|mins?|seconds?|secs?|s|hours?|hrs?|h)$/i;
const SIZE = /^(?:cm|mm)$/i;
/** The lower end of a range, before its upper one. */
const RANGE = /(\d+(?:[.,]\d+)?)\s*(?:-|–|&ndash;|to)\s*$/;
/** So many characters before and behind an amount say more of it; a line is looked at whole. */
const AROUND = 60;
/** How far what is told and what is held may differ, as a share: of times, of sizes and weights. */
const NEAR = { time: 0.02, size: 0.1 } as const;

const isNear = (is: number, told: number, share: number): boolean => Math.abs(is - told) <= told * share;
const perMinute = (unit: string): number => (/^s/i.test(unit) ? 1 / 60 : /^h/i.test(unit) ? 60 : 1);
const numberOf = (figure: string): number => Number(figure.replace(',', '.'));

/** Minutes that a step holds in one way or another. */
function minutesIn(step: Step): readonly number[] {
  if (isRest(step)) return [step.window.min, step.window.ideal, step.window.max];
  const phases = step.kind === 'cook' ? (step.phases ?? []) : [];
  const seconds = phases.flatMap((p) => [p.sec, p.minSec ?? p.sec, p.maxSec ?? p.sec]);
  const inAll = phases.reduce((sum, p) => sum + p.sec, 0);
  return [
    ...seconds.map((sec) => sec / 60),
    inAll / 60,
    // a bread that is turned often is so long on each side
    inAll / 120,
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

/** An amount of a source with what stands round it. */
interface Told {
  readonly value: number;
  readonly unit: string;
  readonly at: number;
  readonly before: string;
  readonly behind: string;
  readonly owner: OwnedWords;
}

/** Whether the first of the steps lasts as long as an amount of time says, in one of the ways in which that is told. */
function holdsTime({ value, unit, before, behind, owner }: Told, steps: readonly Step[], source: string): boolean {
  const [step] = steps;
  if (!step) return true;
  const held = [...minutesIn(step), ...roundFold(steps)];
  const [, range] = RANGE.exec(before) ?? [];
  const half = /^ and a half\b/i.test(behind) ? 0.5 : 0;
  const [, added = '0'] = /(\d+(?:[.,]\d+)?)\s*\+\s*$/.exec(before) ?? [];
  const [, next = '0'] = /^(?:,| and)? (?:then|and)?[^.\d]{0,28}?\bfor (\d{1,2})\.(?:\s|$)/.exec(behind) ?? [];
  const [, seconds = '0'] =
    /^ ([1-5]\d)(?= (?:each|per|a|on (?:the|each|1|one)) (?:\w+ )?side|\s*(?:[.,;]|$))/.exec(behind) ?? [];
  const told = [
    value + half,
    value + numberOf(added),
    // "1 minute 30 each side", "flip, 1 min 30."
    value + Number(seconds) / 60,
    value + Number(next),
    // of a range the middle is taken
    (value + numberOf(range ?? String(value))) / 2,
  ].map((v) => v * perMinute(unit));
  // hours and minutes are one time
  const isOne = [60, 120].some((h) =>
    held.some((min) => told.some((v) => isNear(h + v, min, NEAR.time) || (v === h && min > h && min < h + 60))),
  );
  // the speeds of a machine are one time: a step holds their sum
  const inAll = [...source.slice(owner.from, owner.to).matchAll(AMOUNT)]
    .filter(([, , u = '']) => TIME.test(u))
    .reduce((sum, [, n = '', u = '']) => sum + numberOf(n) * perMinute(u), 0);
  return isOne || held.some((min) => [...told, inAll].some((v) => isNear(v, min, NEAR.time)));
}

function holdsSize({ value, unit, before }: Told, { diameterCm, thicknessMm = 0 }: Bread['piece']): boolean {
  const [, least] = RANGE.exec(before) ?? [];
  const told = [value, (value + numberOf(least ?? String(value))) / 2].map((v) => (/mm/i.test(unit) ? v / 10 : v));
  return [diameterCm, 2 * diameterCm, thicknessMm / 10].some((is) => told.some((cm) => isNear(cm, is, NEAR.size)));
}

/** Grams that a piece has: of dough, and of what it is filled, layered or topped with, each and together. */
function weightsIn({ piece, ingredients }: Bread): readonly number[] {
  const put = ingredients.filter((i) => ['fill', 'layer', 'finish'].includes(i.use)).map((i) => i.gPerPiece ?? 0);
  return [piece.doughG, ...put, put.reduce((sum, g) => sum + g, 0)];
}

/** A line is of one ingredient: what stands beside its amount says it once more in brackets, or adds to it. */
function isOfLine({ unit, at, owner }: Told, source: string, unread: readonly OwnedWords[]): boolean {
  // what is shown as not understood before it is no amount of the line
  const line = unread
    .filter((w) => w.from >= owner.from && w.to <= at)
    .reduce((t, w) => t.replace(source.slice(w.from, w.to), ''), source.slice(owner.from, at))
    // the cells of a page's table
    .replace(/<\/?t[dr][^>]*>|\.{3,}/g, ' ')
    // "58 % water 290 g": the share of what is weighed
    .replace(/^[^\d]*\d+(?:[.,]\d+)? ?% (?=\p{L})/u, '');
  return (
    line.match(AMOUNT) === null ||
    // how wet a starter is, "levain (100 %)  250 g"
    /\(\d{2,3} ?%[^()]*\)\s*(?:\|[\d.,\s%]+\|\s*)?$/.test(line) ||
    // the column beside, in a kitchen's measures
    /(?:lb|oz|pt|tsp|tbsp|cups?)\.?\s{2,}$/i.test(line) ||
    (/(?:\||\s{2})\s*$/.test(line) && /^(?:cups?|tbsp|tsp|oz|lb)$/i.test(unit)) ||
    unit === '%' ||
    unit === '°' ||
    /[(/+,%]\s*(?:\|\s*)?(?:\d+\s*)?$|\b(?:plus|and|or|less|at|lb)\s*$/i.test(line)
  );
}

/** Of those who claim a place of the source the one who has it: who did not understand it before all, else who claims fewest words. */
function ownerOf(claims: readonly OwnedWords[]): OwnedWords | undefined {
  const none = claims.find((w) => w.owner === 'none');
  const shortest = claims.reduce<OwnedWords | undefined>(
    (a, w) => (a && a.to - a.from <= w.to - w.from ? a : w),
    undefined,
  );
  // within a step an ingredient holds its own amount
  return none ?? (shortest?.owner === 'step' ? claims.find((w) => w.owner === 'ingredient') : undefined) ?? shortest;
}

/** An amount of a source that nothing of the bread holds, and what of the bread has its words. */
export interface UnheldAmount {
  readonly text: string;
  readonly path: string | undefined;
}

/**
 * The amounts of a source, and those of them that are lost: nobody owns them and they are not shown as not understood, or they stand in
 * the words of a part of the bread that does not hold them. That is judged by their values, not by what the reader says of itself.
 */
export function amountsHeld(
  source: string,
  { bread, words }: Pick<ImportedRecipe, 'bread' | 'words'>,
): { readonly amounts: number; readonly unheld: readonly UnheldAmount[] } {
  const unread = words.filter((w) => w.owner === 'none');
  const isHeld = (m: RegExpExecArray, owner: OwnedWords | undefined): boolean => {
    const [all, figure = '', unit = ''] = m;
    if (owner?.owner !== 'ingredient' && owner?.owner !== 'step')
      return owner !== undefined && !['title', 'heading', 'noise'].includes(owner.owner);
    const before = source.slice(Math.max(0, m.index - AROUND), m.index);
    // the end of a fraction, "1 1/2 min", is no figure of its own
    if (!bread || /[\d/]\s*$/.test(before) || !/\d/.test(figure)) return true;
    const end = m.index + all.length;
    const behind = source.slice(end, end + AROUND);
    const told: Told = { value: numberOf(figure), unit, at: m.index, before, behind, owner };
    if (owner.owner === 'ingredient') return isOfLine(told, source, unread);
    const n = Number(/\d+/.exec(owner.path ?? '')?.[0]);
    if (bread.steps[n] === undefined) return isOfLine(told, source, unread);
    if (TIME.test(unit)) return holdsTime(told, bread.steps.slice(n), source);
    if (SIZE.test(unit)) return holdsSize(told, bread.piece);
    const g = /^(?:kg|l)$/i.test(unit) ? 1000 * told.value : told.value;
    return unit.includes('°') || weightsIn(bread).some((is) => isNear(g, is, NEAR.size));
  };
  const all = [...source.matchAll(AMOUNT)];
  // amounts and words both stand in the order of the source: what is open at one is most of what is open at the next
  const sorted = [...words].sort((a, b) => a.from - b.from);
  let open: readonly OwnedWords[] = [];
  let next = 0;
  const unheld = all.flatMap((m): readonly UnheldAmount[] => {
    const from = next;
    while ((sorted[next]?.from ?? Infinity) <= m.index) next++;
    open = [...open, ...sorted.slice(from, next)].filter((w) => m.index < w.to);
    const owner = ownerOf(open);
    return isHeld(m, owner) ? [] : [{ text: m[0], path: owner?.path }];
  });
  return { amounts: all.length, unheld };
}

/** What a text tells and what has its words does not hold, as it is told to somebody. */
export const unheldTold = (source: string, read: Pick<ImportedRecipe, 'bread' | 'words'>): readonly Conflict[] =>
  amountsHeld(source, read).unheld.map(({ text, path }) => ({
    paths: path === undefined ? [] : [path],
    what: `"${text}" is told, and what was made of those words does not have it`,
  }));
