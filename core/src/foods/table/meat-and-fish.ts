import type { Food } from '../food.ts';
import { food, per100 } from './row.ts';

/** Meat, fish and what is made of them, as bread is filled with it. */
export const MEAT_AND_FISH: readonly Food[] = [
  food('surimi', 'other', 'surimi | crab sticks | crab stick', per100(0.9, 0.2, 15, 0, 8, 1.5), 12, {
    gPerCup: 140,
    waterPct: 74,
    allergens: ['crustaceans', 'egg', 'fish'],
    contains: ['animal'],
    perishable: true,
  }),
  food(
    'minced-meat',
    'other',
    'minced lamb | minced beef | ground beef | ground lamb | minced meat',
    per100(15, 6.5, 0, 0, 19, 0.2),
    11,
    { gPerCup: 227, waterPct: 65, contains: ['animal', 'meat'], perishable: true },
  ),
  food('ham', 'other', 'ham | bacon | cured ham', per100(10, 3.5, 1, 0, 20, 3), 18, {
    gPerCup: 140,
    waterPct: 62,
    contains: ['animal', 'meat', 'pork'],
    perishable: true,
  }),
  food(
    'chicken',
    'other',
    'chicken | turkey meat | beef | lamb | mutton | goat meat | lamb mince | beef mince | meat | steak | merguez | bresaola | roast turkey | smoked turkey | duck breast | duck meat | roast duck',
    per100(12, 5, 0, 0, 20, 0.2),
    12,
    { gPerCup: 200, waterPct: 66, contains: ['animal', 'meat'], perishable: true },
  ),
  food(
    'pork',
    'other',
    'pork | minced pork | ground pork | prosciutto | pancetta | chorizo | salami | sausage | sausagemeat | crackling | nduja | guanciale | lardo | coppa',
    per100(25, 9, 1, 0, 20, 3),
    15,
    { gPerCup: 140, waterPct: 50, contains: ['animal', 'meat', 'pork'], perishable: true },
  ),
  food(
    'fish',
    'other',
    'fish | anchovy | anchovies | tuna | salmon | smoked salmon | mackerel | sardine | herring | cod | trout | roe | caviar',
    per100(8, 1.8, 0, 0, 22, 2),
    20,
    { gPerCup: 150, waterPct: 66, allergens: ['fish'], contains: ['animal'], perishable: true },
  ),
  food('fish-sauce', 'other', 'fish sauce | anchovy paste', per100(0, 0, 5, 0, 9, 18), 9, {
    gPerCup: 280,
    waterPct: 68,
    allergens: ['fish'],
    contains: ['animal'],
  }),
  // its vinegar is of malt
  food('worcester-sauce', 'other', 'worcestershire sauce | worcester sauce', per100(0, 0, 23, 0, 1, 3), 9, {
    gPerCup: 275,
    waterPct: 70,
    allergens: ['fish', 'gluten'],
    contains: ['animal'],
  }),
  food(
    'crustaceans',
    'other',
    'prawn | shrimp | crab | lobster | crayfish | shrimp paste',
    per100(1.5, 0.3, 0.5, 0, 20, 1),
    25,
    { gPerCup: 145, waterPct: 77, allergens: ['crustaceans'], contains: ['animal'], perishable: true },
  ),
  food(
    'molluscs',
    'other',
    'mussel | squid | clam | oyster | octopus | scallop | edible snail | escargot | oyster sauce',
    per100(2, 0.4, 3, 0, 15, 1),
    18,
    { gPerCup: 150, waterPct: 79, allergens: ['molluscs'], contains: ['animal'], perishable: true },
  ),
  food('mortadella', 'other', 'mortadella', per100(25, 9, 1, 0, 16, 2.2), 16, {
    gPerCup: 140,
    waterPct: 52,
    allergens: ['nuts'],
    contains: ['animal', 'meat', 'pork'],
    perishable: true,
  }),
  food('gelatine', 'other', 'gelatine | gelatin', per100(0, 0, 0, 0, 85, 0.5), 30, {
    gPerCup: 150,
    contains: ['animal', 'meat'],
  }),
];
