import { foodsIn } from '../foods/index.ts';
import type { Mapped } from './mapped.ts';

const ONE = '(?:person|head|student|learner|participant|pupil)';
const EACH = String.raw`(?:p\.p\.|pp|per ${ONE}|for (?:each|every|one) ${ONE})`;
/** "90 g pp", "250 g flour per person", "filling pp:", "(per head)". */
const BEHIND = new RegExp(
  // "3 per person", "2 breads per head" tell how many, and no amount
  String.raw`[ ,]*(?:\(${EACH}\)|(?<=[ ,])(?<!\b\d{1,2}(?: (?:breads|pieces|balls|flatbreads))? )${EACH})(?![\p{L}\d])`,
  'giu',
);
/** "Per person: 160 g flour", "For one: flour 90 g". */
const BEFORE = new RegExp(String.raw`^(?:${EACH}|for one)[:,–-] *(?=\S)`, 'iu');
/** "Ingredients (per person)", "Per person:" over a list. */
const OVER = new RegExp(
  String.raw`^(?:(?:ingredients?|you need|dough|weights?|amounts?),? ?)?\(?(?:${EACH}|for one)\)?:?$`,
  'iu',
);
/** "Per person: 1 boat". */
const ONE_EACH = new RegExp(String.raw`^${EACH}:? (?:1|one|an?) \p{L}+\.?$`, 'iu');
const MOST_BELOW = 4;

const isMarked = (text: string): boolean => BEFORE.test(text) || text.search(BEHIND) >= 0;
const isFlour = (text: string): boolean => foodsIn(text).some((f) => f.food.role === 'flour');

/**
 * A list for one person, in lines that say so no more: it is then for one bread unless the method divides it, and what goes in or on that
 * bread is for the same person. A list whose flour is for all stays as it is, since "per person" behind a filling is then of that alone.
 */
export function forOnePerson(lines: readonly Mapped[]): readonly Mapped[] {
  const isOver = (n: number): boolean => OVER.test(lines[n]?.text ?? '');
  const first = lines.findIndex((l, n) =>
    isOver(n)
      ? lines.slice(n + 1, n + 1 + MOST_BELOW).some((below) => isFlour(below.text))
      : isMarked(l.text) && isFlour(l.text) && /\d/.test(l.text),
  );
  if (first < 0) return lines;
  const isEntry = (l: Mapped): boolean => isMarked(l.text) && foodsIn(l.text).length > 0;
  const said = lines.flatMap((l, n) => {
    if (ONE_EACH.test(l.text)) return [serves(l)];
    return isOver(n) || isEntry(l) ? markersIn(l).map(serves) : [];
  });
  const list = lines.map((l, n) =>
    isOver(n) || ONE_EACH.test(l.text) ? [] : [isEntry(l) ? l.replace(BEFORE, '').replace(BEHIND, '') : l],
  );
  return [...list.slice(0, first), said, ...list.slice(first)].flat();
}

const serves = (words: Mapped): Mapped => words.replace(/^.*$/s, 'Serves 1');
const markersIn = (line: Mapped): readonly Mapped[] =>
  [BEFORE, OVER, BEHIND].flatMap((p) =>
    Array.from(line.text.matchAll(new RegExp(p.source, 'giu')), (m) =>
      line.slice(m.index, m.index + m[0].length).trim(),
    ),
  );
