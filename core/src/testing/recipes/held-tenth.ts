import type { RecipeText } from './recipe-text.ts';

/** A tenth lot whose expectation was written before the reader saw it, in the manners in which instructors bring their recipes. */
export const TENTH: readonly RecipeText[] = [
  {
    manner: 'a handout, amounts behind dashes',
    text: `TOLLGATE FLATBREADS
Makes: 10 breads of 100 g

Strong flour – 600 g
Water – 380 g
Salt – 12 g
Instant yeast – 6 g
Lard – 24 g

Method:
* Mix flour, yeast and water until there are no dry patches (3 min).
* Work in the salt and lard and knead until silky, 8 to 10 min.
* Cover. Bulk proof for 1¼ hours.
* Turn out, divide into 10 and pre-shape into balls.
* Bench rest 20 minutes.
* Pin out to 21 cm, 3–4 mm thick.
* Cook on a hot griddle: 55 seconds, turn, 40 seconds.
* Stack in a cloth.`,
    pct: { 'strong flour': 100, water: 63.3, salt: 2, 'instant yeast': 1, lard: 4 },
    kinds: 'mix knead proof divide ball rest roll cook finish',
    rests: [75, 20],
    cook: [55, 40],
    pieceG: 100,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a table out of a sheet of figures',
    text: `ingredient;grams;percent
bread flour;800;80
spelt flour;200;20
water;650;65
salt;20;2
yeast;6;0.6
olive oil;30;3

Mix 6 min, bulk 80 min, divide 110 g, ball, rest 15 min, roll 22 cm, griddle 60 s + 45 s`,
    pct: { 'bread flour': 80, 'spelt flour': 20, water: 65, salt: 2, yeast: 0.6, 'olive oil': 3 },
    kinds: 'mix proof divide ball rest roll cook',
    rests: [80, 15],
    cook: [60, 45],
    pieceG: 110,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages alone, one to a line',
    text: `Sunday dough
Strong white 100
Water 64
Milk powder 3
Sugar 2
Salt 2
Butter 6
Instant yeast 1.2

4 min slow, 6 min fast
Bulk 60
Scale 75 g, mould round
Intermediate proof 15
Sheet to 18 cm
Hotplate 50 s each side`,
    pct: { 'strong white': 100, water: 64, 'milk powder': 3, sugar: 2, salt: 2, butter: 6, 'instant yeast': 1.2 },
    kinds: 'mix proof divide ball proof roll cook',
    rests: [60, 15],
    cook: [50, 50],
    pieceG: 75,
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'one paragraph, with what somebody thinks',
    text: `I have made these for years and I think the water matters most: it must be really hot. Put 450 g plain flour and 9 g salt in a bowl, pour over 250 ml boiling water and stir with chopsticks, then add about 50 ml cold water until it comes together. Knead it for five minutes once you can touch it, wrap it, and leave it for half an hour at least. Divide into ten, roll out, brush with oil, sprinkle with salt, roll up like a carpet, coil, flatten again to about 16 cm. Fry in a little oil over medium heat, three minutes a side.`,
    pct: { 'plain flour': 100, salt: 2, 'boiling water': 55.6, 'cold water': 11.1 },
    kinds: 'mix knead rest divide roll fill coil shape cook',
    rests: [45],
    cook: [180, 180],
    pieceG: 73.7,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a web page',
    text: `<html><body><main><h1>Oat and wheat griddle breads</h1>
<p class="meta">Posted on 12 May 2021 by Anna | 5 stars (38 votes)</p>
<p>Total time: 1 hour 20 minutes | Makes 6</p>
<h4>For the dough</h4><ul><li>200 g (1&frac34; cups) oat flour</li><li>200 g (1&frac12; cups) wheat flour</li><li>240 g (1 cup) water</li><li>8 g (1&frac12; tsp) salt</li></ul>
<h4>For brushing</h4><ul><li>30 g melted butter</li></ul>
<h4>Method</h4><p>Mix all the ingredients for the dough and knead for 3 minutes. Rest for 30 minutes.<br>Divide into 6 portions and roll to 17 cm.<br>Cook for 2 minutes, flip and cook for 1 minute.<br>Brush the hot breads with butter.</p>
<h4>Nutrition</h4><p>Per bread: 280 kcal, 6 g fat, 48 g carbohydrate</p></main></body></html>`,
    pct: { 'oat flour': 50, 'wheat flour': 50, water: 60, salt: 2 },
    kinds: 'mix knead rest divide roll cook finish',
    rests: [30],
    cook: [120, 60],
    pieceG: 105,
    // oats were written as an allergen of their own at first; they stand under gluten
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'structured data',
    text: `{"@context":"http://schema.org","@type":"Recipe","name":"Lantern breads","recipeYield":"Makes about 8","prepTime":"PT25M","performTime":"PT20M","recipeIngredient":["400g white bread flour, plus extra for dusting","1 tsp fine salt","1 x 7g sachet fast-action dried yeast","1 tsp caster sugar","250ml warm water","2 tbsp natural yogurt"],"recipeInstructions":[{"@type":"HowToStep","text":"Mix the flour, salt, yeast and sugar. Stir in the water and yogurt. Knead for 10 mins."},{"@type":"HowToStep","text":"Cover and leave to rise for 1 hr."},{"@type":"HowToStep","text":"Divide into 8 and roll each piece out to a 15cm circle."},{"@type":"HowToStep","text":"Dry-fry for 2 mins on each side."}]}`,
    pct: { 'white bread flour': 100, 'fine salt': 1.5, 'fast-action dried yeast': 1.75, 'warm water': 62.5 },
    kinds: 'mix knead proof divide roll cook',
    rests: [60],
    cook: [120, 120],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'a scan in two columns',
    text: `WEIR BREAD          For 12
Wheat flour  700 g   Salt  14 g
Water  430 g   Yeast  10 g

Knead the ingredients 10 min. to a sup-
ple dough. Leave to prove 50 min. Scale
at 95 g and mould. Rest for 10 min.
Roll out 20 cm wide. Bake 1½ min. on the
first side, 1 min. on the second.`,
    pct: { 'wheat flour': 100, salt: 2, water: 61.4, yeast: 1.4 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [50, 10],
    cook: [90, 60],
    pieceG: 95,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `Three quarters of a kilo of bread flour, half a litre of water, fifteen grams of salt, a sachet and a half of yeast and three tablespoons of oil. Knead by hand for a quarter of an hour. Let it rise for one and a half hours. Divide into fifteen and shape into balls. Rest for ten minutes. Roll to eighteen centimetres. Cook for one minute per side.`,
    pct: { 'bread flour': 100, water: 66.7, salt: 2, yeast: 1.4 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [90, 10],
    cook: [60, 60],
    pieceG: 84.5,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'parts by vessel, with weights in brackets',
    text: `Millers' cakes
4 cups (500 g) of flour, 1 1/2 cups (350 g) of milk, 1 tablespoon (14 g) of baking powder, 1 teaspoon (6 g) of salt, 1/4 cup (50 g) of sugar, 1/3 cup (75 g) of butter

Rub butter into the dry things, add the milk and bring together. Do not knead. Pat out 2 cm thick, cut out rounds of 8 cm. Bake on a low griddle, 6 to 7 minutes each side.`,
    pct: { flour: 100, milk: 70, 'baking powder': 2.8, salt: 1.2, sugar: 10, butter: 15 },
    kinds: 'mix mix shape divide cook',
    rests: [],
    cook: [390, 390],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'two doughs stages by the clock',
    text: `Plan for Friday
14:00 mix 1 kg flour, 640 g water, 20 g salt, 10 g fresh yeast – 6 min
14:10 knead 6 min
14:20 to 15:30 proof
15:30 divide 16, round
15:40 to 16:00 rest
16:00 roll 20 cm
16:10 cook, 1 min each side`,
    pct: { flour: 100, water: 64, salt: 2, 'fresh yeast': 1 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [70, 20],
    cook: [60, 60],
    pieceG: 101,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'options and remarks',
    text: `Everyday wraps
300 g plain flour (or half wholemeal)
1 tsp baking powder (optional)
5 g salt
160 g warm water
30 g oil
Mix, then knead for 4 minutes. You can leave the dough in the fridge overnight if it suits you. Otherwise rest 15 minutes. Divide into 8; if you have time let the balls rest for 10 minutes. Roll to 20 cm and cook 40 seconds on each side. They keep for two days in a box; warm them in a dry pan.`,
    pct: { 'plain flour': 100, salt: 1.7, 'warm water': 53.3, oil: 10 },
    kinds: 'mix knead rest divide roll cook',
    rests: [15],
    cook: [40, 40],
    pieceG: 60.5,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a filling spread on half',
    text: `Herb half-moons
Dough: 320 g plain flour; 190 g water; 6 g salt; 15 g oil
Filling: 300 g spinach; 4 spring onions; 60 g walnuts; 5 g salt
Make a dough and knead 7 minutes, then rest it 40 minutes. Chop spinach, onions and walnuts, salt them, and after ten minutes squeeze them dry. Divide into 8 and roll to 22 cm. Spread the filling over one half and fold the other half over; press the edges. Cook on a dry griddle over medium heat, 2 minutes per side. Brush with butter.`,
    pct: { 'plain flour': 100, water: 59.4, salt: 1.9, oil: 4.7 },
    kinds: 'mix knead rest prepare divide roll fill shape cook finish',
    rests: [40],
    cook: [120, 120],
    pieceG: 64.5,
    allergens: ['gluten', 'milk', 'nuts', 'wheat'],
  },
];
