import type { RecipeText } from './recipe-text.ts';

/** A sixty-first lot whose expectation was written before the reader saw it: two texts of each common manner. */
export const SIXTY_FIRST: readonly RecipeText[] = [
  {
    manner: 'a handout',
    text: `Course 12: Breads without an oven
Recipe 3 – Barley griddle cakes, 8 pieces

Ingredients
200 g barley flour
200 g strong white flour
8 g salt
6 g dried yeast
15 g treacle
270 g lukewarm water

Preparation
Dissolve the treacle and the yeast in the water. Mix in both flours and the salt.
Knead 6–8 minutes.
Leave to rise in a warm place for 1 hour.
Divide into 8 and shape into balls; press flat to 11 cm.
Cover and prove for 20 minutes.
Cook on a medium griddle for about 4 minutes on each side.
Eat the same day.`,
    pct: {
      'barley flour': 50,
      'strong white flour': 50,
      salt: 2,
      'dried yeast': 1.5,
      treacle: 3.8,
      'lukewarm water': 67.5,
    },
    kinds: 'mix knead proof divide ball shape proof cook',
    rests: [60, 20],
    cook: [240, 240],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a handout',
    text: `CHEESE PUPUSAS — station card B
per table of four: 400 g masa harina, 560 g warm water, 6 g salt, 200 g grated cheese
>> mix masa, water and salt, knead 3 min, cover 10 min
>> 8 balls (120 g)
>> make a hollow, fill with 25 g cheese, close, pat out to 12 cm
>> oiled griddle, medium, 4 min each side`,
    pct: { 'masa harina': 100, 'warm water': 140, salt: 1.5 },
    kinds: 'mix knead rest ball fill shape cook',
    rests: [10],
    cook: [240, 240],
    pieceG: 120,
    allergens: ['milk'],
    others: ['cheese'],
  },
  {
    manner: 'a table',
    text: `INGREDIENT          %        1 kg flour     5 kg flour
Wheat flour       100          1000 g         5000 g
Water              61           610 g         3050 g
Salt                2            20 g          100 g
Fresh yeast         2            20 g          100 g
Sunflower oil       3            30 g          150 g

Mix 4+4 min. Floor time 50 min. Scale 115 g. Mould. Bench 15 min. Pin 18 cm. Griddle 75 s/55 s.`,
    pct: { 'wheat flour': 100, water: 61, salt: 2, 'fresh yeast': 2, 'sunflower oil': 3 },
    kinds: 'mix proof divide ball rest roll cook',
    rests: [50, 15],
    cook: [75, 55],
    pieceG: 115,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a table',
    text: `| What | Amount | Note |
|------|--------|------|
| Spelt flour | 350 g | wholegrain |
| Oat milk | 220 ml | lukewarm |
| Salt | 6 g | |
| Baking powder | 10 g | gluten free |
| Rapeseed oil | 20 ml | |

1. Stir everything together (2 min).
2. Rest (15 min).
3. Cut in 8, roll 14 cm.
4. Pan, medium heat (2 min per side).`,
    pct: { 'spelt flour': 100, salt: 1.7, 'baking powder': 2.9, 'rapeseed oil': 5.3 },
    kinds: 'mix rest divide roll cook',
    rests: [15],
    cook: [120, 120],
    others: ['oat milk'],
  },
  {
    manner: 'percentages alone',
    text: `Sfincione-ish pan breads. In % of flour: bread flour 60, semolina 40, water 70, salt 2.3, instant yeast 0.6, oil 4.
Spiral 5 slow 3 fast. Ferment 2 h, fold twice. Cut 160 g. Ball. Fridge 18 h. Out 90 min. Stretch 18 cm. Griddle, lid, 210 °C, 3 min; turn, 3 min.`,
    pct: { 'bread flour': 60, semolina: 40, water: 70, salt: 2.3, 'instant yeast': 0.6, oil: 4 },
    // folds that are told behind a proof come behind it
    kinds: 'mix proof fold divide ball chill temper shape cook',
    rests: [120, 1080, 90],
    cook: [180, 180],
    pieceG: 160,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Chapati (weights in percent): wholemeal flour 100; water 65–70; salt 1; oil 2. Knead six minutes, rest half an hour, 40 g balls, roll 16 cm, hot tawa 35 s, turn, 45 s, turn, press 10 s.`,
    pct: { 'wholemeal flour': 100, water: 67.5, salt: 1, oil: 2 },
    kinds: 'mix knead rest ball roll cook',
    rests: [30],
    cook: [35, 45, 10],
    pieceG: 40,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `On the boat we have no oven, so I bake on the stove top: 3 cups of flour, 1 cup of water, 2 teaspoons of dried yeast, 1 teaspoon of salt and a glug of olive oil are mixed and kneaded for ten minutes, then left in the sun for an hour. I cut the dough in six, shape flat rounds about 12 cm across, let them rise for twenty minutes under a tea towel, and cook them in the covered frying pan on the lowest flame for seven minutes on one side and five on the other.`,
    pct: { flour: 100 },
    kinds: 'mix knead proof divide shape proof cook',
    rests: [60, 20],
    cook: [420, 300],
    others: ['water', 'yeast', 'salt', 'olive oil'],
  },
  {
    manner: 'one paragraph',
    text: `Take 250 g of chickpea flour and 250 g of wheat flour, mix with 8 g of salt, 5 g of turmeric, 10 g of chopped green chilli and 40 g of yoghurt, and add about 270 g of water to make a firm dough. Knead for five minutes, rest for twenty under a damp cloth, make twelve balls and roll them out to 15 cm. Roast on a hot tawa for a minute on each side, smearing with oil.`,
    pct: {
      'chickpea flour': 50,
      'wheat flour': 50,
      salt: 1.6,
      turmeric: 1,
      'chopped green chilli': 2,
      yoghurt: 8,
      water: 54,
    },
    kinds: 'mix knead rest ball roll cook',
    rests: [20],
    cook: [60, 60],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['oil'],
  },
  {
    manner: 'a web page',
    text: `<html><head><title>Pan-fried onion kulcha - The Copper Ladle</title></head><body><div id="cookie">We use cookies</div><h1>Pan-fried onion kulcha</h1><p>Yield: 8 | Total time: 1 h 45 min</p><h2>Dough</h2><ul><li>400 g maida (plain flour)</li><li>100 g yoghurt</li><li>150 ml milk</li><li>5 g baking powder</li><li>6 g salt</li><li>20 ml oil</li></ul><h2>Filling</h2><ul><li>2 onions, finely chopped</li><li>10 g coriander leaves</li><li>3 g chilli powder</li></ul><h2>Method</h2><ol><li>Combine the dough ingredients and knead for 8 minutes. Rest covered for 1 hour.</li><li>Mix the filling and season.</li><li>Divide the dough into 8 balls. Flatten, fill with a spoonful of onions and seal.</li><li>Roll gently to 15 cm.</li><li>Place on a hot pan, wet side down, and cook for 2 minutes; flip and cook 2 minutes more with a little butter.</li></ol></body></html>`,
    pct: { maida: 100, yoghurt: 25, milk: 38.6, 'baking powder': 1.3, salt: 1.5 },
    kinds: 'mix knead rest prepare divide ball fill roll cook',
    rests: [60],
    cook: [120, 120],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['oil', 'onion', 'coriander', 'butter'],
  },
  {
    manner: 'a web page',
    text: `<h1>Easy wholemeal wraps</h1><p>&#9733;&#9733;&#9733;&#9733;&#9734; (27 votes)</p><p>Makes 8 wraps</p><p>Ingredients:</p><p>&bull; 300g wholemeal flour<br/>&bull; 190g warm water<br/>&bull; 30g olive oil<br/>&bull; &frac12; tsp (3g) salt</p><p>Instructions:</p><p>Mix it all together in a bowl and knead for 5 mins. Cover and rest for 30 mins. Cut into 8, roll into balls, then roll out as thinly as possible (about 20cm). Cook in a hot, dry frying pan for 30 - 40 secs each side. Stack in a clean tea towel to keep soft.</p><p>Nutrition per wrap: 165 kcal, 5 g fat, 24 g carbs</p>`,
    pct: { 'wholemeal flour': 100, 'warm water': 63.3, 'olive oil': 10, salt: 1 },
    kinds: 'mix knead rest divide ball roll cook finish',
    rests: [30],
    cook: [35, 35],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'structured data',
    text: `{"@context":"https://schema.org","@type":"Recipe","name":"Garlic & herb flatbreads","recipeYield":"6 servings","recipeIngredient":["For the dough:","300g strong white bread flour","5g fast-action yeast","5g salt","195ml warm water","15ml olive oil","For the butter:","40g butter","2 garlic cloves","1 tbsp chopped parsley"],"recipeInstructions":[{"@type":"HowToStep","text":"Mix the flour, yeast and salt. Add the water and oil and knead for 10 mins."},{"@type":"HowToStep","text":"Leave to rise for 1 hr, until doubled."},{"@type":"HowToStep","text":"Melt the butter with the garlic and parsley."},{"@type":"HowToStep","text":"Divide the dough into 6, shape into balls and roll out to 18cm."},{"@type":"HowToStep","text":"Cook in a hot griddle pan for 1-2 mins on each side. Brush with the garlic butter."}]}`,
    pct: { 'strong white bread flour': 100, 'fast-action yeast': 1.7, salt: 1.7, 'warm water': 65, 'olive oil': 4.6 },
    kinds: 'mix knead proof prepare divide ball roll cook finish',
    rests: [60],
    cook: [90, 90],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['butter', 'garlic', 'parsley'],
  },
  {
    manner: 'structured data',
    text: `{"@context":"https://schema.org","@type":"Recipe","name":"Millet bhakri","recipeYield":"8","recipeIngredient":["320 g millet flour","260 ml hot water","4 g salt"],"recipeInstructions":[{"@type":"HowToStep","text":"Add the salt to the hot water and pour it over the flour. Stir and let it cool for 5 minutes."},{"@type":"HowToStep","text":"Knead with the heel of the hand for 5 minutes."},{"@type":"HowToStep","text":"Make 8 balls. Pat each out on a floured board to 16 cm."},{"@type":"HowToStep","text":"Lay on a hot tawa, brush the top with water; after 40 seconds turn; 60 seconds; then hold over the flame for 10 seconds until puffed."}]}`,
    pct: { 'millet flour': 100, 'hot water': 81.3, salt: 1.3 },
    kinds: 'mix rest knead ball shape cook',
    rests: [5],
    cook: [40, 60, 10],
    allergens: [],
  },
  {
    manner: 'a scan',
    text: `Home Baking Circu1ar No. 3             Nov. 1953

             GRIDDLE TREACLE FARLS

½ lb. flour               1 oz. margarine
½ teaspoon bi-carb.       1 tablespoon treacle
½ teaspoon salt           ¼ pint sour milk

Rub the margarine into the flour, salt and
soda. Warm the treacle with the milk and mix
in. Turn out, pat into a round one inch thick
and cut in four. Cook on a moderately hot
griddle, eight minutes each side.`,
    pct: { flour: 100, margarine: 12.5 },
    kinds: 'mix mix shape divide cook',
    rests: [],
    cook: [480, 480],
    others: ['carb', 'treacle', 'salt', 'milk'],
  },
  {
    manner: 'a scan',
    text: `PRODUCTlON CARD                         No 22
PRODUCT: Pide (griddle)      PIECES: 3O

Flour             2.5OO kg
Water             1.6OO kg
Yeast fresh       0.O5O kg
Salt              0.O5O kg
Sugar             0.O25 kg
Oil               0.O75 kg

mixing        8 min
1st proof    45 min
divide      14O g
rounding
2nd proof    2O min
press        16 cm
griddle       2 min / side`,
    pct: { flour: 100, water: 64, 'fresh yeast': 2, salt: 2, sugar: 1, oil: 3 },
    kinds: 'mix proof divide ball proof shape cook',
    rests: [45, 20],
    cook: [120, 120],
    pieceG: 140,
  },
  {
    manner: 'words for numbers',
    text: `Ingredients: one pound of wholemeal flour, ten ounces of water, a quarter of an ounce of salt, one ounce of oil. Mix and knead for six or seven minutes. Rest for twenty-five minutes. Break into fourteen pieces, roll each into a ball and then into a six-inch disc. Cook on a hot plate: half a minute, turn, three quarters of a minute.`,
    pct: { 'wholemeal flour': 100, water: 62.5, salt: 1.6, oil: 6.3 },
    kinds: 'mix knead rest divide ball roll cook',
    rests: [25],
    cook: [30, 45],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `Twelve hundred grams of flour, seven hundred and twenty of water, twenty-four of salt, twelve of instant yeast, sixty of oil. Twelve minutes of kneading, ninety minutes of bulk proof, twenty pieces of a hundred grams, twenty minutes' bench rest, nineteen centimetres, a minute and ten seconds on the first side and fifty seconds on the second.`,
    pct: { flour: 100, water: 60, salt: 2, 'instant yeast': 1, oil: 5 },
    kinds: 'mix knead proof divide rest roll cook',
    rests: [90, 20],
    cook: [70, 50],
    pieceG: 100,
  },
  {
    manner: 'parts by vessel',
    text: `No scale? Use a yoghurt tub (150 ml): 4 tubs flour, 1 tub yoghurt, 1 tub milk, 1/2 tub oil, 1 tsp salt, 2 tsp baking powder. Mix to a dough, knead a minute, rest 15 minutes. Make 10 balls, flatten to 12 cm, cook on a medium pan 3 minutes a side.`,
    pct: { flour: 100 },
    kinds: 'mix knead rest ball shape cook',
    rests: [15],
    cook: [180, 180],
    others: ['yoghurt', 'milk', 'oil', 'salt', 'baking powder'],
  },
  {
    manner: 'parts by vessel',
    text: `Flour: 3 glasses. Warm water: 1 glass and a bit. Butter: 3 spoons, soft. Salt: 1 small spoon.
Mix, knead 5 minutes, into a bag for 30 minutes. Cut in 10, balls, roll out as thin as paper. Sač, one minute in all, turning once.`,
    pct: { flour: 100 },
    kinds: 'mix knead rest divide ball roll cook',
    rests: [30],
    cook: [30, 30],
    others: ['water', 'butter', 'salt'],
  },
  {
    manner: 'decimal commas',
    text: `Massa per a coques / dough for griddle cocas
farina / flour: 0,85 kg
aigua / water: 0,51 kg
oli d'oliva / olive oil: 0,085 kg
sal / salt: 17,0 g
llevat fresc / fresh yeast: 17,0 g
Mix 3,5 min · knead 5,5 min · proof 1,2 h · divide 12 x 0,12 kg · ball · rest 0,25 h · stretch 16,5 cm · griddle 2,25 min per side`,
    pct: { flour: 100, water: 60, 'olive oil': 10, salt: 2, 'fresh yeast': 2 },
    kinds: 'mix knead proof divide ball rest shape cook',
    rests: [72, 15],
    cook: [135, 135],
    pieceG: 120,
  },
  {
    manner: 'decimal commas',
    text: `Roti for 30: atta 2,25 kg; water 1,50 kg; salt 0,0225 kg; oil 0,0675 kg. Knead 7,5 min. Rest 0,6 h. 60 balls of 0,062 kg. Roll 15,5 cm. Tawa 0,5 min, turn, 0,75 min, turn, 0,2 min.`,
    pct: { atta: 100, water: 66.7, salt: 1, oil: 3 },
    kinds: 'mix knead rest ball roll cook',
    rests: [36],
    cook: [30, 45, 12],
    pieceG: 62,
    allergens: ['gluten', 'wheat'],
  },
];
