import type { RecipeText } from './recipe-text.ts';

/** A fifty-sixth lot whose expectation was written before the reader saw it: two texts of each common manner. */
export const FIFTY_SIXTH: readonly RecipeText[] = [
  {
    manner: 'a handout',
    text: `Riverside Cookery Rooms
Saturday workshop – Spelt & seed flatbreads
Everyone makes four.

You will need (per person)
• 220 g white spelt flour
• 30 g mixed seeds
• 5 g fine salt
• 3 g instant yeast
• 140 g tepid water
• 10 g rapeseed oil

What we do
10.00  Weigh and mix everything, then knead gently for 4 minutes.
10.10  The dough proves for 50 minutes under its bowl.
11.00  Divide into four and shape into balls.
11.05  Rest 15 minutes.
11.20  Roll to 17 cm.
11.25  Cook, 90 seconds the first side, 60 seconds the second.`,
    pct: {
      'white spelt flour': 100,
      'mixed seeds': 13.6,
      'fine salt': 2.3,
      'instant yeast': 1.4,
      'tepid water': 63.6,
      'rapeseed oil': 4.5,
    },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [50, 15],
    cook: [90, 60],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a handout',
    text: `POTATO LEFSE-STYLE ROUNDS
Makes 10

Ingredients
500 g floury potatoes, boiled and riced
180 g plain flour, plus extra for rolling
40 g butter
6 g salt
40 ml double cream

Method
1. While the potato is hot, beat in the butter, cream and salt. Cool completely, about 1 hour.
2. Work in the flour and bring together into a soft dough.
3. Divide into 10 pieces and roll each into a ball.
4. Chill for 20 minutes.
5. Roll out very thin on a floured cloth, about 22 cm.
6. Cook on a hot dry griddle for 1 minute, turn with a long spatula, and give it another minute.
7. Stack under a tea towel.`,
    pct: { 'plain flour': 100, 'floury potatoes': 277.8, butter: 22.2, salt: 3.3, 'double cream': 22.2 },
    kinds: 'mix rest mix divide ball chill roll cook finish',
    rests: [60, 20],
    cook: [60, 60],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'a table',
    text: `CHAPATI – GROUP OF 8 (3 each)

Ingredient        Per person   Group
Atta              90 g         720 g
Water             60 g         480 g
Salt              1 g          8 g
Oil               3 g          24 g

Stage        Time      Note
Mix          2 min     shaggy
Knead        6 min     smooth
Rest         25 min    covered
Divide       –         3 each, 51 g
Round        –
Roll         –         16 cm
Griddle      45 s      first side
Griddle      45 s      second side
Puff         15 s      press with a cloth`,
    pct: { atta: 100, water: 66.7, salt: 1.1, oil: 3.3 },
    kinds: 'mix knead rest divide ball roll cook',
    rests: [25],
    cook: [45, 45, 15],
    pieceG: 51,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a table',
    text: `Ingredient;Grams;Percent
Bread flour;1000;100
Water;640;64
Salt;20;2
Fresh yeast;15;1.5
Olive oil;40;4

Step;Duration
Mix slow;4 min
Mix fast;4 min
Bulk proof;60 min
Divide 110 g;
Round;
Bench rest;20 min
Stretch 20 cm;
Griddle;75 s per side`,
    pct: { 'bread flour': 100, water: 64, salt: 2, 'fresh yeast': 1.5, 'olive oil': 4 },
    kinds: 'mix proof divide ball rest shape cook',
    rests: [60, 20],
    cook: [75, 75],
    pieceG: 110,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Laffa
Bread flour 90
Wholemeal 10
Water 68
Salt 2
Sugar 1
Instant yeast 0,8
Oil 3
(all in % of flour)

Spiral 3' + 5'. Bulk 90'. 160 g. Ball. 30'. Stretch to 30 cm. Saj, 50" a side.`,
    pct: { 'bread flour': 90, wholemeal: 10, water: 68, salt: 2, sugar: 1, 'instant yeast': 0.8, oil: 3 },
    kinds: 'mix proof divide ball rest shape cook',
    rests: [90, 30],
    cook: [50, 50],
    pieceG: 160,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `For every 100 of flour (half white, half wholemeal) use 66 of water, 1.8 of salt and 3 of ghee. Mix, wait 20 minutes, knead 5 minutes, wait another 20. Pieces of 45 g, balled, rolled to 15 cm. Tawa: 30 s, turn, 45 s, turn, 15 s.`,
    pct: { 'white flour': 50, wholemeal: 50, water: 66, salt: 1.8, ghee: 3 },
    kinds: 'mix rest knead rest divide ball roll cook',
    rests: [20, 20],
    cook: [30, 45, 15],
    pieceG: 45,
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `My neighbour Petra makes these on the barbecue: she stirs 350 g of bread flour with 7 g of salt, 4 g of quick yeast and a spoonful of za'atar, adds 235 g of warm water and works it for about five minutes until it is smooth. It sits in the sun for an hour. She pulls it into six, shapes them into balls, lets them relax for ten minutes, flattens them with her hands to about 15 cm and lays them straight on the oiled bars, two minutes on one side and a minute and a half on the other.`,
    pct: { 'bread flour': 100, salt: 2, 'quick yeast': 1.1, 'warm water': 67.1 },
    kinds: 'mix knead proof divide ball rest shape cook',
    rests: [60, 10],
    cook: [120, 90],
    allergens: ['gluten', 'sesame', 'wheat'],
    others: ["za'atar"],
  },
  {
    manner: 'one paragraph',
    text: `Put 200 g of gram flour in a bowl with 2 g of salt, a pinch of turmeric and 10 g of chopped coriander and whisk in 360 ml of water, a little at a time, until you have a batter like single cream. Leave it to stand for half an hour. Heat a griddle, brush it with oil, pour on a ladleful (about 95 g) and tilt to spread it to 20 cm. Cook for two minutes until the top is set, then loosen, turn and cook for one minute more.`,
    pct: { 'gram flour': 100, salt: 1, 'chopped coriander': 5, water: 180 },
    kinds: 'mix rest divide shape cook',
    rests: [30],
    cook: [120, 60],
    pieceG: 95,
    allergens: [],
    others: ['turmeric'],
  },
  {
    manner: 'a web page',
    text: `<!doctype html><html><head><title>Za'atar man'oushe | Small Oven</title><script>var a = 500;</script></head><body><nav>Home Recipes About</nav><h1>Za'atar man'oushe</h1><p class="meta">Prep: 20 min &middot; Rise: 1 hr &middot; Cook: 15 min &middot; Makes: 6</p><h2>For the dough</h2><ul><li>400g bread flour</li><li>7g salt</li><li>5g sugar</li><li>5g instant yeast</li><li>260ml water</li><li>20ml olive oil</li></ul><h2>For the topping</h2><ul><li>30g za'atar</li><li>60ml olive oil</li></ul><h2>Method</h2><ol><li>Mix the dough ingredients and knead for 8 minutes.</li><li>Cover and leave to rise for 1 hour.</li><li>Stir the za'atar into the oil.</li><li>Divide the dough into 6, roll into balls and rest for 10 minutes.</li><li>Roll out to 18cm and spread with the za'atar paste.</li><li>Cook on a hot griddle with a lid for 4 minutes; do not turn.</li></ol><footer>&copy; Small Oven</footer></body></html>`,
    // 20 ml of oil weigh 18 g
    pct: { 'bread flour': 100, salt: 1.8, sugar: 1.3, 'instant yeast': 1.3, water: 65, 'olive oil': 4.6 },
    kinds: 'mix knead proof prepare divide ball rest roll fill cook',
    rests: [60, 10],
    cook: [240],
    allergens: ['gluten', 'sesame', 'wheat'],
    others: ["za'atar"],
  },
  {
    manner: 'a web page',
    text: `<div class="recipe"><h1>Two-ingredient-ish yoghurt flatbreads</h1><p>Serves 4 &nbsp;|&nbsp; Ready in 30 minutes</p><table><tr><th>Ingredient</th><th>Metric</th><th>US</th></tr><tr><td>Self-raising flour</td><td>250 g</td><td>2 cups</td></tr><tr><td>Natural yoghurt</td><td>250 g</td><td>1 cup</td></tr><tr><td>Salt</td><td>3 g</td><td>&frac12; tsp</td></tr></table><p><strong>1.</strong> Combine everything in a bowl to a rough dough.</p><p><strong>2.</strong> Tip out and knead for 1 minute. Let it sit for 15 minutes.</p><p><strong>3.</strong> Cut into 8 and roll each piece out to 14 cm.</p><p><strong>4.</strong> Get a griddle pan very hot and cook for 2 minutes a side until puffed and charred.</p></div>`,
    pct: { 'plain flour': 100 },
    kinds: 'mix knead rest divide roll cook',
    rests: [15],
    cook: [120, 120],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['yoghurt'],
  },
  {
    manner: 'structured data',
    text: `{"@context":"https://schema.org","@graph":[{"@type":"WebSite","name":"The Bread Bench"},{"@type":"Recipe","name":"Barbari-style breads","recipeYield":["4","4 breads"],"prepTime":"PT25M","cookTime":"PT10M","recipeIngredient":["500 grams bread flour","320 grams water","10 grams salt","7 grams instant yeast","10 grams sugar","5 grams nigella seeds"],"recipeInstructions":[{"@type":"HowToSection","name":"Dough","itemListElement":[{"@type":"HowToStep","text":"Mix the flour, water, salt, yeast and sugar, then knead for 10 minutes."},{"@type":"HowToStep","text":"Let rise for 75 minutes."}]},{"@type":"HowToSection","name":"Shaping and cooking","itemListElement":[{"@type":"HowToStep","text":"Divide into 4 and shape into balls. Rest for 20 minutes."},{"@type":"HowToStep","text":"Stretch each to 22 cm and scatter with nigella seeds."},{"@type":"HowToStep","text":"Cook on a griddle at 230 °C for 3 minutes, turn and cook for 2 minutes."}]}]}]}`,
    pct: { 'bread flour': 100, water: 64, salt: 2, 'instant yeast': 1.4, sugar: 2 },
    kinds: 'mix knead proof divide ball rest shape fill cook',
    rests: [75, 20],
    cook: [180, 120],
    allergens: ['gluten', 'wheat'],
    others: ['nigella'],
  },
  {
    manner: 'structured data',
    text: `{"@context":"http://schema.org/","@type":"Recipe","name":"Corn tortillas from masa","recipeYield":"16 tortillas","recipeIngredient":["2 cups masa harina (240 g)","1 1/2 cups warm water (355 ml)","1/2 teaspoon salt"],"recipeInstructions":"Combine masa harina and salt. Pour in the water and knead for 3 minutes.\\nCover with a damp cloth and let rest 20 minutes.\\nPinch off 16 balls.\\nPress each ball between plastic to 14 cm.\\nCook on a hot comal: 30 seconds, flip, 60 seconds, flip, 30 seconds."}`,
    pct: { 'masa harina': 100, 'warm water': 147.9 },
    kinds: 'mix knead rest ball shape cook',
    rests: [20],
    cook: [30, 60, 30],
    allergens: [],
    others: ['salt'],
  },
  {
    manner: 'a scan',
    text: `28                   BREADS OF THE HEARTH

             GIRDLE SCONE BREAD

1 lb. plain flour              1 tea-
1 teasp. salt                  spoonful
½ pint buttermilk              bicarbonate
                               of soda

SIFT the dry things together. Make a well and
pour in the buttermilk. Mix quickly with a
knife. Turn on to a floured board, divide in
two and pat each to a round half an inch
thick. Cut in quarters. Bake on a moderate
girdle, six minutes to each side.`,
    // by the density that the table has of buttermilk
    pct: { 'plain flour': 100, buttermilk: 64.5 },
    kinds: 'mix divide shape divide cook',
    rests: [],
    cook: [360, 360],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['salt', 'soda'],
  },
  {
    manner: 'a scan',
    text: `BAKERY SCHOOL  –  PRACTlCE SHEET 7
Product : Wraps          Date : 8/5
Yield  :  20 pcs @ 7O g

Flour T55        850 g     lOO %
Water            42O g      49.4 %
Margarine        1OO g      11.8 %
Salt              l6 g       1.9 %
Baking powder     l4 g       1.6 %

Mixing : 6 min.      Rest : 3O min.
Scaling : 70 g       Rounding
Rest : l5 min.       Pinning : 22 cm
Hot plate 21O C : 4O s / 30 s`,
    pct: { 'flour T55': 100, water: 49.4, margarine: 11.8, salt: 1.9, 'baking powder': 1.6 },
    kinds: 'mix rest divide ball rest roll cook',
    rests: [30, 15],
    cook: [40, 30],
    pieceG: 70,
  },
  {
    manner: 'words for numbers',
    text: `Take a kilo of plain flour, twenty grams of salt and a dozen grams of dried yeast. Add six hundred and twenty grams of warm water and fifty grams of oil. Mix, then knead for ten minutes. Prove for an hour and ten minutes. Divide into sixteen, ball, rest for twelve minutes, roll to eighteen centimetres. Cook on a hot griddle for eighty seconds, then seventy on the other side.`,
    pct: { 'plain flour': 100, salt: 2, 'dried yeast': 1.2, 'warm water': 62, oil: 5 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [70, 12],
    cook: [80, 70],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `Two mugs of wholemeal flour, one mug of warm water, a level teaspoon of salt and two dessertspoons of oil. Knead for seven minutes. Cover for half an hour. Pull off nine pieces, roll into balls and then into rounds about as wide as your hand, fifteen centimetres. Forty-five seconds on the first side, a minute on the second.`,
    pct: { 'wholemeal flour': 100 },
    kinds: 'mix knead rest divide ball roll cook',
    rests: [30],
    cook: [45, 60],
    allergens: ['gluten', 'wheat'],
    others: ['water', 'salt', 'oil'],
  },
  {
    manner: 'parts by vessel',
    text: `Naan by the teacup (makes 8)

4 teacups strong flour
1 teacup yoghurt
1 teacup warm milk
2 tsp instant yeast
2 tsp sugar
2 tsp salt
4 tbsp oil

Mix it all and knead 8 min. Prove 1 hr. Knock back, divide into 8, ball, rest 10 min. Stretch to teardrops, 20 cm. Very hot pan, lid on, 2 min; flip, 1 min.`,
    pct: { 'strong flour': 100 },
    // knocking back is a step
    kinds: 'mix knead proof knead divide ball rest shape cook',
    rests: [60, 10],
    cook: [120, 60],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['yoghurt', 'milk', 'yeast', 'sugar', 'salt', 'oil'],
  },
  {
    manner: 'parts by vessel',
    text: `Any cup will do. Five cups of flour to two of water, half a cup of oil, a tablespoon of salt. Mix and knead for 5 minutes, rest for 30 minutes. Divide into 20 balls, rest for 10 minutes, roll thin. Cook on a hot pan 30 seconds each side.`,
    pct: { flour: 100 },
    kinds: 'mix knead rest divide ball rest roll cook',
    rests: [30, 10],
    cook: [30, 30],
    others: ['water', 'oil', 'salt'],
  },
  {
    manner: 'decimal commas',
    text: `Fladenbrot für den Kurs (flatbread for the course)

Weizenmehl / wheat flour     1,250 kg
Wasser / water               0,800 kg
Olivenöl / olive oil         0,050 kg
Salz / salt                  0,025 kg
Hefe / fresh yeast           0,020 kg

Kneten / knead 8 min
Gare / proof 1,5 h
Teilen / divide: 15 x 0,140 kg
Rund wirken / ball
Ruhe / rest 0,25 h
Ausrollen / roll: 21,5 cm
Backen / griddle: 1,75 min je Seite / per side`,
    pct: { 'wheat flour': 100, water: 64, 'olive oil': 4, salt: 2, 'fresh yeast': 1.6 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [90, 15],
    cook: [105, 105],
    pieceG: 140,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'decimal commas',
    text: `Piadina 12 pezzi (12 pieces)
Farina tipo 0 (flour): 0,9 kg
Strutto (lard): 0,135 kg
Acqua (water): 0,42 l
Sale (salt): 0,018 kg
Bicarbonato (bicarbonate of soda): 0,0045 kg
Mix 3,5 min, knead 4 min, rest 0,75 h, divide into 12, round, rest 0,2 h, roll 23,5 cm, hot plate 1,25 min per side.`,
    pct: { 'flour tipo 0': 100, lard: 15, water: 46.7, salt: 2, 'bicarbonate of soda': 0.5 },
    kinds: 'mix knead rest divide ball rest roll cook',
    rests: [45, 12],
    cook: [75, 75],
  },
];
