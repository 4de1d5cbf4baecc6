import { actionsIn } from './actions.ts';
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

/**
 * The recipes of a text that holds several: each with a list under a heading of its own, and work to do before the next; none where it
 * holds one.
 */
export function recipesIn(lines: readonly Mapped[]): readonly RecipeChoice[] {
  const heads = lines.flatMap((l, n) => (LIST_HEAD.test(l.text) ? [n] : []));
  const isWork = (n: number): boolean => actionsIn(normalLine(lines[n]?.text ?? '')).length > 0;
  const starts = heads.map((head) => {
    for (let n = head - 1; n >= Math.max(0, head - MOST_BEFORE); n--) if (isTitle(lines[n]?.text ?? '')) return n;
    return head;
  });
  const own = starts.filter((start, k) => {
    const next = starts[k + 1] ?? lines.length;
    return lines.slice(start, next).some((_, i) => isWork(start + i));
  });
  if (own.length < 2) return [];
  return own.map((start, k) => {
    const last = lines[(own[k + 1] ?? lines.length) - 1];
    // what stands before the first of them is its own
    const first = lines[k === 0 ? 0 : start];
    const title = (lines[start]?.text ?? '').replace(/[:#*]+/g, '').trim();
    return { title, from: first?.span().from ?? 0, to: last?.span().to ?? 0 };
  });
}
