import type { RecipeText } from './recipe-text.ts';

/** A ninety-eighth lot whose expectation was written before the reader saw it, two of each manner: from the folder of a community kitchen. */
export const NINETY_EIGHTH: readonly RecipeText[] = [
  {
    manner: 'a handout',
    text: `HARBOUR KITCHEN – Saturday flatbreads
For a table of four, 8 pieces

500 g bread flour
325 g lukewarm water
10 g salt
5 g instant yeast
20 g olive oil

1. Put the flour, salt and yeast into the bowl and stir. Add the water and the oil and bring it together with a scraper.
2. Knead on the table for 10 minutes until it is smooth.
3. Oil the bowl, put the dough back, cover and let it rise for 1 hour.
4. Divide into 8 pieces of about 105 g and shape into balls. Rest under a cloth for 15 minutes.
5. Roll each ball to a round of 20 cm.
6. Cook on a hot griddle for 1 minute, turn, and cook for another 45 seconds.
7. Keep in a cloth until everybody has theirs.`,
    pct: { 'bread flour': 100, 'lukewarm water': 65, salt: 2, 'instant yeast': 1, 'olive oil': 4 },
    kinds: 'mix knead proof divide ball rest roll cook finish',
    rests: [60, 15],
    cook: [60, 45],
    pieceG: 105,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a handout',
    text: `Paratha evening, sheet 2

What is on your station
- 300 g atta
- 180 ml water
- 1/2 tsp salt
- 60 g ghee, melted, for the layers

What you do
Mix atta, salt and water to a dough and knead it for 8 minutes. Cover and rest for 30 minutes.
Divide into 6 balls. Roll one to 18 cm, brush it with ghee, fold it in half and in half again. Rest the triangles for 10 minutes.
Roll each triangle to about 18 cm.
Griddle, medium heat: 1 minute, turn, brush with ghee, 1 minute, turn, 30 seconds.`,
    pct: { atta: 100, water: 60, salt: 1.01 },
    kinds: 'mix knead rest divide ball roll fill shape rest roll cook',
    rests: [30, 10],
    cook: [60, 60, 30],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['ghee'],
  },
  {
    manner: 'a table',
    text: `Khobz | 12 pieces at 120 g

Ingredient | % | g
Strong white flour | 70 | 630
Fine semolina | 30 | 270
Water | 60 | 540
Salt | 2 | 18
Fresh yeast | 1.5 | 13.5

Step | Time | Note
Mix | 4 min | slow
Knead | 7 min | second speed
Bulk proof | 50 min | covered
Divide and round | - | 120 g
Rest | 10 min |
Flatten | - | 16 cm, 1 cm thick
Final proof | 30 min | on cloth
Griddle | 4 min per side | medium`,
    pct: { 'strong white flour': 70, 'fine semolina': 30, water: 60, salt: 2, 'fresh yeast': 1.5 },
    kinds: 'mix knead proof divide ball rest shape proof cook',
    rests: [50, 10, 30],
    cook: [240, 240],
    pieceG: 120,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a table',
    text: `RYE ROUNDS (18 pcs)
                      grams
Medium rye flour        600
Strong wheat flour      300
Water                   630
Rye sourdough           180
Salt                     18
Ground fennel             4

Mixing                6 min
Resting              90 min
Scaling                95 g
Rounding
Resting              20 min
Rolling               18 cm
Griddle, each side    2 min`,
    pct: {
      'medium rye flour': 66.67,
      'strong wheat flour': 33.33,
      water: 70,
      'rye sourdough': 20,
      salt: 2,
      'ground fennel': 0.44,
    },
    kinds: 'mix proof divide ball rest roll cook',
    rests: [90, 20],
    cook: [120, 120],
    pieceG: 95,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Thin lavash. Flour 100 %, water 54 %, salt 1.8 %, sugar 1 %, sunflower oil 6 %, instant yeast 0.6 %. Mix 3 min slow and 6 min fast. Bulk 45 min. Scale 130 g, round, 20 min. Roll to 35 cm. Griddle 40 s, turn, 30 s. Stack under a damp cloth.`,
    pct: { flour: 100, water: 54, salt: 1.8, sugar: 1, 'sunflower oil': 6, 'instant yeast': 0.6 },
    kinds: 'mix proof divide ball rest roll cook finish',
    rests: [45, 20],
    cook: [40, 30],
    pieceG: 130,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Chapati, in percent of the atta
atta 100
water 64
salt 1.5
oil 3

Mix by hand, 3 minutes
Knead 6 minutes
Rest 30 minutes, covered
Balls of 50 g
Roll 16 cm
Tawa 25 s, turn, 40 s, flame 10 s`,
    pct: { atta: 100, water: 64, salt: 1.5, oil: 3 },
    kinds: 'mix knead rest ball roll cook',
    rests: [30],
    cook: [25, 40, 10],
    pieceG: 50,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `For griddle scones of the flat kind rub 50 g of butter into 350 g of plain flour with a teaspoon of salt and two teaspoons of baking powder, stir in 200 ml of milk and bring it together without kneading. Pat it out on a floured board to a round of 20 cm, about 2 cm thick, cut it in eight, and bake on a medium griddle for five minutes a side. Eat them warm with jam.`,
    pct: { butter: 14.29, 'plain flour': 100, salt: 1.74, 'baking powder': 2.29, milk: 58.9 },
    kinds: 'mix mix shape divide cook',
    rests: [],
    cook: [300, 300],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `Soft wraps for the lunch club, makes 14: mix 700 g of flour with 14 g of salt, 70 g of rapeseed oil and 390 g of hot water, knead for five minutes, wrap and rest for half an hour, divide into 14, round, rest for another fifteen minutes, roll to 24 cm and cook in a dry pan over high heat, 45 seconds on the first side and 30 on the second, then stack them in a cloth.`,
    pct: { flour: 100, salt: 2, 'rapeseed oil': 10, 'hot water': 55.7 },
    kinds: 'mix knead rest divide ball rest roll cook finish',
    rests: [30, 15],
    cook: [45, 30],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a web page',
    text: `<html><head><title>Yogurt Flatbreads | The Tin Spoon</title></head><body><nav>Home · Recipes · About</nav><h1>Yogurt Flatbreads</h1><p>These come together while the kettle boils.</p><div class="ad">Advertisement</div><h2>Ingredients</h2><ul><li>300g plain flour</li><li>2 tsp baking powder</li><li>&frac12; tsp salt</li><li>300g natural yogurt</li><li>oil for the pan</li></ul><h2>Method</h2><ol><li>Mix the flour, baking powder and salt in a bowl.</li><li>Stir in the yogurt and knead for 2 minutes.</li><li>Rest for 10 minutes.</li><li>Divide into 6 and roll each to 16 cm.</li><li>Heat a little oil in a frying pan and cook each bread for 2 minutes on each side.</li></ol><div id="comments"><p>Anna: lovely!</p></div></body></html>`,
    pct: { 'plain flour': 100, 'baking powder': 2.67, salt: 1.01, 'natural yogurt': 100 },
    kinds: 'mix knead rest divide roll cook',
    rests: [10],
    cook: [120, 120],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['oil'],
  },
  {
    manner: 'a web page',
    text: `<article><h1>Green onion bing</h1><p>Prep 25 min | Rest 40 min | Cook 20 min | Makes 5</p><h3>Dough</h3><ul><li>280 g all-purpose flour</li><li>170 g hot water (80&deg;C)</li><li>1/4 tsp salt</li></ul><h3>Filling</h3><ul><li>4 green onions, chopped</li><li>2 tbsp sesame oil</li><li>1/2 tsp salt</li></ul><h3>Steps</h3><p>Stir the hot water into the flour and salt, then knead 6 minutes. Cover and rest 30 minutes.</p><p>Divide into 5. Roll each piece into a 20 cm round. Brush with sesame oil, sprinkle with salt and green onions, roll up and coil into a snail. Rest 10 minutes.</p><p>Roll out to 16 cm. Pan-fry over medium heat for 3 minutes per side.</p></article>`,
    pct: { 'all-purpose flour': 100, 'hot water': 60.7, salt: 0.54 },
    kinds: 'mix knead rest divide roll fill coil rest roll cook',
    rests: [30, 10],
    cook: [180, 180],
    allergens: ['gluten', 'sesame', 'wheat'],
    others: ['green onions', 'sesame oil'],
  },
  {
    manner: 'structured data',
    text: `{"@context":"https://schema.org","@type":"Recipe","name":"Skillet Pita","recipeYield":"10 pitas","recipeIngredient":["600 g bread flour","390 g warm water","12 g salt","6 g instant yeast","18 g olive oil"],"recipeInstructions":[{"@type":"HowToStep","text":"Mix everything and knead for 9 minutes."},{"@type":"HowToStep","text":"Cover and let rise until doubled, about 75 minutes."},{"@type":"HowToStep","text":"Divide into 10 balls and rest 20 minutes."},{"@type":"HowToStep","text":"Roll each ball to 15 cm."},{"@type":"HowToStep","text":"Cook in a very hot skillet, 30 seconds on the first side, 1 minute on the second, then 1 minute more on the first side until it puffs."}]}`,
    pct: { 'bread flour': 100, 'warm water': 65, salt: 2, 'instant yeast': 1, 'olive oil': 3 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [75, 20],
    cook: [30, 60, 60],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'structured data',
    text: `<script type="application/ld+json">{"@context":"https://schema.org","@graph":[{"@type":"WebPage","name":"Corn cakes"},{"@type":"Recipe","name":"Cheese corn cakes","recipeYield":"8","recipeIngredient":["300 g masarepa","370 g warm water","6 g salt","20 g butter, soft","160 g grated mozzarella"],"recipeInstructions":[{"@type":"HowToSection","name":"Dough","itemListElement":[{"@type":"HowToStep","text":"Dissolve the salt in the water, stir in the masarepa and the butter, and leave to stand for 5 minutes."},{"@type":"HowToStep","text":"Knead in the mozzarella for 3 minutes."}]},{"@type":"HowToSection","name":"Cooking","itemListElement":[{"@type":"HowToStep","text":"Form 8 balls and press each to 10 cm."},{"@type":"HowToStep","text":"Cook on a medium griddle for 5 minutes per side."}]}]}]}</script>`,
    pct: { masarepa: 100, 'warm water': 123.3, salt: 2, butter: 6.67, 'grated mozzarella': 53.3 },
    kinds: 'mix rest knead ball shape cook',
    rests: [5],
    cook: [300, 300],
    allergens: ['milk'],
  },
  {
    manner: 'a scan',
    text: `OATCAKES of the va11ey

4O0 g fine oatmeal
1OO g plain fl our
l teaspoon salt
60 g lard
about 200 ml hot
water

Rub the lard into the oat-
meal, flour and salt. Add the
hot water and work to a
firm dough. Rest for l0 min-
utes. Divide into 6 and roll
to l8 cm on a dusted board.
Bake on a mode-
rate griddle, 4 minutes on
the first side, 3 on the other.`,
    pct: { 'fine oatmeal': 80, 'plain flour': 20, salt: 1.22, lard: 12, 'hot water': 40 },
    kinds: 'mix mix rest divide roll cook',
    rests: [10],
    cook: [240, 180],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a scan',
    text: `Pita  bread               page l4

Strong flour ......... 1 kg
Water ................ 640 g
Salt ................. 2O g
Dried yeast .......... 8 g
Oil .................. 3O g

Mix and knead for 1O min-
utes. Cover and prove for
1 hour. Divide into 16 pie-
ces. Ball and leave for 15
minutes. Roll out to 16 cm
and let rest 2O minutes
under cloths. Bake on a hot
stone for 2 minutes, turn,
1 minute.`,
    pct: { 'strong flour': 100, water: 64, salt: 2, 'dried yeast': 0.8, oil: 3 },
    kinds: 'mix knead proof divide ball rest roll rest cook',
    rests: [60, 15, 20],
    cook: [120, 60],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `Take five hundred grams of wholemeal flour, three hundred and forty grams of water and ten grams of salt. Mix them and knead for seven or eight minutes. Cover the dough and leave it for three quarters of an hour. Divide it into ten, make balls and let them rest a quarter of an hour. Roll them out to eighteen centimetres. Bake each on a very hot plate for forty seconds, turn it over and give it half a minute more.`,
    pct: { 'wholemeal flour': 100, water: 68, salt: 2 },
    kinds: 'mix knead rest divide ball rest roll cook',
    rests: [45, 15],
    cook: [40, 30],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `Bannocks. Half a pound of barley meal, a quarter of a pound of flour, a teaspoon of salt, one and a half teaspoons of bicarbonate of soda and half a pint of buttermilk. Mix quickly to a soft dough. Divide into four, pat each out on a floured board to a round six inches across, and bake on a moderate girdle for four minutes on each side.`,
    pct: { 'barley meal': 66.67, flour: 33.33, salt: 1.79, 'bicarbonate of soda': 2.68, buttermilk: 86 },
    kinds: 'mix divide shape cook',
    rests: [],
    cook: [240, 240],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'parts by vessel',
    text: `Flatbreads by the mug
3 mugs of plain flour
1 mug of warm water
1 teaspoon of salt
2 tablespoons of oil

Mix all of it, knead for five minutes and leave it under the mug for twenty. Break into eight, roll thin, 18 cm. Hot pan, one minute each side.`,
    pct: { 'plain flour': 100, 'warm water': 63.1, salt: 1.92, oil: 7.92 },
    kinds: 'mix knead rest divide roll cook',
    rests: [20],
    cook: [60, 60],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'parts by vessel',
    text: `Two parts flour, one part yoghurt, by weight, that is all. With 400 g of flour I add 4 g of baking soda and 6 g of salt. Mix, knead one minute, leave 20 minutes. Make 6 balls, roll to 17 cm, and cook 90 seconds per side in a dry pan.`,
    pct: { flour: 100, yoghurt: 50, 'baking soda': 1, salt: 1.5 },
    kinds: 'mix knead rest ball roll cook',
    rests: [20],
    cook: [90, 90],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'decimal commas',
    text: `Piadina romagnola, 8 pezzi
Flour 0     0,500 kg
Lard        0,060 kg
Salt        0,009 kg
Baking soda 2,5 g
Water       0,230 l

Mix, knead 6 min. Rest 30 min in film. Divide into 8. Balls, rest 20 min. Roll to 22 cm, 3 mm. Griddle hot, 1,5 min each side.`,
    pct: { 'flour 0': 100, lard: 12, salt: 1.8, 'baking soda': 0.5, water: 46 },
    kinds: 'mix knead rest divide ball rest roll cook',
    rests: [30, 20],
    cook: [90, 90],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'decimal commas',
    text: `Fladenbrot (6 Stück / pieces)
1,2 kg flour type 550; 0,78 l water; 24 g salt; 18 g fresh yeast; 0,04 l oil
Mix and knead 8 min. Proof 1,5 h. Divide into 6, ball, 15 min. Press to 24 cm, 1,5 cm. Proof 30 min. Oven plate 250 °C, 9 to 11 min.`,
    pct: { 'flour type 550': 100, water: 65, salt: 2, 'fresh yeast': 1.5, oil: 3.05 },
    kinds: 'mix knead proof divide ball rest shape proof cook',
    rests: [90, 15, 30],
    cook: [360, 240],
    allergens: ['gluten', 'wheat'],
  },
];
