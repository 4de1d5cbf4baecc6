import type { RecipeText } from './recipe-text.ts';

/** A seventy-seventh lot whose expectation was written before the reader saw it, two of each manner, as they are handed out in a kitchen school. */
export const SEVENTY_SEVENTH: readonly RecipeText[] = [
  {
    manner: 'a handout',
    text: `SOFT FLATBREADS FOR KEBABS
Makes 8

You need
- 500 g strong white flour, plus a little for the table
- 7 g sachet fast-action yeast
- 1½ tsp fine salt (9 g)
- 2 tbsp natural yoghurt (30 g)
- 290 g lukewarm water
- 15 g olive oil

What to do
1. Put the flour in a large bowl with the yeast on one side and the salt on the other. Add the yoghurt, water and oil and bring together with your hand.
2. Tip on to the table and knead for 10 minutes, until smooth and stretchy.
3. Put back in the oiled bowl, cover with a shower cap and leave somewhere warm for 1 hour, or until doubled.
4. Knock back and divide into 8 pieces. Shape into balls and leave for 10 minutes under a tea towel.
5. Roll each to about 20 cm.
6. Heat a dry frying pan until very hot. Cook one at a time, 2 minutes on the first side, 1 minute on the second.
7. Wrap in a clean towel to keep them soft.

Allergens: wheat, milk.`,
    pct: { 'strong white flour': 100, 'fine salt': 1.8, 'natural yoghurt': 6, 'lukewarm water': 58, 'olive oil': 3 },
    kinds: 'mix knead proof knead divide ball rest roll cook finish',
    rests: [60, 10],
    cook: [120, 60],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['yeast'],
  },
  {
    manner: 'a handout',
    text: `Workshop 3 — Potato flatbreads (12 small)

Before class: boil 600 g floury potatoes in their skins, peel, rice and cool.

600 g cooked potato
180 g plain flour, more for rolling
30 g butter, melted
6 g salt

Mix the potato with butter and salt. Work in the flour lightly; do not knead.
Roll into a log and cut into 12.
Rest the pieces 15 minutes in the fridge.
Roll out thin (2 mm), 18 cm across.
Bake on the dry griddle at 230 °C, 1 min, turn, 1 min.
Stack between cloths.`,
    pct: { 'plain flour': 100, butter: 16.7, salt: 3.3 },
    kinds: 'prepare mix divide chill roll cook finish',
    rests: [15],
    cook: [60, 60],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['potato'],
  },
  {
    manner: 'a table',
    text: `Village flatbread (batch of 24)

Ingredient | Batch | Per piece
Bread flour | 1440 g | 60 g
Water, 28 °C | 936 g | 39 g
Salt | 28.8 g | 1.2 g
Fresh yeast | 14.4 g | 0.6 g
Sunflower oil | 43.2 g | 1.8 g

Step | What | How long
1 | Mix on slow | 4 min
2 | Knead on second speed | 6 min
3 | Bulk proof, covered | 75 min
4 | Divide into 24, round |
5 | Rest | 20 min
6 | Roll 22 cm |
7 | Griddle, 1st side | 60 s
8 | Griddle, 2nd side | 45 s`,
    pct: { 'bread flour': 100, salt: 2, 'fresh yeast': 1, 'sunflower oil': 3 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [75, 20],
    cook: [60, 45],
    pieceG: 102.6,
    others: ['water'],
  },
  {
    manner: 'a table',
    text: `<table>
<tr><th>Ingredient</th><th>For 6</th><th>For 12</th></tr>
<tr><td>Wholemeal flour</td><td>300 g</td><td>600 g</td></tr>
<tr><td>Water</td><td>200 g</td><td>400 g</td></tr>
<tr><td>Salt</td><td>5 g</td><td>10 g</td></tr>
</table>
<p>Mix, knead 8 minutes, rest 30 minutes. Divide into 6 (or 12), ball, roll to 18 cm, cook 40 seconds, flip, 40 seconds, then puff over the flame for 5 seconds.</p>`,
    pct: { 'wholemeal flour': 100, water: 66.7, salt: 1.7 },
    kinds: 'mix knead rest divide ball roll cook',
    rests: [30],
    cook: [40, 40, 5],
    pieceG: 84.2,
  },
  {
    manner: 'percentages alone',
    text: `Formula (baker's %)
Strong flour 80
Spelt flour 20
Water 64
Salt 1.8
Dry yeast 0.6
Olive oil 4

Process: mix to clear, 5 min; develop 5 min more by hand; bulk 90 min with one fold halfway; scale at 110 g; round; bench 20 min; roll; bake on a hot plate 90 s then 60 s.`,
    pct: { 'strong flour': 80, 'spelt flour': 20, water: 64, salt: 1.8, 'dry yeast': 0.6, 'olive oil': 4 },
    kinds: 'mix knead proof fold proof divide ball rest roll cook',
    rests: [45, 45, 20],
    cook: [90, 60],
    pieceG: 110,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `TORTILLA, FLOUR
flour 100
lard 12
salt 1.6
baking powder 1
water (hot) 52

rub lard into the dry — add water — knead 3 min — divide 45 g — ball — rest 30 min, covered — roll 16 cm — dry comal 30 s / 20 s`,
    pct: { flour: 100, lard: 12, salt: 1.6, 'baking powder': 1, water: 52 },
    kinds: 'mix mix knead divide ball rest roll cook',
    rests: [30],
    cook: [30, 20],
    pieceG: 45,
  },
  {
    manner: 'one paragraph',
    text: `For eight naan I take 400 g plain flour, a teaspoon of baking powder, a teaspoon of salt, a teaspoon of sugar, 200 g yoghurt and about 80 ml milk. Everything goes into a bowl and gets mixed until it makes a soft, slightly sticky dough, which I knead for five minutes and leave under a damp cloth for an hour and a half. Then I cut it in eight, roll each into a ball, let them sit for ten minutes and stretch them into teardrops about 20 cm long. They go into a very hot iron pan: a minute and a half on the first side, with the lid on, and a minute on the other. Brush with melted butter and scatter with nigella seeds.`,
    pct: { 'plain flour': 100, yoghurt: 50 },
    kinds: 'mix knead rest divide ball rest shape cook finish',
    rests: [90, 10],
    cook: [90, 60],
    others: ['baking powder', 'salt', 'sugar', 'milk', 'butter', 'nigella'],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `Corn tortillas. Mix 300 g masa harina with 420 g warm water and 3 g salt until it feels like modelling clay, knead for 2 minutes, cover and let it rest for 20 minutes. Pinch off 24 balls of 30 g, press each between two sheets of plastic to 14 cm and cook on a hot dry comal, 20 seconds, turn, 60 seconds, turn again, 20 seconds, when it should puff. Keep in a cloth-lined basket.`,
    pct: { 'masa harina': 100, 'warm water': 140, salt: 1 },
    kinds: 'mix knead rest ball shape cook finish',
    rests: [20],
    cook: [20, 60, 20],
    pieceG: 30,
    allergens: [],
  },
  {
    manner: 'a web page',
    text: `<!doctype html><html><head><title>Easy pita pockets - Marla's Oven</title></head><body>
<nav><a href="/">Home</a> <a href="/recipes">Recipes</a></nav>
<article><h1>Easy pita pockets</h1>
<p class="meta">Prep 25 mins | Cook 15 mins | Makes 10</p>
<p>I have been making these with my Tuesday class for 6 years and they never fail.</p>
<h2>Ingredients</h2>
<ul><li><span class="amount">500 g</span> <span class="name">bread flour</span></li>
<li><span class="amount">320 g</span> <span class="name">water</span></li>
<li><span class="amount">10 g</span> <span class="name">salt</span></li>
<li><span class="amount">5 g</span> <span class="name">instant yeast</span></li>
<li><span class="amount">20 g</span> <span class="name">olive oil</span></li></ul>
<h2>Method</h2>
<ol><li>Combine everything in a mixer and knead for 8 minutes on low.</li>
<li>Cover and prove for 1 hour 15 minutes until doubled.</li>
<li>Divide into 10, shape into rounds and rest for 15 minutes.</li>
<li>Roll out to 15 cm, about 4 mm thick.</li>
<li>Leave for 10 minutes while the griddle heats.</li>
<li>Cook for 1 minute on each side, then 1 more minute on the first side until puffed.</li></ol>
<div class="newsletter">Sign up for 10% off our aprons!</div>
<div class="comments"><p>Dan: I used 400 g wholemeal, worked fine.</p></div></article></body></html>`,
    pct: { 'bread flour': 100, water: 64, salt: 2, 'instant yeast': 1, 'olive oil': 4 },
    kinds: 'mix knead proof divide ball rest roll rest cook',
    rests: [75, 15, 10],
    cook: [60, 60, 60],
  },
  {
    manner: 'a web page',
    text: `<div class="recipe-card"><h2>Spinach &amp; feta g&ouml;zleme</h2><p>Serves 4</p>
<h3>For the dough</h3><ul><li>300g plain flour</li><li>1/2 tsp salt</li><li>180ml warm water</li><li>1 tbsp olive oil</li></ul>
<h3>For the filling</h3><ul><li>200g spinach, chopped</li><li>150g feta, crumbled</li><li>1 small onion, finely chopped</li></ul>
<h3>Instructions</h3>
<p>Mix the flour and salt, pour in the water and oil and knead for 6 minutes. Rest under a bowl for 30 minutes.</p>
<p>Mix the filling.</p>
<p>Divide the dough into 4 and roll each out to a thin 30cm circle. Spread the filling over one half and fold the other over, pressing the edges to seal.</p>
<p>Cook in a lightly oiled pan for 3 minutes a side until golden. Cut into wedges and serve with lemon.</p></div>`,
    pct: { 'plain flour': 100, 'warm water': 60 },
    kinds: 'mix knead rest prepare divide roll fill shape cook',
    rests: [30],
    cook: [180, 180],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['spinach', 'feta', 'onion', 'salt', 'olive oil'],
  },
  {
    manner: 'structured data',
    text: `{"@context":"https://schema.org","@type":"Recipe","name":"Griddled yoghurt flatbreads","recipeYield":"6 flatbreads","totalTime":"PT45M",
"recipeIngredient":["250 g self-raising flour","250 g Greek yoghurt","1/2 tsp salt","1 tbsp chopped chives"],
"recipeInstructions":[{"@type":"HowToStep","text":"Mix all the ingredients in a bowl to a soft dough."},{"@type":"HowToStep","text":"Knead for 1 minute on a floured board, then rest for 15 minutes."},{"@type":"HowToStep","text":"Divide into 6 and pat each out to 1 cm thick."},{"@type":"HowToStep","text":"Cook on a hot griddle pan for 2-3 minutes on each side, until puffed with dark stripes."}]}`,
    pct: { 'plain flour': 100, 'baking powder': 5, 'greek yoghurt': 100 },
    kinds: 'mix knead rest divide shape cook',
    rests: [15],
    cook: [150, 150],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['salt', 'chives'],
  },
  {
    manner: 'structured data',
    text: `<script type="application/ld+json">{"@type":"Recipe","name":"Overnight lavash","recipeYield":["14"],"recipeIngredient":["700 g bread flour","430 g water","14 g salt","3 g instant yeast","20 g honey","sesame seeds, to sprinkle"],
"recipeInstructions":[{"@type":"HowToSection","name":"The evening before","itemListElement":[{"@type":"HowToStep","text":"Mix flour, water, yeast and honey. Leave 20 minutes, then work in the salt."},{"@type":"HowToStep","text":"Knead 6 minutes. Cover and refrigerate for 12 hours."}]},{"@type":"HowToSection","name":"On the day","itemListElement":[{"@type":"HowToStep","text":"Divide into 14 balls and let them come to room temperature, 1 hour."},{"@type":"HowToStep","text":"Roll as thin as you can, about 30 cm long. Brush with water and sprinkle with sesame."},{"@type":"HowToStep","text":"Bake on a very hot plate, 45 seconds, turn, 30 seconds."}]}]}</script>`,
    pct: { 'bread flour': 100, water: 61.4, salt: 2, 'instant yeast': 0.43, honey: 2.9 },
    kinds: 'mix rest mix knead chill divide ball temper roll fill cook',
    rests: [20, 720, 60],
    cook: [45, 30],
    allergens: ['gluten', 'sesame', 'wheat'],
    others: ['sesame'],
  },
  {
    manner: 'a scan',
    text: `SODA FARLS

      1 lb. plain flour
      1 tea-
spoonful bicarbonate of soda
      1 teaspoonful salt
      ¾ pint buttermilk

Sieve the dry ingredients into a basin, make a
well in the centre and pour in the butter-
milk. Mix quickly to a soft dough and turn
on to a floured board. Knead very lightly, for
1 minute, shape into a round about ¾ inch
thick and cut into 4 farls.  Bake on a moder-
ately hot griddle for 8 minutes on each side.
Wrap in a cloth.

                      - 14 -`,
    pct: { 'plain flour': 100, buttermilk: 96 },
    kinds: 'mix knead shape divide cook finish',
    rests: [],
    cook: [480, 480],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['bicarbonate of soda', 'salt'],
  },
  {
    manner: 'a scan',
    text: `P A R A T H A
Wholemeal f1our . . . . . 250 g
Plain flour . . . . . . . . 250 g
Salt . . . . . . . . . . . . . 8 g
Ghee . . . . . . . . . . . . . 60 g
Water . . . . . . . . . . . 3OO g

Mix flours, salt, water and one third of the ghee
to a soft dough. Knead 1O min. Rest 3O min under
a damp cloth. Divide in 10. Roll each to a disc,
spread with ghee, fold in half and in half again.
Rest 10 min. Roll out to a triangle. Cook on the
tawa 1 min, turn, brush with ghee, 1 min, turn,
30 sec.`,
    pct: { 'wholemeal flour': 50, 'plain flour': 50, salt: 1.6, water: 60 },
    kinds: 'mix knead rest divide roll fill shape rest roll cook',
    rests: [30, 10],
    cook: [60, 60, 30],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['ghee'],
  },
  {
    manner: 'words for numbers',
    text: `Four hundred and fifty grams of strong flour, two hundred and seventy of water, nine grams of salt, one sachet of yeast, a tablespoon of oil. Mix. Knead for a good ten minutes. Let it double, about an hour and a quarter. Divide into nine. Ball them up and give them a quarter of an hour. Roll out as big as a side plate. Two minutes in a hot pan, turn, one and a half minutes.`,
    pct: { 'strong flour': 100, water: 60, salt: 2 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [75, 15],
    cook: [120, 90],
    others: ['yeast', 'oil'],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `Roti, the way my aunt says it

Three cups of atta, a cup and a quarter of water, a pinch of salt, a spoon of oil if you like.
Bring together, knead eight to ten minutes, rest half an hour.
A dozen balls.
Roll each to seven inches.
Hot tawa: fifteen seconds, flip, thirty seconds, flip, and on to the flame for five.`,
    pct: { atta: 100, water: 87.2 },
    kinds: 'mix knead rest ball roll cook',
    rests: [30],
    cook: [15, 30, 5],
    others: ['salt', 'oil'],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'parts by vessel',
    text: `Mug breads for the youth club
3 mugs plain flour
1 mug warm water
half a mug of yoghurt
1 teaspoon salt
2 teaspoons baking powder
Mix everything in the big bowl. Knead it for 4 minutes. Rest 20 minutes. Make 12 balls. Squash them flat with a plate. Fry in a dry pan 2 minutes each side.`,
    pct: { 'plain flour': 100 },
    kinds: 'mix knead rest ball shape cook',
    rests: [20],
    cook: [120, 120],
    others: ['warm water', 'yoghurt', 'salt', 'baking powder'],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'parts by vessel',
    text: `Camp pancake bread: 2 parts flour to 1 part water by the tin, a pinch of salt and a spoonful of oil to each tin of flour. Stir, knead until smooth (6 minutes), let it stand 25 minutes, tear off egg-sized bits, flatten, and bake on the hot stone 3 minutes a side.`,
    pct: { flour: 100 },
    kinds: 'mix knead rest divide shape cook',
    rests: [25],
    cook: [180, 180],
    others: ['water', 'salt', 'oil'],
  },
  {
    manner: 'decimal commas',
    text: `Piadina (8 Stück / 8 pieces)

500 g flour type 0
125 g water
125 g milk
75 g lard
7,5 g salt
2,5 g bicarbonate of soda

Mix all, knead 8 min. Rest 45 min under film. Divide at 104 g, ball, rest 15 min. Roll 25 cm, 2,5 mm thick. Plate at 220 °C: 1,5 min per side, pricking with a fork.`,
    pct: { 'flour type 0': 100, water: 25, milk: 25, lard: 15, salt: 1.5, 'bicarbonate of soda': 0.5 },
    kinds: 'mix knead rest divide ball rest roll cook',
    rests: [45, 15],
    cook: [90, 90],
    pieceG: 104,
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'decimal commas',
    text: `Fladenbrot für den Kurs — flatbread for the course
flour 1,2 kg
water 0,78 kg
salt 0,024 kg
yeast (fresh) 0,018 kg
oil 0,06 l

Knead in the machine 3 min slow + 5 min fast. Dough rest 1,5 h. Scale 130 g, round up. Intermediate proof 20 min. Press out by hand. Hot plate: 2,5 min, turn, 2 min.`,
    pct: { flour: 100, water: 65, salt: 2, 'fresh yeast': 1.5, oil: 4.6 },
    kinds: 'mix knead proof divide ball proof shape cook',
    rests: [90, 20],
    cook: [150, 120],
    pieceG: 130,
  },
];
