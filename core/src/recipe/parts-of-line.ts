import { foodsIn } from '../foods/index.ts';
import { isOfMixing, useOf } from './uses.ts';
import { times, type ReadIngredient } from './ingredient-line.ts';
import { SHARE_WORD, shareOf } from './shares.ts';
import type { StepDraft } from './step-draft.ts';

/** "Half the ghee", "two thirds of your water". */
const SHARE = new RegExp(`(?<![\\p{L}\\d])(${SHARE_WORD})(?: of)?(?: the| your)?$`, 'iu');
/** "25 g of the butter". */
const GRAMS = /\b(\d+(?:\.\d+)?) ?g of(?: the| your)?$/i;
const REST =
  /\b(?:the rest of|remaining|remainder of|other half(?: of)?|what(?: i|')s left of|leftover)(?: the| your)?$/i;

/** A food in a text, and the words that stand before it. */
const toldIn = (text: string, line: ReadIngredient): readonly string[] =>
  foodsIn(text)
    .filter((f) => f.food === line.food)
    .map((f) => text.slice(0, Math.max(0, text.toLowerCase().indexOf(f.words.toLowerCase()))).trimEnd());

function partOf(before: string, line: ReadIngredient): number | undefined {
  const known = shareOf(SHARE.exec(before)?.[1] ?? '');
  const grams = Number(GRAMS.exec(before)?.[1]);
  const all = line.weight?.g;
  return known ?? (all !== undefined && grams > 0 && grams < all ? grams / all : undefined);
}

/**
 * "Half the ghee" in the dough and "brush with the rest of the ghee": one line of a list as two, each with its use. A share is only read
 * where the rest of it goes elsewhere; what is kept back for the same dough stays one.
 */
export function withParts(lines: readonly ReadIngredient[], drafts: readonly StepDraft[]): readonly ReadIngredient[] {
  return lines.flatMap((line) => {
    if (!line.food || !line.weight || line.use !== 'dough') return [line];
    const said = drafts.map((d) => ({ d, before: toldIn(d.text, line) }));
    const share = said
      .filter(({ d }) => isOfMixing(d))
      .flatMap(({ before }) => before.flatMap((b) => partOf(b, line) ?? []))[0];
    const rest = said.find(({ d, before }) => !isOfMixing(d) && before.some((b) => REST.test(b)));
    const use = rest && useOf(rest.d, drafts);
    if (share === undefined || use === undefined || use === 'dough') return [line];
    return [
      { ...line, weight: times(line.weight, share) },
      { ...line, use, weight: times(line.weight, 1 - share) },
    ];
  });
}

const GRAMS_OF = /\b(\d+(?:\.\d+)?) ?g of (?:the |your )?(\p{L}+(?: \p{L}+)?)/giu;
/** Where a method tells a weight that a line has: its amount once more, or that of its part. */
export const weightsOfParts = (
  text: string,
  lines: readonly ReadIngredient[],
): readonly { readonly at: number; readonly length: number; readonly line: ReadIngredient }[] =>
  Array.from(text.matchAll(GRAMS_OF)).flatMap((m) => {
    const [{ food } = { food: undefined }] = foodsIn(m[2] ?? '');
    const line = lines.find((l) => food && l.food === food && Math.abs((l.weight?.g ?? 0) - Number(m[1])) < 0.5);
    return line ? [{ at: m.index, length: m[0].length, line }] : [];
  });
