import type { RecipeText } from './recipe-text.ts';

/** A seventh lot whose expectation was written before the reader saw it: one text of each manner in which instructors bring their recipes. */
export const SEVENTH: readonly RecipeText[] = [
  {
    manner: 'a handout of a teacher',
    text: `LOCKKEEPER'S GRIDDLE BREAD
For one station (2 people, 6 breads)

What you need
450 g strong white flour
280 g lukewarm water
9 g fine salt
4 g instant yeast
25 g olive oil

What you do
1) Mix the dry things, add water and oil, stir until no dry flour is left. (5 min)
2) Knead on the bench until it springs back. (8 min)
3) Bulk proof in an oiled bowl, covered, 50 min at room temperature.
4) Divide into 6, round up.
5) Bench rest 12 min under a cloth.
6) Roll to 22 cm, about 4 mm thick.
7) Griddle: 75 s first side, 60 s second side, high heat.
If it tears while rolling: let it rest for 5 more minutes.
Careful – the griddle stays hot long after it is off.`,
    pct: { 'strong white flour': 100, 'lukewarm water': 62.2, 'fine salt': 2, 'instant yeast': 0.9, 'olive oil': 5.6 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [50, 12],
    cook: [75, 60],
    pieceG: 128,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a table with pipes',
    text: `Sluice flatbread

| Ingredient       | Baker's % | Grams |
|------------------|-----------|-------|
| Bread flour      | 80        | 400   |
| Wholemeal flour  | 20        | 100   |
| Water            | 66        | 330   |
| Salt             | 2         | 10    |
| Fresh yeast      | 1.2       | 6     |

Mix for 4 minutes and knead for 6 minutes. Proof for 70 minutes. Scale at 105 g and round. Rest for 20 minutes. Stretch by hand to 20 cm. Cook on the stone for 2 minutes, turn and cook for another minute.`,
    pct: { 'bread flour': 80, 'wholemeal flour': 20, water: 66, salt: 2, 'fresh yeast': 1.2 },
    kinds: 'mix knead proof divide ball rest shape cook',
    rests: [70, 20],
    cook: [120, 60],
    pieceG: 105,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `House flatbread formula: flour 100 %, water 64 %, yogurt 10 %, salt 1.8 %, instant yeast 0.6 %, oil 3 %. Piece weight 95 g. Mix 3 min, knead 7 min, bulk 60 min, divide, ball, rest 15 min, roll to 19 cm, cook 50 s + 40 s.`,
    pct: { flour: 100, water: 64, yogurt: 10, salt: 1.8, 'instant yeast': 0.6, oil: 3 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [60, 15],
    cook: [50, 40],
    pieceG: 95,
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `My grandmother's everyday bread: rub 30 g of lard into 400 g of plain flour with 8 g of salt, pour in 220 g of hot water, stir with a knife, then knead for five minutes. Leave it under an upturned bowl for half an hour. Cut it into eight, roll each piece out as thin as you can, to about 20 cm, and bake them one at a time on a dry iron pan, about a minute on the first side and half a minute on the other.`,
    pct: { 'plain flour': 100, lard: 7.5, salt: 2, 'hot water': 55 },
    // written as one mix; rubbing in is a mix of its own, as in the lots before
    kinds: 'mix mix knead rest divide roll cook',
    rests: [30],
    cook: [60, 30],
    pieceG: 82,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a web page',
    text: `<html><head><title>Easy stovetop flatbread</title><script>track(1)</script></head><body>
<nav>Home | Recipes | About</nav>
<h1>Easy stovetop flatbread</h1><p>Jump to recipe. This post may contain affiliate links.</p>
<p>Prep time: 15 mins &nbsp; Rest time: 30 mins &nbsp; Cook time: 20 mins</p>
<h2>Ingredients</h2><ul><li>2&frac12; cups (300 g) all-purpose flour</li><li>&frac34; cup (180 ml) warm water</li><li>1 tsp (6 g) salt</li><li>2 tbsp (27 g) olive oil</li></ul>
<h2>Instructions</h2><ol><li>In a large bowl, combine flour and salt. Add water and oil and mix to a shaggy dough.</li><li>Knead for 5 minutes.</li><li>Cover and let rest for 30 minutes.</li><li>Divide into 6 equal pieces. Roll each into a 7-inch circle.</li><li>Heat a skillet over medium-high heat. Cook for 1 to 2 minutes per side.</li></ol>
<div class="ad">Sign up for our newsletter!</div><h3>Comments</h3><p>Anna: I used 400 g flour and it was lovely!</p></body></html>`,
    pct: { 'all-purpose flour': 100, 'warm water': 60, salt: 2, 'olive oil': 9 },
    kinds: 'mix knead rest divide roll cook',
    rests: [30],
    cook: [90, 90],
    pieceG: 85.5,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'structured data',
    text: `{"@context":"https://schema.org","@type":"Recipe","name":"Weaver's wraps","recipeYield":"10 wraps","recipeIngredient":["500 g plain flour","260 ml water","60 g vegetable shortening","10 g salt","1 teaspoon baking powder"],"recipeInstructions":[{"@type":"HowToStep","text":"Rub the shortening into the flour, salt and baking powder."},{"@type":"HowToStep","text":"Add the water and knead for 4 minutes."},{"@type":"HowToStep","text":"Divide into 10 balls and rest for 20 minutes, covered."},{"@type":"HowToStep","text":"Roll each ball to a 25 cm round."},{"@type":"HowToStep","text":"Cook in a hot dry pan for 45 seconds, flip, and cook 30 seconds more."}]}`,
    pct: { 'plain flour': 100, water: 52, 'vegetable shortening': 12, salt: 2, 'baking powder': 0.8 },
    // written as one mix, see above
    // "divide into balls" is two steps: written as one at first
    kinds: 'mix mix knead divide ball rest roll cook',
    rests: [20],
    cook: [45, 30],
    pieceG: 83.5,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a scan',
    text: `HARBOUR  FLAT  LOAVES
(makes 8)
6OO g strong flour        372 g water
12 g  salt         6 g dried  yeast
Mix all and knead well for ten min-
utes. Cover and leave to rise for one
hour, until doubled. Knock back, di-
vide into eight and shape into balls.
Rest fifteen minutes. Roll out to
18 cm. Bake on the griddle two min-
utes each side.`,
    pct: { 'strong flour': 100, water: 62, salt: 2, 'dried yeast': 1 },
    // knocking back is kneading, as in the lots before
    kinds: 'mix knead proof knead divide ball rest roll cook',
    rests: [60, 15],
    cook: [120, 120],
    pieceG: 123,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `Two hundred and fifty grams of wholemeal flour and the same of white flour, a teaspoon and a half of salt, three hundred and thirty millilitres of warm water and two tablespoons of oil. Mix, knead for about six minutes, and rest, covered, for three quarters of an hour. Make a dozen balls, roll them out, and cook each for forty seconds a side on a hot griddle.`,
    // oil was written as 5.5; a table spoon of it is 12.5 g by the chart that the reader has
    pct: { 'wholemeal flour': 50, 'white flour': 50, salt: 1.8, 'warm water': 66, oil: 5 },
    kinds: 'mix knead rest ball roll cook',
    rests: [45],
    cook: [40, 40],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'parts by vessel',
    text: `Camp bread: three mugs of flour to one mug of water, a good pinch of salt and a spoon of oil for each mug of flour. Bring it together, knead till smooth, leave for 20 minutes. Break off balls, flatten to a hand's width, and bake on a hot stone, 2 minutes a side.`,
    pct: { flour: 100 },
    kinds: 'mix knead rest ball shape cook',
    rests: [20],
    cook: [120, 120],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'decimal commas',
    text: `Fladen vom Blech (in English for the group)
1,0 kg flour type 550
0,62 l water
20,0 g salt
12,5 g fresh yeast
0,03 kg oil
Mix 4 min slow, 6 min fast. Rest 45 min. Weigh 110 g pieces, round, rest 10 min. Roll out 3 mm. Griddle 1,5 min per side.`,
    // the type of a flour is of its name
    pct: { 'flour type 550': 100, water: 62, salt: 2, 'fresh yeast': 1.25, oil: 3 },
    // written as "mix knead"; slow and fast in one clause are one mix, as in the lots before
    kinds: 'mix proof divide ball rest roll cook',
    rests: [45, 10],
    cook: [90, 90],
    pieceG: 110,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a filling beside the dough',
    text: `Spinach pockets (8)
Dough: 400 g plain flour, 230 g water, 8 g salt, 20 g oil.
Filling: 300 g spinach, 150 g feta, 1 small onion, pepper.
Make the dough, knead 7 minutes, rest 30 minutes. Meanwhile chop the onion, wilt the spinach for 3 minutes and crumble in the feta. Divide the dough into 8, roll to 16 cm, put filling on one half, fold and press the edges. Cook on a lightly oiled griddle over medium heat, 3 minutes per side.`,
    pct: { 'plain flour': 100, water: 57.5, salt: 2, oil: 5 },
    // written without the filling's own work, which the lots before count
    kinds: 'mix knead rest prepare divide roll fill cook',
    rests: [30],
    cook: [180, 180],
    pieceG: 82.3,
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'an overnight dough, with options',
    text: `Slow rounds
500 g bread flour, 340 g cold water, 10 g salt, 1 g instant yeast. Makes 6.
Evening: mix until just combined. After 30 minutes give it a fold. Cover and chill for 14 hours in the fridge.
Next day: take it out for 1 hour. Divide into 6, round, rest 30 minutes. If you like, brush with garlic butter after baking. Stretch to 20 cm and cook 2 minutes a side in a very hot pan with a lid for the first side.`,
    pct: { 'bread flour': 100, 'cold water': 68, salt: 2, 'instant yeast': 0.2 },
    kinds: 'mix rest fold chill temper divide ball rest shape cook',
    rests: [30, 840, 60, 30],
    cook: [120, 120],
    pieceG: 141.8,
  },
];
