/** The fourteen of Regulation (EU) No 1169/2011, Annex II, in this application's words (from memory). */
export const EU_ALLERGENS = [
  'gluten',
  'crustaceans',
  'egg',
  'fish',
  'peanut',
  'soya',
  'milk',
  'nuts',
  'celery',
  'mustard',
  'sesame',
  'sulphites',
  'lupin',
  'molluscs',
] as const;

/** The nine of the US (FALCPA 2004 and the FASTER Act 2021, from memory). */
export const US_ALLERGENS = [
  'milk',
  'egg',
  'fish',
  'crustaceans',
  'nuts',
  'peanut',
  'wheat',
  'soya',
  'sesame',
] as const;

/** The words that people can avoid by picking: allergens by name, and what else foods hold. */
export const AVOIDABLE: readonly string[] = [
  ...new Set<string>([...EU_ALLERGENS, ...US_ALLERGENS, 'animal', 'meat', 'pork', 'alcohol']),
];

/** What people call something that is avoided: its own word, but for words that say too little alone. */
export const avoidedName = (word: string): string => (word === 'animal' ? 'animal products' : word);
