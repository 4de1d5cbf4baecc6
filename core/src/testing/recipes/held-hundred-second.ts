import type { RecipeText } from './recipe-text.ts';

/** A hundred and second lot whose expectation was written before the reader saw it, two of each manner: what an allotment, a mill and a school kitchen hand out. */
export const HUNDRED_SECOND: readonly RecipeText[] = [
  {
    manner: 'a handout',
    text: `Allotment flatbreads with herbs
Serves 6 (12 small breads)
Time: about 1 hour 45 minutes

You need:
600 g strong white flour, plus extra for dusting
360 g lukewarm water
30 g olive oil
12 g salt
8 g instant yeast
a handful of chopped herbs

What we do:
1. Put the flour, salt and yeast in a bowl, pour in the water and oil and mix to a rough dough.
2. Knead on the table for 10 minutes. Work in the herbs at the end.
3. Back in the bowl, cover, and let it rise for 60 minutes.
4. Divide into 12, shape into balls and leave them for 15 minutes under a cloth.
5. Roll each one out to about 15 cm.
6. Cook on a hot griddle for 90 seconds on the first side and 60 seconds on the second.`,
    pct: { 'strong white flour': 100, 'lukewarm water': 60, 'olive oil': 5, salt: 2, 'instant yeast': 1.33 },
    kinds: 'mix knead mix proof divide ball rest roll cook',
    rests: [60, 15],
    cook: [90, 60],
    allergens: ['gluten', 'wheat'],
    others: ['herbs'],
  },
  {
    manner: 'a handout',
    text: `MILL CLUB – BUTTERMILK GRIDDLE SCONE
makes 8 wedges

350 g plain flour
100 g wholemeal flour
5 g bicarbonate of soda
6 g salt
50 g cold butter
330 g buttermilk

Rub the butter into both flours, the soda and the salt.
Stir in the buttermilk with a knife until it just holds.
Do not knead it.
Pat out on a floured board to 2 cm thick and cut into 8 wedges.
Low griddle, 7 minutes, turn, 6 minutes.`,
    pct: {
      'plain flour': 77.78,
      'wholemeal flour': 22.22,
      'bicarbonate of soda': 1.11,
      salt: 1.33,
      'cold butter': 11.11,
      buttermilk: 73.33,
    },
    kinds: 'mix mix shape divide cook',
    rests: [],
    cook: [420, 360],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'a table',
    text: `Recipe: School pita

Ingredient | Weight (g) | Baker's %
Bread flour | 900 | 90
Wholemeal flour | 100 | 10
Water | 640 | 64
Olive oil | 30 | 3
Salt | 18 | 1.8
Instant yeast | 9 | 0.9

Stage | Time | Notes
Mixing | 4 min | low speed
Kneading | 6 min | medium
Bulk proof | 60 min | covered
Dividing | | 16 pieces
Bench rest | 15 min |
Rolling | | 16 cm
Final proof | 20 min |
Baking | 4 min | 270 °C`,
    pct: { 'bread flour': 90, 'wholemeal flour': 10, water: 64, 'olive oil': 3, salt: 1.8, 'instant yeast': 0.9 },
    kinds: 'mix knead proof divide rest roll proof cook',
    rests: [60, 15, 20],
    cook: [144, 96],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a table',
    text: `GÖZLEME, CHEESE          for 10

DOUGH                     g
plain flour             600
water                   360
salt                     12
olive oil                30

FILLING                   g
white cheese            400
parsley                  40

Method
1  Mix, knead 8 min, rest 30 min
2  Divide into 10, ball, rest 10 min
3  Roll to 28 cm
4  Fill one half, fold over, seal
5  Griddle 2 min per side
6  Brush with melted butter`,
    pct: { 'plain flour': 100, water: 60, salt: 2, 'olive oil': 5 },
    kinds: 'mix knead rest divide ball rest roll fill shape cook finish',
    rests: [30, 10],
    cook: [120, 120],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Mill sourdough rounds
White flour 70%, wholemeal 30%, water 68%, levain 22%, salt 2.1%.
Mix, autolyse 40 minutes, knead 5 minutes. Bulk ferment 4 hours. Divide at 130 g, round, rest 30 minutes, flatten to 18 cm. Bake on a hot stone at 260 °C for 6 minutes.`,
    pct: { 'white flour': 70, wholemeal: 30, water: 68, salt: 2.1 },
    kinds: 'mix rest knead proof divide ball rest shape cook',
    rests: [40, 240, 30],
    cook: [216, 144],
    pieceG: 130,
    allergens: ['gluten', 'wheat'],
    others: ['levain'],
  },
  {
    manner: 'percentages alone',
    text: `Flour tortilla, % of flour
Flour      100
Lard        16
Hot water   52
Salt       1.6
Powder       1

Rub in, add water, knead 2 min. Rest 20 min covered. Balls of 45 g. Rest 10 min. Roll 18 cm. Comal 30 s, flip, 20 s.`,
    pct: { flour: 100, lard: 16, 'hot water': 52, salt: 1.6 },
    kinds: 'mix mix knead rest ball rest roll cook',
    rests: [20, 10],
    cook: [30, 20],
    pieceG: 45,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `At the mill we always start with bazlama: 500 g of flour, 250 g of warm water, 100 g of yoghurt, 10 g of salt, 10 g of sugar and 6 g of dry yeast are mixed and kneaded for 8 minutes, the dough rises for an hour, then we divide it into 6, round the pieces and give them a quarter of an hour; each is patted out to 16 cm and cooked over a medium flame for 3 minutes a side, then brushed with butter.`,
    pct: { flour: 100, 'warm water': 50, yoghurt: 20, salt: 2, sugar: 2, 'dry yeast': 1.2 },
    kinds: 'mix knead proof divide ball rest shape cook finish',
    rests: [60, 15],
    cook: [180, 180],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `Our allotment socca is the easiest thing: whisk 300 g chickpea flour with 600 g water, 30 g olive oil and 6 g salt, let it stand for two hours, skim it, ladle 115 g into a hot oiled pan, spread it to 22 cm and cook for three minutes, then turn it over and give it two minutes more. It makes eight.`,
    pct: { 'chickpea flour': 100, water: 200, 'olive oil': 10, salt: 2 },
    kinds: 'mix rest divide shape cook',
    rests: [120],
    cook: [180, 120],
    allergens: [],
  },
  {
    manner: 'a web page',
    text: `<!doctype html><html><head><title>Easy skillet naan | A kitchen by the canal</title><style>.x{width:5cm}</style></head><body><nav>Home Recipes About</nav><article><h1>Easy skillet naan</h1><p>Published 4 May · 12 comments</p><p>I promise these are softer than anything from a packet.</p><h2>Ingredients</h2><ul><li>400 g bread flour</li><li>7 g fast-action yeast</li><li>8 g salt</li><li>1 tsp sugar</li><li>160 ml warm milk</li><li>120 g natural yoghurt</li><li>25 g melted butter, to brush</li></ul><h2>Instructions</h2><ol><li>Mix the flour, yeast, salt and sugar. Add the milk and yoghurt and knead for 8 minutes.</li><li>Cover and leave to rise for 1 hour, until doubled.</li><li>Divide into 6, shape into balls and rest for 10 minutes.</li><li>Roll each to a 20 cm oval.</li><li>Heat a skillet until very hot. Cook for 1½ minutes, flip and cook for 1 minute.</li><li>Brush with the melted butter.</li></ol></article><aside>You may also like: 10 soups in 20 minutes</aside></body></html>`,
    pct: {
      'bread flour': 100,
      'fast-action yeast': 1.75,
      salt: 2,
      sugar: 1.04,
      'warm milk': 41.2,
      'natural yoghurt': 30,
    },
    kinds: 'mix knead proof divide ball rest roll cook finish',
    rests: [60, 10],
    cook: [90, 60],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'a web page',
    text: `<div class="post"><h2>Roti without fuss</h2><p>Makes 10</p><table><tr><td>Atta</td><td>300 g</td></tr><tr><td>Water</td><td>195 g</td></tr><tr><td>Salt</td><td>5 g</td></tr></table><p><b>How to</b></p><p>Mix and knead for 6 minutes.<br/>Rest for 25 minutes.<br/>Divide into 10 balls and roll to 16 cm.<br/>Cook on a hot tawa: 20 seconds, turn, 40 seconds, turn, 15 seconds.<br/>Spread with ghee.</p><p>Tags: bread, roti, easy</p></div>`,
    pct: { atta: 100, water: 65, salt: 1.67 },
    kinds: 'mix knead rest divide ball roll cook finish',
    rests: [25],
    cook: [20, 40, 15],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'structured data',
    text: `{"@context":"https://schema.org","@type":"Recipe","name":"Manakish with thyme","recipeYield":"8 manakish","totalTime":"PT2H","recipeIngredient":["500 g plain flour","320 g water","10 g salt","5 g instant yeast","30 g olive oil","For the topping: 40 g za'atar","80 g olive oil"],"recipeInstructions":[{"@type":"HowToStep","text":"Mix the dough and knead for 8 minutes."},{"@type":"HowToStep","text":"Let it rise for 70 minutes."},{"@type":"HowToStep","text":"Divide into 8, ball, and rest for 15 minutes."},{"@type":"HowToStep","text":"Flatten to 18 cm and spread with the za'atar mixed with the oil."},{"@type":"HowToStep","text":"Bake at 250 °C for 6 minutes."}]}`,
    pct: { 'plain flour': 100, water: 64, salt: 2, 'instant yeast': 1, 'olive oil': 6 },
    kinds: 'mix knead proof divide ball rest shape fill cook',
    rests: [70, 15],
    cook: [216, 144],
    allergens: ['gluten', 'sesame', 'wheat'],
  },
  {
    manner: 'structured data',
    text: `[{"@context":"https://schema.org","@type":"Recipe","name":"School corn tortillas","recipeYield":"16","prepTime":"PT15M","recipeIngredient":["320 g masa harina","450 g hot water","4 g salt"],"recipeInstructions":"Mix everything and knead for 3 minutes. Rest, covered, for 20 minutes. Divide into 16 balls. Press each to 14 cm. Cook on a dry comal for 50 seconds, flip, and cook for 60 seconds. Keep in a cloth."}]`,
    pct: { 'masa harina': 100, 'hot water': 140.63, salt: 1.25 },
    kinds: 'mix knead rest divide ball shape cook finish',
    rests: [20],
    cook: [50, 60],
    allergens: [],
  },
  {
    manner: 'a scan',
    text: `12                HOUSEHOLD BREADS

OATMEAL BANNOCKS.
8 oz. fine oatmeal, 4 oz. flour, 1
teaspoonful baking powder, ½ tea-
spoonful salt, 1 oz. lard, ¼ pint milk.
Rub the lard into the dry ingre-
dients, add the milk and knead
lightly. Roll out ¼ inch thick, cut
into eight, and bake on a hot gir-
dle for 4 minutes each side.`,
    pct: { 'fine oatmeal': 66.67, flour: 33.33, 'baking powder': 1.18, salt: 0.9, lard: 8.33, milk: 43 },
    kinds: 'mix mix knead roll divide cook',
    rests: [],
    cook: [240, 240],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'a scan',
    text: `MILL COURSE     Sheet 3     LAVASH     l2 pcs
Strong flour ...... 84O g
Water ............. 5OO g
Salt .............. l6 g
Sugar ............. 2O g
Dry yeast ......... 8 g
Knead 8 min. Prove 45 min. Divide in-
to l2, ball, rest l5 min. Roll to 34 cm.
Bake on a hot saj, 4O s + 2O s.`,
    pct: { 'strong flour': 100, water: 59.52, salt: 1.9, sugar: 2.38, 'dry yeast': 0.95 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [45, 15],
    cook: [40, 20],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `One kilo of atta, six hundred and fifty grams of water, twenty grams of salt, forty grams of oil. Mix it and knead it for eight minutes. Half an hour's rest. Twenty balls, ten minutes more. Roll each one to seventeen centimetres. Half a minute on the tawa, turn, forty seconds, turn again for ten.`,
    pct: { atta: 100, water: 65, salt: 2, oil: 4 },
    kinds: 'mix knead rest ball rest roll cook',
    rests: [30, 10],
    cook: [30, 40, 10],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `For nine pittas take five hundred and forty grams of bread flour, three hundred and thirty grams of water, ten grams of salt, five grams of instant yeast and a tablespoon of olive oil. Mix for three minutes and knead for nine. Let it rise for an hour and ten minutes. Divide into nine, round them, and let them rest for twenty minutes. Roll to fifteen centimetres and prove for another fifteen minutes. Bake in a very hot oven for five minutes.`,
    pct: { 'bread flour': 100, water: 61.11, salt: 1.85, 'instant yeast': 0.93, 'olive oil': 2.32 },
    kinds: 'mix knead proof divide ball rest roll proof cook',
    rests: [70, 20, 15],
    cook: [300],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'parts by vessel',
    text: `Two mugs of self-raising flour, one mug of natural yoghurt, half a teaspoon of salt. Mix, knead for 2 minutes and rest for 15 minutes. Divide into 8, roll to 15 cm and cook in a dry pan for 2 minutes on each side.`,
    pct: { 'plain flour': 100, 'baking powder': 5, 'natural yoghurt': 108.68, salt: 1.57 },
    kinds: 'mix knead rest divide roll cook',
    rests: [15],
    cook: [120, 120],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'parts by vessel',
    text: `Msemen by the bowl
2 bowls of fine semolina
1 bowl of plain flour
1 bowl of warm water, a little more if needed
1 teaspoon of salt
Butter and oil for folding
Knead for 12 minutes. Rest for 15 minutes. Make 10 balls, oil them, rest for 20 minutes. Spread each one out paper thin, dot with butter and fold into a square. Rest for 10 minutes. Flatten to 16 cm and cook for 3 minutes on each side over medium heat.`,
    pct: { 'fine semolina': 72, 'plain flour': 28 },
    kinds: 'mix knead rest ball rest shape fill shape rest shape cook',
    rests: [15, 20, 10],
    cook: [180, 180],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'decimal commas',
    text: `Focaccia de plancha, 10 piezas
harina de fuerza / strong flour 1,00 kg
agua / water 0,72 l
aceite / olive oil 0,06 l
sal / salt 20 g
levadura fresca / fresh yeast 12,5 g
Mix 3 min, rest 20 min, knead 4,5 min. Proof 1,5 h. Divide into 10, round, rest 25 min. Press to 17,5 cm. Plancha 3,5 min + 2,5 min.`,
    pct: { 'strong flour': 100, water: 72, 'olive oil': 5.5, salt: 2, 'fresh yeast': 1.25 },
    kinds: 'mix rest knead proof divide ball rest shape cook',
    rests: [20, 90, 25],
    cook: [210, 150],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'decimal commas',
    text: `Knäckebröd / crispbread: 0,4 kg rye flour; 0,1 kg wheat flour; 0,36 l water; 9 g salt; 3,5 g dry yeast; 8 g caraway. Mix 5 min. Proof 1,25 h. Divide into 14. Roll 21 cm, 1,5 mm. Rest 20 min. Bake 225 °C, 9 min.`,
    pct: { 'rye flour': 80, 'wheat flour': 20, water: 72, salt: 1.8, 'dry yeast': 0.7, caraway: 1.6 },
    kinds: 'mix proof divide roll rest cook',
    rests: [75, 20],
    cook: [324, 216],
    allergens: ['gluten', 'wheat'],
  },
];
