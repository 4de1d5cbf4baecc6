/** One invented recipe in a manner in which people write, and what must come out of it. */
export interface RecipeCase {
  readonly manner: string;
  readonly text: string;
  readonly family?: string;
  /** Baker's percentages by ingredient, within a twentieth of each (or 0.1). */
  readonly pct?: Readonly<Record<string, number>>;
  /** Grams a piece of what is used outside the dough, by use; within a twentieth. */
  readonly outside?: Readonly<Record<string, number>>;
  readonly doughG?: number;
  /** Kinds of the steps in order. */
  readonly kinds?: string;
  /** Windows of the rests in order: least/ideal/most in minutes. */
  readonly windows?: readonly string[];
  /** Seconds of the phases of the first cook step. */
  readonly phases?: readonly number[];
  /** Each must match one guess, as "path: from | why". */
  readonly guesses?: readonly RegExp[];
  readonly conflicts?: readonly RegExp[];
  /** What must not be pointed out as disagreeing: by default nothing is. */
  readonly notUnderstood?: readonly RegExp[];
}

const METHOD = `Method
Mix everything to a dough and knead for 5 minutes. Rest for 30 minutes. Divide into 8 pieces, roll out and cook for 1 minute a side.`;

/** Forty-odd invented recipes. Names, people and formulas are made up. */
export const RECIPE_CASES: readonly RecipeCase[] = [
  {
    manner: 'grams, headings, numbered steps',
    text: `Millrace rounds
Makes 8

Ingredients
500 g plain flour
300 ml warm water
30 g rapeseed oil
9 g salt

Method
1. Mix everything for 5 minutes.
2. Knead for 8 minutes until smooth.
3. Cover and rest for 30 minutes.
4. Divide into 8 pieces.
5. Roll out to 18 cm.
6. Cook on a medium griddle for 75 seconds, turn, and cook 50 seconds more.`,
    family: 'unleavened',
    pct: { 'plain flour': 100, 'warm water': 60, 'rapeseed oil': 6, salt: 1.8 },
    doughG: 101.8,
    kinds: 'mix knead rest divide roll cook',
    windows: ['30/30/60'],
    phases: [75, 50],
    guesses: [/^steps\[2\]\.window: 30 minutes \| one time is said/],
  },
  {
    manner: 'US cups, ounces and °F, a range of yield',
    text: `Porch flatbreads
Yield: 8 to 10 flatbreads

2 1/2 cups all-purpose flour
1 tsp baking powder
1 teaspoon salt
2 tbsp vegetable oil
3/4 cup hot water

Directions
Combine flour, baking powder and salt. Add the oil and hot water and stir to a dough. Knead 5 min. Let rest 20 to 30 minutes. Divide into pieces and roll out thin. Cook on a hot griddle about 1 minute per side.`,
    family: 'chemical',
    pct: { 'all-purpose flour': 100, 'baking powder': 1.33, salt: 2, 'hot water': 59.1, 'vegetable oil': 8.25 },
    windows: ['20/25/30'],
    phases: [60, 60],
    guesses: [
      /^piece\.doughG: .*8 to 10.* \| "8 to 10" is taken as 9/,
      /^ingredients: cups and spoons \| taken as US measures/,
      /^ingredients\[0\]\.pct: 2 1\/2 cups.* \| a us cup of plain flour is taken as 120 g, give or take 10 %/,
    ],
  },
  {
    manner: 'metric spoons, dessertspoon and sachet',
    text: `Quick soft breads (makes 6)
400g strong white flour
1 x 7g sachet fast-action yeast
1 dessertspoon honey
1 tsp fine salt
260ml warm milk
Method
Mix to a soft dough, knead 10 minutes. Leave to rise in a warm place for about 1½–2 hours until doubled. Divide into 6. Roll each to 16 cm and cook 2–3 minutes a side.`,
    family: 'yeasted',
    pct: { 'strong white flour': 100, 'fast-action yeast': 1.75, honey: 3.55, 'fine salt': 1.5, 'warm milk': 66.95 },
    windows: ['90/105/120'],
    phases: [150, 150],
  },
  {
    manner: 'in parts, with one vessel',
    text: `Grandmother's way: 3 glasses of flour, 1 glass of water, half a glass of oil, a pinch of salt. Mix, knead for 5 minutes, rest half an hour. Roll out thin and cook on a dry griddle a few seconds a side.`,
    family: 'unleavened',
    pct: { flour: 100, water: 65.7, oil: 30.2 },
    windows: ['30/30/60'],
    phases: [6, 6],
    guesses: [
      /a glass is taken as 200 ml/,
      /a few seconds.*3 to 12 s/,
      /no number of pieces is told/,
      /a pinch is taken as 0\.35 g/,
    ],
  },
  {
    manner: 'flour in three goes',
    text: `Soft squares
Makes 8
600 g bread flour
380 ml warm water
10 g salt
7 g dried yeast
Method
Stir the yeast, salt and water together. Add the flour in three goes, mixing well each time. Knead for 6 minutes. Leave to prove for 1 hour. Divide into 8, roll out and cook 2 minutes on each side.`,
    pct: { 'bread flour': 100, 'warm water': 63.3 },
    guesses: [/in 3 goes \| added bit by bit/],
  },
  {
    manner: 'half now, the rest at the end',
    text: `Field rounds
500 g plain flour
320 ml water
8 g salt
Method
Put the flour and salt in a bowl. Add half of the water now and the rest at the end, mix and knead for 8 minutes. Rest for 45 minutes. Divide into 10 balls. Roll out. Cook for 1 minute a side.`,
    guesses: [/holdBackPct: half of the water \| the rest comes later: 50 % is kept back/],
  },
  {
    manner: 'heaped and level spoons',
    text: `Tea rounds, makes 6
300 g plain flour
1 heaped teaspoon baking powder
1 level tsp salt
180 ml milk
${METHOD.replace('8 pieces', '6 pieces')}`,
    pct: { 'baking powder': 2.03, salt: 2.03 },
    guesses: [/heaped measure is taken as one and a half/],
  },
  {
    manner: 'flaky salt against fine salt',
    text: `Salted rounds
500 g strong white flour
310 ml water
2 tsp flaky sea salt
1 tsp fine salt
${METHOD}`,
    pct: { 'flaky sea salt': 1.22, 'fine salt': 1.22 },
  },
  {
    manner: 'self-raising flour',
    text: `Five-minute breads
makes 4
210 g self-raising flour
150 g natural yoghurt
pinch of salt
Method
Mix together, knead for 2 minutes. Divide into 4, roll out to 1 cm thick and cook for 2 minutes per side.`,
    family: 'chemical',
    pct: { 'plain flour': 100, 'baking powder': 5, 'natural yoghurt': 75 },
    guesses: [/self-raising flour is taken as plain flour with 5 % baking powder/],
  },
  {
    manner: 'at least … better …',
    text: `Oil leaves
250 g bread flour
140 ml water
15 g oil
4 g salt
Method
Mix and knead for 10 minutes. Rest the dough at least 2 hours, better 3 hours. Divide into 4 balls. Stretch each very thin and cook for 2 minutes a side.`,
    windows: ['120/180/360'],
    guesses: [/longest time is not said/],
  },
  {
    manner: 'meanwhile: a side job',
    text: `Herb rounds
Makes 6
300 g plain flour
180 ml water
6 g salt
50 g butter
20 g chopped parsley
Method
Mix the flour, water and salt. Knead for 5 minutes. Rest for 40 minutes. Meanwhile, melt the butter and stir in the parsley, about 5 minutes. Divide into 6 and roll out. Cook for 1 minute a side. Brush with the herb butter.`,
    kinds: 'mix knead rest prepare divide roll cook finish',
    guesses: [/before: Meanwhile/],
  },
  {
    manner: 'griddle oil and finishing butter used and never listed',
    text: `Plain rounds
Makes 5
250 g plain flour
150 ml water
5 g salt
Method
Mix and knead for 5 minutes. Rest for 20 minutes. Divide into 5 and roll out on a floured surface. Oil the griddle and cook for 1 minute a side. Brush with melted butter.`,
    outside: { griddle: 2, dust: 5, finish: 4 },
    guesses: [
      /Oil the griddle \| oil: used in the method and never listed/,
      /Brush with melted butter \| melted butter: used in the method and never listed/,
    ],
  },
  {
    manner: 'listed and never used',
    text: `Seeded rounds
300 g plain flour
190 ml water
6 g salt
2 tbsp sesame seeds
Method
Mix the flour, salt and water. Knead 6 minutes. Rest 30 minutes. Divide into 6, roll out and cook 1 minute a side.`,
    conflicts: [/^ingredients\[3\]: sesame seeds is listed and never used/],
  },
  {
    manner: 'centimetres and inches that disagree',
    text: `Wide rounds
500 g plain flour
300 g water
10 g salt
Method
Mix and knead for 5 minutes. Rest for 30 minutes. Divide into 8. Roll to 19 cm (9 inch). Cook 1 minute a side.`,
    conflicts: [/19 cm \(9 inch\).*9 in is 22\.9 cm, not 19 cm/],
  },
  {
    manner: '°F and °C that disagree',
    text: `Hot oil rounds
500 g plain flour
300 g water
10 g salt
Method
Mix and knead for 5 minutes. Rest for 30 minutes. Divide into 8 and roll out. Heat the oil at 350 °F (160 °C) and fry for 1 minute a side.`,
    conflicts: [/350 °F is 177 °C, not 160 °C/],
  },
  {
    manner: '°C and °F that agree',
    text: `Warm rounds
500 g plain flour
300 ml water at 40 °C (104 °F)
10 g salt
7 g dry yeast
Method
Mix and knead for 8 minutes. Prove for 1 hour. Divide into 8 and roll to 20 cm (8 in). Cook 90 seconds a side.`,
  },
  {
    manner: 'grams and ounces that disagree',
    text: `Market rounds
500g / 1 lb plain flour
300 ml water
9 g salt
${METHOD}`,
    pct: { 'plain flour': 100, water: 60 },
    conflicts: [/500 g is 500 g, 1 lb is 454 g/],
  },
  {
    manner: 'yield that does not go with the weights',
    text: `Little rounds
Makes 12
300 g plain flour
180 ml water
6 g salt
Method
Mix, knead for 5 minutes, rest 30 minutes. Divide into balls of 80 g. Roll out and cook 1 minute a side.`,
    conflicts: [/the dough weighs 486 g: 5\.9 pieces of 80 g, not 12/],
  },
  {
    manner: 'yield against the dividing',
    text: `Odd rounds
Makes 8
400 g plain flour
240 ml water
8 g salt
Method
Mix, knead for 5 minutes, rest 30 minutes. Divide into 6 equal pieces. Roll out and cook 1 minute a side.`,
    conflicts: [/said to make 8, but is divided into 6/],
  },
  {
    manner: 'total time that the steps do not fit in',
    text: `Fast rounds
Makes 8. Ready in 30 minutes.
400 g plain flour
240 ml water
7 g instant yeast
8 g salt
Method
Mix and knead for 10 minutes. Leave to rise for 1 hour. Divide into 8, roll out and cook for 2 minutes a side.`,
    conflicts: [/Ready in 30 minutes.*its steps take/],
  },
  {
    manner: 'woken yeast',
    text: `Barley cakes
makes 6 cakes
1 tsp dry yeast
1 tsp sugar
300 ml warm water
300 g strong flour
150 g barley flour
8 g salt
Method
Dissolve the yeast and sugar in the warm water and leave for 10 minutes until frothy. Add the flours and salt and mix to a wet dough. Leave to rise for 45 minutes. Divide into 6, shape into rounds and cook 4 minutes a side on a low heat.`,
    family: 'yeasted',
    pct: { 'strong flour': 66.67, 'barley flour': 33.33, 'warm water': 66.6 },
    kinds: 'mix bloom mix proof divide shape cook',
    windows: ['10/10/20', '45/45/90'],
    phases: [240, 240],
  },
  {
    manner: 'scalded dough',
    text: `Scald wraps
Makes 10
400 g plain flour
260 ml boiling water
20 g oil
7 g salt
Method
Pour over the boiling water and stir with a spoon. Take care, it is very hot. Leave to cool for 8 minutes. Knead for 3 minutes. Rest 20 minutes. Divide into 10. Roll to 18 cm and cook for 45 seconds a side.`,
    family: 'hot-water',
    kinds: 'mix rest knead rest divide roll cook',
  },
  {
    manner: 'rubbed-in fat',
    text: `Crumbly rounds
450 g plain flour
60 g lard
8 g salt
220 ml warm water
Method
Rub the lard into the flour and salt until like coarse sand. Add the water, mix and knead for 5 minutes. Rest for 30 minutes. Divide into 6 balls. Rest 10 minutes. Roll to 24 cm. Cook 1 minute a side on a very hot griddle.`,
    pct: { lard: 13.33 },
    kinds: 'mix mix knead rest divide ball rest roll cook',
  },
  {
    manner: 'sourdough with an overnight rest',
    text: `Starter rounds
400 g bread flour
120 g ripe starter
200 ml water
24 g olive oil
8 g salt
Method
Mix and knead for 8 minutes. Leave to prove for 4 hours or overnight. Divide into 10 balls and rest for 30 minutes. Roll to 18 cm and cook 2 minutes on the first side, then 1 minute on the second.`,
    family: 'sourdough',
    pct: { 'ripe starter': 30 },
    windows: ['240/240/840', '30/30/60'],
    phases: [120, 60],
  },
  {
    manner: 'chilled and brought back',
    text: `Day-before rounds
500 g plain flour
150 ml milk
150 ml water
5 g instant yeast
9 g salt
Method
Mix and knead for 8 minutes. Chill overnight in the fridge. Bring back to room temperature for 1 hour. Divide into 8. Roll out and cook 2 minutes a side.`,
    kinds: 'mix knead chill temper divide roll cook',
    windows: ['480/600/840', '60/60/120'],
  },
  {
    manner: 'filled, with a heading for the filling',
    text: `Leek half-moons
Makes 6

For the dough
300 g plain flour
175 ml water
5 g salt

For the filling:
250 g mashed potato
120 g chopped leek
½ tsp salt

Method
Mix the dough ingredients and knead for 6 minutes. Rest for 30 minutes. Divide into 6 and roll to 22 cm. Spoon the filling over one half, fold over and seal. Cook for 2 minutes a side.`,
    family: 'filled',
    outside: { fill: 41.67 },
    kinds: 'mix knead rest divide roll fill shape cook',
  },
  {
    manner: 'coiled, with fat between the layers',
    text: `Coils
400 g plain flour
230 ml hot water
20 g oil
6 g salt
60 g soft butter, for the layers
Method
Mix with the hot water, knead for 6 minutes, rest 30 minutes. Divide into 4 and roll out thin. Spread with butter, roll up and coil. Rest 15 minutes. Roll to 18 cm. Cook 3 minutes a side under a lid.`,
    family: 'laminated',
    outside: { layer: 15 },
    kinds: 'mix knead rest divide roll fill coil rest roll cook',
    windows: ['30/30/60', '15/15/30'],
  },
  {
    manner: 'gluten-free',
    text: `Buckwheat wraps
Makes 8
240 g buckwheat flour
80 g rice flour
80 g tapioca starch
320 ml warm water
40 ml oil
1 tsp salt
Method
Mix to a paste. Chill for 1 hour. Divide into 8. Roll between two papers to 18 cm. Cook 30 seconds a side.`,
    family: 'gluten-free',
    pct: { 'buckwheat flour': 60, 'rice flour': 20, 'tapioca starch': 20 },
  },
  {
    manner: 'amounts behind the names, with dashes and colons',
    text: `Notebook bread
Flour – 500 g
Water: 310 ml
Salt - 10 g
Oil: 2 tbsp
${METHOD}`,
    pct: { flour: 100, water: 62, salt: 2, oil: 5 },
  },
  {
    manner: 'decimal commas and kilograms',
    text: `Feast bread
1,5 kg bread flour
0,95 l water
30 g salt
${METHOD.replace('8 pieces', '24 pieces')}`,
    pct: { 'bread flour': 100, water: 63.3, salt: 2 },
  },
  {
    manner: 'bullets and odd spaces',
    text: `• 500g   plain flour
• 300ml water
• 1½ tsp salt

${METHOD}`,
    pct: { 'plain flour': 100, water: 60, salt: 1.83 },
    guesses: [/^name: .*no title/],
  },
  {
    manner: 'three eggs, counted in words',
    text: `Egg rounds
Makes 10
500 g plain flour
three eggs
150 ml milk
8 g salt
Method
Mix and knead for 5 minutes. Rest for 30 minutes. Divide into 10, roll out and cook 1 minute a side.`,
    pct: { egg: 30, milk: 30.9 },
    guesses: [/one is taken as 50 g/],
  },
  {
    manner: 'salt without an amount, water as needed',
    text: `Free-hand rounds
400 g plain flour
salt
240 ml water, or as needed
Method
Mix the flour, salt and water and knead for 5 minutes. Rest 30 minutes. Divide into 6, roll out and cook 1 minute a side.`,
    pct: { salt: 2, water: 60 },
    guesses: [/no amount is told; 2 % of the flour is taken/, /added by feel: a tenth is kept back/],
  },
  {
    manner: 'water used and never listed',
    text: `Dry list
400 g plain flour
8 g salt
Method
Mix the flour and salt with enough water to make a dough. Knead 5 minutes. Rest 30 minutes. Divide into 6, roll out and cook 1 minute a side.`,
    pct: { water: 60 },
    guesses: [/water \| used in the method and never listed; 60 % of the flour is taken/],
  },
  {
    manner: 'a food for the dough used and never listed',
    text: `Forgotten sugar
400 g plain flour
240 ml water
7 g instant yeast
8 g salt
Method
Mix the flour, water, yeast, salt and sugar. Knead 8 minutes. Prove 1 hour. Divide into 6, roll out and cook 2 minutes a side.`,
    conflicts: [/sugar is used .* and never listed/],
  },
  {
    manner: 'flour in two lines, one if needed',
    text: `Two flours told twice
350 g plain flour
50 g plain flour, if needed
230 ml water
8 g salt
${METHOD}`,
    pct: { 'plain flour': 100, water: 57.5 },
    guesses: [/it comes in several lines/],
  },
  {
    manner: 'plus extra for dusting',
    text: `Dusted
500 g plain flour, plus extra for dusting
300 ml water
9 g salt
${METHOD}`,
    pct: { 'plain flour': 100 },
    outside: { dust: 5 },
  },
  {
    manner: 'plus an amount for another use',
    text: `Two oils
Makes 8
500 g plain flour
290 ml water
30 g olive oil plus 16 g for brushing
9 g salt
Method
Mix the flour, water, oil and salt. Knead 6 minutes. Rest 30 minutes. Divide into 8, roll out and cook 1 minute a side. Brush with oil.`,
    pct: { 'olive oil': 6 },
    outside: { finish: 2 },
  },
  {
    manner: 'volume and weight in brackets',
    text: `Both ways
2 cups (240 g) plain flour
⅔ cup (160 ml) water
1 tsp (6 g) salt
Method
Mix and knead for 5 minutes. Rest 20 minutes. Divide into 4, roll out and cook 1 minute a side.`,
    pct: { 'plain flour': 100, water: 66.5, salt: 2.5 },
  },
  {
    manner: 'a range of an ingredient',
    text: `Loose water
500 g plain flour
300-340 ml water
10 g salt
${METHOD}`,
    pct: { water: 64 },
    guesses: [/is a range; its middle is taken/],
  },
  {
    manner: 'Australian spoons',
    text: `Station rounds
Australian tablespoons are used.
300 g plain flour
2 tbsp olive oil
170 ml water
5 g salt
Method
Mix and knead for 5 minutes. Rest 30 minutes. Divide into 6, roll out and cook 1 minute a side.`,
    pct: { 'olive oil': 11.2 },
    guesses: [/taken as australian measures/],
    notUnderstood: [/Australian tablespoons are used/],
  },
  {
    manner: 'prose without any list',
    text: `My uncle's bread. Take 500 g flour, 300 ml water and 2 tsp salt, mix well and knead for ten minutes. Let it stand for an hour. Cut into 8 pieces, roll them thin and bake on a hot griddle for a minute a side.`,
    pct: { flour: 100, water: 60, salt: 2.4 },
    windows: ['60/60/120'],
    phases: [60, 60],
  },
  {
    manner: 'until doubled, no time',
    text: `Patience
400 g bread flour
250 ml water
4 g instant yeast
8 g salt
Method
Mix and knead for 8 minutes. Leave to rise until doubled. Divide into 6, roll out and cook 2 minutes a side.`,
    windows: ['45/60/90'],
    guesses: [/the recipe names none; 45 to 90 min is usual/],
  },
  {
    manner: 'chatter around the recipe',
    text: `The best rounds of the valley
I have been making these since the summer of the long rain, when the roof leaked.
My neighbour swears by them.
Ingredients
300 g plain flour
185 ml water
6 g salt
Method
Mix and knead for 6 minutes. Rest 30 minutes. Divide into 5, roll out and cook 1 minute a side.
Notes
They freeze well in a box.`,
    pct: { water: 61.5 },
    notUnderstood: [/summer of the long rain/, /neighbour/, /freeze well/],
  },
  {
    manner: 'whole time with one turn',
    text: `Slow cakes
300 g plain flour
180 ml buttermilk
3 g baking soda
5 g salt
Method
Mix quickly. Pat out and cut into quarters. Cook on a low griddle for 12 minutes in all, turning once.`,
    phases: [360, 360],
    guesses: [/whole time is shared by two sides/],
  },
  {
    manner: 'a food that is not known',
    text: `Strange rounds
300 g plain flour
180 ml water
5 g salt
20 g dulse flakes
Method
Mix the flour, water, salt and dulse. Knead 5 minutes. Rest 30 minutes. Divide into 5, roll out and cook 1 minute a side.`,
    pct: { 'dulse flakes': 6.67 },
    guesses: [/this food is not known/],
  },
];
