import type { RecipeText } from './recipe-text.ts';

/** A fifth lot whose expectation was written before the reader saw it, after the first four had been read and mended from. */
export const FIFTH: readonly RecipeText[] = [
  {
    manner: 'class handout with aims and kit',
    text: `WEEK 3: FLATBREADS ON THE GRIDDLE
Aim: to roll evenly and cook without burning
Kit: bowl, scraper, rolling pin, apron
You will need (per pair):
300 g strong white flour
200 g lukewarm water
6 g salt
3 g instant yeast
Steps
Weigh everything. Mix with one hand for 3 minutes. Knead for 8 minutes. Cover and prove for 50 minutes. Divide into 4, ball and rest for 10 minutes. Roll to 22 cm. Cook for 70 seconds, turn, cook for 50 seconds.`,
    pct: { 'strong white flour': 100, 'lukewarm water': 66.7, salt: 2, 'instant yeast': 1 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [50, 10],
    cook: [70, 50],
    pieceG: 123.5,
  },
  {
    manner: 'plain text of a web page with rating and share lines',
    text: `Windmill flatbreads
★★★★☆ 212 ratings
By Orla · Updated 3 March
Jump to recipe  Print  Save
Ingredients
- 2 ¼ cups (270g) all purpose flour
- 1 tsp salt
- ¾ cup + 2 tbsp (200g) warm water
- 2 tbsp (25g) olive oil
Instructions
1. In a large bowl, combine flour and salt. Stir in the water and the oil.
2. Turn out and knead 4 to 5 minutes.
3. Cover with a towel; let rest at least 30 minutes.
4. Divide into 6 equal pieces and roll each into an 8-inch round.
5. Heat a cast-iron skillet over medium-high. Cook each 1 to 2 minutes per side.
Nutrition: 198 kcal, 5 g fat, 33 g carbs`,
    pct: { 'all purpose flour': 100, 'warm water': 74.1, 'olive oil': 9.3 },
    kinds: 'mix knead rest divide roll cook',
    rests: [45],
    cook: [90, 90],
    pieceG: 81.1,
  },
  {
    manner: 'two mixes: poolish and dough',
    text: `Poolish: 150 g flour, 150 g water, 1 g yeast. Mix and leave for 3 hours.
Dough: the poolish, 350 g flour, 170 g water, 10 g salt. Mix, knead 7 minutes, proof 1 hour. Divide into 9, ball, rest 15 minutes, roll out. Griddle for 1 minute each side.`,
    pct: { flour: 100, water: 64, salt: 2, yeast: 0.2 },
    kinds: 'mix rest mix knead proof divide ball rest roll cook',
    rests: [180, 60, 15],
    cook: [60, 60],
  },
  {
    manner: 'grams glued to names',
    text: `Brickyard rounds
flour500g
water325g
salt10g
oil15g
Knead8min. Rest30min. 8x. Roll20cm. Cook60s/45s.`,
    pct: { flour: 100, water: 65, salt: 2, oil: 3 },
    kinds: 'mix knead rest divide roll cook',
    rests: [30],
    cook: [60, 45],
  },
  {
    manner: 'long sentences with commas and asides',
    text: `For six people I weigh out 420 grams of wholemeal flour, sifted if it is coarse, and 280 grams of water, which should be no more than hand-hot, and a good 8 grams of salt, and when that has come together under the hand I knead it, not too hard, for some 6 minutes, after which it sleeps under a damp cloth for 40 minutes; it is then parted into 12, each part is rolled as thin as a coin, and baked on the dry iron, 35 seconds on the one side and 25 on the other.`,
    pct: { 'wholemeal flour': 100, water: 66.7, salt: 1.9 },
    kinds: 'mix knead rest divide roll cook',
    rests: [40],
    cook: [35, 25],
    pieceG: 57.3,
  },
  {
    manner: 'formula sheet of a bakery',
    text: `PRODUCT: Pocket rounds          BATCH: 20 pcs @ 95 g
INGREDIENT          BP %      WEIGHT
Bread flour        100.0      1176 g
Water               60.0       706 g
Salt                 1.8        21 g
Sugar                1.0        12 g
Instant yeast        0.8         9 g
PROCESS: mix 4 min slow, 6 min fast; bulk 60 min at 26 °C; scale 95 g; round; rest 15 min; sheet to 3 mm; bake on griddle 60 s + 60 s.`,
    pct: { 'bread flour': 100, water: 60, salt: 1.8, sugar: 1, 'instant yeast': 0.8 },
    kinds: 'mix proof divide ball rest roll cook',
    rests: [60, 15],
    cook: [60, 60],
    pieceG: 95,
  },
  {
    manner: 'with egg, milk and what to serve',
    text: `Larder cakes
250 g plain flour
1 egg
120 ml milk
1 1/2 tsp baking powder
1 pinch salt
Butter and jam, to serve
Whisk egg and milk, stir into the flour, powder and salt. Rest 10 minutes. Pat out 1.5 cm thick on a floured board, cut out 8 rounds. Cook gently, 4 minutes each side. Serve warm with butter and jam.`,
    pct: { 'plain flour': 100, egg: 20, milk: 49.4 },
    kinds: 'mix rest shape divide cook',
    rests: [10],
    cook: [240, 240],
  },
  {
    manner: 'letters for steps, times at the end of lines',
    text: `Cellar bread
Flour 600 g / Water 390 g / Salt 12 g / Yeast 4 g
a) mix ........ 5 min
b) knead ...... 8 min
c) proof ...... 70 min
d) divide ..... 9 pieces
e) ball
f) rest ....... 20 min
g) roll ....... 21 cm
h) cook ....... 75 s + 55 s`,
    pct: { flour: 100, water: 65, salt: 2, yeast: 0.67 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [70, 20],
    cook: [75, 55],
    pieceG: 108.5,
  },
  {
    manner: 'what a friend remembers',
    text: `I don't remember all of it. Half a kilo of flour, about 300 ml of water, a spoon of salt. You knead it well, leave it a while, and then you make little balls and roll them. Cook on a hot pan until there are brown spots, then the other side.`,
    pct: { flour: 100, water: 60 },
    kinds: 'mix knead rest ball roll cook',
    rests: [30],
    cook: [75, 50],
  },
  {
    manner: 'oil in two places',
    text: `Quarry rounds
400 g flour
240 g water
8 g salt
20 g oil for the dough, 10 g oil for the griddle
Mix and knead 6 min. Rest 30 min. Divide into 8. Roll. Cook 1 min per side in an oiled pan.`,
    pct: { flour: 100, water: 60, salt: 2, oil: 5 },
    kinds: 'mix knead rest divide roll cook',
    rests: [30],
    cook: [60, 60],
    pieceG: 81.1,
  },
];
