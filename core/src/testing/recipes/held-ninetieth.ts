import type { RecipeText } from './recipe-text.ts';

/** A ninetieth lot whose expectation was written before the reader saw it, two of each manner, as instructors keep them in a drawer. */
export const NINETIETH: readonly RecipeText[] = [
  {
    manner: 'a handout',
    text: `Pita bread, Saturday group
Makes 16

Ingredients
1 kg bread flour
640 g lukewarm water
18 g salt
10 g instant yeast
40 g olive oil

What we do
1. Mix flour, salt and yeast. Pour in the water and the oil and bring together.
2. Knead 10 minutes by hand.
3. Bulk proof, covered, 60 minutes.
4. Scale into 16 pieces and round them. Bench rest 15 minutes.
5. Roll to 15 cm, 4 mm thick. Leave on floured boards for 20 minutes.
6. Hot griddle: 30 seconds, turn, 60 seconds, turn, 30 seconds.
7. Keep in a cloth.

Each student takes home 4 breads.`,
    pct: { 'bread flour': 100, 'lukewarm water': 64, salt: 1.8, 'instant yeast': 1, 'olive oil': 4 },
    kinds: 'mix knead proof divide ball rest roll rest cook finish',
    rests: [60, 15, 20],
    cook: [30, 60, 30],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a handout',
    text: `GOZLEME with spinach and feta (for 8)

DOUGH
500 g plain flour
1 tsp salt
300 ml warm water
2 tbsp oil

FILLING
400 g spinach, chopped
200 g feta, crumbled
1 onion, finely chopped
pepper

METHOD
Make the dough and knead it for 8 minutes. Rest it, covered, 30 minutes.
While it rests, mix the filling.
Divide the dough into 8, shape into balls and rest 10 minutes under a damp cloth.
Roll each ball to 28 cm. Put filling on one half, fold over and seal the edges.
Cook on a medium griddle 3 minutes on each side. Brush with butter.`,
    pct: { 'plain flour': 100, 'warm water': 60 },
    kinds: 'mix knead rest prepare divide ball rest roll fill shape cook finish',
    rests: [30, 10],
    cook: [180, 180],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['salt', 'oil', 'spinach', 'feta', 'onion', 'butter'],
  },
  {
    manner: 'a table',
    text: `Ingredient	g	%
Atta	800	100
Water 35 °C	520	65
Salt	12	1.5
Ghee	24	3

Stage	Time	Note
Mix	5 min	
Autolyse	20 min	
Knead	8 min	by hand
Rest	30 min	covered
Divide		16 pieces
Ball		
Rest	10 min	
Roll		17 cm
Tawa	15 s / 30 s / flame	`,
    pct: { atta: 100, water: 65, salt: 1.5, ghee: 3 },
    kinds: 'mix rest knead rest divide ball rest roll cook',
    rests: [20, 30, 10],
    cook: [15, 30, 15],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'a table',
    text: `                    small (8)   large (20)
Flour T65            400 g       1000 g
Water                260 g        650 g
Levain (100 %)       100 g        250 g
Salt                   8 g         20 g

Mix, 5 min.
Rest 30 min, fold, rest 30 min, fold.
Bulk 2 h at 24 °C.
Divide at 95 g, round, 20 min.
Press out to 18 cm.
Griddle 2 min + 1½ min.`,
    pct: { 'flour T65': 100, water: 65, levain: 25, salt: 2 },
    kinds: 'mix rest fold rest fold proof divide ball rest shape cook',
    rests: [30, 30, 120, 20],
    cook: [120, 90],
    pieceG: 95,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Flour tortillas (baker's percentages)
Flour 100
Lard 14
Warm water 50
Salt 1.8
Baking powder 0.8

Rub in the fat, add the water, knead 4 min. Rest 30 min. 45 g balls. Rest 20 min. Roll 18 cm. Comal, 40 s per side.`,
    pct: { flour: 100, lard: 14, 'warm water': 50, salt: 1.8, 'baking powder': 0.8 },
    kinds: 'mix mix knead rest ball rest roll cook',
    rests: [30, 20],
    cook: [40, 40],
    pieceG: 45,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Spelt schiacciata on the stone – 80 % white spelt, 20 % wholemeal spelt, 68 % water, 2.2 % salt, 0.4 % instant yeast, 5 % olive oil
dough temperature 25 °C
1. mix 4 min slow
2. proof 3 h with one fold after 1 h
3. divide 180 g, round, 30 min
4. press to 20 cm, dimple, oil, rosemary
5. stone 280 °C, 6 min`,
    pct: { 'white spelt': 80, 'wholemeal spelt': 20, water: 68, salt: 2.2, 'instant yeast': 0.4, 'olive oil': 5 },
    kinds: 'mix proof fold proof divide ball rest shape fill cook',
    rests: [60, 120, 30],
    cook: [216, 144],
    pieceG: 180,
    allergens: ['gluten', 'wheat'],
    others: ['rosemary'],
  },
  {
    manner: 'one paragraph',
    text: `Put 400 g of wholemeal flour and 100 g of white in a wide bowl with 8 g of salt, make a well, pour in 320 g of hot water and work it together with a spoon until you can bear to touch it. Knead for five minutes, cover with the upturned bowl and forget it for half an hour. Pull off twelve pieces the size of a lime, roll them round under your palm, let them sit for ten minutes, then roll each one to about 16 cm. Cook on a dry hot pan for 45 seconds, flip it for a minute, and flip it back for 15 seconds, pressing with a cloth so that it puffs.`,
    pct: { 'wholemeal flour': 80, 'white flour': 20, salt: 1.6, 'hot water': 64 },
    kinds: 'mix knead rest divide ball rest roll cook',
    rests: [30, 10],
    cook: [45, 60, 15],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `Scallion pancakes: 300 g flour, 160 g boiling water, 40 g cold water, half a teaspoon of salt. Stir the boiling water in first, then the cold, knead until smooth, 5 minutes, and rest for 40. Divide into 6, roll thin, brush with sesame oil, scatter with chopped scallions and a pinch of salt, roll up like a cigar, coil, rest 10 minutes, roll out again to 18 cm and fry in a little oil, 2½ minutes a side, over medium heat.`,
    pct: { flour: 100, 'boiling water': 53.33, 'cold water': 13.33 },
    kinds: 'mix knead rest divide roll fill coil rest roll cook',
    rests: [40, 10],
    cook: [150, 150],
    allergens: ['gluten', 'sesame', 'wheat'],
    others: ['scallion', 'oil'],
  },
  {
    manner: 'a web page',
    text: `<main><h1>Easy Chapati</h1><div class="rating">4.8 (212)</div><p>Jump to recipe</p><p>I learnt these from a neighbour when I was nine.</p><div class="meta"><span>Prep 15 min</span> <span>Rest 30 min</span> <span>Cook 20 min</span> <span>Makes 12</span></div>
<h2>Ingredients</h2><ul><li>360 g atta flour <em>(see note 1)</em></li><li>1 teaspoon salt</li><li>1 tablespoon oil, plus extra for rolling</li><li>230 ml hot water, approximately</li></ul>
<h2>Instructions</h2><ol><li><strong>Make the dough.</strong> Combine flour and salt in a large bowl. Add the oil and the water and mix with your hand.</li><li><strong>Knead</strong> on a floured surface for 6–8 minutes.</li><li><strong>Rest.</strong> Cover and set aside for 30 minutes.</li><li><strong>Shape.</strong> Divide into 12 balls. Roll each ball into a 15 cm circle.</li><li><strong>Cook.</strong> Heat a tawa over medium-high. Cook 30 seconds, flip, cook 45 seconds, flip and press with a spatula for 20 seconds.</li></ol>
<h3>Notes</h3><ol><li>Atta is a finely milled wholewheat flour.</li><li>They freeze for up to 3 months.</li></ol></main>`,
    pct: { 'atta flour': 100, 'hot water': 63.9 },
    kinds: 'mix knead rest divide ball roll cook',
    rests: [30],
    cook: [30, 45, 20],
    allergens: ['gluten', 'wheat'],
    others: ['salt', 'oil'],
  },
  {
    manner: 'a web page',
    text: `<div itemprop="articleBody"><h2>Yogurt flatbreads with za'atar</h2><p>Serves 6 &middot; 45 minutes</p><table><tr><td>300g</td><td>self-raising flour</td></tr><tr><td>250g</td><td>Greek yogurt</td></tr><tr><td>1/2 tsp</td><td>fine sea salt</td></tr><tr><td>2 tbsp</td><td>za'atar</td></tr><tr><td>3 tbsp</td><td>olive oil</td></tr></table><p>Tip the flour, yogurt and salt into a bowl and mix to a rough dough. Knead for a minute on a floured worktop, then rest for 15 minutes.</p><p>Stir the za'atar into the oil.</p><p>Cut the dough into 6, roll out to 5mm thick, brush with the za'atar oil and cook in a hot frying pan for 2&ndash;3 minutes each side.</p><p class="share">Share on social media</p></div>`,
    pct: { 'plain flour': 100, 'greek yogurt': 87.5, 'baking powder': 5 },
    kinds: 'mix knead rest prepare divide roll fill cook',
    rests: [15],
    cook: [150, 150],
    allergens: ['gluten', 'milk', 'sesame', 'wheat'],
    others: ["za'atar", 'olive oil', 'salt'],
  },
  {
    manner: 'structured data',
    text: `<html><head><script type="application/ld+json">{"@context":"https://schema.org","@graph":[{"@type":"WebPage","name":"Flat barley bread"},{"@type":"Recipe","name":"Flat barley bread","recipeYield":8,"prepTime":"PT20M","cookTime":"PT24M","recipeIngredient":["300 g barley flour","200 g wheat flour","350 ml buttermilk","1 tsp baking soda","1½ tsp salt","2 tbsp syrup"],"recipeInstructions":[{"@type":"HowToStep","name":"Mix","text":"Stir the flours, soda and salt together. Add the buttermilk and the syrup and stir to a sticky dough."},{"@type":"HowToStep","name":"Shape","text":"Divide into 8 on a well floured board and pat out to 16 cm. Prick with a fork."},{"@type":"HowToStep","name":"Cook","text":"Cook on a dry griddle for 3 minutes, turn and cook for 2 minutes more."}]}]}</script></head><body>Loading…</body></html>`,
    pct: { 'barley flour': 60, 'wheat flour': 40, buttermilk: 72 },
    kinds: 'mix divide shape cook',
    rests: [],
    cook: [180, 120],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['baking soda', 'salt', 'syrup'],
  },
  {
    manner: 'structured data',
    text: `{"@context":"http://schema.org","@type":"Recipe","name":"Stuffed paratha","yield":"10","recipeIngredient":["500 g whole wheat flour","325 g water","10 g salt","20 g oil","Filling: 400 g cauliflower, grated","1 green chilli, chopped","1 tsp cumin seeds","Ghee for cooking"],"recipeInstructions":["Knead flour, water, salt and oil for 8 minutes.","Cover and rest for 25 minutes.","Squeeze the cauliflower dry and mix with the chilli and cumin.","Divide the dough into 10 balls.","Flatten a ball, put the filling in the middle, gather the edges and seal.","Rest for 5 minutes, then roll gently to 18 cm.","Cook on a hot tawa with ghee for 1 minute 30 seconds per side."]}`,
    pct: { 'whole wheat flour': 100, water: 65, salt: 2, oil: 4 },
    kinds: 'mix knead rest prepare divide ball fill rest roll cook',
    rests: [25, 5],
    cook: [90, 90],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['cauliflower', 'chilli', 'cumin', 'ghee'],
  },
  {
    manner: 'a scan',
    text: `Domestic Class, 2nd Year                    Lesson l4

SODA FARLS

l lb. plain flour            l teaspoon bicarbonate of soda
l teaspoon salt              3/4 pint buttermilk

Sieve the dry ingredients. Make a well, pour in the
butter-
milk and mix lightly with a knife. Turn on to a floured
board, knead for a minute and roll into a round ½ inch
thick. Cut in four. Place on a warmed, floured griddle
and bake slowly for 8 minutes on each side.`,
    pct: { 'plain flour': 100, buttermilk: 97 },
    kinds: 'mix knead roll divide cook',
    rests: [],
    cook: [480, 480],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['bicarb', 'salt'],
  },
  {
    manner: 'a scan',
    text: `5.  NAAN  (l2 pieces)

Flour . . . . . 75O g
Yoghurt . . . . l5O g
Water . . . . . 3OO g
Yeast, fresh . .  2O g
Salt . . . . . . l5 g
Sugar . . . . . lO g

Dissolve the yeast in the water with the sugar and leave
for lO minutes. Add to the flour with the rest, and work to
a soft dough, 8 mi-
nutes. Prove for 1½ hours, divide, round up, rest l5 minu-
tes, pull to a tear shape 22 cm long and bake on the hot
stone at 3OO °C for 3 minutes.`,
    pct: { flour: 100, yoghurt: 20, water: 40, 'fresh yeast': 2.67, salt: 2, sugar: 1.33 },
    kinds: 'mix bloom mix knead proof divide ball rest shape cook',
    rests: [10, 90, 15],
    cook: [108, 72],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `Six hundred grams of strong flour, three hundred and ninety of water, twelve of salt, six of fresh yeast and two tablespoons of olive oil. Mix and leave for a quarter of an hour. Knead for seven minutes, prove for two hours, fold once, and prove for another hour. Cut into ten, round, rest for twenty minutes, press to twenty centimetres, and bake on the steel for four minutes.`,
    pct: { 'strong flour': 100, water: 65, salt: 2, 'fresh yeast': 1, 'olive oil': 4.18 },
    kinds: 'mix rest knead proof fold proof divide ball rest shape cook',
    rests: [15, 120, 60, 20],
    cook: [144, 96],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `Arepas for a dozen people. One and a half kilos of precooked white maize flour, two and a quarter litres of warm water, thirty grams of salt, a good glug of oil. Mix with your hand for three minutes and let it stand for five. Shape twenty-four balls and flatten them to ten centimetres and a finger thick. Cook on an oiled plate for five minutes a side, then ten minutes in the oven.`,
    pct: { 'precooked white maize flour': 100, 'warm water': 150, salt: 2 },
    kinds: 'mix rest ball shape cook',
    rests: [5],
    cook: [300, 300, 600],
    allergens: [],
    others: ['oil'],
  },
  {
    manner: 'parts by vessel',
    text: `Bazlama the way my aunt does it
5 tea glasses flour
2 tea glasses warm water
1 tea glass yoghurt
1 soup spoon dry yeast
1 soup spoon sugar
1 dessert spoon salt

Everything in the basin, knead till it stops sticking. Cover, 1 hour. Take off 8 lumps, make them round, 15 min. Open by hand as thick as a finger, 16 cm. Sac or pan, lid on, 3 min, turn, 3 min.`,
    pct: { flour: 100 },
    kinds: 'mix knead proof ball rest shape cook',
    rests: [60, 15],
    cook: [180, 180],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['water', 'yoghurt', 'yeast', 'sugar', 'salt'],
  },
  {
    manner: 'parts by vessel',
    text: `Msemen: 2 bowls fine semolina, 1 bowl white flour, 1 bowl warm water, 1 teaspoon salt, a pinch of yeast. For folding: oil, melted butter and semolina. Knead a good 15 min. Divide into 12, oil the balls, rest 20 min. Flatten paper thin, sprinkle with oil, butter and semolina, fold in three and in three again. Rest 15 min. Press to 18 cm. Griddle, medium, 3 min, turning several times.`,
    pct: { 'fine semolina': 72, 'white flour': 28 },
    kinds: 'mix knead divide rest shape fill shape rest shape cook',
    rests: [20, 15],
    cook: [45, 45, 45, 45],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['water', 'salt', 'yeast', 'oil', 'butter'],
  },
  {
    manner: 'decimal commas',
    text: `Piadina (10 pz da 130 g)

Farina 00 / flour 00      0,800 kg
Strutto / lard            0,120 kg
Latte / milk              0,200 l
Acqua / water             0,200 l
Sale / salt               0,016 kg
Bicarbonato / soda        0,004 kg

Knead 8 min; rest 1,0 h; scale at 130 g; round; rest 0,5 h; roll to 24,0 cm (2,5 mm); testo 230 °C: 1,5 min, turn, 1,0 min.`,
    pct: { 'flour 00': 100, lard: 15, milk: 25.75, water: 25, salt: 2, soda: 0.5 },
    kinds: 'mix knead rest divide ball rest roll cook',
    rests: [60, 30],
    cook: [90, 60],
    pieceG: 130,
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'decimal commas',
    text: `Knekkebrød / crispbread: 0,4 kg rye flour, 0,1 kg wheat flour, 0,38 l water, 12,5 g salt, 7,5 g yeast, 0,05 kg sunflower seeds. Mix 5 min. Ferment 2,5 h. Divide into 12. Roll 2,5 mm, 20 cm, dock. Proof 0,5 h. Bake at 250 °C for 4,5 min. Dry overnight.`,
    pct: { 'rye flour': 80, 'wheat flour': 20, water: 76, salt: 2.5, yeast: 1.5, 'sunflower seeds': 10 },
    kinds: 'mix proof divide roll proof cook',
    rests: [150, 30],
    cook: [162, 108],
    allergens: ['gluten', 'wheat'],
  },
];
