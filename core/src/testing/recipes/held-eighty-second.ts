import type { RecipeText } from './recipe-text.ts';

/** An eighty-second lot whose expectation was written before the reader saw it, two of each manner, as course leaders keep them in their folders. */
export const EIGHTY_SECOND: readonly RecipeText[] = [
  {
    manner: 'a handout',
    text: `COURSE 4 – EVENING 2: TORTILLAS DE HARINA

Today we make wheat tortillas with lard. Everybody takes home 10.

Weigh out
- 300 g plain flour
- 60 g lard
- 5 g salt
- 3 g baking powder
- 160 g hot water (not boiling)

Work
a) Rub the lard into the flour with salt and baking powder until it looks like sand.
b) Pour on the water, mix with a fork, then knead 3 minutes – the dough should feel warm and soft.
c) Make 10 balls. Cover with a bowl; 30 minutes' rest. (Theory meanwhile!)
d) Roll each ball to about 17 cm. Turn it as you go.
e) Griddle, high heat: 30 seconds until it blisters, flip, 30 seconds more.
f) Wrap in a cloth.`,
    pct: { 'plain flour': 100, lard: 20, salt: 1.7, 'baking powder': 1, 'hot water': 53.3 },
    kinds: 'mix mix knead ball rest roll cook finish',
    rests: [30],
    cook: [30, 30],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a handout',
    text: `Injera-style pancakes (quick version for class, no waiting three days)
Serves the table of 6: 12 pieces

200 g teff flour
100 g plain flour
7 g dried yeast
550 g lukewarm water
4 g salt
½ tsp baking powder (at the end)

Whisk teff, flour, yeast and water to a thin batter. Let it bubble for 90 minutes in a warm corner.
Stir in the salt and the baking powder.
Ladle 70 g onto a medium-hot non-stick pan, tilting it so that it covers 20 cm.
Put the lid on after 30 seconds, and leave for 90 seconds. Do not turn it.
Slide on to a cloth.`,
    pct: { 'teff flour': 66.7, 'plain flour': 33.3, 'dried yeast': 2.3, 'lukewarm water': 183.3, salt: 1.3 },
    kinds: 'mix proof mix divide shape cook finish',
    rests: [90],
    cook: [30, 90],
    allergens: ['gluten', 'wheat'],
    others: ['baking powder'],
  },
  {
    manner: 'a table',
    text: `Ingredient        Per student   8 students   Notes
Strong flour      150 g         1200 g       
Water             98 g          784 g        30 °C
Salt              3 g           24 g         
Yeast, instant    1 g           8 g          
Oil               6 g           48 g         olive

Step        Min    What
Mixing      4      everything, spoon
Kneading    8      table
Proof       60     covered bowl
Dividing    2      2 pieces each
Rest        10     
Stretching  3      20 cm
Griddle     3      90 s each side`,
    pct: { 'strong flour': 100, water: 65.3, salt: 2, 'instant yeast': 0.7, oil: 4 },
    kinds: 'mix knead proof divide rest shape cook',
    rests: [60, 10],
    cook: [90, 90],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a table',
    text: `<table><caption>Chickpea flatbread (gluten-free)</caption>
<tr><th>What</th><th>How much</th></tr>
<tr><td>chickpea flour</td><td>250 g</td></tr>
<tr><td>water</td><td>450 g</td></tr>
<tr><td>olive oil</td><td>30 g</td></tr>
<tr><td>salt</td><td>6 g</td></tr>
<tr><td>rosemary</td><td>1 sprig</td></tr>
</table>
<p>Whisk flour, water and salt smooth; let the batter stand 2 hours; skim off the foam.</p>
<p>Stir in half the oil. Pour 90 g into a hot oiled pan, spread to 18 cm, sprinkle with rosemary.</p>
<p>3 minutes, flip, 2 minutes.</p>`,
    pct: { 'chickpea flour': 100, water: 180, 'olive oil': 12, salt: 2.4 },
    kinds: 'mix rest mix divide shape fill cook',
    rests: [120],
    cook: [180, 120],
    pieceG: 90,
    allergens: [],
    others: ['rosemary'],
  },
  {
    manner: 'percentages alone',
    text: `Roti: atta 100, water 68, salt 1, oil 3
Mix 3, knead 6, rest 30, divide 45 g, ball, roll 16 cm, tawa 30 s / 45 s, flame 5 s.`,
    pct: { atta: 100, water: 68, salt: 1, oil: 3 },
    kinds: 'mix knead rest divide ball roll cook',
    rests: [30],
    cook: [30, 45, 5],
    pieceG: 45,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Everything on flour = 100 %:
- bread flour 85 %
- dark rye 15 %
- milk 62 %
- fresh yeast 2 %
- salt 1.8 %
- butter 6 %
- caraway 0.5 %

Knead everything but the butter for 5 min, add the butter, 5 min more. Prove 50 min. Scale to 110 g; round; 15 min. Roll to 15 cm discs. Hotplate, medium, 2 min + 2 min.`,
    pct: { 'bread flour': 85, 'dark rye': 15, milk: 62, 'fresh yeast': 2, salt: 1.8, butter: 6, caraway: 0.5 },
    kinds: 'mix knead knead proof divide ball rest roll cook',
    rests: [50, 15],
    cook: [120, 120],
    pieceG: 110,
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `We do bazlama with the Thursday group because nobody is afraid of it: 600 g bread flour, 360 g water, 60 g yoghurt, 12 g salt, 10 g fresh yeast and a spoon of sugar go into the big bowl, are stirred and then kneaded for ten minutes, and rise for an hour until double. Then it is knocked back, cut in six, rounded, left for fifteen minutes, and pressed out by hand to a finger's thickness, 16 cm or so. On the cast iron at medium heat they take three minutes on the first side, two and a half on the second.`,
    pct: { 'bread flour': 100, water: 60, yoghurt: 10, salt: 2, 'fresh yeast': 1.7 },
    kinds: 'mix knead proof knead divide ball rest shape cook',
    rests: [60, 15],
    cook: [180, 150],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['sugar'],
  },
  {
    manner: 'one paragraph',
    text: `Quesadilla dough, quick: 2 cups masa harina, 1 1/2 cups warm water, 1/2 tsp salt. Mix until it feels like modelling clay, cover, rest 15 min. Make 12 balls, press each between plastic to 15 cm. Cook 30 sec on a hot comal, flip, fill with grated cheese and a strip of chilli, fold in half and cook another minute each side.`,
    pct: { 'masa harina': 100 },
    kinds: 'mix rest ball shape cook',
    rests: [15],
    cook: [30, 60, 60],
    allergens: ['milk'],
    others: ['water', 'salt', 'cheese', 'chilli'],
  },
  {
    manner: 'a web page',
    text: `<html><head><title>Malawach</title><script>var ads=1;</script></head><body><h1 class="t">Malawach</h1>
<p>Flaky, buttery, made the day before.</p>
<h3>For the dough</h3><ul><li>500 g plain flour</li><li>10 g salt</li><li>15 g sugar</li><li>300 g water</li></ul>
<h3>For layering</h3><ul><li>150 g very soft butter</li></ul>
<h3>To serve</h3><ul><li>grated tomato</li><li>hard-boiled eggs</li></ul>
<ol><li>Mix the dough, knead 8 minutes, rest 1 hour.</li><li>Divide into 8 balls and rest for another 30 minutes.</li><li>Stretch each ball as thin as you can on an oiled table, spread with butter, fold in thirds like a letter and roll up to a snail.</li><li>Chill overnight.</li><li>Press each to 20 cm and cook straight from the fridge, 3 minutes a side over medium heat.</li></ol>
<p>Serve with tomato and eggs.</p></body></html>`,
    pct: { 'plain flour': 100, salt: 2, sugar: 3, water: 60 },
    kinds: 'mix knead rest divide ball rest shape fill shape coil chill shape cook',
    rests: [60, 30, 600],
    cook: [180, 180],
    allergens: ['egg', 'gluten', 'milk', 'wheat'],
    others: ['butter', 'tomato', 'egg'],
  },
  {
    manner: 'a web page',
    text: `<section><h1>Emergency Flatbread – 3 ingredients!</h1>
<p>Recipe rating: 4.7 (312 votes)</p>
<p><strong>You need:</strong> 1 cup self-raising flour (125g) &bull; ¾ cup thick yoghurt (190g) &bull; ½ tsp salt</p>
<p><strong>Do this:</strong> Stir together in a bowl. Knead on a floured bench for a minute. Divide into 4. Roll to 18&nbsp;cm. Cook in a dry pan over medium-high heat for 1&ndash;2 minutes per side.</p>
<p>Tip: brush with garlic butter.</p>
<p>Calories: 190 | Carbs: 25g | Fat: 5g</p></section>`,
    pct: { 'plain flour': 100, 'baking powder': 5 },
    kinds: 'mix knead divide roll cook',
    rests: [],
    cook: [90, 90],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['yoghurt', 'salt'],
  },
  {
    manner: 'structured data',
    text: `{"@context":"http://schema.org","@type":"Recipe","name":"Msemen","author":{"@type":"Person","name":"Nadia"},"recipeYield":"8 square breads","recipeIngredient":["250 g fine semolina","250 g all-purpose flour","1 1/2 tsp salt","1 tsp sugar","1/4 tsp instant yeast","330 ml warm water","100 ml vegetable oil mixed with 50 g melted butter, for shaping"],"recipeInstructions":[{"@type":"HowToStep","name":"Dough","text":"Mix semolina, flour, salt, sugar and yeast. Add the water and knead for 10 minutes until smooth."},{"@type":"HowToStep","name":"Balls","text":"Form 8 balls, coat with oil and let rest 15 minutes."},{"@type":"HowToStep","name":"Shape","text":"Flatten a ball on an oiled surface until very thin. Fold into thirds, then again to make a square. Rest 10 minutes."},{"@type":"HowToStep","name":"Cook","text":"Flatten the squares to double their size and cook on a hot griddle for 3 minutes per side, turning several times."}]}`,
    pct: { 'fine semolina': 50, 'all-purpose flour': 50, 'warm water': 66 },
    kinds: 'mix knead ball rest shape rest shape cook',
    rests: [15, 10],
    cook: [90, 90, 90, 90],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['salt', 'sugar', 'yeast', 'oil', 'butter'],
  },
  {
    manner: 'structured data',
    text: `<script type='application/ld+json'>{"@type":"Recipe","name":"Thin crisp rye rounds","description":"Crisp and dark.","recipeYield":12,"prepTime":"PT1H30M","cookTime":"PT30M","recipeIngredient":["400g dark rye flour","100g bread flour, plus extra","350g water","8g salt","5g dried yeast","1 tbsp honey","1 tsp ground aniseed"],"recipeInstructions":"<p>Stir everything to a sticky dough.</p><p>Cover and leave for an hour.</p><p>With plenty of flour divide into 12, and roll out with a notched pin to 20 cm.</p><p>Cut a hole in the middle.</p><p>Bake on a hot stone for 3 minutes, turn, 2 minutes.</p><p>Hang up to dry.</p>"}</script>`,
    pct: { 'dark rye flour': 80, 'bread flour': 20, water: 70, salt: 1.6, 'dried yeast': 1 },
    kinds: 'mix proof divide roll cook',
    rests: [60],
    cook: [180, 120],
    allergens: ['gluten', 'wheat'],
    others: ['honey', 'aniseed'],
  },
  {
    manner: 'a scan',
    text: `Griddle Scones (Welsh)                         31

8 ozs. self-raising flour     pinch of salt
2 ozs. butter                 1 oz. sugar
¼ pint milk

Rub fat into flour and salt. Add sugar, and
mix to a soft dough with the milk. Roll out
¼ inch thick and cut into 10 rounds. Cook on
a greased griddle about 4 minutes each side,
until golden-brown. Eat hot.`,
    pct: { 'plain flour': 100, butter: 26.3, sugar: 13.2 },
    kinds: 'mix mix roll divide cook',
    rests: [],
    cook: [240, 240],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['salt', 'milk', 'baking powder'],
  },
  {
    manner: 'a scan',
    text: `Hill Bread
Take of wheaten meal one pound, of bar-
ley meal half a pound, salt a teaspoon,
soda a teaspoon, and sour milk near
three quarters of a pint. Mix quick-
ly, knead as little as may be, and pat
out to two cakes of the size of a din-
ner plate (10 inches). Bake on the hot
girdle 6 minutes, turn, and 6 min-
utes again.`,
    pct: { 'wheaten meal': 66.7, 'barley meal': 33.3 },
    kinds: 'mix knead divide shape cook',
    rests: [],
    cook: [360, 360],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['salt', 'soda', 'sour milk'],
  },
  {
    manner: 'words for numbers',
    text: `Sesame rings for the griddle, twelve of them. Five hundred grams of strong flour, three hundred and ten of water, ten of salt, ten of sugar and seven of instant yeast. Ten minutes of kneading, an hour and a quarter of rising. Twelve pieces of seventy grams; rest them ten minutes. Roll each to a rope of thirty centimetres, join the ends, dip in water and then in sesame. Two minutes a side under a lid over a gentle heat.`,
    pct: { 'strong flour': 100, water: 62, salt: 2, sugar: 2, 'instant yeast': 1.4 },
    kinds: 'mix knead proof divide rest coil fill cook',
    rests: [75, 10],
    cook: [120, 120],
    pieceG: 70,
    allergens: ['gluten', 'sesame', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `Take half a kilo of spelt flour and stir in a quarter of a litre of buttermilk, fifty millilitres of oil, a level teaspoon of soda and a teaspoon and a half of salt. Bring it together, no more than a minute. After ten minutes cut it into nine and roll them to a hand's breadth, about eleven centimetres. Three minutes each side, medium fire.`,
    pct: { 'spelt flour': 100, buttermilk: 51.5 },
    kinds: 'mix rest divide roll cook',
    rests: [10],
    cook: [180, 180],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['oil', 'soda', 'salt'],
  },
  {
    manner: 'parts by vessel',
    text: `4 cups of maida
1 cup curd
1/2 cup milk
1 tsp baking powder
1/2 tsp soda
1 tsp sugar
1 tsp salt
2 tbsp oil

Mix the dry things. Add curd, milk and oil, knead soft dough 5 mts. Keep covered for 2 hrs. Make 10 balls. Roll oval. Apply water on one side and stick to hot tawa wet side down. When bubbles come (1 mt) turn the tawa over the flame till brown spots. Apply butter.`,
    pct: { maida: 100 },
    kinds: 'mix knead rest ball roll cook finish',
    rests: [120],
    cook: [60, 15],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['curd', 'milk', 'baking powder', 'soda', 'sugar', 'salt', 'oil', 'butter'],
  },
  {
    manner: 'parts by vessel',
    text: `Grandpa's measures: three coffee cups of fine semolina, one coffee cup of olive oil, one coffee cup of water, salt on the tip of a knife. Rub oil into semolina with your palms until every grain shines. Add water, press together, don't knead. Leave 15 min. Divide in 4, press out 1 cm thick on a cloth. Cook in a dry clay pan, low fire, 6 min, turn with a plate, 6 min.`,
    pct: { 'fine semolina': 100 },
    kinds: 'mix mix rest divide shape cook',
    rests: [15],
    cook: [360, 360],
    allergens: ['gluten', 'wheat'],
    others: ['olive oil', 'water', 'salt'],
  },
  {
    manner: 'decimal commas',
    text: `Tunnbröd, mjukt – 20 st
1,0 l water + milk (half/half)
0,05 kg fresh yeast
1,2 kg wheat flour
0,4 kg sifted rye flour
0,1 kg butter
0,022 kg salt
0,05 kg syrup

Melt the butter, add the liquid (37 °C), dissolve the yeast. Add the rest and work the dough 8 min. Jäsning (proof) 0,75 h. Divide in 20, roll thin with a kruskavel, Ø 28 cm. Bake on the hot plate 1,5 min / 1 min.`,
    pct: { 'wheat flour': 75, 'sifted rye flour': 25, 'fresh yeast': 3.1, butter: 6.25, salt: 1.4, syrup: 3.1 },
    kinds: 'prepare mix knead proof divide roll cook',
    rests: [45],
    cook: [90, 60],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['water'],
  },
  {
    manner: 'decimal commas',
    text: `Rezeptkarte 7: Kartoffelfladen
500 g mehlig kochende Kartoffeln (floury potatoes), gekocht
0,25 kg Mehl (flour)
1 Ei (egg)
7,5 g Salz (salt)

Pass the potatoes through a ricer, work in flour, egg, salt – not too long! Divide into 8 (92,5 g each), flatten to 0,8 cm and 12 cm. Fry in 2,5 g oil each, medium heat, 3,5 min per side.`,
    pct: { flour: 100, salt: 3 },
    kinds: 'mix divide shape cook',
    rests: [],
    cook: [210, 210],
    pieceG: 92.5,
    allergens: ['egg', 'gluten', 'wheat'],
    others: ['potato', 'egg'],
  },
];
