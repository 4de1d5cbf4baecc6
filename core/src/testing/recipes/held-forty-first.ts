import type { RecipeText } from './recipe-text.ts';

/** A forty-first lot whose expectation was written before the reader saw it: two texts of each common manner. */
export const FORTY_FIRST: readonly RecipeText[] = [
  {
    manner: 'a handout',
    text: `Ridgeway Cookery Club
Session 2 handout

SEEDED GRIDDLE FLATBREADS (8)

375g strong white flour
125g wholemeal flour
10g salt
7g instant yeast
25g mixed seeds
25g olive oil
320g warm water

- Combine the dry ingredients, including the seeds.
- Add the oil and water and mix to a soft dough.
- Knead for 8-10 minutes.
- Cover and leave to rise until doubled (about 1 hour).
- Turn out, divide into 8 and shape each piece into a ball. Leave for 10 minutes.
- Roll each ball to 20cm.
- Cook on a hot griddle for 1-2 minutes on each side.
- Wrap in a clean tea towel until needed.`,
    pct: {
      'strong white flour': 75,
      'wholemeal flour': 25,
      salt: 2,
      'instant yeast': 1.4,
      'mixed seeds': 5,
      'olive oil': 5,
      'warm water': 64,
    },
    kinds: 'mix knead proof divide ball rest roll cook finish',
    rests: [60, 10],
    cook: [90, 90],
    allergens: ['gluten', 'wheat'],
    others: ['seeds'],
  },
  {
    manner: 'a handout',
    text: `What: puri-style puffed roti    For: 5 people    Makes: 15

Take
  wholemeal flour 375 g
  water 235 g
  salt 6 g
  oil 12 g

Then
  mix & knead - 8 minutes
  rest - 20 minutes
  portion - 15 balls, about 41 g
  rest - 10 minutes
  roll - 14 cm
  griddle - 20 seconds, turn, 20 seconds, then straight onto the flame for 10 seconds

Serve at once.`,
    pct: { 'wholemeal flour': 100, water: 62.7, salt: 1.6, oil: 3.2 },
    kinds: 'mix knead rest divide ball rest roll cook',
    rests: [20, 10],
    cook: [20, 20, 10],
    pieceG: 41,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a table',
    text: `|  | grams | baker's % |
|--|--:|--:|
| **Dough** | | |
| bread flour | 600 | 100 |
| water | 384 | 64 |
| salt | 12 | 2 |
| yeast | 5 | 0.8 |
| olive oil | 24 | 4 |
| **Topping** | | |
| za'atar | 30 | |
| olive oil | 45 | |

Knead 10 min, proof 1 h, divide into 6, ball, rest 20 min, roll 20 cm. Griddle 75 s, flip, spread the topping, cover, 90 s.`,
    pct: { 'bread flour': 100, water: 64, salt: 2, yeast: 0.8 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [60, 20],
    cook: [75, 90],
    allergens: ['gluten', 'sesame', 'wheat'],
  },
  {
    manner: 'a table',
    text: `Chapati for 20
-----------------------------------
Atta            1000 g      100 %
Water            650 g       65 %
Salt              15 g      1.5 %
Oil               30 g        3 %
-----------------------------------
Total           1695 g    169.5 %

1. Knead 8 min   2. Rest 30 min   3. Divide 40 x 42 g   4. Roll 15 cm   5. Tava 15 s, 30 s, flame 10 s`,
    pct: { atta: 100, water: 65, salt: 1.5, oil: 3 },
    kinds: 'mix knead rest divide roll cook',
    rests: [30],
    cook: [15, 30, 10],
    pieceG: 42,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Bazlama: 100% flour, 30% yogurt, 36% water, 1% yeast, 1.8% salt, 1% sugar. Knead 10 minutes, proof 1 hour. 150 g pieces, rounded; rest 10 minutes. Roll to 1 cm (16 cm across); rest 15 minutes. Griddle on medium-low, 3 minutes each side.`,
    pct: { flour: 100, yogurt: 30, water: 36, yeast: 1, salt: 1.8, sugar: 1 },
    kinds: 'mix knead proof divide ball rest roll rest cook',
    rests: [60, 10, 15],
    cook: [180, 180],
    pieceG: 150,
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Griddle cakes, per 100 of flour
Spelt flour 100
Oat flakes 15
Milk 75
Egg 10
Honey 4
Baking powder 3
Salt 1.2
Stir; stand 10 minutes; drop 50 g of batter for each; 2 minutes, flip, 1½ minutes.`,
    pct: { 'spelt flour': 100, 'oat flakes': 15, milk: 75, egg: 10, honey: 4, 'baking powder': 3, salt: 1.2 },
    kinds: 'mix rest divide shape cook',
    rests: [10],
    cook: [120, 90],
    pieceG: 50,
    allergens: ['egg', 'gluten', 'milk', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `Cheese-filled flatbreads: knead 400g plain flour, 240ml lukewarm water, 8g salt, 4g instant yeast and 20ml oil for 8 minutes and prove for 1 hour. Meanwhile mix 250g crumbled feta with a handful of chopped parsley. Divide the dough into 8 balls and rest them for 10 minutes. Roll to 15 cm, put two spoonfuls of the cheese in the middle of each, gather the edges, turn over and roll gently to 15 cm again. Cook on a medium griddle for 2 minutes a side, brushing with oil.`,
    pct: { 'plain flour': 100, 'lukewarm water': 60, salt: 2, 'instant yeast': 1 },
    kinds: 'mix knead proof prepare divide ball rest roll fill roll cook',
    rests: [60, 10],
    cook: [120, 120],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['feta', 'parsley'],
  },
  {
    manner: 'one paragraph',
    text: `Mix 2 cups (240 g) plain flour, 1 tsp salt and 1 tsp sugar in a bowl; dissolve 1 tsp dried yeast in 150 ml warm milk, and add it with 2 tbsp oil. Knead for 7 min. and leave in a warm spot until doubled, about 1 h. Divide into 6, round, rest 10 min., roll to 18 cm. Cook in a very hot cast-iron pan, 1 min. on the first side and 45 sec. on the second, brushing each with garlic butter.`,
    pct: { 'plain flour': 100, 'warm milk': 64.4 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [60, 10],
    cook: [60, 45],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'a web page',
    text: `<div class="recipe"><h2>Homemade flour tortillas</h2><p>makes about 12 &#8226; 45 minutes</p><p class="ingr-head">Ingredients</p><p>350 g plain flour</p><p>1 tsp salt</p><p>75 g lard, diced</p><p>180 ml warm water</p><p class="meth-head">Method</p><p>Mix the flour and salt. Rub in the lard. Stir in the water, then knead for 4 minutes.</p><p>Wrap and rest for 20 minutes.</p><p>Divide into 12, roll into balls, then roll out to 18 cm.</p><p>Cook in a dry pan over a high heat for 40 seconds each side.</p></div>`,
    pct: { 'plain flour': 100, lard: 21.4, 'warm water': 51.4 },
    kinds: 'mix mix mix knead rest divide ball roll cook',
    rests: [20],
    cook: [40, 40],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a web page',
    text: `<article><h1>Everyday sourdough pitas</h1><h2>Ingredients</h2><ul><li>120 g active starter</li><li>300 g bread flour</li><li>60 g wholemeal flour</li><li>210 g water</li><li>20 g olive oil</li><li>8 g salt</li></ul><h2>Method</h2><h3>Mix</h3><p>Combine everything and mix until there is no dry flour. Rest for 30 minutes.</p><h3>Ferment</h3><p>Fold the dough once, then leave it at room temperature for 4 hours.</p><h3>Shape</h3><p>Divide into 8 pieces of about 90 g and shape into balls. Rest 30 minutes. Roll out to 15 cm and let them proof for 20 minutes.</p><h3>Cook</h3><p>Griddle over high heat for 1 minute, flip, 1 minute, flip, 30 seconds.</p></article>`,
    pct: {
      'active starter': 33.3,
      'bread flour': 83.3,
      'wholemeal flour': 16.7,
      water: 58.3,
      'olive oil': 5.6,
      salt: 2.2,
    },
    kinds: 'mix proof fold proof divide ball rest roll proof cook',
    rests: [30, 240, 30, 20],
    cook: [60, 60, 30],
    pieceG: 90,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'structured data',
    text: `{"@context":"https://schema.org","@type":"Recipe","name":"Bhakri","recipeYield":"6","recipeIngredient":["2 cups jowar flour (240 g)","1 1/4 cups boiling water (300 ml)","1/2 tsp salt"],"recipeInstructions":[{"@type":"HowToStep","text":"Add the salt to the boiling water, stir in the flour, cover and leave for 10 minutes."},{"@type":"HowToStep","text":"Knead with wet hands until smooth, about 4 minutes."},{"@type":"HowToStep","text":"Divide into 6. Pat each one out on a floured board to 16 cm."},{"@type":"HowToStep","text":"Lay on a hot tava, wet the top with water and cook for 1 minute. Turn and cook for 1 minute, then puff over a flame for 10 seconds."}]}`,
    pct: { 'jowar flour': 100, 'boiling water': 125 },
    kinds: 'mix rest knead divide shape cook',
    rests: [10],
    cook: [60, 60, 10],
    allergens: [],
  },
  {
    manner: 'structured data',
    text: `{"@context":"https://schema.org","@type":"Recipe","name":"Focaccia on the griddle","recipeYield":"4 small","recipeIngredient":["400g strong white flour","300g water","8g salt","3g instant yeast","30g olive oil, plus extra","rosemary","flaky salt"],"recipeInstructions":[{"@type":"HowToStep","text":"Mix flour, water, yeast and salt with a spoon. Rest 15 minutes."},{"@type":"HowToStep","text":"Add the oil and fold the dough in the bowl. Repeat after 20 minutes."},{"@type":"HowToStep","text":"Prove for 1 hour 30 minutes."},{"@type":"HowToStep","text":"Divide into 4, press out to 16 cm in plenty of oil, and rest for 20 minutes."},{"@type":"HowToStep","text":"Dimple, scatter with rosemary and flaky salt."},{"@type":"HowToStep","text":"Cook over a low heat under a lid for 6 minutes, flip and cook 4 minutes more."}]}`,
    pct: { 'strong white flour': 100, water: 75, salt: 2, 'instant yeast': 0.75, 'olive oil': 7.5 },
    kinds: 'mix rest mix fold proof divide shape rest shape fill cook',
    rests: [15, 90, 20],
    cook: [360, 240],
    allergens: ['gluten', 'wheat'],
    others: ['rosemary'],
  },
  {
    manner: 'a scan',
    text: `COUNTRY FLAT BREAD         Yield 8
-------------------------------------
Bread flour        1 lb 4 oz
Rye flour              4 oz
Water               15 fl oz
Salt                  ½ oz
Fresh yeast           ½ oz

Mix 5 min. Ferment 1 hr. Scale 4½ oz,
round, rest 15 min. Roll to 8 in. Cook on
hot plate 1 min. per side.`,
    pct: { 'bread flour': 83.3, 'rye flour': 16.7, salt: 2.1, 'fresh yeast': 2.1 },
    kinds: 'mix proof divide ball rest roll cook',
    rests: [60, 15],
    cook: [60, 60],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a scan',
    text: `FLADBRØD (thin, for the griddle)

300 g barley flour, 200 g wheat flour,
1 tsp. salt, 4 dl boiling water.

Pour the boiling water over the flours
and salt, stir and let cool until it can be
handled. Knead smooth, 5 minutes. Divide
into 12, roll very thin, 30 cm, with barley
flour. Bake on a medium hot griddle 2 min.
on each side until dry.`,
    pct: { 'barley flour': 60, 'wheat flour': 40, 'boiling water': 80 },
    kinds: 'mix rest knead divide roll cook',
    rests: [30],
    cook: [120, 120],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `Four hundred and eighty grams of strong flour, three hundred and twelve grams of water, ten grams of salt, five grams of yeast. Stir, and knead for nine minutes. Leave to rise for fifty-five minutes. Make eight pieces of one hundred grams. Shape into balls and rest for twelve minutes. Roll out to twenty-one centimetres. Bake for one minute and ten seconds, turn, and bake for fifty seconds.`,
    pct: { 'strong flour': 100, water: 65, salt: 2.1, yeast: 1 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [55, 12],
    cook: [70, 50],
    pieceG: 100,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `Three cups of flour, a cup and a quarter of milk, two tablespoons of butter, a tablespoon of baking powder and a teaspoon of salt. Rub the butter into the flour, powder and salt. Stir in the milk. Knead ten times. Pat out half an inch thick and cut into ten. Cook on a slow griddle for six minutes on each side.`,
    pct: { flour: 100 },
    kinds: 'mix mix knead shape divide cook',
    rests: [],
    cook: [360, 360],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'parts by vessel',
    text: `Glass-by-glass bread
1 glass warm water
2 1/2 glasses flour
1 tablespoon oil
1 teaspoon salt
1 teaspoon yeast
Mix, knead 6 min, rise 45 min, 6 balls, 10 min, roll out, hot pan 1 min a side.`,
    pct: { flour: 100 },
    kinds: 'mix knead proof ball rest roll cook',
    rests: [45, 10],
    cook: [60, 60],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'parts by vessel',
    text: `You can make this with any mug: fill it four times with flour, once and a half with warm water, and add a heaped teaspoon of salt and a good splash of olive oil. Knead it for five minutes, rest it under the mug's saucer for twenty, cut it into ten, roll and cook for a minute on each side.`,
    pct: { flour: 100 },
    kinds: 'mix knead rest divide roll cook',
    rests: [20],
    cook: [60, 60],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'decimal commas',
    text: `Coca de llanda – 10 unidades de 130 g
Harina/flour .......... 0,80 kg
Agua/water ............ 0,44 kg
Aceite/olive oil ...... 0,08 kg
Sal/salt .............. 0,016 kg
Levadura/fresh yeast .. 0,012 kg
Mix 8 min – bulk 1,0 h – divide 130 g – ball – rest 20 min – press to 18 cm – griddle 2,5 min + 2,0 min`,
    pct: { flour: 100, water: 55, 'olive oil': 10, salt: 2, 'fresh yeast': 1.5 },
    kinds: 'mix proof divide ball rest shape cook',
    rests: [60, 20],
    cook: [150, 120],
    pieceG: 130,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'decimal commas',
    text: `0,45 kg flour, 0,05 kg rye flour, 0,31 kg water, 10,5 g salt, 3,5 g yeast. Mix 6,0 min, fold after 0,5 h, bulk in all 1,5 h. Divide 7 x 118 g. Round. 15 min. Roll 20,5 cm. Griddle 65 s + 45 s.`,
    pct: { flour: 90, 'rye flour': 10, water: 62, salt: 2.1, yeast: 0.7 },
    kinds: 'mix proof fold proof divide ball rest roll cook',
    rests: [30, 60, 15],
    cook: [65, 45],
    pieceG: 118,
    allergens: ['gluten', 'wheat'],
  },
];
