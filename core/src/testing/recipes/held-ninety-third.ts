import type { RecipeText } from './recipe-text.ts';

/** A ninety-third lot whose expectation was written before the reader saw it, two of each manner: from a shelf of class folders. */
export const NINETY_THIRD: readonly RecipeText[] = [
  {
    manner: 'a handout',
    text: `Chapati morning – what you take home

For 10 chapatis
300 g chapati flour
195 g warm water
5 g salt
10 g oil

At the table
Put the flour and salt in a bowl, rub in the oil, then pour in the water little by little.
Work it for 6 minutes until it is soft and smooth.
Cover with an upturned bowl and leave for 25 minutes.
Break off 10 pieces and roll them between the palms into balls.
Roll each out to 17 cm, dusting lightly.
At the stove
Hot tawa, 30 seconds. Turn, 45 seconds. Then straight on the flame until it puffs, about 10 seconds.
Rub with a little ghee and keep in a cloth.`,
    pct: { 'chapati flour': 100, 'warm water': 65, salt: 1.67, oil: 3.33 },
    kinds: 'mix mix knead rest divide ball roll cook finish',
    rests: [25],
    cook: [30, 45, 10],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['ghee'],
  },
  {
    manner: 'a handout',
    text: `Manakish, evening class (14 pieces)

DOUGH
1 kg bread flour
620 g water
20 g salt
8 g instant yeast
50 g olive oil
15 g sugar

TOPPING
70 g za'atar
140 g olive oil

1) All dough ingredients in the mixer, 3 min slow, 5 min fast.
2) Bulk proof 60 min at 26 °C.
3) Scale 120 g, round, rest 15 min.
4) Roll to 18 cm. Proof 20 min under a cloth.
5) Stir the topping, spread one spoonful on each, press with the fingertips.
6) Griddle with lid, medium, 4 min.`,
    pct: {
      'bread flour': 100,
      water: 62,
      salt: 2,
      'instant yeast': 0.8,
      'olive oil': 5,
      sugar: 1.5,
    },
    kinds: 'mix proof divide ball rest roll proof prepare fill shape cook',
    rests: [60, 15, 20],
    cook: [240],
    pieceG: 120,
    allergens: ['gluten', 'sesame', 'wheat'],
    others: ["za'atar"],
  },
  {
    manner: 'a table',
    text: `| What | Amount |
|---|---|
| Strong white flour | 500 g |
| Wholemeal flour | 100 g |
| Buttermilk | 400 g |
| Salt | 12 g |
| Baking powder | 18 g |

| Do | How long |
|---|---|
| Combine | 3 min |
| Rest | 20 min |
| Divide in 9 | |
| Pat to 12 cm | |
| Griddle, first side | 4 min |
| Griddle, second side | 3 min |`,
    pct: {
      'strong white flour': 83.3,
      'wholemeal flour': 16.7,
      buttermilk: 66.7,
      salt: 2,
      'baking powder': 3,
    },
    kinds: 'mix rest divide shape cook',
    rests: [20],
    cook: [240, 180],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'a table',
    text: `Ingredient;%;12 pieces
Flour 00;100;780 g
Water;58;452 g
Lard;9;70 g
Salt;2;15.6 g
Fresh yeast;1.5;11.7 g

Stage;min;remark
Mixing;3;first speed
Kneading;6;second speed
Bulk proof;50;27 °C
Scaling;;110 g
Balling;;
Proof;40;covered
Rolling;;22 cm
Cooking;1.5 + 1;stone 300 °C`,
    pct: { 'flour 00': 100, water: 58, lard: 9, salt: 2, 'fresh yeast': 1.5 },
    kinds: 'mix knead proof divide ball proof roll cook',
    rests: [50, 40],
    cook: [90, 60],
    pieceG: 110,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Sweet potato flatbread, baker's percentages
Flour 100, mashed sweet potato 50, yoghurt 25, salt 2, baking powder 2.5.
Bring together, knead 2 min, rest 15 min. 95 g pieces. Roll 16 cm. Pan: 2 min + 1.5 min.`,
    pct: { flour: 100, 'mashed sweet potato': 50, yoghurt: 25, salt: 2, 'baking powder': 2.5 },
    kinds: 'mix knead rest divide roll cook',
    rests: [15],
    cook: [120, 90],
    pieceG: 95,
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Flour total 100 % (of it 70 % strong white, 30 % spelt)
Water 68 %
Levain 22 %
Salt 2.1 %
Honey 1.5 %

Mix, autolyse without salt 30 min. Add salt, knead 5 min. Bulk 4 h at 25 °C with 2 folds after 30 and 60 min. Divide 160 g. Pre-shape, 25 min. Stretch to 24 cm. Hot plate 90 s / 75 s.`,
    pct: { 'strong white': 70, spelt: 30, water: 68, levain: 22, salt: 2.1, honey: 1.5 },
    kinds: 'mix rest knead proof fold proof fold proof divide ball rest shape cook',
    rests: [30, 30, 30, 180, 25],
    cook: [90, 75],
    pieceG: 160,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `My way with msemen: I mix 300 g of fine semolina with 200 g of flour, 8 g of salt, 2 g of yeast and 310 g of water and knead for a good 12 minutes, then I oil my hands, divide it into 10 balls and let them sit under film for 20 minutes. On an oiled table I spread each ball as thin as I can, smear it with a mix of 60 g soft butter and 60 g oil, strew it with a little semolina, fold it in three and in three again to a square, and after 15 minutes I flatten the squares to 16 cm and cook them on the griddle, 2 minutes on each side.`,
    pct: { 'fine semolina': 60, flour: 40, salt: 1.6, yeast: 0.4, water: 62 },
    kinds: 'mix knead divide ball rest shape fill shape rest shape cook',
    rests: [20, 15],
    cook: [120, 120],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['butter', 'oil'],
  },
  {
    manner: 'one paragraph',
    text: `Dissolve 5 g of dried yeast in 280 g of warm water, wait 5 minutes, add 450 g of flour, 9 g of salt and 25 g of olive oil, knead for 8 minutes, let it double in the warm (about 1 hour and a quarter), knock it back, cut into 6, shape into balls and rest them for 10 minutes; flatten to 15 cm, brush with beaten egg, scatter with nigella, let rise 20 minutes more and bake on a stone at 250 °C for 7 minutes.`,
    pct: { 'dried yeast': 1.11, 'warm water': 62.2, flour: 100, salt: 2, 'olive oil': 5.56 },
    kinds: 'mix bloom mix knead proof knead divide ball rest shape fill proof cook',
    rests: [5, 75, 10, 20],
    cook: [252, 168],
    allergens: ['egg', 'gluten', 'wheat'],
    others: ['egg', 'nigella'],
  },
  {
    manner: 'a web page',
    text: `<article><h1>Buckwheat galettes</h1><p>Everyone asks for this one, so here it is (again).</p><h2>Ingredients</h2><ul><li>250 g buckwheat flour</li><li>500 ml water, cold</li><li>1 egg</li><li>5 g salt</li><li>Butter for the pan</li></ul><h2>Steps</h2><ol><li>Whisk flour and salt with half the water to a thick paste, 3 minutes.</li><li>Whisk in the egg and the remaining water.</li><li>Chill for 2 hours.</li><li>Butter a hot 28 cm pan, pour in 90 g of batter and swirl.</li><li>Cook for 2 minutes, flip, and cook 1 minute more.</li></ol><p>Share on: Friendpage, Picwall</p></article>`,
    pct: { 'buckwheat flour': 100, water: 200, egg: 20, salt: 2 },
    kinds: 'mix chill divide shape cook',
    rests: [120],
    cook: [120, 60],
    pieceG: 90,
    allergens: ['egg', 'milk'],
    others: ['butter'],
  },
  {
    manner: 'a web page',
    text: `<main><h1>No-yeast garlic flatbreads</h1><div class="stats"><span>Prep 15 min</span><span>Cook 12 min</span><span>Makes 4</span></div><h3>For the dough</h3><p>250g plain flour<br>150g Greek-style yoghurt<br>30ml water<br>1 tsp baking powder<br>½ tsp salt</p><h3>For the garlic butter</h3><p>40g butter<br>2 cloves garlic, crushed<br>1 tbsp chopped parsley</p><h3>Method</h3><p>Stir the dough ingredients together, knead for 2 minutes and leave to rest for 10 minutes. Meanwhile, melt the butter with the garlic. Divide the dough into 4 and roll out to 20cm. Cook in a hot dry pan for 3 minutes on each side. Brush with the garlic butter and scatter over the parsley.</p></main>`,
    pct: { 'plain flour': 100, 'greek-style yoghurt': 60, water: 12 },
    kinds: 'mix knead rest prepare divide roll cook finish',
    rests: [10],
    cook: [180, 180],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['baking powder', 'salt', 'butter', 'garlic', 'parsley'],
  },
  {
    manner: 'structured data',
    text: `{"@context":"https://schema.org/","@type":"Recipe","name":"Rye crispbread rounds","recipeYield":"16 rounds","recipeIngredient":["400 g dark rye flour","200 g wheat flour","400 g water","12 g salt","9 g dry yeast","6 g caraway seeds"],"recipeInstructions":[{"@type":"HowToSection","name":"The dough","itemListElement":["Mix everything for 5 minutes.","Let it ferment for 45 minutes."]},{"@type":"HowToSection","name":"Rolling","itemListElement":["Divide into 16 and shape into balls.","Roll very thin, 18 cm, with a knobbly pin.","Rest on a floured cloth for 20 minutes."]},{"@type":"HowToSection","name":"Baking","itemListElement":["Bake on a hot stone, 90 seconds per side."]}]}`,
    pct: { 'dark rye flour': 66.7, 'wheat flour': 33.3, water: 66.7, salt: 2, 'dry yeast': 1.5, 'caraway seeds': 1 },
    kinds: 'mix proof divide ball roll rest cook',
    rests: [45, 20],
    cook: [90, 90],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'structured data',
    text: `{"@type":"Recipe","name":"Gordita rounds","recipeYield":"12","totalTime":"PT50M","recipeIngredient":["2 cups masa harina","1 1/2 cups warm water","1/2 teaspoon salt","2 tablespoons lard"],"recipeInstructions":"Mix the masa harina, salt and lard. Add the water and knead 3 minutes. Cover and rest 20 minutes. Divide into 12 balls. Press each to 4 inches. Cook on a comal over medium heat 3 minutes on each side. Split while warm."}`,
    pct: { 'masa harina': 100 },
    kinds: 'mix knead rest divide ball shape cook',
    rests: [20],
    cook: [180, 180],
    allergens: [],
    others: ['water', 'salt', 'lard'],
  },
  {
    manner: 'a scan',
    text: `BARLEY BANNOCK                               Page 6

4OO g. barley meal           l2 g. baking powder
lOO g. plain flour            8 g. salt
35O g. buttermilk

Mix the dry things, stir in the buttermilk, and knead
lightly for l minute. Pat out to a round 2 cm. thick,
cut in quarters, and bake on a dry girdle over a gentle
heat, 8 minutes on one side, 7 on the other.`,
    pct: { 'barley meal': 80, 'plain flour': 20, buttermilk: 70, 'baking powder': 2.4, salt: 1.6 },
    kinds: 'mix knead shape divide cook',
    rests: [],
    cook: [480, 420],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'a scan',
    text: `Pitta breads                          (makes l2)

l kg. white flour, 2O g. fresh yeast, 62O ml. water,
2O g. salt, 3O ml. olive oil.

Crumble the yeast into the water, add the flour, salt
and oil. Knead lO min. Prove l hr. Cut into l2, ball, and
rest l5 min. Roll to l6 cm. and leave for 2O min. on a
cloth. Bake at 26O°C on a hot stone for 4 min. until puff-
ed; wrap in a cloth.`,
    pct: { 'white flour': 100, 'fresh yeast': 2, water: 62, salt: 2, 'olive oil': 2.75 },
    kinds: 'mix knead proof divide ball rest roll rest cook finish',
    rests: [60, 15, 20],
    cook: [144, 96],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `Take seven hundred grams of flour, four hundred and twenty of warm milk, seventy of butter, fourteen of salt, ten of dry yeast and twenty of sugar. Mix, then knead nine minutes. Prove for one hour. Divide into fourteen, ball, rest for a quarter of an hour. Roll to sixteen centimetres. Cook a minute and a half a side over medium heat. Brush with butter.`,
    pct: { flour: 100, 'warm milk': 60, butter: 10, salt: 2, 'dry yeast': 1.43, sugar: 2.86 },
    kinds: 'mix knead proof divide ball rest roll cook finish',
    rests: [60, 15],
    cook: [90, 90],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `Two pounds of cornmeal, one and a half pints of boiling water, two teaspoons of salt and two ounces of lard. Pour the boiling water over the meal and salt, stir in the lard, and leave for twenty minutes. Form sixteen cakes, half an inch thick, and bake on a greased griddle, five minutes each side.`,
    pct: { cornmeal: 100, lard: 6.25 },
    kinds: 'mix rest divide shape cook',
    rests: [20],
    cook: [300, 300],
    allergens: [],
    others: ['water', 'salt'],
  },
  {
    manner: 'parts by vessel',
    text: `By the tea glass: 6 glasses flour, 2 glasses warm water, 1 glass yoghurt, half a glass oil, 2 spoons salt, 1 spoon sugar, 1 packet dry yeast (7 g). Knead it soft, 10 minutes. Let it rise one hour. 12 balls. 15 minutes. Roll out to 20 cm. Cook on the sac, 1 minute each side, stack and cover.`,
    pct: { flour: 100 },
    kinds: 'mix knead proof ball rest roll cook finish',
    rests: [60, 15],
    cook: [60, 60],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['water', 'yoghurt', 'oil', 'salt', 'sugar', 'yeast'],
  },
  {
    manner: 'parts by vessel',
    text: `Rice flour roti: 2 cups rice flour, 1¾ cups boiling water, ½ tsp salt, 1 tbsp ghee. Pour the boiling water over the flour and salt and stir hard. Cover 10 min. Knead in the ghee while warm, 3 min. 8 balls. Press between two sheets to 14 cm. Hot tawa, 45 s each side.`,
    pct: { 'rice flour': 100 },
    kinds: 'mix rest knead ball shape cook',
    rests: [10],
    cook: [45, 45],
    allergens: ['milk'],
    others: ['water', 'salt', 'ghee'],
  },
  {
    manner: 'decimal commas',
    text: `Roggenfladen mit Kümmel – rye flatbread with caraway (16 Stück)
Rye flour 0,9 kg; wheat flour 0,3 kg; water 0,84 l; salt 0,024 kg; starter 0,18 kg; caraway 0,012 kg.
Mix 6,5 min. Proof 2,5 h. Divide 0,14 kg. Round. Rest 22,5 min. Roll 19,5 cm, 5,5 mm. Stone 260 °C, 3,5 min + 2,5 min.`,
    pct: { 'rye flour': 75, 'wheat flour': 25, water: 70, salt: 2, starter: 15, caraway: 1 },
    kinds: 'mix proof divide ball rest roll cook',
    rests: [150, 22.5],
    cook: [210, 150],
    pieceG: 140,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'decimal commas',
    text: `Crêpe-Teig salzig / savoury pancake batter: 0,25 kg flour, 0,5 l milk, 0,1 kg eggs, 0,005 kg salt, 0,03 kg butter (melted). Whisk 2,5 min. Rest 0,5 h. Pour 0,075 kg per pancake, 24,5 cm. 1,25 min, flip, 0,75 min.`,
    pct: { flour: 100, milk: 206, egg: 40, salt: 2, butter: 12 },
    kinds: 'mix rest divide shape cook',
    rests: [30],
    cook: [75, 45],
    pieceG: 75,
    allergens: ['egg', 'gluten', 'milk', 'wheat'],
  },
];
