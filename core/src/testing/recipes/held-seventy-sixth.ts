import type { RecipeText } from './recipe-text.ts';

/** A seventy-sixth lot whose expectation was written before the reader saw it: two of each manner, as different teachers would send them. */
export const SEVENTY_SIXTH: readonly RecipeText[] = [
  {
    manner: 'a handout',
    text: `Griddle naan with nigella
For 8 people, one bread each

600 g strong white flour
9 g salt
8 g instant yeast
15 g sugar
200 g yoghurt, room temperature
210 g lukewarm water
40 g melted ghee + 20 g for brushing
1 tbsp nigella seeds

Step 1: Combine flour, salt, yeast and sugar. Mix in the yoghurt, the water and the 40 g of ghee.
Step 2: Knead 10 minutes by hand.
Step 3: First proof: 70 minutes, covered.
Step 4: Divide into 8 (135 g) and round. Bench rest: 15 minutes.
Step 5: Stretch into teardrops, 22 cm long. Press some nigella into the top.
Step 6: Griddle 75 seconds, turn, 60 seconds.
Step 7: Brush with ghee.`,
    pct: {
      'strong white flour': 100,
      salt: 1.5,
      'instant yeast': 1.33,
      sugar: 2.5,
      yoghurt: 33.3,
      'lukewarm water': 35,
      'melted ghee': 6.7,
    },
    kinds: 'mix knead proof divide ball rest shape fill cook finish',
    rests: [70, 15],
    cook: [75, 60],
    pieceG: 135,
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['nigella'],
  },
  {
    manner: 'a handout',
    text: `Farinata evening. Per group of four:

- 300 g chickpea flour
- 900 ml water
- 60 ml olive oil
- 9 g salt
- rosemary, black pepper

How we do it
1. Whisk the chickpea flour into the water until there are no lumps.
2. Let it stand for 3 hours. Skim off the foam.
3. Stir in the oil and the salt.
4. Oil a heavy pan, pour in 150 g batter for each pancake, swirl to 20 cm. Scatter with rosemary.
5. Cook 3 minutes, turn, 2 minutes. Grind pepper over the top.`,
    pct: { 'chickpea flour': 100, water: 300, 'olive oil': 18.2, salt: 3 },
    kinds: 'mix rest mix divide shape fill cook finish',
    rests: [180],
    cook: [180, 120],
    pieceG: 150,
    allergens: [],
    others: ['rosemary', 'pepper'],
  },
  {
    manner: 'a table',
    text: `Bread: Yufka (12)
Ingredients | g
Flour | 750
Water | 450
Salt | 12
Total | 1212

Work | Duration
Mixing and kneading | 10 min
Rest | 30 min
Dividing (100 g), balling | 6 min
Rest | 20 min
Rolling to 40 cm | 2 min each
Baking, one side | 40 s
Turn, other side | 20 s`,
    pct: { flour: 100, water: 60, salt: 1.6 },
    // written without "knead"
    kinds: 'mix knead rest divide ball rest roll cook',
    rests: [30, 20],
    cook: [40, 20],
    pieceG: 100,
  },
  {
    manner: 'a table',
    text: `INGREDIENT              WEIGHT     %
Semolina, fine          400 g      80
Plain flour             100 g      20
Warm water              300 g      60
Salt                      9 g      1.8
Yeast, dried              4 g      0.8

METHOD
1 Mix          4 min
2 Knead       12 min
3 Divide      5 balls
4 Rest        20 min
5 Press       18 cm, 1 cm thick
6 Proof       45 min
7 Griddle     5 min / 4 min`,
    // written as "semolina, fine" and "dried yeast", and without dividing
    pct: { semolina: 80, 'plain flour': 20, 'warm water': 60, salt: 1.8, yeast: 0.8 },
    kinds: 'mix knead divide ball rest shape proof cook',
    rests: [20, 45],
    cook: [300, 240],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Sourdough flatbread. Flour (white) 85 %, flour (wholemeal) 15 %, water 68 %, salt 2 %, starter (100 % hydration) 20 %, oil 3 %.
Mix flour and water, autolyse 45 min. Add starter, salt and oil, mix 5 min. Bulk 4 h at 25 °C, fold at 1 h and 2 h. Divide 115 g, round, rest 30 min. Roll 19 cm. Griddle 80 s + 60 s.`,
    // written as "white flour"
    pct: { flour: 85, 'wholemeal flour': 15, water: 68, salt: 2, starter: 20, oil: 3 },
    kinds: 'mix rest mix proof fold proof fold proof divide ball rest roll cook',
    rests: [45, 60, 60, 120, 30],
    cook: [80, 60],
    pieceG: 115,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Flour tortilla (baker's math)
All-purpose flour — 100%
Lard — 15%
Salt — 1.8%
Baking powder — 1%
Warm water — 52%

Rub lard into dry ingredients. Add water. Knead 4 minutes. Rest 20 minutes. Portion at 50 g; round; rest 20 minutes. Roll to 20 cm. Comal 220 °C, 30 seconds per side.`,
    pct: { 'all-purpose flour': 100, lard: 15, salt: 1.8, 'baking powder': 1, 'warm water': 52 },
    kinds: 'mix mix knead rest divide ball rest roll cook',
    rests: [20, 20],
    cook: [30, 30],
    pieceG: 50,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `Hi! You asked for the recipe from Saturday. It's 500g bread flour, 325g water, 10g salt, 5g dried yeast and a splash of olive oil. Mix it all, leave it 10 minutes, then knead for 8. Let it rise an hour and a half. We split it into 8, shaped rounds, gave them 15 minutes and rolled them to about 20cm. A minute and a half on the first side, a minute on the second, and a quick brush of garlic butter. Let me know how it goes!`,
    pct: { 'bread flour': 100, water: 65, salt: 2, 'dried yeast': 1 },
    kinds: 'mix rest knead proof divide ball rest roll cook finish',
    rests: [10, 90, 15],
    cook: [90, 60],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['olive oil', 'garlic butter'],
  },
  {
    manner: 'one paragraph',
    text: `Combine 350 g masa harina with 470 g warm water and 5 g salt and knead with one hand for two minutes until it feels like modelling clay. Cover with a damp cloth and rest for 20 minutes. Divide into 20 balls of about 40 g. Flatten each in a press lined with plastic to 14 cm. Cook on a hot comal for 30 seconds, flip, cook for 45 seconds, flip again and cook until it puffs, about 15 seconds. Keep the tortillas wrapped in a cloth.`,
    pct: { 'masa harina': 100, 'warm water': 134.3, salt: 1.4 },
    kinds: 'mix knead rest divide ball shape cook finish',
    rests: [20],
    cook: [30, 45, 15],
    pieceG: 40,
    allergens: [],
  },
  {
    manner: 'a web page',
    text: `<html><head><title>Sourdough Discard Flatbread</title></head><body><nav>Menu</nav><h1>Sourdough Discard Flatbread</h1><div class="ad">Advertisement</div><p>Use up your discard! These come together in 45 minutes.</p><section class="ingredients"><h2>Ingredients</h2><ul><li>250 g all-purpose flour</li><li>200 g sourdough discard</li><li>90 g plain yogurt</li><li>15 g olive oil</li><li>6 g salt</li><li>5 g baking powder</li></ul></section><section class="instructions"><h2>Instructions</h2><p><strong>Mix.</strong> Stir all the ingredients together in a bowl, then knead for 3 minutes.</p><p><strong>Rest.</strong> Cover and let rest for 20 minutes.</p><p><strong>Shape.</strong> Divide into 6 pieces and roll each into an 18 cm round.</p><p><strong>Cook.</strong> Cook in a hot cast iron pan for 2 minutes per side.</p><p><strong>Serve.</strong> Brush with olive oil and sprinkle with flaky salt.</p></section></body></html>`,
    pct: {
      'all-purpose flour': 100,
      'sourdough discard': 80,
      'plain yogurt': 36,
      'olive oil': 6,
      salt: 2.4,
      'baking powder': 2,
    },
    kinds: 'mix knead rest divide roll cook finish',
    rests: [20],
    cook: [120, 120],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'a web page',
    text: `<div class="post"><h2>Rghaif, the square ones</h2><p>400&nbsp;g flour &bull; 100&nbsp;g fine semolina &bull; 10&nbsp;g salt &bull; 3&nbsp;g yeast &bull; 320&nbsp;g water</p><p>oil, soft butter and semolina for folding</p><p>Knead 15&nbsp;min. Rest 15&nbsp;min. Make 10 balls, oil them, rest 20&nbsp;min.</p><p>With oily hands spread a ball out to a paper-thin sheet. Dot with butter, sprinkle with semolina, fold in thirds and again in thirds to make a square. Rest 10&nbsp;min.</p><p>Press out to 15&nbsp;cm. Griddle 3&nbsp;min per side.</p></div>`,
    pct: { flour: 80, 'fine semolina': 20, salt: 2, yeast: 0.6, water: 64 },
    kinds: 'mix knead rest ball rest shape fill shape rest shape cook',
    rests: [15, 20, 10],
    cook: [180, 180],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['oil', 'butter'],
  },
  {
    manner: 'structured data',
    text: `{"@context":"https://schema.org","@type":"Recipe","name":"Oat & honey flatbreads","recipeYield":"6 flatbreads","recipeIngredient":["200 g rolled oats, ground","150 g plain flour","5 g salt","8 g baking powder","250 g plain yoghurt","20 g honey"],"recipeInstructions":{"@type":"ItemList","itemListElement":[{"@type":"HowToStep","position":1,"text":"Mix the ground oats, flour, salt and baking powder."},{"@type":"HowToStep","position":2,"text":"Stir in the yoghurt and honey to make a soft dough and knead briefly, about 1 minute."},{"@type":"HowToStep","position":3,"text":"Rest 15 minutes."},{"@type":"HowToStep","position":4,"text":"Divide into 6 and roll to 14 cm."},{"@type":"HowToStep","position":5,"text":"Cook in a dry pan, 2 minutes on each side."}]}}`,
    pct: {
      'plain flour': 100,
      salt: 3.3,
      'baking powder': 5.3,
      'plain yoghurt': 166.7,
      honey: 13.3,
      'rolled oats': 133,
    },
    kinds: 'mix knead rest divide roll cook',
    rests: [15],
    cook: [120, 120],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'structured data, a grain that is soaked',
    text: `<script type="application/ld+json">{"@context":"https://schema.org","@type":"Recipe","name":"Dosa","recipeYield":"20","prepTime":"PT20M","totalTime":"PT20H","recipeIngredient":["400 g rice","130 g urad dal","1 tsp fenugreek seeds","700 ml water","10 g salt","oil for the griddle"],"recipeInstructions":[{"@type":"HowToStep","text":"Soak the rice, dal and fenugreek for 6 hours, then drain."},{"@type":"HowToStep","text":"Grind with the water to a smooth batter and stir in the salt."},{"@type":"HowToStep","text":"Ferment for 12 hours in a warm place."},{"@type":"HowToStep","text":"Pour a ladle of batter (60 g) onto a hot griddle and spread it in a spiral to 22 cm."},{"@type":"HowToStep","text":"Drizzle with oil and cook for 2 minutes; do not turn."}]}</script>`,
    pct: { rice: 100 },
    kinds: 'prepare mix proof divide shape cook',
    rests: [720],
    cook: [120],
    pieceG: 60,
    allergens: [],
    others: ['dal', 'fenugreek', 'water', 'salt', 'oil'],
  },
  {
    manner: 'a scan',
    text: `                                                   113

                 Northumbrian Singin' Hinnies

12 oz. plain flour         3 oz. currants
2 oz. ground rice          1 teaspoon salt
2 oz. sugar                2 teaspoons baking powder
3 oz. lard                 ¼ pint cream and milk mixed

METHOD - Mix the flour, ground rice, salt, sugar and
baking powder. Rub in the lard. Add the currants. Mix
to a moderately soft dough with the cream and milk.
Roll out ¼ in. thick, prick all over with a fork and
cook on a fairly hot griddle until brown on both sides,
about 5 min. each. Split and butter while hot.`,
    // written with ground rice as a flour, and without the dividing that nobody tells of
    pct: { 'plain flour': 100, 'ground rice': 16.7, sugar: 16.7, lard: 25, currants: 25 },
    kinds: 'mix mix mix divide roll cook finish',
    rests: [],
    cook: [300, 300],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['salt', 'baking powder', 'cream', 'butter'],
  },
  {
    manner: 'a scan',
    text: `P1AIN NAAN  (batch of 2O)

Maida             1 .5 kg
Curd              45O g
Milk              4OO ml
Sugar              3O g
Sa1t               25 g
Baking powder      15 g
Oil               lOO ml

Mix dry, add curd, milk and oil. Knead 8 mins. Rest 2 hrs
under wet cloth. Divide into 2O, ball, rest 15 mins. Roll
2O cm oval. Tawa 1 min, turn, 1 min. Butter.`,
    pct: { maida: 100, curd: 30, milk: 27.5, sugar: 2, salt: 1.67, 'baking powder': 1, oil: 6.1 },
    kinds: 'mix knead rest divide ball rest roll cook finish',
    rests: [120, 15],
    cook: [60, 60],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['butter'],
  },
  {
    manner: 'words for numbers',
    text: `For twenty wraps: a kilo and a half of flour, nine hundred and fifty grams of water, a hundred grams of oil, thirty grams of salt. Mix five minutes, rest half an hour, divide, ball, rest twenty minutes, roll to twenty-four centimetres. Fifty seconds on one side, thirty on the other.`,
    pct: { flour: 100, water: 63.3, oil: 6.7, salt: 2 },
    kinds: 'mix rest divide ball rest roll cook',
    rests: [30, 20],
    cook: [50, 30],
  },
  {
    manner: 'words for numbers',
    text: `Mix eight ounces of plain flour, half a teaspoon of soda, half a teaspoon of salt and a quarter of a pint of sour milk into a soft dough. Knead it lightly, just ten turns. Pat it into one round an inch thick, cut it in four and bake the farls on a floured griddle for ten minutes on each side.`,
    pct: { 'plain flour': 100, 'sour milk': 64 },
    kinds: 'mix knead shape divide cook',
    rests: [],
    cook: [600, 600],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['soda', 'salt'],
  },
  {
    manner: 'parts by vessel',
    text: `The tea-glass recipe: 5 tea glasses flour, 2 tea glasses warm water, 1/2 tea glass oil, 1 dessert spoon salt, 1 packet dried yeast (7 g). Knead 8 minutes, leave 1 hour, make 10 balls, leave 15 minutes, roll 18 cm, cook 1 minute each side.`,
    pct: { flour: 100 },
    kinds: 'mix knead proof ball rest roll cook',
    rests: [60, 15],
    cook: [60, 60],
    others: ['warm water', 'oil', 'salt', 'dried yeast'],
  },
  {
    manner: 'parts by vessel',
    text: `2 cups whole wheat flour
3/4 cup water
1 tbsp oil
1/2 tsp salt

Combine in a bowl and knead 6-7 min. Cover 30 min. Divide in 10, roll in balls, roll out thin (6 inches). Hot skillet: 30 sec, flip, 30 sec, flip, press 10 sec.`,
    pct: { 'whole wheat flour': 100 },
    kinds: 'mix knead rest divide ball roll cook',
    rests: [30],
    cook: [30, 30, 10],
    allergens: ['gluten', 'wheat'],
    others: ['water', 'oil', 'salt'],
  },
  {
    manner: 'decimal commas',
    text: `Gözleme-Teig (8 Stück)
Mehl (flour)            0,6 kg
Wasser (water)          0,35 kg
Öl (oil)                30,0 g
Salz (salt)             9,0 g
Füllung: 0,3 kg spinach, 0,2 kg feta

Knead 7,5 min. Rest 0,75 h. Divide into 8, ball, rest 15,0 min. Roll to 30,0 cm, fill one half with spinach and feta, fold over and seal. Griddle 2,5 min per side, brushing with oil.`,
    pct: { flour: 100, water: 58.3, oil: 5, salt: 1.5 },
    kinds: 'mix knead rest divide ball rest roll fill shape cook',
    rests: [45, 15],
    cook: [150, 150],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['spinach', 'feta'],
  },
  {
    manner: 'decimal commas',
    text: `Barley bannock: barley flour 0,25 kg, plain flour 0,15 kg, buttermilk 0,3 l, butter 40,0 g, bicarbonate 6,0 g, salt 5,0 g. Rub in the butter, stir in the buttermilk, knead 0,5 min. Pat out to 1,5 cm. Cut into 8. Griddle 6,0 min per side.`,
    pct: { 'barley flour': 62.5, 'plain flour': 37.5, buttermilk: 77.3, butter: 10, bicarbonate: 1.5, salt: 1.25 },
    kinds: 'mix mix knead shape divide cook',
    rests: [],
    cook: [360, 360],
    allergens: ['gluten', 'milk', 'wheat'],
  },
];
