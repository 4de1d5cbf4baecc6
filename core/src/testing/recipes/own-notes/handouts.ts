import type { OwnNote } from '../reading.ts';

/** Handouts, tables, pages and paragraphs as teachers of many places set them. All people, places and formulas are invented. */
export const HANDOUTS: readonly OwnNote[] = [
  {
    text: `GARLIC & CORIANDER NAAN
Tuesday evening class - take this home!

Makes 8 naan, about 110 g each

You'll need
500g strong white flour, plus extra for the bench
7g sachet fast-action dried yeast
2 tsp caster sugar
1½ tsp fine salt
150g plain full-fat yoghurt
180ml warm water
2 tbsp sunflower oil

To finish
60g butter, melted with 3 fat cloves of garlic
a handful of coriander

What we did
1. Everything into the bowl, bring together and knead for eight to ten minutes until it windowpanes.
2. Oiled bowl, damp cloth, somewhere warm. An hour and a quarter, or until it has doubled.
3. Knock back, weigh into eight. Roll under your palm into tight balls. Let them relax for a quarter of an hour under the cloth.
4. Roll or stretch to a teardrop, 5 mm.
5. Very hot dry pan. In it goes: 90 seconds till bubbly, turn, a minute more.
6. Straight out of the pan brush with the garlic butter and throw the coriander on.

Leftover dough is happy in the fridge for two days.`,
    dough:
      'strong white flour 100, fast-action dried yeast 1.4, caster sugar 1.66, fine salt 1.83, plain full-fat yoghurt 30, warm water 36, sunflower oil 5.02',
    outside:
      'strong white flour, for the bench 5 dust, butter 7.5 finish, fat cloves of garlic 1.5 finish, coriander 3.75 finish',
    piece: '110 g, 22.3 cm',
    steps: 'mix, knead 9, proof 75, knead 1, divide, ball, rest 15, roll, cook 90+60, finish',
    left: ['Tuesday evening class - take this home!', 'Oiled bowl, damp cloth, somewhere warm.'],
  },
  {
    text: `| Ingredient | % | 10 pieces |
|---|---|---|
| Bread flour (12 % protein) | 80 | 480 g |
| Wholemeal | 20 | 120 g |
| Water, 24 °C | 65 | 390 g |
| Salt | 2 | 12 g |
| Olive oil | 5 | 30 g |
| Instant yeast | 0.7 | 4.2 g |

| Stage | Time | Notes |
|---|---|---|
| Mix | 4 min slow, 3 min fast | DDT 26 °C |
| Bulk | 50 min | fold at 25 |
| Scale | – | 100 g |
| Round & rest | 20 min | covered |
| Press | – | 14 cm, thumbs leave a rim |
| Final proof | 25 min | on semolina |
| Bake | 7 min | 260 °C, stone |`,
    dough: 'bread flour 80, wholemeal 20, water 65, salt 2, olive oil 5, instant yeast 0.7',
    outside: '',
    piece: '100 g, 14 cm',
    steps: 'mix, proof 25, fold, proof 25, divide, ball, rest 20, shape, proof 25, cook 252+168',
    left: [],
  },
  {
    text: `When my aunt made these she never weighed anything, but here's how it works for the class: for six people I tip four hundred grams of fine semolina and a hundred of plain flour into the wide bowl with a level teaspoon of salt, rub in sixty millilitres of olive oil until it feels like wet sand, then pour in about two hundred and eighty millilitres of lukewarm water bit by bit. We knead it for five minutes, no more, cover it and have coffee for half an hour. It is then cut into six, each patted out with the flat of the hand to a round as thick as a finger - a centimetre, say - and pricked all over. A heavy dry griddle on a medium flame, six minutes on the first side and five on the second, turning it a quarter every minute or so that it browns evenly. Eat it warm with honey.`,
    dough: 'fine semolina 80, salt 1.22, olive oil 10.98, lukewarm water 56, plain flour 20',
    outside: '',
    piece: '136.1 g, 12.3 cm',
    steps: 'mix, mix, mix, knead 5, rest 30, divide, shape, cook 360+300',
    left: [],
  },
  {
    text: `<html><head><title>Soft Flour Tortillas | Weeknight Table</title><style>.ad{color:red}</style><script>var q=250; track("5 g yeast");</script></head><body>
<nav>Home Recipes Classes</nav><div class="ad">Save 20% on pans today!</div>
<h1>Soft Flour Tortillas</h1><p class="meta">Prep 20 min &middot; Rest 30 min &middot; Cook 15 min &middot; Makes 12</p>
<h2>Ingredients</h2><ul><li>3 cups (360 g) all-purpose flour</li><li>1 tsp salt</li><li>1 tsp baking powder</li><li>1/3 cup (75 g) lard or vegetable shortening</li><li>1 cup (240 ml) hot water</li></ul>
<h2>Directions</h2><ol><li>Whisk the dry ingredients together. Cut in the lard with your fingers till it looks like crumbs.</li><li>Add the hot water and stir to a shaggy dough; turn out and knead 2&ndash;3 minutes until smooth.</li><li>Divide into 12, roll into balls, cover and let rest 30 minutes.</li><li>Roll each ball into a thin 8-inch circle.</li><li>Cook in a hot ungreased skillet 45 seconds, flip, and cook 30 seconds more. Keep warm wrapped in a towel.</li></ol>
<h3>Comments (2)</h3><p>Maria T.: I used 2 cups of milk, delish!</p><p>Jo: mine took 3 minutes a side??</p><footer>&copy; Weeknight Table</footer></body></html>`,
    dough: 'all-purpose flour 100, salt 1.69, baking powder 1.13, lard or vegetable shortening 20.83, hot water 66.67',
    outside: '',
    piece: '55.4 g, 20.3 cm',
    steps: 'mix, mix, mix, knead 2.5, divide, ball, rest 30, roll, cook 45+30, finish',
    left: [],
  },
  {
    text: `{"@context":"https://schema.org","@type":"Recipe","name":"Potato lefse","recipeYield":"16 rounds","totalTime":"PT1H45M","recipeIngredient":["1 kg floury potatoes, boiled, riced and cooled","60 g butter","80 ml cream","1 tsp salt","1 tbsp sugar","300 g plain flour, plus more for rolling"],"recipeInstructions":[{"@type":"HowToSection","name":"The day before","itemListElement":[{"@type":"HowToStep","text":"Mash the butter, cream, salt and sugar into the hot potato. Cool, then refrigerate overnight."}]},{"@type":"HowToSection","name":"Rolling and cooking","itemListElement":[{"@type":"HowToStep","text":"Knead in the flour until it just comes together, 1 minute."},{"@type":"HowToStep","text":"Divide into 16 and keep chilled. Roll each one out very thin on a floured cloth, 30 cm."},{"@type":"HowToStep","text":"Bake on a dry griddle at 230 C, about 1 minute per side, until brown freckles show. Stack between towels."}]}]}`,
    dough: 'floury potatoes 333.33, butter 20, cream 26.67, salt 2.03, sugar 4.16, plain flour 100',
    outside: 'plain flour, for rolling 5 dust',
    piece: '88.5 g, 30 cm',
    steps: 'mix, chill 600, knead 1, divide, roll, cook 60+60, finish',
    left: [],
  },
  {
    text: `Roti for beginners. Two cups of atta, a cup of water (you won't need it all), half a teaspoon of salt, a teaspoon of oil. Make a soft dough and knead for ten minutes. Let it sit half an hour. A dozen balls the size of a golf ball. Roll out thin, six inches. Hot tawa: half a minute, flip, a minute, flip, press with a cloth till it balloons. Ghee if you like.`,
    dough: 'atta 100, water 104.69, salt 1.33, oil 1.83',
    outside: '',
    piece: '38 g, 15.2 cm',
    steps: 'mix, knead 10, rest 30, ball, roll, cook 30+60',
    left: ['Roti for beginners.', 'Ghee if you like.'],
  },
  {
    text: `Msemen (Amal's class, 10 people, 2 each)

Dough:
fine semolina .......... 250 g
flour T55 .............. 750 g
salt ................... 18 g
sugar .................. 10 g
yeast .................. 3 g
water lukewarm ......... ~ 600 ml
For folding: 150 g butter (soft) + 150 ml oil + 100 g semolina

Mix and knead 15 min by hand or 8 min machine. Divide immediately into 20 oiled balls; rest 20 min.
Flatten each on the oiled table as thin as paper. Dot with butter, sprinkle semolina, fold in three then in three = a square. Rest 10 min.
Press out to 15 cm. Griddle, medium, approx 3 min per side, turning often.`,
    dough: 'fine semolina 25, flour T55 75, salt 1.8, sugar 1, yeast 0.3, water lukewarm 60',
    outside: 'butter 7.5 layer, oil 6.9 layer, semolina 5 layer',
    piece: '79.2 g, 15 cm',
    steps: 'mix, knead 15, divide, ball, rest 20, shape, fill, shape, rest 10, shape, cook 90+90+90+90',
    left: ['Mix and knead 15 min by hand or 8 min machine.'],
  },
  {
    text: `Injera-ish quick (no teff to be had)
0,5 kg wholemeal wheat
0,25 kg self-raising
1,1 l water
1 1/2 packets dried yeast (10 g)
salt: a teaspoon
Blend smooth, leave 1,5 h at room temp. until foamy. Stir. Pour a ladle (150 ml) in a spiral in a cold-ish non stick pan, lid on, 2,5 min, do NOT turn. Let each cool on a cloth. About 12.`,
    dough: 'wholemeal wheat 67.74, plain flour 32.26, baking powder 1.61, water 149.04, dried yeast 1.35, salt 0.82',
    outside: '',
    piece: '150 g, 29.1 cm',
    steps: 'mix, proof 90, mix, divide, shape, cook 150',
    left: ['Let each cool on a cloth.'],
  },
  {
    text: `CLASS SHEET – PITA – 12 students × 2
Per student: flour 150 g · water 95 g · salt 3 g · yeast 1.5 g · oil 5 g
18.00 Mix & knead (10 min)
18.15 Bulk (60 min)
19.15 Divide in 2, ball, rest 15 min
19.35 Roll 6 mm, 15 cm
19.45 Proof on cloth 20 min
20.05 Bake 4 min at 270 °C on steel`,
    dough: 'flour 100, water 63.33, salt 2, yeast 1, oil 3.33',
    outside: '',
    piece: '123.5 g, 15 cm',
    steps: 'mix, knead 10, proof 60, divide, ball, rest 15, roll, proof 20, cook 144+96',
    left: [],
  },
  {
    text: `Paratha, layered. For 4 students (2 each). 320 g atta, 200-210 g water, 5 g salt, 15 g ghee in the dough; 60 g ghee for layering and 20 g atta for the layers. Knead 8 min, rest 30 min, cut into eight. Roll to 18 cm, spread with ghee (about 7 g), dust, pleat like a fan, coil, tuck the end under. Rest the coils 15 min. Roll again to 16 cm, gently. Tawa on medium-high: 45 s, turn, brush with ghee, 1 min, turn, 45 s. Crush between the hands while hot.`,
    dough: 'atta 100, water 64.06, salt 1.56, ghee 4.69',
    outside: 'ghee 7.5 layer, atta 2.5 layer',
    piece: '66.1 g, 16 cm',
    steps: 'mix, knead 8, rest 30, divide, roll, fill, coil, rest 15, roll, cook 45+60+45, finish',
    left: ['Roll to 18 cm', 'spread with ghee (about 7 g)'],
  },
  {
    text: `Gözleme, spinach & cheese
For the dough: 3 mugs of flour, 1 mug of warm water, 1 tsp salt, 2 tbsp olive oil.
For the filling: 200 g spinach, 150 g white cheese, 1 onion, pepper.
Combine the dough, knead 5 minutes and let rest, covered, for 30 minutes. Chop the spinach and onion, crumble the cheese, mix. Cut the dough in 6 and shape to balls; 10 more minutes' rest. Roll out paper thin, 30 cm. Spread filling on one half, fold over, press the edges. On the sac 2 minutes each side, brushing with oil.`,
    dough: 'flour 100, warm water 65.72, salt 2, olive oil 8.25',
    outside: 'spinach 33.33 fill, white cheese 25 fill, onion 18.33 fill, pepper 3 fill, oil, to finish 4 finish',
    piece: '86.7 g, 30 cm',
    steps: 'mix, knead 5, rest 30, prepare, divide, ball, rest 10, roll, fill, shape, cook 120+120',
    left: [],
  },
  {
    text: `Lavash, day 2 handout
flour 600g / water 360g / salt 12g / yeast 4g / honey 10g / oil 20g
8 min machine, 2h bulk (1 fold after the first hour), 12 × ~84g, rest 20, roll as thin as you dare (1 mm, 35 × 20 cm), spray w/ water + sesame & nigella, oven on steel 250 °C 2-3 min. Should be blistered but pliable. Wrap at once in cloth!`,
    dough: 'flour 100, water 60, salt 2, yeast 0.67, honey 1.67, oil 3.33',
    outside: 'sesame 2 finish, nigella 2 finish',
    piece: '84 g, 35 cm',
    steps: 'mix, proof 60, fold, proof 60, divide, rest 20, roll, fill, cook 90+60, finish',
    left: ['Should be blistered but pliable.', '35 cm x 20 cm)'],
  },
  {
    text: `Arepas – sin gluten, for 8
2 cups (300 g) precooked white maize flour
2 1/2 cups (600 ml) warm water
1 tsp salt (6 g)
1 tbsp oil
Dissolve the salt in the water. Add the flour gradually, stirring with your hand so there are no lumps. Let it hydrate for 5 minutes. Knead 2 minutes with the oil. Form 8 balls, flatten to discs 1.5 cm thick, 9 cm across; smooth any cracks with wet fingers. Budare or griddle medium heat: 6 min per side until there's a crust, then the oven 180 °C for 12 min, till they sound hollow.`,
    dough: 'precooked white maize flour 100, warm water 200.01, salt 2, oil 4.18',
    outside: '',
    piece: '111.5 g, 9 cm',
    steps: 'mix, rest 5, knead 2, ball, shape, cook 360+360+720',
    left: [],
  },
  {
    text: `Chapatis - Year 9 cookery club

INGREDIENTS (per pair of pupils)
200 g chapati flour
½ tsp salt
1 dessertspoon vegetable oil
120–130 ml lukewarm water
A little extra flour, for rolling

EQUIPMENT: bowl, jug, rolling pin, frying pan, fish slice, tea towel

METHOD
① Sieve the flour and salt into a bowl. Make a well and add the oil and most of the water.
② Mix with a round-bladed knife, adding more water until you have a soft dough.
③ Knead on a floured surface for 5 mins. Put back in the bowl, cover, leave for 15 mins.
④ Divide into 6. Shape each into a ball then roll into a circle approx. 15 cm across.
⑤ Heat a dry frying pan. Cook one chapati at a time for 1 minute; it should puff in places. Flip and cook for a further 30–45 seconds.
⑥ Keep warm in the tea towel. WASH UP!`,
    dough: 'chapati flour 100, salt 1.52, vegetable oil 4.18, lukewarm water 62.5',
    outside: 'extra flour 5 dust',
    piece: '54.4 g, 15 cm',
    steps: 'mix, knead 5, rest 15, divide, ball, roll, cook 60+38, finish',
    left: ['EQUIPMENT: bowl, jug, rolling pin, frying pan, fish slice, tea towel', 'WASH UP!'],
  },
  {
    text: `Focaccia-style barbari, percentages: strong flour 90, wholemeal 10, water 68, salt 1.8, instant yeast .6, sugar 1. Autolyse 20 minutes (flour + water only). Add the rest, mix 5 minutes. Bulk 90 minutes with folds at 30 and 60. Divide 350 g, log shape, rest 20 minutes, stretch to 35 x 15 cm, paste, docks with fingers, proof 20 minutes. Oven 240 °C, 14 minutes.`,
    dough: 'strong flour 90, wholemeal 10, water 68, salt 1.8, instant yeast 0.6, sugar 1',
    outside: '',
    piece: '350 g, 35 cm',
    steps:
      'mix, rest 20, mix, proof 30, fold, proof 30, fold, proof 30, divide, shape, rest 20, shape, proof 20, cook 504+336',
    left: ['stretch to 35 cm x 15 cm'],
  },
  {
    text: `Ingredient        Qty      Unit   Baker's %
Plain flour       1.000    kg     100
Water             0.580    kg     58
Lard              0.120    kg     12
Salt              0.018    kg     1.8
Bicarbonate       0.006    kg     0.6

Piadina: rub the fat in, add the water & salt, knead 6 min. Rest 30 min wrapped. 14 balls of ~120 g, rest 15 min. Roll out 24 cm × 3 mm. Testo 220 °C, 2 min first side, 1.5 min second.`,
    dough: 'plain flour 100, water 58, lard 12, salt 1.8, bicarbonate 0.6',
    outside: '',
    piece: '120 g, 24 cm',
    steps: 'mix, mix, knead 6, rest 30, ball, rest 15, roll, cook 120+90',
    left: [],
  },
  {
    text: `I've been making this flatbread with the over-60s group for years and nobody has failed yet. You want a pound of plain flour, a heaped teaspoon of salt, two level teaspoons of baking powder, a quarter of a pint of natural yoghurt and about the same of warm water. Stir, squash together, knead for just two minutes and leave under the bowl for ten. Each of the eight of us takes a piece, flattens it on flour till it's as wide as a saucer (15 cm) and about half a centimetre thick, and in it goes to a hot, lightly oiled pan, three minutes, over, two minutes. We eat them with soup.`,
    dough: 'plain flour 100, salt 2.01, baking powder 1.79, natural yoghurt 32.89, warm water 31.32',
    outside: 'oil, for the griddle 2 griddle',
    piece: '74 g, 15 cm',
    steps: 'mix, knead 2, rest 10, divide, shape, cook 180+120',
    left: ["I've been making this flatbread with the over-60s group for years and nobody has failed yet."],
  },
  {
    text: `{"@type":["Recipe"],"name":"Za'atar man'oushe","recipeYield":["6","6 flatbreads"],"prepTime":"PT25M","cookTime":"PT8M","recipeIngredient":["420 g bread flour","1&frac12; tsp salt","1 tsp sugar","5 g instant yeast","265 ml water (lukewarm)","3 tbsp olive oil","4 tbsp za&#39;atar mixed with 5 tbsp olive oil, for the topping"],"recipeInstructions":"Stir together flour, salt, sugar and yeast. Add water and oil and knead for 8 minutes.\\nLeave to rise for 1 hour.\\nDivide into 6 balls; rest for 10 minutes.\\nRoll into 18 cm rounds, spread with the za'atar oil.\\nBake at 250 °C for 6&ndash;8 minutes.","aggregateRating":{"ratingValue":4.7,"ratingCount":212}}`,
    dough: 'bread flour 100, salt 2.17, sugar 0.99, instant yeast 1.19, water 63.1, olive oil 8.97',
    outside: "za'atar 4.23 finish, olive oil 10.46 finish",
    piece: '119.9 g, 18 cm',
    steps: 'mix, knead 8, proof 60, divide, ball, rest 10, roll, fill, cook 252+168',
    left: [],
  },
  {
    text: `Cornmeal tortillas (recado de la señora)
  Masa harina        2 tazas      260 g
  Warm water         1 1/2 tazas  360 ml
  Salt               a pinch
Mix to a soft putty. Cover w/ damp cloth 20 min. If it cracks when pressed, add a spoonful of water.
Make 16 balls the size of a walnut (38 g).
Press between plastic, 13 cm.
Hot comal: 15 s, flip; 45 s, flip; 30 s - it puffs.
Wrap in cloth, 10 min, so they steam soft.`,
    dough: 'masa harina 100, warm water 138.47, salt 0.13',
    outside: '',
    piece: '38 g, 13 cm',
    steps: 'mix, rest 20, ball, shape, cook 15+45+30, finish',
    left: ['Masa harina 2 cups 260 g', 'Warm water 1 1/2 cups 360 ml'],
  },
];
