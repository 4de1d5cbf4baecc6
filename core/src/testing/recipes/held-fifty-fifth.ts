import type { RecipeText } from './recipe-text.ts';

/** A fifty-fifth lot whose expectation was written before the reader saw it: two texts of each common manner. */
export const FIFTY_FIFTH: readonly RecipeText[] = [
  {
    manner: 'a handout',
    text: `BREAD IN THE PARK – 14 June
Group recipe: garlic flatbreads for 10

Dough
600 g strong white flour
12 g salt
9 g instant yeast
390 g water
30 g olive oil

Garlic oil
60 g olive oil
2 cloves of garlic

1 Mix all the dough ingredients for 3 minutes.
2 Knead for 8 minutes.
3 Let rise for 1 hour.
4 Meanwhile crush the garlic into the oil.
5 Divide into 10, round up, rest for 15 minutes.
6 Stretch to 16 cm.
7 Cook on the hot plate, 2 minutes per side.
8 Brush with the garlic oil.`,
    pct: { 'strong white flour': 100, salt: 2, 'instant yeast': 1.5, water: 65, 'olive oil': 5 },
    kinds: 'mix knead proof prepare divide ball rest shape cook finish',
    rests: [60, 15],
    cook: [120, 120],
    allergens: ['gluten', 'wheat'],
    others: ['garlic'],
  },
  {
    manner: 'a handout',
    text: `Take-home card

Wholemeal rotis (6 pieces)
Atta 180 g · warm water 120 g · salt 2 g

Mix and knead for 6 minutes. Rest for 20 minutes, covered.
Divide into 6 and roll into balls.
Dust with flour and roll to 15 cm.
Hot tawa, 30 seconds; turn, 40 seconds; turn, press with a cloth, 15 seconds.
Spread with a little ghee.

Tip from Asha: a wetter dough puffs better.`,
    pct: { atta: 100, 'warm water': 66.7, salt: 1.1 },
    kinds: 'mix knead rest divide ball roll cook finish',
    rests: [20],
    cook: [30, 40, 15],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'a table',
    text: `Pita, class of 12

| Ingredient | for 1 | for 12 |
|---|---:|---:|
| Bread flour | 120 g | 1440 g |
| Water | 76 g | 912 g |
| Salt | 2.4 g | 29 g |
| Instant yeast | 1.2 g | 14 g |

| Task | Minutes |
|---|---:|
| Mix | 3 |
| Knead | 8 |
| Proof | 50 |
| Divide into 2, ball | 3 |
| Rest | 15 |
| Roll to 15 cm | 4 |
| Griddle, 1 min a side, then 30 s more | 3 |`,
    pct: { 'bread flour': 100, water: 63.3, salt: 2, 'instant yeast': 1 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [50, 15],
    cook: [60, 60, 30],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a table',
    text: `RYE WRAPS
rye flour ............ 60 % ..... 300 g
wheat flour .......... 40 % ..... 200 g
water ................ 70 % ..... 350 g
oil ..................  6 % .....  30 g
salt .................  2 % .....  10 g

mix .................. 5 min
rest ................. 30 min
divide ............... 10 x 88 g
round
roll ................. 18 cm
griddle .............. 60 s, turn, 45 s`,
    pct: { 'rye flour': 60, 'wheat flour': 40, water: 70, oil: 6, salt: 2 },
    kinds: 'mix rest divide ball roll cook',
    rests: [30],
    cook: [60, 45],
    pieceG: 88,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `English-style griddle rounds: strong flour 100, milk 40, water 32, butter 4, salt 1.8, sugar 1.5, instant yeast 1. Mix 10 min. Bulk 1 h. 75 g, ball, flatten to 8 cm, proof 40 min on semolina. Low griddle, 7 min a side.`,
    pct: { 'strong flour': 100, milk: 40, water: 32, butter: 4, salt: 1.8, sugar: 1.5, 'instant yeast': 1 },
    kinds: 'mix proof divide ball shape proof cook',
    rests: [60, 40],
    cook: [420, 420],
    pieceG: 75,
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Formula: bread flour 70 %, durum 30 %, water 68 %, salt 2.2 %, sourdough (100 % hydration) 20 %, olive oil 3 %.
Mix everything but the oil, 4 min. Rest 30 min. Add the oil, knead 4 min. Ferment 3 h. Divide 150 g, round. Fridge 12 h. Room temperature 1 h. Press 20 cm. Hot griddle, 2 min a side.`,
    pct: { 'bread flour': 70, durum: 30, water: 68, salt: 2.2, sourdough: 20, 'olive oil': 3 },
    kinds: 'mix rest knead proof divide ball chill temper shape cook',
    rests: [30, 180, 720, 60],
    cook: [120, 120],
    pieceG: 150,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `In a big bowl mix 500 g of bread flour with 10 g of salt and 5 g of instant yeast, pour in 330 g of water and 15 g of honey and stir until everything is wet. Knead on the bench for nine minutes. Let the dough prove under a cloth for an hour and a quarter, then divide it into seven and shape each piece into a ball. After fifteen minutes roll the balls to 19 cm. Cook them on a hot griddle until they puff, about a minute on the first side and fifty seconds on the second.`,
    pct: { 'bread flour': 100, salt: 2, 'instant yeast': 1, water: 66, honey: 3 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [75, 15],
    cook: [60, 50],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `When there is no time I use 250 g of plain flour, 2 g of salt, 5 g of baking powder and 160 g of beer. Stir it with a knife, knead it five times, and cut it into four. Roll each piece to about 18 cm and cook it in a hot dry pan for two minutes, turn it over and cook it for two minutes more.`,
    pct: { 'plain flour': 100, salt: 0.8, 'baking powder': 2, beer: 64 },
    kinds: 'mix knead divide roll cook',
    rests: [],
    cook: [120, 120],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a web page',
    text: `<html><head><title>Easy Flour Tortillas</title></head><body><h1>Easy Flour Tortillas</h1><p>Posted on March 3 by Linnet</p>
<p>Soft, stretchy and ready before the beans are warm.</p><h2>Ingredients</h2><ul><li>2 &frac12; cups all-purpose flour (300 g)</li><li>1 tsp salt</li><li>1/3 cup vegetable shortening (65 g)</li><li>2/3 cup very hot water (160 ml)</li></ul><h2>Instructions</h2><ol><li>Whisk the flour with the salt. Rub in the shortening with your fingers.</li><li>Stir in the hot water and knead for 2 to 3 minutes.</li><li>Cover and let rest for 20 minutes.</li><li>Divide into 10 balls; let the balls rest 10 minutes.</li><li>Roll each to a very thin 18 cm round.</li><li>Cook on a hot dry skillet, 30 to 40 seconds on each side.</li><li>Keep warm in a towel.</li></ol><h3>Comments</h3><p>Jo: I added 50 g more flour.</p></body></html>`,
    pct: { 'all-purpose flour': 100, 'vegetable shortening': 21.7, 'very hot water': 53.3 },
    kinds: 'mix mix mix knead rest divide ball rest roll cook finish',
    rests: [20, 10],
    cook: [35, 35],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a web page',
    text: `<article><h2>Yoghurt griddle breads with nigella</h2><p>For 6 breads</p><h4>Ingredients</h4><ul><li>350 g self-raising flour</li><li>300 g Greek yoghurt</li><li>5 g salt</li><li>5 g nigella seeds</li><li>30 g butter, melted</li></ul><h4>Method</h4><p>Mix the flour, yoghurt, salt and nigella to a dough and knead for 2 minutes. Leave for 10 minutes. Divide into 6 and pat out to 14 cm. Cook on a medium griddle for 2&ndash;3 minutes on each side. Brush with the melted butter and serve.</p></article>`,
    pct: { 'plain flour': 100, 'greek yoghurt': 90 },
    kinds: 'mix knead rest divide shape cook finish',
    rests: [10],
    cook: [150, 150],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['nigella', 'butter'],
  },
  {
    manner: 'structured data',
    text: `{"@context":"https://schema.org","@type":"Recipe","name":"Sesame spelt pockets","recipeYield":"8","recipeIngredient":["500 g white spelt flour","10 g salt","5 g instant yeast","310 g water","15 g olive oil","25 g sesame seeds"],"recipeInstructions":[{"@type":"HowToStep","text":"Combine the flour, salt, yeast, water and oil and knead for 5 minutes."},{"@type":"HowToStep","text":"Cover and proof for 1 hour."},{"@type":"HowToStep","text":"Divide into 8, roll into balls and rest for 10 minutes."},{"@type":"HowToStep","text":"Roll to 16 cm, brush with water and sprinkle with sesame."},{"@type":"HowToStep","text":"Cook on a very hot griddle for 1 minute, flip, and cook for 1 minute."}]}`,
    pct: { 'white spelt flour': 100, salt: 2, 'instant yeast': 1, water: 62, 'olive oil': 3 },
    kinds: 'mix knead proof divide ball rest roll fill cook',
    rests: [60, 10],
    cook: [60, 60],
    allergens: ['gluten', 'sesame', 'wheat'],
  },
  {
    manner: 'structured data',
    text: `{"@context":"https://schema.org","@type":"Recipe","name":"Griddle cornbreads","recipeYield":"8","recipeIngredient":["200 g fine cornmeal","150 g plain flour","10 g baking powder","5 g salt","2 eggs","280 g buttermilk","40 g butter, melted"],"recipeInstructions":[{"@type":"HowToStep","text":"Mix the cornmeal, flour, baking powder and salt."},{"@type":"HowToStep","text":"Whisk in the eggs, buttermilk and butter to a thick batter. Rest 10 minutes."},{"@type":"HowToStep","text":"Drop 90 g of batter onto a greased griddle and spread to 10 cm."},{"@type":"HowToStep","text":"Cook over medium-low heat for 3 minutes, flip and cook 2 minutes more."}]}`,
    pct: {
      'fine cornmeal': 57.1,
      'plain flour': 42.9,
      'baking powder': 2.9,
      salt: 1.4,
      egg: 28.6,
      buttermilk: 80,
      butter: 11.4,
    },
    kinds: 'mix rest divide shape cook',
    rests: [10],
    cook: [180, 120],
    pieceG: 90,
    allergens: ['egg', 'gluten', 'milk', 'wheat'],
  },
  {
    manner: 'a scan',
    text: `THE YOUNG COOK'S READER                       45

Chupatties.  You need half a pound of whole-
meal flour, a pinch of salt and a teacupful of
water. Put the flour and salt in a basin, add
the water slowly and mix to a stiff dough.
Knead for ten minutes and leave it covered for
an hour. Divide into eight, roll very thin and
bake on a hot dry girdle for one minute on
each side.`,
    pct: { 'wholemeal flour': 100 },
    kinds: 'mix knead rest divide roll cook',
    rests: [60],
    cook: [60, 60],
    allergens: ['gluten', 'wheat'],
    others: ['water'],
  },
  {
    manner: 'a scan',
    text: `Course 3   Sheet l2      NAAN   (12 pcs)

Strong fIour            75O g
Yoghurt                 25O g
MiIk                    2OO g
Yeast, instant            8 g
Salt                     l4 g
Oil                      3O g

Mix 5 min.   Knead 7 min.   Proof 1½ h.
Scale lO0 g.   Ball.   Rest 2O min.
Stretch to 22 cm.
Griddle, very hot, lid : 9O s.  Turn : 6O s.`,
    pct: { 'strong flour': 100, yoghurt: 33.3, milk: 26.7, 'instant yeast': 1.1, salt: 1.9, oil: 4 },
    kinds: 'mix knead proof divide ball rest shape cook',
    rests: [90, 20],
    cook: [90, 60],
    pieceG: 100,
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `Six hundred grams of strong flour, three hundred and seventy-two of water, twelve of salt, six of instant yeast. Mix for four minutes and knead for six. Rise for fifty-five minutes. Divide into ten, shape into balls, rest for a quarter of an hour. Roll to seventeen centimetres. Cook for a minute and ten seconds, turn, and fifty seconds.`,
    pct: { 'strong flour': 100, water: 62, salt: 2, 'instant yeast': 1 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [55, 15],
    cook: [70, 50],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `Three quarters of a pound of plain flour, a quarter of a pound of butter, half a teaspoon of salt and six tablespoons of cold water. Rub, mix, and rest for half an hour in the fridge. Divide into six, roll out thin, and cook on a gentle griddle for four minutes on each side.`,
    pct: { 'plain flour': 100, butter: 33.3 },
    kinds: 'mix mix chill divide roll cook',
    rests: [30],
    cook: [240, 240],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['water'],
  },
  {
    manner: 'parts by vessel',
    text: `3 cups of strong flour
1 cup and 2 tablespoons of water
1 teaspoon of salt
1 teaspoon of yeast

Mix. Knead for 8 minutes. Let it rise for an hour. Divide into 8. Ball. Ten minutes. Roll to 16 cm. Cook a minute a side.`,
    pct: { 'strong flour': 100 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [60, 10],
    cook: [60, 60],
    allergens: ['gluten', 'wheat'],
    others: ['water', 'salt', 'yeast'],
  },
  {
    manner: 'parts by vessel',
    text: `The easiest of all: one part thick yoghurt, one part self-raising flour (any cup), a pinch of salt. Stir, knead briefly, rest 10 minutes, divide into balls the size of a small orange, roll out, and cook two minutes a side on a medium griddle.`,
    pct: { 'plain flour': 100 },
    kinds: 'mix knead rest divide ball roll cook',
    rests: [10],
    cook: [120, 120],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['yoghurt'],
  },
  {
    manner: 'decimal commas',
    text: `Ingrediënten voor 15 wraps
tarwebloem (wheat flour) 0,75 kg
water (lauw / lukewarm) 0,40 l
zonnebloemolie (sunflower oil) 0,075 kg
zout (salt) 0,015 kg

Kneden (knead) 6 min. Rust (rest) 0,5 h. Verdelen (divide) 15 x 80 g. Bollen (ball). Rust (rest) 0,25 h. Uitrollen (roll) 21 cm. Bakken (cook) 0,7 min + 0,5 min.`,
    pct: { 'wheat flour': 100, 'sunflower oil': 10, salt: 2 },
    kinds: 'mix knead rest divide ball rest roll cook',
    rests: [30, 15],
    cook: [42, 30],
    pieceG: 80,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'decimal commas',
    text: `Batch: bread flour 1,800 kg, water 1,170 kg, salt 0,036 kg, dry yeast 0,014 kg, oil 0,054 kg (total 3,074 kg = 30 x 100 g). Mix 4,0 min, knead 7,5 min, proof 1,25 h, divide, round, rest 0,3 h, roll 18,5 cm, griddle 1,2 min, turn, 0,9 min.`,
    pct: { 'bread flour': 100, water: 65, salt: 2, 'dry yeast': 0.8, oil: 3 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [75, 18],
    cook: [72, 54],
    pieceG: 100,
    allergens: ['gluten', 'wheat'],
  },
];
