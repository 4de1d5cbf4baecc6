import type { OwnNote } from '../reading.ts';

/** Cards and plans of workshops, and recipes told to a class. All people, places and formulas are invented. */
export const WORKSHOP_CARDS: readonly OwnNote[] = [
  {
    text: `Ingredient,Baker's %,Weight (g)
Strong white flour,85,850
Rye flour,15,150
Water,72,720
Salt,2,20
Fresh yeast,1.5,15
Honey,1,10

Step,Minutes,Note
Mix,8,slow speed
Bulk proof,60,fold once at 30
Divide,,12 pieces of 145 g
Round and rest,20,
Press,,to 18 cm
Bake,9,250 °C on the stone`,
    dough: 'strong white flour 85, rye flour 15, water 72, salt 2, fresh yeast 1.5, honey 1',
    outside: '',
    piece: '145 g, 18 cm',
    steps: 'mix, proof 30, fold, proof 30, divide, ball, rest 20, shape, cook 324+216',
    left: [],
  },
  {
    text: `FLATBREAD 101 handout (A. Instructor)
What goes in (2 breads each, 12 of us)
Flour 1.8 kg | Water 1.17 kg | Salt 36 g | Olive oil 90 g | Yeast 9 g
How it goes
Mix it all till there's no dry flour. Leave it 20 min. Knead 5 min – not longer! Let it rise 1–1½ h. Each of you cuts two bits, about 125 g, and makes a ball. 15 min's peace for everybody. Roll to the size of a side plate (18 cm). Pan: a minute, flip, a minute, flip back 20 s.`,
    dough: 'flour 100, water 65, salt 2, olive oil 5, yeast 0.5',
    outside: '',
    piece: '125 g, 18 cm',
    steps: 'mix, rest 20, knead 5, proof 75, ball, rest 15, roll, cook 60+60+20',
    left: ['How it goes'],
  },
  {
    text: `Recipe no. 7: Roti canai. Flour 500 g (protein 11 %); condensed milk 30 g; egg 1; water 230 g; salt 8 g; ghee 25 g + plenty for shaping. Machine 8 min on 1, 4 min on 2. 8 balls, coat with ghee, rest min. 4 h or overnight in the fridge (take out 1 h before). Flatten, stretch/fling paper-thin, fold into a square, rest 5 min. Griddle 180 °C with ghee: 2 min + 2 min + clap.`,
    dough: 'flour 100, condensed milk 6, egg 10, water 46, salt 1.6',
    outside: 'ghee 3.13 layer, ghee, for the griddle 2 griddle',
    piece: '99.3 g, 17 cm',
    steps: 'mix, ball, rest 360, temper 60, shape, rest 5, cook 120+120, finish',
    left: ['Recipe no. 7: Roti canai.'],
  },
  {
    text: `Subject: RE: flatbreads saturday

Hi all,
recipe as promised: 3 cups bread flour (I weigh: 390 g), 1 1/4 cups water (295), 2 tsp salt, 1 tbsp sugar, 2 tsp instant yeast, 1/4 cup olive oil.
Mix in the stand mixer for 5 mins on low. It should just clean the bowl. Proof 1h15 @ 27C. Makes 6 @ ~120g.
Ball up, bench 20. Stretch by hand to 8".
Preheat steel 500F 45 mins. Bake 4–5 mins til puffed. 
See you!
Dan
Sent from my phone`,
    dough: 'bread flour 100, water 82.15, salt 3.2, sugar 3.28, instant yeast 1.65, olive oil 13.75',
    outside: '',
    piece: '125.6 g, 20.3 cm',
    steps: 'mix, proof 75, ball, rest 20, shape, cook 162+108',
    left: ['Hi all,', 'See you!', 'Dan', 'Sent from my phone', 'Preheat steel 500F 45 mins.', 'Subject: RE:'],
  },
  {
    text: `THIN OATCAKE (Staffordshire kind)
Fine oatmeal 225 g, wholemeal flour 225 g, salt 1 tsp, dried yeast 1 tsp, sugar 1 tsp, warm milk & water (half & half) 900 ml
Mix dry; add liquid; whisk to batter. Cover, 1 hr in the warm. Grease a griddle lightly with bacon fat. Pour a ladleful to 20 cm. When top is dry and full of holes (2 min) turn, 1½ min. Makes 12.`,
    dough: 'fine oatmeal 50, wholemeal flour 50, salt 1.35, dried yeast 0.7, sugar 0.92, warm milk and water 206',
    outside: 'oil, for the griddle 2 griddle',
    piece: '112.5 g, 20 cm',
    steps: 'mix, proof 60, divide, shape, cook 120+90',
    left: ['Grease a griddle lightly with bacon fat.'],
  },
  {
    text: `Lesson plan – Pita (120')
0–10 intro
10–20 scaling & mixing: 1 kg flour, 640 g water, 18 g salt, 8 g inst. yeast, 20 g sugar, 30 g oil
20–28 kneading
28–78 bulk
78–85 dividing (20 x 85 g) and rounding
85–100 bench rest
100–108 rolling (15 cm, 5 mm)
108–118 final rest
118–120 baking, 260°, 3' each batch`,
    dough: 'flour 100, water 64, salt 1.8, instant yeast 0.8, sugar 2, oil 3',
    outside: '',
    piece: '85 g, 15 cm',
    steps: 'mix, knead 8, proof 50, divide, ball, rest 15, roll, rest 10, cook 108+72',
    left: ['intro'],
  },
  {
    text: `CIABATTINA FLATBREAD. Biga (evening before): 200 g flour, 120 g water, 1 g yeast – 12 h at 18 °C. Dough: all the biga, 300 g flour, 260 g water, 10 g salt, 2 g yeast, 20 g oil. Mix 8 min, bulk 90 min with 2 folds (30, 60). Cut 6 pieces on floured bench, don't shape, proof 40 min, dimple with oiled fingers to 20 cm, 250 °C 12 min.`,
    dough: 'flour 100, water 76, yeast 0.6, salt 2, oil 4',
    outside: 'plain flour, for the bench 5 dust',
    piece: '147.7 g, 20 cm',
    steps: 'mix, rest 720, mix, proof 30, fold, proof 30, fold, proof 30, divide, proof 40, shape, cook 432+288',
    left: [': all the biga,'],
  },
  {
    text: `Simple Arabic Bread

Ingredients
3 cups flour · 1 tablespoon yeast · 1 tablespoon sugar · 1 teaspoon salt · 1 cup warm water · 2 tablespoons oil

Directions
Activate the yeast with sugar in half a cup of the warm water for 10 minutes. Combine flour and salt, add yeast mixture, the rest of the water and oil. Knead 10 minutes. Cover and let rise 1.5 hours. Punch down, divide into 8, roll each to 6-7 inches. Cover, let rest for 20 minutes. Preheat oven 475 F with the tray inside. Bake 4 minutes, flip, 2 minutes. Wrap in towel.`,
    dough: 'flour 100, yeast 2.58, sugar 3.42, salt 1.67, warm water 65.72, oil 6.88',
    outside: '',
    piece: '78.8 g, 17.8 cm',
    steps: 'bloom 10, mix, knead 10, proof 90, knead 1, divide, roll, rest 20, cook 240+120, finish',
    left: [
      'Preheat oven 475 F with the tray inside.',
      'Activate the yeast with sugar in 1/2 cup of the warm water for 10 minutes.',
    ],
  },
  {
    text: `Wholemeal Pittas
Makes: 10   Level: easy   Time: 2 hours

For the dough:
• 300g strong wholemeal flour
• 200g strong white flour, plus extra to dust
• 10g fine sea salt
• 7g sachet of fast-action yeast
• 1 tbsp clear honey
• 320ml tepid water
• oil for greasing

1 Stir the flours, salt and yeast together in a big bowl. Dissolve the honey in the water, pour in and mix to a sticky dough.
2 Turn out and knead for 10 minutes (or 6 in a mixer).
3 Put in an oiled bowl, cover and leave for about 1 hour to double.
4 Preheat the oven to its hottest setting (at least 240°C) with a baking sheet inside.
5 Knock back and divide into 10 pieces. Shape into balls, rest for 5 minutes, then roll each into an oval, 3-4mm thick and about 15cm long.
6 Rest on a floured cloth for 10 minutes.
7 Slide onto the hot sheet, 4 or 5 at a time, and bake 5-6 minutes until puffed.
8 Wrap in a cloth to keep soft.`,
    dough:
      'strong wholemeal flour 60, strong white flour 40, fine sea salt 2, fast-action yeast 1.4, clear honey 4.26, tepid water 64',
    outside: 'strong white flour, to dust 5 dust, oil 2 griddle',
    piece: '83.3 g, 15 cm',
    steps: 'mix, knead 10, proof 60, knead 1, divide, ball, rest 5, roll, rest 10, cook 198+132, finish',
    left: [],
  },
  {
    text: `| Stage | What | How long | Temp |
|---|---|---|---|
| 1 | Mix flour 1 kg, water 620 g, salt 18 g, oil 40 g, yeast 6 g | 10 min | 25 °C |
| 2 | Bulk | 70 min | 26 °C |
| 3 | Divide 18 × 92 g, ball | – | |
| 4 | Bench rest | 20 min | |
| 5 | Roll 17 cm | – | |
| 6 | Griddle | 75 s / 60 s | 220 °C |`,
    dough: 'flour 100, water 62, salt 1.8, oil 4, yeast 0.6',
    outside: '',
    piece: '92 g, 17 cm',
    steps: 'mix, proof 70, divide, ball, rest 20, roll, cook 75+60',
    left: [],
  },
  {
    text: `PERCENT CARD. Flour (atta) 100. Water 68-70. Salt 1.5. Oil 3. Makes 10 at 75 g. Mix, autolyse 20, knead 4, rest 30. Divide, ball, rest 5. Roll 18 cm. Tawa hot: 20 s, flip, 40 s, flip, puff with cloth 15 s.`,
    dough: 'atta flour 100, water 69, salt 1.5, oil 3',
    outside: '',
    piece: '80 g, 18 cm',
    steps: 'mix, rest 20, knead 4, rest 30, divide, ball, rest 5, roll, cook 20+40+15',
    left: [],
  },
  {
    text: `You know how it is with these: nobody follows a recipe. But if you insist, I take about 600 g of flour, half of it wholemeal, a scant 400 g of warm water, three level teaspoons of salt and a big splash of oil, and I knead it till it feels like an earlobe, which is some ten minutes. Under the upturned bowl it goes for forty minutes while we set the table. Then everybody gets a lump - there should be about twelve - and rolls it as thin as they can, 22 cm or so. One minute on the hot sac, turn, another half minute, and they're done. Stack them under a cloth, and eat them with whatever there is.`,
    dough: 'flour 50, wholemeal 50, warm water 66.67, salt 3.04, oil 0.83',
    outside: '',
    piece: '76.4 g, 22 cm',
    steps: 'mix, knead 10, rest 40, divide, roll, cook 60+30, finish',
    left: ['You know how it is with these: nobody follows a recipe.', 'But if you insist,'],
  },
  {
    text: `<div class="recipe"><h2 itemprop="name">Garlic naan</h2><span itemprop="recipeYield">Makes 6 naan</span><p itemprop="description">My best-ever naan, ready in 90 minutes!</p><ul><li itemprop="recipeIngredient">2&frac14; cups bread flour (300 g)</li><li itemprop="recipeIngredient">1 tsp instant yeast</li><li itemprop="recipeIngredient">1 tsp salt</li><li itemprop="recipeIngredient">&frac12; cup warm water (120 ml)</li><li itemprop="recipeIngredient">&frac13; cup yogurt (80 g)</li><li itemprop="recipeIngredient">1 tbsp oil</li><li itemprop="recipeIngredient">3 tbsp butter, 2 cloves garlic (for brushing)</li></ul><ol itemprop="recipeInstructions"><li>Combine everything but the butter and garlic and knead 6&nbsp;min.</li><li>Rise for an hour.</li><li>Split into six; rest 10 min.</li><li>Roll into ovals about 1/4 inch thick.</li><li>Cook in a hot cast-iron pan, covered, for 1 minute. Flip and cook uncovered for 1 minute.</li><li>Brush with garlic butter.</li></ol><div class="promo">Try our naan pan – now $29!</div></div>`,
    dough: 'bread flour 100, instant yeast 1.05, salt 2.03, warm water 40, yogurt 26.67, oil 4.18',
    outside: 'butter 7.16 finish, garlic 1.33 finish',
    piece: '84.4 g, 17.3 cm',
    steps: 'mix, knead 6, proof 60, divide, rest 10, roll, cook 60+60, finish',
    left: [],
  },
  {
    text: `{"@type":"Recipe","name":"Socca with rosemary","recipeYield":"4 pancakes","totalTime":"PT2H30M","recipeIngredient":["1 cup chickpea flour (120 g)","1 cup water (240 g)","2 tbsp olive oil, plus more for the pan","3/4 tsp salt","1 sprig rosemary"],"recipeInstructions":[{"@type":"HowToStep","text":"Whisk flour, water, oil and salt. Let stand 2 hours at room temperature."},{"@type":"HowToStep","text":"Heat a 10-inch cast iron skillet over medium-high heat with a teaspoon of oil. Pour in a quarter of the batter, scatter over rosemary."},{"@type":"HowToStep","text":"Cook 3 minutes until set, flip, 2 minutes more."}]}`,
    dough: 'chickpea flour 100, water 200, olive oil 20.92, salt 3.8',
    outside: 'olive oil, for the pan 2 griddle, rosemary 0.5 finish',
    piece: '94.6 g, 25.4 cm',
    steps: 'mix, rest 120, divide, shape, fill, cook 180+120',
    left: ['Heat a 10-inch cast iron skillet over medium-high heat with a teaspoon of oil.'],
  },
  {
    text: `RYE CRISP FLATS (p. 3l)

Rye flour .... 350 g
Plain flour .. 15O g
Water, warm .. 300 g
Yeast, fresh . 12 g
Salt ......... 9 g
Caraway ...... 5 g

Dissolve yeast in water, add flours, salt & cara-
way. Knead 5 mins. Rise 45 mins. Divide in
l0, roll to 2 mm with a knobbed pin, cut a
hole in the middle. Prove 15 mins. Bake 23O°
for 8-1O mins. Dry on a rack.`,
    dough: 'rye flour 70, plain flour 30, water 60, fresh yeast 2.4, salt 1.8, caraway 1',
    outside: '',
    piece: '80.2 g, 26.1 cm',
    steps: 'mix, knead 5, proof 45, divide, roll, proof 15, cook 324+216',
    left: ['(p. 3l)', 'Dry on a rack.'],
  },
  {
    text: `Chapatti. Two hundred grams wholemeal flour, a hundred and thirty grams water, four grams salt. Stir, leave ten minutes, knead five. Under a cloth for twenty. Six balls of fifty-five grams. Fifteen centimetres. Thirty seconds; turn; sixty seconds; turn; press fifteen seconds. That's it.`,
    dough: 'wholemeal flour 100, water 65, salt 2',
    outside: '',
    piece: '55 g, 15 cm',
    steps: 'mix, rest 10, knead 5, rest 20, ball, roll, cook 30+60+15',
    left: ['Chapatti.', "That's it."],
  },
  {
    text: `Mehl 550: 1,2 kg / Wasser 0,75 l / Salz 24 g / Hefe frisch 20 g / Öl 50 ml (English below)
Flour 1.2 kg / water 0.75 l / salt 24 g / fresh yeast 20 g / oil 50 ml
mix 8 min, rise 1 h, 20 pcs of 100 g, ball, rest 15 min, roll 18 cm, pan 90 s per side`,
    dough: 'flour 100, water 62.5, salt 2, fresh yeast 1.67, oil 3.83',
    outside: '',
    piece: '100 g, 18 cm',
    steps: 'mix, proof 60, divide, ball, rest 15, roll, cook 90+90',
    left: ['Mehl 550: 1,2 kg / Wasser 0,75 l / Salz 24 g / Hefe frisch 20 g / Öl 50 ml (English below)'],
  },
  {
    text: `BATCH SHEET
Product: Tortilla 20 cm      Batch: 60 pcs      Pc wt: 45 g
Flour             1,620 g
Water @ 45°C        890 g
Shortening          195 g
Salt                 27 g
Baking powder        20 g
Procedure
Dry blend 2'. Cut in shortening 3'. Water in, mix 4' (dough temp 32°C).
Scale 45 g, round, rest 20'.
Press 20 cm / 200°C 1.5 s.
Griddle 25 s + 20 s + 10 s. Cool on rack.`,
    dough: 'flour 100, water 54.94, shortening 12.04, salt 1.67, baking powder 1.23',
    outside: '',
    piece: '45 g, 20 cm',
    steps: 'mix, mix, mix, divide, ball, rest 20, shape, cook 25+20+10',
    left: [
      'Product: Tortilla 20 cm      Batch: 60 pcs      Pc wt: 45 g',
      'Cool on rack.',
      'Press 20 cm at 200°C 1.5 s.',
    ],
  },
  {
    text: `Pide (open), for 4 people
dough: 500 g flour, 300 ml water (half milk if you like), 10 g salt, 7 g yeast, 2 tbsp oil
top: 250 g minced lamb, 1 onion, 2 tomatoes, 1 tbsp pepper paste, parsley
egg wash: 1 yolk
– knead 8', rise 1 h, 4 balls, 15' rest
– meanwhile chop & mix the top
– roll to long ovals 35 × 15, spread, fold sides over, pinch ends
– brush, 230° 14'`,
    dough: 'flour 100, water 60, salt 2, yeast 1.4, oil 5.02',
    outside:
      'minced lamb 62.5 finish, onion 27.5 finish, tomatoes 50 finish, pepper paste 1.74 finish, parsley 4 finish, yolk 4.5 finish',
    piece: '204.4 g, 39.3 cm',
    steps: 'mix, knead 8, proof 60, ball, rest 15, prepare, roll, shape, fill, cook 504+336',
    left: [],
  },
  {
    text: `Sweet potato roti, gf
sweet potato mash 300 g; sorghum flour 200 g; salt 1/2 tsp; psyllium 1 tsp
knead 3 min - 10 balls - press between baking paper 14 cm - hot pan 1.5 min, flip, 1.5 min - ghee`,
    dough: 'sweet potato mash 150, sorghum flour 100, salt 1.52, psyllium 0.85',
    outside: 'ghee 4 finish',
    piece: '49 g, 14 cm',
    steps: 'mix, knead 3, ball, shape, cook 90+90',
    left: [],
  },
  {
    text: `Spring onion pancakes (cong you bing)
For 4 pancakes

Dough
280 g plain flour
½ tsp salt
175 ml just-boiled water
1 tbsp neutral oil

Filling
6 spring onions, finely sliced
2 tbsp sesame oil
1 tsp salt
½ tsp five-spice

To cook: 4 tbsp oil

Method
1. Put flour and salt in a bowl, pour over the hot water and stir with chopsticks to a shaggy mass. Add the oil.
2. When cool enough to handle, knead for 5 minutes until smooth. Wrap and rest for 30 minutes.
3. Cut into 4. Roll one piece to a 20 cm disc, brush with sesame oil, scatter salt, five-spice and a quarter of the onions. Roll up like a cigar, then coil like a snail. Rest 10 minutes.
4. Flatten and roll to 18 cm.
5. Fry in 1 tbsp oil over a medium heat for 3 minutes per side until golden. Cut into wedges.`,
    dough: 'plain flour 100, salt 1.09, just-boiled water 62.5, neutral oil 4.48',
    outside: 'spring onions 22.5 fill, sesame oil 6.28 fill, salt 1.52 fill, 5-spice 0.31 fill, oil 12.55 griddle',
    piece: '114.2 g, 18 cm',
    steps: 'mix, knead 5, rest 30, divide, roll, fill, coil, rest 10, roll, cook 180+180',
    left: ['Roll 1 piece to a 20 cm disc', 'Fry in 1 tbsp oil over a medium heat for 3 minutes per side until golden.'],
  },
];
