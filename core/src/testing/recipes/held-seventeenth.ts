import type { RecipeText } from './recipe-text.ts';

/** A seventeenth lot whose expectation was written before the reader saw it, in the manners in which instructors bring their recipes. */
export const SEVENTEENTH: readonly RecipeText[] = [
  {
    manner: 'a handout, semicolons and what is not needed',
    text: `Oxbow flatbreads
450 g flour; 290 g water; 9 g salt; 5 g instant yeast; 15 g oil
Mix; knead 8 minutes; cover, warm place, about 1 hour. No knocking back needed. Divide into 8; balls; 10 minutes. Roll to 20 cm; no second proof. Hot dry pan, 45 seconds a side.`,
    pct: { flour: 100, water: 64.4, salt: 2, 'instant yeast': 1.1, oil: 3.3 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [60, 10],
    cook: [45, 45],
    pieceG: 93,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a blend free of gluten',
    text: `Soft wraps without gluten (makes 8)
300 g gluten-free flour blend
2 tsp psyllium powder
1 tsp baking powder
1/2 tsp salt
320 ml warm water
1 tbsp olive oil
Whisk the dry ingredients. Add water and oil, stir and let stand 10 minutes to thicken. Knead briefly. Divide into 8 and roll between sheets of baking paper to 18 cm. Cook 1 minute a side in a non-stick pan. Do not use plain wheat flour for dusting.`,
    pct: { 'gluten-free flour blend': 100, 'warm water': 106.7 },
    kinds: 'mix rest knead divide roll cook',
    rests: [10],
    cook: [60, 60],
    allergens: [],
  },
  {
    manner: 'a bottle of beer',
    text: `Brewer's flatbread
400 g plain flour
1 bottle (330 ml) dark beer
1 tsp salt
10 g baking powder
30 g butter, melted
Stir everything together, knead for a minute and rest for 20 minutes. Divide into 8, roll to 18 cm and cook for 2 minutes on each side over medium heat.`,
    pct: { 'plain flour': 100, 'dark beer': 83, salt: 1.5, 'baking powder': 2.5, butter: 7.5 },
    kinds: 'mix knead rest divide roll cook',
    rests: [20],
    cook: [120, 120],
    pieceG: 93.5,
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'percentages alone, on one line',
    text: `Basic: flour 100 %, water 62 %, salt 2 %, oil 4 %, instant yeast 0.8 %
mix 5 min – proof 60 min – divide 95 g – ball – rest 15 min – roll – griddle 60 s + 45 s`,
    pct: { flour: 100, water: 62, salt: 2, oil: 4, 'instant yeast': 0.8 },
    kinds: 'mix proof divide ball rest roll cook',
    rests: [60, 15],
    cook: [60, 45],
    pieceG: 95,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'what can wait in the cold',
    text: `Weekend breads. 500 g bread flour, 325 g water, 10 g salt, 4 g yeast. Mix, knead for 9 minutes, prove for 1 hour. Divide into 9 and round. The balls may be kept in the fridge for up to a day at this point. Rest 15 minutes, roll to 20 cm and bake on the griddle for a minute a side. If the dough springs back, wait for another 5 minutes.`,
    pct: { 'bread flour': 100, water: 65, salt: 2, yeast: 0.8 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [60, 15],
    cook: [60, 60],
    pieceG: 90.5,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a web page with an ad in its list',
    text: `<html><body><div class="post"><h1>My five-ingredient flatbread</h1><p>It has been 12 years since I first baked these.</p>
<h2>What goes in</h2><ul><li>350 g plain flour</li><li class="ad-slot">Sponsored: pans from 19.99</li><li>210 g lukewarm milk</li><li>30 g soft butter</li><li>6 g salt</li><li>1 tsp sugar</li></ul>
<h2>How it goes</h2><ol><li>Rub the butter into the flour with the salt and the sugar.</li><li>Add the milk, mix, and knead for 5 minutes until smooth.</li><li>Let the dough relax for 25 minutes under a bowl.</li><li>Cut into 7 pieces, roll each to 19 cm.</li><li>Cook on a medium-hot griddle, 75 seconds per side, pressing down the edges.</li></ol></div></body></html>`,
    pct: { 'plain flour': 100, 'lukewarm milk': 60, 'soft butter': 8.6, salt: 1.7, sugar: 1.2 },
    kinds: 'mix mix knead rest divide roll cook',
    rests: [25],
    cook: [75, 75],
    pieceG: 83,
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'structured data with sections',
    text: `{"@context":"https://schema.org","@type":"Recipe","name":"Paper breads","recipeYield":"10","recipeIngredient":["400 g plain flour","8 g salt","220 g boiling water","20 g lard"],"recipeInstructions":[{"@type":"HowToSection","name":"Dough","itemListElement":[{"@type":"HowToStep","text":"Pour the boiling water over the flour and salt, stir, and work in the lard."},{"@type":"HowToStep","text":"Knead for 5 minutes and rest for 30 minutes, wrapped."}]},{"@type":"HowToSection","name":"Bake","itemListElement":[{"@type":"HowToStep","text":"Divide into 10, shape into balls and rest for 10 minutes."},{"@type":"HowToStep","text":"Roll paper thin, about 25 cm."},{"@type":"HowToStep","text":"Cook 30 seconds, flip, cook 30 seconds."}]}]}`,
    pct: { 'plain flour': 100, salt: 2, 'boiling water': 55, lard: 5 },
    kinds: 'mix knead rest divide ball rest roll cook',
    rests: [30, 10],
    cook: [30, 30],
    pieceG: 63,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a scan',
    text: `PLAIN GIRDLE BREAD

Ingredients.-1 lb. of flour, 1 teaspoon-
ful of salt, 1 teaspoonful of baking
soda, about ½ pint of buttermilk.
Method.-Mix the dry ingredients,
make a well in the centre, and pour in
the buttermilk. Mix lightly to a soft
dough. Turn on to a floured board,
flatten to ¾ inch, and cut into four.
Bake on a moderate girdle for about
seven minutes on each side.`,
    pct: { flour: 100 },
    kinds: 'mix shape divide cook',
    rests: [],
    cook: [420, 420],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `One kilogram of flour, six hundred and fifty millilitres of water, twenty grams of salt, two teaspoons of dried yeast. Mix, knead for twelve minutes and let it rise for an hour. Divide into twenty pieces of eighty grams, roll them into balls, and leave them for a quarter of an hour. Roll each to sixteen centimetres and bake for one minute on each side.`,
    pct: { flour: 100, water: 65, salt: 2 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [60, 15],
    cook: [60, 60],
    pieceG: 80,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'by the cup, with butter left off for some',
    text: `Everyday cup breads
2 cups of flour, 3/4 cup of water, 1/2 teaspoon of salt, 2 tablespoons of oil
Mix, knead 5 minutes, rest 20 minutes. Make 8 balls. Roll thin. Cook on a hot tawa 30 seconds on the first side, 45 seconds on the second. Brush with butter; leave the butter off for those who avoid milk.`,
    pct: { flour: 100 },
    kinds: 'mix knead rest ball roll cook finish',
    rests: [20],
    cook: [30, 45],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'decimal commas, from a bakery',
    text: `Flat loaf, 30 pcs
Wheat flour type 700: 2,0 kg
Water: 1,3 kg
Salt: 0,04 kg
Yeast: 0,06 kg
Sunflower oil: 0,1 kg
Kneading: 3 min slow + 6 min fast. Dough resting: 30 min. Scaling: 115 g. Rounding. Proofing: 20 min. Rolling: 20 cm. Baking: 1,5 min on the first side, 1 min on the second.`,
    pct: { water: 65, salt: 2, yeast: 3, 'sunflower oil': 5 },
    kinds: 'mix knead rest divide ball proof roll cook',
    rests: [30, 20],
    cook: [90, 60],
    pieceG: 115,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a filling and a dip beside',
    text: `Pumpkin parcels with yogurt dip
Dough: 350 g plain flour, 200 g water, 7 g salt, 20 g oil
Filling: 400 g pumpkin, 1 onion, 1 tsp cumin
Dip: 250 g yogurt, 1 clove of garlic, salt
Knead the dough 6 minutes and let it rest 45 minutes. Meanwhile grate the pumpkin, chop the onion and fry both with the cumin for 8 minutes. Stir the garlic into the yogurt. Divide the dough into 10, roll to 16 cm, put filling on one half, fold over and press shut. Cook in a dry pan 2 minutes a side. Serve with the dip.`,
    pct: { 'plain flour': 100, water: 57.1, salt: 2, oil: 5.7 },
    kinds: 'mix knead rest prepare prepare divide roll fill shape cook',
    rests: [45],
    cook: [120, 120],
    pieceG: 56,
    allergens: ['gluten', 'milk', 'wheat'],
  },
];
