import type { RecipeText } from './recipe-text.ts';

/** An eighty-fourth lot whose expectation was written before the reader saw it, two of each manner, as they stand in club newsletters. */
export const EIGHTY_FOURTH: readonly RecipeText[] = [
  {
    manner: 'a handout',
    text: `Newsletter no. 18 · Bread corner
PEGGY'S SODA GRIDDLE BREAD

Ingredients
300 g wholemeal flour
150 g plain flour
1 tsp salt
1 tsp bicarbonate of soda
350 ml buttermilk

Method
Put the flours, salt and soda in a wide bowl and mix well with your fingers. Make a hollow, pour in nearly all of the buttermilk and stir with one hand until it comes together. It should be soft but not wet. Turn out on a floured table, shape into a round about 4 cm thick and cut it into 4 farls. Cook on a medium-low griddle for 8 minutes; turn and cook for another 8 minutes. Stand the farls on their edges for a minute. Wrap in a tea towel.`,
    pct: { 'wholemeal flour': 66.7, 'plain flour': 33.3 },
    kinds: 'mix shape divide cook finish',
    rests: [],
    cook: [480, 480],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['salt', 'bicarbonate of soda', 'buttermilk'],
  },
  {
    manner: 'a handout',
    text: `Beginners' evening: NAAN (makes 6)

You need:
* 350 g strong white flour
* 1 sachet fast-action yeast
* 1 tsp sugar
* 1 tsp salt
* 120 g natural yogurt
* 120 ml warm milk
* 2 tbsp melted ghee, and more for brushing
* nigella seeds

What to do:
1) Mix everything except the seeds to a soft dough.
2) Knead 10 mins.
3) Cover, leave to rise 1 hr.
4) Divide into 6. Rest 5 mins.
5) Roll into teardrop shapes, about 20 cm long. Press in some nigella seeds.
6) Cook in a very hot dry frying pan: 2 mins, then flip, 1 min.
7) Brush with ghee.`,
    pct: { 'strong white flour': 100, 'natural yogurt': 34.3 },
    kinds: 'mix knead proof divide rest roll fill cook finish',
    rests: [60, 5],
    cook: [120, 60],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['yeast', 'sugar', 'salt', 'milk', 'ghee', 'nigella'],
  },
  {
    manner: 'a table',
    text: `Ingredient | Amount | Baker's %
--- | --- | ---
Khorasan flour | 500 g | 100 %
Water | 320 g | 64 %
Olive oil | 25 g | 5 %
Salt | 10 g | 2 %
Dry yeast | 3 g | 0.6 %

1. Combine all, knead 6 minutes.
2. Bulk proof 90 minutes.
3. Divide into 8, round, rest 20 minutes.
4. Press out to 16 cm.
5. Griddle 2 minutes each side.`,
    pct: { 'khorasan flour': 100, water: 64, 'olive oil': 5, salt: 2, 'dry yeast': 0.6 },
    kinds: 'mix knead proof divide ball rest shape cook',
    rests: [90, 20],
    cook: [120, 120],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a table',
    text: `CLASS QUANTITIES (12 students, 3 wraps each)

                     each      class
Plain flour          150 g     1.8 kg
Warm water            85 g     1.02 kg
Lard                  25 g     300 g
Salt                   3 g     36 g
Baking powder          2 g     24 g

Rub in, add water, knead 3 min, rest 20 min, 3 balls each, rest 10 min, roll to 20 cm, griddle 40 s + 30 s.`,
    pct: { 'plain flour': 100, 'warm water': 56.7, lard: 16.7, salt: 2, 'baking powder': 1.3 },
    kinds: 'mix mix knead rest ball rest roll cook',
    rests: [20, 10],
    cook: [40, 30],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Baker's notation
White flour 80, spelt 20, water 65, salt 2, yeast (fresh) 1.5, honey 2

Mix 5 min. Bulk 2 h, fold after 1 h. Divide 100 g. Ball. Proof 30 min. Stretch 20 cm. Stone 1.5 min + 1 min.`,
    pct: { 'white flour': 80, spelt: 20, water: 65, salt: 2, 'fresh yeast': 1.5, honey: 2 },
    kinds: 'mix proof fold proof divide ball proof shape cook',
    rests: [60, 60, 30],
    cook: [90, 60],
    pieceG: 100,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Cassava tortillas – ratio by weight: cassava flour 100 : water 85 : oil 12 : salt 1.5. Stir, let it hydrate for 10 minutes, knead 2 minutes, balls of 45 g, press to 14 cm, comal 45 s per side.`,
    pct: { 'cassava flour': 100, water: 85, oil: 12, salt: 1.5 },
    kinds: 'mix rest knead ball shape cook',
    rests: [10],
    cook: [45, 45],
    pieceG: 45,
    allergens: [],
  },
  {
    manner: 'one paragraph',
    text: `Whisk 200 g buckwheat flour with 400 ml milk, 2 eggs and a good pinch of salt; let the batter rest for at least an hour. Heat a lightly buttered pan, pour in a small ladleful (about 80 g), swirl to a thin round of 22 cm and cook for about a minute until the edges lift; turn and give it 30 seconds. Makes 8.`,
    pct: { 'buckwheat flour': 100, milk: 206 },
    kinds: 'mix rest divide shape cook',
    rests: [90],
    cook: [60, 30],
    allergens: ['egg', 'milk'],
    others: ['egg', 'salt'],
  },
  {
    manner: 'one paragraph',
    text: `Every Friday the baker in our street made the same thing: two kilos of flour, one kilo three hundred of water, forty grams of salt and a lump of old dough the size of two fists (500 g). He kneaded it for a quarter of an hour in the trough, let it rise three hours under sacks, cut off pieces of two hundred grams, let them lie for twenty minutes, pulled them long and baked them on the iron, four minutes on the one side, three on the other.`,
    pct: { flour: 100, water: 65, salt: 2, 'old dough': 25 },
    kinds: 'mix knead proof divide rest shape cook',
    rests: [180, 20],
    cook: [240, 180],
    pieceG: 200,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a web page',
    text: `<html><body><div id="recipe"><h1>Beetroot flatbreads</h1><p>Yield: 8 | Time: 50 minutes</p><h3>Ingredients:</h3><ul><li>300g plain flour</li><li>1 tsp baking powder</li><li>½ tsp salt</li><li>150g cooked beetroot, puréed</li><li>100g Greek yoghurt</li></ul><h3>Directions:</h3><ol><li>Put the flour, baking powder and salt into a large bowl.</li><li>Add the beetroot and yoghurt, mix to a dough and knead on a floured surface for 3 minutes.</li><li>Leave to rest for 20 minutes.</li><li>Divide into 8 and roll each to around 15cm.</li><li>Heat a griddle pan until smoking. Cook 1½ minutes per side.</li></ol></div><div class="comments"><p>Made this for 200 people! – Tess</p></div></body></html>`,
    pct: { 'plain flour': 100, 'greek yoghurt': 33.3 },
    kinds: 'mix knead rest divide roll cook',
    rests: [20],
    cook: [90, 90],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['baking powder', 'salt', 'beetroot'],
  },
  {
    manner: 'a web page',
    text: `<div class="recipe-card"><h2>Cornmeal pan breads</h2><dl><dt>Fine cornmeal</dt><dd>200 g</dd><dt>Boiling water</dt><dd>250 g</dd><dt>Plain flour</dt><dd>150 g</dd><dt>Butter</dt><dd>20 g</dd><dt>Salt</dt><dd>6 g</dd></dl><p>Pour the boiling water over the cornmeal, stir in the butter and salt, and leave for 15 minutes. Work in the flour; knead for 2 minutes. Shape 6 cakes, 10 cm across. Fry in a little oil over medium heat, 4 minutes on each side.</p><p>Rated 5/5 by 18 readers.</p></div>`,
    pct: { 'fine cornmeal': 57.1, 'boiling water': 71.4, 'plain flour': 42.9, butter: 5.7, salt: 1.7 },
    kinds: 'mix rest mix knead divide shape cook',
    rests: [15],
    cook: [240, 240],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'structured data',
    text: `{"@context":"https://schema.org","@type":"Recipe","name":"Yoghurt pan breads","recipeYield":"4","totalTime":"PT45M","recipeIngredient":["250g plain flour","2 tsp baking powder","1/2 tsp fine sea salt","250g plain yoghurt","1 tbsp olive oil"],"recipeInstructions":[{"@type":"HowToStep","text":"Mix the dry ingredients, add yoghurt and oil, and bring together into a rough dough."},{"@type":"HowToStep","text":"Tip on to a floured surface; knead for 1-2 minutes."},{"@type":"HowToStep","text":"Cover and set aside for 15 minutes."},{"@type":"HowToStep","text":"Cut into 4, roll to 18cm rounds."},{"@type":"HowToStep","text":"Cook in a hot dry frying pan for 2 minutes on each side, until puffed and charred in places."}]}`,
    pct: { 'plain flour': 100, 'plain yoghurt': 100 },
    kinds: 'mix knead rest divide roll cook',
    rests: [15],
    cook: [120, 120],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['baking powder', 'salt', 'olive oil'],
  },
  {
    manner: 'structured data',
    text: `<script type="application/ld+json">{"@context":"https://schema.org","@type":["Recipe"],"name":"Pupusas de queso","recipeYield":"10 pupusas","recipeIngredient":["400 g masa harina","520 g warm water","1 tsp salt","300 g grated mozzarella","oil for your hands"],"recipeInstructions":[{"@type":"HowToStep","text":"Mix masa harina, salt and water; knead for 2 minutes. Rest 10 minutes, covered."},{"@type":"HowToStep","text":"With oiled hands make 10 balls. Flatten each, put 30 g cheese in the centre, close and pat out to 12 cm."},{"@type":"HowToStep","text":"Cook on a hot griddle 3 minutes per side until blistered."}]}</script>`,
    pct: { 'masa harina': 100, 'warm water': 130 },
    kinds: 'mix knead rest ball fill cook',
    rests: [10],
    cook: [180, 180],
    allergens: ['milk'],
    others: ['salt', 'mozzarella'],
  },
  {
    manner: 'a scan',
    text: `PLAIN COOKERY FOR SCHOOLS               88
GIRDLE SCONES
½ lb. flour            ½ tsp. bicarb. soda
1 oz. margarine        1 tsp. cream of tartar
½ oz. sugar            1 gill milk
pinch of salt
METHOD.-Sieve dry ingredients; rub in marg-
arine; mix with milk to an elastic dough;
turn on to floured board; divide in two; roll
each to a round ½ in. thick; cut in four; bake
on hot girdle 5 mins.; turn; bake 5 mins. more.`,
    pct: { flour: 100, margarine: 12.5, sugar: 6.25 },
    kinds: 'mix mix mix divide roll divide cook',
    rests: [],
    cook: [300, 300],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['bicarb', 'cream of tartar', 'milk', 'salt'],
  },
  {
    manner: 'a scan',
    text: `The Miller's Wife: FLOUR TORTILLAS. 3 cups
flour, 1 1/2 tsp. salt, 1 tsp. baking pow-
der, 1/3 cup lard, 1 cup hot water. Sift
dry ingredients. Cut in lard. Add water
gradually, stirring with a fork. Knead
50 times. Let rest, covered, l0 min. Di-
vide into 12. Roll to 8 inches. Bake on
hot ungreased griddle 30 sec. per side.`,
    pct: { flour: 100 },
    kinds: 'mix mix mix knead rest divide roll cook',
    rests: [10],
    cook: [30, 30],
    allergens: ['gluten', 'wheat'],
    others: ['salt', 'baking powder', 'lard', 'water'],
  },
  {
    manner: 'words for numbers',
    text: `Griddle breads with honey. Four hundred and fifty grams of bread flour, two hundred and seventy of milk, thirty of honey, nine of salt, six of instant yeast, thirty of soft butter. Knead for twelve minutes. First rise one hour. Divide into nine, shape into balls, second rise half an hour. Flatten to ten centimetres. Cook on a low griddle, covered, for four minutes; turn; another four, uncovered.`,
    pct: { 'bread flour': 100, milk: 60, honey: 6.7, salt: 2, 'instant yeast': 1.3, 'soft butter': 6.7 },
    kinds: 'mix knead proof divide ball proof shape cook',
    rests: [60, 30],
    cook: [240, 240],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `You'll want three hundred grams of chickpea flour, half a litre of water, three tablespoons of olive oil and a heaped teaspoon of salt. Beat it smooth, leave it for two hours, stir again. Pour a third of it into a hot oiled pan, about twenty-four centimetres wide, and cook it five minutes on the first side and three on the second. Makes three, for six people.`,
    pct: { 'chickpea flour': 100, water: 166.7 },
    kinds: 'mix rest mix divide shape cook',
    rests: [120],
    cook: [300, 180],
    allergens: [],
    others: ['olive oil', 'salt'],
  },
  {
    manner: 'parts by vessel',
    text: `2 heaped mugs wholemeal flour
1 mug plain flour
1 mug (ish) warm water
2 tbsp oil
1 tsp salt

Mix to a soft dough and knead till your arms get tired (5 mins). Cover and forget for half an hour. Break into 10 golf balls. Roll thin on a floured board. Dry hot pan: 1 min, flip, 1 min. Butter on top.`,
    pct: { 'wholemeal flour': 75, 'plain flour': 25 },
    kinds: 'mix knead rest divide ball roll cook finish',
    rests: [30],
    cook: [60, 60],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['water', 'oil', 'salt', 'butter'],
  },
  {
    manner: 'parts by vessel',
    text: `Bush bread
Take:
 2 tins of self-raising flour
 a tin of milk, or water with milk powder
 a big spoon of butter
 salt
Rub butter and salt into flour with your fingertips, add the milk, mix. Pat flat, 2 cm. Cut in 8. Bake on a hot plate near the coals, 6 minutes each side.`,
    pct: { 'plain flour': 100, 'baking powder': 5 },
    kinds: 'mix mix shape divide cook',
    rests: [],
    cook: [360, 360],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['milk', 'butter', 'salt'],
  },
  {
    manner: 'decimal commas',
    text: `Polentataler 12 Stück
0,3 l Wasser (water)
0,15 kg Maisgrieß (polenta)
0,2 kg Weizenmehl (wheat flour)
0,05 kg Parmesan
1 Ei (egg)
0,006 kg Salz (salt)

Boil water with salt, stir in polenta, simmer 5 min, cool 20 min. Knead in flour, egg, parmesan 2 min. Divide into 12, flatten to 9 cm, 1,2 cm thick. Griddle in oil 3,5 min + 3 min.`,
    pct: { polenta: 42.9, 'wheat flour': 57.1 },
    kinds: 'mix rest knead divide shape cook',
    rests: [20],
    cook: [210, 180],
    allergens: ['egg', 'gluten', 'milk', 'wheat'],
    others: ['water', 'parmesan', 'egg', 'salt'],
  },
  {
    manner: 'decimal commas',
    text: `Piadina med surdegsrester
300 g vetemjöl (wheat flour)
100 g surdeg (sourdough)
1,2 dl vatten (water)
0,5 dl olivolja (olive oil)
1,5 tsk salt (tsp)

Blanda (mix), knåda (knead) 6 min, vila (rest) 1,5 h. Dela (divide) i 6, rulla (roll) 22 cm. Grädda (cook) 1,5 min per sida (side).`,
    pct: { 'wheat flour': 100, sourdough: 33.3, water: 40 },
    kinds: 'mix knead proof divide roll cook',
    rests: [90],
    cook: [90, 90],
    allergens: ['gluten', 'wheat'],
    others: ['olive oil', 'salt'],
  },
];
