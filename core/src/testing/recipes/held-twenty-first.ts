import type { RecipeText } from './recipe-text.ts';

/** A twenty-first lot whose expectation was written before the reader saw it, in the manners in which instructors bring their recipes. */
export const TWENTY_FIRST: readonly RecipeText[] = [
  {
    manner: 'a handout in two languages of measure',
    text: `Windmill flatbreads (8)

For the dough you need:
- 480 g (3 1/2 cups) strong white flour
- 310 g (1 1/4 cups) water, lukewarm
- 9 g (1 1/2 tsp) salt
- 5 g (1 1/2 tsp) instant yeast
- 25 g (2 tbsp) melted butter

How to proceed:
1. Stir flour, yeast and water together and leave for 15 minutes.
2. Knead in the salt and the butter, 6 to 8 minutes.
3. Leave to prove until almost doubled (about 50 minutes).
4. Divide into eight, shape into balls, cover, and rest for 10 minutes.
5. Roll to 19 cm (7 1/2 in).
6. Cook on a hot griddle for 1 minute; turn; cook for a further 45 seconds.`,
    pct: { 'strong white flour': 100, water: 64.6, salt: 1.9, 'instant yeast': 1, 'melted butter': 5.2 },
    kinds: 'mix rest knead proof divide ball rest roll cook',
    rests: [15, 50, 10],
    cook: [60, 45],
    pieceG: 100.6,
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'a table with the total first',
    text: `Dough for 24 breads of 90 g = 2160 g
Flour | 1260 g
Water | 806 g
Salt | 25 g
Yeast | 13 g
Oil | 63 g

Mix 5, knead 7, bulk 60, divide, ball, rest 15, roll 19 cm, cook 55 s and 45 s.`,
    pct: { flour: 100, water: 64, salt: 2, yeast: 1, oil: 5 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [60, 15],
    cook: [55, 45],
    pieceG: 90,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Dough card
Strong flour: 100%
Water: 63%
Yogurt: 8%
Salt: 2%
Instant yeast: 0.6%
Honey: 2%
Mixing 4', kneading 8', bulk 70', scaling 92 g, rounding, bench 12', rolling 20 cm, griddle 60"/45"`,
    pct: { 'strong flour': 100, water: 63, yogurt: 8, salt: 2, 'instant yeast': 0.6, honey: 2 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [70, 12],
    cook: [60, 45],
    pieceG: 92,
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `Combine 420 g of flour, 8 g of salt and 10 g of baking powder, cut in 60 g of cold butter until it looks like crumbs, then stir in 230 ml of milk. Turn the dough out and fold it together a few times without kneading it. Let it rest for a quarter of an hour, roll it out 1 cm thick, cut it into ten rounds and cook them on a low griddle for four minutes on the first side and three on the second.`,
    pct: { flour: 100, salt: 1.9, 'baking powder': 2.4, 'cold butter': 14.3, milk: 56 },
    // cutting in fat is a mix of its own, as in the lots before: written as part of the first at first
    kinds: 'mix mix mix rest roll divide cook',
    rests: [15],
    cook: [240, 180],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'a web page with a method in one block',
    text: `<html><body><h1>Everyday Flatbread Dough</h1><ul><li>1 kg bread flour</li><li>650 g water</li><li>20 g salt</li><li>10 g instant yeast</li><li>50 g olive oil</li></ul><p>Mix all the ingredients for 5 minutes, then knead for 8 minutes. Cover and leave to rise for an hour and a half. Divide into 16 pieces of about 105 g, shape into balls and leave to rest for 15 minutes. Roll out to 22 cm and cook on a very hot griddle for 50 seconds on each side. Cool on a rack, or wrap in a cloth if you want them soft.</p><p>Keeps for 3 days in a tin.</p></body></html>`,
    pct: { 'bread flour': 100, water: 65, salt: 2, 'instant yeast': 1, 'olive oil': 5 },
    kinds: 'mix knead proof divide ball rest roll cook finish',
    rests: [90, 15],
    cook: [50, 50],
    pieceG: 105,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'structured data',
    text: `{"@context":"https://schema.org","@type":"Recipe","name":"Cheese griddle breads","recipeYield":"6 breads","recipeIngredient":["300 g plain flour","190 g water","5 g salt","4 g instant yeast","120 g grated hard cheese"],"recipeInstructions":[{"@type":"HowToStep","text":"Mix flour, water, salt and yeast. Knead 6 minutes. Work in the cheese."},{"@type":"HowToStep","text":"Leave to rise 45 minutes."},{"@type":"HowToStep","text":"Divide into 6, flatten to 15 cm discs and leave 10 minutes."},{"@type":"HowToStep","text":"Cook in a dry pan over medium heat for 3 minutes per side."}]}`,
    pct: { 'plain flour': 100, water: 63.3, salt: 1.7, 'instant yeast': 1.3 },
    kinds: 'mix knead mix proof divide shape rest cook',
    rests: [45, 10],
    cook: [180, 180],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'a scan',
    text: `27. THE FERRYMAN'S CAKE

Half a pound of barley meal, a quarter of
a pound of flour, a teaspoon of salt, the
same of carbonate of soda, and as much
buttermilk as will make a soft dough
(about half a pint). Knead it lightly, roll
it out half an inch thick to the size of the
girdle, and bake it slowly, ten minutes
on each side. Cut in quarters.`,
    pct: { 'barley meal': 66.7, flour: 33.3 },
    kinds: 'mix knead divide roll cook',
    rests: [],
    cook: [600, 600],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `For twelve breads: seven hundred and fifty grams of flour, four hundred and eighty grams of water, fifteen grams of salt, eight grams of dried yeast, thirty grams of oil. Mix four minutes. Knead eight minutes. Prove seventy minutes. Divide, ball, rest fifteen minutes. Roll to twenty-one centimetres. Cook one minute, turn, cook fifty seconds.`,
    pct: { flour: 100, water: 64, salt: 2, 'dried yeast': 1.1, oil: 4 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [70, 15],
    cook: [60, 50],
    pieceG: 104,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'parts by vessel',
    text: `Bowl bread. One bowl of flour, a third of a bowl of water, a spoon of oil, half a spoon of salt. Knead, leave for half an hour, make six balls, flatten and bake on a hot pan, one minute each side.`,
    pct: { flour: 100 },
    kinds: 'mix knead rest ball shape cook',
    rests: [30],
    cook: [60, 60],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'decimal commas',
    text: `Recipe for 20 pieces at 0,1 kg
1,2 kg wheat flour
0,77 l water
24 g salt
12 g dry yeast
0,03 l oil
Knead for 10 min; let rise for 1,25 h; divide; ball; 15 min rest; roll to 20 cm; 1,25 min + 0,75 min on the hotplate.`,
    pct: { 'wheat flour': 100, water: 64.2, salt: 2, 'dry yeast': 1, oil: 2.3 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [75, 15],
    cook: [75, 45],
    pieceG: 100,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a diary of a trial',
    text: `Trial of 4 May: lower salt
500 flour T65, 330 water (66 %), 7 salt, 4 yeast
Mixed 4 min, rested 20, kneaded 5. Proofed 1 h at 24 °C, a bit slow. Divided into 8, balled, rested 15 min. Rolled to 20 cm without tearing. Griddle 235 °C: 60 s + 45 s. Good colour. Next time 10 g salt again.`,
    pct: { water: 66, salt: 1.4, yeast: 0.8 },
    kinds: 'mix rest knead proof divide ball rest roll cook',
    rests: [20, 60, 15],
    cook: [60, 45],
    pieceG: 102,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'sweet, with a finish of sugar',
    text: `Cinnamon griddle rounds
350 g plain flour
200 g milk, warm
50 g sugar
50 g soft butter
1 egg
7 g instant yeast
4 g salt
To finish: 20 g butter, 30 g sugar, 5 g cinnamon
Mix everything for the dough 5 min and knead 8 min. Proof 75 min. Divide into 10, ball, rest 15 min. Roll 12 cm. Proof again for 20 min. Cook on a low griddle 2 min 30 s per side. Brush with butter and roll in cinnamon sugar.`,
    pct: { 'plain flour': 100, milk: 57.1, sugar: 14.3, 'soft butter': 14.3, 'instant yeast': 2, salt: 1.1 },
    kinds: 'mix knead proof divide ball rest roll proof cook finish',
    rests: [75, 15, 20],
    cook: [150, 150],
    allergens: ['egg', 'gluten', 'milk', 'wheat'],
  },
];
