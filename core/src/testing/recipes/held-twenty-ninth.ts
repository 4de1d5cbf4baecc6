import type { RecipeText } from './recipe-text.ts';

/** A twenty-ninth lot whose expectation was written before the reader saw it: two texts of each common manner. */
export const TWENTY_NINTH: readonly RecipeText[] = [
  {
    manner: 'a handout',
    text: `Potato naan (Level 2)
Yield: 10 naan at approx. 105 g

INGREDIENTS
Strong flour           500g   100%
Cooked potato, riced   150g    30%
Yoghurt                100g    20%
Water                  230g    46%
Oil                     25g     5%
Salt                    10g     2%
Instant yeast            6g   1.2%

METHOD
- Mix all ingredients on speed 1 for 4 min, speed 2 for 5 min. Dough temp 26C.
- Bulk ferment 1 hr.
- Scale at 105g, mould round, rest 15 min.
- Stretch to teardrops 22 cm long.
- Griddle very hot: 75 sec, turn, 50 sec.
- Brush with garlic butter (30 g butter, 1 clove garlic).`,
    pct: {
      'strong flour': 100,
      'cooked potato': 30,
      yoghurt: 20,
      water: 46,
      oil: 5,
      salt: 2,
      'instant yeast': 1.2,
    },
    kinds: 'mix proof divide ball rest shape cook finish',
    rests: [60, 15],
    cook: [75, 50],
    pieceG: 105,
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['potato'],
  },
  {
    manner: 'a handout',
    text: `Children's class: my first chapati

What we need for 2 children
1 cup (120 g) chapati flour
75 ml warm water
a pinch of salt
a drop of oil

What we do
1 Wash hands!
2 Put the flour and salt in a bowl. Pour in the water bit by bit and mix with your fingers.
3 Knead the dough for 5 minutes. Sing a song!
4 Let it sleep under the bowl for 15 minutes.
5 Make 4 little balls.
6 Roll them flat, like a saucer (12 cm).
7 A grown-up cooks them in a hot pan: 30 seconds, flip, 30 seconds, flip, 10 seconds.
8 Eat with jam.`,
    pct: { 'chapati flour': 100, 'warm water': 62.5 },
    kinds: 'mix knead rest ball roll cook',
    rests: [15],
    cook: [30, 30, 10],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a table',
    text: `| Phase | What | Time |
|---|---|---|
| Autolyse | 900 g bread flour, 100 g rye flour, 680 g water | 45 min |
| Mix | + 200 g levain, 21 g salt | 6 min |
| Bulk | 26 °C | 3 h |
| Divide | 15 x 126 g, round | |
| Bench | covered | 25 min |
| Stretch | 20 cm | |
| Griddle | cast iron, high | 2 min + 90 s |`,
    pct: {
      'bread flour': 90,
      'rye flour': 10,
      water: 68,
      levain: 20,
      salt: 2.1,
    },
    kinds: 'mix rest mix proof divide ball rest shape cook',
    rests: [45, 180, 25],
    cook: [120, 90],
    pieceG: 126,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a table',
    text: `Quantities
Flour, plain ........ 1 kg
Fat (lard) .......... 150 g
Salt ................ 20 g
Water, hot .......... 520 ml
                      -------
                      1690 g  = 34 x 49 g

Timetable
rub in       5 min
mix, knead   5 min
rest        25 min
34 balls    10 min
rest        20 min
roll 17 cm
cook        35 s + 25 s`,
    // how it is stands behind the comma, as in the lots before: written as plain flour, hot water
    pct: { flour: 100, salt: 2, water: 52 },
    kinds: 'mix mix knead rest ball rest roll cook',
    rests: [25, 20],
    cook: [35, 25],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Baker's math for my rotis:
- whole wheat 100%
- hydration 68%
- salt 1.2%
- oil 2%
Autolyse 20m, knead 5m, rest 20m, divide 40g, round, roll 15cm, hot tawa 20s/30s then direct flame 10s.`,
    pct: { 'whole wheat': 100, water: 68, salt: 1.2, oil: 2 },
    kinds: 'mix rest knead rest divide ball roll cook',
    rests: [20, 20],
    cook: [20, 30, 10],
    pieceG: 40,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Flour (12 % protein)   100.0
Buttermilk              65.0
Baking soda              1.0
Salt                     1.5
Caraway seeds            1.0

Mix lightly. Divide into 300 g. Pat to 20 cm, cut in quarters. Low griddle, 7 min per side.`,
    pct: {
      flour: 100,
      buttermilk: 65,
      'baking soda': 1,
      salt: 1.5,
      'caraway seeds': 1,
    },
    kinds: 'mix divide shape divide cook',
    rests: [],
    cook: [420, 420],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `Grate two medium onions, squeeze them, and mix with 250 grams of gram flour, 250 grams of wholemeal flour, a tablespoon of oil, a teaspoon of salt, a teaspoon of turmeric and enough water for a firm dough (around 200 ml). Let the dough rest for 15 minutes. Make ten portions, roll out on a little flour to about 14 cm and cook on a lightly greased griddle for two minutes a side, pressing with a spatula.`,
    pct: { 'gram flour': 50, 'wholemeal flour': 50, water: 40 },
    // what is grated first is a job of its own: written without
    kinds: 'prepare mix rest divide roll cook',
    rests: [15],
    cook: [120, 120],
    allergens: ['gluten', 'wheat'],
    others: ['onion', 'turmeric'],
  },
  {
    manner: 'one paragraph',
    text: `Our pizza-oven is a griddle, and the base is this: 1 kg tipo 00, 600 g water, 25 g salt, 2 g fresh yeast, mixed by hand for 5 minutes, rested 20 minutes, kneaded for another 5. It bulks for 2 hours on the table, then we ball it at 250 g and leave the balls in the fridge for 24 hours. Next day they come out 3 hours ahead. We stretch to 28 cm, griddle one side for 2 minutes, turn, top, and finish under the grill for 3 minutes.`,
    pct: {
      // a type alone is told with the word flour: written as "tipo 00"
      '00 flour': 100,
      water: 60,
      salt: 2.5,
      'fresh yeast': 0.2,
    },
    kinds: 'mix rest knead proof ball chill temper shape cook',
    rests: [20, 120, 1440, 180],
    cook: [120, 180],
    pieceG: 250,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a web page',
    text: `<article><h1>Skillet Lavash</h1><p>By <a href="#">Staff</a> on May 4 · 12 comments</p><ul class="stats"><li>Total: 1 hr 20 min</li><li>Active: 35 min</li><li>Yield: 8 breads</li></ul><h2>Deselect All</h2><ul><li><input type="checkbox">2 3/4 cups (345 grams) all-purpose flour, plus more for rolling</li><li>1 1/2 teaspoons kosher salt</li><li>1 teaspoon sugar</li><li>3/4 teaspoon instant yeast</li><li>1 cup minus 1 tablespoon (225 grams) warm water</li><li>2 tablespoons (25 grams) extra-virgin olive oil</li></ul><h2>Directions</h2><ol><li>In the bowl of a stand mixer, combine the flour, salt, sugar and yeast. Add the water and oil and mix on medium-low speed until smooth, about 5 minutes.</li><li>Cover the bowl with plastic wrap and let rest until puffy, about 45 minutes.</li><li>Divide the dough into 8 equal pieces; cover with a towel. Working with one piece at a time, roll on a lightly floured surface into a 10-inch oval.</li><li>Heat a large skillet over medium-high heat. Cook the lavash until bubbles form, about 1 minute. Flip; cook 30 seconds more. Transfer to a towel and wrap.</li></ol></article>`,
    pct: {
      'all-purpose flour': 100,
      'warm water': 65.2,
      'extra-virgin olive oil': 7.2,
    },
    kinds: 'mix proof divide roll cook finish',
    rests: [45],
    cook: [60, 30],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a web page',
    text: `<div><b>Gluten-free flatbreads</b><br><br>Ingredients (6 pieces):<br>- 200 g gluten-free flour blend<br>- 50 g tapioca starch<br>- 10 g psyllium husk<br>- 1 tsp baking powder<br>- 5 g salt<br>- 15 g olive oil<br>- 260 g warm water<br><br>How to:<br>1) Mix the dry ingredients.<br>2) Add oil and water, knead 2 minutes.<br>3) Let it hydrate for 15 minutes.<br>4) Split into 6, roll between parchment to 18 cm.<br>5) Fry in a dry non-stick pan, medium heat, 2 minutes per side.<br><br>Tip: they freeze well.</div>`,
    pct: {
      'gluten-free flour blend': 80,
      'tapioca starch': 20,
      'psyllium husk': 4,
      'warm water': 104,
      'olive oil': 6,
    },
    kinds: 'mix knead rest divide roll cook',
    rests: [15],
    cook: [120, 120],
    allergens: [],
  },
  {
    manner: 'structured data',
    text: `{"@context":"https://schema.org","@type":"Recipe","name":"Pupusas","recipeYield":"8 pupusas","recipeIngredient":["2 cups masa harina (230 g)","1 1/2 cups warm water (355 g)","1 tsp salt","1 cup grated mozzarella (115 g)","oil for your hands"],"recipeInstructions":[{"@type":"HowToStep","name":"Make the masa","text":"Mix masa harina, salt and water to a soft dough. Cover and rest 15 minutes."},{"@type":"HowToStep","name":"Fill","text":"With oiled hands, roll the dough into 8 balls. Press a hollow into each, fill with cheese and pinch closed. Pat into 12 cm discs, about 1 cm thick."},{"@type":"HowToStep","name":"Cook","text":"Cook on a hot griddle for 3 to 4 minutes per side until golden."}]}`,
    pct: { 'masa harina': 100, 'warm water': 154 },
    kinds: 'mix rest ball fill shape cook',
    rests: [15],
    cook: [210, 210],
    allergens: ['milk'],
    others: ['mozzarella'],
  },
  {
    manner: 'structured data',
    text: `{"@graph":[{"@type":"Organization","name":"X"},{"@type":"Recipe","name":"Rghaif","recipeYield":"12","recipeIngredient":["3 cups (400g) flour","1 cup (170g) fine semolina","2 teaspoons salt","1 teaspoon sugar","1/4 teaspoon yeast","1 1/2 cups (350ml) warm water","1 cup vegetable oil for shaping","50g soft butter for shaping"],"recipeInstructions":[{"@type":"HowToStep","text":"Combine flour, semolina, salt, sugar, yeast and water and knead until very smooth, about 15 minutes."},{"@type":"HowToStep","text":"Divide the dough into 12 balls, coat with oil and rest for 15 minutes."},{"@type":"HowToStep","text":"Flatten each ball paper-thin with oiled hands, dot with butter and fold in thirds, then in thirds again."},{"@type":"HowToStep","text":"Let rest 10 minutes, flatten to 14 cm."},{"@type":"HowToStep","text":"Cook on a griddle over medium heat, 4 minutes in total, turning several times."}]}]}`,
    pct: { flour: 70.2, 'fine semolina': 29.8, 'warm water': 61.4 },
    kinds: 'mix knead divide ball rest shape fill shape rest shape cook',
    rests: [15, 10],
    cook: [60, 60, 60, 60],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'a scan of an old book',
    text: `THE COTTAGE COOK                                  19

To make Oat Cakes upon the Girdle. - Take of fine
Oatmeal one pound, of Wheat Flour four ounces, a
tea-spoonful of Salt, half as much of Soda, and two
ounces of Dripping melted in a gill and half (220
ml) of hot Water. Mix quickly; knead a little; roll
out very thin; cut into eight triangles; and bake
upon the hot Girdle ten minutes, upon one side
only, then toast the other before the fire.`,
    pct: { 'fine oatmeal': 80, 'wheat flour': 20 },
    kinds: 'mix knead roll divide cook',
    rests: [],
    cook: [600],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a scan',
    text: `Exp. 7   Unleavened bread (group of 4)      Date ....

Wheat flour    l00 g
Whole meal     1OO g
Salt             3 g
Water          l2O ml

1. Mix and knead 7 min
2. Rest 2O min.
3. Divide into 4 x 8O g, ball
4. Roll l6 cm
5. Griddle 4O s each side
Observations: ...........................`,
    pct: { 'wheat flour': 50, water: 60, salt: 1.5 },
    kinds: 'mix knead rest divide ball roll cook',
    rests: [20],
    cook: [40, 40],
    pieceG: 80,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `Take three quarters of a kilo of strong flour, half a litre of water less two spoonfuls, fifteen grams of salt, ten grams of fresh yeast. Mix five minutes; leave a quarter of an hour; knead five minutes more. Let it double in about an hour. Share it out into twelve, round, and after a quarter of an hour roll each to a hand's length and a half, say twenty-two centimetres. Bake on the hot plate a minute and a quarter, turn it, a minute.`,
    pct: { 'strong flour': 100, salt: 2, 'fresh yeast': 1.3 },
    kinds: 'mix rest knead proof divide ball rest roll cook',
    rests: [15, 60, 15],
    cook: [75, 60],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `Two pounds of flour, nineteen ounces of water, five ounces of lard, three teaspoons of salt. Rub the lard into the flour and salt. Add the water and knead for five minutes. Rest for half an hour. Make twenty-four balls. Rest for fifteen minutes. Roll to seven inches. Cook for forty seconds, then thirty seconds on the second side.`,
    pct: { flour: 100, water: 59.4, lard: 15.6 },
    kinds: 'mix mix knead rest ball rest roll cook',
    rests: [30, 15],
    cook: [40, 30],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'parts by vessel',
    text: `1 part water, 2 parts flour by volume, plus salt. That's all.
For a class of ten use 8 cups of flour and 4 cups of water with 4 tsp salt.
Knead ten minutes, rest 30, divide into 20, roll, cook 40 s a side on a dry griddle.`,
    pct: { flour: 100 },
    kinds: 'mix knead rest divide roll cook',
    rests: [30],
    cook: [40, 40],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'parts by vessel',
    text: `Cup = tea cup (150 ml)
3 cups rice flour
3 cups boiling water
1/2 tsp salt
1 tsp ghee
Boil the water with the salt and ghee, stir in the flour off the heat, cover and leave for 10 minutes. Knead while warm until smooth, 5 min. Make 12 balls, roll out to 15 cm with a little flour. Cook on a hot tava, 30 s, turn, 40 s, turn, 20 s.`,
    pct: { 'rice flour': 100 },
    kinds: 'mix rest knead ball roll cook',
    rests: [10],
    cook: [30, 40, 20],
    allergens: ['milk'],
  },
  {
    manner: 'decimal commas',
    text: `Griddle focaccia 6 x 0,3 kg: flour 1,100 kg; water 0,825 kg; oil 0,055 kg; salt 0,0242 kg; yeast 0,0055 kg. Mix 5 min, rest 0,5 h, fold, 0,5 h, fold, 1 h. Divide 0,3 kg. Proof 0,75 h. Press to 20 cm. Griddle with lid 4,5 min, turn, 3,5 min.`,
    pct: { flour: 100, water: 75, oil: 5, salt: 2.2, yeast: 0.5 },
    kinds: 'mix proof fold proof fold proof divide proof shape cook',
    rests: [30, 30, 60, 45],
    cook: [270, 210],
    pieceG: 300,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'decimal commas',
    text: `Tortillas de trigo (24 uds. de 45 g)
Harina (flour) ....... 0,65 kg
Agua (water) ......... 0,36 kg
Manteca (lard) ....... 0,065 kg
Sal (salt) ........... 10,0 g
Knead 6,0 min. Rest 20 min. Ball 45 g. Rest 15 min. Roll 18 cm. Comal 0,5 min per side.`,
    pct: { flour: 100, water: 55.4, lard: 10, salt: 1.5 },
    kinds: 'mix knead rest ball rest roll cook',
    rests: [20, 15],
    cook: [30, 30],
    pieceG: 45,
    allergens: ['gluten', 'wheat'],
  },
];
