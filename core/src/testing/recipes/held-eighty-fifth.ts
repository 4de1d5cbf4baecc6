import type { RecipeText } from './recipe-text.ts';

/** An eighty-fifth lot whose expectation was written before the reader saw it, two of each manner, as evening-school teachers hand them out. */
export const EIGHTY_FIFTH: readonly RecipeText[] = [
  {
    manner: 'a handout',
    text: `Evening class 3: Piadina
Serves 6

Flour (type 00) 500 g
Lard 75 g
Water 230 g, lukewarm
Salt 10 g
Bicarbonate 3 g

1. Rub the lard into the flour with the salt and bicarbonate.
2. Add the water a bit at a time and bring together.
3. Knead for 6–8 minutes until silky.
4. Wrap in film and rest for 30 minutes at room temperature.
5. Divide into 6 pieces of about 135 g and round them.
6. Rest again, 15 minutes.
7. Roll to 24 cm discs, 2–3 mm thick.
8. Cook on a hot cast-iron plate, 1 minute on the first side, 45 seconds on the second. Prick any bubbles with a fork.
9. Serve filled with rocket and soft cheese.`,
    pct: { 'flour type 00': 100, lard: 15, water: 46, salt: 2, bicarbonate: 0.6 },
    kinds: 'mix mix knead rest divide ball rest roll cook',
    rests: [30, 15],
    cook: [60, 45],
    pieceG: 135,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a handout',
    text: `POTATO LEFSE – what we will do today

Dough (boiled and riced the night before):
800 g floury potatoes
60 g butter
60 ml cream
1 tsp salt
1 tsp sugar
On the day: 250 g plain flour plus extra for rolling

Knead the flour into the cold potato mixture just until it holds. Don't overwork it. Portion into 12 balls and keep them in the fridge until needed. Roll out one at a time on a well-floured cloth to 28 cm, as thin as you dare. Lift with the stick on to the dry hot griddle (200 °C). Bake until brown spots appear, about 1 minute, turn, another 45 seconds. Stack between towels.`,
    pct: { 'plain flour': 100, 'floury potatoes': 320, butter: 24, cream: 24 },
    kinds: 'mix knead divide ball roll cook finish',
    rests: [],
    cook: [60, 45],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['salt', 'sugar', 'potato'],
  },
  {
    manner: 'a table',
    text: `| Formula          | Grams | %   |
|------------------|-------|-----|
| Bread flour      | 800   | 100 |
| Water 28 °C      | 520   | 65  |
| Yogurt           | 80    | 10  |
| Salt             | 16    | 2   |
| Instant yeast    | 6     | 0.75|
| Total            | 1422  |     |

| Stage            | Time    | Note               |
|------------------|---------|--------------------|
| Mix              | 4 min   | low speed          |
| Knead            | 6 min   | second speed       |
| Bulk proof       | 75 min  | one fold at 40 min |
| Divide and round | –       | 16 x 88 g          |
| Bench rest       | 15 min  | covered            |
| Roll             | –       | 18 cm              |
| Griddle          | 90 s + 60 s | 260 °C         |`,
    pct: { 'bread flour': 100, water: 65, yogurt: 10, salt: 2, 'instant yeast': 0.75 },
    kinds: 'mix knead proof fold proof divide ball rest roll cook',
    rests: [40, 35, 15],
    cook: [90, 60],
    pieceG: 88,
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'a table',
    text: `Chapati quantities

People	Atta	Water	Salt	Oil
4	300 g	200 g	5 g	15 g
8	600 g	400 g	10 g	30 g
12	900 g	600 g	15 g	45 g

Method: mix, knead 8 min, rest covered 30 min, divide in balls of 40 g, roll 15 cm, tawa 30 s, turn 40 s, puff on the flame a few seconds.`,
    pct: { atta: 100, water: 66.7, salt: 1.7, oil: 5 },
    kinds: 'mix knead rest divide ball roll cook',
    rests: [30],
    cook: [30, 40, 6],
    pieceG: 40,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Sourdough pita (baker's %)

Strong flour 90%
Wholemeal 10%
Water 68%
Starter (100% hydration) 20%
Salt 2%
Olive oil 3%

Mix all but salt and oil, autolyse 40 min. Add salt and oil, knead 5 min. Bulk 4 h with folds at 1 h and 2 h. Preshape 90 g balls, rest 30 min. Roll 14 cm. Proof 20 min. Bake on a 300 °C stone 3 min.`,
    pct: { 'strong flour': 90, wholemeal: 10, water: 68, starter: 20, salt: 2, 'olive oil': 3 },
    kinds: 'mix rest knead proof fold proof fold proof ball rest roll proof cook',
    rests: [40, 60, 60, 120, 30, 20],
    cook: [108, 72],
    pieceG: 90,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Arepas by percentage
Masarepa = 100
Water (warm) = 125
Salt = 2
Oil = 4

Stir salt into water, rain in the masarepa, mix 2 minutes by hand, stand 5 minutes. Shape 100 g balls into discs 1 cm thick. Griddle 6 minutes per side on medium.`,
    pct: { masarepa: 100, water: 125, salt: 2, oil: 4 },
    kinds: 'mix rest divide shape cook',
    rests: [5],
    cook: [360, 360],
    pieceG: 100,
    allergens: [],
  },
  {
    manner: 'one paragraph',
    text: `For eight naan I weigh out 450 g strong flour, 7 g dried yeast, 8 g salt, 10 g sugar, 150 g yogurt, 140 g warm water and 30 g melted butter, stir it all together and knead for a good ten minutes until the dough no longer sticks. It rises under a damp cloth for an hour and a half. Then I knock it back, cut it into eight, roll each piece into a ball and let them sit ten minutes before stretching them into ovals about 20 cm long. They go into a smoking hot pan, two minutes on one side and one minute on the other, and get brushed with garlic butter as they come out.`,
    pct: {
      'strong flour': 100,
      'dried yeast': 1.6,
      salt: 1.8,
      sugar: 2.2,
      yogurt: 33.3,
      'warm water': 31.1,
      'melted butter': 6.7,
    },
    kinds: 'mix knead proof knead divide ball rest shape cook finish',
    rests: [90, 10],
    cook: [120, 60],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `Oatcakes the way my mother made them: 225 g medium oatmeal, half a teaspoon of salt, a pinch of bicarbonate of soda, a tablespoon of melted bacon fat and about 150 ml of hot water. Stir the dry things, pour in the fat and as much of the water as makes a stiff paste, and work it quickly while it is warm. Divide in two, roll each half to a round 5 mm thick on oatmeal, cut in quarters and bake on a moderate girdle about 5 minutes until the edges curl. Toast the smooth side 2 minutes under the grill.`,
    pct: { 'medium oatmeal': 100, 'hot water': 66.7 },
    kinds: 'mix divide roll divide cook',
    rests: [],
    cook: [300, 120],
    others: ['salt', 'bicarbonate of soda', 'bacon fat'],
  },
  {
    manner: 'a web page',
    text: `<article><h1>Turkish bazlama</h1><p class="meta">Prep 25 min | Rise 1 hr 30 min | Makes 6</p>
<h2>Ingredients</h2><ul><li>500&nbsp;g plain flour</li><li>200&nbsp;g Greek yogurt</li><li>150&nbsp;ml warm water</li><li>1&frac12; tsp instant yeast</li><li>1&frac12; tsp salt</li><li>1 tbsp olive oil</li></ul>
<h2>Instructions</h2><ol><li>Combine flour, yeast and salt. Add yogurt, water and oil and mix to a shaggy dough.</li><li>Knead for 8 minutes on a lightly floured surface.</li><li>Place in an oiled bowl, cover, and let rise for 1 hour, or until doubled.</li><li>Punch down, divide into 6 and shape into balls. Cover and rest for 30 minutes.</li><li>Flatten each ball to a 15&nbsp;cm round, 1&nbsp;cm thick.</li><li>Cook in a dry skillet over medium heat, 3 minutes per side, until puffed and spotted.</li></ol>
<div class="ad">Subscribe to our newsletter!</div></article>`,
    pct: { 'plain flour': 100, 'greek yogurt': 40, 'warm water': 30 },
    kinds: 'mix knead proof knead divide ball rest shape cook',
    rests: [60, 30],
    cook: [180, 180],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['yeast', 'salt', 'olive oil'],
  },
  {
    manner: 'a web page',
    text: `<html><body><nav>Home > Breads</nav><h1>Corn tortillas from masa harina</h1><p>Total time: 45 minutes &bull; Yield: 16 tortillas</p><h3>You need</h3><p>2 cups (240 g) masa harina<br>1&frac12; cups (360 ml) hot water<br>&frac12; tsp salt</p><h3>How to</h3><p>Whisk masa harina and salt in a bowl. Pour over the hot water and stir with a spoon until a dough forms. Knead in the bowl for 2 minutes. Cover with a damp towel and leave for 20 minutes.</p><p>Heat a comal over medium-high heat. Pinch off 16 pieces (about 37 g each) and roll them into balls. Press each between two sheets of plastic to 13 cm.</p><p>Cook 20 seconds, flip, cook 60 seconds, flip again and cook another 20 seconds; it should puff. Keep warm in a cloth.</p><footer>&copy; Someone</footer></body></html>`,
    pct: { 'masa harina': 100, 'hot water': 150 },
    kinds: 'mix knead rest divide ball shape cook finish',
    rests: [20],
    cook: [20, 60, 20],
    pieceG: 37,
    allergens: [],
    others: ['salt'],
  },
  {
    manner: 'structured data',
    text: `{"@context":"https://schema.org","@type":"Recipe","name":"Gözleme with spinach","recipeYield":"4 gözleme","prepTime":"PT40M","cookTime":"PT20M","recipeIngredient":["300 g plain flour","170 ml water","1 tsp salt","2 tbsp olive oil","200 g spinach, washed and chopped","150 g feta, crumbled","Butter, for brushing"],"recipeInstructions":[{"@type":"HowToSection","name":"Dough","itemListElement":[{"@type":"HowToStep","text":"Mix the flour, salt, water and oil and knead for 10 minutes until smooth."},{"@type":"HowToStep","text":"Cover and rest for 30 minutes."}]},{"@type":"HowToSection","name":"Shape and cook","itemListElement":[{"@type":"HowToStep","text":"Divide into 4 and roll each out very thin, to about 30 cm."},{"@type":"HowToStep","text":"Scatter spinach and feta over one half, fold over and press the edges together."},{"@type":"HowToStep","text":"Cook on a griddle for 3 minutes on each side. Brush with butter."}]}]}`,
    pct: { 'plain flour': 100, water: 56.7 },
    kinds: 'mix knead rest divide roll fill shape cook finish',
    rests: [30],
    cook: [180, 180],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['salt', 'olive oil', 'spinach', 'feta'],
  },
  {
    manner: 'structured data',
    text: `<script type="application/ld+json">{"@type":"Recipe","name":"Quick yogurt flatbreads","recipeYield":["8","8 flatbreads"],"totalTime":"PT35M","recipeIngredient":["350g self-raising flour","350g natural yogurt","1 tsp baking powder","pinch of salt"],"recipeInstructions":"Put all the ingredients in a bowl and mix together with a spoon, then bring together by hand. Knead for a minute or so on a floured surface. Set aside for 10 minutes. Divide into 8, pat out to 12cm rounds about 3mm thick, and cook on a hot griddle for 2 to 3 minutes on each side, until bar-marked and puffed up."}</script>`,
    pct: { 'plain flour': 100, 'natural yogurt': 100 },
    kinds: 'mix knead rest divide shape cook',
    rests: [10],
    cook: [150, 150],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['salt'],
  },
  {
    manner: 'a scan',
    text: `BATCH BREAD OF THE MOOR FARMS

l lb. barley meal
4 oz. plain flour
l teaspoonful salt
2 teaspoonfuls baking
powder
3/4 pint buttermilk

Mix all the dry things in a
large basin. Stir in the butter-
milk to make a soft dough. Turn
out on a floured board and knead
very lightly. Roll out half an
inch thick and cut into rounds
with a saucer. Bake on a hot
girdle for 10 minutes, turning
them once.`,
    pct: { 'barley meal': 80, 'plain flour': 20, buttermilk: 77 },
    kinds: 'mix knead roll divide cook',
    rests: [],
    cook: [300, 300],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['salt', 'baking powder'],
  },
  {
    manner: 'a scan',
    text: `Page 3I

LAVASH FOR A CLASS OF TEN

Strong flour ........ 1 kg
Water ............... 580 g
Salt ................ 2O g
Oil ................. 3O g
Fresh yeast ......... 10 g

Mixing 5 min, kneading 10 min
Bulk proof 1 h 15 min
Divide into 2O pieces (82 g)
Rest l5 min
Roll paper-thin, 30 cm
Hot plate: 4O s, turn, 2O s
Stack under a damp cloth`,
    pct: { 'strong flour': 100, water: 58, salt: 2, oil: 3, 'fresh yeast': 1 },
    kinds: 'mix knead proof divide rest roll cook finish',
    rests: [75, 15],
    cook: [40, 20],
    pieceG: 82,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `Pooris for a party. Take two hundred and fifty grams of wholewheat flour, a hundred grams of fine semolina, a teaspoon of salt, two tablespoons of oil and about a hundred and seventy grams of water. Work into a stiff dough, knead it for seven minutes and let it rest for twenty. Break into twenty-four little balls, roll them ten centimetres across and fry in hot oil, ten seconds on the first side and fifteen on the second.`,
    pct: { 'wholewheat flour': 71.4, 'fine semolina': 28.6, water: 48.6 },
    kinds: 'mix knead rest divide ball roll cook',
    rests: [20],
    cook: [10, 15],
    allergens: ['gluten', 'wheat'],
    others: ['salt', 'oil'],
  },
  {
    manner: 'words for numbers',
    text: `Farinata dough-less flatbread
Three hundred grams chickpea flour
Nine hundred millilitres water
Ten grams salt
Six tablespoons olive oil

Whisk the flour into the water, then the salt. Let the batter stand four hours and skim off the foam. Stir in half the oil. Heat the rest in a thirty centimetre pan, pour in a ladleful, cook five minutes, flip and cook two minutes more.`,
    pct: { 'chickpea flour': 100, water: 300, salt: 3.3 },
    kinds: 'mix rest mix divide shape cook',
    rests: [240],
    cook: [300, 120],
    allergens: [],
    others: ['olive oil'],
  },
  {
    manner: 'parts by vessel',
    text: `Village flatbread, no scales
4 tea glasses of flour
1 1/2 tea glasses of warm water
1 teaspoon salt
1 teaspoon dry yeast
1/2 tea glass of oil

Stir together in a bowl and knead until it stops sticking (around 10 minutes). Cover, leave one hour somewhere warm. Make 10 balls. Leave them 15 minutes. Open each with the rolling pin to the size of a plate (25 cm). Sac: a minute each side.`,
    pct: { flour: 100, 'warm water': 73.9 },
    kinds: 'mix knead proof ball rest roll cook',
    rests: [60, 15],
    cook: [60, 60],
    allergens: ['gluten', 'wheat'],
    others: ['salt', 'yeast', 'oil'],
  },
  {
    manner: 'parts by vessel',
    text: `Two mugs of cornmeal, one mug of wheat flour, one and a half mugs of buttermilk, a spoon of sugar, half a spoon of salt, a spoon of baking powder and an egg. Mix the dry, beat the egg with the buttermilk, pour in, stir briefly. Leave 10 min. Drop big spoonfuls on a greased griddle and cook 2 min, flip, 2 min.`,
    pct: { cornmeal: 68.8 },
    kinds: 'mix rest divide shape cook',
    rests: [10],
    cook: [120, 120],
    allergens: ['egg', 'gluten', 'milk', 'wheat'],
    others: ['cornmeal', 'wheat flour', 'buttermilk', 'sugar', 'salt', 'baking powder', 'egg'],
  },
  {
    manner: 'decimal commas',
    text: `Rieska de cebada

0,4 kg harina de cebada (barley flour)
0,1 kg flour (wheat)
0,35 l buttermilk
8,5 g salt
12,5 g baking powder
0,05 kg melted butter

Mix. Let it swell for 15 minutes. Divide into 5 pieces. Pat out to 1,5 cm. Prick. Cook 4,5 minutes each side on the griddle.`,
    pct: { 'barley flour': 80, flour: 20, buttermilk: 72, salt: 1.7, 'baking powder': 2.5, 'melted butter': 10 },
    kinds: 'mix rest divide shape cook',
    rests: [15],
    cook: [270, 270],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'decimal commas',
    text: `Formule tortilla: farine T55 1,2 kg; water 0,66 l; lard 0,144 kg; salt 0,021 kg; baking powder 0,018 kg.
Mix 3 min, knead 5 min, rest 0,5 h, divide 24 x 85 g, ball, rest 20 min, roll 20 cm, griddle 0,75 min + 0,5 min.`,
    pct: { 'farine T55': 100, water: 55, lard: 12, salt: 1.75, 'baking powder': 1.5 },
    kinds: 'mix knead rest divide ball rest roll cook',
    rests: [30, 20],
    cook: [45, 30],
    pieceG: 85,
    allergens: ['gluten', 'wheat'],
  },
];
