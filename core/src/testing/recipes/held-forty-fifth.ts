import type { RecipeText } from './recipe-text.ts';

/** A forty-fifth lot whose expectation was written before the reader saw it: two texts of each common manner. */
export const FORTY_FIFTH: readonly RecipeText[] = [
  {
    manner: 'a handout',
    text: `Market Street Kitchens — recipe card
Caraway rye flatbreads
Makes 9

270g strong white flour
180g light rye flour
9g salt
5g fast-action yeast
6g caraway seeds
300g lukewarm water
15g treacle

1. Dissolve the treacle in the water. Add everything else and mix for 3 minutes.
2. Knead for 5 minutes. The dough stays a little sticky.
3. Cover and prove for 1 hour 10 minutes.
4. Divide into 9 and shape into rounds with floured hands.
5. Rest for 15 minutes.
6. Press or roll to 15 cm.
7. Cook on a medium griddle for 2 minutes on each side.
8. Cool on a rack under a cloth.`,
    pct: {
      'strong white flour': 60,
      'light rye flour': 40,
      salt: 2,
      'fast-action yeast': 1.1,
      'caraway seeds': 1.3,
      'lukewarm water': 66.7,
      treacle: 3.3,
    },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [70, 15],
    cook: [120, 120],
    allergens: ['gluten', 'wheat'],
    others: ['caraway'],
  },
  {
    manner: 'a handout',
    text: `YOU MAKE: 4 parathas (1 hour)

You get
- 200 g atta, weighed
- 130 g warm water
- salt, a pinch
- ghee in a small bowl

You do
1. Mix flour, salt and water. Knead 6 minutes.
2. Cover. Wait 20 minutes.
3. Divide into 4 balls.
4. Roll out to 16 cm, brush with ghee, fold in half and in half again.
5. Rest 5 minutes.
6. Roll the triangle to 18 cm.
7. Griddle 1 minute a side, brush with ghee, 30 seconds a side.`,
    pct: { atta: 100, 'warm water': 65 },
    kinds: 'mix knead rest divide ball roll fill shape rest roll cook',
    rests: [20, 5],
    cook: [60, 60, 30, 30],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'a table',
    text: `| Ingredient        | Baker's percent | Weight for 30 pcs |
|-------------------|----------------:|------------------:|
| Flour             | 100 %           | 1,800 g           |
| Water             | 60 %            | 1,080 g           |
| Oil               | 5 %             | 90 g              |
| Salt              | 1.8 %           | 32 g              |
| Yeast (instant)   | 0.8 %           | 14 g              |

Mixing: 10 min
Bulk: 60 min
Dividing: 100 g, rounding
Rest: 15 min
Rolling: 20 cm
Griddle: 50 s + 40 s`,
    pct: { flour: 100, water: 60, oil: 5, salt: 1.8, 'instant yeast': 0.8 },
    kinds: 'mix proof divide ball rest roll cook',
    rests: [60, 15],
    cook: [50, 40],
    pieceG: 100,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a table',
    text: `Amount   Ingredient
2 cups   plain flour (240 g)
1/2 tsp  salt
1 tbsp   oil
3/4 cup  hot water (150 g)

Order of work
Mix and knead (5 min), rest (30 min), divide into 6, roll (20 cm), cook (40 s each side).`,
    pct: { 'plain flour': 100, 'hot water': 62.5 },
    kinds: 'mix knead rest divide roll cook',
    rests: [30],
    cook: [40, 40],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Lángos-type dough (on flour): strong flour 100, boiled potato 30, milk 55, yeast 2, salt 2, oil 4. Knead 8 min. Proof 1 h. 110 g, round; 20 min. Stretch to 18 cm. Griddle well oiled, medium, 2.5 min a side.`,
    pct: { 'strong flour': 100, 'boiled potato': 30, milk: 55, yeast: 2, salt: 2, oil: 4 },
    kinds: 'mix knead proof divide ball rest shape cook',
    rests: [60, 20],
    cook: [150, 150],
    pieceG: 110,
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Griddle ciabattine

Bread flour: 90 %
Whole wheat flour: 10 %
Water: 76 %
Salt: 2.2 %
Instant yeast: 0.4 %
Olive oil: 3 %

Mix 4 minutes. Rest 30 minutes. Fold. Rest 30 minutes. Fold. Proof 2 hours.
Cut into 120 g pieces. Proof 40 minutes.
Griddle over low heat, covered, 5 minutes; turn; 4 minutes.`,
    pct: { 'bread flour': 90, 'whole wheat flour': 10, water: 76, salt: 2.2, 'instant yeast': 0.4, 'olive oil': 3 },
    kinds: 'mix rest fold rest fold proof divide proof roll cook',
    rests: [30, 30, 120, 40],
    cook: [300, 240],
    pieceG: 120,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `Pumpkin flatbreads go like this. Roast or steam 250 g of pumpkin, mash it and let it cool. Mix it with 400 g of plain flour, 8 g of salt, 5 g of instant yeast and 60 g of water and knead for 8 minutes. Prove for an hour. Divide into 8, round, rest for 10 minutes, roll to 18 cm, and cook on a medium-hot griddle for a minute and a half on each side.`,
    pct: { 'plain flour': 100, salt: 2, 'instant yeast': 1.25, water: 15 },
    // what is mashed and cools is prepared
    kinds: 'prepare mix knead proof divide ball rest roll cook',
    rests: [60, 10],
    cook: [90, 90],
    allergens: ['gluten', 'wheat'],
    others: ['pumpkin'],
  },
  {
    manner: 'one paragraph',
    text: `In a bowl combine 300g plain flour, 1/2 tsp salt, 2 tsp baking powder and 1 tbsp sugar; pour in 180ml milk and 20g melted butter, mix, and knead for a minute. Cover and leave 10 minutes. Divide into 6, pat into 12cm rounds and cook in a greased skillet over low heat for 4 minutes per side, covered. Split, butter and eat.`,
    pct: { 'plain flour': 100, milk: 61.8, 'melted butter': 6.7 },
    kinds: 'mix knead rest divide shape cook',
    rests: [10],
    cook: [240, 240],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'a web page',
    text: `<div class="post-body"><h1>Gluten-Free Naan</h1><p>Soft, pliable and ready in an hour.</p><div class="box"><p>Makes 4</p><p>200g gluten-free bread flour blend</p><p>1 tbsp psyllium husk powder</p><p>1 tsp baking powder</p><p>1/2 tsp salt</p><p>150g dairy-free yoghurt</p><p>80ml warm water</p><p>1 tbsp olive oil</p></div><p>Whisk the dry ingredients together. Add the yoghurt, water and oil and mix to a dough. Leave for 15 minutes.</p><p>Divide into 4. Roll or pat each piece to about 16cm, dusting with more of the flour blend.</p><p>Cook in a hot dry pan for 2-3 minutes on each side.</p></div>`,
    pct: { 'warm water': 40 },
    kinds: 'mix rest divide roll cook',
    rests: [15],
    cook: [150, 150],
  },
  {
    manner: 'a web page',
    text: `<h2>Roti canai, the easy way</h2><ul><li>500 g plain flour</li><li>8 g salt</li><li>10 g sugar</li><li>1 egg</li><li>40 g melted ghee</li><li>230 ml water</li><li>80 g soft ghee, for stretching</li></ul><p>Mix the flour, salt and sugar with the egg, melted ghee and water. Knead for 8 minutes.</p><p>Divide into 10, shape into balls, coat with soft ghee. Rest for 3 hours, or overnight in the fridge.</p><p>Stretch each ball thin on an oiled table, fold the edges in to make a square of 15 cm.</p><p>Cook on a griddle over medium heat, 2 minutes per side. Clap to fluff it up.</p>`,
    pct: { 'plain flour': 100, salt: 1.6, sugar: 2, egg: 10, 'melted ghee': 8, water: 46 },
    kinds: 'mix knead divide ball rest shape cook finish',
    rests: [180],
    cook: [120, 120],
    allergens: ['egg', 'gluten', 'milk', 'wheat'],
  },
  {
    manner: 'structured data',
    text: `{"@context":"https://schema.org","@type":"Recipe","name":"Skillet flatbread with olive oil","recipeYield":"8 flatbreads","recipeIngredient":["2 1/2 cups (300 g) all-purpose flour","1 teaspoon salt","2 teaspoons baking powder","1/4 cup (50 g) olive oil","3/4 cup (170 g) warm water"],"recipeInstructions":[{"@type":"HowToStep","text":"Whisk together the flour, salt and baking powder. Stir in the oil and the water until a dough comes together."},{"@type":"HowToStep","text":"Knead 2 minutes on a lightly floured surface. Cover and let rest 20 minutes."},{"@type":"HowToStep","text":"Divide into 8 pieces; roll each into an 8-inch round."},{"@type":"HowToStep","text":"Heat a dry skillet over medium-high. Cook each round 1 to 2 minutes, until bubbles form and the bottom browns; flip and cook 1 minute more."}]}`,
    pct: { 'all-purpose flour': 100, 'olive oil': 16.7, 'warm water': 56.7 },
    kinds: 'mix knead rest divide roll cook',
    rests: [20],
    cook: [90, 60],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'structured data',
    text: `{"@context":"https://schema.org","@type":"Recipe","name":"Two-flour bhakri","recipeYield":"8","recipeIngredient":["200 g whole wheat flour","200 g millet flour","30 g ghee","6 g salt","200 g warm water"],"recipeInstructions":[{"@type":"HowToStep","text":"Rub the ghee into the flours and salt until sandy."},{"@type":"HowToStep","text":"Add the water and knead for 3 minutes to a stiff dough. Rest for 10 minutes."},{"@type":"HowToStep","text":"Divide into 8 and roll to 14 cm, about 4 mm thick."},{"@type":"HowToStep","text":"Cook on a medium-low tava for 2 minutes a side, pressing with a cloth."}]}`,
    pct: { 'whole wheat flour': 50, 'millet flour': 50, ghee: 7.5, salt: 1.5, 'warm water': 50 },
    kinds: 'mix mix knead rest divide roll cook',
    rests: [10],
    cook: [120, 120],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'a scan',
    text: `BUTTERMILK GRIDDLE SCONES

½ lb. flour                ½ teaspoon soda
¼ teaspoon cream of tartar ½ teaspoon salt
1 oz. margarine            ¼ pint buttermilk

1. Sieve dry ingredients and rub in margarine.
2. Mix to a soft dough with the buttermilk.
3. Roll to ½ in. thick and cut in triangles.
4. Cook on a moderate griddle 5 min. on each
   side.`,
    pct: { flour: 100 },
    kinds: 'mix mix mix roll divide cook',
    rests: [],
    cook: [300, 300],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'a scan',
    text: `FLAT BREADS FOR THE CAMP        Makes 2O

2 kg flour, 1,25 l water, 4O g salt, 2O g dry
yeast. Mix and knead 1O min. Cover, let rise
1 hour. Cut into 2O pieces of 16O g and make
them round. After 15 min. roll to 24 cm and
bake on the iron plate, 1½ min. per side.`,
    pct: { flour: 100, water: 62.5, salt: 2, 'dry yeast': 1 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [60, 15],
    cook: [90, 90],
    pieceG: 160,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `Five hundred and fifty grams of bread flour, three hundred and fifty grams of water, eleven grams of salt, eight grams of yeast, sixteen grams of butter. Mix for five minutes, knead for seven. Prove for one hour. Divide into nine and shape into balls. Rest for twelve minutes. Roll out to nineteen centimetres. Cook on a hot griddle for one minute, flip, and cook for three quarters of a minute.`,
    pct: { 'bread flour': 100, water: 63.6, salt: 2, yeast: 1.45, butter: 2.9 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [60, 12],
    cook: [60, 45],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `Two cups of flour, one teaspoon of salt, one tablespoon of oil, two thirds of a cup of hot water. Stir with a spoon, then knead for four minutes. Rest for half an hour under a bowl. Eight portions. Roll to seven inches. Half a minute on the first side and twenty seconds on the second, on a very hot griddle.`,
    pct: { flour: 100 },
    kinds: 'mix knead rest divide roll cook',
    rests: [30],
    cook: [30, 20],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'parts by vessel',
    text: `1 glass = 200 ml
flour 5 glasses
warm water 1 3/4 glasses
oil 1/4 glass
salt 2 teaspoons
dry yeast 1 tablespoon
Knead 10 min; rise 1 h; 12 balls; 15 min; roll 18 cm; griddle 1 min each side.`,
    pct: { flour: 100 },
    kinds: 'mix knead proof ball rest roll cook',
    rests: [60, 15],
    cook: [60, 60],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'parts by vessel',
    text: `Take equal measures of plain flour and thick yoghurt by weight, or two cups of flour to one of yoghurt, with a teaspoon of baking powder and half a teaspoon of salt. Knead for two minutes, rest for ten, divide into six, roll out and cook for two minutes on each side in a dry pan.`,
    pct: { 'plain flour': 100 },
    kinds: 'mix knead rest divide roll cook',
    rests: [10],
    cook: [120, 120],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'decimal commas',
    text: `Batbout (20 stuks van 75 g)
fine semolina 0,5 kg
flour 0,4 kg
water 0,585 kg
salt 0,018 kg
yeast 9,0 g
Knead 11,5 min. Divide 75 g, ball, roll 12 cm. Proof 0,75 h. Griddle, medium, 2,25 min per side, turning often.`,
    pct: { 'fine semolina': 55.6, flour: 44.4, water: 65, salt: 2, yeast: 1 },
    kinds: 'mix knead divide ball roll proof cook',
    rests: [45],
    pieceG: 75,
    cook: [67.5, 67.5, 67.5, 67.5],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'decimal commas',
    text: `Griddle rolls: 0,800 kg flour, 0,430 kg milk, 0,080 kg butter, 0,040 kg sugar, 0,0144 kg salt, 0,020 kg fresh yeast. Mix 8,5 min, proof 0,9 h, divide 0,065 kg, round, proof 0,4 h, flatten 8,5 cm, griddle low 3,25 min + 3,0 min.`,
    pct: { flour: 100, milk: 53.75, butter: 10, sugar: 5, salt: 1.8, 'fresh yeast': 2.5 },
    kinds: 'mix proof divide ball proof shape cook',
    rests: [54, 24],
    cook: [195, 180],
    pieceG: 65,
    allergens: ['gluten', 'milk', 'wheat'],
  },
];
