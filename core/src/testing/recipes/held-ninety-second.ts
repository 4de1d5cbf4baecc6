import type { RecipeText } from './recipe-text.ts';

/** A ninety-second lot whose expectation was written before the reader saw it, two of each manner: what instructors hand one another. */
export const NINETY_SECOND: readonly RecipeText[] = [
  {
    manner: 'a handout',
    text: `PIADINA – Saturday group, 12 pieces

Dough
750 g plain flour
110 g lard, soft
330 g water, cool
15 g salt
6 g bicarbonate of soda

Method
1. Rub the lard into the flour with the salt and the soda.
2. Add the water and knead for 8 minutes until smooth.
3. Wrap and rest for 40 minutes at room temperature.
4. Divide into 12 and shape into balls. Rest another 20 minutes.
5. Roll to 24 cm, 2 mm thick.
6. Cook on a very hot cast-iron griddle, 60 seconds on the first side, 45 seconds on the second. Prick any bubbles.
7. Stack under a cloth.

To serve: rocket and soft cheese.`,
    pct: { 'plain flour': 100, lard: 14.67, water: 44, salt: 2, 'bicarbonate of soda': 0.8 },
    kinds: 'mix mix knead rest divide ball rest roll cook finish',
    rests: [40, 20],
    cook: [60, 45],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'a handout',
    text: `Potato farls (no yeast)
Makes 8

500 g floury potatoes, boiled and riced
100 g plain flour, plus more for the board
25 g butter, melted
5 g salt

Mix the warm potato with butter and salt, then work in the flour just until it holds together. Divide in two. Roll each half to a round of 22 cm and cut it into quarters. Cook on a dry griddle over medium heat, 4 minutes on each side, until patched with brown.

Tip: too much flour makes them tough.`,
    pct: { 'floury potatoes': 500, 'plain flour': 100, butter: 25, salt: 5 },
    kinds: 'mix divide roll divide cook',
    rests: [],
    cook: [240, 240],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'a table',
    text: `| Ingredient | % | g for 10 |
|---|---|---|
| White flour | 80 | 640 |
| Spelt flour | 20 | 160 |
| Water | 63 | 504 |
| Sunflower oil | 5 | 40 |
| Salt | 2.2 | 17.6 |
| Instant yeast | 0.7 | 5.6 |

| Stage | Time |
|---|---|
| Mix | 4 min |
| Knead | 6 min |
| Bulk proof | 75 min |
| Divide, 135 g | |
| Ball | |
| Bench rest | 20 min |
| Roll to 20 cm | |
| Griddle | 70 s + 50 s |`,
    pct: {
      'white flour': 80,
      'spelt flour': 20,
      water: 63,
      'sunflower oil': 5,
      salt: 2.2,
      'instant yeast': 0.7,
    },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [75, 20],
    cook: [70, 50],
    pieceG: 135,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a table',
    text: `Ingredient       8 people    Notes
Fine semolina    400 g       not coarse
Plain flour      200 g
Warm water       370 g       hold 20 g back
Salt             11 g
Dry yeast        3 g
Sugar            5 g

Batter for baghrir-style pancakes. Blend 2 minutes. Rest 45 minutes in a warm place, until frothy. Pour 70 g per pancake into a cold non-stick pan, medium heat, 2 minutes, one side only, not turned. Honey and butter to serve.`,
    pct: {
      'fine semolina': 66.67,
      'plain flour': 33.33,
      'warm water': 61.7,
      salt: 1.83,
      'dry yeast': 0.5,
      sugar: 0.83,
    },
    kinds: 'mix proof divide shape cook',
    rests: [45],
    cook: [120],
    pieceG: 70,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Roti dough in baker's percentages: chapati flour 100 %, water 68 %, salt 1 %, oil 3 %.
Mix, knead 6 min, rest 30 min covered. Balls of 40 g. Roll to 16 cm. Tawa: 20 s, flip, 40 s, then puff it on the flame, 10 s. Brush with ghee.`,
    pct: { 'chapati flour': 100, water: 68, salt: 1, oil: 3 },
    kinds: 'mix knead rest ball roll cook finish',
    rests: [30],
    cook: [20, 40, 10],
    pieceG: 40,
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `100 strong flour / 60 water / 6 olive oil / 2 salt / 1 fresh yeast / 10 mashed pumpkin

- Mix 5 min, knead 5 min
- Proof 1 h 15
- Scale 90 g, round, rest 15 min
- Press to 14 cm
- Proof 30 min under cloth
- Hot plate, 2 min, turn, 90 s`,
    pct: { 'strong flour': 100, water: 60, 'olive oil': 6, salt: 2, 'fresh yeast': 1, 'mashed pumpkin': 10 },
    kinds: 'mix knead proof divide ball rest shape proof cook',
    rests: [75, 15, 30],
    cook: [120, 90],
    pieceG: 90,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `For eight gözleme I take 400 g of flour, 220 g of lukewarm water, 30 g of olive oil and 8 g of salt and knead it for ten minutes. The dough rests for half an hour under a bowl. Meanwhile wilt 300 g of spinach, squeeze it dry and mix it with 150 g of feta. Divide the dough into eight, roll each one out very thin, about 30 cm, put the spinach on one half, fold the other half over and press the edges. Cook on a hot sac for two minutes on each side and brush with butter.`,
    pct: { flour: 100, 'lukewarm water': 55, 'olive oil': 7.5, salt: 2 },
    kinds: 'mix knead rest prepare divide roll fill shape cook finish',
    rests: [30],
    cook: [120, 120],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['spinach', 'feta', 'butter'],
  },
  {
    manner: 'one paragraph',
    text: `Stir 300 g buckwheat flour, 600 g water and 6 g salt to a smooth batter and leave it in the fridge for 12 hours; thin it with 60 g water, let it stand 30 minutes out of the fridge, grease the griddle, pour 110 g, spread it with the rake to 32 cm, and when the edge lifts after 90 seconds turn it and give it another 45 seconds.`,
    pct: { 'buckwheat flour': 100, water: 220, salt: 2 },
    kinds: 'mix chill mix temper divide shape cook',
    rests: [720, 30],
    cook: [90, 45],
    pieceG: 110,
    allergens: [],
  },
  {
    manner: 'a web page',
    text: `<html><head><title>Soft yoghurt flatbreads | Hill Road Kitchen</title></head><body><div class="ad">Buy our 3-piece pan set now!</div><h1>Soft yoghurt flatbreads</h1><p class="meta">Serves 6 · Ready in 45 minutes</p><ul><li>350 g self-raising flour</li><li>300 g natural yoghurt</li><li>1 tsp salt</li><li>1 tbsp olive oil</li></ul><ol><li>Mix everything in a bowl to a soft dough.</li><li>Knead briefly, 1 minute, and rest for 15 minutes.</li><li>Divide into 6 pieces.</li><li>Roll out to 18&nbsp;cm rounds.</li><li>Cook in a hot dry frying pan for 2 minutes on each side.</li></ol><section id="comments"><p>Jo: I used 400 g, too sticky!</p></section></body></html>`,
    pct: { 'plain flour': 100, 'natural yoghurt': 90 },
    kinds: 'mix knead rest divide roll cook',
    rests: [15],
    cook: [120, 120],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['salt', 'olive oil', 'baking powder'],
  },
  {
    manner: 'a web page',
    text: `<div class="recipe"><h2>Sesame lavash crisps</h2><h4>Ingredients</h4><table><tr><td>Flour</td><td>420 g</td></tr><tr><td>Water</td><td>210 g</td></tr><tr><td>Olive oil</td><td>50 g</td></tr><tr><td>Salt</td><td>9 g</td></tr><tr><td>Egg white, to brush</td><td>1</td></tr><tr><td>Sesame seeds</td><td>30 g</td></tr></table><h4>Directions</h4><p>Knead flour, water, oil and salt for 7 minutes.</p><p>Leave to rest, wrapped, for 45 minutes.</p><p>Cut into 6 pieces and roll each as thin as you can (about 30 x 20 cm).</p><p>Brush with egg white and sprinkle with sesame.</p><p>Bake at 200 °C for 12 minutes until crisp.</p></div>`,
    pct: { flour: 100, water: 50, 'olive oil': 11.9, salt: 2.14 },
    kinds: 'mix knead rest divide roll fill cook',
    rests: [45],
    cook: [432, 288],
    allergens: ['egg', 'gluten', 'sesame', 'wheat'],
    others: ['egg white', 'sesame seeds'],
  },
  {
    manner: 'structured data',
    text: `{"@context":"https://schema.org","@graph":[{"@type":"WebSite","name":"Oven Street"},{"@type":"Recipe","name":"Corn tortillas, blue","recipeYield":"20","recipeIngredient":["500 g blue masa harina","680 g hot water","5 g salt"],"recipeInstructions":[{"@type":"HowToSection","name":"Dough","itemListElement":[{"@type":"HowToStep","text":"Stir the water into the masa and salt and knead for 3 minutes."},{"@type":"HowToStep","text":"Cover with a damp cloth for 20 minutes."}]},{"@type":"HowToSection","name":"Press and cook","itemListElement":[{"@type":"HowToStep","text":"Roll 58 g balls and press them between plastic to 15 cm."},{"@type":"HowToStep","text":"Cook on a hot comal 30 seconds, turn, 60 seconds, turn back, 15 seconds."}]}]}]}`,
    pct: { 'blue masa harina': 100, 'hot water': 136, salt: 1 },
    kinds: 'mix knead rest ball shape cook',
    rests: [20],
    cook: [30, 60, 15],
    pieceG: 58,
    allergens: [],
  },
  {
    manner: 'structured data',
    text: `{"@type":"Recipe","name":"Onion kulcha","prepTime":"PT2H","cookTime":"PT20M","recipeYield":["8 kulchas"],"recipeIngredient":["500 g plain flour","240 g milk","80 g yogurt","25 g oil","9 g salt","7 g sugar","5 g instant yeast","2 onions, finely chopped","1 tsp chilli powder","a handful of coriander leaves"],"recipeInstructions":["Mix flour, milk, yogurt, oil, salt, sugar and yeast. Knead for 8 minutes.","Proof for 1 hour.","Mix the onions with chilli and coriander.","Divide the dough into 8 balls and rest for 10 minutes.","Flatten each, fill with onion, pinch shut and roll gently to 15 cm.","Cook on a tawa with a lid for 2 minutes, turn and cook uncovered for 90 seconds."]}`,
    pct: {
      'plain flour': 100,
      milk: 48,
      yogurt: 16,
      oil: 5,
      salt: 1.8,
      sugar: 1.4,
      'instant yeast': 1,
    },
    kinds: 'mix knead proof prepare divide ball rest fill roll cook',
    rests: [60, 10],
    cook: [120, 90],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['onion', 'chilli', 'coriander'],
  },
  {
    manner: 'a scan',
    text: `GIRDLE SCONES                                       p. 4l

Take of plain flour one pound (45O g), of butter two ounces
(6O g), of buttermilk half a pint (28O ml), with one tea-
spoonful of bicarbonate of soda and half a teaspoonful of
salt. Rub the butter into the flour, add the rest, and make
up quickly to a soft dough. Divide in two, pat each to a round
of l cm. thickness, cut in four, and bake on a moderate girdle
5 minutes each side.`,
    pct: { 'plain flour': 100, butter: 13.3, buttermilk: 64 },
    kinds: 'mix mix divide shape divide cook',
    rests: [],
    cook: [300, 300],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['bicarbonate of soda', 'salt'],
  },
  {
    manner: 'a scan',
    text: `FLAT BREAD WITH RYE                      Makes l0

Rye fl0ur ............ 3OO g.
Wheat flour .......... 3OO g.
Water ................ 38O g.
Salt ................. l2 g.
Sour dough ........... l2O g.

Mix all for 5 minutes. Let it ripen at 24° for 3 hours. Di-
vide into ten, round, cover for l5 minutes. Roll to 20 cm.
with a notched pin. Bake on the stone at 25O°, 3 minutes one
side, 2 minutes the other.`,
    pct: { 'rye flour': 50, 'wheat flour': 50, water: 63.3, salt: 2, 'sour dough': 20 },
    kinds: 'mix proof divide ball rest roll cook',
    rests: [180, 15],
    cook: [180, 120],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `Six hundred grams of bread flour, three hundred and ninety of water, twelve of salt, four of instant yeast and thirty of olive oil. Mix three minutes, knead seven. Let it rise an hour and a quarter. Divide in six, round, rest twenty minutes. Stretch to about twenty-two centimetres. Cook two minutes on the first side and a minute and a half on the second.`,
    pct: { 'bread flour': 100, water: 65, salt: 2, 'instant yeast': 0.67, 'olive oil': 5 },
    kinds: 'mix knead proof divide ball rest shape cook',
    rests: [75, 20],
    cook: [120, 90],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `A dozen tortillas of wheat: four hundred and fifty grams of flour, ninety of lard, a good teaspoon of salt, two hundred and twenty of hot water. Rub in the lard. Add the water, knead five minutes. Rest the dough for half an hour. Make a dozen balls, rest a quarter of an hour. Roll to twenty centimetres. Forty seconds a side on a hot comal.`,
    pct: { flour: 100, lard: 20, 'hot water': 48.9 },
    kinds: 'mix mix knead rest ball rest roll cook',
    rests: [30, 15],
    cook: [40, 40],
    allergens: ['gluten', 'wheat'],
    others: ['salt'],
  },
  {
    manner: 'parts by vessel',
    text: `Two bowls of wholemeal flour, one bowl of white flour, one and a half bowls of water, three spoons of oil, one spoon of salt. Mix, knead ten minutes, leave under a cloth for an hour. Break off balls the size of an egg, flatten, and cook on the saj, a minute a side.`,
    pct: { 'wholemeal flour': 66.7, 'white flour': 33.3 },
    kinds: 'mix knead rest ball shape cook',
    rests: [60],
    cook: [60, 60],
    allergens: ['gluten', 'wheat'],
    others: ['water', 'oil', 'salt'],
  },
  {
    manner: 'parts by vessel',
    text: `Arepas by the mug
1 mug precooked white cornmeal
1¼ mugs warm water
½ tsp salt
Stir the salt into the water, rain in the meal, mix until smooth. Rest 5 min. Form 6 balls, flatten to 1.5 cm. Brown on an oiled griddle over medium heat, 5 min a side. Split and fill with cheese while hot.`,
    pct: { 'precooked white cornmeal': 100 },
    kinds: 'mix rest ball shape cook finish',
    rests: [5],
    cook: [300, 300],
    allergens: ['milk'],
    others: ['water', 'salt'],
  },
  {
    manner: 'decimal commas',
    text: `Pane piatto alle olive – olive flatbread (9 pezzi)
0,75 kg farina 0 / flour
0,4875 kg acqua / water
0,0375 kg olio / oil
0,015 kg sale / salt
0,0045 kg lievito secco / dry yeast
0,12 kg olive nere / black olives, chopped

Mix 4 min, add the olives, knead 5,5 min. Proof 1,25 h. Divide by 9 (0,157 kg). Ball. Rest 12,5 min. Roll 19,5 cm. Griddle 2,25 min, flip, 1,75 min.`,
    pct: { flour: 100, water: 65, oil: 5, salt: 2, 'dry yeast': 0.6, 'black olives': 16 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [75, 12.5],
    cook: [135, 105],
    pieceG: 157,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'decimal commas',
    text: `Injera-Fladen: 0,8 kg Teffmehl / teff flour; 1,2 l water; 0,0625 l starter; 4,5 g salt. Whisk 2,5 min. Ferment 36,0 h at 22,5 °C. Stir. 0,145 kg each, 35,5 cm. Lid on, 2,25 min, never turned.`,
    pct: { 'teff flour': 100, water: 150, starter: 7.8, salt: 0.56 },
    kinds: 'mix proof mix divide shape cook',
    rests: [2160],
    cook: [135],
    pieceG: 145,
  },
];
