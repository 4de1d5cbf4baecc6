import type { RecipeText } from './recipe-text.ts';

/** A fifty-seventh lot whose expectation was written before the reader saw it: two texts of each common manner. */
export const FIFTY_SEVENTH: readonly RecipeText[] = [
  {
    manner: 'a handout',
    text: `LAVOSH-STYLE SOFT SHEETS
Class sheet for pairs (each pair makes 6)

You need:
300 g bread flour
180 g water
20 g sunflower oil
6 g salt
3 g instant yeast

Steps
1. Combine in a bowl until no dry flour is left. Leave for 10 minutes.
2. Knead for 5 minutes on the table.
3. Prove, covered, for 40 minutes.
4. Cut into six and form into balls. Cover and rest 20 minutes.
5. Roll very thin, to about 24 cm.
6. Heat the griddle to 220 °C. Cook 45 seconds, turn, 30 seconds.
7. Stack between damp cloths so they stay soft.`,
    pct: { 'bread flour': 100, water: 60, 'sunflower oil': 6.7, salt: 2, 'instant yeast': 1 },
    kinds: 'mix rest knead proof divide ball rest roll cook finish',
    rests: [10, 40, 20],
    cook: [45, 30],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a handout',
    text: `GREEN ONION PANCAKES (the flaky kind) - makes 4

Dough: 250 g plain flour, 150 g hot water (80 C), 2 g salt
Layers: 30 g oil, 3 g salt, 60 g spring onions

- Pour the water over the flour, stir with chopsticks, knead 4 minutes.
- Rest 30 minutes under a bowl.
- Divide in four. Roll each to 20 cm.
- Brush with oil, sprinkle with salt and onions.
- Roll up tightly, coil, tuck the end under. Rest 10 minutes.
- Flatten and roll to 16 cm.
- Fry on a medium griddle in a little oil, 3 minutes a side.
- Scrunch with two spatulas and cut in wedges.`,
    pct: { 'plain flour': 100, 'hot water': 60, salt: 0.8 },
    kinds: 'mix knead rest divide roll fill coil rest roll cook finish',
    rests: [30, 10],
    cook: [180, 180],
    allergens: ['gluten', 'wheat'],
    others: ['spring onion'],
  },
  {
    manner: 'a table',
    text: `Manaqish workshop, 16 pieces

| | g | % |
|---|---:|---:|
| Flour T55 | 1000 | 100 |
| Water | 600 | 60 |
| Olive oil | 60 | 6 |
| Salt | 20 | 2 |
| Sugar | 15 | 1.5 |
| Dry yeast | 8 | 0.8 |

| When | What |
|---|---|
| 0:00 | mix 4 min, knead 8 min |
| 0:12 | proof 60 min |
| 1:12 | divide 16 x 105 g, ball |
| 1:20 | rest 20 min |
| 1:40 | roll to 16 cm, spread the topping |
| 1:50 | griddle with lid, 4 min |`,
    pct: { 'flour T55': 100, water: 60, 'olive oil': 6, salt: 2, sugar: 1.5, 'dry yeast': 0.8 },
    kinds: 'mix knead proof divide ball rest roll fill cook',
    rests: [60, 20],
    // what lies open under a lid is not turned
    cook: [240],
    pieceG: 105,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a table',
    text: `Item            Qty    Unit
Chickpea flour  200    g
Water           350    ml
Olive oil       20     ml
Salt            4      g
Cumin           1      g

1  Whisk smooth
2  Stand 1 hour
3  Ladle 110 g onto an oiled hot griddle, spread to 18 cm
4  Cook 3 min, flip, 2 min`,
    pct: { 'chickpea flour': 100, water: 175, 'olive oil': 9.2, salt: 2, cumin: 0.5 },
    kinds: 'mix rest divide shape cook',
    rests: [60],
    cook: [180, 120],
    pieceG: 110,
    allergens: [],
  },
  {
    manner: 'percentages alone',
    text: `Sourdough discard flatbreads
Flour 100%
Discard (100% hydration) 60%
Yoghurt 25%
Water 20%
Salt 2%
Baking powder 2%
Mix, knead 2 minutes, rest half an hour. 85 g pieces, rolled to 16 cm. Hot dry pan, a minute and a half on the first side, one on the second.`,
    pct: { flour: 100, 'sourdough discard': 60, yoghurt: 25, water: 20, salt: 2, 'baking powder': 2 },
    kinds: 'mix knead rest divide roll cook',
    rests: [30],
    cook: [90, 60],
    pieceG: 85,
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Rye & caraway crackerbread: 50% rye, 50% bread flour, 58% water, 5% butter, 2% salt, 1.2% instant yeast, 1% caraway. Dough temp 26. Bulk 45 min. 60 g balls, 15 min. Pin to 22 cm, dock. Plate at 200 C: 2 min + 2 min.`,
    pct: { rye: 50, 'bread flour': 50, water: 58, butter: 5, salt: 2, 'instant yeast': 1.2, caraway: 1 },
    kinds: 'mix proof ball rest roll cook',
    rests: [45, 15],
    cook: [120, 120],
    pieceG: 60,
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `These are the breads my aunt in the hills makes every morning. She takes four hundred grams of barley flour and a hundred of wheat flour, adds a spoon of salt and enough hot water, roughly 380 ml, to bring it together, and kneads it for only two or three minutes. She lets it cool and rest under a bowl for a quarter of an hour. Then she breaks it into eight, pats each piece out between her wet palms to the width of her hand, and bakes them on a dry iron plate, three minutes on one side and two on the other.`,
    pct: { 'barley flour': 80, 'wheat flour': 20, 'hot water': 76 },
    kinds: 'mix knead rest divide shape cook',
    rests: [15],
    cook: [180, 120],
    allergens: ['gluten', 'wheat'],
    others: ['salt'],
  },
  {
    manner: 'one paragraph',
    text: `Weigh 450g self-raising flour into a large bowl, rub in 50g of cold butter, add a level teaspoon of salt and 250ml milk and bring together with a table knife. Don't knead it: just pat it into a round, cut it into 8 wedges and cook them on a floured griddle over a low heat for 7 minutes a side, then stand them on their edges for a minute or two.`,
    pct: { 'plain flour': 100, 'cold butter': 11.7, milk: 60 },
    kinds: 'mix mix shape divide cook',
    rests: [],
    cook: [420, 420],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['salt'],
  },
  {
    manner: 'a web page',
    text: `<html><head><title>Soft garlic naan | Copper Pan Kitchen</title><style>.x{width:300px}</style></head><body><div class="ads">Buy now 50% off</div><h1>Soft garlic naan</h1><ul class="meta"><li>Makes 8</li><li>Prep 20 mins</li><li>Proving 1 hr</li></ul><h3>Ingredients</h3><p>For the naan:</p><ul><li>350g/12oz plain flour, plus extra for dusting</li><li>1 tsp fast-action yeast</li><li>1 tsp caster sugar</li><li>1 tsp salt</li><li>100ml/3½fl oz warm milk</li><li>100g/3½oz natural yoghurt</li><li>2 tbsp vegetable oil</li></ul><p>For the garlic butter:</p><ul><li>50g/1¾oz butter, melted</li><li>2 garlic cloves, crushed</li></ul><h3>Method</h3><ol><li>Mix the flour, yeast, sugar and salt in a bowl. Stir in the milk, yoghurt and oil to make a soft dough.</li><li>Knead for 10 minutes on a floured surface. Put in an oiled bowl, cover and leave in a warm place for 1 hour, or until doubled in size.</li><li>Knock back, divide into 8 and shape into balls. Leave to rest for 10 minutes.</li><li>Mix the butter and garlic.</li><li>Roll each ball into a teardrop about 20cm long. Cook in a very hot pan for 1&ndash;2 minutes on each side.</li><li>Brush with garlic butter.</li></ol></body></html>`,
    pct: { 'plain flour': 100, 'warm milk': 29.4, 'natural yoghurt': 28.6 },
    kinds: 'mix knead proof knead divide ball rest prepare roll cook finish',
    rests: [60, 10],
    cook: [90, 90],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['garlic', 'yeast', 'sugar', 'salt', 'vegetable oil'],
  },
  {
    manner: 'a web page',
    text: `<main><h1>Corn &amp; cheese arepas</h1><p>Gluten free, ready in half an hour.</p><h2>You need</h2><ul><li>300&nbsp;g pre-cooked white maize meal</li><li>360&nbsp;ml warm water</li><li>5&nbsp;g salt</li><li>100&nbsp;g grated cheese</li><li>15&nbsp;g butter, for the pan</li></ul><h2>How to</h2><ol><li>Dissolve the salt in the water, add the maize meal and work to a soft dough.</li><li>Let it stand 5 minutes, then knead in the cheese.</li><li>Shape into 8 patties, about 10&nbsp;cm wide and 1&nbsp;cm thick.</li><li>Melt the butter and cook over a medium heat for 5 minutes a side until crusty.</li></ol></main>`,
    pct: { 'pre-cooked white maize meal': 100, 'warm water': 120, salt: 1.7, 'grated cheese': 33.3 },
    kinds: 'mix rest knead divide shape cook',
    rests: [5],
    cook: [300, 300],
    allergens: ['milk'],
    others: ['butter'],
  },
  {
    manner: 'structured data',
    text: `{"@context":"https://schema.org","@type":"Recipe","name":"Wholemeal pittas","author":{"@type":"Person","name":"Bo"},"recipeYield":"Makes 10","totalTime":"PT2H","recipeIngredient":["300g wholemeal bread flour","200g white bread flour","7g sachet easy-blend dried yeast","10g salt","1 tbsp olive oil","330ml lukewarm water"],"recipeInstructions":["Put the flours, yeast and salt in a bowl. Add the oil and water and mix to a soft dough.","Knead for 8-10 minutes until elastic.","Leave to prove, covered, for 1 hour.","Turn out, divide into 10 and roll each piece into a ball. Rest for 10 minutes.","Roll out to ovals 15cm long.","Cook on a preheated griddle for 1-2 minutes per side until they puff."]}`,
    pct: { 'wholemeal bread flour': 60, 'white bread flour': 40, salt: 2, 'lukewarm water': 66 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [60, 10],
    cook: [90, 90],
    allergens: ['gluten', 'wheat'],
    others: ['yeast', 'olive oil'],
  },
  {
    manner: 'structured data',
    text: `[{"@context":"https://schema.org","@type":"Recipe","name":"Ghee-layered breakfast parathas","recipeYield":6,"recipeIngredient":["2 1/4 cups atta (270 g)","1/2 teaspoon salt (3 g)","3/4 cup water (180 g)","6 teaspoons ghee (30 g), for the layers"],"recipeInstructions":[{"@type":"HowToStep","name":"Make the dough","text":"Mix the atta, salt and water and knead for 6 minutes."},{"@type":"HowToStep","name":"Rest","text":"Cover and rest for 30 minutes."},{"@type":"HowToStep","name":"Shape","text":"Divide into 6 balls. Roll each to 15 cm, spread with ghee, fold into quarters and roll again to 18 cm."},{"@type":"HowToStep","name":"Cook","text":"Cook on a hot tawa for 45 seconds, flip, 45 seconds, flip, 20 seconds."}]}]`,
    pct: { atta: 100, salt: 1.1, water: 66.7 },
    kinds: 'mix knead rest divide ball roll fill shape roll cook',
    rests: [30],
    cook: [45, 45, 20],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['ghee'],
  },
  {
    manner: 'a scan',
    text: `COUNTY HALL EVENING CLASSES
Breads of the World – Week 4

GRlDDLE FLATBREADS (l2)

600g strong white f1our
360ml water (30"C)
l2g salt
9g dried yeast
30ml olive oil

1. Mix all together, then knead for lO min-
utes.
2. Leave to rise for one hour.
3. Divide into l2, roll into balls, rest 15 min-
utes.
4. Roll out to 18cm.
5. Cook on a hot griddle for 90 seconds each
side.`,
    pct: { 'strong white flour': 100, water: 60, salt: 2, 'dried yeast': 1.5, 'olive oil': 4.6 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [60, 15],
    cook: [90, 90],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a scan',
    text: `                 OATMEAL BANNOCKS

6 oz. medium oatmeal        1 teaspoonful salt
2 oz. flour                 1 oz. lard
½ teaspoonful bicarbonate   ¼ pint hot water
   of soda

   Mix the dry ingredients.  Melt the lard in the
hot water and stir into the meal.  Knead lightly
into a ball, roll out to a quarter of an inch and
cut into rounds.   Bake on a hot girdle for five
minutes, turn, and bake four minutes more.`,
    pct: { 'medium oatmeal': 75, flour: 25, lard: 12.5, 'hot water': 62.6 },
    // melting is a job of its own
    kinds: 'mix prepare mix knead roll divide cook',
    rests: [],
    cook: [300, 240],
    others: ['salt', 'soda'],
  },
  {
    manner: 'words for numbers',
    text: `Eight hundred grams of bread flour, two hundred of wholemeal, six hundred and sixty of water, twenty of salt and eight of instant yeast make sixteen breads. Mix for three minutes and knead for eight. Bulk for an hour and a half with one fold after forty-five minutes. Divide, round, and rest for twenty minutes. Roll to twenty centimetres and cook for one minute a side.`,
    pct: { 'bread flour': 80, wholemeal: 20, water: 66, salt: 2, 'instant yeast': 0.8 },
    kinds: 'mix knead proof fold proof divide ball rest roll cook',
    rests: [45, 45, 20],
    cook: [60, 60],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `A pound and a half of plain flour, three teaspoons of baking powder, one and a half teaspoons of salt, three ounces of lard and three quarters of a pint of warm milk. Rub in the lard, mix in the milk, and knead for two minutes. Rest a quarter of an hour. Divide into a dozen, roll to eight inches, and cook for a minute on one side and half a minute on the other.`,
    pct: { 'plain flour': 100, lard: 12.5 },
    kinds: 'mix mix knead rest divide roll cook',
    rests: [15],
    cook: [60, 30],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['baking powder', 'salt', 'milk'],
  },
  {
    manner: 'parts by vessel',
    text: `Market-day flatbread
* three mugs of strong flour
* one mug of water and a splash more
* two teaspoons of salt
* one teaspoon of dried yeast
* a slug of olive oil

Mix and knead for ten minutes. Leave in the bowl till doubled (an hour or so). Divide into nine, roll into balls, give them ten minutes. Roll to 18 cm and cook 90 seconds a side.`,
    pct: { 'strong flour': 100 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [60, 10],
    cook: [90, 90],
    allergens: ['gluten', 'wheat'],
    others: ['water', 'salt', 'yeast', 'olive oil'],
  },
  {
    manner: 'parts by vessel',
    text: `2 parts masa harina, 1½ parts warm water, a little salt. Mix and knead until it feels like putty, about 3 minutes, cover, 15 minutes. Pinch off pieces like walnuts, press to 13 cm between plastic, and cook on a hot comal 40 seconds, turn, 60 seconds, turn, 20 seconds.`,
    pct: { 'masa harina': 100 },
    kinds: 'mix knead rest divide shape cook',
    rests: [15],
    cook: [40, 60, 20],
    allergens: [],
    others: ['water', 'salt'],
  },
  {
    manner: 'decimal commas',
    text: `Pan de la plancha (griddle bread), 20 piezas
Harina de fuerza / strong flour 1,60 kg
Agua / water 1,02 kg
Aceite / oil 0,08 kg
Sal / salt 0,032 kg
Levadura seca / dry yeast 0,012 kg

Amasar / knead 9 min. Reposo / proof 1,25 h. Dividir / divide 20 x 0,135 kg. Bolear / ball. Reposo / rest 0,33 h. Estirar / roll 19,5 cm. Plancha / griddle 1,5 min + 1,0 min.`,
    pct: { 'strong flour': 100, water: 63.8, oil: 5, salt: 2, 'dry yeast': 0.8 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [75, 20],
    cook: [90, 60],
    pieceG: 135,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'decimal commas',
    text: `For 1,0 kg flour: 0,55 l milk (35,0 °C), 0,10 kg butter, 0,02 kg salt, 0,025 kg fresh yeast, 1 egg. Knead 7,5 min; proof 1,0 h; divide 0,09 kg; ball; rest 0,25 h; flatten 12,5 cm; second proof 0,5 h; low griddle 4,5 min per side.`,
    pct: { flour: 100, butter: 10, salt: 2, 'fresh yeast': 2.5, egg: 5 },
    kinds: 'mix knead proof divide ball rest shape proof cook',
    rests: [60, 15, 30],
    cook: [270, 270],
    pieceG: 90,
    others: ['milk'],
  },
];
