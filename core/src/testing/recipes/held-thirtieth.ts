import type { RecipeText } from './recipe-text.ts';

/** A thirtieth lot whose expectation was written before the reader saw it: two texts of each common manner. */
export const THIRTIETH: readonly RecipeText[] = [
  {
    manner: 'a handout',
    text: `Rosemary schiacciata from the griddle
For 4 people (4 breads)

Ingredients:
400 g bread flour
280 g water, room temperature
8 g salt
4 g instant yeast
40 g olive oil
1 sprig rosemary

Steps:
1) In a bowl mix flour, yeast and water until no dry flour is left. Wait 20 minutes.
2) Add the salt and half the oil. Knead 5 minutes in the bowl.
3) Bulk proof: 1 h 15 min.
4) Divide into 4 (about 180 g). Shape loosely into balls. Rest 30 minutes.
5) Oil your hands, press each piece out to 18 cm and dimple.
6) Griddle, medium heat, lid on: 4 minutes. Turn: 3 minutes without lid.
7) Brush with the remaining oil, rosemary on top.`,
    pct: { 'bread flour': 100, water: 70, salt: 2, 'instant yeast': 1, 'olive oil': 10 },
    // salt in a sentence of its own is a mixing, as in the lots before: written as part of the kneading
    kinds: 'mix rest mix knead proof divide ball rest shape cook finish',
    rests: [20, 75, 30],
    cook: [240, 180],
    pieceG: 180,
    allergens: ['gluten', 'wheat'],
    others: ['rosemary'],
  },
  {
    manner: 'a handout',
    text: `STATION CARD · Tandoori-style roti

Per person: 2 rotis

Atta 120 g / Water 78 g / Salt 2 g / Ghee 4 g

① Mix + knead: 6 min
② Rest: 25 min (15–60)
③ Divide: 2 × 100 g, ball
④ Roll: 18 cm
⑤ Griddle: wet side down 45 s, flip pan over flame 20 s
⑥ Ghee on top

If it cracks at the edge: dough too dry, rest 10 min longer.`,
    pct: { atta: 100, water: 65, salt: 1.7 },
    // written as one mixing: "mix + knead" names both
    kinds: 'mix knead rest divide ball roll cook finish',
    rests: [25],
    cook: [45, 20],
    pieceG: 100,
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'a table',
    text: `FORMULA                %      1 kg flour
Strong flour           70     700
Fine semolina          30     300
Water                  64     640
Salt                    2      20
Fresh yeast           1.5      15
Olive oil               4      40
TOTAL               171.5    1715

PROCESS
Mix                     8 min
Bulk                   60 min
Divide                 115 g
Ball
Rest                   15 min
Roll                   20 cm
Griddle                1 min + 1 min`,
    pct: { 'strong flour': 70, 'fine semolina': 30, water: 64, salt: 2, 'fresh yeast': 1.5, 'olive oil': 4 },
    kinds: 'mix proof divide ball rest roll cook',
    rests: [60, 15],
    cook: [60, 60],
    pieceG: 115,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a table',
    text: `| INGREDIENT | METRIC | US |
|---|---|---|
| All-purpose flour | 360 g | 3 cups |
| Lard | 60 g | 1/4 cup + 1 tsp |
| Salt | 6 g | 1 tsp |
| Hot water | 210 g | 7/8 cup |

1. Cut the lard into the flour and salt. 2. Add the hot water; knead 4 min. 3. Rest 30 min. 4. Divide into 12 balls. 5. Rest 20 min. 6. Roll to 17 cm. 7. Cook 30–40 s per side on a very hot comal.`,
    pct: { 'all-purpose flour': 100, lard: 16.7, salt: 1.7, 'hot water': 58.3 },
    kinds: 'mix mix knead rest divide ball rest roll cook',
    rests: [30, 20],
    cook: [35, 35],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Laffa
bread flour 85% – wholemeal 15% – water 68% – sugar 2% – salt 2% – oil 3% – instant yeast 0.9%

1. knead all 10 min
2. proof 60–75 min
3. 160 g pieces, round
4. rest 20 min
5. roll/stretch to 30 cm
6. convex griddle, 45 s a side`,
    pct: { 'bread flour': 85, wholemeal: 15, water: 68, sugar: 2, salt: 2, oil: 3, 'instant yeast': 0.9 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [67.5, 20],
    cook: [45, 45],
    pieceG: 160,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Percentages only please, here's mine. Flour: 100. Milk: 40. Water: 22. Butter: 6. Sugar: 5. Salt: 1.6. Fresh yeast: 3. I knead it 9 minutes, let it rise 50 minutes, divide at 70 g, round up, let it rise again 25 minutes, flatten a little (9 cm) and bake on a low griddle 3 minutes a side.`,
    pct: { flour: 100, milk: 40, water: 22, butter: 6, sugar: 5, salt: 1.6, 'fresh yeast': 3 },
    kinds: 'mix knead proof divide ball proof shape cook',
    rests: [50, 25],
    cook: [180, 180],
    pieceG: 70,
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `Spinach wraps: blend 150 g fresh spinach with 120 ml water until smooth, warm it gently to hand heat and stir it into 400 g plain flour with 7 g salt and 25 ml olive oil. Knead 5 minutes, adding a dusting of flour if it sticks, wrap and rest for 30 minutes at room temperature. Divide in 8, roll as thin as you can (about 22 cm) and cook each one in a dry hot pan, 50 seconds on the first side and 30 seconds on the second. Stack them in a tea towel.`,
    pct: { 'fresh spinach': 37.5, water: 30, 'plain flour': 100, salt: 1.75 },
    kinds: 'mix knead rest divide roll cook finish',
    rests: [30],
    cook: [50, 30],
    allergens: ['gluten', 'wheat'],
    others: ['spinach'],
  },
  {
    manner: 'one paragraph',
    text: `Here is what I hand out for the quick ones. Self-raising flour 300 g, natural yogurt 300 g, half a teaspoon of salt and, if you like, a teaspoon of cumin seeds. Mix to a dough. Knead for one minute. Leave for 10 minutes. Cut into 8. Roll to about 14 cm. Two minutes each side on a hot griddle. Brush with a little oil. That's it.`,
    pct: { 'plain flour': 100, 'natural yogurt': 105 },
    kinds: 'mix knead rest divide roll cook finish',
    rests: [10],
    cook: [120, 120],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['cumin'],
  },
  {
    manner: 'a web page',
    text: `<div class="entry-content"><h2>Cheesy Bolani</h2><blockquote>"Better than the restaurant!" - Mina</blockquote><p><strong>Dough:</strong></p><ul><li>450g plain flour</li><li>1 tsp salt</li><li>260ml water</li><li>1 tbsp oil</li></ul><p><strong>Filling:</strong></p><ul><li>2 leeks, finely sliced</li><li>100g grated cheddar</li><li>1/2 tsp chilli flakes</li></ul><p><strong>Method:</strong></p><p>Combine flour, salt, oil and water, knead for 8 minutes, and rest for an hour. Salt the leeks, leave for 10 minutes, squeeze out and mix with cheese and chilli. Divide dough into 8 balls. Roll each to 22cm, cover half with filling, fold over, press edges. Fry in a film of oil over medium heat for 3 minutes on each side.</p></div>`,
    pct: { 'plain flour': 100, salt: 1.4, water: 57.8 },
    kinds: 'mix knead rest prepare divide ball roll fill shape cook',
    rests: [60],
    cook: [180, 180],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['leeks', 'cheddar', 'chilli'],
  },
  {
    manner: 'a web page',
    text: `<html lang="en"><head><title>Malawach | Home Baking</title></head><body><main><h1>Malawach</h1><section><h2>Ingredients <small>(8 pieces)</small></h2><table><tbody><tr><td>Plain flour</td><td>500 g</td></tr><tr><td>Water</td><td>300 g</td></tr><tr><td>Sugar</td><td>15 g</td></tr><tr><td>Salt</td><td>10 g</td></tr><tr><td>Baking powder</td><td>4 g</td></tr><tr><td>Butter (for layering)</td><td>150 g</td></tr></tbody></table></section><section><h2>Preparation</h2><p>Mix everything but the butter and knead for 8 minutes. Rest 1 hour.</p><p>Divide into 8, round, rest 20 minutes.</p><p>Stretch each very thin, spread with butter, fold in three lengthways and coil up. Chill for at least 1 hour.</p><p>Roll to 20 cm. Cook in a dry pan on medium for 3 minutes a side.</p></section></main></body></html>`,
    pct: { 'plain flour': 100, water: 60, sugar: 3, salt: 2, 'baking powder': 0.8 },
    kinds: 'mix knead rest divide ball rest shape fill shape coil chill roll cook',
    rests: [60, 20, 90],
    cook: [180, 180],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'structured data',
    text: `{"@context":"https://schema.org","@type":"Recipe","name":"Potato Lefse","recipeYield":"10 rounds","recipeIngredient":["1 1/2 lb russet potatoes","4 tbsp butter","1/3 cup heavy cream","1 tsp salt","1 1/2 cups all-purpose flour, plus more for rolling"],"recipeInstructions":[{"@type":"HowToStep","text":"Boil the potatoes until tender, peel and rice them. Stir in butter, cream and salt."},{"@type":"HowToStep","text":"Chill uncovered overnight."},{"@type":"HowToStep","text":"Add the flour and knead briefly until smooth. Divide into 10 balls."},{"@type":"HowToStep","text":"Roll each ball very thinly to 12 inches on a floured board."},{"@type":"HowToStep","text":"Cook on a dry griddle at 475°F for 1 minute, flip, and cook 1 minute more."}]}`,
    pct: { 'all-purpose flour': 100 },
    kinds: 'prepare mix chill mix knead divide ball roll cook',
    rests: [600],
    cook: [60, 60],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['potatoes'],
  },
  {
    manner: 'structured data',
    text: `{"@context":"https://schema.org","@type":"Recipe","name":"Emmer flatbread","description":"A rustic flatbread.","keywords":"bread, emmer","recipeYield":"8 Stk.","recipeIngredient":["500 g emmer flour, wholegrain","320 g water (35°C)","10 g salt","5 g dry yeast","10 g honey","20 g rapeseed oil"],"recipeInstructions":"Mix all ingredients for 5 minutes by hand. Cover and leave to prove at 24-26 °C for 70 minutes. Divide into 8 pieces of approx. 108 g, shape round, leave to rest for 10 minutes under a cloth. Roll out to 18 cm, prick with a fork. Bake on the griddle at 230 °C: 90 seconds per side."}`,
    pct: { 'emmer flour': 100, water: 64, salt: 2, 'dry yeast': 1, honey: 2, 'rapeseed oil': 4 },
    kinds: 'mix proof divide ball rest roll cook',
    rests: [70, 10],
    cook: [90, 90],
    pieceG: 108,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a scan',
    text: `No. 112.  PLAIN CHUPATTIES

Proportions:
½ lb. wholemeal flour
¼ teaspoon salt
about 1½ gills (7½ fl. oz.) water

1. Put flour and salt in a basin.
2. Add water gradually and
   knead to a soft elastic dough;
   the longer the kneading, the
   lighter the bread. (10 min.)
3. Cover with a wet cloth and
   stand for 1 hour.
4. Knead again, break off pieces
   the size of a walnut (30 g),
   roll into balls, then roll out
   very thin.
5. Bake on an ungreased hot gir-
   dle, ½ min. each side, pressing
   the edges with a cloth.`,
    pct: { 'wholemeal flour': 100 },
    kinds: 'mix knead rest knead divide ball roll cook',
    rests: [60],
    cook: [30, 30],
    pieceG: 30,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a scan',
    text: `FLATBREAD WITH YOGHURT    ( for 8 )

600 g. flour              1 tsp. salt
300 g. yoghurt            1 tsp. soda
120 ml. water             2 tbsp. oil

Mix everything, knead well ( 5 min. ), and let
rest covered for ½ hour. Divide in 8 parts,
flatten with your hands to a thick-
ness of ½ cm. Fry in a hot, lightly
greased pan, about 2 - 3 min. on each
side.`,
    pct: { flour: 100, yoghurt: 50, water: 20 },
    kinds: 'mix knead rest divide shape cook',
    rests: [30],
    cook: [150, 150],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `You need one kilo of flour, two teaspoons of salt, three teaspoons of baking powder, a hundred and fifty grams of butter and half a litre of warm milk. Rub the butter into the flour, salt and baking powder. Add the milk and bring together. Knead for two or three minutes. Let it rest for twenty-five minutes. Make sixteen balls. Roll each to about sixteen centimetres across. Cook on a medium griddle for two minutes, turn, two minutes.`,
    pct: { flour: 100, butter: 15 },
    kinds: 'mix mix knead rest ball roll cook',
    rests: [25],
    cook: [120, 120],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `Mix seven hundred and fifty grams of strong flour with four hundred and ninety grams of water, fifteen grams of salt and seven and a half grams of dry yeast for six minutes. Bulk proof for one and a quarter hours. Divide into ten, pre-shape, rest for a quarter of an hour, roll to twenty-four centimetres. On the griddle: seventy seconds, turn, fifty seconds.`,
    pct: { 'strong flour': 100, water: 65.3, salt: 2, 'dry yeast': 1 },
    kinds: 'mix proof divide ball rest roll cook',
    rests: [75, 15],
    cook: [70, 50],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'parts by vessel',
    text: `Take a coffee mug (250 ml).
2 mugs strong white flour
3/4 mug lukewarm water
1 sachet instant yeast
1 tsp salt
2 tbsp olive oil
Mix; knead for 8 minutes; prove for one hour; make 6 balls; wait 10 minutes; roll; griddle 1 minute a side.`,
    pct: { 'strong white flour': 100 },
    kinds: 'mix knead proof ball rest roll cook',
    rests: [60, 10],
    cook: [60, 60],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'parts by vessel',
    text: `By the bowl: for every bowl of fine semolina, a third of a bowl of warm water, two tablespoons of oil and a pinch of salt. Mix and knead for 5 minutes. Let it soak for 15 minutes. Form flat cakes of 15 cm and cook them on a dry griddle for 4 minutes on each side.`,
    pct: { 'fine semolina': 100 },
    kinds: 'mix knead rest divide shape cook',
    rests: [15],
    cook: [240, 240],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'decimal commas',
    text: `Dürüm – 16 Stück
Mehl (flour) 1,00 kg
Wasser (water) 0,560 kg
Öl (oil) 0,080 kg
Salz (salt) 0,018 kg
Knead 8 min · rest 30 min · divide 16 x 103 g · round · rest 20 min · roll 32 cm · griddle 25 s + 20 s · keep in a cloth`,
    pct: { flour: 100, water: 56, oil: 8, salt: 1.8 },
    kinds: 'mix knead rest divide ball rest roll cook finish',
    rests: [30, 20],
    cook: [25, 20],
    pieceG: 103,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'decimal commas',
    text: `Bread "no. 4": wheat flour T80 0,8 kg + rye 0,2 kg + water 0,70 kg + sourdough 0,2 kg + salt 0,02 kg. Mix 5 min. Bulk 3,5 h. Divide 0,19 kg. Round. Rest 0,5 h. Flatten 20 cm. Griddle 2,5 min, turn, 2 min.`,
    pct: { rye: 20, water: 70, sourdough: 20, salt: 2 },
    kinds: 'mix proof divide ball rest shape cook',
    rests: [210, 30],
    cook: [150, 120],
    pieceG: 190,
    allergens: ['gluten', 'wheat'],
  },
];
