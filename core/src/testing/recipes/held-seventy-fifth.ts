import type { RecipeText } from './recipe-text.ts';

/** A seventy-fifth lot whose expectation was written before the reader saw it: plain texts as people send them to a teacher. */
export const SEVENTY_FIFTH: readonly RecipeText[] = [
  {
    manner: 'a handout',
    text: `Beginner's Chapatis
(makes about 10)

What you need
• 300g chapati flour (atta)
• ½ tsp salt
• 1 tbsp vegetable oil
• about 200ml warm water
• a little ghee for brushing

What you do
• Put the flour and salt in a bowl. Rub in the oil.
• Add the water gradually, mixing with your hand, until you have a soft dough. You may not need all of it.
• Knead for 5–6 minutes.
• Cover with a damp cloth and leave for at least 20 minutes.
• Divide into 10 and roll into balls.
• Roll each out to a thin circle of about 16cm.
• Heat a tawa or dry frying pan until hot. Cook the first side for about 20 seconds, until you see bubbles; turn and cook for 40 seconds; turn again and press with a cloth until it puffs, about 10 seconds.
• Brush with ghee and keep in a cloth.`,
    pct: { 'chapati flour': 100, 'warm water': 66.7 },
    // written with three of "mix": what is put in a bowl is not mixed yet
    kinds: 'mix mix knead rest divide ball roll cook finish',
    rests: [30],
    cook: [20, 40, 10],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['salt', 'vegetable oil', 'ghee'],
  },
  {
    manner: 'a handout',
    text: `Community kitchen – Saturday bread club
RECIPE: Spelt wraps
Quantity: 8 wraps of about 75 g

white spelt flour ........ 360 g
warm water ............... 210 g
rapeseed oil .............. 25 g
salt ....................... 6 g

Method
Stir flour and salt. Add water and oil, mix with a spoon, then by hand.
Knead gently for 3 minutes (spelt tears if you overdo it).
Rest 25 minutes under a bowl.
Divide into 8, round up, rest 5 minutes.
Roll to 20 cm.
Griddle over medium heat, 45 seconds per side.
Stack under a towel so they stay soft.
NB Contains gluten.`,
    pct: { 'white spelt flour': 100, 'warm water': 58.3, 'rapeseed oil': 6.9, salt: 1.67 },
    kinds: 'mix knead rest divide ball rest roll cook finish',
    rests: [25, 5],
    cook: [45, 45],
    pieceG: 75,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a table',
    text: `| Ingredient | Weight | Baker's % |
| --- | --- | --- |
| Strong white flour | 800 g | 80 % |
| Rye flour | 200 g | 20 % |
| Water | 680 g | 68 % |
| Salt | 20 g | 2 % |
| Dried yeast | 6 g | 0.6 % |

| Stage | Time | Notes |
| --- | --- | --- |
| Mix | 5 min | until no dry flour |
| Rest | 20 min | covered |
| Knead | 6 min | |
| Bulk proof | 90 min | at 24 °C |
| Divide | | 14 pieces |
| Shape | | balls |
| Bench rest | 20 min | |
| Roll | | 17 cm |
| Griddle | 90 s + 60 s | high heat |`,
    pct: { 'strong white flour': 80, 'rye flour': 20, water: 68, salt: 2, 'dried yeast': 0.6 },
    kinds: 'mix rest knead proof divide ball rest roll cook',
    rests: [20, 90, 20],
    cook: [90, 60],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a table',
    text: `Manakish dough      1 batch (10)    2 batches (20)
flour                 700 g           1400 g
water                 430 g            860 g
oil                    35 g             70 g
sugar                  14 g             28 g
salt                   12 g             24 g
instant yeast           7 g             14 g

Knead 8 min. Rise 60 min. Divide, ball, rest 15 min. Roll 18 cm. Spread with za'atar and oil. Cook on the griddle, covered, 3 min.`,
    pct: { flour: 100, water: 61.4, oil: 5, sugar: 2, salt: 1.7, 'instant yeast': 1 },
    kinds: 'mix knead proof divide ball rest roll fill cook',
    rests: [60, 15],
    cook: [180],
    others: ["za'atar"],
  },
  {
    manner: 'percentages alone',
    text: `Formula, pocket pita
Bread flour 100
Water 62
Salt 2
Instant yeast 0.9
Olive oil 3
Sugar 1
= 168.9 %

Process: intensive mix 8 min, DDT 26 °C. Bulk 60 min. Divide 85 g, round, rest 20 min. Sheet to 15 cm, 4 mm. Proof 15 min. Griddle 40 s, turn, 60 s, press.`,
    pct: { 'bread flour': 100, water: 62, salt: 2, 'instant yeast': 0.9, 'olive oil': 3, sugar: 1 },
    kinds: 'mix proof divide ball rest roll proof cook',
    rests: [60, 20, 15],
    cook: [40, 60],
    pieceG: 85,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `In bakers' percentages my everyday flatbread is 100% flour (a fifth of it wholemeal), 66% water, 2% salt, 1% instant yeast and 5% olive oil. It is mixed for 4 minutes, rested for 15, kneaded for another 4, proved for an hour, cut at 90 g, rounded, rested for 15 minutes, rolled to 18 cm and griddled for 70 seconds a side.`,
    // written as "wholemeal flour"
    pct: { flour: 80, wholemeal: 20, water: 66, salt: 2, 'instant yeast': 1, 'olive oil': 5 },
    kinds: 'mix rest knead proof divide ball rest roll cook',
    rests: [15, 60, 15],
    cook: [70, 70],
    pieceG: 90,
  },
  {
    manner: 'one paragraph',
    text: `For soft tortillas whisk 400 g plain flour with a teaspoon each of salt and baking powder, rub in 70 g lard until fine, then stir in 220 ml hot water and knead for two minutes. Let the dough rest, covered, for fifteen minutes, divide it into twelve, roll into balls, rest another fifteen minutes and roll each to 19 cm. Cook on a dry, very hot pan for 40 seconds, flip and cook for 30 more.`,
    pct: { 'plain flour': 100, lard: 17.5, 'hot water': 55 },
    kinds: 'mix mix mix knead rest divide ball rest roll cook',
    rests: [15, 15],
    cook: [40, 30],
    allergens: ['gluten', 'wheat'],
    others: ['salt', 'baking powder'],
  },
  {
    manner: 'one paragraph',
    text: `Yoghurt flatbreads in half an hour: 250 g self-raising flour, 250 g Greek yoghurt, 1/2 tsp salt, 1 tbsp chopped dill. Mix to a dough, knead for a minute, rest for 10 minutes, cut into 6, roll out to about 15 cm and fry in a dry pan 2 minutes on each side. Brush with garlic oil.`,
    pct: { 'plain flour': 100, 'greek yoghurt': 105 },
    kinds: 'mix knead rest divide roll cook finish',
    rests: [10],
    cook: [120, 120],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['salt', 'dill', 'baking powder', 'garlic oil'],
  },
  {
    manner: 'a web page',
    text: `<!doctype html><html><body><div class="wprm"><h1>The Best Homemade Pita Bread</h1><p class="author">by Maya</p><div class="notes-top">Scroll down for tips!</div><h3>Ingredients <button>US</button><button>Metric</button></h3><ul><li>1 cup (240 ml) warm water</li><li>2 teaspoons instant yeast</li><li>2 1/2 cups (300 g) bread flour</li><li>1/4 cup (30 g) whole wheat flour</li><li>1 teaspoon salt</li><li>1 tablespoon olive oil</li></ul><h3>Instructions</h3><ol><li>Combine all of the ingredients in the bowl of a stand mixer and knead on low for 8 minutes.</li><li>Cover and let rise until doubled, about 1 hour.</li><li>Divide the dough into 8 pieces, shape into balls, cover, and let rest for 10 minutes.</li><li>Roll each ball into a 6-inch circle, about 1/4 inch thick.</li><li>Preheat a cast iron skillet over medium-high heat. Cook for 30 seconds, flip, cook for 1 to 2 minutes, flip again and cook until it puffs, 1 minute more.</li></ol><h3>Notes</h3><p>Store in an airtight bag for up to 3 days.</p></div></body></html>`,
    pct: { 'warm water': 72.4, 'bread flour': 90.9, 'whole wheat flour': 9.1 },
    // written without "knead"
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [60, 10],
    cook: [30, 90, 60],
    allergens: ['gluten', 'wheat'],
    others: ['instant yeast', 'salt', 'olive oil'],
  },
  {
    manner: 'a web page',
    text: `<article><h1>Aloo paratha</h1><p>Serves 4 (makes 8)</p><h2>Dough</h2><p>300 g atta<br>190 ml water<br>1 tsp salt<br>1 tbsp oil</p><h2>Filling</h2><p>400 g boiled potatoes<br>1 green chilli<br>1 tsp garam masala<br>2 tbsp coriander<br>1/2 tsp salt</p><h2>Method</h2><p>Knead the dough ingredients together for 5 minutes and leave covered for 30 minutes.<br>Mash the potatoes with the spices, coriander and salt.<br>Divide the dough into 8 balls. Divide the filling into 8.<br>Roll a ball to 10 cm, put the filling in the middle, bring the edges together and pinch. Roll gently to 16 cm.<br>Cook on a hot tawa for 2 minutes, turn, spread with ghee, turn again after 1 minute and cook for another minute.</p></article>`,
    pct: { atta: 100, water: 63.3 },
    kinds: 'mix knead rest prepare divide ball roll fill roll cook',
    rests: [30],
    cook: [120, 60, 60],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['salt', 'oil', 'potatoes', 'chilli', 'garam masala', 'coriander', 'ghee'],
  },
  {
    manner: 'structured data',
    text: `{"@context":"https://schema.org","@type":"Recipe","name":"Moroccan harcha","description":"Semolina griddle bread.","recipeYield":"6","prepTime":"PT15M","cookTime":"PT20M","recipeIngredient":["350g fine semolina","2 tbsp sugar","1/2 tsp salt","2 tsp baking powder","115g butter, softened","150ml milk","coarse semolina for coating"],"recipeInstructions":[{"@type":"HowToStep","text":"Mix the semolina, sugar, salt and baking powder."},{"@type":"HowToStep","text":"Rub in the butter until sandy."},{"@type":"HowToStep","text":"Stir in the milk and leave for 5 minutes to absorb."},{"@type":"HowToStep","text":"Divide into 6, shape into balls, roll in coarse semolina and flatten to discs 1 cm thick."},{"@type":"HowToStep","text":"Cook on a medium-low griddle for 5 minutes on each side."}]}`,
    pct: { 'fine semolina': 100, butter: 32.9, milk: 44 },
    kinds: 'mix mix mix rest divide ball shape cook',
    rests: [5],
    cook: [300, 300],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['sugar', 'salt', 'baking powder'],
  },
  {
    manner: 'structured data',
    text: `{"@context":"https://schema.org/","@type":"Recipe","name":"Overnight Flatbread","recipeYield":"Makes 10 flatbreads","recipeIngredient":["1 kg bread flour","700 g cold water","20 g salt","2 g instant yeast","30 ml olive oil"],"recipeInstructions":"<p>Mix everything for 5 minutes.</p><p>Cover and refrigerate overnight, 12 to 16 hours.</p><p>Take it out 2 hours before you need it. Divide into 10 and shape into balls.</p><p>Rest for 1 hour.</p><p>Press out to 20 cm with your fingertips.</p><p>Griddle for 2 minutes per side.</p>"}`,
    pct: { 'bread flour': 100, 'cold water': 70, salt: 2, 'instant yeast': 0.2, 'olive oil': 2.7 },
    kinds: 'mix chill temper divide ball rest shape cook',
    rests: [840, 120, 60],
    cook: [120, 120],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a scan',
    text: `                         SODA FARLS

¾ lb. plain flour              1 level teasp. salt
1 level teasp. bicarbonate     ½ pint buttermilk
    of soda

Sift the dry ingredients into a bowl. Make a well in
the centre and pour in the buttermilk. Mix quickly to
a soft dough. Turn on to a floured board, knead very
lightly and roll out to a round ½ in. thick. Cut into
four. Cook on a moderately hot griddle for 6–8 min.
until brown underneath, turn and cook the other side
for 6–8 min. Cool in a cloth.`,
    pct: { 'plain flour': 100, buttermilk: 85 },
    kinds: 'mix knead roll divide cook',
    rests: [],
    cook: [420, 420],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['salt', 'bicarbonate of soda'],
  },
  {
    manner: 'a scan',
    text: `Cl ass 3:   Roti can ai                 (12 pieces)

Plain f lour        6OO g
Salt                 l0 g
Sugar                15 g
Condensed milk       30 g
Egg                   1
Water               28O g
Ghee                 50 g + more for stretching

Knead all but the extra ghee for 1O min. Rest 3O min.
Divide into 12 balls, coat with ghee and rest 4 hours.
Stretch each ball on an oiled table until thin as paper,
fold in and coil. Rest 15 min. Press out to 16 cm.
Griddle 2 min. per side.`,
    pct: { 'plain flour': 100, salt: 1.67, sugar: 2.5, 'condensed milk': 5, water: 46.7, ghee: 8.3 },
    kinds: 'mix knead rest divide ball rest shape coil rest shape cook',
    rests: [30, 240, 15],
    cook: [120, 120],
    allergens: ['egg', 'gluten', 'milk', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `One kilogram of bread flour, six hundred and eighty grams of water, twenty grams of salt, ten grams of fresh yeast, thirty grams of oil. Mix for three minutes on slow and five on fast. Prove for seventy-five minutes. Divide into sixteen pieces of about a hundred and eight grams. Round, rest twenty minutes, roll to twenty centimetres. Griddle fifty seconds, turn, forty seconds.`,
    pct: { 'bread flour': 100, water: 68, salt: 2, 'fresh yeast': 1, oil: 3 },
    kinds: 'mix proof divide ball rest roll cook',
    rests: [75, 20],
    cook: [50, 40],
    pieceG: 108,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `Take two and a half cups of flour, three quarters of a cup of warm water, two tablespoons of oil and a teaspoon of salt. Knead for five minutes. Wait half an hour. Make eight balls and roll them out. Cook for a minute and a half on one side and a minute on the other.`,
    pct: { flour: 100 },
    kinds: 'mix knead rest ball roll cook',
    rests: [30],
    cook: [90, 60],
    others: ['warm water', 'oil', 'salt'],
  },
  {
    manner: 'parts by vessel',
    text: `Buckwheat galettes, by the bowl: one bowl of buckwheat flour, two bowls of water, one egg, a pinch of coarse salt. Beat well for five minutes. Leave two hours. Butter the pan, pour in a small ladle of batter and spread it thin (26 cm). Cook one and a half minutes, turn, thirty seconds.`,
    pct: { 'buckwheat flour': 100 },
    kinds: 'mix rest divide shape cook',
    rests: [120],
    cook: [90, 30],
    allergens: ['egg', 'milk'],
    others: ['water', 'egg', 'salt', 'butter'],
  },
  {
    manner: 'parts by vessel',
    text: `4 scoops flour
2 scoops warm water
1/2 scoop oil
salt
(1 scoop = 125 g flour)

Mix; knead 6 min; rest 20 min; divide into 8; roll 18 cm; griddle 1 min + 1 min.`,
    pct: { flour: 100 },
    kinds: 'mix knead rest divide roll cook',
    rests: [20],
    cook: [60, 60],
    others: ['water', 'oil', 'salt'],
  },
  {
    manner: 'decimal commas',
    text: `Platte Brote vom Grill (Kurs 7), 14 pieces
Bread flour 0,850 kg
Water 0,550 kg
Olive oil 0,040 kg
Salt 0,017 kg
Dry yeast 0,0085 kg

Mixing 6,0 min – bulk 1,25 h – pieces of 0,105 kg – rounding – rest 15,0 min – rolling to 18,0 cm – proof 10,0 min – griddle 1,5 min per side.`,
    pct: { 'bread flour': 100, water: 64.7, 'olive oil': 4.7, salt: 2, 'dry yeast': 1 },
    kinds: 'mix proof divide ball rest roll proof cook',
    rests: [75, 15, 10],
    cook: [90, 90],
    pieceG: 105,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'decimal commas',
    text: `Farinha 500,0 g (plain flour); água 0,31 l (water); sal 9,0 g (salt); azeite 20,0 g (olive oil). Knead 8,0 min. Rest 0,75 h. 6 balls. Rest 10,0 min. Roll 20,0 cm. Cook 2,0 min each side.`,
    pct: { 'plain flour': 100, water: 62, salt: 1.8, 'olive oil': 4 },
    kinds: 'mix knead rest ball rest roll cook',
    rests: [45, 10],
    cook: [120, 120],
    allergens: ['gluten', 'wheat'],
  },
];
