import type { OwnNote } from '../reading.ts';

/** Sheets of a class: a list, and steps that are numbered. All people, places and formulas are invented. */
export const NUMBERED_SHEETS: readonly OwnNote[] = [
  {
    text: `LAGANA-STYLE GRIDDLE BREAD (12 pcs)
---------------------------------------
Bread flour ............ 1 200 g
Water, lukewarm ........   750 g
Dry yeast ..............    10 g
Salt ...................    24 g
Sugar ..................    12 g
Olive oil ..............    60 g
Sesame, to top .........    50 g
---------------------------------------
A. Yeast, sugar, 100 g of the water: 10'.
B. All the rest in. Mixer 2' + 6'.
C. Tub, oiled, 1 h 15'.
D. 12 x ~170 g, ovals. 15'.
E. Pat to 1 cm, dimple, water + sesame.
F. Griddle 200 °C: 3' / 2'.`,
    dough: 'bread flour 100, water 62.5, dry yeast 0.83, salt 2, sugar 1, olive oil 5',
    outside: 'sesame 4.17 finish',
    piece: '170 g, 19.6 cm',
    steps: 'mix, bloom 10, mix, proof 75, divide, rest 15, shape, cook 180+120',
    left: ['All the rest in.', '100 g of the water'],
  },
  {
    text: `Pita (from mum)

3½ cups bread flour, plus more for rolling
1 tbsp sugar
2¼ tsp instant yeast (1 sachet)
1½ tsp salt
1⅓ cups water, 40 °C
2 Tbsp olive oil

1. Whisk dry, add wet, mix to a shaggy mass. (2 min)
2. Knead by hand until silky. (8–10 min)
3. Oiled bowl, cover, double in size. (1–1½ hrs)
4. Punch down. Cut into 10, make balls, cover. (20 min)
5. Roll each to a ¼-inch round, 7 inches across.
6. Cast-iron skillet, med-high: 30 seconds, flip, 1½ minutes, flip, 1½ minutes more until puffed.
Keep in a towel.`,
    dough: 'bread flour 100, sugar 2.81, instant yeast 1.59, salt 2.06, water 75.11, olive oil 5.66',
    outside: 'bread flour, for rolling 5 dust',
    piece: '80.7 g, 17.8 cm',
    steps: 'mix, knead 9, proof 75, knead 1, divide, ball, rest 20, roll, cook 30+90+90, finish',
    left: [],
  },
  {
    text: `MAKES 8 × 110 G

STRONG FLOUR 500
WATER 325
SALT 10
FRESH YEAST 10
HONEY 10
OLIVE OIL 25

MIXER 3 MIN 1ST, 5 MIN 2ND
BULK 1 H, FOLD AT 30
SCALE/BALL
20 MIN COVERED
SHEET TO 4 MM
GRIDDLE 250° – 90 S – TURN – 60 S`,
    dough: 'strong flour 100, water 65, salt 2, fresh yeast 2, honey 2, olive oil 5',
    outside: '',
    piece: '110 g, 21.6 cm',
    steps: 'mix, proof 30, fold, proof 30, divide, ball, rest 20, roll, cook 90+60',
    left: [],
  },
  {
    text: `Garlic & coriander naan – Thursday evening class
Makes 10

Dough
600g strong white bread flour
2 tsp fast-action yeast
1½ tsp salt
2 tsp caster sugar
150g natural yogurt (full fat)
250ml milk, hand-hot
3 tbsp sunflower oil

To finish
80g butter
3 fat garlic cloves, crushed
a big handful of coriander, chopped

1 Put everything for the dough in the bowl of a mixer and mix on low for 3 minutes, then on medium for 6.
2 Cover the bowl and leave somewhere warm until doubled, which takes about an hour and a quarter.
3 Melt the butter with the garlic; keep warm.
4 Tip the dough out, cut in 10, roll into balls, cover and rest for 10–15 minutes.
5 Roll or pull each ball into a teardrop, about 22 x 14 cm.
6 Heat a dry heavy frying pan until smoking. Cook the naan for about 1½ minutes, until it bubbles and browns underneath, flip it and give it another minute.
7 Brush with the garlic butter, scatter over the coriander and keep warm in a folded cloth.`,
    dough:
      'strong white bread flour 100, fast-action yeast 1.05, salt 1.52, caster sugar 1.39, natural yogurt 25, milk 42.92, sunflower oil 6.28',
    outside: 'butter 8 finish, fat garlic cloves 1.2 finish, coriander 3 finish',
    piece: '103.8 g, 22 cm',
    steps: 'mix, proof 75, prepare, divide, ball, rest 12.5, roll, cook 90+60, finish',
    left: ['about 22 cm x 14 cm.'],
  },
  {
    text: `Naan-e barbari-ish, griddle & grill

for 4 long breads:
500 g bread flour
330 ml water @ 30C
1 ½ tsp (5 g) instant yeast
2 tsp (10 g) salt
1 Tbs sugar

Glaze (roomal): 1 tsp flour, 1/2 tsp baking soda, 80 ml water – simmer till thick, cool
sesame + nigella

Method: mix, 10 minutes' kneading, proof 1¼ h. 4 pieces (about 210g), pre-shape as logs, rest 20'. Stretch each to 35 x 15cm, brush w/ glaze, make grooves with your fingers, seeds on. Cook on the griddle lid down 4 mins, then 3 mins under a hot grill.`,
    dough: 'bread flour 100, water 66, instant yeast 1, salt 2, sugar 2.5',
    outside: 'flour 0.63 finish, baking soda 0.76 finish, water 20 finish, sesame + nigella 4 finish',
    piece: '210 g, 35 cm',
    steps: 'prepare, mix, knead 10, proof 75, ball, rest 20, shape, fill, cook 240+180',
    left: ['for 4 long breads:', 'Stretch each to 35 cm x 15 cm'],
  },
  {
    text: `Aish baladi (Cairo street bread) – home griddle adaptation

| Ingredient | Class of 8 | 1 student |
|---|---|---|
| Whole wheat flour | 1600 g | 200 g |
| Water, warm | 1280 g | 160 g |
| Dried yeast | 16 g | 2 g |
| Salt | 24 g | 3 g |
| Bran, for dusting | 160 g | 20 g |

1 Yeast + water + half the flour → sponge, 30 min
2 Rest of flour, salt → knead (it's sticky!) 10 min → 1 h rise
3 3 balls each (~120 g) on bran, pat to 15 cm, 20 min
4 Upside-down heavy pan, full heat: slide on, 1 min, flip, 1 min, lid 30 s`,
    dough: 'whole wheat flour 100, water 80, dried yeast 1, salt 1.5',
    outside: 'bran 6.67 dust',
    piece: '120 g, 15 cm',
    steps: 'mix, rest 30, mix, knead 10, proof 60, ball, shape, rest 20, cook 60+60+30',
    left: ['3 3'],
  },
  {
    text: `KULCHA – amritsari, on tawa not tandoor
Dough: maida 500, curd 60, milk 100, water 150 (±), sugar 8, salt 8, baking powder 4, soda 1, oil 30
Stuffing: potatoes 400 boiled & grated, onion 80, green chilli 5, anardana 5, coriander leaf 10, salt 6, ajwain 2
1) Knead soft, rest 2 hours, covered w/ wet cloth
2) 8 pieces, ball up, rest 20
3) Flatten, 60 g stuffing, pinch shut, rest 5, press to 16 cm; water + kasuri methi on one face
4) Tawa hot – wet face down, 2 min – turn, 2 min covered – finish on flame
5) Butter!`,
    dough: 'maida 100, curd 12, milk 20, water 30, sugar 1.6, salt 1.6, baking powder 0.8, soda 0.2, oil 6',
    outside:
      'potatoes 50 fill, onion 10 fill, green chilli 0.63 fill, anardana 0.63 fill, coriander leaf 1.25 fill, salt 0.75 fill, ajwain 0.25 fill',
    piece: '104.5 g, 16 cm',
    steps: 'mix, knead 8, rest 120, divide, ball, rest 20, fill, rest 5, shape, cook 120+120+15, finish',
    left: ['60 g stuffing'],
  },
  {
    text: `(Photo of blackboard)
FLOUR 3 KG
WATER 1.8 L
SALT 60
YEAST 30 (FRESH)
OIL 90
20 MIN MACHINE
1 HR
40 BALLS
15 MIN
ROLL 18
GRIDDLE 1.5 + 1`,
    dough: 'flour 100, water 60, salt 2, yeast 1, oil 3',
    outside: '',
    piece: '120.9 g, 18 cm',
    steps: 'mix, proof 60, ball, rest 15, roll, cook 90+60',
    left: [],
  },
  {
    text: `Rye & caraway thins
(for the Saturday brunch class – 14 people, 28 thins)

Dark rye flour – 560 g
Strong white – 420 g
Buttermilk – 700 g
Salt – 18 g
Bicarb – 8 g
Caraway – 10 g
Butter (melted) – 70 g

1. Stir dry ingredients; add buttermilk and butter; bring together quickly.
2. Divide into 28 (about 60 g); round; cover; 10 minutes.
3. Roll on rye flour, 16 cm, dock with a fork.
4. Griddle on medium-high, 75 seconds, turn, 60 seconds.
5. Cool on racks if you want them crisp.`,
    dough:
      'dark rye flour 57.14, strong white 42.86, buttermilk 71.43, salt 1.84, bicarb 0.82, caraway 1.02, butter 7.14',
    outside: '',
    piece: '60 g, 16 cm',
    steps: 'mix, divide, ball, rest 10, roll, cook 75+60',
    left: ['(for the Saturday brunch class – 14 people, 28 thins)', 'Cool on racks if you want them crisp.'],
  },
];
