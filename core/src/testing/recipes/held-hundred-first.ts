import type { RecipeText } from './recipe-text.ts';

/** A hundred and first lot whose expectation was written before the reader saw it, two of each manner: what a village hall, a ferry and a market stall leave behind. */
export const HUNDRED_FIRST: readonly RecipeText[] = [
  {
    manner: 'a handout',
    text: `VILLAGE HALL NAAN
For 9

Dough
540 g plain flour
135 g yoghurt
190 g water, warm
9 g salt
6 g dried yeast
On top
30 g melted butter

Mix everything for the dough and knead for 8 minutes.
Cover and prove for 1 hour.
Divide into 9 pieces, shape into balls and rest for 15 minutes.
Roll each out to 19 cm.
Cook in a very hot pan for 90 seconds, turn and cook for 60 seconds.
Brush with the butter.`,
    pct: { 'plain flour': 100, yoghurt: 25, water: 35.19, salt: 1.67, 'dried yeast': 1.11 },
    kinds: 'mix knead proof divide ball rest roll cook finish',
    rests: [60, 15],
    cook: [90, 60],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'a handout',
    text: `Ferry tortillas, 90 minutes on board
(14 of them)

- 420 g plain flour
- 60 g lard
- 7 g salt
- 4 g baking powder
- 230 g hot water

1) Rub the lard into the flour, salt and baking powder.
2) Add the water and knead for 3 minutes.
3) Rest under a bowl for 25 minutes.
4) Divide into 14 and ball.
5) Rest 10 minutes.
6) Roll to 19 cm.
7) Dry pan: 40 seconds, flip, 25 seconds.
8) Stack in a cloth.`,
    pct: { 'plain flour': 100, lard: 14.29, salt: 1.67, 'baking powder': 0.95, 'hot water': 54.76 },
    kinds: 'mix mix knead rest divide ball rest roll cook finish',
    rests: [25, 10],
    cook: [40, 25],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a table',
    text: `| What | g | % |
| strong flour | 800 | 80 |
| rye flour | 200 | 20 |
| water | 660 | 66 |
| salt | 20 | 2 |
| fresh yeast | 12 | 1.2 |

| Step | Min | |
| Mix | 4 | |
| Knead | 6 | |
| Bulk proof | 70 | covered |
| Divide | | 12 pieces |
| Round | | |
| Bench rest | 20 | |
| Roll | | 18 cm |
| Bake | 5 | 260 °C |`,
    pct: { 'strong flour': 80, 'rye flour': 20, water: 66, salt: 2, 'fresh yeast': 1.2 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [70, 20],
    cook: [180, 120],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a table',
    text: `MARKET STALL ROTI      10 pcs
Atta                   450 g
Water                  285 g
Salt                     8 g
Oil                     15 g

Mix           3 min
Knead         7 min
Rest          30 min
Divide        10, ball
Rest          10 min
Roll          17 cm
Tawa          25 s + 45 s
Butter`,
    pct: { atta: 100, water: 63.33, salt: 1.78, oil: 3.33 },
    kinds: 'mix knead rest divide ball rest roll cook finish',
    rests: [30, 10],
    cook: [25, 45],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Plain market pita
Bread flour 100 %
Water 63 %
Salt 1.9 %
Instant yeast 0.9 %
Olive oil 2 %
Mix and knead 9 minutes. Proof 65 minutes. Scale at 95 g and ball. Rest 20 minutes. Roll to 16 cm. Proof 15 minutes. Bake at 270 °C for 4 minutes.`,
    pct: { 'bread flour': 100, water: 63, salt: 1.9, 'instant yeast': 0.9, 'olive oil': 2 },
    kinds: 'mix knead proof divide ball rest roll proof cook',
    rests: [65, 20, 15],
    cook: [144, 96],
    pieceG: 95,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Farinata, on 100 of chickpea flour: water 290, olive oil 18, salt 2. Whisk until smooth. Stand 3 hours. Ladle out 120 g, spread to 24 cm. Griddle 3 min, turn, 2 min.`,
    pct: { 'chickpea flour': 100, water: 290, 'olive oil': 18, salt: 2 },
    kinds: 'mix rest divide shape cook',
    rests: [180],
    cook: [180, 120],
    pieceG: 120,
    allergens: [],
  },
  {
    manner: 'one paragraph',
    text: `On the ferry we make eight flatbreads from 400 g of plain flour, 100 g of wholemeal flour, 320 g of water, 9 g of salt and 5 g of instant yeast: mix for five minutes, knead for five, leave covered for 50 minutes, cut into eight, round up, wait another 15 minutes, roll to 18 cm and cook on the hotplate, two minutes on the first side and a minute and a half on the second.`,
    pct: { 'plain flour': 80, 'wholemeal flour': 20, water: 64, salt: 1.8, 'instant yeast': 1 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [50, 15],
    cook: [120, 90],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `Rub 80 g of cold butter into 400 g of plain flour with 6 g of salt and 10 g of baking powder, bring it together with 210 g of buttermilk, knead for one minute, pat it out 1 cm thick and cut it into 8 wedges; on a medium griddle they take five minutes on each side, and they are eaten warm.`,
    pct: { 'cold butter': 20, 'plain flour': 100, salt: 1.5, 'baking powder': 2.5, buttermilk: 52.5 },
    kinds: 'mix mix knead shape divide cook',
    rests: [],
    cook: [300, 300],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'a web page',
    text: `<html><head><title>Quick spelt wraps</title></head><body><div id="cookie-banner">We use cookies. 5 g of data.</div><h1>Quick spelt wraps</h1><p class="intro">I have made these every Tuesday for 3 years.</p><h2>Ingredients</h2><ul><li>320 g white spelt flour</li><li>170 g warm water</li><li>40 g rapeseed oil</li><li>5 g salt</li></ul><h2>Method</h2><ol><li>Mix everything and knead for 5 minutes.</li><li>Wrap and rest for 30 minutes.</li><li>Divide into 8 and shape into balls.</li><li>Roll out to 20 cm.</li><li>Cook in a dry pan over a high heat, 50 seconds on each side.</li></ol><footer>Newsletter: 2 mails a month</footer></body></html>`,
    pct: { 'white spelt flour': 100, 'warm water': 53.13, 'rapeseed oil': 12.5, salt: 1.56 },
    kinds: 'mix knead rest divide ball roll cook',
    rests: [30],
    cook: [50, 50],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a web page',
    text: `<main><h1>Stuffed pan breads with leek</h1><section><h3>For the dough</h3><p>300 g plain flour<br>180 g water<br>5 g salt<br>15 g olive oil</p><h3>For the filling</h3><p>250 g leeks, sliced<br>80 g cheddar, grated</p></section><section><h3>Method</h3><p>Mix the dough ingredients and knead for 7 minutes. Rest for 40 minutes.</p><p>Soften the leeks in a little oil for 10 minutes and leave to cool.</p><p>Divide the dough into 6 and roll to 18 cm. Fill one half with leeks and cheese, fold over and press flat.</p><p>Cook in a pan over medium heat for 4 minutes on each side.</p></section></main>`,
    pct: { 'plain flour': 100, water: 60, salt: 1.67, 'olive oil': 5 },
    kinds: 'mix knead rest prepare divide roll fill shape cook',
    rests: [40],
    cook: [240, 240],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'structured data',
    text: `{"@context":"https://schema.org","@type":"Recipe","name":"Ferry flatbreads","recipeYield":"7","recipeIngredient":["450 g strong white flour","280 g water","9 g salt","4 g dried yeast","20 g olive oil"],"recipeInstructions":[{"@type":"HowToStep","text":"Mix and knead for 10 minutes."},{"@type":"HowToStep","text":"Cover and prove for 75 minutes."},{"@type":"HowToStep","text":"Divide into 7, shape into balls and rest for 20 minutes."},{"@type":"HowToStep","text":"Roll to 20 cm and cook on a hot griddle for 2 minutes a side."}]}`,
    pct: { 'strong white flour': 100, water: 62.22, salt: 2, 'dried yeast': 0.89, 'olive oil': 4.44 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [75, 20],
    cook: [120, 120],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'structured data',
    text: `<script type="application/ld+json">{"@context":"https://schema.org","@graph":[{"@type":"Person","name":"A cook"},{"@type":"Recipe","name":"Potato lefse","recipeYield":["12","12 breads"],"recipeIngredient":["600 g mashed potatoes, cold","200 g plain flour","40 g butter, soft","6 g salt"],"recipeInstructions":"<ol><li>Mix the potatoes, butter and salt. Chill for 2 hours.</li><li>Work in the flour. Divide into 12 balls.</li><li>Roll to 24 cm. Cook on a dry griddle for 1 minute, turn and cook for 1 minute.</li></ol>"}]}</script>`,
    pct: { 'mashed potatoes': 300, 'plain flour': 100, butter: 20, salt: 3 },
    kinds: 'mix chill mix divide ball roll cook',
    rests: [120],
    cook: [60, 60],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'a scan',
    text: `           GRIDDLE BANNOCKS            41
8 oz. barley meal, 4 oz. flour, ½ tea-
spoonful salt, 1 teaspoonful bicar-
bonate of soda, ½ pint butter-
milk.
Mix the dry things, stir in
the buttermilk. Roll out ½ inch thick,
cut into six. Bake on a hot gir-
dle 5 minutes each side.`,
    pct: { 'barley meal': 66.67, flour: 33.33, salt: 0.9, 'bicarbonate of soda': 1.79, buttermilk: 86 },
    kinds: 'mix roll divide cook',
    rests: [],
    cook: [300, 300],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'a scan',
    text: `Stall recipe  No. l4      LAFFA     8 pcs
Bread flour ........ 7OO g
Water .............. 43O g
Salt ............... l4 g
Dry yeast .......... 6 g
Oil ................ 2O g
Knead lO min. Prove 6O min. Divide in-
to 8, ball, rest 2O min. Stretch to 28 cm.
Bake on the dome l min + 3O s.`,
    pct: { 'bread flour': 100, water: 61.43, salt: 2, 'dry yeast': 0.86, oil: 2.86 },
    kinds: 'mix knead proof divide ball rest shape cook',
    rests: [60, 20],
    cook: [60, 30],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `Six hundred grams of strong flour, three hundred and seventy grams of water, twelve grams of salt, five grams of dried yeast and twenty-five grams of oil. Mix, and knead for ten minutes. Let it double, which takes an hour and a quarter. Divide it into ten and round the pieces; a quarter of an hour's rest. Roll them to seventeen centimetres. Two minutes on the griddle, turn, and a minute and a half more.`,
    pct: { 'strong flour': 100, water: 61.67, salt: 2, 'dried yeast': 0.83, oil: 4.17 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [75, 15],
    cook: [120, 90],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `Half a kilo of chapati flour, three hundred grams of warm water, two teaspoons of salt. Knead for a good six minutes. Rest for forty minutes under a damp cloth. A dozen balls. Roll to eighteen centimetres. Thirty seconds on the tawa, turn, forty-five seconds, turn, ten seconds.`,
    pct: { 'chapati flour': 100, 'warm water': 60, salt: 2.44 },
    kinds: 'mix knead rest ball roll cook',
    rests: [40],
    cook: [30, 45, 10],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'parts by vessel',
    text: `By the glass: 4 glasses of plain flour, 1 glass of yoghurt, 3/4 glass of milk, 2 tsp baking powder, 1 tsp salt. Mix, knead 3 minutes, rest 20 minutes. Divide into 10. Roll to 14 cm. Pan 2 min each side.`,
    pct: { 'plain flour': 100, yoghurt: 51.75, milk: 38.08, 'baking powder': 2, salt: 1.5 },
    kinds: 'mix knead rest divide roll cook',
    rests: [20],
    cook: [120, 120],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'parts by vessel',
    text: `2 cups masa harina
1 1/2 cups warm water
1/2 tsp salt
Mix and knead 2 minutes. Cover with a damp cloth, 15 minutes. Divide into 12 balls. Press to 13 cm. Comal, 45 seconds, flip, 60 seconds.`,
    pct: { 'masa harina': 100, 'warm water': 153, salt: 1.29 },
    kinds: 'mix knead rest divide ball shape cook',
    rests: [15],
    cook: [45, 60],
    allergens: [],
  },
  {
    manner: 'decimal commas',
    text: `Fladenbrot / flatbread, 9 pieces
0,75 kg flour type 550
0,48 l water
15 g salt
0,021 kg fresh yeast
30 ml olive oil
Mix 4 min, knead 7,5 min. Proof 1,25 h. Divide into 9, ball, rest 15 min. Roll to 19,5 cm. Bake 6 min at 250 °C.`,
    pct: { 'flour type 550': 100, water: 64, salt: 2, 'fresh yeast': 2.8, 'olive oil': 3.65 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [75, 15],
    cook: [216, 144],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'decimal commas',
    text: `Chapati voor 16: atta 1,0 kg; water 0,63 l; zout / salt 18 g; olie / oil 0,02 kg. Mix 2,5 min; knead 6,5 min; rest 0,5 h; 16 balls; roll 18 cm; tawa 0,5 min + 0,75 min.`,
    pct: { atta: 100, water: 63, salt: 1.8, oil: 2 },
    kinds: 'mix knead rest ball roll cook',
    rests: [30],
    cook: [30, 45],
    allergens: ['gluten', 'wheat'],
  },
];
