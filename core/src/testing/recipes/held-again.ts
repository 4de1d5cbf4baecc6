import type { RecipeText } from './recipe-text.ts';

/** A second lot whose expectation was written before the reader saw it, after the first lot had been read and mended from. */
export const AGAIN: readonly RecipeText[] = [
  {
    manner: 'handout with abbreviations of kitchens',
    text: `FLATBREAD WK 2
450g AP flour
9g salt
270g H2O (warm)
18g EVOO
Mix 3 min, knead 6 min. RT rest 45 min, covered. Scale 90 g. Round. Rest 10. Pin out 20 cm. Plancha 230 C, 50 sec/side.`,
    pct: { 'ap flour': 100, salt: 2 },
    kinds: 'mix knead rest divide ball rest roll cook',
    rests: [45, 10],
    cook: [50, 50],
    pieceG: 90,
  },
  {
    manner: 'ingredients after the verbs',
    text: `Sift together 500 g plain flour, 2 tsp baking powder and 1 tsp salt. Stir in 300 ml plain yogurt and bring it together with your hands. Knead for 1 minute only. Cover and rest for 15 minutes. Divide into 8, roll out to 5 mm and cook on a medium griddle for 2 minutes on each side.`,
    pct: { 'plain flour': 100, salt: 1.2, 'plain yogurt': 63 },
    kinds: 'mix knead rest divide roll cook',
    rests: [15],
    cook: [120, 120],
  },
  {
    manner: 'numbered list without headings, steps in capitals',
    text: `COALHOLE CAKES
1) 320 g wholemeal flour
2) 200 g water
3) 6 g salt
4) 15 g lard
METHOD
A. RUB LARD INTO FLOUR AND SALT.
B. ADD WATER, KNEAD 4 MIN.
C. REST 25 MIN.
D. DIVIDE INTO 6, ROLL.
E. COOK 90 SEC PER SIDE.`,
    pct: { 'wholemeal flour': 100, water: 62.5, salt: 1.9, lard: 4.7 },
    kinds: 'mix mix knead rest divide roll cook',
    rests: [25],
    cook: [90, 90],
    pieceG: 87.5,
  },
  {
    manner: 'amounts behind dots',
    text: `Strong flour ........ 700 g
Water ............... 455 g
Salt ................ 14 g
Fresh yeast ......... 10 g
Dissolve the yeast in the water. Mix in flour and salt and knead for 10 minutes. Let it rise for 70 minutes, then divide into 12 and shape into balls. Leave for 20 minutes. Roll and bake on the griddle, 1 minute first side, 40 seconds second side.`,
    pct: { 'strong flour': 100, water: 65, salt: 2, 'fresh yeast': 1.43 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [70, 20],
    cook: [60, 40],
    pieceG: 95.4,
  },
  {
    manner: 'range of everything',
    text: `Makes 8-10. 480-500 g flour, 290-310 g water, 9-10 g salt. Knead 6-8 min. Rest 30-40 min. Divide, roll 18-20 cm. Cook 50-60 s, turn, 40-50 s.`,
    pct: { flour: 100, water: 61.2, salt: 1.94 },
    kinds: 'mix knead rest divide roll cook',
    rests: [35],
    cook: [55, 45],
  },
  {
    manner: 'hours with h and apostrophes of feet left out',
    text: `Night shift bread
bread flour 500g, water 350g, salt 10g, levain 75g
Autolyse flour and water 40min. Add levain and salt. Stretch and fold 3 times, every 30 min. Bulk 4h at 24C. Fridge 12h. Divide 10, ball, 1h bench. Roll out, hot griddle, 70s/50s.`,
    pct: { 'bread flour': 100, water: 70, salt: 2, levain: 15 },
    kinds: 'mix rest mix fold proof chill divide ball rest roll cook',
    rests: [40, 240, 720, 60],
    cook: [70, 50],
  },
  {
    manner: 'questions and answers',
    text: `How much flour? 350 g, plain. Water? 210 g. Salt? 7 g. How long do you knead? 8 minutes. Rest? 30 minutes. How many? 7. And the griddle? 1 minute a side.`,
    pct: { 'plain flour': 100, water: 60, salt: 2 },
    kinds: 'mix knead rest divide roll cook',
    rests: [30],
    cook: [60, 60],
  },
  {
    manner: 'filling apart, with its own steps',
    text: `Potato parcels
Dough
300 g plain flour
180 g water
6 g salt
Filling
400 g boiled potatoes, mashed
40 g butter
1 tsp caraway
Method
Mix the dough, knead 6 minutes and rest 30 minutes. Meanwhile mash the potatoes with the butter and caraway. Divide the dough into 6, roll out, fill, seal and roll gently flat. Cook for 3 minutes on each side on a medium pan.`,
    pct: { 'plain flour': 100, water: 60, salt: 2 },
    kinds: 'mix knead rest prepare divide roll fill shape cook',
    rests: [30],
    cook: [180, 180],
    pieceG: 78.6,
  },
  {
    manner: 'two temperatures, grill at the end',
    text: `Bay rounds
400 g flour
260 g water at 35 °C (95 °F)
8 g salt
4 g instant yeast
Mix and knead 9 minutes. Prove 1 hour 15 minutes. Divide into 8. Rest 10 minutes. Roll to 17 cm (7 in). Cook 45 seconds on a very hot pan, turn, 30 seconds, then 20 seconds under the grill.`,
    pct: { flour: 100, water: 65, salt: 2, 'instant yeast': 1 },
    kinds: 'mix knead proof divide rest roll cook',
    rests: [75, 10],
    cook: [45, 30, 20],
    pieceG: 81.6,
  },
  {
    manner: 'mail with greetings and a sign-off',
    text: `Hi all,

here is Thursday's dough, as promised:

- 1 kg white flour
- 620 g water
- 20 g salt
- 30 g rapeseed oil

Please mix, knead for 10 min. and leave to rest for 1 h. We divide into 16 together at 10:30.
Roll as thin as you can. 40 sec each side, hot griddle.

See you at 9, bring an apron!
Best, W.`,
    pct: { 'white flour': 100, water: 62, salt: 2, 'rapeseed oil': 3 },
    kinds: 'mix knead rest divide roll cook',
    rests: [60],
    cook: [40, 40],
    pieceG: 101.3,
  },
  {
    manner: 'list in markdown with bold',
    text: `# Chickpea rounds
**Yield:** 6

## Ingredients
* **250 g** chickpea flour
* **300 g** water
* **5 g** salt
* **20 g** olive oil, plus more for the pan

## Steps
1. **Whisk** everything to a smooth batter.
2. **Rest** 30 min.
3. **Pour** a ladle onto a hot oiled pan.
4. **Cook** 2 min, flip, 1 min.`,
    pct: { 'chickpea flour': 100, water: 120, salt: 2, 'olive oil': 8 },
    kinds: 'mix rest divide shape cook',
    rests: [30],
    cook: [120, 60],
    pieceG: 93,
  },
  {
    manner: 'old measures in words',
    text: `Take two pounds of flour, half an ounce of salt, and a pint and a quarter of water. Work it well for a quarter of an hour. Let it lie an hour under a cloth. Make it into sixteen cakes, beat them out thin and bake them upon a hot stone a minute to each side.`,
    pct: { flour: 100, salt: 1.56 },
    kinds: 'mix knead rest divide shape cook',
    rests: [60],
    cook: [60, 60],
  },
  {
    manner: 'spread over a table of times',
    text: `0:00 Mix 600 g flour, 372 g water, 12 g salt
0:05 Knead 8 min
0:13 Rest 40 min
0:53 Divide into 10, ball
1:00 Rest 15 min
1:15 Roll and cook, 60 s + 45 s`,
    pct: { flour: 100, water: 62, salt: 2 },
    kinds: 'mix knead rest divide ball rest roll cook',
    rests: [40, 15],
    cook: [60, 45],
    pieceG: 95.5,
  },
  {
    manner: 'with notes in brackets everywhere',
    text: `River bread (for eight)
Flour (plain, not strong): 400 g
Water (hand-hot; a little less in damp weather): 250 g
Salt (fine): 8 g
Mix (by hand). Knead (about 7 min). Rest (half an hour, covered). Divide (8). Roll (18 cm). Cook (55 s, then 40 s).`,
    pct: { flour: 100, water: 62.5, salt: 2 },
    kinds: 'mix knead rest divide roll cook',
    rests: [30],
    cook: [55, 40],
    pieceG: 79.9,
  },
  {
    manner: 'gluten powder and malt',
    text: `Millers' rounds
480 g rye flour
20 g vital wheat gluten
350 g water
10 g salt
10 g barley malt extract
Mix, rest 20 min, knead 5 min, rest 40 min. Divide into 9, press flat to 8 mm. Cook 4 min per side on low.`,
    pct: { 'rye flour': 96, 'vital wheat gluten': 4, water: 70, salt: 2, 'barley malt extract': 2 },
    kinds: 'mix rest knead rest divide shape cook',
    rests: [20, 40],
    cook: [240, 240],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'the method first',
    text: `Knead all of it for 10 minutes, let it rise 1 hour, make 8 balls, roll them, cook each 1 minute a side.
All of it: 500 g flour, 320 g water, 10 g salt, 5 g dried yeast.`,
    pct: { flour: 100, water: 64, salt: 2, 'dried yeast': 1 },
    kinds: 'mix knead proof ball roll cook',
    rests: [60],
    cook: [60, 60],
    pieceG: 101.3,
  },
];
