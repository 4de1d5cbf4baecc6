import type { OwnNote } from '../reading.ts';

/** Notes of a few lines: mails, what was recorded, what is told in one breath. All people, places and formulas are invented. */
export const SHORT_NOTES: readonly OwnNote[] = [
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
    dough:
      'besan 100, water 150, onion 45.83, green chilli 6.25, ginger grated 4.17, coriander leaves 12.5, turmeric 0.48, salt 2.08',
    outside: 'oil, to finish 4 finish',
    piece: '75 g, 16 cm',
    steps: 'mix, rest 15, mix, divide, shape, cook 120+90',
    left: ['Medium heat.'],
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
    text: `No-fuss skillet flatbread. 300g plain flour, 1tsp baking powder, ½tsp salt, 250g natural yoghurt. Mix, bring together, 1 minute knead. Rest 15 mins. 6 pieces. Roll 3mm. Hot dry pan, 90 secs each side. Done! Leftovers freeze well.`,
    dough: 'plain flour 100, baking powder 1.35, salt 1.01, natural yoghurt 83.33',
    outside: '',
    piece: '90.1 g, 18.2 cm',
    steps: 'mix, knead 1, rest 15, divide, roll, cook 90+90',
    left: [],
  },
  {
    text: `rotis for 1: 60 g atta, 38 g water, pinch salt. x 12 = 720 / 456. mix, knead 5, rest 20 covered. 3 per person (33 g). roll 14 cm. tawa 20 s, flip 30 s, flip onto flame/net till blown.`,
    dough: 'atta 100, water 63.33, salt 0.58',
    outside: '',
    piece: '33 g, 14 cm',
    steps: 'mix, knead 5, rest 20, divide, roll, cook 20+30+15',
    left: ['x 12 = 720 / 456.'],
  },
  {
    text: `the simplest one i teach (age 8+)
you need a mug.
1 mug plain flour, 1 teaspoon baking powder, pinch of salt, 1/3 mug milk
mix with a fork then your hand. squeeze & fold 1 minute
cut in 4. roll to the size of the mug's saucer (14cm)
dry pan on 6 of 9. 1 1/2 min, flip, 1 min`,
    dough: 'plain flour 100, baking powder 4, salt 0.35, milk 67.69',
    outside: '',
    piece: '42.4 g, 14 cm',
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
    text: `Wraps by weight of flour: water 58%, fat 12%, salt 1.8%, bicarb 0.5%. For 1 kg flour that is 24 wraps at 70 g. Work in the fat, add hot water (55 deg), knead 5 minutes; 30 minutes under film; ball; 20 minutes; press or roll to 20 cm; 250 degree plate, 25 seconds + 20 seconds, no colour. Stack in a box with the lid on.`,
    dough: 'flour 100, water 58, fat 12, salt 1.8, bicarb 0.5',
    outside: '',
    piece: '70 g, 20 cm',
    steps: 'mix, knead 5, rest 30, ball, rest 20, roll, cook 25+20, finish',
    left: ['Wraps by weight of'],
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
    dough: 'plain flour 100, baking powder 5, greek yogurt 105, salt 0.18',
    outside: '',
    piece: '77.7 g, 16 cm',
    steps: 'mix, knead 1, divide, roll, cook 90+60',
    left: [],
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
    outside: 'mozzarella 22.5 finish',
    piece: '210 g, 26 cm',
    steps: 'mix, rest 1020, mix, proof 45, ball, proof 150, shape, cook 120+180',
    left: ['biga +'],
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
    text: `Dal puri – Trini style, 10

Filling: 250 g split peas, boiled 25 min w/ turmeric till just soft, drained, ground dry; + 2 tsp geera, salt, 1 clove garlic
Dough: 600 g flour, 10 g baking powder, 6 g salt, ~ 380 g water; soft! Rest 30 min.
10 loyahs (balls) of ~100 g, fill each w/ 2 Tbsp dal, seal, rest 15–20 min.
Roll gently 22 cm. Hot tawa: 30 sec, turn, oil, 45 s, turn, oil, 30 s.`,
    dough: 'flour 100, baking powder 1.67, salt 1, water 63.33',
    outside: 'split peas 25.7 fill, oil, for the griddle 2 griddle',
    piece: '100 g, 22 cm',
    steps: 'mix, rest 30, ball, fill, rest 17.5, roll, cook 30+45+30',
    left: ['boiled 25 min with turmeric till just soft', 'fill each w / 2 tbsp dal'],
  },
];
