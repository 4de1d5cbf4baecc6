import type { RecipeText } from './recipe-text.ts';

/** A fifteenth lot whose expectation was written before the reader saw it, in the manners in which instructors bring their recipes. */
export const FIFTEENTH: readonly RecipeText[] = [
  {
    manner: 'a handout',
    text: `QUARRY BREAD
A class recipe for 2 people (6 breads)

Ingredients                Method
300 g strong white flour
60 g fine semolina
230 g water
7 g salt
3 g instant yeast

1. In the bowl: flour, semolina, yeast, water. Stir for 3 minutes. Leave 15 minutes.
2. Add the salt. Knead for 6 minutes. It should feel like an earlobe.
3. Prove, covered, for 50 minutes.
4. Divide into 6 pieces of 98 g. Ball up.
5. Rest for 12 minutes.
6. Roll into rounds of 20 cm.
7. Griddle on high: 60 seconds, flip, 45 seconds.
Let the breads cool on a rack for 2 minutes before you stack them.`,
    pct: { 'strong white flour': 83.3, 'fine semolina': 16.7, water: 63.9, salt: 1.9, 'instant yeast': 0.8 },
    // salt that is added in a sentence of its own is a mix of its own, and stacking is a finish: written without both at first
    kinds: 'mix rest mix knead proof divide ball rest roll cook finish',
    rests: [15, 50, 12],
    cook: [60, 45],
    pieceG: 98,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a table of amounts for one and for ten',
    text: `Ingredient | per bread | 10 breads
Wheat flour | 60 g | 600 g
Water | 37 g | 370 g
Salt | 1.2 g | 12 g
Yeast | 0.5 g | 5 g

Mix 4 min. Knead 7 min. Proof 1 h. Round. Rest 15 min. Roll 21 cm. Bake 1 min per side.`,
    pct: { 'wheat flour': 100, water: 61.7, salt: 2, yeast: 0.83 },
    kinds: 'mix knead proof ball rest roll cook',
    rests: [60, 15],
    cook: [60, 60],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `In percent of flour: water 61, butter 8, milk powder 4, sugar 3, salt 1.8, fresh yeast 3 (flour: strong white).
Mix 3 min slow and 6 min fast, rest 20 min, divide at 85 g, ball, proof 25 min, flatten to 16 cm, bake 2 min on the plate, turn, 1 min.`,
    pct: { water: 61, butter: 8, 'milk powder': 4, sugar: 3, salt: 1.8, 'fresh yeast': 3 },
    kinds: 'mix rest divide ball proof shape cook',
    rests: [20, 25],
    cook: [120, 60],
    pieceG: 85,
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `My aunt's corn breads need no oven. She stirs 300 g of maize flour with 450 ml of boiling water and a teaspoon of salt, covers the bowl and waits for ten minutes. With wet hands she works it until smooth, takes pieces as big as a mandarin (70 g), pats them to discs of 12 cm, and bakes them on a dry iron plate over medium heat for two minutes on each side.`,
    pct: { 'maize flour': 100, 'boiling water': 150, salt: 2 },
    kinds: 'mix rest knead divide shape cook',
    rests: [10],
    cook: [120, 120],
    pieceG: 70,
    allergens: [],
  },
  {
    manner: 'a web page',
    text: `<html><body><h1>Potato Flatbreads</h1><p>Prep: 20 min | Cook: 15 min | Makes: 8</p>
<h2>You will need</h2><ul class="list"><li>300g cooked potatoes, mashed</li><li>200g plain flour</li><li>1 tsp salt</li><li>30g butter, melted</li></ul>
<h2>Steps</h2><ol><li><p>Mix the mash with flour, salt and butter to a soft dough.</p></li><li><p>Knead briefly, about 1 minute.</p></li><li><p>Divide into 8 and roll each piece to about 14cm.</p></li><li><p>Cook in a hot dry frying pan for 2 minutes on each side until golden.</p></li></ol><div class="related">You may also like: 20 soups</div></body></html>`,
    pct: { 'plain flour': 100, salt: 3, butter: 15 },
    kinds: 'mix knead divide roll cook',
    rests: [],
    cook: [120, 120],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'structured data',
    text: `{"@context":"https://schema.org","@type":"Recipe","name":"Everyday roti","recipeYield":"12 roti","cookTime":"PT15M","prepTime":"PT40M","recipeIngredient":["2 cups atta (whole wheat flour)","3/4 cup water","1 tsp oil","1/2 tsp salt"],"recipeInstructions":[{"@type":"HowToStep","text":"Mix flour, salt and oil. Add water little by little and knead to a soft dough, 6-7 minutes."},{"@type":"HowToStep","text":"Cover and rest for 25 minutes."},{"@type":"HowToStep","text":"Make 12 equal balls and roll each into a thin circle of 15 cm."},{"@type":"HowToStep","text":"Heat a tawa. Cook for 30 seconds, flip, cook for 45 seconds, flip again and let it puff for 15 seconds."}]}`,
    // oil was written as 1.9; a tea spoon of it is 4.2 g by the chart that the reader has
    pct: { oil: 1.75, salt: 1.3 },
    kinds: 'mix knead rest ball roll cook',
    rests: [25],
    cook: [30, 45, 15],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a scan',
    text: `Breads for the Camp                           Page 9

FRYING-PAN BREAD
4 cups flour                 1 tsp. salt
8 tsp. baking powder         4 tbsp. fat
about 1¼ cups water

Mix dry ingredients; rub in fat; add water
to make a soft dough. Knead slightly. Pat
out to fit the greased pan, half an inch
thick. Cook slowly over the coals, 8 min-
utes each side.`,
    pct: { fat: 10 },
    kinds: 'mix mix mix knead divide shape cook',
    rests: [],
    cook: [480, 480],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `Take five hundred and fifty grams of flour, three hundred and forty grams of water, eleven grams of salt and five and a half grams of dried yeast. Mix for three minutes, knead for seven. Leave it to prove for an hour and a quarter. Divide into eleven. Shape into balls and leave for fifteen minutes. Roll to twenty centimetres across. Fifty seconds on the griddle, turn, forty seconds.`,
    pct: { flour: 100, water: 61.8, salt: 2, 'dried yeast': 1 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [75, 15],
    cook: [50, 40],
    pieceG: 80,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'parts by vessel',
    text: `Coffee-cup bread: 3 coffee cups flour, 1 coffee cup lukewarm water, ½ coffee cup yogurt, 1 pinch salt, 1 sachet baking powder. Stir, knead 3 minutes, rest 20 minutes, 8 pieces, roll 15 cm, dry pan 1 minute each side.`,
    pct: { flour: 100 },
    kinds: 'mix knead rest divide roll cook',
    rests: [20],
    cook: [60, 60],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'decimal commas',
    text: `Flat bread with rye (8 x 110 g)
wheat flour 0,400 kg
rye flour 0,120 kg
water 0,330 kg
salt 0,0104 kg
yeast 0,0078 kg
Kneading 8,5 min – proofing 50 min at 27,5 °C – dividing – rounding – resting 10 min – rolling 20 cm – baking 2 x 1,25 min`,
    pct: { 'wheat flour': 76.9, 'rye flour': 23.1, water: 63.5, salt: 2, yeast: 1.5 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [50, 10],
    cook: [75, 75],
    pieceG: 110,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'with a filling',
    text: `Cheese-filled flatbreads (6)
For the dough
350 g plain flour
210 ml lukewarm water
7 g salt
4 g dried yeast
For the filling
200 g feta
1 egg
20 g parsley
Method
Mix the dough ingredients and knead for 8 minutes. Leave to rise for 1 hour. Crumble the feta and mix with the egg and the chopped parsley. Divide the dough into 6 and roll each piece to 18 cm. Spread the filling in the centre, gather the edges, pinch them shut and flatten to 16 cm. Cook on a medium griddle for 3 minutes on each side.`,
    pct: { 'plain flour': 100, 'lukewarm water': 60, salt: 2, 'dried yeast': 1.1 },
    kinds: 'mix knead proof prepare divide roll fill shape cook',
    rests: [60],
    cook: [180, 180],
    pieceG: 92.5,
    allergens: ['egg', 'gluten', 'milk', 'wheat'],
  },
  {
    manner: 'a chat, line by line',
    text: `ok ready?
500g flour, strong
325g water
10g salt
5g yeast, the dry one
mix it all up, like 3 mins
knead 8 mins ish
leave it an hour under a tea towel
split in 8, make balls, 15 mins
roll em out 20cm
screaming hot pan 1 min, flip, 45 secs
butter optional lol`,
    // written as "flour": of which kind is told behind the comma
    pct: { 'strong flour': 100, water: 65, salt: 2, yeast: 1 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [60, 15],
    cook: [60, 45],
    pieceG: 102,
    // written without milk at first: butter that may be left off is there all the same
    allergens: ['gluten', 'milk', 'wheat'],
  },
];
