import type { RecipeText } from './recipe-text.ts';

/** A sixteenth lot whose expectation was written before the reader saw it, in the manners in which instructors bring their recipes. */
export const SIXTEENTH: readonly RecipeText[] = [
  {
    manner: 'a handout',
    text: `Griddle rounds with olive oil

Makes 10

Dough:
650 g bread flour
410 g water, 32 °C
13 g salt
7 g instant yeast
35 g olive oil

Steps:
1. Put the flour, salt and yeast in the mixing bowl. Add water and oil. Mix 3 min by hand.
2. Knead 8 min. Check: windowpane.
3. Let rise 1 h in the warm cupboard (27 °C).
4. Scale 10 pieces of 108 g, round.
5. Let rest 15 min under film.
6. Roll out to 21 cm, 3 mm thick.
7. Bake on the griddle at 240 °C – 60 s, turn, 45 s.
8. Keep warm in a towel.`,
    pct: { 'bread flour': 100, water: 63.1, salt: 2, 'instant yeast': 1.1, 'olive oil': 5.4 },
    kinds: 'mix knead proof divide ball rest roll cook finish',
    rests: [60, 15],
    cook: [60, 45],
    pieceG: 108,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a table',
    text: `| Component | Weight | Baker's % |
| --- | --- | --- |
| Flour, plain | 480 g | 80 % |
| Flour, buckwheat | 120 g | 20 % |
| Water | 372 g | 62 % |
| Salt | 12 g | 2 % |
| Yeast, instant | 6 g | 1 % |

Method: mix 4 min, knead 6 min, proof 60 min, divide into 9, ball, rest 15 min, roll to 20 cm, cook 60 s per side.`,
    pct: { water: 62, salt: 2 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [60, 15],
    cook: [60, 60],
    pieceG: 107,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Formula for soft wraps: 100 % plain flour, 52 % hot water, 12 % oil, 1.5 % salt, 1 % baking powder. Mix, knead 4 minutes, rest 30 minutes, divide at 65 g, ball, rest 15 minutes, roll to 22 cm, cook 30 seconds, turn, 25 seconds.`,
    pct: { 'plain flour': 100, 'hot water': 52, oil: 12, salt: 1.5, 'baking powder': 1 },
    kinds: 'mix knead rest divide ball rest roll cook',
    rests: [30, 15],
    cook: [30, 25],
    pieceG: 65,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `For this bread you mix 500 g wheat flour, 8 g salt, 6 g dried yeast and 330 g water to a dough, knead it for 10 minutes and let it prove for one hour in a covered bowl. Divide the dough into 8 pieces, shape them into balls and leave them for 15 minutes. Roll them out to circles of 18 cm. Bake each bread in a hot, dry pan for about 90 seconds on the first side and 60 seconds on the second.`,
    pct: { 'wheat flour': 100, salt: 1.6, 'dried yeast': 1.2, water: 66 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [60, 15],
    cook: [90, 60],
    pieceG: 102,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a web page',
    text: `<html><body><h1>Seeded Yogurt Flatbreads</h1><p>Jump to recipe | Print</p><p>Last week my neighbour asked for the 2 recipes I bake most.</p>
<h2>Ingredients</h2><ul><li>1 &frac12; cups (190g) plain flour</li><li>&frac34; cup (185g) Greek yogurt</li><li>1 &frac12; teaspoons baking powder</li><li>&frac12; teaspoon salt</li><li>1 tablespoon nigella seeds</li></ul>
<h2>Instructions</h2><ol><li>Mix all the ingredients in a large bowl until a dough forms.</li><li>Turn out onto a floured surface and knead for 2&ndash;3 minutes.</li><li>Divide into 4 equal pieces and roll each one out to about 18cm.</li><li>Heat a non-stick pan over a medium-high heat. Cook each flatbread for 2 minutes on each side.</li></ol>
<p>Nutrition per serving: 210kcal, 8g protein</p></body></html>`,
    pct: { 'plain flour': 100, 'greek yogurt': 97.4 },
    kinds: 'mix knead divide roll cook',
    rests: [],
    cook: [120, 120],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'structured data',
    text: `{"@context":"https://schema.org/","@type":"Recipe","name":"Rye griddle breads","recipeYield":8,"recipeIngredient":["300 g wheat flour","150 g rye flour","300 ml buttermilk","8 g salt","8 g baking soda"],"recipeInstructions":["Mix the flours, the salt and the soda.","Stir in the buttermilk and mix briefly to a soft dough.","Divide into 8, pat each out to 14 cm.","Bake on a medium griddle, 3 minutes on each side."]}`,
    pct: { 'wheat flour': 66.7, 'rye flour': 33.3, salt: 1.8, 'baking soda': 1.8 },
    kinds: 'mix divide shape cook',
    rests: [],
    cook: [180, 180],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'a scan',
    text: `8. FLAT BREADS ON THE PLATE

500 g flour, 300 g water, 10 g
salt, 20 g yeast, 20 g oil.
Knead the dough for 10 minutes
and leave it to rise for 40 min-
utes. Divide into 10 pieces. Roll
each piece out to 16 cm and let
it rise again for 10 minutes. Bake
on the hot plate for one minute
on either side.`,
    pct: { flour: 100, water: 60, salt: 2, yeast: 4, oil: 4 },
    kinds: 'mix knead proof divide roll proof cook',
    rests: [40, 10],
    cook: [60, 60],
    pieceG: 82.5,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `Mix six hundred grams of flour with three hundred and eighty grams of water, twelve grams of salt, six grams of yeast and thirty grams of oil. Knead for nine minutes. Prove for fifty minutes. Divide into twelve, ball up, rest for fifteen minutes. Roll to nineteen centimetres. Cook for a minute on each side.`,
    pct: { flour: 100, water: 63.3, salt: 2, yeast: 1, oil: 5 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [50, 15],
    cook: [60, 60],
    pieceG: 83,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'parts by vessel',
    text: `Desert bread
Three cups of flour, one cup of water, one teaspoon of salt.
Knead the dough for ten minutes, rest it for fifteen. Divide into six balls. Flatten each ball as thin as you can. Bake over the coals on an upturned pan, one minute a side.`,
    pct: { flour: 100 },
    kinds: 'mix knead rest divide ball shape cook',
    rests: [15],
    cook: [60, 60],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'decimal commas',
    text: `Flatbread "Pier" (12 pieces)
Flour 0,9 kg
Water 0,585 kg
Salt 18 g
Yeast 9 g
Olive oil 36 g
Mixing: 4 min. Kneading: 7,5 min. Bulk proof: 1,25 h. Dividing: 125 g. Ball. Bench rest: 15 min. Rolling: 22 cm. Griddle: 1,25 min first side, 0,75 min second side.`,
    pct: { flour: 100, water: 65, salt: 2, yeast: 1, 'olive oil': 4 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [75, 15],
    cook: [75, 45],
    pieceG: 125,
    allergens: ['gluten', 'wheat'],
  },
];
