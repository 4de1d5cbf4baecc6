import type { RecipeText } from './recipe-text.ts';

/** A sixth lot whose expectation was written before the reader saw it, after the first five had been read and mended from. */
export const SIXTH: readonly RecipeText[] = [
  {
    manner: 'each step names its own amounts',
    text: `Ferry flatbreads (8 pieces)
Step 1. Put 400 g plain flour and 8 g salt into a wide bowl and mix.
Step 2. Pour in 240 g warm water and 20 g sunflower oil. Bring together to a dough.
Step 3. Knead for 7 minutes until smooth.
Step 4. Cover and leave to rest for 25 minutes.
Step 5. Divide into 8 and roll each to 18 cm.
Step 6. Cook on a hot griddle for 50 seconds on the first side and 40 seconds on the second.`,
    pct: { 'plain flour': 100, 'warm water': 60, salt: 2, 'sunflower oil': 5 },
    kinds: 'mix knead rest divide roll cook',
    rests: [25],
    cook: [50, 40],
    pieceG: 83.5,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a diary in the past tense',
    text: `Saturday. Made the thin ones again. I used 500 g of strong white flour, 310 g of water, 10 g of salt and 5 g of dried yeast. Mixed it all, kneaded it for 10 minutes by hand. It proved for 1 hour 30 minutes in the warm kitchen and had doubled. I divided it into 10, rounded them and let them rest for 15 minutes. Rolled them to 20 cm and cooked them for 1 minute a side. The best so far.`,
    pct: { 'strong white flour': 100, water: 62, salt: 2, 'dried yeast': 1 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [90, 15],
    cook: [60, 60],
    pieceG: 82.5,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a lid, and lower heat after the turn',
    text: `Stuffed griddle breads
Ingredients
350 g plain flour
210 g water
7 g salt
300 g mashed potato, for the filling
Method
Mix flour, water and salt, and knead for 6 minutes. Rest for 30 minutes. Divide into 6. Flatten each piece, put 50 g of the potato in the middle and seal. Rest for 10 minutes. Roll out gently to 16 cm. Cook over medium heat under a lid for 3 minutes, turn, lower the heat and cook for 2 minutes.`,
    pct: { 'plain flour': 100, water: 60, salt: 2 },
    kinds: 'mix knead rest divide fill rest roll cook',
    rests: [30, 10],
    cook: [180, 120],
    pieceG: 94.5,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'two columns for two sizes',
    text: `Orchard rounds
Ingredient | For 6 | For 12
Plain flour | 300 g | 600 g
Water | 186 g | 372 g
Salt | 6 g | 12 g
Olive oil | 15 g | 30 g
Method: mix, knead 6 minutes, rest 20 minutes. Divide into 6 (or 12). Roll to 19 cm. Cook 45 seconds a side.`,
    pct: { 'plain flour': 100, water: 62, salt: 2, 'olive oil': 5 },
    kinds: 'mix knead rest divide roll cook',
    rests: [20],
    cook: [45, 45],
    pieceG: 84.5,
  },
  {
    manner: 'words of a film, spoken',
    text: `So what we need is half a kilo of bread flour, right, then three hundred and twenty grams of water, ten grams of salt, and a sachet of yeast, that's seven grams. Mix it up. Now we knead this for about ten minutes. And then we're going to cover it and let it rise for an hour. Okay, so after an hour we divide it into eight balls. Let them rest for ten minutes. Then roll them out nice and thin and onto a really hot pan, one minute on each side, and that's it.`,
    pct: { 'bread flour': 100, water: 64, salt: 2, yeast: 1.4 },
    // "divide into balls" is two steps: written as one at first
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [60, 10],
    cook: [60, 60],
  },
  {
    manner: 'short forms with full stops, semicolons',
    text: `Causeway cakes. Makes 12.
9 oz. wholemeal flour; 3 oz. plain flour; 1 tsp. salt; 1 oz. butter; approx. 7 fl. oz. water.
Rub in butter. Add water; mix. Knead 5 mins. Rest 20 mins. Div. into 12. Roll v. thin. Bake on griddle 30 secs. ea. side.`,
    pct: { 'wholemeal flour': 75, 'plain flour': 25, butter: 8.3, water: 58.5 },
    // rubbing in is a mix of its own: written as one at first
    kinds: 'mix mix knead rest divide roll cook',
    rests: [20],
    cook: [30, 30],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'poolish by percentages, with a note on each',
    text: `Towpath slippers – formula
Poolish: flour 30 %, water 30 %, instant yeast 0.1 % (12 h at room temperature)
Final dough: flour 70 %, water 35 %, salt 2 %, instant yeast 0.4 %
Mix 5 min, bulk 75 min with a fold after 30 min, divide at 90 g, preshape, rest 20 min, stretch to 22 cm ovals, griddle 80 s per side.`,
    pct: { flour: 100, water: 65, salt: 2, 'instant yeast': 0.5 },
    // written as one proof of 75: a fold that is told with its time is a step between two
    kinds: 'mix rest mix proof fold proof divide ball rest shape cook',
    rests: [720, 30, 45, 20],
    cook: [80, 80],
    pieceG: 90,
  },
  {
    manner: 'without gluten, with psyllium',
    text: `Gluten-free wraps
Makes 6 wraps
250 g gluten-free flour blend
15 g psyllium husk powder
5 g salt
1 tbsp olive oil
280 ml boiling water
1. Stir the flour, psyllium and salt together.
2. Add the oil and boiling water and mix with a spoon until it comes together.
3. When cool enough to touch, knead for 3 minutes.
4. Let it stand, covered, for 15 minutes.
5. Cut into 6, roll between two sheets of paper to 20 cm.
6. Dry-fry in a hot pan for 90 seconds per side.`,
    pct: { 'gluten-free flour blend': 100, salt: 2, 'boiling water': 112 },
    kinds: 'mix knead rest divide roll cook',
    rests: [15],
    cook: [90, 90],
    allergens: [],
  },
  {
    manner: 'a message with pictures and line breaks',
    text: `hiii here is the recipe 😊
🌾 2 mugs self raising flour (about 300g)
🥛 1 small pot plain yogurt (250g)
🧂 pinch of salt
mix it 👉 knead 2 mins 👉 rest 10 mins 👉 8 bits 👉 roll 👉 hot dry pan 1 min each side
best eaten straight away!! x`,
    // written as { 'self raising flour': 100, 'plain yogurt': 83.3 }; the reader keeps self-raising flour as plain flour with its powder
    pct: { 'plain flour': 100, 'plain yogurt': 87.5 },
    kinds: 'mix knead rest divide roll cook',
    rests: [10],
    cook: [60, 60],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'translated, with odd words',
    text: `THIN BREAD OF THE VALLEY
Doses for 10 breads:
- Flour of soft wheat: 600 g
- Water: 330 g
- Lard: 90 g
- Salt: 15 g
- Bicarbonate: 3 g
Preparation:
Put the flour to a fountain, add the lard, the salt, the bicarbonate and the water little by little. Work the paste for 10 minutes. Leave to repose for 30 minutes under a cloth. Form 10 balls of 100 g. Leave to repose other 20 minutes. Lay out each ball with the rolling pin to a disc of 24 cm. Cook on the plate very hot, 1 minute and a half by side.`,
    pct: { 'flour of soft wheat': 100, water: 55, lard: 15, salt: 2.5, bicarbonate: 0.5 },
    kinds: 'mix knead rest ball rest roll cook',
    rests: [30, 20],
    cook: [90, 90],
    pieceG: 103.8,
  },
  {
    manner: 'clock times in front of the steps',
    text: `Sunday group, six people, 12 breads
Dough: 720 g strong flour, 450 g water, 14 g salt, 7 g instant yeast, 20 g oil
9:30 weigh and mix, 5 minutes
9:35 knead, 10 minutes
9:45 bulk proof, 60 minutes, covered, warm place
10:45 divide into 12 and round
10:55 bench rest, 15 minutes
11:10 roll to 20 cm, as you go
11:15 griddles, 60 seconds then 45 seconds
12:00 eat`,
    pct: { 'strong flour': 100, water: 62.5, salt: 1.9, 'instant yeast': 1, oil: 2.8 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [60, 15],
    cook: [60, 45],
  },
  {
    manner: 'both systems in two lists',
    text: `Gate Street Rounds
US: 3 cups all-purpose flour, 1 1/4 cups buttermilk, 1 tsp baking soda, 1 tsp salt
Metric: 375 g all-purpose flour, 300 ml buttermilk, 5 g baking soda, 6 g salt
Mix just until it holds. Rest 15 minutes. Divide into 8. Pat to 5 in (13 cm). Cook on a medium griddle for 3 minutes, flip, and cook 2 minutes more.`,
    pct: { 'all-purpose flour': 100, buttermilk: 82.4, 'baking soda': 1.3, salt: 1.6 },
    kinds: 'mix rest divide shape cook',
    rests: [15],
    cook: [180, 120],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'long headings, times set apart under them',
    text: `QUAYSIDE LAYERED BREAD
Yield: 6

FOR THE DOUGH
360 g plain flour | 200 g water | 6 g salt | 20 g oil
FOR THE LAYERS
60 g soft butter

MAKE THE DOUGH (15 min)
Combine everything and knead to a soft dough.
REST (45 min)
Cover with film.
LAYER (20 min)
Divide into 6. Roll each out very thin, spread with butter, roll up and coil.
SECOND REST (20 min)
Covered.
COOK
Flatten to 18 cm. Medium griddle, 2 minutes per side.`,
    pct: { 'plain flour': 100, water: 55.6, salt: 1.7, oil: 5.6 },
    kinds: 'mix knead rest divide roll coil rest roll cook',
    rests: [45, 20],
    cook: [120, 120],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'with substitutions after each line',
    text: `Marsh rounds, makes 8
300 g plain flour (or half wholemeal)
100 g fine semolina (or more flour)
240 g water, lukewarm
1 tsp salt (6 g)
1 tsp instant yeast (3 g; or 9 g fresh)
1 tbsp honey (or sugar)
Stir everything together. Knead by hand for 8 minutes, or 5 in a mixer. Let it rise for 1 hour. Knock back, divide into 8 and shape into balls. Rest 10 minutes. Roll to 15 cm and cook 90 seconds on the first side, 60 seconds on the other. For a vegan version use sugar.`,
    pct: { 'plain flour': 75, 'fine semolina': 25, water: 60, salt: 1.5, 'instant yeast': 0.75 },
    kinds: 'mix knead proof knead divide ball rest roll cook',
    rests: [60, 10],
    cook: [90, 60],
    allergens: ['gluten', 'wheat'],
  },
];
