import type { RecipeText } from './recipe-text.ts';

/** A ninety-seventh lot whose expectation was written before the reader saw it, two of each manner: what teachers sent each other one winter. */
export const NINETY_SEVENTH: readonly RecipeText[] = [
  {
    manner: 'a handout',
    text: `Workshop sheet: herb flatbreads

Ingredients (one bowl, two people)
Flour (strong) 300 g
Water 190 g
Salt 6 g
Olive oil 15 g + a little for the bowl
Dry yeast 3 g
Chopped herbs, a handful, for the top

Timetable
10.00 Everyone mixes and kneads, 10 minutes.
10.10 Bulk proof in an oiled bowl, covered: 50 minutes.
11.00 Each pair divides its dough into 4 and rounds the pieces.
11.05 Bench rest 15 minutes.
11.20 Roll out to 20 cm, brush with oil, scatter the herbs, roll over once more to press them in.
11.30 Griddle, 90 s on the first side, 60 s on the second.`,
    pct: { 'strong flour': 100, water: 63.3, salt: 2, 'olive oil': 5, 'dry yeast': 1 },
    kinds: 'mix knead proof divide ball rest roll fill roll cook',
    rests: [50, 15],
    cook: [90, 60],
    allergens: ['gluten', 'wheat'],
    others: ['herbs'],
  },
  {
    manner: 'a handout',
    text: `No-yeast naan for the after-school club

(makes 10 small ones)

400 g self-raising flour
300 g natural yoghurt
1/2 tsp salt
oil, for the pan
butter and chopped coriander, to finish

Children: tip the flour, yoghurt and salt into the bowl and squidge it together. Knead for 2 minutes. Cover it with a plate for 15 minutes.
Divide into 10 balls. Pat out each one to about 1/2 cm thick.
Grown-ups: oil the pan, cook for 2 minutes, turn over, cook for 2 minutes more. Brush with butter and sprinkle with coriander.`,
    pct: { 'plain flour': 100, 'natural yoghurt': 78.75, salt: 0.79, 'baking powder': 5 },
    kinds: 'mix knead rest divide ball shape cook finish',
    rests: [15],
    cook: [120, 120],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['butter', 'coriander'],
  },
  {
    manner: 'a table',
    text: `Bread: Laffa	Yield: 24 x 130 g

Ingredient	Baker's %	grams
Bread flour	100	1870
Water	62	1160
Olive oil	3	56
Salt	2	37
Instant yeast	0.5	9

Stage	Time
Mix slow	4 min
Mix fast	5 min
Bulk	70 min
Divide, round	
Rest	25 min
Stretch to 28 cm	
Saj	60 s`,
    pct: { 'bread flour': 100, water: 62, 'olive oil': 3, salt: 2, 'instant yeast': 0.5 },
    kinds: 'mix proof divide ball rest shape cook',
    rests: [70, 25],
    cook: [36, 24],
    pieceG: 130,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a table',
    text: `Ingredient;for 4;for 12
Fine semolina;250 g;750 g
Plain flour;150 g;450 g
Lukewarm water;240 g;720 g
Salt;6 g;18 g
Yeast, dry;3 g;9 g

1. Mix all, 3 min
2. Knead, 10 min
3. Rest 15 min
4. 4 balls, rest 10 min
5. Press to 18 cm, 1 cm thick
6. Rise 40 min under a cloth
7. Griddle, low, 6 min; turn; 5 min`,
    pct: { 'fine semolina': 62.5, 'plain flour': 37.5, 'lukewarm water': 60, salt: 1.5, yeast: 0.75 },
    kinds: 'mix knead rest ball rest shape proof cook',
    rests: [15, 10, 40],
    cook: [360, 300],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages only',
    text: `Spelt flatbread in baker's percentages

white spelt 85 / rye 15 / water 61 / salt 1.9 / honey 2 / fresh yeast 1.5

Mix to a dough, no more than 4 minutes by hand. 30 min, fold, 30 min, fold, 30 min. Divide at 95 g, shape round. 20 min. Roll to 17 cm. Hot griddle, 2 min a side.`,
    pct: { 'white spelt': 85, rye: 15, water: 61, salt: 1.9, honey: 2, 'fresh yeast': 1.5 },
    kinds: 'mix proof fold proof fold proof divide ball rest roll cook',
    rests: [30, 30, 30, 20],
    cook: [120, 120],
    pieceG: 95,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages only',
    text: `Formula for kulcha. 100% maida, 30% yoghurt, 28% milk, 4% oil, 2% sugar, 1.5% salt, 1.2% baking powder, 0.3% soda.
Mix and knead 6 min. Rest 2 h. Divide 90 g. Ball. Rest 20 min. Roll oval, 20 cm, press in some nigella seeds. Tawa 1 min, turn, 1 min, flame 15 s. Brush with butter.`,
    pct: { maida: 100, yoghurt: 30, milk: 28, oil: 4, sugar: 2, salt: 1.5, 'baking powder': 1.2, soda: 0.3 },
    kinds: 'mix knead rest divide ball rest roll fill cook finish',
    rests: [120, 20],
    cook: [60, 60, 15],
    pieceG: 90,
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['nigella'],
  },
  {
    manner: 'one paragraph',
    text: `Here is how we did the bannocks on Burns night: we rubbed 40 g of lard into 200 g of oatmeal and 100 g of plain flour with a teaspoon of salt and half a teaspoon of bicarbonate, added 160 ml of hot water and brought it together with a knife. It stood for ten minutes. Then we patted it into two rounds about 1 cm thick, cut each of them into quarters, and cooked them on the girdle for five minutes, turned them, and gave them five more.`,
    pct: { oatmeal: 66.7, 'plain flour': 33.3, lard: 13.3, 'hot water': 53.3 },
    kinds: 'mix mix rest shape divide cook',
    rests: [10],
    cook: [300, 300],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `Yeasted griddle cakes. Warm 350 ml milk with 40 g butter, let it cool until it is lukewarm, whisk in 10 g fresh yeast and 15 g sugar, then beat in 500 g strong flour, 8 g salt and an egg. Knead for ten minutes, leave it to double, about 1½ hours. Roll it out 2 cm thick on a floured board, cut out 10 rounds with a 9 cm cutter, let them prove for 25 minutes. Bake them on a low griddle for 7 minutes on each side.`,
    pct: { 'strong flour': 100, milk: 72, butter: 8, 'fresh yeast': 2, sugar: 3, salt: 1.6, egg: 10 },
    kinds: 'prepare mix knead proof roll divide proof cook',
    rests: [90, 25],
    cook: [420, 420],
    allergens: ['egg', 'gluten', 'milk', 'wheat'],
  },
  {
    manner: 'a web page',
    text: `<article><header><h1>Easy pita on the stove</h1><p>By the Tuesday bakers · 3 Jan</p></header>
<section class="ingredients"><h2>Ingredients</h2><ul>
<li><span>500 g</span> <span>bread flour</span></li>
<li><span>7 g</span> <span>sachet fast-action yeast</span></li>
<li><span>320 ml</span> <span>tepid water</span></li>
<li><span>2 tsp</span> <span>salt</span></li>
<li><span>1 tbsp</span> <span>olive oil</span></li>
</ul></section>
<section class="steps"><h2>Steps</h2>
<p><b>1</b> Combine the flour, yeast and salt, then add the water and oil.</p>
<p><b>2</b> Knead for 10 mins until springy. Leave to rise for 1 hr.</p>
<p><b>3</b> Punch down, divide into 8, and roll each into a ball. Rest for 10 mins.</p>
<p><b>4</b> Roll out to 15 cm. Rest for 15 mins on a floured cloth.</p>
<p><b>5</b> Heat a heavy pan until very hot. Cook one at a time: 15 secs, flip, 1 min, flip, 1 min – it should balloon.</p></section>
<aside>You may also like: 10 soups for January</aside></article>`,
    pct: { 'bread flour': 100, 'fast-action yeast': 1.4, 'tepid water': 64, salt: 2.4, 'olive oil': 2.5 },
    kinds: 'mix knead proof knead divide ball rest roll rest cook',
    rests: [60, 10, 15],
    cook: [15, 60, 60],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a web page',
    text: `<html><body><h2>Corn tortillas</h2><p><i>Serves 6 &bull; Prep 40 min</i></p><p>Ingredients:</p><p>300 g masa harina<br/>420 g warm water<br/>1 tsp salt</p><p>Preparation:</p><p>Mix the masa harina with the salt, add the water and knead for 3 minutes. Cover with a damp cloth and rest for 30 minutes.</p><p>Shape into 18 balls of 40 g. Press each ball between two sheets of plastic until 14 cm across.</p><p>Cook on a hot comal for 50 seconds, flip, 50 seconds, flip, 15 seconds. Wrap in a cloth.</p><script>track("x")</script></body></html>`,
    pct: { 'masa harina': 100, 'warm water': 140, salt: 2 },
    kinds: 'mix knead rest ball shape cook finish',
    rests: [30],
    cook: [50, 50, 15],
    pieceG: 40,
  },
  {
    manner: 'JSON-LD',
    text: `{"@context":"https://schema.org/","@type":"Recipe","name":"Scallion pancakes","author":{"@type":"Person","name":"A baker"},"prepTime":"PT1H","cookTime":"PT30M","recipeYield":4,"recipeIngredient":["250 g plain flour","150 ml boiling water","1/2 tsp salt","4 spring onions, finely sliced","2 tbsp sesame oil","oil for frying"],"recipeInstructions":"Pour the boiling water onto the flour and salt, stirring. Knead for 5 minutes. Cover and rest for 30 minutes. Divide into 4. Roll each piece out thin, brush with sesame oil and scatter with spring onions. Roll up tightly, coil into a snail and rest for 10 minutes. Roll out to 18 cm. Fry in a little oil for 3 minutes on each side."}`,
    pct: { 'plain flour': 100, 'boiling water': 60, salt: 1.2 },
    kinds: 'mix knead rest divide roll fill coil rest roll cook',
    rests: [30, 10],
    cook: [180, 180],
    others: ['spring onions', 'sesame oil'],
  },
  {
    manner: 'JSON-LD',
    text: `<script type="application/ld+json">{"@context":"https://schema.org","@graph":[{"@type":"WebPage","name":"x"},{"@type":"Recipe","name":"Soft wholemeal wraps","recipeYield":"8 wraps","recipeIngredient":["200g wholemeal flour","200g plain flour","1 tsp baking powder","1 tsp salt","50ml sunflower oil","220ml warm water"],"recipeInstructions":[{"@type":"HowToStep","name":"Mix","text":"Mix the flours, baking powder and salt. Stir in the oil and the water."},{"@type":"HowToStep","name":"Knead","text":"Knead 3 minutes, cover, 20 minutes."},{"@type":"HowToStep","name":"Shape","text":"Divide into 8 and roll each to 22 cm."},{"@type":"HowToStep","name":"Cook","text":"Dry pan, high heat, 45 seconds then 30 seconds."}]}]}</script>`,
    pct: {
      'wholemeal flour': 50,
      'plain flour': 50,
      'baking powder': 1,
      salt: 1.5,
      'sunflower oil': 11.5,
      'warm water': 55,
    },
    kinds: 'mix knead rest divide roll cook',
    rests: [20],
    cook: [45, 30],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a scan',
    text: `- 47 -

GRlDDLE SCONE BREAD

8 oz. self-raising flour
½ teasp. salt
l oz. butter
5 fl. oz. milk

Rub the butter into the flour and salt. Mix to a soft
dough with the milk. Turn out, pat to a round ½ inch
thick and cut into 4 farls. Cook on a moderately hot gri-
ddle for 5 minutes on each side.`,
    pct: { 'plain flour': 100, salt: 1.4, butter: 13.1, milk: 70.5, 'baking powder': 5 },
    kinds: 'mix mix shape divide cook',
    rests: [],
    cook: [300, 300],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'a scan',
    text: `LESSON 7. CHAPATlS               (12)

Ingred ients
4OO g atta
26O ml water
l tsp salt

Method
l. Mix flour, salt and wa-
ter to a soft dough.
2. Knead for 8 minutes,
rest for 3O minutes.
3. Divide into l2, roll thin
to l6 cm.
4. Cook on hot tawa: 3O sec.,
turn, 45 sec., then on the
flame l0 sec. until puffed.`,
    pct: { atta: 100, water: 65, salt: 1.5 },
    kinds: 'mix knead rest divide roll cook',
    rests: [30],
    cook: [30, 45, 10],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `Half a kilo of strong flour and fifty grams of rye, three hundred and sixty grams of water, eleven grams of salt, four grams of dried yeast. Mix for three minutes. Rest for twenty minutes. Knead for six. Then leave it for an hour and twenty minutes. Divide it into seven, make balls, wait a quarter of an hour. Stretch to twenty-two centimetres and dimple. On the griddle for two minutes, turn over, a minute and a half.`,
    pct: { 'strong flour': 90.9, rye: 9.1, water: 65.5, salt: 2, 'dried yeast': 0.73 },
    kinds: 'mix rest knead proof divide ball rest shape cook',
    rests: [20, 80, 15],
    cook: [120, 90],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `Eight people, so: eight hundred grams of plain flour, four hundred and forty grams of warm water, sixteen grams of salt, a hundred grams of lard. We rub the lard in, add salt and water, and knead it for five minutes. It rests for half an hour. Everyone gets two balls of about eighty grams, which rest another ten minutes. Roll them out to twenty centimetres. One minute, turn, three quarters of a minute.`,
    pct: { 'plain flour': 100, 'warm water': 55, salt: 2, lard: 12.5 },
    kinds: 'mix mix knead rest ball rest roll cook',
    rests: [30, 10],
    cook: [60, 45],
    pieceG: 80,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'parts by vessel',
    text: `Coconut roti

2 cups flour
1 cup desiccated coconut
1 tsp salt
1/2 cup water, maybe a bit more
2 tbsp coconut oil

Rub the oil, coconut and salt into the flour. Add the water and knead briefly. Rest 20 minutes. Make 8 balls. Flatten each one to 12 cm. Cook on a dry griddle for 3 minutes each side, pressing the edges.`,
    pct: { flour: 100, water: 49.2, salt: 2.5 },
    kinds: 'mix mix knead rest ball shape cook',
    rests: [20],
    cook: [180, 180],
    allergens: ['gluten', 'wheat'],
    others: ['coconut'],
  },
  {
    manner: 'parts by vessel',
    text: `Pan bread by the glass – 2 glasses flour, 1 glass yogurt, a teaspoon of baking powder, a pinch of salt. Mix, rest ten minutes, 6 pieces, pat flat, fry dry, 2 min per side.`,
    pct: { flour: 100, yogurt: 102 },
    kinds: 'mix rest divide shape cook',
    rests: [10],
    cook: [120, 120],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'decimal commas',
    text: `Piadina (10 pezzi)

Farina 00 (flour 00)  1,00 kg
Strutto (lard)  0,15 kg
Sale (salt)  0,02 kg
Bicarbonato (bicarbonate of soda)  0,005 kg
Acqua (water)  0,45 kg

Impasto / mix: 5 min
Riposo / rest: 60 min
Palline / balls: 10 x 160 g
Riposo / rest: 20 min
Stendere / roll: 24 cm
Cottura / cook: 1,5 min + 1 min`,
    pct: { 'flour 00': 100, lard: 15, salt: 2, 'bicarbonate of soda': 0.5, water: 45 },
    kinds: 'mix rest ball rest roll cook',
    rests: [60, 20],
    cook: [90, 60],
    pieceG: 160,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'decimal commas',
    text: `Rågtunnbröd for the course (soft rye flatbread): 0,9 kg wheat flour, 0,6 kg fine rye flour, 0,95 l milk, 0,1 kg butter, 0,05 kg fresh yeast, 0,02 kg salt, 0,06 kg syrup. Melt the butter, add the milk (37 °C). Stir the yeast into the milk, add the rest and knead for 8 min. Proof 45 min. Divide into 20 pieces, round, rest 15 min. Roll to 25 cm, prick. Griddle: 1,5 min, turn, 1 min. Stack under a cloth.`,
    pct: {
      'wheat flour': 60,
      'fine rye flour': 40,
      milk: 65.2,
      butter: 6.67,
      'fresh yeast': 3.33,
      salt: 1.33,
      syrup: 4,
    },
    kinds: 'prepare mix knead proof divide ball rest roll cook finish',
    rests: [45, 15],
    cook: [90, 60],
    allergens: ['gluten', 'milk', 'wheat'],
  },
];
