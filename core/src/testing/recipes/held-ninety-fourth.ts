import type { RecipeText } from './recipe-text.ts';

/** A ninety-fourth lot whose expectation was written before the reader saw it, two of each manner: from a shelf beside a bakehouse door. */
export const NINETY_FOURTH: readonly RecipeText[] = [
  {
    manner: 'a handout',
    text: `Bazlama for Thursday – 8 breads

You need
500 g strong white flour
280 g lukewarm milk
50 g plain yoghurt
7 g dried yeast
9 g salt
5 g sugar

How we do it
1. Stir the yeast and sugar into the milk and leave for 10 minutes.
2. Add flour, yoghurt and salt, mix, and knead for 10 minutes.
3. Cover and let rise for 1 hour.
4. Divide into 8, round, and rest 15 minutes under a towel.
5. Pat out to 15 cm, about 1 cm thick.
6. Cook in a dry pan over medium heat, 3 minutes on the first side and 2 on the second.
7. Brush with butter while warm.`,
    pct: {
      'strong white flour': 100,
      'lukewarm milk': 56,
      'plain yoghurt': 10,
      'dried yeast': 1.4,
      salt: 1.8,
      sugar: 1,
    },
    kinds: 'mix bloom mix knead proof divide ball rest shape cook finish',
    rests: [10, 60, 15],
    cook: [180, 120],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['butter'],
  },
  {
    manner: 'a handout',
    text: `Lavash with sesame (makes 6)

Dough
400 g plain flour
230 g water
8 g salt
20 g sunflower oil

For the top
2 tbsp sesame seeds

Mix the dough in the machine for 5 minutes, then let it rest for 40 minutes. Divide into 6 and ball, rest another 20 minutes. Roll as thin as you can, 30 cm. Brush with water and scatter with the sesame. Bake on an upturned wok for 50 seconds; don't turn.`,
    pct: { 'plain flour': 100, water: 57.5, salt: 2, 'sunflower oil': 5 },
    kinds: 'mix rest divide ball rest roll fill cook',
    rests: [40, 20],
    cook: [50],
    allergens: ['gluten', 'sesame', 'wheat'],
    others: ['sesame'],
  },
  {
    manner: 'a table',
    text: `Dough sheet: Tortillas de harina

Ingredient       %      Grams
Plain flour     100      800
Lard             12       96
Salt              2       16
Baking powder     1        8
Warm water       55      440

Stage        Time           Note
Rub in       4 min          lard into flour
Mix          3 min          add water
Knead        5 min
Rest         30 min         covered
Divide                      34 pieces of 40 g
Rest         20 min         under a cloth
Roll                        18 cm
Cook         30 s + 30 s    hot comal`,
    pct: { 'plain flour': 100, lard: 12, salt: 2, 'baking powder': 1, 'warm water': 55 },
    kinds: 'mix mix knead rest divide rest roll cook',
    rests: [30, 20],
    cook: [30, 30],
    allergens: ['gluten', 'wheat'],
    pieceG: 40,
  },
  {
    manner: 'a table',
    text: `Griddle rounds, 10

| Step | What | How long |
|---|---|---|
| 1 | Mix 600 g bread flour, 372 g water, 12 g salt and 6 g instant yeast | 4 min |
| 2 | Knead | 8 min |
| 3 | Proof, covered | 75 min |
| 4 | Divide into 10, round | |
| 5 | Rest | 15 min |
| 6 | Roll to 16 cm | |
| 7 | Second proof on floured boards | 25 min |
| 8 | Griddle | 60 s, turn, 45 s |`,
    pct: { 'bread flour': 100, water: 62, salt: 2, 'instant yeast': 1 },
    kinds: 'mix knead proof divide ball rest roll proof cook',
    rests: [75, 15, 25],
    cook: [60, 45],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Rye crisp: wholemeal rye 60 %, plain flour 40 %, water 56 %, salt 1.8 %, caraway 1 %, oil 4 %.
Mix 5 min, rest 20 min, scale 70 g, round, rest 10 min, roll to 24 cm, prick, cook 90 s + 60 s.`,
    pct: { 'wholemeal rye': 60, 'plain flour': 40, water: 56, salt: 1.8, caraway: 1, oil: 4 },
    kinds: 'mix rest divide ball rest roll cook',
    rests: [20, 10],
    cook: [90, 60],
    pieceG: 70,
  },
  {
    manner: 'percentages alone',
    text: `Baker's percentages – soft wraps
Flour T55: 100
Water: 58
Oil: 6
Salt: 1.8
Baking powder: 0.8

Method: mix, knead 6 min, rest 30 min, divide at 65 g, ball, rest 15 min, roll to 22 cm, griddle 40 s per side, stack in a cloth.`,
    pct: { 'flour T55': 100, water: 58, oil: 6, salt: 1.8, 'baking powder': 0.8 },
    kinds: 'mix knead rest divide ball rest roll cook finish',
    rests: [30, 15],
    cook: [40, 40],
    pieceG: 65,
  },
  {
    manner: 'one paragraph',
    text: `For six cheese-filled flatbreads take 350 g of plain flour, 210 g of water, 7 g of salt and 15 g of oil, stir to a dough and knead it for seven minutes. While it rests for half an hour, grate 240 g of halloumi and mix it with a handful of mint. Cut the dough into six, roll each out to 18 cm, put a sixth of the cheese in the middle, gather the edges, pinch shut and press flat to 15 cm. Dry-fry for three minutes a side.`,
    pct: { 'plain flour': 100, water: 60, salt: 2, oil: 4.29 },
    kinds: 'mix knead rest prepare divide roll fill shape cook',
    rests: [30],
    cook: [180, 180],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['halloumi', 'mint'],
  },
  {
    manner: 'one paragraph',
    text: `My Tuesday dough: a kilo of bread flour, 650 g water, 20 g salt, 10 g fresh yeast. Everything goes into the mixer for 6 minutes, then it stands for an hour and a half at room temperature with one fold after 45 minutes. I cut it into sixteen, ball them, leave them 20 minutes, press them out by hand to 14 cm and give them 2 minutes a side on the plancha.`,
    pct: { 'bread flour': 100, water: 65, salt: 2, 'fresh yeast': 1 },
    kinds: 'mix proof fold proof divide ball rest shape cook',
    rests: [45, 45, 20],
    cook: [120, 120],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a web page',
    text: `<html><head><title>Weeknight garlic naan - The Back Door Bakehouse</title></head><body><nav><a href="/">Home</a> <a href="/courses">Courses</a></nav><h1>Weeknight garlic naan</h1><p>Serves 4 | Ready in 90 minutes</p><h2>Ingredients</h2><ul><li>300g plain flour, plus extra for dusting</li><li>5g fast-action yeast</li><li>4g sugar</li><li>6g salt</li><li>150ml warm water</li><li>60g natural yoghurt</li><li>30g butter, melted, to brush</li><li>2 garlic cloves, crushed</li></ul><h2>Method</h2><ol><li>Combine the flour, yeast, sugar and salt. Add the water and yoghurt and mix to a soft dough.</li><li>Knead for 6 minutes, cover and leave to rise for 1 hour.</li><li>Stir the garlic into the butter.</li><li>Divide into 4 and roll into ovals, about 22cm long.</li><li>Cook in a very hot pan for 1 minute 30 seconds, flip and cook for 1 minute more.</li><li>Brush with the garlic butter.</li></ol><footer>Sign up to our newsletter</footer></body></html>`,
    pct: {
      'plain flour': 100,
      'fast-action yeast': 1.67,
      sugar: 1.33,
      salt: 2,
      'warm water': 50,
      'natural yoghurt': 20,
    },
    kinds: 'mix knead proof prepare divide roll cook finish',
    rests: [60],
    cook: [90, 60],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['butter', 'garlic'],
  },
  {
    manner: 'a web page',
    text: `<article><h2>Corn tortillas, step by step</h2><p>There is nothing like them warm.</p><div class="ing"><h3>What goes in</h3><p>250 g masa harina<br>350 g hot water<br>3 g salt</p></div><div class="do"><h3>What to do</h3><p>Stir the salt into the masa harina, pour on the water and work to a soft dough. Cover and leave for 15 minutes.</p><p>Divide into 14 balls of about 42 g. Press each between two sheets of plastic to 15 cm.</p><p>Cook on a hot comal for 30 seconds, flip, 60 seconds, flip again, 15 seconds. Keep warm in a cloth.</p></div></article>`,
    pct: { 'masa harina': 100, 'hot water': 140, salt: 1.2 },
    kinds: 'mix rest divide ball shape cook finish',
    rests: [15],
    cook: [30, 60, 15],
    pieceG: 42,
  },
  {
    manner: 'structured data',
    text: `{"@context":"https://schema.org","@type":"Recipe","name":"Spelt wraps","recipeYield":"9 wraps","totalTime":"PT1H5M","recipeIngredient":["450 g spelt flour","240 g water","30 g olive oil","9 g salt"],"recipeInstructions":[{"@type":"HowToStep","text":"Mix everything to a dough and knead for 4 minutes."},{"@type":"HowToStep","text":"Wrap and rest for 30 minutes."},{"@type":"HowToStep","text":"Divide into 9 balls and rest for 10 minutes."},{"@type":"HowToStep","text":"Roll each to 24 cm and cook on a hot griddle, 45 seconds per side."},{"@type":"HowToStep","text":"Stack under a cloth so that they stay soft."}]}`,
    pct: { 'spelt flour': 100, water: 53.3, 'olive oil': 6.67, salt: 2 },
    kinds: 'mix knead rest divide ball rest roll cook finish',
    rests: [30, 10],
    cook: [45, 45],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'structured data',
    text: `<script type="application/ld+json">{"@context":"https://schema.org","@type":"Recipe","name":"Onion kulcha","recipeYield":["10","10 breads"],"recipeIngredient":["500 g maida","150 g yogurt","160 g water","8 g baking powder","10 g salt","20 g ghee","2 onions, finely chopped","1 tsp chilli powder"],"recipeInstructions":[{"@type":"HowToSection","name":"Dough","itemListElement":[{"@type":"HowToStep","text":"Mix maida, baking powder, salt, yogurt, water and ghee and knead for 6 minutes."},{"@type":"HowToStep","text":"Cover and rest for 1 hour."}]},{"@type":"HowToSection","name":"Breads","itemListElement":[{"@type":"HowToStep","text":"Mix the onions with the chilli powder for the filling."},{"@type":"HowToStep","text":"Divide into 10, fill each with the onions, seal and roll gently to 16 cm."},{"@type":"HowToStep","text":"Cook on a hot tawa, 2 minutes per side, and brush with ghee."}]}]}</script>`,
    pct: { maida: 100, yogurt: 30, water: 32, 'baking powder': 1.6, salt: 2, ghee: 4 },
    kinds: 'mix knead rest prepare divide fill roll cook finish',
    rests: [60],
    cook: [120, 120],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['onion', 'chilli'],
  },
  {
    manner: 'a scan',
    text: `BREADS OF THE FARM KITCHEN                    41

POTATO CAKES.  (1O small)

6OO g boiled potatoes, mashed
2OO g plain flour
4O g butter
8 g salt

Work the butter and salt into the warm pota-
toes, add the flour and bring together with-
out kneading. Divide into two, pat each to a
round l cm thick and cut in quarters. Bake on
a floured girdle for 5 minutes on each side
and eat hot.`,
    pct: { 'plain flour': 100, butter: 20, salt: 4 },
    kinds: 'mix divide shape divide cook',
    rests: [],
    cook: [300, 300],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['potato'],
  },
  {
    manner: 'a scan',
    text: `Class sheet 7       FLATBREAD WITH SEEDS       12 pcs

Bread flour .......... 9OO g
Water .............. 56O g
Salt ................ l8 g
lnstant yeast ......... 9 g
Olive oil ........... 45 g
Sesame seeds ......... 3O g

Mix all but the seeds, 5 min. Knead 8 min.
Proof l hour 20 min. Divide into l2, ball, rest
l5 min. Roll to 20 cm, brush with water, press
the tops into the seeds. Griddle with lid,
3 min; turn, 2 min.`,
    pct: { 'bread flour': 100, water: 62.2, salt: 2, 'instant yeast': 1, 'olive oil': 5 },
    kinds: 'mix knead proof divide ball rest roll fill cook',
    rests: [80, 15],
    cook: [180, 120],
    allergens: ['gluten', 'sesame', 'wheat'],
    others: ['sesame'],
  },
  {
    manner: 'words for numbers',
    text: `Chapatis as my neighbour tells them. Four hundred grams of atta, two hundred and sixty of warm water, eight of salt and two spoons of oil. She mixes it with her fingers, kneads it for ten minutes and lets it lie under a bowl for half an hour. Sixteen little balls, rolled out to fourteen centimetres. On the hot tawa thirty seconds, over, forty seconds, and then ten seconds straight on the flame.`,
    pct: { atta: 100, 'warm water': 65, salt: 2 },
    kinds: 'mix knead rest ball roll cook',
    rests: [30],
    cook: [30, 40, 10],
    allergens: ['gluten', 'wheat'],
    others: ['oil'],
  },
  {
    manner: 'words for numbers',
    text: `Barley bread for a dozen: three hundred grams of barley flour, three hundred of strong flour, four hundred of buttermilk, twelve of salt and six of bicarbonate of soda. Stir together, do not knead. Leave for a quarter of an hour. Divide into twelve, pat to ten centimetres and bake on a slow griddle, six minutes on one side and five on the other.`,
    pct: { 'barley flour': 50, 'strong flour': 50, buttermilk: 66.7, salt: 2, 'bicarbonate of soda': 1 },
    kinds: 'mix rest divide shape cook',
    rests: [15],
    cook: [360, 300],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'parts by vessel',
    text: `Any mug will do.
4 mugs plain flour
1 1/2 mugs warm water
1/4 mug oil
2 tsp salt
2 tsp baking powder

Rub the oil into the flour, salt and baking powder. Add the water and knead 3 minutes. Rest 20 minutes. Make 12 balls, rest 10 minutes, roll to 18 cm. Hot dry pan, 40 seconds each side.`,
    pct: { 'plain flour': 100, 'warm water': 72, oil: 11 },
    kinds: 'mix mix knead rest ball rest roll cook',
    rests: [20, 10],
    cook: [40, 40],
    allergens: ['gluten', 'wheat'],
    others: ['salt', 'baking powder'],
  },
  {
    manner: 'parts by vessel',
    text: `Glass by glass (tea glass, 100 ml): 6 glasses flour, 2 glasses yoghurt, 1 glass water, 1 glass oil, 2 teaspoons salt, 1 sachet baking powder. Knead to a soft dough. Cover, 30 minutes. 10 pieces, flatten to 14 cm. Fry in a little oil, 2 minutes a side.`,
    pct: { flour: 100 },
    kinds: 'mix knead rest divide shape cook',
    rests: [30],
    cook: [120, 120],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['flour', 'yoghurt', 'water', 'oil', 'salt', 'baking powder'],
  },
  {
    manner: 'decimal commas',
    text: `Fladenbrot Kurs 4, 9 Stück: 0,90 kg Weizenmehl (wheat flour), 0,54 kg Wasser (water), 18,0 g Salz (salt), 9,0 g Trockenhefe (dried yeast), 36,0 g Olivenöl (olive oil). Mix 4,5 min; knead 7,5 min; proof 1,25 h; 9 balls; rest 17,5 min; press to 19,5 cm; griddle 1,5 min, turn, 1,25 min.`,
    pct: { 'wheat flour': 100, water: 60, salt: 2, 'dried yeast': 1, 'olive oil': 4 },
    kinds: 'mix knead proof ball rest shape cook',
    rests: [75, 17.5],
    cook: [90, 75],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'decimal commas',
    text: `Piadine (8)
0,50 kg flour 0
0,25 kg water
0,075 kg lard
10,0 g salt
2,5 g bicarbonate

Mix and knead 8 min. Rest 0,5 h, covered. Divide into 8 (104 g), ball, rest 20 min. Roll to 24 cm, 2,5 mm thick. Testo very hot: 1,5 min, turn, 1 min.`,
    pct: { 'flour 0': 100, water: 50, lard: 15, salt: 2, bicarbonate: 0.5 },
    kinds: 'mix knead rest divide ball rest roll cook',
    rests: [30, 20],
    cook: [90, 60],
    allergens: ['gluten', 'wheat'],
    pieceG: 104,
  },
];
