import type { RecipeText } from './recipe-text.ts';

/** A thirty-second lot whose expectation was written before the reader saw it: two texts of each common manner. */
export const THIRTY_SECOND: readonly RecipeText[] = [
  {
    manner: 'a handout',
    text: `RECIPE: Peshwari-style naan (contains nuts!)
Serves: 6

For the dough
350g strong white flour
1½ tsp instant yeast
1 tsp salt
2 tsp sugar
100g natural yoghurt
120ml warm milk
1 tbsp oil

For the filling
40g ground almonds
40g desiccated coconut
30g sultanas
2 tbsp double cream

Method
1. Mix all the dough ingredients, then knead for 10 minutes.
2. Leave to prove for 1 hour.
3. Blend the filling ingredients to a paste.
4. Divide the dough into 6. Flatten each, put a spoonful of filling in the middle, gather up and seal.
5. Rest for 10 minutes, then roll out gently to 18 cm.
6. Cook on a hot griddle, 1½ minutes each side.
7. Brush with melted butter.`,
    pct: { 'strong white flour': 100, 'natural yoghurt': 28.6, 'warm milk': 35.3 },
    kinds: 'mix knead proof prepare divide fill rest roll cook finish',
    rests: [60, 10],
    cook: [90, 90],
    allergens: ['gluten', 'milk', 'nuts', 'wheat'],
    others: ['almonds', 'coconut', 'sultanas'],
  },
  {
    manner: 'a handout',
    text: `Bread at the river, 9 May. Bring: an apron, a box.

LEVAIN FLATBREAD, 10 pieces
flour 700 g (half white, half wholemeal)
water 460 g
ripe levain 140 g
salt 15 g

8.30 mix (all but the salt)
9.00 salt in, knead 4 minutes
9.10–12.10 bulk, two folds
12.10 divide, 130 g, round
12.20 rest 40 minutes
13.00 flatten 18 cm, bake on the iron, 2 minutes + 1½ minutes`,
    pct: { water: 65.7, 'ripe levain': 20, salt: 2.1 },
    // what goes in at once before kneading is of the kneading: written with a mixing of its own
    kinds: 'mix knead proof divide ball rest shape cook',
    rests: [180, 40],
    cook: [120, 90],
    pieceG: 130,
  },
  {
    manner: 'a table',
    text: `| No. | Operation | Parameter |
|----|-----------|-----------|
| 1 | Scaling | flour 5 kg, water 3.1 kg, salt 0.1 kg, yeast 0.05 kg, oil 0.15 kg |
| 2 | Mixing | 3 min slow, 5 min fast |
| 3 | Bulk | 50 min, 26 °C |
| 4 | Dividing | 90 g |
| 5 | Rounding | |
| 6 | Resting | 15 min |
| 7 | Sheeting | 2.5 mm, 18 cm |
| 8 | Baking | griddle 260 °C, 40 s per side |`,
    pct: { flour: 100, water: 62, salt: 2, yeast: 1, oil: 3 },
    kinds: 'mix proof divide ball rest roll cook',
    rests: [50, 15],
    cook: [40, 40],
    pieceG: 90,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a table',
    text: `Fougasse-ish griddle bread
            grams   ounces
flour        500     17.6
water        330     11.6
olive oil     25      0.9
salt          10      0.35
yeast          4      0.14
olives        80      2.8

Knead all but the olives for 8 minutes, work in the olives. Proof 70 min. Divide into 4 and shape into balls; 15 min. Flatten to 20 cm, slash three times. Low griddle with lid, 5 min and 4 min.`,
    pct: { flour: 100, water: 66, 'olive oil': 5, salt: 2, yeast: 0.8, olives: 16 },
    // what is worked in later is a mixing, as in the lots before: written without
    kinds: 'mix knead mix proof divide ball rest shape cook',
    rests: [70, 15],
    cook: [300, 240],
    allergens: ['gluten', 'wheat'],
    others: ['olives'],
  },
  {
    manner: 'percentages alone',
    text: `Carta di musica, griddled: semolina 60 / flour 40 / water 58 / salt 2 / dry yeast 0.4
knead 12' – rest 2h – scale 100g – round – rest 45' – roll 1.5 mm, 28 cm – griddle 20" + 20", press`,
    pct: { semolina: 60, flour: 40, water: 58, salt: 2, 'dry yeast': 0.4 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [120, 45],
    cook: [20, 20],
    pieceG: 100,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Basic flatbread (baker's percentage)
* Strong flour: 60 %
* Plain flour: 40 %
* Water: 60 %
* Butter: 6 %
* Salt: 1.8 %
* Dry yeast: 0.8 %

Process
Mix to a smooth dough, approx. 8 minutes.
Let the dough ferment for 1 hour at 24 °C.
Weigh off 85 g pieces, mould into balls.
Let rest for 15 minutes.
Roll to a diameter of 18 cm.
Bake on a griddle at 230 °C, approx. 1 minute on each side.`,
    pct: { 'strong flour': 60, 'plain flour': 40, water: 60, butter: 6, salt: 1.8, 'dry yeast': 0.8 },
    kinds: 'mix proof divide ball rest roll cook',
    rests: [60, 15],
    cook: [60, 60],
    pieceG: 85,
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `Blini-sized griddle cakes: sift 150 g buckwheat flour, 100 g wheat flour, a pinch of salt and 5 g of dry yeast into a bowl, pour in 350 ml of milk warmed to 35 °C, whisk until smooth and let it work for an hour, covered, until bubbly. Stir in one egg and 30 g of melted butter. Drop spoonfuls of 40 g onto a greased griddle and bake for 2 minutes, flip, 1 minute.`,
    pct: { 'buckwheat flour': 60, 'wheat flour': 40, 'dry yeast': 2, milk: 144, 'melted butter': 12 },
    kinds: 'mix proof mix divide shape cook',
    rests: [60],
    cook: [120, 60],
    pieceG: 40,
    allergens: ['egg', 'gluten', 'milk', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `We make lavash with groups of twenty: 2.4 kg of plain flour, 1.2 litres of water, 40 g of salt and 120 ml of oil go into the mixer for 8 minutes. The dough rests an hour in a covered tub. We portion it at 90 g, that's forty-one pieces, round them and let them relax for twenty minutes. Then everybody rolls two as thin as they dare, thirty centimetres or so, and bakes them on the drum for twenty seconds a side.`,
    pct: { 'plain flour': 100, water: 50, salt: 1.7, oil: 4.6 },
    kinds: 'mix rest divide ball rest roll cook',
    rests: [60, 20],
    cook: [20, 20],
    pieceG: 90,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a web page',
    text: `<article><h1>English Muffins on the Griddle</h1><div class="times"><span>Prep 25m</span><span>Cook 15m</span><span>Makes 9</span></div><h4>Ingredients</h4><ul><li>450g strong white bread flour</li><li>7g sachet easy-bake yeast</li><li>1&frac12; tsp salt</li><li>1 tsp sugar</li><li>275ml milk</li><li>50g butter, softened</li><li>semolina or cornmeal, for dusting</li></ul><h4>Method</h4><ul><li>step 1<p>Heat the milk until warm. Mix the flour, yeast, salt and sugar, add the milk and butter and bring together into a dough. Knead for 10 mins.</p></li><li>step 2<p>Cover and leave to rise for 1 hr or until doubled in size.</p></li><li>step 3<p>Roll out to 2cm thick and stamp out 9 rounds with a 9cm cutter. Put on a tray dusted with semolina, cover and leave for 30 mins.</p></li><li>step 4<p>Cook on a heavy griddle over a low heat for 7 mins each side.</p></li></ul></article>`,
    pct: { 'strong white bread flour': 100, milk: 63, butter: 11.1 },
    // milk is warmed beside
    kinds: 'prepare mix knead proof roll divide rest cook',
    rests: [60, 30],
    cook: [420, 420],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'a web page',
    text: `<h1>Simple Flour Tortillas</h1><h2>Ingredients</h2><ul><li>3 cups flour</li><li>1 tsp salt</li><li>1 tsp baking powder</li><li>1/3 cup vegetable oil</li><li>1 cup warm water</li></ul><h2>Instructions</h2><ol><li>Combine flour, salt and baking powder in mixer bowl.</li><li>With mixer running at medium speed, add oil and water. Mix for 1 minute, then reduce to low and continue mixing until smooth.</li><li>Transfer to a floured surface. Divide into 16 equal portions. Round each into a ball and flatten with your palm. Cover and let rest for at least 15 minutes (up to 2 hours).</li><li>Heat a large pan over medium-high heat. Roll each piece into a rough circle, about 6-7 inches in diameter.</li><li>When the pan is very hot, place one dough circle into the pan and allow to cook about one minute or until the bottom has a few brown spots. Flip to the other side for 15-20 seconds.</li><li>Stack in a covered container or zippered bag until all are cooked, to keep them soft and pliable.</li></ol>`,
    pct: { flour: 100 },
    kinds: 'mix divide ball shape rest roll cook finish',
    rests: [22.5],
    cook: [60, 17.5],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'structured data',
    text: `{"@context":"https://schema.org","@type":"Recipe","name":"Beetroot flatbreads","recipeYield":"8 flatbreads","prepTime":"PT30M","cookTime":"PT20M","recipeIngredient":["250g cooked beetroot, puréed","450g plain flour","2 tsp baking powder","1 tsp salt","2 tbsp rapeseed oil","50ml water"],"recipeInstructions":[{"@type":"HowToStep","text":"Mix the beetroot purée, oil and water. Stir in the flour, baking powder and salt to make a soft dough."},{"@type":"HowToStep","text":"Knead for 3 mins, then rest for 20 mins."},{"@type":"HowToStep","text":"Divide into 8 and roll each out to a 16cm circle."},{"@type":"HowToStep","text":"Griddle over a medium-high heat for 90 secs on each side."}]}`,
    pct: { 'cooked beetroot': 55.6, 'plain flour': 100, water: 11.1 },
    kinds: 'mix knead rest divide roll cook',
    rests: [20],
    cook: [90, 90],
    allergens: ['gluten', 'wheat'],
    others: ['beetroot'],
  },
  {
    manner: 'structured data',
    text: `<script type='application/ld+json'>
{ "@context": "https://schema.org/", "@type": "Recipe", "name": "Bolo do caco", "recipeYield": "5", "recipeIngredient": ["300 g sweet potato, cooked and mashed", "500 g bread flour", "180 ml water", "10 g salt", "12 g fresh yeast"], "recipeInstructions": [ {"@type":"HowToStep","text":"Crumble the yeast into the water. Mix with the flour, salt and sweet potato and knead for 10 minutes."}, {"@type":"HowToStep","text":"Cover and leave to rise for 1&frac12; hours."}, {"@type":"HowToStep","text":"Divide into 5, shape into balls and flatten to 2 cm thick discs. Let rise another 30 minutes."}, {"@type":"HowToStep","text":"Cook on a dry griddle over low heat, 8 minutes per side, then stand them on edge for 2 minutes to dry the sides."} ] }
</script>`,
    pct: { 'sweet potato': 60, 'bread flour': 100, water: 36, salt: 2, 'fresh yeast': 2.4 },
    kinds: 'mix knead proof divide ball shape proof cook',
    rests: [90, 30],
    cook: [480, 480],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a scan',
    text: `BANNOCK (Camp Style)

3 cups flour            1 tsp. salt
2 tbsp. baking powder   ¼ cup lard
1½ cups water

Combine dry ingredients.  Rub in lard until
mixture resembles crumbs.  Make a well, add
water all at once, stir with a fork to a soft
dough.  Turn out, knead gently 10 times.
Pat to ¾ inch.  Cut into 8.  Cook in greased
frying pan on medium heat 4 minutes on each
side.`,
    pct: { flour: 100 },
    kinds: 'mix mix mix knead shape divide cook',
    rests: [],
    cook: [240, 240],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a scan',
    text: `Griddle Bread (Pide type), 6 pc.

Flour, type 550 ........ 6OO g
Water, 3O ˚C ........... 39O g
Fresh yeast ............  12 g
Salt ...................  12 g
Sunflower oil ..........  18 g

Kneading 8 min. - dough rest 5O min. - weighing
17O g - rounding - rest 15 min. - pressing out
oval, 22 cm - proof 2O min. - baking on griddle,
3 min. / 2 min.`,
    pct: { water: 65, 'fresh yeast': 2, salt: 2, 'sunflower oil': 3 },
    kinds: 'mix knead proof divide ball rest shape proof cook',
    rests: [50, 15, 20],
    cook: [180, 120],
    pieceG: 170,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `Two hundred and fifty grams of wholemeal flour, two hundred and fifty of white, three hundred and forty grams of water, ten grams of salt. Knead for six minutes, and rest for half an hour. Twelve pieces, rounded. Roll to eighteen centimetres. First side twenty-five seconds, second side forty, first side again fifteen.`,
    pct: { 'wholemeal flour': 50, water: 68, salt: 2 },
    kinds: 'mix knead rest divide ball roll cook',
    rests: [30],
    cook: [25, 40, 15],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `Warm a pint of milk and stir in one ounce of fresh yeast. Put two pounds of flour, one tablespoon of salt and two ounces of butter into a bowl and rub in the butter. Add the milk and knead for ten minutes. Set to rise for an hour and a half. Divide into sixteen, shape round, prove for twenty minutes, flatten, and bake on the bakestone for five minutes on each side.`,
    pct: { flour: 100, 'fresh yeast': 3.1, butter: 6.25 },
    kinds: 'mix mix mix knead proof divide ball proof shape cook',
    rests: [90, 20],
    cook: [300, 300],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'parts by vessel',
    text: `One-two-three bread
1 pot yogurt
2 pots flour
3 pinches salt
(a pot holds 125 ml)
Stir, knead 2 min, rest 10 min. Divide into 4. Roll out. Griddle 90 s each side.`,
    pct: { flour: 100 },
    kinds: 'mix knead rest divide roll cook',
    rests: [10],
    cook: [90, 90],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'parts by vessel',
    text: `Fill a glass with milk and pour it into a bowl. Add a spoon of salt, half a glass of oil and as much flour as it takes, about five glasses. Knead until it no longer sticks. Let it rest for an hour. Divide it into twelve. Roll out and bake on the griddle, a minute on each side.`,
    pct: { flour: 100 },
    kinds: 'mix knead rest divide roll cook',
    rests: [60],
    cook: [60, 60],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'decimal commas',
    text: `Tortas de aceite a la plancha, 20 u.
0,40 kg wheat flour
0,10 l olive oil
0,15 l water
4,5 g salt
15,0 g sugar
7,5 g aniseed
6,0 g dry yeast
Mix and knead 8 min. Prove 0,75 h. 20 balls of 34 g. Press to 12 cm. Griddle, medium, 2,5 min + 2,5 min. Dust with sugar.`,
    pct: { 'wheat flour': 100, water: 37.5, salt: 1.1, aniseed: 1.9, 'dry yeast': 1.5 },
    kinds: 'mix knead proof ball shape cook finish',
    rests: [45],
    cook: [150, 150],
    pieceG: 34,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'decimal commas',
    text: `Rezept für 8 Fladen - recipe for 8 flatbreads: 0,500 kg flour, 0,325 l water, 0,5 pkg dry yeast (3,5 g), 1,5 tsp salt, 2 tbsp oil. Knead 8 min, proof 1,25 h, divide in 8, ball, 10 min rest, roll 20 cm, griddle 1,5 min, turn, 1,0 min.`,
    pct: { flour: 100, water: 65, 'dry yeast': 0.7 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [75, 10],
    cook: [90, 60],
    allergens: ['gluten', 'wheat'],
  },
];
