import { foodsIn } from '../foods/index.ts';
import { isOfMixing, useOf } from './uses.ts';
import { times, type ReadIngredient } from './ingredient-line.ts';
import type { StepDraft } from './step-draft.ts';

/** What a method calls a share of something, as a fraction. */
const SHARES: readonly (readonly [RegExp, number])[] = [
  [/\b(?:half|1\/2|½)(?: of)?(?: the| your)?$/i, 1 / 2],
  [/\b(?:(?:a|one|1) third|1\/3|⅓)(?: of)?(?: the| your)?$/i, 1 / 3],
  [/\b(?:two|2) thirds(?: of)?(?: the| your)?$|\b(?:2\/3|⅔)(?: of)?(?: the| your)?$/i, 2 / 3],
  [/\b(?:(?:a|one|1) quarter|1\/4|¼)(?: of)?(?: the| your)?$/i, 1 / 4],
  [/\b(?:three|3)[- ]quarters(?: of)?(?: the| your)?$|\b(?:3\/4|¾)(?: of)?(?: the| your)?$/i, 3 / 4],
  [/\bmost of(?: the| your)?$/i, 3 / 4],
];
/** "25 g of the butter". */
const GRAMS = /\b(\d+(?:\.\d+)?) ?g of(?: the| your)?$/i;
const REST =
  /\b(?:the rest of|remaining|remainder of|other half(?: of)?|what(?: i|')s left of|leftover)(?: the| your)?$/i;

/** A food in a text, and the words that stand before it. */
const toldIn = (text: string, line: ReadIngredient): readonly string[] =>
  foodsIn(text)
    .filter((f) => f.food === line.food)
    .map((f) => text.slice(0, Math.max(0, text.toLowerCase().indexOf(f.words.toLowerCase()))).trimEnd());

function shareOf(before: string, line: ReadIngredient): number | undefined {
  const known = SHARES.find(([pattern]) => pattern.test(before))?.[1];
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
      .flatMap(({ before }) => before.flatMap((b) => shareOf(b, line) ?? []))[0];
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
