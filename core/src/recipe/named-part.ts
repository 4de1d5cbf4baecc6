import { findFood } from '../foods/index.ts';
import type { IngredientUse } from '../formula/index.ts';
import { headingOf } from './headings.ts';
import { itemsOf } from './items.ts';
import type { Mapped } from './mapped.ts';
import { ONLY_AMOUNT } from './measures.ts';
import { normalLine } from './normal-line.ts';

/** What a method does with what it calls so. */
const USED_AS: readonly (readonly [string, IngredientUse])[] = [
  [
    String.raw`\bNAME\b (?:in|into) (?:each|it|the (?:middle|centre|center))|\b(?:fill|stuff)\w* [^.;\n]*\bNAME\b`,
    'fill',
  ],
  [String.raw`\b(?:brush|spread|top|sprinkle|scatter|drizzle|smear)\w* [^.;\n]*\bNAME\b`, 'finish'],
  [String.raw`\b(?:serve|eat|dip)\w* [^.;\n]*\bNAME\b`, 'serve'],
];
/**
 * "Dal: 1 cup split peas, …", of which the method says "a spoon of dal in each": a list by the name of what it makes, with the use
 * that the `lines` below tell, and where its entries begin.
 */
export function partByItsName(
  line: Mapped,
  lines: readonly Mapped[],
): { readonly at: number; readonly use: IngredientUse } | undefined {
  const label = /^(\p{L}{3,16}(?: \p{L}{3,16})?): (?=[\d½¼¾])/u.exec(line.text);
  if (!label || headingOf(line.text) || ONLY_AMOUNT.test(line.text.slice(label[0].length))) return undefined;
  const items = itemsOf(line.slice(label[0].length));
  if (items.length < 2 || items.some((i) => findFood(normalLine(i.text))?.role === 'flour')) return undefined;
  const below = lines.map((l) => normalLine(l.text)).join('\n');
  const name = (label[1] ?? '').toLowerCase();
  const use = USED_AS.find(([pattern]) => new RegExp(pattern.replaceAll('NAME', name), 'i').test(below))?.[1];
  return use && { at: label[0].length, use };
}
