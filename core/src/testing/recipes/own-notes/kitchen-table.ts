import type { OwnNote } from '../reading.ts';

/** Plain handouts as they lie on a kitchen table. All people, places and formulas are invented. */
export const KITCHEN_TABLE: readonly OwnNote[] = [
  {
    text: `Garlic coriander naan
Makes 8 | Difficulty: easy | Hands-on 30 min, resting 1 hr 20 min

For the dough
450g strong white bread flour, plus extra for dusting
7g sachet fast-action dried yeast
1 tsp caster sugar
1½ tsp fine salt
150ml warm milk
125g natural yogurt
2 tbsp sunflower oil

For the garlic butter
60g butter
3 garlic cloves, crushed
small bunch coriander, chopped

1. Put the flour, yeast, sugar and salt in a large bowl. Make a well and pour in the milk, yogurt and oil. Bring together to a soft dough.
2. Tip on to a lightly floured surface and knead for 8-10 mins until smooth and elastic. Return to an oiled bowl, cover and leave for 1 hr or until doubled in size.
3. Meanwhile melt the butter with the garlic over a low heat and stir in the coriander. Set aside.
4. Knock back the dough, divide into 8 and shape into balls. Cover and leave to rest for 20 mins.
5. Heat a large heavy frying pan until very hot. Roll a ball into a teardrop, about 5mm thick.
6. Cook for 2 mins until bubbles appear, then flip and cook for a further 1-2 mins. Brush with garlic butter and keep warm in foil while you cook the rest.`,
    dough:
      'strong white bread flour 100, fast-action dried yeast 1.56, caster sugar 0.92, fine salt 2.03, warm milk 34.33, natural yogurt 27.78, sunflower oil 5.58',
    outside:
      'strong white bread flour, for dusting 5 dust, butter 7.5 finish, garlic cloves 1.5 finish, coriander 4 finish',
    piece: '94 g, 20.6 cm',
    steps: 'mix, knead 9, proof 60, prepare, knead 1, divide, ball, rest 20, roll, cook 120+90, finish',
    left: [],
  },
  {
    text: `PIADINA – Saturday group
12 people, one each (12 x 150 g)

Flour 00            1000 g   100%
Lard                 150 g    15%
Milk                 250 g    25%
Water                300 g    30%
Salt                  20 g     2%
Bicarbonate of soda    5 g   0.5%
TOTAL               1725 g

9:30  Welcome, aprons, hands
9:45  Mix: rub the lard into the flour, add the rest, knead 5 minutes
10:00 Rest covered 30 minutes
10:30 Divide 12, ball, rest 15 minutes
10:45 Roll to 25 cm, 3 mm
11:00 Cook on the testo, 2 minutes a side, prick with a fork
11:30 Eat: squacquerone, rocket, ham`,
    dough: 'flour 00 100, lard 15, milk 25, water 30, salt 2, bicarbonate of soda 0.5',
    outside: '',
    piece: '139.6 g, 25 cm',
    steps: 'mix, mix, knead 5, rest 30, divide, ball, rest 15, roll, cook 120+120',
    left: ['12 people, one each (12 x 150 g)', 'Welcome, aprons, hands'],
  },
  {
    text: `Hi Maren,

here is the roti I promised. I never weigh but last Sunday I did for you: 400 g of atta, 250 g water, a teaspoon of salt and a tablespoon of oil. I mix it in the steel bowl, knead it maybe six or seven minutes, and then it has to sit for half an hour under a damp cloth. That is the important bit. Then I pinch off twelve balls, roll them as thin as I can, about 18 cm, and they go on the hot tawa: thirty seconds, turn, a minute on the second side, turn again and press with a cloth till it puffs, ten seconds or so. A bit of ghee on top and into the basket.

Don't skip the rest!

Love, Anouk`,
    dough: 'atta 100, water 62.5, salt 1.52, oil 3.14',
    outside: 'ghee 1.25 finish',
    piece: '54.1 g, 18 cm',
    steps: 'mix, knead 6.5, rest 30, ball, roll, cook 30+60+10, finish',
    left: ["Don't skip the rest!", 'Love, Anouk', 'here is the roti I promised.', 'That is the important bit.'],
  },
  {
    text: `# Sourdough flatbread (class of 10)

| Ingredient | Baker's % | 10 breads |
|---|---|---|
| Bread flour | 80 | 640 g |
| Whole wheat | 20 | 160 g |
| Water | 65 | 520 g |
| Ripe starter (100 % hydration) | 25 | 200 g |
| Olive oil | 5 | 40 g |
| Salt | 2 | 16 g |

**Method**

- Mix flour, water and starter, rest 30 min (autolyse)
- Add salt and oil, knead 6 min
- Bulk proof 3–4 h at 24 °C with 2 folds in the first hour
- Divide into 10 pieces of about 155 g, round, rest 30 min
- Stretch to 20 cm
- Griddle at 250 °C: 90 seconds first side, 60 seconds second side
- Wrap in a cloth`,
    dough: 'bread flour 80, whole wheat 20, water 65, ripe starter 25, olive oil 5, salt 2',
    outside: '',
    piece: '155 g, 20 cm',
    steps:
      'mix, rest 30, knead 6, proof 30, fold, proof 30, fold, proof 150, divide, ball, rest 30, shape, cook 90+60, finish',
    left: [],
  },
  {
    text: `Lefse handout

You need
 - 1 kg floury potatoes
 - 60 g butter
 - 1 dl cream
 - 2 tsp salt
 - 350 g plain flour (plus more for rolling)

The day before: boil the potatoes in their skins, peel and rice them while hot. Beat in butter, cream and salt. Leave to cool, then cover and put in the fridge overnight.

In class: knead the flour into the cold potato, just until it holds. Do not overwork. Shape a log and cut 16 pieces. Roll out very thin with the grooved pin, about 30 cm across. Bake on a dry griddle at 230 °C for about 1 minute per side, until brown freckles appear. Fold in quarters and stack between towels.`,
    dough: 'floury potatoes 285.71, butter 17.14, cream 28.57, salt 3.48, plain flour 100',
    outside: 'plain flour, for rolling 5 dust',
    piece: '92.4 g, 30 cm',
    steps: 'prepare, mix, chill 600, knead 8, divide, roll, cook 60+60, finish',
    left: [],
  },
  {
    text: `Corn tortillas

Makes about 16

2 cups masa harina
1 1/2 cups warm water, more as needed
1/2 teaspoon salt

In a bowl combine masa harina and salt. Add the water and mix with your hand until it comes together; knead 2 minutes. It should feel like soft clay. Cover with a damp towel and let stand 15 minutes.

Divide into 16 pieces and roll into balls (about 1 1/4 inches). Press each in a tortilla press between two sheets of plastic to a 6-inch round.

Heat a comal over medium-high. Cook 45 seconds, flip, cook 1 minute, flip again and cook 15 to 30 seconds until it puffs. Keep in a cloth-lined basket.`,
    dough: 'masa harina 100, warm water 152.97, salt 1.29',
    outside: '',
    piece: '35.8 g, 15.2 cm',
    steps: 'mix, knead 2, rest 15, divide, ball, shape, cook 45+60+23, finish',
    left: ['Heat a comal over medium-high.'],
  },
  {
    text: `FOCACCIA-STYLE PAN FLATBREAD, NO OVEN
Dough for 6
• Flour (type 0) 500g
• Water 375g (75%)
• Fresh yeast 8g
• Salt 11g
• Extra virgin olive oil 30g + more for the pan

Steps
(1) Dissolve yeast in water. Add flour, mix 2 min. Wait 20 min.
(2) Salt + oil in, mix until absorbed (3 min).
(3) Fold every 20 min, 3 times.
(4) Leave 40 min more.
(5) Split in 6 (~150g each). Relax 15 min under a bowl.
(6) Oil your pan. Press the dough out with fingertips to 16 cm. Lid on, medium-low, 5 min; turn; 4 min, no lid.
Allergens: wheat`,
    dough: 'flour type 0 100, water 75, fresh yeast 1.6, salt 2.2, extra virgin olive oil 6',
    outside: 'extra virgin olive oil, for the pan 2 griddle',
    piece: '150 g, 16 cm',
    steps:
      'mix, rest 20, mix, proof 20, fold, proof 20, fold, proof 20, fold, proof 40, divide, rest 15, shape, cook 300+240',
    left: ['Allergens: wheat'],
  },
  {
    text: `Msemen
ingredients: 250g fine semolina, 250g plain flour, 1 tsp salt, 1 tsp sugar, 1/2 tsp dried yeast, about 320ml lukewarm water. To fold: 80g soft butter, 60ml oil, 50g fine semolina.
Combine the dry ingredients and work in the water. Knead ten minutes by hand until very smooth. Divide into 10, oil the balls, cover, and leave 20 minutes. On an oiled surface spread one ball out as thin as paper, dot with butter, sprinkle with semolina, fold into thirds and thirds again to a square. Leave the squares 10 minutes. Flatten each to about 15 cm and fry in a dry pan on medium heat 3 minutes a side, turning a few times. Serve with honey.`,
    dough: 'fine semolina 50, plain flour 50, salt 1.22, sugar 0.83, dried yeast 0.31, lukewarm water 64',
    outside: 'soft butter 8 layer, oil 5.52 layer, fine semolina 5 layer',
    piece: '80.8 g, 15 cm',
    steps: 'mix, knead 10, divide, rest 20, shape, fill, shape, rest 10, shape, cook 90+90+90+90',
    left: [],
  },
  {
    text: `Injera-style teff pancakes (gluten free)

teff flour 300 g
water 450 g + 150 g on day 2
salt 3 g

Day 1, evening: whisk teff flour with 450 g of water, cover with a cloth and leave 12 hours at room temperature.
Day 2: pour off the dark water that stands on top, stir in 150 g water and the salt. Rest 30 min.
Pour a ladle (90 ml) on a hot non-stick pan in a spiral. When holes appear, put the lid on and steam 2 min. Do not flip. Slide on to a cloth to cool.
Enough for 9.`,
    dough: 'teff flour 100, water 200, salt 1',
    outside: '',
    piece: '90 g, 18.2 cm',
    steps: 'mix, rest 720, mix, rest 30, divide, shape, cook 120, finish',
    left: ['evening: whisk teff flour with 450 g of water', 'stir in 150 g water and the salt.', 'on day 2'],
  },
  {
    text: `Lavash crackers with seeds.
200 g flour, 100 g wholemeal, 180 ml water, 2 tbsp olive oil, 1 tsp salt. Topping: 2 tbsp sesame, 1 tbsp nigella, flaky salt.
Mix, knead 5 min, rest 1 h. Cut in 4. Roll each as thin as possible (1-2 mm) on baking paper. Brush with water, scatter seeds. Bake 200°C 10-12 min till golden. Cool on a rack and break into shards.`,
    dough: 'flour 66.67, wholemeal 33.33, water 60, olive oil 8.37, salt 2.03',
    outside: 'sesame 4.5 finish, nigella 1.74 finish, flaky salt 4 finish',
    piece: '124.1 g, 30.3 cm',
    steps: 'mix, knead 5, rest 60, divide, roll, fill, cook 396+264',
    left: ['Cool on a rack and break into shards.'],
  },
  {
    text: `Spinach & feta gözleme – 8 pcs

DOUGH
500 g flour
300 g water, lukewarm
10 g salt
20 g olive oil

FILLING
400 g spinach
200 g feta
1 onion
pepper

1 Mix dough 3 min, knead 8 min. Rest 45 min.
2 Filling: chop onion and spinach, salt lightly, squeeze out after 10 min, crumble in the feta.
3 Divide 8 × 100 g. Ball. Rest 15 min.
4 Roll out to 30 cm.
5 Filling on one half (75 g each), fold over, press the edges.
6 Griddle medium 3 min + 2 min, brush with butter.`,
    dough: 'flour 100, water 60, salt 2, olive oil 4',
    outside: 'spinach 50 fill, feta 25 fill, onion 13.75 fill, pepper 3 fill, butter, to finish 4 finish',
    piece: '100 g, 30 cm',
    steps: 'mix, knead 8, rest 45, prepare, divide, ball, rest 15, roll, fill, shape, cook 180+120, finish',
    left: [],
  },
  {
    text: `Chapati for the youth club (20 kids, 2 each)

1.2 kg wholemeal chapati flour
750 ml water
25 g salt
50 ml oil

Everyone mixes their own: 120 g flour, 75 ml water, 2.5 g salt, 5 ml oil in a bowl (two kids share one). Knead for five minutes. Let it rest 20 minutes while we play. Every kid makes 2 balls, rolls them to a plate size (15 cm). Fry on the dry pan one minute each side. Butter for those who want.`,
    dough: 'wholemeal chapati flour 100, water 62.5, salt 2.08, oil 3.83',
    outside: '',
    piece: '49.1 g, 15 cm',
    steps: 'mix, knead 5, rest 20, ball, roll, cook 60+60',
    left: [
      'Butter for those who want.',
      'Everyone mix their own: 120 g flour',
      '75 ml water',
      '2.5 g salt',
      '5 ml oil in a bowl (2 kids share 1).',
    ],
  },
  {
    text: `Bazlama

3 ½ cups (440 g) all-purpose flour
1 cup (240 ml) warm water
½ cup (125 g) plain yogurt
2 ¼ tsp (7 g) instant yeast
2 tsp (8 g) sugar
1 ½ tsp (9 g) salt
2 Tbsp (28 g) butter, melted, to brush

Mix water, yogurt, yeast and sugar; let stand 5 minutes. Add the flour and salt and knead by machine for 6 minutes on low. The dough stays a little sticky. Let rise, covered, for 1½ hours. Turn out, divide in six, shape into balls and rest 15 minutes. Pat each into a ¾-inch-thick (2 cm) round, about 7 inches (18 cm) wide. Let them rise again on floured parchment, 20 minutes. Cook in a cast iron pan over medium heat, 3–4 minutes per side. Brush with melted butter while hot.`,
    dough: 'all-purpose flour 100, warm water 54.55, plain yogurt 28.41, instant yeast 1.59, sugar 1.82, salt 2.05',
    outside: 'butter 4.67 finish',
    piece: '134.1 g, 18 cm',
    steps: 'mix, bloom 5, mix, knead 6, proof 90, divide, ball, rest 15, shape, proof 20, cook 210+210, finish',
    left: [],
  },
  {
    text: `Recipe: Paratha, layered
Yield: 6 pieces, 18 cm
Time: 1 h 15 min

Ingredient       Grams
atta             300
water            190
salt             5
ghee (dough)     15
ghee (layers)    45

Procedure
1. Mix atta, salt and 15 g ghee; add water; knead 6 min.
2. Rest 30 min, covered.
3. Scale 6 × 85 g, round.
4. Roll to 20 cm, spread with ghee, dust with flour, roll up into a rope and coil.
5. Rest coils 10 min.
6. Roll to 18 cm.
7. Tawa, medium-high: 1 min; flip, ghee; 1 min; flip, ghee; 30 s.
8. Crush lightly between the hands; keep in a cloth.`,
    dough: 'atta 100, water 63.33, salt 1.67, ghee 5',
    outside: 'ghee 7.5 layer, plain flour, for the bench 5 dust, ghee, for the griddle 2 griddle',
    piece: '85 g, 18 cm',
    steps: 'mix, knead 6, rest 30, divide, ball, roll, fill, coil, rest 10, roll, cook 60+60+30, finish, finish',
    left: ['Time: 75 min', 'salt and 15 g ghee', 'Roll to 20 cm'],
  },
  {
    text: `Oatcakes, Staffordshire kind

Makes about 10 pancakes: 225 g fine oatmeal, 225 g wholewheat flour (or half white), 1 tsp salt, 10 g fresh yeast, 450 ml warm water and 450 ml warm milk, 1 tsp sugar.

Stir yeast with sugar and a little of the warm liquid and leave until frothy, 10 minutes. Mix oatmeal, flour and salt, pour in the yeast and the remaining liquid and whisk to a smooth batter. Cover with a clean cloth and leave in a warm place for 1 hour. Grease a griddle well, pour on a ladleful of batter, tilt to spread, about 20 cm. Cook 2-3 minutes until the top is dry and the base brown; turn and give it 2 minutes more. Keep warm on a plate over a pan of hot water. They freeze well.`,
    dough:
      'fine oatmeal 50, wholewheat flour 50, salt 1.35, fresh yeast 2.22, warm water 100, warm milk 103, sugar 0.92',
    outside: 'oil, for the griddle 2 griddle',
    piece: '79 g, 20 cm',
    steps: 'mix, bloom 10, mix, proof 60, divide, shape, cook 150+120, finish',
    left: [],
  },
  {
    text: `Turkish yufka (for 4 people)

Ingredients
350 g plain flour
210 ml water
1 level tsp salt
cornflour for rolling

Method
Combine flour and salt, add the water gradually and knead for 10 minutes. Wrap and rest for 30 minutes at room temperature. Cut into 8 pieces, shape into balls and rest another 15 minutes under a cloth. Roll out with an oklava to about 35 cm, dusting with cornflour. Cook on a hot sac for 40 seconds on each side; it should stay pliable. Stack and sprinkle with a little water.`,
    dough: 'plain flour 100, water 60, salt 1.74',
    outside: 'cornflour 5 dust',
    piece: '68.7 g, 35 cm',
    steps: 'mix, knead 10, rest 30, divide, ball, rest 15, roll, cook 40+40, finish',
    left: [],
  },
  {
    text: `Scallion pancakes
Serves 4 (makes 4 pancakes)

Dough:
2 cups all-purpose flour (250 g)
¾ cup boiling water (180 ml)
1/4 cup cold water (as needed)
½ tsp salt

Filling:
3 tbsp sesame oil
6 scallions, thinly sliced
1 tsp salt

Dipping sauce: 2 tbsp soy sauce, 1 tbsp rice vinegar, 1 tsp sugar

1. Stir boiling water into the flour and salt with chopsticks, add cold water a little at a time until it comes together. Knead 5 min. Rest 30 min covered.
2. Cut into 4. Roll each into a 20 cm circle, brush with sesame oil, scatter scallions and salt. Roll up like a cigar, coil into a snail and tuck the end under. Rest 10 minutes.
3. Roll out again to 18 cm.
4. Pan-fry in 1 tbsp oil over medium heat, 3 min per side, until golden.
5. Cut in wedges and serve with the dip.`,
    dough: 'all-purpose flour 100, boiling water 72, cold water 25, salt 1.22',
    outside:
      'sesame oil 9.42 fill, scallions 22.5 fill, salt 1.52 fill, soy sauce 8.88 serve, rice vinegar 3.77 serve, sugar 1.04 serve',
    piece: '120.3 g, 18 cm',
    steps: 'mix, knead 5, rest 30, divide, roll, fill, coil, rest 10, roll, cook 180+180',
    left: ['Roll each into a 20 cm circle', 'Pan-fry in 1 tbsp oil over medium heat'],
  },
  {
    text: `Grandma's potato farls

2 lb potatoes
8 oz flour
2 oz butter
1 teaspoon salt

Boil the potatoes until tender, drain well and mash with the butter and the salt. Work in enough flour to make a pliable dough. Divide in two and roll each half into a circle about ½ inch thick. Cut each into quarters. Cook on a hot dry griddle for about 5 minutes on each side until well browned. Eat at once with butter, or fry in bacon fat the next morning.`,
    dough: 'potatoes 400, flour 100, butter 25, salt 2.65',
    outside: 'butter, for the griddle 2 griddle',
    piece: '145.2 g, 11.3 cm',
    steps: 'prepare, mix, divide, roll, divide, cook 300+300',
    left: [],
  },
];
