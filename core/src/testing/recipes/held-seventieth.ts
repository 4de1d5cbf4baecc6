import type { RecipeText } from './recipe-text.ts';

/** A seventieth lot whose expectation was written before the reader saw it: sheets, notes and pages of teachers, two texts of each common manner. */
export const SEVENTIETH: readonly RecipeText[] = [
  {
    manner: 'a handout',
    text: `Corner Kitchen Cookery School
Moroccan evening: batbout (soft pan breads)

Makes 12 small breads

250 g strong white flour
250 g fine semolina
7 g fast-action yeast
8 g salt
10 g sugar
20 ml olive oil
310 ml warm water

Method

Mix all the dry ingredients in a large bowl. Add the oil and water and mix to a soft dough.

Knead for 10 minutes, until the dough is smooth and no longer sticky.

Divide the dough into 12 and shape into balls. Leave them to rest for 10 minutes under a cloth.

Roll each ball to a disc about 5 mm thick (11 cm). Place on a floured tea towel, cover and leave to rise for 45 minutes.

Heat a heavy pan over a medium heat. Cook the breads for 2 minutes on the first side and 3 minutes on the second.

Tip: don't pierce them, or they won't puff up.`,
    pct: {
      'strong white flour': 50,
      'fine semolina': 50,
      'fast-action yeast': 1.4,
      salt: 1.6,
      sugar: 2,
      'olive oil': 3.7,
      'warm water': 62,
    },
    kinds: 'mix knead divide ball rest roll proof cook',
    rests: [10, 45],
    cook: [120, 180],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a handout',
    text: `Dosa-style lentil pancakes (start the day before)

150 g split red lentils
150 g white rice
350 g water
6 g salt
oil for the griddle

The day before: rinse the lentils and rice, cover with the water and soak for 6 hours. Blend until very smooth.
Cover and leave to ferment overnight.
On the day: stir in the salt.
Pour about 80 g of batter onto a hot, lightly oiled griddle and spread in a spiral to 20 cm.
Cook for 2 minutes, flip and cook for 1 minute.`,
    pct: { 'split red lentils': 50, 'white rice': 50, water: 116.7, salt: 2 },
    // rinsed and covered with water, it is mixed
    kinds: 'mix rest mix proof mix divide shape cook',
    rests: [360, 600],
    cook: [120, 60],
    pieceG: 80,
    allergens: [],
    others: ['oil'],
  },
  {
    manner: 'a table',
    text: `Recipe card: Carta-style crisp sheets (16)

Ingredient | Amount
Durum flour | 400 g
Plain flour | 200 g
Water | 330 g
Salt | 11 g

Step | Details | Minutes
1 | Mix and knead | 10
2 | Rest, covered | 30
3 | Divide into 16, ball | 5
4 | Rest | 15
5 | Roll to 24 cm, very thin | 20
6 | Griddle 40 s per side | 22`,
    pct: { 'durum flour': 66.7, 'plain flour': 33.3, water: 55, salt: 1.8 },
    kinds: 'mix knead rest divide ball rest roll cook',
    rests: [30, 15],
    cook: [40, 40],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a table',
    text: `NAAN – BATCH SHEET
                     1 batch    2 batches
flour                  600 g      1200 g
yoghurt                180 g       360 g
water                  200 g       400 g
oil                     30 g        60 g
salt                    11 g        22 g
yeast, instant           6 g        12 g
pieces                    10          20

mix/knead 10 min - proof 60 min - divide - ball - rest 15 min - stretch 20 cm - cook 90 s + 60 s`,
    pct: { flour: 100, yoghurt: 30, water: 33.3, oil: 5, salt: 1.8, 'instant yeast': 1 },
    kinds: 'mix knead proof divide ball rest shape cook',
    rests: [60, 15],
    cook: [90, 60],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Wholemeal pitta
Wholemeal flour 50 %
White bread flour 50 %
Water 68 %
Oil 3 %
Salt 2 %
Sugar 1 %
Dried yeast 1 %

Method: mix 4 min, knead 8 min, prove 1 h, knock back, scale at 90 g, mould round, rest 10 min, pin out to 16 cm, prove 20 min, griddle 1 min first side, 2 min second side.`,
    pct: {
      'wholemeal flour': 50,
      'white bread flour': 50,
      water: 68,
      oil: 3,
      salt: 2,
      sugar: 1,
      'dried yeast': 1,
    },
    kinds: 'mix knead proof knead divide ball rest roll proof cook',
    rests: [60, 10, 20],
    cook: [60, 120],
    pieceG: 90,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `For this one I only ever remember the percentages: flour 100, water 58, lard 12, salt 2, soda 0.5. Rub the lard in, add the water, knead five minutes, rest an hour. Balls of 140 g, ten minutes' rest, roll to 24 cm, cook two minutes on each side.`,
    pct: { flour: 100, water: 58, lard: 12, salt: 2, soda: 0.5 },
    // "balls of 140 g" is one step
    kinds: 'mix mix knead rest ball rest roll cook',
    rests: [60, 10],
    cook: [120, 120],
    pieceG: 140,
  },
  {
    manner: 'one paragraph',
    text: `Our family's cheese bread is quick to make: whisk together 300 g plain flour, two teaspoons of baking powder and half a teaspoon of salt, stir in 200 g of thick yoghurt and 50 ml of milk, and knead for a minute or two. Rest the dough for fifteen minutes, then divide it in six. Flatten each piece, put 30 g of grated cheese in the middle, pinch it closed and roll it gently to 14 cm. Cook on a medium griddle for three minutes on each side and serve straight away.`,
    pct: { 'plain flour': 100, 'thick yoghurt': 66.7, milk: 17.2 },
    kinds: 'mix knead rest divide fill roll cook',
    rests: [15],
    cook: [180, 180],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['baking powder', 'salt', 'grated cheese'],
  },
  {
    manner: 'one paragraph',
    text: `Put 450 g of bread flour, 50 g of rye flour, 5 g of dried yeast and 10 g of salt into the bowl of the mixer, pour in 340 g of cool water and mix on the lowest speed for five minutes and on the second speed for another four. Cover the bowl and let the dough rise for an hour and a half, folding it once after forty-five minutes. Scale into 100 g pieces, round them up and give them twenty minutes. Stretch each one to 18 cm and bake on the hot plate, a minute and a half on the first side and one minute on the second.`,
    pct: { 'bread flour': 90, 'rye flour': 10, 'dried yeast': 1, salt: 2, 'cool water': 68 },
    kinds: 'mix proof fold proof divide ball rest shape cook',
    rests: [45, 45, 20],
    cook: [90, 60],
    pieceG: 100,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a web page',
    text: `<!DOCTYPE html><html><head><meta charset="utf-8"><title>Flour tortillas - Plain & Good</title></head><body><nav>Home | Mains | Breads</nav><article><h1>Flour tortillas</h1><p>Print recipe &#9733;&#9733;&#9733;&#9733;&#9734;</p><table><tr><th>Ingredient</th><th>US</th><th>Metric</th></tr><tr><td>All-purpose flour</td><td>2 1/2 cups</td><td>300 g</td></tr><tr><td>Butter</td><td>1/4 cup</td><td>56 g</td></tr><tr><td>Salt</td><td>1 tsp</td><td>6 g</td></tr><tr><td>Hot water</td><td>3/4 cup</td><td>170 g</td></tr></table><h2>Directions</h2><ol><li>Rub the butter into the flour and salt.</li><li>Add the hot water, mix, and knead for 3 minutes.</li><li>Divide into 8 balls, cover and rest for 30 minutes.</li><li>Roll each ball to 8 inches.</li><li>Cook on a hot dry griddle for 45 seconds per side.</li></ol></article><aside>Related: guacamole, salsa</aside></body></html>`,
    pct: { 'all-purpose flour': 100, butter: 18.7, salt: 2, 'hot water': 56.7 },
    kinds: 'mix mix knead divide ball rest roll cook',
    rests: [30],
    cook: [45, 45],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'a web page',
    text: `<div class="wprm"><h2>Green Onion Flatbread</h2><div>Servings: <span>4</span> people</div><div>Total Time: 1 hour 10 minutes</div><h3>Ingredients</h3><h4>Dough</h4><ul><li>2 cups flour (250 g)</li><li>3/4 cup boiling water (175 ml)</li><li>1/2 tsp salt</li></ul><h4>Filling</h4><ul><li>3 tbsp sesame oil</li><li>4 green onions, sliced</li><li>1/2 tsp salt</li></ul><h3>Instructions</h3><ol><li>Stir the boiling water into the flour and salt with chopsticks. When cool enough, knead for 5 minutes.</li><li>Rest for 30 minutes.</li><li>Divide into 4. Roll each piece to 20 cm.</li><li>Brush with sesame oil, sprinkle with green onions and salt. Roll up and coil.</li><li>Rest for 15 minutes, then roll out to 18 cm.</li><li>Fry in an oiled pan over medium heat, 3 minutes per side.</li></ol></div>`,
    pct: { flour: 100, 'boiling water': 70 },
    kinds: 'mix knead rest divide roll fill coil rest roll cook',
    rests: [30, 15],
    cook: [180, 180],
    allergens: ['gluten', 'sesame', 'wheat'],
    others: ['salt', 'sesame oil', 'green onion'],
  },
  {
    manner: 'structured data',
    text: `{"@context":"https://schema.org","@type":"Recipe","name":"Beetroot roti","recipeYield":"10 rotis","recipeIngredient":["300 g wholewheat flour","100 g cooked beetroot, puréed","110 g water","5 g salt","1 tsp cumin seeds","20 g oil"],"recipeInstructions":[{"@type":"HowToSection","name":"Dough","itemListElement":[{"@type":"HowToStep","text":"Mix everything and knead for 6 minutes."},{"@type":"HowToStep","text":"Rest for 20 minutes."}]},{"@type":"HowToSection","name":"Cooking","itemListElement":[{"@type":"HowToStep","text":"Divide into 10, shape into balls and roll to 15 cm."},{"@type":"HowToStep","text":"Cook on a hot pan: 30 seconds, turn, 45 seconds, turn, 15 seconds."}]}]}`,
    pct: { 'wholewheat flour': 100, 'cooked beetroot': 33.3, water: 36.7, salt: 1.7, oil: 6.7 },
    kinds: 'mix knead rest divide ball roll cook',
    rests: [20],
    cook: [30, 45, 15],
    allergens: ['gluten', 'wheat'],
    others: ['cumin'],
  },
  {
    manner: 'structured data',
    text: `{"@context":"https://schema.org","@type":"Recipe","name":"English muffins","recipeYield":"8","totalTime":"PT2H30M","recipeIngredient":["450 g strong white flour","7 g fast action yeast","8 g salt","10 g caster sugar","280 ml warm milk","25 g butter, melted","semolina, for dusting"],"recipeInstructions":[{"@type":"HowToStep","text":"Mix the flour, yeast, salt, sugar, milk and butter and knead for 10 minutes."},{"@type":"HowToStep","text":"Prove for 1 hour, until doubled."},{"@type":"HowToStep","text":"Roll out to 2 cm thick and cut into 8 cm rounds."},{"@type":"HowToStep","text":"Place on a tray dusted with semolina and prove for 30 minutes."},{"@type":"HowToStep","text":"Cook on a low griddle for 7 minutes on each side."}]}`,
    pct: {
      'strong white flour': 100,
      'fast action yeast': 1.6,
      salt: 1.8,
      'caster sugar': 2.2,
      'warm milk': 64.1,
      butter: 5.6,
    },
    kinds: 'mix knead proof roll divide proof cook',
    rests: [60, 30],
    cook: [420, 420],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['semolina'],
  },
  {
    manner: 'a scan',
    text: `46           THE HOUSEHOLD BAKER

GIRDLE OATCAKES

To every 4 oz. of fine oatmeal allow a pinch of salt, a
pinch of bicarbonate of soda, a teaspoonful of melted dripping
and enough hot water to make a stiff dough.

Mix the dry ingredients, add the dripping and the water. Knead
on a board dusted with oatmeal. Roll out thinly to the size of
a dinner plate, cut in four, and bake on a hot girdle for five
minutes on each side, until the edges curl.`,
    pct: { 'fine oatmeal': 100 },
    kinds: 'mix knead roll divide cook',
    rests: [],
    cook: [300, 300],
    others: ['salt', 'soda', 'dripping', 'water'],
  },
  {
    manner: 'a scan',
    text: `INDIAN COOKERY CLASS                      Lesson lO

PLAIN PARATHA
Ingredients              Quantities
Wholemeal flour          300 g
Salt                     5 g
Water                    190 ml
Ghee                     60 g

1. Mix flour and salt, add water and knead 8 minutes.
2. Rest the dough 30 min. under a damp cloth.
3. Divide into 8. Shape into balls.
4. Roll one ball to 15 cm, smear with ghee, fold in half,
smear again and fold to a quarter.
5. Roll out to a triangle with 16 cm sides.
6. Cook on hot tava 1 min. each side, smearing with ghee.`,
    pct: { 'wholemeal flour': 100, salt: 1.7, water: 63.3 },
    // smeared and folded twice
    kinds: 'mix knead rest divide ball roll fill shape fill shape roll cook',
    rests: [30],
    cook: [60, 60],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['ghee'],
  },
  {
    manner: 'words for numbers',
    text: `For a class of ten: one and a half kilos of strong flour, nine hundred and sixty grams of water, thirty grams of salt, fifteen grams of instant yeast and sixty grams of olive oil. Mix for four minutes, knead for eight. Prove for an hour and ten minutes. Divide into twenty pieces, round them and rest them for a quarter of an hour. Roll to eighteen centimetres. Eighty seconds on one side, sixty on the other.`,
    pct: { 'strong flour': 100, water: 64, salt: 2, 'instant yeast': 1, 'olive oil': 4 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [70, 15],
    cook: [80, 60],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `Three cups of plain flour, one cup of warm water, a third of a cup of oil, one teaspoon of salt. Mix together, knead for five minutes and leave for twenty. Break off ten pieces, roll out to seven inches, and cook on a very hot griddle – one minute, flip, half a minute.`,
    pct: { 'plain flour': 100 },
    kinds: 'mix knead rest divide roll cook',
    rests: [20],
    cook: [60, 30],
    allergens: ['gluten', 'wheat'],
    others: ['water', 'oil', 'salt'],
  },
  {
    manner: 'parts by vessel',
    text: `Measure with any bowl you like: four bowls of wholemeal flour, two bowls of hot water, half a bowl of oil. Salt to taste. Mix, knead well for eight minutes, let it rest for thirty minutes. Make balls the size of a small egg, about 50 g. Roll them to 16 cm. Tawa: forty seconds a side.`,
    pct: { 'wholemeal flour': 100 },
    kinds: 'mix knead rest ball roll cook',
    rests: [30],
    cook: [40, 40],
    pieceG: 50,
    allergens: ['gluten', 'wheat'],
    others: ['water', 'oil', 'salt'],
  },
  {
    manner: 'parts by vessel',
    text: `Pancake breads by the cup
1 cup buckwheat flour
1 cup plain flour
2 cups milk
2 eggs
1/2 tsp salt
Whisk it all. Rest 30 min. One ladle for each bread, spread to 18 cm. 1 min, turn, 45 s.`,
    pct: { 'buckwheat flour': 50, 'plain flour': 50 },
    kinds: 'mix rest divide shape cook',
    rests: [30],
    cook: [60, 45],
    allergens: ['egg', 'gluten', 'milk', 'wheat'],
    others: ['milk', 'egg', 'salt'],
  },
  {
    manner: 'decimal commas',
    text: `Pão de frigideira / pan bread (8 un.)
500 g farinha (flour)
3,2 dl água morna (warm water)
12,5 g fermento fresco (fresh yeast)
9,5 g sal (salt)
0,3 dl azeite (olive oil)

Knead for 8,5 minutes, proof for 1,25 hours. Divide into 8, shape into balls, rest for 12,5 minutes. Flatten to 14,5 cm. Cook with a lid 2,5 minutes on each side.`,
    pct: { flour: 100, 'warm water': 64, 'fresh yeast': 2.5, salt: 1.9, 'olive oil': 5.5 },
    kinds: 'mix knead proof divide ball rest shape cook',
    rests: [75, 12.5],
    cook: [150, 150],
  },
  {
    manner: 'decimal commas',
    text: `Rugbrød-style rye flats: 0,45 kg rye flour, 0,15 kg wheat flour, 0,42 kg water, 0,2 kg sourdough starter, 12,0 g salt. Mix 5,5 min. Proof 3,5 h. Divide into 12. Pat out with wet hands to 13,0 cm. Proof 0,5 h. Griddle 3,25 min per side.`,
    pct: { 'rye flour': 75, 'wheat flour': 25, water: 70, 'sourdough starter': 33.3, salt: 2 },
    kinds: 'mix proof divide shape proof cook',
    rests: [210, 30],
    cook: [195, 195],
    allergens: ['gluten', 'wheat'],
  },
];
