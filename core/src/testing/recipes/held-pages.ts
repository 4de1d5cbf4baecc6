import type { RecipeText } from './recipe-text.ts';

/** Invented texts whose expectation was written before the reader saw them: paragraphs, pages, data, scans and letters. */
export const PAGES: readonly RecipeText[] = [
  {
    manner: 'one paragraph',
    text: `My neighbour makes these with 350 g of flour, 210 ml of water, 30 ml of olive oil and 7 g of salt; she kneads for about 7 minutes, lets the dough rest under a bowl for 25 minutes, cuts it in six, rolls each to about 22 cm and cooks them on a very hot griddle for 70 seconds, then 40 seconds on the other side.`,
    pct: { flour: 100, water: 60, 'olive oil': 7.8, salt: 2 },
    kinds: 'mix knead rest divide roll cook',
    rests: [25],
    cook: [70, 40],
    pieceG: 96.3,
  },
  {
    manner: 'a letter',
    text: `Dear Aino, you asked for the barley ones. Take a kilo of barley flour and half a litre of buttermilk, two teaspoons of soda and the same of salt. Mix quickly, do not knead. Pat into four rounds about 1 cm thick. Bake them 6 minutes a side on a moderate griddle. Eat them the same day.`,
    pct: { 'barley flour': 100, buttermilk: 51 },
    kinds: 'mix divide shape cook',
    rests: [],
    cook: [360, 360],
  },
  {
    manner: 'web page with adverts and comments',
    text: `<html><head><title>Skillet rounds | Somebody's kitchen</title><script>var a = "500 g flour";</script></head><body>
<nav>Home Recipes About</nav>
<h1>Skillet rounds</h1>
<div class="ad">Buy 2 pans, get 1 free! 50 % off</div>
<h2>Ingredients</h2><ul><li>300&nbsp;g plain flour</li><li>&frac12; tsp salt</li><li>180&nbsp;ml water</li></ul>
<h2>Method</h2><ol><li>Mix and knead for 5&nbsp;minutes.</li><li>Rest for 30 minutes.</li><li>Divide into 6, roll to 18 cm.</li><li>Cook for 1 minute on each side.</li></ol>
<h3>Comments (12)</h3><p>Jo: I used 400 g flour and it was great!</p></body></html>`,
    pct: { 'plain flour': 100, water: 60, salt: 1 },
    kinds: 'mix knead rest divide roll cook',
    rests: [30],
    cook: [60, 60],
    pieceG: 78.1,
  },
  {
    manner: 'JSON-LD with sections',
    text: JSON.stringify({
      '@context': 'https://schema.org',
      '@type': 'Recipe',
      name: 'Quay flatbreads',
      recipeYield: '8 flatbreads',
      totalTime: 'PT1H30M',
      recipeIngredient: ['500 g strong flour', '7 g instant yeast', '10 g salt', '325 g water'],
      recipeInstructions: [
        {
          '@type': 'HowToSection',
          name: 'The dough',
          itemListElement: [
            { '@type': 'HowToStep', text: 'Mix everything and knead for 10 minutes.' },
            { '@type': 'HowToStep', text: 'Leave to rise for 1 hour.' },
          ],
        },
        {
          '@type': 'HowToSection',
          name: 'Cooking',
          itemListElement: [
            { '@type': 'HowToStep', text: 'Divide into 8 and roll out to 20 cm.' },
            { '@type': 'HowToStep', text: 'Cook for 90 seconds on each side.' },
          ],
        },
      ],
    }),
    pct: { 'strong flour': 100, 'instant yeast': 1.4, salt: 2, water: 65 },
    kinds: 'mix knead proof divide roll cook',
    rests: [60],
    cook: [90, 90],
    pieceG: 102.2,
  },
  {
    manner: 'scan with broken lines',
    text: `GRIDDLE BREAD FOR THE SCHOOL
500 g of plain
flour, 10 g salt, 320
ml water and 25 g of but-
ter
Rub the butter into the flour, add salt and
water, knead for 6 min-
utes. Rest for 20 min-
utes. Divide into 8, roll out and cook
for 2 minutes a side.`,
    pct: { 'plain flour': 100, salt: 2, water: 64, butter: 5 },
    // rubbing in and mixing are two steps: written as one at first
    kinds: 'mix mix knead rest divide roll cook',
    rests: [20],
    cook: [120, 120],
    pieceG: 103.8,
  },
  {
    manner: 'back to the first side, lid, flame',
    text: `Lantern breads
450 g white flour, 290 g water, 9 g salt, 3 g dry yeast.
Mix. Knead 8 minutes. Proof 90 minutes. Divide into 7 and ball. Rest 20 minutes. Roll.
Lay on a hot griddle for 40 seconds, turn, 60 seconds, then back to the first side over the flame for 15 seconds.`,
    pct: { 'white flour': 100, water: 64.4, salt: 2, 'dry yeast': 0.67 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [90, 20],
    cook: [40, 60, 15],
  },
  {
    manner: 'another component beside the bread',
    text: `Harbour flatbreads with a dip

Dough: 400 g flour, 8 g salt, 250 g water, 10 g oil
For the dip: 200 g yogurt, 1 clove garlic, 1 tbsp lemon juice

Mix the dough and knead for 6 minutes. Rest 30 minutes.
For the dip, stir everything together and chill for 20 minutes.
Divide the dough into 8, roll out and cook 1 minute a side. Serve with the dip.`,
    pct: { flour: 100, salt: 2, water: 62.5, oil: 2.5 },
    kinds: 'mix knead rest prepare divide roll cook',
    rests: [30],
    cook: [60, 60],
    pieceG: 81.1,
  },
  {
    manner: 'meanwhile, the rest of it, half that time',
    text: `Mill lane rounds
300 g flour, 180 g water, 6 g salt, 30 g butter to brush
Mix the flour with most of the water; add the rest bit by bit. Knead 10 minutes. Rest 40 minutes. Meanwhile melt the butter.
Divide into 6. Roll. Cook for 80 seconds on the first side and half that time on the second. Brush with the butter.`,
    pct: { flour: 100, water: 60, salt: 2 },
    kinds: 'mix knead rest prepare divide roll cook finish',
    rests: [40],
    cook: [80, 40],
  },
  {
    manner: 'keeping and bringing back',
    text: `Bridge breads
500 g flour
310 g water
10 g salt
Mix, knead 5 minutes, rest 30 minutes, divide into 10, roll, cook 1 minute a side.
They keep for 2 days in a tin. Freeze for up to 3 months. Reheat 20 seconds a side.
The dough can be made a day ahead and kept in the fridge.`,
    pct: { flour: 100, water: 62, salt: 2 },
    kinds: 'mix knead rest divide roll cook',
    rests: [30],
    cook: [60, 60],
    pieceG: 79.6,
  },
  {
    manner: 'what goes wrong',
    text: `Sluice rounds
400 g flour, 250 g water, 8 g salt
Mix. Knead 8 min until smooth; if it tears, rest it 5 minutes and go on.
Rest 30 min. Divide into 8. Roll; if it springs back, wait 2 minutes.
Cook 60 s, turn, 45 s. If it browns too fast, turn the heat down.`,
    pct: { flour: 100, water: 62.5, salt: 2 },
    kinds: 'mix knead rest divide roll cook',
    rests: [30],
    cook: [60, 45],
  },
  {
    manner: 'cups with unknown things in them',
    text: `Porch cakes
2 cups all-purpose flour
1 cup mashed turnip tops
2 tbsp hill spice
3/4 tsp salt
1/3 cup water, as needed
Combine everything, knead 3 minutes, let rest for 15 minutes. Shape into 8 patties. Cook 3 minutes per side over medium heat.`,
    pct: { 'all-purpose flour': 100 },
    kinds: 'mix knead rest divide shape cook',
    rests: [15],
    cook: [180, 180],
    others: ['turnip tops', 'hill spice'],
  },
  {
    manner: 'no amount of flour or water',
    text: `Grandfather's way
flour, enough for six
warm water until it feels right
salt
Mix and knead until soft. Rest under a cloth for 20 minutes. Divide into 6. Roll very thin. Cook on a hot iron plate for 20 seconds a side.`,
    pct: { flour: 100 },
    kinds: 'mix knead rest divide roll cook',
    rests: [20],
    cook: [20, 20],
  },
  {
    manner: 'notes by initials and signs',
    text: `S. bread (class 3): 600 fl, 390 w, 12 s, 4 y
mix 4' / knead 8' / proof 60' / div 8 / ball / rest 15' / roll 20 cm / cook 70" + 50"`,
    pct: { flour: 100, water: 65, salt: 2, yeast: 0.67 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [60, 15],
    cook: [70, 50],
  },
  {
    manner: 'ounces, pounds and inches',
    text: `Canal bank breads
1 lb 2 oz bread flour
11 oz water
2 tsp salt
1/4 oz dried yeast
Mix, knead 10 min., rise 1 hr. Divide in 8. Roll to 8 in. Cook in a skillet 1 1/2 min. each side.`,
    pct: { 'bread flour': 100, water: 61.1, 'dried yeast': 1.4 },
    kinds: 'mix knead proof divide roll cook',
    rests: [60],
    cook: [90, 90],
  },
  {
    manner: 'starter and night',
    text: `Slow levain flatbreads
Strong white flour 400 g
Rye flour 100 g
Active starter 100 g
Water 320 g
Salt 10 g

Mix all but the salt and rest 30 minutes. Add the salt, knead 5 minutes. Bulk proof 3 hours at room temperature, then overnight in the fridge. Next day divide into 10, shape into balls and let them stand 1 hour. Roll out and cook on a hot griddle 60-75 seconds a side.`,
    pct: { 'strong white flour': 80, 'rye flour': 20, 'active starter': 20, water: 64, salt: 2 },
    kinds: 'mix rest knead proof chill divide ball rest roll cook',
    rests: [30, 180, 600, 60],
    cook: [68, 68],
  },
];
