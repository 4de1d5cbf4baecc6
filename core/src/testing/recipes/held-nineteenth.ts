import type { RecipeText } from './recipe-text.ts';

/** A nineteenth lot whose expectation was written before the reader saw it, in the manners in which instructors bring their recipes. */
export const NINETEENTH: readonly RecipeText[] = [
  {
    manner: 'a handout with a shopping list',
    text: `THURSDAY EVENING CLASS: ROUND GRIDDLE BREADS
(enough for 5 people, 10 breads)

Shopping: flour, yeast, olive oil, za'atar

Dough
• 625 g strong white bread flour
• 400 g water (27 °C)
• 12 g fine salt
• 7 g dried yeast
• 25 g olive oil

1 MIX – all ingredients, 4 minutes
2 KNEAD – 7 minutes
3 BULK PROOF – 65 minutes at 25 °C
4 DIVIDE – 10 pieces, 105 g
5 BALL
6 REST – 15 minutes
7 ROLL – 20 cm
8 COOK – 65 seconds, turn, 45 seconds
9 BRUSH – with oil`,
    pct: { 'strong white bread flour': 100, water: 64, 'fine salt': 1.9, 'dried yeast': 1.1, 'olive oil': 4 },
    kinds: 'mix knead proof divide ball rest roll cook finish',
    rests: [65, 15],
    cook: [65, 45],
    pieceG: 105,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a table of a sheet, by commas',
    text: `Ingredient,Grams
Bread flour,500
Water,325
Salt,10
Instant yeast,5
Butter,25

Mix and knead 10 min; proof 1 h; 8 balls; rest 15 min; roll 19 cm; griddle 1 min each side.`,
    pct: { 'bread flour': 100, water: 65, salt: 2, 'instant yeast': 1, butter: 5 },
    kinds: 'mix knead proof ball rest roll cook',
    rests: [60, 15],
    cook: [60, 60],
    pieceG: 105,
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'percentages alone, for two sizes of a class',
    text: `Baker's % – Corn and wheat wraps
Wheat flour 70
Corn flour 30
Water 58
Oil 8
Salt 1.8
For 8 people 800 g flour, for 12 people 1200 g.
Knead 5 min, rest 25 min, 55 g balls, rest 10 min, press to 18 cm, hot plate 30 s + 30 s.`,
    pct: { 'wheat flour': 70, 'corn flour': 30, water: 58, oil: 8, salt: 1.8 },
    kinds: 'mix knead rest ball rest shape cook',
    rests: [25, 10],
    cook: [30, 30],
    pieceG: 55,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `Start in the morning with 20 g of ripe starter, 500 g of flour and 340 g of water. Mix these and leave them for an hour, then add 10 g of salt and knead for five minutes. Let the dough ferment for five hours at room temperature, folding it every hour. Divide into eight pieces, shape into rounds and rest for forty minutes. Stretch each to about 20 cm and bake on a smoking hot griddle for ninety seconds, then flip and give it another sixty.`,
    pct: { flour: 100, water: 68, salt: 2, 'ripe starter': 4 },
    kinds: 'mix rest knead proof divide ball rest shape cook',
    rests: [60, 300, 40],
    cook: [90, 60],
    pieceG: 105,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a web page',
    text: `<html><body><h1>Quick Spelt Wraps</h1><p>By Jo. 4.8 stars from 112 ratings.</p><table><tr><th>Prep</th><th>Cook</th><th>Makes</th></tr><tr><td>15 min</td><td>10 min</td><td>6</td></tr></table>
<h3>Ingredients</h3><ul><li>250&nbsp;g white spelt flour</li><li>140&nbsp;ml hot water</li><li>2 tablespoons rapeseed oil</li><li>&frac12; teaspoon salt</li></ul>
<h3>Directions</h3><ol><li>Put the flour and salt into a bowl. Add the oil and water and mix to a dough.</li><li>Knead for 3 minutes, then rest for 15&ndash;20 minutes under a bowl.</li><li>Divide into 6 and roll out very thinly, to about 22&nbsp;cm.</li><li>Cook in a very hot pan, 40 seconds on the first side and 20 seconds on the second. Wrap in a towel.</li></ol>
<h3>Tips</h3><p>Freeze them with paper between.</p></body></html>`,
    pct: { 'white spelt flour': 100, 'hot water': 56, 'rapeseed oil': 10 },
    kinds: 'mix knead rest divide roll cook finish',
    rests: [17.5],
    cook: [40, 20],
    pieceG: 68,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'structured data',
    text: `{"@context":"https://schema.org","@type":"Recipe","name":"Onion flatbreads","recipeYield":"8 servings","recipeIngredient":["450 g bread flour","280 g water","9 g salt","5 g instant yeast","20 g olive oil","1 large onion, finely chopped (150 g)"],"recipeInstructions":[{"@type":"HowToStep","text":"Soften the onion in the oil for 8 minutes and let it cool."},{"@type":"HowToStep","text":"Mix flour, water, salt and yeast, knead for 7 minutes, then work in the onion."},{"@type":"HowToStep","text":"Proof for 1 hour."},{"@type":"HowToStep","text":"Divide into 8, ball, and rest for 15 minutes."},{"@type":"HowToStep","text":"Roll to 18 cm. Cook 90 seconds per side on a medium griddle."}]}`,
    pct: { 'bread flour': 100, water: 62.2, salt: 2, 'instant yeast': 1.1, 'olive oil': 4.4 },
    kinds: 'prepare mix knead mix proof divide ball rest roll cook',
    rests: [60, 15],
    cook: [90, 90],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a scan',
    text: `FLAT LOAVES OF THE PLAIN

For twelve loaves:
1 kg wheat flour
0.65 l water
20 g salt
25 g yeast

Dissolve the yeast in a little of the wa-
ter. Knead the flour with the rest of the
water, the salt and the yeast for 10 min-
utes. Prove for 45 minutes. Divide into
12 parts, form balls, and leave covered
for 15 minutes. Press out to 20 cm and
bake at once on the hot plate, 2 minutes
on each side.`,
    pct: { 'wheat flour': 100, water: 65, salt: 2, yeast: 2.5 },
    kinds: 'mix knead proof divide ball rest shape cook',
    rests: [45, 15],
    cook: [120, 120],
    pieceG: 137,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `Six hundred grams of white flour, one hundred and fifty grams of natural yogurt, two hundred and forty grams of water, twelve grams of salt, seven grams of yeast. Mix for four minutes, knead for six. Leave to rise for fifty minutes. Divide into ten. Round up. Rest for ten minutes. Roll out to twenty centimetres. Seventy seconds on a hot griddle, turn, fifty seconds.`,
    pct: { 'white flour': 100, 'natural yogurt': 25, water: 40, salt: 2, yeast: 1.2 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [50, 10],
    cook: [70, 50],
    pieceG: 98,
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'parts by vessel',
    text: `Scoop bread: 4 scoops flour, 1 1/2 scoops water, 1/2 scoop yogurt, salt to taste. Mix and knead until soft. Rest 30 minutes. Ten balls. Roll. One minute on each side in a dry pan.`,
    pct: { flour: 100 },
    kinds: 'mix knead rest ball roll cook',
    rests: [30],
    cook: [60, 60],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'a numbered plan with who does what',
    text: `Group recipe (3 people, 9 breads)
540 g flour, 345 g water, 11 g salt, 5 g yeast, 16 g oil
A weighs and mixes (5 min). B kneads (8 min). Then the dough rests for 45 minutes. C divides it into 9 and all three make balls. The balls rest 10 minutes. Everybody rolls three to 20 cm and cooks them: 1 minute, turn, 45 seconds.`,
    pct: { flour: 100, water: 63.9, salt: 2, yeast: 0.9, oil: 3 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [45, 10],
    cook: [60, 45],
    pieceG: 99,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'with cm and inches, °C and °F',
    text: `Two-measure flatbreads
400 g (14 oz) bread flour
260 g (9.2 oz) water at 30 °C (86 °F)
8 g (1 1/3 tsp) salt
4 g (1 1/4 tsp) instant yeast
Mix and knead 10 min. Proof at 26 °C / 79 °F for 1 h. Divide into 8 (84 g / 3 oz each), ball, rest 15 min. Roll to 20 cm (8 in). Griddle at 230 °C (450 °F), 70 s, flip, 50 s.`,
    pct: { 'bread flour': 100, water: 65, salt: 2, 'instant yeast': 1 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [60, 15],
    cook: [70, 50],
    pieceG: 84,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a rolled-up layered bread',
    text: `Layered butter rounds
Dough: 400 g plain flour, 230 g warm water, 8 g salt, 20 g oil
Layers: 80 g ghee
Mix the dough, knead 8 minutes, rest 1 hour. Divide into 8 and rest another 15 minutes. Roll each piece to 25 cm, spread with ghee, roll up tightly, coil and tuck the end under. Rest the coils for 20 minutes. Roll out to 16 cm. Cook over medium heat for 2 minutes, flip, 90 seconds, flip, 30 seconds. Clap between the hands to open the layers.`,
    pct: { 'plain flour': 100, 'warm water': 57.5, salt: 2, oil: 5 },
    kinds: 'mix knead rest divide rest roll fill coil rest roll cook finish',
    rests: [60, 15, 20],
    cook: [120, 90, 30],
    pieceG: 80,
    allergens: ['gluten', 'milk', 'wheat'],
  },
];
