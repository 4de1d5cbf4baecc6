import type { OwnNote } from '../reading.ts';

/** Plain handouts as they hang on a kitchen wall. All people, places and formulas are invented. */
export const KITCHEN_WALL: readonly OwnNote[] = [
  {
    text: `Khobz – Moroccan griddle bread

I give this to every group; it works with whatever flour there is.
Flour: 600 g, half white, half semolina. Yeast: 10 g fresh or 4 g dry. Salt: 12 g. Sugar: a pinch. Water: 380 g, warm.
Dissolve the yeast and the sugar in a little of the water. Mix everything and knead until smooth, a good 12 minutes. Shape into 4 rounds straight away and flatten them to 1.5 cm, about 16 cm across. Leave to rise on a floured cloth, covered, 60 to 75 minutes. Prick with a fork. Cook over a low flame 6 minutes one side, 5 minutes the other.`,
    dough: 'flour 100, yeast 1.67, salt 2, sugar 0.06, water 63.33',
    outside: '',
    piece: '243.3 g, 16 cm',
    steps: 'mix, knead 12, divide, shape, proof 67.5, cook 360+300',
    left: ['I give this to every group; it works with whatever flour there is.'],
  },
  {
    text: `Gluten-free chickpea flatbreads (socca)
* 250 g chickpea flour
* 500 ml water
* 3 tbsp olive oil
* 1 tsp salt
* 1 sprig rosemary
Whisk flour with water and salt, leave at least 2 hours (or overnight). Skim off the foam. Stir in the oil and rosemary. Heat a 26 cm pan with a little oil, pour in a quarter of the batter. Cook 4 min, put under the grill 3 min until blistered. Makes 4.`,
    dough: 'chickpea flour 100, water 200.01, olive oil 15.06, salt 2.43, rosemary 0.8',
    outside: '',
    piece: '193.1 g, 26.7 cm',
    steps: 'mix, rest 180, mix, divide, shape, cook 240+180',
    left: ['Skim off the foam.'],
  },
  {
    text: `Class sheet: Pita
Yield 12 | Piece 80 g | Total dough 960 g

Baker's percentages
Flour 100
Water 62
Oil 3
Salt 2
Sugar 1
Instant yeast 1

Process
Mix 4 min slow, 4 min fast. Dough temp 26 °C.
Bulk 60 min.
Divide and round.
Bench 15 min, covered.
Roll 16 cm, 5 mm.
Proof 20 min on boards.
Bake on steel, 270 °C, 3 min; or griddle 1 min, turn, 2 min, turn, 1 min.`,
    dough: 'flour 100, water 62, oil 3, salt 2, sugar 1, instant yeast 1',
    outside: '',
    piece: '80 g, 16 cm',
    steps: 'mix, proof 60, divide, ball, rest 15, roll, proof 20, cook 60+120+60',
    left: ['3 min'],
  },
  {
    text: `How I make kulcha with the Tuesday ladies

Take 3 cups maida, 1/2 tsp baking powder, 1/4 tsp baking soda, 1 tsp sugar, 3/4 tsp salt, 1/2 cup curd, 2 tbsp oil and about 3/4 cup warm milk. Make a soft dough and knead 6-7 mins. Oil it, cover and rest for 2 hrs.

Stuffing: 2 big boiled potatoes, mashed, 1 small onion chopped fine, 1 green chilli, 1/2 tsp garam masala, salt.

Make 8 balls. Flatten one, put a spoon of stuffing in, close it, and roll gently to 6 inches. Top with coriander and press. Wet the back, slap it on the hot tava, cover 1 min, then turn the tava upside down over the flame for 30-40 secs. Butter it!`,
    dough:
      'maida 100, baking powder 0.56, baking soda 0.42, sugar 1.14, salt 1.25, curd 31.53, oil 6.88, warm milk 47.29',
    outside:
      'boiled potatoes 37.5 fill, onion chopped fine 13.75 fill, green chilli 1.88 fill, garam masala 0.14 fill, salt 3 fill, butter, to finish 4 finish, coriander 2 finish',
    piece: '82.6 g, 15.2 cm',
    steps: 'mix, knead 6.5, rest 120, ball, fill, roll, fill, cook 60+35, finish',
    left: [],
  },
  {
    text: `Rye flatbread (rieska)

3 dl rye flour
1 dl barley flour
1 tsp salt
1 tsp baking powder
3 dl buttermilk
2 tbsp melted butter

Mix the dry ingredients. Stir in buttermilk and butter. Let it swell for 15 minutes. With wet hands pat into 6 rounds, 1 cm thick, on baking paper. Prick. Bake at 250 degrees for 12 minutes. Best warm.`,
    dough: 'rye flour 73.22, barley flour 26.78, salt 3.41, baking powder 2.27, buttermilk 173.24, melted butter 16.07',
    outside: '',
    piece: '85.1 g, 9.7 cm',
    steps: 'mix, rest 15, divide, shape, cook 432+288',
    left: ['Best warm.'],
  },
  {
    text: `**Aloo paratha** (10 pieces)
Dough: 400 g atta · 240 ml water · 1 tsp salt · 1 tbsp oil
Filling: 500 g boiled potatoes · 1 tsp cumin · ½ tsp chili powder · 1 tsp salt · handful coriander
For frying: 50 g ghee

Knead the dough 6 min, rest 30 min. Mash the filling.
10 balls of dough (~65 g), 10 balls of filling (~50 g).
Roll to 10 cm, place filling, gather and seal. Rest 5 min. Roll to 16 cm.
Tawa on medium: 1 min dry, flip, ghee, 1½ min, flip, ghee, 1 min.`,
    dough: 'atta 100, water 60, salt 1.52, oil 3.14',
    outside:
      'boiled potatoes 50 fill, cumin 0.23 fill, chili powder 0.11 fill, salt 0.61 fill, coriander 3 fill, ghee 5 griddle',
    piece: '63.9 g, 16 cm',
    steps: 'mix, knead 6, rest 30, prepare, ball, roll, fill, rest 5, roll, cook 60+90+60',
    left: ['10 balls of dough (~65 g)', '10 balls of filling (~50 g).', 'Roll to 10 cm'],
  },
  {
    text: `Ingredients for one student:
flour 125 g
water 80 g
salt 2.5 g
oil 5 g
yeast (dry) 1.5 g

Steps for the teacher
1) Students weigh and mix – 10 min
2) Knead – 8 min
3) Proof in the warm box (30 °C) – 50 min
4) Divide by 2, round, rest – 10 min
5) Roll – 15 cm
6) Griddle – 90 s each side
Makes 2 flatbreads per student.`,
    dough: 'flour 100, water 64, salt 2, oil 4, yeast 1.2',
    outside: '',
    piece: '103.9 g, 15 cm',
    steps: 'mix, knead 8, proof 50, divide, ball, rest 10, roll, cook 90+90',
    left: ['Steps for the teacher'],
  },
  {
    text: `Flatbread dough, no yeast, ready in half an hour

250g self-raising flour
250g Greek yoghurt
½ tsp salt

Put everything in a bowl, mix with a spoon and then your hands. Knead for a minute. Divide into 6, roll into 15cm circles (not too thin). Dry-fry in a hot pan for 2 minutes each side, until puffed up and charred in places. Brush with garlic butter: 30g butter melted with 1 grated clove.`,
    dough: 'plain flour 100, baking powder 5, greek yoghurt 105, salt 1.28',
    outside: 'butter 5 finish',
    piece: '81.4 g, 15 cm',
    steps: 'mix, knead 1, divide, roll, cook 120+120, finish',
    left: [],
  },
  {
    text: `Schüttelbrot-style rye crisp, 20 pieces

Levain: 60 g rye flour, 60 g water, 10 g starter, 14 h at 26 °C
Dough: 700 g rye flour, 300 g wheat flour type 700, 800 g water, 20 g salt, 10 g fresh yeast, 4 g fennel seed, 4 g blue fenugreek, the levain

Mix 8 min slow. Rest 30 min. Portion at 95 g with wet hands on to floured boards. Proof 30 min. Shake flat to 22 cm. Bake 220 °C 18 min. Dry overnight in the cooling oven.`,
    dough:
      'rye flour 71.7, water 81.13, starter 0.94, wheat flour type 700 28.3, salt 1.89, fresh yeast 0.94, fennel seed 0.38, blue fenugreek 0.38',
    outside: '',
    piece: '95 g, 22 cm',
    steps: 'mix, proof 840, mix, rest 30, divide, proof 30, shape, cook 648+432',
    left: [', the levain', 'Dry overnight in the cooling oven.'],
  },
  {
    text: `Bing with sesame, dry-fried
flour 300g
hot water 150g (80 degrees)
cold water 45g
salt 3g
oil for the paste 30g + flour for the paste 30g
white sesame 20g

stir hot water into the flour, add cold, knead smooth, 8 min. rest 40.
paste: heat the oil, pour over the flour, stir.
roll the dough to a rectangle, spread with paste, roll up, cut in 6, seal ends, rest 10.
dip in sesame, roll to 12 cm.
pan, low-medium, lid, 4 min / 4 min.`,
    dough: 'flour 100, hot water 50, cold water 15, salt 1',
    outside: 'oil 5 layer, flour 5 layer, white sesame 3.33 finish',
    piece: '80.6 g, 12 cm',
    steps: 'mix, knead 8, rest 40, prepare, roll, fill, coil, divide, shape, rest 10, fill, roll, cook 240+240',
    left: [],
  },
  {
    text: `Community kitchen – Flatbread night
Recipe for 10 participants (20 flatbreads, 2 each)

Flour (plain)     1.5 kg
Water, warm       930 ml
Dried yeast       15 g
Sugar             30 g
Salt              30 g
Sunflower oil     75 ml

18:00  Everyone washes hands; intro
18:10  Mix the dough in two bowls, knead 10 minutes each
18:25  Dough rests 45 minutes in a warm corner; meanwhile make the toppings
19:10  Knock back, weigh 125 g pieces, shape balls
19:25  Rest 10 minutes
19:35  Roll out to 20 cm circles
19:45  Griddle 2 minutes per side`,
    dough: 'flour 100, water 62, dried yeast 1, sugar 2, salt 2, sunflower oil 4.6',
    outside: '',
    piece: '125 g, 20 cm',
    steps: 'mix, knead 10, proof 45, prepare, knead 1, divide, ball, rest 10, roll, cook 120+120',
    left: ['Everyone washes hands; intro'],
  },
  {
    text: `Focaccia barese? No: puccia from the pan
For 6
300 g type 0 flour, 200 g remilled semolina, 340 g water, 3 g dry yeast, 10 g salt, 10 g sugar.
Step 1. Yeast and sugar into the water, wait 5 min.
Step 2. Add both flours, mix, add salt, knead 10 min.
Step 3. Rise 2 hours at 25 degrees.
Step 4. Cut 6 pieces, shape into balls, rise 45 min on a floured cloth.
Step 5. Press each ball to 1 cm (15 cm wide).
Step 6. Hot cast-iron pan with lid, medium: 4 min + 4 min.`,
    dough: 'type 0 flour 60, remilled semolina 40, water 68, dry yeast 0.6, salt 2, sugar 2',
    outside: '',
    piece: '139.6 g, 15 cm',
    steps: 'mix, bloom 5, mix, knead 10, proof 120, divide, ball, proof 45, shape, cook 240+240',
    left: [],
  },
  {
    text: `CHEAT SHEET Tortilla class

500 flour / 9 salt / 80 lard / 260 hot water / 5 bp
-> 16 x 53 g

mix + knead 5'
rest 20'
balls, rest 15'
press & roll 18-20 cm
comal hot: 30" - flip - 30" - flip - 10"
towel!`,
    dough: 'flour 100, salt 1.8, lard 16, hot water 52, baking powder 1',
    outside: '',
    piece: '53 g, 19 cm',
    steps: 'mix, knead 5, rest 20, ball, rest 15, roll, cook 30+30+10',
    left: [],
  },
  {
    text: `Naan with poppy seeds – participants' copy
Ingredients per group of 4 (8 naan):
- 480 g strong flour
- 10 g salt
- 7 g yeast (instant)
- 150 g whole-milk yoghurt
- 180 g water
- 30 g melted ghee + 30 g for brushing
- poppy seeds

1. Combine flour, salt, yeast. Add yoghurt, water and 30 g ghee. Knead until elastic (8 min).
2. Prove 75 min.
3. 8 balls. 15 min.
4. Stretch to a long oval (22 × 14 cm), wet the top and press on poppy seeds.
5. Griddle, seeds up, lid on, 2 min. Then under the grill 1 min.
6. Brush with ghee.`,
    dough: 'strong flour 100, salt 2.08, instant yeast 1.46, whole-milk yoghurt 31.25, water 37.5, melted ghee 6.25',
    outside: 'melted ghee, for brushing 3.75 finish, poppy seeds 4 finish',
    piece: '104 g, 22 cm',
    steps: 'mix, knead 8, proof 75, ball, rest 15, shape, fill, cook 120+60, finish',
    left: ['Ingredients per group of 4 (8 naan):', 'water and 30 g ghee.', 'Stretch to a long oval (22 cm x 14 cm)'],
  },
  {
    text: `Grissini? Almost. Seeded crispbread

150 g wholemeal rye
100 g spelt flour
50 g mixed seeds
5 g salt
30 ml rapeseed oil
150 ml boiling water

Mix the dry things, stir in oil and boiling water. Let cool 10 minutes. Roll between two sheets of paper, as thin as it goes (2 mm). Score into 12. Bake 40-45 minutes at 160 °C. Cool completely.`,
    dough: 'wholemeal rye 60, spelt flour 40, mixed seeds 20, salt 2, rapeseed oil 11.04, boiling water 60',
    outside: '',
    piece: '78.1 g, 20.8 cm',
    steps: 'mix, rest 10, divide, roll, cook 1530+1020',
    left: ['Score into 12.'],
  },
  {
    text: `Markook (mountain bread), 12 sheets

Bread flour 600 g, wholemeal 200 g, water 500 g, salt 14 g, oil 20 g

Knead well, 12 minutes, the dough is firm. Rest 1 hour. Scale 110 g, round, rest 30 minutes. Open by hand, toss from arm to arm until it is 40 cm across and you can read through it. Lay over the dome (saj), 1 minute, don't turn. Fold in four and cover.`,
    dough: 'bread flour 75, wholemeal 25, water 62.5, salt 1.75, oil 2.5',
    outside: '',
    piece: '110 g, 40 cm',
    steps: 'mix, knead 12, rest 60, divide, ball, rest 30, shape, cook 60, finish',
    left: [],
  },
  {
    text: `Bolani – Afghan stuffed flatbread
dough for 6:
  plain flour   300 g
  water         180 g
  salt            6 g
  oil            10 g
filling:
  potatoes, boiled and mashed  350 g
  spring onions                 60 g
  coriander                     20 g
  salt, chilli

Knead 10 minutes, rest 1 hour.
Mix filling.
6 balls, roll very thin (25 cm).
Spread 70 g filling over half, fold, press out the air.
Shallow-fry in oil, 3 minutes each side.
Serve with yoghurt.`,
    dough: 'plain flour 100, water 60, salt 2, oil 3.33',
    outside: 'potatoes 58.33 fill, spring onions 10 fill, coriander 3.33 fill, salt 3 fill, chilli 3 fill',
    piece: '80.3 g, 25 cm',
    steps: 'mix, knead 10, rest 60, prepare, ball, roll, fill, shape, cook 180+180',
    left: ['Spread 70 g filling over half'],
  },
  {
    text: `Quick pan pizza bases

* plain flour 400 g
* baking powder 2 tsp
* salt 1 tsp
* natural yoghurt 250 g
* olive oil 2 tbsp (1 for the dough, 1 for the pan)

Mix, knead 2 min, rest 10 min. Quarter the dough and roll to 20 cm rounds. Fry 2 min, flip, top with 2 tbsp tomato sauce and a handful of cheese, lid on for 3 min.`,
    dough: 'plain flour 100, baking powder 2.03, salt 1.52, natural yoghurt 62.5, olive oil 3.14',
    outside: 'olive oil 3.14 griddle, tomato sauce 7.61 finish, cheese 7.5 finish',
    piece: '164.3 g, 20 cm',
    steps: 'mix, knead 2, rest 10, divide, roll, cook 120+180',
    left: [],
  },
];
