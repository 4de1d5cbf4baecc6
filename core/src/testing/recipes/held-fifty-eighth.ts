import type { RecipeText } from './recipe-text.ts';

/** A fifty-eighth lot whose expectation was written before the reader saw it: two texts of each common manner. */
export const FIFTY_EIGHTH: readonly RecipeText[] = [
  {
    manner: 'a handout',
    text: `Hearth & Hand – half-day class

STUFFED POTATO PARATHA (makes 6)

For the dough
300 g atta
200 g water
3 g salt

For the filling
400 g potatoes
5 g salt
3 g ground cumin
10 g fresh coriander

For cooking: 30 g ghee

1. Boil and mash the potatoes with the salt, cumin and coriander. Leave to cool.
2. Mix the dough and knead it for 6 minutes. Rest 20 minutes.
3. Divide the dough into 6 balls and the filling into 6 balls.
4. Flatten a ball of dough to 10 cm, put a ball of filling in the middle, gather and pinch shut.
5. Roll out gently to 18 cm.
6. Cook on a hot tawa for 1 minute, turn, brush with ghee, 1 minute, turn, brush with ghee, 30 seconds.`,
    pct: { atta: 100, water: 66.7, salt: 1 },
    kinds: 'prepare mix knead rest divide ball fill roll cook',
    rests: [20],
    cook: [60, 60, 30],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['potato', 'cumin', 'coriander', 'ghee'],
  },
  {
    manner: 'a handout',
    text: `Your flatbread, step by step

Flour 150 g / water 95 g / salt 3 g / oil 5 g / instant yeast 1 g

① Tip everything into your bowl and stir.
② Knead 8 minutes. Windowpane!
③ Oil the bowl, dough in, plate on top, 45 minutes.
④ Two equal pieces. Round them. 10 minutes.
⑤ Roll: 18 cm.
⑥ Griddle: 70 seconds. Flip. 50 seconds.

Take home: the sheet, your second bread, a big grin.`,
    pct: { flour: 100, water: 63.3, salt: 2, oil: 3.3, 'instant yeast': 0.7 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [45, 10],
    cook: [70, 50],
  },
  {
    manner: 'a table',
    text: `Batch sheet · Naan · 24 pcs

Ingredient | Bakers % | kg
---|---|---
Strong flour | 100 | 2.000
Yoghurt | 30 | 0.600
Milk | 32 | 0.640
Oil | 5 | 0.100
Sugar | 2 | 0.040
Salt | 2 | 0.040
Instant yeast | 1 | 0.020

Process | Setting
---|---
Mix | 3 + 5 min
Bulk | 75 min at 26 °C
Scale | 140 g
Round |
Rest | 20 min
Stretch | 22 cm
Griddle | 260 °C, lid, 90 s + 45 s`,
    pct: { 'strong flour': 100, yoghurt: 30, milk: 32, oil: 5, sugar: 2, salt: 2, 'instant yeast': 1 },
    kinds: 'mix proof divide ball rest shape cook',
    rests: [75, 20],
    cook: [90, 45],
    pieceG: 140,
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'a table',
    text: `What           How much
Plain flour    3 cups (375 g)
Salt           1 tsp (6 g)
Baking powder  2 tsp (8 g)
Warm water     1 cup (240 ml)
Oil            1/4 cup (60 ml)

Mix dry. Add wet. Knead 3 minutes. Rest 15 minutes.
Divide into 12. Roll 15 cm. Cook 30 seconds, flip, 30 seconds, flip, 10 seconds.`,
    pct: { 'plain flour': 100, salt: 1.6, 'baking powder': 2.1, 'warm water': 64, oil: 14.7 },
    kinds: 'mix knead rest divide roll cook',
    rests: [15],
    cook: [30, 30, 10],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Ciabatta-style griddle breads – flour 100, water 78, salt 2, yeast 0.5, olive oil 3. Mix, wait 30 min, fold; wait 30 min, fold; wait 60 min. Tip out on flour, cut 120 g rectangles, rest 20 min. Griddle 200 °C, 3 min a side.`,
    pct: { flour: 100, water: 78, salt: 2, yeast: 0.5, 'olive oil': 3 },
    // no rolling is told
    kinds: 'mix proof fold proof fold proof divide rest roll cook',
    rests: [30, 30, 60, 20],
    cook: [180, 180],
    pieceG: 120,
  },
  {
    manner: 'percentages alone',
    text: `Barley flatbread, baker's %:
white flour ....... 60
barley flour ...... 40
water ............. 64
honey .............. 3
salt ............... 2
fresh yeast ........ 2

5 min slow + 4 min fast; 60 min floor time; 110 g; round; 20 min; roll 17 cm; griddle 75 s / 60 s`,
    pct: { 'white flour': 60, 'barley flour': 40, water: 64, honey: 3, salt: 2, 'fresh yeast': 2 },
    kinds: 'mix proof divide ball rest roll cook',
    rests: [60, 20],
    cook: [75, 60],
    pieceG: 110,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `We start on Friday evening: 500 g of strong flour, 350 g of cold water, 10 g of salt and just 1 g of yeast go into a tub, get a quick stir and are left on the counter overnight. On Saturday morning the dough is tipped out, divided into six and rounded. After half an hour the rounds are stretched to 20 cm and go on the hottest part of the griddle for two minutes, then are flipped for one more.`,
    pct: { 'strong flour': 100, 'cold water': 70, salt: 2, yeast: 0.2 },
    kinds: 'mix proof divide ball rest shape cook',
    rests: [600, 30],
    cook: [120, 60],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `For the children I make it simple: one mug of self-raising flour, half a mug of natural yoghurt, a pinch of salt. They stir it with a spoon, then squeeze it with their hands until it is a ball. We cut the ball into four, they pat theirs flat, about as thick as a finger, and I cook them in a dry pan for three minutes on each side.`,
    pct: { 'plain flour': 100 },
    kinds: 'mix divide shape cook',
    rests: [],
    cook: [180, 180],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['yoghurt', 'salt'],
  },
  {
    manner: 'a web page',
    text: `<!DOCTYPE html><html><body><header><a href="/">Home</a> | <a href="/breads">Breads</a></header><article><h1>Turkish-style bazlama</h1><p><em>Thick, soft griddle bread with yoghurt.</em></p><p><b>Yield:</b> 6 breads <b>Time:</b> 2 h</p><h2>Ingredients</h2><ul><li>500 g all-purpose flour</li><li>150 g plain yoghurt</li><li>170 g warm water</li><li>20 g olive oil</li><li>10 g salt</li><li>7 g instant yeast</li></ul><h2>Directions</h2><p>In a large bowl, combine flour, salt and yeast. Add the yoghurt, water and oil and mix until a dough forms. Knead for 8 minutes.</p><p>Cover and let rise until doubled, 60&ndash;75 minutes.</p><p>Divide into 6 and shape into balls. Flatten each to 15&nbsp;cm. Cover and let rise 20 minutes.</p><p>Heat a cast-iron griddle over medium-low heat. Cook 4 minutes, flip, and cook another 3 minutes.</p><p>Wrap in a towel.</p></article></body></html>`,
    pct: {
      'all-purpose flour': 100,
      'plain yoghurt': 30,
      'warm water': 34,
      'olive oil': 4,
      salt: 2,
      'instant yeast': 1.4,
    },
    kinds: 'mix knead proof divide ball shape proof cook finish',
    rests: [67.5, 20],
    cook: [240, 180],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'a web page',
    text: `<section itemscope itemtype="http://schema.org/Recipe"><h2 itemprop="name">Chilli cheese rotis</h2><span itemprop="recipeYield">10 rotis</span><ul><li itemprop="recipeIngredient">350 g atta</li><li itemprop="recipeIngredient">220 ml water</li><li itemprop="recipeIngredient">5 g salt</li><li itemprop="recipeIngredient">120 g strong cheddar, grated</li><li itemprop="recipeIngredient">2 green chillies, chopped</li></ul><div itemprop="recipeInstructions"><p>Mix the atta, salt and water and knead for 5 minutes. Work in the cheese and chillies.</p><p>Rest for 15 minutes.</p><p>Divide into 10, roll into balls, then roll out to 15 cm with plenty of flour.</p><p>Cook on a medium tawa, 1 minute per side.</p></div></section>`,
    pct: { atta: 100, water: 62.9, salt: 1.4, 'strong cheddar': 34.3 },
    kinds: 'mix knead mix rest divide ball roll cook',
    rests: [15],
    cook: [60, 60],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['chilli'],
  },
  {
    manner: 'structured data',
    text: `{"@context":"https://schema.org","@type":"Recipe","name":"Gluten-free sorghum rotla","recipeYield":"6","prepTime":"PT15M","recipeIngredient":["250 g sorghum flour","230 g boiling water","3 g salt","10 g oil"],"recipeInstructions":[{"@type":"HowToStep","text":"Put the sorghum flour and salt in a bowl and pour over the boiling water. Stir, cover and leave for 10 minutes."},{"@type":"HowToStep","text":"Knead with the oil until smooth, about 4 minutes."},{"@type":"HowToStep","text":"Divide into 6 and pat each out between two sheets of baking paper to 14 cm."},{"@type":"HowToStep","text":"Cook on a hot griddle for 90 seconds; flip and cook for 2 minutes; flip and press with a cloth for 30 seconds."}]}`,
    pct: { 'sorghum flour': 100, 'boiling water': 92, salt: 1.2, oil: 4 },
    kinds: 'mix rest knead divide shape cook',
    rests: [10],
    cook: [90, 120, 30],
    allergens: [],
  },
  {
    manner: 'structured data',
    text: `<script type="application/ld+json">{"@context":"https://schema.org","@type":"Recipe","name":"Seeded spelt crackers","recipeYield":"12 crackers","recipeIngredient":["200g white spelt flour","60g mixed seeds","90g water","30g olive oil","4g salt"],"recipeInstructions":[{"@type":"HowToStep","text":"Mix everything to a firm dough and knead for 2 minutes. Rest for 30 minutes."},{"@type":"HowToStep","text":"Divide into 12. Roll each as thin as you can, about 14cm."},{"@type":"HowToStep","text":"Cook on a low griddle for 4 minutes on each side until crisp. Cool on a rack."}]}</script>`,
    pct: { 'white spelt flour': 100, 'mixed seeds': 30, water: 45, 'olive oil': 15, salt: 2 },
    kinds: 'mix knead rest divide roll cook',
    rests: [30],
    cook: [240, 240],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a scan',
    text: `THE VILLAGE BREAD BOOK                      p. 31

           Pot-oven Flat Cakes

Take 3 lb. of household flour, 1 oz. of
salt, 1 oz. of fresh yeast and about l½
pints of warm water. Crumble the yeast into
the water. Make a well in the flour, pour it
in and work to a dough. Knead a quarter of
an hour. Stand to rise two hours by the fire.
Divide into twenty, flatten with the hand to
half an inch, and bake on an oiled plate four
minutes one side and three the other.`,
    pct: { 'household flour': 100, salt: 2.1, 'fresh yeast': 2.1, 'warm water': 62.6 },
    kinds: 'mix knead proof divide shape cook',
    rests: [120],
    cook: [240, 180],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a scan',
    text: `Recipe no. 17      FOCACCIA AL TESTO     for l0

F|our type 0     8OO g
Water            48O g
Salt              16 g
Bicarbonate        4 g
Olive oil         4O g

Knead 8 min.  Rest 3O min. covered.
Divide in l0, roll 2O cm, prick.
Hot plate 3 min per side.`,
    pct: { water: 60, salt: 2, bicarbonate: 0.5, 'olive oil': 5 },
    kinds: 'mix knead rest divide roll cook',
    rests: [30],
    cook: [180, 180],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `Mix three cups of flour with one cup of water, two tablespoons of oil and a teaspoon and a half of salt. Knead it a good five minutes, let it sit for twenty. Make twelve balls and leave them for ten minutes more. Roll them to seven inches. Bake on a hot griddle thirty to forty seconds a side.`,
    pct: { flour: 100 },
    kinds: 'mix knead rest ball rest roll cook',
    rests: [20, 10],
    cook: [35, 35],
    others: ['water', 'oil', 'salt'],
  },
  {
    manner: 'words for numbers',
    text: `You need nine hundred grams of flour, half of it wholemeal, five hundred and eighty-five grams of water, eighteen grams of salt and thirteen and a half of fresh yeast. Knead for eleven minutes; prove for sixty-five; divide into eighteen; round; rest for eighteen minutes; roll to sixteen centimetres; cook for fifty-five seconds on either side.`,
    pct: { flour: 50, wholemeal: 50, water: 65, salt: 2, 'fresh yeast': 1.5 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [65, 18],
    cook: [55, 55],
  },
  {
    manner: 'parts by vessel',
    text: `By the bowl: 4 bowls wholemeal flour, 2 bowls water (a bit less), 1 spoon salt, 3 spoons oil.
Knead well, 10 min. Under a cloth half an hour.
Into 16. Roll 16 cm.
Hot plate: 40 s, turn, 40 s, turn, press 10 s.`,
    pct: { 'wholemeal flour': 100 },
    kinds: 'mix knead rest divide roll cook',
    rests: [30],
    cook: [40, 40, 10],
    allergens: ['gluten', 'wheat'],
    others: ['water', 'salt', 'oil'],
  },
  {
    manner: 'parts by vessel',
    text: `Yoghurt-pot bread. Ingredients: 1 pot yoghurt, 3 pots flour, 1/2 pot oil, 1 sachet baking powder, 1 tsp salt (the pot is the measure!). Mix all, knead 2 minutes, rest 20 minutes. Divide into 8, roll to 16 cm, cook 1 minute per side.`,
    pct: { flour: 100 },
    kinds: 'mix knead rest divide roll cook',
    rests: [20],
    cook: [60, 60],
    others: ['yoghurt', 'oil', 'baking powder', 'salt'],
  },
  {
    manner: 'decimal commas',
    text: `Podpłomyki / hearth flatbreads – 12 szt. (12 pieces)
mąka pszenna / wheat flour 0,6 kg
woda / water 0,36 kg
sól / salt 0,012 kg
olej / oil 0,03 kg
Wyrabiać / knead 6,5 min. Odpoczynek / rest 0,5 h. Podzielić / divide. Wałkować / roll 17,5 cm. Smażyć / cook 1,25 min, 1,0 min.`,
    pct: { 'wheat flour': 100, water: 60, salt: 2, oil: 5 },
    kinds: 'mix knead rest divide roll cook',
    rests: [30],
    cook: [75, 60],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'decimal commas',
    text: `Kursmenge: 2,5 kg Mehl (flour), 1,55 l Wasser (water), 50,0 g Salz (salt), 37,5 g Hefe (fresh yeast), 0,1 l Öl (oil).
6 min kneten (knead) · 1,5 h Gare (proof) · 25 x 165 g teilen (divide) · rund (ball) · 20 min Ruhe (rest) · 22,5 cm ausrollen (roll) · 1,5 + 1,25 min backen (griddle)`,
    pct: { flour: 100, water: 62, salt: 2, 'fresh yeast': 1.5, oil: 3.7 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [90, 20],
    cook: [90, 75],
    pieceG: 165,
  },
];
