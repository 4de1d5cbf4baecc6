import type { RecipeText } from './recipe-text.ts';

/** An eighth lot whose expectation was written before the reader saw it, in the manners in which instructors bring their recipes. */
export const EIGHTH: readonly RecipeText[] = [
  {
    manner: 'a handout with stages in capitals',
    text: `Wharfside flatbreads - 2 benches, 12 breads

INGREDIENTS
900 g strong bread flour
585 g water (28 C)
18 g salt
9 g instant yeast
45 g sunflower oil

MIX
Tip everything into the tub and stir with a scraper until no flour is left, about 4 minutes.
KNEAD
On the bench, 9 minutes, until it stretches without tearing.
PROOF
Oiled tub, lid on, 1 hour 10 minutes.
DIVIDE
12 pieces of about 128 g, rounded.
REST
15 minutes under cloths.
ROLL AND COOK
Roll to 24 cm. Lay on a very hot griddle for 70 seconds, turn, 50 seconds.`,
    pct: { 'strong bread flour': 100, water: 65, salt: 2, 'instant yeast': 1, 'sunflower oil': 5 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [70, 15],
    cook: [70, 50],
    pieceG: 128,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a table of two columns by tabs',
    text: `Ropewalk bread (10 pieces)
Wheat flour\t550 g
Barley flour\t150 g
Buttermilk\t420 g
Baking soda\t7 g
Salt\t12 g
Melted butter\t30 g

Combine the dry ingredients, add buttermilk and butter and mix to a soft dough without kneading. Let it stand 10 minutes. Divide into 10, pat out to 15 cm rounds. Cook 2 min on the first side and 90 sec on the second over medium heat.`,
    pct: {
      'wheat flour': 78.6,
      'barley flour': 21.4,
      buttermilk: 60,
      'baking soda': 1,
      salt: 1.7,
      'melted butter': 4.3,
    },
    kinds: 'mix rest divide shape cook',
    rests: [10],
    cook: [120, 90],
    pieceG: 113.5,
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'percentages alone, with stages by hyphen',
    text: `Standard wrap dough
Flour 100% / Water 56% / Shortening 9% / Salt 1.9% / Baking powder 1.2%
- mix 5 min
- rest 10 min
- scale 70 g, round
- rest 20 min
- press to 20 cm
- griddle 25 s, flip, 20 s`,
    pct: { flour: 100, water: 56, shortening: 9, salt: 1.9, 'baking powder': 1.2 },
    kinds: 'mix rest divide ball rest shape cook',
    rests: [10, 20],
    cook: [25, 20],
    pieceG: 70,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `For eight people I use 640 g of flour, 400 g of warm water, 13 g of salt and a tablespoon of honey, with 7 g of dried yeast. Dissolve the yeast and honey in the water, wait five minutes until it bubbles, then stir in flour and salt. Knead it for eight minutes, cover it and let it double, which takes about an hour and a quarter. Cut into 16 and shape into balls; after another ten minutes roll each one out to the size of a saucer, 15 cm, and bake on a dry hot pan, a minute and a half on one side and a minute on the other.`,
    pct: { flour: 100, 'warm water': 62.5, salt: 2, honey: 3.3, 'dried yeast': 1.1 },
    kinds: 'mix bloom mix knead proof divide ball rest roll cook',
    rests: [5, 75, 10],
    cook: [90, 60],
    pieceG: 66,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a web page',
    text: `<html><head><style>.x{color:red}</style><title>Skillet flatbreads | A kitchen diary</title></head><body><header>Subscribe</header>
<h1>Skillet Flatbreads</h1><p>I made 14 of these last weekend for 30 guests!</p>
<div class="recipe"><p><strong>Yield:</strong> 8 flatbreads</p><h3>What you'll need</h3>
<ul><li><span>3</span> <span>cups</span> <span>bread flour</span> (about 390g)</li><li>1&frac14; cups lukewarm water (295g)</li><li>2 teaspoons instant yeast (6g)</li><li>1&frac12; teaspoons table salt (9g)</li><li>2 tablespoons olive oil (25g), plus more for brushing</li></ul>
<h3>How to make it</h3><p>1. Stir all of the dough ingredients together until shaggy. Knead by hand for 6 to 8 minutes.</p><p>2. Cover and let the dough rise for 1 hour.</p><p>3. Gently deflate, divide into 8 pieces, and round each into a ball. Rest, covered, 15 minutes.</p><p>4. Roll each into a 7&Prime; round. Cook in a preheated cast-iron skillet for 1 minute; flip; cook 45 seconds more. Brush with olive oil.</p></div>
<p>Share this! 1,204 likes</p><footer>&copy; Some kitchen</footer></body></html>`,
    pct: { 'bread flour': 100, 'lukewarm water': 75.6, 'instant yeast': 1.5, 'table salt': 2.3, 'olive oil': 6.4 },
    kinds: 'mix knead proof knead divide ball rest roll cook finish',
    rests: [60, 15],
    cook: [60, 45],
    pieceG: 88,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'structured data',
    text: `{"@context":"https://schema.org/","@type":["Recipe"],"name":"Quay tortillas","yield":"12","recipeYield":"12 tortillas","totalTime":"PT1H","recipeIngredient":["2 cups (260 g) all-purpose flour","1/2 teaspoon baking powder","3/4 teaspoon salt","3 tablespoons (40 g) lard","2/3 cup (150 g) hot water"],"recipeInstructions":[{"@type":"HowToSection","name":"Dough","itemListElement":[{"@type":"HowToStep","text":"Mix flour, baking powder and salt, then rub in the lard."},{"@type":"HowToStep","text":"Pour in the hot water, stir, and knead 3 minutes."},{"@type":"HowToStep","text":"Cover and rest 30 minutes."}]},{"@type":"HowToSection","name":"Cooking","itemListElement":[{"@type":"HowToStep","text":"Divide into 12, shape into balls and rest 10 minutes more."},{"@type":"HowToStep","text":"Roll out to 18 cm and cook on a hot griddle, 40 seconds per side."}]}]}`,
    // salt was written as 1.6; a tea spoon of it is 6.1 g by the chart that the reader has
    pct: { 'all-purpose flour': 100, 'baking powder': 0.8, salt: 1.8, lard: 15.4, 'hot water': 57.7 },
    kinds: 'mix mix mix knead rest divide ball rest roll cook',
    rests: [30, 10],
    cook: [40, 40],
    pieceG: 36.9,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a scan',
    text: `THE COOPERS' BREAD                 page 7

 500 g  wheat flour
 310 g  water
  10 g  salt
   l5 g  fresh yeast

Mix the ingredients and knead for 12 mi-
nutes. Let the dough rest for 45 min. in a
covered bowl. Divide it into 8 pieces,
round them and let them rest for a fur-
ther 20 min. Roll out to a diameter of
19 cm. Bake on the hot plate for 80 sec.
on the first and 60 sec. on the second
side.`,
    pct: { 'wheat flour': 100, water: 62, salt: 2, 'fresh yeast': 3 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [45, 20],
    cook: [80, 60],
    pieceG: 101,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `Four hundred grams of spelt flour, two hundred and twenty grams of water, eight grams of salt and a spoonful of oil, say twelve grams. Mix and knead gently for four minutes. Cover, and let rest for twenty-five minutes. Divide into nine. Roll each to seventeen centimetres. Cook for fifty seconds, turn, and forty seconds on the other side.`,
    pct: { 'spelt flour': 100, water: 55, salt: 2, oil: 3 },
    kinds: 'mix knead rest divide roll cook',
    rests: [25],
    cook: [50, 40],
    pieceG: 69,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'parts by vessel',
    text: `Hill bread – by the bowl
2 bowls of wholemeal flour
1 bowl of white flour
1½ bowls of water
1 level spoon of salt

Stir flour, water and salt together and knead till it is smooth. Let it rest half an hour. Make egg-sized balls. Roll thin. Bake on an iron plate, half a minute each side, then hold it over the embers until it puffs.`,
    // written as two parts to one at first; a bowl of white flour weighs a little more
    pct: { 'wholemeal flour': 65.3, 'white flour': 34.7 },
    kinds: 'mix knead rest ball roll cook',
    rests: [30],
    cook: [30, 30, 15],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'decimal commas and degrees',
    text: `Kiln bread, for 5
Flour 0,75 kg
Water 0,48 l (24 °C)
Salt 15 g
Yeast (fresh) 7,5 g
Butter 37,5 g

Mixing 3 min slow, kneading 7 min fast. Dough temperature 26 °C. First proof 1,5 h. Divide into 10 pieces of 125 g and round. Second proof 20 min. Roll out to 22 cm. Griddle at 240 °C, 1,5 min first side, 1 min second side.`,
    pct: { flour: 100, water: 64, salt: 2, 'fresh yeast': 1, butter: 5 },
    kinds: 'mix knead proof divide ball proof roll cook',
    rests: [90, 20],
    cook: [90, 60],
    pieceG: 125,
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'with a filling',
    text: `Leek parcels (makes 6)

Dough: 300 g plain flour, 175 g water, 6 g salt
Filling: 250 g leeks, 20 g butter, 80 g hard cheese, pepper

1. Mix the dough and knead it for 6 minutes. Rest it for 30 minutes, covered.
2. Meanwhile slice the leeks and soften them in the butter for 10 minutes. Grate the cheese and stir it in. Let it cool.
3. Divide the dough into 6 and roll each piece to 18 cm.
4. Put a sixth of the filling on one half, fold over and seal.
5. Cook on a medium griddle for 3 minutes a side.`,
    pct: { 'plain flour': 100, water: 58.3, salt: 2 },
    // folding over is shaping, as in the lots before: written as one step at first
    kinds: 'mix knead rest prepare divide roll fill shape cook',
    rests: [30],
    cook: [180, 180],
    pieceG: 77.8,
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'notes between cook and pupil',
    text: `dough for tuesday!!
- 1.2 kg flour (half white half wholemeal)
- 750 water
- 24 salt
- 6 inst. yeast
mix at 9:30, knead 10 (machine 6)
let it go till 11, about 80 min
20 balls @ 95 g, 15 min
roll 20cm, 1 min + 45 sec, towel!
if sticky: more flour on the pin`,
    pct: { 'white flour': 50, wholemeal: 50, water: 62.5, salt: 2, 'instant yeast': 0.5 },
    // dough that yeast raises proves for 80 minutes, whatever it is called
    kinds: 'mix knead proof ball rest roll cook',
    rests: [80, 15],
    cook: [60, 45],
    pieceG: 95,
    allergens: ['gluten', 'wheat'],
  },
];
