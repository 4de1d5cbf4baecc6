import { findFood } from '../foods/index.ts';
import { normalLine } from './normal-line.ts';
import { sentencesOf } from './method-drafts.ts';
import type { RecipeParts } from './sections.ts';

const AMOUNT =
  '(?:\\d+(?:\\.\\d+)?(?:\\s*[½¼¾⅓⅔⅛])?|[½¼¾⅓⅔⅛]|\\d+\\s+\\d\\/\\d|\\d\\/\\d)(?:\\s*(?:-|–|to)\\s*(?:\\d+(?:\\.\\d+)?|[½¼¾⅓⅔]))?';
const MEASURE =
  '(?:g|kg|ml|l|oz|lb|cups?|tbsp|tsp|tablespoons?|teaspoons?|dessertspoons?|glass(?:es)?|parts?|sachets?|pinch(?:es)?|handfuls?|knobs?|sticks?)';
/** An amount with a measure and up to five words behind it: "½ glass of sunflower oil". */
const WITH_MEASURE = new RegExp(
  `${AMOUNT}\\s*(?:heaped |level )?${MEASURE}\\b\\s*(?:of )?(?:the )?((?:[\\p{L}-]+\\s?){1,5})`,
  'giu',
);
const COUNTED = /\b\d+\s+((?:\w+\s)?eggs?)\b/gi;

/**
 * Ingredients inside sentences, where there is no list: "take 500 g flour, 300 ml water and a pinch of salt". The sentences stay
 * the method.
 */
export function inProse(parts: RecipeParts): RecipeParts {
  const found: { line: string; use: 'dough' }[] = [];
  const holding = new Set<string>();
  for (const sentence of [...parts.notUnderstood, ...parts.method].flatMap(sentencesOf)) {
    const text = normalLine(sentence);
    for (const pattern of [WITH_MEASURE, COUNTED]) {
      for (const m of text.matchAll(pattern)) {
        const words = (m[1] ?? '').split(/\b(?:and|with|to|into|in|for|then|or)\b/)[0] ?? '';
        if (findFood(words))
          found.push({ line: m[0].slice(0, m[0].length - (m[1] ?? '').length) + words.trim(), use: 'dough' });
      }
    }
  }
  if (found.length < 2) return parts;
  const listed = new Set(parts.ingredients.map((i) => i.line));
  const notUnderstood = parts.notUnderstood.flatMap(sentencesOf).filter((s) => !holding.has(s));
  return { ...parts, notUnderstood, ingredients: [...parts.ingredients, ...found.filter((f) => !listed.has(f.line))] };
}
