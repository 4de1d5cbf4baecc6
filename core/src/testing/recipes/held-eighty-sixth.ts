import type { RecipeText } from './recipe-text.ts';

/** An eighty-sixth lot whose expectation was written before the reader saw it, two of each manner, as people mail them to each other. */
export const EIGHTY_SIXTH: readonly RecipeText[] = [
  {
    manner: 'a handout',
    text: `Workshop sheet – Yufka (for 10 sheets)

What you need
- 500 g plain flour
- 300 g water
- 10 g salt
- cornflour for dusting

What you do
Put flour and salt in a bowl, make a well and pour in the water. Mix with a fork, then with your hand. Knead on the table for 10 minutes: the dough should feel like an earlobe. Cover with a bowl and rest 30 minutes.
Cut in 10 pieces, make balls, cover again for 20 minutes.
Dust with cornflour and roll with the thin pin, turning all the time, to 35 cm. It must be see-through.
Cook on the sac 30 seconds per side. Pile up, sprinkle with water, cover with a cloth.`,
    pct: { 'plain flour': 100, water: 60, salt: 2 },
    kinds: 'mix knead rest divide ball rest roll cook finish',
    rests: [30, 20],
    cook: [30, 30],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a handout',
    text: `SCALLION PANCAKES
makes 6, takes about 1½ hours

300 g all-purpose flour
190 g boiling water
1/2 tsp salt
60 g sesame oil
6 scallions, finely sliced

1/ Pour the boiling water over flour and salt, stirring with chopsticks.
2/ When cool enough, knead for 5 min.
3/ Oil lightly and rest, covered, 30 min.
4/ Divide into 6. Roll each out to 20 cm. Brush with sesame oil, scatter scallions.
5/ Roll up tightly and coil into a snail. Rest 10 min.
6/ Flatten and roll to 15 cm.
7/ Fry in a little oil over medium heat for 2–3 min on each side until crisp and golden.`,
    pct: { 'all-purpose flour': 100, 'boiling water': 63.3 },
    kinds: 'mix knead rest divide roll fill coil rest roll cook',
    rests: [30, 10],
    cook: [150, 150],
    allergens: ['gluten', 'sesame', 'wheat'],
    others: ['salt', 'sesame oil', 'scallion'],
  },
  {
    manner: 'a table',
    text: `Pita, 20 pcs

Ingredient            kg       %
Bread flour           1.000    100
Water                 0.620    62
Fresh yeast           0.020    2
Salt                  0.018    1.8
Sugar                 0.010    1
Oil                   0.030    3

Process
Mixing          3 + 6 min
Bulk            60 min
Scaling         85 g
Rounding        –
Bench rest      15 min
Sheeting        14 cm, 5 mm
Final proof     20 min
Stone           300 °C, 2 min`,
    pct: { 'bread flour': 100, water: 62, 'fresh yeast': 2, salt: 1.8, sugar: 1, oil: 3 },
    kinds: 'mix proof divide ball rest roll proof cook',
    rests: [60, 15, 20],
    cook: [72, 48],
    pieceG: 85,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a table',
    text: `<table><tr><th>Ingredient</th><th>8 breads</th><th>24 breads</th></tr><tr><td>Wholemeal flour</td><td>400 g</td><td>1200 g</td></tr><tr><td>Water</td><td>270 g</td><td>810 g</td></tr><tr><td>Salt</td><td>8 g</td><td>24 g</td></tr><tr><td>Oil</td><td>20 g</td><td>60 g</td></tr></table><p>Mix, knead 7 minutes, rest 40 minutes. Divide into balls, roll to 17 cm and cook 45 seconds, turn, 45 seconds.</p>`,
    pct: { 'wholemeal flour': 100, water: 67.5, salt: 2, oil: 5 },
    kinds: 'mix knead rest divide ball roll cook',
    rests: [40],
    cook: [45, 45],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `NAAN, % of flour
flour (strong white) 100
water 38
yogurt 25
ghee 6
sugar 2
salt 1.8
instant yeast 1

mix 3, knead 7, bulk 60, divide at 95 g, round, rest 15, stretch to a teardrop, pan 90 s / 60 s, brush with ghee`,
    pct: { 'strong white flour': 100, water: 38, yogurt: 25, ghee: 6, sugar: 2, salt: 1.8, 'instant yeast': 1 },
    kinds: 'mix knead proof divide ball rest shape cook finish',
    rests: [60, 15],
    cook: [90, 60],
    pieceG: 95,
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `My injera: teff flour 100 %, water 150 %, starter 10 %, salt 1 %. Stir everything but the salt, cover and ferment for 48 hours at room temperature. Stir in the salt. Pour 150 g of batter in a spiral onto the hot plate, wait until holes appear, lid on, 2 minutes. Never turned.`,
    pct: { 'teff flour': 100, water: 150, starter: 10, salt: 1 },
    kinds: 'mix proof mix divide shape cook',
    rests: [2880],
    cook: [120],
    pieceG: 150,
  },
  {
    manner: 'one paragraph',
    text: `Hi Lena, the potato farls are easy: mash 500 g of boiled potatoes while they are hot with 30 g butter and a teaspoon of salt, work in 120 g plain flour with your hands, pat it out on a floured board to a round a centimetre thick, cut it into eight farls and cook them on a dry griddle, medium heat, four minutes each side. Eat with butter!`,
    pct: { 'plain flour': 100, 'boiled potatoes': 416.7, butter: 25 },
    kinds: 'mix shape divide cook',
    rests: [],
    cook: [240, 240],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['salt'],
  },
  {
    manner: 'one paragraph',
    text: `Msemen. I knead 250 g plain flour and 250 g fine semolina with 10 g salt and about 320 ml warm water for a quarter of an hour, until it is really soft, and divide it in 10 balls. Well oiled, they rest for 20 minutes. Each ball is flattened with oiled hands as thin as paper, dotted with butter and a pinch of semolina, folded in three like a letter and in three again to make a square. After ten minutes of rest I press the squares to 16 cm and cook them in a hot pan, 3 minutes on each side.`,
    pct: { 'plain flour': 50, 'fine semolina': 50, salt: 2, 'warm water': 64 },
    kinds: 'mix knead divide ball rest shape fill shape rest shape cook',
    rests: [20, 10],
    cook: [180, 180],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'a web page',
    text: `<div class="recipe"><h2>Three-ingredient flatbreads</h2><p>Ready in 20 minutes.</p><ul class="ingredients"><li><b>250g</b> self-raising flour, plus extra for dusting</li><li><b>250g</b> thick yogurt</li><li><b>½ tsp</b> salt</li></ul><ol><li><p>Tip everything into a bowl and mix to a rough dough.</p></li><li><p>Knead on a floured surface for 2 minutes.</p></li><li><p>Split into 6 pieces and roll each into an 18cm circle.</p></li><li><p>Heat a non-stick pan over a high heat. Cook the flatbreads one at a time for 2 mins per side.</p></li></ol><p class="tip">Tip: They freeze well for up to 3 months.</p></div>`,
    pct: { 'plain flour': 100, 'thick yogurt': 105 },
    kinds: 'mix knead divide roll cook',
    rests: [],
    cook: [120, 120],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['salt'],
  },
  {
    manner: 'a web page',
    text: `<main><h1>Chickpea socca</h1><dl><dt>Chickpea flour</dt><dd>150 g</dd><dt>Water</dt><dd>300 g</dd><dt>Olive oil</dt><dd>30 g</dd><dt>Salt</dt><dd>4 g</dd></dl><p>Whisk the flour with the water, the oil and the salt until smooth.<br/>Leave to stand for 2 hours.<br/>Heat a 25 cm pan with a little oil, pour in a third of the batter and cook 3 minutes until set.<br/>Flip, cook 2 minutes more.</p></main>`,
    pct: { 'chickpea flour': 100, water: 200, 'olive oil': 20, salt: 2.7 },
    kinds: 'mix rest divide shape cook',
    rests: [120],
    cook: [180, 120],
    allergens: [],
  },
  {
    manner: 'structured data',
    text: `{"@context":"https://schema.org/","@graph":[{"@type":"WebPage","name":"Flour and fire"},{"@type":"Recipe","name":"Laffa","recipeYield":"6 breads","prepTime":"PT2H","cookTime":"PT15M","recipeIngredient":["500 g bread flour","325 g water","10 g salt","5 g instant yeast","15 g olive oil"],"recipeInstructions":[{"@type":"HowToStep","name":"Mix","text":"Mix all ingredients for 4 minutes."},{"@type":"HowToStep","name":"Knead","text":"Knead for 8 minutes."},{"@type":"HowToStep","name":"Bulk","text":"Let it rise for 1 hour and 15 minutes."},{"@type":"HowToStep","name":"Divide","text":"Divide into 6 and form balls; rest 20 minutes."},{"@type":"HowToStep","name":"Stretch","text":"Stretch over your fists to about 25 cm."},{"@type":"HowToStep","name":"Bake","text":"Lay on the hot dome and bake 1 minute; turn and bake 30 seconds."}]}]}`,
    pct: { 'bread flour': 100, water: 65, salt: 2, 'instant yeast': 1, 'olive oil': 3 },
    kinds: 'mix knead proof divide ball rest shape cook',
    rests: [75, 20],
    cook: [60, 30],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'structured data',
    text: `{"@type":"Recipe","name":"Gluten-free buckwheat wraps","recipeYield":"8","recipeIngredient":["200 g buckwheat flour","50 g tapioca starch","450 ml water","1 egg","1 tsp salt","1 tbsp sunflower oil"],"recipeInstructions":"Whisk all the ingredients to a thin batter.\\nLet it rest for 30 minutes.\\nLadle about 85 g into a hot greased pan and swirl it to 24 cm.\\nCook for 1 minute 30 seconds, turn over and cook for 1 minute."}`,
    pct: { 'buckwheat flour': 80, 'tapioca starch': 20, water: 180 },
    kinds: 'mix rest divide shape cook',
    rests: [30],
    cook: [90, 60],
    pieceG: 85,
    allergens: ['egg'],
    others: ['egg', 'salt', 'sunflower oil'],
  },
  {
    manner: 'a scan',
    text: `COTTAGE KITCHEN NOTES          12

Barley Bannocks. - To half a
pound of barley meal and four
ounces of flour put a teaspoon-
ful of salt and one of baking
soda. Make into a soft dough
with three-quarters of a pint of
buttermilk. Turn on to a floured
board, roll out half an inch
thick and cut into rounds the
size of a saucer. Bake on a hot
girdle five minutes on each
side.`,
    pct: { 'barley meal': 66.7, flour: 33.3 },
    kinds: 'mix roll divide cook',
    rests: [],
    cook: [300, 300],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['salt', 'baking soda', 'buttermilk'],
  },
  {
    manner: 'a scan',
    text: `TORTILLAS  (4O pieces)

Plain fIour        l.2 kg
Lard               150 g
Salt               24 g
Baking powder      l2 g
Hot water          65O g

Rub in the lard. Add the water
and knead 5 minutes. Rest 30
min. Divide into 40 balls of
about 5O g. Rest l0 min. Roll
to 18 cm. Hot plate 30 sec, turn,
3O sec.`,
    pct: { 'plain flour': 100, lard: 12.5, salt: 2, 'baking powder': 1, 'hot water': 54.2 },
    kinds: 'mix mix knead rest divide ball rest roll cook',
    rests: [30, 10],
    cook: [30, 30],
    pieceG: 50,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `Dictated on the train: six hundred grams of bread flour, three hundred ninety of water, twelve of salt, six of instant yeast and twenty of honey. Mix for three minutes, knead for nine. First rise seventy minutes. Cut into eight, round them up, a quarter of an hour on the bench. Press them out to sixteen centimetres. Griddle: two minutes, turn, a minute and a half.`,
    pct: { 'bread flour': 100, water: 65, salt: 2, 'instant yeast': 1, honey: 3.3 },
    kinds: 'mix knead proof divide ball rest shape cook',
    rests: [70, 15],
    cook: [120, 90],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `Corn cakes by heart. Two cups of cornmeal, half a cup of flour, a teaspoon of salt, two teaspoons of baking powder, an egg, a cup and a half of milk, a quarter cup of melted butter. Stir it all together and let it sit for five minutes. Spoon on to a greased griddle, about three tablespoons a cake, and cook for two minutes; turn them and give them another minute.`,
    pct: { cornmeal: 82.1 },
    kinds: 'mix rest divide shape cook',
    rests: [5],
    cook: [120, 60],
    allergens: ['egg', 'gluten', 'milk', 'wheat'],
    others: ['cornmeal', 'flour', 'salt', 'baking powder', 'egg', 'milk', 'melted butter'],
  },
  {
    manner: 'parts by vessel',
    text: `3 cups flour
1 cup yogurt
1/2 cup water
1 tsp salt
2 tsp baking powder
2 tbsp oil

Mix to a soft dough, knead 3 minutes. Cover 20 minutes. Pinch off 10 balls. Roll flat, 15 cm. Dry pan, medium-high, 1½ minutes, flip, 1 minute.`,
    pct: { flour: 100 },
    kinds: 'mix knead rest ball roll cook',
    rests: [20],
    cook: [90, 60],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['yogurt', 'water', 'salt', 'baking powder', 'oil'],
  },
  {
    manner: 'parts by vessel',
    text: `Grandfather measured with his coffee cup: five cups of flour, two cups of water, a spoon of salt, a walnut of yeast. He mixed and kneaded for as long as a pipe lasted, say 12 minutes, let it rise 2 hours under his coat, tore it in ten, patted each as wide as his hand (18 cm) and baked them on the stove top, 3 minutes a side.`,
    pct: { flour: 100 },
    kinds: 'mix knead proof divide shape cook',
    rests: [120],
    cook: [180, 180],
    allergens: ['gluten', 'wheat'],
    others: ['water', 'salt', 'yeast'],
  },
  {
    manner: 'decimal commas',
    text: `Chapati für 12 (Kursblatt)
Atta 0,6 kg
Wasser 0,4 l
Salz 9 g
Öl 1,5 EL

Mix, knead 8 min, rest 30 min. Divide into 24 x 42 g, ball. Roll 15 cm. Tawa 30 s, turn, 30 s, flame 5 s.`,
    pct: { atta: 100 },
    kinds: 'mix knead rest divide ball roll cook',
    rests: [30],
    cook: [30, 30, 5],
    pieceG: 42,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'decimal commas',
    text: `Tunnbröd, 20 pcs: rye flour 0,3 kg, wheat flour 0,7 kg, milk 0,55 kg, butter 0,06 kg, salt 15,5 g, fresh yeast 22,5 g. Mix 4 min, proof 45 min, divide 80 g, round, rest 10 min, roll 26 cm, dock, bake 1,5 min and 0,5 min on the stone.`,
    pct: { 'rye flour': 30, 'wheat flour': 70, milk: 55, butter: 6, salt: 1.55, 'fresh yeast': 2.25 },
    kinds: 'mix proof divide ball rest roll cook',
    rests: [45, 10],
    cook: [90, 30],
    pieceG: 80,
    allergens: ['gluten', 'milk', 'wheat'],
  },
];
