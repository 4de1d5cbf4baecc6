import type { RecipeText } from './recipe-text.ts';

/** A sixty-third lot whose expectation was written before the reader saw it: plain ones, as most handouts are, two of each common manner. */
export const SIXTY_THIRD: readonly RecipeText[] = [
  {
    manner: 'a handout',
    text: `Evening class, week 2: CHAPATI

Makes 12

Ingredients
360 g chapati flour
230 g warm water
4 g salt
15 g oil

Method
1. Put the flour and salt in a bowl, add the water and oil and mix to a soft dough.
2. Knead for 6 minutes.
3. Cover and rest for 30 minutes.
4. Divide into 12 and roll into balls.
5. Roll each ball to 16 cm.
6. Cook on a hot tawa for 30 seconds, turn and cook for 45 seconds, turn again and press for 15 seconds.
7. Brush with butter and keep in a cloth.`,
    pct: { 'chapati flour': 100, 'warm water': 63.9, salt: 1.1, oil: 4.2 },
    kinds: 'mix knead rest divide ball roll cook finish',
    rests: [30],
    cook: [30, 45, 15],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['butter'],
  },
  {
    manner: 'a handout',
    text: `SCOUT CAMP STICK-FREE BREAD (pan version)

For one patrol (6):
500 g flour · 1 sachet baking powder · 1 tsp salt · 300 ml water · 2 tbsp oil

Stir the dry things. Water and oil in, knead with clean hands, 3 min.
Six lumps. Flat as a hand, finger-thick.
Greased pan, small flame, 4 min each side. Test with a twig.`,
    pct: { flour: 100, water: 60 },
    kinds: 'mix knead divide shape cook',
    rests: [],
    cook: [240, 240],
    others: ['baking powder', 'salt', 'oil'],
  },
  {
    manner: 'a table',
    text: `| Ingredient | Bakers % | Weight (g) |
|:--|--:|--:|
| Strong white flour | 75 | 600 |
| Wholemeal flour | 25 | 200 |
| Water | 66 | 528 |
| Salt | 2 | 16 |
| Instant yeast | 1 | 8 |
| Honey | 2 | 16 |

| Stage | Time | Detail |
|:--|:--|:--|
| Mix | 4 min | low speed |
| Knead | 6 min | medium speed |
| Bulk proof | 60 min | covered |
| Divide | | 12 × 112 g |
| Round | | |
| Bench rest | 15 min | |
| Roll | | 18 cm |
| Griddle | 75 s + 50 s | 230 °C |`,
    pct: { 'strong white flour': 75, 'wholemeal flour': 25, water: 66, salt: 2, 'instant yeast': 1, honey: 2 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [60, 15],
    cook: [75, 50],
    pieceG: 112,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a table',
    text: `Ingredients         Grams
Plain flour           400
Yoghurt               180
Milk                  120
Baking powder          12
Salt                    8

Mix and knead 3 minutes. Rest 20 minutes. Divide into 8. Roll 16 cm. Cook 90 s each side.`,
    pct: { 'plain flour': 100, yoghurt: 45, milk: 30, 'baking powder': 3, salt: 2 },
    kinds: 'mix knead rest divide roll cook',
    rests: [20],
    cook: [90, 90],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Flatbread base formula
Flour 100%
Water 63%
Salt 2%
Instant yeast 0.8%
Olive oil 4%

Mix 3 minutes, knead 7 minutes. Bulk proof 1 hour. Divide at 110 g and round. Bench rest 20 minutes. Roll to 19 cm. Griddle 1 minute per side.`,
    pct: { flour: 100, water: 63, salt: 2, 'instant yeast': 0.8, 'olive oil': 4 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [60, 20],
    cook: [60, 60],
    pieceG: 110,
  },
  {
    manner: 'percentages alone',
    text: `Roti: atta 100, water 67, salt 1, oil 2. Knead 6 min, rest 25 min, 45 g balls, roll 15 cm, tawa 30 s + 40 s + 10 s.`,
    pct: { atta: 100, water: 67, salt: 1, oil: 2 },
    kinds: 'mix knead rest ball roll cook',
    rests: [25],
    cook: [30, 40, 10],
    pieceG: 45,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `Mix 500 g strong white flour, 10 g salt, 7 g instant yeast and 320 g water in a bowl, then knead for 10 minutes on the table. Leave the dough to prove for an hour, covered. Divide it into 8 pieces, shape them into balls and rest them for 15 minutes. Roll each ball out to about 18 cm and cook on a hot griddle for 1 minute on each side.`,
    pct: { 'strong white flour': 100, salt: 2, 'instant yeast': 1.4, water: 64 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [60, 15],
    cook: [60, 60],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `For quick flatbreads combine 300 g of self-raising flour, 250 g of natural yoghurt and a pinch of salt, bring together and knead for two minutes. Rest for ten minutes, divide into six and roll out to 15 cm. Cook in a hot dry frying pan for two minutes on each side and brush with garlic butter.`,
    pct: { 'plain flour': 100, 'natural yoghurt': 87.7 },
    kinds: 'mix knead rest divide roll cook finish',
    rests: [10],
    cook: [120, 120],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['salt', 'butter'],
  },
  {
    manner: 'a web page',
    text: `<html><head><title>Homemade flour tortillas</title></head><body><h1>Homemade flour tortillas</h1><p>Makes 12 tortillas</p><h2>Ingredients</h2><ul><li>3 cups (375 g) all-purpose flour</li><li>1 tsp salt</li><li>1 tsp baking powder</li><li>1/3 cup (75 g) lard</li><li>1 cup (240 ml) warm water</li></ul><h2>Instructions</h2><ol><li>Combine the flour, salt and baking powder. Rub in the lard.</li><li>Add the water and knead for 3 minutes.</li><li>Cover and rest for 30 minutes.</li><li>Divide into 12 balls and rest for 10 minutes.</li><li>Roll each ball into an 18 cm circle.</li><li>Cook in a hot dry skillet for 40 seconds per side.</li></ol></body></html>`,
    pct: { 'all-purpose flour': 100, lard: 20, 'warm water': 64 },
    kinds: 'mix mix mix knead rest divide ball rest roll cook',
    rests: [30, 10],
    cook: [40, 40],
    allergens: ['gluten', 'wheat'],
    others: ['salt', 'baking powder'],
  },
  {
    manner: 'a web page',
    text: `<article><h1>Sesame pocket breads</h1><p>Makes 10. Time: 2 hours.</p><h3>Ingredients</h3><ul><li>600 g bread flour</li><li>390 g water</li><li>12 g salt</li><li>6 g instant yeast</li><li>20 g olive oil</li><li>30 g sesame seeds</li></ul><h3>Method</h3><p>Mix the flour, water, salt, yeast and oil and knead for 8 minutes.</p><p>Prove for 1 hour.</p><p>Divide into 10, shape into balls and rest for 15 minutes.</p><p>Roll to 15 cm, brush with water and sprinkle with the sesame seeds.</p><p>Cook on a hot griddle for 90 seconds, turn and cook for 1 minute.</p></article>`,
    pct: { 'bread flour': 100, water: 65, salt: 2, 'instant yeast': 1, 'olive oil': 3.3 },
    kinds: 'mix knead proof divide ball rest roll fill cook',
    rests: [60, 15],
    cook: [90, 60],
    allergens: ['gluten', 'sesame', 'wheat'],
    others: ['sesame'],
  },
  {
    manner: 'structured data',
    text: `{"@context":"https://schema.org","@type":"Recipe","name":"Simple pita","recipeYield":"8 pitas","recipeIngredient":["500 g bread flour","320 g water","10 g salt","7 g instant yeast","15 g olive oil"],"recipeInstructions":[{"@type":"HowToStep","text":"Mix all the ingredients and knead for 10 minutes."},{"@type":"HowToStep","text":"Cover and let rise for 1 hour."},{"@type":"HowToStep","text":"Divide into 8 balls and rest for 15 minutes."},{"@type":"HowToStep","text":"Roll out to 16 cm."},{"@type":"HowToStep","text":"Cook on a very hot griddle for 1 minute, flip, and cook for 1 minute more."}]}`,
    pct: { 'bread flour': 100, water: 64, salt: 2, 'instant yeast': 1.4, 'olive oil': 3 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [60, 15],
    cook: [60, 60],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'structured data',
    text: `{"@context":"https://schema.org","@type":"Recipe","name":"Besan chilla","recipeYield":"6","recipeIngredient":["150 g besan (gram flour)","220 ml water","1/2 tsp salt (3 g)","1/4 tsp turmeric","1 small onion, finely chopped","1 green chilli, chopped","oil for the pan"],"recipeInstructions":[{"@type":"HowToStep","text":"Whisk the besan, water, salt and turmeric to a smooth batter."},{"@type":"HowToStep","text":"Stir in the onion and chilli and rest for 15 minutes."},{"@type":"HowToStep","text":"Heat a little oil in a pan, pour in a ladleful of batter (about 60 g) and spread to 15 cm."},{"@type":"HowToStep","text":"Cook for 2 minutes, flip and cook for 1 minute."}]}`,
    pct: { besan: 100, water: 146.7, salt: 2 },
    kinds: 'mix rest divide shape cook',
    rests: [15],
    cook: [120, 60],
    pieceG: 60,
    others: ['turmeric', 'onion', 'chilli', 'oil'],
  },
  {
    manner: 'a scan',
    text: `Bread Making II                             Sheet 4

PITTA BREAD            (makes 1O)

Strong white flour      5OO g
Salt                     1O g
Instant yeast             7 g
Water                   32O ml
Olive oil                15 ml

1. Mix and knead for 1O minutes.
2. Prove for 1 hour.
3. Divide into 1O and shape into balls.
4. Rest for 15 minutes.
5. Roll to 16 cm.
6. Cook on a hot griddle, 1 minute each side.`,
    pct: { 'strong white flour': 100, salt: 2, 'instant yeast': 1.4, water: 64, 'olive oil': 2.8 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [60, 15],
    cook: [60, 60],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a scan',
    text: `36                   PLAIN COUNTRY BAKING

GIRDLE CAKES

Mix one pound of flour with a teaspoonful of
salt and two teaspoonfuls of baking powder.
Rub in two ounces of butter and add half a
pint of milk to make a soft dough. Roll out
half an inch thick and cut into rounds. Bake
on a hot girdle for five minutes on each side.`,
    pct: { flour: 100, butter: 12.5 },
    kinds: 'mix mix mix roll divide cook',
    rests: [],
    cook: [300, 300],
    others: ['salt', 'baking powder', 'milk'],
  },
  {
    manner: 'words for numbers',
    text: `Five hundred grams of bread flour, three hundred and twenty-five grams of water, ten grams of salt and five grams of instant yeast. Mix, then knead for eight minutes. Prove for one hour. Divide into eight, shape into balls and rest for fifteen minutes. Roll to eighteen centimetres. Cook for one minute on each side.`,
    pct: { 'bread flour': 100, water: 65, salt: 2, 'instant yeast': 1 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [60, 15],
    cook: [60, 60],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `Take three cups of wholemeal flour, one cup of warm water, two tablespoons of oil and half a teaspoon of salt. Knead for five minutes, rest for twenty minutes, divide into ten, roll thin and cook for forty seconds a side.`,
    pct: { 'wholemeal flour': 100 },
    kinds: 'mix knead rest divide roll cook',
    rests: [20],
    cook: [40, 40],
    allergens: ['gluten', 'wheat'],
    others: ['water', 'oil', 'salt'],
  },
  {
    manner: 'parts by vessel',
    text: `4 cups plain flour
1 1/2 cups warm water
1/4 cup oil
1 tbsp instant yeast
2 tsp salt

Mix and knead for 10 minutes. Let rise for 1 hour. Divide into 12 balls, rest 10 minutes, roll to 16 cm and cook 1 minute per side.`,
    pct: { 'plain flour': 100 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [60, 10],
    cook: [60, 60],
    allergens: ['gluten', 'wheat'],
    others: ['water', 'oil', 'yeast', 'salt'],
  },
  {
    manner: 'parts by vessel',
    text: `2 mugs self-raising flour, 1 mug natural yoghurt, pinch of salt. Mix, knead for 1 minute, rest for 10 minutes. Divide into 8, roll to 14 cm, cook on a hot griddle for 2 minutes a side.`,
    pct: { 'plain flour': 100 },
    kinds: 'mix knead rest divide roll cook',
    rests: [10],
    cook: [120, 120],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['yoghurt', 'salt'],
  },
  {
    manner: 'decimal commas',
    text: `Mehl (flour) 1,0 kg
Wasser (water) 0,62 l
Salz (salt) 0,02 kg
Hefe (fresh yeast) 0,02 kg
Öl (oil) 0,04 kg

Kneten (knead) 8 min
Gare (proof) 1,0 h
Teilen (divide) 14 x 120 g
Rundwirken (ball)
Ruhe (rest) 15 min
Ausrollen (roll) 18 cm
Backen (griddle) 1,5 min pro Seite (per side)`,
    pct: { flour: 100, water: 62, salt: 2, 'fresh yeast': 2, oil: 4 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [60, 15],
    cook: [90, 90],
    pieceG: 120,
  },
  {
    manner: 'decimal commas',
    text: `Flour 0,750 kg; water 0,480 kg; salt 0,015 kg; instant yeast 0,0075 kg. Mix 4 min, knead 6 min, proof 1,25 h, divide 0,120 kg, ball, rest 0,25 h, roll 18,5 cm, griddle 1,25 min per side.`,
    pct: { flour: 100, water: 64, salt: 2, 'instant yeast': 1 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [75, 15],
    cook: [75, 75],
    pieceG: 120,
  },
];
