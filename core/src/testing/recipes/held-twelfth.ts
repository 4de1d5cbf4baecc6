import type { RecipeText } from './recipe-text.ts';

/** A twelfth lot whose expectation was written before the reader saw it, in the manners in which instructors bring their recipes. */
export const TWELFTH: readonly RecipeText[] = [
  {
    manner: 'a handout with boxes to tick',
    text: `☐ Drawbridge breads ☐
Per pair: 4 breads

☐ 280 g strong white flour
☐ 180 g water at 30 °C
☐ 6 g salt
☐ 3 g instant yeast
☐ 1 tbsp olive oil (13 g)

☐ Mix flour, yeast, water and oil. 3 min
☐ Add salt, knead. 8 min
☐ Cover, proof in the proofing box. 50 min
☐ Divide in 4 (120 g), ball. 2 min
☐ Bench rest. 15 min
☐ Roll. 23 cm
☐ Griddle. 60 s + 40 s
☐ Clean your bench!`,
    pct: { 'strong white flour': 100, water: 64.3, salt: 2.1, 'instant yeast': 1.1, 'olive oil': 4.6 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [50, 15],
    cook: [60, 40],
    pieceG: 120,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a table, percent and grams, with a sum',
    text: `| Ingredient | % | g |
|---|---:|---:|
| Flour T80 | 100 | 1000 |
| Water | 66 | 660 |
| Sea salt | 2 | 20 |
| Dry yeast | 0.7 | 7 |
| Sunflower oil | 3 | 30 |
| Total | 171.7 | 1717 |

Kneading: 4 min slow + 5 min fast. Bulk: 75 min at 25 °C. Dividing: 115 g. Rest: 15 min. Sheeting: 22 cm. Griddle: 250 °C, 55 s / 40 s.`,
    pct: { water: 66, 'sea salt': 2, 'dry yeast': 0.7, 'sunflower oil': 3 },
    kinds: 'mix knead proof divide rest roll cook',
    rests: [75, 15],
    cook: [55, 40],
    pieceG: 115,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Naan dough: strong flour 100, milk 40, yogurt 25, water 5, sugar 2, salt 1.8, yeast 0.8, ghee 4 (all in %). Mix and knead 10 min, proof 90 min, 100 g balls, rest 20 min, stretch to a teardrop of 22 cm, slap on a very hot griddle, 1 min, turn, 30 s.`,
    pct: { 'strong flour': 100, milk: 40, yogurt: 25, water: 5, sugar: 2, salt: 1.8, yeast: 0.8, ghee: 4 },
    kinds: 'mix knead proof ball rest shape cook',
    rests: [90, 20],
    cook: [60, 30],
    pieceG: 100,
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'one paragraph, without a figure for the yeast',
    text: `You take a kilo of flour, 650 g water, a good spoon of salt (18 g) and a little fresh yeast, mix that and knead it until it is smooth, say ten minutes. Let it rise till doubled, an hour or a bit more. Then you divide it into twelve, round them up, and after a quarter of an hour you roll them to the size of a dinner plate (26 cm). Each one goes on the hot stone for two minutes; no need to turn it.`,
    pct: { flour: 100, water: 65, salt: 1.8 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [60, 15],
    cook: [120],
    pieceG: 136,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a web page',
    text: `<html><head><title>x</title></head><body><div class="wp-recipe"><h1>Semolina Pan Flatbreads</h1><span>Prep 10 mins</span> <span>Cook 16 mins</span> <span>Servings 8</span>
<h3>Ingredients</h3><ul><li>▢ 240 g fine semolina</li><li>▢ 160 g plain flour</li><li>▢ 7 g salt</li><li>▢ 1 tsp sugar</li><li>▢ 1 tsp instant yeast</li><li>▢ 280 ml warm water</li></ul>
<h3>Instructions</h3><ol><li>Combine semolina, flour, salt, sugar and yeast in a bowl.</li><li>Gradually add the water and bring together into a soft dough. Knead for 5-7 minutes.</li><li>Cover with a clean kitchen towel and rest for 10 minutes.</li><li>Divide into 8 equal balls.</li><li>Flatten each into a disc about 12 cm wide, place on a floured cloth, cover and leave to prove for 30 minutes.</li><li>Cook in a dry non-stick pan over medium heat for 3-4 minutes per side.</li></ol>
<h3>Notes</h3><p>Freeze for up to 2 months.</p></div></body></html>`,
    pct: { 'fine semolina': 60, 'plain flour': 40, salt: 1.75, sugar: 1, 'warm water': 70 },
    kinds: 'mix knead rest divide ball shape proof cook',
    rests: [10, 30],
    cook: [210, 210],
    pieceG: 84,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'structured data',
    text: `{"@context":"https://schema.org","@type":"Recipe","name":"Three-seed rounds","recipeYield":{"@type":"QuantitativeValue","value":6},"recipeIngredient":["250 g wholemeal flour","50 g rye flour","190 g water","6 g salt","20 g sunflower seeds","10 g sesame seeds"],"recipeInstructions":[{"@type":"HowToStep","name":"Mix","text":"Mix everything to a dough and leave it for 20 minutes."},{"@type":"HowToStep","name":"Knead","text":"Knead for 4 minutes."},{"@type":"HowToStep","name":"Rest","text":"Let it rest, covered, 30 minutes."},{"@type":"HowToStep","name":"Shape","text":"Cut into 6 and roll into 15 cm rounds."},{"@type":"HowToStep","name":"Cook","text":"Cook over a medium-high heat, about 90 seconds per side."}]}`,
    pct: {
      'wholemeal flour': 83.3,
      'rye flour': 16.7,
      water: 63.3,
      salt: 2,
      'sunflower seeds': 6.7,
      'sesame seeds': 3.3,
    },
    kinds: 'mix rest knead rest divide roll cook',
    rests: [20, 30],
    cook: [90, 90],
    pieceG: 85,
    allergens: ['gluten', 'sesame', 'wheat'],
  },
  {
    manner: 'a scan',
    text: `22               PLAIN BREADS

    MOORLAND FLATBREAD
1 lb. flour           1 oz. lard
½ pint warm water     ½ oz. salt
½ oz. yeast

Dissolve the yeast in the water. Rub the
lard into the flour and salt. Pour in
the water and yeast, and knead well for
ten minutes. Cover, and set in a warm
place for one hour. Divide into eight
and roll out thin. Bake upon a hot grid-
dle one minute each side.`,
    pct: { flour: 100, lard: 6.25, salt: 3.1, yeast: 3.1 },
    kinds: 'mix mix mix knead proof divide roll cook',
    rests: [60],
    cook: [60, 60],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `Half a kilo of white flour, a quarter of a litre of milk, fifty grams of butter, nine grams of salt and fifteen grams of fresh yeast. Warm the milk with the butter. Mix it all, and knead for eight minutes. Prove for forty-five minutes. Divide into ten pieces of eighty grams, form balls and prove them for another fifteen minutes. Roll out to fourteen centimetres. Bake for two minutes on each side over a medium flame.`,
    pct: { 'white flour': 100, milk: 51.5, butter: 10, salt: 1.8, 'fresh yeast': 3 },
    kinds: 'prepare mix knead proof divide ball proof roll cook',
    rests: [45, 15],
    cook: [120, 120],
    pieceG: 80,
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'parts, by any cup',
    text: `Any-cup bread
3 parts flour
1 part yogurt
1 part water
Salt: a teaspoon for every 3 cups of flour
Mix, knead for a couple of minutes, rest twenty minutes. Pinch off balls the size of a lime, roll, cook on a dry pan until spotted, about 40 seconds a side.`,
    pct: { flour: 100 },
    kinds: 'mix knead rest ball roll cook',
    rests: [20],
    cook: [40, 40],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'what was changed in the class',
    text: `Potter's flatbread, version 3
Flour 600 g (was 650)
Water 400 g (was 380)
Salt 12 g
Yeast 5 g (was 7)
Knead 8 min instead of 10. Proof 60 min (not 90!). Divide into 12, round, rest 15 min. Roll 20 cm. Cook 50 s, turn, 40 s. Next time: a hotter griddle.`,
    pct: { flour: 100, water: 66.7, salt: 2, yeast: 0.8 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [60, 15],
    cook: [50, 40],
    pieceG: 82,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a batter',
    text: `Lace bread from a batter
150 g buckwheat flour, 100 g wheat flour, 500 g water, 5 g salt, 1 egg (50 g), 20 g melted butter
Whisk flour, salt and water until smooth and leave for 1 hour. Whisk in the egg and the butter. Pour 90 g onto the greased hot plate, spread with the back of a spoon to 26 cm, cook 60 seconds, turn and cook 30 seconds.`,
    pct: { 'buckwheat flour': 60, 'wheat flour': 40, water: 200, salt: 2, egg: 20, 'melted butter': 8 },
    kinds: 'mix rest mix divide shape cook',
    rests: [60],
    cook: [60, 30],
    allergens: ['egg', 'gluten', 'milk', 'wheat'],
  },
  {
    manner: 'over the open fire',
    text: `CAMPFIRE BREAD ON THE GRID (10)
Dough at home: 700 g flour, 420 g water, 14 g salt, 7 g dried yeast, 35 g oil. Knead 10 minutes, into the cool box for 6 to 8 hours.
At the fire: take the dough out and let it warm up for 1 hour. Divide in 10, shape into balls, rest 15 minutes, stretch thin to 20 cm, lay over the embers for 1½ minutes, turn, 1 minute. Rub with a cut clove of garlic and brush with oil.`,
    pct: { flour: 100, water: 60, salt: 2, 'dried yeast': 1, oil: 5 },
    kinds: 'mix knead chill temper divide ball rest shape cook finish',
    rests: [420, 60, 15],
    cook: [90, 60],
    pieceG: 114,
    allergens: ['gluten', 'wheat'],
  },
];
