import type { RecipeText } from './recipe-text.ts';

/** A forty-second lot whose expectation was written before the reader saw it: two texts of each common manner. */
export const FORTY_SECOND: readonly RecipeText[] = [
  {
    manner: 'a handout',
    text: `Harvest Barn cookery courses
HERBY FLATBREADS — makes 6

For the flatbreads:
250g self-raising flour
150g Greek yoghurt
2 tbsp chopped mixed herbs
1/2 tsp salt
2-3 tbsp water, if needed

For brushing:
1 tbsp olive oil
1 small clove of garlic, crushed

1. Tip the flour, herbs and salt into a bowl. Stir in the yoghurt, adding a little water if it is too dry.
2. Knead lightly for 1 minute.
3. Cover and rest for 10 minutes.
4. Divide into 6 pieces. Roll out thinly to about 16cm.
5. Mix the oil and garlic.
6. Heat a griddle pan until very hot. Griddle for 1½ minutes each side.
7. Brush with the garlic oil and serve.`,
    pct: { 'plain flour': 100, 'greek yoghurt': 63 },
    // in the order of the text: written before dividing
    kinds: 'mix knead rest divide roll prepare cook finish',
    rests: [10],
    cook: [90, 90],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['herbs', 'garlic'],
  },
  {
    manner: 'a handout',
    text: `Dough card: LAVASH
yield 10 · piece 95 g · 30 x 20 cm

bread flour 580 g
water 325 g
oil 29 g
salt 12 g
sugar 12 g
yeast 5 g

mix 4 min → knead 6 min → proof 50 min → divide, round → rest 15 min → roll thin, 30 x 20 cm → griddle 30 s, flip, 20 s → into a damp cloth`,
    pct: { 'bread flour': 100, water: 56, oil: 5, salt: 2.1, sugar: 2.1, yeast: 0.9 },
    kinds: 'mix knead proof divide ball rest roll cook finish',
    rests: [50, 15],
    cook: [30, 20],
    pieceG: 95,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a table',
    text: `| Qty | Unit | Ingredient |
|---:|---|---|
| 500 | g | strong flour |
| 330 | g | water |
| 10 | g | salt |
| 6 | g | instant yeast |
| 20 | g | olive oil |

Method: mix and knead for 10 minutes; prove for 1 hour; divide into 8; round; rest for 15 minutes; roll to 20 cm; cook for 1 minute on each side.`,
    pct: { 'strong flour': 100, water: 66, salt: 2, 'instant yeast': 1.2, 'olive oil': 4 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [60, 15],
    cook: [60, 60],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a table',
    text: `Barley rieska            4 pers     16 pers
barley flour             150 g      600 g
wheat flour              100 g      400 g
buttermilk               240 g      960 g
salt                     5 g        20 g
baking soda              4 g        16 g

Stir. Stand 10 min. Divide 4 / 16. Pat to 14 cm. Griddle 4 min each side.`,
    pct: { 'barley flour': 60, 'wheat flour': 40, buttermilk: 96, salt: 2, 'baking soda': 1.6 },
    kinds: 'mix rest divide shape cook',
    rests: [10],
    cook: [240, 240],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Pita: strong flour 80, wholemeal 20, water 66, oil 2, salt 2, sugar 1, instant yeast 1.
10 min mixing. 60 min bulk. 90 g, round. 10 min rest. Roll 16 cm. 20 min proof, covered. Very hot griddle: 15 s, turn, 60 s, turn, 45 s.`,
    pct: { 'strong flour': 80, wholemeal: 20, water: 66, oil: 2, salt: 2, sugar: 1, 'instant yeast': 1 },
    kinds: 'mix proof divide ball rest roll proof cook',
    rests: [60, 10, 20],
    cook: [15, 60, 45],
    pieceG: 90,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Cassava flatbread (gluten free)

cassava flour 70 %
potato starch 30 %
warm water 80 %
olive oil 8 %
salt 1.8 %
baking powder 2 %
psyllium 2 %

Whisk the dry, add oil and water, knead briefly. Rest 10 minutes. Divide 70 g. Roll between paper to 15 cm. Dry pan, medium, 90 seconds each side.`,
    pct: {
      'cassava flour': 70,
      'potato starch': 30,
      'warm water': 80,
      'olive oil': 8,
      salt: 1.8,
      'baking powder': 2,
      psyllium: 2,
    },
    kinds: 'mix knead rest divide roll cook',
    rests: [10],
    cook: [90, 90],
    pieceG: 70,
    allergens: [],
  },
  {
    manner: 'one paragraph',
    text: `To make enough for eight, stir 10 g of salt, 6 g of dried yeast and a teaspoon of sugar through 500 g of white bread flour, pour in 320 ml of warm water and two tablespoons of oil, and mix to a soft dough. Knead it for ten minutes by hand, then cover and leave to rise for an hour. Divide into eight, shape into rounds, cover again and rest for ten minutes. Roll each round out to 20 cm and cook on a hot griddle for one to two minutes on each side until puffed and speckled.`,
    pct: { salt: 2, 'dried yeast': 1.2, 'white bread flour': 100, 'warm water': 64 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [60, 10],
    cook: [90, 90],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `In our house dosa night starts the day before: 300 g rice flour and 100 g urad flour are whisked with 550 g water and left covered overnight, 10 to 12 hours, somewhere warm. Next evening we stir in 6 g of salt, ladle 90 g of batter onto an oiled griddle, spread it to 24 cm and cook it for two minutes, on one side only.`,
    pct: { 'rice flour': 75, 'urad flour': 25, water: 137.5, salt: 1.5 },
    kinds: 'mix rest mix divide shape cook',
    rests: [660],
    cook: [120],
    pieceG: 90,
    allergens: [],
  },
  {
    manner: 'a web page',
    text: `<section class="recipe"><h1>Quick Griddle Flatbreads</h1><div class="rating">4.6/5 (331 ratings)</div><ul class="time"><li>Prep:15 mins</li><li>Cook:10 mins</li><li>plus resting</li></ul><h2>Ingredients</h2><ul><li>200g plain flour, plus extra for dusting</li><li>&frac14; tsp fine salt</li><li>100ml warm water</li><li>2 tbsp vegetable oil, plus extra for cooking</li></ul><h2>Method</h2><ol><li>Sift the flour and salt into a bowl and add the oil and water. Mix to a soft dough, then knead for 5 mins.</li><li>Cover and leave to rest for 30 mins.</li><li>Divide the dough into six pieces and roll into thin circles on a floured surface.</li><li>Lightly oil a griddle and cook each flatbread for 2 mins on each side until golden.</li></ol><p>RECIPE TIPS</p><p>FREEZING: wrap well and freeze for up to 2 months.</p></section>`,
    pct: { 'plain flour': 100, 'warm water': 50 },
    kinds: 'mix knead rest divide roll cook',
    rests: [30],
    cook: [120, 120],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a web page',
    text: `<h1>Naan bread</h1><p><strong>Ingredients</strong></p><table><tr><th>Flour</th><td>450 g</td></tr><tr><th>Yoghurt</th><td>120 g</td></tr><tr><th>Warm milk</th><td>160 g</td></tr><tr><th>Instant yeast</th><td>6 g</td></tr><tr><th>Salt</th><td>8 g</td></tr><tr><th>Ghee</th><td>30 g</td></tr></table><p><strong>Preparation</strong></p><p>Put everything except the ghee in a bowl, mix, then work in the ghee and knead for 8 minutes. Rise: 75 minutes. Divide into 6, round, rest 15 minutes. Roll into ovals. Griddle: first side 70 seconds, second side 50 seconds. Brush with water and stack.</p>`,
    pct: { flour: 100, yoghurt: 26.7, 'warm milk': 35.6, 'instant yeast': 1.3, salt: 1.8, ghee: 6.7 },
    kinds: 'mix knead proof divide ball rest roll cook finish',
    rests: [75, 15],
    cook: [70, 50],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'structured data',
    text: `{"@context":"https://schema.org","@type":"Recipe","name":"Spinach roti","recipeYield":"10 rotis","recipeIngredient":["300 g atta","120 g spinach purée","80 g water","5 g salt","10 g oil"],"recipeInstructions":[{"@type":"HowToStep","text":"Mix the atta, salt, spinach purée and water to a soft dough."},{"@type":"HowToStep","text":"Knead for 6 minutes, adding the oil at the end."},{"@type":"HowToStep","text":"Cover; rest 25 minutes."},{"@type":"HowToStep","text":"Divide into 10 and roll out to 16 cm."},{"@type":"HowToStep","text":"Cook on a hot tava: 20 seconds, flip, 30 seconds, flip, 10 seconds."}]}`,
    pct: { atta: 100, water: 26.7, salt: 1.7, oil: 3.3, 'spinach purée': 40 },
    kinds: 'mix knead rest divide roll cook',
    rests: [25],
    cook: [20, 30, 10],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'structured data',
    text: `{"@context":"https://schema.org","@type":"Recipe","name":"Pan bread with olives","recipeYield":"4 breads","recipeIngredient":["350 g bread flour","230 g water","7 g salt","4 g dry yeast","80 g pitted olives, chopped","15 g olive oil"],"recipeInstructions":[{"@type":"HowToStep","text":"Mix the flour, water, salt and yeast for 3 minutes, then knead for 6 minutes."},{"@type":"HowToStep","text":"Knead in the olives."},{"@type":"HowToStep","text":"Prove for 1 hour at room temperature."},{"@type":"HowToStep","text":"Divide into 4, round, and rest for 20 minutes."},{"@type":"HowToStep","text":"Flatten to 18 cm, brush with the oil and cook in a covered pan over low heat for 5 minutes; turn and cook uncovered for 4 minutes."}]}`,
    pct: { 'bread flour': 100, water: 65.7, salt: 2, 'dry yeast': 1.1, 'pitted olives': 22.9 },
    kinds: 'mix knead knead proof divide ball rest shape fill cook',
    rests: [60, 20],
    cook: [300, 240],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a scan',
    text: `TEA-TIME PIKELETS

4 oz. self-raising flour     1 oz. sugar
pinch of salt                1 egg
¼ pt. milk

Mix flour, salt and sugar. Make a hollow, break
in the egg, add milk gradually, beating to a
smooth batter. Leave 10 min. Drop spoonfuls on
a greased hot griddle; turn when bubbles rise,
about 1 min., and cook other side 1 min.`,
    pct: { 'plain flour': 100, sugar: 26.3 },
    kinds: 'mix rest divide shape cook',
    rests: [10],
    cook: [60, 60],
    allergens: ['egg', 'gluten', 'milk', 'wheat'],
  },
  {
    manner: 'a scan',
    text: `No 6 TORTILLA (Flour)            For 20 portions

Flour              1 kg
Lard             16O g
Salt               2O g
Water (hot)      5OO ml

Rub lard into flour & salt 5 mins.  Add water,
knead 5 mins.  Rest 3O mins.  Divide 4O x 42 g,
ball.  Rest 1O mins.  Roll 16 cm.  Griddle 3O
secs. a side.`,
    pct: { flour: 100, lard: 16, salt: 2 },
    kinds: 'mix mix knead rest divide ball rest roll cook',
    rests: [30, 10],
    cook: [30, 30],
    pieceG: 42,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `Five hundred grams of white flour, three hundred and five grams of water, ten grams of salt, fifteen grams of butter, eight grams of fresh yeast. Mix and knead for eleven minutes. Rest, covered, for forty minutes. Divide into nine pieces. Round them. Rest for twenty minutes. Roll to nineteen centimetres. Cook on a medium-hot griddle for seventy seconds; turn; cook for fifty-five seconds.`,
    pct: { 'white flour': 100, water: 61, salt: 2, butter: 3, 'fresh yeast': 1.6 },
    kinds: 'mix knead rest divide ball rest roll cook',
    rests: [40, 20],
    cook: [70, 55],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `Put two cups of chapati flour in a bowl with half a teaspoon of salt. Add a tablespoon of oil and three quarters of a cup of warm water. Bring it together and knead it for five minutes. Leave it for fifteen minutes. Make eight balls. Roll each one out to six inches. Cook for thirty seconds, turn, cook for thirty seconds, turn, and press with a cloth for ten seconds.`,
    pct: { 'chapati flour': 100 },
    kinds: 'mix knead rest ball roll cook',
    rests: [15],
    cook: [30, 30, 10],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'parts by vessel',
    text: `Cup measures (US)
3 cups all-purpose flour
1 tsp salt
2 tsp baking powder
1/4 cup oil
1 cup warm water
Mix, knead 4 min, rest 20 min. Divide into 10. Roll 8 in. Skillet 45 s per side.`,
    pct: { 'all-purpose flour': 100 },
    kinds: 'mix knead rest divide roll cook',
    rests: [20],
    cook: [45, 45],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'parts by vessel',
    text: `Any bowl: 4 bowls flour, 1 bowl milk, 1 bowl water, 1/2 bowl oil, 1 egg, 2 tsp salt, 1 sachet yeast. Knead 10 minutes, leave 1 hour, 16 balls, leave 20 minutes, open to 16 cm, cook on the sač 2 minutes each side.`,
    pct: { flour: 100 },
    // what is opened by nobody's pin is shaped
    kinds: 'mix knead proof ball rest shape cook',
    rests: [60, 20],
    cook: [120, 120],
    allergens: ['egg', 'gluten', 'milk', 'wheat'],
  },
  {
    manner: 'decimal commas',
    text: `Wraps met spelt (12 stuks)
speltbloem / spelt flour 0,50 kg
water 0,27 kg
olijfolie / olive oil 0,04 kg
zout / salt 9,5 g
Mix 2 min, knead 5,5 min, rest 0,5 h, divide 68 g, round, rest 10 min, roll 22 cm, griddle 0,75 min per side, keep in a cloth.`,
    pct: { 'spelt flour': 100, water: 54, 'olive oil': 8, salt: 1.9 },
    kinds: 'mix knead rest divide ball rest roll cook finish',
    rests: [30, 10],
    cook: [45, 45],
    pieceG: 68,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'decimal commas',
    text: `Flat bread 7: 1,25 kg wheat flour; 0,8 kg water; 0,025 kg salt; 0,02 kg fresh yeast; 0,06 kg butter. Knead 9,5 min; prove 1,25 h; scale 0,12 kg; round; prove 0,25 h; roll 21,5 cm; griddle 1,2 min; turn; 0,9 min.`,
    pct: { 'wheat flour': 100, water: 64, salt: 2, 'fresh yeast': 1.6, butter: 4.8 },
    kinds: 'mix knead proof divide ball proof roll cook',
    rests: [75, 15],
    cook: [72, 54],
    pieceG: 120,
    allergens: ['gluten', 'milk', 'wheat'],
  },
];
