import type { OwnNote } from '../reading.ts';

/** Pages that were copied, sheets of a batch, breads that are filled or poured. All people, places and formulas are invented. */
export const COPIED_PAGES: readonly OwnNote[] = [
  {
    text: `Item	grams	%
AP flour	1000	100
Water	560	56
Ghee	60	6
Salt	18	1.8
Sugar	10	1
TOTAL	1648	164.8

Process
Rub ghee in	3 min
Add water, mix & knead	8 min
Rest	30 min
Divide	27 × 60 g
Rest	10 min
Roll	16 cm
Cook	40 s + 40 s`,
    dough: 'ap flour 100, water 56, ghee 6, salt 1.8, sugar 1',
    outside: '',
    piece: '60 g, 16 cm',
    steps: 'mix, mix, knead 8, rest 30, divide, rest 10, roll, cook 40+40',
    left: [],
  },
  {
    text: `Bread: 55% strong white, 30% wholemeal, 15% rye. 74% water. 20% levain (equal parts). 2% salt. 3% olive oil. Build the levain 8 h ahead. Mix all but salt, rest 40 min, add salt, fold 4x every 30 min, bulk 4 h total at 25 C. Divide 180 g, preshape, rest 20 min. Retard overnight (12 h, 4 C). Press to 22 cm straight from the fridge, bake on steel at 270 C, 6-7 min.`,
    dough: 'strong white 55, wholemeal 30, rye 15, water 74, levain 20, salt 2, olive oil 3',
    outside: '',
    piece: '180 g, 22 cm',
    steps:
      'mix, rest 40, mix, proof 30, fold, proof 30, fold, proof 30, fold, proof 30, fold, proof 120, divide, ball, rest 20, chill 720, shape, cook 234+156',
    left: ['Build the levain 8 h ahead.', 'fold 4x every'],
  },
  {
    text: `To make enough for the whole table (ten of us) tip a kilo of flour onto the board, make a well, and pour in six hundred millilitres of water in which you've dissolved twenty grams of salt and a walnut of yeast (15 g). Work it from the inside out. Eight minutes of kneading. Leave it in a bowl with a plate on top for an hour and a half. Then tear off pieces the size of an orange - you should get ten - roll them up and leave them be for another quarter of an hour; pat them out as big as your hand with the fingers spread (20 cm) and slap them on the hot plate. They need three minutes, then two on their other side.`,
    dough: 'flour 100, water 60, salt 2, yeast 1.5',
    outside: '',
    piece: '158.7 g, 20 cm',
    steps: 'mix, knead 8, proof 90, divide, ball, rest 15, shape, cook 180+108',
    left: ['Work it from the inside out.'],
  },
  {
    text: `<body><div id="cookie-banner">We use cookies</div><main><h1>Authentic Lebanese Flatbread (Saj)</h1><div class="jump-btn">Jump to Recipe</div><p>Growing up in the mountains, I ate 3 of these a day! My grandmother used 10 kg of flour every week.</p><div class="card"><h3>Ingredients</h3><ul><li><span>3</span> <span>cups</span> <span>all purpose flour</span> <span>(375g)</span></li><li><span>1</span> <span>tsp</span> <span>salt</span></li><li><span>1</span> <span>tsp</span> <span>sugar</span></li><li><span>1/2</span> <span>tsp</span> <span>instant yeast</span></li><li><span>1</span> <span>cup</span> <span>water</span> <span>(240ml)</span></li></ul><h3>Instructions</h3><ul><li>In a stand mixer, knead all ingredients 7 minutes.</li><li>Let rise 1 hour, covered.</li><li>Divide into 8 and roll into balls. Rest 15 minutes.</li><li>Roll out as thin as possible, about 12 inches.</li><li>Cook on an inverted wok 45 seconds, flip for 15 seconds.</li></ul><h3>Nutrition</h3><p>Calories: 168kcal | Fat: 1g | Sodium: 292mg</p></div></main></body>`,
    dough: 'all purpose flour 100, salt 1.62, sugar 1.11, instant yeast 0.42, water 64',
    outside: '',
    piece: '76.1 g, 30.5 cm',
    steps: 'mix, knead 7, proof 60, divide, ball, rest 15, roll, cook 45+15',
    left: [
      'Growing up in the mountains, I ate 3 of these a day! My grandmother used 10 kg of flour every week.',
      'Calories: 168kcal  Fat: 1g  Sodium: 292mg',
    ],
  },
  {
    text: `{"@context":"https://schema.org","@type":"Recipe","name":"Piadina romagnola","recipeYield":"6 piadine","recipeIngredient":["500 g flour 00","100 g lard","1 pinch bicarbonate of soda","10 g salt","200 ml semi-skimmed milk, lukewarm"],"recipeInstructions":[{"@type":"HowToStep","name":"Dough","text":"Rub lard, flour, soda, salt. Add the milk, knead for 10 minutes."},{"@type":"HowToStep","name":"Rest","text":"PT1H covered at room temperature."},{"@type":"HowToStep","name":"Shape","text":"Divide into 6 balls of about 135 g, rest 20 minutes. Roll to 25 cm, 3 mm."},{"@type":"HowToStep","name":"Cook","text":"Prick with a fork and cook on a very hot testo, 1-2 minutes per side, rotating."}]}`,
    dough: 'flour 00 100, lard 20, bicarbonate of soda 0.07, salt 2, semi-skimmed milk 41.2',
    outside: '',
    piece: '135 g, 25 cm',
    steps: 'mix, mix, knead 10, rest 60, divide, ball, rest 20, roll, cook 90+90',
    left: [],
  },
  {
    text: `Six ounces of plain flour and two of cornmeal; a quarter pint of milk; one egg; half an ounce of melted butter; a level teaspoon each of sugar and baking powder; a pinch of salt. Whisk to a batter and let stand a quarter of an hour. Drop by the tablespoon on the greased griddle. A minute and a half each side.`,
    dough:
      'plain flour 75, cornmeal 25, milk 64.52, egg 22.05, melted butter 6.25, sugar 1.83, baking powder 1.79, salt 0.15',
    outside: 'oil, for the griddle 2 griddle',
    piece: '72.1 g, 16.3 cm',
    steps: 'mix, rest 15, divide, shape, cook 90+90',
    left: [],
  },
  {
    text: `WEEK 2 - KULCHA
Ingredients per student (makes 2)
maida 150g
curd 40g
milk 50ml
oil 10ml
salt ¼tsp
sugar ½tsp
b. powder ½tsp
b. soda a pinch
onion seeds + coriander for the top
Procedure
• make dough, knead 6m
• cover 1h
• 2 balls, cover 10m
• roll oval 20cm, wet one side & stick seeds
• tawa, wet side down, lid, 1m; turn tawa over flame 1m
• butter`,
    dough: 'maida 100, curd 26.67, milk 34.33, oil 6.13, salt 1.01, sugar 1.39, baking powder 1.35, baking soda 0.23',
    outside: 'onion seeds 4 finish, coriander 4 finish, butter, to finish 4 finish',
    piece: '124.6 g, 20 cm',
    steps: 'mix, knead 6, rest 60, ball, rest 10, roll, cook 60+60, finish',
    left: [],
  },
  {
    text: `Borek dough (yufka) for 3 sheets: 300g flour, 1 egg, 130 ml water, 1 tbsp vinegar, 2 tbsp oil, 1 tsp salt. Knead 10 mins until silky. Rest 1 hr min. Divide 3. Roll each 50 cm.
Filling: 500 g spinach (wilted, squeezed), 200 g feta, 2 eggs.
Spread filling along edge, roll up into a rope, coil into a snail. Brush with 30 g melted butter. Bake 190 C 35 min.`,
    dough: 'flour 100, egg 16.67, water 43.34, vinegar 5.03, oil 8.37, salt 2.03',
    outside: 'spinach 166.67 fill, feta 66.67 fill, egg 33.33 fill, melted butter 10 finish',
    piece: '170.3 g, 50 cm',
    steps: 'mix, knead 10, rest 60, divide, roll, fill, coil, fill, cook 1260+840',
    left: [],
  },
  {
    text: `Lángos: flour 500g, milk 300ml lukewarm, yeast 25g fresh, salt 2tsp, sugar 1tsp, oil for deep frying. Yeast+sugar+milk 10 mins. Add the rest, knead to a soft dough. Rise 1 hr. Oiled table, 8 pcs, rest 20. Stretch by hand 18cm, thinner in the middle. Fry 180°C 1.5min/side. Garlic water, sour cream, grated cheese on top.`,
    dough: 'flour 100, milk 61.8, fresh yeast 5, salt 2.43, sugar 0.83',
    outside: 'oil 2 griddle, garlic 2 finish, sour cream 2 finish, grated cheese 2 finish',
    piece: '103.2 g, 18 cm',
    steps: 'mix, bloom 10, mix, knead 8, proof 60, divide, rest 20, shape, cook 90+90, finish',
    left: [],
  },
  {
    text: `Corn arepas with cheese IN the dough: 250g masarepa, 300ml warm water, 120g grated mozzarella, 20g soft butter, 3/4 tsp salt. Mix & knead 3min, rest 5. 6 patties 10cm x 1cm. Buttered griddle, med-low, 5min a side.`,
    dough: 'masarepa 100, warm water 120.01, grated mozzarella 48, soft butter 8, salt 1.83',
    outside: 'butter, for the griddle 2 griddle',
    piece: '112.4 g, 10 cm',
    steps: 'mix, knead 3, rest 5, divide, shape, cook 300+300',
    left: ['6 patties 10 cm x 1 cm.'],
  },
  {
    text: `Easy Flour Tortillas
By: the Thursday group · Prep: 15 mins · Cook: 20 mins · Yield: 10

250 g plain flour (plus a bit for dusting)
3 g salt
5 g baking powder
50 g vegetable shortening, cubed
150 ml warm water

1) Rub the fat into flour, salt & baking powder until it resembles breadcrumbs.
2) Gradually add the water. Form a soft dough; knead 2 mins.
3) Cover; rest 20–30 mins (don't skip this).
4) Shape into 10 balls (about 45 g), keep covered.
5) Roll each to approx. 20 cm.
6) Dry pan on med–high: 30 secs, bubbles? flip, 20–30 secs.
7) Keep in a tea towel-lined dish.

Notes: they freeze well. For corn tortillas use masa instead.`,
    dough: 'plain flour 100, salt 1.2, baking powder 2, vegetable shortening 20, warm water 60',
    outside: 'plain flour, for dusting 5 dust',
    piece: '45 g, 20 cm',
    steps: 'mix, mix, knead 2, rest 25, ball, roll, cook 25+15, finish',
    left: [
      'By: the Thursday group · Prep: 15 mins · Cook: 20 mins · Yield: 10',
      'Notes: they freeze well. For corn tortillas use masa instead.',
    ],
  },
  {
    text: `Ingredients (g)      4 pax    8 pax    12 pax
Bread flour            320      640      960
Water                  208      416      624
Salt                     6       13       19
Yeast, dry               3        6        9
Olive oil               16       32       48

Knead 10 min, rise 60 min, 4/8/12 balls, rest 20 min, press to 20 cm, oven 250 °C 6 min.`,
    dough: 'bread flour 100, water 65, salt 1.88, yeast 0.94, olive oil 5',
    outside: '',
    piece: '134.2 g, 20 cm',
    steps: 'mix, knead 10, proof 60, ball, rest 20, shape, cook 216+144',
    left: [],
  },
  {
    text: `100 % wheat flour (T65), 68 % water, 2,2 % salt, 0,3 % fresh yeast, 2 % malt
Mix 4+2 min. Bulk 14–16 h at 18 °C, 1 fold after 30 min.
Scale 160 g. Flour, round loosely. Rest 30 min.
Dimple to 16 cm. Oil, rosemary, salt flakes.
270 °C, 8 min.`,
    dough: 'wheat flour T65 100, water 68, salt 2.2, fresh yeast 0.3, malt 2',
    outside: 'oil 2 finish, rosemary 2 finish, salt flake 2 finish',
    piece: '160 g, 16 cm',
    steps: 'mix, proof 30, fold, proof 870, divide, ball, rest 30, shape, fill, cook 288+192',
    left: [],
  },
  {
    text: `The dough for our rotis couldn't be simpler: to two mugs of chapati flour (280 g) add half a teaspoon of salt and, a little at a time, about three quarters of a mug of water (180 ml). Knead well for about five minutes; it should be soft but not sticky. Let it stand, covered with a wet cloth, for at least twenty minutes – an hour does no harm. Make eight balls. Roll each out to about 17 cm, dusting with flour. On the hot tawa give it 20 seconds, then flip and give it 40 seconds, then hold it over the flame with tongs until it blows up, about 5 seconds. Butter at once.`,
    dough: 'chapati flour 100, salt 1.09, water 64.29',
    outside: 'plain flour, for the bench 5 dust',
    piece: '56.2 g, 17 cm',
    steps: 'mix, knead 5, rest 30, ball, roll, cook 20+40+5',
    left: ['Butter at once.'],
  },
  {
    text: `<!DOCTYPE html><html><body><h1>Pizza-oven lavash</h1><table><tr><th>Ingredient</th><th>Weight</th><th>%</th></tr><tr><td>Bread flour</td><td>700&nbsp;g</td><td>100</td></tr><tr><td>Water</td><td>420&nbsp;g</td><td>60</td></tr><tr><td>Salt</td><td>14&nbsp;g</td><td>2</td></tr><tr><td>Sourdough starter, 100&#37; hydration</td><td>140&nbsp;g</td><td>20</td></tr></table><h2>Method</h2><p>Mix; autolyse 30 min. Knead 6 min. Bulk 5 h @ 24&deg;C. Divide into 12 &times; 105&nbsp;g. Ball &amp; rest 30 min. Roll to 35&times;25 cm, 2 mm. Sprinkle sesame. Bake 90 s @ 350&deg;C.</p></body></html>`,
    dough: 'bread flour 100, water 60, salt 2, sourdough starter 20',
    outside: 'sesame 2 finish',
    piece: '105 g, 35 cm',
    steps: 'mix, rest 30, knead 6, proof 300, divide, ball, rest 30, roll, fill, cook 54+36',
    left: ['Roll to 35 cm x 25 cm'],
  },
  {
    text: `{"@context":"https://schema.org","@type":"Recipe","name":"Cheese & herb bannock","recipeYield":["8 wedges"],"recipeIngredient":["225g/8oz self-raising flour","55g/2oz cold butter, cubed","85g/3oz mature cheddar, grated","1 tbsp chopped chives","150ml/5fl oz milk, plus extra for brushing","pinch of cayenne"],"recipeInstructions":["Preheat the oven to 200C/180C Fan/Gas 6.","Rub the butter into the flour, stir in the cheese, chives and cayenne.","Add the milk to make a soft dough. Pat into a 20cm/8in round on a floured tray. Mark into 8 wedges.","Brush with milk and bake for 20–25 minutes."]}`,
    dough:
      'plain flour 100, baking powder 5, cold butter 25.67, mature cheddar 39.67, chopped chives 1.89, milk 72.1, cayenne 1',
    outside: 'milk, for brushing 4 finish',
    piece: '63.8 g, 10 cm',
    steps: 'mix, mix, divide, shape, fill, cook 810+540',
    left: ['Mark into 8 wedges.'],
  },
  {
    text: `CHA PATIS
2oo g. atta flour
l/2 tsp. salt
12O ml. water

Mix, knead lO min., rest 3O min.
Make 8 balls, roll thin (l5 cm.)
Hot tawa l min. each side.`,
    dough: 'atta flour 100, salt 1.52, water 60',
    outside: '',
    piece: '39.2 g, 15 cm',
    steps: 'mix, knead 10, rest 30, ball, roll, cook 60+60',
    left: [],
  },
  {
    text: `By the jar (my jam jar = 1 part): 4 jars wholemeal, 1 jar bran, 2½ jars warm water, 1 tbsp salt, 2 tbsp yeast, ¼ jar oil
Stir, 10 min wait, knead 10, 1 h warm. 16 bits, rounds, 12 cm, 20 min, griddle 4 + 4 min.`,
    dough: 'wholemeal 88.28, bran 11.72, warm water 115.53, salt 2.11, yeast 2.18, oil 10.63',
    outside: '',
    piece: '77.5 g, 12 cm',
    steps: 'mix, rest 10, knead 10, proof 60, rest 20, divide, roll, cook 240+240',
    left: [],
  },
  {
    text: `Vegan naan (no dairy): 350 g bread flour, 4 g yeast, 6 g salt, 8 g sugar, 130 g soy yoghurt, 120 g water, 20 g oil. Mix 7 min. Bulk 1.5 h. 7 × 90 g. Balls, 20 min. Stretch to teardrops 22 × 14. Pan 250 °C with lid 90 s, without lid 60 s. Brush w/ vegan butter + garlic.`,
    dough: 'bread flour 100, yeast 1.14, salt 1.71, sugar 2.29, soy yoghurt 37.14, water 34.29, oil 5.71',
    outside: 'vegan butter, to finish 4 finish',
    piece: '90 g, 26.1 cm',
    steps: 'mix, proof 90, divide, ball, rest 20, shape, cook 54+36, finish',
    left: [],
  },
  {
    text: `Tunnbröd, soft (Jämtland)
5 dl milk, 50 g fresh yeast, 100 g butter, 1 dl syrup, 2 tsp salt, 1 tsp hartshorn salt, 4 dl rye flour, 9 dl wheat flour
Melt butter, add milk to 37 °C, dissolve yeast. Add the rest. Work 5 min. Prove 30 min. 20 pieces. Roll with the notched rolling pin, 30 cm. Bake in the oven/on the iron, 300 °C, 30–40 s per side.`,
    dough:
      'milk 81.66, fresh yeast 7.93, butter 15.86, syrup 22.52, salt 1.93, hartshorn salt 0.54, rye flour 27.61, wheat flour 72.39',
    outside: '',
    piece: '70.5 g, 30 cm',
    steps: 'prepare, mix, knead 5, proof 30, divide, roll, cook 35+35',
    left: [],
  },
  {
    text: `Fry bread (Diné style), 8: 3 c AP flour, 1 T baking powder, 1 t salt, 1¼ c warm water, 1 qt oil for frying. Mix, don't overwork. Rest 30-60 min. Pinch off 8, pat 7", poke hole. Fry 375 F till golden, ~2 min, flip, 1 min. Drain. Honey or taco stuff.`,
    dough: 'ap flour 100, baking powder 3.33, salt 1.67, warm water 82.15',
    outside: '',
    piece: '81.8 g, 17.8 cm',
    steps: 'mix, rest 45, divide, shape, cook 120+60',
    left: ['Drain.', 'Honey or taco stuff.', 'Fry bread (Diné style), 8:', ', 1 qt oil for frying.'],
  },
];
