import type { RecipeText } from './recipe-text.ts';

/** A seventy-fourth lot whose expectation was written before the reader saw it: sheets of a school, a family's notes, pages and cards. */
export const SEVENTY_FOURTH: readonly RecipeText[] = [
  {
    manner: 'a handout',
    text: `Tuesday evening class: Turkish bazlama

Makes 6 breads

250g strong white flour
250g plain white flour
1 tsp caster sugar
7g fast-action yeast
1½ tsp fine salt
150g full-fat yoghurt
180ml warm water
2 tbsp olive oil
Semolina for dusting
50g butter, melted, with chopped parsley, to finish

1) Put the flours, sugar, yeast and salt in a large bowl and mix. Add the yoghurt, water and oil and mix to a soft dough.
2) Knead on a lightly floured surface for 8 minutes.
3) Place in an oiled bowl, cover and leave to rise for 1 hour 15 minutes.
4) Divide into 6 equal pieces and shape each into a ball. Rest for 15 minutes.
5) Dust with semolina and roll each ball to 16cm, about 8mm thick. Leave to rest for another 10 minutes.
6) Cook in a heavy dry pan over a medium heat for 2½ minutes on each side.
7) Brush with the parsley butter and keep warm in a tea towel.`,
    pct: {
      'strong white flour': 50,
      'plain white flour': 50,
      'fast-action yeast': 1.4,
      'full-fat yoghurt': 30,
      'warm water': 36,
    },
    kinds: 'mix knead proof divide ball rest roll rest cook finish',
    rests: [75, 15, 10],
    cook: [150, 150],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['sugar', 'salt', 'olive oil', 'semolina', 'butter'],
  },
  {
    manner: 'a handout',
    text: `SPICED CHICKPEA AND ONION FLATBREAD (no yeast)

For four people: 200 g wholemeal flour, 100 g gram flour, 1 small onion finely chopped, a handful of coriander, 1 green chilli, half a teaspoon of ajwain, a teaspoon of salt, 2 tablespoons of yoghurt and about 150 ml of water. Oil for cooking.

Mix everything but the water. Add the water slowly until you have a firm dough. Knead for 4 minutes. Rest for 15 minutes, no longer because the onion makes it wet.
Divide into 8. Roll out to 15 cm with plenty of flour.
Cook on a hot tawa: 1 minute, turn, brush with oil, 1 minute, turn, brush with oil, 30 seconds.`,
    pct: { 'wholemeal flour': 66.7, 'gram flour': 33.3, water: 50 },
    kinds: 'mix knead rest divide roll cook',
    rests: [15],
    cook: [60, 60, 30],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['onion', 'coriander', 'chilli', 'ajwain', 'salt', 'yoghurt', 'oil'],
  },
  {
    manner: 'a table',
    text: `                     Per bread     For 12
Flour (g)               60          720
Water (g)               39          468
Salt (g)                 1           12
Oil (g)                  3           36

1  Mix                 3 min
2  Knead               6 min
3  Rest               40 min
4  Divide, ball
5  Rest               15 min
6  Roll               18 cm
7  Griddle            45 s + 30 s`,
    pct: { flour: 100, water: 65, salt: 1.67, oil: 5 },
    kinds: 'mix knead rest divide ball rest roll cook',
    rests: [40, 15],
    cook: [45, 30],
    pieceG: 103,
  },
  {
    manner: 'a table',
    text: `Ingredient;Amount;Unit
Bread flour;600;g
Water;390;g
Fresh yeast;12;g
Salt;12;g
Olive oil;24;g

Step;Minutes
Mix;4
Knead;8
Proof;60
Divide into 8 and ball;
Rest;20
Roll to 20 cm;
Griddle;2 per side`,
    pct: { 'bread flour': 100, water: 65, 'fresh yeast': 2, salt: 2, 'olive oil': 4 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [60, 20],
    cook: [120, 120],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Lebanese mountain bread

Baker's %
Wholemeal flour 50
White flour 50
Water 62
Salt 2
Sugar 1
Instant yeast 0.8

Mix all to a smooth dough (10 min in the mixer). Bulk 45 min. Scale 120 g, ball, rest 30 min. Roll, then stretch over a cushion to 40 cm. Bake on the saj 40 seconds, one side only.`,
    pct: {
      'wholemeal flour': 50,
      'white flour': 50,
      water: 62,
      salt: 2,
      sugar: 1,
      'instant yeast': 0.8,
    },
    // written with "shape": rolled and then stretched is one rolling, as in the lots before
    kinds: 'mix proof divide ball rest roll cook',
    rests: [45, 30],
    cook: [40],
    pieceG: 120,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Naan at 60 % hydration (water 40 %, yoghurt 20 %). Flour 100 %, salt 1.8 %, sugar 2 %, ghee 4 %, instant yeast 0.7 %. Knead 8 min; rise 90 min; divide 110 g; ball; rest 15 min; stretch to a teardrop 22 cm long; cook covered 90 s, then flip 45 s.`,
    pct: { flour: 100, water: 40, yoghurt: 20, salt: 1.8, sugar: 2, ghee: 4, 'instant yeast': 0.7 },
    kinds: 'mix knead proof divide ball rest shape cook',
    rests: [90, 15],
    cook: [90, 45],
    pieceG: 110,
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `This is the quickest bread I know. For eight small ones I put 300 g of self-raising flour in a bowl with half a teaspoon of salt, stir in 280 g of thick yoghurt with a knife, and squeeze it together with my hands; no kneading to speak of, a minute at most. It sits under a cloth for ten minutes. I divide it into eight, pat each piece out with floury hands to about 12 cm, and cook them in a dry pan over a medium heat, three minutes on the first side and two on the second.`,
    pct: { 'plain flour': 100, 'thick yoghurt': 98 },
    // written with "knead": there is none to speak of
    kinds: 'mix rest divide shape cook',
    rests: [10],
    cook: [180, 120],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['salt', 'baking powder'],
  },
  {
    manner: 'one paragraph',
    text: `Rub 60 g of cold lard into 400 g of plain flour with a teaspoon of salt until it looks like crumbs, add 200 g of warm water, bring it together and knead for three minutes. Divide it into ten balls straight away, cover them with a cloth and leave them for half an hour. Roll each one very thin, about 20 cm, and cook it on a hot dry griddle for half a minute on each side. Keep them in a basket lined with a cloth.`,
    // written as "lard", and as balls alone where it is divided into them
    pct: { 'cold lard': 15, 'plain flour': 100, 'warm water': 50 },
    kinds: 'mix mix knead divide ball rest roll cook finish',
    rests: [30],
    cook: [30, 30],
    allergens: ['gluten', 'wheat'],
    others: ['salt'],
  },
  {
    manner: 'a web page',
    text: `<html><head><title>Vegan Garlic Flatbreads | Little Leaf Blog</title><style>.x{color:red}</style></head><body><header>Little Leaf Blog</header><main><h1>Vegan Garlic Flatbreads</h1><p>Soft, pillowy and ready in under an hour! This post contains affiliate links.</p><div class="recipe-card"><p>Prep: 15 mins &middot; Rise: 40 mins &middot; Cook: 12 mins &middot; Serves: 6</p><h4>Ingredients</h4><p>For the dough</p><ul><li>300g plain flour, plus extra for dusting</li><li>1 tsp instant yeast</li><li>1 tsp salt</li><li>180g soya yoghurt</li><li>40ml water</li></ul><p>For the garlic butter</p><ul><li>40g vegan butter</li><li>3 garlic cloves, crushed</li></ul><h4>Method</h4><p>1. Stir together the flour, yeast and salt. Add the yoghurt and water and mix to a dough.</p><p>2. Knead for 5 minutes, then cover and leave for 40 minutes.</p><p>3. Divide into 6 and roll each into an oval about 5mm thick.</p><p>4. Heat a frying pan until smoking. Cook each flatbread for 2 minutes on the first side and 1 minute on the second.</p><p>5. Melt the vegan butter with the garlic and brush over the breads.</p></div><aside>You may also like: Cashew queso</aside></main></body></html>`,
    pct: { 'plain flour': 100, 'soya yoghurt': 60, water: 13.3 },
    kinds: 'mix knead rest divide roll cook prepare finish',
    rests: [40],
    cook: [120, 60],
    allergens: ['gluten', 'soya', 'wheat'],
    others: ['instant yeast', 'salt', 'vegan butter', 'garlic'],
  },
  {
    manner: 'a web page',
    text: `<div id="recipe"><h2 class="t">Socca-style pancakes</h2><ul class="meta"><li>Makes 4</li><li>10 minutes + 2 hours standing</li></ul><ul class="ing"><li><span>250</span> <span>g</span> <span>chickpea flour</span></li><li><span>500</span> <span>ml</span> <span>water</span></li><li><span>3</span> <span>tbsp</span> <span>olive oil</span></li><li><span>6</span> <span>g</span> <span>salt</span></li></ul><ol><li>Whisk the chickpea flour into the water, add the oil and salt.</li><li>Let stand 2 hours at room temperature.</li><li>Heat a little oil in a pan, pour in a quarter of the batter (about 22 cm wide).</li><li>Cook 4 minutes, flip, cook 2 minutes.</li></ol></div>`,
    pct: { 'chickpea flour': 100, water: 200, salt: 2.4 },
    kinds: 'mix rest divide shape cook',
    rests: [120],
    cook: [240, 120],
    allergens: [],
    others: ['olive oil'],
  },
  {
    manner: 'structured data',
    text: `{"@context":"https://schema.org","@type":["Recipe"],"name":"Scallion Pancakes","recipeYield":"4 pancakes","prepTime":"PT20M","cookTime":"PT20M","recipeIngredient":["2 1/2 cups (300 g) all-purpose flour","3/4 cup (180 g) boiling water","2 tbsp (30 g) cold water","1 tsp salt","2 tbsp sesame oil","6 scallions, thinly sliced"],"recipeInstructions":[{"@type":"HowToStep","name":"Make the dough","text":"Pour the boiling water over the flour and salt and stir, then add the cold water and knead for 5 minutes."},{"@type":"HowToStep","name":"Rest","text":"Cover and rest for 30 minutes."},{"@type":"HowToStep","name":"Shape","text":"Divide into 4. Roll each piece into a thin circle, brush with sesame oil, sprinkle with scallions, roll up and coil into a snail. Rest for 10 minutes, then roll out to 18 cm."},{"@type":"HowToStep","name":"Cook","text":"Fry in an oiled skillet for 3 minutes per side."}]}`,
    pct: { 'all-purpose flour': 100, 'boiling water': 60, 'cold water': 10 },
    // written as two of "mix": of one sentence they are one
    kinds: 'mix knead rest divide roll fill coil rest roll cook',
    rests: [30, 10],
    cook: [180, 180],
    allergens: ['gluten', 'sesame', 'wheat'],
    others: ['salt', 'sesame oil', 'scallions'],
  },
  {
    manner: 'structured data',
    text: `[{"@context":"https://schema.org","@type":"BreadcrumbList","itemListElement":[]},{"@context":"https://schema.org","@type":"Recipe","name":"Cheese kulcha","recipeYield":8,"totalTime":"PT2H10M","recipeIngredient":["400 g plain flour","6 g salt","5 g instant yeast","10 g sugar","100 g yoghurt","150 g water","20 g oil","160 g grated cheddar","1 green chilli, chopped"],"recipeInstructions":["Mix the flour, salt, yeast and sugar. Add the yoghurt, water and oil and knead for 8 minutes.","Let it rise for 75 minutes.","Mix the cheese and the chilli.","Divide the dough into 8 balls and rest for 10 minutes.","Flatten each ball, put 20 g of cheese in the middle, gather the edges and seal.","Roll gently to 14 cm.","Cook on a medium griddle for 2 minutes per side.","Brush with oil."]}]`,
    pct: { 'plain flour': 100, salt: 1.5, 'instant yeast': 1.25, sugar: 2.5, yoghurt: 25, water: 37.5, oil: 5 },
    // written as "shape fill shape": flattened, filled and sealed is filled, as in the lots before
    kinds: 'mix knead proof prepare divide ball rest fill roll cook finish',
    rests: [75, 10],
    cook: [120, 120],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['cheddar', 'chilli'],
  },
  {
    manner: 'a scan',
    text: `THE FARMHOUSE KITCHEN                              47

                     WELSH GRIDDLE LOAF
                       (Bara Planc)

1 lb. plain flour               ½ oz. lard
½ oz. fresh yeast               1 teaspoon sugar
½ pint warm milk and water      1 teaspoon salt

Cream the yeast with the sugar. Rub the lard into the
flour and salt. Make a well in the centre, pour in the
yeast and the milk and water, and mix to a soft dough.
Knead well for 10 minutes. Leave to rise in a warm place
for 1 hour. Flatten with the hand to a round 1 in. thick
and leave for 15 minutes. Bake on a moderately hot planc
for 20 minutes on each side.`,
    pct: { 'plain flour': 100, lard: 3.1, 'fresh yeast': 3.1, 'warm milk and water': 63 },
    kinds: 'mix mix mix knead proof divide shape rest cook',
    rests: [60, 15],
    cook: [1200, 1200],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['sugar', 'salt'],
  },
  {
    manner: 'a scan',
    text: `FLATBREAD - LESS0N 5                    

Strong fIour         5OO g
Rye fIour            lOO g
Water                4OO g
Sourdough starter    l2O g
Salt                  l2 g

1. Mix all, rest 3O min.
2. Knead 5 min.
3. Bulk 4 h at 24 °C, two folds.
4. Divide into l2, ball, rest 2O min.
5. Roll l8 cm.
6. Griddle 9O s, turn, 6O s.`,
    pct: { 'strong flour': 83.3, 'rye flour': 16.7, water: 66.7, 'sourdough starter': 20, salt: 2 },
    // written with the folds: when they are done is not told
    kinds: 'mix rest knead proof divide ball rest roll cook',
    rests: [30, 240, 20],
    cook: [90, 60],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `Six hundred grams flour, three hundred and ninety grams water, twelve grams salt, three grams dried yeast. Mix for four minutes and leave for twenty. Fold. Leave for an hour and a half. Divide into nine and round. Rest a quarter of an hour. Press out to twenty centimetres. Two minutes a side on a very hot griddle.`,
    pct: { flour: 100, water: 65, salt: 2, 'dried yeast': 0.5 },
    // written with "rest" before the fold: dough with yeast that is left so long in all proves
    kinds: 'mix proof fold proof divide ball rest shape cook',
    rests: [20, 90, 15],
    cook: [120, 120],
  },
  {
    manner: 'words for numbers',
    text: `a pound of wholemeal flour
half a pint of water
two ounces of butter
a teaspoonful of salt
Melt the butter in the water. Mix in the flour and the salt. Knead five minutes, rest twenty minutes. Make sixteen balls. Roll them as thin as a plate, seven inches across. Bake forty seconds on one side and twenty on the other.`,
    pct: { 'wholemeal flour': 100, water: 62.6, butter: 12.5 },
    kinds: 'prepare mix knead rest ball roll cook',
    rests: [20],
    cook: [40, 20],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['salt'],
  },
  {
    manner: 'parts by vessel',
    text: `Three cups of flour, one cup of water, a quarter cup of oil, one teaspoon salt (any cup will do).
Mix and knead for 5 minutes. Rest 20 minutes. Divide into 10, roll out to 18 cm. Cook for a minute on each side.`,
    pct: { flour: 100 },
    kinds: 'mix knead rest divide roll cook',
    rests: [20],
    cook: [60, 60],
    others: ['water', 'oil', 'salt'],
  },
  {
    manner: 'parts by vessel',
    text: `Injera-style teff pancakes, by volume

2 parts teff flour
3 parts water
a spoon of sourdough starter
a pinch of salt

Whisk together and leave at room temperature for 24 hours. Stir in the salt. Ladle into a hot pan, swirl to about 24 cm, cover and cook for 2 minutes. Do not turn.`,
    pct: { 'teff flour': 100 },
    kinds: 'mix proof mix divide shape cook',
    rests: [1440],
    cook: [120],
    allergens: ['gluten', 'wheat'],
    others: ['water', 'sourdough starter', 'salt'],
  },
  {
    manner: 'decimal commas',
    text: `Tigelle (circa 20 pezzi) – ricetta del corso, in English
0,500 kg flour type 0
0,250 l milk
0,050 kg lard
12,5 g fresh yeast
10,0 g salt

Mix and knead 10 min. Rise 1,5 h. Roll out to 0,5 cm and cut out discs of 8,0 cm. Rest 0,5 h. Cook in the hot tigelliera or on a griddle 3,5 min per side.`,
    pct: { 'flour type 0': 100, milk: 51.5, lard: 10, 'fresh yeast': 2.5, salt: 2 },
    kinds: 'mix knead proof roll divide rest cook',
    rests: [90, 30],
    cook: [210, 210],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'decimal commas',
    text: `Flour 1,2 kg; water 0,8 l; salt 24,0 g; yeast 6,0 g. Mix 5,0 min. Bulk 2,0 h with a fold after 1,0 h. Scale 0,125 kg. Ball. Rest 25,0 min. Roll 20,0 cm. Bake 1,25 min first side, 0,75 min second side.`,
    pct: { flour: 100, water: 66.7, salt: 2, yeast: 0.5 },
    kinds: 'mix proof fold proof divide ball rest roll cook',
    rests: [60, 60, 25],
    cook: [75, 45],
    pieceG: 125,
  },
];
