import type { RecipeText } from './recipe-text.ts';

/** A ninety-first lot whose expectation was written before the reader saw it, two of each manner, as instructors keep them in a drawer. */
export const NINETY_FIRST: readonly RecipeText[] = [
  {
    manner: 'a handout',
    text: `Barbari for the Thursday class

Per tray (4 breads):
600 g strong white flour
390 g water, 30 °C
12 g salt
6 g instant yeast
10 g sugar

Glaze
8 g flour
100 g water

To finish
nigella and sesame seeds

1. Mix to a shaggy dough, 4 minutes. Rest 20 minutes.
2. Knead 6 minutes.
3. Prove until doubled, about 75 minutes.
4. Divide into 4, shape into ovals and rest for 20 minutes.
5. Meanwhile cook the glaze: whisk flour and water over low heat until thick. Cool.
6. Stretch to 30 cm, press long grooves with the fingers, brush with glaze, scatter with the seeds.
7. Bake on the hot stone, 240 °C, for 12 minutes.`,
    pct: { 'strong white flour': 100, water: 65, salt: 2, 'instant yeast': 1, sugar: 1.67 },
    kinds: 'mix rest knead proof divide shape rest prepare shape fill cook',
    rests: [20, 75, 20],
    cook: [432, 288],
    allergens: ['gluten', 'sesame', 'wheat'],
    others: ['nigella', 'sesame'],
  },
  {
    manner: 'a handout',
    text: `Welsh-style griddle cakes (sweet), makes about 20

225 g self-raising flour
100 g butter, diced
75 g caster sugar
75 g currants
1 egg
1–2 tbsp milk
½ tsp mixed spice

Rub the butter into the flour. Stir in sugar, currants and spice. Add the egg and enough milk to make a firm dough. Roll out to 6 mm and cut 6 cm rounds. Cook on a greased bakestone over a low heat for 3 minutes each side. Dust with caster sugar.`,
    pct: { 'plain flour': 100, butter: 46.67, 'caster sugar': 35, currants: 35 },
    kinds: 'mix mix roll divide cook finish',
    rests: [],
    cook: [180, 180],
    allergens: ['egg', 'gluten', 'milk', 'wheat'],
    others: ['egg', 'milk', 'spice'],
  },
  {
    manner: 'a table',
    text: `| | Group A (8) | Group B (12) |
|---|---|---|
| Masa harina | 480 g | 720 g |
| Warm water | 640 g | 960 g |
| Salt | 6 g | 9 g |

Mix 3 min, rest 15 min under a damp cloth. 45 g balls. Press between plastic to 14 cm. Comal, hot: 20 s, turn, 60 s, turn, 20 s until puffed. Keep in the basket.`,
    pct: { 'masa harina': 100, 'warm water': 133.3, salt: 1.25 },
    kinds: 'mix rest ball shape cook finish',
    rests: [15],
    cook: [20, 60, 20],
    pieceG: 45,
    allergens: [],
  },
  {
    manner: 'a table',
    text: `no.;ingredient;grams
1;white flour;500
2;wholemeal flour;250
3;water;495
4;salt;15
5;fresh yeast;12
6;olive oil;30

no.;step;min
1;mix and knead;12
2;bulk proof;60
3;divide at 105 g;
4;round;
5;rest;15
6;roll 16 cm;
7;proof;20
8;griddle, 60 s + 45 s;`,
    pct: {
      'white flour': 66.67,
      'wholemeal flour': 33.33,
      water: 66,
      salt: 2,
      'fresh yeast': 1.6,
      'olive oil': 4,
    },
    kinds: 'mix knead proof divide ball rest roll proof cook',
    rests: [60, 15, 20],
    cook: [60, 45],
    pieceG: 105,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Injera-type batter: teff 100 %, water 150 %, salt 1 %, starter 10 %. Whisk smooth, ferment 48 h at 24 °C, pour off the dark water, stir in 50 % boiling water. Stand 30 min. 150 g per injera on a 40 cm pan, lid on, 2½ min, one side only.`,
    pct: { teff: 100, water: 150, salt: 1, starter: 10, 'boiling water': 50 },
    kinds: 'mix proof mix rest divide shape cook',
    rests: [2880, 30],
    cook: [150],
    pieceG: 150,
  },
  {
    manner: 'percentages alone',
    text: `Formula (flour = 100)
bread flour .......... 85
dark rye ............. 15
water ................ 66
honey ................ 3
salt ................. 2
dry yeast ............ 0.8

Mix 3 + knead 7 min. 1 h at 27 °C. Scale at 110 g. Round. 20 min. Roll to 18 cm, dock. Plate 230 °C: 75 s / 60 s.`,
    pct: { 'bread flour': 85, 'dark rye': 15, water: 66, honey: 3, salt: 2, 'dry yeast': 0.8 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [60, 20],
    cook: [75, 60],
    pieceG: 110,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `I make lavash with 500 g of plain flour, 290 g of water, 40 g of oil and 10 g of salt, no yeast at all. Everything goes into the bowl of the mixer for 6 minutes on slow, then I wrap it and leave it for an hour. Twelve pieces, rolled as thin as paper on a big floured board, about 30 cm, and onto the dome for 40 seconds, over for another 20. I stack them and sprinkle each with a little water so that they stay soft.`,
    pct: { 'plain flour': 100, water: 58, oil: 8, salt: 2 },
    kinds: 'mix rest divide roll cook finish',
    rests: [60],
    cook: [40, 20],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `Combine 250 ml of warm milk with 7 g of dried yeast and a teaspoon of sugar and let it froth for ten minutes; add to 450 g of strong flour with 100 g of yoghurt, 30 g of melted ghee and 8 g of salt, knead for eight minutes, cover and prove for an hour and a half, cut into eight, ball up, rest for a quarter of an hour, pull into tear shapes of about 22 cm, wet one side, slap it onto the hot pan and cook for 90 seconds, then hold it over the flame for 30 seconds; brush with ghee and strew with coriander.`,
    pct: {
      'warm milk': 57.2,
      'dried yeast': 1.56,
      'strong flour': 100,
      yoghurt: 22.2,
      'melted ghee': 6.67,
      salt: 1.78,
    },
    kinds: 'mix bloom mix knead proof divide ball rest shape cook finish',
    rests: [10, 90, 15],
    cook: [90, 30],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['coriander'],
  },
  {
    manner: 'a web page',
    text: `<body><nav>Home | Recipes | About</nav><article class="post"><h1>Lebanese mountain bread (markouk-like)</h1><p>Posted in <a href="#">Breads</a></p><p>This thin bread needs a domed griddle, or an upturned wok.</p><h3>You need</h3><ul class="ing"><li>400 g bread flour</li><li>100 g wholewheat flour</li><li>325 g water</li><li>10 g salt</li><li>3 g instant yeast</li></ul><h3>How to</h3><p>Mix everything, then knead for 10 min.<br/>Let rise, covered, for 1 h.<br/>Divide into 10 balls, rest 30 min.<br/>Flatten, then stretch each one over a floured cushion to 35 cm.<br/>Cook on the hot dome for 45 s; turn; 15 s.</p><div class="newsletter">Sign up for 5 free recipes</div><script>track(42)</script></article></body>`,
    pct: { 'bread flour': 80, 'wholewheat flour': 20, water: 65, salt: 2, 'instant yeast': 0.6 },
    kinds: 'mix knead proof divide ball rest shape cook',
    rests: [60, 30],
    cook: [45, 15],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a web page',
    text: `<div id="r"><h2>Pupusas with beans and cheese</h2><p><b>Yield:</b> 10 pupusas</p><p><b>Dough:</b> 300 g masa harina, 420 ml warm water, 1 tsp salt</p><p><b>Filling:</b> 200 g refried beans, 150 g grated mozzarella</p><p><b>To serve:</b> cabbage slaw, tomato salsa</p><ol><li>Mix the dough and leave it for 10 minutes.</li><li>Mix beans and cheese.</li><li>Make 10 balls. Press a hollow into each, fill, close and pat to 11 cm.</li><li>Griddle over medium heat, lightly oiled, 4 minutes per side.</li></ol></div>`,
    pct: { 'masa harina': 100, 'warm water': 140 },
    kinds: 'mix rest prepare ball fill cook',
    rests: [10],
    cook: [240, 240],
    allergens: ['milk'],
    others: ['salt', 'bean', 'mozzarella', 'cabbage', 'salsa'],
  },
  {
    manner: 'structured data',
    text: `{"@context":"https://schema.org","@type":"Recipe","name":"Bazlama","recipeYield":"6 breads","recipeIngredient":["500 g bread flour","200 g yoghurt","180 g warm water","7 g instant yeast","10 g salt"],"recipeInstructions":[{"@type":"HowToStep","text":"Mix all ingredients and knead 8 minutes."},{"@type":"HowToStep","text":"Proof 60 minutes at 26 °C."},{"@type":"HowToStep","text":"Divide into 6, shape into balls and rest 15 minutes."},{"@type":"HowToStep","text":"Roll to 18 cm, 1 cm thick; rest 15 minutes on a floured cloth."},{"@type":"HowToStep","text":"Cook in a dry pan over medium-low heat, 3 minutes, flip, 3 minutes."},{"@type":"HowToTip","text":"Brush with butter if you like."}]}`,
    pct: { 'bread flour': 100, yoghurt: 40, 'warm water': 36, 'instant yeast': 1.4, salt: 2 },
    kinds: 'mix knead proof divide ball rest roll rest cook finish',
    rests: [60, 15, 15],
    cook: [180, 180],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'structured data',
    text: `[{"@type":"BreadcrumbList","itemListElement":[]},{"@type":"Recipe","name":"Hoecakes","recipeYield":["4 servings","12 cakes"],"totalTime":"PT30M","recipeIngredient":["1 1/2 cups fine cornmeal","1/2 teaspoon salt","1 1/4 cups boiling water","2 tablespoons bacon fat, for the griddle"],"recipeInstructions":"Stir the cornmeal and salt together. Pour in the boiling water and stir until smooth; let stand 10 minutes.\\nHeat a griddle and grease it.\\nDrop 2 tablespoons of batter for each cake, flatten to 3 inches, and cook 4 minutes, turn, and cook 3 minutes."}]`,
    pct: { 'fine cornmeal': 100 },
    kinds: 'mix rest divide shape cook',
    rests: [10],
    cook: [240, 180],
    allergens: [],
    others: ['salt', 'water', 'bacon'],
  },
  {
    manner: 'a scan',
    text: `CHAPATTIS.                                   (for l6)

Wholemeal flour ...... 6OO g
Water, tepid ......... 39O g
Salt .................. l2 g
Ghee .................. 3O g

Rub the ghee into the flour, add salt and water and work
to a soft dough. Knead for lO minutes, cover with a damp
cloth and leave for half an hour. Divide, roll into balls,
and roll out on a floured board to a diam-
eter of l8 cm. Bake on a hot tawa, 3O seconds on the first
side, l minute on the second, and finish over the flame for
5 seconds.`,
    pct: { 'wholemeal flour': 100, water: 65, salt: 2, ghee: 5 },
    kinds: 'mix mix knead rest divide ball roll cook',
    rests: [30],
    cook: [30, 60, 5],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'a scan',
    text: `12                THE VILLAGE HALL COOK

OATCAKES, NORTH COUNTRY FASHION
8 oz. fine oatmeal, 4 oz. plain flour, ½ oz. yeast, l tea-
spoonful salt, l½ pints warm water and milk mixed.
Cream the yeast with a little of the liquid. Mix all to a
thin batter, cover, and stand in a warm place for l hour.
Pour a ladleful on to a hot greased griddle, spread to 20 cm.,
and cook 2 mins. on each side. Serve with bacon and cheese.`,
    pct: { 'fine oatmeal': 66.7, 'plain flour': 33.3, yeast: 4.17 },
    kinds: 'mix proof divide shape cook',
    rests: [60],
    cook: [120, 120],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['salt'],
  },
  {
    manner: 'words for numbers',
    text: `Take a pound of wheat flour, half a pound of barley flour, three quarters of a pint of buttermilk, a level teaspoon of bicarbonate of soda and two of salt. Mix quickly, pat into two rounds two centimetres thick, cut each into four, and bake on the griddle for six minutes, turn, and six minutes more.`,
    pct: { 'wheat flour': 66.7, 'barley flour': 33.3, buttermilk: 64 },
    kinds: 'mix shape divide cook',
    rests: [],
    cook: [360, 360],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['soda', 'salt'],
  },
  {
    manner: 'words for numbers',
    text: `For sixteen naans: one kilo of flour, six hundred and twenty grams of water, a hundred grams of yoghurt, twenty grams of salt, ten grams of instant yeast. Knead eight minutes by machine. Let it rise fifty minutes. Divide into sixteen, round, and leave twenty-five minutes. Roll oval, twenty by fourteen centimetres. Two and a half minutes in the tandoor or on the stone, without turning. Brush with butter.`,
    pct: { flour: 100, water: 62, yoghurt: 10, salt: 2, 'instant yeast': 1 },
    kinds: 'mix knead proof divide ball rest roll cook finish',
    rests: [50, 25],
    cook: [150],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['butter'],
  },
  {
    manner: 'parts by vessel',
    text: `Camp damper on a plate: 4 mugs self-raising flour, 1½ mugs water, a good pinch of salt, 2 big spoons of oil. Mix with a stick, don't knead. Rest 5 min while the fire burns down. Break into 8, flatten to a hand's width. Plate over embers, 5 min, turn, 5 min. Eat with jam.`,
    pct: { 'plain flour': 100 },
    kinds: 'mix rest divide shape cook',
    rests: [5],
    cook: [300, 300],
    allergens: ['gluten', 'wheat'],
    others: ['water', 'salt', 'oil', 'baking powder'],
  },
  {
    manner: 'parts by vessel',
    text: `Measure with the same glass (250 ml): 3 glasses chickpea flour, 3 glasses water, 1/4 glass olive oil, 2 tsp salt, rosemary. Whisk, stand 2 h, skim. Pour 120 g into an oiled hot pan, 24 cm, 3 min, turn, 2 min. Pepper on top.`,
    pct: { 'chickpea flour': 100 },
    kinds: 'mix rest divide shape cook finish',
    rests: [120],
    cook: [180, 120],
    pieceG: 120,
    allergens: [],
    others: ['water', 'olive oil', 'salt', 'rosemary', 'pepper'],
  },
  {
    manner: 'decimal commas',
    text: `Pfannenfladen, 8 Stück / pan breads, 8 pieces

0,500 kg flour T550
0,320 kg water
0,010 kg salt
0,0035 kg dry yeast
0,020 kg rapeseed oil

Knead 7 min. Proof 1,5 h. Divide at 0,106 kg. Round, rest 0,25 h. Roll to 17,5 cm. Pan, lid on: 2,0 min; turn; 1,5 min.`,
    pct: { 'flour T550': 100, water: 64, salt: 2, 'dry yeast': 0.7, 'rapeseed oil': 4 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [90, 15],
    cook: [120, 90],
    pieceG: 106,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'decimal commas',
    text: `Msemen (10 st.): 0,3 kg fine semolina; 0,3 kg flour; 0,36 l water; 0,012 kg salt; 2,5 g yeast; for shaping 0,08 l oil and 0,06 kg butter. Knead 12,5 min. Divide into 10. Oil. Rest 0,5 h. Spread thin, butter, fold into a square. Rest 10 min. Press to 17,5 cm. Griddle 2,5 min, turn, 2,5 min.`,
    pct: { 'fine semolina': 50, flour: 50, water: 60, salt: 2, yeast: 0.42 },
    kinds: 'mix knead divide rest shape fill shape rest shape cook',
    rests: [30, 10],
    cook: [150, 150],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['oil', 'butter'],
  },
];
