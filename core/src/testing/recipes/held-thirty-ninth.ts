import type { RecipeText } from './recipe-text.ts';

/** A thirty-ninth lot whose expectation was written before the reader saw it: two texts of each common manner. */
export const THIRTY_NINTH: readonly RecipeText[] = [
  {
    manner: 'a handout',
    text: `Fernhill Mill – Griddle course
Recipe sheet: Malted flatbreads (makes 10)

400g malted brown flour
200g strong white flour
12g salt
6g dried yeast
390g water at 32°C
20g rapeseed oil

1. Mix all the ingredients to a dough.
2. Knead for 8 minutes by hand or 5 minutes in a mixer.
3. Leave to prove for 1 hour.
4. Divide into 10 pieces (about 100g) and shape into balls.
5. Leave to rest for 15 minutes, covered.
6. Roll out to 18cm.
7. Cook on a dry griddle over a medium-high heat for 1½ minutes on the first side and 1 minute on the second.
8. Cool in a cloth.

What went well? What would you change?`,
    pct: {
      'malted brown flour': 66.7,
      'strong white flour': 33.3,
      salt: 2,
      'dried yeast': 1,
      water: 65,
      'rapeseed oil': 3.3,
    },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [60, 15],
    cook: [90, 60],
    pieceG: 100,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a handout',
    text: `Tasting menu, bread no. 3
TORTA AL TESTO

Serves 8 as wedges (2 torte)

00 flour 500 g
water 270 g
olive oil 25 g
salt 8 g
bicarbonate of soda 4 g

Mix the flour, salt and bicarbonate; add water and oil; knead 5 minutes.
Rest 30 minutes.
Divide in two. Roll each to 24 cm, 1 cm thick. Prick all over.
Cook on a medium testo, 6 minutes, turn, 5 minutes.
Cut into wedges.`,
    pct: { '00 flour': 100, water: 54, 'olive oil': 5, salt: 1.6, 'bicarbonate of soda': 0.8 },
    kinds: 'mix knead rest divide roll cook',
    rests: [30],
    cook: [360, 300],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a table',
    text: `Ingredient       Per kg flour    Your batch (600 g)
Flour            1000 g          600 g
Water            640 g           384 g
Salt             20 g            12 g
Instant yeast    8 g             5 g

Mix 5 min, knead 5 min, proof 1 h, divide 8, ball, rest 15 min, roll 20 cm, griddle 1 min each side.`,
    pct: { flour: 100, water: 64, salt: 2, 'instant yeast': 0.8 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [60, 15],
    cook: [60, 60],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a table',
    text: `| Step | Do | How long | Look for |
|---|---|---|---|
| 1 | Mix 360 g atta, 235 g water, 6 g salt | 3 min | no dry flour |
| 2 | Knead | 6 min | smooth |
| 3 | Rest | 25 min | soft |
| 4 | Divide into 9, ball | 5 min | round |
| 5 | Roll to 17 cm | - | even |
| 6 | Griddle | 20 s + 35 s + 10 s | puffed |`,
    pct: { atta: 100, water: 65.3, salt: 1.7 },
    kinds: 'mix knead rest divide ball roll cook',
    rests: [25],
    cook: [20, 35, 10],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Markook. Flour 70%, fine semolina 30%, water 60%, salt 1.8%, dry yeast 0.3%, sugar 0.5%. Knead 10 min; bulk 60 min; divide 110 g; ball; rest 30 min; roll to 25 cm, then stretch over the cushion to 45 cm; saj 40 s one side.`,
    pct: { flour: 70, 'fine semolina': 30, water: 60, salt: 1.8, 'dry yeast': 0.3, sugar: 0.5 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [60, 30],
    pieceG: 110,
    cook: [40],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Dough for stuffed breads - baker's percentages
white flour ........ 100
water ..............  56
sunflower oil ......   5
sugar ..............   1
salt ............... 1.8
fresh yeast ........   2

Mix 3 + 5 min. Bulk 45 min. 80 g pieces, round, 10 min. Flatten, 50 g filling each, close. 15 min. Roll to 14 cm. Griddle, medium, 3 + 3 min.`,
    pct: { 'white flour': 100, water: 56, 'sunflower oil': 5, sugar: 1, salt: 1.8, 'fresh yeast': 2 },
    kinds: 'mix proof divide ball rest fill rest roll cook',
    rests: [45, 10, 15],
    cook: [180, 180],
    pieceG: 80,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `For ten large flatbreads, weigh 1 kg of strong bread flour, 20 g of fine sea salt, 10 g of instant yeast, 650 g of warm water and 40 g of olive oil into a mixer and mix on a low speed for 4 minutes and a medium speed for 5. Prove for an hour in an oiled tub, knock back, prove for another half an hour, then scale into 170 g pieces and mould round. After twenty minutes, roll out to 25 cm and bake on the plancha at 250 °C for a minute and a half a side.`,
    pct: { 'strong bread flour': 100, 'fine sea salt': 2, 'instant yeast': 1, 'warm water': 65, 'olive oil': 4 },
    kinds: 'mix proof knead proof divide ball rest roll cook',
    rests: [60, 30, 20],
    cook: [90, 90],
    pieceG: 170,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `Sweet corn griddle breads: blitz 200g sweetcorn with 100ml buttermilk and 1 egg, fold into 250g self-raising flour with 1/2 tsp salt and 2 chopped spring onions, leave for 5 minutes, then drop 60 g spoonfuls onto a buttered griddle, flatten slightly and cook for 3 minutes, flip and give them 2 minutes more.`,
    pct: { 'plain flour': 100 },
    kinds: 'mix rest divide shape cook',
    rests: [5],
    cook: [180, 120],
    pieceG: 60,
    allergens: ['egg', 'gluten', 'milk', 'wheat'],
    others: ['sweetcorn', 'spring onions'],
  },
  {
    manner: 'a web page',
    text: `<div class="main"><h1>Best Ever Garlic Naan</h1><p>Jump to Recipe</p><p>If you love takeaway naan, you&#39;ll love these.</p><h2>Best Ever Garlic Naan</h2><p>Prep Time 15 minutes Rise Time 1 hour Cook Time 15 minutes Servings 8 naan</p><h3>Ingredients</h3><ul><li>1 cup warm water (240 g)</li><li>2 teaspoons active dry yeast</li><li>1 tablespoon sugar</li><li>1/4 cup plain yogurt (60 g)</li><li>1 large egg</li><li>4 cups bread flour (500 g), plus extra</li><li>2 teaspoons salt</li></ul><h3>Garlic butter</h3><ul><li>1/4 cup butter (57 g), melted</li><li>3 cloves garlic, minced</li></ul><h3>Instructions</h3><ol><li>Mix the warm water, yeast and sugar. Let stand 10 minutes until foamy.</li><li>Stir in the yogurt and egg, then the flour and salt. Knead for 6 to 8 minutes.</li><li>Let rise in a greased bowl, covered, for 1 hour.</li><li>Divide into 8 balls. Rest 10 minutes. Roll into ovals about 1/4 inch thick.</li><li>Heat a skillet over medium-high heat. Cook until bubbly, 1 to 2 minutes; flip and cook 1 to 2 minutes more.</li><li>Combine the butter and garlic and brush over the naan.</li></ol></div>`,
    pct: { 'warm water': 48, 'plain yogurt': 12, 'bread flour': 100, egg: 10 },
    kinds: 'mix bloom mix knead proof divide ball rest roll cook prepare finish',
    rests: [10, 60, 10],
    cook: [90, 90],
    allergens: ['egg', 'gluten', 'milk', 'wheat'],
    others: ['garlic'],
  },
  {
    manner: 'a web page',
    text: `<section><h1>Roti &ndash; step by step</h1><dl class="facts"><dt>Makes</dt><dd>12</dd><dt>Time</dt><dd>1 hour</dd></dl><h2>For the dough</h2><ul><li>atta, 400 g</li><li>warm water, 270 g</li><li>salt, 1 tsp</li><li>oil, 1 tbsp</li></ul><h2>The steps</h2><ol><li>Mix it. Put the atta and salt in a wide bowl; pour in the water while stirring with your fingers.</li><li>Knead it. Add the oil and knead for 8 minutes.</li><li>Rest it. 30 minutes, covered.</li><li>Shape it. Divide into 12, roll into balls, flatten, and roll out to 16 cm.</li><li>Cook it. Hot tawa: 30 seconds, turn, 45 seconds, turn, press until it puffs, about 15 seconds.</li></ol></section>`,
    pct: { atta: 100, 'warm water': 67.5 },
    kinds: 'mix knead rest divide ball roll cook',
    rests: [30],
    cook: [30, 45, 15],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'structured data',
    text: `{"@context":"https://schema.org","@type":"Recipe","name":"Spring onion pancakes","recipeYield":"6 pancakes","recipeIngredient":["Dough:","300 g plain flour","180 ml hot water","1/2 tsp salt","Filling:","3 tbsp sesame oil","6 spring onions, sliced","1 tsp salt"],"recipeInstructions":[{"@type":"HowToStep","text":"Mix the flour and salt, pour in the hot water and stir. Knead for 5 minutes until smooth."},{"@type":"HowToStep","text":"Rest for 30 minutes."},{"@type":"HowToStep","text":"Divide into 6 and roll out thinly."},{"@type":"HowToStep","text":"Brush with sesame oil, scatter over the spring onions and salt, roll up and coil. Rest for 10 minutes."},{"@type":"HowToStep","text":"Roll out to 15 cm."},{"@type":"HowToStep","text":"Fry on an oiled griddle for 3 minutes per side."}]}`,
    pct: { 'plain flour': 100, 'hot water': 60 },
    kinds: 'mix knead rest divide roll fill coil rest roll cook',
    rests: [30, 10],
    cook: [180, 180],
    allergens: ['gluten', 'sesame', 'wheat'],
    others: ['spring onions'],
  },
  {
    manner: 'structured data',
    text: `{"@context":"https://schema.org","@type":"Recipe","name":"Vegan griddle naan","recipeYield":["6","6 naan"],"recipeIngredient":["300g (2½ cups) plain flour","1 tsp baking powder","½ tsp bicarbonate of soda","1 tsp salt","150g (⅔ cup) soya yogurt","60ml (¼ cup) warm water","1 tbsp olive oil"],"recipeInstructions":[{"@type":"HowToStep","text":"Mix together the dry ingredients. Add the yogurt, water and oil and mix until it forms a dough."},{"@type":"HowToStep","text":"Knead for 4-5 minutes, then leave to rest for 30 minutes, covered."},{"@type":"HowToStep","text":"Cut into 6 equal pieces. Roll each one out to about 5mm thick."},{"@type":"HowToStep","text":"Place on a hot griddle, cook for 2 minutes, flip and cook the other side for 1-2 minutes."}]}`,
    pct: { 'plain flour': 100, 'soya yogurt': 50, 'warm water': 20 },
    kinds: 'mix knead rest divide roll cook',
    rests: [30],
    cook: [120, 90],
    allergens: ['gluten', 'soya', 'wheat'],
  },
  {
    manner: 'a scan',
    text: `GRIDDLE BREAD                          (4 farls)

8 oz  (225 g)   plain flour
½ level tsp.    bicarbonate of soda
½ level tsp.    salt
¼ pt. (150 ml)  buttermilk, approx.

Sift together dry ingredients. Mix to a soft dough
with buttermilk. Knead lightly and roll into a
round about ½ inch (1.25 cm) thick. Cut into
quarters. Bake on a moderate griddle for 7 mins.
each side.`,
    pct: { 'plain flour': 100, buttermilk: 68.7 },
    kinds: 'mix knead roll divide cook',
    rests: [],
    cook: [420, 420],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'a scan',
    text: `Bread for the March (12 men)

3 lbs. flour, 1 oz. salt, 1 quart water.

Mix flour & salt, add water, work well for 10
minutes. Cover & let stand ½ hour. Divide into
24 cakes, roll out thin. Bake on a flat stone or
iron plate, well heated, 1 minute to a side.`,
    pct: { flour: 100, salt: 2.1 },
    kinds: 'mix knead rest divide roll cook',
    rests: [30],
    cook: [60, 60],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `Use three hundred and fifty grams of bread flour, one hundred and fifty grams of wholemeal, three hundred and twenty-five grams of water, ten grams of salt, four grams of yeast and fifteen grams of honey. Mix and knead for ten minutes. Prove for fifty minutes. Divide into seven. Round, and prove for fifteen minutes. Roll out to twenty centimetres. Griddle: one minute ten seconds, then fifty seconds.`,
    pct: { 'bread flour': 70, wholemeal: 30, water: 65, salt: 2, yeast: 0.8, honey: 3 },
    kinds: 'mix knead proof divide ball proof roll cook',
    rests: [50, 15],
    cook: [70, 50],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `Half a kilo of semolina, three hundred grams of lukewarm water, ten grams of salt, five of yeast, twenty of olive oil. Knead for a quarter of an hour. Let it rise for forty-five minutes. Shape six balls, flatten them to fifteen centimetres, and let them rise for half an hour under a cloth. Cook six minutes on each side over a low flame.`,
    pct: { semolina: 100, 'lukewarm water': 60, salt: 2, yeast: 1, 'olive oil': 4 },
    kinds: 'mix knead proof ball shape proof cook',
    rests: [45, 30],
    cook: [360, 360],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'parts by vessel',
    text: `Measure everything with one small bowl.
Three bowls of plain flour
One bowl of warm water
A third of a bowl of oil
Two pinches of salt
Knead 5 minutes, rest 20 minutes, 9 pieces, roll to 18 cm, dry griddle 40 seconds each side.`,
    pct: { 'plain flour': 100 },
    kinds: 'mix knead rest divide roll cook',
    rests: [20],
    cook: [40, 40],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'parts by vessel',
    text: `Simple pan bread
- Flour, 2 coffee cups
- Natural yogurt, 1 coffee cup
- Baking powder, 2 tsp
- Salt, 1/2 tsp
Stir to a dough, knead 1 min, cover 10 min. Cut in 6, roll out, 2 min a side in a dry pan.`,
    pct: { flour: 100 },
    kinds: 'mix knead rest divide roll cook',
    rests: [10],
    cook: [120, 120],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'decimal commas',
    text: `Kesra (6 galettes)
semoule fine / fine semolina 0,6 kg
huile / oil 0,09 kg
eau / water 0,27 kg
sel / salt 0,009 kg
levure chimique / baking powder 3,0 g
Rub the oil into the semolina and salt. Add the water, mix 2 min, rest 0,25 h. Divide 6, ball, flatten to 18 cm, 1,0 cm thick. Griddle 4,0 min + 3,5 min.`,
    pct: { 'fine semolina': 100, oil: 15, water: 45, salt: 1.5, 'baking powder': 0.5 },
    kinds: 'mix mix rest divide ball shape cook',
    rests: [15],
    cook: [240, 210],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'decimal commas',
    text: `Batch sheet pita: flour 12,5 kg, water 8,0 kg, salt 0,25 kg, yeast 0,125 kg, oil 0,375 kg, sugar 0,125 kg. Mix 9,5 min. Bulk 40 min. Divide 0,09 kg, round. Rest 12,5 min. Sheet 2,5 mm. Proof 20 min. Griddle 0,5 min, flip, 1,0 min, flip, 0,5 min.`,
    pct: { flour: 100, water: 64, salt: 2, yeast: 1, oil: 3, sugar: 1 },
    kinds: 'mix proof divide ball rest roll proof cook',
    rests: [40, 12.5, 20],
    cook: [30, 60, 30],
    pieceG: 90,
    allergens: ['gluten', 'wheat'],
  },
];
