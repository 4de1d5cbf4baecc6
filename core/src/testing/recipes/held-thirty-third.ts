import type { RecipeText } from './recipe-text.ts';

/** A thirty-third lot whose expectation was written before the reader saw it: two texts of each common manner. */
export const THIRTY_THIRD: readonly RecipeText[] = [
  {
    manner: 'a handout',
    text: `Kitchen Garden Cookery School
Wild garlic flatbreads (makes 8)

You will need:
300g self-raising flour, plus extra for rolling
1 tsp fine salt
250g Greek-style yogurt
50g wild garlic, finely chopped
Olive oil, for brushing

1. Put the flour, salt and wild garlic into a large bowl. Add the yogurt and mix to a rough dough with a knife.
2. Turn out and knead for 1-2 minutes. Do not overwork.
3. Wrap and leave for 20 minutes.
4. Divide into 8 and roll each to about 15cm.
5. Brush with oil and griddle for 2 minutes each side, until puffed with dark char marks.
6. Serve warm.`,
    pct: { 'plain flour': 100, 'fine salt': 2.1, 'greek-style yogurt': 87.5, 'wild garlic': 17.5 },
    kinds: 'mix knead rest divide roll fill cook',
    rests: [20],
    cook: [120, 120],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['wild garlic'],
  },
  {
    manner: 'a handout',
    text: `STEP CARD (laminated) – Chapati

INGREDIENTS for 12
480 g atta
310 g warm water
8 g salt
15 g oil

DO
A. mix 3 min
B. knead 7 min
C. rest 20 min, covered
D. 12 balls (65 g)
E. roll 17 cm – flour underneath
F. tava: 20 s – turn – 30 s – turn – press 15 s

CHECK
puffed? brown spots? soft?`,
    pct: { atta: 100, 'warm water': 64.6, salt: 1.7, oil: 3.1 },
    kinds: 'mix knead rest ball roll cook',
    rests: [20],
    cook: [20, 30, 15],
    pieceG: 65,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a table',
    text: `ITEM                 QTY
Bread flour          1.2 kg
Water (28 °C)        780 ml
Salt                 24 g
Instant yeast        10 g
Olive oil            60 ml

STAGE                          TIME
Mix, low speed                 4 min
Mix, medium speed              4 min
Bulk fermentation              1 h
Scale 16 @ 128 g & round       10 min
Bench rest                     20 min
Roll 22 cm                     —
Bake on griddle, 1st side      75 s
Bake on griddle, 2nd side      60 s`,
    pct: { 'bread flour': 100, water: 65, salt: 2, 'instant yeast': 0.8 },
    kinds: 'mix proof divide ball rest roll cook',
    rests: [60, 20],
    cook: [75, 60],
    pieceG: 128,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a table',
    text: `|Ingredient|Amount|Baker's %|
|:--|:-:|--:|
|**Whole wheat flour**|300 g|60%|
|**All-purpose flour**|200 g|40%|
|**Water**|325 g|65%|
|**Salt**|8 g|1.6%|
|**Oil**|15 g|3%|

**Method** — mix everything, rest 20 minutes, knead 5 minutes, rest 20 minutes, divide into 12 balls, roll out 16 cm, cook on a hot skillet 45 seconds per side.`,
    pct: { 'whole wheat flour': 60, 'all-purpose flour': 40, water: 65, salt: 1.6, oil: 3 },
    kinds: 'mix rest knead rest divide ball roll cook',
    rests: [20, 20],
    cook: [45, 45],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Poolish flatbread (in % of total flour)
Poolish: 25 flour, 25 water, 0.05 yeast - 14 h at 20 °C
Dough: 75 flour, 40 water, 2 salt, 0.4 yeast, 3 oil
Mix 5 min, bulk 1 h, divide 120 g, round, rest 20 min, roll 20 cm, griddle 1 min + 1 min.`,
    pct: { flour: 100, water: 65, salt: 2, oil: 3 },
    kinds: 'mix rest mix proof divide ball rest roll cook',
    rests: [840, 60, 20],
    cook: [60, 60],
    pieceG: 120,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Maize & wheat tortilla: 70 % plain flour, 30 % masa harina, 58 % hot water, 10 % lard, 1.8 % salt. Rub lard into flours and salt, add water, knead 4 min, rest 30 min covered. 50 g balls, 10 min, press or roll to 16 cm. Comal medium-high, 35 s / 35 s / 10 s.`,
    pct: { 'plain flour': 70, 'masa harina': 30, 'hot water': 58, lard: 10, salt: 1.8 },
    kinds: 'mix mix knead rest ball rest roll cook',
    rests: [30, 10],
    cook: [35, 35, 10],
    pieceG: 50,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `Tear-and-share griddle bread: dissolve 7 g of dried yeast in 325 ml of warm water with a teaspoon of sugar and leave it for 10 minutes until it froths. Add to 500 g of strong flour and 10 g of salt, mix, knead 8 minutes, prove until doubled (1 hour). Press it out on an oiled tray to 30 cm, cut it into 12 wedges, prove for 20 minutes more, and griddle the wedges over a low heat, 5 minutes on each side, under a lid.`,
    pct: { 'dried yeast': 1.4, 'warm water': 65, 'strong flour': 100, salt: 2 },
    kinds: 'mix bloom mix knead proof shape divide proof cook',
    rests: [10, 60, 20],
    cook: [300, 300],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `What I tell beginners: weigh 320 g of flour, 200 g of water, 6 g of salt. Nothing else. Mix until there's no dry flour. Wait ten minutes. Knead five minutes; it should feel like an earlobe. Wait half an hour under a bowl. Six balls. Roll to the size of a side plate. Pan as hot as you dare; thirty seconds, flip, thirty seconds, flip, ten seconds. Eat.`,
    pct: { flour: 100, water: 62.5, salt: 1.9 },
    kinds: 'mix rest knead rest ball roll cook',
    rests: [10, 30],
    cook: [30, 30, 10],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a web page',
    text: `<!-- recipe --><div class="post"><h1>Piadina Romagnola</h1><p>My grandmother's recipe, cooked on a <em>testo</em>.</p><table class="ingredients"><thead><tr><th colspan="2">For 6 piadine</th></tr></thead><tbody><tr><td>Soft wheat flour</td><td>500g</td></tr><tr><td>Lard</td><td>80g</td></tr><tr><td>Milk</td><td>120ml</td></tr><tr><td>Water</td><td>120ml</td></tr><tr><td>Salt</td><td>10g</td></tr><tr><td>Baking soda</td><td>a pinch</td></tr></tbody></table><h2>Procedure</h2><p>Make a heap with the flour, put the lard, salt and baking soda in the middle and work in the milk and water. Knead for ten minutes. Wrap in film and let it rest for 45 minutes.</p><p>Cut into 6, make balls, let them rest for another 30 minutes. Roll out to a diameter of 25 cm.</p><p>Cook on the hot testo for about a minute and a half per side, pricking with a fork and turning it round.</p></div>`,
    pct: { 'soft wheat flour': 100, lard: 16, milk: 24.7, water: 24, salt: 2 },
    kinds: 'mix knead rest divide ball rest roll cook',
    rests: [45, 30],
    cook: [90, 90],
    pieceG: 137,
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'a web page',
    text: `<ul class="breadcrumbs"><li>Home</li><li>Recipes</li></ul><h1>5-Minute Chickpea Flatbread</h1><h3>Serves 2</h3><h3>What you'll need:</h3><ul><li>1 cup chickpea flour (120 g)</li><li>1 cup water (240 ml)</li><li>1 tbsp olive oil</li><li>½ tsp salt</li><li>½ tsp dried oregano</li></ul><h3>What to do:</h3><ol><li>Whisk all the ingredients until smooth. Leave for 5 minutes if you have time.</li><li>Heat a lightly oiled griddle over medium heat.</li><li>Pour in half the batter and spread to about 20 cm.</li><li>Cook for 3 minutes, until bubbles form and the edges are firm. Flip and cook 2 minutes more.</li><li>Repeat with the rest.</li></ol>`,
    pct: { 'chickpea flour': 100, water: 200 },
    kinds: 'mix divide shape cook',
    rests: [],
    cook: [180, 120],
    allergens: [],
  },
  {
    manner: 'structured data',
    text: `{"@context":"https://schema.org","@type":"Recipe","name":"Maneesh dough","recipeYield":{"@type":"QuantitativeValue","value":10},"recipeIngredient":["600 g all-purpose flour","360 g water","60 g olive oil","12 g sugar","10 g salt","7 g instant yeast"],"recipeInstructions":[{"@type":"HowToStep","text":"Mix for 3 min.","name":"Mix"},{"@type":"HowToStep","text":"Knead for 8 min.","name":"Knead"},{"@type":"HowToStep","text":"Proof for 60 min at 27 °C.","name":"Proof"},{"@type":"HowToStep","text":"Divide in 10, ball.","name":"Divide"},{"@type":"HowToStep","text":"15 min bench rest.","name":"Rest"},{"@type":"HowToStep","text":"Roll to 20 cm.","name":"Roll"},{"@type":"HowToStep","text":"Hot griddle: 1 min, turn, 45 s.","name":"Cook"}]}`,
    pct: { 'all-purpose flour': 100, water: 60, 'olive oil': 10, sugar: 2, salt: 1.7, 'instant yeast': 1.2 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [60, 15],
    cook: [60, 45],
    pieceG: 101.8,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'structured data',
    text: `{"@context":"https://schema.org","@type":"Recipe","name":"Fry bread wraps","recipeYield":"6","recipeIngredient":["2 cups flour (250 g)","1 tbsp baking powder","1/2 tsp salt","3/4 cup warm milk (180 ml)","1 tbsp vegetable oil, plus more for the griddle"],"recipeInstructions":"Whisk flour, baking powder and salt. Stir in milk and oil.\\nKnead a few times, cover and let rest 30 minutes.\\nDivide into 6, pat or roll to 7 in.\\nBrush the griddle with oil and cook 1-2 minutes per side, until golden."}`,
    pct: { flour: 100, 'warm milk': 74 },
    kinds: 'mix knead rest divide roll cook',
    rests: [30],
    cook: [90, 90],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'a scan',
    text: `SEVEN-DAY FLAT BREADS           for 12 persons

Ingr.: 1.5 kg bread flour, 1 l water, 30 g salt, 1 cube
fresh yeast (42 g), 3 tbsp. oil.

Prep.: Dissolve yeast in water, add remaining ingr.
and knead 10 min. Let rise 1 hr. in warm place. Cut
into 12 pcs., form balls, let rise again 20 min.
Roll out finger-thick, 20 cm dia. Bake on lightly
oiled griddle 4 min. per side.`,
    pct: { 'bread flour': 100, water: 66.7, salt: 2, 'fresh yeast': 2.8 },
    kinds: 'mix knead proof divide ball proof roll cook',
    rests: [60, 20],
    cook: [240, 240],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a scan',
    text: `15. BARLEY CAKES

Barley meal . . . . . 12 oz.
Plain flour . . . . .  4 oz.
Butter  . . . . . . .  2 oz.
Buttermilk  . . . . . ½ pint
Bicarb. of soda . . . 1 tsp.
Salt  . . . . . . . . ½ tsp.

Melt the butter in the warmed milk. Sift the dry
things. Mix all together to a soft dough. Turn
out on a board dusted with barley meal, pat out
½ inch thick, cut in eight. Bake on a hot girdle
5 to 6 minutes a side.`,
    pct: { 'barley meal': 75, 'plain flour': 25, butter: 12.5 },
    kinds: 'prepare mix shape divide cook',
    rests: [],
    cook: [330, 330],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `To five hundred grams of flour take three hundred and thirty of water, ten of salt and eight of fresh yeast. Mix for six minutes. Leave for one hour. Divide into seven. Shape into balls. Leave for twenty minutes. Roll to twenty centimetres. Griddle: seventy-five seconds on side one, fifty seconds on side two.`,
    pct: { flour: 100, water: 66, salt: 2, 'fresh yeast': 1.6 },
    kinds: 'mix proof divide ball rest roll cook',
    rests: [60, 20],
    cook: [75, 50],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `Three hundred grams of plain flour, a hundred and eighty millilitres of water, a tablespoon of oil and a teaspoon of salt make six. Knead for five minutes, rest for at least thirty minutes. Divide into six, roll thin to about twenty-two centimetres. In a dry pan they need forty-five seconds on the first side and half a minute on the second.`,
    pct: { 'plain flour': 100, water: 60 },
    kinds: 'mix knead rest divide roll cook',
    rests: [45],
    cook: [45, 30],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'parts by vessel',
    text: `Cup bread (1 cup = 240 ml)
Flour 4 cups
Warm water 1 1/2 cups
Yogurt 1/2 cup
Instant yeast 2 tsp
Salt 2 tsp
Mix. Knead 8 min. Rise 1 hr. 10 balls. Rest 10 min. Roll. Griddle 1 min, flip, 1 min.`,
    pct: { flour: 100 },
    kinds: 'mix knead proof ball rest roll cook',
    rests: [60, 10],
    cook: [60, 60],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'parts by vessel',
    text: `Three handfuls of flour, one of fine semolina, a pinch of salt, water by feel. Squeeze, knead, and let it be for a quarter of an hour. Break it in five, pat and pull it thin. Onto the hot stone: one minute, over, one minute.`,
    pct: { flour: 75, 'fine semolina': 25 },
    kinds: 'mix knead rest divide shape cook',
    rests: [15],
    cook: [60, 60],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'decimal commas',
    text: `Flammkuchen-Böden von der Platte, 10 à 90 g
Mehl / flour ......... 0,55 kg
Wasser / water ....... 0,30 kg
Öl / oil ............. 0,04 kg
Salz / salt .......... 0,011 kg

Mix 5 min. Rest 1,0 h. Divide. Round. Rest 20 min. Roll 28 cm, 1,5 mm. Griddle 0,75 min, turn, 0,5 min.`,
    pct: { flour: 100, water: 54.5, oil: 7.3, salt: 2 },
    kinds: 'mix rest divide ball rest roll cook',
    rests: [60, 20],
    cook: [45, 30],
    pieceG: 90,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'decimal commas',
    text: `Chapati-Test 3: 240,5 g atta; 158,0 g water (35,0 °C); 3,6 g salt; 7,2 g ghee. 2,5 min mixing, 6,0 min kneading, 25,0 min rest. 8 x 50,5 g. Roll 15,5 cm. Tawa 215 °C: 22 s, turn, 34 s, turn, 12 s.`,
    pct: { atta: 100, water: 65.7, salt: 1.5, ghee: 3 },
    kinds: 'mix knead rest divide roll cook',
    rests: [25],
    cook: [22, 34, 12],
    pieceG: 50.5,
    allergens: ['gluten', 'milk', 'wheat'],
  },
];
