import { foodsIn } from '../foods/index.ts';
import { actionsIn } from './actions.ts';
import { headingOf } from './headings.ts';
import type { Mapped, Span } from './mapped.ts';
import { normalLine } from './normal-line.ts';

/** One of several recipes in a text. */
export interface RecipeChoice extends Span {
  readonly title: string;
}

/** "Ingredients for the filling" are those of a part, and of no other recipe. */
const LIST_HEAD =
  /^[#*\s]*(?:ingredients?(?! for (?:the |a )?(?:\w+ )?(?:filling|dip|topping|sauce|glaze|salad|spread|starter|poolish)\b)|you (?:will )?need|what you(?:'|’)?(?:ll)? need|shopping list)\b[^.]{0,30}$/i;
const LONGEST_TITLE = 60;
/** A title stands at most so many lines before its list: how many it makes, and how long it takes, stand between. */
const MOST_BEFORE = 4;

const isTitle = (line: string): boolean =>
  line.length <= LONGEST_TITLE && /\p{L}{3}/u.test(line) && !/[.!?;]\s|[.;]$|\d/.test(line);

const hasFlour = (line: string): boolean => /\d/.test(line) && foodsIn(line).some((f) => f.food.role === 'flour');

/**
 * Where recipes without a heading over their lists begin: a title behind an empty line, flour with its amount soon below it, and a
 * cooking before the next of them.
 */
function titledStarts(lines: readonly Mapped[], paragraphs: ReadonlySet<number>): readonly number[] {
  const titles = lines.flatMap((l, n) => {
    const text = l.text.trim();
    const isFirst = n === 0 || paragraphs.has(l.span().from);
    const isName =
      isTitle(text) &&
      /^\p{Lu}[^,]*$/u.test(text) &&
      headingOf(text) === undefined &&
      actionsIn(normalLine(text)).length === 0;
    const below = lines.slice(n + 1, n + 1 + MOST_BEFORE);
    return isFirst && isName && !hasFlour(text) && below.some((x) => hasFlour(x.text)) ? [n] : [];
  });
  const cooks = (from: number, to: number): boolean =>
    lines.slice(from, to).some((l) => actionsIn(normalLine(l.text)).some((a) => a.action === 'cook'));
  return titles.every((start, k) => cooks(start + 1, titles[k + 1] ?? lines.length)) ? titles : [];
}

/** "DOUGH 1: yogurt flatbread", "Recipe B – tortillas". */
const COUNTED_TITLE = /^(?:dough|recipe|bread)s? ?(?:no\.? ?)?(?:[1-9]|[A-D])\b\s*[:.)–-]\s*(?=\p{L})/iu;
/** Where recipes begin that are counted, each with its flour soon below and a cooking: of two doughs for one bread the first is not cooked. */
function countedStarts(lines: readonly Mapped[]): readonly number[] {
  const starts = lines.flatMap((l, n) => (COUNTED_TITLE.test(l.text.trim()) ? [n] : []));
  const isWhole = (start: number, k: number): boolean => {
    const own = lines.slice(start + 1, starts[k + 1] ?? lines.length);
    const cooks = own.some((l) => actionsIn(normalLine(l.text)).some((a) => a.action === 'cook'));
    return cooks && own.slice(0, MOST_BEFORE).some((l) => hasFlour(l.text));
  };
  return starts.length > 1 && starts.every(isWhole) ? starts : [];
}

/**
 * The recipes of a text that holds several: each with a list under a heading of its own, and work to do before the next, or each with a
 * title, flour and a cooking; none where it holds one. `paragraphs`: where in the source a line stands behind an empty one.
 */
export function recipesIn(lines: readonly Mapped[], paragraphs: ReadonlySet<number>): readonly RecipeChoice[] {
  const heads = lines.flatMap((l, n) => (LIST_HEAD.test(l.text) ? [n] : []));
  const isWork = (n: number): boolean => actionsIn(normalLine(lines[n]?.text ?? '')).length > 0;
  const starts = heads.map((head) => {
    for (let n = head - 1; n >= Math.max(0, head - MOST_BEFORE); n--) if (isTitle(lines[n]?.text ?? '')) return n;
    return head;
  });
  const headed = starts.filter((start, k) => {
    const next = starts[k + 1] ?? lines.length;
    return lines.slice(start, next).some((_, i) => isWork(start + i));
  });
  const counted = countedStarts(lines);
  const unheaded = counted.length > 1 ? counted : titledStarts(lines, paragraphs);
  const own = headed.length < 2 && heads.length < 2 ? unheaded : headed;
  if (own.length < 2) return [];
  return own.map((start, k) => {
    const last = lines[(own[k + 1] ?? lines.length) - 1];
    // what stands before the first of them is its own
    const first = lines[k === 0 ? 0 : start];
    const title = (lines[start]?.text ?? '')
      .trim()
      .replace(COUNTED_TITLE, '')
      .replace(/[:#*]+/g, '')
      .trim();
    return { title, from: first?.span().from ?? 0, to: last?.span().to ?? 0 };
  });
}
