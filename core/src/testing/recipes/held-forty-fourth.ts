import type { RecipeText } from './recipe-text.ts';

/** A forty-fourth lot whose expectation was written before the reader saw it: two texts of each common manner. */
export const FORTY_FOURTH: readonly RecipeText[] = [
  {
    manner: 'a handout',
    text: `Saturday bread club
RECIPE OF THE MONTH: Seeded spelt wraps

Ingredients for 8 wraps
300 g wholemeal spelt flour
100 g white spelt flour
8 g salt
30 g sunflower seeds
40 ml olive oil
220 ml hand-warm water

How to do it
1. Stir the flours, salt and seeds together.
2. Add the oil and the water and bring together with a dough scraper.
3. Knead on the bench for 5 minutes, no longer.
4. Cover with an upturned bowl and leave for half an hour.
5. Cut into 8 (approx 85 g), round off, leave for another 10 minutes.
6. Roll out as thinly as the seeds allow, 22 cm or so.
7. Dry griddle, medium-high: 50 seconds, flip, 40 seconds.
8. Keep between two tea towels.`,
    pct: { 'wholemeal spelt flour': 75, 'white spelt flour': 25, salt: 2, 'sunflower seeds': 7.5 },
    kinds: 'mix knead rest divide ball rest roll cook finish',
    rests: [30, 10],
    cook: [50, 40],
    pieceG: 85,
    allergens: ['gluten', 'wheat'],
    others: ['seeds'],
  },
  {
    manner: 'a handout',
    text: `LAB 5. GLUTEN-FREE SORGHUM ROTI
(2 students, 6 roti)

Materials: sorghum flour 180 g, boiling water 210 ml, salt 2 g, oil for hands

Steps
1. Pour the boiling water over the flour and salt; stir with a spoon. (2 min)
2. Cover and let stand. (10 min)
3. Knead with oiled hands while still warm. (4 min)
4. Divide into 6, shape into balls.
5. Pat or press to 14 cm between two sheets.
6. Griddle on high: 40 s, turn, 60 s, turn, 20 s.

Observe: which roti cracked, and why?`,
    pct: { 'sorghum flour': 100, 'boiling water': 116.7, salt: 1.1 },
    kinds: 'mix rest knead divide ball shape cook',
    rests: [10],
    cook: [40, 60, 20],
    allergens: [],
  },
  {
    manner: 'a table',
    text: `|              | Class of 6 | Class of 12 |
|--------------|-----------:|------------:|
| Strong flour |      900 g |      1800 g |
| Water        |      585 g |      1170 g |
| Salt         |       18 g |        36 g |
| Dried yeast  |        9 g |        18 g |
| Honey        |       18 g |        36 g |

Mix 4 min, knead 8 min, prove 1 h, divide at 125 g, ball, rest 15 min, roll 22 cm, griddle 65 s + 50 s.`,
    pct: { 'strong flour': 100, water: 65, salt: 2, 'dried yeast': 1, honey: 2 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [60, 15],
    cook: [65, 50],
    pieceG: 125,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a table',
    text: `Ingredient,Grams
plain flour,480
yoghurt,200
water,120
salt,9
baking powder,12

Step,Minutes
mix,3
knead,2
rest,20
divide into 8,4
roll to 16 cm,
griddle each side,1.5`,
    pct: { 'plain flour': 100, yoghurt: 41.7, water: 25, salt: 1.9, 'baking powder': 2.5 },
    kinds: 'mix knead rest divide roll cook',
    rests: [20],
    cook: [90, 90],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `For the barbari: flour 100, water 63, salt 1.8, sugar 1.5, yeast 0.8, oil 2 (percent). Mix 5 min, knead 6 min, bulk 1 h. Divide into 300 g, shape into ovals, rest 20 min. Press with the fingers to 30 cm, brush with a little flour paste, proof 20 min. Griddle with a lid: 4 min, flip, 2 min.`,
    pct: { flour: 100, water: 63, salt: 1.8, sugar: 1.5, yeast: 0.8, oil: 2 },
    kinds: 'mix knead proof divide shape rest shape fill proof cook',
    rests: [60, 20, 20],
    cook: [240, 120],
    pieceG: 300,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Whole-wheat roti, baker's %
Atta — 100
Water — 68
Salt — 1
Ghee — 2

Autolyse 20 min, knead 4 min, rest 20 min.
Divide at 45 g and round.
Roll to 16 cm.
Tawa, high: 15 s, turn, 30 s, turn, 15 s.`,
    pct: { atta: 100, water: 68, salt: 1, ghee: 2 },
    kinds: 'mix rest knead rest divide ball roll cook',
    rests: [20, 20],
    cook: [15, 30, 15],
    pieceG: 45,
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `Here's the dough I trust for beginners: 1.2 kg of plain flour, 24 g salt, 720 g warm water and 60 g oil, mixed in the machine for three minutes on slow and three on fast. Rest it for twenty minutes in an oiled tub, then divide it into pieces of 100 g, ball them and rest them for another half hour. Pupils roll to 22 cm - no thinner - and cook on the hot griddle for forty seconds a side.`,
    pct: { 'plain flour': 100, salt: 2, 'warm water': 60, oil: 5 },
    kinds: 'mix rest divide ball rest roll cook',
    rests: [20, 30],
    cook: [40, 40],
    pieceG: 100,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `Sift 200g chickpea flour into a bowl and whisk in 350ml water, 2 tbsp olive oil and 1 tsp salt. Let the batter rest for at least 1 hour. Heat a griddle with a little oil, pour in 100 ml of batter per pancake, scatter over a few rosemary needles and cook for 3 minutes, then flip and cook for another 2 minutes.`,
    pct: { 'chickpea flour': 100, water: 175 },
    kinds: 'mix rest divide shape fill cook',
    rests: [90],
    cook: [180, 120],
    allergens: [],
  },
  {
    manner: 'a web page',
    text: `<article><h1>Kubaneh-style griddle rolls</h1><p class="summary">Makes 10 | 2 hr 30 min</p><h2>Ingredients</h2><ul><li>500 g bread flour</li><li>10 g salt</li><li>40 g sugar</li><li>8 g instant yeast</li><li>320 g warm water</li><li>100 g soft butter</li></ul><h2>Method</h2><ol><li>Combine the flour, salt, sugar, yeast and water. Knead for 10 minutes.</li><li>Prove for 1 hour.</li><li>Divide into 10 and round. Rest for 15 minutes.</li><li>Spread each piece out very thinly with butter, roll up and coil.</li><li>Prove for 30 minutes.</li><li>Flatten to 10 cm. Cook on a low griddle under a lid for 5 minutes, turn, 4 minutes.</li></ol></article>`,
    pct: { 'bread flour': 100, salt: 2, sugar: 8, 'instant yeast': 1.6, 'warm water': 64 },
    kinds: 'mix knead proof divide ball rest fill coil proof shape cook',
    rests: [60, 15, 30],
    cook: [300, 240],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'a web page',
    text: `<div><h2>What you need</h2><p>For four: 320g plain flour, 5g salt, 200ml water, 1 tbsp oil.</p><h2>What you do</h2><p>Put the flour and salt in a bowl and make a well. Add the water and oil and stir until it clumps. Tip out and knead for 6 minutes. Wrap and rest for 25 minutes.</p><p>Cut into 8 and roll each piece to 18cm.</p><p>Dry-fry for 45 seconds each side.</p></div>`,
    pct: { 'plain flour': 100, salt: 1.6, water: 62.5, oil: 3.9 },
    kinds: 'mix knead rest divide roll cook',
    rests: [25],
    cook: [45, 45],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'structured data',
    text: `{"@context":"https://schema.org","@type":"Recipe","name":"Carrot paratha","recipeYield":"8","recipeIngredient":["300 g whole wheat flour","200 g grated carrot","1 tsp cumin seeds","1 tsp salt","100 ml water","ghee for the pan"],"recipeInstructions":[{"@type":"HowToStep","text":"Mix the flour with the carrot, cumin and salt. Add the water gradually and knead for 4 minutes."},{"@type":"HowToStep","text":"Rest for 15 minutes, no longer, or the carrot makes it wet."},{"@type":"HowToStep","text":"Divide into 8 and roll to 16 cm."},{"@type":"HowToStep","text":"Cook on a medium griddle with ghee for 90 seconds per side."}]}`,
    pct: { 'whole wheat flour': 100, water: 33.3, 'grated carrot': 66.7 },
    kinds: 'mix knead rest divide roll cook',
    rests: [15],
    cook: [90, 90],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['carrot', 'cumin'],
  },
  {
    manner: 'structured data',
    text: `{"@context":"https://schema.org","@type":"Recipe","name":"Plain skillet pitas","recipeYield":"6 pitas","recipeIngredient":["320g strong flour","4g instant yeast","6g salt","205g water","10g oil"],"recipeInstructions":[{"@type":"HowToStep","name":"Mix","text":"Mix everything for 3 minutes and knead for 6."},{"@type":"HowToStep","name":"Proof","text":"Proof for 1 hour."},{"@type":"HowToStep","name":"Shape","text":"Divide into 6, round, rest for 15 minutes, then roll to 15 cm and rest again for 10 minutes."},{"@type":"HowToStep","name":"Cook","text":"Cook in a smoking hot skillet: 15 seconds, flip, 60 seconds, flip, 60 seconds."}]}`,
    pct: { 'strong flour': 100, 'instant yeast': 1.25, salt: 1.9, water: 64, oil: 3.1 },
    kinds: 'mix knead proof divide ball rest roll rest cook',
    rests: [60, 15, 10],
    cook: [15, 60, 60],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a scan',
    text: `GRIDDLE BREADS                                      9

YOGHURT BREAD. 500 g. flour, 2 level teaspoons bak-
ing powder, 1 teaspoon salt, 400 g. yoghurt. Mix
everything together and knead for 2 minutes. Leave
for 20 minutes. Cut in 10, roll out ½ cm. thick
and cook 2 minutes on each side of the bread on a
hot griddle. Serve with soup.`,
    pct: { flour: 100, yoghurt: 80, salt: 1.2 },
    kinds: 'mix knead rest divide roll cook',
    rests: [20],
    cook: [120, 120],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'a scan',
    text: `Tandoori Roti on the Tawa            10 Nos.

Wheat flour  . . . . . . . . . . . . 500 gms.
Curd . . . . . . . . . . . . . . . . 50 gms.
Salt . . . . . . . . . . . . . . . . 8 gms.
Water  . . . . . . . . . . . . . . . 280 ml.

Knead all ingredients to a dough (8 mts.).
Rest for 30 mts.  Divide into 10 balls.
Roll 16 cm., wet one side, stick on hot tawa,
1 mt., turn the tawa over the flame, 30 secs.`,
    pct: { 'wheat flour': 100, curd: 10, salt: 1.6, water: 56 },
    kinds: 'mix knead rest divide ball roll cook',
    rests: [30],
    cook: [60, 30],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `Stir together four hundred grams of flour, two hundred and fifty-two grams of water, eight grams of salt, four grams of dry yeast and twelve grams of oil. Knead for eight minutes. Cover and let rise for forty-five minutes. Divide into six pieces of about one hundred and ten grams. Shape into balls. Let rest for ten minutes. Roll to eighteen centimetres. Cook for fifty seconds on one side and forty seconds on the other.`,
    pct: { flour: 100, water: 63, salt: 2, 'dry yeast': 1, oil: 3 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [45, 10],
    cook: [50, 40],
    pieceG: 110,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `For eight oatcakes: one hundred and fifty grams of oatmeal, fifty grams of flour, a pinch of salt, a pinch of soda, thirty grams of butter and about eighty millilitres of hot water. Rub the butter into the dry things, add the water, knead for a minute. Roll out to three millimetres, cut into eight. Cook on a moderate griddle for six minutes, turn and give them three more.`,
    pct: { oatmeal: 75, flour: 25, butter: 15 },
    kinds: 'mix mix knead roll divide cook',
    rests: [],
    cook: [360, 180],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'parts by vessel',
    text: `(Measure: tea mug)
2 mugs bread flour
1 mug wholemeal flour
1 1/4 mugs lukewarm water
1 1/2 tsp salt
1 tsp dried yeast
2 tbsp oil
Mix, knead 8 min, prove 1 h, 9 balls, rest 10 min, roll 18 cm, griddle 1 min + 1 min.`,
    pct: { 'bread flour': 67.5, 'wholemeal flour': 32.5 },
    kinds: 'mix knead proof ball rest roll cook',
    rests: [60, 10],
    cook: [60, 60],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'parts by vessel',
    text: `One tin mug of flour per person, half a tin mug of water, a pinch of salt. Mix it in a bag, knead it for five minutes, let it rest for ten. Pat it flat and cook it on a hot stone for three minutes on each side.`,
    pct: { flour: 100 },
    kinds: 'mix knead rest divide shape cook',
    rests: [10],
    cook: [180, 180],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'decimal commas',
    text: `Recette wraps: farine de blé / wheat flour 1,0 kg, eau / water 0,56 kg, huile / oil 0,09 kg, sel / salt 0,02 kg, levure chimique / baking powder 0,01 kg. Mix 6 min. Rest 0,4 h. Divide 84 g. Round. Rest 0,25 h. Roll 24 cm. Griddle 0,6 min + 0,5 min.`,
    pct: { 'wheat flour': 100, water: 56, oil: 9, salt: 2, 'baking powder': 1 },
    kinds: 'mix rest divide ball rest roll cook',
    rests: [24, 15],
    cook: [36, 30],
    pieceG: 84,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'decimal commas',
    text: `No. 12 Pide
Flour: 0,9 kg
Water: 0,6 kg
Yoghurt: 0,09 kg
Salt: 0,018 kg
Sugar: 0,009 kg
Fresh yeast: 0,018 kg
Mix 7 min; bulk 50 min; divide 0,4 kg; round; rest 20 min; press to 26 cm; proof 25 min; griddle, lid, 5,5 min, flip, 4,0 min.`,
    pct: { flour: 100, water: 66.7, yoghurt: 10, salt: 2, sugar: 1, 'fresh yeast': 2 },
    kinds: 'mix proof divide ball rest shape proof cook',
    rests: [50, 20, 25],
    cook: [330, 240],
    pieceG: 400,
    allergens: ['gluten', 'milk', 'wheat'],
  },
];
