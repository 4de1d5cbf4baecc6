import type { RecipeText } from './recipe-text.ts';

/** A fifty-fourth lot whose expectation was written before the reader saw it: two texts of each common manner. */
export const FIFTY_FOURTH: readonly RecipeText[] = [
  {
    manner: 'a handout',
    text: `Harvest Hall Bread Days
Basic griddle flatbread – keep this sheet

Quantities for 12 flatbreads
Strong white flour 720 g
Water (30 °C) 450 g
Salt 14 g
Dried yeast 7 g
Olive oil 30 g

Making the dough (15 minutes)
Put everything except the oil into your bowl and mix with one hand. When it holds together, work in the oil. Knead for 8 minutes.

First rising (1 hour)
Cover the bowl and leave it at room temperature.

Shaping (20 minutes)
Turn the dough out, divide it into 12 and make each piece into a ball. Rest them for 10 minutes. Roll to 18 cm.

Cooking (15 minutes)
Cook on a hot griddle for 1 minute on each side. Keep them wrapped.`,
    pct: { 'strong white flour': 100, water: 62.5, salt: 1.9, 'dried yeast': 1, 'olive oil': 4.2 },
    kinds: 'mix knead proof divide ball rest roll cook finish',
    rests: [60, 10],
    cook: [60, 60],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a handout',
    text: `RECIPE CARD  no. 11
Sweet: Cinnamon griddle spirals (8)

350 g plain flour / 5 g salt / 25 g sugar / 5 g instant yeast / 200 g warm milk / 30 g butter, soft
For inside: 50 g soft butter, 50 g brown sugar, 6 g cinnamon

o Mix and knead the dough, 8 min
o Rise, 45 min
o 8 pieces, ball, 10 min
o Roll out to 18 cm, spread with the butter, sprinkle with sugar and cinnamon
o Roll up, coil, tuck the end under, 10 min
o Press flat to 12 cm
o Low griddle, 4 min a side

Watch the sugar: it burns!`,
    pct: { 'plain flour': 100, salt: 1.4, sugar: 7.1, 'instant yeast': 1.4, 'warm milk': 57.1, butter: 8.6 },
    kinds: 'mix knead proof divide ball rest roll fill coil rest shape cook',
    rests: [45, 10, 10],
    cook: [240, 240],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['cinnamon'],
  },
  {
    manner: 'a table',
    text: `Corn & wheat tortilla | % | 1 batch
Wheat flour | 70 | 420 g
Maize flour, fine | 30 | 180 g
Water, hot | 60 | 360 g
Lard | 10 | 60 g
Salt | 1.8 | 11 g

Work step | Time / setting
Mix | 3 min
Knead | 3 min
Rest | 25 min
Divide | 16 x 64 g
Ball | –
Rest | 10 min
Roll | 18 cm
Comal | 35 s + 30 s`,
    pct: { 'wheat flour': 70, lard: 10, salt: 1.8 },
    kinds: 'mix knead rest divide ball rest roll cook',
    rests: [25, 10],
    cook: [35, 30],
    pieceG: 64,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a table',
    text: `Who    Bowl A (8 breads)   Bowl B (8 breads, no yeast)
-- we make bowl A today --

Bowl A
flour       480 g
water       300 g
salt        9 g
yeast       5 g

Mix 4 min, knead 8 min.
Proof 1 h.
8 balls, 10 min.
Roll 18 cm.
1 min each side.`,
    pct: { flour: 100, water: 62.5, salt: 1.9, yeast: 1 },
    kinds: 'mix knead proof ball rest roll cook',
    rests: [60, 10],
    cook: [60, 60],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Hearth rounds with whey: bread flour 85 %, whole spelt 15 %, whey 66 %, salt 2 %, fresh yeast 1.5 %, butter 3 %. Mix 4 min slow, 4 min fast. Dough temperature 26 °C. 75 min bulk, one fold at half time. 130 g, round, 25 min. Press 17 cm. 230 °C plate, 2 min a side.`,
    pct: { 'bread flour': 85, 'whole spelt': 15, whey: 66, salt: 2, 'fresh yeast': 1.5, butter: 3 },
    kinds: 'mix proof divide ball rest shape cook',
    rests: [75, 25],
    cook: [120, 120],
    pieceG: 130,
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Formula
-------
AP flour        100
Yoghurt          40
Water            22
Oil               5
Salt              1.8
Sugar             2
Baking powder     2

Process
-------
mix 3 min; rest 20 min; divide 90 g; ball; rest 10 min; stretch to 18 cm; skillet, lid on, 1 min; flip; lid off, 1 min`,
    pct: { 'ap flour': 100, yoghurt: 40, water: 22, oil: 5, salt: 1.8, sugar: 2, 'baking powder': 2 },
    kinds: 'mix rest divide ball rest shape cook',
    rests: [20, 10],
    cook: [60, 60],
    pieceG: 90,
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `Start a day ahead: stir 100 g of rye flour, 100 g of water and a spoonful of sourdough together and leave it overnight. The next day add 400 g of wheat flour, 230 g of water and 10 g of salt, knead for eight minutes and let it ferment for three hours. Shape eight balls, rest them for half an hour, press them out to 16 cm and bake them on a very hot griddle for two minutes on each side.`,
    pct: { 'rye flour': 20, 'wheat flour': 80, salt: 2 },
    kinds: 'mix rest mix knead proof ball rest shape cook',
    rests: [600, 180, 30],
    cook: [120, 120],
    allergens: ['gluten', 'wheat'],
    others: ['sourdough'],
  },
  {
    manner: 'one paragraph',
    text: `These are Petra's seeded crisps. She mixes 200 g of spelt flour with 50 g of sunflower seeds, 30 g of linseed, 6 g of salt, 40 g of oil and 110 g of boiling water, works it to a dough in a minute, wraps it and lets it sit for twenty minutes. Then she cuts it into six, rolls each piece between two sheets of paper as thin as the seeds allow, about 20 cm, and dries it on a low griddle for five minutes a side until it snaps.`,
    pct: {
      'spelt flour': 100,
      'sunflower seeds': 25,
      linseed: 15,
      salt: 3,
      oil: 20,
      'boiling water': 55,
    },
    kinds: 'mix knead rest divide roll cook',
    rests: [20],
    cook: [300, 300],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a web page',
    text: `<html><body><h1>Roti Canai at Home</h1><p class="lead">Flaky, chewy, worth the practice.</p>
<div class="recipe"><h2>Ingredients</h2><p>Makes 8</p><ul>
<li>400g plain flour</li><li>8g salt</li><li>1 egg</li><li>30g melted ghee, plus 80g soft ghee for stretching</li><li>190ml water</li></ul>
<h2>Method</h2><ol>
<li>Mix the flour, salt, egg, melted ghee and water and knead for 10 minutes. Rest for 20 minutes.</li>
<li>Divide into 8 and roll into balls. Coat with ghee, cover and rest for 4 hours at room temperature.</li>
<li>On an oiled worktop flatten a ball and stretch it as thin as you can, about 45cm. Dot with ghee, gather it into a rope and coil it. Rest for 10 minutes.</li>
<li>Flatten to 18cm.</li>
<li>Fry in a little ghee over a medium heat for 2 minutes each side until golden.</li>
<li>Clap it between your hands to loosen the layers.</li></ol></div></body></html>`,
    pct: { 'plain flour': 100, salt: 2, egg: 12.5, 'melted ghee': 7.5, water: 47.5 },
    kinds: 'mix knead rest divide ball rest shape fill coil rest shape cook finish',
    rests: [20, 240, 10],
    cook: [120, 120],
    allergens: ['egg', 'gluten', 'milk', 'wheat'],
  },
  {
    manner: 'a web page',
    text: `<main><h1>Griddle Soda Bread Wedges</h1>
<p>Yield: 4 wedges</p>
<h2>Ingredients</h2><ul><li>225 g wholemeal flour</li><li>225 g plain flour</li><li>1 teaspoon salt</li><li>1 teaspoon baking soda</li><li>340 ml buttermilk</li></ul>
<h2>Method</h2>
<p>Mix the dry ingredients well. Pour in the buttermilk and bring together quickly with your hand. On a floured surface, pat into a round 20 cm across and 2 cm thick. Cut into four.</p>
<p>Cook on a heavy griddle over low heat for 8 minutes on the first side. Turn and give the second side 8 minutes also. Prop up to dry the cut sides, 2 minutes.</p>
<p><i>Best on the day.</i></p></main>`,
    pct: { 'wholemeal flour': 50, 'plain flour': 50 },
    kinds: 'mix shape divide cook',
    rests: [],
    cook: [480, 480],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['buttermilk'],
  },
  {
    manner: 'structured data',
    text: `{"@context":"https://schema.org","@type":"Recipe","name":"Lentil flour wraps","recipeYield":"6","recipeIngredient":["200 g red lentil flour","400 g water","15 g olive oil","4 g salt","2 g cumin"],"recipeInstructions":[{"@type":"HowToStep","text":"Whisk everything together and leave for 30 minutes."},{"@type":"HowToStep","text":"Heat a lightly oiled pan over medium heat."},{"@type":"HowToStep","text":"Pour in about 100 g of batter and swirl to 20 cm."},{"@type":"HowToStep","text":"Cook for 2 minutes until set, flip carefully and cook for another minute."},{"@type":"HowToStep","text":"Stack with paper between."}]}`,
    pct: { 'red lentil flour': 100, water: 200, 'olive oil': 7.5, salt: 2, cumin: 1 },
    kinds: 'mix rest divide shape cook finish',
    rests: [30],
    cook: [120, 60],
    pieceG: 100,
    allergens: [],
  },
  {
    manner: 'structured data',
    text: `{"@context":"https://schema.org","@type":"Recipe","name":"Pesto pinwheel flatbreads","recipeYield":"8","recipeIngredient":["450 g bread flour","290 g water","9 g salt","5 g instant yeast","15 g olive oil","120 g pesto"],"recipeInstructions":[{"@type":"HowToStep","text":"Mix the first five ingredients and knead for 9 minutes."},{"@type":"HowToStep","text":"Cover; prove 1 hour."},{"@type":"HowToStep","text":"Divide into 8, round, rest 10 minutes."},{"@type":"HowToStep","text":"Roll thin, spread with 15 g of pesto each, roll up and coil into a snail. Rest 10 minutes."},{"@type":"HowToStep","text":"Roll out again to 15 cm."},{"@type":"HowToStep","text":"Griddle over medium heat, 2½ minutes per side."}]}`,
    pct: { 'bread flour': 100, water: 64.4, salt: 2, 'instant yeast': 1.1, 'olive oil': 3.3 },
    kinds: 'mix knead proof divide ball rest roll fill coil rest roll cook',
    rests: [60, 10, 10],
    cook: [150, 150],
    others: ['pesto'],
  },
  {
    manner: 'a scan',
    text: `32      Country Cooking

BARLEY BANNOCKS  (without eggs)
½ lb. barley meaI           ¼ lb. flour
1 teasp. soda               ½ teasp. salt
½ pint buttermilk (or sour
milk)
Mix all dry, add the milk, stir to a soft dough.
Turn on to a floured board, pat half an inch
thick, cut into four. Bake on a hot girdle,
steadily, about ten minutes on each side.`,
    pct: { 'barley meal': 66.7, flour: 33.3 },
    kinds: 'mix shape divide cook',
    rests: [],
    cook: [600, 600],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['buttermilk'],
  },
  {
    manner: 'a scan',
    text: `WORKSHOP RECIPE  B-l2
Spe1t wraps              Portions: I6

White spe1t flour   8OO g
Rapeseed oil         8O g
Water, warm         44O g
Salt                 l6 g

Mix 3 min.  Knead 2 min.
Rest 2O min.  covered.
Divide : 16 x 82 g.  Round.
Rest l5 min.
Roll 22 cm.  Griddle 4O s / 3O s.`,
    pct: { 'white spelt flour': 100, 'rapeseed oil': 10, salt: 2 },
    kinds: 'mix knead rest divide ball rest roll cook',
    rests: [20, 15],
    cook: [40, 30],
    pieceG: 82,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `A pound and a quarter of strong flour, twelve ounces of water, a teaspoon and a half of salt, a quarter of an ounce of dried yeast. Knead for ten minutes, leave to rise for an hour, knock back. Divide into ten, shape into balls, leave for ten minutes. Roll to seven inches. Bake on a hot girdle for a minute and a half on either side.`,
    pct: { 'strong flour': 100, water: 60, 'dried yeast': 1.25 },
    kinds: 'mix knead proof knead divide ball rest roll cook',
    rests: [60, 10],
    cook: [90, 90],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `You'll want two hundred grams of masa harina, two hundred and ninety of warm water and a pinch of salt for a dozen small tortillas. Mix, knead for two minutes, and let it rest for twenty minutes under a damp cloth. Roll it into twelve balls, press each between two bits of plastic to twelve centimetres, and cook on a hot dry pan: half a minute, flip, a minute, flip, a quarter of a minute.`,
    pct: { 'masa harina': 100, 'warm water': 145 },
    kinds: 'mix knead rest ball shape cook',
    rests: [20],
    cook: [30, 60, 15],
    allergens: [],
  },
  {
    manner: 'parts by vessel',
    text: `Scoop = the blue scoop (about 60 g flour)

4 scoops wholemeal flour
2 scoops white flour
3 scoops water
1 pinch salt per scoop of flour

Stir, knead 5 min, rest 20 min. Divide into 8. Roll 15 cm. Hot pan, 45 s a side.`,
    pct: { 'wholemeal flour': 66.7, 'white flour': 33.3 },
    kinds: 'mix knead rest divide roll cook',
    rests: [20],
    cook: [45, 45],
    allergens: ['gluten', 'wheat'],
    others: ['water', 'salt'],
  },
  {
    manner: 'parts by vessel',
    text: `Grandmother's cup held three handfuls. Flour: five cups. Lukewarm milk: one cup. Lukewarm water: one cup. Yeast: a piece like a walnut. Salt: a spoon. She kneaded it on the kitchen table until it sang, about ten minutes, and put it by the stove for an hour. Then twelve balls, a short rest of ten minutes, rolled with a bottle to the size of a plate, and on to the stove plate, a minute and a half each side.`,
    pct: { flour: 100 },
    kinds: 'mix knead proof ball rest roll cook',
    rests: [60, 10],
    cook: [90, 90],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['milk', 'water', 'yeast', 'salt'],
  },
  {
    manner: 'decimal commas',
    text: `PODPŁOMYKI / hearth cakes (12 szt.)
mąka / flour 0,60 kg
woda / water 0,36 l
sól / salt 12 g
olej / oil 0,024 l

wyrobić / knead 6 min – odpoczynek / rest 0,5 h – podzielić / divide 12 x 82 g – wałkować / roll 16 cm – płyta / griddle 1,5 min + 1,0 min`,
    pct: { flour: 100, water: 60, salt: 2 },
    kinds: 'mix knead rest divide roll cook',
    rests: [30],
    cook: [90, 60],
    pieceG: 82,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'decimal commas',
    text: `Naan für 20: Mehl (flour) 1,60 kg; Joghurt (yoghurt) 0,48 kg; Milch (milk) 0,50 l; Zucker (sugar) 0,04 kg; Salz (salt) 0,03 kg; Trockenhefe (dried yeast) 0,016 kg. Knead 9 min; rise 1,25 h; 20 balls; rest 12,5 min; stretch 22 cm; hot griddle with a lid 1,25 min, turn, 0,75 min.`,
    pct: { flour: 100, yoghurt: 30, milk: 32.2, sugar: 2.5, salt: 1.9, 'dried yeast': 1 },
    kinds: 'mix knead proof ball rest shape cook',
    rests: [75, 12.5],
    cook: [75, 45],
    allergens: ['gluten', 'milk', 'wheat'],
  },
];
