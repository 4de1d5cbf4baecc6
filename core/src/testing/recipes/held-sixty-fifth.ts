import type { RecipeText } from './recipe-text.ts';

/** A sixty-fifth lot whose expectation was written before the reader saw it: breads of many countries as their teachers write them, two texts of each common manner. */
export const SIXTY_FIFTH: readonly RecipeText[] = [
  {
    manner: 'a handout',
    text: `MSEMEN – layered square breads
Makes 12

Dough
300 g plain flour
200 g fine semolina
8 g salt
4 g sugar
3 g instant yeast
320 g warm water

For folding
60 g melted butter
60 g vegetable oil
40 g fine semolina

Method
1. Mix the dry ingredients, add the water and knead for 12 minutes until very soft and elastic.
2. Divide into 12 balls, oil them and rest for 20 minutes under plastic.
3. Mix the butter and oil.
4. On an oiled surface, flatten a ball with your fingertips until paper thin. Brush with the butter mixture, sprinkle with semolina and fold into a square.
5. Rest for 10 minutes.
6. Flatten each square to about 14 cm.
7. Cook on a medium griddle for 2 minutes each side.`,
    pct: { 'plain flour': 60, 'fine semolina': 40, salt: 1.6, sugar: 0.8, 'instant yeast': 0.6, 'warm water': 64 },
    // what is brushed and strewn on before folding fills
    kinds: 'mix knead divide ball rest prepare shape fill shape rest shape cook',
    rests: [20, 10],
    cook: [120, 120],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['butter', 'vegetable oil'],
  },
  {
    manner: 'a handout',
    text: `Pita bread
For 10 pitas you need:
600 g bread flour
390 g water, lukewarm
12 g salt
7 g dried yeast
1 tsp sugar
2 tbsp olive oil

Stir the yeast and sugar into the water and leave for 10 minutes until frothy. Add the flour, salt and oil, mix, and knead for 10 minutes.
Cover and prove for 1 1/2 hours, until doubled in size.
Knock back and divide into 10. Shape into balls and rest for 15 minutes.
Roll out to 15 cm.
Heat the griddle until very hot. Cook for 20 seconds, flip, cook for 1 minute, flip again and press gently with a cloth until it puffs up, about 30 seconds.
Wrap in a clean tea towel to keep them soft.`,
    pct: { 'bread flour': 100, water: 65, salt: 2, 'dried yeast': 1.2 },
    // yeast that froths blooms; what is knocked back is kneaded
    kinds: 'mix bloom mix knead proof knead divide ball rest roll cook finish',
    rests: [10, 90, 15],
    cook: [20, 60, 30],
    allergens: ['gluten', 'wheat'],
    others: ['sugar', 'olive oil'],
  },
  {
    manner: 'a table',
    text: `| Ingredient | Weight | Baker's % |
|---|---|---|
| Strong white flour | 800 g | 80 % |
| Wholemeal flour | 200 g | 20 % |
| Water | 680 g | 68 % |
| Salt | 20 g | 2 % |
| Instant yeast | 8 g | 0.8 % |
| Olive oil | 30 g | 3 % |

| Step | Time |
|---|---|
| Mix | 4 min |
| Knead | 6 min |
| Bulk proof | 75 min |
| Divide into 14, shape into balls | – |
| Bench rest | 20 min |
| Roll to 18 cm | – |
| Griddle, first side | 60 s |
| Griddle, second side | 45 s |`,
    pct: {
      'strong white flour': 80,
      'wholemeal flour': 20,
      water: 68,
      salt: 2,
      'instant yeast': 0.8,
      'olive oil': 3,
    },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [75, 20],
    cook: [60, 45],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a table',
    text: `PARATHA
                      4 people     8 people    12 people
Atta                   400 g        800 g       1200 g
Water                  260 g        520 g        780 g
Salt                     6 g         12 g         18 g
Ghee for layering       60 g        120 g        180 g

Mix and knead for 6 minutes. Rest 30 minutes. Divide: 2 each. Ball. Roll to 18 cm, spread with ghee, roll up into a coil, rest 10 minutes, roll again to 16 cm. Cook 1 minute per side on a hot tawa.`,
    pct: { atta: 100, water: 65, salt: 1.5 },
    // what is spread fills, and a coil has its own word
    kinds: 'mix knead rest divide ball roll fill coil rest roll cook',
    rests: [30, 10],
    cook: [60, 60],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['ghee'],
  },
  {
    manner: 'percentages alone',
    text: `Barbari-style flatbread

Bread flour 100%
Water 70%
Salt 2%
Instant yeast 1%
Sugar 1%

Mix, knead 8 minutes, bulk proof 60 minutes. Divide at 200 g. Round and rest 20 minutes. Stretch into ovals of 25 cm. Griddle with a lid: 3 minutes, turn, 2 minutes.`,
    pct: { 'bread flour': 100, water: 70, salt: 2, 'instant yeast': 1, sugar: 1 },
    kinds: 'mix knead proof divide ball rest shape cook',
    rests: [60, 20],
    cook: [180, 120],
    pieceG: 200,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Flour tortillas (baker's percentages)
plain flour 100
lard 15
water 50
salt 1.8
baking powder 1

1. Rub the lard into the flour, salt and baking powder.
2. Add the water and knead for 3 minutes.
3. Rest for 30 minutes.
4. Divide into 45 g balls and rest for another 15 minutes.
5. Roll to 20 cm.
6. Cook for 40 seconds, flip and cook for 30 seconds.`,
    pct: { 'plain flour': 100, lard: 15, water: 50, salt: 1.8, 'baking powder': 1 },
    kinds: 'mix mix knead rest divide ball rest roll cook',
    rests: [30, 15],
    cook: [40, 30],
    pieceG: 45,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `For scallion pancakes for four, pour 180 ml of boiling water over 300 g of plain flour, stir with chopsticks until shaggy, then knead for five minutes and let the dough rest for half an hour. Divide it into four, roll each piece into a 20 cm circle, brush with sesame oil, scatter with salt and 60 g of chopped scallions, roll it up like a carpet, coil it and rest it for ten minutes. Roll the coils out to 16 cm and fry in a little oil over medium heat for two and a half minutes per side.`,
    pct: { 'plain flour': 100, 'boiling water': 60 },
    // brushed and strewn on before it is rolled up: filled
    kinds: 'mix knead rest divide roll fill coil rest roll cook',
    rests: [30, 10],
    cook: [150, 150],
    allergens: ['gluten', 'sesame', 'wheat'],
    others: ['sesame oil', 'salt', 'scallion', 'oil'],
  },
  {
    manner: 'one paragraph',
    text: `Makki di roti is made from 250 g of fine cornmeal, about 200 ml of hot water and half a teaspoon of salt: mix with a spoon until it is cool enough to touch, knead with the heel of your hand for four minutes, cover and rest for ten minutes. Divide into six, pat each ball between your palms or two sheets of plastic to a 14 cm round, and cook on a moderately hot tawa for a minute and a half, then turn and cook for another minute and a half. Smear with butter.`,
    pct: { 'fine cornmeal': 100, 'hot water': 80 },
    // divided and patted: nobody rounds them first
    kinds: 'mix knead rest divide shape cook finish',
    rests: [10],
    cook: [90, 90],
    allergens: ['milk'],
    others: ['salt', 'butter'],
  },
  {
    manner: 'a web page',
    text: `<!doctype html><html><body><header><nav><a href="/">Home</a> <a href="/recipes">Recipes</a></nav></header><main><article><h1>Piadina romagnola</h1><p class="intro">Street food that needs no yeast and no oven.</p><p>Serves 6</p><section><h2>Ingredients</h2><ul><li>500&nbsp;g &ldquo;00&rdquo; flour</li><li>100&nbsp;g lard</li><li>10&nbsp;g salt</li><li>½ tsp bicarbonate of soda</li><li>210&nbsp;ml warm water</li></ul></section><section><h2>Method</h2><p>1. Rub the lard into the flour with the salt and bicarbonate of soda.</p><p>2. Add the water and knead for 8 minutes until smooth.</p><p>3. Wrap and rest for 45 minutes at room temperature.</p><p>4. Divide into 6 balls; rest for 10 minutes.</p><p>5. Roll each ball to 24 cm.</p><p>6. Cook on a very hot griddle for about 2 minutes per side, pricking the bubbles with a fork.</p><p>Fill with rocket and cheese and fold in half.</p></section></article></main><footer>© The Wooden Board. All rights reserved. <a href="/privacy">Privacy</a></footer></body></html>`,
    pct: { '“00” flour': 100, lard: 20, salt: 2, 'warm water': 42 },
    kinds: 'mix mix knead rest divide ball rest roll cook finish',
    rests: [45, 10],
    cook: [120, 120],
    others: ['bicarbonate of soda'],
  },
  {
    manner: 'a web page',
    text: `<article><h1>Easy garlic naan in a frying pan</h1><div class="meta"><span>Prep: 20 mins</span><span>Proving: 1 hr</span><span>Cook: 20 mins</span><span>Makes: 6</span></div><div class="ad">Advertisement</div><h3>Ingredients</h3><ul class="ing"><li><span>350</span> <span>g</span> <span>strong white flour</span></li><li><span>1</span> <span>tsp</span> <span>salt</span></li><li><span>5</span> <span>g</span> <span>instant yeast</span></li><li><span>120</span> <span>g</span> <span>plain yogurt</span></li><li><span>120</span> <span>ml</span> <span>warm milk</span></li><li><span>2</span> <span>cloves</span> <span>garlic, grated</span></li><li><span>50</span> <span>g</span> <span>butter, melted</span></li></ul><h3>Steps</h3><ol><li>Combine the flour, salt and yeast. Mix in the yogurt and milk, then knead for 6 mins.</li><li>Prove for 1 hr or until doubled.</li><li>Stir the garlic into the butter.</li><li>Divide the dough into 6, shape into balls and roll into 20cm teardrops.</li><li>Cook in a hot pan for 2 mins until bubbles form. Flip and cook for 1 min more. Brush with garlic butter.</li></ol><section id="comments"><h3>Comments (2)</h3><p>Mel: I used 400 g flour and it was fine!</p><p>Tomas: 5 stars</p></section></article>`,
    pct: { 'strong white flour': 100, 'instant yeast': 1.4, 'plain yogurt': 34.3, 'warm milk': 34.3 },
    kinds: 'mix knead proof prepare divide ball roll cook finish',
    rests: [60],
    cook: [120, 60],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['salt', 'garlic', 'butter'],
  },
  {
    manner: 'structured data',
    text: `<script type="application/ld+json">{"@context":"https://schema.org/","@type":"Recipe","name":"Lavash","author":{"@type":"Person","name":"Ada Brook"},"recipeYield":["10","10 breads"],"prepTime":"PT20M","cookTime":"PT15M","totalTime":"PT1H35M","recipeIngredient":["500 g bread flour","310 g water","10 g salt","5 g instant yeast","25 g sunflower oil","5 g sugar"],"recipeInstructions":[{"@type":"HowToStep","text":"Mix all ingredients and knead for 8 minutes."},{"@type":"HowToStep","text":"Let rise for 45 minutes."},{"@type":"HowToStep","text":"Divide into 10 balls and rest them for 15 minutes."},{"@type":"HowToStep","text":"Roll each one very thin, about 28 cm."},{"@type":"HowToStep","text":"Cook on an upturned wok or griddle for 45 seconds on each side."},{"@type":"HowToStep","text":"Stack and cover with a towel."}]}</script>`,
    pct: { 'bread flour': 100, water: 62, salt: 2, 'instant yeast': 1, 'sunflower oil': 5, sugar: 1 },
    kinds: 'mix knead proof divide ball rest roll cook finish',
    rests: [45, 15],
    cook: [45, 45],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'structured data',
    text: `{"@type":"Recipe","name":"Spinach gözleme","recipeYield":"4 servings","recipeIngredient":["300 g plain flour","170 ml warm water","1 tablespoon olive oil","1 teaspoon salt","200 g spinach, chopped","120 g feta, crumbled","1 small onion, finely chopped"],"recipeInstructions":"Mix the flour, salt, oil and water and knead for 5 minutes. Rest for 30 minutes.\\nMix the spinach, feta and onion.\\nDivide the dough into 4 balls and roll each out to 28 cm.\\nSpread the filling over one half, fold over and press the edges together.\\nCook on a hot griddle for 3 minutes on each side, brushing with oil."}`,
    pct: { 'plain flour': 100, 'warm water': 56.7 },
    // folded over the filling: shaped
    kinds: 'mix knead rest prepare divide ball roll fill shape cook',
    rests: [30],
    cook: [180, 180],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['olive oil', 'salt', 'spinach', 'feta', 'onion'],
  },
  {
    manner: 'a scan',
    text: `                    THE FARM KITCHEN                 31

GRIDDLE SCONES

1/2 lb. self-raising flour
1 oz. butter
1/4 teaspoonful salt
1 oz. sugar
1/4 pint milk

Rub the butter into the flour and salt. Add the
sugar and mix to a soft dough with the milk. Turn
on to a floured board, knead lightly, divide into
two and roll each to a round about 1/2 inch thick.
Cut each round into 4. Cook on a moderately hot
griddle, about 5 minutes on each side. Serve hot,
split and but-
tered.`,
    // self-raising flour is plain flour with its powder
    pct: { 'plain flour': 100, 'baking powder': 5, butter: 13.1, sugar: 13.1, milk: 67.7 },
    // serving is no step
    kinds: 'mix mix knead divide roll divide cook',
    rests: [],
    cook: [300, 300],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['salt'],
  },
  {
    manner: 'a scan',
    text: `Chapatl (from the course folder, p. 4)

25O g wholemeal flour
1/2 tsp salt
l tbsp oil
16O ml warm water

1. Put the flour and salt in a bowl, add the oil and
enough water to make a soft dough.
2. Knead for 1O minutes.
3. Leave to rest for 3O minutes, covered with a damp
cloth.
4. Divide into 8 pieces and roll each into a ball.
5. Roll out on a floured board to l5 cm.
6. Cook in a hot, dry pan for 3O seconds each side.`,
    pct: { 'wholemeal flour': 100, 'warm water': 64 },
    kinds: 'mix knead rest divide ball roll cook',
    rests: [30],
    cook: [30, 30],
    allergens: ['gluten', 'wheat'],
    others: ['salt', 'oil'],
  },
  {
    manner: 'words for numbers',
    text: `Take one pound of plain flour, half a pound of water, a quarter of an ounce of salt and two ounces of butter. Rub the butter into the flour, add the salt and water, and knead for five minutes. Rest the dough for twenty minutes. Cut it into ten pieces, roll each into a ball, then roll them out to seven inches. Cook on a hot griddle, one minute on the first side and three quarters of a minute on the second.`,
    pct: { 'plain flour': 100, water: 50, salt: 1.6, butter: 12.5 },
    kinds: 'mix mix knead rest divide ball roll cook',
    rests: [20],
    cook: [60, 45],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `Olive flatbreads for a dozen
Six hundred grams of bread flour
Four hundred grams of water
Twelve grams of salt
Six grams of instant yeast
Thirty grams of olive oil
A hundred grams of chopped olives
Mix everything except the olives and knead for eight minutes, then work in the olives. Prove for an hour. Divide into a dozen, shape into balls and rest for ten minutes. Flatten to fourteen centimetres and cook for two minutes a side.`,
    pct: { 'bread flour': 100, water: 66.7, salt: 2, 'instant yeast': 1, 'olive oil': 5, 'chopped olives': 16.7 },
    kinds: 'mix knead mix proof divide ball rest shape cook',
    rests: [60, 10],
    cook: [120, 120],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'parts by vessel',
    text: `Yoghurt flatbreads – the easiest bread in the world

2 cups self-raising flour
1 cup plain yoghurt
a pinch of salt

Mix, knead for 1 minute, and rest for 10 minutes. Divide into 8. Roll each to 15 cm. Cook in a hot dry pan for 2 minutes on each side.`,
    pct: { 'plain flour': 100, 'baking powder': 5 },
    kinds: 'mix knead rest divide roll cook',
    rests: [10],
    cook: [120, 120],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['yoghurt', 'salt'],
  },
  {
    manner: 'parts by vessel',
    text: `Use the same tea glass for everything: five glasses of flour, two glasses of warm water, half a glass of oil, a tablespoon of salt and a packet (7 g) of dried yeast. Mix, knead for ten minutes, cover and leave to rise for one hour. Make sixteen balls. Let them rest for fifteen minutes, then roll out to 20 cm. Cook on a sac for one minute per side.`,
    pct: { flour: 100 },
    kinds: 'mix knead proof ball rest roll cook',
    rests: [60, 15],
    cook: [60, 60],
    others: ['water', 'oil', 'salt', 'dried yeast'],
  },
  {
    manner: 'decimal commas',
    text: `Pinsa-style flatbreads, 8 pieces

0,75 kg bread flour
0,15 kg rice flour
0,1 kg soya flour
0,75 kg cold water
22,5 g salt
2,5 g dry yeast
20,0 g olive oil

Mix for 7,5 minutes. Bulk proof 24 hours in the fridge. Divide at 225 g, ball, proof again for 2,5 hours. Stretch to 22,5 cm. Griddle with the lid on for 3,5 minutes, turn, 2,5 minutes.`,
    pct: {
      'bread flour': 75,
      'rice flour': 15,
      'soya flour': 10,
      'cold water': 75,
      salt: 2.25,
      'dry yeast': 0.25,
      'olive oil': 2,
    },
    kinds: 'mix chill divide ball proof shape cook',
    rests: [1440, 150],
    cook: [210, 150],
    pieceG: 225,
    allergens: ['gluten', 'soya', 'wheat'],
  },
  {
    manner: 'decimal commas',
    text: `Rye griddle cakes
500 g rye flour
1,5 dl buttermilk
2,0 dl water
7,5 g salt
12,5 g fresh yeast

Dissolve the yeast in the water. Add everything else and mix for 5 minutes. Let it rise for 1,5 hours. Divide into 10. Pat out to 13,5 cm with wet hands. Rest 15 minutes. Cook 2,5 minutes per side.`,
    pct: { 'rye flour': 100, buttermilk: 31, water: 40, salt: 1.5, 'fresh yeast': 2.5 },
    // what is dissolved and mixed at once is one mixing
    kinds: 'mix proof divide shape rest cook',
    rests: [90, 15],
    cook: [150, 150],
  },
];
