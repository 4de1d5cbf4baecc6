import type { RecipeText } from './recipe-text.ts';

/** A thirty-eighth lot whose expectation was written before the reader saw it: two texts of each common manner. */
export const THIRTY_EIGHTH: readonly RecipeText[] = [
  {
    manner: 'a handout',
    text: `Lentil & Flour Bakery School
Paratha basics (makes 8)

Dough
300 g atta
100 g plain flour
6 g salt
15 g ghee
260 g water

For layering
40 g ghee, melted
20 g flour

Method
1. Rub the ghee into the flours and salt.
2. Add the water and knead for 6 minutes.
3. Rest, covered, for 30 minutes.
4. Divide into 8 balls of 85 g.
5. Roll to 15 cm, brush with ghee, dust with flour, fold into a triangle.
6. Rest for 10 minutes.
7. Roll the triangles to 18 cm.
8. Cook on a medium-hot griddle, 1 minute each side, then 30 seconds each side with a little ghee.`,
    pct: { atta: 75, 'plain flour': 25, salt: 1.5, ghee: 3.8, water: 65 },
    kinds: 'mix mix knead rest divide ball roll fill shape rest roll cook',
    rests: [30, 10],
    cook: [60, 60, 30, 30],
    pieceG: 85,
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'a handout',
    text: `Pizza on the plancha – dough sheet for 4 people

Flour (type 00)    600 g
Water              378 g
Salt                15 g
Fresh yeast          3 g

• Dissolve the yeast in the water, add the flour, mix for 2 minutes.
• Rest for 20 minutes.
• Add the salt and knead for 6 minutes.
• Prove for 2 hours.
• Divide into 4 × 245 g and ball tightly.
• Prove again for 1 hour.
• Stretch to 26 cm.
• Plancha at full heat: 90 seconds, flip, top, 2 minutes under a lid.`,
    pct: { water: 63, salt: 2.5, 'fresh yeast': 0.5 },
    // salt that goes in at once before kneading is of the kneading: written as a mixing
    kinds: 'mix rest knead proof divide ball proof shape cook',
    rests: [20, 120, 60],
    cook: [90, 120],
    pieceG: 245,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a table',
    text: `| Ingredients | Weight | % |
|:---|---:|---:|
| Strong flour | 640 g | 80 |
| Rye flour | 160 g | 20 |
| Water | 528 g | 66 |
| Salt | 16 g | 2 |
| Dry yeast | 6.4 g | 0.8 |

| Steps | Duration |
|:---|---:|
| Mixing | 6 min |
| Bulk proof | 70 min |
| Dividing (135 g), rounding | 8 min |
| Bench rest | 20 min |
| Rolling (24 cm) | - |
| Griddling | 70 s + 60 s |`,
    pct: { 'strong flour': 80, 'rye flour': 20, water: 66, salt: 2, 'dry yeast': 0.8 },
    kinds: 'mix proof divide ball rest roll cook',
    rests: [70, 20],
    cook: [70, 60],
    pieceG: 135,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a table',
    text: `Shopping and scaling, 16 tortillas
masa harina ......... 480 g ....... 100 %
water, warm ......... 672 g ....... 140 %
salt ................   5 g .......   1 %

Knead 3 min, rest 20 min, 16 balls (72 g), press 16 cm, comal 25 s, turn, 60 s, turn, 15 s.`,
    pct: { 'masa harina': 100, water: 140, salt: 1 },
    kinds: 'mix knead rest ball shape cook',
    rests: [20],
    cook: [25, 60, 15],
    pieceG: 72,
    allergens: [],
  },
  {
    manner: 'percentages alone',
    text: `Naan, % on flour: flour 100; yogurt 20; milk 20; water 18; egg 8; sugar 2; salt 1.8; instant yeast 1; oil 4.
Mix & knead 8 min. Bulk 75 min. Divide 110 g, ball, rest 15 min. Roll oval 22 cm. Very hot griddle, covered, 60 s; flip; 45 s. Ghee.`,
    pct: { flour: 100, yogurt: 20, milk: 20, water: 18, egg: 8, sugar: 2, salt: 1.8, 'instant yeast': 1, oil: 4 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [75, 15],
    cook: [60, 45],
    pieceG: 110,
    allergens: ['egg', 'gluten', 'milk', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Unleavened base recipe

Flour         100%
Water          55%
Olive oil       6%
Salt            2%

Knead for 8 minutes.
Rest for at least 30 minutes.
Cut into 75 g portions and roll into balls.
Rest for 10 minutes.
Roll out to 20 cm.
Cook in a dry pan over a high heat for about 50 seconds on each side.`,
    pct: { flour: 100, water: 55, 'olive oil': 6, salt: 2 },
    kinds: 'mix knead rest divide ball rest roll cook',
    rests: [45, 10],
    cook: [50, 50],
    pieceG: 75,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `For focaccia-like breads on the griddle, stir 500 g of bread flour, 375 g of water, 10 g of salt, 4 g of instant yeast and 25 g of olive oil together until no dry flour is left. Leave it for 30 minutes, fold it, leave it for another 30 minutes and fold it again, then let it rise for an hour. Tip it onto an oiled table, cut it into six, and let the pieces rest for 20 minutes. Stretch each to about 16 cm, dimple it, and cook under a lid on a low griddle, 5 minutes, then 3 minutes on the other side.`,
    pct: { 'bread flour': 100, water: 75, salt: 2, 'instant yeast': 0.8, 'olive oil': 5 },
    kinds: 'mix rest fold rest fold proof divide rest shape cook',
    rests: [30, 30, 60, 20],
    cook: [300, 180],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `Sift 225g plain flour with 2 tsp baking powder and ½ tsp salt, rub in 25g butter, stir in 50g currants and 25g sugar, and mix to a soft dough with 1 egg and 3 tbsp milk. Roll out on a floured board to 5mm, cut out 7cm rounds (you should get 16) and cook on a moderately hot greased griddle for 3 to 4 minutes on each side. Dust with caster sugar.`,
    pct: { 'plain flour': 100, butter: 11.1, currants: 22.2, sugar: 11.1 },
    kinds: 'mix mix mix roll divide cook finish',
    rests: [],
    cook: [210, 210],
    allergens: ['egg', 'gluten', 'milk', 'wheat'],
  },
  {
    manner: 'a web page',
    text: `<main><h1>Homemade Wraps (4 ingredients)</h1><p>Published 3 June by the test kitchen | 27 Comments</p><div class="ingredients"><h2>You'll need</h2><ul><li>2 cups (240g) all-purpose flour</li><li>3/4 cup (180ml) hot water</li><li>3 tbsp (39g) olive oil</li><li>1/2 tsp salt</li></ul></div><div class="instructions"><h2>Instructions</h2><p><strong>Make the dough:</strong> In a bowl mix the flour and salt, then stir in the oil and hot water. Knead until smooth, about 5 minutes.</p><p><strong>Rest:</strong> Cover and let rest for 20 minutes.</p><p><strong>Roll:</strong> Divide into 8 balls. Roll each into a 9-inch circle.</p><p><strong>Cook:</strong> Cook in a dry skillet over medium-high heat, 45 seconds on the first side and 30 seconds on the second.</p><p><strong>Keep soft:</strong> Stack in a towel.</p></div></main>`,
    pct: { 'all-purpose flour': 100, 'hot water': 75, 'olive oil': 16.3 },
    kinds: 'mix knead rest divide ball roll cook finish',
    rests: [20],
    cook: [45, 30],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a web page',
    text: `<h2>Paneer-stuffed kulcha</h2><table><caption>Dough</caption><tr><td>Maida</td><td>400 g</td></tr><tr><td>Curd</td><td>100 g</td></tr><tr><td>Milk</td><td>150 g</td></tr><tr><td>Salt</td><td>7 g</td></tr><tr><td>Baking powder</td><td>6 g</td></tr></table><table><caption>Filling</caption><tr><td>Paneer, grated</td><td>250 g</td></tr><tr><td>Green chilli</td><td>10 g</td></tr><tr><td>Coriander</td><td>15 g</td></tr><tr><td>Salt</td><td>3 g</td></tr></table><p>Knead the dough for 6 minutes and rest it for 1 hour.</p><p>Mix the filling.</p><p>Divide the dough into 8, flatten, fill and seal. Rest 10 minutes. Roll to 15 cm.</p><p>Cook on a tawa for 90 seconds, turn, 90 seconds. Brush with butter.</p>`,
    pct: { maida: 100, curd: 25, milk: 37.5, salt: 1.75, 'baking powder': 1.5 },
    kinds: 'mix knead rest prepare divide fill rest roll cook finish',
    rests: [60, 10],
    cook: [90, 90],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['paneer', 'chilli', 'coriander'],
  },
  {
    manner: 'structured data',
    text: `{"@context":"https://schema.org","@type":"Recipe","name":"Griddled flatbreads with yeast","recipeYield":"12 servings","recipeIngredient":["7 g sachet dried yeast","1 tsp sugar","300 ml warm water","500 g strong flour","1 1/2 tsp salt","3 tbsp olive oil"],"recipeInstructions":[{"@type":"HowToStep","text":"Put the yeast, sugar and water in a jug and leave for 5 minutes until frothy."},{"@type":"HowToStep","text":"Put the flour and salt in a bowl, pour in the yeast mixture and oil and mix. Knead for 10 minutes, then leave to rise for 1 hour."},{"@type":"HowToStep","text":"Divide into 12 and roll into thin rounds about 16 cm across."},{"@type":"HowToStep","text":"Heat a griddle until very hot. Cook the flatbreads for 2 minutes on each side."}]}`,
    pct: { 'warm water': 60, 'strong flour': 100 },
    kinds: 'mix bloom mix knead proof divide roll cook',
    rests: [5, 60],
    cook: [120, 120],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'structured data',
    text: `{"@context":"https://schema.org","@type":"Recipe","name":"Sesame laffa","recipeYield":"6","recipeIngredient":["450 g bread flour","50 g whole wheat flour","340 g lukewarm water","10 g sugar","9 g salt","6 g instant yeast","20 g olive oil","2 tbsp sesame seeds"],"recipeInstructions":"1. Combine flours, sugar and yeast; add the water and mix for 2 minutes. 2. Add salt and oil and knead 7 minutes. 3. Let rise 1 hour. 4. Divide into 6 and round; rest 15 minutes. 5. Roll to 26 cm and sprinkle with sesame seeds. 6. Cook on an inverted wok for 50 seconds per side."}`,
    pct: {
      'bread flour': 90,
      'whole wheat flour': 10,
      'lukewarm water': 68,
      sugar: 2,
      salt: 1.8,
      'instant yeast': 1.2,
      'olive oil': 4,
    },
    kinds: 'mix knead proof divide ball rest roll fill cook',
    rests: [60, 15],
    cook: [50, 50],
    allergens: ['gluten', 'sesame', 'wheat'],
    others: ['sesame'],
  },
  {
    manner: 'a scan',
    text: `48  BREADS OF THE COAST

FLADEN, quick
500 g self raising flour, 250 g curd, 100 ml
milk, 1 level tsp. salt, some flour to roll.
Work all ingredients to a soft dough, do not
knead long. Let it rest 15 min. Shape 10 balls,
roll to 14 cm. Bake in a covered pan on medium
heat 2½ min. each side. Best eaten the same
day.`,
    pct: { 'plain flour': 100 },
    kinds: 'mix rest ball roll cook',
    rests: [15],
    cook: [150, 150],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'a scan',
    text: `TORTILLAS DE HARINA

Yield: 24

2 lb. flour
5 oz. lard
1 tbsp. salt
1 pt. warm water (approx.)

Combine flour and salt; cut in lard. Add
water gradually; knead 5 min. Divide
into 24 balls, cover, let rest 30 min. Roll
to 8 in. Cook on ungreased griddle 45
sec. first side, 30 sec. second side.`,
    pct: { flour: 100, lard: 15.6 },
    kinds: 'mix mix mix knead divide ball rest roll cook',
    rests: [30],
    cook: [45, 30],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `Four hundred grams of flour, two hundred and forty grams of water, eight grams of salt, sixteen grams of oil. Mix for two minutes, rest for fifteen, knead for four, rest for thirty. Eight pieces of eighty grams, rounded. Ten minutes on the bench. Roll to eighteen centimetres. Dry griddle, forty seconds, turn, thirty-five seconds.`,
    pct: { flour: 100, water: 60, salt: 2, oil: 4 },
    kinds: 'mix rest knead rest divide ball rest roll cook',
    rests: [15, 30, 10],
    cook: [40, 35],
    pieceG: 80,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `My aunt said: a pound of flour, a good half pint of warm water, two ounces of dripping, a teaspoon of salt. Rub in the dripping, wet it, knead it a little, leave it a quarter of an hour. Roll it out as big as a dinner plate, cut it across and across again, and bake the four quarters on the girdle, four minutes a side.`,
    pct: { flour: 100 },
    kinds: 'mix mix knead rest roll divide cook',
    rests: [15],
    cook: [240, 240],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'parts by vessel',
    text: `Measure: 1 bowl = about 300 ml
2 bowls bread flour
scant 1 bowl warm water
2 tbsp olive oil
1 tsp salt
1 tsp instant yeast
Mix and knead 8 minutes. Prove 1 hour. Divide into 6. Rest 10 minutes. Roll to 20 cm. Cook 1 minute per side on a hot griddle.`,
    pct: { 'bread flour': 100 },
    kinds: 'mix knead proof divide rest roll cook',
    rests: [60, 10],
    cook: [60, 60],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'parts by vessel',
    text: `Two cups of rice flour need two cups of boiling water and a pinch of salt. Stir hard, lid on, ten minutes. Knead with wet hands for three minutes. Ten balls. Roll between sheets to 14 cm. Hot tava, half a minute a side, then half a minute on the flame.`,
    pct: { 'rice flour': 100 },
    kinds: 'mix rest knead ball roll cook',
    rests: [10],
    cook: [30, 30, 30],
    allergens: [],
  },
  {
    manner: 'decimal commas',
    text: `Pane frattau base, 12 fogli
0,70 kg semola rimacinata
0,30 kg flour 0
0,60 kg water
0,02 kg salt
5,0 g dry yeast
Mix 9 min, proof 1,5 h, divide 0,135 kg, round, rest 0,5 h, roll 30 cm 1,5 mm, griddle 0,75 min per side.`,
    pct: { 'semola rimacinata': 70, water: 60, salt: 2, 'dry yeast': 0.5 },
    kinds: 'mix proof divide ball rest roll cook',
    rests: [90, 30],
    cook: [45, 45],
    pieceG: 135,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'decimal commas',
    text: `Naan 8 x 0,115 kg: flour 0,500 kg, yoghurt 0,150 kg, milk 0,170 kg, oil 0,030 kg, sugar 0,010 kg, salt 0,009 kg, yeast 0,006 kg. Kneading 9 min. Proofing 1,0 h. Dividing, rounding. Resting 12 min. Rolling 21 cm. Baking on the tawa 1,25 min, turn, 0,75 min.`,
    pct: { flour: 100, yoghurt: 30, milk: 34, oil: 6, sugar: 2, salt: 1.8, yeast: 1.2 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [60, 12],
    cook: [75, 45],
    pieceG: 115,
    allergens: ['gluten', 'milk', 'wheat'],
  },
];
