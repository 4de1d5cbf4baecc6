import type { RecipeText } from './recipe-text.ts';

/** A seventy-ninth lot whose expectation was written before the reader saw it, two of each manner, as a school's folder of many years holds them. */
export const SEVENTY_NINTH: readonly RecipeText[] = [
  {
    manner: 'a handout',
    text: `Everyday wraps – group of 8

What we use
  600 g plain white flour
  12 g salt
  90 g sunflower oil
  300 g hand-hot water

What we do
1. Whisk flour and salt. Rub in the oil with your fingertips until the flour looks damp.
2. Add the water all at once and mix with a knife to a soft dough.
3. Knead 4 minutes on a dry table.
4. Cut the dough into 16 pieces (62 g each) and roll them into balls. Cover with film and rest for 25 minutes.
5. Roll each ball out very thin, 22 cm.
6. Heat a dry frying pan over high heat. Cook each wrap for 35 seconds, turn, 25 seconds.
7. Stack in a towel so that they steam soft.

Keeps 2 days in a bag. Freezes well.`,
    pct: { 'plain white flour': 100, salt: 2, 'sunflower oil': 15, 'hand-hot water': 50 },
    kinds: 'mix mix mix knead divide ball rest roll cook finish',
    rests: [25],
    cook: [35, 25],
    pieceG: 62,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a handout',
    text: `SPINACH FLATBREADS (no yeast)

Serves 6 as a snack

250 g self-raising flour
1/2 teaspoon salt
200 g plain yoghurt
100 g cooked spinach, squeezed dry and chopped
Oil for the pan

Method
Stir flour and salt together. Mix in the yoghurt and the spinach and bring together with your hands. Knead gently for 1 minute.
Leave to stand, covered, for 20 minutes.
Divide into six. Flatten each with floured hands into a 14 cm round.
Fry in a thin film of oil over medium heat for 2-3 minutes on each side, until golden.
Eat warm.`,
    pct: { 'plain flour': 100, 'baking powder': 5, 'plain yoghurt': 80 },
    kinds: 'mix knead rest divide shape cook',
    rests: [20],
    cook: [150, 150],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['salt', 'spinach'],
  },
  {
    manner: 'a table',
    text: `Recipe card 14: Sesame rounds

Material        Baker's %    Weight
--------------------------------------
Bread flour        90          900 g
Rye flour          10          100 g
Water              66          660 g
Salt                2           20 g
Yeast, dry        0.7            7 g
Malt                1           10 g
--------------------------------------
Total           169.7         1697 g

Operation        Time       Remarks
--------------------------------------
Mixing           4 min      slow
Kneading         5 min      fast
Bulk proof      75 min      26 °C
Scaling                     130 g
Rounding
Bench rest      20 min      covered
Pressing                    18 cm, sesame on top
Griddle          2 min      lid, then 90 s without`,
    pct: { 'bread flour': 90, 'rye flour': 10, water: 66, salt: 2, yeast: 0.7, malt: 1 },
    kinds: 'mix knead proof divide ball rest shape fill cook',
    rests: [75, 20],
    cook: [120, 90],
    pieceG: 130,
  },
  {
    manner: 'a table',
    text: `| | Group A (6) | Group B (10) |
|---|---|---|
| Atta | 360 g | 600 g |
| Water | 234 g | 390 g |
| Salt | 5 g | 8 g |

**Method**

| Step | |
|---|---|
| 1 | Mix, 3 min |
| 2 | Knead, 6 min |
| 3 | Rest, 30 min |
| 4 | Balls of 40 g |
| 5 | Roll 15 cm |
| 6 | Tawa: 20 s, turn, 40 s, flame 5 s |`,
    pct: { atta: 100, water: 65, salt: 1.4 },
    kinds: 'mix knead rest ball roll cook',
    rests: [30],
    cook: [20, 40, 5],
    pieceG: 40,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Focaccia-style griddle bread. Flour 100%, water 78%, olive oil 5%, salt 2.2%, fresh yeast 1.2%.
Mix 5 minutes; leave 20 minutes; fold; leave 20 minutes; fold; then 60 minutes. Divide at 250 g, stretch out gently to 22 cm on oiled trays, rest 30 minutes, dimple. Cook covered over low heat, 5 minutes, turn, 4 minutes.`,
    pct: { flour: 100, water: 78, 'olive oil': 5, salt: 2.2, 'fresh yeast': 1.2 },
    kinds: 'mix proof fold proof fold proof divide shape rest shape cook',
    rests: [20, 20, 60, 30],
    cook: [300, 240],
    pieceG: 250,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `LAVASH
white wheat flour 85 %
whole wheat flour 15 %
water 56 %
salt 1.7 %
dry yeast 0.4 %
sunflower oil 2 %

knead 12 min. bulk 90 min. pieces 100 g, balls, 15 min. roll 2 mm, 35 cm. saj, very hot: 40 s + 20 s. cover.`,
    pct: {
      'white wheat flour': 85,
      'whole wheat flour': 15,
      water: 56,
      salt: 1.7,
      'dry yeast': 0.4,
      'sunflower oil': 2,
    },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [90, 15],
    cook: [40, 20],
    pieceG: 100,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `I learned these from a neighbour who never weighed anything, so here are my weights: 450 g of plain flour, 9 g of salt, 6 g of dried yeast, 45 g of oil and 270 g of warm water. Stir it all together, give it ten minutes of kneading and an hour and a half under a cloth by the stove. Cut it into nine, roll the pieces into balls and wait ten minutes more. Press each ball flat and roll it to a circle of about 18 cm. Two minutes in a hot pan with the lid on, turn, another minute without it, and done.`,
    pct: { 'plain flour': 100, salt: 2, 'dried yeast': 1.3, oil: 10, 'warm water': 60 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [90, 10],
    cook: [120, 60],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `Buckwheat pancakes the Breton way: whisk 330 g buckwheat flour with 10 g coarse salt, pour in 750 ml cold water little by little and beat for five minutes until smooth, add one egg and let the batter stand for 2 hours in the fridge. Grease a hot flat griddle, pour on a ladle (about 120 g), spread it thin to 35 cm with the rake, cook for 90 seconds, turn, and cook 30 seconds more; butter it at the end.`,
    pct: { 'buckwheat flour': 100, 'coarse salt': 3, 'cold water': 227 },
    kinds: 'mix chill divide shape cook finish',
    rests: [120],
    cook: [90, 30],
    pieceG: 120,
    allergens: ['egg', 'milk'],
    others: ['egg', 'butter'],
  },
  {
    manner: 'a web page',
    text: `<main><h1>Soft Greek-style pita (no pocket)</h1><p>By Irini · updated March 3</p><p>Ready in: 2 hours · Makes: 8 · Level: Easy</p>
<h2>What you'll need</h2><ul><li>400g bread flour (about 3 &frac14; cups)</li><li>1 &frac12; tsp fine sea salt</li><li>2 tsp instant yeast</li><li>1 tsp sugar</li><li>260ml lukewarm water</li><li>2 tbsp olive oil, plus extra for brushing</li></ul>
<h2>How to make it</h2><ol><li>Whisk together flour, salt, yeast and sugar in a large bowl. Pour in the water and oil and mix until a shaggy dough forms.</li><li>Knead on a lightly floured surface for 8&ndash;10 minutes until smooth and springy.</li><li>Place in an oiled bowl, cover, and let rise in a warm spot for about 1 hour or until doubled in size.</li><li>Punch down the dough and divide into 8 equal pieces. Roll each into a ball and let rest 10 minutes.</li><li>Roll each ball into an 18cm circle.</li><li>Brush with olive oil and cook in a preheated skillet over medium-high heat for 1&frac12; minutes per side, until golden spots appear.</li></ol>
<h3>Tips</h3><p>Wrap in a towel as you go. Leftovers freeze for a month.</p><p><a href="#">Pin it!</a></p></main>`,
    pct: { 'bread flour': 100, 'lukewarm water': 65 },
    kinds: 'mix knead proof knead divide ball rest roll fill cook',
    rests: [60, 10],
    cook: [90, 90],
    allergens: ['gluten', 'wheat'],
    others: ['fine sea salt', 'yeast', 'sugar', 'olive oil'],
  },
  {
    manner: 'a web page',
    text: `<div id="post"><h2>Gluten-free corn cakes (arepa style)</h2><dl><dt>Pre-cooked white cornmeal</dt><dd>250 g</dd><dt>Warm water</dt><dd>330 g</dd><dt>Salt</dt><dd>5 g</dd><dt>Oil</dt><dd>10 g</dd></dl>
<p>Stir the salt into the water, add the cornmeal and mix with your hand for 3 minutes. Rest for 8 minutes. Knead in the oil.</p><p>Shape into 6 balls and flatten to discs 10 cm wide and 1.5 cm thick.</p><p>Cook on a greased griddle over medium heat for 7 minutes on each side.</p></div>`,
    pct: { 'pre-cooked white cornmeal': 100, 'warm water': 132, salt: 2, oil: 4 },
    kinds: 'mix rest knead ball shape cook',
    rests: [8],
    cook: [420, 420],
    allergens: [],
  },
  {
    manner: 'structured data',
    text: `{"@context":"http://schema.org","@type":"Recipe","name":"Za'atar man'oushe on the griddle","author":{"@type":"Person","name":"Lena"},"recipeYield":"8 servings","cookTime":"PT4M","recipeIngredient":["500 g bread flour","1 1/2 tsp salt","1 tsp sugar","7 g instant yeast","320 ml warm water","60 ml olive oil, divided","6 tbsp za'atar"],"recipeInstructions":[{"@type":"HowToStep","text":"In a bowl, combine flour, salt, sugar and yeast. Add the water and 2 tablespoons of the oil; mix to a dough."},{"@type":"HowToStep","text":"Knead for 10 minutes. Cover and let rise for 1 hour."},{"@type":"HowToStep","text":"Divide into 8 pieces, form balls, rest 15 minutes."},{"@type":"HowToStep","text":"Mix the za'atar with the remaining oil."},{"@type":"HowToStep","text":"Roll each ball to 18 cm and spread with the za'atar mixture."},{"@type":"HowToStep","text":"Cook on a hot griddle under a lid for 4 minutes, without turning."}]}`,
    pct: { 'bread flour': 100, 'instant yeast': 1.4, 'warm water': 64 },
    kinds: 'mix knead proof divide ball rest prepare roll fill cook',
    rests: [60, 15],
    cook: [240],
    others: ['salt', 'sugar', 'olive oil', "za'atar"],
  },
  {
    manner: 'structured data',
    text: `<html><head><script type="application/ld+json">{"@type":"Recipe","name":"Sweet potato roti","recipeYield":"10","recipeIngredient":["200 g mashed sweet potato","250 g whole wheat flour","1/2 teaspoon salt","1 tablespoon ghee","2 to 3 tablespoons water"],"recipeInstructions":[{"@type":"HowToStep","text":"Mix the sweet potato, flour, salt and ghee, adding water a little at a time until it comes together."},{"@type":"HowToStep","text":"Knead for 5 minutes and rest, covered, for 20 minutes."},{"@type":"HowToStep","text":"Divide into 10 balls. Roll each into a 15 cm round."},{"@type":"HowToStep","text":"Cook on a hot tawa for 1 minute per side, pressing with a cloth, until brown spots appear."}]}</script></head><body><p>Loading...</p></body></html>`,
    pct: { 'whole wheat flour': 100, 'mashed sweet potato': 80 },
    kinds: 'mix knead rest divide ball roll cook',
    rests: [20],
    cook: [60, 60],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['salt', 'ghee', 'water'],
  },
  {
    manner: 'a scan',
    text: `38                    BREADS OF THE HEARTH

OATCAKES. — ½ lb. medium oatmeal, a pinch of
bicarbonate of soda, a pinch of salt, 1 tablespoonful
melted dripping, about ¼ pint hot water.
   Mix the dry things, make a well, pour in the drip-
ping and enough water to make a stiff paste. Knead
quickly for a minute on a board strewn with meal,
roll into a round ¼ inch thick and cut in quarters.
Bake on a moderately hot girdle for 6 minutes, until
the edges curl; do not turn. Dry before the fire.`,
    pct: { 'medium oatmeal': 100, 'hot water': 62.6 },
    kinds: 'mix knead roll divide cook',
    rests: [],
    cook: [360],
    others: ['bicarbonate of soda', 'salt', 'dripping'],
  },
  {
    manner: 'a scan',
    text: `ROTI CANAI                     l2 pcs
Plain flour          6OO g
Salt                  lO g
Sugar                 15 g
Condensed milk        2O g
Water                33O g
Ghee, to coat        l2O g

Knead all but ghee l0 min. Divide in l2, ball,
coat with ghee. Rest 4 hrs. Stretch on an oiled
table until paper-thin, fold in the sides, coil.
Rest 1O min. Press to 18 cm. Griddle 2 min, turn,
9O sec. Clap together to fluff.`,
    pct: { 'plain flour': 100, salt: 1.7, sugar: 2.5, 'condensed milk': 3.3, water: 55 },
    kinds: 'mix knead divide ball rest shape coil rest shape cook finish',
    rests: [240, 10],
    cook: [120, 90],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['ghee'],
  },
  {
    manner: 'words for numbers',
    text: `For a dozen small breads take a kilo of flour, six hundred and fifty grams of water, twenty grams of salt, ten grams of dried yeast and two spoonfuls of honey. Mix four minutes, knead eight. Prove an hour and ten minutes. Divide into twelve, round up, and after a quarter of an hour roll to eighteen centimetres. Ninety seconds on the hot plate, turn, seventy.`,
    pct: { flour: 100, water: 65, salt: 2, 'dried yeast': 1 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [70, 15],
    cook: [90, 70],
    others: ['honey'],
  },
  {
    manner: 'words for numbers',
    text: `Grandfather's pan bread: two big cups of flour, a heaped teaspoon of baking powder, half a teaspoon of salt, a walnut of lard, and just under a cup of milk. Rub the lard in. Stir in the milk. Knead it ten times. Pat it out as thick as your thumb, fry it in a covered pan on a low fire for seven minutes, turn it, and seven more. Cut it in four.`,
    pct: { flour: 100 },
    kinds: 'mix mix knead divide shape cook',
    rests: [],
    cook: [420, 420],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['baking powder', 'salt', 'lard', 'milk'],
  },
  {
    manner: 'parts by vessel',
    text: `Bowl bread
By the bowl (mine holds 400 ml):
- 2 bowls of flour
- 3/4 bowl of water
- 1/4 bowl of oil
- 2 teaspoons of salt
- 2 teaspoons of yeast

Put everything in a basin and mix. Knead 10 min. Rise 1 h. Make 10 balls, rest 15 min, flatten by hand to 15 cm. Cook in a dry pan 2 min + 2 min.`,
    pct: { flour: 100 },
    kinds: 'mix knead proof ball rest shape cook',
    rests: [60, 15],
    cook: [120, 120],
    others: ['water', 'oil', 'salt', 'yeast'],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'parts by vessel',
    text: `Yoghurt pot flatbreads. Use the empty yoghurt pot (150 g) as your measure: 1 pot yoghurt, 3 pots self-raising flour, a pinch of salt, half a pot of milk. Mix, knead briefly (1 minute), rest 15 minutes, divide into 8, roll thin, cook in a hot dry pan 1 to 2 minutes each side.`,
    pct: { 'plain flour': 100, 'baking powder': 5 },
    kinds: 'mix knead rest divide roll cook',
    rests: [15],
    cook: [90, 90],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['yoghurt', 'salt', 'milk'],
  },
  {
    manner: 'decimal commas',
    text: `Kartoffelfladen / potato rounds (10)
0,5 kg boiled potatoes, mashed and cold
0,3 kg flour
0,012 kg salt
1 egg
Knead all together, 3 min. Rest 0,25 h. Shape 10 pieces, press flat: 11 cm, 0,8 cm thick. Pan, medium heat, 4,5 min per side.`,
    pct: { flour: 100, salt: 4 },
    kinds: 'mix knead rest divide shape cook',
    rests: [15],
    cook: [270, 270],
    allergens: ['egg', 'gluten', 'wheat'],
    others: ['potato', 'egg'],
  },
  {
    manner: 'decimal commas',
    text: `TORTILLAS DE HARINA (24 St. à 45 g)
Weizenmehl / wheat flour ... 0,640 kg
Schmalz / lard ............. 0,095 kg
Salz / salt ................ 12,8 g
Wasser / water (50 °C) ..... 0,345 kg
Mischen (mix) 3'. Kneten (knead) 5'. Ruhe (rest) 20'. Teilen (divide) 45 g. Rundwirken (ball). Ruhe (rest) 30'. Ausrollen (roll) 17 cm. Backen (bake) 30'' + 20''.`,
    pct: { 'wheat flour': 100, lard: 14.8, salt: 2, water: 53.9 },
    kinds: 'mix knead rest divide ball rest roll cook',
    rests: [20, 30],
    cook: [30, 20],
    pieceG: 45,
    allergens: ['gluten', 'wheat'],
  },
];
