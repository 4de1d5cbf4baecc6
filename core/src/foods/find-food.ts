import { asCalled, BEHIND } from './called.ts';
import type { Food } from './food.ts';
import { remembered } from '../remembered.ts';
import { FOODS } from './table/index.ts';

/** One of them is another word, a day, a picture, a colour, or none. */
const ONLY_MANY = new Set(['dates', 'figs', 'nuts', 'hummus', 'couscous', 'molasses', 'asparagus']);

/** "seeds" and "seed", "potatoes" and "potato" are one word. */
const singular = (word: string): string =>
  ONLY_MANY.has(word)
    ? word
    : word.length > 3 && word.endsWith('oes')
      ? word.slice(0, -2)
      : word.length > 3 && word.endsWith('s') && !word.endsWith('ss')
        ? word.slice(0, -1)
        : word;

const wordsOf = (text: string): readonly string[] =>
  text
    .toLowerCase()
    .replace(/[^\p{L}-]+/gu, ' ')
    .trim()
    .split(' ')
    .map(singular);

/** Words that can change what a food holds. */
const CALLED =
  /free|vegan|plant|non-dairy|eggless|soy|oat|almond|cashew|nut|pistachio|macadamia|rice|pea|hemp|cocoa|shea|apple|flax|chia/i;

/** The words of a text in which nothing but room parts the one from the next, the nearest to its end first. */
const phraseBefore = (text: string): readonly string[] =>
  [...wordsOf(text.split(/[^\p{L}\s'’-]/u).at(-1) ?? '')].reverse().filter((w) => w !== '');

/** A food as the text calls it, whose name stands `words` words behind the beginning; of so many words where what stands behind it counts too. */
function called(food: Food, text: string, words: number, length = 0): Food {
  if ((!food.allergens && !food.contains) || !CALLED.test(text)) return food;
  const all = [...text.matchAll(/[\p{L}-]+/gu)];
  const own = asCalled(food, phraseBefore(text.slice(0, all[words]?.index ?? 0)));
  const last = all[words + length - 1];
  const [, free] = length === 0 || !last ? [] : (BEHIND.exec(text.slice(last.index + last[0].length)) ?? []);
  return free === undefined ? own : freeOf(own, free);
}

/** A food that calls itself free of something behind its name. */
const freeOf = (food: Food, told: string): Food => asCalled(food, [...wordsOf(told)].reverse());

const byName = new Map(FOODS.flatMap((f) => f.names.map((n) => [wordsOf(n).join(' '), f] as const)));
/** Of each word with which a name begins, how many words the longest of these names has: most words of a text begin none. */
const longestFrom = new Map<string, number>();
for (const name of byName.keys()) {
  const words = name.split(' ');
  const [first = ''] = words;
  longestFrom.set(first, Math.max(longestFrom.get(first) ?? 0, words.length));
}

/** The longest name that begins at a word and has at least so many words. */
function nameAt(words: readonly string[], from: number, least = 1): { name: string; length: number } | undefined {
  const most = Math.min(longestFrom.get(words[from] ?? '') ?? 0, words.length - from);
  for (let length = most; length >= least; length--) {
    const name = words.slice(from, from + length).join(' ');
    if (byName.has(name)) return { name, length };
  }
  return undefined;
}

const AMOUNT_IN_BRACKETS = /\((?:about |ca\.? )?\d[^()\p{L}]*\p{L}{0,11}\)/gu;

/**
 * The food that a text names: of all names in it the one of most words, of those the last, since English puts what it is behind what
 * it is like ("fine sea salt", "rapeseed oil"). What stands behind a comma or in brackets says how it is treated and counts only
 * where nothing before it is known. Undefined when no food is named.
 */
export const findFood = remembered((told: string): Food | undefined => {
  // "2 cups (260 g) whole wheat flour (atta)": an amount in brackets is no remark
  const text = told.replace(AMOUNT_IN_BRACKETS, ' ');
  const [head = ''] = text.split(/[,(;]/, 1);
  const own = longestName(head);
  const [, free] = own === undefined ? [] : (BEHIND.exec(text.slice(head.length)) ?? []);
  if (own !== undefined && free !== undefined) return freeOf(own, free);
  if (own !== undefined || head === text) return own;
  // "poolish (flour and water)" is neither
  const others = new Set(foodsIn(text.slice(head.length)).map((f) => f.food));
  return others.size === 1 ? longestName(text) : undefined;
});

function longestName(text: string): Food | undefined {
  const words = wordsOf(text);
  let best: { readonly name: string; readonly length: number; readonly from: number } | undefined;
  for (let from = words.length - 1; from >= 0; from--) {
    const found = nameAt(words, from, (best?.length ?? 0) + 1);
    if (found) best = { ...found, from };
  }
  const food = best && byName.get(best.name);
  return food && best && called(food, text, best.from);
}

/** Every food that a text names, in the order of the text; a longer name hides the shorter ones inside it. */
export const foodsIn = remembered((text: string): readonly { readonly food: Food; readonly words: string }[] => {
  const words = wordsOf(text);
  const found: { readonly food: Food; readonly words: string }[] = [];
  for (let from = 0; from < words.length;) {
    const next = nameAt(words, from);
    const food = next && byName.get(next.name);
    if (food) found.push({ food: called(food, text, from, next.length), words: next.name });
    from += next?.length ?? 1;
  }
  return found;
});

/** The food of an id that the table holds. */
const wordsOfNames = new Set([...byName.keys()].flatMap((name) => name.split(' ')));
/** Whether a word is one of those by which some food is called: "oat", "sea", "soy". */
export const isWordOfFood = (word: string): boolean => wordsOf(word).every((w) => wordsOfNames.has(w));

export function foodById(id: string): Food {
  const found = FOODS.find((f) => f.id === id);
  if (!found) throw new Error(`no food is called ${id}`);
  return found;
}
