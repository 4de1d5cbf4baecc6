import type { RecipeText } from './recipe-text.ts';

/** An eighty-seventh lot whose expectation was written before the reader saw it, two of each manner, as bakers and cooks keep them for themselves. */
export const EIGHTY_SEVENTH: readonly RecipeText[] = [
  {
    manner: 'a handout',
    text: `Pupusa night (2 per person, 8 people)

500 g masa harina
650 g warm water
8 g salt
250 g refried beans
200 g grated cheese

Mix masa, salt and water; the dough should feel like soft clay. Rest 10 minutes under a cloth.
Everyone weighs 70 g and makes a ball.
Flatten in the palm, put a spoonful of beans and cheese in the middle, close and pat out to 11 cm, 1 cm thick.
Oiled griddle, medium heat: 4 minutes, turn, 4 minutes.
Serve with curtido.`,
    pct: { 'masa harina': 100, 'warm water': 130, salt: 1.6 },
    kinds: 'mix rest divide ball fill cook',
    rests: [10],
    cook: [240, 240],
    pieceG: 70,
    allergens: ['milk'],
    others: ['beans', 'cheese'],
  },
  {
    manner: 'a handout',
    text: `Course booklet p. 7 – Bing with leeks

For the dough
300 g wheat flour
180 g water
3 g salt

For the filling
1 leek, sliced thin
30 g lard
4 g salt

Knead the dough for 10 minutes and let it rest for 45 minutes.
Cut into 4 pieces. Roll each piece to 25 cm, spread with lard, sprinkle with leek and salt.
Roll it up like a carpet, coil it and leave for 10 minutes.
Roll out again to 18 cm and fry 3 minutes per side, lid on.`,
    pct: { 'wheat flour': 100, water: 60, salt: 1 },
    kinds: 'mix knead rest divide roll fill coil rest roll cook',
    rests: [45, 10],
    cook: [180, 180],
    allergens: ['gluten', 'wheat'],
    others: ['leek', 'lard'],
  },
  {
    manner: 'a table',
    text: `Stage;Minutes;Remark
Mix;5;everything but the oil
Add oil, knead;6;
Bulk;75;26 °C
Divide;-;18 x 80 g
Ball;-;
Rest;20;covered
Stretch;-;20 cm
Bake;3;stone, 280 °C

Formula: flour 1000 g; water 650 g; oil 40 g; salt 20 g; yeast 8 g`,
    pct: { flour: 100, water: 65, oil: 4, salt: 2, yeast: 0.8 },
    kinds: 'mix knead proof divide ball rest shape cook',
    rests: [75, 20],
    cook: [108, 72],
    pieceG: 80,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a table',
    text: `                 Batch A    %
Durum flour      700 g      70
Bread flour      300 g      30
Water            640 g      64
Salt              20 g       2
Fresh yeast       12 g     1.2

Kneading: 12 min. Bulk: 50 min. Pieces: 100 g. Intermediate rest: 15 min. Flattening: 17 cm. Second proof: 25 min. Griddle: 2 min per side.`,
    pct: { 'durum flour': 70, 'bread flour': 30, water: 64, salt: 2, 'fresh yeast': 1.2 },
    kinds: 'mix knead proof divide rest shape proof cook',
    rests: [50, 15, 25],
    cook: [120, 120],
    pieceG: 100,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Flour 100% (half white, half wholemeal)
Water 70%
Salt 2%
Sourdough 25%
Mix. 1 h. Fold. 1 h. Fold. 1 h. Divide 120 g. Ball. 30 min. Roll 18 cm. Hot stone: 90 s, flip, 60 s.`,
    pct: { 'white flour': 50, wholemeal: 50, water: 70, salt: 2, sourdough: 25 },
    kinds: 'mix proof fold proof fold proof divide ball rest roll cook',
    rests: [60, 60, 60, 30],
    cook: [90, 60],
    pieceG: 120,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Puri: atta 80 %, semolina 20 %, water 48 %, oil 5 %, salt 1.5 %. Stiff dough. Knead 6 min, rest 20 min. 25 g balls. Roll to 11 cm without flour. Deep fry 12 s per side at 190 °C.`,
    pct: { atta: 80, semolina: 20, water: 48, oil: 5, salt: 1.5 },
    kinds: 'mix knead rest ball roll cook',
    rests: [20],
    cook: [12, 12],
    pieceG: 25,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `To make eight barbari-style flatbreads we mix 600 g bread flour with 400 g water, 12 g salt and 8 g instant yeast, knead by machine for eight minutes on low, and let the dough double, which takes about an hour. It is then divided into eight, shaped into ovals and proofed for twenty minutes. With wet fingers press five grooves into each one, sprinkle with sesame and nigella, and bake on a very hot stone for four minutes.`,
    pct: { 'bread flour': 100, water: 66.7, salt: 2, 'instant yeast': 1.3 },
    kinds: 'mix knead proof divide shape proof shape fill cook',
    rests: [60, 20],
    cook: [144, 96],
    allergens: ['gluten', 'sesame', 'wheat'],
    others: ['nigella'],
  },
  {
    manner: 'one paragraph',
    text: `Our house paratha: 400 g atta, 6 g salt, 20 g ghee rubbed in, 240 g water added slowly, eight minutes of kneading, half an hour's rest. Ten balls of 65 g. Each is rolled to 15 cm, smeared with ghee, folded in half and in half again, and rolled once more to a triangle of 16 cm. On the hot tawa one minute, turn, brush with ghee, one minute, turn and brush again, thirty seconds.`,
    pct: { atta: 100, salt: 1.5, ghee: 5, water: 60 },
    kinds: 'mix knead rest ball roll fill shape roll cook',
    rests: [30],
    cook: [60, 60, 30],
    pieceG: 65,
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'a web page',
    text: `<html><head><title>Roti canai | Night market kitchen</title><script>track()</script></head><body><h1>Roti canai</h1><div>Serves: 4 &middot; Active: 40 min</div><section><h2>Dough</h2><ul><li>400 g plain flour</li><li>1 tsp salt</li><li>1 egg</li><li>40 g condensed milk</li><li>180 ml water</li><li>ghee, for coating</li></ul></section><section><h2>Directions</h2><p>Combine everything but the ghee and knead for 10 minutes. Divide into 8 balls, coat with ghee, and rest for at least 6 hours, covered, at room temperature.</p><p>Oil the table. Press a ball flat, then stretch and flap until see-through, about 40 cm. Fold the edges in to a 15 cm square.</p><p>Cook on a hot griddle with a little ghee for 2 minutes on each side. Clap between your hands to fluff up the layers.</p></section></body></html>`,
    pct: { 'plain flour': 100, 'condensed milk': 10, water: 45 },
    kinds: 'mix knead divide ball rest shape cook finish',
    rests: [540],
    cook: [120, 120],
    allergens: ['egg', 'gluten', 'milk', 'wheat'],
    others: ['salt', 'egg', 'ghee'],
  },
  {
    manner: 'a web page',
    text: `<h1>Quinoa crepes (gluten free)</h1><ul><li>1 cup (190 g) quinoa flour</li><li>2 eggs</li><li>380 ml oat drink (check the label)</li><li>1/2 teaspoon salt</li><li>coconut oil for the pan</li></ul><h2>Method</h2><p>1. Blend everything until smooth.</p><p>2. Rest the batter 20 min.</p><p>3. Pour 75 g into a medium-hot oiled pan, tilt to spread to 20 cm.</p><p>4. Cook 75 seconds, flip, cook 45 seconds.</p>`,
    pct: { 'quinoa flour': 100 },
    kinds: 'mix rest divide shape cook',
    rests: [20],
    cook: [75, 45],
    pieceG: 75,
    others: ['egg', 'oat drink', 'salt'],
  },
  {
    manner: 'structured data',
    text: `{"@context":"http://schema.org","@type":"Recipe","name":"Pan pizza bianca","recipeYield":4,"totalTime":"PT2H30M","recipeIngredient":["400 g strong flour","280 g water","8 g fine salt","4 g dry yeast","24 g olive oil","rosemary and flaky salt"],"recipeInstructions":["Stir flour, water, salt and yeast together; knead 5 minutes.","Leave to rise for 1½ hours.","Divide into 4 and round up. Rest for 20 minutes.","Press out to 22 cm with oiled fingers, dimple, scatter with rosemary and salt.","Fry in a covered pan for 4 minutes, turn and fry 2 minutes uncovered."]}`,
    pct: { 'strong flour': 100, water: 70, 'fine salt': 2, 'dry yeast': 1, 'olive oil': 6 },
    kinds: 'mix knead proof divide ball rest shape fill cook',
    rests: [90, 20],
    cook: [240, 120],
    allergens: ['gluten', 'wheat'],
    others: ['rosemary'],
  },
  {
    manner: 'structured data',
    text: `<script type="application/ld+json">{"@context":"https://schema.org","@type":"Recipe","name":"Spelt tortillas","recipeYield":"12 tortillas","recipeIngredient":["360 g white spelt flour","200 g hot water","45 g rapeseed oil","6 g salt"],"recipeInstructions":[{"@type":"HowToStep","text":"Mix flour and salt, add oil and water and stir."},{"@type":"HowToStep","text":"Knead only until smooth, 2 minutes, spelt tires quickly."},{"@type":"HowToStep","text":"Cover, 20 minutes."},{"@type":"HowToStep","text":"12 balls of 50 g; cover again, 10 minutes."},{"@type":"HowToStep","text":"Roll 18 cm."},{"@type":"HowToStep","text":"45 seconds, flip, 30 seconds on a dry hot pan. Keep in a cloth."}]}</script>`,
    pct: { 'white spelt flour': 100, 'hot water': 55.6, 'rapeseed oil': 12.5, salt: 1.7 },
    kinds: 'mix knead rest ball rest roll cook finish',
    rests: [20, 10],
    cook: [45, 30],
    pieceG: 50,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a scan',
    text: `24         THE GIRDLE

OATMEAL BANNOCK
8 oz. fine oatmeal       1 oz. lard
4 oz. plain flour        1/2 tea-
1 teaspoon salt          spoon soda
7 fl. oz. hot water

Rub the lard into the dry things,
add the water and mix to a soft
dough. Pat out 1/2 inch thick and
cut in quarters. Bake on a
moderate girdle for 6 minutes on
each side.`,
    pct: { 'fine oatmeal': 66.7, 'plain flour': 33.3, lard: 8.3, 'hot water': 58.4 },
    kinds: 'mix mix shape divide cook',
    rests: [],
    cook: [360, 360],
    allergens: ['gluten', 'wheat'],
    others: ['salt', 'soda'],
  },
  {
    manner: 'a scan',
    text: `Class notes - NAAN (l0 pieces)
F l o u r   700 g
Yogurt      2OO g
Water       25O g
Salt         l4 g
Yeast (dry)   7 g
Ghee         40 g
Mix and knead l0 min. Bulk 9O
min. Divide into l0, ball, rest
15 min. Stretch to 22 cm. Hot
pan, lid on, 1 min; turn, l min.`,
    pct: { flour: 100, yogurt: 28.6, water: 35.7, salt: 2, yeast: 1, ghee: 5.7 },
    kinds: 'mix knead proof divide ball rest shape cook',
    rests: [90, 15],
    cook: [60, 60],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `For a dozen tortillas: three hundred and sixty grams of plain flour, sixty of lard, seven of salt, two hundred of hot water. Rub the fat in, pour on the water, stir, knead for three minutes and rest for half an hour. Divide into twelve, round, rest ten minutes more. Roll to twenty centimetres. Forty seconds, turn, thirty seconds.`,
    pct: { 'plain flour': 100, lard: 16.7, salt: 1.9, 'hot water': 55.6 },
    kinds: 'mix mix knead rest divide ball rest roll cook',
    rests: [30, 10],
    cook: [40, 30],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `Potato cakes, said Aunt Vi, want one pound of mashed potato, a quarter of a pound of flour, an ounce of butter and a good half teaspoon of salt. Mix while warm. Roll half an inch thick, cut into triangles, and cook on a greased griddle for five minutes a side.`,
    pct: { flour: 100, 'mashed potato': 400, butter: 25 },
    kinds: 'mix roll divide cook',
    rests: [],
    cook: [300, 300],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['salt'],
  },
  {
    manner: 'parts by vessel',
    text: `Bowl measure (the blue one): 3 bowls of flour, 1 bowl of water, 1/2 bowl of yoghurt. Plus 2 teaspoons of salt and 1 of yeast. Mix, knead ten minutes, leave an hour. Twelve balls, leave ten minutes. Roll as big as a saucer, 16 cm. Pan: one minute, one minute.`,
    pct: { flour: 100 },
    kinds: 'mix knead proof ball rest roll cook',
    rests: [60, 10],
    cook: [60, 60],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['water', 'yoghurt', 'salt', 'yeast'],
  },
  {
    manner: 'parts by vessel',
    text: `Ratio 2 : 1 by volume, chickpea flour to water, a pinch of salt and a pinch of chilli per cup of flour. Whisk, stand 30 min, ladle 60 ml on the hot pan, spread to 14 cm, 2 min, flip, 1 min.`,
    pct: { 'chickpea flour': 100 },
    kinds: 'mix rest divide shape cook',
    rests: [30],
    cook: [120, 60],
    allergens: [],
    others: ['water', 'salt', 'chilli'],
  },
  {
    manner: 'decimal commas',
    text: `Piadina (8 Stück)
Farina 00    0,5 kg
Strutto (lard)    0,08 kg
Acqua (water)    0,22 l
Sale (salt)    0,009 kg

Impasto: mix 3 min, knead 7,5 min; rest 45 min in film; divide 8 x 100 g; ball; rest 0,25 h; roll 23 cm; griddle 1,25 min + 1 min.`,
    pct: { 'farina 00': 100, lard: 16, water: 44, salt: 1.8 },
    kinds: 'mix knead rest divide ball rest roll cook',
    rests: [45, 15],
    cook: [75, 60],
    pieceG: 100,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'decimal commas',
    text: `1,5 kg flour (type 550)
0,93 l water
0,03 kg salt
0,045 kg fresh yeast
0,06 l oil

Everything into the machine, 4 + 5 min. Rest 40 min. Scale 90 g, round, 15 min. Sheet to 4 mm, 15 cm. Proof 20 min. Stone oven 1,5 min.`,
    pct: { 'flour type 550': 100, water: 62, salt: 2, 'fresh yeast': 3, oil: 3.7 },
    kinds: 'mix rest divide ball rest roll proof cook',
    rests: [40, 15, 20],
    cook: [54, 36],
    pieceG: 90,
    allergens: ['gluten', 'wheat'],
  },
];
