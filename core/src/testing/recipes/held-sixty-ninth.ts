import type { RecipeText } from './recipe-text.ts';

/** A sixty-ninth lot whose expectation was written before the reader saw it: sheets of cookery schools and bakeries, two texts of each common manner. */
export const SIXTY_NINTH: readonly RecipeText[] = [
  {
    manner: 'a handout',
    text: `FLATBREAD FUNDAMENTALS · LESSON 1
Plain yeasted flatbread

INGREDIENTS (per pair, makes 6)
White bread flour – 360 g
Water at 30 °C – 234 g
Salt – 7 g
Instant yeast – 4 g
Olive oil – 14 g

STEPS
1. MIX – Combine everything in a bowl until no dry flour is left (3 min).
2. KNEAD – On the bench, 8 min. The dough should be smooth and bounce back.
3. PROVE – Covered, 60 min at room temperature.
4. DIVIDE – 6 pieces of 100 g.
5. SHAPE – Round into tight balls. Cover. 15 min rest.
6. ROLL – 18 cm, from the centre outwards.
7. COOK – Griddle at 230 °C. 75 sec, flip, 60 sec.
8. HOLD – Wrap in a towel.`,
    pct: { 'white bread flour': 100, water: 65, salt: 1.9, 'instant yeast': 1.1, 'olive oil': 3.9 },
    kinds: 'mix knead proof divide ball rest roll cook finish',
    rests: [60, 15],
    cook: [75, 60],
    pieceG: 100,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a handout',
    text: `Cheese-stuffed kulcha

Serves 4 (2 each)

For the dough:
300g plain flour, plus extra for rolling
1 tsp baking powder
½ tsp salt
120g natural yogurt
80ml milk
1 tbsp oil

For the filling:
200g paneer, grated
2 spring onions, finely sliced
½ tsp chilli flakes

Method:
Mix the flour, baking powder and salt in a bowl. Add the yogurt, milk and oil and bring together, then knead for 3 minutes. Cover and rest for 1 hour.
Meanwhile, mix together the filling ingredients.
Divide the dough into 8. Flatten each piece, add a spoonful of the filling, bring the edges up and pinch to seal.
Roll out gently to 14cm.
Cook on a hot griddle for 2 minutes each side, until golden in patches.`,
    pct: { 'plain flour': 100, 'natural yogurt': 40, milk: 27.5 },
    kinds: 'mix knead rest prepare divide fill roll cook',
    rests: [60],
    cook: [120, 120],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['baking powder', 'salt', 'oil', 'paneer', 'spring onion', 'chilli'],
  },
  {
    manner: 'a table',
    text: `Ingredient          Per bread   10 breads
Bread flour            60 g       600 g
Water                  39 g       390 g
Salt                  1.2 g        12 g
Dry yeast             0.6 g         6 g

Mix 4 min | Knead 6 min | Prove 60 min | Divide 100 g | Ball | Rest 15 min | Roll 17 cm | Cook 60 s per side`,
    pct: { 'bread flour': 100, water: 65, salt: 2, 'dry yeast': 1 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [60, 15],
    cook: [60, 60],
    pieceG: 100,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a table',
    text: `+----------------+--------+
| Plain flour    | 500 g  |
| Lard           | 75 g   |
| Warm water     | 250 g  |
| Salt           | 9 g    |
| Baking powder  | 5 g    |
+----------------+--------+

+-------------------------------+---------+
| Rub lard into dry ingredients | 4 min   |
| Add water and knead           | 4 min   |
| Rest                          | 30 min  |
| Divide into 14 and ball       |         |
| Rest                          | 15 min  |
| Roll to 20 cm                 |         |
| Comal, first side             | 35 s    |
| Comal, second side            | 25 s    |
+-------------------------------+---------+`,
    pct: { 'plain flour': 100, lard: 15, 'warm water': 50, salt: 1.8, 'baking powder': 1 },
    kinds: 'mix mix knead rest divide ball rest roll cook',
    rests: [30, 15],
    cook: [35, 25],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Baker's percentages
  Atta            100.0
  Water            68.0
  Salt              1.5
  Ghee              4.0

Process
  Mix                  2 min
  Knead                6 min
  Rest                30 min
  Divide              50 g
  Ball
  Roll                16 cm
  Tawa                30 s + 45 s + 15 s`,
    pct: { atta: 100, water: 68, salt: 1.5, ghee: 4 },
    kinds: 'mix knead rest divide ball roll cook',
    rests: [30],
    cook: [30, 45, 15],
    pieceG: 50,
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Our barbecue flatbread is 62% hydration with 2% salt, 4% olive oil and 1% instant yeast, on bread flour. We mix for 3 minutes, knead for 7, and prove for 90 minutes. Pieces are 130 g. They are balled, rested for 20 minutes, stretched to 22 cm and cooked over hot coals for 90 seconds, flipped, and given another 60 seconds.`,
    pct: { 'bread flour': 100, water: 62, salt: 2, 'olive oil': 4, 'instant yeast': 1 },
    kinds: 'mix knead proof divide ball rest shape cook',
    rests: [90, 20],
    cook: [90, 60],
    pieceG: 130,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `Roti for beginners. Tip 300 g of atta into a wide bowl with a pinch of salt, add around 200 g of warm water in three goes, and work it with your fingers until it comes together. Knead for seven minutes, lightly oil the surface, cover and leave for half an hour. Pinch off pieces the size of a golf ball (about 40 g), roll them into balls, flatten, dip in flour and roll out to 15 cm. Cook on a hot tawa: thirty seconds, turn, forty-five seconds, turn, and press round the edge with a cloth until it puffs, ten or fifteen seconds.`,
    pct: { atta: 100, 'warm water': 66.7 },
    // flattened, floured and rolled is rolled
    kinds: 'mix knead rest divide ball roll cook',
    rests: [30],
    cook: [30, 45, 12.5],
    pieceG: 40,
    allergens: ['gluten', 'wheat'],
    others: ['salt'],
  },
  {
    manner: 'one paragraph',
    text: `The potato dough for these soft flatbreads is simple: press 500 g of hot boiled potatoes through a ricer, add 200 g of flour, 8 g of salt and one egg yolk, and bring together quickly without kneading. Divide into eight straight away, roll out on plenty of flour to 18 cm, and cook on a medium hot griddle for two minutes, then flip and cook two minutes more.`,
    pct: { flour: 100, 'hot boiled potatoes': 250, salt: 4 },
    kinds: 'mix divide roll cook',
    rests: [],
    cook: [120, 120],
    allergens: ['egg', 'gluten', 'wheat'],
    others: ['egg yolk'],
  },
  {
    manner: 'a web page',
    text: `<div itemscope itemtype="http://schema.org/Recipe"><h1 itemprop="name">Pan-fried bannock</h1><span itemprop="recipeYield">8 pieces</span><ul><li itemprop="recipeIngredient">3 cups (360 g) all-purpose flour</li><li itemprop="recipeIngredient">1 tablespoon baking powder</li><li itemprop="recipeIngredient">1 teaspoon salt</li><li itemprop="recipeIngredient">1/4 cup (56 g) butter, melted</li><li itemprop="recipeIngredient">1 1/4 cups (295 g) water</li></ul><div itemprop="recipeInstructions"><p>Whisk together the flour, baking powder and salt.</p><p>Pour in the melted butter and the water and stir with a fork to make a ball.</p><p>Turn out onto a floured surface and knead gently about 10 times.</p><p>Pat into a circle 2 cm thick and cut into 8 wedges.</p><p>Cook in a greased frying pan over medium heat for 10 minutes per side.</p></div></div><p>Posted in <a href="#">Breads</a> | 14 Comments</p>`,
    pct: { 'all-purpose flour': 100, butter: 15.6, water: 81.9 },
    kinds: 'mix knead shape divide cook',
    rests: [],
    cook: [600, 600],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['baking powder', 'salt'],
  },
  {
    manner: 'a web page',
    text: `<html><body><h1>How to make focaccia-style skillet bread</h1><p>Posted on <time>4 May</time></p><p><b>You&rsquo;ll need:</b></p><p>&bull; 400g strong flour<br/>&bull; 320g water<br/>&bull; 8g salt<br/>&bull; 5g instant yeast<br/>&bull; 30g olive oil</p><p><b>Here&rsquo;s how:</b></p><p>1) Stir everything together in a large bowl with a wooden spoon. No kneading needed!</p><p>2) Leave for 10 hours in the fridge.</p><p>3) Tip out, divide into 4, shape into rounds and leave at room temperature for 1 hour.</p><p>4) Dimple with oily fingers and stretch to 18cm.</p><p>5) Cook in an oiled skillet over a medium heat with the lid on for 4 minutes. Flip and cook for 3 minutes without the lid.</p><hr><p>Share this: Mail | Print</p></body></html>`,
    pct: { 'strong flour': 100, water: 80, salt: 2, 'instant yeast': 1.25, 'olive oil': 7.5 },
    kinds: 'mix chill divide ball rest shape cook',
    rests: [600, 60],
    cook: [240, 180],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'structured data',
    text: `{"@context":"https://schema.org","@type":"Recipe","name":"Lahmacun on the griddle","recipeYield":"6 pieces","prepTime":"PT45M","recipeIngredient":["400 g bread flour","260 g water","8 g salt","4 g instant yeast","250 g minced lamb","1 red pepper, finely chopped","1 tomato, finely chopped","2 tbsp tomato paste","1 tsp paprika"],"recipeInstructions":[{"@type":"HowToStep","text":"Knead the flour, water, salt and yeast for 10 minutes and prove for 1 hour."},{"@type":"HowToStep","text":"For the topping, mix the lamb, pepper, tomato, tomato paste and paprika."},{"@type":"HowToStep","text":"Divide the dough into 6, shape into balls and rest for 15 minutes."},{"@type":"HowToStep","text":"Roll each to 22 cm and spread thinly with the topping."},{"@type":"HowToStep","text":"Cook on a hot griddle under a lid for 5 minutes."}]}`,
    pct: { 'bread flour': 100, water: 65, salt: 2, 'instant yeast': 1 },
    kinds: 'mix knead proof prepare divide ball rest roll fill cook',
    rests: [60, 15],
    cook: [300],
    allergens: ['gluten', 'wheat'],
    others: ['lamb', 'red pepper', 'tomato', 'paprika'],
  },
  {
    manner: 'structured data',
    text: `{"@context":"https://schema.org","@type":"Recipe","name":"Oat flatbreads","recipeYield":"8","recipeIngredient":["200g porridge oats, ground","200g plain flour","1 tsp bicarbonate of soda","1/2 tsp salt","200ml buttermilk","1 tbsp melted butter"],"recipeInstructions":[{"@type":"HowToStep","text":"Stir together the ground oats, flour, soda and salt."},{"@type":"HowToStep","text":"Add the buttermilk and melted butter and mix quickly to a soft dough. Leave for 10 minutes."},{"@type":"HowToStep","text":"Divide into 8, flatten each to 12cm on a floured board."},{"@type":"HowToStep","text":"Cook on a medium griddle for 4 minutes on each side."}],"aggregateRating":{"@type":"AggregateRating","ratingValue":"4.6"}}`,
    // oats are none of the flour
    pct: { 'porridge oats': 100, 'plain flour': 100, buttermilk: 103 },
    kinds: 'mix rest divide shape cook',
    rests: [10],
    cook: [240, 240],
    others: ['bicarbonate of soda', 'salt', 'melted butter'],
  },
  {
    manner: 'a scan',
    text: `22                          SCHOOL COOKERY BOOK

SODA FARLS (for the griddle)

8 oz. plain flour            1/2 level teasp. bicarbonate
1/2 level teasp. salt            of soda
6 fl. oz. buttermilk

1. Sift the flour, salt and soda into a bowl.
2. Make a well, add the buttermilk and mix lightly and
quickly to a soft dough.
3. Turn on to a floured board and knead very lightly.
4. Pat out to a round about 1/2 in. thick and cut into four
farls.
5. Bake on a moderately hot floured griddle for 6 to 8 min.
on each side.`,
    pct: { 'plain flour': 100, buttermilk: 77 },
    kinds: 'mix knead shape divide cook',
    rests: [],
    cook: [420, 420],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['salt', 'soda'],
  },
  {
    manner: 'a scan',
    text: `Course: lndian Breads                     Page 2 of 6

NAAN (makes 8)

5OO g strong white flour
l5O g natural yoghurt
l8O ml lukewarm milk
7 g dried yeast
l tsp sugar
l tsp salt
2 tbsp oil

Mix the yeast and sugar with the milk; stand lO minutes
until frothy. Add the flour, yoghurt, salt and oil and knead
for 8 minutes. Cover and leave to rise for l hour. Knock
back, divide into 8 and leave for lO minutes. Roll into tear
shapes 2O cm long. Cook in a very hot dry pan, 9O seconds on
the first side and 6O seconds on the second.`,
    pct: { 'strong white flour': 100, 'natural yoghurt': 30, 'lukewarm milk': 37, 'dried yeast': 1.4 },
    kinds: 'mix bloom mix knead proof knead divide rest roll cook',
    rests: [10, 60, 10],
    cook: [90, 60],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['sugar', 'salt', 'oil'],
  },
  {
    manner: 'words for numbers',
    text: `Sixteen small chapatis: four hundred grams of atta, two hundred and sixty grams of water, four grams of salt. Knead five minutes; rest twenty-five minutes; divide into sixteen; ball; roll to fourteen centimetres. Cook twenty-five seconds, turn, thirty-five seconds, turn, ten seconds.`,
    pct: { atta: 100, water: 65, salt: 1 },
    kinds: 'mix knead rest divide ball roll cook',
    rests: [25],
    cook: [25, 35, 10],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `You want about a pound of bread flour, eleven ounces of water, a third of an ounce of salt, a sixth of an ounce of instant yeast and an ounce of olive oil. Mix and knead for ten minutes. Let it rise for an hour. Cut it into six, shape them round and wait fifteen minutes. Stretch to eight inches. Two minutes on one side, one and a half on the other.`,
    pct: { 'bread flour': 100, water: 68.75, salt: 2.1, 'instant yeast': 1.04, 'olive oil': 6.25 },
    kinds: 'mix knead proof divide ball rest shape cook',
    rests: [60, 15],
    cook: [120, 90],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'parts by vessel',
    text: `One-two-three tortillas
1 cup warm water
2 cups masa harina
3 pinches of salt

Mix, knead 2 minutes, rest 15 minutes. Roll into 12 balls. Press to 15 cm. Hot comal: 40 seconds, flip, 60 seconds, flip, 20 seconds.`,
    pct: { 'masa harina': 100 },
    kinds: 'mix knead rest ball shape cook',
    rests: [15],
    cook: [40, 60, 20],
    allergens: [],
    others: ['water', 'salt'],
  },
  {
    manner: 'parts by vessel',
    text: `Use the yoghurt pot as your measure. One pot of yoghurt, three pots of self-raising flour, half a teaspoon of salt. Mix with a spoon then with your hands. Rest 10 minutes. Divide into 8. Roll to the thickness of a coin, about 16 cm wide. Dry-fry for one and a half minutes each side.`,
    pct: { 'plain flour': 100, 'baking powder': 5 },
    kinds: 'mix rest divide roll cook',
    rests: [10],
    cook: [90, 90],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['yoghurt', 'salt'],
  },
  {
    manner: 'decimal commas',
    text: `Piadine (8 stuks)

500,0 g bloem (plain flour)
100,0 g reuzel (lard)
12,5 g zout (salt)
2,5 g zuiveringszout (baking soda)
225,0 g water

Mix and knead for 7,5 min. Rest for 0,5 h. Divide into 8 balls. Rest again for 0,25 h. Roll to 22,5 cm. Bake each side for 1,25 min on a hot griddle.`,
    pct: { 'plain flour': 100, lard: 20, salt: 2.5, 'baking soda': 0.5, water: 45 },
    kinds: 'mix knead rest divide ball rest roll cook',
    rests: [30, 15],
    cook: [75, 75],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'decimal commas',
    text: `Formula for 20 flatbreads of 0,11 kg: flour 1,3 kg; water 0,845 kg; salt 0,026 kg; yeast 0,013 kg; oil 0,052 kg. Mixing 4,5 min, kneading 5,5 min, bulk proof 1,5 h, dividing, rounding, bench rest 0,25 h, rolling to 18,5 cm, griddle 1,25 min + 0,75 min.`,
    pct: { flour: 100, water: 65, salt: 2, yeast: 1, oil: 4 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [90, 15],
    cook: [75, 45],
    pieceG: 110,
  },
];
