import type { OwnNote } from '../reading.ts';

/** What is handed out of an evening: lists by the mug, structured data, scans, sheets of a lesson. All people, places and formulas are invented. */
export const EVENING_SHEETS: readonly OwnNote[] = [
  {
    text: `Bread with sourdough: Night before, 9 pm – mix 50 g starter, 100 g water, 100 g flour; leave till morning. Next day 9 am, take all of that, add 400 g strong flour, 250 g water, 10 g salt, 20 g oil, and knead 10 min. Rise till 12 (3 h) in a warm kitchen. Cut in 6, shape round, 30 min rest. Roll them 20 cm. Bake on the stone, 250°, 5 min.`,
    dough: 'starter 10, water 70, flour 20, strong flour 80, salt 2, oil 4',
    outside: '',
    piece: '150.5 g, 20 cm',
    steps: 'mix, rest 600, mix, knead 10, proof 180, divide, ball, rest 30, roll, cook 180+120',
    left: [],
  },
  {
    text: `Naan dough x 3
(Anna's quantities, my notes in brackets)
flour 1,5 kg (500 each)
yogurt 450 g
milk 300 ml warm
water 300 ml
salt 27 g
sugar 30 g
yeast 15 g dry
ghee 90 g
baking powder 1 tbsp
1 h 30 rise, 24 pieces, ball, 20 min, pull, tandoor 450°C ca. 60 s, ghee.`,
    dough: 'flour 100, yogurt 30, milk 20.6, water 20, salt 1.8, sugar 2, dry yeast 1, ghee 6, baking powder 0.81',
    outside: '',
    piece: '110.6 g, 25 cm',
    steps: 'mix, proof 90, ball, rest 20, shape, cook 36+24',
    left: ["(Anna's quantities, my notes in brackets)"],
  },
  {
    text: `Aish baladi for twelve. One kilo wholemeal, seven hundred and fifty grams water, twenty of salt, ten of dried yeast. Mix until it just holds, five minutes. Leave forty. Scale into twelve at about a hundred and forty-five; they're sticky, so use bran on the table. Round up, prove twenty on the bran. Pat flat, eighteen across, prove ten more. Hottest oven you have, on the stone, three to four minutes: they balloon.`,
    dough: 'wholemeal 100, water 75, salt 2, dried yeast 1',
    outside: '',
    piece: '145 g, 18 cm',
    steps: 'mix, rest 40, divide, ball, proof 20, shape, proof 10, cook 126+84',
    left: ['Aish baladi for twelve.'],
  },
  {
    text: `Pupusas (filled), makes 10: 400 g masa harina, 600 ml warm water, 1 tsp salt. Filling – 250 g mozzarella & 150 g refried beans, mixed. Mix masa, water, salt 2 min, stand 10 min covered. Divide in 10. Make a cup of each, put a spoon of filling (40 g) in, close, pat to 11 cm / 1 cm thick. Oiled plancha, medium-high, 4 min, turn, 4 min.`,
    dough: 'masa harina 100, warm water 150.01, salt 1.52',
    outside: 'mozzarella 25 fill, refried beans 15 fill',
    piece: '97.7 g, 11 cm',
    steps: 'prepare, mix, rest 10, divide, fill, shape, cook 240+240',
    left: ['Make 1 cup of each', 'put 1 spoon of filling (40 g) in'],
  },
  {
    text: `Qistibi (Tatar)
Dough: 300 g flour, 120 ml warm milk, 1 egg, 50 g butter, ½ tsp sugar, ½ tsp salt.
Filling: 600 g potato, 100 ml hot milk, 40 g butter, onion.
1) Make the dough, knead smooth, ½ hour under a bowl. 2) Boil & mash the potatoes with milk and butter, fry the onion, season. 3) 10 pieces, roll 18-20 cm thin. 4) Dry pan, a minute a side, pile up under a towel. 5) While hot: spread potato on a half, fold over, brush with butter.`,
    dough: 'flour 100, warm milk 41.2, egg 16.67, butter 16.67, sugar 0.69, salt 1.01',
    outside: 'potato 60 fill, hot milk 10.3 fill, butter 4 fill, onion 40 fill',
    piece: '51.3 g, 19 cm',
    steps: 'mix, knead 8, rest 30, prepare, divide, roll, cook 60+60, finish',
    left: [],
  },
  {
    text: `Plain roti jala batter test / 10.11.
- AP flour 250
- egg 2
- coconut milk 400
- water 150
- turmeric 1
- salt 4
Blend, strain, rest 15'. Pour from the cup with holes in a lace pattern, 20 cm, med. heat, ~1½ min, don't flip. Fold in 4.`,
    dough: 'ap flour 100, egg 40, coconut milk 160, water 60, turmeric 0.4, salt 1.6',
    outside: '',
    piece: '79.9 g, 20 cm',
    steps: 'mix, rest 15, divide, shape, cook 90, finish',
    left: [],
  },
  {
    text: `Session 3 – Turkish bazlama
Serves: 6
Plain flour – 450g
Instant dried yeast – 7g
Caster sugar – 1 tsp
Salt – 1½ tsp
Warm milk – 150ml
Warm water – 125ml
Greek yoghurt – 2 tbsp
Melted butter for brushing

Mix the dry ingredients, then pour in the milk, water and yoghurt and bring together into a soft, slightly sticky dough. Knead on a lightly floured worktop for about 10 minutes, until smooth and springy. Transfer to a greased bowl, cover with cling film, and leave to double in size (approx. 1 hr).
Tip out, knock back and split into 6. Roll into balls, cover again and rest 15 min. Flatten each to about 1.5cm thick and 14cm wide. Cover and prove for another 20 minutes while the pan heats.
Dry-fry over a medium heat for 3-4 minutes on each side. Brush with melted butter, sprinkle with dried thyme and wrap in a clean tea towel until needed.`,
    dough:
      'plain flour 100, instant dried yeast 1.56, caster sugar 0.92, salt 2.03, warm milk 34.33, warm water 27.78, greek yoghurt 6.4',
    outside: 'melted butter 4 finish, plain flour, for the bench 5 dust, dried thyme 2 finish',
    piece: '126 g, 14 cm',
    steps: 'mix, knead 10, proof 60, knead 1, divide, ball, rest 15, shape, proof 20, cook 210+210, finish',
    left: [],
  },
  {
    text: `|            | Dough A | Dough B |
|------------|---------|---------|
| Flour      | 600 g   | 1200 g  |
| Water      | 390 g   | 780 g   |
| Salt       | 12 g    | 24 g    |
| Oil        | 18 g    | 36 g    |
| Yeast      | 6 g     | 12 g    |
Yield      8        16
Method: all-in mix 6 min; bulk 60 min; scale 125 g; mould round; intermediate proof 15 min; pin to 18 cm; griddle 2 min + 1½ min.`,
    dough: 'flour 100, water 65, salt 2, oil 3, yeast 1',
    outside: '',
    piece: '125 g, 18 cm',
    steps: 'mix, proof 60, divide, ball, proof 15, roll, cook 120+90',
    left: [
      'Flour, Dough B: 1200 g',
      'Water, Dough B: 780 g',
      'Salt, Dough B: 24 g',
      'Oil, Dough B: 36 g',
      'Yeast, Dough B: 12 g',
    ],
  },
  {
    text: `Corn & wheat griddle bread. Baker's percentages: 70% bread flour, 30% fine cornmeal, 66% water, 2% salt, 1.2% instant yeast, 5% honey, 4% butter. Scald the cornmeal with half the water and cool 20 minutes. Mix everything 7 minutes. Prove 75 minutes. Divide at 95 g, round, rest 15 minutes, flatten to 1 cm, prove 25 minutes. Griddle, low heat, 4 minutes each side.`,
    dough: 'bread flour 70, fine cornmeal 30, water 66, salt 2, instant yeast 1.2, honey 5, butter 4',
    outside: '',
    piece: '95 g, 12.7 cm',
    steps: 'mix, rest 20, mix, proof 75, divide, ball, rest 15, shape, proof 25, cook 240+240',
    left: [],
  },
  {
    text: `My recipe's for khobz the way my neighbour in Meknès showed it – nothing is written down so it's all by eye, but roughly: two bowls of fine semolina and one of white flour (about 300 g and 150 g), a good teaspoon of salt (6 g), a packet of yeast (7 g), and warm water, 300 ml, give or take. You work it for a quarter of an hour, cut it in three, pat each into a disc a finger thick, 20 cm, cover them with a cloth and leave them an hour. Prick with a fork. Bake on a dry hot griddle, 4 or 5 minutes the first side, same on the second, or in a very hot oven.`,
    dough: 'fine semolina 66.67, white flour 33.33, salt 1.33, yeast 1.56, warm water 66.67',
    outside: '',
    piece: '246.9 g, 20 cm',
    steps: 'mix, knead 15, divide, shape, rest 60, cook 270+270',
    left: [
      "My recipe's for khobz the way my neighbour in Meknès showed it – nothing is written down so it's all by eye, but roughly: two bowls of",
      ', give or take.',
    ],
  },
  {
    text: `<article><h1>Easy Yogurt Flatbreads</h1><p><b>Total:</b> 35 mins | <b>Serves</b> 4</p><aside>Subscribe to our newsletter! 50% off 12 issues</aside><section><h2>What you need</h2><ul><li>250g self-raising flour</li><li>250g natural yogurt</li><li>&frac12; tsp salt</li><li>1 garlic clove, crushed</li><li>2 tbsp chopped parsley</li></ul></section><section><h2>How to</h2><p><strong>Step 1</strong> Mix everything in a bowl until it forms a dough.</p><p><strong>Step 2</strong> Knead for 1 min on a floured surface, then rest for 10 mins.</p><p><strong>Step 3</strong> Divide into 4. Roll out to 5mm thick.</p><p><strong>Step 4</strong> Heat a griddle pan on high. Cook for 2-3 mins each side until charred.</p></section><div id="comments"><h3>Comments</h3><p>Great with 400g lamb!</p></div></article>`,
    dough: 'plain flour 100, baking powder 5, natural yogurt 105, salt 1.28, garlic clove 1.68, chopped parsley 2.13',
    outside: 'plain flour, for the bench 5 dust',
    piece: '124.3 g, 16.6 cm',
    steps: 'mix, knead 1, rest 10, divide, roll, cook 150+150',
    left: [],
  },
  {
    text: `Ingred1ents   (makes l2)
55O g   strong flour
33O ml  water, luke-
warm
1O g    salt
5 g     dried yeast
2 Tbsp  olive oil

Meth0d
1. Mix and knead for lO minutes.
2. Let rise 1 hour until dou-
bled.
3. Divide into 12, shape into balls, rest
15 minutes.
4. Roll to 3 mm, 16 cm.
5. Bake on a hot stone at 25O°C
for 3-4 minutes.`,
    dough: 'strong flour 100, water 60, salt 1.82, dried yeast 0.91, olive oil 4.56',
    outside: '',
    piece: '74.4 g, 16 cm',
    steps: 'mix, knead 10, proof 60, divide, ball, rest 15, roll, cook 126+84',
    left: [],
  },
  {
    text: `Tortillas de harina, para 12. Five hundred grams of flour; one hundred grams of lard; two hundred and fifty millilitres of hot water; ten grams of salt. Crumble the lard into the flour and salt. Pour in the water, knead for five minutes, leave for half an hour under a damp cloth. Twelve balls; another twenty minutes. Roll out very thin, about twenty-two centimetres. Comal, high heat: forty seconds, turn, thirty seconds.`,
    dough: 'flour 100, lard 20, hot water 50, salt 2',
    outside: '',
    piece: '69.6 g, 22 cm',
    steps: 'mix, mix, knead 5, rest 30, ball, rest 20, roll, cook 40+30',
    left: ['Tortillas de harina, para 12.'],
  },
  {
    text: `2 parts rye : 3 parts wheat (total flour 500 g)
water 70 %, salt 2 %, starter 30 % (100 % hydration), caraway 1 %
- mix 5 min
- 3 h bulk @ 26 °C, fold @ 60 and 120
- 5 × 170 g, round, bench 15 min
- press to 1 cm, dock
- proof 45 min
- stone 250 °C, 10–12 min, steam first 5`,
    dough: 'rye 40, wheat flour 60, water 70, salt 2, starter 30, caraway 1',
    outside: '',
    piece: '170 g, 17 cm',
    steps: 'mix, proof 180, divide, ball, rest 15, shape, proof 45, cook 396+264',
    left: [],
  },
  {
    text: `GRANDMA'S POTATO CAKES (FADGE)
1 lb. cold mashed potatoes
4 oz. plain flour
1 oz. butter, melted
½ tsp. salt
Mix all together to a dough. Roll out ½ inch thick in a circle and cut in 8 farls. Bake on a floured girdle 4 mins. each side.`,
    dough: 'cold mashed potatoes 400, plain flour 100, butter 25, salt 2.65',
    outside: '',
    piece: '72.6 g, 8 cm',
    steps: 'mix, roll, divide, cook 240+240',
    left: [],
  },
  {
    text: `Piadina sfogliata (Elena) – 10 pz
farina/flour 00: 600 g
strutto/lard: 90 g + 60 g for layering
acqua/water: 280 g
sale/salt: 12 g
latte/milk: 40 g
impastare/mix 5' – riposo/rest 30' – 10 balls – riposo/rest 20' – roll thin, spread lard, roll up, coil – frigo/fridge 1 h – roll 22 cm – piastra/griddle 2' + 2'`,
    dough: 'flour 00 100, lard 15, water 46.67, salt 2, milk 6.67',
    outside: 'lard, for layering 6 layer',
    piece: '99.2 g, 22 cm',
    steps: 'mix, rest 30, ball, rest 20, roll, fill, coil, chill 60, roll, cook 120+120',
    left: ['– piastra/'],
  },
  {
    text: `Khachapuri adjaruli: Dough - 350g flour, 120ml milk, 100ml water, 5g yeast, 1 tsp sugar, 1 tsp salt, 1 tbsp oil. Filling - 300g sulguni (or mozzarella + feta), 4 eggs (yolks), 40g butter.
Knead 8 mins and prove 1hr. Divide into 4, ball, 10 mins rest. Roll to 20x15cm ovals; roll up long edges and pinch the ends to make a boat; fill with cheese. Prove 15 mins. Bake 240C 12 mins; make a well, drop in a yolk, bake 2 mins more. Butter on top.`,
    dough: 'flour 100, milk 35.31, water 28.57, yeast 1.43, sugar 1.19, salt 1.74, oil 3.59',
    outside: 'sulguni 75 fill, egg 50 fill, butter 10 fill',
    piece: '146 g, 20 cm',
    steps: 'mix, knead 8, proof 60, divide, ball, rest 10, roll, fill, proof 15, cook 720+120, finish',
    left: [],
  },
  {
    text: `Class: flatbread basics, 90 min, 10 participants
0:00 Welcome, scale ingredients (per person: 120 g flour, 72 g water, 2 g salt, 6 g oil)
0:10 Mix & knead 8 min
0:20 Rest 25 min (talk about flours)
0:45 Divide in 2, ball, rest 10 min
0:58 Roll to 20 cm
1:05 Griddle 60 s + 45 s, stack in cloth
1:25 Eat!`,
    dough: 'flour 100, water 60, salt 1.67, oil 5',
    outside: '',
    piece: '97.1 g, 20 cm',
    steps: 'mix, knead 8, rest 25, divide, ball, rest 10, roll, cook 60+45, finish',
    left: [],
  },
];
