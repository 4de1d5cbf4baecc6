import { importRecipe } from '@hodsman/core';
import { RECIPE_TEXTS, scoreOf, type RecipeText, type Score } from '@hodsman/core/testing';
import { columns, median, tableOf } from './table.ts';

const WORST = 10;
const TEXTS = 200;
const REPEATS = 5;

function read(t: RecipeText): Score {
  const r = importRecipe(t.text);
  return r.ok ? scoreOf(t, r.value) : { points: 0, isFit: false, lost: [], amounts: 0, wrong: ['refused'] };
}

/** Milliseconds to read them one after another. */
function readingMs(texts: readonly string[]): number {
  const since = performance.now();
  for (const text of texts) importRecipe(text);
  return performance.now() - since;
}

/** The texts in groups of two hundred, each with all manners: none is read twice, so that nothing is remembered of it. */
function groupsOfTexts(): readonly (readonly string[])[] {
  const groups = Math.floor(RECIPE_TEXTS.length / TEXTS);
  return Array.from({ length: groups }, (_, group) =>
    RECIPE_TEXTS.filter((_text, n) => n % groups === group)
      .slice(0, TEXTS)
      .map((t) => t.text),
  );
}

const FEW = 10_000;
const TIMES_MORE = 8;
/** How much longer eight times as many lines take that are no recipe: no more than eight times, as a text must never be slower than its length. */
function longerFor(): number {
  const msFor = (lines: number): number => {
    const text = 'words of a book\n'.repeat(lines);
    if (!importRecipe(text).ok) throw new Error(`${lines} lines are more than is read at all`);
    const times = Array.from({ length: REPEATS }, () => {
      const since = performance.now();
      importRecipe(text);
      return performance.now() - since;
    });
    return median(times);
  };
  return msFor(TIMES_MORE * FEW) / msFor(FEW);
}

interface OfManner {
  readonly manner: string;
  readonly texts: number;
  /** Their mean. */
  readonly points: number;
  readonly fit: number;
}

/** The manners of several texts, those of most texts first; what is alone of its manner is one row, the last. */
function byManner(scores: readonly (Score & { readonly manner: string })[]): readonly OfManner[] {
  const of = (manner: string, own: readonly Score[]): OfManner => ({
    manner,
    texts: own.length,
    points: own.reduce((sum, s) => sum + s.points, 0) / own.length,
    fit: own.filter((s) => s.isFit).length,
  });
  const groups = [...new Set(scores.map((s) => s.manner))].map(
    (manner) => [manner, scores.filter((s) => s.manner === manner)] as const,
  );
  const several = groups.filter(([, own]) => own.length > 1).map(([manner, own]) => of(manner, own));
  const alone = groups.filter(([, own]) => own.length === 1).flatMap(([, own]) => own);
  return [...several.sort((a, b) => b.texts - a.texts), of('a manner of its own', alone)];
}

/** How well texts are read, by manner; the worst of them in words. */
export function measureRecipes(): readonly string[] {
  const [firstMs = NaN, ...speeds] = groupsOfTexts().map(readingMs);
  const scores = RECIPE_TEXTS.map((t) => ({ manner: t.manner, ...read(t) }));
  const sum = (of: (s: Score) => number): number => scores.reduce((all, s) => all + of(s), 0);
  const worst = [...scores].sort((a, b) => a.points - b.points).filter((s) => !s.isFit);
  return [
    ...tableOf([
      { what: `${scores.length} texts: mean of ten points`, measured: sum((s) => s.points) / scores.length, unit: '' },
      { what: 'fit to teach from', measured: sum((s) => Number(s.isFit)), unit: '' },
      { what: 'amounts in them', measured: sum((s) => s.amounts), unit: '' },
      { what: 'amounts lost without a word', measured: sum((s) => s.lost.length), unit: '' },
      {
        what: `${TEXTS} texts read, median of ${speeds.length} times others`,
        measured: median(speeds),
        unit: 'ms',
        limit: 2000,
      },
      { what: 'the same, slowest', measured: Math.max(...speeds), unit: 'ms', limit: 2000 },
      { what: `the first ${TEXTS}, before anything is warm`, measured: firstMs, unit: 'ms' },
      {
        what: `80,000 lines that are no recipe, against 10,000: times as long`,
        measured: longerFor(),
        unit: '',
        limit: TIMES_MORE,
      },
    ]),
    '',
    ...columns(
      byManner(scores),
      ['manner', (m) => m.manner],
      ['texts', (m) => String(m.texts)],
      ['points', (m) => m.points.toFixed(2)],
      ['fit to teach from', (m) => String(m.fit)],
    ),
    '',
    'The worst:',
    '',
    ...worst.slice(0, WORST).map((s) => `- ${s.manner}: ${s.wrong.filter((w) => w !== '').join('; ')}`),
  ];
}
