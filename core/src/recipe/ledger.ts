import { minutesOfLesson } from './day-plan.ts';
import { findFood, foodsIn } from '../foods/index.ts';
import type { Ingredient } from '../formula/index.ts';
import { isRest } from '../method/index.ts';
import type { BuiltSteps } from './build-steps.ts';
import { figuresIn, type PieceSize } from './figures-in-text.ts';
import type { ReadIngredient } from './ingredient-line.ts';
import type { Mapped, Span } from './mapped.ts';
import type { MethodDrafts } from './method-drafts.ts';
import { normal } from './normal-line.ts';
import { weightsOfParts } from './parts-of-line.ts';
import type { ImportedRecipe, OwnedWords, WordOwner } from './result.ts';
import type { RecipeParts } from './sections.ts';

interface Known {
  readonly parts: RecipeParts;
  readonly lines: readonly ReadIngredient[];
  readonly ingredients: readonly Ingredient[];
  readonly built: BuiltSteps;
  readonly method: MethodDrafts;
  readonly notUnderstood: readonly Mapped[];
  readonly piece: PieceSize;
}

/** A figure with a measure, in one spelling, or a time in words that nobody could count: what must not be lost. */
const FIGURE =
  /(?:\d+(?:\.\d+)?(?:\s*[½¼¾⅓⅔⅛])?|[½¼¾⅓⅔⅛]|\d+\s*\/\s*\d+)(?:\s*(?:-|–|to|or)\s*\d+(?:\.\d+)?)?\s*(?:%|°|(?:g|kg|mg|ml|l|oz|lbs?|cups?|tbsp|tsp|tablespoons?|teaspoons?|glass(?:es)?|minutes?|mins?|seconds?|secs?|s|hours?|hrs?|h|days?|months?|weeks?|cm|mm)(?![\p{L}\d]))|(?<!\b(?:every|each|first|last|per|an?) (?:\w+ )?)\b(?:minutes?|hours?)\b|\bovernight\b/giu;

/** So long at least lasts what goes on overnight (this program's own choice). */
const LEAST_NIGHT_MIN = 360;

const overlaps = (a: Span, b: Span): boolean => a.from < b.to && b.from < a.to;

/**
 * Who owns every word. A line belongs to what was made of it; a figure in it only if it was taken, so that nothing with a number is lost
 * behind a line that was read in part. What nobody owns is not understood, by itself.
 */
export function wordsOf(known: Known): {
  readonly words: readonly OwnedWords[];
  readonly notUnderstood: readonly string[];
} {
  const { parts, lines, ingredients, built, method, notUnderstood, piece } = known;
  const words: OwnedWords[] = [];
  const own = (spans: readonly Span[], owner: WordOwner, path?: string): void => {
    for (const { from, to } of spans) words.push({ from, to, owner, ...(path === undefined ? {} : { path }) });
  };
  if (parts.title) own([parts.title.span()], 'title', 'name');
  own(
    parts.headings.map((h) => h.span()),
    'heading',
  );
  own(
    parts.aside.map((a) => a.span()),
    'aside',
  );
  own(
    parts.facts.flatMap((f) => f.spans()),
    'fact',
    'piece',
  );
  own(
    [...method.keeping, ...parts.keeping].map((k) => k.span()),
    'keeping',
  );
  own(
    method.remarks.map((r) => r.span()),
    'remark',
  );
  own(method.beside, 'remark');
  own(
    method.troubles.map((t) => t.span()),
    'trouble',
  );
  const placeOf = (l: ReadIngredient): string | undefined => {
    const n = ingredients.findIndex((i) => i.name === l.name && i.use === l.use);
    return n < 0 ? undefined : `ingredients[${n}]`;
  };
  for (const l of lines) own(l.at, 'ingredient', placeOf(l));
  built.spans.forEach((spans, n) => own(spans, 'step', `steps[${n}]`));

  // what says how many may name a food with its amount that no line of the list has
  const isWithout = (fact: Mapped): boolean =>
    foodsIn(fact.text).some(
      (f) =>
        new RegExp(`\\d ?(?:k?g|m?l|tsp|tbsp|cups?) (?:of )?(?:\\p{L}+ )?${f.words}\\b`, 'iu').test(fact.text) &&
        !lines.some((l) => l.food === f.food),
    );
  const left: Mapped[] = [...notUnderstood, ...parts.facts.filter(isWithout)].filter((l) => l.text.trim() !== '');
  const shown = left.map((l) => l.span());
  const hasNight = built.steps.some((s) => isRest(s) && s.window.max >= LEAST_NIGHT_MIN);
  /** Figures of a text that nothing has taken; told as the words round them. */
  const check = (text: Mapped, used: readonly Span[]): void => {
    const spelled = normal(text);
    for (const m of spelled.text.matchAll(FIGURE)) {
      // what goes on overnight may be told more than once
      if (/^overnight$/i.test(m[0]) && hasNight) continue;
      const span = spelled.span(m.index, m.index + m[0].length);
      if ([...used, ...shown].some((u) => overlaps(u, span))) continue;
      own([span], 'none');
      left.push(around(spelled, m.index, m[0].length));
    }
  };
  for (const { unread } of lines) {
    if (!unread) continue;
    own([unread.span()], 'none');
    left.push(unread);
  }
  const taken = lines.flatMap((l) => l.used);
  for (const { line } of parts.ingredients) check(line, taken);
  const spoken = [...method.keeping, ...method.remarks, ...method.troubles].map((m) => m.span());
  for (const sentence of parts.method) {
    const spelled = normal(sentence);
    const figures = figuresIn(spelled.text, piece).map(({ at, length }) => spelled.span(at, at + length));
    for (const { at, length, line } of weightsOfParts(spelled.text, lines)) {
      figures.push(spelled.span(at, at + length));
      own([spelled.span(at, at + length)], 'ingredient', placeOf(line));
    }
    // amounts of a list inside a sentence are those of its ingredients
    check(sentence, [...built.used, ...figures, ...spoken, ...taken]);
  }
  own(
    left.map((l) => l.span()),
    'none',
  );
  return {
    words: words.sort((a, b) => a.from - b.from || b.to - a.to),
    notUnderstood: [...new Set(left.map((l) => l.text.trim()))],
  };
}

/** What only joins or numbers: "and", "1.", "Step 2:", "B.", the time of day before a line of a schedule. */
const NOISE =
  /^(?:[^\p{L}\d½¼¾⅓⅔⅛]|\b(?:and|or|to|plus|with|for|on|then|now|next|finally|lastly|add|put|step|stage|part|phase|take|use|about|some|roughly|the same of|the same amount of|o)\b|\b\d{1,2}[.:]\d{2}\b|\b\d{1,2}\b(?=\s*(?:[.):|–—-]|$))|\b\d{1,3}['’′](?=\s*$)|\b(?:[a-z]|[ivx]{1,4})(?=[.):]))*$/iu;

/** "1 /" before a step, "Repos /", "Ballengare (" before the same in English: no figure, no unit and no food of it is lost. */
const isOtherTongue = (text: string): boolean =>
  /^(?:\d{1,2} \/|\p{L}{4,}(?: \p{L}+)? ?[/(])$/u.test(text.trim()) && findFood(text) === undefined;

/** A tag of a page between the cells of a row. */
const TAG = /<\/?[a-z][^<>]*>/gi;

/**
 * The words of a text that nobody has claimed: what only joins or numbers is noise, everything else is not understood. What of a page is
 * no words of its content is set aside.
 */
export function withGaps(recipe: ImportedRecipe, source: string, content: readonly Span[]): ImportedRecipe {
  const owned = recipe.words.map((w) => wholeWordsOf(source, w));
  const words: OwnedWords[] = [...owned];
  const left: string[] = [];
  const minutes = minutesOfLesson(source);
  const gaps = (within: Span, claim: (gap: Span) => void): void => {
    let { from } = within;
    for (const w of owned.filter((x) => overlaps(x, within)).sort((a, b) => a.from - b.from)) {
      if (w.from > from) claim({ from, to: w.from });
      from = Math.max(from, w.to);
    }
    if (from < within.to) claim({ from, to: within.to });
  };
  for (const line of content)
    gaps(line, (gap) => {
      const { from, to } = inWholeWords(source, line, gap);
      for (const part of [
        { from: gap.from, to: from },
        { from: to, to: gap.to },
      ])
        if (part.to > part.from) words.push({ ...part, owner: 'noise' });
      if (from >= to) return;
      const text = source.slice(from, to);
      const isNoise =
        NOISE.test(text.replace(TAG, ' ')) || isOtherTongue(text) || minutes.some((m) => m.from <= from && to <= m.to);
      words.push({ from, to, owner: isNoise ? 'noise' : 'none' });
      if (!isNoise) left.push(text.trim());
    });
  let from = 0;
  const aside = (to: number): void => {
    if (to > from) gaps({ from, to }, (gap) => words.push({ ...gap, owner: 'aside' }));
  };
  for (const line of [...content].sort((a, b) => a.from - b.from)) {
    aside(line.from);
    from = Math.max(from, line.to);
  }
  aside(source.length);
  const known = new Set(recipe.notUnderstood);
  return {
    ...recipe,
    words: words.sort((a, b) => a.from - b.from || b.to - a.to),
    notUnderstood: [...recipe.notUnderstood, ...left.filter((t) => !known.has(t))],
  };
}

const isInWord = (source: string, at: number): boolean => /^\p{L}\p{L}$/u.test(source.slice(at - 1, at + 1));

/** What somebody owns in whole words: the word in which it begins is another's, the one in which it ends is its own. */
function wholeWordsOf(source: string, words: OwnedWords): OwnedWords {
  let { from, to } = words;
  if (isInWord(source, from)) while (from < to && /\p{L}/u.test(source[from] ?? '')) from++;
  if (isInWord(source, to)) while (/\p{L}/u.test(source[to] ?? '')) to++;
  // a part of one word is all that it has
  return from < to ? { ...words, from, to } : words;
}

/** A gap without the letters of a word of which another part has an owner. */
function inWholeWords(source: string, within: Span, gap: Span): Span {
  let { from, to } = gap;
  if (from > within.from && isInWord(source, from)) while (from < to && /\p{L}/u.test(source[from] ?? '')) from++;
  if (to < within.to && isInWord(source, to)) while (to > from && /\p{L}/u.test(source[to - 1] ?? '')) to--;
  return { from, to };
}

/** Some words round a figure, so that one knows what it is about. */
function around(text: Mapped, at: number, length: number): Mapped {
  const signs = [...text.text.matchAll(/[,;.(]\s|$/g)].map((m) => m.index);
  const from = Math.max(0, ...signs.filter((s) => s < at).map((s) => s + 1));
  const to = signs.find((s) => s >= at + length) ?? text.text.length;
  return text.slice(from, to).trim();
}

/** A stretch of a text with its one owner. */
export interface OwnedPiece {
  readonly text: string;
  readonly from: number;
  readonly owner: WordOwner;
  readonly path: string | undefined;
}

/**
 * A text line by line, each in pieces that have one owner: where several claim the same words the one who claims fewest has them, and what
 * is not understood is nobody's.
 */
export function ownedLines(source: string, words: readonly OwnedWords[]): readonly (readonly OwnedPiece[])[] {
  const edges = new Set([0, source.length]);
  for (const w of words) edges.add(w.from).add(Math.min(w.to, source.length));
  const places = [...edges].sort((a, b) => a - b);
  const lines: OwnedPiece[][] = [[]];
  let open: readonly OwnedWords[] = [];
  let next = 0;
  const sorted = [...words].sort((a, b) => a.from - b.from);
  places.forEach((from, n) => {
    const to = places[n + 1];
    if (to === undefined) return;
    while ((sorted[next]?.from ?? Infinity) <= from) open = [...open, ...sorted.slice(next, ++next)];
    open = open.filter((w) => w.to > from);
    const none = open.find((w) => w.owner === 'none');
    const own =
      none ?? open.reduce<OwnedWords | undefined>((a, w) => (a && a.to - a.from <= w.to - w.from ? a : w), undefined);
    let at = from;
    source
      .slice(from, to)
      .split('\n')
      .forEach((text, i) => {
        if (i > 0) lines.push([]);
        if (text !== '') lines.at(-1)?.push({ text, from: at, owner: own?.owner ?? 'noise', path: own?.path });
        at += text.length + 1;
      });
  });
  return lines;
}
