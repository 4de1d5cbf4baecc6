import type { RecipeText } from './recipe-text.ts';

/** A twenty-eighth lot whose expectation was written before the reader saw it: two texts of each common manner. */
export const TWENTY_EIGHTH: readonly RecipeText[] = [
  {
    manner: 'a handout',
    text: `SOURDOUGH DISCARD FLATBREADS
You'll take home the recipe for 6.

150 g sourdough discard (100% hydration)
250 g plain flour, plus extra
75 g Greek yoghurt
60 ml water
1 tsp baking powder
1 tsp salt
1 tbsp olive oil

1. Stir everything in a bowl until there are no dry bits.
2. Tip onto the bench and knead for a minute or two, just until smooth.
3. Pop it back in the bowl, cover, and rest for 30 minutes.
4. Divide into 6 pieces (about 90 g each), then roll out to about 5 mm.
5. Heat a griddle until smoking. Cook for 90 seconds, turn, then 60 seconds.
6. Brush with olive oil and flaky salt.

Allergens: gluten, milk`,
    pct: { 'plain flour': 100, 'sourdough discard': 60, 'greek yoghurt': 30, water: 24 },
    kinds: 'mix knead rest divide roll cook finish',
    rests: [30],
    cook: [90, 60],
    pieceG: 90,
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'a handout',
    text: `Lesson plan extract: ARABIC BREAD

Formula (per student, 4 breads)
Bread flour       240 g
Water             150 g
Instant yeast       2 g
Salt                4 g
Sugar               5 g
Vegetable oil      10 g

Time    Activity
0:00    Mix and knead, 10 min
0:10    Bulk fermentation, 45 min (show film)
0:55    Divide (4 x 100 g), round
1:00    Intermediate proof, 10 min
1:10    Roll to 17 cm
1:15    Final proof on cloth, 15 min
1:30    Griddle: 30 s, turn, 60 s, turn, 30 s`,
    pct: { 'bread flour': 100, water: 62.5, 'instant yeast': 0.8, salt: 1.7, sugar: 2.1, 'vegetable oil': 4.2 },
    kinds: 'mix knead proof divide ball proof roll proof cook',
    rests: [45, 10, 15],
    cook: [30, 60, 30],
    pieceG: 100,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a table',
    text: `<table><thead><tr><th>Ingredient</th><th>Baker's %</th><th>For 20 pcs (g)</th></tr></thead><tbody><tr><td>Wheat flour</td><td>100</td><td>1200</td></tr><tr><td>Water</td><td>58</td><td>696</td></tr><tr><td>Ghee</td><td>6</td><td>72</td></tr><tr><td>Salt</td><td>1.8</td><td>21.6</td></tr></tbody></table><p>Mix for 6 minutes. Rest for 40 minutes. Divide at 98 g and ball. Rest for 10 minutes. Roll to 22 cm. Griddle for 50 seconds per side.</p>`,
    pct: { 'wheat flour': 100, water: 58, ghee: 6, salt: 1.8 },
    kinds: 'mix rest divide ball rest roll cook',
    rests: [40, 10],
    cook: [50, 50],
    pieceG: 98,
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'a table',
    text: `Item,Qty,Unit
Spelt flour,600,g
Water,370,g
Salt,12,g
Dry yeast,5,g
Honey,15,g

Stage,Minutes
Mix,4
Knead,5
Proof,50
Divide 8 and round,
Rest,10
Roll 20 cm,
Cook first side,1.5
Cook second side,1`,
    pct: { 'spelt flour': 100, water: 61.7, salt: 2, 'dry yeast': 0.8, honey: 2.5 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [50, 10],
    cook: [90, 60],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Khachapuri-type filled griddle bread (B.P.)
Flour 100 %, matsoni or yogurt 70 %, egg 10 %, oil 5 %, salt 1.5 %, baking soda 0.8 %
Filling: grated cheese 80 % of flour weight
Mix just until it comes together. Rest 30 min. Divide 150 g. Round. Flatten to 12 cm, put 70 g of cheese on each, gather and seal, pat out to 18 cm. Griddle, covered, medium-low, 4 min per side. Butter on top.`,
    pct: { flour: 100, egg: 10, oil: 5, salt: 1.5, 'baking soda': 0.8 },
    kinds: 'mix rest divide ball fill shape cook finish',
    rests: [30],
    cook: [240, 240],
    pieceG: 150,
    allergens: ['egg', 'gluten', 'milk', 'wheat'],
    others: ['cheese'],
  },
  {
    manner: 'percentages alone',
    text: `Aish baladi: wholemeal wheat flour 70%, bread flour 30%, water 75%, salt 1.8%, instant yeast 0.8%
mix 10 min - bulk 60 min - scale 120 g - round - proof on bran 30 min - flatten 18 cm - rest 15 min - griddle very hot 1 min / 1 min`,
    pct: { 'wholemeal wheat flour': 70, 'bread flour': 30, water: 75, salt: 1.8, 'instant yeast': 0.8 },
    kinds: 'mix proof divide ball proof shape rest cook',
    rests: [60, 30, 15],
    cook: [60, 60],
    pieceG: 120,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `Stir 5 g of yeast and 10 g of honey into 300 ml of lukewarm water. Tip 450 g of strong white flour and 9 g of salt into a bowl, add the liquid and 20 ml of olive oil, and bring it together into a dough. Knead for 10 minutes by hand until silky. Leave in an oiled bowl, covered, for an hour until doubled in size. Knock back, divide into 6 and shape into rounds. Leave to rest for 10 minutes before rolling to 20 cm discs. Heat a heavy frying pan and dry-fry for 1-2 minutes each side until puffed and charred in places. Keep warm in a clean tea towel.`,
    pct: { yeast: 1.1, honey: 2.2, 'lukewarm water': 66.7, 'strong white flour': 100, salt: 2, 'olive oil': 4.1 },
    // what doubles proofs: written as a rest
    kinds: 'mix knead proof knead divide ball rest roll cook finish',
    rests: [60, 10],
    cook: [90, 90],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `I do tortillas with the teenagers: each of them gets 120 g plain flour, a good pinch of salt, 25 g of vegetable shortening and 65 g of hot water. They rub in the fat, stir in the water and knead it for 3 minutes; it rests under an upturned bowl for 20 minutes while we make the salsa. Then it's cut in 4, balled, rested again for 10 and rolled paper-thin to about 18 cm. A dry griddle as hot as it goes, 30 to 40 seconds a side.`,
    pct: { 'plain flour': 100, 'vegetable shortening': 20.8, 'hot water': 54.2 },
    kinds: 'mix mix knead rest divide ball rest roll cook',
    rests: [20, 10],
    cook: [35, 35],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a web page',
    text: `<section class="ingredients-section"><h2>Ingredients</h2><p>For the dough</p><ul><li>500g plain flour</li><li>1 tsp salt</li><li>275ml warm water</li><li>2 tbsp sunflower oil</li></ul><p>For the filling</p><ul><li>250g minced lamb</li><li>1 onion, finely chopped</li><li>1 tomato, chopped</li><li>small bunch parsley</li><li>1 tsp Aleppo pepper</li></ul></section><section><h2>Method</h2><ol><li>Mix the dough ingredients and knead for 8 minutes. Rest for 30 minutes.</li><li>Mix the filling ingredients.</li><li>Divide the dough into 8 and roll out to 20cm rounds.</li><li>Spread the filling thinly over half of each, fold over and seal.</li><li>Cook in a lightly oiled griddle pan for 3-4 minutes on each side.</li></ol></section>`,
    pct: { 'plain flour': 100, salt: 1.2, 'warm water': 55 },
    kinds: 'mix knead rest prepare divide roll fill shape cook',
    rests: [30],
    cook: [210, 210],
    allergens: ['gluten', 'wheat'],
    others: ['lamb', 'onion', 'tomato', 'parsley', 'pepper'],
  },
  {
    manner: 'a web page',
    text: `<h1>How to make Tortillas de Harina</h1><p><em>From my aunt's kitchen in the hills</em></p><p>Yields 16 tortillas.</p><p>4 cups (500g) all-purpose flour<br />1 1/2 teaspoons salt<br />1 teaspoon baking powder<br />1/2 cup (110g) lard or shortening<br />1 1/4 cups (300ml) hot water</p><p>Combine the dry ingredients. Cut in the lard until crumbly. Add the hot water and stir until the dough comes together, then knead for 5 minutes.</p><p>Divide into 16 balls, cover, and rest for 30 minutes.</p><p>Roll each ball to 8 inches. Cook on a preheated comal for about 45 seconds per side. Press down any bubbles gently.</p><p>Filed under: bread, tortillas</p>`,
    pct: { 'all-purpose flour': 100, 'hot water': 60 },
    kinds: 'mix mix mix knead divide ball rest roll cook',
    rests: [30],
    cook: [45, 45],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'structured data',
    text: `{"@context":"https://schema.org","@type":"Recipe","name":"Aloo Paratha","recipeYield":"6 parathas","recipeIngredient":["2 cups (250 g) atta","1/2 tsp salt","3/4 cup (180 ml) water","2 medium potatoes, boiled and mashed","1 green chili, minced","1/2 tsp cumin seeds","2 tbsp chopped cilantro","ghee, for cooking"],"recipeInstructions":[{"@type":"HowToStep","text":"Combine the atta and salt, gradually add the water and knead for 5 minutes into a soft dough. Cover and rest for 20 minutes."},{"@type":"HowToStep","text":"Mix the potatoes with the chili, cumin and cilantro."},{"@type":"HowToStep","text":"Divide the dough and the filling into 6. Flatten a piece of dough, put a ball of filling in the center, pull up the edges and pinch to seal."},{"@type":"HowToStep","text":"Roll out to 18 cm."},{"@type":"HowToStep","text":"Cook on a hot tava 1 minute, flip, brush with ghee, cook 1 minute, flip and brush again, cook 30 seconds."}]}`,
    pct: { atta: 100, water: 72 },
    kinds: 'mix knead rest prepare divide fill roll cook',
    rests: [20],
    cook: [60, 60, 30],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['potatoes', 'chili', 'cilantro'],
  },
  {
    manner: 'structured data',
    text: `{"@context":"https://schema.org","@type":"Recipe","name":"Sourdough Pita","recipeYield":["10"],"recipeIngredient":["100 g active sourdough starter","450 g bread flour","50 g whole wheat flour","310 g water","10 g salt","20 g olive oil"],"recipeInstructions":"<p>Mix the starter with the water. Add the flours, salt and oil and mix until combined. Rest for 30 minutes.</p><p>Do 3 sets of stretch and folds, 30 minutes apart. Let the dough ferment for another 3 hours.</p><p>Divide into 10 pieces (about 94 g) and shape into balls. Rest 30 minutes.</p><p>Roll to 6 inches and proof 30 minutes. Cook in a hot skillet, 1 minute per side, then 30 seconds more on the first side.</p>"}`,
    pct: {
      'bread flour': 90,
      'whole wheat flour': 10,
      water: 62,
      salt: 2,
      'olive oil': 4,
      'active sourdough starter': 20,
    },
    // between folds that are 30 minutes apart the dough rests
    kinds: 'mix rest fold rest fold rest fold proof divide ball rest roll proof cook',
    rests: [30, 30, 30, 180, 30, 30],
    cook: [60, 60, 30],
    pieceG: 94,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a scan',
    text: `INDIAN BREADS  -  PHULKA

Ingredients :
Whole wheat flour    -  2 cups (250 gms)
Salt                 -  1/2 tsp
Water                -  160 ml approx.

Method :
Sieve the flour and salt. Make a soft dough with
water and knead well for 7-8 mins. Cover, keep for
30 mins. Make 10 small balls. Roll each into a thin
round of 6" diameter. Put on a hot tava; when small
bubbles appear (30 secs) turn. After 30 secs remove
and puff on direct flame. Apply ghee.`,
    pct: { 'whole wheat flour': 100, water: 64 },
    kinds: 'mix knead rest ball roll cook finish',
    rests: [30],
    cook: [30, 30, 15],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'a scan',
    text: `Flat Cakes of Buckwheat (16 pcs)

Buckwheat flour ... 250 grammes
Wheat flour ....... 250 grammes
Milk, tepid ....... 400 grammes
Yeast ............. 20 grammes
Butter, melted .... 50 grammes
Salt .............. 8 grammes

The yeast is dissolved in the milk, the flours
and the salt are stirred in, then the butter. The
dough is left to rise for one hour in a warm
place. It is divided into 16 pieces, which are
rolled out one centimetre thick and left for 15
minutes. They are baked on a dry griddle, three
minutes on each side.`,
    pct: { 'buckwheat flour': 50, 'wheat flour': 50, milk: 80, yeast: 4, butter: 10, salt: 1.6 },
    kinds: 'mix proof divide roll rest cook',
    rests: [60, 15],
    cook: [180, 180],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `Naan for eight. Five hundred grams of flour, one hundred and fifty of yogurt, one hundred and sixty of milk, two spoons of oil, a teaspoon of sugar, a teaspoon and a half of salt, seven grams of yeast. Knead for ten minutes, rest an hour and a quarter. Eight balls, ten minutes more. Roll into ovals. Very hot pan: one minute covered, turn, half a minute.`,
    pct: { flour: 100, yogurt: 30, milk: 32, yeast: 1.4 },
    kinds: 'mix knead proof ball rest roll cook',
    rests: [75, 10],
    cook: [60, 30],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `Measure out a kilo and a quarter of flour, eight hundred grams of water, twenty-five grams of salt and a dozen grams of dry yeast. Mix and let it stand for twenty minutes, then knead for five. Prove for an hour and three quarters. Cut twenty pieces of a hundred grams. Round them, and prove again for half an hour. Stretch to twenty centimetres. Two minutes on the hot stone, then one on the other side.`,
    pct: { flour: 100, water: 64, salt: 2, 'dry yeast': 1 },
    kinds: 'mix rest knead proof divide ball proof shape cook',
    rests: [20, 105, 30],
    cook: [120, 60],
    pieceG: 100,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'parts by vessel',
    text: `Yoghurt-pot flatbreads
1 pot (150 g) natural yoghurt
2 pots self-raising flour
½ tsp salt
Mix to a dough, knead 1 min, divide into 4, roll out thinly and cook in a hot dry pan for 2 min each side.`,
    pct: { 'plain flour': 100 },
    kinds: 'mix knead divide roll cook',
    rests: [],
    cook: [120, 120],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'parts by vessel',
    text: `For each person 1 handful of flour (about 60 g), 2 egg cups of water (about 36 ml), a pinch of salt and a teaspoon of oil. Everyone kneads their own for 5 minutes. All the balls rest side by side for 20 minutes. Roll out. Griddle 1 minute on each side.`,
    pct: { flour: 100, water: 60 },
    kinds: 'mix knead rest divide roll cook',
    rests: [20],
    cook: [60, 60],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'decimal commas',
    text: `Lángos a la plancha
Flour 0,6 kg
Potato, boiled 0,2 kg
Milk 0,33 l
Yeast 25,0 g
Salt 12,5 g
Oil 2,0 cl

Knead 7 min. Rise 1,0 h. Divide in 12 (à 100 g), rest 20 min. Pull to 16 cm. Griddle with 0,5 cl oil each, 2,0 min + 2,0 min.`,
    pct: { flour: 100, potato: 33.3, yeast: 4.2, salt: 2.1 },
    kinds: 'mix knead proof divide rest shape cook',
    rests: [60, 20],
    cook: [120, 120],
    pieceG: 100,
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'decimal commas',
    text: `12 wraps: 1,00 kg blé T55; 0,58 kg eau/water; 0,08 kg huile/oil; 0,02 kg sel/salt. Mix 7 min. Rest 30 min. 12 x 138 g, ball. Rest 10 min. Roll 28 cm. Griddle 0,6 min per side.`,
    pct: { water: 58, oil: 8, salt: 2 },
    kinds: 'mix rest divide ball rest roll cook',
    rests: [30, 10],
    cook: [36, 36],
    pieceG: 138,
  },
];
