import type { Food } from './food.ts';

/** Of what a food is free that calls itself so: "dairy-free spread", "gluten free flour". Lactose-free milk is milk. */
const FREE_OF: ReadonlyMap<string, readonly string[]> = new Map([
  ['dairy', ['milk']],
  ['milk', ['milk']],
  ['egg', ['egg']],
  ['gluten', ['gluten', 'wheat']],
  ['wheat', ['wheat']],
  ['nut', ['nuts']],
  ['soy', ['soya']],
  ['soya', ['soya']],
  ['sesame', ['sesame']],
  ['alcohol', ['alcohol']],
  ['meat', ['meat', 'pork']],
]);
const OF_ANIMALS = ['milk', 'egg', 'fish', 'crustaceans', 'molluscs'] as const;
const FROM_PLANTS = [...OF_ANIMALS, 'animal', 'meat', 'pork'];
const WORDS_FREE: ReadonlyMap<string, readonly string[]> = new Map([
  ['vegan', FROM_PLANTS],
  ['plant', FROM_PLANTS],
  ['plant-based', FROM_PLANTS],
  ['non-dairy', ['milk']],
  ['eggless', ['egg']],
]);
/** What is put before a cream, a cheese or a chocolate, and what it brings: whether in place of the milk or beside it, it is in it. */
const BRINGS: ReadonlyMap<string, string> = new Map([
  ['soy', 'soya'],
  ['soya', 'soya'],
  ['oat', 'gluten'],
  ['peanut', 'peanut'],
  ['almond', 'nuts'],
  ['cashew', 'nuts'],
  ['hazelnut', 'nuts'],
  ['walnut', 'nuts'],
  ['pistachio', 'nuts'],
  ['macadamia', 'nuts'],
]);
/** Only these stand in place of the milk for sure: hazelnut cream and walnut cheese are as often made with it. */
const IN_PLACE_OF_MILK = new Set(['soy', 'soya', 'oat']);
const BUTTER_OF_PLANTS = new Set(['apple', 'cocoa', 'shea', 'coconut']);
/** Foods that are milk, and nothing else that could hold it beside. */
const IS_DAIRY = /^(?:milk|cream|yogh?urt|butter|cheese|soft cheese|cream cheese)$/;
/** Words that say what a food is like, and may stand between its name and what it is free of. */
const BETWEEN =
  /^(?:plain|strong|white|brown|bread|natural|greek|thick|rolled|porridge|fine|coarse|dark|double|single|soft|hard|melted|grated|cold|warm|self-raising|all-purpose|block|salted|unsalted|garlic)$/;

/** Of what the words before a food, nearest first, say that it is free. */
function freeOf(before: readonly string[]): readonly string[] {
  const at = before.findIndex((word) => !BETWEEN.test(word) && !BRINGS.has(word));
  const word = before[at] ?? '';
  const [, what = word === 'free' ? (before[at + 1] ?? '') : ''] = /^(\p{L}+)-free$/u.exec(word) ?? [];
  const isDenied = before.slice(at + 1, at + 3).some((w) => /^(?:not|no|non|never|without)$/.test(w));
  return isDenied ? [] : (FREE_OF.get(what) ?? WORDS_FREE.get(word) ?? []);
}

/** What stands in a food in place of its milk or its egg, by the word before it: "soya yoghurt", "cocoa butter", "flax egg". */
function replacedBy(food: Food, word: string): readonly string[] {
  const isCalled = (names: RegExp): boolean => food.names.some((name) => names.test(name));
  if (IN_PLACE_OF_MILK.has(word) && isCalled(IS_DAIRY)) return ['milk'];
  if (BUTTER_OF_PLANTS.has(word) && isCalled(/^butter$/)) return ['milk'];
  return /^(?:flax|chia)$/.test(word) && isCalled(/^egg$/) ? ['egg'] : [];
}

/**
 * A food as it is called: "vegan butter" holds no milk, "cashew cheese" nuts too, "gluten-free oats" no gluten. What a word leaves open stays
 * in. `before`: the words in front of its name in the same phrase, the nearest first, in lower case and singular.
 */
export function asCalled(food: Food, before: readonly string[]): Food {
  const { allergens = [], contains = [] } = food;
  const [nearest = ''] = before;
  if (nearest === '' || allergens.length + contains.length === 0) return food;
  const free = new Set([...freeOf(before), ...replacedBy(food, nearest)]);
  const brought = allergens.includes('milk') ? BRINGS.get(nearest) : undefined;
  if (brought === undefined && ![...allergens, ...contains].some((a) => free.has(a))) return food;
  const left = [
    ...new Set([...allergens.filter((a) => !free.has(a)), ...(brought === undefined ? [] : [brought])]),
  ].sort();
  const isOfAnimals = OF_ANIMALS.some((a) => left.includes(a)) || contains.some((c) => c === 'meat' && !free.has(c));
  const wasOfAnimals = OF_ANIMALS.some((a) => allergens.includes(a));
  const held = contains.filter((c) => !free.has(c) && (c !== 'animal' || isOfAnimals || !wasOfAnimals));
  const { allergens: _, contains: __, ...own } = food;
  return { ...own, ...(left.length > 0 ? { allergens: left } : {}), ...(held.length > 0 ? { contains: held } : {}) };
}

/** "oats (gluten-free)", "spread, vegan": the same behind the name, and nothing else there. */
export const BEHIND =
  /^\s*[,(]\s*(?:certified )?((?:dairy|milk|egg|gluten|wheat|nut|soya?|sesame|alcohol|meat)[- ]free|vegan|plant-based|non-dairy|eggless)\s*(?:[,;)]|$)/i;
