import type { RecipeText } from './recipe-text.ts';

/** A fifty-third lot whose expectation was written before the reader saw it: two texts of each common manner. */
export const FIFTY_THIRD: readonly RecipeText[] = [
  {
    manner: 'a handout',
    text: `THE GREEN DOOR KITCHEN
Class: Breads of the griddle, part 1

Recipe 2 – Turkish-style bazlama
(makes 6)

Ingredients
500 g strong white flour
120 g plain yoghurt
220 g lukewarm water
10 g salt
6 g dried yeast
5 g sugar

Method
Dissolve the yeast and the sugar in the water and wait 5 minutes. Stir in the yoghurt, then the flour and the salt. Knead for 8 minutes to a soft dough.
Cover and let it rise for 1 hour.
Divide into 6 and shape into balls. Rest 10 minutes.
Roll to 16 cm, about 1 cm thick. Cover and rest for 20 minutes.
Cook on a medium griddle for 3 minutes per side.
Wrap in a cloth.`,
    pct: {
      'strong white flour': 100,
      'plain yoghurt': 24,
      'lukewarm water': 44,
      salt: 2,
      'dried yeast': 1.2,
      sugar: 1,
    },
    kinds: 'mix bloom mix knead proof divide ball rest roll rest cook finish',
    rests: [5, 60, 10, 20],
    cook: [180, 180],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'a handout',
    text: `Handout for the Sunday family class

OUR TORTILLAS

For each family (8 tortillas): 240 g plain flour, 4 g salt, 35 g vegetable oil, 130 g hot water.

1. Mix it all with a spoon.
2. Knead 3 minutes on the table.
3. Cover with the bowl. Wait 15 minutes. (We draw a tortilla face.)
4. Make 8 balls.
5. Roll out as big as your hand with fingers spread, 16 cm.
6. Bring them to the griddle on a paper plate. We cook them: 40 seconds, flip, 30 seconds.
7. Fill and eat!`,
    pct: { 'plain flour': 100, salt: 1.7, 'vegetable oil': 14.6, 'hot water': 54.2 },
    kinds: 'mix knead rest ball roll cook',
    rests: [15],
    cook: [40, 30],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a table',
    text: `| Material | Per kg flour | This class (2.4 kg) |
|---|---|---|
| Bread flour | 1000 g | 2400 g |
| Water | 640 g | 1536 g |
| Salt | 20 g | 48 g |
| Yeast, instant | 8 g | 19 g |
| Oil | 30 g | 72 g |

Procedure: mix 4 min; knead 7 min; proof 60 min; divide 100 g; ball; rest 15 min; roll 19 cm; griddle 60 s, turn, 50 s.`,
    pct: { 'bread flour': 100, water: 64, salt: 2, 'instant yeast': 0.8, oil: 3 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [60, 15],
    cook: [60, 50],
    pieceG: 100,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a table',
    text: `Teff and wheat rounds

            g      %
Teff flour  150    30
White flour 350    70
Water       340    68
Salt        10     2
Yeast       5      1

Mix 5'
Rest 60'
Divide 8
Round
Rest 15'
Press 15 cm
Griddle 2' + 2'`,
    pct: { 'teff flour': 30, 'white flour': 70, water: 68, salt: 2, yeast: 1 },
    kinds: 'mix proof divide ball rest shape cook',
    rests: [60, 15],
    cook: [120, 120],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Msemen, formula of the course: semolina (fine) 50, flour 50, water 60, salt 2, yeast 0.2. Knead 15 min. Balls 80 g, oiled, rest 20 min. Flatten by hand on an oiled surface as thin as paper, butter, fold to a square, rest 10 min. Press out to 16 cm. Griddle medium 2.5 min a side.`,
    pct: { flour: 50, water: 60, salt: 2, yeast: 0.2 },
    kinds: 'mix knead ball rest shape fill shape rest shape cook',
    rests: [20, 10],
    cook: [150, 150],
    pieceG: 80,
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `GRIDDLE CIABATTA SQUARES
100 % bread flour
75 % water
2 % salt
0.5 % instant yeast
3 % olive oil

Mix until there is no dry flour. Rest 20 min. Fold. Rest 20 min. Fold. Proof 2 h. Tip out, cut into 110 g squares. Proof 30 min. Griddle over low heat, 5 min, turn, 4 min.`,
    pct: { 'bread flour': 100, water: 75, salt: 2, 'instant yeast': 0.5, 'olive oil': 3 },
    kinds: 'mix rest fold rest fold proof divide proof roll cook',
    rests: [20, 20, 120, 30],
    cook: [300, 240],
    pieceG: 110,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `To make ten rye flatbreads, mix 350 g of rye flour, 150 g of bread flour, 10 g of salt, 5 g of instant yeast and 375 g of warm water to a sticky dough. Cover it and let it rise for an hour and a half. With plenty of rye flour on the table divide it into ten, roll each piece to 16 cm and prick it all over. Let them rest for fifteen minutes on cloths, then bake them on a hot griddle for two minutes a side. Let them cool under a cloth so that they stay soft.`,
    pct: { 'rye flour': 70, 'bread flour': 30, salt: 2, 'instant yeast': 1, 'warm water': 75 },
    kinds: 'mix proof divide roll rest cook',
    rests: [90, 15],
    cook: [120, 120],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'one paragraph, so much to what was named before',
    text: `My flatmate's way with leftover mashed potato: weigh it, and to 300 g add 150 g of plain flour, a teaspoon of salt and a beaten egg. Mix with a fork to a soft dough. Flour your hands, divide the dough into six and pat each piece to a cake about 10 cm wide. Cook them in a buttered pan over a medium heat for four minutes on each side.`,
    pct: { 'plain flour': 100 },
    kinds: 'mix divide shape cook',
    rests: [],
    cook: [240, 240],
    allergens: ['egg', 'gluten', 'milk', 'wheat'],
    others: ['potato', 'egg'],
  },
  {
    manner: 'a web page',
    text: `<html><body><nav><a>Breads</a><a>Soups</a></nav><article>
<h1>Charred Scallion Flatbreads</h1>
<p class="stats">Active 35 min &bull; Total 1 h 45 min &bull; Makes 8</p>
<h2>For the dough</h2>
<ul><li>420 g all-purpose flour</li><li>8 g kosher salt</li><li>6 g instant yeast</li><li>250 g warm water</li><li>30 g neutral oil</li></ul>
<h2>For the filling</h2>
<ul><li>120 g scallions, thinly sliced</li><li>20 g toasted sesame oil</li><li>4 g salt</li></ul>
<h2>Steps</h2>
<ol><li>Mix the dough and knead until smooth, 8 minutes. Let rise 1 hour.</li>
<li>Divide into 8; rest 10 minutes.</li>
<li>Roll out to 18 cm; brush with sesame oil, scatter with scallions and salt; roll up, coil, and rest 10 minutes.</li>
<li>Flatten to 15 cm.</li>
<li>Cook in a lightly oiled skillet over medium-high heat, 2 to 3 minutes per side.</li></ol></article></body></html>`,
    pct: { 'all-purpose flour': 100, 'kosher salt': 1.9, 'instant yeast': 1.4, 'warm water': 59.5, 'neutral oil': 7.1 },
    kinds: 'mix knead proof divide rest roll fill coil rest shape cook',
    rests: [60, 10, 10],
    cook: [150, 150],
    allergens: ['gluten', 'sesame', 'wheat'],
    others: ['scallions', 'sesame oil'],
  },
  {
    manner: 'a web page',
    text: `<div class="entry"><h2>Besan chilla (chickpea pancakes)</h2>
<p>Ingredients: 180 g besan, 270 ml water, 1 small onion, 1 green chilli, a handful of coriander, 1/2 tsp turmeric, 1 tsp salt, oil for the pan</p>
<p>Directions: Whisk the besan with the water, turmeric and salt until smooth and let it sit for 15 minutes. Chop the onion, chilli and coriander and stir them in. Heat an oiled tawa. Pour in a ladleful (80 g), spread to 16 cm, and cook for 2 minutes. Drizzle oil around the edge, flip, and cook for 1 minute 30 seconds.</p></div>`,
    pct: { besan: 100, water: 150 },
    kinds: 'mix rest prepare mix divide shape cook',
    rests: [15],
    cook: [120, 90],
    pieceG: 80,
    allergens: [],
    others: ['onion', 'chilli', 'coriander', 'turmeric'],
  },
  {
    manner: 'structured data',
    text: `{"@context":"https://schema.org","@type":"Recipe","name":"Spelt and yoghurt naan","recipeYield":"6 naan","recipeIngredient":["375 g white spelt flour","150 g plain yoghurt","100 g warm water","7 g salt","5 g instant yeast","15 g honey"],"recipeInstructions":[{"@type":"HowToStep","text":"Combine everything and mix to a soft dough; rest 10 minutes, then knead gently for 3 minutes."},{"@type":"HowToStep","text":"Cover and prove until doubled, about 1 hour 15 minutes."},{"@type":"HowToStep","text":"Divide into 6, shape into balls and rest for 15 minutes."},{"@type":"HowToStep","text":"Stretch each one to an oval of 20 cm."},{"@type":"HowToStep","text":"Cook in a very hot pan with the lid on for 1 minute; turn; cook for 1 minute without the lid."}]}`,
    pct: {
      'white spelt flour': 100,
      'plain yoghurt': 40,
      'warm water': 26.7,
      salt: 1.9,
      'instant yeast': 1.3,
      honey: 4,
    },
    kinds: 'mix rest knead proof divide ball rest shape cook',
    rests: [10, 75, 15],
    cook: [60, 60],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'structured data',
    text: `{"@context":"https://schema.org","@graph":[{"@type":"ImageObject","url":"x"},{"@type":["Recipe","NewsArticle"],"headline":"x","name":"Griddle oatcakes","recipeYield":"12 oatcakes","recipeIngredient":["250 g medium oatmeal","50 g plain flour","5 g salt","40 g lard","150 g boiling water"],"recipeInstructions":[{"@type":"HowToStep","text":"Mix the oatmeal, flour and salt."},{"@type":"HowToStep","text":"Melt the lard in the boiling water and pour it over; stir to a firm dough."},{"@type":"HowToStep","text":"Roll out quickly to 5 mm while still warm and cut out 8 cm rounds."},{"@type":"HowToStep","text":"Cook on a moderate griddle for 4 minutes on each side, then leave to crisp on a rack."}]}]}`,
    pct: { 'medium oatmeal': 83.3, 'plain flour': 16.7, salt: 1.7, lard: 13.3, 'boiling water': 50 },
    // fat that is melted in the water is made ready, as in earlier lots
    kinds: 'mix prepare mix roll divide cook',
    rests: [],
    cook: [240, 240],
  },
  {
    manner: 'a scan',
    text: `22           THE TENT AND TRAIL COOK BOOK

Griddle Bread (for a party of 8)
4 cups plain flour              2 teasp. salt
4 teasp. baking powder          2 oz. dripping
1½ cups milk and water

Mix dry ingredients. Rub in dripping. Moisten
with the milk and water. Turn on floured board,
knead Iightly, divide into 8 and flatten to ½
inch. Cook on a hot greased griddle 6 minutes
each side.`,
    pct: { 'plain flour': 100 },
    kinds: 'mix mix mix knead divide shape cook',
    rests: [],
    cook: [360, 360],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['milk', 'dripping'],
  },
  {
    manner: 'a scan',
    text: `SEMINAR "FLATBREADS"        handout 4/7

Carta di griglia              (15 pcs.)

5OO g  durum semolina
25O g  water
1O g   salt
1O g   olive oil

Knead l5 min. Rest 3O min. Scale 5O g, round,
rest 2O min. Roll 25 cm as thin as paper. Hot
plate: 4O sec. per side. Brush with oil, sprin-
kle with salt.`,
    pct: { 'durum semolina': 100, water: 50, salt: 2, 'olive oil': 2 },
    kinds: 'mix knead rest divide ball rest roll cook finish',
    rests: [30, 20],
    cook: [40, 40],
    pieceG: 50,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `For the afternoon group: one and a half kilos of strong flour, nine hundred and sixty grams of water, thirty grams of salt, fifteen grams of instant yeast and seventy-five grams of oil. Mix for five minutes and knead for ten. Prove for an hour. Divide into twenty-four pieces, round them, and rest for a quarter of an hour. Roll to eighteen centimetres. A minute on one side, three quarters of a minute on the other.`,
    pct: { 'strong flour': 100, water: 64, salt: 2, 'instant yeast': 1, oil: 5 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [60, 15],
    cook: [60, 45],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `Half a kilo of wholemeal flour, three hundred and fifty millilitres of buttermilk, ten grams of salt, eight grams of bicarbonate of soda. Stir together quickly; a minute's kneading is plenty. Divide in six, flatten each piece to two centimetres, and bake on a gentle griddle for seven minutes, turn, and seven minutes more.`,
    pct: { 'wholemeal flour': 100, salt: 2, 'bicarbonate of soda': 1.6 },
    kinds: 'mix knead divide shape cook',
    rests: [],
    cook: [420, 420],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['buttermilk'],
  },
  {
    manner: 'parts by vessel',
    text: `Dough by the glass (200 ml glass):
flour – 4 glasses
milk – 1 glass
water – 1/2 glass
sunflower oil – 1/4 glass
salt – 2 teaspoons
instant yeast – 2 teaspoons

Mix, knead 8 minutes, let rise 1 hour. Divide into 10. Ball. 10 minutes. Roll to 15 cm. Dry pan, 1 minute each side.`,
    pct: { flour: 100 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [60, 10],
    cook: [60, 60],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['milk', 'water', 'oil', 'yeast'],
  },
  {
    manner: 'parts by vessel',
    text: `With a soup ladle: four ladles of buckwheat flour, five ladles of water, one egg, a spoon of salt. Beat, leave overnight in the fridge. One small ladle per pancake, spread thin on the hot griddle with a wooden rake. One minute and a half, turn, one minute. Butter.`,
    pct: { 'buckwheat flour': 100 },
    // written without the finish: "Butter." is one
    kinds: 'mix chill divide shape cook finish',
    rests: [600],
    cook: [90, 60],
    others: ['water', 'egg', 'salt'],
  },
  {
    manner: 'decimal commas',
    text: `Flatbrød til kurset: 0,4 kg rugmel/rye flour, 0,6 kg hvetemel/wheat flour, 0,64 l vann/water, 18 g salt, 6,5 g gjær/yeast. Elte/knead 8 min. Heve/proof 1,5 h. Dele/divide 20 x 82 g, trille/ball, hvile/rest 10 min. Kjevle/roll 24 cm. Takke/griddle 0,75 min + 0,75 min.`,
    pct: { 'rye flour': 40, 'wheat flour': 60, water: 64, salt: 1.8, yeast: 0.65 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [90, 10],
    cook: [45, 45],
    pieceG: 82,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'decimal commas',
    text: `Tortillas, 30 stuks
1,050 kg bloem (flour)
0,560 l warm water
0,125 kg reuzel (lard)
0,020 kg zout (salt)

1. Mix 4,5 min, rest 0,5 h.
2. Divide into 58 g balls, rest 0,25 h.
3. Roll 19 cm, 1,8 mm.
4. Griddle 0,5 min, turn, 0,4 min.`,
    pct: { flour: 100, 'warm water': 53.3, lard: 11.9, salt: 1.9 },
    kinds: 'mix rest divide ball rest roll cook',
    rests: [30, 15],
    cook: [30, 24],
    pieceG: 58,
    allergens: ['gluten', 'wheat'],
  },
];
