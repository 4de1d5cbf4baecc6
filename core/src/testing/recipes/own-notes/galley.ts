import type { OwnNote } from '../reading.ts';

/** Plain handouts as they lie in the galley of a ship. All people, places and formulas are invented. */
export const GALLEY: readonly OwnNote[] = [
  {
    text: `Ferry stove naan
Makes 8
Put 500 g strong flour, 7 g yeast, 10 g salt and 10 g sugar in a bowl.
Warm 150 g milk and 150 g water together, add with 60 g yoghurt.
Mix, then knead 10 min.
Leave 1 h in a warm place.
Cut in 8, ball, leave 10 min.
Roll to 20 cm.
Very hot pan, 90 s, turn, 60 s.
Brush with 40 g melted butter.`,
    dough: 'strong flour 100, yeast 1.4, salt 2, sugar 2, milk 30, water 30, yoghurt 12',
    outside: 'melted butter 5 finish',
    piece: '107.6 g, 20 cm',
    steps: 'mix, knead 10, proof 60, divide, ball, rest 10, roll, cook 90+60, finish',
    left: [],
  },
  {
    text: `Scout pack chapati (enough for 20)
1 kg atta
620 ml warm water
18 g salt
40 ml oil
Mix and knead well, about 8 minutes. Cover with a wet cloth, half an hour. Divide into 40 balls. Roll thin, 15 cm. Tawa hot: 15 s, flip, 30 s, flip, 15 s. Smear with ghee.`,
    dough: 'atta 100, warm water 62, salt 1.8, oil 3.68',
    outside: 'ghee, to finish 4 finish',
    piece: '40.7 g, 15 cm',
    steps: 'mix, knead 8, rest 30, divide, ball, roll, cook 15+30+15, finish',
    left: [],
  },
  {
    text: `Potato lefse, for the deck crew of 12
900 g potatoes, boiled and riced, cold
60 g butter
60 g cream
8 g salt
220 g flour, and more for rolling
Mash the butter, cream and salt into the potatoes and chill overnight. Work in the flour. Divide into 12 and ball. Roll to 30 cm. Dry griddle, 1 minute a side. Fold and keep under a towel.`,
    dough: 'potatoes 409.09, butter 27.27, cream 27.27, salt 3.64, flour 100',
    outside: 'flour, for rolling 5 dust',
    piece: '101 g, 30 cm',
    steps: 'mix, chill 600, mix, divide, ball, roll, cook 60+60, finish',
    left: [],
  },
  {
    text: `Pita, quick
3 cups bread flour (390 g)
1 packet instant yeast (7 g)
1 tsp salt
1 cup + 2 tbsp warm water (265 g)
1 tbsp oil
Knead 8 minutes. Rise 1 hour. Divide into 8; rounds; 15 minutes. Roll 15 cm. Oven as hot as it goes, stone inside, 3 minutes.`,
    dough: 'bread flour 100, instant yeast 1.79, salt 1.56, warm water 67.95, oil 3.22',
    outside: '',
    piece: '82.6 g, 15 cm',
    steps: 'mix, knead 8, proof 60, divide, rest 15, roll, cook 108+72',
    left: [],
  },
  {
    text: `Corn tortillas at camp
2 cups masa harina (240 g), 1 1/2 cups hot water (350 g), 1/2 tsp salt.
Mix, knead 2 min, cover and wait 15 min. 16 balls. Press. Comal 40 s, flip 50 s, flip 10 s.`,
    dough: 'masa harina 100, hot water 145.83, salt 1.27',
    outside: '',
    piece: '36 g, 11.5 cm',
    steps: 'mix, knead 2, rest 15, ball, shape, cook 40+50+10',
    left: [],
  },
  {
    text: `Gozleme station
Dough: 500 g flour, 300 g water, 10 g salt. Knead 8 min, rest 30 min. 8 balls, rest 15 min.
Filling: 300 g spinach, 200 g feta, 1 onion. Chop, salt, squeeze.
Roll 30 cm, fill half, fold, seal. Griddle 2 min + 2 min, brush with butter.`,
    dough: 'flour 100, water 60, salt 2',
    outside: 'spinach 37.5 fill, feta 25 fill, onion 13.75 fill, butter, to finish 4 finish',
    piece: '98.3 g, 30 cm',
    steps: 'mix, knead 8, rest 30, ball, rest 15, prepare, roll, fill, shape, cook 120+120, finish',
    left: [],
  },
  {
    text: `Sourdough flatbread, Lena's
400 g white flour
100 g rye
330 g water
100 g starter
10 g salt
Mix all but salt, 30 min. Add salt, knead 4 min. 3 h bulk with folds at 1 h and 2 h. Fridge overnight. Divide into 8, round, 45 min. Stretch 20 cm. Cast iron, lid on, 2 min, turn, lid off, 2 min.`,
    dough: 'white flour 80, rye 20, water 66, starter 20, salt 2',
    outside: '',
    piece: '114.1 g, 20 cm',
    steps:
      'mix, rest 30, knead 4, proof 60, fold, proof 60, fold, proof 60, chill 600, divide, ball, rest 45, shape, cook 120+120',
    left: [],
  },
];
