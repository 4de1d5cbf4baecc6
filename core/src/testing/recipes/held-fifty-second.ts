import type { RecipeText } from './recipe-text.ts';

/** A fifty-second lot whose expectation was written before the reader saw it: two texts of each common manner. */
export const FIFTY_SECOND: readonly RecipeText[] = [
  {
    manner: 'a handout',
    text: `SPRING TERM – WEEK 6
Carrot top and potato parathas

Yield: 8

Dough
320 g atta
5 g salt
215 g warm water
10 g oil

Filling
300 g boiled potatoes, mashed
30 g carrot tops, finely chopped
1 green chilli
5 g cumin

Method
Make the dough and knead it for 6 minutes. Rest for 30 minutes under a damp cloth.
Mix the filling and season it.
Divide the dough into 8 balls. Rest 5 minutes.
Roll a ball to 10 cm, put filling in the middle, gather up the edges, pinch to seal.
Rest the filled balls for 5 minutes, then roll gently to 16 cm.
Cook on a hot tawa for 1 minute, turn, 1 minute, brush with ghee, turn, 30 seconds, turn, 30 seconds.`,
    pct: { atta: 100, salt: 1.6, 'warm water': 67.2, oil: 3.1 },
    kinds: 'mix knead rest prepare divide ball rest roll fill rest roll cook',
    rests: [30, 5, 5],
    cook: [60, 60, 30, 30],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['potatoes', 'chilli'],
  },
  {
    manner: 'a handout',
    text: `Flatbread in forty minutes

What you need (2 breads)
 150 g plain flour
 3 g salt
 4 g baking powder
 100 g natural yoghurt
 10 g olive oil

What you do
 Stir the dry ingredients. Add the yoghurt and oil. Bring together and knead for 1 minute.
 Cover, 15 minutes.
 Cut in two. Roll or press to 18 cm.
 Pan over a medium-high heat, no oil. 2 minutes. Turn. 1 and a half minutes.
 Brush with oil, sprinkle with salt.`,
    pct: { 'plain flour': 100, salt: 2, 'baking powder': 2.7, 'natural yoghurt': 66.7, 'olive oil': 6.7 },
    kinds: 'mix knead rest divide roll cook finish',
    rests: [15],
    cook: [120, 90],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'a table',
    text: `BATCH SHEET: PIADINA, 20 pcs

Raw material      kg        %
Flour 0           1.250     100.0
Lard              0.190     15.2
Water             0.600     48.0
Salt              0.025     2.0
Soda              0.006     0.5

Operation         Setting
Mixing            8 min
Resting           60 min
Dividing          100 g
Rounding
Resting           20 min
Rolling           24 cm
Baking (plate)    75 s + 60 s`,
    pct: { lard: 15.2, water: 48, salt: 2, soda: 0.5 },
    kinds: 'mix rest divide ball rest roll cook',
    rests: [60, 20],
    cook: [75, 60],
    pieceG: 100,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a table',
    text: `Step 1 | weigh | 250 g bread flour, 160 g water, 5 g salt, 2 g instant yeast
Step 2 | mix | 4 minutes
Step 3 | knead | 6 minutes
Step 4 | proof | 1 hour
Step 5 | divide | into 4, round
Step 6 | rest | 15 minutes
Step 7 | roll | 20 cm
Step 8 | cook | 1 minute + 45 seconds`,
    pct: { 'bread flour': 100, water: 64, salt: 2, 'instant yeast': 0.8 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [60, 15],
    cook: [60, 45],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Tortillas de harina. Flour 100 %. Lard 18 %. Salt 1.7 %. Hot water 48 %. Rub the lard into the flour, add salt and water, knead 5 minutes, rest 30 minutes. 40 g balls, rest 15 minutes covered. Roll 17 cm. Comal, very hot: 25 seconds, turn, 25 seconds.`,
    pct: { flour: 100, lard: 18, salt: 1.7, 'hot water': 48 },
    kinds: 'mix mix knead rest ball rest roll cook',
    rests: [30, 15],
    cook: [25, 25],
    pieceG: 40,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Three-grain griddle bread
White wheat flour        60
Barley flour             25
Oat flour                15
Buttermilk               78
Salt                      1.6
Bicarbonate of soda       1.2

Mix lightly, rest 10 min, scale 120 g, pat to 13 cm. Low griddle, 5 min, turn, 5 min.`,
    pct: {
      'white wheat flour': 60,
      'barley flour': 25,
      'oat flour': 15,
      buttermilk: 78,
      salt: 1.6,
      'bicarbonate of soda': 1.2,
    },
    kinds: 'mix rest divide shape cook',
    rests: [10],
    cook: [300, 300],
    pieceG: 120,
  },
  {
    manner: 'one paragraph',
    text: `For lunch at the allotment we make these from 400 g of wholemeal flour, 100 g of plain flour, 10 g of salt, 30 g of oil and 310 g of water. Mix, knead for five minutes, and put the dough in a bag for half an hour while you dig. Divide it into ten and roll each piece to about 18 cm on an upturned crate. Heat an iron plate over the fire; when a drop of water dances on it, lay on a bread, give it forty seconds, turn it, give it thirty, and eat it with whatever is ripe.`,
    pct: { 'wholemeal flour': 80, 'plain flour': 20, salt: 2, oil: 6, water: 62 },
    kinds: 'mix knead rest divide roll cook',
    rests: [30],
    cook: [40, 30],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `Soak 50 g of rolled oats in 200 g of boiling water for twenty minutes. Add 450 g of strong white flour, 130 g of cold water, 10 g of salt and 6 g of instant yeast, mix to a dough and knead for eight minutes. Prove for an hour. Divide into eight, shape into balls, leave for ten minutes, press out to 14 cm and prove for another twenty minutes on a floured cloth. Cook on a medium griddle for three minutes on each side.`,
    pct: { 'strong white flour': 100, 'cold water': 28.9, salt: 2.2, 'instant yeast': 1.3 },
    kinds: 'prepare mix knead proof divide ball rest shape proof cook',
    rests: [60, 10, 20],
    cook: [180, 180],
    others: ['oats'],
  },
  {
    manner: 'a web page',
    text: `<html><body><h1>Cheese Gozleme (quick)</h1><p><b>Serves</b> 4 | <b>Hands-on</b> 30 min | <b>Total</b> 1 h 15</p>
<h3>For the dough</h3><ul><li>300 g plain flour</li><li>5 g salt</li><li>20 g olive oil</li><li>165 g lukewarm water</li></ul>
<h3>For the filling</h3><ul><li>200 g white cheese, crumbled</li><li>15 g flat-leaf parsley, chopped</li></ul>
<h3>Preparation</h3>
<p>1 &ndash; Combine flour, salt, oil and water and knead for 6 minutes. Wrap and rest for 30 minutes.</p>
<p>2 &ndash; Mix the cheese and parsley.</p>
<p>3 &ndash; Divide the dough into 4 and roll each piece as thin as possible, about 30 cm.</p>
<p>4 &ndash; Scatter a quarter of the filling over one half, fold the other half over and press the edges.</p>
<p>5 &ndash; Cook on an oiled griddle over medium heat for 3 minutes per side. Cut into wedges.</p></body></html>`,
    pct: { 'plain flour': 100, salt: 1.7, 'olive oil': 6.7, 'lukewarm water': 55 },
    kinds: 'mix knead rest prepare divide roll fill shape cook',
    rests: [30],
    cook: [180, 180],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['cheese', 'parsley'],
  },
  {
    manner: 'a web page',
    text: `<div><h1>Everyday Pitta</h1><ul class="facts"><li>Makes 8</li><li>Ready in 1 hr 40</li></ul><h2>Ingredients</h2><p>500g strong bread flour<br>7g sachet fast-action yeast<br>10g salt<br>320ml warm water<br>1 tbsp olive oil</p><h2>Method</h2><p>Step 1: Tip the flour, yeast and salt into a bowl. Add the water and oil and mix until it comes together.</p><p>Step 2: Knead for 10 mins on a lightly oiled surface. Put back in the bowl, cover and leave for 1 hr or until doubled in size.</p><p>Step 3: Divide into 8 and roll each into a ball. Roll the balls into 15cm ovals about 4mm thick.</p><p>Step 4: Cook in a very hot dry frying pan for 2 mins on each side until puffed up.</p></div>`,
    pct: { 'strong bread flour': 100, 'fast-action yeast': 1.4, salt: 2, 'warm water': 64 },
    kinds: 'mix knead proof divide ball roll cook',
    rests: [60],
    cook: [120, 120],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'structured data',
    text: `{"@context":"https://schema.org","@type":"Recipe","name":"Sesame griddle rings","recipeYield":"10 rings","recipeIngredient":["500 g bread flour","290 g water","30 g grape syrup","10 g salt","6 g instant yeast","To coat: 80 g sesame seeds, 30 g grape syrup, 60 g water"],"recipeInstructions":[{"@type":"HowToStep","text":"Mix and knead the dough for 10 minutes."},{"@type":"HowToStep","text":"Proof for 45 minutes."},{"@type":"HowToStep","text":"Divide into 10 pieces and roll each into a rope; join the ends to a ring and flatten."},{"@type":"HowToStep","text":"Dip into the syrup and water, then into the sesame."},{"@type":"HowToStep","text":"Cook on a low griddle for 5 minutes per side."}]}`,
    pct: { 'bread flour': 100, water: 58, 'grape syrup': 6, salt: 2, 'instant yeast': 1.2 },
    kinds: 'mix knead proof divide coil shape fill cook',
    rests: [45],
    cook: [300, 300],
    allergens: ['gluten', 'sesame', 'wheat'],
  },
  {
    manner: 'structured data',
    text: `{"@context":"https://schema.org","@type":"Recipe","name":"Plain dosa-style pancakes","recipeYield":"12","recipeIngredient":["200 g rice flour","100 g urad flour","480 g water","6 g salt","Oil for the pan"],"recipeInstructions":["Whisk the flours and water to a batter and leave to ferment at room temperature for 12 hours.","Stir in the salt.","Ladle 60 g of batter onto a hot oiled griddle and spread it in a spiral to 20 cm.","Cook for 2 minutes on one side only, until crisp and golden underneath."]}`,
    pct: { 'rice flour': 66.7, 'urad flour': 33.3, water: 160, salt: 2 },
    kinds: 'mix proof mix divide shape cook',
    rests: [720],
    cook: [120],
    allergens: [],
    others: ['oil'],
  },
  {
    manner: 'a scan',
    text: `THE FARMHOUSE GIRDLE               page 14

To Make Potato Scones.-  Boil and mash half a
pound of potatoes. While hot add one ounce of
butter, a pinch of salt, and as much flour (about
two ounces) as the potatoes will take up. Knead
lightly, roll out thin, cut in triangles, prick
with a fork, and cook on a hot greased girdle
about three minutes on each side.`,
    pct: { flour: 100, butter: 50 },
    kinds: 'prepare mix knead roll divide cook',
    rests: [],
    cook: [180, 180],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['potatoes'],
  },
  {
    manner: 'a scan',
    text: `Arbeitsblatt / Worksheet 6      FLADENBROT

Flour Type 55O ...... 1OOO g
Water .............. 65O g
Yeast ................ 2O g
Salt ................. 2O g
Oil .................. 3O g

Mixing 4 + 4 min. Dough rest 45 min.
Scaling 1O pieces at 17O g. Rounding. 2O min.
Pressing 18 cm. Final proof 3O min.
Baking on the plate 3 min., turning, 2 min.`,
    pct: { water: 65, yeast: 2, salt: 2, oil: 3 },
    kinds: 'mix proof divide ball rest shape proof cook',
    rests: [45, 20, 30],
    cook: [180, 120],
    pieceG: 170,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `Take three hundred and sixty grams of plain flour, half a teaspoon of salt, fifty grams of soft lard and two hundred grams of hot water. Mix everything, knead for three minutes, cover for half an hour. Divide into twelve little balls. Roll each one out to eighteen centimetres and bake it on a dry hot plate: half a minute, turn, half a minute. Stack them in a cloth.`,
    pct: { 'plain flour': 100, 'soft lard': 13.9, 'hot water': 55.6 },
    kinds: 'mix knead rest divide ball roll cook finish',
    rests: [30],
    cook: [30, 30],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `Two hundred and fifty grams each of bread flour and wholemeal flour, three hundred and thirty-five grams of water, ten grams of salt, five grams of yeast. Mix for four minutes. An hour and a half in the bowl, with one fold after forty-five minutes. Seven pieces, rounded, twenty minutes. Out to nineteen centimetres. Two minutes one side, a minute and a half the other.`,
    pct: { 'bread flour': 50, 'wholemeal flour': 50, water: 67, salt: 2, yeast: 1 },
    kinds: 'mix proof fold proof divide ball rest roll cook',
    rests: [45, 45, 20],
    cook: [120, 90],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'parts by vessel',
    text: `Take any mug.

* Flour: 3 level mugs
* Lukewarm water: 1 mug, generous
* Yoghurt: 1/4 mug
* Salt: 1 teaspoon
* Yeast: 1 sachet (7 g)

Everything into a bowl, stir, knead 8 minutes, cover, 1 hour. Divide into 8, round, 10 minutes. Roll, 16 cm. Hot griddle 1 minute a side.`,
    pct: { flour: 100 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [60, 10],
    cook: [60, 60],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['water', 'yoghurt', 'yeast'],
  },
  {
    manner: 'parts by vessel',
    text: `Rule for the camp: to each mug of flour a third of a mug of water, a spoon of oil and a pinch of salt. With 20 children we took 12 mugs of flour. Knead, rest a quarter of an hour, tear off lumps the size of an egg, flatten, and cook on the griddle over the embers two minutes a side.`,
    pct: { flour: 100, water: 65.7 },
    kinds: 'mix knead rest divide shape cook',
    rests: [15],
    cook: [120, 120],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'decimal commas',
    text: `Khobz, 12 pains
semoule fine / fine semolina 0,750 kg
farine / flour 0,250 kg
eau / water 0,660 l
sel / salt 0,018 kg
levure / yeast 0,010 kg

Pétrir / knead 12 min. Diviser / divide 12 x 140 g, bouler / ball. Repos / rest 15 min. Aplatir / flatten 18 cm. Pousse / proof 1,25 h. Cuire / cook on the griddle 3,5 min + 3,5 min.`,
    pct: { 'fine semolina': 75, flour: 25, water: 66, salt: 1.8, yeast: 1 },
    kinds: 'mix knead divide ball rest shape proof cook',
    rests: [15, 75],
    cook: [210, 210],
    pieceG: 140,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'decimal commas',
    text: `For 16: wheat flour 0,80 kg, spelt flour 0,20 kg, water 0,63 kg, oil 0,05 kg, salt 0,02 kg, fresh yeast 0,015 kg. Mix 2,5 min, knead 7,5 min, proof 1,1 h, 105 g, round, 15 min, roll 19,5 cm, griddle 1,1 min / 0,9 min.`,
    pct: { 'wheat flour': 80, 'spelt flour': 20, water: 63, oil: 5, salt: 2, 'fresh yeast': 1.5 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [66, 15],
    cook: [66, 54],
    pieceG: 105,
    allergens: ['gluten', 'wheat'],
  },
];
