import type { RecipeText } from './recipe-text.ts';

/** A thirty-seventh lot whose expectation was written before the reader saw it: two texts of each common manner. */
export const THIRTY_SEVENTH: readonly RecipeText[] = [
  {
    manner: 'a handout',
    text: `Northgate Community Kitchen
Flatbread Friday: Cumin naan

Ingredients (per group of 3, 6 naan)
Plain flour 450g
Yoghurt 150g
Milk, warm 120ml
Sunflower oil 30ml
Caster sugar 1 tbsp
Dried yeast 2 tsp
Salt 1½ tsp
Cumin seeds 2 tsp

Instructions
1. Stir the sugar and yeast into the warm milk and leave for 10 minutes.
2. Mix the flour, salt and cumin in a bowl; add the yeasty milk, yoghurt and oil.
3. Knead for 10 minutes.
4. Leave to rise for 1 hour in a warm place.
5. Divide into 6 (approx. 130g each) and roll out into teardrop shapes, 20cm long.
6. Cook on a very hot griddle for 2 minutes on one side; turn and cook for 1 minute on the other.
7. Wrap in a cloth to keep warm.`,
    pct: { 'plain flour': 100, yoghurt: 33.3, milk: 27.5 },
    kinds: 'mix bloom mix knead proof divide roll cook finish',
    rests: [10, 60],
    cook: [120, 60],
    pieceG: 130,
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['cumin'],
  },
  {
    manner: 'a handout',
    text: `HAND-OUT / Dough no. 3 / Wholemeal wraps

For 1 table (6 wraps):
wholemeal flour 240 g
white flour 120 g
olive oil 22 g
salt 7 g
lukewarm water 210 g

-> Everything into the bowl, mix 2 min.
-> Tip out, knead 4 min.
-> Bowl over it, 25 min.
-> 6 pieces of 100 g, make them round, 10 min.
-> Roll 24 cm.
-> Hot plate 45 s, turn, 30 s.
-> Into the towel.`,
    pct: { 'wholemeal flour': 66.7, 'white flour': 33.3, 'olive oil': 6.1, salt: 1.9, 'lukewarm water': 58.3 },
    kinds: 'mix knead rest divide ball rest roll cook finish',
    rests: [25, 10],
    cook: [45, 30],
    pieceG: 100,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a table',
    text: `| | Amount | Share of flour |
|---|---|---|
| Strong flour | 750 g | 75 % |
| Potato, cooked | 250 g | 25 % |
| Milk | 400 g | 40 % |
| Butter | 60 g | 6 % |
| Salt | 15 g | 1.5 % |
| Yeast, fresh | 20 g | 2 % |

Mix 6 min - proof 60 min - divide 75 g - round - proof 30 min - flatten 9 cm - griddle low 4 min + 4 min`,
    pct: { 'strong flour': 100, milk: 53.3, butter: 8, salt: 2, 'fresh yeast': 2.7 },
    kinds: 'mix proof divide ball proof shape cook',
    rests: [60, 30],
    cook: [240, 240],
    pieceG: 75,
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['potato'],
  },
  {
    manner: 'a table',
    text: `Name: Tortilla de harina
Pieces: 30
Weight: 40 g

Ingredient      g
flour           720
hot water       375
shortening      90
salt            13
baking powder   7

Work            min
mix             4
knead           4
rest            20
divide, ball    8
rest            20
roll 16 cm
griddle 30 s, turn, 30 s`,
    pct: { flour: 100, 'hot water': 52.1, shortening: 12.5, salt: 1.8, 'baking powder': 1 },
    kinds: 'mix knead rest divide ball rest roll cook',
    rests: [20, 20],
    cook: [30, 30],
    pieceG: 40,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Everything in relation to flour (100%): 60% water, 2% salt, 5% oil, 0.7% instant yeast. 6 minutes of mixing and an hour of bulk proof, pieces of 100 grams, rounded, 15 minutes of rest; roll to 20 centimetres; griddle, medium-high, 70 seconds and 50 seconds.`,
    pct: { flour: 100, water: 60, salt: 2, oil: 5, 'instant yeast': 0.7 },
    kinds: 'mix proof divide ball rest roll cook',
    rests: [60, 15],
    cook: [70, 50],
    pieceG: 100,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Socca/farinata: chickpea flour 100, water 250, olive oil 12, salt 3.
Whisk, rest 3-4 h, skim. 120 g batter per piece on a hot oiled griddle, 22 cm. 4 min, flip, 2 min.`,
    pct: { 'chickpea flour': 100, water: 250, 'olive oil': 12, salt: 3 },
    kinds: 'mix rest divide shape cook',
    rests: [210],
    cook: [240, 120],
    pieceG: 120,
    allergens: [],
  },
  {
    manner: 'one paragraph',
    text: `You need only flour, water and salt: 600 g of the first, 360 g of the second and 12 g of the third. Knead for ten minutes, by the clock. Cover and rest for one hour. Divide into twelve balls of 80 g, rest them for another twenty minutes, roll them to 20 cm and bake on a hot iron plate, about forty seconds a side.`,
    pct: { flour: 100, water: 60, salt: 2 },
    kinds: 'mix knead rest divide ball rest roll cook',
    rests: [60, 20],
    cook: [40, 40],
    pieceG: 80,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `Onion rotis (makes 8): mix 250g wholemeal flour, 50g chickpea flour, 1 small onion finely chopped, 1 green chilli chopped, 2 tbsp chopped coriander, 1/2 tsp turmeric, 1 tsp salt and 1 tbsp oil; bind with about 170ml water. Knead 3 min; rest 10 min. Divide into 8, roll to 15cm using flour, and cook on a medium-hot tawa with a few drops of oil, around 2 min per side. Serve with yogurt.`,
    pct: { 'wholemeal flour': 83.3, 'chickpea flour': 16.7, water: 56.7 },
    kinds: 'mix knead rest divide roll cook',
    rests: [10],
    cook: [120, 120],
    others: ['onion', 'chilli', 'coriander', 'turmeric'],
  },
  {
    manner: 'a web page',
    text: `<div class="content"><h1>Skillet Arepas</h1><p>&#8220;Crispy outside, soft inside.&#8221;</p><p><b>Yield:</b> 6 arepas &nbsp; <b>Time:</b> 40 min</p><h2>INGREDIENTS</h2><p>2 cups (300 g) precooked white cornmeal</p><p>2&frac12; cups (590 ml) warm water</p><p>1&frac12; tsp salt</p><p>1 tbsp vegetable oil, plus more for the skillet</p><h2>PREPARATION</h2><p>Step 1</p><p>Stir together water, salt and oil. Gradually add cornmeal, mixing with your hands until no lumps remain. Let rest 5 minutes.</p><p>Step 2</p><p>Shape into 6 balls and flatten to 1&#8260;2-inch-thick patties, about 4 inches across.</p><p>Step 3</p><p>Cook in a lightly oiled skillet over medium heat until golden, 6 to 8 minutes per side.</p></div>`,
    pct: { 'precooked white cornmeal': 100, 'warm water': 196.7 },
    kinds: 'mix rest ball shape cook',
    rests: [5],
    cook: [420, 420],
    allergens: [],
  },
  {
    manner: 'a web page',
    text: `<ol class="steps"><li>Ingredients: 500g flour, 300ml water, 2 tsp salt, 3 tbsp olive oil.</li><li>Mix & knead 8 min.</li><li>Rest 45 min.</li><li>Divide into 10 balls.</li><li>Rest 15 min.</li><li>Roll to 20cm.</li><li>Griddle 45 sec/side.</li></ol>`,
    pct: { flour: 100, water: 60, salt: 2.4 },
    kinds: 'mix knead rest divide ball rest roll cook',
    rests: [45, 15],
    cook: [45, 45],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'structured data',
    text: `{"@context":"https://schema.org","@type":"Recipe","name":"Kulcha","recipeYield":"8","recipeIngredient":["2 1/2 cups maida (310 g)","1/2 cup curd (120 g)","1/4 cup milk (60 ml)","1 tsp baking powder","1/4 tsp baking soda","1 tsp sugar","3/4 tsp salt","2 tbsp oil","2 tbsp chopped coriander","1 tsp kalonji","butter for brushing"],"recipeInstructions":[{"@type":"HowToStep","text":"Combine maida, baking powder, soda, sugar and salt. Add curd, milk and oil and knead to a soft dough for 5 minutes. Add water if required."},{"@type":"HowToStep","text":"Cover with a damp cloth and keep aside for 2 hours."},{"@type":"HowToStep","text":"Divide into 8 portions and shape into balls. Roll each into an oval, sprinkle coriander and kalonji and roll once more."},{"@type":"HowToStep","text":"Cook on a hot tava for 1 minute, flip and cook for another minute. Brush with butter."}]}`,
    pct: { maida: 100, curd: 38.7, milk: 19.9 },
    kinds: 'mix knead rest divide ball roll fill roll cook finish',
    rests: [120],
    cook: [60, 60],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['coriander', 'kalonji'],
  },
  {
    manner: 'structured data',
    text: `{"@context":"https://schema.org","@type":"Recipe","name":"Tunnbrod","recipeYield":"20 pieces","recipeIngredient":["25 g fresh yeast","5 dl milk (500 g)","75 g butter","1 tsp salt","2 dl coarse rye flour (110 g)","9 dl wheat flour (540 g)"],"recipeInstructions":[{"@type":"HowToStep","text":"Crumble the yeast into a bowl. Melt the butter, add the milk and heat to 37 °C. Pour over the yeast."},{"@type":"HowToStep","text":"Add salt and flours and knead for 5 minutes. Let rise for 45 minutes."},{"@type":"HowToStep","text":"Divide into 20 pieces, roll thin with a notched rolling pin, 25 cm."},{"@type":"HowToStep","text":"Bake on a very hot griddle for about 1 minute per side. Stack under a cloth."}]}`,
    pct: { 'fresh yeast': 3.8, milk: 76.9, butter: 11.5, 'coarse rye flour': 16.9, 'wheat flour': 83.1 },
    kinds: 'mix prepare mix knead proof divide roll cook finish',
    rests: [45],
    cook: [60, 60],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'a scan',
    text: `FLAT BREADS WITH CARAWAY

25O g rye flour               1O g salt
25O g wheat flour             15 g yeast
33O g water                    5 g caraway

Dissolve the yeast in the water, add the other
ingredients and knead 8 minutes. Let stand one
hour in a warm room. Make 8 balls, let stand
again 2O minutes, roll out 18 cm, prick well.
Bake on the dry plate 2 minutes on every side.`,
    pct: { 'rye flour': 50, 'wheat flour': 50, water: 66, salt: 2, yeast: 3, caraway: 1 },
    kinds: 'mix knead proof ball rest roll cook',
    rests: [60, 20],
    cook: [120, 120],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a scan',
    text: `STUFFED BREAD (ALOO PARATHA)       4 persons

DOUGH: 250 gm. atta, ½ tsp. salt, 1 tbs. oil,
160 ml. water.
STUFFING: 250 gm. boiled potatoes, 1 green
chilli, ½ tsp. salt, 1 tsp. coriander seeds.

Make a soft dough, rest 20 mts. Mash potatoes
and mix with the rest of the stuffing. Divide
dough and stuffing in 8. Stuff each ball, close
and roll 16 cm. Cook on hot tava 1 mt. each side,
then with a little ghee 1 mt. more each side.`,
    pct: { atta: 100, water: 64 },
    kinds: 'mix rest prepare divide fill roll cook',
    rests: [20],
    cook: [60, 60, 60, 60],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['potatoes', 'chilli', 'coriander'],
  },
  {
    manner: 'words for numbers',
    text: `For twelve people, a kilo and a half of flour, nine hundred and seventy-five grams of water, thirty grams of salt, fifteen grams of dry yeast. Mix for six minutes in the machine. Bulk ferment for one hour and ten minutes. Scale at one hundred and five grams; you get twenty-four. Round and rest for fifteen minutes. Roll to twenty-two centimetres. Griddle for fifty-five seconds on the first side and forty on the second.`,
    pct: { flour: 100, water: 65, salt: 2, 'dry yeast': 1 },
    kinds: 'mix proof divide ball rest roll cook',
    rests: [70, 15],
    cook: [55, 40],
    pieceG: 105,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `Take two cups of wholemeal flour and one cup of white, one teaspoon of salt, three tablespoons of oil and one and a quarter cups of water. Knead for five minutes. Rest for twenty minutes. Roll sixteen balls, then roll each to six inches. Cook for one minute, turn, and cook for one minute more.`,
    pct: { 'wholemeal flour': 66.7 },
    kinds: 'mix knead rest ball roll cook',
    rests: [20],
    cook: [60, 60],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'parts by vessel',
    text: `Beach bread
4 handfuls self-raising flour
1 pinch salt
1 can (330 ml) lager
Stir with a stick to a sticky dough. Flour your hands, divide in 8 and flatten. Cook in an oiled pan over the embers, 3 min a side.`,
    pct: { 'plain flour': 100 },
    kinds: 'mix divide shape cook',
    rests: [],
    cook: [180, 180],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'parts by vessel',
    text: `The scoop in the flour bin holds 140 g.
7 scoops flour
3 scoops cold water (about 600 g)
20 g salt, 8 g yeast
Mix 4, knead 6, bulk 75. Scale 135 g. Round. Rest 20. Stretch to 24 cm. Stone, 90 s, turn, 75 s.`,
    pct: { flour: 100 },
    kinds: 'mix knead proof divide ball rest shape cook',
    rests: [75, 20],
    cook: [90, 75],
    pieceG: 135,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'decimal commas',
    text: `Focaccette 24 pz
farina/flour 1,20 kg
acqua/water 0,72 kg
olio/oil 0,06 kg
sale/salt 0,024 kg
lievito fresco/fresh yeast 0,018 kg
Impastare/mix 10 min. Lievitare/proof 1,5 h. 24 x 84 g, ball; proof 0,5 h. Press to 13 cm. Griddle, lid on, 3,5 min + 3 min.`,
    pct: { flour: 100, water: 60, oil: 5, salt: 2, 'fresh yeast': 1.5 },
    kinds: 'mix proof divide ball proof shape cook',
    rests: [90, 30],
    cook: [210, 180],
    pieceG: 84,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'decimal commas',
    text: `Wheat/spelt wraps: 0,35 kg wheat flour, 0,15 kg spelt flour, 0,275 kg water, 0,04 kg oil, 9,0 g salt; knead 7 min; rest 0,75 h; 8 x 103 g; round; rest 10 min; roll 25 cm; griddle 0,7 min, flip, 0,5 min; stack in foil.`,
    pct: { 'wheat flour': 70, 'spelt flour': 30, water: 55, oil: 8, salt: 1.8 },
    kinds: 'mix knead rest divide ball rest roll cook finish',
    rests: [45, 10],
    cook: [42, 30],
    pieceG: 103,
    allergens: ['gluten', 'wheat'],
  },
];
