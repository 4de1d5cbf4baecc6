import type { RecipeText } from './recipe-text.ts';

/** A fifty-ninth lot whose expectation was written before the reader saw it: two texts of each common manner. */
export const FIFTY_NINTH: readonly RecipeText[] = [
  {
    manner: 'a handout',
    text: `Tuesday group: KHOBZ (Moroccan-style pan bread), 4 loaves

What you need
- 400 g fine semolina
- 200 g plain flour
- 12 g salt
- 8 g dried yeast
- 10 g sugar
- 380 ml warm water

What to do
1. Stir yeast and sugar into half of the water; wait 10 minutes until it froths.
2. Mix semolina, flour and salt. Add the yeast water and as much of the rest as you need for a soft dough.
3. Knead for 10 minutes.
4. Shape into 4 balls, cover, rest for 10 minutes.
5. Flatten to discs of about 18 cm, 1 cm thick. Cover with a cloth and let rise for 45 minutes.
6. Prick with a fork. Cook in a dry pan over medium heat, 5 minutes per side.`,
    pct: { 'fine semolina': 66.7, 'plain flour': 33.3, salt: 2, 'dried yeast': 1.3, sugar: 1.7, 'warm water': 63.3 },
    kinds: 'mix bloom mix knead ball rest shape proof cook',
    rests: [10, 10, 45],
    cook: [300, 300],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a handout',
    text: `Class notes – "No-yeast wraps"

Amounts per student: plain flour 120 g, olive oil 12 g, salt 2 g, hot water 65 g.

1) Flour, salt and oil in the bowl; rub until crumbly.
2) Add the hot water; stir with the handle of a spoon.
3) Knead 3 min when it is cool enough to touch.
4) Bowl over the dough, 20 min.
5) Cut into 3, round, roll to 18 cm.
6) Dry pan, hot: 40 s, flip, 30 s.
7) Into the folded cloth.

Allergens: wheat, gluten.`,
    pct: { 'plain flour': 100, 'olive oil': 10, salt: 1.7, 'hot water': 54.2 },
    kinds: 'mix mix knead rest divide ball roll cook finish',
    rests: [20],
    cook: [40, 30],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a table',
    text: `| | 4 pitas | 8 pitas |
|---|---|---|
| Bread flour | 250 g | 500 g |
| Water | 160 g | 320 g |
| Salt | 5 g | 10 g |
| Yeast (instant) | 2.5 g | 5 g |
| Olive oil | 10 g | 20 g |

Mix 4 min, knead 6 min. Proof 1 h. Divide (100 g), round, rest 15 min. Roll 15 cm. Griddle hot, 60 s, turn, 60 s, turn, 20 s.`,
    pct: { 'bread flour': 100, water: 64, salt: 2, 'instant yeast': 1, 'olive oil': 4 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [60, 15],
    cook: [60, 60, 20],
    pieceG: 100,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a table',
    text: `TIMELINE – roti class
10:00-10:05  mix (in bowls)
10:05-10:13  knead
10:13-10:43  rest
10:43-10:50  divide into 8 and ball
10:50-11:10  roll, 16 cm
11:10-11:30  cook: 30 s, turn, 30 s, turn, 15 s

FORMULA
atta     500 g
water    330 g
salt       5 g
oil       15 g`,
    pct: { atta: 100, water: 66, salt: 1, oil: 3 },
    kinds: 'mix knead rest divide ball roll cook',
    rests: [30],
    cook: [30, 30, 15],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Tortilla de harina: all-purpose 100, hot water 50, lard 14, salt 1.6, baking powder 1. Rub lard in, add water, knead 4 min. Rest 30 min. 45 g balls. Rest 30 min more. Roll 19 cm. Comal high, 25 s, flip, 25 s.`,
    pct: { 'all-purpose': 100, 'hot water': 50, lard: 14, salt: 1.6, 'baking powder': 1 },
    kinds: 'mix mix knead rest ball rest roll cook',
    rests: [30, 30],
    cook: [25, 25],
    pieceG: 45,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages alone, a preferment that stands',
    text: `Flour (T65) 100 % · Water 62 % · Salt 1,9 % · Poolish 40 % (equal flour and water, 12 h) · Oil 3 %
Mixing 3' slow 4' fast · Bulk 50' · Divide 130 g · Ball · Rest 25' · Stretch 22 cm · Griddle 80'' + 60''`,
    pct: { 'flour T65': 100, water: 62, salt: 1.9, oil: 3 },
    kinds: 'rest mix proof divide ball rest shape cook',
    rests: [720, 50, 25],
    cook: [80, 60],
    pieceG: 130,
    others: ['poolish'],
  },
  {
    manner: 'one paragraph',
    text: `Dissolve 8 g of dried yeast and 10 g of honey in 350 g of warm water and leave it for five minutes. Beat in 150 g of wholemeal flour and leave the sponge, covered, for forty minutes. Now add 10 g of salt, 20 g of olive oil and 380 g of white flour, mix well, and knead for eight minutes until springy. Let it double, which takes about an hour, then cut it into nine, roll the pieces into balls and, after a ten minute rest, roll them out to 17 cm. A very hot griddle bakes them in a minute on the first side and forty seconds on the second.`,
    pct: {
      'wholemeal flour': 28.3,
      'white flour': 71.7,
      'dried yeast': 1.5,
      honey: 1.9,
      'warm water': 66,
      salt: 1.9,
      'olive oil': 3.8,
    },
    kinds: 'mix bloom mix rest mix knead proof divide ball rest roll cook',
    rests: [5, 40, 60, 10],
    cook: [60, 40],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `What my grandmother called stove bread: 300 g of plain flour, half a teaspoon of salt, a heaped teaspoon of baking powder, a good tablespoon of yoghurt and as much milk as makes it soft, about 180 ml. Stir it with a fork, turn it out, press it together, cut in six and roll each into a thumb-thick round. Cook on a moderate plate, five minutes, turn, five minutes, and eat at once with butter.`,
    pct: { 'plain flour': 100, milk: 61.8 },
    kinds: 'mix divide roll cook',
    rests: [],
    cook: [300, 300],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['salt', 'baking powder', 'yoghurt'],
  },
  {
    manner: 'a web page',
    text: `<html><body><h1>Scallion pancakes</h1><div>Difficulty: medium</div><h2>INGREDIENTS</h2><ul><li>2 cups (250 g) all purpose flour</li><li>&frac34; cup (180 ml) boiling water</li><li>&frac12; teaspoon salt</li><li>4 scallions, thinly sliced</li><li>2 tablespoons sesame oil</li><li>Neutral oil for frying</li></ul><h2>INSTRUCTIONS</h2><ol><li><strong>Make the dough.</strong> Stir the boiling water into the flour and salt. Knead 5 minutes. Cover and rest 30 minutes.</li><li><strong>Shape.</strong> Divide into 4. Roll each into a 20-cm circle, brush with sesame oil, scatter with scallions, roll up and coil. Rest 15 minutes.</li><li><strong>Roll again</strong> to 18 cm.</li><li><strong>Cook</strong> in a little oil over medium heat, 2 to 3 minutes per side.</li></ol></body></html>`,
    pct: { 'all purpose flour': 100, 'boiling water': 72 },
    kinds: 'mix knead rest divide roll fill coil rest roll cook',
    rests: [30, 15],
    cook: [150, 150],
    allergens: ['gluten', 'sesame', 'wheat'],
    others: ['scallion', 'sesame oil'],
  },
  {
    manner: 'a web page',
    text: `<div><h2>Skillet flatbread (vegan)</h2><p>Prep time: 10 minutes<br>Cook time: 12 minutes<br>Servings: 4</p><h4>Ingredients</h4><p>200 g white bread flour<br>5 g baking powder<br>3 g salt<br>20 ml olive oil<br>120 ml soy milk</p><h4>Steps</h4><p>1. Whisk the dry ingredients.<br>2. Add oil and soy milk; form a soft dough.<br>3. Knead 1-2 minutes and let rest 10 minutes.<br>4. Quarter the dough; roll each piece 3 mm thick.<br>5. Cook in a dry, hot skillet, about 90 seconds each side.</p></div>`,
    pct: { 'white bread flour': 100, 'baking powder': 2.5, salt: 1.5, 'olive oil': 9.2 },
    kinds: 'mix knead rest divide roll cook',
    rests: [10],
    cook: [90, 90],
    allergens: ['gluten', 'soya', 'wheat'],
    others: ['soy milk'],
  },
  {
    manner: 'structured data',
    text: `{"@context":"https://schema.org","@type":"Recipe","name":"Msemen","recipeYield":"8 msemen","recipeIngredient":["300 g plain flour","100 g fine semolina","6 g salt","3 g instant yeast","260 ml warm water","60 ml vegetable oil","60 g soft butter","50 g fine semolina, for sprinkling"],"recipeInstructions":[{"@type":"HowToSection","name":"Dough","itemListElement":[{"@type":"HowToStep","text":"Combine flour, semolina, salt, yeast and water and knead for 8 minutes."},{"@type":"HowToStep","text":"Divide into 8 balls, oil them and rest for 15 minutes."}]},{"@type":"HowToSection","name":"Folding","itemListElement":[{"@type":"HowToStep","text":"With oiled hands spread each ball paper thin. Dot with butter, sprinkle with semolina and fold into a square. Rest 10 minutes."},{"@type":"HowToStep","text":"Flatten each square to 14 cm."}]},{"@type":"HowToSection","name":"Cooking","itemListElement":[{"@type":"HowToStep","text":"Cook on a medium-hot griddle for 3 minutes, turning several times, until golden."}]}]}`,
    pct: { 'plain flour': 75, 'fine semolina': 25, salt: 1.5, 'instant yeast': 0.8, 'warm water': 65 },
    kinds: 'mix knead divide ball rest shape fill shape rest shape cook',
    rests: [15, 10],
    cook: [45, 45, 45, 45],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['butter', 'oil'],
  },
  {
    manner: 'structured data',
    text: `{"@type":"Recipe","name":"Overnight wholegrain flatbreads","recipeYield":["10"],"recipeIngredient":["400 g wholemeal flour","200 g bread flour","420 g water","12 g salt","2 g instant yeast"],"recipeInstructions":"<p>The night before, mix everything to a rough dough, cover and refrigerate for 10&ndash;14 hours.</p><p>Next day, let the dough stand at room temperature for 1 hour. Divide into 10 pieces and shape into balls. Rest 20 minutes.</p><p>Roll to 18 cm and cook on a hot griddle for 75 seconds per side.</p>"}`,
    pct: { 'wholemeal flour': 66.7, 'bread flour': 33.3, water: 70, salt: 2, 'instant yeast': 0.3 },
    kinds: 'mix chill temper divide ball rest roll cook',
    rests: [720, 60, 20],
    cook: [75, 75],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a scan',
    text: `Unit 5 Practical                     Page 2 of 3

FLOUR TORTILLAS

Plain flour        3OO g
Salt                 5 g
Lard or veg. fat    45 g
Hot water          16O ml

Method
l. Rub fat into flour and salt until like bread-
   crumbs.
2. Add water, mix, knead 2-3 min.
3. Wrap and rest 2O min.
4. Divide into l0. Roll out to approx. l8 cm.
5. Cook on a hot dry griddle 3O-4O secs each
   side.`,
    pct: { 'plain flour': 100, salt: 1.7, 'lard or vegetable fat': 15, 'hot water': 53.3 },
    kinds: 'mix mix knead rest divide roll cook',
    rests: [20],
    cook: [35, 35],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a scan',
    text: `132                    THE CAMP KITCHEN

DAMPERS ON THE IRON. For four hungry walkers
take three cups of flour, three level tea-
spoons of baking powder, one of salt and a
cup and a quarter of water. Mix with a stick,
knead a dozen times, and break into eight.
Pat each as thick as your little finger and
bake on a greased iron over low coals, six
minutes, turn, and five minutes more.`,
    pct: { flour: 100 },
    kinds: 'mix knead divide shape cook',
    rests: [],
    cook: [360, 300],
    others: ['baking powder', 'salt', 'water'],
  },
  {
    manner: 'words for numbers',
    text: `Five hundred grams of flour, three hundred and ten of water, ten of salt, ten of fresh yeast, fifteen of oil. Everything in the bowl, stir, then seven minutes of kneading. An hour under a cloth. Eight pieces, balls, twelve minutes. Seventeen centimetres. Seventy seconds, then fifty.`,
    pct: { flour: 100, water: 62, salt: 2, 'fresh yeast': 2, oil: 3 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [60, 12],
    cook: [70, 50],
  },
  {
    manner: 'words for numbers',
    text: `Two pounds of strong flour, one pound four ounces of water, two thirds of an ounce of salt, a third of an ounce of instant yeast and an ounce of oil. Mix for five minutes, knead for ten. Let it rise for an hour and twenty minutes. Scale at four ounces, round, rest twelve minutes, roll to seven inches, and griddle for one minute on each side.`,
    pct: { 'strong flour': 100, water: 62.5, salt: 2.1, 'instant yeast': 1, oil: 3.1 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [80, 12],
    cook: [60, 60],
    pieceG: 113,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'parts by vessel',
    text: `For a crowd: a bucket is too much, so take a big bowl – six jars of flour, three jars of warm water, one jar minus a finger of oil, two spoons of salt, two sachets of instant yeast. Mix, knead 12 minutes (take turns!). Rise 1 hour. About 24 balls. Rest 10 min. Roll. 1 min per side.`,
    pct: { flour: 100 },
    kinds: 'mix knead proof ball rest roll cook',
    rests: [60, 10],
    cook: [60, 60],
    others: ['water', 'oil', 'salt', 'yeast'],
  },
  {
    manner: 'parts by vessel',
    text: `1 cup buttermilk
3 cups plain flour, give or take
1/2 tsp bicarb
1 tsp salt
1 tbsp melted butter

Stir, knead 10 turns, rest 15 min. Divide 6. Roll to a hand's width (15 cm). Medium griddle, 2 min a side.`,
    pct: { 'plain flour': 100 },
    kinds: 'mix knead rest divide roll cook',
    rests: [15],
    cook: [120, 120],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['buttermilk', 'bicarb', 'salt', 'butter'],
  },
  {
    manner: 'decimal commas',
    text: `Tunnbröd-style thin bread (16 st / pieces)
vetemjöl (wheat flour) 0,5 kg
rågmjöl (rye flour) 0,25 kg
mjölk (milk) 0,5 l
smör (butter) 0,075 kg
salt 0,012 kg
jäst (fresh yeast) 0,025 kg

Blanda (mix) 5 min. Jäsa (proof) 0,75 h. Dela (divide) 16. Vila (rest) 0,2 h. Kavla (roll) 24,0 cm. Grädda (griddle) 1,0 min / 0,75 min.`,
    pct: { 'wheat flour': 66.7, 'rye flour': 33.3, butter: 10, salt: 1.6, 'fresh yeast': 3.3 },
    kinds: 'mix proof divide rest roll cook',
    rests: [45, 12],
    cook: [60, 45],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['milk'],
  },
  {
    manner: 'decimal commas',
    text: `Yufka: bloem 1,0 kg, water 0,58 l, zout 0,02 kg, olie 0,04 kg (flour, water, salt, oil). Mix 4,5 min, knead 6,5 min, rest 0,5 h, divide 0,08 kg, ball, rest 0,25 h, roll 32,5 cm, saj 0,6 min + 0,4 min.`,
    // the names are told once more, in their order
    pct: { flour: 100, water: 58, salt: 2, oil: 4 },
    kinds: 'mix knead rest divide ball rest roll cook',
    rests: [30, 15],
    cook: [36, 24],
    pieceG: 80,
  },
];
