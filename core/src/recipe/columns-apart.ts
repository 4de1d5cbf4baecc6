import { findFood } from '../foods/index.ts';
import { actionsIn } from './actions.ts';
import { Mapped } from './mapped.ts';
import { normalLine } from './normal-line.ts';
import { STAGE_FIRST } from './told-words.ts';

/** "500 g flour      Knead all for 10 min": a list, and the work beside it. */
export function besideEachOther(line: Mapped): readonly Mapped[] {
  // "Scaling : 70 g       Rounding": two stages
  const cells = line.split(/(?<=\S)\s{3,}(?=\S)/g);
  const isLabelled = (c: Mapped): boolean => /^\p{L}[\p{L}. ]{2,24}: ?\S/u.test(c.text);
  const isStage = (c: Mapped): boolean => STAGE_FIRST.test(normalLine(c.text));
  if (cells.length > 1 && (cells.every(isStage) || (cells.every(isLabelled) && cells.some(isStage)))) return cells;
  const left =
    /^\s*(?:[\d½¼¾⅓⅔⅛][^.;]{2,38}?\S|\p{L}[\p{L} ]{2,24} \d[\d.,]* ?(?:k?g|m?l|%))(?=\s{3,}\p{Lu}\p{Ll})/u.exec(
      line.text,
    );
  if (!left) return [line];
  const right = line.slice(left[0].length).trim();
  const isWork = actionsIn(normalLine(right.text)).length > 0 && actionsIn(normalLine(left[0])).length === 0;
  return isWork ? [line.slice(0, left[0].length), right] : [line];
}

/** The left of two columns, and the room behind it. */
const gapIn = (l: Mapped | undefined): RegExpExecArray | null =>
  l ? /^\s*(\S(?:.*?\S)??)(\s{3,})(?=\S)/.exec(l.text) : null;

/** An amount that has no food yet, and a food, or "of soda", without one. */
const NO_FOOD_YET = (text: string): boolean => /^[\d½¼¾]/.test(text) && findFood(text) === undefined;
const isRestOf = (text: string): boolean =>
  /^of \p{Ll}{3,12}$/u.test(text) || (/^\p{Ll}[\p{Ll} ]{3,30}$/u.test(text) && findFood(text) !== undefined);

/** "½ teaspoonful bicarbonate   ¼ pint water", and below it "of soda": what goes on under the left of two columns. */
function underLeft(lines: readonly Mapped[]): readonly Mapped[] {
  const leftOf = (l: Mapped | undefined): string => l?.text.trim().split(/\s{3,}/)[0] ?? '';
  const below = lines.findIndex((l, n) => {
    const [above, gap] = [leftOf(lines[n - 1]), gapIn(lines[n - 1])];
    if (gap === null || /^\s{12}/.test(l.text) || !isRestOf(leftOf(l))) return false;
    return leftOf(l).startsWith('of ') ? gapIn(l) === null : NO_FOOD_YET(above);
  });
  const [above, under] = [lines[below - 1], lines[below]];
  const gap = gapIn(above);
  if (!above || !under || !gap) return lines;
  const gapUnder = gapIn(under);
  const rest = gapUnder ? under.slice(0, gapUnder[0].trimEnd().length) : under;
  const left = Mapped.join([above.slice(0, gap[0].trimEnd().length), rest.trim()]);
  const both = Mapped.join([left, above.slice(gap[0].length)], '   ');
  const right = gapUnder ? [under.slice(gapUnder[0].length)] : [];
  return [...lines.slice(0, below - 1), both, ...right, ...lines.slice(below + 1)];
}

/** "1 lb. flour      1 tea-", "½ pint milk    spoonful of soda": of two columns, where a word is cut in the right one, one after the other. */
export function columnsApart(lines: readonly Mapped[]): readonly Mapped[] {
  const isCut = (l: Mapped): boolean => {
    const gap = gapIn(l);
    return gap !== null && /\p{Ll}-$/u.test(l.text) && !/\s{3,}/.test(l.text.slice(gap[0].length));
  };
  const first = lines.findIndex(isCut);
  if (first < 0) return underLeft(lines);
  // what stands on the right alone goes on there
  const isRight = (l: Mapped): boolean => /^(?:\s{12,}\S|\s*of \p{Ll}{3,12}$)/u.test(l.text);
  const count = lines.slice(first).findIndex((l) => gapIn(l) === null && !isRight(l));
  const block = lines.slice(first, count < 0 ? undefined : first + count);
  const left = block.flatMap((l) => {
    const gap = isRight(l) ? null : gapIn(l);
    return gap ? l.slice(0, gap[0].trimEnd().length) : [];
  });
  const right = block.map((l) => {
    const gap = isRight(l) ? null : gapIn(l);
    return l.slice(gap?.[0].length ?? 0).trim();
  });
  const [head, ...rest] = right;
  const joined = rest.reduce(
    (all, l) =>
      /\p{Ll}-$/u.test(all?.text ?? '') && all
        ? Mapped.join([all.slice(0, all.text.length - 1), l], '')
        : Mapped.join(all ? [all, l] : [l]),
    head,
  );
  return [...lines.slice(0, first), ...left, ...(joined ? [joined] : []), ...lines.slice(first + block.length)];
}
