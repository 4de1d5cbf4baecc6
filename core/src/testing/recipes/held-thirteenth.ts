import type { RecipeText } from './recipe-text.ts';

/** A thirteenth lot whose expectation was written before the reader saw it, in the manners in which instructors bring their recipes. */
export const THIRTEENTH: readonly RecipeText[] = [
  {
    manner: 'a handout of a school',
    text: `Class 3: Yogurt flatbreads
Quantity: 8 flatbreads (approx. 95 g)
Equipment: bowl, scraper, pin, griddle
Ingredients:
- Plain flour 400g
- Plain yogurt 220g
- Water 80g
- Baking powder 8g
- Salt 7g
- Oil for the griddle
Procedure:
1. Sift flour, baking powder and salt into a bowl.
2. Add yogurt and water; bring together with a scraper. Knead lightly for 2 minutes - do not overwork.
3. Rest, covered, for 20 minutes.
4. Portion into 8 and shape into balls. Rest 5 minutes.
5. Roll to 18cm.
6. Oil the griddle lightly. Cook over medium heat, 1 min 30 s on the first side, 1 min on the second.
Common faults: tough bread - kneaded too long. Pale bread - griddle too cool.`,
    pct: { 'plain flour': 100, 'plain yogurt': 55, water: 20, 'baking powder': 2, salt: 1.75 },
    kinds: 'mix knead rest divide ball rest roll cook',
    rests: [20, 5],
    cook: [90, 60],
    pieceG: 95,
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'a table with percent last',
    text: `Formula: stone breads
Strong flour      700 g    70%
Wholemeal         300 g    30%
Water             680 g    68%
Levain (100 %)    200 g    20%
Salt               20 g     2%

Mix on low for 5 minutes; rest for 20 minutes; mix again for 3 minutes. Bulk ferment 3 hours at 25 °C, folding twice. Divide into 15 × 125 g. Preshape. Rest 30 minutes. Roll out to 22 cm. Bake on stone, 3 minutes at 300 °C.`,
    pct: { 'strong flour': 70, wholemeal: 30, water: 68, levain: 20, salt: 2 },
    kinds: 'mix rest mix proof divide ball rest roll cook',
    rests: [20, 180, 30],
    cook: [108, 72],
    pieceG: 125,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Sheet-and-fry dough
white flour 85 %
wholemeal flour 15 %
water 58 %
oil 6 %
salt 1.8 %

Knead 6 min. Rest 40 min. Scale at 60 g, round, rest 10 min. Roll to 17 cm. Fry on the dry tawa 35 s, turn, 35 s.`,
    pct: { 'white flour': 85, 'wholemeal flour': 15, water: 58, oil: 6, salt: 1.8 },
    kinds: 'mix knead rest divide ball rest roll cook',
    rests: [40, 10],
    cook: [35, 35],
    pieceG: 60,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `To make six thin breads, mix 250 g wholemeal flour with a pinch of salt and enough warm water (about 160 ml) to make a soft dough. Knead for 5 minutes, then cover with a damp cloth and leave to rest for at least 30 minutes. Divide into six balls and roll out each ball on a floured surface to a circle about 18 cm across. Heat a flat griddle pan until very hot, lay a bread on it and cook for 30 seconds until bubbles appear, turn over and cook the other side for 1 minute, then turn again and press gently with a cloth for 15 seconds so it puffs up.`,
    pct: { 'wholemeal flour': 100, 'warm water': 64 },
    kinds: 'mix knead rest divide ball roll cook',
    rests: [45],
    cook: [30, 60, 15],
    pieceG: 66.5,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a web page',
    text: `<!DOCTYPE html><html><head><script>var x = "500 g sugar";</script></head><body><nav><a>Breads</a><a>Cakes</a></nav><main>
<h1 class="title">No-Yeast Pan Bread</h1><p>These come together in 30 minutes and need no proofing. I make them 3 times a week!</p>
<section id="ingredients"><h2>Ingredients</h2><p>2 cups all purpose flour (250g)<br>2 tsp baking powder<br>1/2 tsp salt<br>3/4 cup milk (180ml)<br>2 tbsp butter, melted (28g)</p></section>
<section id="directions"><h2>Directions</h2><p><b>1.</b> Whisk flour, baking powder, and salt.<br><b>2.</b> Pour in milk and butter. Stir to combine, then knead 1 minute.<br><b>3.</b> Divide dough into 6 pieces. Roll each 1/4-inch thick.<br><b>4.</b> Heat skillet over medium heat. Cook 2 minutes, flip, then 1-2 minutes more.</p></section>
<section class="comments"><h2>3 Comments</h2><p>Lee: used 1 cup oat flour, great!</p></section></main></body></html>`,
    pct: { 'all purpose flour': 100, milk: 74.4, butter: 11.2 },
    kinds: 'mix knead divide roll cook',
    rests: [],
    cook: [120, 90],
    pieceG: 77,
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'structured data',
    text: `{"@context":"https://schema.org","@graph":[{"@type":"Organization","name":"A kitchen"},{"@type":"Recipe","name":"Olive oil flatbreads","recipeYield":["6","6 breads"],"totalTime":"PT1H40M","recipeIngredient":["375 g bread flour (plus 20 g for dusting)","225 g warm water","7 g salt","4 g dried yeast","30 g olive oil"],"recipeInstructions":[{"@type":"HowToStep","text":"Stir the yeast into the water and let it stand 5 minutes until foamy."},{"@type":"HowToStep","text":"Add flour, salt and oil, mix, then knead 8 minutes."},{"@type":"HowToStep","text":"Let rise, covered, 1 hour."},{"@type":"HowToStep","text":"Divide into 6, ball, rest 10 minutes, roll to 20 cm."},{"@type":"HowToStep","text":"Cook 1 minute per side on a very hot griddle."}]}]}`,
    pct: { 'bread flour': 100, 'warm water': 60, salt: 1.9, 'dried yeast': 1.1, 'olive oil': 8 },
    kinds: 'mix bloom mix knead proof divide ball rest roll cook',
    rests: [5, 60, 10],
    cook: [60, 60],
    pieceG: 104,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a scan',
    text: `HOUSEHOLD BREADS                                      41

Oatmeal Flats.  (For six persons.)

2OO g. fine oatmeal, 2OO g. flour, 1 teaspoon-
ful salt, 24O g. buttermilk, 1 level teaspoonful
soda.
Mix the dry ingredients, pour in the butter-
milk, and mix quickly. Turn out on a floured
board and roll to the thickness of 1 cm. Cut
into twelve triangles. Bake on a moderate
griddle 4 minutes each side.`,
    pct: { 'fine oatmeal': 50, flour: 50, buttermilk: 60 },
    kinds: 'mix roll divide cook',
    rests: [],
    cook: [240, 240],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `Weigh out seven hundred grams of strong flour, four hundred and fifty-five grams of water, fourteen grams of salt and seven grams of instant yeast. Mix for four minutes and knead for eight more. Give it a bulk proof of one hour. Divide into fourteen and mould into balls. A quarter of an hour on the bench. Roll out to twenty-one centimetres. One minute on the griddle, then turn, then three quarters of a minute.`,
    pct: { 'strong flour': 100, water: 65, salt: 2, 'instant yeast': 1 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [60, 15],
    cook: [60, 45],
    pieceG: 81.5,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'parts by vessel',
    text: `Tin-mug bread
For every 2 mugs of flour: 1 mug of warm water, half a teaspoon of salt, 1 tablespoon of oil.
Mix to a dough, knead five minutes, let it sit fifteen minutes. Divide into six, flatten into discs, and cook in a pan over the fire, two or three minutes per side.`,
    pct: { flour: 100 },
    kinds: 'mix knead rest divide shape cook',
    rests: [15],
    cook: [150, 150],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'decimal commas, a list from abroad',
    text: `Flat breads 10 pcs
Flour 0,6 kg / Water 0,38 l / Salt 0,012 kg / Yeast 0,009 kg / Oil 0,03 l
Kneading time: 9 min. Resting time in bulk: 45 min. Weight of the pieces: 100 g. Resting time of the pieces: 15 min. Diameter: 22 cm. Baking time: 1,5 min + 1 min on the plate.`,
    pct: { flour: 100, water: 63.3, salt: 2, yeast: 1.5, oil: 4.6 },
    kinds: 'mix knead proof divide rest roll cook',
    rests: [45, 15],
    cook: [90, 60],
    pieceG: 100,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a message between teachers',
    text: `Hi! Recipe for Thursday as promised: 1.5 kg strong flour, 975 g water, 30 g salt, 15 g instant yeast, 60 g olive oil. Machine: 4 min first speed, 4 min second. Proof 1 h. 24 pieces à 107 g, round, 20 min. They roll to 20 cm themselves. Griddle hot! 1 min, turn, 50 sec. Two of them avoid sesame, so leave the seeds off. See you, M.`,
    pct: { 'strong flour': 100, water: 65, salt: 2, 'instant yeast': 1, 'olive oil': 4 },
    kinds: 'mix proof divide ball rest roll cook',
    rests: [60, 20],
    cook: [60, 50],
    pieceG: 107,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'with a sauce beside',
    text: `Chickpea flatbreads with mint sauce
Flatbreads
150 g chickpea flour
150 g plain flour
170 g water
5 g salt
10 g oil
Mint sauce
200 g yogurt
20 g mint
1 clove garlic
Salt
Method
Mix and knead the dough for 5 minutes and rest it for 30 minutes. For the sauce, chop the mint, crush the garlic and stir both into the yogurt with salt. Divide the dough into 8, roll to 15 cm and cook for 1 minute on each side. Serve with the sauce.`,
    pct: { 'chickpea flour': 50, 'plain flour': 50, water: 56.7, salt: 1.7, oil: 3.3 },
    kinds: 'mix knead rest prepare divide roll cook',
    rests: [30],
    cook: [60, 60],
    pieceG: 58.9,
    allergens: ['gluten', 'milk', 'wheat'],
  },
];
