import type { RecipeText } from './recipe-text.ts';

/** A fifty-first lot whose expectation was written before the reader saw it: two texts of each common manner. */
export const FIFTY_FIRST: readonly RecipeText[] = [
  {
    manner: 'a handout',
    text: `The Kneading Room · Evening course, week 3

OLIVE AND THYME GRIDDLE BREADS

Enough for 10 small breads

550 g strong white flour
11 g salt
6 g instant yeast
350 g water at 28 °C
25 g olive oil
100 g pitted olives, chopped
3 g thyme leaves

Method
1. Mix flour, salt, yeast, water and oil until there is no dry flour. Cover and leave for 15 minutes.
2. Knead for 8 minutes. Knead in the olives and the thyme.
3. Prove for 1 hour 15 minutes.
4. Divide into 10 and shape into balls. Rest for 15 minutes.
5. Press out to 14 cm.
6. Griddle over a medium heat: 2 minutes 30 seconds per side.
7. Brush with olive oil.`,
    pct: {
      'strong white flour': 100,
      salt: 2,
      'instant yeast': 1.1,
      water: 63.6,
      'olive oil': 4.5,
      'pitted olives': 18.2,
      'thyme leaves': 0.5,
    },
    // kneaded, and once more with the olives
    kinds: 'mix rest knead knead proof divide ball rest shape cook finish',
    rests: [15, 75, 15],
    cook: [150, 150],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a handout',
    text: `what you take home: the recipe for 4 people

CHAPATI
atta ......... 280 g
water ........ 190 g (hand warm)
salt ......... 4 g
oil .......... 1 tablespoon

knead all of it for 8 minutes
rest 30 minutes, covered
make 8 balls, dust with flour
roll to 17 cm
hot tawa: until bubbles, 30 seconds - turn - 45 seconds - turn - press and puff, 15 seconds
ghee on top if you like`,
    pct: { atta: 100, water: 67.9, salt: 1.4 },
    kinds: 'mix knead rest ball roll cook finish',
    rests: [30],
    cook: [30, 45, 15],
  },
  {
    manner: 'a table',
    text: `Dough for 15 flatbreads

ingredient          g       %
wheat flour T65     1000    100
water               620     62
salt                20      2
fresh yeast         15      1.5
sunflower oil       40      4

step            min
mix             4
knead           8
rise            60
divide, round   -
rest            15
roll 20 cm      -
griddle, 1 min each side   -`,
    pct: { water: 62, salt: 2, 'fresh yeast': 1.5, 'sunflower oil': 4 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [60, 15],
    cook: [60, 60],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a table',
    text: `<table><caption>Corn tortillas (16)</caption>
<tr><td>Masa harina</td><td>100%</td><td>500 g</td></tr>
<tr><td>Water, warm</td><td>135%</td><td>675 g</td></tr>
<tr><td>Salt</td><td>1%</td><td>5 g</td></tr>
</table>
<p>Knead 3 minutes. Rest 20 minutes under a cloth. Make 16 balls of 72 g. Press to 15 cm. Cook on a hot comal: 30 s, flip, 60 s, flip, 20 s.</p>`,
    pct: { 'masa harina': 100, salt: 1 },
    kinds: 'mix knead rest ball shape cook',
    rests: [20],
    cook: [30, 60, 20],
    pieceG: 72,
    allergens: [],
  },
  {
    manner: 'percentages alone',
    text: `Potato flatbread. Percent of flour: plain flour 100, cooked potato 80, water 25, salt 2.2, oil 4. Rice the potato while warm, add all, knead 3 min. Rest 20 min. 110 g pieces, round, rest 10 min. Roll 18 cm. Medium griddle, 2 min a side, oil brushed on while it cooks.`,
    pct: { 'plain flour': 100, 'cooked potato': 80, water: 25, salt: 2.2, oil: 4 },
    kinds: 'mix knead rest divide ball rest roll cook',
    rests: [20, 10],
    cook: [120, 120],
    pieceG: 110,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Levain pita
Bread flour 90
Rye 10
Water 66
Levain 20
Salt 2
Olive oil 3

Mix 5 min. Rest 30 min. Three folds, 30 min apart. Bulk 2 h more. Divide 90 g. Ball. Fridge overnight. Take out 1 h before. Roll 15 cm. Griddle 30 s, flip, 60 s, flip, 60 s.`,
    pct: { 'bread flour': 90, rye: 10, water: 66, levain: 20, salt: 2, 'olive oil': 3 },
    // between folds that are 30 minutes apart the dough rests
    kinds: 'mix rest fold rest fold rest fold proof divide ball chill temper roll cook',
    rests: [30, 30, 30, 120, 600, 60],
    cook: [30, 60, 60],
    pieceG: 90,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `Warm 150 ml of milk with 30 g of butter until the butter has melted, let it cool to blood heat, then stir in 7 g of instant yeast. Add 350 g of strong flour, 6 g of salt and 70 g of water and knead to a soft dough, about 8 minutes. Cover and leave to rise for an hour. Divide into seven, shape into balls, rest for ten minutes and roll to 16 cm. Cook on a medium griddle for two minutes, turn, and cook for a minute and a half.`,
    pct: { milk: 44.1, butter: 8.6, 'instant yeast': 2, 'strong flour': 100, salt: 1.7, water: 20 },
    kinds: 'prepare mix knead proof divide ball rest roll cook',
    rests: [60, 10],
    cook: [120, 90],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `It could not be simpler. Stir 300 g self-raising flour and a pinch of salt into a 300 g tub of yoghurt, knead it on a floured table for a minute, wrap it and let it be for twenty minutes. Quarter it, quarter the quarters, and you have sixteen; roll each to the size of your palm, about 9 cm, and cook them dry for a minute and a half a side. We eat them with everything.`,
    pct: { 'plain flour': 100, yoghurt: 105 },
    kinds: 'mix knead rest divide roll cook',
    rests: [20],
    cook: [90, 90],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'a web page',
    text: `<html><head><title>Whole Wheat Tortillas - Prairie Pantry</title></head><body><div class="banner">Free shipping over $50!</div>
<h1>Whole Wheat Tortillas</h1><p>&#9733;&#9733;&#9733;&#9733;&#9734; from 31 votes</p>
<p>PREP TIME 20 minutes &nbsp; REST 30 minutes &nbsp; COOK TIME 15 minutes</p>
<h2>Ingredients</h2><ul><li>3 cups whole wheat flour (360g)</li><li>1 teaspoon salt (6g)</li><li>1/3 cup olive oil (72g)</li><li>1 cup warm water (237g)</li></ul>
<h2>Instructions</h2><ul><li>Stir together the flour and salt. Add the oil and water and mix until a dough forms.</li><li>Knead for 2 minutes until smooth.</li><li>Cover and let the dough rest for 30 minutes.</li><li>Divide into 12 equal pieces and roll each into a ball.</li><li>On a lightly floured surface, roll each ball into an 8-inch circle.</li><li>Heat a skillet over medium-high heat. Cook each tortilla for about 45 seconds, then flip and cook 30 seconds more.</li><li>Transfer to a plate and cover with a towel.</li></ul>
<h2>Notes</h2><p>Store in the fridge for up to 5 days.</p></body></html>`,
    pct: { 'whole wheat flour': 100, salt: 1.7, 'olive oil': 20, 'warm water': 65.8 },
    kinds: 'mix knead rest divide ball roll cook',
    rests: [30],
    cook: [45, 30],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a web page',
    text: `<article><h1>Grandad's Sunday farls</h1>
<h2>You need</h2><p>450g plain flour, 1 tsp bicarbonate of soda, 1 tsp salt, 300ml buttermilk</p>
<h2>What to do</h2>
<p>1. Sieve the dry stuff into a bowl. Make a well, pour in nearly all the buttermilk and mix with a claw hand to a soft dough.</p>
<p>2. On a floured board shape it into a round about 2cm thick. Cut into four farls.</p>
<p>3. Dust a heavy pan with flour, heat it gently, and cook the farls for 10 minutes a side over a low flame.</p>
<p>4. Stand them on their edges for a minute to dry the sides.</p>
<p>Serve with salty butter.</p></article>`,
    pct: {
      'plain flour': 100, // 300 ml weigh 309 g: reckoned wrong
      buttermilk: 68.7,
    },
    kinds: 'mix shape divide cook',
    rests: [],
    cook: [600, 600],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'structured data',
    text: `{"@context":"https://schema.org","@type":"Recipe","name":"Olive oil laffa","recipeYield":"6 laffas","recipeIngredient":["400 g bread flour","100 g whole wheat flour","330 g water","10 g salt","5 g instant yeast","10 g sugar","30 g olive oil"],"recipeInstructions":[{"@type":"HowToStep","name":"Mix and knead","text":"Mix everything in a stand mixer on low for 3 minutes and on medium for 5 minutes."},{"@type":"HowToStep","name":"First rise","text":"Cover; let rise 75 minutes, until doubled."},{"@type":"HowToStep","name":"Divide","text":"Divide into 6 balls. Let them rest for 20 minutes."},{"@type":"HowToStep","name":"Stretch","text":"Roll, then stretch over your fists to 28 cm."},{"@type":"HowToStep","name":"Bake","text":"Bake on a blazing hot griddle, 1 minute on the first side, 30 seconds on the second."}]}`,
    pct: {
      'bread flour': 80,
      'whole wheat flour': 20,
      water: 66,
      salt: 2,
      'instant yeast': 1,
      sugar: 2,
      'olive oil': 6,
    },
    kinds: 'mix proof divide ball rest roll cook',
    rests: [75, 20],
    cook: [60, 30],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'structured data',
    text: `{"@type":"Recipe","name":"Corn and cheese arepas","recipeYield":8,"recipeIngredient":["300 g precooked corn flour","380 g warm water","6 g salt","20 g butter, melted","150 g grated cheese, for filling"],"recipeInstructions":[{"@type":"HowToStep","text":"Mix the corn flour, water, salt and butter. Rest 5 minutes, then knead 2 minutes."},{"@type":"HowToStep","text":"Divide into 8 balls and flatten to discs 10 cm across and 1 cm thick."},{"@type":"HowToStep","text":"Cook on an oiled griddle over medium-low heat for 6 minutes per side."},{"@type":"HowToStep","text":"Split and fill with the cheese."}]}`,
    pct: { 'precooked corn flour': 100, 'warm water': 126.7, salt: 2, butter: 6.7 },
    kinds: 'mix rest knead divide ball shape cook finish',
    rests: [5],
    cook: [360, 360],
    allergens: ['milk'],
    others: ['cheese'],
  },
  {
    manner: 'a scan',
    text: `Page l4

SINGIN' HINNIES
12 oz. plain flour; 3 oz. lard; 3 oz. butter; 4 oz.
currants; ½ teasp. salt; 1 teasp. baking powder;
¼ pint milk and sour cream mixed.
Rub the fats into the flour, salt and powder. Add
the currants, mix to a dough with the milk. Turn
out and knead gently. Roll out ¼ inch thick to a
large round. Bake on a greased girdle over gentle
heat, 5 minutes a side. Cut in quarters, split,
butter and serve hot.`,
    pct: { 'plain flour': 100, lard: 25, butter: 25, currants: 33.3 },
    kinds: 'mix mix knead divide roll cook',
    rests: [],
    cook: [300, 300],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'a scan',
    text: `COURSE NOTES - FLAT BREADS - sheet 3

YUFKA          Quantity: l2 sheets

Flour, white      5OO g
Water             28O ml
Salt              lO g

Knead l0 minutes till smooth. Divide into l2 ,
make balls, cover. Rest 3O minutes.
Roll with a thin pin to 3O cm, as thin as
possible. Bake on a hot sac 3O seconds, turn, 2O
seconds. Pile up and cover with a damp cloth.`,
    pct: { water: 56, salt: 2 },
    kinds: 'mix knead divide ball rest roll cook finish',
    rests: [30],
    cook: [30, 20],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `Four hundred grams of bread flour, one hundred of wholemeal, three hundred and thirty of water, ten of salt, half a teaspoon of dried yeast. Mix in the evening, cover, leave overnight at room temperature. In the morning divide into eight, ball, half an hour. Roll to eighteen centimetres. A minute a side on a hot griddle.`,
    pct: { 'bread flour': 80, wholemeal: 20, water: 66, salt: 2 },
    kinds: 'mix proof divide ball rest roll cook',
    rests: [600, 30],
    cook: [60, 60],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `Rub three ounces of lard into a pound of plain flour with a teaspoon of salt. Wet it with about nine fluid ounces of hot water and knead it for three or four minutes. Let it lie for a quarter of an hour. Make fifteen balls, and let those lie for another quarter of an hour. Roll them out to eight inches and cook them for thirty to forty seconds on each side.`,
    pct: { lard: 18.75, 'plain flour': 100, 'hot water': 56.4 },
    kinds: 'mix mix knead rest ball rest roll cook',
    rests: [15, 15],
    cook: [35, 35],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'parts by vessel',
    text: `1 large mug of strong flour
1 small mug... no: half a large mug of lukewarm water
1 flat teaspoon of salt
1 teaspoon of yeast
Knead 6 minutes, warm place 1 hour, four pieces, roll, hot pan, 1 minute 30 each side.`,
    pct: { 'strong flour': 100 },
    kinds: 'mix knead proof divide roll cook',
    rests: [60],
    cook: [90, 90],
    allergens: ['gluten', 'wheat'],
    others: ['water', 'yeast'],
  },
  {
    manner: 'parts by vessel',
    text: `Ratios for any class size, by volume: flour 6, warm water 2, oil 1/2. Salt: 1 teaspoon to each cup of flour... Knead five minutes, rest half an hour, divide into walnut-sized pieces, roll very thin and bake on a dry hot plate 20 seconds a side.`,
    pct: { flour: 100 },
    kinds: 'mix knead rest divide roll cook',
    rests: [30],
    cook: [20, 20],
    allergens: ['gluten', 'wheat'],
    others: ['water', 'oil'],
  },
  {
    manner: 'decimal commas',
    text: `Roggefladen 10 Stk.
Roggenmehl / rye flour 0,35 kg
Weizenmehl / wheat flour 0,15 kg
Wasser / water 0,36 kg
Salz / salt 0,01 kg
Sauerteig / sourdough 0,15 kg

mischen / mix 6 min; ruhen / rest 1,5 h; teilen / divide 100 g; formen / round; ruhen / rest 0,75 h; flach drücken / flatten 14 cm; backen / bake on the griddle 3,5 min, turn, 2,5 min.`,
    pct: { 'rye flour': 70, 'wheat flour': 30, water: 72, salt: 2, sourdough: 30 },
    kinds: 'mix proof divide ball rest shape cook',
    rests: [90, 45],
    cook: [210, 150],
    pieceG: 100,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'decimal commas',
    text: `Class quantities: flour 2,50 kg; water 1,55 l; salt 0,05 kg; yeast 0,025 kg; oil 0,10 kg → 42 breads of 100 g. Mix 8,0 min. Proof 1,0 h. Divide, round, rest 12,5 min. Roll 18,5 cm. Griddle 1,0 min + 0,75 min.`,
    pct: { flour: 100, water: 62, salt: 2, yeast: 1, oil: 4 },
    kinds: 'mix proof divide ball rest roll cook',
    rests: [60, 12.5],
    cook: [60, 45],
    pieceG: 100,
    allergens: ['gluten', 'wheat'],
  },
];
