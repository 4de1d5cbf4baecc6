import type { RecipeText } from './recipe-text.ts';

/** An eightieth lot whose expectation was written before the reader saw it, two of each manner, as colleagues send them to each other. */
export const EIGHTIETH: readonly RecipeText[] = [
  {
    manner: 'a handout',
    text: `Skillet flatbread for the after-school club
Makes 10 small breads

400 g plain flour
2 tsp baking powder
1 tsp salt
250 g natural yoghurt
2 tbsp oil

Step 1. Put the flour, baking powder and salt in the big bowl and mix with your hands.
Step 2. Add the yoghurt and oil. Squash it all together until you have a dough.
Step 3. Knead for 2 minutes. If it sticks, add a little flour.
Step 4. Let it rest for 10 minutes while we wash up.
Step 5. Cut into 10 pieces and roll each one out, about as big as your hand (14 cm).
Step 6. An adult cooks them in a hot, dry pan: 1 minute, flip, 1 minute.

Careful: the pan is very hot!`,
    pct: { 'plain flour': 100, 'natural yoghurt': 62.5 },
    kinds: 'mix knead rest divide roll cook',
    rests: [10],
    cook: [60, 60],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['baking powder', 'salt', 'oil'],
  },
  {
    manner: 'a handout',
    text: `MSEMEN (square layered breads), 8 pieces
Dough: 350 g plain flour, 150 g fine semolina, 10 g salt, 5 g sugar, 3 g dried yeast, 320 g warm water.
Layers: 60 g melted butter mixed with 60 g oil; a handful of fine semolina.

Mix the dough and knead it for 10 minutes until very elastic.
Divide into 8 balls, oil them and leave for 20 minutes.
On an oiled table, flatten a ball with your palms until paper-thin. Brush with the butter mix and sprinkle with semolina.
Fold the sides in to make a square. Leave for 10 minutes.
Press out to 15 cm.
Griddle over medium heat, 2 minutes per side.`,
    pct: { 'plain flour': 70, 'fine semolina': 30, salt: 2, sugar: 1, 'dried yeast': 0.6, 'warm water': 64 },
    kinds: 'mix knead divide ball rest shape fill shape rest shape cook',
    rests: [20, 10],
    cook: [120, 120],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['butter', 'oil'],
  },
  {
    manner: 'a table',
    text: `| | kg | % |
|:--|--:|--:|
| Wheat flour T65 | 4,000 | 80 |
| Rye flour T130 | 1,000 | 20 |
| Water | 3,400 | 68 |
| Sea salt | 0,100 | 2 |
| Levain, liquid | 1,000 | 20 |

| Phase | Duration |
|:--|:--|
| Mixing | 6 min, slow |
| Autolyse | 30 min |
| Kneading | 4 min |
| Bulk | 3 h with 2 folds |
| Dividing | 150 g |
| Rounding | |
| Rest | 30 min |
| Pressing | 16 cm |
| Plate | 2 min + 1.5 min |`,
    pct: { 'wheat flour T65': 80, 'rye flour T130': 20, water: 68, 'sea salt': 2 },
    kinds: 'mix rest knead proof divide ball rest shape cook',
    rests: [30, 180, 30],
    cook: [120, 90],
    pieceG: 150,
    others: ['levain'],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a table',
    text: `Naan for 4 / 8 / 16 people

Plain flour     300 g    600 g    1200 g
Yoghurt         120 g    240 g     480 g
Milk             70 g    140 g     280 g
Baking powder     6 g     12 g      24 g
Salt              5 g     10 g      20 g

Mix 3 min, knead 3 min, rest 45 min.
Divide: 4, 8 or 16 pieces of 125 g.
Ball, rest 10 min, stretch to 20 cm.
Pan with lid: 90 s, turn, 60 s.`,
    pct: { 'plain flour': 100, yoghurt: 40, milk: 23.3, 'baking powder': 2, salt: 1.7 },
    kinds: 'mix knead rest divide ball rest shape cook',
    rests: [45, 10],
    cook: [90, 60],
    pieceG: 125,
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Our house wrap: white flour 100, water 54, rapeseed oil 10, salt 1.8, baking powder 0.8 (all in % of the flour). Mix 4 min; rest 30 min; 60 g pieces; ball; rest 20 min; sheet 1.5 mm (20 cm); 30 s each side at 230 °C.`,
    pct: { 'white flour': 100, water: 54, 'rapeseed oil': 10, salt: 1.8, 'baking powder': 0.8 },
    kinds: 'mix rest divide ball rest roll cook',
    rests: [30, 20],
    cook: [30, 30],
    pieceG: 60,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Injera-type pancake, ratios
teff flour  100
water  170
salt  1
starter  20

Stir the flour, starter and 120 of the water; ferment 48 h at room temperature. Stir in the rest of the water and the salt, stand 1 h. Ladle 150 g on a hot plate in a spiral, cover, cook 2 min, one side only. Cool on a cloth.`,
    pct: { 'teff flour': 100, water: 170, salt: 1, starter: 20 },
    kinds: 'mix proof mix rest divide shape cook',
    rests: [2880, 60],
    cook: [120],
    pieceG: 150,
  },
  {
    manner: 'one paragraph',
    text: `Sunday tortillas. For twenty, cut 90 g of lard into 600 g of flour mixed with 12 g of salt, then stir in 320 g of hot water. Knead for 4 minutes, cover with a damp towel and leave for half an hour. Pinch off balls of 50 g, keep them covered for another 20 minutes, then roll each to 16 cm. Cook on a hot dry comal until bubbles come up, 30 seconds, flip and give the other side 30 seconds. Hold them in a cloth.`,
    pct: { flour: 100, lard: 15, salt: 2, 'hot water': 53.3 },
    kinds: 'mix mix knead rest ball rest roll cook finish',
    rests: [30, 20],
    cook: [30, 30],
    pieceG: 50,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `A bannock for two: stir together 150 g of wholemeal flour, 100 g of plain flour, a teaspoon of bicarbonate, half a teaspoon of salt and 230 ml of buttermilk, no more than it takes to come together; turn it out, knead it for half a minute, pat it into a round 3 cm thick, mark a cross, and bake it in a covered iron pan on a low fire, 12 minutes on the first side and 10 on the second. Let it cool in a cloth before you cut it.`,
    pct: { 'wholemeal flour': 60, 'plain flour': 40 },
    kinds: 'mix knead divide shape cook',
    rests: [],
    cook: [720, 600],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['bicarbonate', 'salt', 'buttermilk'],
  },
  {
    manner: 'a web page',
    text: `<html><body><header>The Thursday Kitchen</header><h1>Garlic &amp; herb naan</h1><p><em>20 minutes hands-on, 2 hours in all. Makes 6.</em></p><h2>For the dough</h2><p>350 g strong white flour<br>5 g fast-action yeast<br>7 g salt<br>10 g sugar<br>120 g natural yogurt<br>120 ml warm milk<br>15 g melted butter</p><h2>For the top</h2><p>30 g butter<br>2 cloves garlic, crushed<br>A small bunch of coriander, chopped</p><h2>Do this</h2><p>Combine the dough ingredients and knead for 8 minutes. Prove, covered, for 1 hour 30 minutes.</p><p>Divide into 6, shape into balls and rest for 15 minutes. Meanwhile melt the butter with the garlic.</p><p>Roll each ball to a teardrop 20 cm long. Cook in a very hot pan, 2 minutes on the first side with the lid on, then flip for 1 minute.</p><p>Brush with the garlic butter and scatter with coriander.</p></body></html>`,
    pct: { 'strong white flour': 100, 'fast-action yeast': 1.4, salt: 2, sugar: 2.9, 'natural yogurt': 34.3 },
    kinds: 'mix knead proof divide ball rest prepare roll cook finish',
    rests: [90, 15],
    cook: [120, 60],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['butter', 'garlic', 'coriander', 'milk'],
  },
  {
    manner: 'a web page',
    text: `<section class="recipe"><h3>Two-ingredient flatbread</h3><p class="serves">Serves: 4</p><ul><li>1 cup self-raising flour</li><li>1 cup Greek yogurt</li></ul><p>Mix the flour and yogurt in a bowl until a dough forms. Turn out onto a floured surface and knead for 3-4 mins. Rest for 10 mins. Divide into 4 pieces and roll out into rounds about 5mm thick. Cook in a non-stick pan over medium-high heat for 2 mins each side until puffed.</p><button>Jump to video</button></section>`,
    pct: { 'plain flour': 100, 'baking powder': 5 },
    kinds: 'mix knead rest divide roll cook',
    rests: [10],
    cook: [120, 120],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['greek yogurt'],
  },
  {
    manner: 'structured data',
    text: `{"@type":"Recipe","name":"Whole wheat pita","yield":"8","recipeYield":"8 pitas","recipeIngredient":["300 grams whole wheat flour","200 grams bread flour","340 grams water","10 grams salt","6 grams instant yeast","25 grams olive oil"],"recipeInstructions":[{"@type":"HowToStep","text":"Mix all ingredients for 3 minutes, rest 15 minutes, then knead 6 minutes."},{"@type":"HowToStep","text":"Let rise until doubled, about 75 minutes."},{"@type":"HowToStep","text":"Divide into 8 (110 g each), round, rest 20 minutes."},{"@type":"HowToStep","text":"Roll to 16 cm; rest 10 minutes more."},{"@type":"HowToStep","text":"Bake on a preheated steel or griddle: 60 seconds, flip, 90 seconds, flip, 30 seconds."},{"@type":"HowToTip","text":"Keep them in a towel."}]}`,
    pct: {
      'whole wheat flour': 60,
      'bread flour': 40,
      water: 68,
      salt: 2,
      'instant yeast': 1.2,
      'olive oil': 5,
    },
    kinds: 'mix rest knead proof divide ball rest roll rest cook finish',
    rests: [15, 75, 20, 10],
    cook: [60, 90, 30],
    pieceG: 110,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'structured data',
    text: `<script type="application/ld+json">{"@context":"https://schema.org","@type":"Recipe","name":"Potato parathas","recipeYield":"8","recipeIngredient":["300 g atta","190 g water","5 g salt","15 g oil","400 g potatoes, boiled and mashed","1 green chilli, chopped","1 tsp cumin seeds","5 g salt","60 g ghee, for cooking"],"recipeInstructions":[{"@type":"HowToSection","name":"Dough","itemListElement":[{"@type":"HowToStep","text":"Knead atta, water, salt and oil for 6 minutes. Rest 30 minutes."}]},{"@type":"HowToSection","name":"Filling","itemListElement":[{"@type":"HowToStep","text":"Mix the potatoes with chilli, cumin and salt."}]},{"@type":"HowToSection","name":"Shape and cook","itemListElement":[{"@type":"HowToStep","text":"Divide the dough and the filling into 8. Flatten each piece of dough, put the filling in the middle, gather the edges and seal."},{"@type":"HowToStep","text":"Roll out gently to 16 cm."},{"@type":"HowToStep","text":"Cook on a medium tawa for 1 minute, flip, brush with ghee, 1 minute, flip, brush again, 1 minute."}]}]}</script>`,
    pct: { atta: 100, water: 63.3, oil: 5 },
    kinds: 'mix knead rest prepare divide fill roll cook',
    rests: [30],
    cook: [60, 60, 60],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['potato', 'chilli', 'cumin', 'ghee', 'salt'],
  },
  {
    manner: 'a scan',
    text: `Household Breads                                  21

DROP SCONES OR GIRDLE PANCAKES
4 ozs. flour               1 egg
½ teaspoonful cream of tartar
¼ teaspoonful bicarbonate of soda
1 oz. sugar                ¼ pint milk

Sift the dry ingredients, drop in the egg and
beat to a smooth batter with the milk. Let it
stand ten minutes. Grease a hot girdle, drop
on the batter by the tablespoonful, and when
bubbles rise (about 2 min.) turn and cook 1 min.
on the other side. Serve in a folded napkin.`,
    pct: { flour: 100, sugar: 25, milk: 125 },
    kinds: 'mix rest divide shape cook',
    rests: [10],
    cook: [120, 60],
    allergens: ['egg', 'gluten', 'milk', 'wheat'],
    others: ['egg', 'cream of tartar', 'bicarbonate of soda'],
  },
  {
    manner: 'a scan',
    text: `PlTA  BREAD                            Lesson 7
FORMULA              grams       %
Bread f1our            75O     1OO
Water                  48O      64
Salt                    15       2
Yeast, fresh            15       2
Oil                     3O       4
METHOD
Mix 3 min slow, 6 min fast.
Bulk 6O min. Divide l2 x 1O5 g. Round. Rest
15 min. Pin to 15 cm. Prove 15 min.
Hot plate, 9O s, turn, 6O s.`,
    pct: { 'bread flour': 100, water: 64, salt: 2, 'fresh yeast': 2, oil: 4 },
    kinds: 'mix proof divide ball rest roll proof cook',
    rests: [60, 15, 15],
    cook: [90, 60],
    pieceG: 105,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'words for numbers, what somebody does while it rests',
    text: `My mother weighed nothing, but I did, behind her back: three hundred and fifty grams of flour, two hundred and twenty of water, seven of salt and a spoon of oil. She kneaded it for about a quarter of an hour, sat down for half an hour, made seven balls, and rested those while the pan got hot, ten minutes or so. Each was rolled as wide as a plate and cooked a minute on one side and half a minute on the other.`,
    pct: { flour: 100, water: 62.9, salt: 2 },
    kinds: 'mix knead rest ball rest roll cook',
    rests: [30, 10],
    cook: [60, 30],
    others: ['oil'],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `One and a half kilos of strong flour, nine hundred grams of water, thirty grams of salt, fifteen grams of dry yeast, seventy-five grams of oil: enough for thirty. Five minutes slow, five minutes fast. An hour and a quarter in the tub. Eighty-four grams a piece. Round. Twenty minutes. Roll to seventeen centimetres. On the plate for seventy seconds, over, and fifty more.`,
    pct: { 'strong flour': 100, water: 60, salt: 2, 'dry yeast': 1, oil: 5 },
    kinds: 'mix proof divide ball rest roll cook',
    rests: [75, 20],
    cook: [70, 50],
    pieceG: 84,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'parts by vessel',
    text: `CAMP CHAPATIS (no scales!)
Per person: 1 mug of atta, a bit more than 1/3 mug of water, a pinch of salt.
Mix in your own bowl. Knead for 5 minutes. Put a plate on top and leave for 20 minutes.
Everyone makes 4 balls and rolls them out with a bottle.
Cook on the hot lid: 30 seconds, turn, 30 seconds, then straight on the embers until it puffs.`,
    pct: { atta: 100 },
    kinds: 'mix knead rest ball roll cook',
    rests: [20],
    cook: [30, 30, 15],
    others: ['water', 'salt'],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'parts by vessel',
    text: `Five scoops of flour, two scoops of warm water, one scoop of yoghurt, half a scoop of oil, salt. (The scoop holds 60 g of flour.)
Stir. Knead on the table, 5 min. Rest 25 min under the bowl. 6 balls. Flatten to 15 cm. Dry pan, medium heat, 2 min a side.`,
    pct: { flour: 100 },
    kinds: 'mix knead rest ball shape cook',
    rests: [25],
    cook: [120, 120],
    others: ['warm water', 'yoghurt', 'oil', 'salt'],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'decimal commas',
    text: `Flatbread, 50 portions

Flour          3,25 kg
Water          2,05 l
Salt           65 g
Dry yeast      26 g
Sugar          32,5 g
Rape oil       0,13 l

Knead 10 min in the mixer. Rise 1,5 hours. Scale 110 g, round. 15 min. Roll out 18 cm. Bake on the plate 1,5 min, turn, 1 min.`,
    pct: { flour: 100, water: 63.1, salt: 2, 'dry yeast': 0.8, sugar: 1 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [90, 15],
    cook: [90, 60],
    pieceG: 110,
    allergens: ['gluten', 'wheat'],
    others: ['oil'],
  },
  {
    manner: 'decimal commas',
    text: `Socca – für 6 Personen
250 g chickpea flour; 0,5 l water; 40 ml olive oil; 6,5 g salt; 1,5 g cumin.
Whisk, stand 2 h. Pour 130 g into an oiled pan (22 cm), 2,5 min, turn, 1,5 min.`,
    pct: { 'chickpea flour': 100, water: 200, 'olive oil': 14.6, salt: 2.6, cumin: 0.6 },
    kinds: 'mix rest divide shape cook',
    rests: [120],
    cook: [150, 90],
    pieceG: 130,
  },
];
