import type { RecipeText } from './recipe-text.ts';

/** A sixty-eighth lot whose expectation was written before the reader saw it: what teachers send in, two texts of each common manner. */
export const SIXTY_EIGHTH: readonly RecipeText[] = [
  {
    manner: 'a handout',
    text: `Gluten-free flatbreads for Wednesday's group
(checked with all participants: nobody avoids egg)

Makes 6 pieces of about 95 g

200 g gluten-free flour blend
50 g tapioca starch
5 g psyllium husk
5 g salt
4 g baking powder
1 egg
240 g warm water
15 g olive oil

Stir the psyllium into the water and wait 5 minutes until it gels.
Whisk in the egg and oil, then stir in the flour blend, starch, salt and baking powder.
Let the dough rest 15 minutes.
Divide into 6 with wet hands. Pat out between sheets of parchment to 16 cm.
Cook over medium heat, 3 minutes each side, with a lid for the first side.`,
    pct: {
      'gluten-free flour blend': 80,
      'tapioca starch': 20,
      'psyllium husk': 2,
      salt: 2,
      'baking powder': 1.6,
      egg: 20,
      'warm water': 96,
      'olive oil': 6,
    },
    kinds: 'mix rest mix rest divide shape cook',
    rests: [5, 15],
    cook: [180, 180],
    pieceG: 95,
    allergens: ['egg'],
  },
  {
    manner: 'a handout',
    text: `What you will take home today: LACHHA PARATHA (flaky layered flatbread)

You need
2 cups atta (240 g) + extra for dusting
1/2 tsp salt
1 tbsp ghee + 4 tbsp for the layers
150 ml water

What to do
Step 1: Mix atta and salt, rub in 1 tbsp ghee, add the water and knead for 6 minutes.
Step 2: Rest, covered, for 30 minutes.
Step 3: Divide into 6 balls.
Step 4: Roll a ball to 20 cm. Spread with ghee and dust with flour.
Step 5: Pleat like a fan, roll the pleats into a coil and tuck the end under.
Step 6: Rest the coils for 10 minutes.
Step 7: Roll to 15 cm.
Step 8: Cook on a hot tawa, 1 1/2 minutes on the first side and 1 minute on the second, then crush gently between your palms.`,
    pct: { atta: 100, water: 62.5 },
    // mixed, rubbed, mixed; clapping is a finish
    kinds: 'mix mix mix knead rest divide ball roll fill coil rest roll cook finish',
    rests: [30, 10],
    cook: [90, 60],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['salt', 'ghee'],
  },
  {
    manner: 'a table',
    text: `Dough sheet – Cornmeal & wheat flatbread
Batch: 10 pieces @ 90 g

No.  Ingredient        Weight
1    Bread flour       400 g
2    Fine cornmeal     125 g
3    Water             345 g
4    Salt               10 g
5    Instant yeast       5 g
6    Oil                20 g

Mixing: 8 min
Bulk proof: 60 min
Scaling: 90 g
Rounding
Bench rest: 15 min
Rolling: 16 cm
Griddle: 75 s / 60 s`,
    pct: { 'bread flour': 76.2, 'fine cornmeal': 23.8, water: 65.7, salt: 1.9, 'instant yeast': 0.95, oil: 3.8 },
    kinds: 'mix proof divide ball rest roll cook',
    rests: [60, 15],
    cook: [75, 60],
    pieceG: 90,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a table',
    text: `Flour	500 g
Water	310 g
Salt	10 g
Lard	50 g

1	Rub the lard into the flour and salt
2	Add the water, knead 5 min
3	Rest 40 min
4	Divide into 8, ball
5	Rest 20 min
6	Roll to 22 cm
7	Griddle 60 s, turn, 45 s`,
    pct: { flour: 100, water: 62, salt: 2, lard: 10 },
    kinds: 'mix mix knead rest divide ball rest roll cook',
    rests: [40, 20],
    cook: [60, 45],
  },
  {
    manner: 'percentages alone',
    text: `Bhakri: jowar flour 100 %, boiling water 85 %, salt 1 %. Pour the water over, cover for 10 minutes, knead 5 minutes while warm. Pieces of 80 g, patted to 16 cm. Griddle 1 min, turn, 1.5 min, turn, 30 s.`,
    pct: { 'jowar flour': 100, 'boiling water': 85, salt: 1 },
    kinds: 'mix rest knead divide shape cook',
    rests: [10],
    cook: [60, 90, 30],
    pieceG: 80,
  },
  {
    manner: 'percentages alone',
    text: `FLATBREAD BASE (baker's %)
Flour ............ 100
Water ............ 64
Sourdough ........ 20
Salt ............. 2
Oil .............. 3

Mix 6 min. Bulk 4 h at 24 °C with a fold after 1 h. Divide 120 g. Round. Rest 45 min. Stretch to 20 cm. Cook 90 s + 60 s at 260 °C.`,
    pct: { flour: 100, water: 64, sourdough: 20, salt: 2, oil: 3 },
    kinds: 'mix proof fold proof divide ball rest shape cook',
    rests: [60, 180, 45],
    cook: [90, 60],
    pieceG: 120,
  },
  {
    manner: 'one paragraph',
    text: `You asked for the quick ones without yeast. I take 250 g flour, a good teaspoon of baking powder, half a teaspoon of salt and 160 g of plain yoghurt and mix them with a fork, then knead by hand for a couple of minutes. The dough needs a rest of ten minutes. After that I cut it in six, roll every piece out to about 16 cm, and fry them dry in a hot pan, a minute and a half per side. Sometimes I add chopped herbs.`,
    pct: { flour: 100, 'plain yoghurt': 64 },
    kinds: 'mix knead rest divide roll cook',
    rests: [10],
    cook: [90, 90],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['baking powder', 'salt'],
  },
  {
    manner: 'one paragraph',
    text: `Sift 300 g of fine wholemeal flour into a bowl with half a teaspoon of salt. Make a well, add 190 ml of water bit by bit and bring the dough together; knead it for eight to ten minutes and let it rest under a damp cloth for at least half an hour. Divide into ten, roll into smooth balls, then roll each one out thinly to a circle of 15 cm. Cook on a hot tawa for twenty to thirty seconds until bubbles appear, turn, cook for another thirty seconds, then hold over a flame with tongs for a few seconds until it puffs up.`,
    pct: { 'fine wholemeal flour': 100, water: 63.3 },
    kinds: 'mix knead rest divide ball roll cook',
    // a least time is as in the trade two thirds of the best; a few seconds are six
    rests: [45],
    cook: [25, 30, 6],
    allergens: ['gluten', 'wheat'],
    others: ['salt'],
  },
  {
    manner: 'a web page',
    text: `<body><h1>Vegan Naan</h1><h2>INGREDIENTS</h2><p>2 1/2 cups (300g) all purpose flour<br>1 tsp (4g) sugar<br>2 tsp (6g) instant yeast<br>1 tsp (6g) salt<br>1/2 cup (120ml) soy yogurt<br>1/3 cup (80ml) warm water<br>2 tbsp (30ml) oil</p><h2>INSTRUCTIONS</h2><p>In a large bowl, whisk the flour, sugar, yeast and salt.</p><p>Add the soy yogurt, water and oil and mix to a dough. Knead for 5 minutes.</p><p>Place in an oiled bowl, cover, and let rise in a warm place for 1 hour, until doubled.</p><p>Divide into 6 pieces. Roll each into an oval, about 8 inches long.</p><p>Heat a cast iron pan over high heat. Cook the naan for 2 minutes, until bubbly, then flip and cook 1 minute.</p><h2>COMMENTS</h2><p>Jo says: I used 1 cup of spelt flour and 3 tbsp of almond butter, yum!</p></body>`,
    pct: { 'all purpose flour': 100, sugar: 1.33, 'instant yeast': 2, salt: 2, 'warm water': 26.7 },
    // whisked, added and mixed is one mixing
    kinds: 'mix knead proof divide roll cook',
    rests: [60],
    cook: [120, 60],
    allergens: ['gluten', 'soya', 'wheat'],
    others: ['soy yogurt', 'oil'],
  },
  {
    manner: 'a web page',
    text: `<section class="recipe"><h2>Msemen with onion</h2><dl><dt>Serves</dt><dd>8</dd><dt>Time</dt><dd>1 h 30 min</dd></dl><h3>For the dough</h3><ul><li>350 g flour</li><li>150 g fine semolina</li><li>1 tsp salt</li><li>330 ml warm water</li></ul><h3>For the filling</h3><ul><li>2 onions, finely chopped</li><li>1 tsp paprika</li><li>1 handful parsley</li></ul><h3>For shaping</h3><ul><li>80 ml oil</li></ul><h3>Preparation</h3><ol><li>Mix the dough ingredients and knead for 10 minutes.</li><li>Rest for 15 minutes.</li><li>Fry the onions with the paprika for 8 minutes, stir in the parsley and leave to cool.</li><li>Divide into 8 balls and rest for another 15 minutes.</li><li>With oiled hands, stretch each ball paper-thin. Spread with filling, fold into a square.</li><li>Cook on a medium griddle for 3 minutes per side.</li></ol></section>`,
    pct: { flour: 70, 'fine semolina': 30, 'warm water': 66 },
    kinds: 'mix knead rest prepare divide ball rest shape fill shape cook',
    rests: [15, 15],
    cook: [180, 180],
    allergens: ['gluten', 'wheat'],
    others: ['salt', 'onion', 'paprika', 'parsley', 'oil'],
  },
  {
    manner: 'structured data',
    text: `{"@context":"https://schema.org","@type":"Recipe","name":"Garlic & herb flatbreads","recipeYield":"Makes 4","recipeIngredient":["250g strong white flour","1 tsp fast action dried yeast","1 tsp fine salt","160ml lukewarm water","1 tbsp olive oil","FOR THE BUTTER:","40g soft butter","1 clove garlic","1 tbsp chopped parsley"],"recipeInstructions":[{"@type":"HowToStep","text":"Put the flour, yeast and salt in a bowl, add the water and oil and mix to a dough. Knead for 8-10 mins."},{"@type":"HowToStep","text":"Cover and leave to rise for 1 hr."},{"@type":"HowToStep","text":"Crush the garlic and mash with the butter and parsley."},{"@type":"HowToStep","text":"Divide the dough into 4 and roll each into a rough circle, about 20cm."},{"@type":"HowToStep","text":"Cook each in a hot griddle pan for 2 mins on each side. Spread with the garlic butter while hot."}]}`,
    pct: { 'strong white flour': 100, 'lukewarm water': 64 },
    kinds: 'mix knead proof prepare divide roll cook finish',
    rests: [60],
    cook: [120, 120],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['yeast', 'salt', 'olive oil', 'butter', 'garlic', 'parsley'],
  },
  {
    manner: 'structured data',
    text: `{"@type":"Recipe","name":"Blue corn tortillas","yield":"14","ingredients":["2 cups blue masa harina (260 g)","1/4 tsp salt","1 1/2 cups hot water (350 g)"],"recipeInstructions":["Mix masa harina and salt, pour in the hot water, and stir.","Knead 3 minutes.","Cover with a damp towel and rest 20 minutes.","Form 14 balls.","Press each ball to 5 1/2 inches.","Cook on a hot comal: 45 seconds, flip, 60 seconds, flip, 20 seconds.","Keep warm in a cloth."]}`,
    pct: { 'blue masa harina': 100, 'hot water': 134.6 },
    kinds: 'mix knead rest ball shape cook finish',
    rests: [20],
    cook: [45, 60, 20],
    allergens: [],
    others: ['salt'],
  },
  {
    manner: 'a scan',
    text: `14      GOOD PLAIN FARE

OATMEAL PANCAKES

4 ozs. fine oatmeal           1 egg
4 ozs. plain flour            1/2 pint milk
1/2 teaspoon salt             1 teaspoon baking powder

Mix oatmeal, flour and salt; beat the egg with the
milk and stir in gradually. Let stand for 30 min-
utes. Add the baking powder just before cooking.
Drop large spoonfuls on a hot greased girdle and
cook 2 minutes on the first side, 1 minute on the
second.`,
    pct: { 'fine oatmeal': 50, 'plain flour': 50, egg: 22, milk: 129 },
    kinds: 'mix rest mix divide shape cook',
    rests: [30],
    cook: [120, 60],
    others: ['salt', 'baking powder'],
  },
  {
    manner: 'a scan',
    text: `Fladenbrot nach Art des Hauses / House flatbread     Bl. 7

5OO g flour (type 55O)
325 g water
IO g salt
I5 g fresh yeast
2O g oil

Knead IO min. Cover, prove I hour. Divide into 8. Round.
Rest I5 min. Roll to 2O cm. Bake on the plate 2 min. per
side.`,
    // the type of a flour is of its name
    pct: { 'flour type 550': 100, water: 65, salt: 2, 'fresh yeast': 3, oil: 4 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [60, 15],
    cook: [120, 120],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `Take three quarters of a pound of plain flour, a quarter of a pound of wholemeal, a teaspoonful of salt, one ounce of butter and half a pint of milk. Rub the butter into the flours and salt, stir in the milk and knead for three minutes. Rest the dough for fifteen minutes. Divide into eight, roll out to six inches and cook on a hot bakestone for two minutes on each side.`,
    pct: { 'plain flour': 75, wholemeal: 25, butter: 6.25, milk: 64.5 },
    kinds: 'mix mix knead rest divide roll cook',
    rests: [15],
    cook: [120, 120],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['salt'],
  },
  {
    manner: 'words for numbers',
    text: `Six people, two breads each: eight hundred grams of flour, five hundred and twenty grams of water, sixteen grams of salt, eight grams of yeast, thirty grams of oil. Mix for five minutes, rest for ten, knead for another five. Prove for fifty minutes. Make twelve balls, let them rest for a quarter of an hour, roll them out to eighteen centimetres. Seventy seconds on the first side, fifty on the second.`,
    pct: { flour: 100, water: 65, salt: 2, yeast: 1, oil: 3.75 },
    kinds: 'mix rest knead proof ball rest roll cook',
    rests: [10, 50, 15],
    cook: [70, 50],
  },
  {
    manner: 'parts by vessel',
    text: `Emergency flatbread

Flour – 2 cups
Yoghurt – 3/4 cup
Oil – 2 tablespoons
Baking soda – 1/2 teaspoon
Salt – 1/2 teaspoon

Mix. Knead 2 min. Rest 15 min. 6 pieces. Roll thin, about 18 cm. Hot pan, 1 min each side.`,
    pct: { flour: 100 },
    kinds: 'mix knead rest divide roll cook',
    rests: [15],
    cook: [60, 60],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['yoghurt', 'oil', 'baking soda', 'salt'],
  },
  {
    manner: 'parts by vessel',
    text: `Put four coffee cups of semolina, one and a half coffee cups of warm water, a quarter of a coffee cup of olive oil and a teaspoon of salt into a wide dish. Rub together, then knead for ten minutes. Leave for 30 minutes. Divide into 4 and flatten to 1 cm thick, about 16 cm across. Cook on a dry pan over medium heat for 5 minutes per side.`,
    pct: { semolina: 100 },
    kinds: 'mix knead rest divide shape cook',
    rests: [30],
    cook: [300, 300],
    allergens: ['gluten', 'wheat'],
    others: ['water', 'olive oil', 'salt'],
  },
  {
    manner: 'decimal commas',
    text: `Ruisleipä-style rye rounds, 12 pieces
0,4 kg rye flour
0,35 kg wheat flour
0,55 l water
0,15 kg rye sourdough
13,5 g salt

Mix for 6,5 minutes. Proof 2,5 hours at 28,5 °C. Divide into 12. Shape into balls. Flatten to 12,5 cm. Proof for another 0,75 hours. Bake on the griddle 3,5 minutes per side.`,
    pct: { 'rye flour': 53.3, 'wheat flour': 46.7, water: 73.3, 'rye sourdough': 20, salt: 1.8 },
    kinds: 'mix proof divide ball shape proof cook',
    rests: [150, 45],
    cook: [210, 210],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'decimal commas',
    text: `Galette de sarrasin – buckwheat galettes (for about 10)
330,0 g buckwheat flour; 0,75 l water; 10,0 g salt; 1 egg.
Whisk everything to a smooth batter and let it rest for 2,0 hours. Heat a buttered plate. Pour 0,11 l of batter per galette and spread to 27,5 cm. Cook 1,5 minutes, turn, 0,5 minutes.`,
    pct: { 'buckwheat flour': 100, water: 227, salt: 3, egg: 15.2 },
    kinds: 'mix rest divide shape cook',
    rests: [120],
    cook: [90, 30],
    allergens: ['egg', 'milk'],
  },
];
