import type { RecipeText } from './recipe-text.ts';

/** A hundred and third lot whose expectation was written before the reader saw it, two of each manner: what a brewery yard, a ferry and a scout camp hand out. */
export const HUNDRED_THIRD: readonly RecipeText[] = [
  {
    manner: 'a handout',
    text: `Brewery yard flatbreads
For 10 people, one each

You will need
700 g bread flour
50 g rye flour
430 g pale ale, flat and at room temperature
15 g salt
5 g fresh yeast
20 g honey

Method
1. Crumble the yeast into the beer and stir in the honey.
2. Add both flours and the salt, bring together and knead for 9 minutes.
3. Oil a bowl, put the dough in, cover and prove for 75 minutes.
4. Tip out and divide into 10. Round each piece and rest for 20 minutes.
5. Stretch to ovals of 20 cm.
6. Cook over hot coals, 2 minutes on the first side and 90 seconds on the other.
7. Wrap in a towel until everybody has one.`,
    pct: { 'bread flour': 93.33, 'rye flour': 6.67, 'pale ale': 57.33, salt: 2, 'fresh yeast': 0.67, honey: 2.67 },
    kinds: 'mix knead proof divide ball rest shape cook finish',
    rests: [75, 20],
    cook: [120, 90],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a handout',
    text: `FERRY GALLEY: OAT FARLS (makes 4)

200 g fine oatmeal
150 g plain flour
8 g baking powder
5 g salt
40 g lard
210 g milk

- Mix the dry things and rub in the lard.
- Stir in the milk and let it stand for 10 minutes so that the oats drink.
- Pat out on a floured board to a round 1.5 cm thick.
- Cut into quarters.
- Cook in a dry heavy pan on a low heat, 6 minutes each side.`,
    pct: {
      'fine oatmeal': 57.14,
      'plain flour': 42.86,
      'baking powder': 2.29,
      salt: 1.43,
      lard: 11.43,
      milk: 60,
    },
    kinds: 'mix mix mix rest shape divide cook',
    rests: [10],
    cook: [360, 360],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'a table',
    text: `Card 7	Brewery barbari
Item	g	%
White flour	1200	100
Water	780	65
Salt	24	2
Instant yeast	10	0.83
Sugar	12	1

Process	Time	Remark
Mix	5 min	
Knead	7 min	
Bulk proof	80 min	26 °C
Divide		6 x 330 g
Bench rest	25 min	
Stretch		45 cm long
Final proof	20 min	
Bake	11 min	240 °C`,
    pct: { 'white flour': 100, water: 65, salt: 2, 'instant yeast': 0.83, sugar: 1 },
    kinds: 'mix knead proof divide rest shape proof cook',
    rests: [80, 25, 20],
    cook: [396, 264],
    pieceG: 330,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a table',
    text: `SPELT WRAPS           6 wraps   12 wraps
Spelt flour             250 g      500 g
Water                   145 g      290 g
Sunflower oil            20 g       40 g
Salt                      5 g       10 g

Knead 5 min. Rest 30 min. Divide, ball, rest 10 min. Roll 24 cm. Dry pan, 45 s a side. Stack in a cloth.`,
    pct: { 'spelt flour': 100, water: 58, 'sunflower oil': 8, salt: 2 },
    kinds: 'mix knead rest divide ball rest roll cook finish',
    rests: [30, 10],
    cook: [45, 45],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Ferry griddle focaccia (per cent of flour)
strong flour 100, water 75, olive oil 6, salt 2.2, fresh yeast 1.5
Mix, rest 20 minutes, knead 5 minutes, proof 90 minutes. Pieces of 140 g, round, bench rest 20 minutes. Press out to 17 cm, proof 30 minutes. Griddle 4 minutes, turn, 3 minutes.`,
    pct: { 'strong flour': 100, water: 75, 'olive oil': 6, salt: 2.2, 'fresh yeast': 1.5 },
    kinds: 'mix rest knead proof divide ball rest shape proof cook',
    rests: [20, 90, 20, 30],
    cook: [240, 180],
    pieceG: 140,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Rye crisp from the camp oven. Rye flour 80 %, wheat flour 20 %, water 70 %, salt 2 %, dry yeast 1 %, fennel 1.5 %.
Mix for 6 min. Bulk 2 h. Divide at 60 g. Roll to 18 cm. Rest 15 min. Bake at 220 °C for 10 min.`,
    pct: { 'rye flour': 80, 'wheat flour': 20, water: 70, salt: 2, 'dry yeast': 1, fennel: 1.5 },
    kinds: 'mix proof divide roll rest cook',
    rests: [120, 15],
    cook: [360, 240],
    pieceG: 60,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `At camp we make bannock like this: into a bowl go 450 g of plain flour, 18 g of baking powder, 7 g of salt and 60 g of butter, which you rub in with cold fingers; then pour in 270 g of water, stir, and knead for one minute. Leave the dough for a quarter of an hour. Cut it in 9, pat each piece out to 10 cm and bake in a greased pan over the embers for 5 minutes, turn, and give it another 4 minutes.`,
    pct: { 'plain flour': 100, 'baking powder': 4, salt: 1.56, butter: 13.33, water: 60 },
    kinds: 'mix mix knead rest divide shape cook',
    rests: [15],
    cook: [300, 240],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `Naan for the brewery supper, eight of them. Stir 7 g dry yeast and 10 g sugar into 180 g warm milk and leave it for 10 minutes until it foams. Put 500 g flour and 9 g salt in a bowl, add the yeasty milk, 130 g yoghurt and 30 g oil, mix, and knead for 7 minutes. Cover and let it rise for 80 minutes. Divide into 8, round the pieces and let them rest for 10 minutes, then roll them to 22 cm. Cook in a hot pan with a lid on for 2 minutes, turn, and 1 minute without it. Brush with melted butter.`,
    pct: { flour: 100, 'warm milk': 36, 'dry yeast': 1.4, sugar: 2, salt: 1.8, yoghurt: 26, oil: 6 },
    kinds: 'mix bloom mix knead proof divide ball rest roll cook finish',
    rests: [10, 80, 10],
    cook: [120, 60],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'a web page',
    text: `<html><head><title>Thin yufka sheets - From our galley</title><script>var a = 12; track("g");</script></head><body><header><a href="/">From our galley</a></header><main><h1>Thin yufka sheets</h1><p class="meta">Prep 20 min | Rest 45 min | Cook 15 min | Makes 12</p><h2>Ingredients</h2><ul><li>500 g all-purpose flour</li><li>290 ml water</li><li>2 tbsp olive oil</li><li>1½ tsp salt</li></ul><h2>Method</h2><ol><li>Combine the flour and salt. Add the water and oil and knead for 10 minutes until smooth.</li><li>Cover and rest for 30 minutes.</li><li>Divide into 12 balls, cover and rest for 15 minutes.</li><li>Roll each ball out to 30 cm, as thin as you can.</li><li>Cook on a hot griddle for 30 seconds per side.</li><li>Stack under a damp cloth.</li></ol><p>Share this: mail, print</p></main><footer>3 comments</footer></body></html>`,
    pct: { 'all-purpose flour': 100, water: 58, 'olive oil': 5.02, salt: 1.83 },
    kinds: 'mix knead rest divide ball rest roll cook finish',
    rests: [30, 15],
    cook: [30, 30],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a web page',
    text: `<article><h2>Camp stove cheese turnovers</h2><p>Serves 8</p><h3>Dough</h3><p>400 g plain flour<br>220 g water<br>20 g oil<br>8 g salt</p><h3>Filling</h3><p>250 g feta<br>20 g dill</p><h3>Method</h3><p>1. Knead the dough for 8 minutes and rest it for 40 minutes.</p><p>2. Crumble the feta and mix it with the dill.</p><p>3. Divide the dough into 8 and roll each piece to 20 cm.</p><p>4. Spread the filling over one half, fold and press the edges.</p><p>5. Cook in an oiled pan for 3 minutes on each side.</p></article>`,
    pct: { 'plain flour': 100, water: 55, oil: 5, salt: 2 },
    kinds: 'mix knead rest prepare divide roll fill cook',
    rests: [40],
    cook: [180, 180],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'structured data',
    text: `{"@context":"https://schema.org","@graph":[{"@type":"WebSite","name":"Camp cooks"},{"@type":"Recipe","name":"Campfire pita","recipeYield":["10","10 pitas"],"prepTime":"PT30M","cookTime":"PT20M","recipeIngredient":["600 g bread flour","380 g water","12 g salt","6 g instant yeast","18 g olive oil"],"recipeInstructions":[{"@type":"HowToSection","name":"Dough","itemListElement":[{"@type":"HowToStep","text":"Mix everything and knead for 10 minutes."},{"@type":"HowToStep","text":"Cover and leave to rise for 1 hour 15 minutes."}]},{"@type":"HowToSection","name":"Breads","itemListElement":[{"@type":"HowToStep","text":"Divide into 10 pieces, shape into balls and rest for 15 minutes."},{"@type":"HowToStep","text":"Roll out to 16 cm and rest for 10 minutes."},{"@type":"HowToStep","text":"Cook on a hot griddle for 1 minute, turn, 2 minutes more."}]}]}]}`,
    pct: { 'bread flour': 100, water: 63.33, salt: 2, 'instant yeast': 1, 'olive oil': 3 },
    kinds: 'mix knead proof divide ball rest roll rest cook',
    rests: [75, 15, 10],
    cook: [60, 120],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'structured data',
    text: `{"@type":"Recipe","name":"Ferry lunch tortillas","recipeYield":"14 tortillas","recipeIngredient":["3 cups (375 g) all-purpose flour","1 teaspoon (6 g) salt","1 teaspoon (4 g) baking powder","1/3 cup (70 g) lard","1 cup minus 2 tbsp (200 g) hot water"],"recipeInstructions":["Whisk the flour, salt and baking powder.","Rub in the lard.","Pour in the water, mix, and knead for 2 minutes.","Cover and rest for 30 minutes.","Divide into 14, roll into balls and rest for 10 minutes.","Roll each out to 20 cm.","Cook on a dry griddle for 45 seconds, flip and cook for 30 seconds.","Keep warm in a cloth."]}`,
    pct: { 'all-purpose flour': 100, salt: 1.6, 'baking powder': 1.07, lard: 18.67, 'hot water': 53.33 },
    kinds: 'mix mix mix knead rest divide ball rest roll cook finish',
    rests: [30, 10],
    cook: [45, 30],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a scan',
    text: `                                             47
COOKERY FOR SMALL SHIPS

POTATO CAKES. Half a pound of
cold mashed potatoes, 3 oz. flour, 1
oz. butter, a pinch of salt. Work the but-
ter and the salt into the pota-
toes, add the flour and knead lightly. Roll
out half an inch thick, cut into eight
and cook on a greased griddle for 4 min-
utes on each side.`,
    pct: { flour: 100, 'cold mashed potatoes': 266.67, butter: 33.33 },
    kinds: 'mix knead roll divide cook',
    rests: [],
    cook: [240, 240],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'a scan',
    text: `BREWERY  COURSE        PITA        for l5
Flour, strong ....... 9OO g
Water ............... 57O g
Salt ................ l8 g
Fresh yeast ......... 15 g
Oil ................. 25 g
Mix 3 min, knead lO min. Bulk proof 6O
min. Divide into l5, round, rest 2O mi-
nutes. Roll to l5 cm. Proof 1O min.
Hot stone, 27O °C, 4 min.`,
    pct: { 'strong flour': 100, water: 63.33, salt: 2, 'fresh yeast': 1.67, oil: 2.78 },
    kinds: 'mix knead proof divide ball rest roll proof cook',
    rests: [60, 20, 10],
    cook: [144, 96],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `Half a kilo of wholemeal flour, three hundred and forty grams of water, nine grams of salt, a tablespoon of olive oil. Mix it, let it stand for a quarter of an hour, knead for six minutes. Forty minutes' rest under a bowl. Ten pieces, rounded, a dozen minutes more. Roll them to eighteen centimetres. Fifty seconds on a hot griddle, turn, forty seconds.`,
    pct: { 'wholemeal flour': 100, water: 68, salt: 1.8, 'olive oil': 2.51 },
    kinds: 'mix rest knead rest divide ball rest roll cook',
    rests: [15, 40, 12],
    cook: [50, 40],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `Camp chapattis, a dozen. Three hundred and sixty grams of atta, two hundred and twenty-five grams of warm water, six grams of salt. Mix and knead for eight minutes. Cover and rest for twenty-five minutes. Divide into twelve balls. Roll each to sixteen centimetres. On the tawa twenty seconds, turn it, forty seconds, turn it again, ten seconds. Butter.`,
    pct: { atta: 100, 'warm water': 62.5, salt: 1.67 },
    kinds: 'mix knead rest divide ball roll cook finish',
    rests: [25],
    cook: [20, 40, 10],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'parts by vessel',
    text: `Deck pancakes without milk
2 mugs buckwheat flour
3 mugs water
1 teaspoon salt
Whisk until smooth and leave for 2 hours.
Ladle into a hot oiled pan and spread to 24 cm.
Cook for 2 minutes, turn, cook for 1 minute.
Makes 12.`,
    pct: { 'buckwheat flour': 100 },
    kinds: 'mix rest divide shape cook',
    rests: [120],
    cook: [120, 60],
    allergens: [],
  },
  {
    manner: 'parts by vessel',
    text: `Three cups of white flour, one cup of warm water, two spoons of oil, a teaspoon of salt and a teaspoon of dry yeast. Knead for ten minutes, cover and let it rise for an hour. Make eight balls, rest for ten minutes, flatten them to 15 cm and cook on the griddle for two minutes on each side.`,
    pct: { 'white flour': 100 },
    kinds: 'mix knead proof ball rest shape cook',
    rests: [60, 10],
    cook: [120, 120],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'decimal commas',
    text: `Tunnbröd på båten / soft thin bread, 12 st
vetemjöl / wheat flour 0,75 kg
rågmjöl / rye flour 0,25 kg
mjölk / milk 0,65 l
smör / butter 0,08 kg
salt 18 g
torrjäst / dry yeast 7,5 g
Knead 6,5 min. Proof 1,25 h. Divide into 12, ball, rest 12,5 min. Roll 28 cm, 3 mm. Griddle 1,5 min + 1 min.`,
    pct: { 'wheat flour': 75, 'rye flour': 25, milk: 67, butter: 8, salt: 1.8, 'dry yeast': 0.75 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [75, 12.5],
    cook: [90, 60],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'decimal commas',
    text: `Piadina: 0,5 kg flour; 0,1 kg lard; 0,24 kg water; 9,5 g salt; 4,5 g baking powder. Rub, add the water, knead 3,5 min. Rest 0,75 h. Divide into 7, ball, rest 12 min. Roll to 23,5 cm. Cook 1,25 min, turn, 0,75 min.`,
    pct: { flour: 100, lard: 20, water: 48, salt: 1.9, 'baking powder': 0.9 },
    kinds: 'mix mix knead rest divide ball rest roll cook',
    rests: [45, 12],
    cook: [75, 45],
    allergens: ['gluten', 'wheat'],
  },
];
