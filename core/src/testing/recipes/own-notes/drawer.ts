import type { OwnNote } from '../reading.ts';

/** A drawer of notes in many hands: messages, letters, plans of a lesson, batch cards. All people, places and formulas are invented. */
export const DRAWER: readonly OwnNote[] = [
  {
    text: `Pita for Saturday (8 kids, 2 each)

Strong white flour – 800
Water, hand-warm – 520
Instant yeast – 8
Salt – 14
Olive oil – a good glug (30)

Get everything in the bowl bar the oil and bring it together. Oil in last. Ten minutes on the bench, by hand, till it bounces back. Lid on the bowl and forget about it for an hour or so – somewhere not too cold.
Knock it down, weigh out 16 (they come out about 85 g). Roll up into balls, tea towel over, 15 mins.
Roll to 6 mm – no thinner or they won't puff.
Oven flat out (250), tray in there from the start. 4–5 min, until they've blown up.
Straight into a towel.`,
    dough: 'strong white flour 100, water 65, instant yeast 1, salt 1.75, olive oil 3.75',
    outside: '',
    piece: '85 g, 15.5 cm',
    steps: 'mix, knead 10, proof 60, knead 1, divide, ball, rest 15, roll, cook 162+108, finish',
    left: ['Oil in last.'],
  },
  {
    text: `TORTILLAS DE HARINA  (yield 20)

3 c all-purpose flour
1 tsp salt
1 tsp baking powder
1/3 c lard
1 c hot water (not boiling)

Combine dry. Cut in lard til crumbly. Pour in the water all at once & stir w/ fork. Turn out, knead 2 min. Pinch off 20 golf-ball pieces, roll each smooth. Rest under damp cloth 20-30 min.
Comal over med-high. Roll thin, 7". 45 sec 1st side, flip when bubbles, 30 sec 2nd side. Keep in a cloth-lined basket.`,
    dough: 'all-purpose flour 100, salt 1.67, baking powder 1.11, lard 20.93, hot water 65.72',
    outside: '',
    piece: '33.1 g, 17.8 cm',
    steps: 'mix, mix, mix, knead 2, divide, ball, rest 25, roll, cook 45+30, finish',
    left: [],
  },
  {
    text: `Naan – school kitchen card

You need (per pair of students, makes 4):
 250 g plain flour
 1 tsp fast-action yeast
 1/2 tsp sugar
 1/2 tsp salt
 100 ml warm milk
 60 g yoghurt
 1 tbsp melted butter, plus more for brushing

1 Stir flour, yeast, sugar and salt.
2 Make a well. Add milk, yoghurt and butter. Mix to a soft dough.
3 Knead for 5 minutes.
4 Put in an oiled bowl, cover with film. Leave for 40 minutes.
5 Cut into 4. Roll each into a teardrop.
6 Heat the frying pan on high, dry.
7 Cook one at a time: about 2 minutes on the first side, until it bubbles, then 1 minute on the other.
8 Brush with butter.`,
    dough:
      'plain flour 100, fast-action yeast 1.26, sugar 0.83, salt 1.22, warm milk 41.2, yoghurt 24, melted butter 5.73',
    outside: 'melted butter, for brushing 4 finish',
    piece: '105.7 g, 22.8 cm',
    steps: 'mix, knead 5, rest 40, divide, roll, cook 120+60, finish',
    left: ['Make a well.', 'Put in an oiled bowl, cover with film.'],
  },
  {
    text: `LAVASH | baker's %
Bread flour 80
Whole wheat 20
Water 58
Honey 4
Oil 5
Salt 1.8
IDY 0.7
DDT 25 °C
Mix: 3 min 1st speed, 5 min 2nd
Bulk: 60 min
Scale: 120 g
Bench rest: 20 min
Sheet to 2 mm
Bake 230 °C, 6-7 min`,
    dough: 'bread flour 80, whole wheat 20, water 58, honey 4, oil 5, salt 1.8, idy 0.7',
    outside: '',
    piece: '120 g, 31.9 cm',
    steps: 'mix, proof 60, divide, rest 20, roll, cook 234+156',
    left: [],
  },
  {
    text: `Barley flatbread from the farm course

Barley flour 300 g; wheat flour 200 g; buttermilk 400 g; baking soda 1 tsp; salt 1 tsp; a little barley flour for the board.

We mix the flours with the soda and the salt. We stir in the buttermilk quickly. The dough is sticky, it must not be kneaded. It rests ten minutes. We cut it in 6, pat each one flat with floured hands (about 1 cm), prick it all over with a fork. On the griddle, medium heat, 5 minutes per side. Eat with butter.`,
    dough: 'barley flour 60, wheat flour 40, buttermilk 80, baking soda 1.22, salt 1.22',
    outside: 'barley flour 5 dust',
    piece: '147.6 g, 12.8 cm',
    steps: 'mix, rest 10, divide, shape, cook 300+300',
    left: [],
  },
  {
    text: `Knäckebröd workshop

Day 1 evening: stir 100 g rye sourdough with 400 g water and 300 g coarse rye flour. Leave overnight at room temperature.
Day 2: add 250 g rye flour, 100 g wheat flour, 12 g salt, 10 g caraway. Mix with a spoon. Rest 30 minutes.
Divide into 12 (95 g). Roll on plenty of rye flour to 2 mm, roll over with the knobbly pin, cut a hole in the middle with a glass.
Bake on the stone at 250 °C, 3–4 minutes, turn and another 1 minute. Dry on a stick over the oven until next day.`,
    dough: 'rye sourdough 15.38, water 61.54, coarse rye flour 84.62, wheat flour 15.38, salt 1.85, caraway 1.54',
    outside: '',
    piece: '95 g, 28.4 cm',
    steps: 'mix, proof 600, mix, rest 30, divide, roll, cook 210+60',
    left: ['cut a hole in the middle with 1 glass.', 'Dry on a stick over the oven until next day.'],
  },
  {
    text: `Injera (simple, mixed)
Teff flour . . . . . 250 g
Self-raising flour . 250 g
Water . . . . . . . 900 ml
Salt . . . . . . . . 1 tsp
Starter (ersho) . . 60 ml

Whisk teff, water and starter and leave covered 2 days. Pour off the dark water. Whisk in the self-raising flour and the salt, let it stand 1 hour; it must pour like cream. Ladle onto a medium-hot mitad in a spiral from outside in. When holes show all over (1 min), put the lid on for 2 min. Do not turn. Slide off onto a cloth. Makes 10 of 30 cm.`,
    dough: 'teff flour 51.22, plain flour 48.78, baking powder 2.44, water 184.4, salt 1.25, starter 11.79',
    outside: '',
    piece: '142.1 g, 30 cm',
    steps: 'mix, proof 2880, mix, proof 60, mix, divide, shape, cook 60+120',
    left: ['Slide off onto a cloth.'],
  },
  {
    text: `Scallion pancakes — hand-out 3
Dough: 400g plain flour, 240g just-boiled water, pinch salt
Filling: 6 spring onions, 3 Tbsp sesame oil, 1 tsp salt, ½ tsp five-spice, 2 Tbsp flour
Frying: neutral oil

Pour the water over the flour while stirring with chopsticks. When cool enough to handle, knead 5 min. Wrap, 30 min.
Mix the sesame oil with flour, salt, five-spice (the paste).
Divide in 8. Roll one out to 20 cm, brush with paste, scatter onion, roll up like a cigar, coil into a snail, tuck the end under. Rest 10 min. Roll again to 15 cm.
Fry in 1 tbsp oil over medium, 3 min a side, till gold and flaky. Cut into wedges.`,
    dough: 'plain flour 100, just-boiled water 60, salt 0.09',
    outside:
      'spring onions 11.25 fill, sesame oil 4.71 fill, salt 0.76 fill, 5-spice 0.16 fill, flour 1.9 fill, neutral oil 2 griddle',
    piece: '77.7 g, 15 cm',
    steps: 'mix, knead 5, rest 30, mix, divide, roll, fill, coil, rest 10, roll, cook 180+180',
    left: ['Roll it out to 20 cm', 'Fry in 1 tbsp oil over medium'],
  },
  {
    text: `# Sourdough naan

**Makes** 8 · **Time** 6 h · **Level** medium

## You need
- [ ] 120 g active starter (100 %)
- [ ] 200 g milk, lukewarm
- [ ] 60 g yogurt
- [ ] 400 g all-purpose flour
- [ ] 8 g salt
- [ ] 10 g sugar
- [ ] 30 g ghee, melted – half for the dough, half for brushing

## Do
1. Whisk starter, milk, yogurt and sugar.
2. Add flour, salt and 15 g ghee; mix until no dry bits remain. Cover. **30 min.**
3. Two stretch-and-folds, 30 min apart.
4. Bulk at room temp 3–4 h (it should be puffy, about 1.5×).
5. Divide into 8 (≈ 100 g), round, rest 30 min.
6. Skillet on medium-high. Stretch to a teardrop ~ 20 cm. Wet one side, slap wet side down, lid on 1 min, flip, 45 s.
7. Brush with remaining ghee.`,
    dough: 'active starter 30, milk 50, yogurt 15, all-purpose flour 100, salt 2, sugar 2.5, ghee 3.75',
    outside: 'ghee 1.88 finish',
    piece: '98.7 g, 20 cm',
    steps: 'mix, rest 30, fold, rest 30, fold, proof 210, divide, ball, rest 30, shape, cook 60+45, finish',
    left: ['salt and 15 g ghee', 'Divide into 8 (≈ 100 g)'],
  },
  {
    text: `Roti canai

Ingredients (10 pieces)
600g plain flour
2 tsp salt
1 tbsp sugar
1 egg
300ml water
50g condensed milk... about 2 tbsp
100g ghee, softened (for coating & stretching)

Method
Combine flour, salt, sugar. Beat the egg with water & condensed milk, pour in. Knead 10 min. Rest 15 min. Knead again 5 min - the dough must be very soft. Divide to 10, ball up, coat generously w/ ghee, rest in a box at least 6 hrs or overnight.
Oil the table. Flatten a ball, then flip & stretch till see-through. Fold into a square, or gather & coil. Let coils rest 10 mins then press to 18 cm.
Cook on griddle medium heat 2 mins each side. Clap between palms to fluff up.`,
    dough: 'plain flour 100, salt 2.03, sugar 2.08, egg 8.33, water 50, condensed milk 8.33',
    outside: 'ghee 10 layer',
    piece: '99.5 g, 18 cm',
    steps: 'mix, knead 10, rest 15, knead 5, divide, ball, rest 540, shape, coil, rest 10, shape, cook 120+120, finish',
    left: ['Oil the table.', '50 g condensed milk about 2 tbsp'],
  },
  {
    text: `Dough for 12 (class of 12, one each)
1,2 kg flour tipo 00
0,72 l water
24 g salt
12 g instant yeast
2 spoons oil

a. flour + yeast into the bowl, water, mix roughly
b. salt, oil; knead 10'
c. 1 h, covered
d. 12 x 160 g, round
e. 20'
f. stretch by hand 22 cm, no rolling pin!
g. stone 270°, 3-4'`,
    dough: 'flour tipo 00 100, water 60, salt 2, instant yeast 1, oil 2.09',
    outside: '',
    piece: '160 g, 22 cm',
    steps: 'mix, knead 10, proof 60, divide, ball, rest 20, shape, cook 126+84',
    left: [],
  },
  {
    text: `Gözleme (2 per person, 16 people → 32)

dough: 2.4 kg flour, 1.35 L water, 45 g salt, 120 g oil
filling: 1.6 kg spinach, 800 g white cheese, 300 g onion, 20 g salt
to cook: butter 200 g

knead 10 min by machine. rest 30. 32 balls @ 120g. rest 15 under damp cloth. roll w/ thin pin to 30cm / 1mm. filling on one half (85 g), fold, press edge. sac 2 min + 2 min, butter.`,
    dough: 'flour 100, water 56.25, salt 1.88, oil 5',
    outside:
      'spinach 50 fill, white cheese 25 fill, onion 9.38 fill, salt 0.63 fill, butter 6.25 griddle, butter, to finish 4 finish',
    piece: '120 g, 30 cm',
    steps: 'mix, knead 10, rest 30, ball, rest 15, roll, fill, shape, cook 120+120, finish',
    left: ['32)', 'filling on 1 half (85 g)'],
  },
  {
    text: `Pide dough – Mehmet's way. Serves the whole table.
1 kg flour (the 550)
600-650 water, feel it
1 cube yeast (42 g)? I only use half
1 tablespoon salt
a glass of olive oil (small tea glass, 80 ml)
1 t sugar for the yeast
Yeast + sugar + a bit of the water, wait till it foams, 10 min or so. Then everything. Knead till it comes clean off the bowl, a good quarter of an hour. Cover → 1 h.
Make 6 lumps, each 280 g, leave them 20 min. Push out into long ovals, about 30 cm, with the finger tips. Edges up. Stone oven 280: 7 minutes.`,
    dough: 'flour 100, water 62.5, yeast 2.1, salt 1.83, olive oil 7.32, sugar 0.31',
    outside: '',
    piece: '280 g, 30 cm',
    steps: 'bloom 10, mix, knead 15, proof 60, divide, rest 20, shape, cook 252+168',
    left: ['Edges up.'],
  },
  {
    text: `Sangak (home version)

Stage A, evening: 150 g wholemeal, 150 g water, a pea of yeast. Cover, overnight at 20 °C.
Stage B, morning: stage A + 350 g bread flour + 300 g water + 11 g salt + 2 g yeast. Beat in the mixer with the paddle, 8 min, very wet.
Stage C: 2 h, fold each 30 min.
Stage D: wet hands, 4 pieces. Stretch each over a wet peel, 40 cm long, dimple; sesame.
Stage E: onto hot pebbles / stone, 260 °C, 6 min; 1 more upside down.`,
    dough: 'wholemeal 30, water 90, bread flour 70, salt 2.2, yeast 0.4',
    outside: 'sesame 2 finish',
    piece: '77.9 g, 40 cm',
    steps:
      'mix, rest 600, mix, proof 30, fold, proof 30, fold, proof 30, fold, proof 30, divide, shape, fill, cook 360+60',
    left: ['Stage A, evening:', 'Stage B, morning: stage A +'],
  },
  {
    text: `Corn tortillas (masa harina)
masa harina:water = 1:1.3
for 12 people x 3 = 36 tortillas of 35 g -> 550 g masa, 715 g water (hot), 6 g salt
1. mix 3 min, cover 15 min
2. check: press a ball, edges must not crack
3. balls 35 g
4. press between plastic, 15 cm
5. comal hot: 15 s / 60 s / 15 s (puffs)
6. into cloth`,
    dough: 'masa 100, water 130, salt 1.09',
    outside: '',
    piece: '35 g, 15 cm',
    steps: 'mix, rest 15, ball, shape, cook 15+60+15',
    left: ['check: press a ball, edges must not crack', 'into cloth', 'masa harina:water = 1:1.3'],
  },
  {
    text: `Bazlama: Flour 4 cups (500 g), milk + water half and half 300 ml together, 1 sachet dry yeast, 1 tsp sugar, 1½ tsp salt, 2 Tbsp yoghurt, 2 Tbsp oil. Make a soft dough, 10 min kneading. 1 hour. 6 balls, 10 min. Roll 1 cm thick (20 cm). Cover again for 20 min. Heavy pan, medium-low, dry: 3-4 min on each side, lid off. Butter while hot, wrap.`,
    dough: 'flour 100, milk 30.9, water 30, dry yeast 1.4, sugar 0.83, salt 1.83, yoghurt 5.76, oil 5.02',
    outside: 'butter, to finish 4 finish',
    piece: '142.2 g, 20 cm',
    steps: 'mix, knead 10, proof 60, ball, rest 10, roll, rest 20, cook 210+210, finish',
    left: [],
  },
  {
    text: `Flatbread formula (metric, 24 pcs @ 95g)

                 %      g
T65            100   1400
Water           58    812
Yogurt          10    140
Salt             2     28
Yeast, inst.   0.8     11
Oil              3     42
                    -----
                     2433   

Mixing 10' total. DT 25°.
FF 60'. Div 95g. Ball. Int. proof 15'. Roll 18cm. Proof 20'. Cook on plancha 240° 1'30 + 1'.`,
    dough: 'flour T65 100, water 58, yogurt 10, salt 2, instant yeast 0.79, oil 3',
    outside: '',
    piece: '95 g, 18 cm',
    steps: 'mix, proof 60, divide, ball, proof 15, roll, proof 20, cook 90+60',
    left: ['2433', 'DT 25°.', 'Div 95 g'],
  },
  {
    text: `Farls. Take 1 lb of flour, a teaspoonful of salt, the same of bread soda and 14 oz sour milk. Mix lightly & quickly with the hand, turn on to a floured board, pat to an inch thick and cut a cross right through. Cook on a moderately hot griddle for 8 or 10 minutes on each side, turning once. Wrap in a tea-cloth.`,
    dough: 'flour 100, salt 1.32, bread soda 1.32, sour milk 87.5',
    outside: 'plain flour, for the bench 5 dust',
    piece: '209.3 g, 9.6 cm',
    steps: 'mix, divide, shape, cook 540+540, finish',
    left: [],
  },
  {
    text: `Roti for my Year 9s

Time: 60 min lesson
Recipe is for 2 pupils (4 rotis)
150 g chapatti flour
~95 ml water
pinch salt
oil for hands

0-5 weigh, wash hands
5-15 mix + knead
15-30 rest (clear up, worksheet)
30-40 divide in 4, roll 16cm
40-50 cook: 30s, turn, 60s, turn, press w/ cloth 15s
50-60 eat, wash up`,
    dough: 'chapatti flour 100, water 63.34, salt 0.23',
    outside: 'oil 5 dust',
    piece: '59.6 g, 16 cm',
    steps: 'mix, knead 8, rest 15, divide, roll, cook 30+60+15',
    left: ['Recipe is for 2 pupils (4 rotis)', 'weigh, wash hands', 'Time: 60 min lesson'],
  },
  {
    text: `Chickpea-flour crêpes (farinata-ish). 1 part chickpea flour : 3 parts water by weight. So 250 g : 750 g. Salt 8 g. Oil 40 g + pan. Whisk, let stand overnight, skim. Pour 5 mm deep into a smoking hot oiled pan, then under the grill for 8 minutes until golden.`,
    dough: 'chickpea flour 100, water 300, salt 8, oil 40',
    outside: 'oil, for the griddle 2 griddle',
    piece: '72.5 g, 12.7 cm',
    steps: 'mix, rest 600, divide, shape, cook 480',
    left: ['So 250 g : 750 g.'],
  },
  {
    text: `LANGOS — festival stand
for ~25:
2 kg flour BL55
1.2 l milk+water (50/50)
40 g fresh yeast
40 g salt
60 g sugar? no: 20
frying oil 3 l
topping: sour cream 1 kg, grated cheese 1 kg, garlic water

starter: yeast, sugar, 200 ml of the warm milk, 15'. all together, machine 8'. proof 1 h. knock back. 80 g pieces on oiled tray, 20'. stretch, thin in the middle. fry 180° 1'30" per side. drain.`,
    dough: 'flour bl55 100, milk 30.9, water 30, fresh yeast 2, salt 2, sugar 1',
    outside: 'frying oil 69 griddle, sour cream 25 finish, grated cheese 25 finish, garlic water 4 finish',
    piece: '80 g, 21.3 cm',
    steps: 'mix, proof 60, knead 1, divide, rest 20, shape, cook 90+90',
    left: ['drain.', '200 ml of the warm milk', '15 min'],
  },
  {
    text: `Lesson 4: Unleavened – notes for the assistant
▪ dough made beforehand by me (1.5 kg flour, 60 %, 2 % salt, 5 % oil)
▪ at 10:00 out of fridge
▪ 10:40 hand out 90 g per head
▪ they ball it; 10 min
▪ demo rolling; they roll 20 cm
▪ two griddles 220°; 40 s / 40 s`,
    dough: 'flour 100, water 60, salt 2, oil 5',
    outside: '',
    piece: '90 g, 20 cm',
    steps: 'mix, temper 40, divide, ball, rest 10, roll, cook 40+40',
    left: ['▪ at 10:00'],
  },
  {
    text: `Quick skillet flatbread -- 15 min
1 cup self rising flour, 1 cup greek yog, pinch salt. stir, knead 1 min. 4 balls. pat 6in. hot skillet + olive oil. 2-3 min/side. done`,
    dough: 'plain flour 100, baking powder 5, greek yog 198.63, salt 0.31',
    outside: '',
    piece: '84.3 g, 15.2 cm',
    steps: 'mix, knead 1, ball, shape, cook 150+150',
    left: [],
  },
  {
    text: `Ciabatta-style flatbreads. Biga (night before): 300 g flour, 165 g water, 1 g yeast; 16 h at 18 °C. Dough: all the biga, 200 g flour, 235 g water, 11 g salt, 2 g yeast, 15 g oil. Mix 6 min slow, 4 fast (bassinage with the last 50 g water). Tub. Three folds: 20/40/60 min. At 90 min tip out on flour, cut 8 × 115 g, no shaping, 30 min. Dimple, onto stone 280 °C, 5 min.`,
    dough: 'flour 100, water 80, yeast 0.6, salt 2.2, oil 3',
    outside: '',
    piece: '115 g, 25.5 cm',
    steps:
      'mix, proof 960, mix, proof 20, fold, proof 20, fold, proof 20, fold, proof 30, divide, rest 30, shape, cook 180+120',
    left: ['Tub.', 'Mix 10 min (bassinage with the last 50 g water).', ': all the biga,'],
  },
  {
    text: `Frybread Workshop w/ Auntie
4 cups flour | 2 tbsp baking powder | 1 tsp salt | 1 1/2 cups warm water or milk | lard for frying
Mix gently - don't overwork. Rest covered 1/2 hr. 8 balls. Flatten to 1/2", poke hole. Fry in 1" lard at 360F until golden, about 2 min a side. Drain on paper. Serves 8`,
    dough: 'flour 100, baking powder 5, salt 1.25, warm water or milk 73.94',
    outside: 'lard 2 griddle',
    piece: '105 g, 19.7 cm',
    steps: 'mix, rest 30, ball, shape, cook 120+120',
    left: ['Drain on paper.'],
  },
  {
    text: `Aish baladi

         for 12   for 24
wholemeal  600      1200
white      200       400
water      620      1240
yeast dry    6        12
salt        14        28
bran to dust

Mix wet. 15 min kneading. 1 h. Drop 115 g dollops onto bran, 30 min. Flatten 15 cm. 30 min more. Hottest oven, on steel, 2-3 min till it balloons.`,
    dough: 'wholemeal 75, white flour 25, water 77.5, dry yeast 0.75, salt 1.75',
    outside: 'bran 5 dust',
    piece: '77.7 g, 15 cm',
    steps: 'mix, knead 15, proof 60, divide, shape, rest 30, cook 90+60',
    left: ['Drop 115 g dollops onto bran, 30 min.'],
  },
  {
    text: `Malawach in my words. Half a kilo of flour, 300 of water, salt and sugar a teaspoon of each. Knead it soft. Twenty minutes' rest. In six. Rest again, 20. Now with plenty of soft butter (150 g altogether) spread each ball out on the marble as thin as you dare, fold like a letter, roll up like a snail. Into the fridge until tomorrow. Roll to the size of your pan, 24 cm. Fry dry, no fat, medium, 3 minutes, other side 2.`,
    dough: 'flour 100, water 60, salt 1.22, sugar 0.83',
    outside: 'soft butter 25 fill',
    piece: '131.1 g, 22 cm',
    steps: 'mix, knead 8, rest 20, divide, rest 20, fill, shape, coil, chill 600, roll, cook 180+108',
    left: [],
  },
  {
    text: `piadina sfogliata
flour 500 – water 230 – lard 75 – salt 9 – soda 2
+ lard to spread: 60
knead 8, rest 60 @ RT
roll whole dough 40x60, smear, roll up tight, cut 6
stand on cut end, squash, fridge 30
roll 23 cm / 4 mm
griddle 200: 2'/2'`,
    dough: 'flour 100, water 46, lard 15, salt 1.8, soda 0.4',
    outside: 'lard 10 layer',
    piece: '132 g, 23 cm',
    steps: 'mix, knead 8, rest 60, roll, fill, coil, divide, chill 30, roll, cook 120+120',
    left: [],
  },
  {
    text: `Himbasha: flour 6 cups, warm water 2 1/4 c, yeast 1 T, sugar 1/4 c, oil 1/4 c, cardamom 2 t, raisins 1/2 c, salt 1 1/2 t. Proof yeast w/ sugar + 1/2 c of the water 10 min. Mix rest, knead 8-10. Rise 1 hr. Knock down, raisins in, shape one big wheel 30 cm, score pattern. Rise 20. Bake 375°F 25 min or in a covered skillet low 12 + 8.`,
    dough: 'flour 100, warm water 73.94, yeast 1.24, sugar 6.88, oil 6.88, cardamom 0.58, raisins 10.42, salt 1.2',
    outside: '',
    piece: '78.2 g, 30 cm',
    steps: 'mix, proof 10, mix, knead 8, proof 60, divide, shape, proof 20, cook 900+600',
    left: ['Proof yeast with sugar + 1/2 cups of the water 10 min.'],
  },
];
