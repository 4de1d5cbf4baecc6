import type { RecipeText } from './recipe-text.ts';

/** A twenty-sixth lot whose expectation was written before the reader saw it: two texts of each common manner. */
export const TWENTY_SIXTH: readonly RecipeText[] = [
  {
    manner: 'a handout',
    text: `The Flat Earth Kitchen
Evening class: Breads of the griddle

PITTA (makes 10)

Strong white flour      600g
Instant yeast             6g
Salt                     12g
Caster sugar              6g
Olive oil                18g
Water at 30C            378g

1. Weigh all the ingredients into the mixing bowl.
2. Mix for 2 min on slow speed and 6 min on second speed.
3. Cover and leave to ferment for 50 min.
4. Scale off at 100g and hand up round.
5. Rest for 12 min, covered.
6. Pin out to ovals 16cm x 12cm.
7. Prove for 15 min on a floured cloth.
8. Bake on the hot griddle, 45 sec per side, turning a second time if they do not puff.`,
    pct: { 'strong white flour': 100, 'instant yeast': 1, salt: 2, 'caster sugar': 1, 'olive oil': 3, water: 63 },
    kinds: 'mix proof divide ball rest roll proof cook',
    rests: [50, 12, 15],
    cook: [45, 45],
    pieceG: 100,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a handout',
    text: `Stuffed paratha – notes for students
(8 pieces)

For the dough: 320 g atta, 200 ml water, 1/2 tsp salt, 1 tbsp oil
For the stuffing: 300 g boiled potato (cold, grated), 1 green chilli, 1 tsp cumin, 1/2 tsp salt, coriander
Ghee for frying

- Make a soft dough and knead for 6 minutes. Keep covered for 20 minutes.
- Meanwhile mix the stuffing and divide it into 8.
- Divide the dough into 8 and make balls.
- Flatten each ball to 10 cm, place stuffing in the centre, gather the edges and pinch shut.
- Dust and roll gently to 18 cm.
- Cook on a hot tawa for 1 min, flip, spread with ghee, flip and cook 1 min more each side until brown spots appear.
Serve with yogurt.`,
    pct: { atta: 100, water: 62.5 },
    kinds: 'mix knead rest prepare divide ball fill roll cook',
    rests: [20],
    cook: [60, 60, 60],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['potato', 'chilli', 'cumin', 'coriander'],
  },
  {
    manner: 'a table',
    text: `Ingredient | Baker's % | Grams
White bread flour | 90% | 1800
Wholemeal | 10% | 200
Water | 66% | 1320
Sea salt | 2% | 40
Dried yeast | 0.6% | 12
Total | 168.6% | 3372

Bulk 75 min. Divide 24 x 140 g. Ball. 20 min. Roll 24 cm. Griddle 75 s each side.`,
    pct: { 'white bread flour': 90, wholemeal: 10, water: 66, 'sea salt': 2, 'dried yeast': 0.6 },
    kinds: 'mix proof divide ball rest roll cook',
    rests: [75, 20],
    cook: [75, 75],
    pieceG: 140,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a table',
    text: `+-----------------+---------+
| Chickpea flour  | 250 g   |
| Water           | 500 ml  |
| Olive oil       | 3 tbsp  |
| Salt            | 1 tsp   |
| Black pepper    | 1/2 tsp |
+-----------------+---------+
1 | Whisk to a smooth batter | 3 min
2 | Stand, covered           | 2 h
3 | Skim off the foam        |
4 | Pour 120 g onto an oiled hot griddle, spread to 20 cm |
5 | Cook until set, turn     | 3 min + 2 min`,
    pct: { 'chickpea flour': 100, water: 200 },
    kinds: 'mix rest divide shape cook',
    rests: [120],
    cook: [180, 120],
    allergens: [],
    others: ['pepper'],
  },
  {
    manner: 'percentages alone',
    text: `Tortilla, bakers %
flour, 100
water (hot), 54
shortening, 12
salt, 1.6
baking powder, 1

Mix 4 min. Knead 4 min. Rest 20 min. 45 g balls. Rest 20 min. Press or roll, 16 cm. Comal very hot, 25 s – flip – 25 s – flip – 10 s.`,
    pct: { flour: 100, water: 54, shortening: 12, salt: 1.6, 'baking powder': 1 },
    kinds: 'mix knead rest ball rest roll cook',
    rests: [20, 20],
    cook: [25, 25, 10],
    pieceG: 45,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Barbari for the plate — 100 % bread flour; 64 % water; 1.8 % salt; 0.7 % instant yeast; 2 % sugar; 3 % oil. DDT 25 °C. 8 min mixing, 1 h bulk, 250 g pieces, 20 min rest, dimple to 30 x 15 cm, 25 min proof, plate 3 min, flip 2 min.`,
    pct: { 'bread flour': 100, water: 64, salt: 1.8, 'instant yeast': 0.7, sugar: 2, oil: 3 },
    kinds: 'mix proof divide rest shape proof cook',
    rests: [60, 20, 25],
    cook: [180, 120],
    pieceG: 250,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `Everyday chapatis: 250 g chapati flour, pinch of salt, 160 ml warm water (approx), 1 tsp oil. Put flour and salt in a bowl, add the water a little at a time and mix to a soft dough; add the oil and knead for 5 minutes. Rest, covered, 15-20 minutes. Divide into 8 balls, roll each out to 16 cm, and cook on a hot tava for 30 seconds, flip, 30 seconds, then hold directly over the flame with tongs till it balloons. Smear with butter.`,
    pct: { 'chapati flour': 100, 'warm water': 64 },
    kinds: 'mix knead rest divide ball roll cook finish',
    rests: [17.5],
    cook: [30, 30, 15],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `In a stand mixer with the dough hook, combine 700 grams of bread flour, 455 grams of water, 14 grams of salt, 10 grams of instant yeast and 35 grams of olive oil and mix on low for 3 minutes, then on medium for 5. Transfer to an oiled container, cover, and let it proof until doubled, about 75 minutes. Turn it out, divide into ten 120-gram pieces, round each one and let them rest for 15 minutes under a towel. Flatten and roll each to 20 centimeters. Griddle over medium-high heat for about 1 minute 15 seconds on the first side and 45 seconds on the second.`,
    pct: { 'bread flour': 100, water: 65, salt: 2, 'instant yeast': 1.4, 'olive oil': 5 },
    kinds: 'mix proof divide ball rest roll cook',
    rests: [75, 15],
    cook: [75, 45],
    pieceG: 120,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a web page',
    text: `<div class="wprm-x"><h2>2-Ingredient Dough Flatbreads</h2><span>★★★★★ 4.8 from 1,204 votes</span><p>Prep Time: 10 mins<br/>Cook Time: 12 mins<br/>Servings: 4 flatbreads</p><h3>Ingredients</h3><ul><li>&#9634; 1 &frac14; cup (155g) self-raising flour, plus more for dusting</li><li>&#9634; 1 cup (245g) Greek yogurt</li></ul><h3>Instructions</h3><ul><li>Mix together flour and yogurt until a dough forms. Knead on a floured surface for 2 minutes, adding more flour if it&#39;s sticky.</li><li>Cut into 4 pieces and roll out to 6 inches.</li><li>Cook on a lightly oiled griddle over medium heat for 2-3 minutes per side.</li></ul><h3>Notes</h3><p>Store in the fridge for 3 days. Nutrition: 180 kcal, 8 g protein per flatbread.</p></div>`,
    pct: { 'plain flour': 100 },
    kinds: 'mix knead divide roll cook',
    rests: [],
    cook: [150, 150],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'a web page',
    text: `<body><h1>Moroccan Harcha</h1><p>Ready in 30 minutes</p><p>What you need</p><p>350 g fine semolina<br>60 g butter, soft<br>30 g sugar<br>8 g baking powder<br>3 g salt<br>180 ml milk<br>coarse semolina for coating</p><p>What you do</p><p>Rub the butter into the semolina, sugar, baking powder and salt until it looks like sand. Stir in the milk with your fingertips, do not knead. Leave 5 minutes so the semolina drinks. Shape into 8 balls, roll in coarse semolina and pat to 8 cm, 1 cm thick. Cook on a low griddle for 5 minutes each side.</p></body>`,
    pct: { 'fine semolina': 100, butter: 17.1, sugar: 8.6, 'baking powder': 2.3, salt: 0.9, milk: 53 },
    kinds: 'mix mix rest ball shape cook',
    rests: [5],
    cook: [300, 300],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'structured data',
    text: `{"@context":"https://schema.org","@type":"Recipe","name":"Whole Wheat Naan","recipeYield":"8 naan","recipeIngredient":["2 cups (260 g) whole wheat flour","1 cup (130 g) all-purpose flour","1 ½ tsp instant yeast","1 tsp salt","1 tbsp honey","¾ cup (180 ml) warm water","½ cup (120 g) plain yogurt","3 tbsp butter, melted","Fresh cilantro, for garnish"],"recipeInstructions":[{"@type":"HowToStep","text":"In a large bowl, combine flours, yeast and salt. In a jug, mix honey, water and yogurt; pour into the flour and mix until a sticky dough forms."},{"@type":"HowToStep","text":"Knead on a floured surface for about 6 minutes."},{"@type":"HowToStep","text":"Let the dough rise in an oiled bowl for 1 hour 30 minutes or until doubled."},{"@type":"HowToStep","text":"Punch down, divide into 8 equal portions, roll into balls and rest 10 minutes."},{"@type":"HowToStep","text":"Roll each ball into an oval about 8 inches long."},{"@type":"HowToStep","text":"Heat a cast iron skillet over high heat. Cook 1 minute until bubbles form, flip and cook 45 seconds. Brush with melted butter and sprinkle with cilantro."}]}`,
    pct: { 'whole wheat flour': 66.7, 'all-purpose flour': 33.3, 'warm water': 46.2, 'plain yogurt': 30.8 },
    kinds: 'mix knead proof knead divide ball rest roll cook finish',
    rests: [90, 10],
    cook: [60, 45],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['cilantro'],
  },
  {
    manner: 'structured data',
    text: `{"@type":"Recipe","name":"Farinata","recipeYield":"3","recipeIngredient":"200 g chickpea flour\\n450 ml water\\n40 ml olive oil\\n6 g salt","recipeInstructions":"1. Whisk flour and water, rest 4 hours.\\n2. Skim, add oil and salt.\\n3. Pour a third into a hot oiled pan.\\n4. Cook 6 minutes, flip, 4 minutes."}`,
    pct: { 'chickpea flour': 100, water: 225, salt: 3 },
    kinds: 'mix rest mix divide shape cook',
    rests: [240],
    cook: [360, 240],
    allergens: [],
  },
  {
    manner: 'a scan',
    text: `GIRDLE SCONES.

¾ lb. Flour.          1½ oz. Butter.
½ teaspoon Salt.      ½ teaspoon Soda.
1 teaspoon Cream of Tartar.
1½ gills (about 210 ml.) Buttermilk.

Sieve the dry ingredients, rub in the butter, and
mix to a soft dough with the buttermilk. Turn on
to a floured board, divide in two and roll each
piece into a round half an inch thick. Cut in four.
Place on a hot girdle and bake till brown under-
neath (about 5 minutes). Turn and bake 5 minutes
on the other side.`,
    pct: { flour: 100, butter: 12.5 },
    kinds: 'mix mix mix divide roll divide cook',
    rests: [],
    cook: [300, 300],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'a scan',
    text: `Lesson 6 (cont.)

LAVASH.  Flour 500 g, water 26O ml, salt 9 g, oil
2O ml. Knead all ingredients 1O min., let rest
covered 3O min. Divide into 8, round up, rest
2O min. Roll very thinly to 3O cm. Bake on con-
vex griddle 4O sec. one side, 2O sec. the other.
Keep in damp cloth.`,
    pct: { flour: 100, water: 52, salt: 1.8 },
    kinds: 'mix knead rest divide ball rest roll cook finish',
    rests: [30, 20],
    cook: [40, 20],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `One pound of plain flour, half a pint of warm milk, two ounces of melted butter, two teaspoons of baking powder and one of salt. Mix and knead lightly for two minutes. Stand for fifteen minutes. Make into eight, roll about as thick as your little finger, and cook slowly, four minutes to each side.`,
    pct: { 'plain flour': 100, 'melted butter': 12.5 },
    kinds: 'mix knead rest divide roll cook',
    rests: [15],
    cook: [240, 240],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `Use eight hundred grams of flour to five hundred and twenty grams of water, with sixteen grams of salt and twelve of fresh yeast. After mixing for four minutes, knead for six. First rise: one hour. Then sixteen balls of about eighty grams. Second rise: twenty minutes. Roll out to fifteen centimetres and griddle fifty seconds a side.`,
    pct: { flour: 100, water: 65, salt: 2, 'fresh yeast': 1.5 },
    kinds: 'mix knead proof ball proof roll cook',
    rests: [60, 20],
    cook: [50, 50],
    pieceG: 80,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'parts by vessel',
    text: `Grandma's measure is the blue cup (holds 200 ml).
Blue cups of flour: 4
Blue cups of warm water: 1 1/2
Spoons of oil: 3
Spoons (small) of salt: 1 1/2
Knead until soft. Rest for an hour under the bowl. Make 10 balls. Roll. Cook 1 minute, turn, 1 minute.`,
    pct: { flour: 100 },
    kinds: 'mix knead rest ball roll cook',
    rests: [60],
    cook: [60, 60],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'parts by vessel',
    text: `Ladle pancakes for the griddle: mix two ladles of buckwheat flour, one ladle of plain flour, four ladles of water, a pinch of salt. Let it stand one hour. One ladle for each pancake. Cook two minutes, turn, one minute.`,
    pct: { 'buckwheat flour': 66.7, 'plain flour': 33.3 },
    kinds: 'mix rest divide shape cook',
    rests: [60],
    cook: [120, 60],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'decimal commas',
    text: `Receptuur voor 30 pita's
Bloem (flour) 2,000 kg
Water 1,280 kg
Zout (salt) 0,036 kg
Gist (fresh yeast) 0,040 kg
Olie (oil) 0,060 kg
Kneed 8 min / bulk proof 45 min / scale 110 g / round / 15 min rest / roll 14 cm / proof 20 min / griddle 0,5 min, turn, 1,5 min.`,
    pct: { flour: 100, water: 64, salt: 1.8, 'fresh yeast': 2, oil: 3 },
    kinds: 'mix knead proof divide ball rest roll proof cook',
    rests: [45, 15, 20],
    cook: [30, 90],
    pieceG: 110,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'decimal commas',
    text: `Flatbread, 1,8 kg dough
- 1,09 kg flour
- 0,675 kg water
- 0,022 kg salt
- 0,013 kg yeast
Mixing: 6,5 min
Bulk: 1 h 10
Scaling: 150 g (12 pieces)
Balls: rest 12,5 min
Rolling: 25 cm
Baking: 1,2 min + 0,8 min at 270 °C`,
    pct: { flour: 100, water: 61.9, salt: 2, yeast: 1.2 },
    kinds: 'mix proof divide ball rest roll cook',
    rests: [70, 12.5],
    cook: [72, 48],
    pieceG: 150,
    allergens: ['gluten', 'wheat'],
  },
];
