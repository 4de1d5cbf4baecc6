import type { RecipeText } from './recipe-text.ts';

/** A third lot whose expectation was written before the reader saw it, after the first two had been read and mended from. */
export const THIRD: readonly RecipeText[] = [
  {
    manner: 'weights in front with dashes',
    text: `Tinker's rounds
350 g – white flour
210 g – water
7 g – fine salt
Method: Mix for 3 minutes, knead for 7, then cover for half an hour. Portion into 7, roll each to 19 cm and cook 65 seconds per side.`,
    pct: { 'white flour': 100, water: 60, 'fine salt': 2 },
    kinds: 'mix knead rest divide roll cook',
    rests: [30],
    cook: [65, 65],
    pieceG: 78.6,
  },
  {
    manner: 'class board, one line a step',
    text: `TODAY: soft milk breads
500 strong flour / 330 milk / 10 salt / 6 dried yeast (grams)
mix 5 – knead 10 – rise 60 – divide 10 – ball – rest 10 – roll 18 cm – cook 75 s + 60 s`,
    pct: { 'strong flour': 100, milk: 66, salt: 2, 'dried yeast': 1.2 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [60, 10],
    cook: [75, 60],
    pieceG: 82.1,
  },
  {
    manner: 'US cups in a web list',
    text: `<div class="recipe"><h2>Weeknight skillet breads</h2><p>Yield: 8 breads</p><ul class="ingredients"><li>2 cups (240 g) all-purpose flour</li><li>3/4 tsp fine salt</li><li>1 tsp baking powder</li><li>3/4 cup (170 g) plain yogurt</li></ul><ol class="steps"><li>Stir together the dry ingredients, then stir in the yogurt.</li><li>Knead for 2 minutes. Cover and let rest 20 minutes.</li><li>Divide into 8 pieces; roll each into a 6-inch circle.</li><li>Cook in a dry skillet over medium-high heat for 90 seconds per side.</li></ol><div class="comments"><p>Ada: mine needed 30 g more flour</p></div></div>`,
    pct: { 'all-purpose flour': 100, 'plain yogurt': 70.8, 'baking powder': 1.67 },
    kinds: 'mix knead rest divide roll cook',
    rests: [20],
    cook: [90, 90],
    pieceG: 50.9,
  },
  {
    manner: 'a story with the recipe in it',
    text: `We baked these on the boat when the wind was against us. You want 600 g of bread flour, 400 g of water, 12 g of salt and 3 g of instant yeast. Stir it in the big bowl, knead it for ten minutes and let it prove for two hours. Cut it into twelve, ball them and wait another twenty minutes. Roll them out and cook each for fifty seconds a side on the iron.`,
    pct: { 'bread flour': 100, water: 66.7, salt: 2, 'instant yeast': 0.5 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [120, 20],
    cook: [50, 50],
    pieceG: 82.1,
  },
  {
    manner: 'imperial with fractions',
    text: `Barge bread
3 1/2 cups bread flour (420 g)
1 1/4 cups water (295 g)
1 1/2 tsp salt (9 g)
Mix and knead 8 minutes. Rest 1/2 hour. Divide into 8. Roll 1/8 in. thick. Griddle 1 1/4 minutes per side.`,
    pct: { 'bread flour': 100, water: 70.2, salt: 2.14 },
    kinds: 'mix knead rest divide roll cook',
    rests: [30],
    cook: [75, 75],
    pieceG: 87.9,
  },
  {
    manner: 'headings for every stage',
    text: `Orchard flatbreads

For the dough
400 g plain flour
100 g oat flour
300 g water
10 g salt
20 g honey

Mixing
Combine everything in a bowl, 4 minutes.

Resting
Cover and leave for 35 minutes.

Shaping
Divide into 9 and roll to 3 mm.

Cooking
Medium griddle, 70 seconds, turn, 60 seconds.`,
    pct: { 'plain flour': 80, 'oat flour': 20, water: 60, salt: 2, honey: 4 },
    kinds: 'mix rest divide roll cook',
    rests: [35],
    cook: [70, 60],
    pieceG: 89.5,
  },
  {
    manner: 'dough made ahead, cold, brought back',
    text: `Two-day rounds: 500 g flour, 340 g water, 10 g salt, 2 g yeast.
Day 1: mix and knead 6 minutes, leave 1 hour at room temperature, then chill for 18 hours.
Day 2: take the dough out of the fridge 90 minutes before you need it. Divide into 8, ball, rest 20 minutes, roll and cook 60 s a side.`,
    pct: { flour: 100, water: 68, salt: 2, yeast: 0.4 },
    kinds: 'mix knead proof chill temper divide ball rest roll cook',
    rests: [60, 1080, 90, 20],
    cook: [60, 60],
    pieceG: 103.4,
  },
  {
    manner: 'with a salad beside',
    text: `Field breads and herb salad
BREADS
300 g wholemeal flour
195 g water
6 g salt
SALAD
50 g parsley
10 g mint
1 lemon
Make the dough, knead 5 minutes, rest 20 minutes. Chop the herbs for the salad. Divide into 6, roll, cook 80 seconds a side. Dress the salad with the lemon.`,
    pct: { 'wholemeal flour': 100, water: 65, salt: 2 },
    kinds: 'mix knead rest prepare divide roll cook',
    rests: [20],
    cook: [80, 80],
    pieceG: 81.1,
  },
  {
    manner: 'percent behind each gram',
    text: `Formula for 10 pieces
Bread flour 550 g (100 %)
Water 363 g (66 %)
Oil 22 g (4 %)
Salt 11 g (2 %)
Procedure: mix 6 min, rest 15 min, knead 5 min, bulk 50 min, divide, roll, cook 55 s each side at 240 °C.`,
    pct: { 'bread flour': 100, water: 66, oil: 4, salt: 2 },
    kinds: 'mix rest knead proof divide roll cook',
    rests: [15, 50],
    cook: [55, 55],
    pieceG: 91.8,
  },
  {
    manner: 'what to buy and what to do, in telegram words',
    text: `flour 1kg stop water 600g stop salt 20g stop knead 12 min stop rest 1 hour stop divide 15 stop roll stop cook 1 min each side stop`,
    pct: { flour: 100, water: 60, salt: 2 },
    kinds: 'mix knead rest divide roll cook',
    rests: [60],
    cook: [60, 60],
  },
  {
    manner: 'corn and hot water',
    text: `Corn cakes. 250 g masa harina, 330 g hot water, 4 g salt. Mix, knead 2 minutes, rest covered 15 minutes. Make 12 balls, press flat in a press between two sheets. Cook 40 seconds, flip, 60 seconds, flip, 20 seconds until it puffs.`,
    pct: { 'masa harina': 100, 'hot water': 132, salt: 1.6 },
    kinds: 'mix knead rest ball shape cook',
    rests: [15],
    cook: [40, 60, 20],
    pieceG: 47.2,
    allergens: [],
  },
  {
    manner: 'warnings and no-nos',
    text: `Kiln bread
500 g flour
300 g water
10 g salt
Never use hot water. Mix until no dry flour is left. Knead for 5 minutes, no longer. Don't skip the rest: 40 minutes at least. Divide into 8. Do not flour the bench. Roll out. Cook 1 minute a side without oil.`,
    pct: { flour: 100, water: 60, salt: 2 },
    kinds: 'mix knead rest divide roll cook',
    rests: [60],
    cook: [60, 60],
    pieceG: 98.3,
  },
];
