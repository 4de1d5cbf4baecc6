import type { RecipeText } from './recipe-text.ts';

/** A ninety-fifth lot whose expectation was written before the reader saw it, two of each manner: from a drawer of a village hall. */
export const NINETY_FIFTH: readonly RecipeText[] = [
  {
    manner: 'a handout',
    text: `Village hall, Saturday – Msemen for beginners

Makes 9

For the dough
300 g plain flour
150 g fine semolina
270 g warm water
9 g salt
3 g instant yeast

For folding
60 g soft butter
60 ml sunflower oil
50 g fine semolina

What we do
1. Mix the flour, semolina, salt, yeast and water, then knead for 12 minutes until very smooth.
2. Divide into 9 balls, oil them and let them rest for 20 minutes.
3. On an oiled table press a ball out by hand until you can see through it.
4. Dot with butter, sprinkle with semolina and fold in thirds, then in thirds again, to a square.
5. Rest the squares for 10 minutes, then press them flat to 15 cm.
6. Cook on a medium griddle, 2 minutes a side.`,
    pct: { 'plain flour': 66.7, 'fine semolina': 33.3, 'warm water': 60, salt: 2, 'instant yeast': 0.67 },
    kinds: 'mix knead divide ball rest shape fill shape rest shape cook',
    rests: [20, 10],
    cook: [120, 120],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['butter', 'oil'],
  },
  {
    manner: 'a handout',
    text: `Soda farls (two griddles, 8 people)

Each pair needs: 250 g soda bread flour, 200 g buttermilk, 4 g salt.

- Stir the salt into the flour, pour in the buttermilk and bring together with one hand. Do not knead.
- Tip out on a floured board, pat to a round of 20 cm, 2 cm thick.
- Cut a cross to make 4 farls.
- Medium griddle, 7 minutes, turn, 6 minutes. Stand on edge to cool.`,
    pct: { 'soda bread flour': 100, buttermilk: 80, salt: 1.6 },
    kinds: 'mix shape divide cook',
    rests: [],
    cook: [420, 360],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'a table',
    text: `Pita, spreadsheet of Tuesday

Ingredient,Baker's %,Weight g
Strong white flour,80,960
Wholemeal flour,20,240
Water,64,768
Salt,1.8,22
Dry yeast,0.8,10
Olive oil,3,36

Stage,Minutes,Remark
Mix,5,slow speed
Knead,6,fast speed
Bulk proof,70,26 °C
Divide,,22 pieces of 90 g
Ball,,
Bench rest,15,
Roll,,15 cm
Final proof,20,on cloths
Cook,3,very hot lidded griddle`,
    pct: { 'strong white flour': 80, 'wholemeal flour': 20, water: 64, salt: 1.8, 'dry yeast': 0.8, 'olive oil': 3 },
    kinds: 'mix knead proof divide ball rest roll proof cook',
    rests: [70, 15, 20],
    cook: [108, 72],
    allergens: ['gluten', 'wheat'],
    pieceG: 90,
  },
  {
    manner: 'a table',
    text: `SOCCA FOR 12

            one pan     class
Chickpea flour   60 g      720 g
Water           120 g     1440 g
Olive oil        10 g      120 g
Salt              1 g       12 g

Whisk. Stand 2 hours. Oil the pan, pour in 190 g, tilt. 4 minutes under a lid, do not turn. Pepper on top.`,
    pct: { 'chickpea flour': 100, water: 200, 'olive oil': 16.7, salt: 1.67 },
    kinds: 'mix rest divide shape cook finish',
    rests: [120],
    cook: [240],
    pieceG: 190,
    others: ['pepper'],
  },
  {
    manner: 'percentages alone',
    text: `Lachha paratha in percent: atta 70, maida 30, water 58, salt 1.5, ghee 4 in the dough and 12 for the layers.
Mix, knead 8 min, rest 30 min. Pieces of 90 g. Roll to 22 cm, spread with ghee, pleat, coil, rest 15 min, roll to 18 cm. Tawa, 90 s a side.`,
    pct: { atta: 70, maida: 30, water: 58, salt: 1.5, ghee: 4 },
    // as with every other of its kind what is spread between the layers is a step of its own
    kinds: 'mix knead rest divide roll fill coil rest roll cook',
    rests: [30, 15],
    cook: [90, 90],
    pieceG: 90,
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `100 % bread flour
63 % water
10 % levain (100 % hydration)
2 % salt
4 % olive oil

Mix all but the salt, rest 30 min, add the salt and knead 5 min. Bulk 4 h at 25 °C with folds after 1 h and 2 h. 120 g pieces, ball, rest 25 min. Stretch to 20 cm. Dome, 50 s + 40 s.`,
    pct: { 'bread flour': 100, water: 63, levain: 10, salt: 2, 'olive oil': 4 },
    kinds: 'mix rest knead proof fold proof fold proof divide ball rest shape cook',
    rests: [30, 60, 60, 120, 25],
    cook: [50, 40],
    pieceG: 120,
  },
  {
    manner: 'one paragraph',
    text: `Naan for a crowd of sixteen: put 1 kg of plain flour, 20 g of salt, 10 g of sugar and 12 g of instant yeast in the big bowl, add 350 g of yoghurt, 330 g of warm milk and 50 g of oil and work it to a soft dough, about 8 minutes by hand. Cover it and let it double, an hour and a quarter or so. Knock back, cut into sixteen, ball, rest for ten minutes and pull each into a teardrop of about 22 cm. Slap on to a smoking hot tawa for a minute, turn it over for forty seconds, brush with melted butter and keep in a towel.`,
    pct: { 'plain flour': 100, salt: 2, sugar: 1, 'instant yeast': 1.2, yoghurt: 35, 'warm milk': 33, oil: 5 },
    kinds: 'mix knead proof knead divide ball rest shape cook finish',
    rests: [75, 10],
    cook: [60, 40],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['melted butter'],
  },
  {
    manner: 'one paragraph',
    text: `Yufka the quick way. Sift 500 g of flour with 8 g of salt, make a well, pour in 290 g of water and 20 g of oil and knead everything for ten minutes. Cut into ten, roll into balls and leave under a damp cloth for thirty minutes. With the thin pin roll each ball to 35 cm, turning it all the time. On the hot saj, twenty seconds a side, no more, and into a pile under a cloth.`,
    pct: { flour: 100, salt: 1.6, water: 58, oil: 4 },
    kinds: 'mix knead divide ball rest roll cook finish',
    rests: [30],
    cook: [20, 20],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a web page',
    text: `<main><h1>Spinach and feta gözleme</h1><p class="meta">Makes: 6 &bull; Prep: 40 mins &bull; Cook: 20 mins</p><section><h3>Dough</h3><ul><li>400g plain flour</li><li>1 tsp salt (6g)</li><li>230ml lukewarm water</li><li>2 tbsp olive oil</li></ul><h3>Filling</h3><ul><li>250g spinach, washed and chopped</li><li>200g feta, crumbled</li><li>1 small onion, grated</li></ul></section><section><h3>Method</h3><ol><li>Mix the flour and salt with the water and oil, and knead for 5 minutes. Cover and rest for 30 minutes.</li><li>Mix everything for the filling.</li><li>Cut the dough into 6 and roll each piece to a 25cm circle.</li><li>Spread the filling over one half, fold over and press the edges.</li><li>Cook on a dry griddle over medium heat for 3 minutes on each side. Brush with butter and serve with lemon.</li></ol></section></main>`,
    pct: { 'plain flour': 100, salt: 1.5, 'lukewarm water': 57.5, 'olive oil': 6.3 },
    kinds: 'mix knead rest prepare divide roll fill shape cook finish',
    rests: [30],
    cook: [180, 180],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['spinach', 'feta', 'onion', 'butter'],
  },
  {
    manner: 'a web page',
    text: `<html><body><header>Sea View Cookery School</header><h1>English muffins on the griddle</h1><div>Yield 10</div><div class="ingredients"><p>500 g bread flour</p><p>320 g milk</p><p>8 g salt</p><p>6 g instant yeast</p><p>20 g butter, soft</p><p>semolina, for dusting</p></div><div class="steps"><p><b>1.</b> Mix everything and knead for 8 minutes.</p><p><b>2.</b> Prove until doubled, about 1 hour.</p><p><b>3.</b> Divide into 10, shape into balls and flatten to 9 cm on a tray dusted with semolina.</p><p><b>4.</b> Prove again, 30 minutes.</p><p><b>5.</b> Cook on a low griddle for 7 minutes on each side. Cool on a rack.</p></div><aside>You may also like: crumpets, drop scones</aside></body></html>`,
    pct: { 'bread flour': 100, milk: 64, salt: 1.6, 'instant yeast': 1.2, butter: 4 },
    kinds: 'mix knead proof divide ball shape proof cook',
    rests: [60, 30],
    cook: [420, 420],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['semolina'],
  },
  {
    manner: 'structured data',
    text: `{"@context":"https://schema.org","@type":"Recipe","name":"Sweet potato rotis","recipeYield":"12","recipeIngredient":["300 g sweet potato, cooked and mashed","350 g chapati flour","6 g salt","15 g oil","60 g water"],"recipeInstructions":"Mix the flour and salt with the sweet potato, oil and water. Knead for 4 minutes. Rest, covered, for 15 minutes. Divide into 12 and roll to 15 cm. Cook on a hot tawa for 1 minute, turn, 1 minute, turn, 20 seconds."}`,
    pct: { 'chapati flour': 100, salt: 1.71, oil: 4.29, water: 17.1 },
    kinds: 'mix knead rest divide roll cook',
    rests: [15],
    cook: [60, 60, 20],
    allergens: ['gluten', 'wheat'],
    others: ['sweet potato'],
  },
  {
    manner: 'structured data',
    text: `<script type="application/ld+json">[{"@type":"WebSite","name":"Hall"},{"@type":"Recipe","name":"Potato lefse","recipeYield":"16 lefse","recipeIngredient":["1 kg floury potatoes, boiled and riced","60 g butter","60 ml cream","12 g salt","250 g plain flour, plus more for rolling"],"recipeInstructions":[{"@type":"HowToStep","text":"Mix the warm potatoes with the butter, cream and salt and chill for 4 hours."},{"@type":"HowToStep","text":"Knead in the flour, briefly."},{"@type":"HowToStep","text":"Divide into 16 balls and roll each to 28 cm, very thin."},{"@type":"HowToStep","text":"Bake on a dry griddle at 230 °C for 1 minute per side."},{"@type":"HowToStep","text":"Stack between towels."}]}]</script>`,
    pct: { 'plain flour': 100, butter: 24, salt: 4.8 },
    kinds: 'mix chill knead divide ball roll cook finish',
    rests: [240],
    cook: [60, 60],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['potato', 'cream'],
  },
  {
    manner: 'a scan',
    text: `Evening Institute                              Sheet l2

BARLEY AND WHEAT FLAT CAKES         (makes l6)

Barley flour . . . . . . .  400 g
Strong flour . . . . . . .  4OO g
Water, warm  . . . . . . .  5OO g
Dried yeast  . . . . . . .  l0 g
Salt . . . . . . . . . . .  l6 g

Dissolve the yeast in the water and leave
5 minutes. Mix with the flours and salt, knead
for l0 minutes. Rise 1 hour l5 min. Divide into
l6, ball, rest l0 min. Flatten to l2 cm and
bake on a medium griddle for 4 min. a side.`,
    pct: { 'barley flour': 50, 'strong flour': 50, water: 62.5, 'dried yeast': 1.25, salt: 2 },
    kinds: 'mix bloom mix knead proof divide ball rest shape cook',
    rests: [5, 75, 10],
    cook: [240, 240],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a scan',
    text: `7O                    PLAIN BREADS

OAT BANNOCK

Put 2OO g of medium oatmeal and 5O g of plain
flour in a bowl with 4 g of salt and 2 g of bi-
carbonate of soda. Pour on 2O g of melted drip-
ping and l2O ml of hot water, mix quickly to a
stiff paste. Roll out to 2O cm while warm, cut
into 8 wedges and bake on a hot girdle for
5 minutes, then toast the tops under the grill
for 2 minutes.`,
    pct: { 'medium oatmeal': 80, 'plain flour': 20, salt: 1.6, 'bicarbonate of soda': 0.8, 'hot water': 48 },
    kinds: 'mix roll divide cook',
    rests: [],
    cook: [300, 120],
    allergens: ['gluten', 'wheat'],
    others: ['dripping'],
  },
  {
    manner: 'words for numbers',
    text: `Six of us make twelve corn cakes. Three hundred grams of fine cornmeal, a hundred of plain flour, eight of salt, ten of baking powder, two eggs, three hundred of milk and fifty of melted butter. Stir and let it stand a quarter of an hour. Spoon onto the griddle, ten centimetres across, two minutes on the first side, a minute and a half on the second.`,
    pct: { 'fine cornmeal': 75, 'plain flour': 25, salt: 2, 'baking powder': 2.5, milk: 75, 'melted butter': 12.5 },
    kinds: 'mix rest divide shape cook',
    rests: [15],
    cook: [120, 90],
    allergens: ['egg', 'gluten', 'milk', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `Piadina, half a kilo of plain flour, eighty grams of lard, two hundred and thirty of water, ten of salt, half a teaspoon of bicarbonate. Knead ten minutes, rest an hour. Divide in six, round, rest twenty minutes, roll to twenty-four centimetres. Two minutes on one side and a minute on the other, on a very hot plate.`,
    pct: { 'plain flour': 100, lard: 16, water: 46, salt: 2 },
    kinds: 'mix knead rest divide ball rest roll cook',
    rests: [60, 20],
    cook: [120, 60],
    allergens: ['gluten', 'wheat'],
    others: ['bicarbonate'],
  },
  {
    manner: 'parts by vessel',
    text: `Measure with a 200 ml cup.
3 cups wholemeal flour
1 cup plain flour
1 1/2 cups warm water
3 tbsp yoghurt
1 1/2 tsp salt

Mix and knead 6 minutes. Cover 30 minutes. 10 balls. Roll to 16 cm. Hot tawa, 45 seconds, turn, 60 seconds.`,
    pct: { 'wholemeal flour': 75, 'plain flour': 25 },
    kinds: 'mix knead rest ball roll cook',
    rests: [30],
    cook: [45, 60],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['yoghurt', 'salt', 'warm water'],
  },
  {
    manner: 'parts by vessel',
    text: `By the bowl: 5 bowls of flour, 3 bowls of water, half a bowl of oil, 1 spoon of salt, 1 spoon of dry yeast. Mix, knead 10 min, let rise 1 h. Divide into 20, ball, leave 15 min. Roll 20 cm. Griddle, 1 min a side.`,
    pct: { flour: 100 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [60, 15],
    cook: [60, 60],
    allergens: ['gluten', 'wheat'],
    others: ['water', 'oil', 'salt', 'dry yeast'],
  },
  {
    manner: 'decimal commas',
    text: `Lepinje za 10 osoba / for 10
1,00 kg flour T500
0,65 l water
20,0 g salt
8,0 g dry yeast

Mix 3,5 min, knead 8,5 min. Proof 1,5 h. Divide into 10, ball, 12,5 min rest. Press to 17,5 cm, proof 20 min. Hot griddle 2,5 min, turn, 2,0 min.`,
    pct: { 'flour T500': 100, water: 65, salt: 2, 'dry yeast': 0.8 },
    kinds: 'mix knead proof divide ball rest shape proof cook',
    rests: [90, 12.5, 20],
    cook: [150, 120],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'decimal commas',
    text: `Rågkakor, 14 st: vetemjöl (wheat flour) 0,35 kg; rågmjöl (rye flour) 0,35 kg; vatten (water) 0,45 kg; jäst (fresh yeast) 14,0 g; salt 12,5 g; sirap (syrup) 35,0 g. Mix 6,0 min; proof 0,75 h; roll 0,5 cm thick, cut 14 rounds of 12 cm; proof 0,5 h; prick; griddle 2,5 min a side.`,
    pct: { 'wheat flour': 50, 'rye flour': 50, water: 64.3, 'fresh yeast': 2, salt: 1.79, syrup: 5 },
    kinds: 'mix proof roll divide proof cook',
    rests: [45, 30],
    cook: [150, 150],
  },
];
