import type { RecipeText } from './recipe-text.ts';

/** Invented texts whose expectation was written before the reader saw them: handouts, notes and tables. */
export const HANDOUTS: readonly RecipeText[] = [
  {
    manner: 'amounts set apart by semicolons',
    text: `Weir rounds
500 g flour; 300 g water; 10 g salt
Mix; knead 6 minutes; rest 30 minutes; divide into 8; roll; cook 1 minute a side.`,
    pct: { flour: 100, water: 60, salt: 2 },
    kinds: 'mix knead rest divide roll cook',
    rests: [30],
    cook: [60, 60],
    pieceG: 98.3,
  },
  {
    manner: 'percentages only',
    text: `Lime kiln flatbread
flour 100 %, water 62 %, salt 2 %, oil 4 %
Knead 8 min. Rest 40 min. Pieces of 90 g. Roll 20 cm. Hot griddle, 60 s first side, 45 s second.`,
    pct: { flour: 100, water: 62, salt: 2, oil: 4 },
    kinds: 'mix knead rest divide roll cook',
    rests: [40],
    cook: [60, 45],
    pieceG: 90,
  },
  {
    manner: 'percentages in a column, two flours',
    text: `TWO-GRAIN ROUNDS (baker's %)
Strong white flour   80
Wholemeal flour      20
Water                68
Salt                  2
Dried yeast         0.8

Mix 5 min, knead 8 min. Bulk proof 60 min. Divide at 85 g, ball up, bench rest 15 min. Roll, cook 90 s then 60 s.`,
    pct: { 'strong white flour': 80, 'wholemeal flour': 20, water: 68, salt: 2, 'dried yeast': 0.8 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [60, 15],
    cook: [90, 60],
    pieceG: 85,
  },
  {
    manner: 'terse handout, clauses without verbs',
    text: `HEARTH CAKES - class sheet
400g plain flour / 8g salt / 260ml warm water / 20ml oil
Bring together. Knead till smooth, 5 mins.
Cover, warm place, about 1 hour.
6 pieces. Roll thin.
Hot dry pan, 30 seconds a side.`,
    pct: { 'plain flour': 100, salt: 2, 'warm water': 65, oil: 4.6 },
    kinds: 'mix knead rest divide roll cook',
    rests: [60],
    cook: [30, 30],
    pieceG: 110.8,
  },
  {
    manner: 'table with bars',
    text: `| Ingredient | Weight | % |
|---|---|---|
| Bread flour | 600 g | 100 |
| Water | 390 g | 65 |
| Salt | 12 g | 2 |
| Instant yeast | 6 g | 1 |

1. Mix all, 4 minutes.
2. Knead 8 minutes.
3. Proof 75 minutes at room temperature.
4. Divide into 10.
5. Shape into balls.
6. Rest 20 minutes.
7. Roll to 20 cm.
8. Griddle, high, 50 seconds per side.`,
    pct: { 'bread flour': 100, water: 65, salt: 2, 'instant yeast': 1 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [75, 20],
    cook: [50, 50],
    pieceG: 97.9,
  },
  {
    manner: 'table by tabs, grams and percent that disagree',
    text: `Flour\t1000 g\t100%
Water\t550 g\t60%
Salt\t20 g\t2%
Makes 16. Mix, knead ten minutes, rest 30 minutes, divide, roll, cook 1 min each side.`,
    pct: { flour: 100, water: 55, salt: 2 },
    kinds: 'mix knead rest divide roll cook',
    rests: [30],
    cook: [60, 60],
    pieceG: 95.3,
    conflicts: [/60 ?%/],
  },
  {
    manner: 'words for numbers',
    text: `Ferrywoman's bread
Four hundred grams of flour, two hundred and forty grams of water, a teaspoon and a half of salt.
Mix, knead for ten minutes and leave for three quarters of an hour. Make a dozen balls. Roll each one out and bake on the hot iron for forty seconds, turn, thirty more.`,
    pct: { flour: 100, water: 60, salt: 2.2 },
    kinds: 'mix knead rest ball roll cook',
    rests: [45],
    cook: [40, 30],
    pieceG: 52.4,
  },
  {
    manner: 'parts by a vessel',
    text: `By the mug: 2 mugs flour, 3/4 mug water, 1/4 mug yoghurt, 1 level tsp salt.
Stir, knead 5 min, leave half an hour covered. 8 balls. Roll out. Cook on a griddle a minute a side.`,
    pct: { flour: 100 },
    kinds: 'mix knead rest ball roll cook',
    rests: [30],
    cook: [60, 60],
  },
  {
    manner: 'parts, nothing but parts',
    text: `3 parts flour
2 parts water
a pinch of salt per part
Mix, rest 1 hour, divide into 12, roll, cook 45 seconds each side on a hot pan`,
    pct: { flour: 100 },
    kinds: 'mix rest divide roll cook',
    rests: [60],
    cook: [45, 45],
  },
  {
    manner: 'decimal commas',
    text: `Dune bread
0,5 kg flour
0,3 l water
7,5 g yeast (dry)
1,5 tsp salt
Knead 8 min. Rise 1,5 hours. Makes 9. Roll. Cook 1,5 min per side.`,
    pct: { flour: 100, water: 60, yeast: 1.5, salt: 1.8 },
    kinds: 'mix knead proof divide roll cook',
    rests: [90],
    cook: [90, 90],
    pieceG: 88,
  },
  {
    manner: 'containers with what they hold',
    text: `Beer flatbreads
500 g self-raising flour
1 bottle (330 ml) beer
1 tsp salt
Mix to a dough, rest 20 minutes. Divide into 8. Roll. Fry in a dry pan 2 minutes each side.`,
    pct: { 'plain flour': 100, 'baking powder': 5, beer: 69.3 },
    kinds: 'mix rest divide roll cook',
    rests: [20],
    cook: [120, 120],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a blend that names itself free of gluten',
    text: `Meadow rounds
300 g gluten-free flour blend
240 g warm water
5 g psyllium husk
6 g salt
Whisk, leave 20 minutes to thicken, divide into 6, pat out on paper, cook 3 minutes a side over medium heat.`,
    pct: { 'gluten-free flour blend': 100, 'warm water': 80, 'psyllium husk': 1.67, salt: 2 },
    kinds: 'mix rest divide shape cook',
    rests: [20],
    cook: [180, 180],
    allergens: [],
  },
  {
    manner: 'what is not to be done',
    text: `Ropewalk flatbreads
400 g flour, 240 g water, 8 g salt, 4 g dried yeast
Mix and knead for 8 minutes. Prove for 1 hour until doubled. Divide into 8 and roll out straight away - no second proof. Do not add flour. Cook 1 minute each side.`,
    pct: { flour: 100, water: 60, salt: 2, 'dried yeast': 1 },
    kinds: 'mix knead proof divide roll cook',
    rests: [60],
    cook: [60, 60],
    pieceG: 79.1,
  },
  {
    manner: 'what may be done',
    text: `Saltern rounds
500 g bread flour
325 g water
10 g salt
5 g yeast

Mix, knead 10 min. Rise 1 hr. Divide into 9 balls; some balls can go in the fridge for up to 48 hours if you like. Rest 15 min, roll out, cook 80 s + 60 s on medium-high.`,
    pct: { 'bread flour': 100, water: 65, salt: 2, yeast: 1 },
    // "divide into 9 balls" is two steps: written as one at first
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [60, 15],
    cook: [80, 60],
    pieceG: 90.6,
  },
  {
    manner: 'sums in a line',
    text: `Tollgate breads
200 g plus 50 g wholemeal flour
250 g white flour (plus a little back for the bench)
310 g water + 1 tbsp
10 g salt
Mix 5 min; rest 30 min; divide into 8; roll; cook 75 s first side, 45 s second side.`,
    pct: { 'wholemeal flour': 50, 'white flour': 50, water: 65, salt: 2 },
    kinds: 'mix rest divide roll cook',
    rests: [30],
    cook: [75, 45],
  },
];
