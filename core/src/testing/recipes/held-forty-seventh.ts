import type { RecipeText } from './recipe-text.ts';

/** A forty-seventh lot whose expectation was written before the reader saw it: two texts of each common manner. */
export const FORTY_SEVENTH: readonly RecipeText[] = [
  {
    manner: 'a handout',
    text: `Bread without an oven · Saturday morning group
Sheet 2 of 3

NAAN FROM THE PAN (8)

Dough
* 480 g strong white flour
* 7 g quick yeast
* 8 g salt
* 12 g sugar
* 160 g plain yoghurt
* 150 g warm milk
* 20 g oil
To finish: 40 g melted butter, chopped parsley

How
1) Put all of the dough things in the mixer bowl. Mix on slow for 4 minutes, then on fast for 4 minutes.
2) Cover; 1 hour in the warm.
3) Knock back and divide into 8. Round up. 10 minutes' rest.
4) Stretch each to a tear shape about 20 cm long.
5) Very hot pan: lay it in, lid on, 1 1/2 minutes. Turn, lid off, 1 minute.
6) Brush with the butter and scatter with parsley.`,
    pct: {
      'strong white flour': 100,
      'quick yeast': 1.5,
      salt: 1.7,
      sugar: 2.5,
      'plain yoghurt': 33.3,
      'warm milk': 31.3,
      oil: 4.2,
    },
    kinds: 'mix proof knead divide ball rest shape cook finish',
    rests: [60, 10],
    cook: [90, 60],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['butter', 'parsley'],
  },
  {
    manner: 'a handout',
    text: `SCHOOL KITCHEN 2B – WRAPS

Each pair:
120 g plain flour
2 g salt
10 g oil
65 g hot water

1. One of you mixes flour and salt, the other measures the oil and the water.
2. Pour in oil and water. Stir with a spoon, then your hand.
3. Knead until smooth: about 3 minutes.
4. Bowl on top, 10 minutes.
5. Cut into 4. Roll thin, 16 cm.
6. Teacher's pan: 40 seconds, flip, 30 seconds.

Clear up: scrape, sweep, wash, dry.`,
    pct: { 'plain flour': 100, salt: 1.7, oil: 8.3, 'hot water': 54.2 },
    kinds: 'mix knead rest divide roll cook',
    rests: [10],
    cook: [40, 30],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a table',
    text: `Formula            %       12 pcs     24 pcs
Bread flour       80      640 g     1280 g
Rye flour         20      160 g      320 g
Water             68      544 g     1088 g
Salt               2       16 g       32 g
Fresh yeast        2       16 g       32 g

Schedule
mixing 7 min
bulk 60 min, fold at 30 min
scaling 115 g, rounding
rest 20 min
pressing 16 cm
griddle 2 min + 2 min`,
    pct: { 'bread flour': 80, 'rye flour': 20, water: 68, salt: 2, 'fresh yeast': 2 },
    kinds: 'mix proof fold proof divide ball rest shape cook',
    rests: [30, 30, 20],
    cook: [120, 120],
    pieceG: 115,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a table',
    text: `<table>
<tr><th>Ingredient</th><th>Weight</th></tr>
<tr><td>Masa harina</td><td>300 g</td></tr>
<tr><td>Warm water</td><td>420 g</td></tr>
<tr><td>Salt</td><td>4 g</td></tr>
</table>
<table>
<tr><th>Step</th><th>What</th><th>Time</th></tr>
<tr><td>1</td><td>Mix and knead</td><td>4 min</td></tr>
<tr><td>2</td><td>Rest, covered</td><td>15 min</td></tr>
<tr><td>3</td><td>Balls of 36 g</td><td></td></tr>
<tr><td>4</td><td>Press to 14 cm</td><td></td></tr>
<tr><td>5</td><td>Comal: first side</td><td>30 s</td></tr>
<tr><td>6</td><td>Comal: second side</td><td>50 s</td></tr>
<tr><td>7</td><td>Comal: first side again</td><td>20 s</td></tr>
</table>`,
    pct: { 'masa harina': 100, 'warm water': 140, salt: 1.3 },
    // mixed and kneaded are two, as in earlier lots
    kinds: 'mix knead rest ball shape cook',
    rests: [15],
    cook: [30, 50, 20],
    pieceG: 36,
    allergens: [],
  },
  {
    manner: 'percentages alone',
    text: `Focaccette from the plate. Flour (W 260) 100; water 65; lard 8; salt 2; dry yeast 0.6. Mix 10 min. 20 min rest, then 150 g pieces, round. 2 h. Press 14 cm. Plate at 220 °C, lid, 3 min each side.`,
    pct: { flour: 100, water: 65, lard: 8, salt: 2, 'dry yeast': 0.6 },
    kinds: 'mix rest divide ball rest shape cook',
    rests: [20, 120],
    cook: [180, 180],
    pieceG: 150,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Barley flatbread

barley flour 50%
white wheat flour 50%
buttermilk 75%
salt 1.8%
soda 0.8%
butter 5%

Work the butter into the flours. Add the buttermilk. Do not knead. Rest 10 min. 90 g, pat out 1 cm thick. Medium griddle 4 min a side.`,
    pct: { 'barley flour': 50, 'white wheat flour': 50, buttermilk: 75, salt: 1.8, soda: 0.8, butter: 5 },
    kinds: 'mix mix rest divide shape cook',
    rests: [10],
    cook: [240, 240],
    pieceG: 90,
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `Sift 300 g of gram flour with 6 g of salt and a good pinch of turmeric. Whisk in 420 g of water a little at a time until there are no lumps, then two tablespoons of chopped coriander. The batter stands for at least 20 minutes. For each pancake pour 90 g of batter into a hot oiled pan and spread it to about 18 cm with the back of the ladle. Cook for two minutes, drizzle a little oil round the edge, turn, and cook for another minute and a half. Makes eight.`,
    pct: { 'gram flour': 100, salt: 2, water: 140 },
    kinds: 'mix rest divide shape cook',
    rests: [30],
    cook: [120, 90],
    allergens: [],
    others: ['turmeric', 'coriander'],
  },
  {
    manner: 'one paragraph',
    text: `The barbecue breads: the night before, mix 700 g strong flour, 14 g salt, 2 g instant yeast, 455 g cold water and 20 g olive oil, knead for five minutes, cover and put in the fridge overnight. Two hours before you light the fire take the dough out. Cut it into ten pieces, shape them into balls and let them rise for an hour and a half. Stretch each one to 18 cm and lay it over the hot coals on the grid, a minute on the first side and two minutes on the other.`,
    pct: { 'strong flour': 100, salt: 2, 'instant yeast': 0.3, 'cold water': 65, 'olive oil': 2.9 },
    kinds: 'mix knead chill temper divide ball proof shape cook',
    // taken out two hours before: as in earlier lots that is how long it warms up
    rests: [600, 120, 90],
    cook: [60, 120],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a web page',
    text: `<html><head><title>Easy Wholemeal Chapattis</title></head><body>
<header>The Flat Bread Diary</header>
<h1>Easy Wholemeal Chapattis</h1>
<p class="intro">Three ingredients and half an hour!</p>
<p>Prep: 10 min &middot; Rest: 20 min &middot; Cook: 15 min &middot; Makes 10</p>
<h3>Ingredients</h3>
<ul><li>250g wholemeal chapatti flour</li><li>&frac12; tsp salt</li><li>160ml warm water</li><li>A little ghee, to brush</li></ul>
<h3>Steps</h3>
<p><strong>Step 1</strong> Mix the flour and salt, add the water bit by bit and bring together into a soft dough. Knead for 5 minutes.</p>
<p><strong>Step 2</strong> Cover and leave for 20 minutes.</p>
<p><strong>Step 3</strong> Divide into 10 balls. Roll each to a 15cm circle.</p>
<p><strong>Step 4</strong> Heat a tawa until very hot. Cook each chapatti for 30 seconds, turn, 45 seconds, then turn once more and press with a cloth for 10 seconds until it balloons.</p>
<p><strong>Step 5</strong> Brush with ghee and wrap in foil.</p>
<footer>Share this: Pin Tweet Email</footer></body></html>`,
    pct: { 'wholemeal chapatti flour': 100, 'warm water': 64 },
    kinds: 'mix knead rest divide ball roll cook finish',
    rests: [20],
    cook: [30, 45, 10],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['ghee'],
  },
  {
    manner: 'a web page',
    text: `<div class="post"><h2>Cheese-stuffed potato flatbreads</h2>
<p>Dough: 300 g cold mashed potato, 200 g plain flour, 30 g butter, 6 g salt, 1 egg.</p>
<p>Filling: 160 g grated cheese, 2 spring onions.</p>
<p>Mix everything for the dough until it just holds together; rest 10 minutes. Divide into 8 and pat each into a 12 cm round. Put the filling on one half, fold over and pinch the edges. Cook on a medium griddle for 3 minutes per side.</p>
<p>&copy; 2019 All rights reserved</p></div>`,
    pct: { 'cold mashed potato': 150, 'plain flour': 100, butter: 15, salt: 3, egg: 25 },
    // patted out, filled and pinched is filling, as in earlier lots
    kinds: 'mix rest divide fill cook',
    rests: [10],
    cook: [180, 180],
    allergens: ['egg', 'gluten', 'milk', 'wheat'],
    others: ['cheese', 'spring onions'],
  },
  {
    manner: 'structured data',
    text: `{"@context":"https://schema.org","@type":["Recipe"],"name":"Smoky Seed Flatbreads","recipeYield":6,"recipeIngredient":["330 g spelt flour","30 g mixed seeds","6 g salt","5 g baking powder","200 g natural yoghurt","1 tbsp olive oil"],"recipeInstructions":["Mix the dry ingredients in a bowl.","Add the yoghurt and oil and mix to a soft dough. Knead for 1 minute.","Rest for 15 minutes.","Divide into 6 and roll to 16 cm.","Cook in a dry hot pan for 2 minutes on each side."]}`,
    pct: { 'spelt flour': 100, 'mixed seeds': 9.1, salt: 1.8, 'baking powder': 1.5, 'natural yoghurt': 60.6 },
    kinds: 'mix knead rest divide roll cook',
    rests: [15],
    cook: [120, 120],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'structured data',
    text: `[{"@context":"https://schema.org","@type":"BreadcrumbList","itemListElement":[]},{"@context":"https://schema.org","@type":"Recipe","name":"Overnight No-Knead Rounds","prepTime":"PT15M","cookTime":"PT20M","recipeYield":"10 rounds","recipeIngredient":["600 g bread flour","12 g salt","1.5 g instant yeast","432 g water"],"recipeInstructions":{"@type":"ItemList","itemListElement":[{"@type":"ListItem","item":{"@type":"HowToStep","text":"Stir everything together in a large bowl."}},{"@type":"ListItem","item":{"@type":"HowToStep","text":"Cover and leave at room temperature for 12 to 14 hours."}},{"@type":"ListItem","item":{"@type":"HowToStep","text":"Turn out, divide into 10 and shape gently into balls. Rest 30 minutes."}},{"@type":"ListItem","item":{"@type":"HowToStep","text":"Press out to 15 cm. Cook on a griddle for 2 minutes, flip and cook 2 minutes more."}}]}}]`,
    pct: { 'bread flour': 100, salt: 2, 'instant yeast': 0.25, water: 72 },
    kinds: 'mix proof divide ball rest shape cook',
    rests: [780, 30],
    cook: [120, 120],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a scan',
    text: `BANNOCKS                                        57

Take 12 oz. barley meaI, 4 oz. plain flour, 1 teasp.
salt, 1 teasp. bicarbonate of soda and about 3/4 pt.
butter milk. Mix the dry in-
gredients in a basin. Stir in the butter milk to
form a soft dough. Turn on to a floured board and
roll out lightly to ½ in. thick. Cut into rounds
the size of a meat plate and bake on a hot girdle
for about 5 minutes on each side.`,
    pct: {
      'barley meal': 75,
      'plain flour': 25, // a pint of buttermilk by the chart of foods
      'butter milk': 96.8,
    },
    kinds: 'mix roll divide cook',
    rests: [],
    cook: [300, 300],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'a scan',
    text: `Recipe No. 1l8   P I T A   ( 10 pcs. )

Flour, strong ....... 6OO g
Water ............... 39O g
Salt ................ 12 g
Yeast, dried ........ 6 g
Oil ................. 18 g

Mix 4 min. , knead 8 min. Prove l hour.
Scale 1OO g. Round. Rest 15 min.
Roll 15 cm. Griddle 1 min. each side ,
then 30 sec. first side .`,
    pct: {
      'strong flour': 100,
      water: 65,
      salt: 2, // what stands behind a comma is how it is
      yeast: 1,
      oil: 3,
    },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [60, 15],
    cook: [60, 60, 30],
    pieceG: 100,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `Half a pound of oatmeal, half a pound of flour, a teaspoon of salt, half a teaspoon of soda and half a pint of buttermilk. Stir all together, knead lightly, roll out a quarter of an inch thick, cut in eight. Bake on the girdle for four minutes a side.`,
    pct: {
      oatmeal: 50,
      flour: 50, // a pint of buttermilk by the chart of foods
      buttermilk: 64.5,
    },
    kinds: 'mix knead roll divide cook',
    rests: [],
    cook: [240, 240],
  },
  {
    manner: 'words for numbers',
    text: `For a dozen: six hundred grams of bread flour, three hundred and sixty of water, sixty of yoghurt, twelve of salt, six of dried yeast. Mix five minutes. Prove an hour and a half. Divide into twelve, round, twenty minutes under a cloth. Roll to seventeen centimetres. Griddle, one minute, turn, three quarters of a minute.`,
    pct: { 'bread flour': 100, water: 60, yoghurt: 10, salt: 2, 'dried yeast': 1 },
    kinds: 'mix proof divide ball rest roll cook',
    rests: [90, 20],
    cook: [60, 45],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'parts by vessel',
    text: `Campfire dough. One mug of self-raising flour, half a mug of yoghurt, a pinch of salt. That's for two people. Stir, squeeze together, leave it ten minutes while the pan gets hot. Four pieces; flatten with your hands to the size of your palm. Three minutes each side with a plate on top.`,
    // self-raising flour is flour and powder
    pct: { 'plain flour': 100 },
    kinds: 'mix rest divide shape cook',
    rests: [10],
    cook: [180, 180],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'parts by vessel',
    text: `Injera the quick way: 2 cups teff flour, 1 cup plain flour, 4 cups water, 1 packet of yeast (7 g), 1 tsp salt at the end. Whisk flours, water and yeast, cover, and leave at room temperature for 24 hours. Pour off the water on top, stir in the salt. Pour a ladle into a hot non-stick pan in a spiral, cover, cook 2 minutes. One side only.`,
    pct: { 'teff flour': 66.7, 'plain flour': 33.3 },
    kinds: 'mix proof mix divide shape cook',
    rests: [1440],
    cook: [120],
    allergens: ['gluten', 'wheat'],
    others: ['teff', 'yeast'],
  },
  {
    manner: 'decimal commas',
    text: `Piadina romagnola, 8 pezzi / pieces
Farina/flour 0,500 kg
Strutto/lard 0,075 kg
Acqua/water 0,240 l
Sale/salt 0,010 kg
Bicarbonato/soda 0,003 kg

Impastare/knead 10 min
Riposo/rest 1,5 h
Dividere/divide: 8 x 100 g
Stendere/roll: 23 cm, 2,5 mm
Cuocere/cook: 1,5 min + 1 min`,
    pct: { flour: 100, lard: 15, water: 48, salt: 2, soda: 0.6 },
    kinds: 'mix knead rest divide roll cook',
    rests: [90],
    cook: [90, 60],
    pieceG: 100,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'decimal commas',
    text: `Dough for 30: flour T65 2,400 kg; water 1,560 kg; salt 0,048 kg; yeast 0,024 kg; oil 0,072 kg. Mix 3,5 min slow + 4,5 min fast. Bulk 1,25 h. 135 g, round. 0,5 h. Roll 22 cm. Griddle 1,25 min a side.`,
    pct: { 'flour T65': 100, water: 65, salt: 2, yeast: 1, oil: 3 },
    kinds: 'mix proof divide ball rest roll cook',
    rests: [75, 30],
    cook: [75, 75],
    pieceG: 135,
    allergens: ['gluten', 'wheat'],
  },
];
