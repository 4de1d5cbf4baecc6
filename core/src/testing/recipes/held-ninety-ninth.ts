import type { RecipeText } from './recipe-text.ts';

/** A ninety-ninth lot whose expectation was written before the reader saw it, two of each manner: from a year of evening classes. */
export const NINETY_NINTH: readonly RecipeText[] = [
  {
    manner: 'a handout',
    text: `EVENING CLASS 7 · STUFFED BREADS
Serves: each pair makes 6

DOUGH
350 g plain flour
1 tsp salt
1 tbsp oil
210 ml warm water

FILLING
250 g potatoes, boiled and mashed
60 g feta
2 spring onions, chopped
1/2 tsp chilli flakes

Make the dough first: combine flour, salt, oil and water, knead for 6 minutes, then rest it, covered, for 25 minutes.
In the meantime mash the potatoes with the feta, spring onions and chilli.
Divide dough and filling into 6. Flatten a piece of dough in your palm, put filling in the middle, gather the edges and seal. Leave seam side down for 10 minutes.
Roll gently to 14 cm.
Cook on a lightly oiled griddle over medium heat, 2½ minutes each side.

Do not rush the rest: tight dough tears.`,
    pct: { 'plain flour': 100, salt: 1.74, oil: 3.59, 'warm water': 60 },
    kinds: 'mix knead rest prepare divide fill rest roll cook',
    rests: [25, 10],
    cook: [150, 150],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['potatoes', 'feta', 'spring onions', 'chilli flakes'],
  },
  {
    manner: 'a handout',
    text: `Sourdough flatbreads – what happens when

Friday, 18.00   Feed the starter: 40 g starter, 80 g flour, 80 g water. Leave overnight.
Saturday, 9.00  Mix 200 g of levain with 500 g bread flour, 320 g water and 12 g salt.
9.10   Rest 30 min.
9.40   Fold.
10.10  Fold again.
12.40  Divide into 9, round, cover.
13.00  Roll to 18 cm.
13.10  Griddle on high, 75 seconds, turn, 60 seconds.`,
    // the levain is the starter that was fed
    pct: { starter: 6.9, flour: 13.79, water: 69, 'bread flour': 86.21, salt: 2.07 },
    kinds: 'mix rest mix proof fold proof fold proof divide ball rest roll cook',
    rests: [600, 30, 30, 150, 20],
    cook: [75, 60],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a table',
    text: `| Kulcha | per person | class of 12 |
|---|---|---|
| maida | 90 g | 1080 g |
| curd | 30 g | 360 g |
| milk | 25 g | 300 g |
| sugar | 2 g | 24 g |
| salt | 1.5 g | 18 g |
| baking powder | 1 g | 12 g |
| oil | 5 g | 60 g |

| Stage | How long |
|---|---|
| mix | 5 min |
| knead | 6 min |
| rest | 45 min |
| divide, ball | 75 g |
| rest | 10 min |
| roll | 15 cm |
| tawa | 90 s + 60 s |
| brush with butter | |`,
    pct: { maida: 100, curd: 33.3, milk: 27.8, sugar: 2.22, salt: 1.67, 'baking powder': 1.11, oil: 5.56 },
    kinds: 'mix knead rest divide ball rest roll cook finish',
    rests: [45, 10],
    cook: [90, 60],
    pieceG: 75,
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['butter'],
  },
  {
    manner: 'a table',
    text: `Process sheet;Potato flatbread;20 pcs
Item;Amount;Unit
Wheat flour;1000;g
Boiled potato;600;g
Milk;250;g
Butter;80;g
Salt;22;g
Fresh yeast;20;g

Operation;Minutes;Remark
Mixing;6;
Bulk proof;60;28 °C
Dividing;;98 g
Rounding;;
Bench rest;15;
Rolling;;18 cm
Griddling;2;each side`,
    pct: { 'wheat flour': 100, 'boiled potato': 60, milk: 25, butter: 8, salt: 2.2, 'fresh yeast': 2 },
    kinds: 'mix proof divide ball rest roll cook',
    rests: [60, 15],
    cook: [120, 120],
    pieceG: 98,
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Naan: 100 strong flour / 40 water / 25 yogurt / 6 oil / 2 sugar / 2 salt / 1.2 dry yeast. All in, 8 min machine. 1 h. 110 g balls, 20 min. Pull to teardrops, 20 cm. Hot griddle lid on 60 s, flip 45 s. Garlic butter.`,
    pct: { 'strong flour': 100, water: 40, yogurt: 25, oil: 6, sugar: 2, salt: 2, 'dry yeast': 1.2 },
    kinds: 'mix proof ball rest shape cook',
    rests: [60, 20],
    cook: [60, 45],
    pieceG: 110,
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['garlic butter'],
  },
  {
    manner: 'percentages alone',
    text: `FORMULA (on flour)
Bread flour 85
Spelt, wholegrain 15
Water 68
Malt syrup 1
Salt 2.1
Yeast, fresh 1.2

Autolyse flour and water for 30 min. Add the rest, mix 7 min. Bulk 75 min with one fold after 40. Divide 140 g, pre-shape, rest 15. Flatten to 1 cm, 16 cm. Proof 25 min. Griddle 190 °C 4 min a side.`,
    pct: { 'bread flour': 85, spelt: 15, water: 68, 'malt syrup': 1, salt: 2.1, 'fresh yeast': 1.2 },
    kinds: 'mix rest mix proof fold proof divide ball rest shape proof cook',
    rests: [30, 40, 35, 15, 25],
    cook: [240, 240],
    pieceG: 140,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `My sister's spinach roti begins with 150 g of spinach, wilted, squeezed and chopped fine. Put 400 g of atta in a bowl with a teaspoon of salt and half a teaspoon of ground cumin, add the spinach and about 180 g of water, and knead to a soft dough, 6 minutes or so. Twenty minutes' rest. Pinch off twelve pieces, round them, roll them to 16 cm with a little flour, and cook them on a hot tawa: half a minute, turn, a minute, turn, and press with a cloth for twenty seconds until they puff. Ghee on top, if you like.`,
    pct: { spinach: 37.5, atta: 100, salt: 1.52, 'ground cumin': 0.25, water: 45 },
    kinds: 'mix knead rest divide ball roll cook finish',
    rests: [20],
    cook: [30, 60, 20],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['ghee'],
  },
  {
    manner: 'one paragraph',
    text: `Batter cakes for a crowd: whisk 500 g of buckwheat flour with 10 g of salt and 1 litre of water until it is smooth, cover and leave overnight in the fridge, then loosen with another 150 g of water. Oil the plate, ladle on 120 g for each, spread to 28 cm, cook for 2 minutes, flip and cook for 1 minute.`,
    pct: { 'buckwheat flour': 100, salt: 2, water: 230 },
    kinds: 'mix chill mix divide shape cook',
    rests: [600],
    cook: [120, 60],
    pieceG: 120,
    allergens: [],
    others: ['oil'],
  },
  {
    manner: 'a web page',
    text: `<div class="recipe"><h1>Lebanese mountain bread</h1><span>By Rima</span><p>Yield: 12 breads &middot; Total time: 1 h 40 min</p><table><tr><td>600 g</td><td>strong flour</td></tr><tr><td>150 g</td><td>wholemeal flour</td></tr><tr><td>480 g</td><td>water</td></tr><tr><td>14 g</td><td>salt</td></tr><tr><td>5 g</td><td>dried yeast</td></tr></table><p><b>1.</b> Mix everything and knead 10 minutes.</p><p><b>2.</b> Let it rise, covered, for 45 minutes.</p><p><b>3.</b> Divide into 12, form balls, rest 10 minutes.</p><p><b>4.</b> Roll out, then stretch over the backs of your hands to 35 cm.</p><p><b>5.</b> Bake over an upturned wok, 40 seconds on one side, 20 on the other.</p><p><i>Tip: freeze what you do not eat.</i></p><script>track('x')</script></div>`,
    pct: { 'strong flour': 80, 'wholemeal flour': 20, water: 64, salt: 1.87, 'dried yeast': 0.67 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [45, 10],
    cook: [40, 20],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a web page',
    text: `<!doctype html><html><body><header>Crumb &amp; Stone</header><main><h2>Pumpkin flatbreads</h2><p>We made these when the garden gave us too much.</p><p class="yield">For 8</p><p><strong>You need:</strong> 250 g pumpkin pur&eacute;e, 450 g flour, 7 g salt, 6 g instant yeast, 60 g water, 20 g honey, 25 g olive oil</p><p><strong>To serve:</strong> 200 g ricotta</p><p>Combine everything but the ricotta and knead for 8 minutes. Prove for 1 hour 15 minutes. Knock back, divide into 8, and shape into balls; rest 10 minutes. Press out to 15 cm. Cook on a medium griddle for 3 minutes on each side. Serve with ricotta.</p></main><footer>&copy; 2019</footer></body></html>`,
    pct: {
      'pumpkin purée': 55.6,
      flour: 100,
      salt: 1.56,
      'instant yeast': 1.33,
      water: 13.3,
      honey: 4.44,
      'olive oil': 5.56,
    },
    kinds: 'mix knead proof knead divide ball rest shape cook',
    rests: [75, 10],
    cook: [180, 180],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['ricotta'],
  },
  {
    manner: 'structured data',
    text: `{"@context":"http://schema.org/","@type":"Recipe","name":"Gözleme with spinach","recipeYield":["6","6 gözleme"],"totalTime":"PT1H20M","recipeIngredient":["400g plain flour","1 tsp salt","2 tbsp olive oil","230ml lukewarm water","For the filling:","300g spinach, chopped","150g feta, crumbled","1 small onion, grated"],"recipeInstructions":"Make the dough: mix flour, salt, oil and water and knead 8 minutes. Cover and rest 30 minutes.\\nMix spinach, feta and onion.\\nDivide the dough into 6 balls, rest 10 minutes, and roll each very thin, about 28 cm.\\nSpread filling over half, fold and press the edges.\\nCook on a dry griddle over medium heat, 2 minutes per side. Brush with butter."}`,
    pct: { 'plain flour': 100, salt: 1.52, 'olive oil': 6.28, 'lukewarm water': 57.5 },
    kinds: 'mix knead rest prepare divide ball rest roll fill cook finish',
    rests: [30, 10],
    cook: [120, 120],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['spinach', 'feta', 'onion', 'butter'],
  },
  {
    manner: 'structured data',
    text: `[{"@context":"https://schema.org","@type":"BreadcrumbList"},{"@context":"https://schema.org","@type":"Recipe","name":"Barley griddle bread","recipeYield":4,"prepTime":"PT15M","cookTime":"PT12M","recipeIngredient":["240 g barley flour","60 g plain flour","1 teaspoon baking soda","3/4 teaspoon salt","260 g buttermilk"],"recipeInstructions":[{"@type":"HowToStep","name":"Mix","text":"Whisk the flours, baking soda and salt. Pour in the buttermilk and stir until just combined."},{"@type":"HowToStep","name":"Shape","text":"Divide into 4 and pat each into a disc 1 cm thick."},{"@type":"HowToStep","name":"Cook","text":"Cook over medium-low heat for 6 minutes, turn and cook for 5 minutes."}]}]`,
    pct: { 'barley flour': 80, 'plain flour': 20, 'baking soda': 2.03, salt: 1.52, buttermilk: 86.7 },
    kinds: 'mix divide shape cook',
    rests: [],
    cook: [360, 300],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'a scan',
    text: `THE COMMUNITY COOK              ll3

HEARTH CAKES
Three cups flour, one tea-
spoon salt, one tablespoon
lard, one cup water. Rub
lard in flour and salt, wet
with the water and knead
five minutes. Let stand
thirty minutes under a bowl.
Cut in eight pieces, roll
quarter of an inch thick and
bake on a hot griddle two
minutes each side.`,
    pct: { flour: 100, salt: 1.67, lard: 3.92, water: 65.7 },
    kinds: 'mix mix knead rest divide roll cook',
    rests: [30],
    cook: [120, 120],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a scan',
    text: `Recipe card no. 22

Batch: l2 tortillas

Masa harina      5OO g
Hot water        650 ml
Sa1t             8 g

Mix the masa harina with the salt
and hot water; knead 3 min. Cover,
rest l5 min. Make l2 balls. Press
to l4 cm. Comal: 2O s, turn, 6O s,
turn, 2O s. Keep in a basket.`,
    pct: { 'masa harina': 100, 'hot water': 130, salt: 1.6 },
    kinds: 'mix knead rest ball shape cook finish',
    rests: [15],
    cook: [20, 60, 20],
    allergens: [],
  },
  {
    manner: 'words for numbers',
    text: `For a dozen pitas you need a kilo of strong flour, six hundred and twenty grams of water, twenty grams of salt, ten of dried yeast and two tablespoons of olive oil. Mix, and knead for ten minutes by hand. Let it rise for an hour and a quarter. Divide in twelve, make them round, and after ten minutes roll them to seventeen centimetres. They rest another twenty minutes, then bake on a hot stone for a minute and a half on each side.`,
    pct: { 'strong flour': 100, water: 62, salt: 2, 'dried yeast': 1, 'olive oil': 2.51 },
    kinds: 'mix knead proof divide ball rest roll rest cook',
    rests: [75, 10, 20],
    cook: [90, 90],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `Corn cakes as we had them at home. Two cups of fine maize meal, one cup of flour, two teaspoons of baking powder, one of salt, one and a quarter cups of milk, an egg and two tablespoons of melted butter. Beat all together. Leave it for ten minutes. Drop by the quarter cup on a greased griddle, three minutes, turn, two minutes more.`,
    pct: {
      flour: 30.3,
      'fine maize meal': 69.7,
      'baking powder': 2.02,
      salt: 1.52,
      milk: 71.6,
      egg: 12.6,
      'melted butter': 7.1,
    },
    kinds: 'mix rest divide shape cook',
    rests: [10],
    cook: [180, 120],
    allergens: ['egg', 'gluten', 'milk', 'wheat'],
    others: [],
  },
  {
    manner: 'parts by vessel',
    text: `Teacup roti
4 teacups atta, 1 1/2 teacups water, half a teaspoon salt, 1 tablespoon oil.
Knead ten minutes. Leave half an hour under a wet cloth. 14 balls. Roll 16 cm. Tawa, thirty seconds, turn, forty-five seconds, then the flame for ten.`,
    pct: { atta: 100, water: 78.5, salt: 0.8, oil: 3.29 },
    kinds: 'mix knead rest ball roll cook',
    rests: [30],
    cook: [30, 45, 10],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'parts by vessel, how often told behind',
    text: `One jar of flour, half a jar of yoghurt, a spoon of oil and a pinch of salt for every jar; we take six jars of flour for the whole class. Mix, knead two minutes, rest fifteen. Twenty-four balls, rolled to 15 cm, 70 seconds a side in a dry pan.`,
    pct: { flour: 100, yoghurt: 103.5, oil: 6.2, salt: 0.17 },
    kinds: 'mix knead rest ball roll cook',
    rests: [15],
    cook: [70, 70],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'decimal commas',
    text: `Tunnbröd, mjukt (soft) – 10 st
0,3 l milk
0,05 kg butter
12,5 g fresh yeast
0,25 kg wheat flour
0,2 kg rye flour, fine
7,5 g salt
2,5 g ground anise

Warm the milk with the butter. Dissolve the yeast. Mix in the flours, salt and anise, knead 6 min. Proof 0,75 h. Divide into 10, ball, rest 10 min. Roll with a notched pin to 24 cm. Griddle 1,25 min, turn, 0,75 min.`,
    pct: {
      milk: 68.7,
      butter: 11.1,
      'fresh yeast': 2.78,
      'wheat flour': 55.6,
      'rye flour': 44.4,
      salt: 1.67,
      'ground anise': 0.56,
    },
    kinds: 'prepare mix knead proof divide ball rest roll cook',
    rests: [45, 10],
    cook: [75, 45],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'decimal commas',
    text: `PAN ÁRABE / pita; 1,5 kg harina (flour); 0,93 l agua (water); 30 g sal (salt); 12,5 g levadura seca (dry yeast); 0,045 l aceite (oil). Mix, knead 10 min. Proof 1,25 h. Divide into 20 (125 g), balls, 15 min. Roll 16 cm. Rest 20 min. Stone 300 °C, 2,5 min.`,
    pct: { flour: 100, water: 62, salt: 2, 'dry yeast': 0.83, oil: 2.75 },
    kinds: 'mix knead proof divide ball rest roll rest cook',
    rests: [75, 15, 20],
    cook: [90, 60],
    pieceG: 125,
    allergens: ['gluten', 'wheat'],
  },
];
