import type { RecipeText } from './recipe-text.ts';

/** An eighty-eighth lot whose expectation was written before the reader saw it, two of each manner, as instructors type them the night before. */
export const EIGHTY_EIGHTH: readonly RecipeText[] = [
  {
    manner: 'a handout',
    text: `Tuesday group – Chapati
Per person: 100 g atta, 65 g water, 1.5 g salt, 5 g oil

Steps
1. Mix in your bowl, 2 min
2. Knead 7 min
3. Rest under the bowl 25 min
4. Divide into 4, ball
5. Rest 5 min
6. Roll 15 cm
7. Tawa: 30 s, turn, 40 s, turn, press with a cloth 10 s
8. Butter it, into the basket`,
    pct: { atta: 100, water: 65, salt: 1.5, oil: 5 },
    kinds: 'mix knead rest divide ball rest roll cook finish',
    rests: [25, 5],
    cook: [30, 40, 10],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'a handout',
    text: `LAMB-FREE LAHMACUN (veggie)

Dough: 400 g flour, 240 g water, 8 g salt, 4 g dry yeast, 15 g olive oil
Topping: 200 g tomatoes, 1 onion, 1 red pepper, parsley, 1 tsp paprika

Blend the topping and drain it in a sieve.
Mix the dough, knead 8 minutes, cover, 1 hour.
Divide into 8, ball, 15 minutes rest.
Roll to 22 cm, very thin. Spread 2 spoons of topping on each.
Bake in a covered hot pan for 4 minutes.`,
    pct: { flour: 100, water: 60, salt: 2, 'dry yeast': 1, 'olive oil': 3.75 },
    kinds: 'prepare mix knead proof divide ball rest roll fill cook',
    rests: [60, 15],
    cook: [240],
    allergens: ['gluten', 'wheat'],
    others: ['tomatoes', 'onion', 'pepper', 'parsley', 'paprika'],
  },
  {
    manner: 'a table',
    text: `Naan (makes 10)
Flour	600 g	100 %
Yogurt	180 g	30 %
Water	210 g	35 %
Oil	30 g	5 %
Salt	12 g	2 %
Sugar	6 g	1 %
Yeast, instant	6 g	1 %

18:00	Mix
18:05	Knead
18:15	Bulk proof
19:30	Divide, ball
19:40	Rest
20:00	Stretch
20:10	Cook 90 s + 45 s`,
    pct: { flour: 100, yogurt: 30, water: 35, oil: 5, salt: 2, sugar: 1, 'instant yeast': 1 },
    kinds: 'mix knead proof divide ball rest shape cook',
    rests: [75, 20],
    cook: [90, 45],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'a table',
    text: `| | small bowl | big bowl |
|---|---|---|
| Buckwheat flour | 150 g | 450 g |
| Plain flour | 50 g | 150 g |
| Milk | 300 ml | 900 ml |
| Eggs | 1 | 3 |
| Salt | 3 g | 9 g |

Whisk, rest 1 h, ladle 80 ml, 24 cm, 60 s, flip, 30 s.`,
    pct: { 'buckwheat flour': 75, 'plain flour': 25 },
    kinds: 'mix rest divide shape cook',
    rests: [60],
    cook: [60, 30],
    allergens: ['egg', 'gluten', 'milk', 'wheat'],
    others: ['milk', 'egg', 'salt'],
  },
  {
    manner: 'percentages alone',
    text: `tortilla: flour 100 / lard 15 / water 50 / salt 1.6 / baking powder 1.2
rub in, add hot water, knead 4, rest 30, 45 g balls, rest 15, roll 17 cm, comal 25 s turn 25 s`,
    pct: { flour: 100, lard: 15, water: 50, salt: 1.6, 'baking powder': 1.2 },
    kinds: 'mix mix knead rest ball rest roll cook',
    rests: [30, 15],
    cook: [25, 25],
    pieceG: 45,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Focaccia-style pan bread. All on flour: water 78 %, oil 6 %, salt 2.2 %, dry yeast 0.4 %, flour is strong white. Mix 2 min, rest 20 min, fold, rest 20 min, fold, proof 2 h. Divide at 250 g, stretch to 20 cm, dimple, proof 30 min, cook covered in an oiled pan 5 min, flip, 4 min.`,
    pct: { 'strong white flour': 100, water: 78, oil: 6, salt: 2.2, 'dry yeast': 0.4 },
    kinds: 'mix rest fold rest fold proof divide shape proof cook',
    rests: [20, 20, 120, 30],
    cook: [300, 240],
    pieceG: 250,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `This is what we did on Saturday: everyone mixed 125 g of flour with 75 g of water, 2 g of salt and a spoon of oil, kneaded for eight minutes and let the dough sit under a bowl for half an hour. Then we cut each dough into three, rolled the pieces out to 16 cm and baked them on the griddle, a minute on the first side, half a minute on the second.`,
    pct: { flour: 100, water: 60, salt: 1.6 },
    kinds: 'mix knead rest divide roll cook',
    rests: [30],
    cook: [60, 30],
    allergens: ['gluten', 'wheat'],
    others: ['oil'],
  },
  {
    manner: 'one paragraph',
    text: `Rye crisps: 300 g rye flour, 100 g wheat flour, 260 g water, 8 g salt, 10 g honey and 2 tsp caraway, mixed for 3 minutes and left for an hour. Flour the bench well, divide into 12, roll each as thin as a coin (20 cm), dock with a fork, and bake them on the iron over medium heat, 2 minutes a side. Stand them on edge to dry.`,
    pct: { 'rye flour': 75, 'wheat flour': 25, water: 65, salt: 2, honey: 2.5 },
    kinds: 'mix rest divide roll cook',
    rests: [60],
    cook: [120, 120],
    allergens: ['gluten', 'wheat'],
    others: ['caraway'],
  },
  {
    manner: 'a web page',
    text: `<!doctype html><html><body><h1>Easy pita</h1><table class="ing"><tr><td>500 g</td><td>bread flour</td></tr><tr><td>320 ml</td><td>water, lukewarm</td></tr><tr><td>7 g</td><td>instant yeast</td></tr><tr><td>10 g</td><td>salt</td></tr><tr><td>1 tbsp</td><td>olive oil</td></tr></table><h2>Steps</h2><ol><li>Mix and knead for 10 minutes.</li><li>Proof for 1 hour.</li><li>Divide into 8, shape into balls and rest for 10 minutes.</li><li>Roll to 15 cm and 5 mm. Rest for 15 minutes.</li><li>Bake in a hot dry pan: 30 seconds, flip, 90 seconds, flip, 30 seconds.</li></ol><aside>More recipes: bagels, pretzels</aside></body></html>`,
    pct: { 'bread flour': 100, water: 64, 'instant yeast': 1.4, salt: 2 },
    kinds: 'mix knead proof divide ball rest roll rest cook',
    rests: [60, 10, 15],
    cook: [30, 90, 30],
    allergens: ['gluten', 'wheat'],
    others: ['olive oil'],
  },
  {
    manner: 'a web page',
    text: `<div><h1>Sweet potato roti</h1><p>Makes 10 &#183; 40 mins</p><p><strong>Ingredients:</strong> 250 g cooked sweet potato, mashed; 250 g wholemeal flour; 1/2 tsp salt; 1 tbsp oil.</p><p><strong>Method:</strong> Combine everything and knead for 4 minutes; the dough should be soft but not sticky. Rest for 15 minutes. Divide into 10 balls. Roll out to 14 cm. Cook in a dry pan for 1 minute on each side.</p></div>`,
    pct: { 'wholemeal flour': 100, 'cooked sweet potato': 100 },
    kinds: 'mix knead rest divide ball roll cook',
    rests: [15],
    cook: [60, 60],
    allergens: ['gluten', 'wheat'],
    others: ['salt', 'oil'],
  },
  {
    manner: 'structured data',
    text: `{"@context":"https://schema.org","@type":"Recipe","name":"Coconut roti","recipeYield":"6 roti","recipeIngredient":["250 g plain flour","100 g freshly grated coconut","1 tsp salt","130 ml water","1 small onion, finely chopped","1 green chilli, chopped"],"recipeInstructions":[{"@type":"HowToStep","text":"Mix all the ingredients except the water."},{"@type":"HowToStep","text":"Add the water little by little and knead for 5 minutes to a soft dough."},{"@type":"HowToStep","text":"Rest for 20 minutes."},{"@type":"HowToStep","text":"Divide into 6 balls; pat each to a 12 cm disc on an oiled leaf."},{"@type":"HowToStep","text":"Cook on a hot griddle for 3 minutes per side."}]}`,
    pct: { 'plain flour': 100, water: 52 },
    kinds: 'mix knead rest divide ball shape cook',
    rests: [20],
    cook: [180, 180],
    allergens: ['gluten', 'wheat'],
    others: ['coconut', 'salt', 'onion', 'chilli'],
  },
  {
    manner: 'structured data',
    text: `[{"@context":"https://schema.org","@type":"BreadcrumbList"},{"@context":"https://schema.org","@type":["Recipe"],"name":"Potato flatbread","recipeYield":"8","recipeIngredient":["400 g mashed potatoes, cold","200 g barley flour","50 g wheat flour","1 tsp salt"],"recipeInstructions":"Knead everything briefly to a dough. Divide into 8 pieces. Roll out on plenty of flour to 20 cm and prick. Bake on a dry griddle at 220°C for 2 minutes, flip and bake 1 minute."}]`,
    pct: { 'barley flour': 80, 'wheat flour': 20, 'mashed potatoes': 160 },
    kinds: 'mix knead divide roll cook',
    rests: [],
    cook: [120, 60],
    allergens: ['gluten', 'wheat'],
    others: ['salt'],
  },
  {
    manner: 'a scan',
    text: `PARATHAS FOR TWELVE

1 kg atta          60 g ghee
620 g water        20 g salt

1  Mix, knead l0 minutes,
   rest half an hour.
2  Make 24 balls (70 g).
3  Roll, smear with ghee, fold
   in a triangle, roll again,
   17 cm.
4  Tawa 1 minute, turn, 1 min-
   ute, a little ghee, 20 seconds
   more.`,
    pct: { atta: 100, water: 62, salt: 2 },
    kinds: 'mix knead rest ball roll fill shape roll cook',
    rests: [30],
    cook: [60, 60, 20],
    pieceG: 70,
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['ghee'],
  },
  {
    manner: 'a scan',
    text: `28   Griddle Breads of the Coast

FADGE   Take 2 lbs. cold boiled
potatoes, 6 ozs. flour, 2 ozs.
butter and a teaspoonful of salt.
Mash the potatoes, melt the
butter and mix all to a dough.
Roll 1/3 inch thick, cut in farls
and brown on a hot griddle, about
four minutes on either side.`,
    pct: { flour: 100, butter: 33.3 },
    kinds: 'mix prepare mix roll divide cook',
    rests: [],
    cook: [240, 240],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['potatoes', 'salt'],
  },
  {
    manner: 'words for numbers',
    text: `Five hundred grams of flour and three hundred and twenty of water, ten of salt, and half a teaspoon of yeast. Stir it in the evening, leave it out overnight, ten hours, and in the morning tip it out, cut six, and let them rest for twenty minutes. Stretch each to twenty centimetres and lay on the hot stone: two minutes, flip, one and a half.`,
    pct: { flour: 100, water: 64, salt: 2 },
    kinds: 'mix proof divide rest shape cook',
    rests: [600, 20],
    cook: [120, 90],
    allergens: ['gluten', 'wheat'],
    others: ['yeast'],
  },
  {
    manner: 'words for numbers',
    text: `Two parts masa harina, three parts warm water, a good pinch of salt: mix, cover for fifteen minutes, make balls of thirty-five grams, press to fourteen centimetres, and cook thirty seconds, turn, sixty seconds, turn, fifteen seconds.`,
    pct: { 'masa harina': 100, 'warm water': 306 },
    kinds: 'mix rest ball shape cook',
    rests: [15],
    cook: [30, 60, 15],
    pieceG: 35,
    allergens: [],
    others: ['salt'],
  },
  {
    manner: 'parts by vessel',
    text: `2 big mugs flour, 3/4 mug warm water, 1/4 mug oil, 1 tsp salt, 1 tsp baking powder. Mix, knead 5 min, rest 15 min. 8 balls. Roll thin (18 cm). Hot pan 45 s each side.`,
    pct: { flour: 100 },
    kinds: 'mix knead rest ball roll cook',
    rests: [15],
    cook: [45, 45],
    allergens: ['gluten', 'wheat'],
    others: ['water', 'oil', 'salt', 'baking powder'],
  },
  {
    manner: 'parts by vessel',
    text: `Injera starter batter: 3 cups teff flour, 4 cups water, 1/2 cup starter. Stir, cover loosely, leave 2 days at room temperature. Stir in 1 tsp salt. Pour a ladleful (about 120 g) onto the mitad in a spiral, wait for the bubbles, cover and steam for 2 minutes. Lift off; don't turn.`,
    pct: { 'teff flour': 100 },
    kinds: 'mix proof mix divide shape cook',
    rests: [2880],
    cook: [120],
    pieceG: 120,
    others: ['water', 'starter', 'salt'],
  },
  {
    manner: 'decimal commas',
    text: `Pizza bianca alla piastra – 10 pezzi
Flour 00: 1,0 kg
Water: 0,68 l
Yeast (fresh): 0,008 kg
Salt: 0,024 kg
Olive oil: 0,03 l

Mix 6 min. Bulk 2,5 h. Scale 170 g. Ball. Rest 1,25 h. Stretch 22 cm. Plate 2,5 min + 2 min.`,
    pct: { 'flour 00': 100, water: 68, salt: 2.4 },
    kinds: 'mix proof divide ball rest shape cook',
    rests: [150, 75],
    cook: [150, 120],
    pieceG: 170,
    allergens: ['gluten', 'wheat'],
    others: ['yeast', 'olive oil'],
  },
  {
    manner: 'decimal commas',
    text: `Arepas: 0,5 kg masarepa, 0,62 l warm water, 7,5 g salt, 15 g butter. Mix 2,5 min, rest 7,5 min, shape 0,12 kg pieces 1,5 cm thick, griddle 5,5 min each side.`,
    pct: { masarepa: 100, 'warm water': 124, salt: 1.5, butter: 3 },
    kinds: 'mix rest divide shape cook',
    rests: [7.5],
    cook: [330, 330],
    pieceG: 120,
    allergens: ['milk'],
  },
];
