import type { RecipeText } from './recipe-text.ts';

/** A twenty-fifth lot whose expectation was written before the reader saw it: two texts of each common manner. */
export const TWENTY_FIFTH: readonly RecipeText[] = [
  {
    manner: 'a handout',
    text: `FLATBREAD BASICS – Recipe 2: Garlic & herb flatbreads
Makes: 8     Time: 1 h 45

Dough
500 g strong flour
10 g salt
7 g easy-bake yeast
1 tbsp olive oil
320 ml warm water

To finish
50 g butter, melted
2 cloves garlic, crushed
1 tbsp chopped parsley

1  Put the flour in a bowl with the salt on one side and the yeast on the other.
2  Add the oil and most of the water; mix, adding the rest as needed.
3  Knead 10 min by hand (6 min in a mixer).
4  First prove: 1 hour, or until doubled in size.
5  Knock back. Divide into 8. Shape into balls. Rest for 10 minutes.
6  Roll to 18 cm.
7  Cook on a hot griddle pan, 2 min per side.
8  Mix the butter, garlic and parsley and brush over the hot breads.`,
    pct: { 'strong flour': 100, salt: 2, 'easy-bake yeast': 1.4, 'olive oil': 2.5, 'warm water': 64 },
    kinds: 'mix knead proof knead divide ball rest roll cook prepare finish',
    rests: [60, 10],
    cook: [120, 120],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['garlic', 'parsley'],
  },
  {
    manner: 'a handout',
    text: `Name of product: Corn tortilla
Batch: 20 pcs x 35 g

Raw materials
Masa harina 300 g
Water (45 °C) 420 g
Salt 3 g

Process
1. Mixing – 3 min by hand
2. Hydration rest – 30 min, covered
3. Portioning – 20 x 35 g, ball
4. Pressing – 15 cm
5. Griddling (220 °C) – 20 s / 60 s / 20 s
6. Holding – in cloth, max. 45 min

Quality: should puff on the third turn; flexible when folded.`,
    pct: { 'masa harina': 100, water: 140, salt: 1 },
    kinds: 'mix rest divide ball shape cook finish',
    rests: [30],
    cook: [20, 60, 20],
    pieceG: 35,
    allergens: [],
  },
  {
    manner: 'a table',
    text: `| Ingredient | 4 breads | 8 breads | 12 breads |
| --- | --- | --- | --- |
| Plain flour | 240 g | 480 g | 720 g |
| Warm water | 145 g | 290 g | 435 g |
| Olive oil | 12 g | 24 g | 36 g |
| Salt | 5 g | 10 g | 15 g |

Mix, knead for 5 min, rest for 30 min under a bowl. Divide (100 g each), roll out to 20 cm. Cook on a dry griddle over medium-high heat: 1 min, flip, 1 min.`,
    pct: { 'plain flour': 100, 'warm water': 60.4, 'olive oil': 5, salt: 2.1 },
    kinds: 'mix knead rest divide roll cook',
    rests: [30],
    cook: [60, 60],
    pieceG: 100,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a table',
    text: `Msemen – production sheet

Material          kg        %
Flour T55         3.000     60
Fine semolina     2.000     40
Water             3.100     62
Salt              0.090     1.8
Fresh yeast       0.025     0.5

Stage             Duration
Mixing            10 min
Rest in bulk      15 min
Divide 120 g, round
Rest oiled        20 min
Stretch, fold
Rest              10 min
Flatten to 18 cm
Griddle           2 min + 2 min`,
    pct: { 'flour T55': 60, 'fine semolina': 40, water: 62, salt: 1.8, 'fresh yeast': 0.5 },
    kinds: 'mix rest divide ball rest shape rest shape cook',
    rests: [15, 20, 10],
    cook: [120, 120],
    pieceG: 120,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Hot water dough, %: AP flour 100 / boiling water 45 / cold water 18 / salt 1.5 / lard 4. Stir boiling water into flour and salt with chopsticks. Rest 5 min. Add cold water and lard, knead 5 min. Rest 30 min. Scale 80 g, ball, rest 10 min. Roll 18 cm. Griddle medium 90 s, 90 s.`,
    pct: { 'ap flour': 100, 'boiling water': 45, 'cold water': 18, salt: 1.5, lard: 4 },
    // what is added at once before kneading is of the kneading: written with a mixing of its own
    kinds: 'mix rest knead rest divide ball rest roll cook',
    rests: [5, 30, 10],
    cook: [90, 90],
    pieceG: 80,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Focaccia-style griddle bread. Based on 1000 g flour: strong flour (100%), water (75%), olive oil (5%), salt (2.2%), instant yeast (0.8%). Mix 3 minutes, rest 30 minutes, fold, rest 30 minutes, fold, rest 1 hour. Divide into 12. Rest 20 minutes. Dimple out to 15 cm. Griddle over low heat with a lid for 5 minutes, flip and cook 4 minutes without.`,
    pct: { 'strong flour': 100, water: 75, 'olive oil': 5, salt: 2.2, 'instant yeast': 0.8 },
    kinds: 'mix proof fold proof fold proof divide rest shape cook',
    rests: [30, 30, 60, 20],
    cook: [300, 240],
    pieceG: 148,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `Soda farls are the quickest thing I teach: sieve 450g plain flour with a teaspoon each of salt and bicarbonate of soda, make a well and pour in about 350ml buttermilk, then bring it together with one hand. Don't knead it. Pat it into a round about 2cm thick on a floured board, cut it into quarters and cook them on a medium griddle for 8 minutes on each side. Stand them on their edges for a minute to finish the sides.`,
    pct: { 'plain flour': 100, salt: 1.36, 'bicarbonate of soda': 1.3, buttermilk: 80 },
    kinds: 'mix shape divide cook',
    rests: [],
    cook: [480, 480],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `Dissolve 5 g of fresh yeast in 310 g of water, add 500 g of flour (half white, half wholemeal) and 10 g of salt, mix for a couple of minutes and leave for 20 minutes. Knead for another 6 minutes, shape into a ball and leave to rise for an hour and a half in a covered bowl. Turn out, cut into pieces of 90 g, round them lightly and leave for a quarter of an hour. Roll thin, about 20 cm, and bake on a very hot iron plate, not more than a minute on each side.`,
    // half of each is two flours; written as one
    pct: { 'white flour': 50, wholemeal: 50, water: 62, salt: 2, 'fresh yeast': 1 },
    kinds: 'mix rest knead proof divide ball rest roll cook',
    rests: [20, 90, 15],
    cook: [60, 60],
    pieceG: 90,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a web page',
    text: `<article itemscope itemtype="https://schema.org/Recipe"><h1 itemprop="name">Za&rsquo;atar Manakish on the Griddle</h1><p>Jump to recipe | Print | Pin</p><p>It was raining when we first made these in 2019...</p><h2>Ingredients</h2><h3>For the dough</h3><ul><li itemprop="recipeIngredient">3 cups (375g) all-purpose flour</li><li itemprop="recipeIngredient">1 cup (240ml) lukewarm water</li><li itemprop="recipeIngredient">2 tsp instant yeast</li><li itemprop="recipeIngredient">1 tsp sugar</li><li itemprop="recipeIngredient">1 tsp salt</li><li itemprop="recipeIngredient">2 tbsp olive oil</li></ul><h3>For the topping</h3><ul><li>4 tbsp za&rsquo;atar</li><li>6 tbsp olive oil</li></ul><h2>Instructions</h2><ol itemprop="recipeInstructions"><li>Combine the flour, yeast, sugar and salt. Add the water and oil and mix until a shaggy dough forms.</li><li>Knead for 8 minutes. Place in an oiled bowl, cover, and let rise for 1 hour.</li><li>Meanwhile, mix the za&rsquo;atar with the oil.</li><li>Divide the dough into 6 balls. Rest for 10 minutes.</li><li>Roll out to 7 inches (18 cm).</li><li>Cook on a hot griddle for 1 minute. Flip, spread with the za&rsquo;atar oil, cover and cook for 2 more minutes.</li></ol><div class="comments"><p>Anna: I used 400g flour and it was fine!</p></div></article>`,
    pct: { 'all-purpose flour': 100, 'lukewarm water': 64, 'olive oil': 6.7 },
    kinds: 'mix knead proof prepare divide ball rest roll cook',
    rests: [60, 10],
    cook: [60, 120],
    others: ['za'],
  },
  {
    manner: 'a web page',
    text: `<h2>Oat wraps (no yeast)</h2><p>4 wraps, 10 minutes work</p><ul><li>100&nbsp;g fine oatmeal</li><li>100&nbsp;g plain flour</li><li>1/4&nbsp;tsp salt</li><li>1&nbsp;tbsp oil</li><li>about 120&nbsp;ml hot water</li></ul><p>Stir the dry ingredients, add oil and water and mix to a soft dough. Let it cool and firm up for 10 minutes. Knead briefly, divide in 4 and roll out on floured paper to 20&nbsp;cm. Cook in a dry pan on medium heat 1&frac12; minutes per side. Stack under a cloth so they stay soft.</p>`,
    pct: { 'fine oatmeal': 50, 'plain flour': 50, 'hot water': 60 },
    kinds: 'mix rest knead divide roll cook finish',
    rests: [10],
    cook: [90, 90],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'structured data',
    text: `{"@context":"https://schema.org","@type":"Recipe","name":"Injera-style teff flatbread","recipeYield":["6"],"prepTime":"PT15M","cookTime":"PT20M","recipeIngredient":["250g teff flour","400ml water","1/2 tsp salt","1/4 tsp dry yeast"],"recipeInstructions":["Whisk the teff flour, yeast and water in a bowl.","Cover loosely and ferment at room temperature for 24 hours.","Stir in the salt.","Heat a non-stick pan over medium heat. Pour in a ladleful of batter, swirl to cover the pan.","Cover with a lid and cook for 3 minutes, without turning.","Slide out onto a cloth."]}`,
    pct: { 'teff flour': 100, water: 160 },
    kinds: 'mix proof mix divide shape cook',
    rests: [1440],
    cook: [180],
    allergens: [],
  },
  {
    manner: 'structured data',
    text: `<script type="application/ld+json">{"@context":"https://schema.org","@type":"Recipe","name":"Roti Canai","recipeYield":"10 pieces","totalTime":"PT9H","recipeIngredient":["600 g plain flour","10 g salt","15 g sugar","50 g melted butter","1 egg (50 g)","280 g water","100 g soft ghee, for coating and stretching"],"recipeInstructions":[{"@type":"HowToStep","position":1,"text":"Mix flour, salt and sugar. Add the butter, egg and water."},{"@type":"HowToStep","position":2,"text":"Knead 10 minutes until very smooth; rest 15 minutes and knead 2 minutes more."},{"@type":"HowToStep","position":3,"text":"Divide into 10 balls (100 g), coat with ghee and rest overnight in the fridge (8 to 12 hours)."},{"@type":"HowToStep","position":4,"text":"Bring to room temperature for 1 hour."},{"@type":"HowToStep","position":5,"text":"Stretch each ball until see-through, fold into a square of 15 cm."},{"@type":"HowToStep","position":6,"text":"Griddle over medium heat for 2 minutes each side, then clap between the hands."}]}</script>`,
    pct: { 'plain flour': 100, salt: 1.7, sugar: 2.5, 'melted butter': 8.3, egg: 8.3, water: 46.7 },
    kinds: 'mix knead rest knead divide ball chill temper shape cook finish',
    rests: [15, 600, 60],
    cook: [120, 120],
    pieceG: 100,
    allergens: ['egg', 'gluten', 'milk', 'wheat'],
  },
  {
    manner: 'a scan',
    text: `BREADS WITHOUT AN OVEN                         31

Chapatties. - Mix 12 oz. wholemeal flour with a
teaspoon of salt; add gradually 7 fl. oz. water and
knead 10 minutes. Cover with a damp cloth and
leave for at least 1 hour. Divide into 12, roll
each into a ball, then roll out as thin as
possible. Cook on a hot, ungreased griddle: 1
minute on the first side, ½ minute on the sec-
ond. Press the edges with a cloth to make them
puff.`,
    pct: { 'wholemeal flour': 100, water: 58.5 },
    kinds: 'mix knead rest divide ball roll cook',
    rests: [90],
    cook: [60, 30],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a scan',
    text: `RIESKA (barley flat bread)          4 pieces

3 dl  barley flour    (180 g)
1½ dl wheat flour      (90 g)
4 dl  buttermilk      (410 g)
1 tsp salt
½ tsp bicarbonate
Mix every thing quickly to a loose dough. Let
swell 15 min. Pat out on a floured board to 1 cm
thick rounds of 18 cm, prick with fork. Bake on
a dry pan 4 min./side.`,
    pct: { 'barley flour': 66.7, 'wheat flour': 33.3, buttermilk: 151.9 },
    kinds: 'mix rest divide shape cook',
    rests: [15],
    cook: [240, 240],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `I teach this one without scales. Three cups of flour, one cup of warm water, half a cup of yoghurt, a teaspoon and a half of salt, two teaspoons of baking powder, and two tablespoons of oil. Mix everything and knead for four or five minutes. Let it rest for twenty minutes. Divide in eight; roll each piece to about twenty centimetres. Cook on a hot dry pan for one and a half minutes per side.`,
    pct: { flour: 100 },
    kinds: 'mix knead rest divide roll cook',
    rests: [20],
    cook: [90, 90],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `Half a kilo of white flour, a quarter of a kilo of rye, half a litre of water, fifteen grams of salt, a hundred and fifty grams of sourdough. Mix them for five minutes, wait half an hour, fold once, wait three hours. Make ten balls. They rest forty minutes. Flatten them to eighteen centimetres and bake on the plate: two minutes, turn, two minutes, turn, half a minute.`,
    pct: { 'white flour': 66.7, rye: 33.3, water: 66.7, salt: 2, sourdough: 20 },
    kinds: 'mix proof fold proof ball rest shape cook',
    rests: [30, 180, 40],
    cook: [120, 120, 30],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'parts by vessel',
    text: `Any jar will do as a measure:
2 jars flour
3/4 jar water
a pinch of salt for each jar
1/4 jar olive oil
Mix, knead well, cover, let sit 30 min. 6 balls. Roll. Hot pan, 1 min per side.`,
    pct: { flour: 100 },
    kinds: 'mix knead rest ball roll cook',
    rests: [30],
    cook: [60, 60],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'parts by vessel',
    text: `1 tub of natural yogurt (500 g). Use the empty tub to measure 1 1/2 tubs of self-raising flour (that is about 450 g). Add 1 tsp salt. Mix, knead for 2 minutes, divide into 10 and roll out to 15 cm. Griddle on medium-high for 2 min per side. Brush with melted garlic butter.`,
    pct: { 'plain flour': 100, 'natural yogurt': 116.7 },
    kinds: 'mix knead divide roll cook finish',
    rests: [],
    cook: [120, 120],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'decimal commas',
    text: `Tunnbröd (ca. 25 st.)
vetemjöl / wheat flour 0,90 kg
rågmjöl / rye flour 0,30 kg
mjölk / milk 0,72 l
smör / butter 0,075 kg
jäst / fresh yeast 0,025 kg
salt 0,018 kg
Mix 5 min. Prove 1,0 h. Divide à 80 g, ball, rest 10 min. Roll to 28 cm with a notched pin. Bake on the hot stone 0,5 min + 0,5 min.`,
    pct: { 'wheat flour': 75, 'rye flour': 25, butter: 6.25, 'fresh yeast': 2.1, salt: 1.5 },
    kinds: 'mix proof divide ball rest roll cook',
    rests: [60, 10],
    cook: [30, 30],
    pieceG: 80,
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'decimal commas',
    text: `Piadina 2024, dose for 6: farina/flour 0; 300,0 g. strutto/lard; 37,5 g. acqua/water; 150,0 g. sale/salt; 6,0 g. bicarbonato/baking soda; 1,5 g.
Knead 8 min. Rest 45 min. Divide 6 x 80 g; ball; rest 30 min. Roll 23 cm, 2,5 mm. Griddle 1,5 min + 1 min.`,
    pct: { lard: 12.5, water: 50, salt: 2, 'baking soda': 0.5 },
    kinds: 'mix knead rest divide ball rest roll cook',
    rests: [45, 30],
    cook: [90, 60],
    pieceG: 80,
    allergens: ['gluten', 'wheat'],
  },
];
