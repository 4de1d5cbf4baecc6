import type { Food } from './food.ts';

/** Of what a food is free that calls itself so: "dairy-free spread", "gluten free flour". Lactose-free milk is milk. */
const FREE_OF: Readonly<Record<string, readonly string[]>> = {
  dairy: ['milk'],
  milk: ['milk'],
  egg: ['egg'],
  gluten: ['gluten', 'wheat'],
  wheat: ['wheat'],
  nut: ['nuts'],
  soy: ['soya'],
  soya: ['soya'],
  sesame: ['sesame'],
  alcohol: ['alcohol'],
  meat: ['meat', 'pork'],
};
const OF_ANIMALS = ['milk', 'egg', 'fish', 'crustaceans', 'molluscs'] as const;
const FROM_PLANTS = [...OF_ANIMALS, 'animal', 'meat', 'pork'];
const WORDS_FREE: Readonly<Record<string, readonly string[]>> = {
  vegan: FROM_PLANTS,
  plant: FROM_PLANTS,
  'plant-based': FROM_PLANTS,
  'non-dairy': ['milk'],
  eggless: ['egg'],
  flax: ['egg'],
  chia: ['egg'],
};
/** What stands in place of milk in a cream, a yoghurt or a cheese that is called by it, and its allergens. */
const IN_PLACE_OF_MILK: Readonly<Record<string, readonly string[]>> = {
  soy: ['soya'],
  soya: ['soya'],
  almond: ['nuts'],
  cashew: ['nuts'],
  hazelnut: ['nuts'],
  walnut: ['nuts'],
  pistachio: ['nuts'],
  macadamia: ['nuts'],
  oat: ['gluten'],
  peanut: ['peanut'],
  coconut: [],
  rice: [],
  pea: [],
  hemp: [],
  cocoa: [],
  shea: [],
  apple: [],
};
/** Words that may stand between such a word and the food. */
const MOST_BETWEEN = 2;

/** Of what the words before a food, nearest first, say that it is free. */
function freeOf(before: readonly string[]): readonly string[] {
  for (const [n, word] of before.slice(0, MOST_BETWEEN + 1).entries()) {
    if (/^(?:or|and|with|plus|not|no)$/.test(word)) return [];
    const [, what = ''] = /^(\p{L}+)-free$/u.exec(word) ?? [];
    const free = FREE_OF[what] ?? WORDS_FREE[word] ?? (word === 'free' ? FREE_OF[before[n + 1] ?? ''] : undefined);
    if (free) return free;
  }
  return [];
}

/**
 * A food as it is called: "vegan butter" holds no milk, "cashew cheese" nuts, "gluten-free oats" no gluten. `before`: the words in front
 * of its name in the same phrase, the nearest first, in lower case and singular.
 */
export function asCalled(food: Food, before: readonly string[]): Food {
  const { allergens = [], contains = [] } = food;
  if (before.length === 0 || allergens.length + contains.length === 0) return food;
  const source = allergens.includes('milk') ? IN_PLACE_OF_MILK[before[0] ?? ''] : undefined;
  const free = new Set([...freeOf(before), ...(source ? ['milk'] : [])]);
  if (![...allergens, ...contains].some((a) => free.has(a))) return food;
  const left = [...new Set([...allergens.filter((a) => !free.has(a)), ...(source ?? [])])].sort();
  const isOfAnimals = OF_ANIMALS.some((a) => left.includes(a)) || contains.some((c) => c === 'meat' && !free.has(c));
  const wasOfAnimals = OF_ANIMALS.some((a) => allergens.includes(a));
  const held = contains.filter((c) => !free.has(c) && (c !== 'animal' || isOfAnimals || !wasOfAnimals));
  const { allergens: _, contains: __, ...own } = food;
  return { ...own, ...(left.length > 0 ? { allergens: left } : {}), ...(held.length > 0 ? { contains: held } : {}) };
}

/** "oats (gluten-free)", "spread, vegan": the same behind the name, and nothing else there. */
export const BEHIND =
  /^\s*[,(]\s*(?:certified )?((?:dairy|milk|egg|gluten|wheat|nut|soya?|sesame|alcohol|meat)[- ]free|vegan|plant-based|non-dairy|eggless)\s*(?:[,;)]|$)/i;
