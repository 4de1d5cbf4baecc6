import type { RecipeText } from './recipe-text.ts';

/** An eleventh lot whose expectation was written before the reader saw it, in the manners in which instructors bring their recipes. */
export const ELEVENTH: readonly RecipeText[] = [
  {
    manner: 'a handout with times behind each step',
    text: `Bell-tower flatbread (for 4 learners, 8 pieces)

You need
520 g bread flour
340 g tepid water
10 g salt
5 g instant dried yeast
20 g sugar beet syrup

Steps
Weigh and mix ........ 6 min
Knead ................ 8 min
Proof (room temp) .... 65 min
Divide and round ..... 4 min
Rest ................. 15 min
Roll to 22 cm ........ 3 min
Griddle, side one 65 s, side two 45 s`,
    pct: { 'bread flour': 100, 'tepid water': 65.4, salt: 1.9, 'instant dried yeast': 1, 'sugar beet syrup': 3.85 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [65, 15],
    cook: [65, 45],
    pieceG: 108.6,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a table with remarks',
    text: `Name: Wicker breads
| What | How much | Remark |
|------|----------|--------|
| white flour | 400 g | sifted |
| water | 250 g | 30 °C |
| fresh yeast | 8 g | crumbled |
| salt | 8 g | at the end |
| oil | 16 g | |

1. Mix all but the salt, 4 minutes. 2. Add the salt and knead 6 minutes. 3. Let rise 1 hour. 4. Make 8 balls. 5. Leave 10 minutes. 6. Roll 16 cm. 7. Cook 1 min each side.`,
    pct: { 'white flour': 100, water: 62.5, 'fresh yeast': 2, salt: 2, oil: 4 },
    kinds: 'mix knead proof ball rest roll cook',
    rests: [60, 10],
    cook: [60, 60],
    pieceG: 82.8,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages alone, with grams for a batch',
    text: `Wholemeal rounds, formula (batch 10 kg flour)
Wholemeal flour 100 % 10.0 kg
Water 70 % 7.0 kg
Salt 2 % 200 g
Yeast 1.5 % 150 g
Honey 2 % 200 g
Process: mix 3 + 5 min; bulk 45 min; scale 120 g; round; 15 min; roll 18 cm; oven plate 2 min, turn, 1 min`,
    pct: { 'wholemeal flour': 100, water: 70, salt: 2, yeast: 1.5, honey: 2 },
    kinds: 'mix proof divide ball rest roll cook',
    rests: [45, 15],
    cook: [120, 60],
    pieceG: 120,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a letter',
    text: `Dear Pim, you asked for the bread. Take 300 g of wheat flour and 100 g of maize flour. Add a teaspoon of salt, then 260 g of boiling water, and stir it with a wooden spoon. When it has cooled enough to touch, knead it for three minutes. Cover it and let it rest for twenty minutes. Make ten balls and press them flat between two plates. Bake them on the dry pan for one minute, turn them, and give them another minute. Love, Greet`,
    pct: { 'wheat flour': 75, 'maize flour': 25, salt: 1.5, 'boiling water': 65 },
    kinds: 'mix knead rest ball shape cook',
    rests: [20],
    cook: [60, 60],
    pieceG: 64.5,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a web page',
    text: `<html><body><h1>Garlic pan breads</h1><div class="adverts">Buy the best pan for 29.99</div>
<div>Serves 4 | Ready in 45 mins</div>
<h2>Ingredients</h2>
<div class="ing">250g self-raising flour</div><div class="ing">200g Greek yogurt</div><div class="ing">½ tsp salt</div><div class="ing">For the garlic butter</div><div class="ing">40g butter</div><div class="ing">2 garlic cloves, crushed</div>
<h2>Method</h2>
<div>Step 1</div><div>Mix the flour, yogurt and salt in a bowl until it forms a dough. Knead for 2 mins on a floured surface, then rest for 15 mins.</div>
<div>Step 2</div><div>Melt the butter with the garlic.</div>
<div>Step 3</div><div>Divide the dough into 6, roll out to about 5mm thick and cook in a hot frying pan for 2-3 mins per side. Brush with the garlic butter.</div></body></html>`,
    pct: { 'plain flour': 100, 'greek yogurt': 84 },
    kinds: 'mix knead rest prepare divide roll cook finish',
    rests: [15],
    cook: [150, 150],
    pieceG: 73.5,
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'structured data',
    text: `{"@context":"https://schema.org","@type":"Recipe","name":"Chalk Hill rounds","recipeYield":"9","recipeIngredient":["Flour, strong white: 450 g","Water: 290 g","Salt: 9 g","Fresh yeast: 9 g","Butter, soft: 20 g"],"recipeInstructions":"Mix all ingredients for 4 minutes.\\nKnead for 8 minutes.\\nProve for 1 hour 15 minutes.\\nDivide into 9 and round.\\nRest 15 minutes.\\nRoll out to 18 cm.\\nCook on a medium griddle for 80 seconds, turn and cook 60 seconds."}`,
    pct: { 'strong white flour': 100, water: 64.4, salt: 2, 'fresh yeast': 2, butter: 4.4 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [75, 15],
    cook: [80, 60],
    pieceG: 84,
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'a scan with a broken list',
    text: `FERRY CAKES
Take:
300
g wheat flour
75 g oat-
meal
220 g butter-
milk
6 g salt
5 g baking soda
Mix quickly. Pat out to a round 2 cm
thick and cut in six wedges. Bake on a
floured griddle over low heat, six mi-
nutes on each side.`,
    pct: { 'wheat flour': 80, oatmeal: 20, buttermilk: 58.7, salt: 1.6, 'baking soda': 1.3 },
    kinds: 'mix shape divide cook',
    rests: [],
    cook: [360, 360],
    pieceG: 98,
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'words for numbers, long',
    text: `One thousand two hundred grams of flour, seven hundred and eighty grams of water, twenty-four grams of salt, twelve grams of dried yeast. After mixing for five minutes, knead for ten. Bulk proof for seventy-five minutes. Twenty pieces of one hundred grams each, rounded; fifteen minutes of rest; rolled to twenty centimetres. Seventy seconds on the first side and fifty on the second.`,
    pct: { flour: 100, water: 65, salt: 2, 'dried yeast': 1 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [75, 15],
    cook: [70, 50],
    pieceG: 100,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a pupil’s notes',
    text: `*flatbread workshop notes*
flour 250 (strong!) / water 160 / salt 5 / yeast 3 / bit of olive oil
mix → shaggy, 10 min rest
knead 6-8 min, windowpane
1h somewhere warm
4 balls, 15 min rest, DON'T skip
roll ~20cm, turn as you go
screaming hot pan: 1 min, flip, 45 sec
eat straight away :)`,
    pct: { flour: 100, water: 64, salt: 2, yeast: 1.2 },
    kinds: 'mix rest knead proof ball rest roll cook',
    rests: [10, 60, 15],
    cook: [60, 45],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a layered bread',
    text: `Scallion coils – 6 pieces
Dough: 300 g plain flour, 150 g boiling water, 45 g cold water, 5 g salt
Between: 30 g sesame oil, 4 scallions, salt
Stir the boiling water into the flour and salt, then the cold water. Knead 5 minutes, cover, rest 30 minutes. Divide into 6. Roll each piece out as thin as you can, brush with sesame oil, strew with scallions, roll up like a cigar and coil into a snail. Rest 15 minutes. Roll out again to 16 cm. Fry in a lightly oiled pan over medium heat for 2 to 3 minutes on each side.`,
    pct: { 'plain flour': 100, 'boiling water': 50, 'cold water': 15, salt: 1.7 },
    kinds: 'mix knead rest divide roll fill coil rest roll cook',
    rests: [30, 15],
    cook: [150, 150],
    pieceG: 80.9,
    allergens: ['gluten', 'sesame', 'wheat'],
  },
  {
    manner: 'sourdough with a build',
    text: `Country flatbreads on leaven
Leaven (evening): 20 g starter, 60 g flour, 60 g water. 10 to 12 hours at room temperature.
Dough (morning): 540 g flour, 340 g water, 12 g salt, 140 g leaven
Mix flour and water, 30 minutes autolyse. Add leaven and salt and mix for 4 minutes. Bulk 3 hours with 3 folds. Divide into 10, round, and rest for 45 minutes. Stretch to 20 cm. Bake on the stone at 300 °C, 2 minutes, no turning.`,
    pct: { flour: 100, water: 66.7, salt: 2 },
    kinds: 'mix rest mix rest mix proof divide ball rest shape cook',
    rests: [660, 30, 180, 45],
    cook: [120],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'milk, egg and a warning',
    text: `Soft milk flatbreads (8)
350 g plain flour, 180 g milk at 35 °C, 1 egg (50 g), 30 g soft butter, 7 g salt, 7 g sugar, 5 g instant yeast.
Warning: contains egg and milk!
Mix for 5 minutes, knead for 7. Let the dough double, 60 to 75 minutes. Divide into 8 and form balls. Cover and wait 15 minutes. Flatten by hand to 14 cm. Bake in a dry pan on low to medium heat, lid on, 2 minutes; turn; 2 minutes without the lid. Careful: the steam under the lid burns.`,
    pct: { 'plain flour': 100, milk: 51.4, egg: 14.3, 'soft butter': 8.6, salt: 2, sugar: 2, 'instant yeast': 1.4 },
    kinds: 'mix knead proof divide ball rest shape cook',
    rests: [67.5, 15],
    cook: [120, 120],
    pieceG: 76.3,
    allergens: ['egg', 'gluten', 'milk', 'wheat'],
  },
];
