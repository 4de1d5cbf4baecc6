import type { OwnNote } from '../reading.ts';

/** More such sheets, as they are left behind in a kitchen. All people, places and formulas are invented. */
export const LEFT_BEHIND: readonly OwnNote[] = [
  {
    text: `pita, school kitchen
for 25 kids, 1 each
flour 1.5 kg
yeast dried 15 g (2 sachets + a bit)
sugar 15 g
salt 25 g
lukewarm water 950 ml
oil 40 ml
09:00 - teacher makes the dough in the mixer (10 min)
09:15 - rise
10:15 - kids come; divide 100 g each
10:30 - roll to saucer size
10:40 - rest on trays
11:00 - oven 250 C 6 min (3 trays)`,
    dough: 'flour 100, dried yeast 1, sugar 1, salt 1.67, lukewarm water 63.34, oil 2.45',
    outside: '',
    piece: '100 g, 23.8 cm',
    steps: 'mix, proof 60, divide, roll, rest 20, cook 216+144',
    left: [],
  },
  {
    text: `GRILLED FLATBREAD W/ OLIVE OIL
Yield: 8 each @ 4 oz

Bread flour        1 lb 4 oz    100%
Water              13 oz        65%
Olive oil          1.5 oz       7.5%
Salt               0.4 oz       2%
Instant dry yeast  0.2 oz       1%

Mix on 1st speed 3 min, 2nd speed 5 min. DDT 78°F
Ferment 1 hr.
Scale at 4 oz. Round. Bench 20 min.
Roll 8" round. Brush w/ olive oil.
Grill 2 min, flip, 1-2 min.`,
    dough: 'bread flour 100, water 65, olive oil 7.5, salt 2, instant dry yeast 1',
    outside: 'olive oil, to finish 4 finish',
    piece: '113 g, 20.3 cm',
    steps: 'mix, proof 60, divide, ball, rest 20, roll, fill, cook 120+90',
    left: [],
  },
  {
    text: `Ciapati integrali: 2 tazze / cups of wholemeal flour (atta is best), 1 tazza / cup water, sale / salt. Impastare / knead 5 min. Riposo / rest 30 min. 10 palline / balls. Roll 16 cm. Padella / pan 1 min + 1 min, puff with a cloth.`,
    dough: 'wholemeal flour 100, water 104.69, salt 2',
    outside: '',
    piece: '79.9 g, 16 cm',
    steps: 'mix, knead 5, rest 30, ball, roll, cook 60+60',
    left: [],
  },
  {
    text: `Chickpea-free, nut-free, dairy-free tortillas for the Wednesday group (Leo: no sesame!)
- 400 g plain flour
- 80 g vegetable shortening (check: no milk)
- 8 g salt
- 200 g water, 45°C
knead 4 / rest 20 / 12 balls / rest 15 / roll 20 cm / 40 s + 30 s`,
    dough: 'plain flour 100, vegetable shortening 20, salt 2, water 50',
    outside: '',
    piece: '55.7 g, 20 cm',
    steps: 'mix, knead 4, rest 20, ball, rest 15, roll, cook 40+30',
    left: [],
  },
  {
    text: `Spelt sourdough flatbread – day plan
20:00 refresh starter 1:2:2 (20 g + 40 g + 40 g)
08:00 mix 500 g white spelt, 320 g water, 100 g starter. Autolyse 30 min
08:30 salt 10 g, fold
09:00, 09:30, 10:00 fold
12:00 shape 8 balls
12:45 stretch 18 cm
13:00 griddle 3 min + 2 min`,
    dough: 'white spelt 100, water 64, starter 20, salt 2',
    outside: '',
    piece: '112.9 g, 18 cm',
    steps: 'mix, proof 30, fold, proof 30, fold, proof 30, fold, proof 30, fold, proof 120, ball, shape, cook 180+120',
    left: ['refresh starter 1:2:2', '(20 g + 40 g + 40 g)'],
  },
  {
    text: `Arabic bread, industrial formula scaled to class: flour 72% extraction 10.000 kg; water 5.600; yeast compressed 0.100; salt 0.150; sugar 0.100. Mix 10'. Ferment 60'. Divide 90 g. Intermediate proof 12'. Sheet 2 mm. Final proof 25'. Bake 480 °C 45 s.`,
    dough: 'flour 100, water 56, yeast compressed 1, salt 1.5, sugar 1',
    outside: '',
    piece: '90 g, 27.6 cm',
    steps: 'mix, proof 60, divide, proof 12, roll, proof 25, cook 27+18',
    left: [],
  },
  {
    text: `Focaccia di Recco style, no yeast
Dough 250 g strong flour, 125 g water, 25 g olive oil, 5 g salt
Filling 400 g stracchino (or any soft cheese)
Knead 8 min. Rest 1 hour. Divide in two, one a bit bigger.
Stretch the first to 32 cm over an oiled tray. Dot with cheese. Second on top, thin as you can. Seal, tear some holes. Oil, salt.
Oven 270°C 7 min. Cut in squares.`,
    dough: 'strong flour 100, water 50, olive oil 10, salt 2',
    outside: 'stracchino 200 fill',
    piece: '196.6 g, 32 cm',
    steps: 'mix, knead 8, rest 60, divide, shape, fill, fill, cook 252+168',
    left: ['Second on top, thin as you can.'],
  },
  {
    text: `Seeded spelt flatbreads
Makes 6 · 25 min + resting

Ingredients
300 g white spelt flour
50 g mixed seeds (sunflower, pumpkin, linseed)
1 tsp fine salt
1 tsp baking powder
180 g natural yoghurt
2 tbsp olive oil
1–2 tbsp water, if needed

Method
1 Combine the flour, seeds, salt and baking powder in a bowl.
2 Stir in the yoghurt and oil until it forms clumps; add the water only if it looks dry.
3 Knead on the work surface for 2 minutes. Wrap and leave for 20 minutes.
4 Divide into 6 pieces (about 95 g each). Roll out to 16 cm rounds.
5 Heat a griddle pan over a high heat. Cook for 1–2 minutes on each side until charred in places.
6 Keep warm in a folded tea towel.`,
    dough:
      'white spelt flour 100, mixed seeds 16.67, fine salt 2.03, baking powder 1.35, natural yoghurt 60, olive oil 8.37, water 7.5',
    outside: '',
    piece: '95 g, 16 cm',
    steps: 'mix, knead 2, rest 20, divide, roll, cook 90+90, finish',
    left: [],
  },
  {
    text: `Chapati workshop – plan
Group of 12, pairs

Flour (atta): 1.2 kg (100 g each)
Water: 780 ml (65 ml each)
Salt: 12 g (1 g each)
Oil: 36 ml (3 ml each)

15:00 Talk: flour, hydration
15:15 Mix and knead (8 min)
15:30 Rest 30 min
16:00 Each: 3 balls
16:05 Roll, 16 cm
16:15 Tawa: 30 s, turn 40 s, flame 5 s`,
    dough: 'atta flour 100, water 65, salt 1, oil 2.76',
    outside: '',
    piece: '78.6 g, 16 cm',
    steps: 'mix, knead 8, rest 30, divide, roll, cook 30+40+5',
    left: ['Group of 12, pairs', 'Talk: flour, hydration', 'Each: 3 balls'],
  },
  {
    text: `SOFT TORTILLAS (wheat), makes 16
1 lb (450 g) plain flour
1 tsp baking powder
1 1/2 tsp salt
4 oz (115 g) lard
8 fl oz (240 ml) warm water
Rub in the lard. Pour in water. Knead 2-3 min. Rest, covered, 20 min. 16 balls (c. 50 g), rest again 10 min. 18 cm rounds, 1 min first side, 30 sec second.`,
    dough: 'plain flour 100, baking powder 0.9, salt 2.03, lard 25.56, warm water 53.34',
    outside: '',
    piece: '49.6 g, 18 cm',
    steps: 'mix, mix, knead 2.5, rest 20, ball, rest 10, roll, cook 60+30',
    left: ['50 g)'],
  },
  {
    text: `Paratha dough card
atta 500 / water 310 / salt 7 / ghee 20 (dough) + 80 (layers)
knead 6, rest 25
10 x 83 g
roll 15, 8 g ghee, coil, rest 10
roll 18
tawa med 40 s / 40 s / ghee / 20 s / 20 s`,
    dough: 'atta 100, water 62, salt 1.4, ghee 4',
    outside: 'ghee 8 layer',
    piece: '83 g, 18 cm',
    steps: 'mix, knead 6, rest 25, divide, roll, coil, rest 10, roll, cook 40+40+20+20',
    left: ['8 g ghee', '(dough) +'],
  },
  {
    text: `Rustic flatbread, poolish
Poolish (evening): 150 g flour, 150 g water, 0.5 g yeast – 12 hours
Dough (morning): all the poolish, 350 g flour, 175 g water, 10 g salt, 3 g yeast, 15 g oil
Mix 4 + 6 min. Bulk 75 min with one fold. 6 pieces of 140 g. Rest 25 min. Stretch to 22 cm, dimple, oil. Oven 260 °C, 7 min.`,
    dough: 'flour 100, water 65, yeast 0.7, salt 2, oil 3',
    outside: 'oil, to finish 4 finish',
    piece: '140 g, 22 cm',
    steps: 'mix, rest 720, mix, proof 75, divide, rest 25, shape, fill, cook 252+168',
    left: ['all the poolish,'],
  },
  {
    text: `In the cup: flour 3 cups, yogurt 1 cup, warm water 1/2 cup, oil 2 tbsp, sugar 1 tbsp, salt 1 tsp, yeast 2 tsp. Make the dough, one hour. 10 pieces, ten minutes, roll, pan with a lid 2 min, turn 1 min.`,
    dough: 'flour 100, yogurt 63.06, warm water 32.86, oil 6.88, sugar 3.42, salt 1.67, yeast 1.72',
    outside: '',
    piece: '73.3 g, 20.4 cm',
    steps: 'mix, proof 60, divide, rest 10, roll, cook 120+60',
    left: [],
  },
  {
    text: `Naan (yeast-free) for kids' club — 8 children, 1 each
Self-raising flour 400 g; yoghurt 250 g; milk 60 ml; salt 1 tsp; a pinch of sugar.
Mix it up, squash it together (1 min), leave it under a cloth while we wash up (10 min).
Cut into 8. Pat with hands to a leaf, about 1 cm.
Grown-ups: hot pan, 2 min each side, brush with butter (dairy-free spread for Mia).`,
    dough: 'plain flour 100, baking powder 5, yoghurt 65.63, milk 16.22, salt 1.6, sugar 0.09',
    outside: 'butter, to finish 4 finish',
    piece: '87.2 g, 9.8 cm',
    steps: 'mix, rest 10, divide, shape, cook 120+120, finish',
    left: [],
  },
  {
    text: `Ciabatta-style flatbread 78 %
flour (W300) 1000
water 780 (700 + 80 bassinage)
salt 22
fresh yeast 8
1) autolyse 40' with 700 water
2) yeast, mix 5'; salt, 3'; bassinage slowly, 4'
3) bulk 2h30, folds at 30' 60' 90'
4) 12 pcs 150 g, no shaping, on semolina, 30'
5) 280 °C 8'`,
    dough: 'flour 100, water 78, salt 2.2, fresh yeast 0.8',
    outside: '',
    piece: '150 g, 29.1 cm',
    steps:
      'mix, rest 40, mix, proof 30, fold, proof 30, fold, proof 30, fold, proof 60, divide, rest 30, roll, cook 288+192',
    left: ['mix 5 min', '3 min', '(700 + 80 bassinage)'],
  },
  {
    text: `Rice & lentil flatbread (uttapam) 
2 cups idli rice, 1/2 cup urad dal, 1/4 cup poha, 1/2 tsp fenugreek seeds, 1 1/2 tsp salt
Soak rice and fenugreek together and dal separately for 5 hours. Grind with about 2 cups of water. Ferment 10 hours. Add salt. Ladle 120 g, spread to 15 cm (5 mm). Top with onions, chilli. 2 min covered, flip, 1 min.`,
    dough: 'idli rice 100, urad dal 25.78, poha 1, fenugreek seeds 0.33, salt 2.7, water 147.88',
    outside: 'onion 2 finish, chilli 2 finish',
    piece: '120 g, 15 cm',
    steps: 'mix, rest 300, mix, proof 600, mix, divide, shape, fill, cook 120+60',
    left: [],
  },
  {
    text: `GARLIC NAAN  (Serves 6)

For the naan:
300g/10½oz plain flour, plus extra for rolling
1 tsp caster sugar
1 tsp fast-action dried yeast
½ tsp salt
150ml/5fl oz warm water
3 tbsp plain yoghurt
2 tbsp vegetable oil

For the garlic butter:
50g/1¾oz butter
3 garlic cloves, crushed
1 tbsp chopped coriander

1. Put the flour, sugar, yeast and salt in a bowl. Add the water, yoghurt and oil and mix to a dough. Knead for 8 minutes on a floured surface.
2. Put back in the bowl, cover with cling film and leave for an hour, until doubled in size.
3. Melt the butter with the garlic and stir in the coriander.
4. Divide the dough into 6. Roll each into an oval, about 5mm thick.
5. Heat a large frying pan over a high heat. Cook the naan one at a time for 2 minutes each side.
6. Brush with the garlic butter and serve at once.`,
    dough:
      'plain flour 100, caster sugar 1.39, fast-action dried yeast 1.05, salt 1.01, warm water 50, plain yoghurt 14.39, vegetable oil 8.37',
    outside:
      'plain flour, for rolling 5 dust, butter 8.33 finish, garlic cloves 2 finish, chopped coriander 0.32 finish',
    piece: '85.5 g, 19.7 cm',
    steps: 'mix, knead 8, proof 60, prepare, divide, roll, cook 120+120, finish',
    left: [],
  },
  {
    text: `Session 3: rolled breads (90 min, max. 10 people)
Dough made before by the teacher: 1500 g flour, 900 g water, 30 g salt, 15 g yeast, 45 g oil; 1 h bulk, 24 balls of ~100 g, in boxes.
With the group:
- roll 17 cm (10 min)
- rest 15 min under cloths (explain pockets)
- bake 260 °C 4 min, 4 at a time
- wrap`,
    dough: 'flour 100, water 60, salt 2, yeast 1, oil 3',
    outside: '',
    piece: '100 g, 17 cm',
    steps: 'mix, proof 60, ball, roll, rest 15, cook 144+96, finish',
    left: ['With the group:'],
  },
  {
    text: `Potato flatbreads
Boil 400 g floury potatoes, mash, cool. Add 200 g plain flour, 1 tsp salt, 1 egg yolk and 30 g melted butter. Bring together; don't knead. Rest it half an hour in the fridge. Cut in 8, roll to 15 cm. Griddle on medium, buttered, 3 mins each side.`,
    dough: 'floury potatoes 200, plain flour 100, salt 3.04, melted butter 15, egg yolk 9',
    outside: '',
    piece: '79.4 g, 15 cm',
    steps: 'prepare, mix, chill 30, divide, roll, cook 180+180',
    left: [],
  },
  {
    text: `Dürüm / yufka wraps (16)
1 kg type 550, 560 g water 25 °C, 20 g salt, 50 g sunflower oil
8 min, firm
30 min
16 x 100 g
20 min
1 mm, 40 cm, oklava
sac: 20 s / 15 s / 10 s
cloth`,
    dough: 'flour type 550 100, water 56, salt 2, sunflower oil 5',
    outside: '',
    piece: '100 g, 40 cm',
    steps: 'mix, knead 8, rest 30, divide, rest 20, roll, cook 20+15+10, finish',
    left: [],
  },
  {
    text: `Schüttelbrot-style crisp
200 g rye flour 1150
100 g wheat flour 1050
7 g yeast
6 g salt
5 g blue fenugreek, fennel, coriander (ground)
260 ml lukewarm water
All together, 10 min (soft!)
1 h warm
8 portions ~70 g on rye flour, 20 min
shake flat on a board, 18 cm
15 min
220 °C 20 min`,
    dough: 'rye flour 66.67, wheat flour 33.33, yeast 2.33, salt 2, blue fenugreek 1.67, lukewarm water 86.67',
    outside: '',
    piece: '70 g, 18 cm',
    steps: 'mix, proof 60, divide, rest 20, shape, rest 15, cook 720+480',
    left: [],
  },
  {
    text: `Lesson card: CHAPATI
Time 60'   People 6   Breads 18
atta 720 g · water 470 g · salt 9 g · oil 18 g
0' mix, knead 8'
10' rest 20'
30' divide 18 (67 g)
33' roll 17 cm, 3 each
40' cook: 20" / 40" / flame 5"
55' eat`,
    dough: 'atta 100, water 65.28, salt 1.25, oil 2.5',
    outside: '',
    piece: '67 g, 17 cm',
    steps: 'mix, knead 8, rest 20, divide, roll, cook 20+40+5',
    left: ['3 each 40 min cook: 20 s / 40 s'],
  },
  {
    text: `Rolled oat & yoghurt flatbread
100g rolled oats
200g self-raising flour, plus extra
250g natural yoghurt
½ tsp salt

Soak the oats in the yoghurt for 20 mins. Stir in the flour and salt and knead for a minute. Divide into 6 and roll to 1/2cm. Dry-fry for 2–3 mins per side.`,
    dough: 'rolled oats 52.5, plain flour 100, baking powder 5, natural yoghurt 131.25, salt 1.6',
    outside: '',
    piece: '89.5 g, 14.1 cm',
    steps: 'prepare, mix, knead 1, divide, roll, cook 150+150',
    left: [],
  },
  {
    text: `5-ingredient tortilla (mixer): 480 g AP flour, 95 g oil, 5 g salt, 5 g b.p., 240 g warm water
> dough hook 3 min
> 16 x 50 g balls, 20 min (up to 2 h), film
> 20 cm, 1-2 mm
> cast iron, med-high, 50-60 s / 30 s`,
    dough: 'ap flour 100, oil 19.79, salt 1.04, baking powder 1.04, warm water 50',
    outside: '',
    piece: '50 g, 13.6 cm',
    steps: 'mix, ball, rest 20, roll, cook 55+30',
    left: ['20 cm, 1-2 mm'],
  },
];
