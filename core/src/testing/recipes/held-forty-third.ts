import type { RecipeText } from './recipe-text.ts';

/** A forty-third lot whose expectation was written before the reader saw it: two texts of each common manner. */
export const FORTY_THIRD: readonly RecipeText[] = [
  {
    manner: 'a handout',
    text: `The Old Dairy · Flatbreads in a day
3. ONION SEED NAAN

Quantity: 8 naan

500 g plain flour
10 g onion seeds
8 g salt
12 g sugar
7 g easy-bake yeast
150 g natural yoghurt
170 g warm water
25 g vegetable oil

Method
1. Put all the ingredients into a bowl and mix until they come together.
2. Knead on the table for 8 minutes.
3. Place in an oiled bowl and prove for 75 minutes.
4. Divide into 8 (approx. 110 g) and round. Cover and rest for 10 minutes.
5. Roll or stretch to a teardrop shape, 20 cm long.
6. Cook on a very hot griddle: about 1 minute, turn, 45 seconds.
7. Brush with melted butter.

Allergens: wheat, milk.`,
    pct: {
      'plain flour': 100,
      'onion seeds': 2,
      salt: 1.6,
      sugar: 2.4,
      'easy-bake yeast': 1.4,
      'natural yoghurt': 30,
      'warm water': 34,
      'vegetable oil': 5,
    },
    kinds: 'mix knead proof divide ball rest roll cook finish',
    rests: [75, 10],
    cook: [60, 45],
    pieceG: 110,
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'a handout',
    text: `Student sheet — PHULKA

What you need at your place: bowl, pin, 120 g atta, 80 g water, a pinch of salt.

1. Mix the atta, salt and water with your fingers.
2. Knead for 5 minutes.
3. Rest for 20 minutes under your bowl.
4. Divide into 4 and make smooth balls.
5. Flour lightly and roll to 15 cm.
6. At the tawa: 20 seconds, turn, 30 seconds, then onto the flame for 10 seconds.
7. Smear with a little ghee (not if you avoid milk).`,
    pct: { atta: 100, water: 66.7 },
    kinds: 'mix knead rest divide ball roll cook finish',
    rests: [20],
    cook: [20, 30, 10],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'a table',
    text: `FLOUR TORTILLAS, 24

flour                     720 g
shortening                 86 g
baking powder               7 g
salt                       13 g
warm water                400 g

mix                        4 min
knead                      4 min
rest                      20 min
divide 24, ball            6 min
rest                      20 min
roll 18 cm
griddle            35 s + 25 s`,
    pct: { flour: 100, shortening: 11.9, 'baking powder': 1, salt: 1.8, 'warm water': 55.6 },
    kinds: 'mix knead rest divide ball rest roll cook',
    rests: [20, 20],
    cook: [35, 25],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a table',
    text: `| Dough | g | % |
|:--|--:|--:|
| Bread flour | 900 | 90 |
| Rye flour | 100 | 10 |
| Water | 660 | 66 |
| Levain | 200 | 20 |
| Salt | 21 | 2.1 |

Mix 6 min. Bulk 4 h. Divide 150 g. Round. Rest 45 min. Flatten to 20 cm. Griddle 2 min + 1 min 30 s.`,
    pct: { 'bread flour': 90, 'rye flour': 10, water: 66, levain: 20, salt: 2.1 },
    kinds: 'mix proof divide ball rest shape cook',
    rests: [240, 45],
    cook: [120, 90],
    pieceG: 150,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Flatbread, standard: 100 % flour, 62 % water, 2 % salt, 1 % yeast, 4 % oil. Method: mix 10 min, bulk 60 min, divide 120 g, ball, rest 15 min, roll 22 cm, griddle 1 min a side.`,
    pct: { flour: 100, water: 62, salt: 2, yeast: 1, oil: 4 },
    kinds: 'mix proof divide ball rest roll cook',
    rests: [60, 15],
    cook: [60, 60],
    pieceG: 120,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Semolina griddle bread
Fine semolina 100
Water 52
Olive oil 10
Salt 1.6
Baking powder 1.5

Rub the oil into the semolina, salt and baking powder. Add the water; do not knead. Rest 10 min. Divide 140 g, pat to 15 cm. Griddle on low, 4 min a side.`,
    pct: { 'fine semolina': 100, water: 52, 'olive oil': 10, salt: 1.6, 'baking powder': 1.5 },
    kinds: 'mix mix rest divide shape cook',
    rests: [10],
    cook: [240, 240],
    pieceG: 140,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `I use 1 kg of strong flour for ten people. To it go 20 g of salt, 14 g of dried yeast and 50 g of olive oil, then 640 g of hand-warm water, and everybody kneads a share for ten minutes. The dough rises for one hour. Each person gets about 170 g, makes two balls of it, lets them rest for fifteen minutes and rolls them to 18 cm. On the griddle they get a minute on each side.`,
    pct: { 'strong flour': 100, salt: 2, 'dried yeast': 1.4, 'olive oil': 5, 'hand-warm water': 64 },
    kinds: 'mix knead proof ball rest roll cook',
    rests: [60, 15],
    cook: [60, 60],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `Courgette flatbreads: grate 200g courgette, salt it and squeeze it dry. Mix with 300g plain flour, 2 tsp baking powder, 1 tsp salt, 100g feta, 2 tbsp chopped mint and about 100ml milk. Knead briefly and rest for 15 minutes. Divide into 6, roll to 15cm on a floured surface and cook on an oiled griddle for 2-3 minutes each side.`,
    pct: { 'plain flour': 100, milk: 34.3 },
    kinds: 'prepare mix knead rest divide roll cook',
    rests: [15],
    cook: [150, 150],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['courgette', 'feta', 'mint'],
  },
  {
    manner: 'a web page',
    text: `<div class="recipe-card"><h2>Soft Flatbreads</h2><p>Total Time: 1 hour 40 minutes</p><p>Yield: 8 flatbreads</p><h3>Ingredients</h3><ul><li>3 cups (375 g) all-purpose flour</li><li>2 tsp instant yeast</li><li>1 1/2 tsp salt</li><li>1 cup (240 ml) warm water</li><li>2 tbsp olive oil</li><li>1 tbsp honey</li></ul><h3>Instructions</h3><ol><li>In a large bowl, stir together flour, yeast and salt. Add water, oil and honey and mix until combined.</li><li>Knead for 5-7 minutes until smooth.</li><li>Cover and let rise until doubled, about 1 hour.</li><li>Divide into 8 pieces and roll each into a ball. Let rest 10 minutes.</li><li>Roll each ball into a 7-inch round.</li><li>Cook in a hot skillet for 1 to 2 minutes per side.</li></ol><h3>Storage</h3><p>Keep in an airtight bag for up to 3 days.</p></div>`,
    pct: { 'all-purpose flour': 100, 'warm water': 64 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [60, 10],
    cook: [90, 90],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a web page',
    text: `<h1>Mchadi (corn griddle cakes)</h1><p>Makes 6</p><p>300g fine cornmeal<br>1/2 tsp salt<br>about 260ml hot water</p><p>Put the cornmeal and salt in a bowl. Gradually add the water and mix by hand until it holds together. Leave for 5 minutes. Shape into 6 ovals, 1.5cm thick. Cook on a lightly oiled griddle over medium heat for 6 minutes on each side. Serve hot with cheese.</p>`,
    pct: { 'fine cornmeal': 100, 'hot water': 86.7 },
    kinds: 'mix rest divide shape cook',
    rests: [5],
    cook: [360, 360],
  },
  {
    manner: 'structured data',
    text: `{"@context":"https://schema.org","@type":"Recipe","name":"Turkish bazlama","recipeYield":"4 breads","recipeIngredient":["400 g flour","150 g yogurt","120 g lukewarm water","4 g dried yeast","7 g salt","5 g sugar"],"recipeInstructions":[{"@type":"HowToStep","text":"Mix the yeast, sugar and water and leave for 10 minutes."},{"@type":"HowToStep","text":"Add the yogurt, flour and salt and knead for 8 minutes."},{"@type":"HowToStep","text":"Cover and prove for 1 hour."},{"@type":"HowToStep","text":"Divide into 4, shape into balls and flatten to 15 cm."},{"@type":"HowToStep","text":"Rest on a floured cloth for 20 minutes."},{"@type":"HowToStep","text":"Cook on a dry griddle over medium heat for 3 minutes per side."}]}`,
    pct: { flour: 100, yogurt: 37.5, 'lukewarm water': 30, 'dried yeast': 1, salt: 1.75, sugar: 1.25 },
    kinds: 'mix bloom mix knead proof divide ball shape rest cook',
    rests: [10, 60, 20],
    cook: [180, 180],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'structured data',
    text: `{"@context":"https://schema.org","@type":"Recipe","name":"Potato and chive flatbreads","recipeYield":"8","recipeIngredient":["300 g mashed potato","200 g plain flour","1 tsp baking powder","1 tsp salt","1 tbsp chopped chives","15 g butter, melted, to brush"],"recipeInstructions":[{"@type":"HowToStep","text":"Mix the mashed potato, flour, baking powder, salt and chives to a dough."},{"@type":"HowToStep","text":"Divide into 8 and roll out to 14 cm on a floured board."},{"@type":"HowToStep","text":"Cook on a hot griddle for 2 minutes each side, brushing with the butter."}]}`,
    pct: { 'mashed potato': 150, 'plain flour': 100 },
    kinds: 'mix divide roll cook',
    rests: [],
    cook: [120, 120],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['chives'],
  },
  {
    manner: 'a scan',
    text: `WHOLEMEAL GIRDLE BREAD

12 oz wholemeal flour     1 tsp bicarbonate of soda
4 oz plain flour          1 tsp salt
1 oz butter               ½ pint buttermilk

Rub the butter into the dry ingredients and mix to
a soft dough with the buttermilk. Knead lightly,
divide in two and roll each half to a round ½ inch
thick. Cut into quarters. Cook on a floured girdle
for 6 minutes on each side.`,
    pct: { 'wholemeal flour': 75, 'plain flour': 25, butter: 6.25 },
    kinds: 'mix mix knead divide roll divide cook',
    rests: [],
    cook: [360, 360],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'a scan',
    text: `Unleavened Bread - Class 4B

Flour ......... 200 g        Salt .......... 3 g
Water ......... 120 ml       Oil ........... 10 ml

1. Weigh everything. 2. Mix to a dough.
3. Knead 5 min. 4. Rest 15 min.
5. Divide into 4. 6. Roll to 15 cm.
7. Cook 45 s on each side.`,
    pct: { flour: 100, salt: 1.5, water: 60 },
    kinds: 'mix knead rest divide roll cook',
    rests: [15],
    cook: [45, 45],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `Take six hundred grams of flour, three hundred and seventy-eight grams of water, twelve grams of salt, nine grams of yeast and thirty grams of oil. Mix for four minutes and knead for eight. Let it rise for fifty minutes. Divide it into ten, round the pieces and rest them for fifteen minutes. Roll them out to twenty centimetres and bake them on the griddle for a minute and ten seconds on the first side and fifty seconds on the second.`,
    pct: { flour: 100, water: 63, salt: 2, yeast: 1.5, oil: 5 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [50, 15],
    cook: [70, 50],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `One pound of wholemeal flour, nine ounces of water, a teaspoon and a half of salt, an ounce of ghee. Rub in the ghee, add the water, knead for seven minutes and leave for half an hour. Sixteen balls. Roll to five inches. Griddle for twenty seconds, thirty seconds and ten seconds, turning each time.`,
    pct: { 'wholemeal flour': 100, water: 56.25, ghee: 6.25 },
    kinds: 'mix mix knead rest ball roll cook',
    rests: [30],
    cook: [20, 30, 10],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'parts by vessel',
    text: `Cup recipe for 8 naan
4 cups plain flour
1 cup yoghurt
3/4 cup warm milk
2 tsp yeast
2 tsp sugar
1 1/2 tsp salt
3 tbsp oil
Mix and knead for 8 minutes. Leave to rise for 1 hour. Divide into 8, ball, rest 10 minutes. Roll out. Cook on a hot griddle 1 minute each side.`,
    pct: { 'plain flour': 100 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [60, 10],
    cook: [60, 60],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'parts by vessel',
    text: `Three mugs of wholemeal flour, one and a quarter mugs of water, a teaspoon of salt, two tablespoons of oil. Stir, knead for five minutes, and rest under the mug for a quarter of an hour. Divide into twelve; roll; griddle for forty seconds on each side.`,
    pct: { 'wholemeal flour': 100 },
    kinds: 'mix knead rest divide roll cook',
    rests: [15],
    cook: [40, 40],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'decimal commas',
    text: `Griddle bread no. 9 (8 x 0,13 kg)
flour 0,620 kg
water 0,403 kg
salt 12,4 g
yeast 6,2 g
oil 18,6 g
Mix 8,5 min. Bulk 1,1 h. Divide 0,13 kg. Round. Rest 0,2 h. Roll 21,5 cm. Griddle 1,1 min, turn, 0,8 min.`,
    pct: { flour: 100, water: 65, salt: 2, yeast: 1, oil: 3 },
    kinds: 'mix proof divide ball rest roll cook',
    rests: [66, 12],
    cook: [66, 48],
    pieceG: 130,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'decimal commas',
    text: `Piadina, 10 pezzi: 1,0 kg flour; 0,16 kg lard; 0,48 l water; 20,0 g salt; 6,0 g baking soda. Mix and knead 7,5 min. Rest 0,75 h. Divide 10. Round. Rest 0,5 h. Roll 25 cm. Griddle 1,5 min + 1,25 min.`,
    pct: { flour: 100, lard: 16, water: 48, salt: 2, 'baking soda': 0.6 },
    kinds: 'mix knead rest divide ball rest roll cook',
    rests: [45, 30],
    cook: [90, 75],
    allergens: ['gluten', 'wheat'],
  },
];
