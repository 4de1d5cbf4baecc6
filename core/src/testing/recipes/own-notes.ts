import type { Reading } from './reading.ts';

/** Notes as teachers keep them, and what is read of them. All people, places and formulas are invented. */
export const OWN_NOTES: readonly (Reading & { readonly text: string; readonly left: readonly string[] })[] = [
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
    left: ['Per person:'],
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
    text: `Dear all, as promised the pan bread. You'll want three mugs of plain flour, one level teaspoon of baking powder and the same of salt, a good glug of oil (I'd say two tablespoons) and one mug of warm water, give or take. Rub the oil in first, then the water bit by bit. It should feel like an earlobe. Leave it alone for a quarter of an hour under the upturned bowl. Nine balls; another ten minutes. Roll them as thin as you dare, about the size of a side plate, and into a very hot pan with nothing in it: when it bubbles, after about 40 seconds, over it goes for half a minute. Stack in a clean tea towel. See you Thursday, Bea`,
    dough: 'plain flour 100, baking powder 1.31, salt 1.97, oil 1.81, warm water 65.72',
    outside: '',
    piece: '56.1 g, 14.4 cm',
    steps: 'mix, rest 15, ball, rest 10, roll, cook 40+30, finish',
    left: ['See you Thursday, Bea'],
  },
  {
    text: `mix day before class!! 2 kg flour 1.3 l water 40 salt 4 dried yeast, no knead just stir till no dry flour, 3 folds in first 90 mins, fridge
morning: out of fridge 2 hrs before people come
they get 250g each, cut in 2, ball up, 30 mins on floured tray
stretch by hand 25cm, cook on the plancha 2 mins / 1 min, brush w garlic oil`,
    dough: 'flour 100, water 65, salt 2, dried yeast 0.2',
    outside: 'garlic oil, to finish 4 finish',
    piece: '125 g, 25 cm',
    steps:
      'mix, proof 23, fold, proof 22, fold, proof 23, fold, proof 22, chill 480, temper 120, divide, ball, rest 30, shape, cook 120+60, finish',
    left: [],
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
    text: `The formula I settled on after years is 100 flour, 63 water, 2 salt, 0.3 instant yeast and 5 yoghurt. For twelve students at two breads each of 110 g I scale that to 2.7 kg of dough. Mix to clear, 5 minutes on second, and give it two hours in the tub with one fold halfway. Scale, mould round, and let them recover for twenty-five minutes. Pin to 20 cm. The plates are set to 260 and they have 75 seconds on the first side and 50 on the second.`,
    dough: 'flour 100, water 63, salt 2, instant yeast 0.3, yoghurt 5',
    outside: '',
    piece: '110 g, 20 cm',
    steps: 'mix, proof 60, fold, proof 60, divide, ball, rest 25, roll, cook 75+50',
    left: [
      'For twelve students at two breads each of 110 g I scale that to 2.7 kg of dough.',
      'The formula I settled on after years is',
    ],
  },
  {
    text: `chapatis x 20
600 atta / 400 water / 10 salt
work it 10 min
rest 30
balls 50g
roll 15cm
tawa hot: 30s - flip - 30s - open flame till puffed`,
    dough: 'atta 100, water 66.67, salt 1.67',
    outside: '',
    piece: '50 g, 15 cm',
    steps: 'mix, knead 10, rest 30, ball, roll, cook 30+30+15',
    left: [],
  },
  {
    text: `Yufka / phyllo-ish griddle leaves for Wednesday's börek group
Flour (type 550) 500g
Water 270 g
Salt 9g
Oil 20 g
Knead well 10 min, it's stiff. Portion to 50 g = 16 pcs. Balls under damp cloth for half an hr. With the thin pin roll to 40 cm, paper thin, rotate and dust w/ starch. Griddle: just seconds, 20 the first side and 15 the other, they must stay pliable. Pile and cover. Will keep a week wrapped. To use, sprinkle w/ water.`,
    dough: 'flour type 550 100, water 54, salt 1.8, oil 4',
    outside: '',
    piece: '50 g, 40 cm',
    steps: 'mix, knead 10, divide, ball, rest 30, roll, cook 20+15, finish',
    left: ['To use, sprinkle w/ water.'],
  },
  {
    text: `WhatsApp from Lina
"so for the manakish: 3 cups flour (the white one), 1 cup lukewarm water maybe a tad more, 1 tbsp sugar, 1 tsp salt, half tbsp instant yeast, 1/4 cup oil. Everything in the bowl, knead with hands 10 min. Let it rise 1 hr. Make 6 balls. Rest 15. Flatten w fingers 20 cm. Zaatar + oil on top (4 tbsp zaatar, 6 tbsp oil). Saj or upside-down pan, medium, 4-5 min lid on, don't flip. done!"`,
    dough: 'flour 100, lukewarm water 65.72, sugar 3.28, salt 1.6, instant yeast 1.24, oil 13.75',
    outside: 'zaatar 4.23 finish, oil 12.55 finish',
    piece: '114.2 g, 20 cm',
    steps: 'mix, knead 10, proof 60, ball, rest 15, shape, fill, cook 270',
    left: ['done!"'],
  },
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
    text: `for the moroccan ladies' evening – batbout

semolina fine 400, flour 200, water about 390, salt 12, yeast dry 6, sugar a pinch

make the dough soft, knead long (15), cut into 10, roll straight away 1 cm thick 12 cm, between cloths 1 hr!!, then slowly on low heat in the dry pan turning every minute, 6 minutes altogether`,
    dough: 'semolina fine 66.67, flour 33.33, water 65, salt 2, dry yeast 1, sugar 0.06',
    outside: '',
    piece: '97.9 g, 12 cm',
    steps: 'mix, knead 15, divide, roll, rest 60, cook 60+60+60+60+60+60',
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
    text: `Oatcakes Staffordshire way
8oz fine oatmeal, 8 oz plain flour, 1 tsp salt, ½oz fresh yeast, 1½ pints warm milk & water, 1 tsp sugar
Yeast & sugar in a bit of the liquid till frothy, 10 min
Batter – whisk it all, cover, 1 hr
Greased griddle, ladleful each (100 ml), 2 min, turn, 1 min`,
    dough: 'fine oatmeal 50, plain flour 50, salt 1.34, fresh yeast 3.13, warm milk and water 193.56, sugar 0.92',
    outside: 'oil, for the griddle 2 griddle',
    piece: '100 g, 23.8 cm',
    steps: 'bloom 10, mix, proof 60, divide, shape, cook 120+60',
    left: [],
  },
  {
    text: `My shortcut focaccia-ish pan thing
500 flour/400 water/10 salt/3 yeast
no knead. stir, wait 20 min, fold, wait 20, fold, wait 20, fold. then 1.5 h.
oil the pan!! tip it in, dimple. 30 min
lid on, lowish, 12 min. flip with a plate. 6 min w/o lid`,
    dough: 'flour 100, water 80, salt 2, yeast 0.6',
    outside: 'oil, for the griddle 2 griddle',
    piece: '80.6 g, 21.4 cm',
    steps: 'mix, proof 20, fold, proof 20, fold, proof 20, fold, proof 90, mix, divide, shape, rest 30, cook 720+360',
    left: [],
  },
  {
    text: `(1) Sift 250 g chickpea flour, 5 g salt. (2) Whisk in 500 g water, 30 g olive oil; no lumps. (3) Stand at least 2 h. (4) Skim. (5) Oiled crêpe pan, hot: 120 g batter, 4 mm. (6) 3 min, turn, 2 min. (7) Pepper.`,
    dough: 'chickpea flour 100, salt 2, water 200, olive oil 12',
    outside: 'pepper 4 finish',
    piece: '120 g, 18.2 cm',
    steps: 'mix, rest 180, divide, shape, cook 180+120',
    left: ['Skim.'],
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
    text: `Injera-style teff pancakes – what I tell the class:

The starter: keep 200 ml from the last batch.
Night before: whisk 400 g teff flour with 600 ml water and the starter. Cover loosely and leave out for 12–18 hours.
On the day: pour off any liquid on top, stir in 150 ml warm water and 1 tsp salt; let it stand for 30 minutes until bubbles appear.
Pour about 150 ml into a hot, lightly oiled pan in a spiral, from the outside in. When holes have formed all over (about 45 seconds) put the lid on for another 90 seconds. Do not turn.
Let each one cool on a cloth before stacking.`,
    dough: 'teff flour 100, water 187.51, salt 1.52',
    outside: 'oil, for the griddle 2 griddle',
    piece: '150 g, 23.5 cm',
    steps: 'mix, rest 900, mix, rest 30, divide, shape, cook 45+90, finish',
    left: ['The starter: keep 200 ml from the last batch.'],
  },
  {
    text: `Arepas
2 cups masarepa, 2 1/2 cups warm water, 1 tsp salt, 1 tbsp oil.
Stir salt into water, rain in the masarepa, stir till no lumps. Rest 5-8 min to hydrate. Knead a min with oil.
Form 8 patties, 9 cm × 1.5 cm.
Medium griddle 5 min each side, then 10 min more over low heat turning now and then.
Split and stuff with cheese.`,
    dough: 'masarepa 100, warm water 254.96, salt 2.48, oil 5.12',
    outside: 'cheese 2 finish',
    piece: '78.4 g, 9 cm',
    steps: 'mix, rest 6.5, knead 1, divide, shape, cook 300+300+600, finish',
    left: [],
  },
  {
    text: `Ekmek yufka (Anatolia) - from my field notes
4 parts flour, 2 parts water, salt 2% of flour. No leaven.
Kneaded hard, 15 min by two women. Rests in a cloth, 30 min or more.
Lumps of 150 g. Rested again a little, 10-15 min.
Rolled w. oklava to 45-50 cm; sac over oak fire; about 30-40 sec a side.
Stacked dry for winter; sprinkled with water an hour before eating.`,
    dough: 'flour 100, water 98.58, salt 2',
    outside: '',
    piece: '150 g, 47.5 cm',
    steps: 'mix, knead 15, rest 45, divide, rest 12.5, roll, cook 35+35',
    left: ['Stacked dry for winter; sprinkled with water an hour before eating.'],
  },
  {
    text: `Besan chilla for beginners (GF)

Batter (8 chillas): 240 g besan (gram flour), 360 g water, 1 small onion very finely chopped, 1 green chilli, 10 g ginger grated, handful coriander leaves, 1/2 tsp turmeric, 5 g salt.

Whisk besan, spices and water until smooth; 15 min rest. Fold in the vegetables.
Each: 1 ladle (75 ml) in an oiled non-stick pan, spread to 16 cm. Medium heat. 2 min, drizzle oil round edges, flip, 1 1/2 min.`,
    dough: 'besan 100, water 150, onion 45.83, green chilli 6.25, ginger grated 4.17, turmeric 0.48, salt 2.08',
    outside: 'oil, to finish 4 finish',
    piece: '75 g, 16 cm',
    steps: 'mix, rest 15, mix, divide, shape, cook 120+90',
    left: ['Medium heat.'],
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
    text: `Piadina romagnola al testo (dough for 20 people)

Farina 0 / flour tipo 0 — 2 kg
Strutto / lard — 300 g
Acqua / water — 900 g approx.
Sale / salt — 40 g
Bicarbonato / baking soda — 8 g

1. Rub the lard into the flour. 2. Water + salt + soda, knead to smooth, 10 min. 3. Cover 1 hour. 4. Balls of 160 g; cover, 20 min. 5. Roll to 2.5 mm, 26 cm. 6. Testo at 250 °C: 1 min 30 + 1 min, pricking the bubbles.`,
    dough: 'flour tipo 0 100, lard 15, water 45, salt 2, baking soda 0.4',
    outside: '',
    piece: '160 g, 26 cm',
    steps: 'mix, knead 10, rest 60, ball, rest 20, roll, cook 90+60',
    left: [],
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
    text: `Socca demo
250 g chickpea flour : 500 g water : 50 g olive oil : 6 g salt
whisk, 2 hrs room temp (or overnight in the fridge), skim
cast-iron 26 cm, oil, very hot; 200 g batter, 3 mm
2 min lid off then under grill 3-4 min
black pepper`,
    dough: 'chickpea flour 100, water 200, olive oil 20, salt 2.4',
    outside: 'black pepper 4 finish',
    piece: '200 g, 26 cm',
    steps: 'mix, rest 120, divide, shape, cook 120+210',
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
    steps: 'mix, knead 10, proof 75, ball, rest 20, shape, fill, cook 240+180',
    left: ['for 4 long breads:', 'Stretch each to 35 cm x 15 cm'],
  },
  {
    text: `Hi all – notes from yesterday since nobody wrote anything down :)
We did the potato lefse. 1 kg of boiled, riced potatoes (cold!), 60 g butter, 60 ml cream, a tsp of salt, a Tbsp of sugar, and 250-300 g flour worked in at the last minute.
Chill the potato mix overnight. Add the flour, knead just to combine. Logs, cut into 16 (85 g or thereabouts). Keep cold.
Rolled very thin with the grooved pin, 30 cm, loads of flour, brush it off.
Griddle 230C, no fat, a minute on the first side till brown freckles, 45 secs on the other. Stack under a towel to steam.
Serve w/ butter & sugar.`,
    dough: 'boiled riced potatoes 363.64, butter 21.82, cream 21.82, salt 2.21, sugar 4.54, flour 100',
    outside: '',
    piece: '85 g, 30 cm',
    steps: 'mix, chill 480, mix, knead 8, divide, roll, cook 60+45, finish',
    left: ['We did the potato lefse.', 'Keep cold.'],
  },
  {
    text: `Gözleme demo, 8 portions
yufka dough: 500 flour, 300 warm water, 10 salt, 20 oil
filling: 300 spinach (raw, chopped), 200 feta, 1 onion, pul biber
knead 8, rest 30, 8 x 100 g balls, rest 15
roll 30 cm
half with filling (about 65g), fold over, seal
sac medium 2' each side, brush butter`,
    dough: 'flour 100, warm water 60, salt 2, oil 4',
    outside: 'spinach 37.5 fill, feta 25 fill, onion 13.75 fill, pul biber 40 fill, butter, to finish 4 finish',
    piece: '100 g, 30 cm',
    steps: 'mix, knead 8, rest 30, ball, rest 15, roll, shape, cook 120+120, finish',
    left: ['half with filling (about 65 g)'],
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
    left: ['Retard overnight 5°C (12-16 hrs).'],
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
    text: `Bannock over the coals, scout version
4 c flour, 2 T baking powder, 1 t salt, 1/2 c lard, 1 1/2 c water
mix dry at home. at camp cut in lard, add water, stir w/ a stick
flatten on floured rock, 1" thick, cut 8 wedges
greased pan, coals (not flames), 10 min/side`,
    dough: 'flour 100, baking powder 5, salt 1.25, lard 23.54, water 73.94',
    outside: 'oil, for the griddle 2 griddle',
    piece: '79.1 g, 5.9 cm',
    steps: 'mix, mix, mix, divide, shape, cook 600+600',
    left: [],
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
    text: `No-fuss skillet flatbread. 300g plain flour, 1tsp baking powder, ½tsp salt, 250g natural yoghurt. Mix, bring together, 1 minute knead. Rest 15 mins. 6 pieces. Roll 3mm. Hot dry pan, 90 secs each side. Done! Leftovers freeze well.`,
    dough: 'plain flour 100, baking powder 1.35, salt 1.01, natural yoghurt 83.33',
    outside: '',
    piece: '90.1 g, 18.2 cm',
    steps: 'mix, knead 1, rest 15, divide, roll, cook 90+90',
    left: [],
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
    left: [
      'Class of 8',
      '1 student',
      'Whole wheat flour, 1 student: 200 g',
      'Water, warm, 1 student: 160 g',
      'Dried yeast, 1 student: 2 g',
      'Salt, 1 student: 3 g',
      'Bran, for dusting, 1 student: 20 g',
      '3 3',
    ],
  },
  {
    text: `rotis for 1: 60 g atta, 38 g water, pinch salt. x 12 = 720 / 456. mix, knead 5, rest 20 covered. 3 per person (33 g). roll 14 cm. tawa 20 s, flip 30 s, flip onto flame/net till blown.`,
    dough: 'atta 100, water 63.33, salt 2',
    outside: '',
    piece: '33 g, 14 cm',
    steps: 'mix, knead 5, rest 30, divide, roll, cook 20+30+15',
    left: ['x 12 = 720 / 456.'],
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
    left: ['box up and rest at least 4 hrs', 'then stretch until transparent (about 50 cm).'],
  },
  {
    text: `the simplest one i teach (age 8+)
you need a mug.
1 mug plain flour, 1 teaspoon baking powder, pinch of salt, 1/3 mug milk
mix with a fork then your hand. squeeze & fold 1 minute
cut in 4. roll to the size of the mug's saucer (14cm)
dry pan on 6 of 9. 1 1/2 min, flip, 1 min`,
    dough: 'plain flour 100, baking powder 4, salt 2, milk 67.69',
    outside: '',
    piece: '42.8 g, 14 cm',
    steps: 'mix, knead 1, divide, roll, cook 90+60',
    left: ['you need a mug.', 'dry pan on 6 of 9.'],
  },
  {
    text: `Fladenbrot (Flatbread) "Hirtenfladen"
Zutaten: 1 kg Mehl / flour, 620 ml Wasser / water, 20 g Salz / salt, 1 Würfel Hefe / cube of yeast (42 g), 3 EL Öl / tbsp oil
Zubereitung: Alles 8 min kneten (knead). 1 Std. gehen lassen (rise). In 12 teilen (divide). 15 min ruhen (rest). Ausrollen (roll) 20 cm. Pfanne (pan) 3 min pro Seite (per side).`,
    dough: 'flour 100, water 62, salt 2, yeast 4.2, oil 3.77',
    outside: '',
    piece: '79.5 g, 20 cm',
    steps: 'mix, knead 8, proof 60, divide, rest 15, roll, cook 180+180',
    left: [],
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
    text: `Emergency flatbread, 4 ingr.
- SR flour 350g
- yog 350g
- salt 5
- nigella (opt.)
Bring together, don't knead. 8 pcs. Pat 12 cm × 8 mm.
Griddle 200 °C, 2½ min + 2 min`,
    dough: 'plain flour 100, baking powder 5, yog 105, salt 1.5, nigella 1',
    outside: '',
    piece: '86 g, 12 cm',
    steps: 'mix, divide, shape, cook 150+120',
    left: [],
  },
  {
    text: `Makes 18 tortillas, 60 g. Flour 640 g, lard 96 g (15 %), salt 12 g, baking powder 4 g, water at 50 °C 340 g. Cut lard in. Water. Knead 3 minutes. Rest 30. Ball. Rest 15. Press, then roll to 22 cm. Comal 230 °C: 30 s, turn, 20 s, turn, 5–10 s pressing. Cloth.`,
    dough: 'flour 100, lard 15, salt 1.88, baking powder 0.63, water 53.13',
    outside: '',
    piece: '58.9 g, 22 cm',
    steps: 'mix, knead 3, rest 30, ball, rest 15, roll, cook 30+20+8, finish',
    left: ['Water.'],
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
    outside: 'oil 6 layer, flour 4 layer, salt 0.5 layer, oil, for the griddle 2 griddle',
    piece: '78.1 g, 16 cm',
    steps: 'mix, knead 5, rest 30, roll, coil, divide, shape, rest 10, roll, cook 150+120',
    left: ['roll out whole dough 60 cm x 40 cm'],
  },
  {
    text: `Station 2: MANAQISH
per station (4 pax): 640 g bread flour, 400 g water, 12 g salt, 6 g yeast (instant), 30 g olive oil, 12 g sugar → 10 × 110 g
zaatar mix 80 g + olive oil 80 g
14:00 mix (8') – 14:10 bulk – 15:10 divide/ball – 15:20 rest – 15:35 press 18 cm + zaatar – 15:45 cook: saj 3-4 min, no flip`,
    dough: 'bread flour 100, water 62.5, salt 1.88, instant yeast 0.94, olive oil 4.69, sugar 1.88',
    outside: 'zaatar 8 finish, olive oil 8 finish',
    piece: '110 g, 18 cm',
    steps: 'mix, proof 60, divide, ball, rest 15, shape, cook 210+126',
    left: [],
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
    text: `Wraps by weight of flour: water 58%, fat 12%, salt 1.8%, bicarb 0.5%. For 1 kg flour that is 24 wraps at 70 g. Work in the fat, add hot water (55 deg), knead 5 minutes; 30 minutes under film; ball; 20 minutes; press or roll to 20 cm; 250 degree plate, 25 seconds + 20 seconds, no colour. Stack in a box with the lid on.`,
    dough: 'flour 100, water 58, fat 12, salt 1.8, bicarb 0.5',
    outside: '',
    piece: '70 g, 20 cm',
    steps: 'mix, knead 5, rest 30, ball, rest 20, roll, cook 25+20, finish',
    left: ['Wraps by weight of'],
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
    text: `Flammkuchen auf der Platte
250 g Mehl (flour), 125 g Wasser (water), 2 EL Öl (oil), 1/2 TL Salz (salt)
Knead 5 min, rest 30 min, 4 balls (100 g), rest 10 min.
Topping: 200 g crème fraîche, 2 onions in rings, 100 g bacon
Roll out paper thin 28 cm. Griddle 270 °C, dry, 1 min first side. Turn, spread the topping, cover with the hood, 4–5 min.`,
    dough: 'flour 100, water 50, oil 10.04, salt 1.22',
    outside: 'crème fraîche 50 finish, onions in rings 55 finish, bacon 25 finish',
    piece: '100 g, 28 cm',
    steps: 'mix, knead 5, rest 30, ball, rest 10, roll, cook 60+270',
    left: [],
  },
  {
    text: `Simple! Equal parts self raising flour and Greek yogurt (I use 200 each for 4 people), pinch of salt. Stir, knead one minute, quarter, roll about the size of your hand (16cm), dry pan high heat, 90 seconds then 60.`,
    dough: 'plain flour 100, baking powder 5, greek yogurt 105, salt 2',
    outside: '',
    piece: '78.4 g, 16 cm',
    steps: 'mix, knead 1, divide, roll, cook 90+60',
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
  {
    text: `Saj bread, one dough – my numbers
1 kg flour, 560 g water, 20 g salt, 10 g sugar, 4 g dried yeast, 30 g oil
8 min in machine, tub 40 min, 20 balls (80 g), second rest 25 min
hands → 20 cm → pin → 35 cm → cushion
saj hot (smoke test w/ flour), 40–50 s, one side only`,
    dough: 'flour 100, water 56, salt 2, sugar 1, dried yeast 0.4, oil 3',
    outside: '',
    piece: '80 g, 35 cm',
    steps: 'mix, rest 40, ball, rest 25, roll, cook 45',
    left: ['hands', 'pin', 'cushion', '20 cm'],
  },
  {
    text: `Neapolitan-ish pan pizza base on the griddle
biga (night before): 300 g 00 flour, 150 g water, 1 g fresh yeast, 16-18 h at 18°
dough: biga + 200 g 00 flour + 185 g water + 11 g salt + 2 g fresh yeast
mix 10, bulk 45, balls 4 x 210 g, 2-3 h till doubled
stretch 26
griddle max: 2 min, flip, sauce & mozzarella (90 g), lid, 3 min`,
    dough: '00 flour 100, water 67, fresh yeast 0.6, salt 2.2',
    outside: '',
    piece: '210 g, 26 cm',
    steps: 'mix, rest 1020, mix, proof 45, ball, proof 150, shape, cook 120+180',
    left: ['sauce and mozzarella (90 g)', 'biga +'],
  },
  {
    text: `What we need for each pair: 200g atta, 1/2 tsp salt, 120ml warm water, 2 tsp oil.
What we do: mix, knead till smooth (about 7 minutes – swap halfway!), rest under a bowl 20 minutes, 6 balls, rest again 5, roll to 15cm, cook on the hot tava, 30 seconds, flip, 45, flip, press till it puffs (15).`,
    dough: 'atta 100, salt 1.52, warm water 60, oil 4.18',
    outside: '',
    piece: '53.6 g, 15 cm',
    steps: 'mix, knead 7, rest 20, ball, rest 5, roll, cook 30+45+15',
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
    dough: 'plain flour 100, baking powder 5, caster sugar 13.13, butter 19.69, salt 2, egg 23.15, milk 49.36',
    outside: '',
    piece: '37.1 g, 6.3 cm',
    steps: 'mix, mix, divide, roll, cook 300+300',
    left: [],
  },
  {
    text: `Dal puri – Trini style, 10

Filling: 250 g split peas, boiled 25 min w/ turmeric till just soft, drained, ground dry; + 2 tsp geera, salt, 1 clove garlic
Dough: 600 g flour, 10 g baking powder, 6 g salt, ~ 380 g water; soft! Rest 30 min.
10 loyahs (balls) of ~100 g, fill each w/ 2 Tbsp dal, seal, rest 15–20 min.
Roll gently 22 cm. Hot tawa: 30 sec, turn, oil, 45 s, turn, oil, 30 s.`,
    dough: 'flour 100, baking powder 1.67, salt 1, water 63.33',
    outside: 'split peas 25.46 fill, oil, for the griddle 2 griddle',
    piece: '100 g, 22 cm',
    steps: 'mix, rest 30, ball, fill, rest 17.5, roll, cook 30+45+30',
    left: ['boiled 25 min with turmeric till just soft', 'fill each w / 2 tbsp dal'],
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
    dough: 'pumpkin purée 50, spelt white 100, salt 2, dry yeast 1, water as needed 18, olive oil 4',
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
