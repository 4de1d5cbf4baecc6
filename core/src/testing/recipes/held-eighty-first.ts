import type { RecipeText } from './recipe-text.ts';

/** An eighty-first lot whose expectation was written before the reader saw it, two of each manner, from notebooks and notice boards. */
export const EIGHTY_FIRST: readonly RecipeText[] = [
  {
    manner: 'a handout',
    text: `Village hall baking morning – FLATBREADS WITH SEEDS
You each make 4

For each person:
200 g strong white flour
50 g wholemeal flour
1 level tsp salt (5 g)
1 level tsp fast-action yeast (3 g)
160 g lukewarm water
1 tbsp sunflower oil
a small handful of sunflower seeds

1 Tip flours, salt, yeast and seeds into your bowl. Add the water and oil, and bring together with one hand.
2 Knead for ten minutes. Swap with your neighbour if you get tired!
3 Back in the bowl, cover with the lid, and leave on the radiator shelf for 45 minutes.
4 Cut into four. Roll each as big as a saucer (16 cm).
5 Take them to the hob. Two minutes per side on a hot plate.

Please wash your own bowl.`,
    pct: { 'strong white flour': 80, 'wholemeal flour': 20, salt: 2, 'fast-action yeast': 1.2, 'lukewarm water': 64 },
    kinds: 'mix knead proof divide roll cook',
    rests: [45],
    cook: [120, 120],
    allergens: ['gluten', 'wheat'],
    others: ['oil', 'sunflower seeds'],
  },
  {
    manner: 'a handout',
    text: `BARLEY BANNOCK, as made at the open-air kitchen

You will need (one bannock, cut in 6): barley meal 225 g, plain flour 55 g, cream of tartar 1 teaspoon, bicarbonate of soda 1 teaspoon, salt 1/2 teaspoon, buttermilk 250 ml.

How: sift the dry things together. Stir in the buttermilk with a knife to make a soft dough. Do not knead. On a floured board pat into a round 2 cm thick, about 20 cm across. Slide it on to a moderately hot girdle and cook 7 minutes; turn it over, 7 minutes again. Cut into six while warm.

If you want it crustier, stand the pieces on edge for a minute.`,
    pct: { 'barley meal': 80.4, 'plain flour': 19.6 },
    kinds: 'mix divide shape cook',
    rests: [],
    cook: [420, 420],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['cream of tartar', 'bicarbonate of soda', 'salt', 'buttermilk'],
  },
  {
    manner: 'a table',
    text: `Rosemary griddle bread (batch of 12)

Ingredient;Weight (g);Baker's %
Bread flour;900;100
Water;585;65
Olive oil;45;5
Salt;18;2
Instant yeast;7;0.8
Rosemary, chopped;9;1

Stage;Time;Note
Mix;5 min;all in, shaggy
Knead;8 min;by hand
Bulk proof;75 min;covered, 24 °C
Divide;;12 x 130 g
Ball;;tight
Bench rest;15 min;under cloth
Roll;;18 cm
Griddle;70 s + 50 s;hot, dry`,
    pct: { 'bread flour': 100, water: 65, 'olive oil': 5, salt: 2, 'instant yeast': 0.8, rosemary: 1 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [75, 15],
    cook: [70, 50],
    pieceG: 130,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a table',
    text: `                      small class    large class
                       (6 breads)     (18 breads)
plain flour              360 g         1080 g
yoghurt                  220 g          660 g
baking powder              8 g           24 g
salt                       6 g           18 g

Stir to a soft dough, knead just until smooth (1 minute).
Rest, covered: 15 min.
Small class: cut into 6. Large class: cut into 18.
Roll 5 mm thick, 15 cm.
Cook on medium heat, 90 seconds per side.`,
    pct: { 'plain flour': 100, yoghurt: 61.1, 'baking powder': 2.2, salt: 1.7 },
    kinds: 'mix knead rest divide roll cook',
    rests: [15],
    cook: [90, 90],
    pieceG: 99,
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Manakish base: strong flour 100 | water 60 | olive oil 4 | sugar 1.5 | salt 1.8 | dry yeast 1.
Knead 10 min; bulk 60 min; 120 g balls; rest 20 min; roll to 22 cm; spread with za'atar and oil; griddle with lid on, 3 min, no turning.`,
    pct: { 'strong flour': 100, water: 60, 'olive oil': 4, sugar: 1.5, salt: 1.8, 'dry yeast': 1 },
    kinds: 'mix knead proof ball rest roll fill cook',
    rests: [60, 20],
    cook: [180],
    pieceG: 120,
    allergens: ['gluten', 'sesame', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `FORMULA
100% flour, of which 30% rye
70% water
20% ripe rye starter
2.2% salt

PROCEDURE
Mix flours and water and let stand for 40 min. Add the starter and salt, mix for 5 min until incorporated. Ferment 3 h at room temperature with folds after 1 h and 2 h. Scale 150 g, shape round, rest 30 min under a cloth. Flatten by hand to 15 cm and bake on the stone, 3 min per side.`,
    pct: { flour: 70, water: 70, salt: 2.2 },
    kinds: 'mix rest mix proof fold proof fold proof divide ball rest shape cook',
    rests: [40, 60, 60, 60, 30],
    cook: [180, 180],
    pieceG: 150,
    allergens: ['gluten', 'wheat'],
    others: ['rye'],
  },
  {
    manner: 'one paragraph',
    text: `For lunch I make a stack of thin corn-and-wheat breads: 150 g fine cornmeal scalded with 200 g boiling water and left to cool for 20 minutes, then 250 g plain flour, 6 g salt and 20 g lard worked in until it makes a soft dough. It rests under the bowl for half an hour, gets cut into ten, and every piece is rolled out very thin, 18 cm at least. The pan is dry and hot; each side gets about 45 seconds.`,
    pct: { 'fine cornmeal': 37.5, 'boiling water': 50, 'plain flour': 62.5, salt: 1.5, lard: 5 },
    kinds: 'mix rest mix rest divide roll cook',
    rests: [20, 30],
    cook: [45, 45],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `Garlic naan without the fuss, enough for six: stir 7 g yeast and a teaspoon of sugar into 150 ml warm milk and wait till it froths, ten minutes. Mix with 400 g flour, 120 g yoghurt, 8 g salt and 2 tablespoons of oil, knead six minutes, prove an hour. Six balls, ten minutes' peace, then roll into teardrops. Onto a very hot pan; when it bubbles, after about a minute, flip, and half a minute more. Paint with 40 g garlic butter.`,
    pct: { flour: 100, yeast: 1.75, yoghurt: 30, salt: 2 },
    kinds: 'mix bloom mix knead proof ball rest roll cook finish',
    rests: [10, 60, 10],
    cook: [60, 30],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['milk', 'oil', 'sugar', 'garlic butter'],
  },
  {
    manner: 'a web page',
    text: `<!doctype html><html><head><title>Potato farls – The Slow Larder</title><style>.x{color:red}</style></head><body>
<nav><a href="/">Home</a> <a href="/about">About</a></nav>
<article><h1>Potato farls</h1><p>Crisp outside, tender inside. My aunt swore by floury potatoes.</p>
<div class="meta"><span>Prep 15 min</span> <span>Cook 10 min</span> <span>Makes 8 farls</span></div>
<h2>Ingredients</h2><ul><li>500g floury potatoes, cooked and mashed</li><li>125g plain flour, plus extra for dusting</li><li>30g butter, melted</li><li>5g salt</li></ul>
<h2>Method</h2><ol><li>Mix the warm mash with the butter and salt, then work in the flour to a smooth dough.</li><li>Divide in two. On a floured surface roll each half into a 20cm circle, about 8mm thick, and cut each into quarters.</li><li>Heat a dry heavy pan over a medium heat. Cook the farls for 3 minutes on each side until golden.</li></ol>
<aside class="newsletter">Sign up for our letter! 10 % off your first order.</aside>
<p>Best eaten the same day, with butter.</p></article>
<footer>© The Slow Larder</footer></body></html>`,
    pct: { 'plain flour': 100, butter: 24, salt: 4 },
    kinds: 'mix divide roll divide cook',
    rests: [],
    cook: [180, 180],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['potato'],
  },
  {
    manner: 'a web page',
    text: `<div class="post"><h2>Weeknight Spinach Wraps 🌿</h2>
<p><em>Serves 4 (8 wraps)</em></p>
<p><b>What goes in</b><br>250 g plain flour<br>100 g baby spinach<br>90 g water<br>1 tbsp olive oil<br>½ tsp salt</p>
<p><b>What to do</b><br>Blitz the spinach with the water until smooth.<br>Mix with the flour, oil and salt, and knead 5 minutes.<br>Rest 20 minutes under a towel.<br>Divide into 8 balls and roll out to 20 cm.<br>Cook 1 minute, flip, cook 40 seconds.<br>Stack in a towel so that they stay soft.</p>
<p>♥ 214 likes</p><p>Comment from Lou: mine were great with chard!</p></div>`,
    pct: { 'plain flour': 100, 'baby spinach': 40, water: 36 },
    kinds: 'mix knead rest divide ball roll cook finish',
    rests: [20],
    cook: [60, 40],
    allergens: ['gluten', 'wheat'],
    others: ['olive oil', 'salt'],
  },
  {
    manner: 'structured data',
    text: `{"@context":"https://schema.org/","@type":"Recipe","name":"Spiced pumpkin roti","recipeYield":["10","10 roti"],"prepTime":"PT25M","cookTime":"PT20M","recipeIngredient":["300 g atta flour, plus more for rolling","200 g pumpkin purée","1 tsp ground cumin","1/2 tsp turmeric","1 tsp salt","2-3 tbsp warm water, as needed","Ghee, for brushing"],"recipeInstructions":"Combine the atta, cumin, turmeric and salt. Add the pumpkin and knead to a soft dough, about 5 minutes, adding water if needed. Cover and rest for 20 minutes. Divide into 10 balls, roll each into a 16 cm round. Cook on a hot tawa for 45 seconds, flip, cook for 45 seconds, then press with a cloth for 10 seconds until puffed. Brush with ghee."}`,
    pct: { 'atta flour': 100, 'pumpkin purée': 66.7 },
    kinds: 'mix knead rest divide ball roll cook finish',
    rests: [20],
    cook: [45, 45, 10],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['cumin', 'turmeric', 'salt', 'water', 'ghee'],
  },
  {
    manner: 'structured data',
    text: `<script type="application/ld+json">
{"@graph":[{"@type":"WebPage","name":"Sourdough pita"},{"@type":"Recipe","name":"Sourdough pita","recipeYield":"Makes 9","totalTime":"PT5H","recipeIngredient":["150 g active sourdough starter","450 g bread flour","270 g water","25 g olive oil","10 g salt","15 g honey"],"recipeInstructions":[{"@type":"HowToSection","name":"Dough","itemListElement":[{"@type":"HowToStep","text":"Mix everything to a rough dough and rest for 30 minutes."},{"@type":"HowToStep","text":"Knead for 6 minutes."},{"@type":"HowToStep","text":"Bulk proof for 3 hours at 25 °C."}]},{"@type":"HowToSection","name":"Pitas","itemListElement":[{"@type":"HowToStep","text":"Divide into 9 balls and let relax for 20 minutes."},{"@type":"HowToStep","text":"Roll to 15 cm, 5 mm thick."},{"@type":"HowToStep","text":"Cook on a very hot griddle: 30 seconds, flip, 60 seconds, flip, 60 seconds until ballooned."}]}]}]}
</script>`,
    pct: { 'active sourdough starter': 33.3, 'bread flour': 100, water: 60, 'olive oil': 5.6, salt: 2.2, honey: 3.3 },
    kinds: 'mix rest knead proof divide ball rest roll cook',
    rests: [30, 180, 20],
    cook: [30, 60, 60],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a scan',
    text: `142                HOUSEHOLD BREADS

OAT CAKES FOR THE GIRDLE.—Take half a pound of
medium oatmeal, a pinch of bicarbonate of soda, half
a teaspoonful of salt, and one tablespoonful of
melted dripping. Mix with about a quarter of a pint of hot
water to a soft paste. Turn on to a board dusted with
oatmeal, knead lightly, and roll out a quar-
ter of an inch thick. Cut into four farls. Bake on a
moderate girdle for five minutes, and toast the
upper side before the fire for five minutes more.`,
    pct: { 'medium oatmeal': 100 },
    kinds: 'mix knead roll divide cook',
    rests: [],
    cook: [300, 300],
    allergens: ['gluten'],
    others: ['bicarbonate of soda', 'salt', 'dripping', 'water'],
  },
  {
    manner: 'a scan',
    text: `CAMP KITCHEN CARD No. 7
PAN BREAD (serves l0)
Flour, self raising ...... 6OO g
Milk powder .............. 3O g
Salt ..................... l0 g
Lard ..................... 45 g
Water .................... 36O ml
l. Rub lard into flour, add milk pow-
der and salt.
2. Make a well, pour in water, mix
to a soft dough. Knead l min.
3. Divide into l0, flatten to 1O cm.
4. Fry in lightly greased pan 4 min
each side over slow fire.`,
    pct: { 'plain flour': 100, 'baking powder': 5 },
    kinds: 'mix mix knead divide shape cook',
    rests: [],
    cook: [240, 240],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['milk powder', 'salt', 'lard', 'water'],
  },
  {
    manner: 'words for numbers',
    text: `Rye and potato breads for eight. Boil two hundred grams of potatoes, mash them and let them go cold. Work in three hundred grams of rye flour, one hundred grams of plain flour, a hundred and fifty millilitres of warm milk, forty grams of butter and eight grams of salt. Leave the dough for a quarter of an hour. Divide it in eight, roll each piece as thin as a coin, twenty centimetres across, and prick it. Bake on a hot iron one and a half minutes on one side and a minute on the other.`,
    pct: { 'rye flour': 75, 'plain flour': 25, butter: 10, salt: 2 },
    kinds: 'prepare mix rest divide roll cook',
    rests: [15],
    cook: [90, 60],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['potato', 'milk'],
  },
  {
    manner: 'words for numbers',
    text: `My neighbour's lavash takes one kilo of flour, six hundred grams of water, twenty of salt and not a thing more. She kneads it for twelve minutes, makes twelve balls, and leaves them under a wet cloth for three quarters of an hour. Then she rolls and stretches each over a cushion until it is half a metre long, and slaps it on the hot dome, a minute, no turning.`,
    pct: { flour: 100, water: 60, salt: 2 },
    kinds: 'mix knead ball rest roll cook',
    rests: [45],
    cook: [60],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'parts by vessel',
    text: `Ash cakes (patrol cooking)
4 mugs plain flour
1 mug milk powder
1½ mugs water
4 teaspoons baking powder
1 teaspoon salt

Mix dry things in the billy. Add water bit by bit until you can handle the dough. Pat into flat cakes as thick as your thumb – you should get 12. Cook in a greased frying pan by the fire, 4 minutes a side, or on a clean shovel.`,
    pct: { 'plain flour': 100 },
    kinds: 'mix divide shape cook',
    rests: [],
    cook: [240, 240],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['milk powder', 'water', 'baking powder', 'salt'],
  },
  {
    manner: 'parts by vessel',
    text: `Two parts semolina, one part plain flour, one part water and a bit. Salt: a teaspoon for each part of semolina. Rub in two tablespoons of olive oil, add the water, knead till it feels like your earlobe, ten minutes or so. Let it lie for twenty minutes under a damp towel. Shape six rounds a finger thick. Cook slowly in a dry pan, five minutes, turn, five more.`,
    pct: { semolina: 72, 'plain flour': 28 },
    kinds: 'mix mix knead rest divide shape cook',
    rests: [20],
    cook: [300, 300],
    allergens: ['gluten', 'wheat'],
    others: ['salt', 'olive oil', 'water'],
  },
  {
    manner: 'decimal commas',
    text: `Piadina romagnola (8 Stück)
Mehl Typ 550: 0,5 kg
Schmalz (lard): 0,075 kg
Salz (salt): 0,01 kg
Natron (baking soda): 0,003 kg
Wasser (water): 0,2 l

Mix, knead 8 min, rest 30 min covered. Divide into 8 × 0,098 kg, round. Rest 15 min. Roll 22 cm, 2,5 mm. Griddle 1,5 min per side, very hot.`,
    pct: { lard: 15, salt: 2, 'baking soda': 0.6, water: 40 },
    kinds: 'mix knead rest divide ball rest roll cook',
    rests: [30, 15],
    cook: [90, 90],
    pieceG: 98,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'decimal commas',
    text: `Lefse (ca. 12 Stk.)
1,0 kg Kartoffeln / potatoes, boiled and riced
0,3 kg flour
60 g butter
1,5 dl cream
12 g salt

Mix the warm potatoes with butter, cream and salt. Cool in the fridge overnight. Next day work in the flour. Divide in 12 pieces of 0,12 kg, roll very thin (30 cm). Bake on a dry takke at 220 °C, 1 min per side until brown spots. Fold in quarters and keep under a cloth.`,
    pct: { flour: 100, butter: 20, salt: 4 },
    kinds: 'mix chill mix divide roll cook finish',
    rests: [600],
    cook: [60, 60],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['potato', 'cream'],
  },
];
