import type { RecipeText } from './recipe-text.ts';

/** An eighteenth lot whose expectation was written before the reader saw it, in the manners in which instructors bring their recipes. */
export const EIGHTEENTH: readonly RecipeText[] = [
  {
    manner: 'a card with aims and remarks',
    text: `RECIPE CARD 12 - SEMOLINA FLATBREAD
Aim: feel how semolina drinks water
Yield: 8 x 105 g

Fine semolina 350 g
Strong white flour 150 g
Warm water 335 g
Salt 10 g
Fresh yeast 8 g

1. Crumble the yeast into the water. Add semolina, flour and salt; mix for 4 min.
2. Autolyse 20 min (the dough firms up by itself).
3. Knead 7 min.
4. Bulk 60 min / 26 °C.
5. Divide, round; 15 min on the bench.
6. Flatten by hand to 17 cm.
7. Griddle 200 °C: 2 min 30 s, turn, 2 min.
Remark: in summer use 10 g less water.`,
    pct: { 'fine semolina': 70, 'strong white flour': 30, 'warm water': 67, salt: 2, 'fresh yeast': 1.6 },
    kinds: 'mix rest knead proof divide ball rest shape cook',
    rests: [20, 60, 15],
    cook: [150, 120],
    pieceG: 105,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a table with units in the head',
    text: `Ingredient | Quantity (g)
--- | ---
Strong flour | 720
Rye flour | 80
Water | 520
Salt | 16
Instant yeast | 6

Process | Time
--- | ---
Mixing | 4 min
Kneading | 8 min
Proofing | 75 min
Dividing (110 g) and rounding | 5 min
Resting | 15 min
Rolling (21 cm) | 4 min
Griddle | 60 s + 45 s`,
    pct: { 'strong flour': 90, 'rye flour': 10, water: 65, salt: 2, 'instant yeast': 0.75 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [75, 15],
    cook: [60, 45],
    pieceG: 110,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages with a range',
    text: `Formula I teach: flour 100 %, water 60–62 %, lard 10 %, salt 2 %, no yeast. Rub the lard in, add warm water, knead 5 min, rest 30 min, cut 70 g pieces, ball, rest 20 min, roll to 24 cm, griddle 30–40 s per side.`,
    pct: { flour: 100, water: 61, lard: 10, salt: 2 },
    kinds: 'mix mix knead rest divide ball rest roll cook',
    rests: [30, 20],
    cook: [35, 35],
    pieceG: 70,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a talk written down',
    text: `Right, this is the dough my father sold at the market. You want eight hundred grams of flour in the bowl, then five hundred of water, sixteen of salt and a sachet of yeast. We mix that for three or four minutes, nothing fancy. Now knead, and I mean knead, for ten minutes. Cover it, go and have a coffee, come back in an hour. Cut it into twelve, roll them into balls, give them ten minutes. Then it's the pin, thin as a coin, about twenty-two centimetres. Hot plate, one minute, over, another minute, done.`,
    pct: { flour: 100, water: 62.5, salt: 2, yeast: 0.9 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [60, 10],
    cook: [60, 60],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a web page',
    text: `<html><body><h1>Sweet Potato Flatbreads</h1><p>Serves: 6 | Time: 40 mins</p><p><strong>Ingredients:</strong></p><p>1 cup (250g) mashed sweet potato<br/>2 cups (260g) plain flour, plus extra<br/>1 tsp salt<br/>1 tsp ground cumin</p><p><strong>Instructions:</strong></p><p>Combine everything in a bowl and knead into a soft dough, adding flour if it is sticky. Rest for 10 minutes. Divide into 6 and roll out to 18 cm circles. Cook in a dry pan over medium-high heat for 2 minutes each side.</p><p>Tried this? Leave a comment!</p></body></html>`,
    pct: { 'plain flour': 100, salt: 2.3 },
    kinds: 'mix knead rest divide roll cook',
    rests: [10],
    cook: [120, 120],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'structured data, terse',
    text: `{"@context":"https://schema.org","@type":"Recipe","name":"Lavash for the griddle","recipeYield":"12","recipeIngredient":["600g flour","330g water","12g salt","3g dry yeast","30g oil"],"recipeInstructions":[{"@type":"HowToStep","text":"Knead all 10 min."},{"@type":"HowToStep","text":"Proof 1 h."},{"@type":"HowToStep","text":"12 balls. 20 min."},{"@type":"HowToStep","text":"Roll 30 cm, very thin."},{"@type":"HowToStep","text":"30 s / 20 s on a very hot griddle."},{"@type":"HowToStep","text":"Stack under a damp cloth."}]}`,
    pct: { flour: 100, water: 55, salt: 2, 'dry yeast': 0.5, oil: 5 },
    kinds: 'mix knead proof ball rest roll cook finish',
    rests: [60, 20],
    cook: [30, 20],
    pieceG: 79,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a scan with a price and a page',
    text: `14 THE GRIDDLE BOOK

SODA FARLS (cost: 9d.)
Flour, 1 lb. Buttermilk, ½ pint.
Salt and soda, a teaspoonful of each.
Sieve the dry things; add the milk; knead
very lightly; roll half an inch thick; cut
in four; bake on a floured griddle, not
too hot, ten minutes on each side.`,
    pct: { flour: 100 },
    kinds: 'mix knead roll divide cook',
    rests: [],
    cook: [600, 600],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `Put half a kilo of wholemeal flour, a quarter of a kilo of white flour, fifteen grams of salt and ten grams of yeast in a bowl. Pour on four hundred and ninety grams of water. Mix for five minutes and knead for ten. Rise for one hour and a half. Shape fifteen balls. Let them stand for twelve minutes. Roll to nineteen centimetres. Bake for seventy seconds, turn, and bake for fifty more.`,
    pct: { 'wholemeal flour': 66.7, 'white flour': 33.3, salt: 2, yeast: 1.3, water: 65.3 },
    kinds: 'mix knead proof ball rest roll cook',
    rests: [90, 12],
    cook: [70, 50],
    pieceG: 81.5,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'parts by vessel',
    text: `Fisherman's bread: one tin of flour, a third of a tin of water, a pinch of salt. Mix in the tin, knead on your knee, rest while the fire burns down, about twenty minutes. Four pieces, flatten, on the hot stones two minutes a side.`,
    pct: { flour: 100 },
    kinds: 'mix knead rest divide shape cook',
    rests: [20],
    cook: [120, 120],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'two columns by hand',
    text: `Mallow bread
500 g flour          Knead all ingredients for 10 min
320 g water          Rest for 30 min
10 g salt            Divide into 8, ball
20 g olive oil       Rest for 15 min
5 g baking powder    Roll to 20 cm
                     Cook 1 min per side`,
    pct: { flour: 100, water: 64, salt: 2, 'olive oil': 4, 'baking powder': 1 },
    kinds: 'mix knead rest divide ball rest roll cook',
    rests: [30, 15],
    cook: [60, 60],
    pieceG: 103.8,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'sourdough discard',
    text: `Discard flatbreads (makes 6)
200 g sourdough discard (100 % hydration)
200 g plain flour
60 g yogurt
6 g salt
3 g baking powder
Stir together to a soft dough, knead 2 minutes. Cover and rest 30 minutes, or up to 8 hours in the fridge. Divide into 6, roll to 17 cm. Cook in a hot skillet for 1½ minutes per side. Brush with oil and sprinkle with salt.`,
    pct: { 'plain flour': 100, yogurt: 30, salt: 3, 'baking powder': 1.5 },
    kinds: 'mix knead rest divide roll cook finish',
    rests: [30],
    cook: [90, 90],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'a bread with seeds left off',
    text: `Sesame ovals, 10 pieces
600 g flour, 390 g water, 12 g salt, 6 g yeast, 24 g oil
For the top: 20 g sesame seeds (leave off for Nadia)
Mix and knead 9 min. Proof 1 h. Divide into 10, ball, rest 15 min. Roll to ovals of 24 cm, brush with water and press in the seeds. Cook seeds up first, 60 s, turn, 40 s.`,
    pct: { flour: 100, water: 65, salt: 2, yeast: 1, oil: 4 },
    kinds: 'mix knead proof divide ball rest roll fill cook',
    rests: [60, 15],
    cook: [60, 40],
    pieceG: 100,
    allergens: ['gluten', 'sesame', 'wheat'],
  },
];
