import type { RecipeText } from './recipe-text.ts';

/** A seventy-second lot whose expectation was written before the reader saw it: plain texts of many hands, two of each common manner. */
export const SEVENTY_SECOND: readonly RecipeText[] = [
  {
    manner: 'a handout',
    text: `Lemon and herb flatbreads
Serves 8

Ingredients:
500g bread flour
1 sachet (7g) fast-action dried yeast
10g salt
300ml warm water
50ml olive oil
Zest of 1 lemon
2 tbsp chopped thyme

Method:
Mix the flour, yeast, salt, lemon zest and thyme in a bowl. Add the water and oil and mix to a dough.
Knead for 10 minutes on a floured surface.
Cover and leave to prove for 1 hour or until doubled in size.
Divide into 8 and shape into balls. Rest for 10 minutes.
Roll out to 18cm.
Griddle for 1-2 minutes on each side.`,
    pct: { 'bread flour': 100, 'fast-action dried yeast': 1.4, salt: 2, 'warm water': 60, 'olive oil': 9.2 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [60, 10],
    cook: [90, 90],
    allergens: ['gluten', 'wheat'],
    others: ['lemon zest', 'thyme'],
  },
  {
    manner: 'a handout',
    text: `Session 2 – Stuffed griddle breads

Dough (8 breads)
- plain flour 400 g
- warm water 230 g
- oil 30 g
- salt 7 g

Filling
- spinach 300 g
- feta 150 g
- 1 onion

What to do
1. Mix the flour, water, oil and salt and knead for 6 minutes.
2. Rest the dough for 40 minutes.
3. Chop the onion and the spinach and mix with the crumbled feta.
4. Divide the dough into 8 balls and roll each to 20 cm.
5. Put the filling on one half, fold the other half over and press the edges.
6. Cook on a dry griddle for 3 minutes on each side.
7. Brush with a little oil.`,
    pct: { 'plain flour': 100, 'warm water': 57.5, oil: 7.5, salt: 1.75 },
    kinds: 'mix knead rest prepare divide ball roll fill shape cook finish',
    rests: [40],
    cook: [180, 180],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['spinach', 'feta', 'onion'],
  },
  {
    manner: 'a table',
    text: `Ingredients for 1 kg of flour

Bread flour     1000 g
Water            650 g
Salt              20 g
Fresh yeast       20 g
Olive oil         40 g

Stage            Time        Temperature
Mixing           10 min      25 °C
Bulk proof       60 min      27 °C
Dividing         18 pieces
Balling
Resting          20 min
Rolling          18 cm
Griddling        60 s + 45 s  240 °C`,
    pct: { 'bread flour': 100, water: 65, salt: 2, 'fresh yeast': 2, 'olive oil': 4 },
    kinds: 'mix proof divide ball rest roll cook',
    rests: [60, 20],
    cook: [60, 45],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a table',
    text: `| | Chapati | 
|---|---|
| Atta | 500 g |
| Water | 325 g |
| Salt | 5 g |
| Knead | 7 min |
| Rest | 30 min |
| Pieces | 16 |
| Roll | 15 cm |
| First side | 20 s |
| Second side | 40 s |`,
    pct: { atta: 100, water: 65, salt: 1 },
    kinds: 'mix knead rest divide roll cook',
    rests: [30],
    cook: [20, 40],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Pizza-style flatbread
flour 100 %
water 65 %
salt 2.2 %
olive oil 2 %
dried yeast 0.3 %

Mix and knead 8 min. Bulk 2 h. Divide at 180 g, ball. Proof 4 h. Stretch to 24 cm. Cook covered 3 min, turn, 2 min.`,
    pct: { flour: 100, water: 65, salt: 2.2, 'olive oil': 2, 'dried yeast': 0.3 },
    kinds: 'mix knead proof divide ball proof shape cook',
    rests: [120, 240],
    cook: [180, 120],
    pieceG: 180,
  },
  {
    manner: 'percentages alone',
    text: `Formula: strong flour (80%), semolina (20%), water (64%), salt (2%), fresh yeast (1.5%), olive oil (3%). Knead for ten minutes, prove for an hour, divide into 110 g balls, rest for a quarter of an hour, roll to 19 cm and cook on a hot griddle for a minute on each side.`,
    pct: { 'strong flour': 80, semolina: 20, water: 64, salt: 2, 'fresh yeast': 1.5, 'olive oil': 3 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [60, 15],
    cook: [60, 60],
    pieceG: 110,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `Combine 250 g of wholemeal flour, 250 g of strong white flour, 10 g of salt and 7 g of instant yeast in a bowl. Add 330 g of warm water and 20 g of honey and mix well. Knead for eight minutes, cover and leave in a warm place for an hour. Divide into ten pieces, roll into balls and leave for ten minutes. Roll out to 16 cm and cook on a hot griddle for one to two minutes on each side.`,
    pct: {
      'wholemeal flour': 50,
      'strong white flour': 50,
      salt: 2,
      'instant yeast': 1.4,
      'warm water': 66,
      honey: 4,
    },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [60, 10],
    cook: [90, 90],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `For the pancakes you need 200 g of plain flour, 2 eggs, 400 ml of milk and a pinch of salt. Whisk them together and let the batter rest for 30 minutes. Melt a little butter in a pan, pour in a ladleful of batter and tilt the pan so that it spreads to about 22 cm. Cook for one minute, flip and cook for 30 seconds.`,
    pct: { 'plain flour': 100, milk: 206 },
    kinds: 'mix rest divide shape cook',
    rests: [30],
    cook: [60, 30],
    allergens: ['egg', 'gluten', 'milk', 'wheat'],
    others: ['egg', 'salt'],
  },
  {
    manner: 'a web page',
    text: `<html><body><h1>Easy Flatbread Recipe</h1><div class="summary">Prep: 10 mins | Rest: 30 mins | Cook: 15 mins | Makes: 8</div><h2>Ingredients</h2><ul><li>2 cups (250 g) all-purpose flour</li><li>1/2 tsp salt</li><li>3 tbsp (42 g) butter</li><li>3/4 cup (185 ml) milk</li></ul><h2>Instructions</h2><ol><li>Heat the butter and milk until the butter is just melted.</li><li>Combine the flour and salt, then add the butter and milk and mix.</li><li>Knead for a few minutes until smooth.</li><li>Wrap with cling wrap and rest at room temperature for 30 minutes.</li><li>Cut the dough into 8 pieces, roll into balls, then roll out to 15 cm rounds.</li><li>Cook in a hot pan for 1 to 1 1/2 minutes, flip, then cook the other side for 1 minute.</li></ol></body></html>`,
    pct: { 'all-purpose flour': 100, butter: 16.8, milk: 76.2 },
    kinds: 'prepare mix knead rest divide ball roll cook',
    rests: [30],
    cook: [75, 60],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['salt'],
  },
  {
    manner: 'a web page',
    text: `<main><h1>Chickpea flatbreads (gluten free)</h1><h3>You need</h3><ul><li>200&nbsp;g gram flour</li><li>1 tsp salt</li><li>&frac12; tsp turmeric</li><li>300&nbsp;ml water</li><li>1 tbsp oil</li></ul><h3>Do this</h3><p>Whisk the gram flour, salt and turmeric with the water and oil. Leave to rest for 20 minutes.</p><p>Heat a little oil in a pan. Pour in a ladle of batter, spread to 18&nbsp;cm and cook for 2 minutes. Turn and cook for 2 minutes more.</p></main>`,
    pct: { 'gram flour': 100, water: 150 },
    kinds: 'mix rest divide shape cook',
    rests: [20],
    cook: [120, 120],
    allergens: [],
    others: ['salt', 'turmeric', 'oil'],
  },
  {
    manner: 'structured data',
    text: `{"@context":"https://schema.org/","@type":"Recipe","name":"Homemade Tortillas","recipeYield":"12 tortillas","prepTime":"PT20M","cookTime":"PT12M","recipeIngredient":["3 cups (390 g) all-purpose flour","1 tsp baking powder","1 tsp salt","75 g lard or shortening","1 cup (235 ml) hot water"],"recipeInstructions":[{"@type":"HowToStep","text":"Mix flour, baking powder and salt."},{"@type":"HowToStep","text":"Rub in the lard."},{"@type":"HowToStep","text":"Add the hot water and knead for 3 minutes."},{"@type":"HowToStep","text":"Divide into 12 balls and rest 20 minutes, covered."},{"@type":"HowToStep","text":"Roll each ball to 20 cm."},{"@type":"HowToStep","text":"Cook on a hot dry skillet about 45 seconds per side."}]}`,
    pct: { 'all-purpose flour': 100, 'hot water': 60.3 },
    kinds: 'mix mix mix knead divide ball rest roll cook',
    rests: [20],
    cook: [45, 45],
    others: ['baking powder', 'salt', 'lard'],
  },
  {
    manner: 'structured data',
    text: `{"@type":"Recipe","name":"Rosemary griddle bread","recipeYield":"4","recipeIngredient":["300 g strong flour","5 g salt","4 g instant yeast","195 g water","20 g olive oil","5 g rosemary, chopped"],"recipeInstructions":"Mix all the ingredients and knead for 8 minutes. Prove for 1 hour. Divide into 4, shape into balls and rest for 15 minutes. Press out to 18 cm. Cook on a medium griddle for 3 minutes on each side. Drizzle with olive oil."}`,
    pct: { 'strong flour': 100, salt: 1.7, 'instant yeast': 1.3, water: 65, 'olive oil': 6.7, rosemary: 1.7 },
    kinds: 'mix knead proof divide ball rest shape cook finish',
    rests: [60, 15],
    cook: [180, 180],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a scan',
    text: `BREADS                                          63

                GRIDDLE CAKES

8 oz. plain flour                 1 teaspoon baking powder
2 oz. lard                        pinch of salt
3 oz. sugar                       1 egg
3 oz. currants                    a little milk

Sift flour, baking powder and salt. Rub in the lard,
add sugar and currants. Mix to a stiff dough with the
beaten egg and milk. Roll out to a quarter of an inch
and cut into rounds. Cook on a hot greased griddle for
4 minutes each side.`,
    pct: { 'plain flour': 100, lard: 25, sugar: 37.5, currants: 37.5 },
    kinds: 'mix mix mix roll divide cook',
    rests: [],
    cook: [240, 240],
    allergens: ['egg', 'gluten', 'milk', 'wheat'],
    others: ['baking powder', 'salt', 'egg', 'milk'],
  },
  {
    manner: 'a scan',
    text: `Fladbrød (Norwegian flatbread)                       p. l2

3OO g rye flour
2OO g barley flour
35O ml water
8 g salt

Mix the flours and salt with the water and knead well.
Rest for 3O minutes. Divide into lO pieces. Roll
paper thin, about 3O cm. Bake on a dry griddle for
2 minutes each side until crisp.`,
    pct: { 'rye flour': 60, 'barley flour': 40, water: 70, salt: 1.6 },
    kinds: 'mix knead rest divide roll cook',
    rests: [30],
    cook: [120, 120],
    allergens: ['gluten'],
  },
  {
    manner: 'words for numbers',
    text: `Ingredients: three hundred and fifty grams of bread flour, two hundred and thirty grams of water, seven grams of salt, three grams of yeast. Method: mix and knead for nine minutes; prove for fifty minutes; divide into six; shape into balls; rest for twelve minutes; roll to seventeen centimetres; cook for sixty-five seconds on each side.`,
    pct: { 'bread flour': 100, water: 65.7, salt: 2, yeast: 0.86 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [50, 12],
    cook: [65, 65],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `Half a kilo of flour, three hundred grams of yoghurt, two teaspoons of baking powder and one of salt. Knead for three minutes and let it rest for twenty. Divide into ten. Roll each to fifteen centimetres and cook in a dry pan for two minutes a side.`,
    pct: { flour: 100, yoghurt: 60 },
    kinds: 'mix knead rest divide roll cook',
    rests: [20],
    cook: [120, 120],
    others: ['baking powder', 'salt'],
  },
  {
    manner: 'parts by vessel',
    text: `Glass recipe: 3 glasses of flour, 1 glass of warm milk, half a glass of oil, 1 egg, 1 teaspoon of salt, 1 teaspoon of baking powder. Mix and knead 5 minutes. Rest 30 minutes. Divide into 12. Roll to 16 cm. Cook 1 minute per side.`,
    pct: { flour: 100 },
    kinds: 'mix knead rest divide roll cook',
    rests: [30],
    cook: [60, 60],
    others: ['milk', 'oil', 'egg', 'salt', 'baking powder'],
  },
  {
    manner: 'parts by vessel',
    text: `Two cups of cornmeal, one cup of plain flour, one and a quarter cups of buttermilk, two tablespoons of melted butter, a teaspoon of soda and a teaspoon of salt.
Stir together. Rest for ten minutes.
Shape into eight cakes, 10 cm across.
Cook on a buttered griddle for four minutes per side.`,
    pct: { cornmeal: 70, 'plain flour': 30 },
    kinds: 'mix rest divide shape cook',
    rests: [10],
    cook: [240, 240],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['buttermilk', 'butter', 'soda', 'salt'],
  },
  {
    manner: 'decimal commas',
    text: `Tortillas de harina (12)
300,0 g harina de trigo (wheat flour)
45,0 g manteca (lard)
5,5 g sal (salt)
160,0 ml agua (water)

Rub in the lard. Add the water and knead for 3,5 minutes. Rest for 0,5 hours. Divide into 12 balls. Roll to 18,5 cm. Cook 0,5 minutes per side.`,
    pct: { 'wheat flour': 100, lard: 15, salt: 1.8, water: 53.3 },
    kinds: 'mix mix knead rest divide ball roll cook',
    rests: [30],
    cook: [30, 30],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'decimal commas',
    text: `For the whole group: 4,5 kg flour, 2,9 kg water, 90,0 g salt, 45,0 g yeast and 0,15 kg oil. Mix 6 minutes, proof 1,25 hours, divide into 60 pieces, ball, rest 15 minutes, roll to 17 cm, griddle 1,0 minute on each side.`,
    pct: { flour: 100, water: 64.4, salt: 2, yeast: 1, oil: 3.3 },
    kinds: 'mix proof divide ball rest roll cook',
    rests: [75, 15],
    cook: [60, 60],
  },
];
