import type { RecipeText } from './recipe-text.ts';

/** A forty-eighth lot whose expectation was written before the reader saw it: two texts of each common manner. */
export const FORTY_EIGHTH: readonly RecipeText[] = [
  {
    manner: 'a handout',
    text: `LANTERN STREET COMMUNITY BAKERY
Beginners' evening: pitta that puffs

You will make 6 each.

YOUR BOWL
300 g strong white flour
5 g fine salt
4 g fast yeast
6 g olive oil
190 g tepid water

TOGETHER
Stir it all up with one hand until no dry bits are left (2 minutes). Rest 10 minutes while we talk about yeast. Knead 6 minutes. Oil the bowl, dough in, cloth on: 50 minutes by the radiator.

SHAPE
Tip out, divide into 6, ball up tightly, cover, 10 minutes. Roll to 14 cm, all the same thickness. Leave the rounds under a cloth for 10 minutes more.

COOK
Hot griddle. 30 seconds, flip, 1 minute, flip, and wait until it balloons, about 1 minute.

Straight into a bag so that they stay soft.`,
    pct: { 'strong white flour': 100, 'fine salt': 1.7, 'fast yeast': 1.3, 'olive oil': 2, 'tepid water': 63.3 },
    kinds: 'mix rest knead proof divide ball rest roll rest cook',
    rests: [10, 50, 10, 10],
    cook: [30, 60, 60],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a handout',
    text: `Recipe sheet – Sourdough discard tortillas
(from the "Nothing wasted" workshop)

Makes ten

225 g plain flour
120 g sourdough discard
45 g lard
4 g salt
85 g hot water

- Rub the lard into the flour and salt.
- Add the discard and the hot water; stir, then knead for 3 minutes.
- Wrap up and rest at least 30 minutes.
- Divide into ten balls; cover; 15 minutes.
- Roll as thin as you can, about 20 cm.
- Cook in a very hot dry pan: 30 seconds on side one, 20 seconds on side two.
- Stack in a towel.

Keeps 2 days in a bag. Reheat 10 seconds a side.`,
    pct: { 'plain flour': 100, 'sourdough discard': 53.3, lard: 20, salt: 1.8, 'hot water': 37.8 },
    kinds: 'mix mix knead proof divide ball rest roll cook finish',
    rests: [45, 15],
    cook: [30, 20],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a table',
    text: `Ingredient | For 4 people (8) | For 8 people (16)
--- | --- | ---
Plain flour | 400 g | 800 g
Warm water | 240 g | 480 g
Oil | 30 g | 60 g
Salt | 8 g | 16 g

What happens | How long
--- | ---
Mixing | 3 min
Kneading | 5 min
Resting | 25 min
Dividing into 8, balls | 5 min
Rolling, 20 cm | 2 min each
Cooking | 50 s + 40 s`,
    pct: { 'plain flour': 100, 'warm water': 60, oil: 7.5, salt: 2 },
    kinds: 'mix knead rest divide ball roll cook',
    rests: [25],
    cook: [50, 40],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a table',
    text: `FLOUR      BREAD      500    100%
WATER      30 C       340     68%
SALT       FINE        10      2%
YEAST      INSTANT      4    0.8%

MIX       4'
REST     20'
FOLD
PROOF    60'
DIVIDE   8 X 105
ROUND
REST     15'
ROLL     20 CM
GRIDDLE  60"/40"`,
    // the second column says what kind each is: written without it
    pct: { 'bread flour': 100, water: 68, salt: 2, 'instant yeast': 0.8 },
    kinds: 'mix rest fold proof divide ball rest roll cook',
    rests: [20, 60, 15],
    cook: [60, 40],
    pieceG: 105,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Wholegrain spelt wraps. On flour: wholegrain spelt 100 %, water 58 %, sunflower oil 10 %, salt 1.6 %, honey 2 %. Mix to a dough, knead 2 min (no more, spelt tears). Rest 20 min. Pieces of 65 g, ball, rest 10 min. Roll to 20 cm. Hot dry griddle, 45 s, turn, 35 s. Wrap in a towel.`,
    pct: { 'wholegrain spelt': 100, water: 58, 'sunflower oil': 10, salt: 1.6, honey: 2 },
    kinds: 'mix knead rest divide ball rest roll cook finish',
    rests: [20, 10],
    cook: [45, 35],
    pieceG: 65,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `MSEMEN
- fine semolina 60
- plain flour 40
- water 58
- salt 2
- yeast 0.3
- (oil and butter for the layers)

Knead 12 minutes. Rest 15 minutes. Scale at 90 g, round, oil well. Rest 20 minutes. Flatten each on an oiled table to a thin sheet, dot with butter, fold in thirds and in thirds again. Rest 10 minutes. Press out to 15 cm. Griddle, medium, 3 minutes a side.`,
    pct: { 'fine semolina': 60, 'plain flour': 40, water: 58, salt: 2, yeast: 0.3 },
    kinds: 'mix knead rest divide ball rest shape fill shape rest shape cook',
    rests: [15, 20, 10],
    cook: [180, 180],
    pieceG: 90,
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `Quick yoghurt breads for when the soup is ready before the bread: 300 g self-raising flour, 280 g plain yoghurt, half a teaspoon of salt. Mix with a knife, then your hands; knead just until smooth, a minute at most. Leave it to rest while the pan heats, ten minutes or so. Cut into eight, roll out on a floured bench to about 15 cm, and cook over a medium-high heat for two minutes on the first side and a minute and a half on the second. Brush with garlic butter.`,
    pct: { 'plain flour': 100, 'plain yoghurt': 98 },
    kinds: 'mix knead rest divide roll cook finish',
    rests: [10],
    cook: [120, 90],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `Put 450 g bread flour, 50 g rye flour, 10 g salt, 3 g instant yeast and 345 g cold water into the mixer and mix on low speed for 3 minutes and on medium for 5. Transfer to an oiled tub; after 30 minutes fold the dough, after another 30 minutes fold it again, then give it one more hour. Tip out onto a floured table, cut into nine pieces of about 95 g, shape them into loose rounds and let them rest for 25 minutes. Stretch to ovals 22 cm long and griddle them for 2 minutes, turn, 2 minutes.`,
    pct: { 'bread flour': 90, 'rye flour': 10, salt: 2, 'instant yeast': 0.6, 'cold water': 69 },
    kinds: 'mix proof fold proof fold proof divide ball rest shape cook',
    rests: [30, 30, 60, 25],
    cook: [120, 120],
    pieceG: 95,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a web page',
    text: `<html><body><main><h1>No-yeast spelt flatbreads</h1>
<div class="meta"><span>Prep 10 mins</span> <span>Cook 15 mins</span> <span>Makes 6</span></div>
<section><h2>Ingredients</h2><ul>
<li>240g white spelt flour, plus extra for dusting</li>
<li>1½ tsp baking powder</li>
<li>½ tsp fine salt</li>
<li>150g Greek-style yogurt</li>
<li>2 tbsp cold water</li>
</ul></section>
<section><h2>Instructions</h2>
<h3>1. Make the dough</h3><p>Whisk the flour, baking powder and salt. Add the yogurt and water and stir until it clumps, then knead for about a minute.</p>
<h3>2. Rest</h3><p>Cover and leave for 15 mins.</p>
<h3>3. Shape</h3><p>Divide into 6 pieces. Roll each out to a 15cm round on a lightly floured surface.</p>
<h3>4. Cook</h3><p>Heat a non-stick frying pan over a medium heat. Cook each flatbread for 2 mins until bubbles appear, then flip and cook for 1–2 mins.</p></section>
<aside>You may also like: Seeded crackers</aside></main></body></html>`,
    pct: { 'white spelt flour': 100, 'greek-style yogurt': 62.5, 'cold water': 12.5 },
    kinds: 'mix knead rest divide roll cook',
    rests: [15],
    cook: [120, 90],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'a web page',
    text: `<div id="recipe"><h2 class="title">Lahmacun-style griddle breads</h2>
<p class="yield">Makes 8</p>
<h4>Dough</h4>
<p>400 g bread flour<br/>8 g salt<br/>4 g instant yeast<br/>250 g warm water<br/>20 g olive oil</p>
<h4>Topping</h4>
<p>250 g minced lamb<br/>1 onion<br/>2 tomatoes<br/>1 tsp paprika</p>
<h4>Method</h4>
<p>Mix the dough ingredients and knead for 8 minutes. Prove for 1 hour.</p>
<p>Blitz the topping to a paste.</p>
<p>Divide into 8, rest for 10 minutes, roll out thinly to 20 cm. Spread the topping over each, thinly.</p>
<p>Cook on a hot oiled griddle with a lid for 4 minutes. Do not turn.</p></div>`,
    pct: { 'bread flour': 100, salt: 2, 'instant yeast': 1, 'warm water': 62.5, 'olive oil': 5 },
    kinds: 'mix knead proof prepare divide rest roll fill cook',
    rests: [60, 10],
    cook: [240],
    allergens: ['gluten', 'wheat'],
    others: ['lamb', 'onion', 'tomatoes'],
  },
  {
    manner: 'structured data',
    text: `{"@context":"http://schema.org","@type":"Recipe","name":"Beetroot rotis","yield":"10","recipeIngredient":["250g chapati flour","100g cooked beetroot, blended smooth","60ml warm water","1 tbsp oil","1/2 tsp salt","Ghee, for brushing"],"recipeInstructions":[{"@type":"HowToStep","position":1,"text":"Mix the flour, salt, beetroot and oil."},{"@type":"HowToStep","position":2,"text":"Add the water little by little and knead for 6 minutes to a firm dough."},{"@type":"HowToStep","position":3,"text":"Cover and rest for 20 minutes."},{"@type":"HowToStep","position":4,"text":"Divide into 10 balls and roll each to 15 cm."},{"@type":"HowToStep","position":5,"text":"Cook on a hot tawa for 40 seconds, flip, 40 seconds, flip again for 15 seconds."},{"@type":"HowToStep","position":6,"text":"Brush with ghee."}]}`,
    pct: { 'chapati flour': 100, 'cooked beetroot': 40, 'warm water': 24 },
    kinds: 'mix knead rest divide ball roll cook finish',
    rests: [20],
    cook: [40, 40, 15],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['ghee'],
  },
  {
    manner: 'structured data',
    text: `{"@graph":[{"@type":"Organization","name":"Slow Griddle"},{"@type":"Recipe","name":"Two-day flatbreads","recipeYield":"12 pieces","recipeIngredient":["800 g strong flour","200 g wholemeal flour","700 g water","20 g salt","2 g dry yeast"],"recipeInstructions":"Day 1: Mix all the ingredients for 5 minutes. Rest 1 hour at room temperature, then refrigerate overnight.\\nDay 2: Bring back to room temperature for 90 minutes. Divide into 12, shape into balls and leave for 30 minutes.\\nStretch to 22 cm and bake on a very hot griddle, 90 seconds per side."}]}`,
    pct: { 'strong flour': 80, 'wholemeal flour': 20, water: 70, salt: 2, 'dry yeast': 0.2 },
    kinds: 'mix proof chill temper divide ball rest shape cook',
    rests: [60, 600, 90, 30],
    cook: [90, 90],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a scan',
    text: `36              COOKING FOR CAMPERS

UNLEAVENED   CAKES   (for six)

1 Ib. wholemeal flour       2 oz. margarine
½ oz. salt                  about ½ pint water

Mix salt with flour, rub in margarine, add
water to make a stiff dough, knead weII. Leave
20 minutes. Divide into twelve pieces, roll
out very thinIy. Bake on hot plate or in dry
frying pan, 2 minutes each side.`,
    pct: { 'wholemeal flour': 100, margarine: 12.5, salt: 3.1, water: 62.6 },
    kinds: 'mix mix mix knead rest divide roll cook',
    rests: [20],
    cook: [120, 120],
  },
  {
    manner: 'a scan',
    text: `BAKING IN SMALL KITCHENS, p. 8l

Potato Lefser

l kg potatoes, boiled      2OO g rye flour
6O g butter                2OO g wheat flour
l5 g salt                  l dl cream

Mash the potatoes with butter, cream and salt and
let them get quite cold, best overnight in the fridge.
Work in the flour just before baking. Divide
into l4 pieces, ball, and roll out very thin to 25
cm. Bake on a dry hot griddle, l minute on
each side.`,
    pct: { 'rye flour': 50, 'wheat flour': 50, butter: 15, salt: 3.75 },
    kinds: 'mix chill mix divide ball roll cook',
    rests: [600],
    cook: [60, 60],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['potatoes', 'cream'],
  },
  {
    manner: 'words for numbers',
    text: `One kilo of strong flour, six hundred and fifty grams of water, twenty grams of salt, ten grams of dried yeast and fifty grams of olive oil: that makes sixteen. Mix for four minutes, knead for eight. Prove for an hour and ten minutes. Divide into sixteen, shape into balls, and leave for fifteen to twenty minutes. Roll out to eighteen centimetres. Griddle for seventy seconds, turn, and fifty seconds more.`,
    pct: { 'strong flour': 100, water: 65, salt: 2, 'dried yeast': 1, 'olive oil': 5 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [70, 17.5],
    cook: [70, 50],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `What you need for a batch of eight: three quarters of a pound of flour, half a pound of yoghurt, two teaspoons of baking powder and one of salt. What you do: stir, knead half a minute, cover for a quarter of an hour. Pull off eight pieces, pat them out as big as your hand, and give them two minutes a side in a medium pan.`,
    pct: { flour: 100, yoghurt: 66.7 },
    kinds: 'mix knead rest divide shape cook',
    rests: [15],
    cook: [120, 120],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'parts by vessel',
    text: `All in yoghurt pots! Empty the pot into the bowl: 1 pot of yoghurt. Fill the pot twice with flour: 2 pots of plain flour. Add a teaspoon of baking powder and half a teaspoon of salt. Mix, knead two minutes, wait ten. Eight little balls; roll them; hot pan, a minute and a half each side.`,
    pct: { 'plain flour': 100 },
    kinds: 'mix knead rest ball roll cook',
    rests: [10],
    cook: [90, 90],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['yoghurt'],
  },
  {
    manner: 'parts by vessel',
    text: `Measures (use the same tin for all)
4 tins maize flour
3 tins hot water
1 spoon salt

Stir the salt into the flour, pour on the hot water, mix with a stick until you can touch it, then knead until smooth. Rest it 15 minutes under a cloth. Balls like an egg. Press flat. Hot plate, one minute, turn, one minute, turn, half a minute.`,
    pct: { 'maize flour': 100 },
    kinds: 'mix knead rest ball shape cook',
    rests: [15],
    cook: [60, 60, 30],
    allergens: [],
  },
  {
    manner: 'decimal commas',
    text: `TUNNBRÖD / THIN BREAD, 20 st
Kornmjöl / barley flour 0,400 kg
Vetemjöl / wheat flour 0,400 kg
Vatten / water 0,480 l
Salt 0,012 kg
Jäst / yeast 0,008 kg

Blanda / mix 5 min
Jäsning / proof 0,75 h
Dela / divide 20 x 64 g
Rund / round, vila / rest 10 min
Kavla / roll 26 cm, 1,5 mm
Grädda / griddle 0,5 min + 0,5 min`,
    pct: { 'barley flour': 50, 'wheat flour': 50, water: 60, salt: 1.5, yeast: 1 },
    kinds: 'mix proof divide ball rest roll cook',
    rests: [45, 10],
    cook: [30, 30],
    pieceG: 64,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'decimal commas',
    text: `Pão de frigideira (pan bread): 0,5 kg de farinha/flour, 0,3 kg de água/water, 10 g de sal/salt, 7,5 g de fermento/yeast, 25 g de azeite/olive oil. Knead 8 min; rise 1,0 h; divide into 8 (105 g), ball; rest 15 min; roll 1 cm thick, 14 cm; pan, lid on, low: 4,5 min a side.`,
    pct: { flour: 100, water: 60, salt: 2, yeast: 1.5, 'olive oil': 5 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [60, 15],
    cook: [270, 270],
    allergens: ['gluten', 'wheat'],
  },
];
