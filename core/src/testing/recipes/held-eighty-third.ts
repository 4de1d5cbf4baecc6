import type { RecipeText } from './recipe-text.ts';

/** An eighty-third lot whose expectation was written before the reader saw it, two of each manner, as they go round among friends. */
export const EIGHTY_THIRD: readonly RecipeText[] = [
  {
    manner: 'a handout',
    text: `Flatbread workshop, Sat 10–1
"Gözleme" (stuffed, 6 pieces)

DOUGH
400 g plain flour
230 g water
8 g salt
20 g olive oil

FILLING
250 g spinach, washed and shredded
150 g feta
1 onion
chilli flakes

HOW
• Knead the dough ingredients for 8 minutes, divide in 6, cover and rest 30 minutes.
• Meanwhile chop the onion very small, rub it with a little salt, add spinach and crumbled feta.
• Roll each ball as thin as you can, about 30 cm.
• Filling on one half, fold over, press the edge.
• Dry pan, medium heat, 3 minutes a side. Brush with butter.`,
    pct: { 'plain flour': 100, water: 57.5, salt: 2, 'olive oil': 5 },
    kinds: 'mix knead divide rest prepare roll fill shape cook finish',
    rests: [30],
    cook: [180, 180],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['spinach', 'feta', 'onion', 'chilli', 'butter'],
  },
  {
    manner: 'a handout',
    text: `For the wall: PITA IN A PAN
Ingredients for one table (4 people, 8 pitas)
Bread flour ........ 480 g
Water, 30 degrees ........ 300 g
Dry yeast ........ 4 g
Salt ........ 9 g
Olive oil ........ 15 g

10:00 Everything in the bowl, mix 3 min, knead 7 min
10:15 Rise, covered, until doubled (60 min)
11:15 Cut 8, shape balls
11:20 Balls rest 15 min
11:35 Roll to 14 cm, not thinner than 5 mm
11:45 Very hot pan: 20 s, turn, 60 s, turn, 60 s – should puff
Into the basket with a towel`,
    pct: { 'bread flour': 100, water: 62.5, 'dry yeast': 0.8, salt: 1.9, 'olive oil': 3.1 },
    kinds: 'mix knead proof divide ball rest roll cook finish',
    rests: [60, 15],
    cook: [20, 60, 60],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a table',
    text: `FORMULA SHEET  Whole-wheat wraps
Component      %     g
Whole wheat    60    600
White flour    40    400
Water          66    660
Oil             6     60
Salt          1.8     18
TOTAL       173.8   1738

Yield 20 x 85 g
Mix 4 min / Knead 5 min / Rest 20 min / Divide 85 g / Round / Rest 15 min / Sheet 1.5 mm, 22 cm / Hotplate 45 s + 30 s / Stack in bags`,
    pct: { 'whole wheat': 60, 'white flour': 40, water: 66, oil: 6, salt: 1.8 },
    kinds: 'mix knead rest divide ball rest roll cook finish',
    rests: [20, 15],
    cook: [45, 30],
    pieceG: 85,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a table, one bread in a row',
    text: `| Bread | Flour | Water | Other | Rest | Cook |
|---|---|---|---|---|---|
| Crisp rounds | 400 g rye, 100 g wheat flour | 320 g | 8 g salt, 10 g caraway | 45 min | 2 min a side |

Mix, rest, divide into 10, roll to 20 cm, cook.`,
    pct: { rye: 80, 'wheat flour': 20, water: 64, salt: 1.6, caraway: 2 },
    kinds: 'mix rest divide roll cook',
    rests: [45],
    cook: [120, 120],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Focaccina alla piastra
Farina (flour) 100%
Acqua (water) 68%
Lievito (fresh yeast) 1,5%
Sale (salt) 2%
Olio (oil) 5%
Mix to a soft dough, 3 folds every 20 min, then 30 min. Divide at 160 g, rest 20 min, press to 16 cm with oiled fingers. Piastra 4 min per side, medium.`,
    pct: { flour: 100, water: 68, 'fresh yeast': 1.5, salt: 2, oil: 5 },
    kinds: 'mix proof fold proof fold proof fold proof divide rest shape cook',
    rests: [20, 20, 20, 30, 20],
    cook: [240, 240],
    pieceG: 160,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `On the board: 100 % wholemeal spelt, 60 % water, 10 % sunflower oil, 2 % salt, 3 % baking powder. Pieces of 75 g, 15 minutes' rest as balls, rolled to 17 cm, 70 s per side.`,
    pct: { 'wholemeal spelt': 100, water: 60, 'sunflower oil': 10, salt: 2, 'baking powder': 3 },
    kinds: 'mix divide ball rest roll cook',
    rests: [15],
    cook: [70, 70],
    pieceG: 75,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'one paragraph, water in two halves',
    text: `Hi Jo, here's how I do the bing you liked: 320 g plain flour, half of the water boiling (110 g), stir with chopsticks, then the other half cold (also 110 g), pinch of salt, knead till smooth, wrap it, 30 min at least. Cut in 6. Roll one out big, brush with oil, sprinkle salt and loads of spring onion (a bunch in all), roll up, coil, tuck the end under, rest 10 min, roll flat to 16 cm. Fry in a bit of oil, lid on, 2-3 minutes each side. x`,
    pct: { 'plain flour': 100 },
    kinds: 'mix mix knead rest divide roll fill coil rest roll cook',
    rests: [45, 10],
    cook: [150, 150],
    allergens: ['gluten', 'wheat'],
    others: ['spring onion', 'oil', 'salt', 'water'],
  },
  {
    manner: 'one paragraph',
    text: `Rice-flour roti (gluten free): bring 300 ml water with a teaspoon of salt to the boil, tip in 250 g rice flour off the heat, stir, cover and wait 10 minutes; knead while still warm with oiled hands for 5 minutes; make 8 balls, keep covered, roll each between two sheets of baking paper to 15 cm; dry tawa, medium, 1 minute, flip, 1 minute, flip and press till it swells, 20 seconds.`,
    pct: { 'rice flour': 100, water: 120 },
    kinds: 'mix rest knead ball roll cook',
    rests: [10],
    cook: [60, 60, 20],
    allergens: [],
    others: ['salt'],
  },
  {
    manner: 'a web page',
    text: `<!DOCTYPE html><html><body><header>Skip to recipe</header><main><h1>Cheesy Herb Skillet Bread</h1>
<p>Published on 3 May · 12 comments</p>
<table class="info"><tr><td>Prep:</td><td>10 mins</td></tr><tr><td>Cook:</td><td>12 mins</td></tr><tr><td>Yield:</td><td>4 breads</td></tr></table>
<h2>Ingredients</h2>
<p>250g self-raising flour<br/>150ml milk<br/>80g mature cheddar, grated<br/>2 tbsp chopped chives<br/>pinch of salt<br/>knob of butter</p>
<h2>Instructions</h2>
<p>1. In a bowl combine the flour, cheese, chives and salt. Pour in the milk and bring together with a fork.</p>
<p>2. Divide the dough into 4 and flatten each piece to about 1cm thick.</p>
<p>3. Melt the butter in a skillet over medium-low heat. Fry the breads, two at a time, for 3 mins per side or until golden and cooked through.</p>
<p>4. Serve warm.</p></main></body></html>`,
    pct: { 'plain flour': 100, 'baking powder': 5 },
    kinds: 'mix divide shape cook',
    rests: [],
    cook: [180, 180],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['milk', 'cheddar', 'chives', 'salt', 'butter'],
  },
  {
    manner: 'a web page',
    text: `<article><h1>Sourdough discard tortillas</h1><p class="intro">Makes 10 | 1 h 15 min</p>
<ul class="ing"><li><span class="q">200 g</span> <span class="n">sourdough discard</span></li><li><span class="q">300 g</span> <span class="n">all-purpose flour</span></li><li><span class="q">60 g</span> <span class="n">soft lard or shortening</span></li><li><span class="q">100 g</span> <span class="n">warm water</span></li><li><span class="q">8 g</span> <span class="n">salt</span></li></ul>
<div class="steps"><p><b>Mix</b> everything until a dough forms and knead 3&ndash;4 minutes.</p><p><b>Rest</b> covered for 45 minutes.</p><p><b>Divide</b> into 10 balls (about 65 g), rest 15 more minutes.</p><p><b>Roll</b> to 18 cm.</p><p><b>Cook</b> in a hot cast-iron pan, 45 seconds, flip, 30 seconds.</p></div></article>`,
    pct: { 'sourdough discard': 66.7, 'all-purpose flour': 100, 'warm water': 33.3, salt: 2.7 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [45, 15],
    cook: [45, 30],
    pieceG: 65,
    allergens: ['gluten', 'wheat'],
    others: ['lard'],
  },
  {
    manner: 'structured data',
    text: `[{"@context":"https://schema.org","@type":"BreadcrumbList"},{"@context":"https://schema.org","@type":"Recipe","name":"Soft potato wraps","recipeYield":"8","recipeIngredient":["300 g floury potatoes, peeled","250 g plain flour","30 g butter","1 tsp salt"],"recipeInstructions":[{"@type":"HowToStep","text":"Boil the potatoes until tender, drain and mash with the butter and salt. Leave to cool for 15 minutes."},{"@type":"HowToStep","text":"Knead in the flour to form a soft dough."},{"@type":"HowToStep","text":"Divide into 8 pieces and roll out thinly to 20 cm."},{"@type":"HowToStep","text":"Dry-fry over a medium-high heat for 1 minute on each side."}]}]`,
    pct: { 'plain flour': 100, butter: 12 },
    kinds: 'prepare mix divide roll cook',
    rests: [],
    cook: [60, 60],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['potato', 'salt'],
  },
  {
    manner: 'structured data',
    text: `{"@type":"Recipe","name":"Laffa","recipeYield":"6 servings","prepTime":"PT20M","recipeIngredient":["3 1/4 cups (410g) bread flour","1 tablespoon sugar","2 teaspoons instant yeast","1 1/2 teaspoons fine salt","1 cup plus 2 tablespoons (270ml) warm water","2 tablespoons olive oil, plus more for bowl"],"recipeInstructions":["Whisk together flour, sugar, yeast, and salt.","Stir in water and oil until a shaggy dough forms; knead 10 minutes by hand.","Transfer to an oiled bowl, cover, and let rise until doubled, 1 to 1 1/2 hours.","Divide into 6; form into balls; let rest 10 minutes.","Roll or stretch each into a 25-cm round.","Cook in a preheated cast-iron skillet over high heat, 1 to 2 minutes per side."]}`,
    pct: { 'bread flour': 100, 'warm water': 65.9 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [75, 10],
    cook: [90, 90],
    allergens: ['gluten', 'wheat'],
    others: ['sugar', 'yeast', 'salt', 'olive oil'],
  },
  {
    manner: 'a scan',
    text: `BREADS OF THE HEARTH                        57
Unleavened Flat Bread.—Flour, one pound;
water, half a pint; salt, a teaspoonful; a piece
of lard the size of an egg. Rub the lard into
the flour and salt, wet up with the water, and
knead until smooth, say ten minutes. Let
it stand a quarter of an hour, then divide into
ten parts. Roll each as thin as a shilling, and
bake quickly on a hot griddle, about a min-
ute to each side.`,
    pct: { flour: 100, water: 62.6 },
    kinds: 'mix mix knead rest divide roll cook',
    rests: [15],
    cook: [60, 60],
    allergens: ['gluten', 'wheat'],
    others: ['salt', 'lard'],
  },
  {
    manner: 'a scan that lost letters',
    text: `Wo kshop notes p.3
Chapati dough (fo 12)
atta .... 36O g
wate .... 24O g (hand-wa m)
salt .... 4 g
Mix, knead 6 min unti soft. Rest cove ed 20 min.
12 ba ls of 50 g. Roll 16 cm.
Tawa: 3O s, tu n, 45 s, then on the flame
5 s ti l it puffs. Ghee.`,
    pct: { atta: 100 },
    kinds: 'mix knead rest ball roll cook finish',
    rests: [20],
    cook: [30, 45, 5],
    pieceG: 50,
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['salt'],
  },
  {
    manner: 'words for numbers',
    text: `Ten onion kulchas. For the dough four hundred grams of plain flour, one hundred and sixty of yoghurt, eighty of water, a teaspoon of baking powder, half that of soda, a teaspoon of salt and one of sugar. For the filling two onions, chopped fine, a green chilli and a small bunch of coriander. Knead five minutes; leave two hours in the warm. Make ten balls, hollow each, put in a spoonful of the onions, close it and roll it to fifteen centimetres. Two minutes a side in a covered pan, then butter.`,
    pct: { 'plain flour': 100, yoghurt: 40, water: 20 },
    kinds: 'mix knead rest ball fill roll cook finish',
    rests: [120],
    cook: [120, 120],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['onion', 'chilli', 'coriander', 'baking powder', 'soda', 'salt', 'sugar', 'butter'],
  },
  {
    manner: 'words for numbers',
    text: `A pound of oatmeal, two ounces of lard, half a pint of hot water and two pinches of salt: rub, wet, knead a minute, roll a quarter of an inch thick, cut in triangles, eight or so, and bake on the girdle for six or seven minutes, one side only, then dry them by the fire.`,
    pct: { oatmeal: 100, lard: 12.5 },
    kinds: 'mix mix knead roll divide cook',
    rests: [],
    cook: [390],
    allergens: ['gluten'],
    others: ['water', 'salt'],
  },
  {
    manner: 'parts by vessel',
    text: `No scales needed
★ 3 tea glasses flour
★ 1 tea glass warm water
★ half a tea glass oil
★ 1 packet baking powder (10 g)
★ 1 dessert spoon salt
Mix, knead, wait 20 min. Egg-sized pieces, roll, prick. Pan without oil, lid on, 2 min, turn, 2 min.`,
    pct: { flour: 100 },
    kinds: 'mix knead rest divide roll cook',
    rests: [20],
    cook: [120, 120],
    allergens: ['gluten', 'wheat'],
    others: ['water', 'oil', 'baking powder', 'salt'],
  },
  {
    manner: 'parts by vessel',
    text: `One measure of water to two of flour and a quarter measure of yoghurt, that's the whole secret; salt, a pinch per measure of flour; yeast, one sachet to six measures of flour. Let it rise till it has doubled, an hour and a half in our kitchen. Pieces as big as a lemon, rounds of a hand's width, eighteen centimetres. Both sides two minutes on a hot iron plate.`,
    pct: { flour: 100 },
    kinds: 'mix proof divide roll cook',
    rests: [90],
    cook: [120, 120],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['water', 'yoghurt', 'salt', 'yeast'],
  },
  {
    manner: 'decimal commas',
    text: `Langos-Fladen vom Blech (griddle version), 10 Stk
1,0 kg flour
0,55 l milk, lukewarm
0,042 kg fresh yeast
0,02 kg salt
0,01 kg sugar
2,5 EL (tbsp) oil

Dissolve yeast and sugar in the milk; 10 min. Add the rest, knead 8 min. Proof 1,25 h. Divide into 10, rest 0,25 h, stretch to 18 cm. Griddle in a little oil 2,5 min per side. Rub with garlic.`,
    pct: { flour: 100, milk: 56.7, 'fresh yeast': 4.2, salt: 2, sugar: 1 },
    kinds: 'mix bloom mix knead proof divide rest shape cook finish',
    rests: [10, 75, 15],
    cook: [150, 150],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['oil'],
  },
  {
    manner: 'decimal commas',
    text: `Pão de frigideira – 6 un.
farinha de trigo (wheat flour)   0,300 kg
fermento em pó (baking powder)   0,009 kg
sal (salt)   0,006 kg
manteiga (butter)   0,030 kg
leite (milk)   0,165 l
Mix dry, rub in butter, add milk. Rest 0,2 h. Divide 6 (84,5 g). Flatten 1,2 cm. Cook slowly 4,5 min + 3,5 min.`,
    pct: { 'wheat flour': 100, 'baking powder': 3, salt: 2, butter: 10, milk: 56.7 },
    kinds: 'mix mix mix rest divide shape cook',
    rests: [12],
    cook: [270, 210],
    pieceG: 84.5,
    allergens: ['gluten', 'milk', 'wheat'],
  },
];
