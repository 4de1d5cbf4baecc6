import type { RecipeText } from './recipe-text.ts';

/** A fourteenth lot whose expectation was written before the reader saw it, in the manners in which instructors bring their recipes. */
export const FOURTEENTH: readonly RecipeText[] = [
  {
    manner: 'a handout',
    text: `Saturday workshop – Sesame rounds
(yields 9)

500 g strong flour, 320 g water, 10 g salt, 5 g instant yeast, 20 g sesame oil, 30 g sesame seeds

What we do
• Mix (4 minutes) and rest (15 minutes).
• Knead 6 minutes, adding the sesame seeds at the end.
• Proof: 55 minutes in the bowl, covered.
• Cut into 9 equal pieces, shape into tight balls, let them relax for 12 minutes.
• Roll out to 20 centimetres.
• On the griddle: first side 50 seconds, second side 50 seconds.`,
    pct: { 'strong flour': 100, water: 64, salt: 2, 'instant yeast': 1, 'sesame oil': 4, 'sesame seeds': 6 },
    kinds: 'mix rest knead proof divide ball rest roll cook',
    rests: [15, 55, 12],
    cook: [50, 50],
    pieceG: 95.5,
    allergens: ['gluten', 'sesame', 'wheat'],
  },
  {
    manner: 'a table',
    text: `Weigh-out sheet, Lime Street rounds (24 pieces)

Ingredient        kg
Bread flour       2.000
Water             1.300
Salt              0.040
Yeast (instant)   0.016
Oil               0.080

Mixing 5 min, kneading 8 min. Bulk proof 70 min. Divide 138 g. Ball. Bench rest 15 min. Roll 25 cm. Griddle 70 s / 50 s.`,
    pct: { 'bread flour': 100, water: 65, salt: 2, 'instant yeast': 0.8, oil: 4 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [70, 15],
    cook: [70, 50],
    pieceG: 138,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Pita (baker's percentages): bread flour 90, wholemeal 10, water 63, yeast (instant) 0.7, salt 1.9, sugar 1, olive oil 2. Knead 9 min; proof 1 h; divide 90 g; round; rest 10 min; roll 15 cm; proof again 20 min; griddle with lid 60 s, turn, 60 s.`,
    pct: { 'bread flour': 90, wholemeal: 10, water: 63, 'instant yeast': 0.7, salt: 1.9, sugar: 1, 'olive oil': 2 },
    kinds: 'mix knead proof divide ball rest roll proof cook',
    rests: [60, 10, 20],
    cook: [60, 60],
    pieceG: 90,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `In our house the flatbreads are made with 300 g of plain flour, one and a half teaspoons of baking powder, a teaspoon of salt, three tablespoons of sunflower oil and 170 ml of warm milk. Everything goes into the bowl and is mixed with a knife; after that it is kneaded for two or three minutes and left for a quarter of an hour under the upturned bowl. Then we pull off eight bits, roll them out to the size of a side plate (17 cm) and bake them in a dry pan, not too hot, for a minute and a half on one side and a minute on the other.`,
    pct: { 'plain flour': 100, salt: 2, 'warm milk': 58 },
    kinds: 'mix knead rest divide roll cook',
    rests: [15],
    cook: [90, 60],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'a web page',
    text: `<html><body><header><h1>The bread diary</h1></header><article><h1>Simple Kneaded Flatbread</h1><p><em>Published 3 March 2023. 7 minute read.</em></p>
<p>Flatbread was the first bread I ever made, when I was 9.</p>
<h3>INGREDIENTS (10 flatbreads)</h3><table><tbody><tr><td>500 g</td><td>all-purpose flour</td></tr><tr><td>300 g</td><td>water, room temperature</td></tr><tr><td>10 g</td><td>salt</td></tr><tr><td>40 g</td><td>olive oil</td></tr></tbody></table>
<h3>METHOD</h3><p>Place flour and salt in a bowl, make a well, add water and oil and mix. Knead for 5 minutes. Wrap and rest for 45 minutes at room temperature.</p><p>Divide into 10 pieces (85 g each), roll into balls and rest for another 10 minutes. Roll out each piece to 22 cm.</p><p>Preheat a pan. Cook each flatbread for about 40 seconds per side.</p></article><footer>Copyright 2023</footer></body></html>`,
    pct: { 'all-purpose flour': 100, water: 60, salt: 2, 'olive oil': 8 },
    kinds: 'mix knead rest divide ball rest roll cook',
    rests: [45, 10],
    cook: [40, 40],
    pieceG: 85,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'structured data',
    text: `[{"@context":"https://schema.org","@type":"Recipe","name":"Kiln Lane flatbreads","author":{"@type":"Person","name":"A. Baker"},"recipeYield":"16 small flatbreads","recipeIngredient":["1 lb (454 g) bread flour","10.5 oz (298 g) water","2 tsp (12 g) salt","1 1/2 tsp (5 g) instant yeast","2 tbsp (28 g) butter, soft"],"recipeInstructions":[{"@type":"HowToSection","name":"Make the dough","itemListElement":[{"@type":"HowToStep","text":"Mix everything in a mixer on low for 3 minutes, then on medium for 5 minutes."},{"@type":"HowToStep","text":"Cover; let rise until doubled, about 75 minutes."}]},{"@type":"HowToSection","name":"Shape and cook","itemListElement":[{"@type":"HowToStep","text":"Divide into 16 pieces, round, rest 15 minutes, and roll to 6 inches."},{"@type":"HowToStep","text":"Griddle over medium-high heat, 60 to 75 seconds per side."}]}]}]`,
    pct: { 'bread flour': 100, water: 65.6, salt: 2.6, 'instant yeast': 1.1, butter: 6.2 },
    kinds: 'mix proof divide ball rest roll cook',
    rests: [75, 15],
    cook: [67.5, 67.5],
    pieceG: 48,
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'a scan',
    text: `- 12 -
PILOT'S BREAD
For 20 loaves take 2 kg of wheat
flour, 1¼ l of water, 40 g of salt
and 50 g of fresh yeast.
The dough is mixed and kneaded for
12 min. and then proved for 50 min.
Divide into 20 pieces, round up, and
leave for 15 min. Roll out to 20 cm
and bake on the plate, 1½ min. on
each side.`,
    pct: { 'wheat flour': 100, water: 62.5, salt: 2, 'fresh yeast': 2.5 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [50, 15],
    cook: [90, 90],
    pieceG: 161,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `A kilo and a half of wheat flour, nine hundred and sixty grams of water, thirty grams of salt, twelve grams of instant yeast. Mix and knead for a dozen minutes. Prove for an hour and ten minutes. Divide into two dozen, and shape into balls. Ten minutes of rest. Roll to twenty centimetres. Cook for forty-five seconds on each side.`,
    pct: { 'wheat flour': 100, water: 64, salt: 2, 'instant yeast': 0.8 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [70, 10],
    cook: [45, 45],
    pieceG: 101,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'parts by vessel',
    text: `Bread by the glass
Flour, 4 glasses
Water, 1 glass and a half
Oil, a quarter glass
Salt, 1 teaspoon
Knead all to a firm dough and let it rest 1 hour. Make 12 balls, roll out thinly. Cook on a convex iron, 20 seconds a side.`,
    pct: { flour: 100 },
    kinds: 'mix knead rest ball roll cook',
    rests: [60],
    cook: [20, 20],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'no units at all',
    text: `Rhyme bread
flour 400
water 250
salt 8
oil 20
knead 8, rest 40
divide 8, ball, rest 10
roll
cook 1 min, turn, 1 min`,
    pct: { flour: 100, water: 62.5, salt: 2, oil: 5 },
    kinds: 'mix knead rest divide ball rest roll cook',
    rests: [40, 10],
    cook: [60, 60],
    pieceG: 82,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'two rests and a fold, in an email',
    text: `From: Joost
Subject: dough

Hello all, here is the dough for Sunday: bread flour 800 g, spelt flour 200 g, water 700 g, salt 20 g, fresh yeast 8 g. Mix for 4 minutes, leave for 30 minutes, give it a fold, leave for another 30 minutes, fold once more and leave for an hour. Divide at 140 g into 12, round loosely. After 20 minutes stretch to 22 cm. Very hot griddle, 80 seconds, flip, 60 seconds. Regards, J.`,
    pct: { 'bread flour': 80, 'spelt flour': 20, water: 70, salt: 2, 'fresh yeast': 0.8 },
    kinds: 'mix proof fold proof fold proof divide ball rest shape cook',
    rests: [30, 30, 60, 20],
    cook: [80, 60],
    pieceG: 140,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a finish and keeping',
    text: `Honey and thyme breads
Dough
400 g plain flour
240 g milk
6 g salt
4 g instant yeast
30 g honey
Finish
30 g butter
thyme
Make the dough: mix, knead 7 minutes, prove 1 hour. Divide into 8 balls, rest 10 minutes, roll to 16 cm. Cook over medium heat, 75 seconds first side, 60 seconds second side. Melt the butter with the thyme and brush it on while they are hot. Best on the day; freeze the rest for up to a month.`,
    pct: { 'plain flour': 100, milk: 60, salt: 1.5, 'instant yeast': 1, honey: 7.5 },
    kinds: 'mix knead proof divide ball rest roll cook prepare finish',
    rests: [60, 10],
    cook: [75, 60],
    pieceG: 82.5,
    allergens: ['gluten', 'milk', 'wheat'],
  },
];
