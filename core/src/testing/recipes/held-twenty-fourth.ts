import type { RecipeText } from './recipe-text.ts';

/** A twenty-fourth lot whose expectation was written before the reader saw it: two texts of each common manner. */
export const TWENTY_FOURTH: readonly RecipeText[] = [
  {
    manner: 'a handout',
    text: `Harbourside Bakes · Weekend course
RECIPE CARD 3 — Khobz (6 loaves, 16 cm)

Dough
strong white flour .......... 400 g
fine semolina ............... 200 g
lukewarm water .............. 390 g
salt ........................ 12 g
dried yeast ................. 6 g
olive oil ................... 18 g

What to do
• Combine the flour, semolina, salt and yeast. Pour in the water and oil.
• Knead by hand for 10-12 minutes.
• Divide the dough straight away into six (around 170 g), shape into balls.
• Flatten each ball to 16 cm and lay on a floured cloth.
• Prove, covered, for 60-75 minutes.
• Cook on a moderately hot griddle for about 5 minutes on each side.

Tip: tap the base - it should sound hollow.`,
    pct: {
      'strong white flour': 66.7,
      'fine semolina': 33.3,
      'lukewarm water': 65,
      salt: 2,
      'dried yeast': 1,
      'olive oil': 3,
    },
    kinds: 'mix knead divide ball shape proof cook',
    rests: [67.5],
    cook: [300, 300],
    pieceG: 170,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a handout',
    text: `Worksheet – flour tortillas (makes 12)

Ingredients per table: 360 g plain flour / 6 g salt / 4 g baking powder / 54 g lard / 200 g hot water

Stage 1. Rub the lard into the flour, salt and baking powder. (5 min)
Stage 2. Stir in the water; knead 3 min until smooth.
Stage 3. Rest under an upturned bowl, 20 min.
Stage 4. Portion: 12 x 50 g. Round them. Rest 15 min.
Stage 5. Roll to 18 cm, as thin as possible.
Stage 6. Hot dry griddle, 40 s, flip, 30 s. Keep wrapped in a towel.`,
    pct: { 'plain flour': 100, salt: 1.7, 'baking powder': 1.1, lard: 15, 'hot water': 55.6 },
    kinds: 'mix mix knead rest divide ball rest roll cook finish',
    rests: [20, 15],
    cook: [40, 30],
    pieceG: 50,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a table',
    text: `INGREDIENT	GRAMS	PERCENT
Flour, bread	800	80
Flour, whole wheat	200	20
Water	670	67
Salt	20	2
Yeast, instant	6	0.6

STEP	TIME
Mix	5 min
Autolyse rest	20 min
Knead	6 min
Bulk	70 min
Divide 120 g, round	10 min
Rest	20 min
Roll 22 cm	-
Griddle	60 s + 45 s`,
    pct: { 'bread flour': 80, 'whole wheat flour': 20, water: 67, salt: 2, 'instant yeast': 0.6 },
    kinds: 'mix rest knead proof divide ball rest roll cook',
    rests: [20, 70, 20],
    cook: [60, 45],
    pieceG: 120,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a table',
    text: `Naan for the tawa

| What | How much | Notes |
|------|----------|-------|
| Maida | 500 g | or plain flour |
| Curd | 150 g | full fat |
| Milk | 150 g | warm |
| Sugar | 10 g | |
| Salt | 9 g | |
| Baking soda | 2 g | |
| Oil | 25 g | any |

Method: Mix all into a soft dough and knead for 5 minutes. Rest it for 2 hours, covered with a wet cloth. Divide into 10 pieces and round them; rest 10 minutes. Roll into ovals of 20 cm. Wet one side, stick it on a hot tawa, cook 1 minute, then turn the tawa over the flame for 30 seconds. Butter the top.`,
    pct: { maida: 100, curd: 30, milk: 30, sugar: 2, salt: 1.8, 'baking soda': 0.4, oil: 5 },
    kinds: 'mix knead rest divide ball rest roll cook finish',
    rests: [120, 10],
    cook: [60, 30],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Sourdough flatbread (baker's percentages)
White flour 70 %
Rye flour 30 %
Water 72 %
Starter (100 % hydration) 25 %
Salt 2.1 %

Mix everything but the salt, 3 minutes. Autolyse 40 minutes. Add salt and mix 3 minutes. Bulk 4 hours at 25 °C. Divide at 110 g. Preshape. Rest 30 minutes. Stretch to 20 cm. Griddle 2 minutes, turn, 90 seconds.`,
    pct: { 'white flour': 70, 'rye flour': 30, water: 72, starter: 25, salt: 2.1 },
    kinds: 'mix rest mix proof divide ball rest shape cook',
    rests: [40, 240, 30],
    cook: [120, 90],
    pieceG: 110,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `bolani dough: flour 100, water 58, oil 3, salt 1.5. filling: potato 60, leek 20, coriander 2, salt 1 (on flour). mix 4, knead 8, rest 40. 90 g pieces, ball, rest 10. roll 24 cm, spread filling over half, fold over. griddle with a little oil 3 min per side`,
    pct: { flour: 100, water: 58, oil: 3, salt: 1.5 },
    kinds: 'mix knead rest divide ball rest roll fill shape cook',
    rests: [40, 10],
    cook: [180, 180],
    pieceG: 90,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `This is the farinata-style flatbread we do with the children: 200 g of chickpea flour whisked with 400 g of water, 5 g of salt and 30 g of olive oil, left to stand for two hours and skimmed. Then pour a ladle of batter (about 100 g) onto an oiled hot plate, cook it for four minutes until the edges lift, turn and give it three minutes more. Grind over some pepper and eat hot.`,
    pct: { 'chickpea flour': 100, water: 200, salt: 2.5, 'olive oil': 15 },
    kinds: 'mix rest divide shape cook',
    rests: [120],
    cook: [240, 180],
    pieceG: 100,
    allergens: [],
  },
  {
    manner: 'one paragraph',
    text: `To make about 10 parathas, rub 30g ghee into 400g atta with a teaspoon of salt, add 250ml water gradually and knead for eight minutes to a soft dough, then cover and rest for half an hour. Divide into ten, roll each into a ball, flatten and roll out to 15cm; smear with ghee, fold in half and half again to make a triangle, and roll again to about 18cm. Cook on a medium-hot tava for a minute on each side, then brush with more ghee and cook for another 30 seconds per side until golden.`,
    pct: { atta: 100, ghee: 7.5, water: 62.5 },
    kinds: 'mix mix knead rest divide ball roll fill shape roll cook',
    rests: [30],
    cook: [60, 60, 30, 30],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'a web page',
    text: `<main><h1>Fluffy Pita in a Skillet</h1><ul class="meta"><li>Prep 20 min</li><li>Inactive 1 hr 15 min</li><li>Cook 15 min</li><li>Makes 8</li></ul><section><h2>What you'll need</h2><ul><li><b>3 cups</b> (390 g) all-purpose flour</li><li><b>2 tsp</b> (6 g) instant yeast</li><li><b>1&frac12; tsp</b> (9 g) salt</li><li><b>1 tbsp</b> (13 g) sugar</li><li><b>1 cup + 1 tbsp</b> (252 g) warm water, about 105&deg;F</li><li><b>2 tbsp</b> (27 g) olive oil</li></ul></section><section><h2>How to make it</h2><ol><li><strong>Make the dough.</strong> Stir everything together in a large bowl, then knead for 6 to 8 minutes until smooth.</li><li><strong>Let it rise.</strong> Cover and let rise in a warm spot until doubled, about 1 hour.</li><li><strong>Shape.</strong> Divide into 8 pieces, roll into balls, cover, and rest 15 minutes. Roll each into a 7-inch circle.</li><li><strong>Cook.</strong> Heat a cast-iron skillet over medium-high. Cook 30 seconds, flip, cook 1 to 2 minutes until puffed, flip again and cook 1 minute more.</li></ol></section><aside><h3>You may also like</h3><p>Our 5 best dips</p></aside></main>`,
    pct: {
      'all-purpose flour': 100,
      'instant yeast': 1.5,
      salt: 2.3,
      sugar: 3.3,
      'warm water': 64.6,
      'olive oil': 6.9,
    },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [60, 15],
    cook: [30, 90, 60],
    pieceG: 84.6,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a web page',
    text: `<p>Posted by Orla on 3 March</p><h2>Potato farls</h2><p>My nan made these every Saturday.</p><p><strong>Ingredients:</strong><br>500g mashed potato, cooled<br>120g plain flour<br>30g butter, melted<br>1 tsp salt</p><p><strong>Method:</strong><br>1. Mix the potato with the butter and salt.<br>2. Work in the flour to make a soft dough.<br>3. Divide in two, roll each half out to a 22cm round, 1cm thick, and cut into quarters.<br>4. Cook on a dry, floured griddle on a medium heat for 4-5 minutes a side.</p><p>Lovely with bacon and eggs.</p>`,
    pct: { 'plain flour': 100, 'mashed potato': 416.7, butter: 25, salt: 5.1 },
    kinds: 'mix divide roll divide cook',
    rests: [],
    cook: [270, 270],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'structured data',
    text: `{"@context":"https://schema.org/","@type":"Recipe","name":"Spinach G&#246;zleme","recipeYield":"6 servings","totalTime":"PT1H20M","recipeIngredient":["300 g plain flour","180 ml water","1 tbsp olive oil","1/2 tsp salt","200 g spinach, chopped","150 g feta, crumbled","oil for the pan"],"recipeInstructions":[{"@type":"HowToSection","name":"Dough","itemListElement":[{"@type":"HowToStep","text":"Combine flour, salt, oil and water, and knead for 5 minutes."},{"@type":"HowToStep","text":"Wrap and rest for 30 minutes."}]},{"@type":"HowToSection","name":"Filling","itemListElement":{"@type":"HowToStep","text":"Mix the spinach with the feta."}},{"@type":"HowToSection","name":"Assemble","itemListElement":[{"@type":"HowToStep","text":"Divide the dough into 6 and roll each piece into a 25 cm circle."},{"@type":"HowToStep","text":"Spread the filling over half, fold over and seal the edges."},{"@type":"HowToStep","text":"Cook in an oiled pan over medium heat for 3 minutes per side."}]}]}`,
    pct: { 'plain flour': 100, water: 60, 'olive oil': 4.2, salt: 1 },
    // folding over is shaping: written as part of the filling
    kinds: 'mix knead rest prepare divide roll fill shape cook',
    rests: [30],
    cook: [180, 180],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['spinach', 'feta'],
  },
  {
    manner: 'structured data',
    text: `[{"@type":"BreadcrumbList"},{"@type":["Recipe","NewsArticle"],"name":"No-Yeast Flatbread","recipeYield":"Makes 4","recipeIngredient":["1 ½ cups (190g) all purpose flour","1 ½ teaspoons baking powder","½ teaspoon salt","2 tablespoons olive oil","½ cup (120ml) milk"],"recipeInstructions":[{"@type":"HowToStep","name":"Mix","text":"In a bowl, whisk together the flour, baking powder and salt. Make a well, pour in the oil and milk and stir until it comes together."},{"@type":"HowToStep","name":"Knead","text":"Turn out and knead 2-3 minutes. Let sit 10 minutes."},{"@type":"HowToStep","name":"Roll","text":"Cut into 4 pieces and roll each ¼ inch thick."},{"@type":"HowToStep","name":"Cook","text":"Cook in a preheated skillet, 2 minutes on the first side and 1 minute on the second."}]}]`,
    pct: { 'all purpose flour': 100, milk: 65 },
    kinds: 'mix knead rest divide roll cook',
    rests: [10],
    cook: [120, 60],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'a scan',
    text: `Page 12                                    The Hearth Book

SCOTCH BAPS FOR THE GIRDLE

Take 1 lb. plain flour, 1 oz. fresh yeast, 1 tea-
spoonful sugar, 2 teaspoonfuls salt, 2 oz. lard
and ½ pint milk and water, lukewarm. Rub the
lard into the flour and salt. Cream the yeast with
the sugar, add the milk and water, and mix all to
a soft dough. Set to rise in a warm place for 1
hour. Knead lightly, divide into 8 pieces and roll
into rounds ½ inch thick. Prove 15 minutes. Bake
on a floured girdle, 6 minutes to each side.`,
    pct: { 'plain flour': 100, 'fresh yeast': 6.25, lard: 12.5 },
    kinds: 'mix mix proof knead divide roll proof cook',
    rests: [60, 15],
    cook: [360, 360],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'a scan',
    text: `PARATHA DOUGH  (10 pcs.)
Atta .......... 500 gm
Salt .......... 8 gm
Oil ........... 20 gm
Water ......... 310 ml.
Knead the atta, salt, oil and water to a smooth
dough, about 8 mins. Cover with a damp cloth
and rest 30 mins. Divide into 10 pieces of 80
gm. Make balls. Roll each to 12 cm., smear ghee,
fold in half twice, roll again to 18 cm. Roast on
hot tawa 1 min. on each side, applying ghee.`,
    pct: { atta: 100, salt: 1.6, oil: 4, water: 62 },
    kinds: 'mix knead rest divide ball roll fill shape roll cook',
    rests: [30],
    cook: [60, 60],
    pieceG: 80,
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `Six hundred grams of bread flour, three hundred and seventy-five of water, twelve of salt, seven of instant yeast, and a spoonful of honey. Mix, then knead for a good ten minutes. Let it rise an hour and a half. Cut it in nine. Ball them up and let them have twenty minutes. Roll them as wide as a side plate, eighteen centimetres. One minute on the first side, three quarters of a minute on the second.`,
    pct: { 'bread flour': 100, water: 62.5, salt: 2, 'instant yeast': 1.2 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [90, 20],
    cook: [60, 45],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `For a dozen tortillas: two cups of masa harina, a cup and a half of hot water and half a teaspoon of salt. Stir together and knead two minutes. Let the dough rest a quarter of an hour. Pinch off twelve balls. Press each one to fifteen centimetres between sheets of plastic. Cook on a hot comal, thirty seconds, then flip for a minute, and flip once more for half a minute.`,
    pct: { 'masa harina': 100 },
    kinds: 'mix knead rest ball shape cook',
    rests: [15],
    cook: [30, 60, 30],
    allergens: [],
  },
  {
    manner: 'parts by vessel',
    text: `Camp flatbread: 4 tin mugs flour, 1 1/2 tin mugs water, 1 big pinch salt per mug, 2 spoons oil. Mix with your hand, knead till it stops sticking (5 min). Leave under a pot, 20 min. Tear off 8 lumps, pat flat, bake on the hot stone 2 min each side.`,
    pct: { flour: 100 },
    kinds: 'mix knead rest divide shape cook',
    rests: [20],
    cook: [120, 120],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'parts by vessel',
    text: `Ratio by volume (any cup): 3 flour : 1 yogurt : 1/2 water. Plus 1 tsp salt and 2 tsp baking powder for every 3 cups of flour. Mix, knead 2 minutes, rest 15 minutes, divide into 8, roll out, cook on a hot griddle about 90 seconds each side.`,
    pct: { flour: 100 },
    kinds: 'mix knead rest divide roll cook',
    rests: [15],
    cook: [90, 90],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'decimal commas',
    text: `Markook (10 Stück)
Weizenmehl/wheat flour: 1,0 kg
Wasser/water: 0,62 l
Salz/salt: 18,5 g
Trockenhefe/dry yeast: 3,5 g
Mix 8,0 min; bulk 1,25 h; 10 pieces @ 164 g; round; rest 25 min; stretch over a cushion to 45 cm; domed griddle 1,0 min one side only.`,
    pct: { 'wheat flour': 100, water: 62, salt: 1.85, 'dry yeast': 0.35 },
    kinds: 'mix proof divide ball rest shape cook',
    rests: [75, 25],
    cook: [60],
    pieceG: 164,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'decimal commas',
    text: `Lefse: 1,2 kg potatoes boiled and riced; 0,06 kg butter; 0,5 dl cream; 12,5 g salt; 3,5 dl flour (about 0,21 kg), more for rolling. Mix warm potatoes, butter, cream and salt. Chill 8 h. Work in the flour. Divide into 16, ball. Roll to 30 cm, 1,5 mm. Bake on a 230 °C griddle 1,25 min per side.`,
    pct: { flour: 100, butter: 28.6, salt: 6 },
    kinds: 'mix chill mix divide ball roll cook',
    rests: [480],
    cook: [75, 75],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['potatoes'],
  },
];
