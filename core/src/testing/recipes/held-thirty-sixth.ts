import type { RecipeText } from './recipe-text.ts';

/** A thirty-sixth lot whose expectation was written before the reader saw it: two texts of each common manner. */
export const THIRTY_SIXTH: readonly RecipeText[] = [
  {
    manner: 'a handout',
    text: `Class of 21 March: BARLEY & RYE RIESKA
Each pair makes 4

Dry: 120 g barley flour, 80 g rye flour, 100 g wheat flour, 6 g salt, 8 g baking powder
Wet: 250 g buttermilk, 30 g melted butter

1. Whisk the dry. Whisk the wet. Combine in 10 strokes, no more.
2. Let stand for 5 min.
3. Divide into 4 with wet hands (about 145 g). Pat to 14 cm on baking paper.
4. Griddle, medium. 4 min, turn, 3 min.
5. Eat with butter.`,
    pct: {
      'barley flour': 40,
      'rye flour': 26.7,
      'wheat flour': 33.3,
      salt: 2,
      'baking powder': 2.7,
      buttermilk: 83.3,
      'melted butter': 10,
    },
    kinds: 'mix rest divide shape cook',
    rests: [5],
    cook: [240, 180],
    pieceG: 145,
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'a handout',
    text: `FLOUR TORTILLAS — what you do at your station

Weigh: flour 200 g · salt 3 g · baking powder 2 g · lard 30 g · hot water 110 g (makes 6)

► Rub lard into flour, salt and baking powder
► Pour in the water, stir, knead 3 minutes
► Rest 20 minutes under your bowl
► Divide in 6, make balls, rest 15 minutes
► Roll one at a time to 18 cm
► Griddle: 30 seconds – flip – 30 seconds – flip – 10 seconds

Clean as you go!`,
    pct: { flour: 100, salt: 1.5, 'baking powder': 1, lard: 15, 'hot water': 55 },
    kinds: 'mix mix knead rest divide ball rest roll cook',
    rests: [20, 15],
    cook: [30, 30, 10],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a table',
    text: `                  Roti      Paratha
Atta              500 g     500 g
Water             325 g     300 g
Salt              5 g       8 g
Ghee              –         30 g

Method (roti): knead 6 min, rest 30 min, 14 balls of 58 g, roll 17 cm, tava 20 s, 40 s, flame 10 s.`,
    pct: { atta: 100, water: 65, salt: 1 },
    kinds: 'mix knead rest ball roll cook',
    rests: [30],
    cook: [20, 40, 10],
    pieceG: 58,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a table',
    text: `Stage | Detail | Minutes
--- | --- | ---
Weigh | bread flour 700 g, water 455 g, salt 14 g, yeast 7 g, oil 21 g | 5
Mix | to a rough dough | 4
Rest | covered | 15
Knead | until smooth | 6
Proof | tub, 26 °C | 60
Divide | 8 × 149 g, ball | 6
Rest | on trays | 15
Roll | 24 cm |
Griddle | 1 min 15 s, turn, 1 min |`,
    pct: { 'bread flour': 100, water: 65, salt: 2, yeast: 1, oil: 3 },
    kinds: 'mix rest knead proof divide ball rest roll cook',
    rests: [15, 60, 15],
    cook: [75, 60],
    pieceG: 149,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Arepa-style corn cakes: precooked cornmeal 100 %, water 135 %, salt 2 %, oil 4 %. Stir, wait 8 min to hydrate, knead 2 min. 110 g balls, pat to 10 cm, 1.5 cm thick. Griddle, medium, oiled, 6 min per side.`,
    pct: { 'precooked cornmeal': 100, water: 135, salt: 2, oil: 4 },
    kinds: 'mix rest knead ball shape cook',
    rests: [8],
    cook: [360, 360],
    pieceG: 110,
    allergens: [],
  },
  {
    manner: 'percentages alone',
    text: `Formula
  Flour (11.5 % protein) ... 100
  Water .................... 57
  Yogurt ................... 10
  Butter ................... 4
  Salt ..................... 1.9
  Instant yeast ............ 1
Desired dough temperature 26 °C
1st fermentation: 60 min
Weight of pieces: 95 g
Intermediate proof: 15 min
Rolling: oval, 20 cm
Final proof: 10 min
Baking: griddle, 1 min 20 s + 1 min`,
    pct: { flour: 100, water: 57, yogurt: 10, butter: 4, salt: 1.9, 'instant yeast': 1 },
    kinds: 'mix proof divide proof roll proof cook',
    rests: [60, 15, 10],
    cook: [80, 60],
    pieceG: 95,
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `First thing, before anyone arrives, I make the sponge: 150 g flour, 150 g water and 2 g yeast, stirred and left for an hour. When the class is here we add 350 g flour, 170 g water, 10 g salt and 20 g oil, mix it for 3 minutes and knead it for 7. It rises for 45 minutes. We divide it into 8, round, wait 15 minutes, roll to 20 cm and cook a minute on each side.`,
    pct: { flour: 100, water: 64, yeast: 0.4, salt: 2, oil: 4 },
    kinds: 'mix rest mix knead proof divide ball rest roll cook',
    rests: [60, 45, 15],
    cook: [60, 60],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `Potato cakes on the griddle need only four things: 450g floury potatoes, boiled, drained and mashed while hot, 25g butter, 100g plain flour and a good pinch of salt. Work them together quickly, roll the dough on a floured board to about 1cm and cut it into triangles or 8cm rounds. Griddle over a moderate heat for 4 minutes on each side until freckled with brown.`,
    pct: { 'plain flour': 100, butter: 25 },
    kinds: 'mix roll divide cook',
    rests: [],
    cook: [240, 240],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['potatoes'],
  },
  {
    manner: 'a web page',
    text: `<h1>Chapli-house Naan</h1><div class="quick"><b>Makes:</b> 6 <b>Takes:</b> 2 hrs</div><h3>Ingredients</h3><ul class="i"><li><span class="qty">400</span> <span class="unit">g</span> <span class="name">plain flour</span></li><li><span class="qty">1</span> <span class="unit">tsp</span> <span class="name">baking powder</span></li><li><span class="qty">1</span> <span class="unit">tsp</span> <span class="name">salt</span></li><li><span class="qty">1</span> <span class="unit"></span> <span class="name">egg, beaten</span></li><li><span class="qty">120</span> <span class="unit">g</span> <span class="name">yogurt</span></li><li><span class="qty">100</span> <span class="unit">ml</span> <span class="name">milk</span></li></ul><h3>Steps</h3><ol><li>Mix together all the ingredients and knead for 5 minutes to a soft dough.</li><li>Leave in a bowl, covered, in a warm place for 1½ hours.</li><li>Divide into 6 and roll into teardrop shapes, 24 cm long.</li><li>Sprinkle one side with water and lay it, wet side down, in a hot heavy pan. Cook for 1½ minutes, then flip and cook for 1 minute.</li></ol>`,
    pct: { 'plain flour': 100, egg: 12.5, yogurt: 30, milk: 25.8 },
    kinds: 'mix knead rest divide roll cook',
    rests: [90],
    cook: [90, 60],
    allergens: ['egg', 'gluten', 'milk', 'wheat'],
  },
  {
    manner: 'a web page',
    text: `<article class="post"><p>Hi folks, today it's all about <strong>lavash</strong>.</p><p>You'll need: 2&frac34; cups (330g) bread flour, 1 tsp (6g) salt, 1 tsp (3g) instant yeast, 1 tbsp (20g) honey, 1 tbsp oil, and &frac34; cup + 1 tbsp (195ml) water.</p><p>First, mix everything and knead for about 10 minutes.</p><p>Second, let it rise for 90 minutes.</p><p>Third, divide into 6 and roll paper thin (30 x 20 cm), resting the dough for 5 minutes whenever it springs back.</p><p>Finally, cook on an upturned wok or griddle for 45 seconds a side. Mist with water and wrap.</p></article>`,
    pct: { 'bread flour': 100, salt: 1.8, 'instant yeast': 0.9, honey: 6.1, water: 59.1 },
    kinds: 'mix knead proof divide roll cook finish',
    rests: [90],
    cook: [45, 45],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'structured data',
    text: `{"@context":"https://schema.org","@type":"Recipe","name":"Sopes","recipeYield":"12 sopes","recipeIngredient":["2 cups masa harina","1 1/2 cups warm water","1/2 teaspoon salt","Vegetable oil for frying"],"recipeInstructions":[{"@type":"HowToStep","text":"Combine masa harina, water and salt and knead for 2 minutes. Cover with a towel for 10 minutes."},{"@type":"HowToStep","text":"Form 12 balls. Flatten each to 10 cm, about 8 mm thick."},{"@type":"HowToStep","text":"Cook on a hot griddle for 1 minute per side."},{"@type":"HowToStep","text":"While still warm, pinch the edges up to form a rim."}]}`,
    pct: { 'masa harina': 100 },
    kinds: 'mix knead rest ball shape cook shape',
    rests: [10],
    cook: [60, 60],
    allergens: [],
  },
  {
    manner: 'structured data',
    text: `{"@context":"https://schema.org","@type":"Recipe","name":"Herbed griddle flatbread","recipeYield":"4","recipeIngredient":["200 g (1 2/3 cups) plain flour","1 teaspoon baking powder","1/2 teaspoon sea salt","2 tablespoons mixed chopped herbs (chives, dill, parsley)","150 g (2/3 cup) plain yogurt","1 tablespoon olive oil"],"recipeInstructions":[{"@type":"HowToStep","text":"Mix the dry ingredients with the herbs, then the yogurt and oil, with a fork."},{"@type":"HowToStep","text":"Knead 1 minute; rest 10 minutes."},{"@type":"HowToStep","text":"Quarter the dough and roll each piece into an 18 cm round."},{"@type":"HowToStep","text":"Dry-fry in a hot pan: 2 minutes, flip, 1 1/2 minutes."}]}`,
    pct: { 'plain flour': 100, 'plain yogurt': 75 },
    kinds: 'mix knead rest divide roll cook',
    rests: [10],
    cook: [120, 90],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['herbs'],
  },
  {
    manner: 'a scan',
    text: `KHAMIRI ROTI                          (Serves 6)

 Wheat flour (atta) ..... 500 g.
 Yeast (fresh) ..........  10 g.
 Sugar ..................  10 g.
 Salt ...................   8 g.
 Warm water ............. 330 ml.

 1. Dissolve the yeast and sugar in ½ cup
    of the water. Leave for 10 min. to froth.
 2. Make a dough with the flour, salt, yeast
    and remaining water. Knead for 8 min.
 3. Cover and leave to ferment for 1½ hrs.
 4. Divide into 12 balls. Roll out to 15 cm.
 5. Cook on a griddle, 1 min. each side.`,
    pct: { 'fresh yeast': 2, sugar: 2, salt: 1.6, 'warm water': 66 },
    kinds: 'mix bloom mix knead proof divide ball roll cook',
    rests: [10, 90],
    cook: [60, 60],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a scan',
    text: `- 23 -

Camp Fire Twists and Flat Bread

4 cups Flour, 4 teasp. Baking Powder, 1 teasp.
Salt, 2 tablesp. Dripping, Water to mix (about
1⅓ cups).

Rub the fat into the flour, salt and baking pow-
der. Add water, mix to a stiff dough. For flat
bread, divide in 8, flatten on a board to ½ inch
and cook in a greased pan 3 minutes a side.`,
    pct: { flour: 100 },
    kinds: 'mix mix divide shape cook',
    rests: [],
    cook: [180, 180],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `Ten flatbreads. Seven hundred grams of strong white flour. Four hundred and fifty-five grams of water. Fourteen grams of salt. Seven grams of dried yeast. Twenty-one grams of olive oil. Mix for five minutes. Knead for five minutes. Proof for one hour. Divide into ten. Round. Rest for fifteen minutes. Roll to twenty-two centimetres. Griddle for one minute. Turn. Griddle for forty-five seconds.`,
    pct: { 'strong white flour': 100, water: 65, salt: 2, 'dried yeast': 1, 'olive oil': 3 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [60, 15],
    cook: [60, 45],
    pieceG: 116.2,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `In the morning stir a hundred grams of flour, a hundred grams of water and fifty grams of starter together and leave it four hours. Then add six hundred grams of flour, three hundred and fifty of water and fourteen of salt. Mix for five minutes, rest half an hour, fold it, rest another hour and a half. Shape ten balls. Three quarters of an hour later press them flat, about eighteen centimetres, and bake them two and a half minutes on each side.`,
    pct: { flour: 100, water: 64.3, salt: 2 },
    kinds: 'mix rest mix proof fold proof ball rest shape cook',
    rests: [240, 30, 90, 45],
    cook: [150, 150],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'parts by vessel',
    text: `NO SCALES VERSION
flour: 3 heaped mugs
water: 1 mug
yoghurt: 2 big spoons
salt: 1 flat teaspoon
yeast: 1 packet
Knead 8 min. Warm place 1 hour. 8 balls. 10 min. Roll out. Pan on full: 1 min, flip, 1 min.`,
    pct: { flour: 100 },
    kinds: 'mix knead proof ball rest roll cook',
    rests: [60, 10],
    cook: [60, 60],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'parts by vessel',
    text: `For a big family: ten cups of atta, six and a half cups of water, a heaped tablespoon of salt, half a cup of oil. Knead it all (10 minutes). Rest it (40 minutes). Pinch off lumps like a lime, about forty-five. Roll thin. Tava: half a minute, turn, half a minute, onto the flame till it blows up.`,
    pct: { atta: 100 },
    kinds: 'mix knead rest divide roll cook',
    rests: [40],
    cook: [30, 30, 15],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'decimal commas',
    text: `Placki / griddle cakes
mąka / flour 0,25 kg
kefir 0,20 l
soda 2,5 g
sól / salt 4,0 g
cukier / sugar 5,0 g

Mix with a fork, rest 10 min. Divide in 6, flatten to 10 cm, griddle on low 3,5 min per side.`,
    pct: { flour: 100, soda: 1, salt: 1.6, sugar: 2 },
    kinds: 'mix rest divide shape cook',
    rests: [10],
    cook: [210, 210],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'decimal commas',
    text: `Pita, 40 st. à 85 g: 2,00 kg flour, 1,28 kg water, 0,04 kg salt, 0,05 kg fresh yeast, 0,08 kg oil, 0,02 kg sugar. 5 + 4 min mixing; 50 min bulk; scale; round; 15 min; roll 15 cm; 20 min proof; griddle 0,5 / 1,0 / 0,5 min.`,
    pct: { flour: 100, water: 64, salt: 2, 'fresh yeast': 2.5, oil: 4, sugar: 1 },
    kinds: 'mix proof divide ball rest roll proof cook',
    rests: [50, 15, 20],
    cook: [30, 60, 30],
    pieceG: 85,
    allergens: ['gluten', 'wheat'],
  },
];
