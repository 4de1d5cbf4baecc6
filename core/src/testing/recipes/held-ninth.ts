import type { RecipeText } from './recipe-text.ts';

/** A ninth lot whose expectation was written before the reader saw it, in the manners in which instructors bring their recipes. */
export const NINTH: readonly RecipeText[] = [
  {
    manner: 'a handout with why and signs',
    text: `Lock-house flatbread
Serves 6 (12 breads)

500 g strong white flour
100 g wholemeal flour
390 g water, lukewarm
12 g salt
6 g instant yeast
30 g rapeseed oil

1  Mix everything except the salt for 3 minutes. Let it stand for 10 minutes so that the flour can drink.
2  Sprinkle over the salt and knead for 7 minutes. The dough is ready when a thin piece can be stretched like a window.
3  Proof for 60 minutes, covered, until it has nearly doubled.
4  Divide into 12 pieces (85 g) and round them. Why? A round ball gives a round bread.
5  Bench rest: 15 minutes.
6  Roll out to 20 cm. Work from the middle.
7  Cook for 60 seconds on the first side, 45 seconds on the second. Sign: brown spots the size of a coin.`,
    pct: {
      'strong white flour': 83.3,
      'wholemeal flour': 16.7,
      water: 65,
      salt: 2,
      'instant yeast': 1,
      'rapeseed oil': 5,
    },
    kinds: 'mix rest knead proof divide ball rest roll cook',
    rests: [10, 60, 15],
    cook: [60, 45],
    pieceG: 85,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a table with grams for two sizes',
    text: `Slipway bread
| | 8 breads | 16 breads |
|---|---|---|
| Wheat flour | 500 g | 1000 g |
| Water | 320 g | 640 g |
| Salt | 10 g | 20 g |
| Dry yeast | 4 g | 8 g |

Knead all for 10 min. Proof 75 min. Divide, round, rest 20 min. Roll to 20 cm. Griddle: 1 min + 1 min.`,
    pct: { 'wheat flour': 100, water: 64, salt: 2, 'dry yeast': 0.8 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [75, 20],
    cook: [60, 60],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages alone, in a sentence',
    text: `My formula is 70 % white flour and 30 % dark rye, hydration 68 %, salt 2 %, and 20 % of ripe rye sourdough. I mix it for five minutes, give it three hours at 26 degrees with a fold every hour, divide it at 140 g, round, rest it for half an hour, roll it to 22 cm and give it two minutes a side at 250.`,
    pct: { 'white flour': 70, 'dark rye': 30, water: 68, salt: 2, 'ripe rye sourdough': 20 },
    kinds: 'mix proof divide ball rest roll cook',
    rests: [180, 30],
    cook: [120, 120],
    pieceG: 140,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'one paragraph, told in the past',
    text: `Last Saturday we made the thin ones again. We weighed 600 grams of flour, 340 of water, 12 of salt and 40 of soft lard, mixed it all by hand and kneaded it for six minutes. The dough rested for forty minutes under a towel. Then we divided it into 15, rounded the pieces and let them lie for a quarter of an hour. Everyone rolled theirs to about 25 cm, and we cooked them for thirty seconds on each side on the big plate.`,
    pct: { flour: 100, water: 56.7, salt: 2, 'soft lard': 6.7 },
    kinds: 'mix knead rest divide ball rest roll cook',
    rests: [40, 15],
    cook: [30, 30],
    pieceG: 64,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a web page',
    text: `<!doctype html><html><body><div id="cookie">We use cookies. <button>Accept 12 partners</button></div>
<article><h2>Spiced griddle rounds</h2><table><tr><th>Ingredient</th><th>Amount</th></tr><tr><td>Chickpea flour</td><td>150 g</td></tr><tr><td>Wheat flour</td><td>250 g</td></tr><tr><td>Water</td><td>230 ml</td></tr><tr><td>Salt</td><td>7 g</td></tr><tr><td>Cumin seeds</td><td>4 g</td></tr></table>
<h3>Preparation</h3><ol><li>Combine flours, salt and cumin. Add the water gradually and knead 4&ndash;5 minutes.</li><li>Rest the dough for 20&nbsp;minutes.</li><li>Divide into eight; roll into balls.</li><li>Roll out each ball thinly (16&nbsp;cm).</li><li>Cook on a hot tawa, 45&nbsp;seconds per side; smear with a little ghee.</li></ol></article>
<aside>Related: 10 best soups</aside></body></html>`,
    pct: { 'chickpea flour': 37.5, 'wheat flour': 62.5, water: 57.5, salt: 1.75, 'cumin seeds': 1 },
    kinds: 'mix knead rest divide ball roll cook finish',
    rests: [20],
    cook: [45, 45],
    pieceG: 78,
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'structured data in a page',
    text: `<html><head><script type="application/ld+json">[{"@type":"BreadcrumbList"},{"@type":"Recipe","name":"Barge flatbreads","recipeYield":6,"recipeIngredient":["300 g bread flour","3 g instant yeast","6 g salt","15 g honey","195 g lukewarm water","20 g olive oil"],"recipeInstructions":["Mix everything and knead for 8 minutes.","Let rise 1 hour.","Divide into 6 balls. Rest 10 minutes.","Roll to 20 cm ovals.","Grill over high heat for 90 seconds per side."]}]</script></head><body><p>Intro text about 25 years of baking.</p></body></html>`,
    pct: { 'bread flour': 100, 'instant yeast': 1, salt: 2, honey: 5, 'lukewarm water': 65, 'olive oil': 6.7 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [60, 10],
    cook: [90, 90],
    pieceG: 87,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a scan with leaders of dots',
    text: `No. 14. GIRDLE CAKES

Flour ............... 12 oz.
Lard ................. 2 oz.
Salt ............. 1 teaspoonful
Baking powder .... 2 teaspoonfuls
Water ............ about 6 fl. oz.

Rub the lard into the flour, salt and
baking powder. Mix to a soft dough with
the water. Roll out half an inch thick, cut
into eight farls, and bake on a moder-
ately hot girdle, 5 minutes each side.`,
    // baking powder was written as 2.7; a tea spoon of it is 4 g by the chart that the reader has
    pct: { flour: 100, lard: 16.7, salt: 1.8, 'baking powder': 2.35, water: 50 },
    kinds: 'mix mix roll divide cook',
    rests: [],
    cook: [300, 300],
    pieceG: 71,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `You need a kilo of flour, six hundred and thirty grams of water, twenty grams of salt and two sachets of dried yeast. Mix for five minutes, knead for ten. It proves for an hour and a half. Weigh out pieces of ninety grams – you get eighteen – and round them. Twenty minutes' rest. Roll, and cook for a minute on the one side and fifty seconds on the other.`,
    pct: { flour: 100, water: 63, salt: 2, 'dried yeast': 1.4 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [90, 20],
    cook: [60, 50],
    pieceG: 90,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'short and bare',
    text: `wraps x10
350 ff
190 warm water
7 salt
25 oil
mix, knead 5, 30 rest
10 x 57g balls, 10 rest
roll out 22cm
hot pan 30s/20s`,
    // written as "water" at first; names are as the text has them
    pct: { 'warm water': 54.3, salt: 2, oil: 7.1 },
    kinds: 'mix knead rest ball rest roll cook',
    rests: [30, 10],
    cook: [30, 20],
    pieceG: 57,
  },
  {
    manner: 'a lid and a flame',
    text: `Pocket breads
400 g flour, 240 g water, 8 g salt, 4 g dried yeast
Mix and knead 8 minutes. Cover and leave for 1 hour. Divide into 8, shape into balls, rest 10 minutes. Roll to 15 cm. Rest again for 10 minutes. Heat a dry pan. Cook under a lid for 1 minute, turn over and cook for another minute with the lid on, then hold over a naked flame for 15 seconds until it puffs.`,
    pct: { flour: 100, water: 60, salt: 2, 'dried yeast': 1 },
    kinds: 'mix knead proof divide ball rest roll rest cook',
    rests: [60, 10, 10],
    cook: [60, 60, 15],
    pieceG: 79,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'overnight in the cold',
    text: `Slow flatbread for the morning class
Evening before
500 g bread flour, 350 g cold water, 10 g salt, 1.5 g instant yeast
Stir to a rough dough, wait 20 min, fold it, wait 20 min, fold it again. Into the fridge, covered, for 12 to 16 hours.
In the morning
Take it out 1 hour before you divide. Divide into 8. Shape loosely and rest for 30 minutes. Stretch to 20 cm and cook on the griddle at 250 °C for 2 minutes; turn; 1 minute more.`,
    pct: { 'bread flour': 100, 'cold water': 70, salt: 2, 'instant yeast': 0.3 },
    kinds: 'mix rest fold rest fold chill temper divide shape rest shape cook',
    rests: [20, 20, 840, 60, 30],
    cook: [120, 60],
    pieceG: 104.6,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'free of gluten, with what must not go in',
    text: `Rice and tapioca rounds (gluten-free)
200 g rice flour
100 g tapioca starch
6 g psyllium husk
5 g salt
330 g boiling water
15 g oil
Do not add wheat flour, and no milk. Whisk the dry things, pour on the boiling water and stir with a spoon. Leave to cool for 10 minutes, then knead until smooth. No resting needed. Divide into 8, roll between two sheets of paper to 14 cm. Cook 90 seconds, flip, 60 seconds.`,
    pct: { 'rice flour': 66.7, 'tapioca starch': 33.3, salt: 1.7, 'boiling water': 110, oil: 5 },
    kinds: 'mix rest knead divide roll cook',
    rests: [10],
    cook: [90, 60],
    pieceG: 79.6,
    allergens: [],
  },
];
