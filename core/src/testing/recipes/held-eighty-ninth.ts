import type { RecipeText } from './recipe-text.ts';

/** An eighty-ninth lot whose expectation was written before the reader saw it, two of each manner, as instructors keep them in a drawer. */
export const EIGHTY_NINTH: readonly RecipeText[] = [
  {
    manner: 'a handout',
    text: `Roomali-style thin bread – evening class
For four people (12 breads)

Maida 450 g
Atta 150 g
Warm water 390 g
Salt 9 g
Oil 24 g

- Stir everything in the bowl, tip out, knead ten minutes
- Oil it, cover it, one hour
- 12 balls, cover, 15 minutes
- Stretch over the back of your hands to 26 cm
- Upturned wok, very hot: 25 seconds, turn, 15 seconds
- Fold in four, wrap in a cloth`,
    pct: { maida: 75, atta: 25, 'warm water': 65, salt: 1.5, oil: 4 },
    kinds: 'mix knead rest ball rest shape cook finish',
    rests: [60, 15],
    cook: [25, 15],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a handout',
    text: `Potato flatbreads with dill

What you need: 300 g boiled floury potatoes, cold; 250 g plain flour; 1 egg; 6 g salt; a handful of dill.

What you do: Grate the potatoes into a bowl. Add everything else and bring it together. Do not knead. Rest 10 minutes. Divide into 6, pat to 14 cm on a floured board. Cook in a lightly oiled pan, medium, 3 minutes each side.`,
    pct: { 'plain flour': 100, salt: 2.4 },
    kinds: 'prepare mix rest divide shape cook',
    rests: [10],
    cook: [180, 180],
    allergens: ['egg', 'gluten', 'wheat'],
    others: ['potato', 'egg', 'dill'],
  },
  {
    manner: 'a table',
    text: `| Ingredient | Weight (g) | Baker's % |
|---|---|---|
| Bread flour | 800 | 80 |
| Whole wheat | 200 | 20 |
| Water | 700 | 70 |
| Salt | 20 | 2 |
| Fresh yeast | 15 | 1.5 |
| Honey | 20 | 2 |

| Step | Details | Time |
|---|---|---|
| Mix | until no dry flour | 4 min |
| Rest | covered | 20 min |
| Knead | by hand | 6 min |
| Proof | 26 °C | 75 min |
| Divide | 100 g | |
| Round | | |
| Rest | | 15 min |
| Roll | 17 cm | |
| Griddle | 90 s, then 60 s | |`,
    pct: { 'bread flour': 80, 'whole wheat': 20, water: 70, salt: 2, 'fresh yeast': 1.5, honey: 2 },
    kinds: 'mix rest knead proof divide ball rest roll cook',
    rests: [20, 75, 15],
    cook: [90, 60],
    pieceG: 100,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a table',
    text: `Corn tortillas      20 pcs
Masa harina         500 g
Water, warm         650 g
Salt                  6 g
Mixing              3 min
Resting            20 min
Scaling              57 g
Pressing            16 cm
Comal 210 °C        20 s / 50 s / 20 s
Cloth`,
    pct: { 'masa harina': 100, water: 130, salt: 1.2 },
    kinds: 'mix rest divide shape cook finish',
    rests: [20],
    cook: [20, 50, 20],
    pieceG: 57,
    allergens: [],
  },
  {
    manner: 'percentages alone',
    text: `Piadina: flour type 0 100 %, lard 12 %, milk 20 %, water 32 %, salt 2 %, baking powder 1 %. Knead 6 min, rest 45 min, pieces of 130 g, balls, rest 15 min, roll 25 cm, 90 s per side.`,
    pct: { 'flour type 0': 100, lard: 12, milk: 20, water: 32, salt: 2, 'baking powder': 1 },
    kinds: 'mix knead rest divide ball rest roll cook',
    rests: [45, 15],
    cook: [90, 90],
    pieceG: 130,
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `SEEDED CRISPS (all % of flour)
rye 50
wheat 50
water 55
oil 8
salt 2
sesame 6
Mix to a dough. 30 min. Scale 40 g. Roll 2 mm, 20 cm. Bake 220 °C 8 min.`,
    pct: { rye: 50, wheat: 50, water: 55, oil: 8, salt: 2, sesame: 6 },
    kinds: 'mix rest divide roll cook',
    rests: [30],
    cook: [288, 192],
    pieceG: 40,
    allergens: ['gluten', 'sesame', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `My fastest flatbread: whisk 350 g self-raising flour with a teaspoon of salt, stir in 300 g of plain yoghurt with a knife, squeeze it together and leave it under the bowl for a quarter of an hour while the griddle gets hot; then cut it into eight, flatten each bit with floured hands to about 15 cm and give it two minutes, flip, and another minute and a half; butter while hot.`,
    pct: { 'plain flour': 100, 'plain yoghurt': 90, 'baking powder': 5 },
    kinds: 'mix rest divide shape cook finish',
    rests: [15],
    cook: [120, 90],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['butter'],
  },
  {
    manner: 'one paragraph',
    text: `For the spelt wraps we took 600 g of spelt flour, 330 g of water, 12 g of salt and 40 g of oil, kneaded it for five minutes (spelt does not like more), left it wrapped for forty minutes, scaled it at 80 g, rounded, left it ten minutes, rolled to 22 cm and cooked each one on a dry plate for forty seconds a side, stacking them in a damp towel.`,
    pct: { 'spelt flour': 100, water: 55, salt: 2, oil: 6.67 },
    kinds: 'mix knead rest divide ball rest roll cook finish',
    rests: [40, 10],
    cook: [40, 40],
    pieceG: 80,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a web page',
    text: `<article><h1>Garlic &amp; coriander naan</h1><p class="intro">My family asks for these every Friday!</p><p>Makes: 6 | Prep: 20 min | Prove: 1 h | Cook: 15 min</p>
<h2>Ingredients</h2><ul><li>350g strong white flour</li><li>1 tsp caster sugar</li><li>7g sachet fast-action yeast</li><li>1 tsp fine salt</li><li>150ml warm milk</li><li>80g natural yogurt</li><li>15g melted butter, plus 30g for brushing</li><li>2 garlic cloves, crushed</li></ul>
<h2>Method</h2><ol><li>Mix the dry ingredients, then stir in the milk, yogurt and the 15g butter.</li><li>Knead for 8 mins. Cover and leave for 1 hr until doubled.</li><li>Divide into 6 and roll each into a teardrop, about 20cm long.</li><li>Heat a dry frying pan over a high heat. Cook for 2 mins, flip and cook for 1 min more.</li><li>Melt the remaining butter with the garlic and brush over.</li></ol><div class="ad">Subscribe now</div></article>`,
    pct: { 'strong white flour': 100, 'warm milk': 44.1, 'natural yogurt': 22.86 },
    kinds: 'mix knead proof divide roll cook prepare finish',
    rests: [60],
    cook: [120, 60],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['butter', 'garlic'],
  },
  {
    manner: 'a web page',
    text: `<div class="recipe"><h3>Olive oil flatbreads, no yeast</h3><p>4 breads</p><p>250 g plain flour<br>150 ml warm water<br>2 tbsp olive oil<br>½ tsp salt</p><p>Mix it all to a soft dough and knead for 3 minutes.<br>Cover and rest for 30 minutes.<br>Cut into 4 and roll out as thin as you can, about 24 cm.<br>Cook in a very hot pan for about 1 minute per side.<br>Brush with more olive oil.</p><p>Comments (2): "Great!" "Too salty"</p></div>`,
    pct: { 'plain flour': 100, 'warm water': 60, 'olive oil': 10 },
    kinds: 'mix knead rest divide roll cook finish',
    rests: [30],
    cook: [60, 60],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'structured data',
    text: `<script type="application/ld+json">{"@context":"https://schema.org","@type":"Recipe","name":"Pocket rounds","recipeYield":["10","10 breads"],"totalTime":"PT2H10M","recipeIngredient":["600 g strong flour","380 g water","9 g instant yeast","12 g salt","20 g olive oil"],"recipeInstructions":[{"@type":"HowToSection","name":"Dough","itemListElement":[{"@type":"HowToStep","text":"Mix all the ingredients and knead for 9 minutes."},{"@type":"HowToStep","text":"Leave to prove for 70 minutes."}]},{"@type":"HowToSection","name":"Breads","itemListElement":[{"@type":"HowToStep","text":"Divide into 10 pieces, round them and rest for 10 minutes."},{"@type":"HowToStep","text":"Roll to 14 cm and 5 mm, and prove on a floured cloth for 20 minutes."},{"@type":"HowToStep","text":"Cook on a griddle at 250 °C for 2 minutes, turn, and cook for 1 minute."}]}]}</script>`,
    pct: { 'strong flour': 100, water: 63.33, 'instant yeast': 1.5, salt: 2, 'olive oil': 3.33 },
    kinds: 'mix knead proof divide ball rest roll proof cook',
    rests: [70, 10, 20],
    cook: [120, 60],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'structured data',
    text: `{"@context":"https://schema.org/","@type":"Recipe","name":"Cheese farls","recipeYield":"8 farls","recipeIngredient":["450g plain flour","1 tsp bicarbonate of soda","1 tsp salt","100g cheddar, grated","350ml buttermilk"],"recipeInstructions":"Sift the flour, soda and salt and stir in the cheese. Pour in the buttermilk and mix quickly to a soft dough. Divide in two and pat each half to a round of 18cm. Cut each into quarters. Cook on a floured griddle over a low heat for 7 minutes on each side."}`,
    pct: { 'plain flour': 100, buttermilk: 80 },
    kinds: 'mix divide shape divide cook',
    rests: [],
    cook: [420, 420],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['cheddar', 'bicarb'],
  },
  {
    manner: 'a scan',
    text: `FLAT BREADS FOR THE SCHOOL KITCHEN       p. 31

Flour, strong . . . . . 1,5 kg
Water at 30 °C . . . . . 95O g
Salt . . . . . . . . . . 3O g
Dried yeast . . . . . . 15 g
Oil . . . . . . . . . . 75 g

Mix and knead for l2 minutes. Cover and leave in a warm
place for 1 hour. Scale at 1OO g, mould round and rest for
l5 minutes. Pin out to 18 cm. Bake on the hotplate for 1½
minutes on the first side and 1 minute on the second.`,
    pct: { 'strong flour': 100, water: 63.33, salt: 2, 'dried yeast': 1, oil: 5 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [60, 15],
    cook: [90, 60],
    pieceG: 100,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a scan',
    text: `GRIDDLE OAT CAKES.—To half a pound of fine oat-
meal add a salt-spoonful of salt, a pinch of soda and
an ounce of melted drip-
ping. Mix with hot water to a stiff dough, knead
lightly, and roll out thin on a board strewn with
meal. Cut in rounds of 8 cm and bake on a hot gir-
dle for four minutes; do not turn.`,
    pct: { 'fine oatmeal': 100 },
    kinds: 'mix knead roll divide cook',
    rests: [],
    cook: [240],
    allergens: ['gluten'],
    others: ['salt', 'soda', 'dripping', 'water'],
  },
  {
    manner: 'words for numbers',
    text: `Take seven hundred and fifty grams of white flour, four hundred and fifty of warm water, fifteen of salt and five of dried yeast. Knead it for ten minutes, let it rise for an hour and a quarter, and divide it into twelve. Round the pieces and give them twenty minutes. Roll them to eighteen centimetres and cook them for a minute and a half on one side and a minute on the other.`,
    pct: { 'white flour': 100, 'warm water': 60, salt: 2, 'dried yeast': 0.67 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [75, 20],
    cook: [90, 60],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `Maize rounds: half a kilo of fine maize flour, a quarter of a kilo of wheat flour, half a litre of boiling water, a heaped teaspoon of salt and two tablespoons of oil. Scald the maize with the water and leave it for twenty minutes, then work in the wheat flour, the salt and the oil. Make a dozen and a half balls, flatten them to ten centimetres, and cook them three minutes a side.`,
    pct: { 'fine maize flour': 66.7, 'wheat flour': 33.3, 'boiling water': 66.7 },
    kinds: 'mix rest mix ball shape cook',
    rests: [20],
    cook: [180, 180],
    allergens: ['gluten', 'wheat'],
    others: ['salt', 'oil'],
  },
  {
    manner: 'parts by vessel',
    text: `Mug bread for camp: three mugs of flour, one mug of water, half a mug of milk, a spoon of oil, a teaspoon of salt, two teaspoons of baking powder. Stir, knead two minutes, rest ten. Eight lumps, press flat to 12 cm. Pan with a lid, low, four minutes a side.`,
    pct: { flour: 100, water: 65.7, milk: 33.9 },
    kinds: 'mix knead rest divide shape cook',
    rests: [10],
    cook: [240, 240],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['oil', 'salt', 'baking powder'],
  },
  {
    manner: 'parts by vessel',
    text: `2 glasses fine semolina
1 glass flour
1 glass water (a bit more if dry)
1 small spoon salt
Knead 10 min. Under a cloth 20 min. 6 balls, oil them, 10 min. Press by hand to 20 cm. Griddle, medium, 2 min, turn, 2 min.`,
    pct: { 'fine semolina': 73.1, flour: 26.9, water: 53.1 },
    kinds: 'mix knead rest ball rest shape cook',
    rests: [20, 10],
    cook: [120, 120],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'decimal commas',
    text: `Lefse av hvetemel (20 stk. à 0,09 kg)
Hvetemel / wheat flour   1,100 kg
Melk / milk   0,600 kg
Smør / butter   0,110 kg
Salt   0,011 kg
Warm the milk with the butter. Mix with the flour and salt, knead 5 min. Rest 0,5 h. Divide 90 g. Roll 1,5 mm, 30 cm. Takke (griddle) 240 °C: 45 s, turn, 45 s.`,
    pct: { 'wheat flour': 100, milk: 54.5, butter: 10, salt: 1 },
    kinds: 'prepare mix knead rest divide roll cook',
    rests: [30],
    cook: [45, 45],
    pieceG: 90,
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'decimal commas',
    text: `Fladenbrot: 0,5 kg flour; 0,31 l water; 0,01 kg salt; 3,5 g dry yeast; 0,02 l olive oil. Knead 7,5 min; proof 1,25 h; divide in 6; ball; rest 12,5 min; press to 17,5 cm; brush with water and sprinkle with sesame; bake 2,5 min in the lidded pan, not turned.`,
    pct: { flour: 100, water: 62, salt: 2, 'dry yeast': 0.7, 'olive oil': 3.65 },
    kinds: 'mix knead proof divide ball rest shape fill cook',
    rests: [75, 12.5],
    cook: [150],
    allergens: ['gluten', 'sesame', 'wheat'],
  },
];
