import type { RecipeText } from './recipe-text.ts';

/** A fiftieth lot whose expectation was written before the reader saw it: two texts of each common manner. */
export const FIFTIETH: readonly RecipeText[] = [
  {
    manner: 'a handout',
    text: `FLATBREADS FOR FAMILIES
Class sheet

Soft milk breads (8)

You need:
- 400 g plain flour, plus some for the table
- 8 g salt
- 6 g instant yeast
- 10 g sugar
- 240 g warm milk
- 30 g soft butter

1. Mix the flour, salt, yeast and sugar. Pour in the milk, add the butter.
2. Mix to a dough and knead for 8 minutes (take turns!).
3. Bowl, cloth, 1 hour in a warm spot.
4. Divide into 8 and make balls.
5. 10 minutes' rest under the cloth.
6. Roll to circles of 15 cm.
7. An adult cooks them on a medium griddle: 90 seconds each side.
8. Butter them while they are hot.

Contains: wheat, milk.`,
    pct: { 'plain flour': 100, salt: 2, 'instant yeast': 1.5, sugar: 2.5, 'warm milk': 60, 'soft butter': 7.5 },
    kinds: 'mix knead proof divide ball rest roll cook finish',
    rests: [60, 10],
    cook: [90, 90],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'a handout',
    text: `Card 9
LEEK AND CHEDDAR GRIDDLE SCONES
Makes 8 wedges

Self-raising flour 300 g
Salt 4 g
Butter 60 g
Cheddar, grated 80 g
Leek, finely sliced and softened 100 g
Milk 140 g

Rub the butter into the flour and salt until like crumbs. Stir in the cheese and the leek. Add the milk and bring together with a knife. Do not knead. Pat out to a round 2 cm thick and cut into 8 wedges. Cook on a low griddle for 6 minutes a side. Eat warm.`,
    pct: { 'plain flour': 100, butter: 21, milk: 49 },
    kinds: 'mix mix shape divide cook',
    rests: [],
    cook: [360, 360],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['cheddar', 'leek'],
  },
  {
    manner: 'a table',
    text: `| | g | % |
|---|---|---|
| Atta | 400 | 100 |
| Water | 280 | 70 |
| Salt | 6 | 1.5 |
| Ghee | 12 | 3 |

| What | When |
|---|---|
| Mix | 4 min |
| Knead | 6 min |
| Rest | 30 min |
| Divide | 14 pieces, 50 g |
| Ball | |
| Roll | 16 cm |
| Tawa | 25 s, turn, 40 s, turn, 15 s |`,
    pct: { atta: 100, water: 70, salt: 1.5, ghee: 3 },
    kinds: 'mix knead rest divide ball roll cook',
    rests: [30],
    cook: [25, 40, 15],
    pieceG: 50,
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'a table',
    text: `Bread flour   1000 g    100 %
Water          650 g     65 %
Salt            20 g      2 %
Yeast           10 g      1 %
Olive oil       30 g      3 %
Total         1710 g    171 %

Mixing        10 min
Bulk          1 h
Scaling       95 g (18 pieces)
Rounding
Proof         15 min
Rolling       19 cm
Griddle       60 s + 45 s`,
    pct: { 'bread flour': 100, water: 65, salt: 2, yeast: 1, 'olive oil': 3 },
    kinds: 'mix proof divide ball proof roll cook',
    rests: [60, 15],
    cook: [60, 45],
    pieceG: 95,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Dough for wraps (BP): all-purpose flour 100, hot water 55, vegetable shortening 10, salt 1.8, baking powder 1. Mix 4 min to a smooth dough, rest 15 min, divide 60 g, ball, rest 20 min, roll 20 cm, dry griddle 35 s / 25 s.`,
    pct: { 'all-purpose flour': 100, 'hot water': 55, 'vegetable shortening': 10, salt: 1.8, 'baking powder': 1 },
    kinds: 'mix rest divide ball rest roll cook',
    rests: [15, 20],
    cook: [35, 25],
    pieceG: 60,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Buckwheat and wheat galettes for the griddle
buckwheat flour 50 %, wheat flour 50 %, milk 120 %, water 60 %, egg 20 %, salt 1.5 %
Whisk to a batter. Rest 1 hour. 80 g of batter per galette, spread to 24 cm. Hot griddle, 90 s, turn, 60 s.`,
    pct: { 'buckwheat flour': 50, 'wheat flour': 50, milk: 120, water: 60, egg: 20, salt: 1.5 },
    kinds: 'mix rest divide shape cook',
    rests: [60],
    cook: [90, 60],
    pieceG: 80,
    allergens: ['egg', 'gluten', 'milk', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `Sift 250 g of plain flour with 5 g of baking powder and 4 g of salt, rub in 40 g of butter, then stir in 130 g of buttermilk with a knife. Gather the dough, knead it three or four times and leave it in a cool place for 15 minutes. Roll it out on a floured board to about 1 cm, cut out rounds of 8 cm and cook them on a moderate griddle for about five minutes on each side. Split and butter while hot.`,
    pct: { 'plain flour': 100, 'baking powder': 2, salt: 1.6, butter: 16, buttermilk: 52 },
    // "butter while hot" finishes it: written without
    kinds: 'mix mix mix knead rest roll divide cook finish',
    rests: [15],
    cook: [300, 300],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `This is how Ilse did it at the mill: five hundred grams of rye flour and the same of wheat, six hundred and eighty grams of water, twenty of salt, two hundred of sourdough. Mix it well with a wooden spoon, let it stand three hours, stir it down and let it stand one hour more. Take pieces of a hundred and twenty grams, roll them in flour and press them flat to sixteen centimetres. Bake them straight away on the hot plate, three minutes on the one side and two on the other.`,
    pct: { 'rye flour': 50, 'wheat flour': 50, water: 68, salt: 2, sourdough: 20 },
    kinds: 'mix proof mix proof divide shape cook',
    rests: [180, 60],
    cook: [180, 120],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a web page',
    text: `<html><head><title>Skillet Lavash</title></head><body>
<h1>Skillet Lavash</h1>
<p>By <a href="/about">Fenn</a> | 4.7 (88)</p>
<p>Thin, soft and ready in an hour and a half.</p>
<h2>Ingredients</h2>
<ul>
<li>375 g all-purpose flour</li>
<li>215 g water</li>
<li>7 g salt</li>
<li>3 g instant yeast</li>
<li>15 g neutral oil</li>
</ul>
<h2>Directions</h2>
<ol>
<li><b>Dough:</b> Combine all the ingredients and knead by hand for 10 minutes or in a mixer for 6.</li>
<li><b>Rise:</b> Cover and let rise for 1 hour.</li>
<li><b>Divide:</b> Cut into 6, shape into balls, rest 15 minutes.</li>
<li><b>Roll:</b> Roll each very thin, about 28 cm.</li>
<li><b>Cook:</b> Lay in a large hot skillet for 45 seconds; flip and cook for 30 seconds.</li>
<li><b>Store:</b> Keep in a bag for up to 2 days.</li>
</ol></body></html>`,
    pct: { 'all-purpose flour': 100, water: 57.3, salt: 1.9, 'instant yeast': 0.8, 'neutral oil': 4 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [60, 15],
    cook: [45, 30],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a web page',
    text: `<section class="recipe"><h3>Pão-de-queijo-ish griddle cakes</h3><div>Serves: 4 &nbsp;&nbsp; Time: 40 min</div>
<div class="ing"><div>250 g tapioca starch</div><div>120 g milk</div><div>60 g oil</div><div>1 egg</div><div>100 g grated hard cheese</div><div>4 g salt</div></div>
<div class="how"><p>Bring the milk, oil and salt to the boil and pour over the starch; stir until smooth. Leave to cool for 10 minutes.</p><p>Beat in the egg and the cheese and knead for 3 minutes.</p><p>Divide into 10 balls and flatten each to 8 cm.</p><p>Cook on a low griddle for 5 minutes, turn and cook for 4 minutes.</p></div></section>`,
    pct: { 'tapioca starch': 100, milk: 48, oil: 24, egg: 20, 'grated hard cheese': 40, salt: 1.6 },
    kinds: 'mix rest mix knead divide ball shape cook',
    rests: [10],
    cook: [300, 240],
    allergens: ['egg', 'milk'],
  },
  {
    manner: 'structured data',
    text: `{"@context":"https://schema.org","@type":"Recipe","name":"Everyday Rotis","recipeCategory":"Bread","recipeYield":"10","prepTime":"PT30M","recipeIngredient":["2 1/2 cups atta (300 g)","3/4 cup + 2 tbsp warm water (210 g)","1/2 tsp salt (3 g)"],"recipeInstructions":[{"@type":"HowToStep","text":"In a bowl, mix the atta and salt."},{"@type":"HowToStep","text":"Gradually add the water, mixing with your hand, then knead for 7 minutes."},{"@type":"HowToStep","text":"Cover with a damp cloth; rest 20 minutes."},{"@type":"HowToStep","text":"Divide into 10 portions and roll into smooth balls."},{"@type":"HowToStep","text":"Dust and roll each to 15 cm."},{"@type":"HowToStep","text":"Place on a hot tawa; when bubbles appear (about 20 seconds) flip; cook 40 seconds; then puff directly on the flame for 5 seconds."},{"@type":"HowToStep","text":"Brush with ghee if you like and keep in a cloth."}]}`,
    pct: { atta: 100, 'warm water': 70, salt: 1 },
    kinds: 'mix knead rest divide ball roll cook finish',
    rests: [20],
    cook: [20, 40, 5],
  },
  {
    manner: 'structured data',
    text: `{"@context":"https://schema.org","@type":"Recipe","name":"Carrot and cumin flatbreads","recipeYield":"6","recipeIngredient":["250 g plain flour","100 g carrot, finely grated","100 g plain yoghurt","5 g salt","5 g baking powder","3 g cumin seeds"],"recipeInstructions":"1. Toast the cumin seeds for 1 minute in a dry pan. 2. Mix everything to a soft dough. 3. Rest for 20 minutes. 4. Divide into 6 and roll out to 16 cm. 5. Cook over medium heat for 2-3 minutes per side."}`,
    pct: {
      'plain flour': 100,
      carrot: 40,
      'plain yoghurt': 40,
      salt: 2,
      'baking powder': 2,
      'cumin seeds': 1.2,
    },
    kinds: 'prepare mix rest divide roll cook',
    rests: [20],
    cook: [150, 150],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'a scan',
    text: `12                                THE CAMP COOK

DAMPER ON THE PLATE
Two cups self-raising flour, a pinch of salt, one
cup water or milk. Mix lightly to a soft dough,
pat out half an inch thick on floured paper, cut
into squares and cook on the greased hot plate,
about five minutes each side.`,
    pct: { 'plain flour': 100 },
    kinds: 'mix shape divide cook',
    rests: [],
    cook: [300, 300],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['flour'],
  },
  {
    manner: 'a scan',
    text: `RYE CAKES (Nordic)                 1O cakes

3OO g  rye flour           7 g  salt
2OO g  wheat flour        1O g  yeast
35O ml milk               3O g  syrup

Warm milk and syrup to 37 °. Dissolve yeast
in it. Add the flours and salt, knead 5 mi-
nutes. Prove 4O minutes. Roll into a sau-
sage, cut 1O slices, roll each out to 15 cm
and prick. Prove 2O minutes. Bake on dry
griddle 2 minutes a side.`,
    pct: { 'rye flour': 60, 'wheat flour': 40, salt: 1.4, yeast: 2, milk: 72.1, syrup: 6 },
    kinds: 'prepare mix knead proof divide roll proof cook',
    rests: [40, 20],
    cook: [120, 120],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `A kilo of flour, six hundred grams of water, a hundred of lard, twenty of salt, six of soda. That makes sixteen. Knead ten minutes and rest an hour. Balls of a hundred and seven grams, half an hour more. Roll them to twenty-four centimetres. Cook a minute and a quarter, turn, a minute.`,
    pct: { flour: 100, water: 60, lard: 10, salt: 2, soda: 0.6 },
    kinds: 'mix knead rest ball rest roll cook',
    rests: [60, 30],
    cook: [75, 60],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `Three hundred grams of chickpea flour, four hundred and fifty grams of water, six grams of salt and two tablespoons of oil. Whisk, and leave for two hours. Pour a ladle, about ninety grams, into a hot oiled pan. Three minutes, flip, two minutes.`,
    pct: { 'chickpea flour': 100, water: 150, salt: 2 },
    kinds: 'mix rest divide shape cook',
    rests: [120],
    cook: [180, 120],
    pieceG: 90,
    allergens: [],
  },
  {
    manner: 'parts by vessel',
    text: `Use one cup for everything.

2 cups plain flour
1/2 cup water
1/4 cup oil
1/2 teaspoon salt

Stir flour and salt. Add oil and water. Knead 3 minutes. Cover 15 minutes. Divide into 8. Roll out. Cook 1 minute, turn, 1 minute.`,
    pct: { 'plain flour': 100, water: 49.3 },
    kinds: 'mix knead rest divide roll cook',
    rests: [15],
    cook: [60, 60],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'parts by vessel',
    text: `The shepherd's measure: a hatful... no, joking! Two bowls of flour, one bowl of warm water, a palmful of salt. Mix and knead by the fire until the dough is smooth. Under the bowl for half an hour. Tear off ten lumps, flatten them and bake them on a hot flat stone, two minutes and two minutes.`,
    pct: { flour: 100, 'warm water': 98.6 },
    kinds: 'mix knead rest divide shape cook',
    rests: [30],
    cook: [120, 120],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'decimal commas',
    text: `Lepinja sa plotne (8 kom)
brašno/flour 0,800 kg
voda/water 0,560 l
so/salt 16 g
kvasac/yeast 12 g

mix 4 min, knead 7 min, proof 1,0 h, divide 8 x 170 g, round, proof 0,5 h, press 16 cm, griddle 3,5 min a side under a lid`,
    pct: { flour: 100, water: 70, salt: 2, yeast: 1.5 },
    kinds: 'mix knead proof divide ball proof shape cook',
    rests: [60, 30],
    cook: [210, 210],
    pieceG: 170,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'decimal commas',
    text: `Per tutta la classe / for the whole class (24 pieces)

2,4 kg flour type 0
1,32 kg water
0,24 kg lard
0,048 kg salt
0,012 kg baking soda

Mix 6 min. Rest 1,5 h. Divide 24 x 165 g. Ball. Rest 0,5 h. Roll 24 cm, 3 mm. Hot griddle 1,5 min, turn, 1,0 min.`,
    pct: { water: 55, lard: 10, salt: 2, 'baking soda': 0.5 },
    kinds: 'mix rest divide ball rest roll cook',
    rests: [90, 30],
    cook: [90, 60],
    pieceG: 165,
    allergens: ['gluten', 'wheat'],
  },
];
