import type { RecipeText } from './recipe-text.ts';

/** A fortieth lot whose expectation was written before the reader saw it: two texts of each common manner. */
export const FORTIETH: readonly RecipeText[] = [
  {
    manner: 'a handout',
    text: `WEEK 3 — GRIDDLE BREADS
Recipe: Yoghurt & nigella flatbreads

Makes 6

300 g plain flour
2 tsp baking powder
1 tsp nigella seeds
3/4 tsp salt
250 g full-fat yoghurt
a little oil for the griddle

Method
Stir the flour, baking powder, nigella seeds and salt together. Add the yoghurt and mix with a fork, then your hands.
Knead gently for 1 minute.
Leave for 15 minutes under a cloth.
Divide into 6 and roll out to 15 cm.
Heat the griddle and oil it lightly. Cook the breads for 2 minutes on each side.

Notes from class:`,
    pct: { 'plain flour': 100, 'full-fat yoghurt': 83.3 },
    kinds: 'mix knead rest divide roll cook',
    rests: [15],
    cook: [120, 120],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['nigella'],
  },
  {
    manner: 'a handout',
    text: `Practical 7: Tortilla de trigo
Group size 2 · Yield 8 · Time 70 min

INGREDIENTS
Wheat flour            240 g
Vegetable shortening    36 g
Salt                     4 g
Baking powder            2 g
Hot water (50 °C)      130 g

PROCEDURE
1. Blend the dry ingredients (1 min).
2. Rub in the shortening (3 min).
3. Add the water, mix and knead (5 min).
4. Rest in a covered bowl (20 min).
5. Divide into 8 pieces of 51 g, round.
6. Rest (15 min).
7. Roll out to 17 cm.
8. Griddle at 230 °C, 30 s + 20 s.

SAFETY: the griddle is hot - use tongs.`,
    pct: { 'wheat flour': 100, 'vegetable shortening': 15, salt: 1.7, 'baking powder': 0.8, 'hot water': 54.2 },
    kinds: 'mix mix mix knead rest divide ball rest roll cook',
    rests: [20, 15],
    cook: [30, 20],
    pieceG: 51,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a table',
    text: `Formula | % | 8 pcs | 24 pcs
--- | --- | --- | ---
Flour | 100 | 500 g | 1500 g
Water | 63 | 315 g | 945 g
Salt | 2 | 10 g | 30 g
Fresh yeast | 1.6 | 8 g | 24 g
Oil | 4 | 20 g | 60 g

Knead 9 min / proof 60 min / divide / round / rest 15 min / roll 20 cm / griddle 1 min per side`,
    pct: { flour: 100, water: 63, salt: 2, 'fresh yeast': 1.6, oil: 4 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [60, 15],
    cook: [60, 60],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a table',
    text: `INGREDIENTS                      METHOD
350 g plain flour                1. Mix the flour and salt.
7 g salt                         2. Add the water and oil, knead 5 min.
210 g warm water                 3. Rest 30 min.
15 g olive oil                   4. Divide into 6, roll to 22 cm.
                                 5. Griddle 50 s each side.`,
    pct: { 'plain flour': 100, salt: 2, 'warm water': 60, 'olive oil': 4.3 },
    kinds: 'mix knead rest divide roll cook',
    rests: [30],
    cook: [50, 50],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Soft wraps – % of flour weight
plain flour 100 · warm water 55 · oil 12 · salt 2 · baking powder 1
Mix 3 min · knead 3 min · rest 20 min · 70 g pieces · round · rest 10 min · roll 20 cm · hot griddle 40 s + 25 s · stack in a cloth`,
    pct: { 'plain flour': 100, 'warm water': 55, oil: 12, salt: 2, 'baking powder': 1 },
    kinds: 'mix knead rest divide ball rest roll cook finish',
    rests: [20, 10],
    cook: [40, 25],
    pieceG: 70,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Rye flatbread: 60% rye flour, 40% wheat flour, 70% buttermilk, 2% salt, 1.5% baking soda, 3% syrup, 1% fennel seeds. Mix just until combined. Rest 10 minutes. Divide into 130 g pieces, pat out to 15 cm with floured hands, prick, and griddle on medium for 3 minutes per side.`,
    pct: {
      'rye flour': 60,
      'wheat flour': 40,
      buttermilk: 70,
      salt: 2,
      'baking soda': 1.5,
      syrup: 3,
      'fennel seeds': 1,
    },
    kinds: 'mix rest divide shape cook',
    rests: [10],
    cook: [180, 180],
    pieceG: 130,
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `Rub 50g of cold butter into 250g of plain flour with half a teaspoon of salt and two teaspoons of baking powder. Beat an egg with 100ml of milk and stir it in to make a soft dough. Roll out on a floured surface to 1cm and cut out 6cm rounds. Cook on a gently heated griddle for about 4 minutes each side and eat with jam.`,
    pct: { 'cold butter': 20, 'plain flour': 100 },
    kinds: 'mix mix roll divide cook',
    rests: [],
    cook: [240, 240],
    allergens: ['egg', 'gluten', 'milk', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `This is a two-day dough. On day one, mix 800 g bread flour, 200 g spelt flour, 680 g cold water, 22 g salt and 3 g dry yeast for six minutes, let it stand for an hour and put it in the fridge for 16 hours. On day two, take it out, divide it straight away into 125 g pieces, round them and let them warm up for 90 minutes. Stretch to 20 cm and griddle for 80 seconds, turn, 60 seconds.`,
    pct: { 'bread flour': 80, 'spelt flour': 20, 'cold water': 68, salt: 2.2, 'dry yeast': 0.3 },
    kinds: 'mix proof chill divide ball temper shape cook',
    rests: [60, 960, 90],
    cook: [80, 60],
    pieceG: 125,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a web page',
    text: `<article><header><h1>Crispy Chickpea Pancakes</h1><span>15 min</span> | <span>Vegan</span> | <span>Serves 2</span></header><ul class="ingredients"><li>100g gram flour</li><li>150ml water</li><li>1/2 tsp cumin seeds</li><li>1/4 tsp turmeric</li><li>1/2 tsp salt</li><li>1 small red onion, finely chopped</li><li>Handful of coriander, chopped</li><li>Oil, for frying</li></ul><div class="method"><p>Whisk the gram flour, spices, salt and water to a smooth batter. Stand for 10 minutes, then stir in the onion and coriander.</p><p>Heat a little oil on a griddle. Pour on a quarter of the batter and spread out to 12cm. Cook for 2-3 minutes on each side.</p><p>Repeat to make 4.</p></div></article>`,
    pct: { 'gram flour': 100, water: 150 },
    kinds: 'mix rest mix divide shape cook',
    rests: [10],
    cook: [150, 150],
    allergens: [],
    others: ['onion', 'coriander'],
  },
  {
    manner: 'a web page',
    text: `<div itemscope><h1>Traditional Lefse</h1><p>Servings: 14 rounds</p><h3>For the lefse:</h3><p>2 lb (900 g) potatoes, boiled and riced<br>1/4 cup (57 g) butter<br>1/4 cup (60 ml) cream<br>1 tsp salt<br>1 1/2 cups (190 g) flour</p><h3>Directions:</h3><p>1. Mix the warm potatoes with the butter, cream and salt.<br>2. Chill overnight.<br>3. Work in the flour and knead for 1 minute.<br>4. Divide into 14 balls.<br>5. Roll each to 12 inches on a floured cloth.<br>6. Cook on a dry griddle at 400&deg;F for 1 minute, flip with a stick, 45 seconds more.<br>7. Stack between towels.</p></div>`,
    pct: { flour: 100, butter: 30, potatoes: 473.7 },
    kinds: 'mix chill mix knead divide ball roll cook finish',
    rests: [600],
    cook: [60, 45],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'structured data',
    text: `{"@context":"https://schema.org","@type":"Recipe","name":"Flatbreads in a pan","recipeYield":"8","recipeIngredient":["500g flour, plus extra for dusting","1 tsp salt","1 tbsp olive oil","300ml water","2 tsp za'atar"],"recipeInstructions":[{"@type":"HowToStep","text":"Put the flour and salt in a bowl, add the oil and water and mix to a dough."},{"@type":"HowToStep","text":"Knead for 5 mins, cover and leave to rest for 20 mins."},{"@type":"HowToStep","text":"Divide into 8 balls and roll out on a floured surface until 2mm thick."},{"@type":"HowToStep","text":"Heat a dry frying pan, add a flatbread and cook for 2 mins, flipping halfway."},{"@type":"HowToStep","text":"Sprinkle with za'atar to serve."}]}`,
    pct: { flour: 100, salt: 1.2, 'olive oil': 2.5, water: 60 },
    kinds: 'mix knead rest divide ball roll cook finish',
    rests: [20],
    cook: [60, 60],
    allergens: ['gluten', 'sesame', 'wheat'],
  },
  {
    manner: 'structured data',
    text: `[{"@context":"https://schema.org","@type":"Recipe","name":"Rghaif semolina flatbread","recipeYield":"6","cookTime":"PT20M","recipeIngredient":["350 g fine semolina","150 g plain flour","8 g salt","5 g instant yeast","340 g lukewarm water","50 g butter, melted"],"recipeInstructions":["Mix the semolina, flour, salt, yeast and water and knead for 10 minutes.","Cover and rest for 20 minutes.","Divide into 6 and shape into balls.","Flatten thinly, brush with the melted butter and fold into squares.","Rest for 15 minutes.","Flatten to 16 cm and cook on a medium griddle for 3 minutes a side."]}]`,
    pct: { 'fine semolina': 70, 'plain flour': 30, salt: 1.6, 'instant yeast': 1, 'lukewarm water': 68 },
    kinds: 'mix knead rest divide ball shape fill shape rest shape cook',
    rests: [20, 15],
    cook: [180, 180],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'a scan',
    text: `INDIAN BREAD (POORI & CHAPATI DOUGH)

1 lb. atta, ½ teasp. salt, about ½ pt. water,
1 dessertsp. ghee.

Sieve flour and salt, rub in ghee, add water
gradually and knead well 10 mins. Cover with a
damp cloth, ½ hour. For chapati, divide in 16,
roll 6 ins. across and bake on a hot tava, ½ min.
first side, 1 min. second side.`,
    pct: { atta: 100 },
    kinds: 'mix mix mix knead rest divide roll cook',
    rests: [30],
    cook: [30, 60],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'a scan',
    text: `14 - Griddle Rolls

Flour ............ 1 lb 2 oz   500 g
Milk ............. ½ pt        300 ml
Butter ........... 1½ oz       40 g
Yeast, fresh ..... ½ oz        15 g
Salt ............. 1 tsp       7 g

Warm milk with butter. Cream yeast with a little
milk. Mix all, knead 8 min. Rise 1 h. Shape into
10 balls, flatten to 8 cm. Rise 30 min. Cook on
a slow griddle 8 min each side.`,
    pct: { flour: 100, butter: 8, 'fresh yeast': 3, salt: 1.4 },
    kinds: 'prepare mix knead proof ball shape proof cook',
    rests: [60, 30],
    cook: [480, 480],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `Weigh seven hundred grams of flour, four hundred and twenty grams of water, fourteen grams of salt and twenty-eight grams of oil. Mix for three minutes. Let the dough rest for fifteen minutes. Knead it for five minutes. Let it rest for half an hour. Divide it into ten. Round the pieces. Let them rest for ten minutes. Roll them to twenty-two centimetres. Cook them for thirty-five seconds on each side.`,
    pct: { flour: 100, water: 60, salt: 2, oil: 4 },
    kinds: 'mix rest knead rest divide ball rest roll cook',
    rests: [15, 30, 10],
    cook: [35, 35],
    pieceG: 113,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `Mix together one and a half cups of flour, half a teaspoon of salt and half a cup of water; knead for three minutes; cover for fifteen. Cut into six. Roll each one to about seven inches. Cook in a hot dry pan, forty-five seconds to a minute per side.`,
    pct: { flour: 100 },
    kinds: 'mix knead rest divide roll cook',
    rests: [15],
    cook: [52.5, 52.5],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'parts by vessel',
    text: `Tea-cup roti
atta: 3 cups
hot water: 1 1/4 cups
oil: 2 tsp
salt: 1/2 tsp
Stir, knead 6 minutes, rest 20 minutes covered. 10 balls. Roll 16 cm. Tava: 20 s, flip, 40 s, flip, flame 5 s.`,
    pct: { atta: 100 },
    kinds: 'mix knead rest ball roll cook',
    rests: [20],
    cook: [20, 40, 5],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'parts by vessel',
    text: `With the yogurt cup as a measure: 1 cup plain yogurt, 3 cups flour, 1/2 cup oil, 1/2 cup water, 1 packet baking powder (10 g), 1 tsp salt. Knead all, rest 20 min, make 10 balls, roll 14 cm, cook in a covered pan 2 min each side.`,
    pct: { flour: 100 },
    kinds: 'mix knead rest ball roll cook',
    rests: [20],
    cook: [120, 120],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'decimal commas',
    text: `Focaccia barese auf der Platte
flour 0,6 kg
semolina 0,2 kg
potato 0,15 kg
water 0,52 kg
salt 0,017 kg
fresh yeast 0,008 kg
Mix 8 min. Bulk 2,0 h. Divide 0,37 kg. Round. Proof 1,0 h. Press to 24 cm. Griddle, lid, 6,5 min; turn; 4,5 min.`,
    pct: { flour: 75, semolina: 25, potato: 18.75, water: 65, salt: 2.1, 'fresh yeast': 1 },
    kinds: 'mix proof divide ball proof shape cook',
    rests: [120, 60],
    cook: [390, 270],
    pieceG: 370,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'decimal commas',
    text: `Rezept / recipe: 24 Chapati. 1,00 kg atta; 0,67 l water; 15,0 g salt. Mix 3,5 min; rest 0,5 h; knead 5,0 min; rest 0,25 h; divide 70 g; round; roll 18,0 cm; tava 0,4 min, turn, 0,6 min, turn, 0,2 min.`,
    pct: { atta: 100, water: 67, salt: 1.5 },
    kinds: 'mix rest knead rest divide ball roll cook',
    rests: [30, 15],
    cook: [24, 36, 12],
    pieceG: 70,
    allergens: ['gluten', 'wheat'],
  },
];
