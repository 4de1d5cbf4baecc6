import type { RecipeText } from './recipe-text.ts';

/** A forty-sixth lot whose expectation was written before the reader saw it: two texts of each common manner. */
export const FORTY_SIXTH: readonly RecipeText[] = [
  {
    manner: 'a handout',
    text: `THE OLD DAIRY COOKERY ROOMS
Handout 4: buttermilk griddle rounds
For 10 rounds

Weigh out
  400 g plain flour
  100 g fine oatmeal
  9 g salt
  6 g bicarbonate of soda
  380 g buttermilk
  25 g melted butter

What we do
1. Stir the dry things together in a wide bowl.
2. Pour in the buttermilk and the butter; stir with a knife to a soft dough.
3. Turn out, knead five or six times only, and let it rest for 10 minutes.
4. Cut into ten. Pat each one out to 11 cm.
5. Bake on a moderately hot griddle for 4 minutes, turn, and bake for another 4 minutes.
6. Cool in a cloth.

Who should not eat this: anyone avoiding milk, wheat or oats.`,
    pct: {
      'plain flour': 80,
      'fine oatmeal': 20,
      salt: 1.8,
      'bicarbonate of soda': 1.2,
      buttermilk: 76,
      'melted butter': 5,
    },
    kinds: 'mix knead rest divide shape cook',
    rests: [10],
    cook: [240, 240],
  },
  {
    manner: 'a handout',
    text: `Tuesday evening class – what you take home in words

Thin maize-and-wheat breads, 12 pieces

Ingredients: 300 g plain flour · 150 g fine maize flour · 9 g salt · 45 g lard · 260 g hot water

Method
* Rub the lard into the flours and salt.
* Add the hot water, mix with a fork, then knead for 4 minutes.
* Divide into 12 balls straight away. Cover. 25 minutes.
* Press or roll each ball to 17 cm.
* Dry pan, high heat: 45 seconds, flip, 45 seconds.
* Stack in a towel.

Tip: the dough should feel like an earlobe.`,
    pct: { 'plain flour': 66.7, 'fine maize flour': 33.3, salt: 2, lard: 10, 'hot water': 57.8 },
    kinds: 'mix mix knead divide ball rest roll cook finish',
    rests: [25],
    cook: [45, 45],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a table',
    text: `Ingredient	Grams	Baker's %
Strong flour	850	85
Spelt flour	150	15
Water	660	66
Salt	20	2
Dried yeast	8	0.8
Olive oil	40	4

Step	Time
Mix	3 min
Knead	8 min
First proof	75 min
Divide	90 g
Ball	-
Rest	15 min
Roll	18 cm
Griddle	70 s per side`,
    pct: { 'strong flour': 85, 'spelt flour': 15, water: 66, salt: 2, 'dried yeast': 0.8, 'olive oil': 4 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [75, 15],
    cook: [70, 70],
    pieceG: 90,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a table',
    text: `| What | How much | Why |
|---|---|---|
| Plain yoghurt | 250 g | softness |
| Plain flour | 400 g | body |
| Baking powder | 10 g | lift |
| Salt | 7 g | taste |

| No. | Do this | Minutes |
|---|---|---|
| 1 | Mix | 3 |
| 2 | Knead | 2 |
| 3 | Rest, covered | 15 |
| 4 | Divide into 8, roll to 15 cm | 10 |
| 5 | Griddle, 2 minutes each side | |`,
    pct: { 'plain yoghurt': 62.5, 'plain flour': 100, 'baking powder': 2.5, salt: 1.75 },
    kinds: 'mix knead rest divide roll cook',
    rests: [15],
    cook: [120, 120],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Village flatbread (percent of flour)
wholemeal 60, white 40, water 71, salt 1.9, sourdough 25, honey 2
Mix 4 min. Rest 20 min. Knead 4 min. Bulk 3 h with a fold after 1 h. Scale 160 g. Round. 30 min. Roll 24 cm. Plate 250 °C, 90 s + 60 s.`,
    // a colour beside a flour is one: "white flour"
    pct: { wholemeal: 60, 'white flour': 40, water: 71, salt: 1.9, sourdough: 25, honey: 2 },
    kinds: 'mix rest knead proof fold proof divide ball rest roll cook',
    rests: [20, 60, 120, 30],
    cook: [90, 60],
    pieceG: 160,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `CHAPATI – class formula
Atta 100%
Water 68% (warm)
Salt 1%
Oil 3%

Knead 8 min, rest 30 min. 45 g balls, rest 5 min. Roll 16 cm. Tawa: 20 s, flip, 40 s, flip, 20 s on the flame.`,
    pct: { atta: 100, water: 68, salt: 1, oil: 3 },
    // balls of a weight are one step, as in earlier lots
    kinds: 'mix knead rest ball rest roll cook',
    rests: [30, 5],
    cook: [20, 40, 20],
    pieceG: 45,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `My grandmother's potato cakes: boil and mash 600 g of floury potatoes, and while they are still warm work in 180 g plain flour, 40 g butter and 9 g salt. Don't knead it, just bring it together. Cut the dough in two, pat each half into a round 1 cm thick and cut each round into four. Cook on a floured griddle over a medium heat for 4 minutes a side until golden.`,
    pct: { 'plain flour': 100, butter: 22.2, salt: 5 },
    // its halves are cut in quarters
    kinds: 'prepare mix divide shape divide cook',
    rests: [],
    cook: [240, 240],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['potatoes'],
  },
  {
    manner: 'one paragraph',
    text: `For sixteen thin wraps you want 640 g of plain flour, a level tablespoon of salt, 60 g of oil and about 340 g of very hot water. Stir the water into the flour and salt with a wooden spoon, add the oil, and as soon as your hands can bear it knead for five minutes. Wrap the dough and leave it for half an hour. Make sixteen balls, cover them, and roll each one out to 22 cm. They need no more than 40 seconds on the first side and 20 on the second in a very hot dry pan. Keep them in a lidded box so that they stay soft.`,
    pct: { 'plain flour': 100, oil: 9.4, 'very hot water': 53.1 },
    kinds: 'mix knead rest ball roll cook',
    rests: [30],
    cook: [40, 20],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a web page',
    text: `<!doctype html><html><head><title>Soft Garlic Flatbreads | Hob and Hearth</title></head><body>
<nav>Home | Recipes | About</nav>
<h1>Soft Garlic Flatbreads</h1>
<p>These are on our table twice a week. Jump to recipe.</p>
<div class="ad">Advertisement</div>
<h2>You will need</h2>
<ul><li>350g strong white flour</li><li>1 tsp salt</li><li>7g sachet fast-action dried yeast</li><li>1 tbsp olive oil</li><li>210ml lukewarm water</li><li>50g butter</li><li>2 garlic cloves, crushed</li></ul>
<h2>Method</h2>
<ol><li>Combine the flour, salt and yeast. Add the oil and water and bring together.</li>
<li>Knead on a lightly floured surface for 8-10 minutes until smooth.</li>
<li>Put in an oiled bowl, cover and leave to rise for 1 hour.</li>
<li>Melt the butter with the garlic.</li>
<li>Divide into 6, roll each to about 18cm.</li>
<li>Cook in a hot dry frying pan for 2 mins on each side.</li>
<li>Brush with the garlic butter and serve straight away.</li></ol>
<p>Nutrition per serving: 290 kcal</p></body></html>`,
    // a spoon of oil weighs what the chart of foods says: left out
    pct: { 'strong white flour': 100, 'fast-action dried yeast': 2, 'lukewarm water': 60 },
    kinds: 'mix knead proof prepare divide roll cook finish',
    rests: [60],
    cook: [120, 120],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['garlic', 'butter'],
  },
  {
    manner: 'a web page',
    text: `<article><h2>Chickpea pancakes</h2><p>Serves 4 &bull; Vegan &bull; Gluten free</p>
<p><b>Ingredients</b><br>200 g chickpea flour<br>400 ml water<br>2 tbsp olive oil<br>&frac34; tsp salt<br>&frac12; tsp cumin</p>
<p><b>Method</b><br>Whisk everything to a smooth batter. Cover and leave for 1 hour, or up to 4 hours.<br>Heat an oiled pan. Pour in a ladleful, tilt to spread to 18 cm.<br>Cook for 3 minutes until the edges lift, flip and cook for 2 minutes.<br>Keep warm and repeat.</p></article>`,
    pct: { 'chickpea flour': 100, water: 200 },
    kinds: 'mix rest divide shape cook finish',
    rests: [60],
    cook: [180, 120],
    allergens: [],
  },
  {
    manner: 'structured data',
    text: `{"@context":"https://schema.org/","@type":"Recipe","name":"Garden Herb Flatbread","author":{"@type":"Person","name":"Mara Quill"},"recipeYield":"8 flatbreads","totalTime":"PT1H50M","recipeIngredient":["500 g bread flour","10 g salt","6 g instant yeast","300 g water","50 g plain yogurt","30 g olive oil","20 g chopped mixed herbs"],"recipeInstructions":[{"@type":"HowToStep","name":"Mix","text":"Mix flour, salt, yeast, water, yogurt and oil for 4 minutes."},{"@type":"HowToStep","name":"Knead","text":"Knead in the herbs for 6 minutes."},{"@type":"HowToStep","name":"Proof","text":"Cover and proof for 60 minutes."},{"@type":"HowToStep","name":"Shape","text":"Divide into 8 pieces, round them, rest 10 minutes and roll to 19 cm."},{"@type":"HowToStep","name":"Cook","text":"Cook on a hot griddle for 90 seconds per side."}]}`,
    pct: {
      'bread flour': 100,
      salt: 2,
      'instant yeast': 1.2,
      water: 60,
      'plain yogurt': 10,
      'olive oil': 6,
      'chopped mixed herbs': 4,
    },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [60, 10],
    cook: [90, 90],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'structured data',
    text: `<script type="application/ld+json">{"@context":"https://schema.org","@graph":[{"@type":"WebPage","name":"Spring onion pancakes"},{"@type":"Recipe","name":"Spring onion pancakes","recipeYield":["6","6 pancakes"],"recipeIngredient":["300 g plain flour","165 g boiling water","35 g cold water","4 g salt","30 g sesame oil","80 g spring onions, sliced"],"recipeInstructions":[{"@type":"HowToSection","name":"Dough","itemListElement":[{"@type":"HowToStep","text":"Pour the boiling water over the flour and stir. Add the cold water and knead for 5 minutes."},{"@type":"HowToStep","text":"Cover and rest for 40 minutes."}]},{"@type":"HowToSection","name":"Shape and cook","itemListElement":[{"@type":"HowToStep","text":"Divide into 6. Roll each out thin, brush with sesame oil, sprinkle with salt and spring onions."},{"@type":"HowToStep","text":"Roll up, coil, and rest for 10 minutes."},{"@type":"HowToStep","text":"Flatten to 15 cm. Fry for 2 minutes on each side."}]}]}]}</script>`,
    pct: { 'plain flour': 100, 'boiling water': 55, 'cold water': 11.7 },
    kinds: 'mix knead rest divide roll fill coil rest shape cook',
    rests: [40, 10],
    cook: [120, 120],
    allergens: ['gluten', 'sesame', 'wheat'],
    others: ['spring onions', 'sesame oil'],
  },
  {
    manner: 'a scan',
    text: `GIRDLE SC0NES WITHOUT SUGAR

8 oz. plain fIour           1 oz. butter
1/2 teasp. salt             1/2 teasp. soda
1 teasp. cream of tartar    about 1/4 pt. milk

Sift the dry ingredients and rub in the butter. Mix
with the milk to a soft dough. Knead very light-
ly, roll out half an inch thick to a round and cut
into six. Cook on a moderately hot girdle for 5
minutes on each side.`,
    pct: { 'plain flour': 100, butter: 12.5, milk: 62.6 },
    // sifted, rubbed and mixed are three, as in earlier lots
    kinds: 'mix mix mix knead roll divide cook',
    rests: [],
    cook: [300, 300],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'a scan',
    text: `42                HEARTH AND HOB

PLAIN OATCAKES.  Half a pound of medium oat-
meal, a quarter of a teaspoonful of salt, a table-
spoonful of melted dripping, boiling water. Put
the meal and salt in a basin, pour in the melted
dripping and enough boiling water (about 5 fl. oz.)
to make a stiff paste. Knead, divide into two,
and roll each as thin as possible. Cut in quar-
ters and bake on a hot girdle for 6 minutes.`,
    pct: { 'medium oatmeal': 100, 'boiling water': 62.6 },
    kinds: 'mix knead divide roll divide cook',
    rests: [],
    cook: [216, 144],
  },
  {
    manner: 'words for numbers',
    text: `Take five hundred grams of strong flour, three hundred and twenty grams of water, ten grams of salt and five grams of yeast. Mix for three minutes and knead for nine. Leave it to rise for an hour and a quarter. Divide into seven, round each piece and rest them for a quarter of an hour. Roll to twenty centimetres. Cook for a minute and a half on one side and a minute on the other.`,
    pct: { 'strong flour': 100, water: 64, salt: 2, yeast: 1 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [75, 15],
    cook: [90, 60],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `You need a pound and a half of plain flour, three quarters of a pint of warm water, three teaspoons of salt and two ounces of lard. Rub in the lard, add the water, and knead ten minutes. Let it stand half an hour. Make two dozen balls; after another ten minutes roll them out thin, to eight inches. A hot griddle, half a minute a side.`,
    pct: { 'plain flour': 100, 'warm water': 62.6, lard: 8.3 },
    kinds: 'mix mix knead rest ball rest roll cook',
    rests: [30, 10],
    cook: [30, 30],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'parts by vessel',
    text: `By the teacup, for the scout camp:
3 teacups flour
1 teacup water
1 teaspoon salt
2 tablespoons oil
Mix in the pot, knead a bit, rest ten minutes. Everybody takes a lump the size of an egg and flattens it with the hands. Cook on the flat stone by the fire, three minutes a side.`,
    // a cup of flour is 120 g by the chart
    pct: { flour: 100, water: 65.7 },
    kinds: 'mix knead rest divide shape cook',
    rests: [10],
    cook: [180, 180],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'parts by vessel',
    text: `Two parts wholemeal flour, one part white flour, one and a half parts water, all by volume, plus a pinch of salt to every part of flour. Knead till smooth. Rest 30 min. Walnut-sized balls, rolled to 14 cm. Hot dry pan, 30 seconds, turn, 45 seconds, turn, 10 seconds.`,
    pct: { 'wholemeal flour': 65.8, 'white flour': 34.2 },
    kinds: 'mix knead rest ball roll cook',
    rests: [30],
    cook: [30, 45, 10],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'decimal commas',
    text: `Fladenbrot vom Blech / griddle bread
1,2 kg Weizenmehl (wheat flour)
0,78 l Wasser (water)
24 g Salz (salt)
12,5 g Hefe (yeast)
60 g Öl (oil)

Kneten/knead: 7 min. Gare/proof: 1,5 h. Teilen/divide: 18 pieces of 115 g, round. Rest 20 min. Roll 22 cm. Griddle 1,5 min per side.`,
    pct: { 'wheat flour': 100, water: 65, salt: 2, yeast: 1, oil: 5 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [90, 20],
    cook: [90, 90],
    pieceG: 115,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'decimal commas',
    text: `Wraps, 24 pcs x 65 g
flour 0,950 kg
water 0,500 kg
rapeseed oil 0,095 kg
salt 0,019 kg
baking powder 0,0095 kg

Mix 5 min; rest 0,5 h; divide 65 g; ball; rest 10 min; roll 1,5 mm thin, 20 cm; griddle 40 s, turn, 30 s.`,
    pct: { flour: 100, water: 52.6, 'rapeseed oil': 10, salt: 2, 'baking powder': 1 },
    kinds: 'mix rest divide ball rest roll cook',
    rests: [30, 10],
    cook: [40, 30],
    pieceG: 65,
    allergens: ['gluten', 'wheat'],
  },
];
