import type { RecipeText } from './recipe-text.ts';

/** A twenty-second lot whose expectation was written before the reader saw it, in the manners in which instructors bring their recipes. */
export const TWENTY_SECOND: readonly RecipeText[] = [
  {
    manner: 'a handout',
    text: `Millstream flatbread
Recipe for one table of four (8 breads)
560 g strong flour
365 g water
11 g salt
6 g instant yeast
30 g sunflower oil

How we make it
1. Mix the ingredients with one hand for 4 minutes.
2. Let the dough rest for 10 minutes.
3. Knead for 5 minutes.
4. Put it in an oiled tub and let it proof for 55 minutes.
5. Tip it out and divide it into 8 (about 120 g). Round the pieces.
6. Let them rest under a cloth for 15 minutes.
7. Roll out to 22 cm, turning the dough as you go.
8. Cook each bread for 1 minute; turn; 45 seconds.
Hot! Use tongs.`,
    pct: { 'strong flour': 100, water: 65.2, salt: 2, 'instant yeast': 1.1, 'sunflower oil': 5.4 },
    kinds: 'mix rest knead proof divide ball rest roll cook',
    rests: [10, 55, 15],
    cook: [60, 45],
    pieceG: 120,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a table',
    text: `| | % | grams |
|--|--|--|
| wheat flour | 85 | 680 |
| rye flour | 15 | 120 |
| water | 64 | 512 |
| salt | 2 | 16 |
| yeast | 0.7 | 5.6 |

mix 5 min, rest 20 min, fold, bulk 60 min, divide 120 g, ball, 15 min rest, roll 22 cm, griddle 75 s per side`,
    pct: { 'wheat flour': 85, 'rye flour': 15, water: 64, salt: 2, yeast: 0.7 },
    kinds: 'mix rest fold proof divide ball rest roll cook',
    rests: [20, 60, 15],
    cook: [75, 75],
    pieceG: 120,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Soft flatbread: flour 100%, milk 62%, butter 8%, sugar 4%, salt 1.8%, fresh yeast 2.5%. Knead 10 min. Proof 50 min. 80 g pieces, round, proof 15 min. Roll 15 cm. Griddle on low, 2 min each side.`,
    pct: { flour: 100, milk: 62, butter: 8, sugar: 4, salt: 1.8, 'fresh yeast': 2.5 },
    kinds: 'mix knead proof divide ball proof roll cook',
    rests: [50, 15],
    cook: [120, 120],
    pieceG: 80,
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `Sift 300 g of plain flour with a teaspoon of salt, rub in 40 g of lard, and add 150 ml of warm water little by little until the dough comes together. Knead it for four minutes on the bench, wrap it and let it rest for half an hour. Divide the dough into ten, roll the pieces into balls and then out to thin rounds of 18 cm. Cook each on a hot dry griddle for 40 seconds, flip it, and cook for 30 seconds more.`,
    pct: { 'plain flour': 100, salt: 2, lard: 13.3, 'warm water': 50 },
    kinds: 'mix mix mix knead rest divide ball roll cook',
    rests: [30],
    cook: [40, 30],
    pieceG: 48,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a web page',
    text: `<html><body><h1>Za'atar griddle bread</h1><p>Rating 4.9 (87)</p><h2>Ingredients</h2><ul><li>2&frac12; cups bread flour (325 g)</li><li>1 tsp instant yeast (3 g)</li><li>1 tsp salt (6 g)</li><li>&frac34; cup + 2 tbsp warm water (210 g)</li><li>2 tbsp olive oil (27 g)</li></ul><h2>Topping</h2><ul><li>2 tbsp za'atar</li><li>3 tbsp olive oil</li></ul><h2>Method</h2><ol><li>Mix the dough ingredients and knead for 7 minutes.</li><li>Cover and let rise for 1 hour.</li><li>Divide into 5 pieces, ball, and rest 10 minutes.</li><li>Roll to 18 cm. Cook in a hot skillet for 1 minute, flip, cook 1 minute.</li><li>Brush with the oil and sprinkle with za'atar.</li></ol></body></html>`,
    pct: { 'bread flour': 100, 'instant yeast': 0.9, salt: 1.8, 'warm water': 64.6, 'olive oil': 8.3 },
    kinds: 'mix knead proof divide ball rest roll cook finish',
    rests: [60, 10],
    cook: [60, 60],
    pieceG: 111,
  },
  {
    manner: 'structured data',
    text: `{"@context":"https://schema.org","@type":"Recipe","name":"Spelt rounds","recipeYield":"7 rounds","recipeIngredient":["400 g spelt flour","230 g water","8 g salt","4 g dried yeast","12 g honey"],"recipeInstructions":[{"@type":"HowToStep","text":"Mix all ingredients and knead gently for 4 minutes."},{"@type":"HowToStep","text":"Let rise for 50 minutes."},{"@type":"HowToStep","text":"Divide into 7, shape into balls, and let rest for 10 minutes."},{"@type":"HowToStep","text":"Roll to 17 cm and cook for 70 seconds per side."}]}`,
    pct: { 'spelt flour': 100, water: 57.5, salt: 2, 'dried yeast': 1, honey: 3 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [50, 10],
    cook: [70, 70],
    pieceG: 90.7,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a scan',
    text: `Barley Bannocks

6 oz. barley flour, 2 oz. wheat flour,
1 teaspoonful cream of tartar, ½ tea-
spoonful baking soda, ½ teaspoonful salt,
7 fl. oz. buttermilk.
Mix the dry ingredients, stir in the
buttermilk and mix lightly. Turn out on
a floured board, pat out to ½ inch thick
and bake on a moderately hot girdle, 5
minutes each side.`,
    pct: { 'barley flour': 75, 'wheat flour': 25 },
    kinds: 'mix divide shape cook',
    rests: [],
    cook: [300, 300],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `Four hundred and fifty grams of strong flour, two hundred and ninety grams of water, nine grams of salt, five grams of yeast and eighteen grams of oil. Mix four minutes, knead eight minutes, prove one hour. Divide into eight pieces, round them, rest them for ten minutes. Roll to twenty-two centimetres. Cook for fifty-five seconds, turn, cook for forty seconds.`,
    pct: { 'strong flour': 100, water: 64.4, salt: 2, yeast: 1.1, oil: 4 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [60, 10],
    cook: [55, 40],
    pieceG: 93.7,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'parts by vessel',
    text: `Mug flatbreads
3 mugs plain flour
1 mug warm water
1/2 mug yogurt
1 teaspoon salt
2 teaspoons baking powder
Mix, knead for 2 minutes, cover and rest for 15 minutes. Divide into 8. Roll. Cook in a dry pan for a minute or so on each side.`,
    pct: { 'plain flour': 100 },
    kinds: 'mix knead rest divide roll cook',
    rests: [15],
    cook: [60, 60],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'decimal commas',
    text: `Pizzetta base for the griddle: flour 1,5 kg; water 0,945 kg; salt 0,03 kg; yeast 0,006 kg; oil 0,045 kg. Mix 6 min, bulk proof 1,5 h, divide 150 g, ball, proof 45 min, stretch to 20 cm, griddle 1,5 min, turn, 1 min.`,
    pct: { flour: 100, water: 63, salt: 2, yeast: 0.4, oil: 3 },
    kinds: 'mix proof divide ball proof shape cook',
    rests: [90, 45],
    cook: [90, 60],
    pieceG: 150,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'told by a pupil',
    text: `So we started with 500 g flour and 320 g water and 10 g salt and 5 g yeast. First we mixed it for like five minutes, then kneaded for ten. It had to rise for an hour. After that we cut it in 8 and made balls, and they had to wait 15 minutes. Then we rolled them to 20 cm and cooked them on the griddle, one minute on each side.`,
    pct: { flour: 100, water: 64, salt: 2, yeast: 1 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [60, 15],
    cook: [60, 60],
    pieceG: 101,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a filling of dates',
    text: `Date pockets
Dough
300 g semolina flour
150 g warm water
60 g melted butter
5 g salt
Filling
250 g dates
30 g butter
1 tsp cinnamon
Rub the butter into the semolina with the salt, add the water and knead for 5 minutes. Rest for 30 minutes. Mash the dates with the butter and the cinnamon. Divide dough and filling into 8. Flatten each piece of dough, put the filling in the middle and close it. Roll gently to 12 cm. Cook on a medium griddle for 4 minutes a side.`,
    pct: { 'semolina flour': 100, 'warm water': 50, 'melted butter': 20, salt: 1.7 },
    kinds: 'mix mix knead rest prepare divide fill roll cook',
    rests: [30],
    cook: [240, 240],
    pieceG: 62.5,
    allergens: ['gluten', 'milk', 'wheat'],
  },
];
