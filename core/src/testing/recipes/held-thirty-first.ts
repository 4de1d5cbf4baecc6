import type { RecipeText } from './recipe-text.ts';

/** A thirty-first lot whose expectation was written before the reader saw it: two texts of each common manner. */
export const THIRTY_FIRST: readonly RecipeText[] = [
  {
    manner: 'a handout',
    text: `Millie's Bread School
Sheet 5: Wholemeal pitta pockets

Makes 8 pockets

250 g wholemeal bread flour
250 g strong white bread flour
7 g fast-action yeast (1 sachet)
10 g fine sea salt
1 teaspoon clear honey
325 ml tepid water
1 tablespoon olive oil

Mixing. Put both flours in a large bowl, add yeast to one side and salt to the other. Stir the honey into the water, pour in, add the oil and bring together.
Kneading. 10 minutes on a lightly oiled surface.
First rise. Cover and leave for about 1 hour 15 minutes.
Shaping. Divide into 8 (105 g each). Roll into balls, rest 5 minutes, then roll into ovals 5 mm thick.
Second rise. 15 minutes on a floured cloth.
Cooking. Heat the griddle until really hot. Cook for 2 minutes, turn and cook for a further 2 minutes.
Cooling. Wrap in a tea towel.`,
    pct: {
      'wholemeal bread flour': 50,
      'strong white bread flour': 50,
      'fast-action yeast': 1.4,
      'fine sea salt': 2,
      'tepid water': 65,
    },
    kinds: 'mix knead proof divide ball rest roll proof cook finish',
    rests: [75, 5, 15],
    cook: [120, 120],
    pieceG: 105,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a handout',
    text: `CLASS RECIPE: yeast-free oat & yoghurt flatbread (GF oats!)

You need (2 people, 4 breads)
oat flour (gluten free) 160 g
potato starch 40 g
psyllium 6 g
baking powder 5 g
salt 3 g
soya yoghurt 170 g

Do this
1. whisk all dry stuff together
2. add yoghurt, mix and wait 10 min (it thickens!)
3. cut in 4, pat out on oat flour to 13 cm
4. griddle medium, 3 min, flip, 2 min

eat warm`,
    pct: { 'oat flour': 80, 'potato starch': 20, psyllium: 3, 'baking powder': 2.5, salt: 1.5, 'soya yoghurt': 85 },
    kinds: 'mix rest divide shape cook',
    rests: [10],
    cook: [180, 120],
  },
  {
    manner: 'a table',
    text: `Day      Time    What                         How long
Fri      18:00   Mix leaven: 50 g starter, 100 g flour, 100 g water     5 min
Fri      18:05   Leaven stands                12 h
Sat      06:00   Mix: leaven, 900 g flour, 580 g water, 20 g salt       10 min
Sat      06:10   Bulk                         3 h
Sat      09:10   Divide 12 x 145 g, round     10 min
Sat      09:20   Rest                         30 min
Sat      09:50   Stretch 22 cm, griddle       2 min + 2 min`,
    pct: { flour: 100, water: 68, salt: 2 },
    kinds: 'mix rest mix proof divide ball rest shape cook',
    rests: [720, 180, 30],
    cook: [120, 120],
    pieceG: 145,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a table',
    text: `| Zutat / ingredient | g | % |
|---|---|---|
| Weizenmehl / wheat flour | 1000 | 100 |
| Wasser / water | 620 | 62 |
| Salz / salt | 20 | 2 |
| Hefe / fresh yeast | 15 | 1.5 |

Knead 8 min. Proof 60 min. Divide 110 g. Round. Rest 15 min. Roll 22 cm. Griddle 60 s + 45 s.`,
    pct: { 'wheat flour': 100, water: 62, salt: 2, 'fresh yeast': 1.5 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [60, 15],
    cook: [60, 45],
    pieceG: 110,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Ciabatta-like griddle rolls
100% white flour
78% water
2% salt
0.6% instant yeast
4% oil
Mix 4 min, rest 20 min, stretch and fold, rest 20 min, stretch and fold, bulk 90 min. Flour the bench, cut 100 g squares. Final proof 30 min. Griddle, medium-low, covered: 5 min each side.`,
    pct: { 'white flour': 100, water: 78, salt: 2, 'instant yeast': 0.6, oil: 4 },
    // no shaping is told, and rolling is what is added: written as shaping
    kinds: 'mix rest fold rest fold proof divide proof roll cook',
    rests: [20, 20, 90, 30],
    cook: [300, 300],
    pieceG: 100,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Ratios for plain roti dough (flour = 100): water 64, fat 3, salt 1. For missi roti replace 40 of the flour by gram flour.
Knead for 7 minutes, leave covered for half an hour, make 50 g balls, roll to 16 cm. Tava on high: 25 seconds, turn, 35 seconds, turn, 15 seconds pressing with a cloth.`,
    pct: { flour: 100, water: 64, fat: 3, salt: 1 },
    kinds: 'mix knead rest ball roll cook',
    rests: [30],
    cook: [25, 35, 15],
    pieceG: 50,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `Flatten-and-fry breads for the garden day: mix 800 g self-raising flour with 2 tsp salt and 500 ml milk to a soft dough, don't knead much, leave it ten minutes under a cloth, pull off pieces about 80 g each, flatten in floury hands to 12 cm and cook on the big plate 3 minutes a side till they sound hollow; split and butter.`,
    pct: { 'plain flour': 100 },
    kinds: 'mix rest divide shape cook',
    rests: [10],
    cook: [180, 180],
    pieceG: 80,
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `For the dough, whisk together 2 cups (250 g) of all-purpose flour, 1 cup (120 g) of white whole wheat flour, 2 teaspoons of instant yeast and 1 1/2 teaspoons of fine salt. Add 1 cup plus 2 tablespoons (270 g) of warm water and 2 tablespoons (27 g) of olive oil; stir, then knead for 7 to 8 minutes. Let rise, covered, until doubled, 1 to 1 1/2 hours. Divide into 8 pieces and round them. Let rest for 20 minutes. Roll each into an 8-inch round. Cook in a hot cast-iron skillet, 1 minute on the first side, 1 minute on the second, and 30 seconds more on the first.`,
    pct: { 'all-purpose flour': 67.6, 'white whole wheat flour': 32.4, 'warm water': 73, 'olive oil': 7.3 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [75, 20],
    cook: [60, 60, 30],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a web page',
    text: `<div id="recipe"><h2 class="title">Turkish Yufka Wraps</h2><p class="byline">Recipe by Home Cook</p><div class="yield">Serves: 8</div><ul class="ingr"><li><label>500 g</label> <a href="/x">plain flour</a></li><li><label>300 ml</label> lukewarm water</li><li><label>8 g</label> salt</li></ul><ol class="dir"><li><p>Mix flour and salt in a bowl, make a well in the middle and gradually add the water. Knead for 10 minutes to a firm, smooth dough.</p></li><li><p>Divide into 8 balls, cover with a damp cloth and let rest for 45 minutes.</p></li><li><p>Roll out with a thin rolling pin as thin as paper, about 30 cm in diameter.</p></li><li><p>Cook on a hot convex griddle for 30 seconds on each side. They should stay pale and soft.</p></li></ol><div class="share">Share this: X Y Z</div></div>`,
    pct: { 'plain flour': 100, 'lukewarm water': 60, salt: 1.6 },
    kinds: 'mix knead divide ball rest roll cook',
    rests: [45],
    cook: [30, 30],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a web page',
    text: `<p>INGREDIENTS<br/>&bull; 300g (2 cups) bread flour<br/>&bull; 1 tsp (4g) instant dried yeast<br/>&bull; 1 tsp (6g) salt<br/>&bull; 190ml (&frac34; cup) warm water<br/>&bull; 1 tbsp (15ml) olive oil</p><p>FOR THE GARLIC BUTTER<br/>&bull; 40g butter<br/>&bull; 2 garlic cloves, grated<br/>&bull; 1 tbsp chopped coriander</p><p>STEPS<br/>1. Mix everything for the dough, and knead for 5 mins.<br/>2. Cover, 1 hour in a warm spot.<br/>3. Divide into 5 (about 100g), shape into balls, rest for 10 mins.<br/>4. Melt the butter with the garlic and coriander.<br/>5. Roll out the balls to 18cm. Cook on high heat for 90 secs, flip and cook for another 60 secs.<br/>6. Brush with the garlic butter straight away.</p>`,
    pct: { 'bread flour': 100, 'instant dried yeast': 1.3, salt: 2, 'warm water': 63.3 },
    kinds: 'mix knead proof divide ball rest prepare roll cook finish',
    rests: [60, 10],
    cook: [90, 60],
    pieceG: 100,
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['garlic', 'coriander'],
  },
  {
    manner: 'structured data',
    text: `{"@context":"https://schema.org","@type":"Recipe","name":"Gordita flatbreads","yield":"10","recipeIngredient":["2 1/2 cups masa harina (290g)","1 1/4 tsp baking powder","1 tsp salt","2 tbsp lard (26g)","1 3/4 cups warm broth or water (415ml)"],"recipeInstructions":[{"@type":"HowToStep","text":"Stir the dry ingredients; work in the lard with your fingers."},{"@type":"HowToStep","text":"Add the warm liquid and knead to a soft dough, about 3 minutes. Cover, rest 15 minutes."},{"@type":"HowToStep","text":"Divide into 10, roll into balls and press to 12cm, about 6mm thick."},{"@type":"HowToStep","text":"Cook on a medium griddle for 3 minutes per side until speckled."}]}`,
    pct: { 'masa harina': 100, lard: 9 },
    kinds: 'mix mix mix knead rest divide ball shape cook',
    rests: [15],
    cook: [180, 180],
    allergens: [],
  },
  {
    manner: 'structured data',
    text: `{"@context":"https://schema.org","@type":"Recipe","name":"Pan Fried Sourdough Naan","recipeYield":"8 pieces","recipeIngredient":["Levain","50 g starter","50 g flour","50 g water","Dough","400 g bread flour","150 g yogurt","130 g water","9 g salt","20 g ghee"],"recipeInstructions":[{"@type":"HowToSection","name":"Levain","itemListElement":[{"@type":"HowToStep","text":"Mix starter, flour and water and let stand 4 hours."}]},{"@type":"HowToSection","name":"Dough","itemListElement":[{"@type":"HowToStep","text":"Mix the levain with the remaining ingredients, knead 6 minutes."},{"@type":"HowToStep","text":"Ferment 5 hours at 25 °C."},{"@type":"HowToStep","text":"Divide into 8, ball, rest 30 minutes."},{"@type":"HowToStep","text":"Roll to 20 cm. Cook 75 seconds, flip, 60 seconds."}]}]}`,
    pct: { 'bread flour': 88.9, yogurt: 33.3, water: 40, salt: 2, ghee: 4.4 },
    kinds: 'mix rest mix knead proof divide ball rest roll cook',
    rests: [240, 300, 30],
    cook: [75, 60],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'a scan',
    text: `SODA BREAD FARLS (Griddle)                    [p. 14]

Ingredients                    Metric     Imperial
Soft plain flour               225 g      8 oz
Bicarbonate of soda            1 x 5 ml   1 tsp
Salt                           1 x 2.5 ml ½ tsp
Buttermilk                     200 ml     7 fl oz

Method
1. Heat griddle gently, test with flour.
2. Sift dry ingredients, mix to a soft dough with
buttermilk.
3. Knead lightly into a round, roll to 1 cm thick,
cut into 4 farls.
4. Cook 6-8 min each side. Stand on edges to dry.`,
    pct: { 'soft plain flour': 100, buttermilk: 91.6 },
    kinds: 'mix knead roll divide cook',
    rests: [],
    cook: [420, 420],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'a scan',
    text: `From the parish cook book:

Mrs. K.'s griddle bread - 3 c. flour, 1 heaping t. soda, 1 t. salt, 1 T. sugar, 1½ c. sour milk. Mix & pat ¾ in. thick in well floured skillet. Cook
slow, covered, 10 min.; turn, 10 min. more. Serves
6.`,
    pct: { flour: 100 },
    kinds: 'mix divide shape cook',
    rests: [],
    cook: [600, 600],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `Four hundred grams of spelt flour, one hundred grams of rye, three hundred and twenty grams of water, ten grams of salt, five grams of yeast and a tablespoon of syrup. Stir for three minutes with a spoon. Forty minutes' rest. Then fold the dough once and give it another forty minutes. Divide into nine. Roll straight away to fifteen centimetres. Griddle on medium for a minute and a half, turn, and a minute more.`,
    pct: { 'spelt flour': 80, rye: 20, water: 64, salt: 2, yeast: 1 },
    kinds: 'mix proof fold proof divide roll cook',
    rests: [40, 40],
    cook: [90, 60],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `Six cups of flour, two and a quarter cups of warm water, one tablespoon of yeast, one tablespoon of sugar, two teaspoons of salt, a quarter of a cup of oil. Mix, then knead eight to ten minutes. Let rise until double, about an hour. Punch down. Shape into sixteen balls. Let rest ten minutes. Roll out one-eighth inch thick. Fry on a dry griddle, two minutes for each side.`,
    pct: { flour: 100 },
    kinds: 'mix knead proof knead ball rest roll cook',
    rests: [60, 10],
    cook: [120, 120],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'parts by vessel',
    text: `Cups can be any size - keep to one.
• 2½ cups plain flour
• ½ cup yoghurt
• ½ cup milk
• 1 tsp baking powder per cup of flour
• ½ tsp salt per cup of flour
Knead 3 min, rest 15 min, 8 balls, roll 16 cm, hot pan 1–2 min each side, brush with butter`,
    pct: { 'plain flour': 100 },
    kinds: 'mix knead rest ball roll cook finish',
    rests: [15],
    cook: [90, 90],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'parts by vessel',
    text: `One measure of water to two measures of flour, and a spoon of salt to the kilo. That is the whole secret of my grandfather's bread. Knead it until your arms ache (ten minutes), let it lie an hour, make eight, roll them, bake them on the iron a minute a side.`,
    pct: { flour: 100 },
    kinds: 'mix knead rest divide roll cook',
    rests: [60],
    cook: [60, 60],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'decimal commas',
    text: `Pinsa-Teig für die Platte / griddle pinsa
Wheat flour 0,85 kg
Rice flour 0,10 kg
Soya flour 0,05 kg
Water 0,78 kg
Salt 22,5 g
Dry yeast 2,5 g
Olive oil 20,0 g

Mix 7,5 min. Bulk 1,5 h. Cold 24 h. Divide 0,23 kg; round; proof 2,5 h. Stretch 30 x 20 cm. Griddle 2,5 min, turn, 1,5 min.`,
    pct: { 'wheat flour': 85, 'rice flour': 10, 'soya flour': 5, water: 78, salt: 2.25 },
    kinds: 'mix proof chill divide ball proof shape cook',
    rests: [90, 1440, 150],
    cook: [150, 90],
    pieceG: 230,
    allergens: ['gluten', 'soya', 'wheat'],
  },
  {
    manner: 'decimal commas',
    text: `Roti, 1 persona: 60,0 g atta, 39,0 g water, 0,9 g salt, 1,5 g oil. Mix and knead 5 min, rest 20 min, divide in 2, round, roll 17,5 cm, tava 20 s + 40 s.`,
    pct: { atta: 100, water: 65, salt: 1.5, oil: 2.5 },
    kinds: 'mix knead rest divide ball roll cook',
    rests: [20],
    cook: [20, 40],
    allergens: ['gluten', 'wheat'],
  },
];
