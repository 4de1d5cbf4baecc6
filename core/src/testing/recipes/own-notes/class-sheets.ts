import type { OwnNote } from '../reading.ts';

/** Sheets of a class: a list, and steps that are marked or headed. All people, places and formulas are invented. */
export const CLASS_SHEETS: readonly OwnNote[] = [
  {
    text: `Spelt flatbread w/ nigella (my Tuesday class)

Per person:
120 g white spelt
72 g water
2.4 g salt
1 g instant yeast
6 g olive oil
pinch nigella

Method
Everything in the bowl bar the nigella, bring together with a scraper, rest 10 (walk round the room, check for dry bits).
Then knead 5-6 mins on a dry bench – spelt tears if you overdo it.
Prove 50-60 mins, lidded.
Each person cuts theirs in two and rounds. 10 mins rest.
Roll to a dinner plate (about 22cm), wet the top, press in the nigella.
Dry pan, medium-high, seed side up first; 1½ mins, flip, 1 min.`,
    dough: 'white spelt 100, water 60, salt 2, instant yeast 0.83, olive oil 5, nigella 1',
    outside: '',
    piece: '98.3 g, 22 cm',
    steps: 'mix, rest 10, knead 5.5, proof 55, divide, ball, rest 10, roll, fill, cook 90+60',
    left: [],
  },
  {
    text: `> On Sunday, Petra wrote:
> could you send me the one from the market hall?

Sure! Here it is, as I do it now:

flour 1000 (half T65, half semolina rimacinata)
water 680
salt 20
oil 30
fresh yeast 6

I mix it the night before: 4 min slow, leave 20, 2 min slow with the salt and oil. Straight in the fridge till morning (10-14h). Next day let it come to for an hour and a half, scale at 180, round loosely, 40 min under plastic. Press out with fingertips to 20ish cm. Griddle at 240, two and a half minutes the first side, 90 seconds the second.

Ciao, T.`,
    dough: 'T65 flour 50, semolina rimacinata 50, water 68, salt 2, oil 3, fresh yeast 0.6',
    outside: '',
    piece: '180 g, 20 cm',
    steps: 'mix, rest 20, mix, chill 720, temper 90, divide, ball, rest 40, shape, cook 150+90',
    left: ['Sure! Here it is, as I do it now:', 'Ciao, T.'],
  },
  {
    text: `Sourdough piadina, weekday version
200g discard (100%)
300g flour
100g milk
50g lard
6g salt
– rub lard into flour w/ salt
– discard + milk in, knead till it comes together (don't go mad)
– cling film, 1h room temp or overnight fridge
– 5 pieces, 130g
– roll v thin 24cm
– prick w/ fork
– hot dry pan: 60-90s first side, 60s second`,
    dough: 'discard 66.67, flour 100, milk 33.33, lard 16.67, salt 2',
    outside: '',
    piece: '130 g, 24 cm',
    steps: 'mix, knead 8, proof 60, divide, roll, cook 75+60',
    left: [],
  },
  {
    text: `Tortillas de harina (from my comadre Lupe)
4 tazas (cups) flour
1 tsp salt
1 tsp baking powder
2/3 cup lard
1 1/3 cups hot water

Mix the dry. Cut in the lard till like meal. Add the water, knead 5 min. 
Bolitas! 16. Covered, 30 min.
Roll out to 8 inches.
Comal, high heat: puff, flip (20 sec), flip again (30 sec), 10 more sec, done.`,
    dough: 'flour 100, salt 1.25, baking powder 0.83, lard 31.39, hot water 65.72',
    outside: '',
    piece: '77.4 g, 20.3 cm',
    steps: 'mix, mix, mix, knead 5, rest 30, divide, roll, cook 20+30+10',
    left: ['Bolitas!'],
  },
  {
    text: `MSEMEN (square layered pancakes)

For 12 pieces:
• 350 g fine semolina
• 350 g plain flour
• 1 tsp salt
• 1 tsp sugar
• 1/2 tsp instant yeast
• about 430 ml warm water

For folding: 120 ml oil, 60 g soft butter, 60 g fine semolina

Knead all the dough ingredients 12–15 minutes until very smooth and elastic. Divide straight away into 12 balls, oil them, cover and rest 20 min.
Oil the worktop. Flatten a ball with oiled hands until paper thin, dot with butter, sprinkle with semolina. Fold in thirds, then in thirds again to a square. Leave the squares 10 min.
Flatten each square to about 15 cm. Cook on a medium griddle, 2–3 min per side, turning several times.`,
    dough: 'fine semolina 50, plain flour 50, salt 0.87, sugar 0.59, instant yeast 0.22, warm water 61.43',
    outside: 'oil 9.2 layer, soft butter 5 layer, fine semolina 5 layer',
    piece: '92.4 g, 15 cm',
    steps: 'mix, knead 13.5, divide, ball, rest 20, shape, fill, shape, rest 10, shape, cook 75+75+75+75',
    left: ['Oil the worktop.'],
  },
  {
    text: `Lavash (thin, soft)

FLOUR (T55)    1000 g   100%
WATER           520 g    52%
SALT             18 g   1.8%
YEAST, FRESH     15 g   1.5%
OIL              30 g     3%
HONEY            20 g     2%

PROCESS
Mixing: spiral, 4 min slow + 6 min fast, DDT 25°C
Bulk fermentation: 60 min
Scaling: 16 x 100 g
Intermediate proof: 20 min, balls
Rolling: 2 mm then by hand to 35 x 20 cm
Baking: saj/dome 220 °C, 40 s first side, 20 s second
Packing: stack in plastic while warm`,
    dough: 'flour T55 100, water 52, salt 1.8, fresh yeast 1.5, oil 3, honey 2',
    outside: '',
    piece: '100 g, 35 cm',
    steps: 'mix, proof 60, divide, ball, proof 20, roll, cook 40+20, finish',
    left: ['roll 2 mm then by hand to 35 cm x 20 cm'],
  },
  {
    text: `Corn tortillas, 24 pcs

500 g masa harina
750 g hot water
6 g salt

Mix, knead 2 min, rest covered for 20 min (masa should feel like soft clay – add water if it cracks).
Balls 50 g. Keep under a damp towel!
Press between plastic, 15 cm.
Comal, med-high: 15 sec, flip, 45 sec, flip, 15 sec till it puffs. Into the tortilla basket, 10 min to soften.`,
    dough: 'masa harina 100, hot water 150, salt 1.2',
    outside: '',
    piece: '50 g, 15 cm',
    steps: 'mix, knead 2, rest 20, ball, shape, cook 15+45+15, finish',
    left: [],
  },
  {
    text: `Knäckebröd? no! – soft Tunnbröd for 10
Milk 500 g (lukewarm)
Butter 50 g
Yeast 25 g fresh
Syrup 40 g
Salt 10 g
Barley flour 250 g
Wheat flour 550 g
Fennel seed 4 g, crushed
– Melt butter, milk in, yeast in.
– All the rest, 5 min in mixer.
– Rise 45'.
– 10 × 140 g, rounds, 10'.
– Kruskavel (notched pin), 35 cm, prick.
– Griddle 280°, 1 min, turn, 30 sec.`,
    dough:
      'milk 62.5, butter 6.25, fresh yeast 3.13, syrup 5, salt 1.25, barley flour 31.25, wheat flour 68.75, fennel seed 0.5',
    outside: '',
    piece: '140 g, 35 cm',
    steps: 'prepare, mix, proof 45, divide, ball, rest 10, roll, cook 60+30',
    left: [],
  },
  {
    text: `ROTI CANAI — cooking school version

Ingredients (for 10)
500 g plain flour
1 tsp salt
2 tbsp condensed milk
250 ml water
50 ml melted ghee
1 egg
plus oil/ghee for resting and flipping (ca. 150 ml)

Method
Mix all to a soft dough, knead 10 mins until smooth; rest 30 mins, knead again 3 mins.
Divide into 10 balls, coat generously with oil, box up and rest at least 4 hrs, better overnight (room temp).
Flatten a ball on an oiled counter, then flip/stretch until transparent (about 50 cm).
Fold into a square or coil up; let relax 10 mins.
Flatten to 16–18 cm and fry on a flat griddle at medium heat, 2 mins each side, until flaky.
Clap while hot!`,
    dough: 'plain flour 100, salt 1.22, condensed milk 7.61, water 50, melted ghee 8.66, egg 10',
    outside: 'plus oil/ghee 13 finish',
    piece: '86.2 g, 17 cm',
    steps: 'mix, knead 10, rest 30, knead 3, divide, ball, rest 600, shape, coil, rest 10, shape, cook 120+120, finish',
    left: ['box up and rest at least 4 h', 'then stretch until transparent (about 50 cm).'],
  },
  {
    text: `Class 4 – Sweet potato roti

Sweet potato, baked & mashed — 300 g
Atta — 350 g (plus more)
Salt — 5 g
Chilli flakes — 1 tsp

There's no water: the potato has enough.
Knead briefly, 2–3 min. Cover 15 min.
16 balls × 40 g.
Roll gently 14 cm, flour as needed.
Griddle (med): 40 s / 40 s / 20 s.
Ghee to finish.`,
    dough: 'sweet potato 85.71, atta 100, salt 1.43, chilli flakes 0.66',
    outside: 'ghee 4 finish',
    piece: '40 g, 14 cm',
    steps: 'mix, knead 2.5, rest 15, ball, roll, cook 40+40+20',
    left: ["There's no water: the potato has enough."],
  },
  {
    text: `Pumpkin seed flatbreads (Wednesday, 10 people)

400g strong white flour
100g wholemeal spelt flour
50g pumpkin seeds, toasted
7g sachet fast-action dried yeast
10g fine sea salt
2 tbsp pumpkin seed oil
320ml tepid water

– Combine flours, seeds, yeast & salt. Make a well, add oil + water.
– Knead 10 mins by hand (6 in mixer w/ dough hook).
– Bowl, lightly oiled, covered, 1hr or until doubled.
– Knock back. Divide into 10 x 90g. Shape into balls & rest 10 mins.
– Roll to 5mm thick ovals, c. 18cm long.
– Preheat griddle till hot. 2–3 mins per side.
– Serve warm w/ hummus`,
    dough:
      'strong white flour 80, wholemeal spelt flour 20, pumpkin seeds 10, fast-action dried yeast 1.4, fine sea salt 2, pumpkin seed oil 3.55, tepid water 64',
    outside: '',
    piece: '90 g, 18 cm',
    steps: 'mix, knead 10, proof 60, knead 1, divide, ball, rest 10, roll, cook 150+150',
    left: [],
  },
  {
    text: `griddle scones / drop scones? NO these are the rolled ones:
8 oz SR flour
1 oz caster sugar
1½ oz butter
pinch salt
1 egg
3-4 fl oz milk
rub in, mix soft, roll ½" thick, 2½" cutter (makes 12), griddle gently 5 mins each side, butter`,
    dough: 'plain flour 100, baking powder 5, caster sugar 13.13, butter 19.69, salt 0.16, egg 23.15, milk 49.36',
    outside: 'butter, to finish 4 finish',
    piece: '36.8 g, 6.3 cm',
    steps: 'mix, mix, divide, roll, cook 300+300, finish',
    left: [],
  },
  {
    text: `Baking notes 12.2.: spelt-pumpkin flatbread
– Pumpkin purée 250 g, spelt white 500 g, salt 10 g, yeast dry 5 g, water as needed (I used 90 g), olive oil 20 g
– all in mixer 4 + 3 min
– 75 min
– 9 pc @ 95 g → balls → 15 min
– pat 14 cm
– Griddle 210° 2½ + 2 min
– note: too sweet, next time 12 g salt`,
    dough: 'pumpkin purée 50, spelt white 100, salt 2, dry yeast 1, water 18, olive oil 4',
    outside: '',
    piece: '95 g, 14 cm',
    steps: 'mix, proof 75, divide, ball, rest 15, shape, cook 150+120',
    left: ['note: too sweet, next time 12 g salt'],
  },
  {
    text: `Langos on the plancha (not fried)
500 g flour
200 g mashed potato (cold)
7 g dry yeast
250 g milk, lukewarm
10 g salt
10 g sugar

Yeast+sugar+milk 10'
All together, 6' speed 1
Proof 60'
10 x 95 g, oil hands, balls, proof 20'
Stretch 16-18 cm, middle thinner
Plancha 200°, well oiled: 2'30 + 2'
Garlic water, sour cream, cheese`,
    dough: 'flour 100, mashed potato 40, dry yeast 1.4, milk 50, salt 2, sugar 2',
    outside: 'garlic water 4 finish, sour cream 4 finish, cheese 4 finish',
    piece: '95 g, 17 cm',
    steps: 'mix, bloom 10, mix, proof 60, divide, ball, proof 20, shape, cook 150+120',
    left: [],
  },
];
