import type { RecipeText } from './recipe-text.ts';

/** A sixtieth lot whose expectation was written before the reader saw it: two texts of each common manner. */
export const SIXTIETH: readonly RecipeText[] = [
  {
    manner: 'a handout',
    text: `YOGURT FLATBREADS FOR BEGINNERS
Makes 6 small breads

250 g plain flour
200 g Greek yogurt
8 g baking powder
4 g salt
olive oil for brushing

1. Stir the flour, baking powder and salt together.
2. Add the yogurt and bring it all together with your hands.
3. Knead for 2 minutes, no more.
4. Rest for 20 minutes, covered.
5. Divide into 6 pieces.
6. Roll each piece to 15 cm.
7. Brush with a little oil.
8. Cook in a hot pan for 2 minutes, flip, cook for 1 1/2 minutes.

Can be frozen for up to a month.`,
    pct: { 'plain flour': 100, 'greek yogurt': 80, 'baking powder': 3.2, salt: 1.6 },
    kinds: 'mix knead rest divide roll fill cook',
    rests: [20],
    cook: [120, 90],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['olive oil'],
  },
  {
    manner: 'a handout',
    text: `Sat. 9 Nov., bench 3
Dosa-style batter breads

Batter (makes about 12):
- rice flour 300 g
- urad flour 100 g
- water 650 g
- salt 6 g

Whisk. Cover, leave at room temperature 8 to 12 hours until sour and bubbly.
Stir in the salt. Heat griddle, wipe with oiled cloth.
One ladle (85 g) per bread, spiral outward to 20 cm.
2 minutes, no turning, lid on.
Fold over and serve.`,
    pct: { 'rice flour': 75, 'urad flour': 25, water: 162.5, salt: 1.5 },
    kinds: 'mix rest mix divide shape cook finish',
    rests: [600],
    cook: [120],
    pieceG: 85,
  },
  {
    manner: 'a table',
    text: `Focaccette sheet
+-----------------+--------+-------+
| Ingredient      | grams  | %     |
+-----------------+--------+-------+
| Bread flour     | 750    | 100   |
| Water           | 480    | 64    |
| Lard            | 60     | 8     |
| Salt            | 15     | 2     |
| Instant yeast   | 5      | 0.7   |
+-----------------+--------+-------+
Knead 8 min / proof 60 min / divide 10 x 130 g / ball / rest 20 min / roll 14 cm / proof 20 min / griddle 3 min + 3 min`,
    pct: { 'bread flour': 100, water: 64, lard: 8, salt: 2, 'instant yeast': 0.7 },
    kinds: 'mix knead proof divide ball rest roll proof cook',
    rests: [60, 20, 20],
    cook: [180, 180],
    pieceG: 130,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a table',
    text: `Step | Time | How
1 Mix | 5 min | spiral, slow
2 Autolyse | 20 min | covered
3 Knead | 6 min | add salt
4 Bulk | 90 min | one fold at 45
5 Divide | 10 min | 12 x 120 g
6 Round | |
7 Rest | 25 min |
8 Stretch | | 24 cm
9 Bake | | stone 300 °C, 70 s, turn, 50 s

Flour (type 0) 900 g | Water 585 g | Salt 18 g | Fresh yeast 9 g`,
    pct: { water: 65, salt: 2, 'fresh yeast': 1 },
    kinds: 'mix rest knead proof fold proof divide ball rest shape cook',
    rests: [20, 45, 45, 25],
    cook: [70, 50],
    pieceG: 120,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Bakers' percentages for our oat farls: oatmeal 70, plain flour 30, buttermilk 75, butter 10, soda 1.2, salt 1.5. Rub butter into the dry, stir in buttermilk, rest ten minutes. Pat out 1 cm thick, cut farls of 70 g. Slow griddle, 6 min each side.`,
    pct: { oatmeal: 70, 'plain flour': 30, buttermilk: 75, butter: 10, soda: 1.2, salt: 1.5 },
    kinds: 'mix mix rest shape divide cook',
    rests: [10],
    cook: [360, 360],
    pieceG: 70,
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `100 % flour
64 % water
2.1 % salt
0.4 % yeast
No fat, no sugar.
Mix 3 min. Overnight at 18 °C (12 h). Divide 140 g. Ball. 40 min. Stretch to 26 cm. Very hot steel, 45 s, turn, 30 s.`,
    pct: { flour: 100, water: 64, salt: 2.1, yeast: 0.4 },
    kinds: 'mix proof divide ball rest shape cook',
    rests: [720, 40],
    cook: [45, 30],
    pieceG: 140,
  },
  {
    manner: 'one paragraph',
    text: `Rosa's quick piadina: 500 g flour, 80 g lard, 10 g salt, a teaspoon of bicarbonate and 230 g of water are worked together for five minutes; the dough rests half an hour in a bag; she divides it into eight, rolls each one on the board to 22 cm, and cooks them on the clay plate a minute and a half a side, pricking the bubbles.`,
    pct: { flour: 100, lard: 16, salt: 2, water: 46 },
    kinds: 'mix rest divide roll cook',
    rests: [30],
    cook: [90, 90],
    others: ['bicarbonate'],
  },
  {
    manner: 'one paragraph',
    text: `I pour 250 ml of hand-warm water into the bowl, crumble in 15 g of fresh yeast and stir until it has gone. Then 400 g of flour and 8 g of salt. Ten minutes of kneading by hand; an hour in a warm corner. I cut the dough into eight, round the pieces and give them another quarter of an hour. They are rolled to 16 cm, brushed with water and sprinkled with sesame, and cooked for about ninety seconds on each side.`,
    pct: { flour: 100, 'hand-warm water': 62.5, 'fresh yeast': 3.8, salt: 2 },
    kinds: 'mix knead proof divide ball rest roll fill cook',
    rests: [60, 15],
    cook: [90, 90],
    others: ['sesame'],
  },
  {
    manner: 'a web page',
    text: `<!doctype html><html><head><meta charset="utf-8"><title>Lángos-style breads</title></head><body><h1>L&aacute;ngos-style griddle breads</h1><p>Our reader Mira sent this one in. <a href="#comments">3 comments</a></p><h2>What you&rsquo;ll need</h2><ul class="ing"><li><span>500g</span> plain flour</li><li><span>7g</span> instant yeast</li><li><span>1 tsp</span> sugar</li><li><span>10g</span> salt</li><li><span>200ml</span> milk, lukewarm</li><li><span>150ml</span> water</li></ul><h2>Let&rsquo;s bake</h2><ol class="steps"><li>Mix all the ingredients and knead for 8 mins until smooth.</li><li>Cover and leave to rise for 50 mins.</li><li>Divide into 8. Shape into balls and rest for 15 mins.</li><li>Stretch each ball by hand to 18cm.</li><li>Cook on a well-oiled griddle for 2-3 mins per side until golden.</li><li>Rub with a cut garlic clove.</li></ol><div id="comments"><h3>Comments</h3><p>Pia: Made it with 100g rye. Great!</p></div></body></html>`,
    pct: { 'plain flour': 100, 'instant yeast': 1.4, salt: 2, water: 30 },
    kinds: 'mix knead proof divide ball rest shape cook finish',
    rests: [50, 15],
    cook: [150, 150],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['sugar', 'milk'],
  },
  {
    manner: 'a web page',
    text: `<article><h1>Buckwheat galettes</h1><p>Serves 4 (8 galettes)</p><ul><li>250 g buckwheat flour</li><li>550 ml water</li><li>1 egg</li><li>5 g salt</li><li>20 g butter, for the pan</li></ul><p>Whisk the flour, salt, egg and half of the water until smooth, then whisk in the rest. Chill for 2 hours.</p><p>Heat a flat pan, butter it lightly, pour in 95 g of batter and spread it thinly to 24 cm. Cook for 90 seconds, turn and cook 45 seconds.</p></article>`,
    pct: { 'buckwheat flour': 100, water: 220, egg: 20, salt: 2 },
    kinds: 'mix chill divide shape cook',
    rests: [120],
    cook: [90, 45],
    pieceG: 95,
    allergens: ['egg', 'milk'],
    others: ['butter'],
  },
  {
    manner: 'structured data',
    text: `{"@context":"https://schema.org","@type":"Recipe","name":"Spinach & feta gözleme","recipeYield":"4","recipeIngredient":["300 g plain flour","180 g water","6 g salt","15 g olive oil","200 g spinach, chopped","150 g feta, crumbled","1/2 tsp chilli flakes"],"recipeInstructions":[{"@type":"HowToStep","text":"Mix the flour, water, salt and oil; knead for 7 minutes; rest for 30 minutes."},{"@type":"HowToStep","text":"Mix the spinach, feta and chilli."},{"@type":"HowToStep","text":"Divide the dough into 4 and roll each out to 28 cm."},{"@type":"HowToStep","text":"Put a quarter of the filling on one half, fold over and press the edges to seal."},{"@type":"HowToStep","text":"Cook on a medium griddle for 3 minutes on each side."}]}`,
    pct: { 'plain flour': 100, water: 60, salt: 2, 'olive oil': 5 },
    kinds: 'mix knead rest prepare divide roll fill shape cook',
    rests: [30],
    cook: [180, 180],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['spinach', 'feta', 'chilli'],
  },
  {
    manner: 'structured data',
    text: `{"@context":"https://schema.org","@type":"Recipe","name":"Sweet potato rotis","recipeYield":"10 rotis","recipeIngredient":["1 1/2 cups (180 g) atta","1 cup (200 g) mashed sweet potato","1/2 tsp (3 g) salt","1 tsp (2 g) cumin seeds"],"recipeInstructions":[{"@type":"HowToStep","text":"Combine everything and knead to a soft dough, about 4 minutes, adding a little flour if sticky."},{"@type":"HowToStep","text":"Rest for 10 minutes."},{"@type":"HowToStep","text":"Divide into 10 balls and roll to 14 cm."},{"@type":"HowToStep","text":"Cook on a hot tawa about 40 seconds per side."}]}`,
    pct: { atta: 100, salt: 1.7, 'cumin seeds': 1.1 },
    kinds: 'mix knead rest divide ball roll cook',
    rests: [10],
    cook: [40, 40],
    allergens: ['gluten', 'wheat'],
    others: ['sweet potato'],
  },
  {
    manner: 'a scan',
    text: `— 14 —

PAN BREAD WITH ONIONS

1 kg. wheat flour           20 gm. salt
600 gm. water               25 gm. fresh yeast
200 gm. onions, fried       30 gm. oil

Work flour, water, yeast and salt ten minutes.
Add the onions and oil. Prove one hour. Make
up into 14 rounds, prove 30 minutes, flatten,
and bake on a slow plate 4 minutes each side.`,
    pct: { 'wheat flour': 100, salt: 2, water: 60, 'fresh yeast': 2.5, oil: 3 },
    // what is mixed in at once is one mixing
    kinds: 'mix proof ball proof shape cook',
    rests: [60, 30],
    cook: [240, 240],
    allergens: ['gluten', 'wheat'],
    others: ['onion'],
  },
  {
    manner: 'a scan',
    text: `R0TI (1O pieces)        Demo card

Atta ........ 3OO g
Water ....... l9O g
Salt ........ 3 g
Ghee ........ 1O g

Mix, knead 6 min
Rest 3O min, damp cloth
l0 balls
Roll 15 cm
Tawa: 3O s - turn - 4O s - turn - puff l0 s`,
    pct: { atta: 100, water: 63.3, salt: 1, ghee: 3.3 },
    kinds: 'mix knead rest ball roll cook',
    rests: [30],
    cook: [30, 40, 10],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `For ten breads you take seven hundred and fifty grams of flour, four hundred and eighty grams of water, fifteen grams of salt and seven and a half of dry yeast. After five minutes of mixing and eight of kneading it proves for an hour. Ten balls, a quarter of an hour, then eighteen centimetres with the pin. A minute and a quarter on the first side, a minute on the second.`,
    pct: { flour: 100, water: 64, salt: 2, 'dry yeast': 1 },
    kinds: 'mix knead proof ball rest roll cook',
    rests: [60, 15],
    cook: [75, 60],
  },
  {
    manner: 'words for numbers',
    text: `One kilo of bread flour; six hundred and forty grams of water; twenty of salt; ten of instant yeast; thirty of sugar; fifty of butter. Mix four minutes, knead nine. First proof fifty minutes. Cut into fourteen, ball, rest ten minutes, press to twelve centimetres. Second proof twenty-five minutes. Griddle on low, four minutes and three minutes.`,
    pct: { 'bread flour': 100, water: 64, salt: 2, 'instant yeast': 1, sugar: 3, butter: 5 },
    kinds: 'mix knead proof divide ball rest shape proof cook',
    rests: [50, 10, 25],
    cook: [240, 180],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'parts by vessel',
    text: `TWO-CUP WRAPS
2 cups wholemeal flour
3/4 cup water
2 tbsp oil
1/2 tsp salt
Mix; knead 5 min; rest 20 min under the cup (well, a bowl). Divide into 8; roll to 17 cm; hot pan 40 sec a side.`,
    pct: { 'wholemeal flour': 100 },
    kinds: 'mix knead rest divide roll cook',
    rests: [20],
    cook: [40, 40],
    allergens: ['gluten', 'wheat'],
    others: ['water', 'oil', 'salt'],
  },
  {
    manner: 'parts by vessel',
    text: `Grandad measured with his enamel mug: four mugs of flour, a mug and a half of water, a fistful of lard, a spoon of salt. Rub in the lard, add water till it holds, knead while you sing a song, about five minutes. Half an hour under the upturned bowl. A dozen balls. Roll thin. Dry plate, forty seconds, turn, thirty.`,
    pct: { flour: 100 },
    kinds: 'mix mix knead rest ball roll cook',
    rests: [30],
    cook: [40, 30],
    others: ['water', 'lard', 'salt'],
  },
  {
    manner: 'decimal commas',
    text: `Receta / recipe: Arepas de la clase – 15 uds. (pieces)
Harina de maíz precocida / pre-cooked maize flour 0,75 kg
Agua tibia / warm water 0,90 l
Sal / salt 0,0135 kg
Queso rallado / grated cheese 0,15 kg
Mezclar / mix 3,0 min. Reposar / rest 0,1 h. Amasar / knead 2,5 min. Formar / shape 11,5 cm. Plancha / griddle 4,5 min + 4,5 min.`,
    pct: { 'pre-cooked maize flour': 100, 'warm water': 120, salt: 1.8, 'grated cheese': 20 },
    kinds: 'mix rest knead divide shape cook',
    rests: [6],
    cook: [270, 270],
    allergens: ['milk'],
  },
  {
    manner: 'decimal commas',
    text: `Teig: 1,2 kg Mehl / flour, 0,72 kg Wasser / water, 24,0 g Salz / salt, 12,0 g Hefe / dry yeast, 36,0 g Öl / oil. Kneten / knead 8,5 min; Gare / proof 0,75 h; 20 Stück à 99,0 g / 20 pieces; rund / ball; 15,0 min Ruhe / rest; 17,5 cm; Platte / griddle 1,1 min, 0,9 min.`,
    pct: { flour: 100, water: 60, salt: 2, 'dry yeast': 1, oil: 3 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [45, 15],
    cook: [66, 54],
    pieceG: 99,
  },
];
