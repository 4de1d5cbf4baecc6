import type { RecipeText } from './recipe-text.ts';

/** A thirty-fifth lot whose expectation was written before the reader saw it: two texts of each common manner. */
export const THIRTY_FIFTH: readonly RecipeText[] = [
  {
    manner: 'a handout',
    text: `Griddled Garlic Breads (Tuesday group)

Makes 4 large breads

For the dough:
280g strong white bread flour
1 tsp dried active yeast
3/4 tsp salt
1/2 tsp sugar
180ml warm water
1 tbsp olive oil

For the garlic butter:
40g soft butter
2 cloves garlic, crushed
1 tbsp chopped parsley

1. Dissolve the sugar and yeast in the water and leave for 10 minutes until frothy.
2. Put the flour and salt into a bowl, add the yeast mixture and oil and mix to a dough.
3. Knead on a lightly floured surface for 8 minutes.
4. Cover and leave to rise for 1 hour.
5. Mix together the butter, garlic and parsley.
6. Divide the dough into 4 and roll into ovals about 20cm long.
7. Cook on a hot griddle for 2-3 minutes on each side.
8. Spread with the garlic butter and serve at once.`,
    pct: { 'strong white bread flour': 100, 'warm water': 64.3 },
    kinds: 'mix bloom mix knead proof prepare divide roll cook finish',
    rests: [10, 60],
    cook: [150, 150],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['garlic', 'parsley'],
  },
  {
    manner: 'a handout',
    text: `MODULE 2 / RECIPE 4
Product: Yufka sheets
Quantity: 15 pieces of 70 g, 35 cm

650 g flour (W 220)
365 g water
13 g salt
26 g sunflower oil

Method: all-in. Mix 6 min to a firm dough. Rest 30 min wrapped. Divide 70 g. Round. Rest 30 min. Roll with the long pin to 35 cm, 1 mm. Convex griddle (sac), 20 sec. per side. Stack, covered.

Storage: 2 days wrapped at room temperature.`,
    pct: { flour: 100, water: 56.2, salt: 2, 'sunflower oil': 4 },
    kinds: 'mix rest divide ball rest roll cook finish',
    rests: [30, 30],
    cook: [20, 20],
    pieceG: 70,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a table',
    text: `Ingredient            Batch A    Batch B
Bread flour           1000 g     2500 g
Water                  650 g     1625 g
Salt                    20 g       50 g
Yeast                    8 g       20 g

Steps
1 Mix 4 min
2 Knead 6 min
3 Proof 60 min
4 Divide 120 g
5 Ball
6 Rest 15 min
7 Roll 22 cm
8 Griddle 60 s + 45 s`,
    pct: { 'bread flour': 100, water: 65, salt: 2, yeast: 0.8 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [60, 15],
    cook: [60, 45],
    pieceG: 120,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a table',
    text: `<table border="1"><tr><td>Time</td><td>Task</td></tr><tr><td>10:00</td><td>Mix 500 g flour, 325 g water, 10 g salt and 5 g yeast (5 min)</td></tr><tr><td>10:05</td><td>Knead 8 min</td></tr><tr><td>10:15</td><td>Proof 1 h</td></tr><tr><td>11:15</td><td>Divide into 8, ball</td></tr><tr><td>11:20</td><td>Rest 15 min</td></tr><tr><td>11:35</td><td>Roll to 20 cm, griddle 1 min per side</td></tr></table>`,
    pct: { flour: 100, water: 65, salt: 2, yeast: 1 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [60, 15],
    cook: [60, 60],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Rustic griddle bread – formula
Strong white flour (75%), wholemeal flour (15%), rye flour (10%), water (70%), sea salt (2%), ripe levain (25%).
Autolyse flours and water for 1 hour. Mix in the levain and the salt, 5 minutes. Bulk for 3 hours, folding three times. Divide at 160 g, preshape, bench rest 30 minutes, press out to 20 cm, griddle 2½ minutes a side.`,
    pct: {
      'strong white flour': 75,
      'wholemeal flour': 15,
      'rye flour': 10,
      water: 70,
      'sea salt': 2,
      'ripe levain': 25,
    },
    kinds: 'mix rest mix proof divide ball rest shape cook',
    rests: [60, 180, 30],
    cook: [150, 150],
    pieceG: 160,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Gluten-free roti: rice flour 50 / sorghum flour 30 / tapioca starch 20 / boiling water 95 / salt 1.5 / oil 3
scald, stir, cover 10 min, knead warm 4 min, 45 g balls, roll between sheets 15 cm, tawa 30 s / 30 s / 20 s`,
    pct: { 'rice flour': 50, 'sorghum flour': 30, 'tapioca starch': 20, 'boiling water': 95, salt: 1.5, oil: 3 },
    kinds: 'mix rest knead ball roll cook',
    rests: [10],
    cook: [30, 30, 20],
    pieceG: 45,
    allergens: [],
  },
  {
    manner: 'one paragraph',
    text: `Put 500g plain white flour, 1 tsp fine salt and 1 tsp baking powder in a big bowl, make a well and add 150g plain yogurt, 1 egg, 2 tbsp oil and about 150ml warm milk. Bring together to a soft dough, knead lightly for 2-3 min, cover and leave to rest for 1 hr. Divide into 8, shape into rounds and leave for another 15 min. Roll each piece out to a teardrop 22cm long. Get a heavy pan smoking hot and cook the breads one at a time, 1 min 30 sec on the first side and 1 min on the other. Brush with melted butter.`,
    pct: { 'plain white flour': 100, 'plain yogurt': 30, egg: 10, 'warm milk': 31 },
    kinds: 'mix knead rest divide ball rest roll cook finish',
    rests: [60, 15],
    cook: [90, 60],
    allergens: ['egg', 'gluten', 'milk', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `My simplest class bread uses 1:0.6:0.02, so for 10 people I weigh 1 kg flour, 600 g water and 20 g salt; it is mixed for 3 minutes, rests 15, is kneaded 5, rests another 30, is scaled at 80 g, rounded, rested 15, rolled to 18 cm and griddled 40 seconds a side.`,
    pct: { flour: 100, water: 60, salt: 2 },
    kinds: 'mix rest knead rest divide ball rest roll cook',
    rests: [15, 30, 15],
    cook: [40, 40],
    pieceG: 80,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a web page',
    text: `<div class="recipe-wrap"><h2>Ingredients</h2><div class="group"><p class="group-title">Flatbreads</p><ul><li>250g/9oz strong white flour</li><li>1 tsp salt</li><li>7g sachet fast-action dried yeast</li><li>2 tsp caster sugar</li><li>1 tbsp olive oil</li><li>150ml/5fl oz warm water</li></ul></div><div class="group"><p class="group-title">To serve</p><ul><li>200g/7oz hummus</li><li>olive oil, to drizzle</li></ul></div><h2>Method</h2><ol><li>Place the flour, salt, yeast and sugar into a bowl. Mix in the oil and water to form a dough.</li><li>Knead for 10 minutes on a floured surface, then place in an oiled bowl, cover and leave for 1 hour, or until doubled.</li><li>Knock the dough back and divide into four. Roll each out to a 20cm/8in circle.</li><li>Heat a griddle until smoking. Cook the flatbreads for 2-3 minutes each side, until charred.</li><li>Serve with the hummus and a drizzle of oil.</li></ol></div>`,
    pct: { 'strong white flour': 100, 'warm water': 60 },
    kinds: 'mix knead proof knead divide roll cook',
    rests: [60],
    cook: [150, 150],
    allergens: ['gluten', 'sesame', 'wheat'],
    others: ['hummus'],
  },
  {
    manner: 'a web page',
    text: `<body><div class="header-ad">Buy our pans!</div><h1>Sweet Potato Rotis</h1><p>Author: A. Cook</p><ul><li>Serves: <b>8</b></li><li>Total Time: <b>1 hour</b></li></ul><h4>INGREDIENTS</h4><p>200 g sweet potato, cooked and mashed</p><p>250 g whole wheat flour</p><p>½ tsp salt</p><p>½ tsp ground cumin</p><p>40 ml water, as needed</p><h4>DIRECTIONS</h4><p>Mash the sweet potato. Mix in flour, salt and cumin, then add water a little at a time until you have a soft dough. Knead for 4 minutes.</p><p>Rest 20 minutes.</p><p>Divide into 8, form balls, roll out to 15 cm with plenty of flour.</p><p>Cook 1 minute on each side on a hot griddle, then 30 seconds more on the first side, pressing gently.</p><h4>NUTRITION</h4><p>Calories 150, Carbs 30 g, Protein 5 g</p></body>`,
    pct: { 'sweet potato': 80, 'whole wheat flour': 100, water: 16 },
    // mashing is of the mixing: written as a job of its own
    kinds: 'mix knead rest divide ball roll cook',
    rests: [20],
    cook: [60, 60, 30],
    allergens: ['gluten', 'wheat'],
    others: ['sweet potato', 'cumin'],
  },
  {
    manner: 'structured data',
    text: `{"@context":"https://schema.org","@type":"Recipe","name":"Easy Pita Bread","recipeYield":"8 pitas","recipeIngredient":["1 cup / 240ml warm water","2 teaspoons active dry yeast","1 teaspoon sugar","3 cups / 375g bread flour","1 1/4 teaspoons salt","1 tablespoon olive oil"],"recipeInstructions":[{"@type":"HowToStep","text":"Stir the yeast and sugar into the warm water and let it sit for 5 minutes, until foamy."},{"@type":"HowToStep","text":"Add the flour, salt and oil; mix until a shaggy dough forms."},{"@type":"HowToStep","text":"Knead for 8 minutes. Place in a greased bowl, cover and let rise for 1 to 1.5 hours."},{"@type":"HowToStep","text":"Divide into 8 equal pieces, shape each into a ball, cover and let rest 10 minutes."},{"@type":"HowToStep","text":"Roll each ball to 1/4 inch thick."},{"@type":"HowToStep","text":"Cook in a preheated cast iron pan over medium-high: 30 seconds, flip, 1 minute, flip, 1 minute until puffed."}]}`,
    pct: { 'warm water': 64, 'bread flour': 100 },
    kinds: 'mix bloom mix knead proof divide ball rest roll cook',
    rests: [5, 75, 10],
    cook: [30, 60, 60],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'structured data',
    text: `{"@context":"https://schema.org","@type":"Recipe","name":"Thick Griddle Pide","recipeYield":"2 large","recipeIngredient":["500 g bread flour","340 g water","9 g salt","6 g instant yeast","15 g olive oil","10 g sesame seeds","5 g nigella seeds"],"recipeInstructions":[{"@type":"HowToSection","name":"Mixing","itemListElement":[{"@type":"HowToStep","text":"Mix all but the seeds for 4 minutes on low speed and 6 minutes on medium speed."}]},{"@type":"HowToSection","name":"Fermentation","itemListElement":[{"@type":"HowToStep","text":"Let rise for 75 minutes."}]},{"@type":"HowToSection","name":"Make-up","itemListElement":[{"@type":"HowToStep","text":"Divide in two, round, rest 15 minutes."},{"@type":"HowToStep","text":"Press out to 24 cm, sprinkle with the seeds, final rise 30 minutes."}]},{"@type":"HowToSection","name":"Cooking","itemListElement":[{"@type":"HowToStep","text":"Griddle with a lid over low heat for 7 minutes, turn, 5 minutes."}]}]}`,
    pct: { 'bread flour': 100, water: 68, salt: 1.8, 'instant yeast': 1.2, 'olive oil': 3 },
    kinds: 'mix proof divide ball rest shape fill proof cook',
    rests: [75, 15, 30],
    cook: [420, 300],
    allergens: ['gluten', 'sesame', 'wheat'],
    others: ['sesame', 'nigella'],
  },
  {
    manner: 'a scan',
    text: `OATCAKES (Highland)                       Makes 8

8 oz. medium oatmeal      ½ tsp. salt
¼ tsp. bicarb. soda       1 tbsp. melted dripping
¼ pt. hot water (scant)

Mix dry ingredients. Add fat and enough hot
water to bind. Turn on to a board dusted with
oatmeal, knead quickly, roll to ¼ in., cut in 8
farls. Bake on a hot girdle till edges curl,
about 8 mins. Toast the tops under the grill, 2
mins.`,
    pct: { 'medium oatmeal': 100 },
    kinds: 'mix knead roll divide cook',
    rests: [],
    cook: [480, 120],
    allergens: ['gluten'],
  },
  {
    manner: 'a scan',
    text: `Recipe 9             ROTI            6 portions

             Metric          Method
Flour, atta  300 g           1. Sieve flour and salt.
Salt         5 g             2. Add water, knead 8 min.
Water        195 ml          3. Rest 30 min.
Ghee         20 g            4. Divide into 6, roll 18 cm.
                             5. Griddle 30 s each side.
                             6. Brush with ghee.`,
    pct: { salt: 1.7, water: 65 },
    kinds: 'mix knead rest divide roll cook finish',
    rests: [30],
    cook: [30, 30],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `Five parts flour to three parts water, by weight, and two per cent of salt: for us tonight that is one and a half kilos of flour, nine hundred grams of water and thirty grams of salt. Knead ten minutes. Rest forty minutes. Thirty balls of eighty grams. Rest ten minutes. Roll out to eighteen centimetres and cook forty seconds a side.`,
    pct: { flour: 100, water: 60, salt: 2 },
    kinds: 'mix knead rest ball rest roll cook',
    rests: [40, 10],
    cook: [40, 40],
    pieceG: 80,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `You will want a pound and a half of flour, a pint of buttermilk less a splash, a teaspoon and a half of soda, and two teaspoons of salt. Mix with a light hand. Pat to an inch and cut into eight. Cook on a low griddle for ten minutes, turn, and ten minutes more.`,
    pct: { flour: 100 },
    kinds: 'mix shape divide cook',
    rests: [],
    cook: [600, 600],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'parts by vessel',
    text: `2 mugs of self-raising flour, 1 mug of yoghurt, half a teaspoon of salt, a glug of oil. Mix, knead for a minute, rest for ten. Break into 6, flatten with your hands. Dry frying pan, three minutes a side.`,
    pct: { 'plain flour': 100 },
    kinds: 'mix knead rest divide shape cook',
    rests: [10],
    cook: [180, 180],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'parts by vessel',
    text: `Idli-glass measure! 3 glasses jowar flour, 2 1/4 glasses boiling water, 1/2 tsp salt. Pour the boiling water over the flour and salt, stir, cover 10 minutes. Knead while hot, 5 minutes. Make 10 balls. Pat each out by hand to 16 cm. Tawa: wet the top, 1 minute, turn, 1 minute, flame 10 seconds.`,
    pct: { 'jowar flour': 100 },
    kinds: 'mix rest knead ball shape cook',
    rests: [10],
    cook: [60, 60, 10],
    allergens: [],
  },
  {
    manner: 'decimal commas',
    text: `Bannock 2,0 kg / 16 pcs.
Barley flour 0,75 kg; wheat flour 0,50 kg; baking powder 0,04 kg; salt 0,02 kg; butter 0,10 kg; milk 0,65 l.
Rub in the butter. Add the milk, mix 1,5 min. Divide 0,125 kg, round, flatten 10 cm. Griddle 5,5 min + 4,5 min, low.`,
    pct: { 'barley flour': 60, 'wheat flour': 40, 'baking powder': 3.2, salt: 1.6, butter: 8 },
    kinds: 'mix mix divide ball shape cook',
    rests: [],
    cook: [330, 270],
    pieceG: 125,
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'decimal commas',
    text: `Teig für 10 Wraps (flour 0,6 kg, water 0,33 kg, oil 0,045 kg, salt 0,012 kg). Mix/knead 7,0 min. Rest 0,5 h. 10 x 98 g, ball, rest 0,25 h. Roll 26 cm. Griddle 0,6 min, turn, 0,4 min. Stack in a cloth.`,
    pct: { flour: 100, water: 55, oil: 7.5, salt: 2 },
    kinds: 'mix knead rest divide ball rest roll cook finish',
    rests: [30, 15],
    cook: [36, 24],
    pieceG: 98,
    allergens: ['gluten', 'wheat'],
  },
];
