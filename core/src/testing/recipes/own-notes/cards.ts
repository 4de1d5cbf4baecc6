import type { OwnNote } from '../reading.ts';

/** Cards and blackboards: a list, and work in lines of its own. All people, places and formulas are invented. */
export const CARDS: readonly OwnNote[] = [
  {
    text: `Course 3 – Flatbreads of the Alps
Fladen aus Roggen (rye griddle cakes)

Rye flour T 1150 ........ 300 g
Spelt flour T 630 ....... 200 g
Buttermilk .............. 320 g
Salt .................... 10 g
Baking soda ............. 5 g
Caraway, ground ......... 2 g

Stir to a stiff, sticky dough. Stand 20 min. 
Wet hands: 8 cakes of ca. 100 g, 1 cm thick. 
Straight to a medium griddle, 4 min + 4 min. 
Cool on a rack, butter, eat.`,
    dough: 'rye flour T 1150 60, spelt flour T 630 40, buttermilk 64, salt 2, baking soda 1, caraway 0.4',
    outside: '',
    piece: '100 g, 10.5 cm',
    steps: 'mix, rest 20, divide, roll, cook 240+240',
    left: [],
  },
  {
    text: `Bread: Khobz-style pan bread
Yield: 6 | Piece: 150 g | Ø 17 cm

Day -1, 20:00 sponge: 150 g flour + 150 g water + 1 g yeast, leave out overnight
Day 0, 9:00 add 350 g flour, 175 g water, 10 g salt, 15 g oil; knead 8'
9:15 bulk 60'
10:15 divide & round
10:20 bench 15'
10:35 pat out
10:40 proof 30' on couche
11:10 pan, medium, 5' per side`,
    dough: 'flour 100, water 65, yeast 0.2, salt 2, oil 3',
    outside: '',
    piece: '150 g, 17 cm',
    steps: 'mix, rest 600, mix, knead 8, proof 60, divide, ball, rest 15, shape, proof 30, cook 300+300',
    left: ['Day 0, 9:00'],
  },
  {
    text: `Quick yogurt flatbreads
(no yeast, ready in 30 minutes)

250g self-raising flour
250g Greek-style yogurt
½ tsp fine salt
½ tsp baking powder
flour, for dusting

Combine everything in a bowl with a knife, then bring together with your hands.
Knead on a floured surface for a minute or so – don't overdo it.
Divide into 6 (about 85g each). Pat then roll each out to 5mm.
Heat a griddle pan over a high heat. Cook for 2–3 mins each side, until puffed and charred in lines.`,
    dough: 'plain flour 100, baking powder 5.85, greek-style yogurt 105, fine salt 1.28',
    outside: 'flour 5 dust',
    piece: '85 g, 13.7 cm',
    steps: 'mix, knead 1, divide, roll, cook 150+150',
    left: [],
  },
  {
    text: `Flatbread formula (baker's %)
Strong flour 80
Whole wheat 20
Water 68
Levain (100% hyd) 20
Salt 2
Olive oil 4

Total 194 → for 30 breads @ 120g = 3600g dough, flour 1856g

Autolyse 45 min w/o salt & levain. Mix 4 min 1st, 2 min 2nd. Bulk 3h @ 25°C, S&F at 1h and 2h. Divide 120g, round. Retard overnight 5°C (12-16 hrs). Temper 1 h. Press & stretch to 22cm. Stone/griddle 270°C: 2' + 1'.`,
    dough: 'strong flour 80, whole wheat 20, water 68, levain 20, salt 2, olive oil 4',
    outside: '',
    piece: '120 g, 22 cm',
    steps:
      'mix, rest 45, mix, proof 60, fold, proof 60, fold, proof 60, divide, ball, chill 840, temper 60, shape, cook 120+60',
    left: [],
  },
  {
    text: `Chapati chart for the little ones
Flour: 1 cup each child
Water: a bit less than half a cup
Salt: a pinch
Squish! 5 minutes. Nap 15 minutes (the dough, not you).
Snake, cut in 4, balls, pancakes.
Roll – as big as your face (15 cm).
Grown-up cooks: 40 seconds, turn, 40 seconds, puff!`,
    dough: 'flour 100, water 98.58, salt 0.28',
    outside: '',
    piece: '61.2 g, 15 cm',
    steps: 'mix, rest 15, divide, ball, roll, cook 40+40',
    left: ['Squish!', '5 minutes.'],
  },
  {
    text: `Schüttelbrot? No – "Vinschgerl flat", 20 pairs
Roggenmehl (rye flour) 2,4 kg
Weizenmehl (wheat flour) 1,6 kg
Wasser (water) 2,9 l
Salz (salt) 80 g
Hefe frisch (fresh yeast) 60 g
Brotklee (blue fenugreek) 12 g, Kümmel (caraway) 16 g
Kneten (mix) 8 min; Ruhe (rest) 40 min; teilen (divide) 40 x 170 g, rund wirken (round); je 2 zusammensetzen; Gare (proof) 35 min; Platte (griddle) 6 + 5 min`,
    dough: 'rye flour 60, wheat flour 40, water 72.5, salt 2, fresh yeast 1.5, blue fenugreek 0.3, caraway 0.4',
    outside: '',
    piece: '170 g, 31 cm',
    steps: 'mix, rest 40, divide, ball, proof 35, roll, cook 360+300',
    left: [],
  },
  {
    text: `Bing in 7 lines
500 g AP flour + 300 g hot water (80 °C) + 4 g salt, chopsticks
knead 5, rest 30 (covered!!)
oil paste: 60 g oil heated, poured on 40 g flour + 5 g salt
roll out whole dough 60 × 40 cm, paste, 6 spring onions
roll up, cut 8, twist, stand on end, flatten. rest 10
roll 16 cm
pan w/ oil, med: 2-3 min lid on, flip, 2 min`,
    dough: 'ap flour 100, hot water 60, salt 0.8',
    outside: 'oil 7.5 layer, flour 5 layer, salt 0.63 layer, oil, for the griddle 2 griddle',
    piece: '97.6 g, 16 cm',
    steps: 'mix, knead 5, rest 30, roll, coil, divide, shape, rest 10, roll, cook 150+120',
    left: ['roll out whole dough 60 cm x 40 cm'],
  },
  {
    text: `Himbasha for the Eritrean evening
• 1 kg flour
• 1 pkt (11 g) dried yeast
• 600 ml water
• 100 g sugar
• 1 tsp salt, 1 tsp ground cardamom
• 100 g raisins
• 80 ml oil

Mix & knead for 10 min., rise 1 ½ h. Knead in the raisins. Divide in two, flatten to 26 cm rounds in oiled pans, wheel pattern with a knife, rise again 30 min. Lid on, low flame, 12 min, turn onto a plate and back, 8 min.`,
    dough: 'flour 100, dried yeast 1.1, water 60, sugar 10, salt 0.61, ground cardamom 0.22, raisins 10, oil 7.36',
    outside: 'oil, for the griddle 2 griddle',
    piece: '918.9 g, 26 cm',
    steps: 'mix, knead 10, proof 90, knead 8, divide, shape, proof 30, cook 720+480',
    left: [],
  },
  {
    text: `09:00 weigh out, start the mixer
09:10 autolyse
09:40 salt + starter in, 6 min on first
10:00 fold
10:30 fold
11:00 fold
12:30 divide 16 x 95 g, ball, tray, cover
13:00 stretch over the cushion
13:05 on the dome, 50 sec, no turning
Formula: strong white 900, water 585, starter (100%) 180, salt 18`,
    dough: 'strong white 100, water 65, starter 20, salt 2',
    outside: '',
    piece: '95 g, 23.2 cm',
    steps: 'mix, rest 30, mix, fold, proof 30, fold, proof 30, fold, proof 90, divide, ball, rest 30, shape, cook 50',
    left: [],
  },
];
