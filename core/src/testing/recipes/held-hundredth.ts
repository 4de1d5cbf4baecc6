import type { RecipeText } from './recipe-text.ts';

/** A hundredth lot whose expectation was written before the reader saw it, two of each manner: what a soup night, a field and a kitchen leave behind. */
export const HUNDREDTH: readonly RecipeText[] = [
  {
    manner: 'a handout',
    text: `SOUP NIGHT FLATBREADS
Makes 10

You will need
600 g strong white flour
8 g dried yeast
12 g salt
20 g honey
30 g olive oil
390 g lukewarm water

1. Stir the yeast and honey into the water and leave for 10 minutes until foamy.
2. Mix in the flour, salt and oil. Knead for 9 minutes.
3. Cover and leave to rise for 1 hour 15 minutes.
4. Divide into 10, shape into balls, cover and rest for 12 minutes.
5. Roll each to about 17 cm.
6. Heat a griddle until very hot. Cook each for 1 minute, turn, cook for 45 seconds.
7. Keep warm in a cloth.`,
    pct: { 'strong white flour': 100, 'dried yeast': 1.33, salt: 2, honey: 3.33, 'olive oil': 5, 'lukewarm water': 65 },
    kinds: 'mix bloom mix knead proof divide ball rest roll cook finish',
    rests: [10, 75, 12],
    cook: [60, 45],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a handout',
    text: `CHAPATI · evening class
for 8 people, 2 each

480 g chapati flour
300 g water
6 g salt
15 g oil

18:30 Mix everything to a soft dough and knead for 7 minutes.
18:45 Rest, covered.
19:15 Divide into 16 and roll into balls.
19:25 Roll to 16 cm.
19:30 Cook on a hot tawa: 20 seconds, turn, 45 seconds, turn, press with a cloth 10 seconds.
Stack in a cloth.`,
    pct: { 'chapati flour': 100, water: 62.5, salt: 1.25, oil: 3.13 },
    kinds: 'mix knead rest divide ball roll cook finish',
    rests: [30],
    cook: [20, 45, 10],
    pieceG: 48.6,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a table',
    text: `| Ingredient | % | 9 breads |
|---|---|---|
| bread flour | 75 | 450 g |
| spelt flour | 25 | 150 g |
| water | 68 | 408 g |
| salt | 2 | 12 g |
| fresh yeast | 1.2 | 7.2 g |
| olive oil | 4 | 24 g |

| Stage | Minutes | How |
|---|---|---|
| Mix | 6 | slow |
| Bulk proof | 80 | fold at 40 |
| Divide | | 9 × 110 g |
| Round | | |
| Rest | 15 | covered |
| Stretch | | to 20 cm |
| Bake | 6 | stone, 260 °C |`,
    pct: { 'bread flour': 75, 'spelt flour': 25, water: 68, salt: 2, 'fresh yeast': 1.2, 'olive oil': 4 },
    kinds: 'mix proof fold proof divide ball rest shape cook',
    rests: [40, 40, 15],
    cook: [216, 144],
    pieceG: 110,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a table',
    text: `FATEER                      6 pieces
Plain flour                 500 g
Water                       290 g
Salt                          8 g
Sugar                        10 g
Ghee (between the layers)   120 g

Step            Time      Remarks
Mix             3 min
Knead           8 min
Rest           30 min     under film
Divide                    6, ball
Rest           20 min
Stretch                   until you can read through it
Fold                      spread with ghee, fold like an envelope
Rest           10 min
Press                     18 cm
Cook            3 min     each side, medium heat`,
    pct: { 'plain flour': 100, water: 58, salt: 1.6, sugar: 2 },
    kinds: 'mix knead rest divide ball rest shape fill shape rest shape cook',
    rests: [30, 20, 10],
    cook: [180, 180],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Barbari: strong white flour 100 %; water 66 %; salt 1.8 %; instant yeast 0.8 %; sugar 1 %. Pieces of 320 g.
Mix 7 min. Bulk 60 min. Divide, shape into logs. Rest 20 min. Stretch to ovals of 34 cm. Sprinkle with sesame. Proof 20 min. Bake 12 min at 240 °C.`,
    pct: { 'strong white flour': 100, water: 66, salt: 1.8, 'instant yeast': 0.8, sugar: 1 },
    kinds: 'mix proof divide shape rest shape fill proof cook',
    rests: [60, 20, 20],
    cook: [432, 288],
    pieceG: 320,
    allergens: ['gluten', 'sesame', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Soft maize tortillas, percentages on the masa
masa harina 100
hot water 130
salt 1.5
oil 2
Scale at 40 g.
Mix, knead 3 minutes. Rest 20 minutes under a damp cloth. Divide and ball. Press to 14 cm. Griddle 30 s, turn, 45 s, turn, 15 s.`,
    pct: { 'masa harina': 100, 'hot water': 130, salt: 1.5, oil: 2 },
    kinds: 'mix knead rest divide ball shape cook',
    rests: [20],
    cook: [30, 45, 15],
    pieceG: 40,
    allergens: [],
  },
  {
    manner: 'one paragraph',
    text: `Our Sunday piadine start with 500 g of flour, 90 g of lard, 8 g of salt and half a teaspoon of bicarbonate of soda rubbed together; then go in 230 g of warm water, and the dough is kneaded for six minutes and left under a bowl for forty. Divide it into seven, roll the pieces into balls, and let these rest for a quarter of an hour before rolling them out to 24 cm. Each bakes on a very hot griddle for two minutes on the first side and a minute and a half on the other, pricked with a fork.`,
    pct: { flour: 100, lard: 18, salt: 1.6, 'bicarbonate of soda': 0.61, 'warm water': 46 },
    kinds: 'mix mix knead rest divide ball rest roll cook',
    rests: [40, 15],
    cook: [120, 90],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `For ten lavash, 700 g bread flour, 420 g water, 14 g salt, 5 g dry yeast and 35 g sunflower oil are mixed and kneaded for 10 minutes, proved for 90 minutes, cut into ten and rounded, and after 20 minutes' rest rolled as thin as they will go, about 32 cm; brush with water, sprinkle with nigella and bake at 250 °C on a stone for 3 minutes. Wrap in a cloth at once.`,
    pct: { 'bread flour': 100, water: 60, salt: 2, 'dry yeast': 0.71, 'sunflower oil': 5 },
    kinds: 'mix knead proof divide ball rest roll fill cook finish',
    rests: [90, 20],
    cook: [108, 72],
    pieceG: 114,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a web page',
    text: `<html><head><title>Yoghurt flatbreads</title><script>let servings = 4;</script></head><body><nav>Home | Bread | Cakes</nav><h1>Yoghurt flatbreads</h1><p>Ready in 35 minutes &ndash; no yeast.</p><div class="ad-box">Win a stand mixer worth 500 g of silver!</div><h2>Ingredients</h2><ul><li>350&nbsp;g self-raising flour</li><li>350&nbsp;g natural yoghurt</li><li>1 tsp salt</li><li>30&nbsp;g butter, melted, to brush</li></ul><h2>Method</h2><ol><li>Mix flour, yoghurt and salt to a soft dough and knead for 2 minutes.</li><li>Cover and leave for 15 minutes.</li><li>Divide into 6 and roll each piece to 18&nbsp;cm.</li><li>Cook in a hot dry pan for 2 minutes per side.</li><li>Brush with the melted butter.</li></ol><div class="comments"><p>Used 100 g oats instead, great.</p></div></body></html>`,
    pct: { 'plain flour': 100, 'baking powder': 5, 'natural yoghurt': 105, salt: 1.83 },
    kinds: 'mix knead rest divide roll cook finish',
    rests: [15],
    cook: [120, 120],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'a web page',
    text: `<article><header><h1>Pan-cooked olive bread</h1></header><p>Makes four.</p><h3>You need</h3><p>250 g strong flour<br>3 g instant yeast<br>5 g salt<br>165 ml water<br>60 g green olives, chopped<br>1 tbsp olive oil</p><h3>Here&rsquo;s how</h3><p>1. Mix flour, yeast, salt, water and oil; knead 8 min.</p><p>2. Knead in the olives, 1 min. Rise 50 min.</p><p>3. Divide into 4, shape into rounds, rest 10 min.</p><p>4. Press out to 14 cm. Prove 15 min.</p><p>5. Cook on a griddle over a medium heat, 4 minutes a side.</p></article>`,
    pct: { 'strong flour': 100, 'instant yeast': 1.2, salt: 2, water: 66, 'green olives': 24, 'olive oil': 5.02 },
    kinds: 'mix knead knead proof divide ball rest shape proof cook',
    rests: [50, 10, 15],
    cook: [240, 240],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'structured data',
    text: `{"@context":"https://schema.org","@type":"Recipe","name":"Spinach roti","recipeYield":"10 rotis","recipeIngredient":["300 g wholemeal flour","120 g cooked spinach, puréed","75 g water","5 g salt","10 g oil"],"recipeInstructions":[{"@type":"HowToStep","text":"Mix all the ingredients and knead for 6 minutes."},{"@type":"HowToStep","text":"Rest for 20 minutes under a cloth."},{"@type":"HowToStep","text":"Make 10 balls and roll them to 15 cm."},{"@type":"HowToStep","text":"Cook on a hot tawa for 45 seconds, flip, and cook for 45 seconds more."}]}`,
    pct: { 'wholemeal flour': 100, 'cooked spinach': 40, water: 25, salt: 1.67, oil: 3.33 },
    kinds: 'mix knead rest ball roll cook',
    rests: [20],
    cook: [45, 45],
    pieceG: 49.5,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'structured data',
    text: `<script type="application/ld+json">{"@context":"https://schema.org","@type":"Recipe","name":"Rye pan breads","recipeYield":8,"totalTime":"PT2H","recipeIngredient":["200 g rye flour","300 g bread flour","340 g water","6 g dried yeast","10 g salt","1 tbsp caraway seeds"],"recipeInstructions":[{"@type":"HowToSection","name":"Dough","itemListElement":[{"@type":"HowToStep","text":"Mix everything and knead for 5 minutes."},{"@type":"HowToStep","text":"Leave to prove for 1 hour."}]},{"@type":"HowToSection","name":"Breads","itemListElement":[{"@type":"HowToStep","text":"Divide into 8, shape into balls, and rest for 10 minutes."},{"@type":"HowToStep","text":"Flatten to 13 cm and prove for 20 minutes."},{"@type":"HowToStep","text":"Cook in a covered pan on a low heat for 5 minutes on each side."}]}]}</script>`,
    pct: { 'rye flour': 40, 'bread flour': 60, water: 68, 'dried yeast': 1.2, salt: 2, 'caraway seeds': 1.3 },
    kinds: 'mix knead proof divide ball rest shape proof cook',
    rests: [60, 10, 20],
    cook: [300, 300],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a scan',
    text: `                 POTATO  FARLS                    23
Take l lb. cold mashed pota-
toes, 4 oz. flour, 1 oz. melted but-
ter and a tea-
spoonful of salt. Mix well, turn out and knead
lightly for 1 minute. Roll
out in two rounds, ¼ inch thick, and cut each in-
to four. Bake on a floured girdle for 3 min-
utes on each side.`,
    pct: { 'cold mashed potatoes': 400, flour: 100, 'melted butter': 25, salt: 5.37 },
    kinds: 'mix knead roll divide cook',
    rests: [],
    cook: [180, 180],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'a scan',
    text: `BATCH No. 7   KHOBZ   (makes l2)
Semolina, fine ..... 6OO g
White flour ........ 4OO g
Water .............. 65O g
Salt ............... 18 g
Dried yeast ........ 8 g
Mix & knead l2 min. Divide into l2, ball, rest 1O min.
Flatten to 14 cm. Prove 45 min un-
der a cloth. Griddle 4 min + 4 min.`,
    pct: { semolina: 60, 'white flour': 40, water: 65, salt: 1.8, 'dried yeast': 0.8 },
    kinds: 'mix knead divide ball rest shape proof cook',
    rests: [10, 45],
    cook: [240, 240],
    pieceG: 135.6,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `Naan for eight. Half a kilo of plain flour, a hundred and fifty grams of yoghurt, a hundred and eighty grams of warm milk, six grams of dried yeast, nine grams of salt and ten grams of sugar. Mix it all and knead for nine minutes. It rises for an hour and twenty minutes. Make eight balls and let them lie for fifteen minutes. Stretch them to twenty-two centimetres. Cook in a very hot pan, ninety seconds on the first side and forty-five on the second. Brush with ghee.`,
    pct: { 'plain flour': 100, yoghurt: 30, 'warm milk': 36, 'dried yeast': 1.2, salt: 1.8, sugar: 2 },
    kinds: 'mix knead proof ball rest shape cook finish',
    rests: [80, 15],
    cook: [90, 45],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `Take three hundred grams of buckwheat flour, seven hundred grams of water, an egg and a teaspoon of salt. Beat to a smooth batter, leave it in the fridge for two hours, stir. A ladle of a hundred grams for each, spread to twenty-six centimetres on a buttered griddle; two minutes, turn, one minute. It makes ten.`,
    pct: { 'buckwheat flour': 100, water: 233.3, egg: 16.67, salt: 2.03 },
    kinds: 'mix chill mix divide shape cook',
    rests: [120],
    cook: [120, 60],
    pieceG: 100,
    allergens: ['egg', 'milk'],
  },
  {
    manner: 'parts by vessel',
    text: `Camp bread, by the mug
3 mugs plain flour
1 mug water
1/2 mug milk
3 tsp baking powder
1 tsp salt
2 tbsp oil
Mix, knead 2 min, rest 10 min. Break into 8, pat out 12 cm wide. Oiled pan, 3 min a side.`,
    pct: { 'plain flour': 100, water: 62.9, milk: 32.4, 'baking powder': 3.9, salt: 1.92, oil: 7.9 },
    kinds: 'mix knead rest divide shape cook',
    rests: [10],
    cook: [180, 180],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'parts by vessel',
    text: `Two cups of atta, three quarters of a cup of water, half a teaspoon of salt. Knead it soft for eight minutes and let it stand for half an hour. Ten balls, rolled to 17 cm. Hot tawa: thirty seconds, turn, a minute, then over the flame till it puffs.`,
    pct: { atta: 100, water: 78.5, salt: 1.27 },
    kinds: 'mix knead rest ball roll cook',
    rests: [30],
    cook: [30, 60, 15],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'decimal commas',
    text: `Msemen voor 12
0,6 kg bloem (flour)
0,3 kg fijne griesmeel (fine semolina)
0,54 l water
16 g zout (salt)
0,15 kg butter for folding
Mix, knead 12,5 min, divide into 12 balls, rest 20 min. Flatten paper-thin, spread with butter, fold to a square. Rest 10 min. Flatten to 15 cm. Griddle 2,5 min each side.`,
    pct: { flour: 66.67, 'fine semolina': 33.33, water: 60, salt: 1.78 },
    kinds: 'mix knead divide ball rest fill shape rest shape cook',
    rests: [20, 10],
    cook: [150, 150],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'decimal commas',
    text: `Rye crisp, 1,5 kg dough
0,55 kg rye flour; 0,25 kg wheat flour; 0,56 l water; 16 g salt; 0,024 kg fresh yeast; 8 g fennel seeds
Mix 5 min; proof 1,5 h; divide into 16 of about 87 g; ball; rest 15 min; roll to 2,5 mm; dock; proof 20 min; bake 10 min at 230 °C.`,
    pct: { 'rye flour': 68.75, 'wheat flour': 31.25, water: 70, salt: 2, 'fresh yeast': 3, 'fennel seeds': 1 },
    kinds: 'mix proof divide ball rest roll proof cook',
    rests: [90, 15, 20],
    cook: [360, 240],
    pieceG: 87,
    allergens: ['gluten', 'wheat'],
  },
];
