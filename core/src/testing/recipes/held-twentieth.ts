import type { RecipeText } from './recipe-text.ts';

/** A twentieth lot whose expectation was written before the reader saw it, in the manners in which instructors bring their recipes. */
export const TWENTIETH: readonly RecipeText[] = [
  {
    manner: 'a handout with minutes in front',
    text: `Canal-side flatbread, 2 people, 4 breads
Ingredients per pair
260 g bread flour | 170 g water | 5 g salt | 2 g instant yeast | 10 g butter

Minute by minute
0 – mix until no dry flour is left
5 – knead
13 – proof in the bowl (60 min)
73 – divide into 4, round
76 – rest (15 min)
91 – roll to 21 cm
95 – griddle, 60 s per side
The bread is ready when it has brown spots and sounds hollow.`,
    pct: { 'bread flour': 100, water: 65.4, salt: 1.9, 'instant yeast': 0.8, butter: 3.8 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [60, 15],
    cook: [60, 60],
    pieceG: 108.5,
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'a table with a column of remarks in brackets',
    text: `MARKET BREADS (batch for 16)

Wheat flour ........ 1000 g (100 %)
Water .............. 640 g (64 %)
Salt ............... 20 g (2 %)
Fresh yeast ........ 15 g (1.5 %)
Malt syrup ......... 10 g (1 %)

Mix: 5 min. Knead: 8 min. Rest: 50 min. Divide: 105 g. Round. Rest: 15 min. Roll: 20 cm. Bake: 60 s, turn, 45 s.`,
    pct: { 'wheat flour': 100, water: 64, salt: 2, 'fresh yeast': 1.5, 'malt syrup': 1 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [50, 15],
    cook: [60, 45],
    pieceG: 105,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages alone, in words',
    text: `Everything in per cent of the flour: sixty-five per cent water, two per cent salt, one per cent fresh yeast, five per cent oil. Flour is strong white. Mix and knead ten minutes, bulk proof one hour, pieces of 100 g, round, rest 15 minutes, roll to 20 cm, griddle one minute a side.`,
    pct: { water: 65, salt: 2, 'fresh yeast': 1, oil: 5 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [60, 15],
    cook: [60, 60],
    pieceG: 100,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `My mother-in-law makes her flatbreads with potato: she boils 300 g of floury potatoes, mashes them and lets them cool, then mixes in 200 g of flour, a teaspoon of salt and a knob of butter. The dough is only pressed together, not kneaded. She divides it into eight, rolls each piece out to 15 cm on plenty of flour and bakes it on a dry griddle, a minute and a half on each side.`,
    pct: { flour: 100, salt: 3 },
    kinds: 'prepare mix divide roll cook',
    rests: [],
    cook: [90, 90],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'a web page',
    text: `<html><body><article><h1>Beginner's Naan on the Griddle</h1><p>Active time: 25 min. Total time: 2 h 10 min. Yield: 8.</p><h2>Ingredients</h2>
<ul><li>1/2 cup warm water (120 ml)</li><li>1 1/2 tsp active dry yeast (5 g)</li><li>1 tsp sugar (4 g)</li><li>3 cups bread flour (390 g), divided</li><li>1/2 cup plain yogurt (120 g)</li><li>1 1/2 tsp salt (9 g)</li><li>2 tbsp ghee (26 g), plus more to brush</li></ul>
<h2>Instructions</h2><p>1. Stir together the water, yeast and sugar and let stand until foamy, 10 minutes.</p><p>2. Add the flour, yogurt, salt and ghee. Mix, then knead for 8 minutes.</p><p>3. Let rise for 1 hour 15 minutes.</p><p>4. Divide into 8 balls. Cover and rest 15 minutes.</p><p>5. Stretch each ball into a teardrop, about 20 cm long.</p><p>6. Cook on a hot griddle for 1 minute, turn, and cook for 1 minute more. Brush with ghee.</p></article></body></html>`,
    pct: { 'bread flour': 100, 'warm water': 30.8, 'plain yogurt': 30.8, salt: 2.3, ghee: 6.7 },
    kinds: 'mix bloom mix knead proof divide ball rest shape cook finish',
    rests: [10, 75, 15],
    cook: [60, 60],
    pieceG: 82,
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'structured data, steps without amounts of time',
    text: `{"@context":"https://schema.org","@type":"Recipe","name":"Plain griddle bread","recipeYield":"6","recipeIngredient":["300 g flour","180 g water","6 g salt","15 g oil"],"recipeInstructions":["Mix everything to a dough.","Knead until smooth.","Rest for 30 minutes.","Divide into 6 and roll out.","Cook on both sides until brown."]}`,
    pct: { flour: 100, water: 60, salt: 2, oil: 5 },
    kinds: 'mix knead rest divide roll cook',
    rests: [30],
    cook: [75, 50],
    pieceG: 81,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a scan',
    text: `CHAPTER IV. BREADS WITHOUT AN OVEN       63

Maize and Wheat Cakes
Maize meal .... 8 oz.   Wheat flour .... 8 oz.
Boiling water .. ½ pint  Salt ... 1 teaspoon
Lard ........ 1 oz.

Pour the boiling water over the maize meal,
add the lard and salt, and leave till cool.
Work in the wheat flour; knead a little. Roll
out ¼ inch thick, cut in rounds of 4 inches,
and bake on the griddle 4 minutes each side.`,
    pct: { 'maize meal': 50, 'wheat flour': 50, lard: 6.25 },
    kinds: 'mix rest mix knead roll divide cook',
    rests: [30],
    cook: [240, 240],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `Nine hundred grams of bread flour. Five hundred and seventy-six grams of water. Eighteen grams of salt. Nine grams of instant yeast. Thirty-six grams of olive oil. Mix for three minutes and knead for nine. One hour of bulk proof. Fourteen pieces of one hundred and five grams, shaped into balls. Fifteen minutes' bench rest. Roll out to twenty-one centimetres. Fifty-five seconds on the first side, forty-five on the second.`,
    pct: { 'bread flour': 100, water: 64, salt: 2, 'instant yeast': 1, 'olive oil': 4 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [60, 15],
    cook: [55, 45],
    pieceG: 105,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'parts by vessel',
    text: `Two to one bread
2 cups wholemeal flour
1 cup yogurt
1 teaspoon baking powder
1/2 teaspoon salt
Mix, rest 15 minutes, divide into 6, pat out on a floured board, dry-fry 2 minutes a side.`,
    pct: { 'wholemeal flour': 100 },
    kinds: 'mix rest divide shape cook',
    rests: [15],
    cook: [120, 120],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'decimal commas and a comma for a list',
    text: `Pocket bread: 1,0 kg flour, 0,62 kg water, 0,018 kg salt, 0,01 kg dry yeast, 0,02 kg sugar
Mix 4 min, knead 7 min, proof 60 min, scale 90 g, round, proof 15 min, roll 16 cm / 4 mm, proof 10 min, bake on the stone at 320 °C, 1,5 min.`,
    pct: { flour: 100, water: 62, salt: 1.8, 'dry yeast': 1, sugar: 2 },
    kinds: 'mix knead proof divide ball proof roll proof cook',
    rests: [60, 15, 10],
    cook: [54, 36],
    pieceG: 90,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a recipe in a message with emoji',
    text: `🫓 Wrap recipe 🫓
300 g flour 🌾
160 g hot water 💧
6 g salt
45 g oil
👉 mix with a spoon
👉 knead 4 min
👉 rest 20 min
👉 8 balls, rest 10 min
👉 roll 20 cm
👉 hot pan 40 s + 30 s
💡 keep them in a towel`,
    pct: { flour: 100, 'hot water': 53.3, salt: 2, oil: 15 },
    kinds: 'mix knead rest ball rest roll cook finish',
    rests: [20, 10],
    cook: [40, 30],
    pieceG: 62,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a filling between two rounds',
    text: `Greens pie of the griddle
Dough: 360 g plain flour, 200 g water, 7 g salt, 30 g oil
Filling: 500 g chard, 60 g hard cheese, 1 egg
Make the dough and knead it for 5 minutes; rest 30 minutes. Blanch the chard for 2 minutes, squeeze it, chop it and mix with cheese and egg. Divide the dough into 8 and roll each to 20 cm. Cover four rounds with the filling, lay the others on top and press the edges. Cook on a medium griddle under a lid for 4 minutes, turn, and 3 minutes more.`,
    pct: { 'plain flour': 100, water: 55.6, salt: 1.9, oil: 8.3 },
    kinds: 'mix knead rest prepare divide roll fill cook',
    rests: [30],
    cook: [240, 180],
    allergens: ['egg', 'gluten', 'milk', 'wheat'],
  },
];
