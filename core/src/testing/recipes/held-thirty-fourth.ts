import type { RecipeText } from './recipe-text.ts';

/** A thirty-fourth lot whose expectation was written before the reader saw it: two texts of each common manner. */
export const THIRTY_FOURTH: readonly RecipeText[] = [
  {
    manner: 'a handout',
    text: `BREADS FROM THE PAN: handout 1

Spelt & honey flatbreads – makes 10

• 450 g white spelt flour
• 150 g wholemeal spelt flour
• 12 g salt
• 6 g instant yeast
• 18 g honey
• 384 g water (about 30 °C)

Mix everything until no dry flour remains, then leave for 10 minutes.
Knead gently for 3 minutes – spelt does not like to be overworked.
Prove for 50 minutes, covered.
Divide into 10 × 100 g and round. Rest 10 minutes.
Roll to 18 cm and cook on a hot, dry griddle: 70 seconds, turn, 50 seconds.

Why the short knead? Spelt gluten is weak.`,
    pct: { 'white spelt flour': 75, 'wholemeal spelt flour': 25, salt: 2, 'instant yeast': 1, honey: 3, water: 64 },
    kinds: 'mix rest knead proof divide ball rest roll cook',
    rests: [10, 50, 10],
    cook: [70, 50],
    pieceG: 100,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a handout',
    text: `Participant sheet: Bolani with potato and leek
(serves 4, 4 bolani)

Dough: 240g plain flour, 140g water, 5g salt, 10g oil.
Filling: 250g boiled potatoes, 80g leek, 5g salt, pinch of chilli.

• Make the dough: combine everything, knead 8 min, rest 30 min.
• Make the filling: mash the potatoes, mix in the leek, salt and chilli.
• Divide the dough into 4 (95g). Roll out to 24 cm, very thin.
• Spread 80g filling on one half, fold over and press the edges.
• Fry in 1 tbsp oil per bolani, medium heat, 3 min each side.
• Serve with yogurt.`,
    pct: { 'plain flour': 100, water: 58.3, salt: 2.1, oil: 4.2 },
    kinds: 'mix knead rest prepare divide roll fill shape cook',
    rests: [30],
    cook: [180, 180],
    pieceG: 95,
    allergens: ['gluten', 'wheat'],
    others: ['potatoes', 'leek', 'chilli'],
  },
  {
    manner: 'a table',
    text: `Recipe: Griddle naan        Batch: 12 pcs        Date: 14/3

Flour           840 g
Yogurt          250 g
Milk            280 g
Sugar           20 g
Salt            15 g
Yeast           10 g
Ghee            40 g

Mix             8 min
Rest 1          60 min
Scale           120 g
Round
Rest 2          15 min
Roll            22 cm oval
Bake            80 s / 60 s
Brush           butter`,
    pct: { flour: 100, yogurt: 29.8, milk: 33.3, sugar: 2.4, salt: 1.8, yeast: 1.2, ghee: 4.8 },
    kinds: 'mix proof divide ball rest roll cook finish',
    rests: [60, 15],
    cook: [80, 60],
    pieceG: 120,
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'a table',
    text: `Material,Baker's %,Grams
Bread flour,100,1500
Water,66,990
Salt,2,30
Sugar,1.5,22.5
Instant yeast,1,15
Olive oil,3,45

Process,Value
Mixing,9 min
Bulk proof,55 min
Dividing,105 g
Rounding,
Bench rest,12 min
Sheeting,20 cm
Griddle,55 s per side`,
    pct: { 'bread flour': 100, water: 66, salt: 2, sugar: 1.5, 'instant yeast': 1, 'olive oil': 3 },
    kinds: 'mix proof divide ball rest roll cook',
    rests: [55, 12],
    cook: [55, 55],
    pieceG: 105,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Fry-pan focaccia: 100 flour (all bread flour), 80 water, 2 salt, 1 yeast, 6 oil — all percent. Mix 3 min; 3 folds 20 min apart; bulk until doubled, 1 h; divide 200 g; rest 20 min; dimple into an oiled pan, 18 cm; lid on, low, 6 min; flip, 5 min.`,
    // written as "flour": the brackets say which
    pct: { 'bread flour': 100, water: 80, salt: 2, yeast: 1, oil: 6 },
    // between folds that are 20 minutes apart the dough rests
    kinds: 'mix fold rest fold rest fold proof divide rest shape cook',
    rests: [20, 20, 60, 20],
    cook: [360, 300],
    pieceG: 200,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `TORTILLA FORMULA
Flour.............100%
Water.............52%
Lard..............12%
Baking powder......1.5%
Salt...............1.8%

Mix 6 minutes to a smooth dough (30 °C).
Divide 42 g, round.
Rest 25 minutes.
Press hot or roll to 17 cm.
Griddle 25 seconds, flip, 20 seconds, flip, 10 seconds.`,
    pct: { flour: 100, water: 52, lard: 12, 'baking powder': 1.5, salt: 1.8 },
    kinds: 'mix divide ball rest roll cook',
    rests: [25],
    cook: [25, 20, 10],
    pieceG: 42,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `When I teach pita in a frying pan I have everyone mix 250g strong flour with 3g instant yeast, 5g salt, 160g water and a splash of oil, and knead for eight minutes against the clock. The dough proves for 45 minutes while we prepare the hummus. Each person then divides theirs in four, rounds the pieces, rests them 10 minutes and rolls them to 14cm. They prove another 10 minutes under a cloth. The pan must be really hot: 20 seconds, turn, one minute, turn, one minute until it balloons.`,
    pct: { 'strong flour': 100, 'instant yeast': 1.2, salt: 2, water: 64 },
    kinds: 'mix knead proof divide ball rest roll proof cook',
    rests: [45, 10, 10],
    cook: [20, 60, 60],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `Combine 1¾ cups (210 g) of whole wheat flour, ½ tsp salt and 1 tbsp oil in a bowl, then drizzle in ½ cup plus 1 tbsp (135 g) of warm water while mixing with your fingers. Knead for 5 min. until soft. Cover with a damp towel and set aside for 20-30 min. Divide the dough into 8 equal balls. Dust with flour and roll into 6-inch circles. Cook each on a hot skillet for 30 sec., flip, cook 30 sec. more, then use tongs to hold it over an open flame for 5-10 sec. until it puffs. Brush with ghee.`,
    pct: { 'whole wheat flour': 100, 'warm water': 64.3 },
    kinds: 'mix knead rest divide ball roll cook finish',
    rests: [25],
    cook: [30, 30, 7.5],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'a web page',
    text: `<h1 class="heading">Scallion Griddle Cakes</h1><p class="intro">Ready in about an hour. Serves 4 as a side.</p><h2>For the dough</h2><p>250g plain flour<br>160g boiling water<br>pinch salt</p><h2>For the layers</h2><p>2 tbsp sesame oil<br>4 scallions, sliced<br>1/2 tsp salt</p><h2>To cook</h2><p>2 tbsp vegetable oil</p><h2>How to make them</h2><p><b>1</b> Stir the boiling water into the flour and salt with chopsticks. Once it's cool enough, knead for 5 minutes. Rest, covered, for 30 minutes.</p><p><b>2</b> Cut into 4 pieces. Roll out each to 20cm, brush with sesame oil, scatter with scallions and salt, roll up tightly and coil into a snail. Rest for 15 minutes.</p><p><b>3</b> Flatten and roll out to 15cm. Fry in the oil over a medium heat for 3 minutes on each side until crisp.</p>`,
    pct: { 'plain flour': 100, 'boiling water': 64 },
    kinds: 'mix knead rest divide roll fill coil rest roll cook',
    rests: [30, 15],
    cook: [180, 180],
    allergens: ['gluten', 'sesame', 'wheat'],
    others: ['scallions'],
  },
  {
    manner: 'a web page',
    text: `<section id="recipe-card"><h3>Sourdough Tortillas</h3><div>Prep time: 20 min &#183; Rest: 1 hr &#183; Yield: 10</div><div><strong>Ingredients</strong></div><div>200 g sourdough discard</div><div>250 g all-purpose flour</div><div>60 g lard or butter</div><div>80 g warm water</div><div>5 g salt</div><div><strong>Instructions</strong></div><div>Rub the lard into the flour and salt.</div><div>Add the discard and water and knead for 3 minutes.</div><div>Cover and rest for 1 hour.</div><div>Divide into 10 balls and rest for another 10 minutes.</div><div>Roll out as thin as possible, about 20 cm.</div><div>Cook on a hot dry griddle for 40 seconds, flip, and cook for 20 seconds.</div></section>`,
    pct: { 'sourdough discard': 80, 'all-purpose flour': 100, 'lard or butter': 24, 'warm water': 32, salt: 2 },
    kinds: 'mix mix knead proof divide ball rest roll cook',
    rests: [60, 10],
    cook: [40, 20],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'structured data',
    text: `{"@context":"https://schema.org","@type":"Recipe","name":"Grilled Naan with Nigella","recipeYield":"6 naan","totalTime":"PT1H50M","recipeIngredient":["320g strong white bread flour","2 tsp sugar","1 tsp salt","1 tsp fast-action dried yeast","3 tbsp natural yogurt (45g)","2 tbsp ghee or butter, melted, plus extra to brush","160ml warm milk","2 tsp nigella seeds"],"recipeInstructions":[{"@type":"HowToStep","text":"Mix the flour, sugar, salt and yeast. Add the yogurt, ghee and milk and bring together, then knead for 8-10 minutes."},{"@type":"HowToStep","text":"Leave to rise for 1 hour."},{"@type":"HowToStep","text":"Knock back, divide into 6 and roll into balls. Rest for 15 minutes."},{"@type":"HowToStep","text":"Roll each into a teardrop, sprinkle with nigella seeds and press them in."},{"@type":"HowToStep","text":"Cook in a very hot pan for 2 minutes, then finish under a hot grill for 1 minute."},{"@type":"HowToStep","text":"Brush with ghee."}]}`,
    pct: { 'strong white bread flour': 100, 'natural yogurt': 14.1, 'warm milk': 51.5 },
    kinds: 'mix knead proof knead divide ball rest roll fill cook finish',
    rests: [60, 15],
    cook: [120, 60],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['nigella'],
  },
  {
    manner: 'structured data',
    text: `{"@context":"https://schema.org","@type":"Recipe","name":"Buckwheat galettes","recipeYield":"Makes 8","recipeIngredient":["250 g buckwheat flour","600 ml water","1 egg","8 g salt","20 g butter for the griddle"],"recipeInstructions":[{"@type":"HowToStep","text":"Whisk flour, salt, egg and half the water to a thick batter, then whisk in the rest of the water."},{"@type":"HowToStep","text":"Rest in the fridge for at least 2 hours."},{"@type":"HowToStep","text":"Butter the hot griddle, pour on a ladle of batter (100 ml) and spread it to 28 cm."},{"@type":"HowToStep","text":"Cook for 2 minutes, turn and cook for 1 minute."}]}`,
    pct: { 'buckwheat flour': 100, water: 240, egg: 20, salt: 3.2 },
    kinds: 'mix chill divide shape cook',
    rests: [180],
    cook: [120, 60],
    allergens: ['egg', 'milk'],
  },
  {
    manner: 'a scan',
    text: `CORN MEAL GRIDDLE CAKES

1 cup corn meal            1 cup flour
2 tsp. baking powder       1/2 tsp. salt
1 tbsp. sugar              1 1/4 cups milk
1 egg, beaten              2 tbsp. melted fat

Sift dry ingredients. Add milk, egg and
melted fat; beat until smooth. Let stand 10
minutes. Drop by spoonfuls on hot greased
griddle. Cook 2 minutes, turn, 1 minute.
Makes 12.`,
    pct: { flour: 44.6 },
    kinds: 'mix rest divide shape cook',
    rests: [10],
    cook: [120, 60],
    allergens: ['egg', 'gluten', 'milk', 'wheat'],
  },
  {
    manner: 'a scan',
    text: `                 PITTA BREAD
                 -----------
l lb strong white flour      1 tsp salt
½ oz fresh yeast             ½ tsp sugar
½ pint warm water            2 tbsp oil

1. Blend yeast with sugar and a little of the
   water; leave 10 mins.
2. Mix flour and salt, add yeast liquid, rest
   of the water and the oil. Knead 10 mins.
3. Cover; leave to double in size, 1 hr.
4. Knead lightly, divide into 6, roll into
   ovals ¼" thick.
5. Leave on floured board 20 mins.
6. Cook on a hot griddle 4 mins, turning
   once.`,
    pct: { 'strong white flour': 100, 'fresh yeast': 3.1 },
    kinds: 'mix bloom mix knead proof knead divide roll rest cook',
    rests: [10, 60, 20],
    cook: [120, 120],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `The dough for a dozen: nine hundred grams of strong flour, five hundred and eighty-five grams of water, eighteen grams of salt, nine grams of dry yeast and forty-five grams of olive oil. Mix four minutes on low, four on medium. Let it rise for sixty minutes. Cut off pieces of one hundred and twenty-five grams and round them. After fifteen minutes roll to twenty-four centimetres. Bake each side for one minute.`,
    pct: { 'strong flour': 100, water: 65, salt: 2, 'dry yeast': 1, 'olive oil': 5 },
    kinds: 'mix proof divide ball rest roll cook',
    rests: [60, 15],
    cook: [60, 60],
    pieceG: 125,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `Take half a pound of wheat flour and half a pound of barley flour, a teaspoonful of salt and one of soda, and mix with three quarters of a pint of buttermilk. Shape into two rounds, one inch thick. Quarter them. Lay them on the warm griddle and let them cook ten minutes, then ten minutes on the other side.`,
    pct: { 'wheat flour': 50, 'barley flour': 50 },
    kinds: 'mix shape divide cook',
    rests: [],
    cook: [600, 600],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'parts by vessel',
    text: `Using a 250 ml measuring cup:
4 cups bread flour, level
1 1/2 cups water
1/4 cup olive oil
2 tsp salt
2 tsp instant yeast
Mix & knead 10 min / proof 1 h / divide 10 / balls / rest 15 min / roll 18 cm / hot pan 1 min + 1 min`,
    pct: { 'bread flour': 100 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [60, 15],
    cook: [60, 60],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'parts by vessel',
    text: `Ingredients
flour – 6 tea glasses
lukewarm milk – 1 tea glass
lukewarm water – 1 tea glass
yeast – 1 dessert spoon
salt – 1 tea spoon
Method
Mix the milk, water and yeast. Add flour and salt, knead for 10 minutes. Leave for 1 hour. Divide into 10, leave 10 minutes, open each with a rolling pin to 20 cm. Cook on the sac, 1 minute each side.`,
    pct: { flour: 100 },
    kinds: 'mix knead proof divide rest roll cook',
    rests: [60, 10],
    cook: [60, 60],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'decimal commas',
    text: `Msemmen, 12 st.
- tarwebloem (flour) 0,4 kg
- griesmeel (semolina) 0,2 kg
- water 0,38 l
- zout (salt) 9,0 g
- boter (butter) 0,12 kg, for folding
Knead 12 min. Rest 0,25 h. Divide 12, round. Rest 0,25 h. Flatten thin, butter, fold to a square. Rest 10 min. Flatten 15 cm. Griddle 2,5 min per side.`,
    pct: { water: 63.3, salt: 1.5 },
    kinds: 'mix knead rest divide ball rest shape fill shape rest shape cook',
    rests: [15, 15, 10],
    cook: [150, 150],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'decimal commas',
    text: `Flour 1,6 kg - water 1,04 kg - salt 0,032 kg - instant yeast 0,013 kg - sugar 0,016 kg
Mixing 4,0 min + 4,0 min; first proof 1,0 h; 24 pieces at 112 g; rounding; second proof 0,3 h; rolling to 20 cm; griddle 55 s + 45 s.`,
    pct: { flour: 100, water: 65, salt: 2, 'instant yeast': 0.8, sugar: 1 },
    kinds: 'mix proof divide ball proof roll cook',
    rests: [60, 18],
    cook: [55, 45],
    pieceG: 112,
    allergens: ['gluten', 'wheat'],
  },
];
