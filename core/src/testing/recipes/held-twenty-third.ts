import type { RecipeText } from './recipe-text.ts';

/** A twenty-third lot whose expectation was written before the reader saw it: two texts of each common manner. */
export const TWENTY_THIRD: readonly RecipeText[] = [
  {
    manner: 'a handout',
    text: `SATURDAY CLASS - GRIDDLE NAAN (makes 6)

You will need, per pair:
- 300g strong white flour (plus extra for the bench)
- 5g fine salt
- 4g fast-action yeast
- 6g caster sugar
- 110g plain yoghurt
- 95g warm water
- 20g melted ghee, to brush

09:40 Mix everything except the ghee to a shaggy dough. 3 minutes by hand.
09:45 Knead until smooth, 8 mins.
Cover the bowl. Prove somewhere warm for 1 hour, or until nearly doubled.
Scale into 6 x 85g. Ball up tightly. Rest 10 min under a damp cloth.
Roll to a teardrop about 20cm long.
Griddle: 60 seconds, flip, 45 seconds.
Brush with ghee while hot.

ALLERGENS: wheat (gluten), milk.`,
    pct: {
      'strong white flour': 100,
      'fine salt': 1.7,
      'fast-action yeast': 1.3,
      'caster sugar': 2,
      'plain yoghurt': 36.7,
      'warm water': 31.7,
    },
    kinds: 'mix knead proof divide ball rest roll cook finish',
    rests: [60, 10],
    cook: [60, 45],
    pieceG: 85,
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'a handout',
    text: `Unit 4: Unleavened breads
Chapati, standard formula (10 pcs)

Atta (wholemeal)   400 g
Water, hand-hot    270 g
Salt               6 g
Oil                10 g (optional)

Procedure
a) Combine atta and salt. Add the water gradually; stop when the dough cleans the bowl.
b) Add the oil and knead 6-8 min until supple.
c) Bench rest, covered: 30 min (min. 20, max. 2 h).
d) Divide: 10 @ 68 g. Round.
e) Roll out thinly to 18 cm Ø, dusting lightly.
f) Dry griddle (tawa), high heat. 1st side 20 s, turn, 40 s, turn back 20 s and press with a cloth until it puffs.
Stack in a cloth-lined basket.

Troubleshooting: does not puff - griddle not hot enough or dough rolled unevenly.`,
    pct: { atta: 100, water: 67.5, salt: 1.5, oil: 2.5 },
    // written as 'mix mix … cook': neighbours of a kind are one step, and a basket is a finish
    kinds: 'mix knead rest divide ball roll cook finish',
    rests: [30],
    cook: [20, 40, 20],
    pieceG: 68,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a table',
    text: `Ingredient;Weight (g);Baker's %
Bread flour T65;1000;100
Water;680;68
Salt;20;2
Fresh yeast;8;0.8
Olive oil;30;3

Step;Time;Temp
Mix slow;4 min;24 °C
Mix fast;3 min;
Bulk proof;90 min;24 °C
Divide 200 g and ball;;
Final proof;60 min;
Stretch to 26 cm;;
Griddle;90 s + 60 s;260 °C`,
    pct: { 'bread flour T65': 100, water: 68, salt: 2, 'fresh yeast': 0.8, 'olive oil': 3 },
    kinds: 'mix proof divide ball proof shape cook',
    rests: [90, 60],
    cook: [90, 60],
    pieceG: 200,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a table',
    text: `| Component | Per bread | x 12 |
|:--|--:|--:|
| Plain flour | 60 g | 720 g |
| Milk, warm | 36 g | 432 g |
| Butter, soft | 6 g | 72 g |
| Salt | 1 g | 12 g |
| Baking powder | 1.5 g | 18 g |

1. Rub in the butter.
2. Add the milk and bring together.
3. Knead briefly, 2 min.
4. Rest 20 min, covered.
5. Divide into 12, shape into rounds.
6. Roll out to 14 cm.
7. Cook on a medium griddle 2 min, turn, 2 min.`,
    pct: { 'plain flour': 100, milk: 60, butter: 10, salt: 1.7, 'baking powder': 2.5 },
    kinds: 'mix mix knead rest divide ball roll cook',
    rests: [20],
    cook: [120, 120],
    pieceG: 104.5,
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Lavash
Flour 100
Water 52
Salt 1.8
Oil 4
Yeast (instant) 0.5

mix 6' / bulk 45' / scale 90 g / round / rest 20' / sheet to 1 mm / griddle 25" + 15"`,
    pct: { flour: 100, water: 52, salt: 1.8, oil: 4, 'instant yeast': 0.5 },
    kinds: 'mix proof divide ball rest roll cook',
    rests: [45, 20],
    cook: [25, 15],
    pieceG: 90,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Formula for pita: 80 % bread flour and 20 % wholemeal, 65 % water, 2 % salt, 1 % instant yeast, 3 % olive oil, 1 % sugar. Mix for 8 minutes to medium development. Ferment 60 minutes at 26 °C with one fold after 30 minutes. Divide at 85 g, round, and rest for 15 minutes. Roll to 15 cm and proof for 20 minutes. Cook on a hot griddle 20 seconds, then turn and cook 1 minute, then turn again until puffed, about 1 minute.`,
    pct: { 'bread flour': 80, wholemeal: 20, water: 65, salt: 2, 'instant yeast': 1, 'olive oil': 3, sugar: 1 },
    kinds: 'mix proof fold proof divide ball rest roll proof cook',
    rests: [30, 30, 15, 20],
    cook: [20, 60, 60],
    pieceG: 85,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `For eight piadine put 500 g of 00 flour in a bowl with 10 g salt and 3 g bicarbonate of soda. Work in 75 g of lard with your fingertips, then pour in 250 g of lukewarm water and knead for about 10 minutes until you have a smooth, firm dough. Wrap it in film and leave it at room temperature for at least 30 minutes, better an hour. Portion into eight pieces of around 100 g, round them up, cover and relax for another 15 minutes. Roll each out to 24 cm and bake on a very hot testo for 1 minute per side, pricking the bubbles with a fork.`,
    pct: { '00 flour': 100, salt: 2, 'bicarbonate of soda': 0.6, lard: 15, 'lukewarm water': 50 },
    kinds: 'mix mix mix knead rest divide ball rest roll cook',
    rests: [60, 15],
    cook: [60, 60],
    pieceG: 100,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `Whisk 250g gram flour with 150g plain flour, 1 tsp turmeric, 8g salt and a pinch of chilli. Stir through 1 chopped onion and a handful of coriander. Add roughly 220ml water to make a soft dough, knead 3 min, oil the surface and rest 15 min. Divide in 8, roll into balls, then roll each out to 15cm. Fry on an oiled tava over medium heat 2 min a side, drizzling with a little ghee.`,
    pct: { 'gram flour': 62.5, 'plain flour': 37.5, salt: 2, water: 55 },
    kinds: 'mix knead rest divide ball roll cook',
    rests: [15],
    cook: [120, 120],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['turmeric', 'chilli', 'onion', 'coriander'],
  },
  {
    manner: 'a web page',
    text: `<!doctype html><html><head><title>Easy Yogurt Flatbreads | Crumb &amp; Table</title><script>var ads=[1,2,3];</script></head><body><nav><a href="/">Home</a> <a href="/bread">Bread</a></nav><article><h1>Easy Yogurt Flatbreads</h1><p class="meta">Prep: 10 mins | Cook: 15 mins | Serves 6</p><p>These are my go-to flatbreads for busy nights. My kids ask for them 3 times a week!</p><div class="ad">Advertisement</div><h3>Ingredients</h3><ul><li><span>350</span><span>g</span> self-raising flour, plus extra for dusting</li><li>350g natural yogurt</li><li>1 tsp baking powder</li><li>&frac12; tsp salt</li></ul><h3>Method</h3><p><b>STEP 1</b></p><p>Put all the ingredients in a bowl and mix with a spoon, then use your hands to bring everything together.</p><p><b>STEP 2</b></p><p>Tip onto a floured surface and knead for 1 minute. Set aside for 10 minutes.</p><p><b>STEP 3</b></p><p>Divide the dough into 12 pieces and roll each out to 12cm rounds, about 3mm thick.</p><p><b>STEP 4</b></p><p>Heat a griddle pan over a high heat. Cook each bread for 2 mins on each side until charred.</p></article><footer>&copy; Crumb &amp; Table. 214 comments</footer></body></html>`,
    // self-raising flour is kept as plain flour with its powder
    pct: { 'plain flour': 100, 'natural yogurt': 105 },
    kinds: 'mix knead rest divide roll cook',
    rests: [10],
    cook: [120, 120],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'a web page',
    text: `<div class="recipe"><h2>Msemen (Square Pancakes)</h2>
<p>Yield: about 14 &middot; Total time: 1&nbsp;h&nbsp;30&nbsp;min</p>
<table><tr><td>350 g</td><td>plain flour</td></tr><tr><td>150 g</td><td>fine semolina</td></tr><tr><td>10 g</td><td>salt</td></tr><tr><td>10 g</td><td>sugar</td></tr><tr><td>2 g</td><td>dry yeast</td></tr><tr><td>330 g</td><td>warm water</td></tr></table>
<p>For folding:</p><ul><li>120 ml vegetable oil</li><li>60 g soft butter</li><li>50 g fine semolina</li></ul>
<ol><li>Mix all dough ingredients and knead for 12 minutes until very soft and elastic.</li><li>Divide into 14 balls with oiled hands and leave to rest for 15 minutes.</li><li>Flatten each ball on an oiled surface until paper-thin, dot with butter, sprinkle with semolina and fold into a square.</li><li>Rest the squares for 10 minutes, then flatten to 15 cm.</li><li>Cook on a griddle over medium heat for 3 minutes per side, turning several times.</li></ol></div>`,
    pct: { 'plain flour': 70, 'fine semolina': 30, salt: 2, sugar: 2, 'dry yeast': 0.4, 'warm water': 66 },
    kinds: 'mix knead divide ball rest shape fill shape rest shape cook',
    rests: [15, 10],
    cook: [90, 90, 90, 90],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'structured data',
    text: `<script type="application/ld+json">
{"@context":"http://schema.org","@graph":[{"@type":"WebSite","name":"Bread Corner"},{"@type":"Recipe","name":"Garlic Naan","prepTime":"PT20M","cookTime":"PT12M","totalTime":"PT1H47M","recipeYield":["8","8 naan"],"recipeIngredient":["500 g bread flour","10 g salt","7 g instant yeast (1 sachet)","15 g sugar","150 g yogurt","190 g warm milk","30 g oil","50 g butter, melted, for brushing","4 cloves garlic, crushed"],"recipeInstructions":[{"@type":"HowToSection","name":"Make the dough","itemListElement":[{"@type":"HowToStep","text":"Whisk the dry ingredients together."},{"@type":"HowToStep","text":"Add yogurt, milk and oil and mix to a soft dough."},{"@type":"HowToStep","text":"Knead for 10 minutes."},{"@type":"HowToStep","text":"Cover and leave to rise for 1 hour 15 minutes."}]},{"@type":"HowToSection","name":"Shape and cook","itemListElement":[{"@type":"HowToStep","text":"Divide into 8 equal pieces, shape into balls and let them relax for 10 minutes."},{"@type":"HowToStep","text":"Roll into ovals 5 mm thick."},{"@type":"HowToStep","text":"Cook in a very hot dry pan for 1 minute 30 seconds, flip and cook for another minute."},{"@type":"HowToStep","text":"Stir the garlic into the melted butter and brush over the hot naan."}]}]}]}
</script>`,
    pct: { 'bread flour': 100, salt: 2, 'instant yeast': 1.4, sugar: 3, yogurt: 30, 'warm milk': 38, oil: 6 },
    kinds: 'mix knead proof divide ball rest roll cook prepare finish',
    rests: [75, 10],
    cook: [90, 60],
    pieceG: 112.8,
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'structured data',
    text: `{"@type":"Recipe","name":"Corn tortillas","recipeYield":16,"recipeIngredient":["2 cups (240 g) masa harina","1/2 teaspoon (3 g) salt","1 1/2 cups (355 g) hot water"],"recipeInstructions":"Mix the masa harina and salt. Stir in the hot water and knead for 2 minutes until it feels like soft clay. Cover with a damp towel and rest for 20 minutes. Divide into 16 balls. Press each in a tortilla press lined with plastic to 14 cm. Cook on a hot comal: 30 seconds, flip, 60 seconds, flip, 20 seconds until it puffs. Keep warm in a towel."}`,
    pct: { 'masa harina': 100, salt: 1.25, 'hot water': 147.9 },
    kinds: 'mix knead rest divide ball shape cook finish',
    rests: [20],
    cook: [30, 60, 20],
    pieceG: 37.4,
    allergens: [],
  },
  {
    manner: 'a scan',
    text: `                    GRIDDLE BREADS                47

OATCAKES (Staffordshire style)
4 oz fine oatmeal           1/2 oz fresh yeast
4 oz plain flour            1 teaspoon salt
1 pint warm milk and water  1 teaspoon sugar

Cream the yeast with the sugar and a little of the
warm liquid and leave until frothy, about 10 min-
utes. Mix the oatmeal, flour and salt, and beat in the
yeast and the rest of the liquid to make a smooth
batter. Cover and leave in a warm place for 1 hour.
Grease a griddle, pour on a ladleful of batter and cook
for 2 to 3 minutes; turn and cook the other side for
2 minutes.`,
    pct: { 'fine oatmeal': 50, 'plain flour': 50, 'fresh yeast': 6.25 },
    // creaming the yeast is a step, as in the lots before: written as the waking alone
    kinds: 'mix bloom mix proof divide shape cook',
    rests: [10, 60],
    cook: [150, 120],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'a scan',
    text: `Flat Bread for 10

500 g wheat f1our
15O g wholemeal flour
420 g water
13 g salt
1O g fresh yeast

Dissolve the yeast in the water. Add the flours
and the salt and mix for 5 minutes. Cover and let
ferment for 1 1/2 hours. Divide into 10 pieces of
109 g, round up and let stand 20 minutes. Roll
out to 20 cm. Bake on the plate 1 minute, turn
over, 1 minute more.`,
    pct: { 'wholemeal flour': 23.1, water: 64.6, salt: 2, 'fresh yeast': 1.5 },
    kinds: 'mix proof divide ball rest roll cook',
    rests: [90, 20],
    cook: [60, 60],
    pieceG: 109,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `Take half a kilo of plain flour, three hundred millilitres of warm water, two teaspoons of salt and a tablespoon of oil. Mix and knead for ten minutes. Leave it to rest, well covered, for three quarters of an hour. Make a dozen balls and let them sit for a quarter of an hour. Roll each to about eighteen centimetres and cook for a minute on one side and half a minute on the other.`,
    pct: { 'plain flour': 100, 'warm water': 60, salt: 2.4, oil: 2.5 },
    kinds: 'mix knead rest ball rest roll cook',
    rests: [45, 15],
    cook: [60, 30],
    pieceG: 68.7,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `Ingredients: one kilogram of atta, six hundred and fifty grams of water, eighteen grams of salt, forty grams of oil.
Method: Mix the dough for five minutes. Let it rest for twenty-five minutes. Knead it again for two minutes. Divide it into twenty-four pieces and ball them. After a five minute rest, roll them to sixteen centimetres. Cook them on the tawa for fifteen seconds, flip, thirty seconds, flip, and fifteen seconds over the flame.`,
    pct: { atta: 100, water: 65, salt: 1.8, oil: 4 },
    kinds: 'mix rest knead divide ball rest roll cook',
    rests: [25, 5],
    cook: [15, 30, 15],
    pieceG: 71.2,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'parts by vessel',
    text: `No scales? Use a glass.
5 glasses of flour
2 glasses of water
1/2 glass of oil
2 teaspoons salt
Mix, knead 5 minutes, rest half an hour. Make 12 balls, rest 10 minutes, roll as thin as you can. Cook 30 seconds a side.`,
    pct: { flour: 100 },
    kinds: 'mix knead rest ball rest roll cook',
    rests: [30, 10],
    cook: [30, 30],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'parts by vessel',
    text: `Beer flatbread
3 cups bread flour
1 bottle (330 ml) wheat beer
1 tsp salt
1 tbsp olive oil
Stir everything together, knead for 5 min and cover; warm place, about 1 hour. Cut into 8, no second proof, roll to 20 cm straight away and cook 90 seconds a side on a hot plate. Some balls can go in the fridge for up to 2 days.`,
    pct: { 'bread flour': 100 },
    kinds: 'mix knead rest divide roll cook',
    rests: [60],
    cook: [90, 90],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'decimal commas',
    text: `Yufka (20 Stück à 60 g)
Mehl / flour 0,750 kg
Wasser / water 0,435 l
Salz / salt 15,0 g
Mix 7,5 min. Rest 0,5 h. Divide 60 g, round, rest 15 min. Roll to 30 cm with a thin pin. Griddle 0,75 min per side.`,
    pct: { flour: 100, water: 58, salt: 2 },
    kinds: 'mix rest divide ball rest roll cook',
    rests: [30, 15],
    cook: [45, 45],
    pieceG: 60,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'decimal commas',
    text: `Gözleme dough, for 8 breads
0,5 kg flour (type 550)
0,29 l water
1,5 tsp salt
2,5 cl olive oil
Knead for 6 min, rest 40 min, divide into 8, form balls, rest 10 min. Roll out to 1,5 mm, fill with 0,4 kg spinach and 150,5 g feta, fold and seal. Bake on the sač 2,5 min per side.`,
    // the type of a flour is of its name
    pct: { 'flour type 550': 100, water: 58, salt: 1.83 },
    kinds: 'mix knead rest divide ball rest roll fill cook',
    rests: [40, 10],
    cook: [150, 150],
    allergens: ['gluten', 'milk', 'wheat'],
  },
];
