import type { RecipeText } from './recipe-text.ts';

/** A seventy-first lot whose expectation was written before the reader saw it: what people of a town hand in for a class, two texts of each common manner. */
export const SEVENTY_FIRST: readonly RecipeText[] = [
  {
    manner: 'a handout',
    text: `Tuesday Bread Club: soft wholemeal wraps

Makes 12 wraps (2 per person)

300 g wholemeal flour
200 g plain white flour
10 g salt
60 g olive oil
270 g hot water (about 60 °C)

1. Put the flours and salt in a bowl. Rub in the oil with your fingertips.
2. Pour in the hot water and mix with a knife, then knead for 4 minutes.
3. Cover the dough and let it rest for 25 minutes.
4. Divide into 12 pieces, roll into balls and rest for a further 10 minutes.
5. Roll each ball out to 20 cm on a lightly floured board.
6. Cook in a hot dry pan: 40 seconds on the first side, 30 seconds on the second.
7. Stack the wraps and cover with a tea towel so they stay soft.`,
    pct: {
      'wholemeal flour': 60,
      'plain white flour': 40,
      salt: 2,
      'olive oil': 12,
      'hot water': 54,
    },
    kinds: 'mix mix knead rest divide ball rest roll cook finish',
    rests: [25, 10],
    cook: [40, 30],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a handout',
    text: `GEORGIAN-STYLE CHEESE BREAD ON THE GRIDDLE
For 4 breads

Dough
400 g plain flour
200 g natural yoghurt
80 g milk
6 g instant yeast
7 g salt
5 g sugar

Filling
300 g feta, crumbled
150 g mozzarella, grated
1 egg

To finish
20 g butter

Stir the dough ingredients together and knead for 8 minutes. Cover and leave in a warm place for 1 hour.
Mix the cheeses with the egg.
Divide the dough into 4 and shape into balls. Roll each to 15 cm, put a quarter of the filling in the middle, gather the dough over it and seal.
Rest for 10 minutes. Roll out gently to 20 cm.
Cook under a lid over medium heat for 4 minutes, turn, and cook for 3 minutes without the lid.
Brush with butter.`,
    pct: { 'plain flour': 100, 'natural yoghurt': 50, milk: 20, 'instant yeast': 1.5, salt: 1.75, sugar: 1.25 },
    kinds: 'mix knead proof prepare divide ball roll fill rest roll cook finish',
    rests: [60, 10],
    cook: [240, 180],
    allergens: ['egg', 'gluten', 'milk', 'wheat'],
    others: ['feta', 'mozzarella', 'egg', 'butter'],
  },
  {
    manner: 'a table',
    text: `Ingredient	Weight (g)	%
Bread flour	900	90
Rye flour	100	10
Water	690	69
Salt	20	2
Instant yeast	7	0.7
Sunflower oil	30	3

Step	Time
Mix	5 min
Rest	15 min
Knead	6 min
Bulk proof	75 min
Divide into 14, round	5 min
Bench rest	20 min
Roll to 18 cm	10 min
Griddle	70 s / 50 s`,
    pct: { 'bread flour': 90, 'rye flour': 10, water: 69, salt: 2, 'instant yeast': 0.7, 'sunflower oil': 3 },
    kinds: 'mix rest knead proof divide ball rest roll cook',
    rests: [15, 75, 20],
    cook: [70, 50],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a table',
    text: `| Dough for 8 | grams |
| --- | ---: |
| spelt flour | 500 |
| water | 300 |
| salt | 10 |
| honey | 10 |
| yeast (dried) | 5 |

What to do: mix, knead 5 min, prove 60 min, divide in 8, round, rest 15 min, flatten to 14 cm, griddle 2 min per side.`,
    pct: { 'spelt flour': 100, water: 60, salt: 2, honey: 2, yeast: 1 },
    kinds: 'mix knead proof divide ball rest shape cook',
    rests: [60, 15],
    cook: [120, 120],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Everyday pitta
100% strong white flour
62% water
1.8% salt
1% instant yeast
2% olive oil

Knead 10 minutes. Prove 60 minutes. Divide (85 g). Round. Rest 10 minutes. Roll out to 16 cm. Prove 20 minutes. Griddle 30 s, turn, 90 s.`,
    pct: { 'strong white flour': 100, water: 62, salt: 1.8, 'instant yeast': 1, 'olive oil': 2 },
    kinds: 'mix knead proof divide ball rest roll proof cook',
    rests: [60, 10, 20],
    cook: [30, 90],
    pieceG: 85,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Lard tortillas, as percentages of the flour weight: water 48, lard 14, salt 1.7, baking powder 0.8. Rub the lard into the flour with the salt and baking powder, add the water warm and knead for three minutes. Pieces of 50 g, balled; thirty minutes' rest. Rolled to 20 cm, cooked on a hot comal for thirty seconds, flipped, thirty seconds.`,
    pct: { flour: 100, water: 48, lard: 14, salt: 1.7, 'baking powder': 0.8 },
    kinds: 'mix mix knead divide ball rest roll cook',
    rests: [30],
    cook: [30, 30],
    pieceG: 50,
  },
  {
    manner: 'one paragraph',
    text: `My sister taught me this while camping. Mix two mugs of flour (about 300 g), a teaspoon of baking powder and a pinch of salt, then stir in enough milk to make a soft dough, about 190 ml. Knead it for a minute on a floured board, divide into six and press each piece out to the size of your hand, 14 cm or so. Cook on a greased pan over the fire, three minutes on one side and two on the other, and eat with jam.`,
    pct: { flour: 100, milk: 65.2 },
    kinds: 'mix knead divide shape cook',
    rests: [],
    cook: [180, 120],
    others: ['baking powder', 'salt'],
  },
  {
    manner: 'one paragraph',
    text: `To make eight Scottish potato scones, mash 500 g of boiled potatoes with 30 g of butter and a teaspoon of salt while they are hot, then work in 125 g of plain flour until you have a soft dough. Divide it in two, roll each half to a round 5 mm thick and cut each round into quarters. Prick with a fork and cook on a medium hot griddle for three to four minutes on each side.`,
    pct: { 'plain flour': 100, 'boiled potatoes': 400, butter: 24 },
    kinds: 'mix divide roll divide cook',
    rests: [],
    cook: [210, 210],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['salt'],
  },
  {
    manner: 'a web page',
    text: `<!doctype html><html><body><main><h1>Sourdough discard flatbreads</h1><p>A great way to use up your discard!</p><p><strong>Makes:</strong> 8 flatbreads</p><h2>Ingredients</h2><ul><li>200g sourdough discard (100% hydration)</li><li>300g plain flour</li><li>120g water</li><li>8g salt</li><li>20g olive oil</li><li>1 tsp baking powder</li></ul><h2>Instructions</h2><ol><li>Mix all the ingredients in a bowl and knead for 5 minutes.</li><li>Cover and rest for 1 hour.</li><li>Divide into 8 balls. Roll out to about 18cm.</li><li>Cook in a hot, dry pan for 1–2 minutes on each side.</li></ol><p>Will keep for 3 days in an airtight container.</p></main><div id="sidebar"><h3>Popular posts</h3><ul><li>10 things to do with 500 g of rhubarb</li></ul></div></body></html>`,
    pct: { 'sourdough discard': 66.7, 'plain flour': 100, water: 40, salt: 2.7, 'olive oil': 6.7 },
    kinds: 'mix knead proof divide ball roll cook',
    rests: [60],
    cook: [90, 90],
    allergens: ['gluten', 'wheat'],
    others: ['baking powder'],
  },
  {
    manner: 'a web page',
    text: `<article class="post"><h2>Naan, without a tandoor</h2><p>Serves 4 &middot; Takes 2 hours &middot; Easy</p><p><em>For the dough:</em><br>&frac12; cup warm water<br>1 tsp sugar<br>2 tsp active dry yeast<br>2 &frac14; cups (280 g) all-purpose flour<br>1 tsp salt<br>&frac14; cup (60 g) yogurt<br>2 tbsp oil</p><p><em>To finish:</em><br>3 tbsp melted butter<br>2 cloves garlic, minced</p><p>Stir the yeast and sugar into the water and wait 10 minutes until foamy. Add the flour, salt, yogurt and oil. Knead for 5 minutes. Let rise for 1 hour.</p><p>Divide into 6. Roll into ovals 1/4 inch thick.</p><p>Heat a skillet over medium-high heat. Cook the naan 2 minutes, flip, and cook 1 minute more. Mix the butter and garlic and brush over the hot naan.</p></article>`,
    // grams beside cups: the cup is the metric one
    pct: { 'warm water': 44.6, 'all-purpose flour': 100, yogurt: 21.4 },
    kinds: 'mix bloom mix knead proof divide roll cook prepare finish',
    rests: [10, 60],
    cook: [120, 60],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['sugar', 'yeast', 'salt', 'oil', 'butter', 'garlic'],
  },
  {
    manner: 'structured data',
    text: `{"@context":"https://schema.org","@type":"Recipe","name":"Olive oil flatbreads","recipeYield":"6","recipeIngredient":["350 g plain flour, plus extra for dusting","1 1/2 tsp baking powder","3/4 tsp salt","40 ml olive oil","200 ml warm water"],"recipeInstructions":[{"@type":"HowToStep","text":"In a large bowl, mix the flour, baking powder and salt. Add the oil and water and stir to form a dough."},{"@type":"HowToStep","text":"Tip onto a floured surface and knead for 2 minutes. Wrap and rest for 20 minutes."},{"@type":"HowToStep","text":"Divide into 6 pieces and roll each into a 20 cm circle."},{"@type":"HowToStep","text":"Cook, one at a time, in a hot dry frying pan for 2 minutes on each side, until puffed up and golden."}],"recipeCuisine":"Mediterranean"}`,
    pct: { 'plain flour': 100, 'olive oil': 10.5, 'warm water': 57.1 },
    kinds: 'mix knead rest divide roll cook',
    rests: [20],
    cook: [120, 120],
    allergens: ['gluten', 'wheat'],
    others: ['baking powder', 'salt'],
  },
  {
    manner: 'structured data',
    text: `{"@context":"https://schema.org","@type":"Recipe","name":"Pupusas","recipeYield":"8 pupusas","recipeIngredient":["2 cups (260 g) masa harina","1 3/4 cups (415 g) warm water","1 tsp salt","1 cup (110 g) grated mozzarella","1/2 cup (120 g) refried beans","oil for the griddle"],"recipeInstructions":[{"@type":"HowToStep","name":"Make the dough","text":"Mix the masa harina, salt and water and knead for 3 minutes. Rest for 10 minutes."},{"@type":"HowToStep","name":"Fill","text":"Mix the cheese and beans. Divide the dough into 8 balls, press a hollow into each, add a spoonful of filling, close and flatten to 11 cm."},{"@type":"HowToStep","name":"Cook","text":"Cook on an oiled griddle over medium heat for 4 minutes on each side."}]}`,
    pct: { 'masa harina': 100, 'warm water': 159.6 },
    // closed and flattened is filled
    kinds: 'mix knead rest prepare divide ball fill cook',
    rests: [10],
    cook: [240, 240],
    allergens: ['milk'],
    others: ['salt', 'mozzarella', 'beans', 'oil'],
  },
  {
    manner: 'a scan',
    text: `Page 17                       KITCHEN HANDBOOK, 3rd form

WHOLEMEAL CHAPATTIS (8)

200 g. wholemeal flour
1/4 level tsp. salt
1 tbsp. oil
125 ml. water (approx.)

1. Place flour and salt in bowl, add oil and enough water
   to give a soft dough.
2. Knead for 5 mins. until smooth.
3. Cover with damp cloth, rest 30 mins.
4. Divide into 8, form into balls, roll out thinly to
   approx. 15 cm. diameter.
5. Cook in heavy dry frying pan 1 min. each side,
   pressing with cloth to puff.`,
    pct: { 'wholemeal flour': 100, water: 62.5 },
    kinds: 'mix knead rest divide ball roll cook',
    rests: [30],
    cook: [60, 60],
    allergens: ['gluten', 'wheat'],
    others: ['salt', 'oil'],
  },
  {
    manner: 'a scan',
    text: `from: Breads we bake together, p. 5l

LAVASH FOR THE GRIDDLE

3OO g flour, l8O ml water, 5 g salt, l tsp sugar,
4 g dry yeast, 2O g butter (melted).

Mix everything and knead for lO minutes. Let rise
l hour. Divide into 6 balls and let them rest for
l5 minutes. Roll out as thin as possible (3O cm).
Bake on an upturned wok or large griddle, 4O sec-
onds per side.`,
    pct: { flour: 100, water: 60, salt: 1.67, 'dry yeast': 1.33, butter: 6.67 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [60, 15],
    cook: [40, 40],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['sugar'],
  },
  {
    manner: 'words for numbers, a food that was soaked',
    text: `Oat and honey griddle breads. Two hundred grams of oats, soaked for ten minutes in three hundred grams of hot milk. Then three hundred grams of bread flour, eight grams of salt, five grams of instant yeast, twenty grams of honey. Knead for eight minutes, prove for an hour, divide into eight, shape into rounds and rest for fifteen minutes. Flatten to thirteen centimetres and cook for three minutes on each side.`,
    pct: { 'bread flour': 100, 'hot milk': 100, salt: 2.7, 'instant yeast': 1.7, honey: 6.7 },
    kinds: 'mix rest mix knead proof divide ball rest shape cook',
    rests: [10, 60, 15],
    cook: [180, 180],
    others: ['oats'],
  },
  {
    manner: 'words for numbers',
    text: `Take half a kilo of chapati flour, three hundred and twenty-five millilitres of water and a level teaspoon of salt. Knead for six to eight minutes and leave under a damp cloth for half an hour. Shape into fourteen balls. Roll each one to sixteen centimetres. On a hot tawa give each side thirty seconds, then turn back to the first side for fifteen seconds until it puffs.`,
    pct: { 'chapati flour': 100, water: 65 },
    kinds: 'mix knead rest ball roll cook',
    rests: [30],
    cook: [30, 30, 15],
    allergens: ['gluten', 'wheat'],
    others: ['salt'],
  },
  {
    manner: 'parts by vessel',
    text: `CUP BREAD FOR KIDS
2 cups self-raising flour
1/2 cup milk
1/4 cup oil
A pinch of salt
Squish it all together in a bag. Knead 2 min. Divide into 6 and flatten to 12 cm. Ask a grown-up to cook it in a pan: 3 min on one side, 2 min on the other.`,
    pct: { 'plain flour': 100, 'baking powder': 5 },
    kinds: 'mix knead divide shape cook',
    rests: [],
    cook: [180, 120],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['milk', 'oil', 'salt'],
  },
  {
    manner: 'parts by vessel',
    text: `For six people I take six handfuls of flour, two small glasses of warm water, a small glass of olive oil, a big pinch of salt and half a sachet of yeast. Knead it for ten minutes and let it rise for an hour and a half. Then pull off twelve pieces, shape them into balls and let them sleep for a quarter of an hour. Flatten by hand to 15 cm; cook two minutes per side on a hot stone.`,
    pct: { flour: 100 },
    kinds: 'mix knead proof divide ball rest shape cook',
    rests: [90, 15],
    cook: [120, 120],
    others: ['water', 'olive oil', 'salt', 'yeast'],
  },
  {
    manner: 'decimal commas',
    text: `Griddle-Naan, 10 Stück
0,55 kg flour
0,15 kg yoghurt
0,22 l milk
11,0 g salt
5,5 g dry yeast
0,03 kg ghee

Knead 8,5 min; proof 1,25 h; divide 10 x 95 g; ball; rest 12,5 min; stretch to 20,5 cm; griddle with lid 1,5 min, turn, 1,0 min.`,
    pct: { flour: 100, yoghurt: 27.3, milk: 41.2, salt: 2, 'dry yeast': 1, ghee: 5.5 },
    kinds: 'mix knead proof divide ball rest shape cook',
    rests: [75, 12.5],
    cook: [90, 60],
    pieceG: 95,
  },
  {
    manner: 'decimal commas',
    text: `Flammkuchen bases: flour 1,2 kg, water 0,6 l, rapeseed oil 0,06 l, salt 24,0 g. Mix and knead for 9,5 minutes. Rest for 0,75 hours. Divide into 16 pieces. Ball, rest 0,25 hours. Roll to 26,5 cm. Cook on the griddle 1,25 minutes per side.`,
    pct: { flour: 100, water: 50, 'rapeseed oil': 4.6, salt: 2 },
    kinds: 'mix knead rest divide ball rest roll cook',
    rests: [45, 15],
    cook: [75, 75],
  },
];
