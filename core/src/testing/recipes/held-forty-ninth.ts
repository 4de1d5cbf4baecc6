import type { RecipeText } from './recipe-text.ts';

/** A forty-ninth lot whose expectation was written before the reader saw it: two texts of each common manner. */
export const FORTY_NINTH: readonly RecipeText[] = [
  {
    manner: 'a handout',
    text: `Workshop 5: Stuffed flatbreads
Handout for participants

Cheese and herb breads (makes 6)

For the dough
360 g plain flour
6 g salt
5 g instant yeast
210 g warm water
20 g olive oil

For the filling
180 g crumbly white cheese
20 g chopped herbs

Steps
1. Put flour, salt and yeast in your bowl. Add water and oil and mix until no dry spots remain.
2. Knead on the table for 7 minutes.
3. Cover and let rise for 45 minutes.
4. Meanwhile crumble the cheese and stir in the herbs.
5. Divide the dough into 6 and shape into balls. Rest 10 minutes.
6. Flatten a ball to 12 cm, put a sixth of the filling in the middle, gather the edges and pinch them shut.
7. Turn over and roll gently to 16 cm.
8. Cook on a medium griddle for 3 minutes, flip, and cook for 3 minutes more.

Eat warm.`,
    pct: { 'plain flour': 100, salt: 1.7, 'instant yeast': 1.4, 'warm water': 58.3, 'olive oil': 5.6 },
    kinds: 'mix knead proof prepare divide ball rest fill roll cook',
    rests: [45, 10],
    cook: [180, 180],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['cheese', 'herbs'],
  },
  {
    manner: 'a handout',
    text: `RICE FLOUR ROTI (no gluten) – station 3

250 g rice flour
5 g salt
10 g oil
300 g boiling water

* Boil the water with the salt and the oil.
* Take it off the heat, tip in the rice flour and stir hard. Lid on, 10 minutes.
* While still warm knead it for 3 minutes with wet hands.
* Make 10 balls, keep them under a damp cloth.
* Press each one between two sheets to 14 cm.
* Griddle medium hot: 1 minute, flip, 1 minute, flip, 20 seconds until it puffs.

Keep covered.`,
    pct: { 'rice flour': 100, salt: 2, oil: 4, 'boiling water': 120 },
    kinds: 'mix rest knead ball shape cook',
    rests: [10],
    cook: [60, 60, 20],
    allergens: [],
  },
  {
    manner: 'a table',
    text: `SEMOLINA FLATBREAD (8)

Ingredient      Quantity
Fine semolina   300 g
Bread flour     200 g
Water           325 g
Salt            10 g
Yeast, fresh    10 g

Time    What
0:00    Mix 4 min
0:05    Knead 7 min
0:15    Proof 1 h
1:15    Divide into 8, round
1:25    Rest 15 min
1:40    Press out to 16 cm
1:45    Griddle 2 min each side`,
    pct: {
      'fine semolina': 60,
      'bread flour': 40, // what stands behind the comma is another food
      water: 65,
      salt: 2,
      'fresh yeast': 2,
    },
    kinds: 'mix knead proof divide ball rest shape cook',
    rests: [60, 15],
    cook: [120, 120],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a table',
    text: `Ingredient;Amount;Unit
Wholemeal flour;400;g
White flour;100;g
Water;350;g
Salt;10;g
Honey;15;g
Instant yeast;5;g

Step;Detail;Minutes
Mix;by hand;4
Knead;on the bench;8
Proof;covered;60
Divide;into 9;
Ball;;
Rest;under a cloth;15
Roll;18 cm;
Cook;75 s each side;`,
    pct: { 'wholemeal flour': 80, 'white flour': 20, water: 70, salt: 2, honey: 3, 'instant yeast': 1 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [60, 15],
    cook: [75, 75],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Griddle pita: 100 bread flour / 63 water / 2 salt / 1 instant yeast / 3 oil. Mix 3, knead 7, proof 50. Divide 85 g, round, rest 10. Roll 15 cm, rest 5. Hot griddle 20 s, flip, 60 s, flip, 60 s.`,
    pct: { 'bread flour': 100, water: 63, salt: 2, 'instant yeast': 1, oil: 3 },
    kinds: 'mix knead proof divide ball rest roll rest cook',
    rests: [50, 10, 5],
    cook: [20, 60, 60],
    pieceG: 85,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Our house formula, in percent of the flour:
White flour – 75 %
Wholemeal rye – 25 %
Water – 70 %
Salt – 2.1 %
Ripe rye sourdough – 30 %
Caraway – 1 %

We mix for 5 minutes and let it ferment for 3 hours. Then we scale it at 140 g, shape it round and give it 45 minutes. Each piece is pressed to 18 cm and baked on the plate at 240 °C for 2½ minutes per side.`,
    pct: { 'white flour': 75, 'wholemeal rye': 25, water: 70, salt: 2.1, 'ripe rye sourdough': 30, caraway: 1 },
    kinds: 'mix proof divide ball rest shape cook',
    rests: [180, 45],
    cook: [150, 150],
    pieceG: 140,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `Take 500 g of strong white flour, 325 g of water, 10 g of salt, 25 g of lard and 15 g of fresh yeast. Crumble the yeast into the water, add the flour, salt and lard, and mix to a soft dough. Knead it for ten minutes. Cover, and leave in a warm place for an hour until it has doubled. Knock it back, divide it into six and roll each piece into a ball. Leave them under a cloth for a quarter of an hour, then roll them out to about 20 cm. Bake on a hot dry griddle for a minute and a half on the first side and one minute on the second.`,
    pct: { 'strong white flour': 100, water: 65, salt: 2, lard: 5, 'fresh yeast': 3 },
    kinds: 'mix knead proof knead divide ball rest roll cook',
    rests: [60, 15],
    cook: [90, 60],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `I like to make these with the over-sixties club because nothing has to rise. Everyone has 100 g of plain flour, 60 g of natural yoghurt, a pinch of salt and a pinch of bicarbonate of soda in a bowl. They stir it with a fork, press it together and knead it a little; we chat for ten minutes while it rests; then they cut it in two, pat each bit out with floury hands to about 14 cm and queue at the griddle, which I keep at medium. Two minutes on one side, two on the other, and a bit of butter.`,
    pct: { 'plain flour': 100, 'natural yoghurt': 60 },
    // "and a bit of butter" tells nothing to do
    kinds: 'mix knead rest divide shape cook',
    rests: [10],
    cook: [120, 120],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'a web page',
    text: `<html lang="en"><head><meta charset="utf-8"><title>Griddled Corn Cakes – The Slow Supper</title></head><body>
<p>July 2, 2021 by Wren · 14 Comments</p>
<h1>Griddled Corn Cakes</h1>
<p>Crisp outside, soft inside.</p>
<p><em>Serves 4 as a side (makes 8 cakes)</em></p>
<h2>What goes in</h2>
<ul><li>2 cups masa harina (240 g)</li><li>1 1/2 cups warm water (355 ml)</li><li>1/2 tsp salt</li><li>1 cup grated mozzarella (110 g)</li></ul>
<h2>How it&rsquo;s done</h2>
<ol><li>Stir the masa, salt and water together and knead for 2 minutes. Cover with a damp towel for 10 minutes.</li>
<li>Knead in the cheese.</li>
<li>Divide into 8 balls and pat each into a 9 cm disc, about 1 cm thick.</li>
<li>Cook on an oiled griddle over medium heat for 5 minutes per side, until browned.</li></ol>
<p>Tagged: corn, cheese, quick</p></body></html>`,
    pct: { 'masa harina': 100, 'warm water': 147.9, 'grated mozzarella': 45.8 },
    kinds: 'mix knead rest knead divide ball shape cook',
    rests: [10],
    cook: [300, 300],
    allergens: ['milk'],
  },
  {
    manner: 'a web page',
    text: `<div class="recipe-card"><h2>Overnight Griddle Naan</h2><span>Total: 10 h</span><span>Yield: 6</span>
<table class="ing"><tbody><tr><td>400 g</td><td>plain flour</td></tr><tr><td>120 g</td><td>plain yoghurt</td></tr><tr><td>150 g</td><td>water</td></tr><tr><td>8 g</td><td>salt</td></tr><tr><td>2 g</td><td>instant yeast</td></tr></tbody></table>
<ol class="steps"><li>Mix everything in a bowl until smooth, about 5 minutes.</li><li>Cover and refrigerate for 8 to 10 hours.</li><li>Take out 1 hour before cooking.</li><li>Divide into 6; shape into balls; rest 20 minutes.</li><li>Stretch into ovals, 20 cm long.</li><li>Cook in a very hot skillet, covered, 1½ minutes; flip, 1 minute uncovered.</li><li>Brush with melted butter.</li></ol></div>`,
    pct: { 'plain flour': 100, 'plain yoghurt': 30, water: 37.5, salt: 2, 'instant yeast': 0.5 },
    kinds: 'mix chill temper divide ball rest shape cook finish',
    rests: [540, 60, 20],
    cook: [90, 60],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['butter'],
  },
  {
    manner: 'structured data',
    text: `{"@context":"https://schema.org","@type":"Recipe","name":"Sweet potato flatbreads","description":"Two ingredients and salt.","recipeYield":"8","recipeIngredient":["300 g cooked sweet potato, mashed","300 g self-raising flour","1/2 tsp salt"],"recipeInstructions":[{"@type":"HowToStep","text":"Mash the sweet potato until smooth and leave to cool."},{"@type":"HowToStep","text":"Mix in the flour and salt and knead briefly."},{"@type":"HowToStep","text":"Divide into 8, roll out on a floured surface to 14 cm."},{"@type":"HowToStep","text":"Dry-fry in a hot pan for 1 minute 30 seconds on each side."}]}`,
    pct: { 'cooked sweet potato': 105, 'plain flour': 100 },
    // what is mashed and cools is prepared
    kinds: 'prepare mix knead divide roll cook',
    rests: [],
    cook: [90, 90],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'structured data',
    text: `{"@context":"https://schema.org","@type":"Recipe","name":"Za'atar flatbreads","recipeYield":["8 breads"],"recipeIngredient":["500 g bread flour","320 g water","10 g salt","5 g instant yeast","20 g olive oil","For the top:","40 g za'atar","60 g olive oil"],"recipeInstructions":[{"@type":"HowToSection","name":"Make the dough","itemListElement":[{"@type":"HowToStep","text":"Mix the flour, water, salt, yeast and oil and knead for 8 minutes."},{"@type":"HowToStep","text":"Let rise for 1 hour."}]},{"@type":"HowToSection","name":"Bake","itemListElement":[{"@type":"HowToStep","text":"Stir the za'atar into the oil for the top."},{"@type":"HowToStep","text":"Divide the dough into 8 balls, rest 10 minutes, roll to 18 cm."},{"@type":"HowToStep","text":"Spread with the za'atar oil."},{"@type":"HowToStep","text":"Cook on a hot griddle with a lid for 3 minutes, without turning."}]}]}`,
    pct: { 'bread flour': 100, water: 64, salt: 2, 'instant yeast': 1, 'olive oil': 4 },
    kinds: 'mix knead proof prepare divide ball rest roll fill cook',
    rests: [60, 10],
    cook: [180],
    others: ["za'atar"],
  },
  {
    manner: 'a scan',
    text: `BREAD  FROM  THE  HEARTHSTONE                21

HAVERBREAD (thin oat cakes)
8 oz. fine oatmeal, 4 oz. plain flour, 1 level
teaspoon salt, ¼ oz. yeast, ¾ pint tepid water.
Cream the yeast with a little of the water. Mix
oatmeal, flour and salt, stir in the yeast and the
rest of the water to make a thin batter and leave
in a warm place 1 hour. Pour a ladleful on to a
hot greased bakestone and spread out thinly. Cook
about 2 minutes, turn and cook 1 minute more.`,
    pct: { 'fine oatmeal': 66.7, 'plain flour': 33.3, yeast: 2.1, 'tepid water': 125.2 },
    kinds: 'mix proof divide shape cook',
    rests: [60],
    cook: [120, 60],
  },
  {
    manner: 'a scan',
    text: `HOME  ECONOMICS   Unit  7
Tortil1as  (wheat)                Makes  I2

360 g  p1ain flour
  6 g  salt
 5O g  vegetable fat
2OO g  hot water

l. Rub the fat into the flour and salt.
2. Add the water, knead 3 min.
3. Cover, leave 2O min.
4. Divide into l2 balls. Leave l0 min.
5. Roll very thin, I8 cm.
6. Dry hot pan: 3O sec. each side.`,
    pct: { 'plain flour': 100, salt: 1.7, 'vegetable fat': 13.9, 'hot water': 55.6 },
    kinds: 'mix mix knead rest divide ball rest roll cook',
    rests: [20, 10],
    cook: [30, 30],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `Seven hundred and fifty grams of bread flour, four hundred and fifty of water, fifteen of salt, seven of dried yeast and thirty of oil. Mix three minutes, knead eight. Let it rise fifty minutes. Divide in ten, ball up, and wait a quarter of an hour. Roll out to nineteen centimetres. Cook fifty seconds, turn, forty seconds.`,
    pct: { 'bread flour': 100, water: 60, salt: 2, 'dried yeast': 0.93, oil: 4 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [50, 15],
    cook: [50, 40],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `My neighbour measures like this: one kilo of atta, six hundred and fifty millilitres of water, a heaped teaspoon of salt. She kneads it for a quarter of an hour and leaves it for an hour. Then twenty-two balls, each rolled to about sixteen centimetres. On the tawa twenty seconds, turn, half a minute, turn, and ten seconds pressed with a cloth.`,
    pct: { atta: 100, water: 65 },
    kinds: 'mix knead rest ball roll cook',
    rests: [60],
    cook: [20, 30, 10],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'parts by vessel',
    text: `Cup = any cup.
Flour, 5 cups
Warm water, 2 cups
Oil, 1/4 cup
Salt, 2 teaspoons
Yeast, 2 teaspoons

Mix, knead 8 min, leave 1 hour to rise. Divide into 12, ball, 10 min. Roll thin. 1 min per side on a hot griddle.`,
    pct: { flour: 100, 'warm water': 78.9 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [60, 10],
    cook: [60, 60],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'parts by vessel',
    text: `For each child: 3 big spoons of flour, 1 big spoon of yoghurt, 1 small spoon of oil, a little salt. Mix it in a cup with a teaspoon. Knead it on the table till it stops sticking. Let it sleep for 10 minutes. Flatten it with your hand. Teacher cooks it: 2 minutes, flip, 2 minutes.`,
    pct: { flour: 100 },
    kinds: 'mix knead rest divide shape cook',
    rests: [10],
    cook: [120, 120],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['yoghurt', 'oil'],
  },
  {
    manner: 'decimal commas',
    text: `Focaccine in padella (10 pz)
0,600 kg farina 0 / flour
0,390 kg acqua / water
0,012 kg sale / salt
0,006 kg lievito secco / dry yeast
0,030 kg olio / oil

Impasto / mix: 8 min. Puntata / bulk proof: 1,5 h. Pezzatura / divide: 0,100 kg, round. Riposo / rest: 0,5 h. Stesura / press: 14 cm. Cottura / cook: 2,5 min per side, lid on.`,
    pct: { water: 65, salt: 2, 'dry yeast': 1, oil: 5 },
    kinds: 'mix proof divide ball rest shape cook',
    rests: [90, 30],
    cook: [150, 150],
    pieceG: 100,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'decimal commas',
    text: `Platbrood 16 st. – bloem/flour 1,20 kg – water 0,72 kg – olie/oil 0,06 kg – zout/salt 24 g – gist/yeast 9,6 g. Kneden/knead 9 min. Rijzen/proof 1,25 h. 16 x 125 g opbollen/round. 0,25 h rest. Uitrollen/roll 21 cm. Plaat/griddle 1,2 min + 0,8 min.`,
    pct: { flour: 100, water: 60, oil: 5, salt: 2, yeast: 0.8 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [75, 15],
    cook: [72, 48],
    pieceG: 125,
    allergens: ['gluten', 'wheat'],
  },
];
