import type { RecipeText } from './recipe-text.ts';

/** A seventy-eighth lot whose expectation was written before the reader saw it, two of each manner, as teachers of a week's course hand them out. */
export const SEVENTY_EIGHTH: readonly RecipeText[] = [
  {
    manner: 'a handout',
    text: `DAY 1 – BASIC GRIDDLE BREAD
Yield: 10 breads of 90 g

Formula
Plain flour 550 g
Water 340 g
Salt 11 g
Olive oil 16 g

Procedure
Weigh everything separately. Stir the salt into the flour, then pour in the water and oil. Work to a rough dough with a spoon, then with your hand.
Tip out and knead for 8 minutes. The dough should feel like a soft cheek.
Oil the bowl, drop the dough in, cover and leave for 40 minutes.
Scale at 90 g. Round each piece, lay on a floured tray, cover, 15 minutes.
Roll to 17 cm, turning a quarter after every pass.
Bake on the griddle (210–230 °C): first side 70 seconds, second side 50 seconds.
Stack in a towel.`,
    pct: { 'plain flour': 100, water: 61.8, salt: 2, 'olive oil': 2.9 },
    kinds: 'mix knead rest divide ball rest roll cook finish',
    rests: [40, 15],
    cook: [70, 50],
    pieceG: 90,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a handout',
    text: `Green onion pancakes
(for 4 people, 1 large each)

300 g plain flour
180 g boiling water
6 g salt
6 spring onions, finely sliced
40 g sesame oil

1) Stir the boiling water into the flour with chopsticks. When cool enough to handle, knead for 5 minutes.
2) Wrap and rest 1 hour.
3) Cut in 4. Roll each piece very thin, brush with sesame oil, sprinkle with salt and spring onion.
4) Roll up like a cigar, then coil into a snail and press flat.
5) Rest 10 minutes, then roll out gently to 18 cm.
6) Fry in a little oil over medium heat, 3 minutes each side.`,
    pct: { 'plain flour': 100, 'boiling water': 60 },
    kinds: 'mix knead rest divide roll fill coil shape rest roll cook',
    rests: [60, 10],
    cook: [180, 180],
    allergens: ['gluten', 'sesame', 'wheat'],
    others: ['spring onion', 'sesame oil', 'salt'],
  },
  {
    manner: 'a table',
    text: `Dough sheet: POCKET BREAD            Date: ________

                       %        8 pcs     16 pcs
Bread flour          100        480        960
Water                 63        302        605
Salt                 1.8        8.6       17.3
Instant yeast        0.8        3.8        7.7
Sugar                  1        4.8        9.6

Mix            5 min
Knead          7 min
First proof   60 min, doubled
Divide         8 pieces
Round
Rest          20 min
Roll          16 cm, 4 mm
Second proof  15 min
Bake on plate  60 s + 60 s`,
    pct: { 'bread flour': 100, water: 63, salt: 1.8, 'instant yeast': 0.8, sugar: 1 },
    kinds: 'mix knead proof divide ball rest roll proof cook',
    rests: [60, 20, 15],
    cook: [60, 60],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a table',
    text: `Ingredient;Amount;Unit
chickpea flour;250;g
water;450;g
olive oil;40;g
salt;6;g
cumin;1;tsp

Stage;Minutes;Note
whisk;3;no lumps
stand;120;room temperature
pour;;90 g per pancake
cook;4;3 min, turn, 1 min`,
    pct: { 'chickpea flour': 100, water: 180, 'olive oil': 16, salt: 2.4 },
    kinds: 'mix rest divide shape cook',
    rests: [120],
    cook: [180, 60],
    pieceG: 90,
    others: ['cumin'],
  },
  {
    manner: 'percentages alone',
    text: `Barley flatbread
70% strong wheat flour, 30% barley flour, 68% water, 2% salt, 20% ripe sourdough starter, 3% oil.
Mix 4 minutes, rest 30 minutes, knead 4 minutes. Bulk 3 hours at 25 °C with two folds in the first hour. Divide 120 g, round, rest 30 minutes. Press out to 16 cm. Griddle, 2 minutes and 90 seconds.`,
    pct: { 'strong wheat flour': 70, 'barley flour': 30, water: 68, salt: 2, oil: 3 },
    kinds: 'mix rest knead proof fold proof fold proof divide ball rest shape cook',
    rests: [30, 30, 30, 120, 30],
    cook: [120, 90],
    pieceG: 120,
    others: ['starter'],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Paratha dough, 100 = flour
atta 60
maida 40
water 58
salt 1,5
ghee in the dough 4
ghee for layering 12

Knead 10 min. Rest 45 min. 70 g balls. Rest 10 min. Roll, smear with ghee, fold in three both ways, rest 10 min, roll 15 cm square. Tawa, medium: 60 s / 60 s / 30 s.`,
    pct: { atta: 60, maida: 40, water: 58, salt: 1.5, ghee: 4 },
    kinds: 'mix knead rest ball rest roll fill shape rest roll cook',
    rests: [45, 10, 10],
    cook: [60, 60, 30],
    pieceG: 70,
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `To make six big wraps, rub 60 g of lard into 400 g of plain flour and 7 g of salt, pour in 210 g of hot water and mix it to a soft dough, which you knead for three minutes on the table. Cover it and let it rest for 20 minutes, then cut it into six, roll the pieces into balls and leave them under the cloth for another 20. Roll each one as thin as you dare, about 26 cm across, and cook it on a very hot dry pan for 40 seconds on the first side and 25 seconds on the second. Keep them wrapped so they stay soft.`,
    pct: { 'plain flour': 100, lard: 15, salt: 1.75, 'hot water': 52.5 },
    kinds: 'mix mix knead rest divide ball rest roll cook finish',
    rests: [20, 20],
    cook: [40, 25],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `Our yoghurt bread needs no yeast: mix 350 g self-raising flour, 280 g thick yoghurt, a teaspoon of salt and a spoonful of olive oil in a bowl, knead just until smooth (about 2 minutes), rest it for a quarter of an hour, divide it into 7 pieces of 90 g, pat them into ovals about 16 cm long, and grill them on a ridged pan, two and a half minutes on each side. Brush with garlic butter.`,
    pct: { 'plain flour': 100, 'baking powder': 5, 'thick yoghurt': 84 },
    kinds: 'mix knead rest divide shape cook finish',
    rests: [15],
    cook: [150, 150],
    pieceG: 90,
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['salt', 'olive oil', 'garlic'],
  },
  {
    manner: 'a web page',
    text: `<html><body><h1 class="entry-title">Whole wheat roti (phulka)</h1>
<div class="ad">Advertisement</div>
<p>Soft, puffed and ready in 40 minutes.</p>
<table class="times"><tr><td>Prep</td><td>30 mins</td></tr><tr><td>Cook</td><td>10 mins</td></tr><tr><td>Servings</td><td>12 rotis</td></tr></table>
<h3>Ingredients</h3><ul class="ing"><li>2 cups atta (240 g)</li><li>&frac34; cup water (180 g), plus more if needed</li><li>&frac12; teaspoon salt</li><li>1 tablespoon oil</li><li>extra atta for rolling</li></ul>
<h3>Instructions</h3><ol class="steps">
<li><b>Make the dough.</b> Combine the atta and salt. Add the water little by little and bring it together.</li>
<li><b>Knead.</b> Add the oil and knead for 7 to 8 minutes until soft and pliable.</li>
<li><b>Rest.</b> Cover and set aside for 25 minutes.</li>
<li><b>Divide.</b> Make 12 equal balls.</li>
<li><b>Roll.</b> Dip a ball in flour and roll it to 15 cm.</li>
<li><b>Cook.</b> Place on a hot tawa for 30 seconds, flip, cook 45 seconds, then hold over the flame for 8 seconds until it puffs.</li>
<li>Smear with ghee and serve hot.</li></ol>
<footer>&copy; All rights reserved. 3 comments</footer></body></html>`,
    pct: { atta: 100, water: 75 },
    kinds: 'mix knead rest ball roll cook finish',
    rests: [25],
    cook: [30, 45, 8],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['salt', 'oil', 'ghee'],
  },
  {
    manner: 'a web page',
    text: `<div><h2>Flatbread with onion seeds</h2><p><strong>Makes 6</strong></p>
<p><strong>Ingredients:</strong> 400 g strong white flour; 5 g dried yeast; 8 g salt; 250 g water; 20 g butter, melted; 1 tbsp onion seeds</p>
<p><strong>1.</strong> Mix flour, yeast, salt and water and knead for 10 minutes. <strong>2.</strong> Leave to rise for 1&frac12; hours. <strong>3.</strong> Divide into 6, ball, and rest for 10 minutes. <strong>4.</strong> Stretch to 20cm ovals. <strong>5.</strong> Brush with butter, scatter over the seeds and press in. <strong>6.</strong> Cook seed side up in a hot pan, covered, for 2 minutes, then turn and cook for 1 minute more.</p></div>`,
    pct: { 'strong white flour': 100, 'dried yeast': 1.25, salt: 2, water: 62.5 },
    kinds: 'mix knead proof divide ball rest shape fill cook',
    rests: [90, 10],
    cook: [120, 60],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['butter', 'onion seeds'],
  },
  {
    manner: 'structured data',
    text: `{"@context":"https://schema.org/","@graph":[{"@type":"WebSite","name":"Flat & Round"},{"@type":"Recipe","name":"Buttermilk bannock","recipeYield":"1 round, 8 wedges","prepTime":"PT10M","cookTime":"PT20M","recipeIngredient":["250 g plain flour","50 g oatmeal","1 tsp bicarbonate of soda","½ tsp salt","30 g butter","220 ml buttermilk"],"recipeInstructions":"Mix the dry ingredients and rub in the butter. Stir in the buttermilk to make a soft dough. Knead lightly for 30 seconds, pat into a round 2 cm thick and cut into 8 wedges. Cook on a moderate griddle for 8 minutes on each side."}]}`,
    pct: { 'plain flour': 83.3, oatmeal: 16.7, butter: 10 },
    kinds: 'mix mix mix knead shape divide cook',
    rests: [],
    cook: [480, 480],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['bicarbonate of soda', 'salt', 'buttermilk'],
  },
  {
    manner: 'structured data',
    text: `[{"@type":["Recipe"],"name":"Corn and wheat tortillas","recipeYield":["16","16 tortillas"],"recipeIngredient":["200 g masa harina","200 g plain flour","6 g salt","40 g vegetable shortening","260 g warm water"],"recipeInstructions":[{"@type":"HowToStep","name":"Mix","text":"Combine masa, flour and salt; rub in the shortening."},{"@type":"HowToStep","name":"Knead","text":"Add the water and knead for 4 minutes."},{"@type":"HowToStep","name":"Rest","text":"Cover with a damp towel for 30 minutes."},{"@type":"HowToStep","name":"Shape","text":"Divide into 16 balls and press each to 15 cm between plastic."},{"@type":"HowToStep","name":"Cook","text":"Cook on a hot dry comal 45 seconds per side."}]}]`,
    pct: { 'masa harina': 50, 'plain flour': 50, salt: 1.5, 'vegetable shortening': 10, 'warm water': 65 },
    kinds: 'mix mix mix knead rest divide ball shape cook',
    rests: [30],
    cook: [45, 45],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a scan',
    text: `                    GIRDLE SCONES, THIN

  8 oz. flour                     2 oz. butter
  2 level tea-spoonfuls           a pinch of salt
    baking powder                 ¼ pint milk

Rub the butter into the flour, salt and
baking powder. Mix to a soft dough with the
milk. Turn out, knead lightly for half a min-
ute, roll out ¼ inch thick, cut into 8 tri-
angles. Cook on a moderately hot girdle for
5 minutes on each side.`,
    pct: { flour: 100, butter: 25, milk: 62.6 },
    kinds: 'mix mix knead roll divide cook',
    rests: [],
    cook: [300, 300],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['baking powder', 'salt'],
  },
  {
    manner: 'a scan',
    text: `NAAN  BREAD  (1O pieces)

5OO g plain flour
7 g dried yeast
1O g sugar
8 g salt
150 g yoghurt
2OO ml warm milk

l. Dissolve the yeast and sugar in the milk and
   wait 1O min until it froths.
2. Mix in the flour, salt and yoghurt and knead
   8-1O min.
3. Let it rise l hour in a warm place.
4. Divide in 1O, roll into balls, rest 1O min.
5. Roll to an oval 2O cm long.
6. Cook in a very hot pan with the lid on l min,
   turn, l min.`,
    pct: { 'plain flour': 100, 'dried yeast': 1.4, sugar: 2, salt: 1.6, yoghurt: 30, 'warm milk': 41 },
    kinds: 'mix bloom mix knead proof divide ball rest roll cook',
    rests: [10, 60, 10],
    cook: [60, 60],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `Six hundred grams of wholemeal flour. Four hundred and twenty grams of water. Twelve grams of salt. Mix, cover, wait twenty minutes. Knead six minutes. Wait another forty minutes. Make twelve balls. Wait five minutes. Roll them as large as your hand, fingers spread. Half a minute on one side, three quarters of a minute on the other, and a few seconds over the gas.`,
    pct: { 'wholemeal flour': 100, water: 70, salt: 2 },
    kinds: 'mix rest knead rest ball rest roll cook',
    rests: [20, 40, 5],
    cook: [30, 45, 6],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `Take a pound and a half of flour, three quarters of a pint of warm water, half an ounce of salt and two tablespoons of oil. Mix and knead for ten minutes. Let the dough lie for half an hour. Break it into ten, roll each as thin as a penny and bake on a hot plate for one minute a side.`,
    pct: { flour: 100, 'warm water': 62.6, salt: 2.1 },
    kinds: 'mix knead rest divide roll cook',
    rests: [30],
    cook: [60, 60],
    others: ['oil'],
  },
  {
    manner: 'parts by vessel',
    text: `GLASS METHOD
4 glasses of flour
1½ glasses of water
½ glass of oil
1 teaspoon salt
1 sachet yeast (7 g)
(glass = 200 ml)

Mix everything in the order written. Knead 7 minutes. Let it rise for 1 hour. Tear into 10 pieces, round them, wait 10 minutes, open each by hand to 18 cm. Hot pan: 2 minutes, then 1 minute on the back.`,
    pct: { flour: 100, yeast: 1.67 },
    kinds: 'mix knead proof divide ball rest shape cook',
    rests: [60, 10],
    cook: [120, 60],
    others: ['water', 'oil', 'salt'],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'parts by vessel',
    text: `Three cups flour to one cup water. One spoon salt. That is all.
Mix it, knead it till your arms ache (10 minutes), cover it, go for a walk (1 hour).
Eight pieces. Roll. Hot pan, no oil, 1 minute, other side 1 minute.`,
    pct: { flour: 100 },
    kinds: 'mix knead rest divide roll cook',
    rests: [60],
    cook: [60, 60],
    others: ['water', 'salt'],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'decimal commas',
    text: `Pita (12 × 95 g)

Mehl T550: 0,700 kg
Wasser / water: 0,440 kg
Salz / salt: 14,0 g
Hefe / fresh yeast: 10,5 g
Olivenöl / olive oil: 21,0 g

1. Mix 3 min, knead 7 min.
2. Proof 1,25 h at 26 °C.
3. Divide 95 g, ball, rest 15 min.
4. Roll 15 cm, rest 10 min.
5. Bake on the plate 1,25 min + 0,75 min.`,
    pct: { salt: 2, 'fresh yeast': 1.5, 'olive oil': 3 },
    kinds: 'mix knead proof divide ball rest roll rest cook',
    rests: [75, 15, 10],
    cook: [75, 45],
    pieceG: 95,
    allergens: ['gluten', 'wheat'],
    others: ['water'],
  },
  {
    manner: 'decimal commas',
    text: `Maisfladen
250 g fine cornmeal
150 g flour
6,5 g salt
270 g water
12,5 g oil

Stir all to a thick dough, 4 min. Leave 0,5 h. Make 9 balls (76 g). Press to 12 cm, 0,6 cm thick. Bake 3,5 min per side on medium heat.`,
    pct: { flour: 37.5, 'fine cornmeal': 62.5, salt: 1.6, water: 67.5, oil: 3.1 },
    kinds: 'mix rest ball shape cook',
    rests: [30],
    cook: [210, 210],
    pieceG: 76,
    allergens: ['gluten', 'wheat'],
  },
];
