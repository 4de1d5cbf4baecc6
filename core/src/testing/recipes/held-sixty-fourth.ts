import type { RecipeText } from './recipe-text.ts';

/** A sixty-fourth lot whose expectation was written before the reader saw it: with the asides that teachers write, two of each common manner. */
export const SIXTY_FOURTH: readonly RecipeText[] = [
  {
    manner: 'a handout',
    text: `Griddle naan with nigella
Makes 8 (two each, if you are four)

For the dough:
500 g strong white flour, plus a little for rolling
7 g instant yeast
10 g salt
10 g sugar
150 g natural yoghurt
200 g warm milk
30 g oil

To finish:
40 g melted butter
1 tbsp nigella seeds

1. Mix the flour, yeast, salt and sugar. Stir in the yoghurt, milk and oil until you have a soft, slightly sticky dough.
2. Knead for 8–10 minutes. It will become smooth; resist adding flour.
3. Cover and leave to rise until doubled, about 1 hour.
4. Knock back, divide into 8 and shape into balls. Rest for 10 minutes.
5. Roll into ovals about 22 cm long.
6. Get your griddle really hot. Cook each naan for about 1 1/2 minutes, until it bubbles, then flip and cook for 1 minute more.
7. Brush with the butter and scatter over the nigella seeds.`,
    pct: {
      'strong white flour': 100,
      'instant yeast': 1.4,
      salt: 2,
      sugar: 2,
      'natural yoghurt': 30,
      'warm milk': 40,
      oil: 6,
    },
    kinds: 'mix knead proof knead divide ball rest roll cook finish',
    rests: [60, 10],
    cook: [90, 60],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['nigella', 'butter'],
  },
  {
    manner: 'a handout',
    text: `Corn tortillas (ask if you have never used a press!)

2 cups (240 g) masa harina
1 1/2 cups (340 g) warm water
a good pinch of salt

Mix everything in a bowl and knead for 2–3 minutes; the dough should feel like modelling clay. If it cracks, add a spoonful of water.
Cover with a damp cloth and rest for 20 minutes.
Divide into 16 balls.
Press each ball between two sheets of plastic to about 14 cm.
Cook on a dry, hot griddle: 30 seconds, flip, 60 seconds, flip, 15 seconds.
Stack in a cloth.`,
    pct: { 'masa harina': 100, 'warm water': 141.7 },
    kinds: 'mix knead rest divide ball shape cook finish',
    rests: [20],
    cook: [30, 60, 15],
    allergens: [],
    others: ['salt'],
  },
  {
    manner: 'a table',
    text: `Ingredient | Per person | For 12
--- | --- | ---
Bread flour | 120 g | 1440 g
Water | 76 g | 912 g
Salt | 2.4 g | 29 g
Yeast | 1.2 g | 14.4 g
Oil | 6 g | 72 g

Method: mix and knead 10 min, prove 50 min, divide each dough in two, ball, rest 10 min, roll to 16 cm, griddle 1 min per side.`,
    pct: { 'bread flour': 100, water: 63.3, salt: 2, yeast: 1, oil: 5 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [50, 10],
    cook: [60, 60],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a table',
    text: `Wholemeal wraps – timetable

18:30 Welcome, aprons, hands
18:40 Mix: 300 g wholemeal flour, 190 g water, 25 g oil, 5 g salt
18:45 Knead for 5 minutes
18:50 Rest for 30 minutes (tea)
19:20 Divide into 8, shape into balls
19:30 Roll to 18 cm
19:40 Cook on hot griddles, 40 seconds each side
20:00 Eat and tidy up`,
    pct: { 'wholemeal flour': 100, water: 63.3, oil: 8.3, salt: 1.7 },
    kinds: 'mix knead rest divide ball roll cook',
    rests: [30],
    cook: [40, 40],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Our house flatbread in baker's percentages: strong flour 85 %, rye 15 %, water 67 %, salt 2 %, fresh yeast 1.5 %, rapeseed oil 3 %. Mix for 4 minutes and knead for 6. Prove for an hour and a quarter. Scale at 120 g, round, and rest for 20 minutes. Roll to 20 cm and cook on a hot griddle for 70 seconds, then 50 seconds on the other side.`,
    pct: { 'strong flour': 85, rye: 15, water: 67, salt: 2, 'fresh yeast': 1.5, 'rapeseed oil': 3 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [75, 20],
    cook: [70, 50],
    pieceG: 120,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Soda farls
Plain flour 100
Buttermilk 72
Bicarbonate of soda 1.5
Salt 1.2

Stir together quickly, turn out, pat into a round 2 cm thick and cut into quarters. Cook on a medium griddle for 7 minutes on each side.`,
    pct: { 'plain flour': 100, buttermilk: 72, 'bicarbonate of soda': 1.5, salt: 1.2 },
    kinds: 'mix shape divide cook',
    rests: [],
    cook: [420, 420],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `I learned this one in a mountain village. Put 400 g of wholemeal flour and 6 g of salt in a wide bowl, pour in about 260 g of warm water and mix with your hand. Knead for six minutes, put a damp cloth over it and let it rest for half an hour. Then divide it into ten, roll each piece into a ball and roll the balls out to 17 cm. Cook them on a hot iron plate, 40 seconds on the first side and 50 seconds on the second, and keep them wrapped in a cloth.`,
    pct: { 'wholemeal flour': 100, salt: 1.5, 'warm water': 65 },
    kinds: 'mix knead rest divide ball roll cook finish',
    rests: [30],
    cook: [40, 50],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `Dissolve 5 g of instant yeast in 330 g of lukewarm water, add 500 g of bread flour, 10 g of salt and 20 g of olive oil, and mix until there is no dry flour left. Leave it for fifteen minutes, then knead for five minutes and let it rise for an hour. Divide into eight, shape into balls and let them relax for fifteen minutes. Stretch each one to about 18 cm and cook it on a very hot griddle for a minute and a half on the first side and a minute on the second.`,
    pct: { 'bread flour': 100, 'instant yeast': 1, 'lukewarm water': 66, salt: 2, 'olive oil': 4 },
    kinds: 'mix rest knead proof divide ball rest shape cook',
    rests: [15, 60, 15],
    cook: [90, 60],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a web page',
    text: `<html><head><title>The best potato roti | Blue Door Kitchen</title></head><body><h1>The best potato roti</h1><p>I have made these for years and my children still fight over the last one.</p><h2>Ingredients</h2><ul><li>250 g atta, plus extra for dusting</li><li>200 g cooked potato, mashed</li><li>60 ml warm water</li><li>4 g salt</li><li>1 tsp cumin seeds</li><li>20 g ghee, for brushing</li></ul><h2>Method</h2><ol><li>Put the atta, potato, salt and cumin in a bowl and rub together with your fingers. Add the water a little at a time and knead to a soft dough, about 4 minutes.</li><li>Cover and leave to rest for 15 minutes.</li><li>Divide into 8 and roll into balls. Dust with flour and roll out to 15 cm.</li><li>Cook on a hot tawa for 1 minute, flip, brush with ghee and cook for another minute.</li></ol></body></html>`,
    pct: { atta: 100, 'cooked potato': 80, 'warm water': 24, salt: 1.6 },
    kinds: 'mix knead rest divide ball roll cook',
    rests: [15],
    cook: [60, 60],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['cumin', 'ghee'],
  },
  {
    manner: 'a web page',
    text: `<div class="post"><h1>No-knead skillet flatbreads</h1><p>Prep 10 min &bull; Rest overnight &bull; Makes 6</p><h2>You will need</h2><ul><li>400 g bread flour</li><li>300 g water</li><li>8 g salt</li><li>2 g instant yeast</li></ul><h2>Method</h2><p>The night before, stir everything together, cover and leave at room temperature for 10 to 12 hours.</p><p>The next day, tip the dough onto a floured board, divide into 6 and shape into rough balls. Leave for 30 minutes.</p><p>Stretch each to 16 cm and cook in a hot dry skillet for 2 minutes per side.</p></div>`,
    pct: { 'bread flour': 100, water: 75, salt: 2, 'instant yeast': 0.5 },
    kinds: 'mix proof divide ball rest shape cook',
    rests: [660, 30],
    cook: [120, 120],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'structured data',
    text: `{"@context":"https://schema.org","@type":"Recipe","name":"Garlic yoghurt flatbreads","recipeYield":"6","recipeIngredient":["300g plain flour","2 tsp baking powder","1/2 tsp salt","250g Greek yoghurt","2 garlic cloves, crushed","30g butter, melted"],"recipeInstructions":[{"@type":"HowToStep","text":"Mix the flour, baking powder, salt and yoghurt to a dough. Knead for 2 minutes, then rest for 15 minutes."},{"@type":"HowToStep","text":"Stir the garlic into the melted butter."},{"@type":"HowToStep","text":"Divide the dough into 6 and roll each piece out to 16cm."},{"@type":"HowToStep","text":"Cook in a hot dry frying pan for 2 minutes on each side, then brush with the garlic butter."}]}`,
    pct: { 'plain flour': 100, 'greek yoghurt': 83.3 },
    kinds: 'mix knead rest prepare divide roll cook finish',
    rests: [15],
    cook: [120, 120],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['baking powder', 'salt', 'garlic', 'butter'],
  },
  {
    manner: 'structured data',
    text: `{"@context":"https://schema.org","@type":"Recipe","name":"Cheese and chive naan","recipeYield":"8 naan","recipeIngredient":["450 g strong white flour","7 g instant yeast","9 g salt","150 g yoghurt","180 g water","25 g oil","150 g grated cheese","15 g chives"],"recipeInstructions":[{"@type":"HowToSection","name":"Make the dough","itemListElement":[{"@type":"HowToStep","text":"Mix the flour, yeast, salt, yoghurt, water and oil and knead for 8 minutes."},{"@type":"HowToStep","text":"Prove for 1 hour."}]},{"@type":"HowToSection","name":"Fill and cook","itemListElement":[{"@type":"HowToStep","text":"Mix the cheese and chives."},{"@type":"HowToStep","text":"Divide the dough into 8 balls, flatten each, fill with the cheese mixture and seal."},{"@type":"HowToStep","text":"Rest for 10 minutes, then roll out to 18 cm."},{"@type":"HowToStep","text":"Cook on a hot griddle for 2 minutes per side."}]}]}`,
    pct: { 'strong white flour': 100, 'instant yeast': 1.6, salt: 2, yoghurt: 33.3, water: 40, oil: 5.6 },
    kinds: 'mix knead proof prepare divide ball fill rest roll cook',
    rests: [60, 10],
    cook: [120, 120],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['cheese', 'chive'],
  },
  {
    manner: 'a scan',
    text: `HOME ECONOMICS            Form 4

Scottish Oatcakes

8 oz. medium oatmeal
1 oz. lard, melted
¼ teaspoon salt
¼ teaspoon bicarbonate of soda
about ¼ pint boiling water

Mix the oatmeal, salt and soda. Stir in the
lard and enough boiling water to make a stiff
dough. Knead, roll out to ¼ inch and cut into
8 triangles. Cook on a moderate girdle for 5
minutes on each side.`,
    pct: { 'medium oatmeal': 100, lard: 12.5 },
    // what is mixed in at once is one mixing
    kinds: 'mix knead roll divide cook',
    rests: [],
    cook: [300, 300],
    others: ['salt', 'soda', 'water'],
  },
  {
    manner: 'a scan',
    text: `Baker's notebook                                  p. 18

Wraps for the deli, 40 pieces

Flour T55          2,4OO kg
Water              1,2OO kg
Oil                O,24O kg
Salt               O,O48 kg
Baking powder      O,O24 kg

Mix 6 min. Rest 30 min. Divide 95 g. Round. Rest 15 min.
Roll 24 cm. Griddle 45 s + 30 s.`,
    pct: { 'flour T55': 100, water: 50, oil: 10, salt: 2, 'baking powder': 1 },
    kinds: 'mix rest divide ball rest roll cook',
    rests: [30, 15],
    cook: [45, 30],
    pieceG: 95,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `For eight breads: five hundred grams of flour, three hundred and ten grams of water, ten grams of salt, five grams of dried yeast and a tablespoon of olive oil. Knead for ten minutes and let it rise for an hour. Divide into eight, shape into balls, and leave to rest for fifteen minutes. Roll to eighteen centimetres and cook for about a minute on each side.`,
    pct: { flour: 100, water: 62, salt: 2, 'dried yeast': 1 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [60, 15],
    cook: [60, 60],
    others: ['olive oil'],
  },
  {
    manner: 'words for numbers',
    text: `One kilo of wholemeal flour, six hundred and fifty grams of water and fifteen grams of salt. Knead for seven minutes. Rest for half an hour under a cloth. Make twenty-five balls, roll them to fifteen centimetres and cook on a hot tawa for thirty seconds, turn, and forty seconds more.`,
    pct: { 'wholemeal flour': 100, water: 65, salt: 1.5 },
    kinds: 'mix knead rest ball roll cook',
    rests: [30],
    cook: [30, 40],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'parts by vessel',
    text: `You don't need scales for this one! Use any mug:

3 mugs of flour
1 mug of warm water
1/4 mug of oil
1 teaspoon of salt
1 teaspoon of baking powder

Mix it all up and knead for 3 minutes. Let it rest for 20 minutes under the mug's biggest friend, the bowl. Divide into 10, roll out to about 16 cm and cook in a hot pan, about 45 seconds per side.`,
    pct: { flour: 100 },
    kinds: 'mix knead rest divide roll cook',
    rests: [20],
    cook: [45, 45],
    others: ['water', 'oil', 'salt', 'baking powder'],
  },
  {
    manner: 'parts by vessel',
    text: `Pancake-style flatbread: one cup of flour, one cup of milk, one egg, half a teaspoon of salt. Whisk, rest for 20 minutes, pour a small ladleful into a hot buttered pan, tilt to 18 cm, 1 minute, turn, 30 seconds.`,
    pct: { flour: 100 },
    kinds: 'mix rest divide shape cook',
    rests: [20],
    cook: [60, 30],
    allergens: ['egg', 'gluten', 'milk', 'wheat'],
    others: ['salt'],
  },
  {
    manner: 'decimal commas',
    text: `Griddle breads for the group (Rezept / recipe)

1,5 kg Mehl (flour)
0,95 l Wasser (water)
30,0 g Salz (salt)
15,0 g Trockenhefe (dry yeast)
0,06 l Olivenöl (olive oil)

Mix and knead for 8,5 minutes. Let rise for 1,5 hours. Divide into 24, shape into balls, rest 0,25 h. Roll to 17,5 cm. Cook 1,25 minutes on each side.`,
    pct: { flour: 100, water: 63.3, salt: 2, 'dry yeast': 1, 'olive oil': 3.7 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [90, 15],
    cook: [75, 75],
  },
  {
    manner: 'decimal commas',
    text: `Farina 1,00 kg, acqua 0,55 kg, strutto 0,12 kg, sale 0,02 kg (flour, water, lard, salt). Knead 6,5 min, rest 0,75 h, divide into 14 balls, rest 0,25 h, roll 23,5 cm, cook 1,5 min per side.`,
    pct: { flour: 100, water: 55, lard: 12, salt: 2 },
    kinds: 'mix knead rest divide ball rest roll cook',
    rests: [45, 15],
    cook: [90, 90],
  },
];
