import type { RecipeText } from './recipe-text.ts';

/** A ninety-sixth lot whose expectation was written before the reader saw it, two of each manner: from people who were asked for what they teach by. */
export const NINETY_SIXTH: readonly RecipeText[] = [
  {
    manner: 'a handout',
    text: `OVAL BREADS WITH YOGURT – station card

You have on your bench: 400 g bread flour; 100 g plain yogurt; 170 g water; 8 g salt; 5 g instant yeast; olive oil for your hands

STEP 1 (everybody) Flour, salt and yeast into the bowl and stir. Yogurt and water in. Stir until no dry flour is left.
STEP 2 Knead on the bench, 7 minutes. It should feel like an earlobe.
STEP 3 Back into the bowl, lid on, 1 hour.
STEP 4 Oil your hands. Divide into six, shape balls, cover, 15 minutes.
STEP 5 Stretch each ball to an oval of about 22 cm. Dimple it with your fingertips.
STEP 6 Griddle, medium-hot, 90 seconds each side.`,
    pct: { 'bread flour': 100, 'plain yogurt': 25, water: 42.5, salt: 2, 'instant yeast': 1.25 },
    kinds: 'mix knead proof divide ball rest shape cook',
    rests: [60, 15],
    cook: [90, 90],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'a handout',
    text: `Potato flatbread for leftovers

Serves 4 (makes 8)

• 300 g cold mashed potato
• 200 g plain flour, plus some for rolling
• 30 g butter, melted
• 1 tsp salt
• pepper

How we do it

• Put the mash in a bowl, add the butter, salt and pepper, then the flour. Press it together – don't knead it, it goes sticky.
• Cut into 8. Pat each piece out to 12 cm on plenty of flour.
• Dry pan, medium heat: 3 min, flip, 3 min.
• Eat warm with butter.`,
    pct: { 'plain flour': 100, 'cold mashed potato': 150, butter: 15, salt: 3 },
    kinds: 'mix divide shape cook',
    rests: [],
    cook: [180, 180],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'a table',
    text: `Layered rounds | class of 12

Ingredient | per table | whole class
plain flour | 500 g | 1500 g
hot water (60 °C) | 310 g | 930 g
salt | 8 g | 24 g
oil (in the dough) | 20 g | 60 g

Step | Minutes
Mix | 4
Knead | 6
Rest, covered | 30
Divide into 10, ball |
Rest | 10
Roll, oil, coil |
Rest | 15
Roll flat, 18 cm |
Cook, each side | 2`,
    pct: { 'plain flour': 100, 'hot water': 62, salt: 1.6, oil: 4 },
    kinds: 'mix knead rest divide ball rest roll fill coil rest roll cook',
    rests: [30, 10, 15],
    cook: [120, 120],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a table',
    text: `what	g	%
atta	600	100
water	390	65
salt	9	1.5
ghee	18	3

when	what
0:00	mix
0:05	knead
0:13	rest
0:43	divide in 15
0:50	roll 16 cm
	griddle 40 s + 30 s, then flame 10 s`,
    pct: { atta: 100, water: 65, salt: 1.5, ghee: 3 },
    kinds: 'mix knead rest divide roll cook',
    rests: [30],
    cook: [40, 30, 10],
    pieceG: 65.8,
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'percentages only',
    text: `Barley griddle bread

Strong white 70
Barley flour 30
Water 68
Salt 2
Honey 3
Yeast (instant) 1
(all % on flour)

Mix 3 min, rest 20 min, knead 4 min. Bulk 75 min. Scale 110 g, round. Bench 15 min. Pat out to 15 cm, dock. Prove 20 min. Griddle 3 min/side.`,
    pct: { 'strong white': 70, 'barley flour': 30, water: 68, salt: 2, honey: 3, 'instant yeast': 1 },
    kinds: 'mix rest knead proof divide ball rest shape proof cook',
    rests: [20, 75, 15, 20],
    cook: [180, 180],
    pieceG: 110,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages only',
    text: `Lard wraps: flour 100 %, lard 16 %, salt 1.8 %, baking powder 1 %, hot water 48 %. Rub the lard in, then add the water, knead 4 minutes. Rest 25 minutes. 40 g balls. Rest again 15 minutes. Roll very thin, 20 cm. Cook 35 s, turn, 30 s. Into a cloth at once.`,
    pct: { flour: 100, lard: 16, salt: 1.8, 'baking powder': 1, 'hot water': 48 },
    kinds: 'mix mix knead rest ball rest roll cook finish',
    rests: [25, 15],
    cook: [35, 30],
    pieceG: 40,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `My grandmother never weighed anything, but I did it once for you: it came to 450 g of flour, a good 270 g of water, 10 g of salt and 4 g of dry yeast. She stirred it all with her fingers, let it stand for a quarter of an hour, kneaded it for five minutes, and put it by the stove for an hour and a half under a blanket. Then she pulled off eight lumps, made them round, and by the time the last one was done the first had rested ten minutes. She flattened them with her palms to about 18 cm and baked them on the iron plate, two minutes and then turned them for another minute and a half.`,
    pct: { flour: 100, water: 60, salt: 2.2, 'dry yeast': 0.89 },
    kinds: 'mix rest knead proof divide ball rest shape cook',
    rests: [15, 90, 10],
    cook: [120, 90],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `Chickpea pancakes, enough for six: whisk 250 g gram flour with 500 ml lukewarm water, 40 ml olive oil and a teaspoon and a half of salt until there are no lumps, and leave it on the side for at least two hours, overnight is better. Skim off the foam. Heat a 24 cm pan with a little oil, pour in a ladle (about 120 g), cook until the edges brown, about 3 minutes, turn and give it 2 more. Pepper and rosemary on top.`,
    pct: { 'gram flour': 100, 'lukewarm water': 200, 'olive oil': 14.6, salt: 3.6 },
    kinds: 'mix rest divide shape cook finish',
    rests: [180],
    cook: [180, 120],
    pieceG: 120,
  },
  {
    manner: 'a web page',
    text: `<div class="post"><h1>Spring onion flatbreads</h1>
<p>Hello everyone! It has been <b>so</b> cold here. <a href="#r">Jump to recipe</a></p>
<div class="ad">Buy our oven gloves, 20 % off</div>
<div id="r"><h2>You need</h2>
<p>For the dough<br>350&nbsp;g plain flour<br>210&nbsp;ml boiling water<br>&frac12;&nbsp;tsp salt</p>
<p>For the layers<br>3 tbsp sesame oil<br>4 spring onions, sliced<br>1 tsp salt</p>
<h2>Method</h2>
<ol><li>Pour the boiling water over the flour and salt and stir with chopsticks. When you can touch it, knead for 5 minutes.</li>
<li>Cover and rest for 45 minutes.</li>
<li>Cut into 4. Roll each piece out as thin as you can, brush with sesame oil, scatter with spring onions and salt.</li>
<li>Roll up like a carpet, then curl into a snail. Rest 10 minutes.</li>
<li>Roll out again to 18 cm.</li>
<li>Fry in a little oil for 3 minutes on each side.</li></ol></div>
<p class="comments">Comments (3): Lovely! I used 400 g flour.</p></div>`,
    pct: { 'plain flour': 100, 'boiling water': 60, salt: 0.8 },
    kinds: 'mix knead rest divide roll fill coil rest roll cook',
    rests: [45, 10],
    cook: [180, 180],
    others: ['sesame oil', 'spring onions'],
  },
  {
    manner: 'a web page',
    text: `<html><head><title>Piadina for ten | The Griddle School</title></head><body><nav>Home · Classes · Contact</nav>
<main><h1>Piadina for ten</h1>
<table><tr><th>Ingredient</th><th>Amount</th></tr>
<tr><td>flour 00</td><td>1 kg</td></tr><tr><td>lard</td><td>180 g</td></tr><tr><td>salt</td><td>18 g</td></tr>
<tr><td>bicarbonate of soda</td><td>6 g</td></tr><tr><td>water, lukewarm</td><td>430 g</td></tr></table>
<p>Rub the lard into the flour with the salt and the soda, add the water and knead for ten minutes. Wrap and leave for one hour.</p>
<p>Divide into ten, form balls, rest twenty minutes under a cloth. Roll to 25 cm.</p>
<p>Cook on a very hot plate, one minute per side, pricking the bubbles.</p></main><footer>© The Griddle School</footer></body></html>`,
    pct: { 'flour 00': 100, lard: 18, salt: 1.8, 'bicarbonate of soda': 0.6, water: 43 },
    kinds: 'mix mix knead rest divide ball rest roll cook',
    rests: [60, 20],
    cook: [60, 60],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'JSON-LD',
    text: `{"@context":"https://schema.org","@type":"Recipe","name":"Garlic naan","recipeYield":["6","6 naans"],"totalTime":"PT2H","recipeIngredient":["500 g strong white flour","2 tsp dried yeast","1 tsp sugar","1 1/2 tsp salt","150 g natural yogurt","200 ml warm water","2 tbsp oil","For the garlic butter: 60 g butter, 3 cloves garlic"],"recipeInstructions":[{"@type":"HowToStep","text":"Stir the yeast and sugar into the warm water and leave for 10 minutes until frothy."},{"@type":"HowToStep","text":"Mix with the flour, salt, yogurt and oil, then knead for 8 minutes."},{"@type":"HowToStep","text":"Cover and leave to rise for 1 hour."},{"@type":"HowToStep","text":"Divide into 6, shape into balls and rest for 10 minutes. Roll into teardrops."},{"@type":"HowToStep","text":"Cook in a hot dry pan for 2 minutes, turn and cook for 1 minute. Brush with the garlic butter."}]}`,
    pct: {
      'strong white flour': 100,
      'dried yeast': 1.24,
      sugar: 0.84,
      salt: 1.8,
      'natural yogurt': 30,
      'warm water': 40,
      oil: 5.02,
    },
    kinds: 'mix bloom mix knead proof divide ball rest roll cook finish',
    rests: [10, 60, 10],
    cook: [120, 60],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['butter', 'garlic'],
  },
  {
    manner: 'JSON-LD',
    text: `[{"@type":"BreadcrumbList","itemListElement":[]},{"@type":"Recipe","name":"Rye crackerbread on the griddle","recipeYield":"12 pieces","recipeIngredient":["250 g rye flour","250 g plain flour","320 g water","11 g salt","20 g caraway"],"recipeInstructions":[{"@type":"HowToSection","name":"Dough","itemListElement":[{"@type":"HowToStep","text":"Mix all ingredients for 5 minutes. Leave covered for 40 minutes."}]},{"@type":"HowToSection","name":"Baking","itemListElement":[{"@type":"HowToStep","text":"Divide into 12 pieces. Roll out to 20 cm on rye flour and prick all over."},{"@type":"HowToStep","text":"Bake on the dry griddle, 2 minutes on the first side and 90 seconds on the second."}]}]}]`,
    pct: { 'rye flour': 50, 'plain flour': 50, water: 64, salt: 2.2, caraway: 4 },
    kinds: 'mix rest divide roll cook',
    rests: [40],
    cook: [120, 90],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a scan',
    text: `BREAD FR0M THE GRIDDLE                         33

FLAT CAKES 0F BUTTERMILK
l lb. plain flour           l teasp. salt
l teasp. bicarb. soda       ¾ pint butter-
milk

Sift the dry ingre-
dients. Make a well, pour in the buttermilk and mix
lightly. Turn on to a floured board and knead for
l minute. Ro1l out ½ in. thick, cut in rounds of
4 in. Cook on a moderate griddle 5 mins. each
side.`,
    pct: { 'plain flour': 100, salt: 1.3, buttermilk: 96.8 },
    kinds: 'mix knead roll divide cook',
    rests: [],
    cook: [300, 300],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'a scan',
    text: `Kochk urs Fladen, Blatt 2 (English)

D0UGH
500 g fl0ur type 550
3OO g water, 3O °C
lO g salt
l5 g fresh yeast

Knead l0 min. Let rise 6O min.
Cut 8 pie ces a l00 g, roll into balls,
rest l5 min. Flatten to l6 cm. Let rise 2O min.
Bake on the plate 2,5 min, turn, 2 min.`,
    pct: { 'flour type 550': 100, water: 60, salt: 2, 'fresh yeast': 3 },
    kinds: 'mix knead proof divide ball rest shape proof cook',
    rests: [60, 15, 20],
    cook: [150, 120],
    pieceG: 100,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `Corn cakes for the market

Take two hundred and fifty grams of masa harina, three hundred and eighty grams of warm water and half a teaspoon of salt. Mix with your hand for two minutes, and let it stand, covered, for twenty minutes. Make fourteen balls of about forty-five grams. Press each one between plastic to fifteen centimetres. Bake on a hot comal: thirty seconds, turn, one minute, turn again, thirty seconds. Keep in a basket with a cloth.`,
    pct: { 'masa harina': 100, 'warm water': 152, salt: 1.2 },
    kinds: 'mix rest ball shape cook finish',
    rests: [20],
    cook: [30, 60, 30],
    pieceG: 45,
  },
  {
    manner: 'words for numbers',
    text: `A pound and a half of flour, a pint of water (warm), three teaspoons of salt, a quarter of an ounce of dried yeast. Mix; knead a good ten minutes; an hour and a quarter in a warm corner, covered. A dozen balls. Twenty minutes' rest. Roll them as big as a side plate, seven inches. Three quarters of a minute on one side, half a minute on the other.`,
    pct: { flour: 100, water: 83.5, salt: 2.6, 'dried yeast': 1.04 },
    kinds: 'mix knead proof ball rest roll cook',
    rests: [75, 20],
    cook: [45, 30],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'parts by vessel',
    text: `Camp bread

three mugs plain flour
one mug water (hand-warm)
1/2 mug natural yogurt
1 heaped tsp baking powder
1 level tsp salt

Everything in a bowl, mix, knead one minute. Rest 15. Tear into 9. Flatten thin. Pan, no oil, 2 min each side.`,
    pct: { 'plain flour': 100, water: 65.7, 'natural yogurt': 34.5 },
    kinds: 'mix knead rest divide shape cook',
    rests: [15],
    cook: [120, 120],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'parts by vessel',
    text: `Oat bannocks: 2 cups medium oatmeal, 1/2 cup plain flour, 1/2 tsp salt, 1/2 tsp baking soda, 2 tbsp melted lard, about 3/4 cup hot water. Stir the dry things, add lard and water, mix to a stiff dough. Roll out to 20 cm, 5 mm thick, cut into quarters. Cook 5 minutes on a medium girdle, turn, 3 minutes.`,
    pct: { 'medium oatmeal': 75.4, 'plain flour': 24.6 },
    kinds: 'mix roll divide cook',
    rests: [],
    cook: [300, 180],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'decimal commas',
    text: `Fladenbrot-Workshop, 16 Personen

2,4 kg flour type 550
1,5 l water
0,048 kg salt
0,06 kg fresh yeast
0,12 l olive oil

Kneading: 4 min slow, 6 min fast
Proof: 50 min
Pieces: 32 of 0,125 kg, round
Intermediate proof: 15 min
Roll: 17 cm
Final proof: 20 min
Griddle: 2,5 min + 1,5 min`,
    pct: { 'flour type 550': 100, water: 62.5, salt: 2, 'fresh yeast': 2.5, 'olive oil': 4.6 },
    kinds: 'mix knead proof divide ball proof roll proof cook',
    rests: [50, 15, 20],
    cook: [150, 90],
    pieceG: 125,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'decimal commas',
    text: `Tortilla de trigo (wheat). Para 20: harina (flour) 1,0 kg; manteca (lard) 0,15 kg; sal (salt) 0,018 kg; agua caliente (hot water) 0,52 kg. Rub lard into flour and salt, add hot water, knead 5 min. Rest 30 min. 20 balls of 84 g. Rest 20 min. Roll 22 cm. Comal: 40 s, turn, 40 s.`,
    pct: { flour: 100, lard: 15, salt: 1.8, 'hot water': 52 },
    kinds: 'mix mix knead rest ball rest roll cook',
    rests: [30, 20],
    cook: [40, 40],
    pieceG: 84,
    allergens: ['gluten', 'wheat'],
  },
];
