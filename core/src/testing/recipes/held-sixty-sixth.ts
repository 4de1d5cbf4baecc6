import type { RecipeText } from './recipe-text.ts';

/** A sixty-sixth lot whose expectation was written before the reader saw it: handouts of evening classes, two texts of each common manner. */
export const SIXTY_SIXTH: readonly RecipeText[] = [
  {
    manner: 'a handout',
    text: `Sourdough flatbreads
(evening class, week 3)

Ingredients for 6 flatbreads
400 g strong white flour
100 g wholemeal flour
330 g water
150 g active sourdough starter
10 g salt
20 g olive oil

Equipment: large bowl, scraper, griddle or heavy frying pan

1. In a large bowl, mix the flours, water and starter. Leave to autolyse for 30 minutes.
2. Add the salt and oil and knead for 5 minutes.
3. Leave at room temperature for 3 hours, folding once after 1 hour.
4. Divide into 6 and shape into balls.
5. Rest for 30 minutes.
6. Stretch each ball to about 20 cm.
7. Cook on a very hot griddle for 2 minutes, flip, and cook for another 90 seconds.

Leftover flatbreads freeze well for up to a month.`,
    pct: {
      'strong white flour': 80,
      'wholemeal flour': 20,
      water: 66,
      'active sourdough starter': 30,
      salt: 2,
      'olive oil': 4,
    },
    kinds: 'mix rest knead proof fold proof divide ball rest shape cook',
    rests: [30, 60, 120, 30],
    cook: [120, 90],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a handout',
    text: `Stuffed kulcha – Indian breads 2

Dough: 350 g plain flour, 1 tsp baking powder, 6 g salt, 100 g yoghurt, 110 g water, 15 g oil
Filling: 200 g boiled potatoes, 1 small onion, 1 green chilli, 1 tsp cumin seeds, salt
To cook: 30 g butter

• Mix the dough ingredients and knead for 6 minutes. Cover and rest for 45 minutes.
• Mash the potatoes and mix with the finely chopped onion, chilli, cumin and salt.
• Divide the dough and the filling into 8. Flatten each ball of dough, put the filling in the middle, gather the edges and pinch to seal.
• Rest for 5 minutes.
• Roll gently to 15 cm.
• Cook on a medium-hot tawa for 2 minutes per side, then smear with butter.`,
    pct: { 'plain flour': 100, salt: 1.7, yoghurt: 28.6, water: 31.4, oil: 4.3 },
    kinds: 'mix knead rest prepare divide fill rest roll cook finish',
    rests: [45, 5],
    cook: [120, 120],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['baking powder', 'potato', 'onion', 'chilli', 'cumin', 'butter'],
  },
  {
    manner: 'a table',
    text: `Ingredient,Amount,Unit
Bread flour,600,g
Water,390,g
Instant yeast,6,g
Salt,12,g
Olive oil,24,g

Stage,Duration,Notes
Mixing,4 min,low speed
Kneading,5 min,second speed
First proof,60 min,covered
Dividing,,8 pieces
Rounding,,
Bench rest,15 min,
Rolling,,18 cm
Griddling,75 s per side,very hot`,
    pct: { 'bread flour': 100, water: 65, 'instant yeast': 1, salt: 2, 'olive oil': 4 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [60, 15],
    cook: [75, 75],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a table',
    text: `Phulka          makes 10

wholemeal atta      250 g     100 %
water               165 g      66 %
salt                  2 g     0.8 %

mix + knead          8 min
rest                30 min
divide              40 g
roll                15 cm
tawa, side 1        20 s
tawa, side 2        30 s
open flame          10 s`,
    pct: { 'wholemeal atta': 100, water: 66, salt: 0.8 },
    kinds: 'mix knead rest divide roll cook',
    rests: [30],
    cook: [20, 30, 10],
    pieceG: 40,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `FORMULA – potato flatbread
100 % bread flour
40 % mashed potato
45 % milk
2 % salt
1.2 % instant yeast
6 % butter

PROCESS
Mix 3 minutes, knead 7 minutes.
Bulk fermentation 1 h.
Divide into 90 g pieces, round.
Rest 15 minutes.
Roll to 17 cm.
Griddle at medium heat, 2 minutes per side.`,
    pct: { 'bread flour': 100, 'mashed potato': 40, milk: 45, salt: 2, 'instant yeast': 1.2, butter: 6 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [60, 15],
    cook: [120, 120],
    pieceG: 90,
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Per 1 kg of flour (70 % white, 30 % whole wheat): 68 % water, 2 % salt, 1 % fresh yeast, 2 % honey. Mix everything, knead 8 min by hand, proof 90 min with one fold after 45 min. Divide into 16, ball up, rest 20 min, roll to 16 cm. Cook 1 min each side.`,
    pct: { 'white flour': 70, 'whole wheat flour': 30, water: 68, salt: 2, 'fresh yeast': 1, honey: 2 },
    kinds: 'mix knead proof fold proof divide ball rest roll cook',
    rests: [45, 45, 20],
    cook: [60, 60],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `Bring 250 ml of water to the boil with a pinch of salt and a tablespoon of oil, take it off the heat and beat in 200 g of rice flour. Cover and leave for ten minutes, then knead while still warm for three minutes. Divide into eight, roll between two sheets of baking paper to 14 cm and cook on a hot tawa for about a minute on each side.`,
    pct: { 'rice flour': 100, water: 125 },
    kinds: 'mix rest knead divide roll cook',
    rests: [10],
    cook: [60, 60],
    allergens: [],
    others: ['salt', 'oil'],
  },
  {
    manner: 'one paragraph',
    text: `These are the flatbreads I make when nobody has planned ahead: 300 g of self-raising flour, 300 g of yoghurt and a good pinch of salt, stirred with a fork, then kneaded for two minutes on a floured surface. I let the dough rest for ten minutes while the pan gets hot, cut it into eight, roll each piece out to about 15 cm and cook them for a minute and a half on each side. If you like, brush them with garlic butter.`,
    pct: { 'plain flour': 100, 'baking powder': 5, yoghurt: 105 },
    kinds: 'mix knead rest divide roll cook',
    rests: [10],
    cook: [90, 90],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['salt'],
  },
  {
    manner: 'a web page',
    text: `<html lang="en"><body><div id="cookie-banner">We use cookies. <button>Accept</button></div><h1>Homemade pita bread</h1><p>By Nora | March 2024 | ★★★★★ 4.8 (312 ratings)</p><p>There is nothing like a warm pita straight from the pan.</p><h2>What you'll need</h2><table><tr><td>3 cups (375 g)</td><td>all-purpose flour</td></tr><tr><td>2 1/4 tsp (7 g)</td><td>instant yeast</td></tr><tr><td>1 1/2 tsp (9 g)</td><td>salt</td></tr><tr><td>1 cup (240 g)</td><td>warm water</td></tr><tr><td>2 tbsp (27 g)</td><td>olive oil</td></tr></table><h2>How to make it</h2><ol><li><strong>Make the dough:</strong> Combine all the ingredients and knead for 8 minutes.</li><li><strong>Rise:</strong> Cover and let rise until doubled, about 1 hour.</li><li><strong>Shape:</strong> Divide into 8 balls, rest 10 minutes, and roll to 6 inches.</li><li><strong>Cook:</strong> Heat a cast-iron skillet over medium-high heat. Cook for 30 seconds, flip, cook 1 to 2 minutes until puffed, flip and cook 1 minute more.</li></ol><h3>Did you make this recipe?</h3><p>Leave a rating below!</p></body></html>`,
    pct: { 'all-purpose flour': 100, 'instant yeast': 1.87, salt: 2.4, 'warm water': 64, 'olive oil': 7.2 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [60, 10],
    cook: [30, 90, 60],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a web page',
    text: `<main><h1>Socca (chickpea flatbread)</h1><p><em>Gluten free, vegan, and ready in the time it takes to make a salad.</em></p><ul><li>Preparation time: 5 minutes</li><li>Resting time: 2 hours</li><li>Cooking time: 20 minutes</li></ul><h2>Ingredients (4 large)</h2><ul><li>250 g chickpea flour</li><li>500 ml water</li><li>3 tbsp olive oil + extra for the pan</li><li>1 tsp salt</li><li>1 tsp fresh rosemary, chopped</li></ul><h2>Directions</h2><p>Whisk the chickpea flour with the water until smooth. Whisk in the oil, salt and rosemary. Leave to stand for 2 hours.</p><p>Heat an oiled pan over a high heat. Pour in a quarter of the batter and swirl to 24 cm. Cook for 3 minutes, turn over and cook for 2 minutes more.</p><p>Cut into wedges and eat hot.</p></main>`,
    pct: { 'chickpea flour': 100, water: 200 },
    // of batter too pieces are made
    kinds: 'mix rest divide shape cook',
    rests: [120],
    cook: [180, 120],
    allergens: [],
    others: ['olive oil', 'salt', 'rosemary'],
  },
  {
    manner: 'structured data',
    text: `{"@context":"https://schema.org","@graph":[{"@type":"WebPage","name":"Breads"},{"@type":"Recipe","name":"Whole wheat roti","recipeYield":12,"prepTime":"PT10M","recipeIngredient":["2 1/2 cups (300 grams) whole wheat flour","3/4 cup (180 grams) water","1/2 teaspoon salt","2 teaspoons oil","2 tablespoons ghee for brushing"],"recipeInstructions":[{"@type":"HowToStep","name":"Knead","text":"In a bowl, mix the flour, salt, oil and water. Knead for 5 to 7 minutes until soft."},{"@type":"HowToStep","name":"Rest","text":"Cover and rest for 20 to 30 minutes."},{"@type":"HowToStep","name":"Roll","text":"Divide the dough into 12 equal balls. Roll each ball into a 6-inch circle."},{"@type":"HowToStep","name":"Cook","text":"Place on a hot tawa. Cook for 20 seconds, flip, cook for 40 seconds, flip again and press until it puffs, about 20 seconds. Brush with ghee."}]}]}`,
    pct: { 'whole wheat flour': 100, water: 60 },
    kinds: 'mix knead rest divide ball roll cook finish',
    rests: [25],
    cook: [20, 40, 20],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['salt', 'oil', 'ghee'],
  },
  {
    manner: 'structured data',
    text: `{"@type":"Recipe","name":"Za'atar man'oushe on the griddle","recipeYield":"6","recipeIngredient":["500 g plain flour","320 ml water","7 g dried yeast","10 g salt","10 g sugar","40 ml olive oil","For the topping:","6 tbsp za'atar","90 ml olive oil"],"recipeInstructions":["Mix the flour, water, yeast, salt, sugar and oil and knead for 10 minutes.","Leave to rise for 1 hour.","Mix the za'atar with the olive oil for the topping.","Divide the dough into 6 balls and leave for 15 minutes.","Roll each out to 20 cm and spread with the topping.","Cook on a covered griddle over medium heat for 5 minutes."]}`,
    pct: { 'plain flour': 100, water: 64, 'dried yeast': 1.4, salt: 2, sugar: 2, 'olive oil': 7.3 },
    kinds: 'mix knead proof prepare divide ball rest roll fill cook',
    rests: [60, 15],
    cook: [300],
    allergens: ['gluten', 'sesame', 'wheat'],
    others: ["za'atar"],
  },
  {
    manner: 'a scan',
    text: `Breads of the Hearth                                   77

BARLEY BANNOCKS

6 oz. barley flour               1/2 tsp. salt
2 oz. plain flour                1/2 tsp. bicarbonate of soda
1/4 pt. buttermilk               1 oz. lard

Sieve the flours, salt and soda together and rub
in the lard. Mix to a soft dough with the butter-
milk. Divide into two and pat out on a floured
board to rounds 6 inches across. Bake on a hot
girdle for about 7 minutes on each side.`,
    pct: { 'barley flour': 75, 'plain flour': 25, buttermilk: 64.5, lard: 12.5 },
    // sieved, rubbed, mixed
    kinds: 'mix mix mix divide shape cook',
    rests: [],
    cook: [420, 420],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['salt', 'soda'],
  },
  {
    manner: 'a scan',
    text: `-- 12 --

Flour Tortillas
Yield: 16 tortillas

3 cups all-purpose flour (375 g)
1 teaspoon salt (6 g)
1 teaspoon baking powder (4 g)
1/3 cup vegetable shortening (65 g)
1 cup warm water (235 g)

Com bine the flour, salt and baking pow-
der. Cut in the shortening with a fork. Add the
water and knead for 4 minutes. Cover and rest 30
minutes.
Divide into 16 balls. Roll each into an 8-inch
circle. Cook in a dry skillet over medium-high
heat, 30 to 45 seconds on each side. Keep warm in
a towel.`,
    pct: {
      'all-purpose flour': 100,
      salt: 1.6,
      'baking powder': 1.07,
      'vegetable shortening': 17.3,
      'warm water': 62.7,
    },
    kinds: 'mix mix knead rest divide ball roll cook finish',
    rests: [30],
    cook: [37.5, 37.5],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `Put two hundred and fifty grams of buckwheat flour, a hundred grams of plain flour and a teaspoon of salt in a bowl. Whisk in four hundred millilitres of milk and two eggs. Let the batter stand for an hour. Pour a ladleful into a hot buttered pan and spread it to twenty centimetres. Cook for a minute and a half, turn, and cook for another minute.`,
    pct: { 'buckwheat flour': 71.4, 'plain flour': 28.6, milk: 117.7 },
    // of batter too pieces are made
    kinds: 'mix rest divide shape cook',
    rests: [60],
    cook: [90, 60],
    allergens: ['egg', 'gluten', 'milk', 'wheat'],
    others: ['salt', 'egg'],
  },
  {
    manner: 'words for numbers',
    text: `Eight breads from half a kilo of strong flour, three hundred and twenty-five grams of water, ten grams of salt and a sachet of yeast. Mix it, knead it for a good ten minutes and leave it for an hour and a half. Divide it into eight, make balls, leave them for twenty minutes and roll them out to eighteen centimetres. One minute on each side on the hot plate, and they are done.`,
    pct: { 'strong flour': 100, water: 65, salt: 2 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [90, 20],
    cook: [60, 60],
    allergens: ['gluten', 'wheat'],
    others: ['yeast'],
  },
  {
    manner: 'parts by vessel',
    text: `Camp bread
4 mugs flour
1 1/2 mugs water
1/4 mug oil
2 tsp salt
4 tsp baking powder

1. Mix the dry things, add oil and water, stir to a dough.
2. Knead 2 minutes. Rest 15 minutes.
3. Make 12 balls and flatten to about 12 cm.
4. Griddle over the embers, 3 minutes each side.`,
    pct: { flour: 100 },
    kinds: 'mix knead rest ball shape cook',
    rests: [15],
    cook: [180, 180],
    others: ['water', 'oil', 'salt', 'baking powder'],
  },
  {
    manner: 'parts by vessel',
    text: `Two parts fine semolina, one part plain flour and about one and a half parts warm water, measured with a coffee cup; for every three cups a teaspoon of salt. Knead for ten minutes. Rest for half an hour. Divide into six, shape into balls, rest again for ten minutes. Press out to 18 cm and cook on a clay pan for three minutes per side.`,
    pct: { 'fine semolina': 73, 'plain flour': 27 },
    kinds: 'mix knead rest divide ball rest shape cook',
    rests: [30, 10],
    cook: [180, 180],
    others: ['water', 'salt'],
  },
  {
    manner: 'decimal commas',
    text: `Fladenbrote / flat breads
1,2 kg bread flour – 0,78 kg water – 24 g salt – 18 g fresh yeast – 0,036 kg oil
Knead 7,5 min. Bulk proof 1,25 h. Divide into 18 pieces. Round. Bench rest 0,5 h. Roll out to 17,5 cm. Griddle: 1,5 min + 1,0 min.`,
    pct: { 'bread flour': 100, water: 65, salt: 2, 'fresh yeast': 1.5, oil: 3 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [75, 30],
    cook: [90, 60],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'decimal commas',
    text: `Tunnbröd (thin bread), 20 pieces

2,5 dl milk
2,5 dl water
25 g yeast, fresh
50 g butter
0,5 tsp hartshorn
1,5 tsp salt
600 g flour (half rye, half wheat)

Melt the butter, add milk and water and warm to 37 °C. Crumble in the yeast. Stir in the salt, hartshorn and flour and knead 5 minutes. Let rise 45 minutes. Divide into 20, shape into balls, roll to 22,5 cm with a notched pin. Cook on a hot griddle 0,5 minutes per side.`,
    pct: { milk: 43, water: 41.7, 'fresh yeast': 4.2, butter: 8.3 },
    // butter is melted and milk warmed beside
    kinds: 'prepare mix knead proof divide ball roll cook',
    rests: [45],
    cook: [30, 30],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['hartshorn', 'salt'],
  },
];
