import type { RecipeText } from './recipe-text.ts';

/** A seventy-third lot whose expectation was written before the reader saw it: as schools, families and pages write, two of each manner. */
export const SEVENTY_THIRD: readonly RecipeText[] = [
  {
    manner: 'a handout',
    text: `KULCHA WORKSHOP – your recipe to take home

You'll need (makes 6):
300 g plain flour, plus extra for rolling
1 tsp sugar
3/4 tsp salt
1/2 tsp bicarbonate of soda
120 g natural yoghurt
90 ml lukewarm milk
1 tbsp oil
To top: nigella seeds, fresh coriander, melted butter

1. Sieve the flour, sugar, salt and bicarb into a wide bowl.
2. Make a well, add the yoghurt, milk and oil, and bring together into a soft dough.
3. Knead for 6-8 minutes until it springs back when poked.
4. Oil the bowl, return the dough, cover with a damp tea towel and leave for 1½ hours.
5. Divide into 6 equal pieces (about 90 g) and shape into balls. Rest 10 minutes.
6. Press a pinch of nigella seeds and coriander into each ball and roll into an oval about 5 mm thick.
7. Lay on a hot tawa. When bubbles appear (about 1 minute) turn over and cook for another minute.
8. Brush with melted butter and eat warm.`,
    pct: { 'plain flour': 100, 'natural yoghurt': 40, 'lukewarm milk': 30.9 },
    kinds: 'mix knead rest divide ball rest roll cook finish',
    rests: [90, 10],
    cook: [60, 60],
    pieceG: 90,
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['sugar', 'salt', 'oil', 'nigella', 'coriander', 'butter'],
  },
  {
    manner: 'a handout',
    text: `Oatcakes from the griddle

For 8 big ones
Fine oatmeal 225 g
Strong wholemeal flour 100 g
Strong white flour 125 g
Salt 9 g
Fresh yeast 12 g
Warm milk 450 g
Warm water 450 g

Crumble the yeast into a little of the warm water and leave until it froths, 10 minutes.
Stir the oatmeal, flours and salt together. Pour in the yeast, milk and the rest of the water and whisk to a smooth thin batter.
Cover; leave somewhere warm for an hour.
Grease the griddle lightly. Ladle on about 160 g and let it run to 22 cm.
2 minutes on the first side, 1 1/2 on the second.
Keep warm in a cloth.`,
    // oatmeal is a flour, rolled oats are none: written with the two wheat flours as the flour
    pct: {
      'strong wholemeal flour': 22.2,
      'strong white flour': 27.8,
      salt: 2,
      'fresh yeast': 2.67,
      'warm milk': 100,
      'warm water': 100,
      'fine oatmeal': 50,
    },
    kinds: 'mix bloom mix proof divide shape cook finish',
    rests: [10, 60],
    cook: [120, 90],
    pieceG: 160,
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'a table',
    text: `Pita – production sheet
Ingredient        %        8 pieces
Bread flour       90       405 g
Wholemeal         10        45 g
Water             63       284 g
Salt              1.8        8 g
Instant yeast     0.8      3.6 g
Olive oil         3        13.5 g
Total             168.6    759 g

Process
Mix       4 min slow, 4 min fast
Bulk      75 min
Scale     95 g
Ball
Rest      15 min
Roll      16 cm
Rest      10 min
Bake      hot griddle, 45 s / 60 s`,
    pct: {
      'bread flour': 90,
      wholemeal: 10,
      water: 63,
      salt: 1.8,
      'instant yeast': 0.8,
      'olive oil': 3,
    },
    kinds: 'mix proof divide ball rest roll rest cook',
    rests: [75, 15, 10],
    cook: [45, 60],
    pieceG: 95,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a table',
    text: `Step | What | How long
1 | Mix flour 600 g, water 390 g, oil 30 g and salt 12 g | 3 min
2 | Knead | 7 min
3 | Rest, covered | 45 min
4 | Divide into 12 and ball | –
5 | Rest the balls | 15 min
6 | Roll to 20 cm | –
7 | Griddle, first side | 30 s
8 | Griddle, second side | 50 s`,
    pct: { flour: 100, water: 65, oil: 5, salt: 2 },
    kinds: 'mix knead rest divide ball rest roll cook',
    rests: [45, 15],
    cook: [30, 50],
  },
  {
    manner: 'percentages alone',
    text: `Laffa
Strong flour 100
Water 68
Salt 2
Sugar 1.5
Dry yeast 1
Oil 4
(all in % of the flour)

Knead 10 minutes by hand. First proof one hour. Pieces of 150 g, rounded. Second proof 20 minutes. Stretch as wide as the griddle allows, 30 cm. Cook 50 seconds, flip, 30 seconds.`,
    pct: { 'strong flour': 100, water: 68, salt: 2, sugar: 1.5, 'dry yeast': 1, oil: 4 },
    // written without "mix": what nobody tells of is added
    kinds: 'mix knead proof divide ball proof shape cook',
    rests: [60, 20],
    cook: [50, 30],
    pieceG: 150,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Wholemeal roti, by baker's percentages: chapati flour 100 %, water 70 %, ghee 3 %, salt 1 %. Mix, rest 10 min, knead 5 min, rest 30 min under a damp cloth. Scale 45 g, ball, roll 17 cm. Tawa 230 °C: 15 s, turn, 40 s, then puff on the flame 10 s.`,
    pct: { 'chapati flour': 100, water: 70, ghee: 3, salt: 1 },
    kinds: 'mix rest knead rest divide ball roll cook',
    rests: [10, 30],
    cook: [15, 40, 10],
    pieceG: 45,
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `My grandmother's flatbread could not be simpler: stir 400 g flour with a teaspoon of salt and 250 ml warm water, add a good glug of olive oil, knead for five minutes, and leave it under an upturned bowl for half an hour. Then pull it into eight, roll each piece out as thin as you dare and cook on a smoking hot pan, about a minute on the first side and half that on the second.`,
    pct: { flour: 100, 'warm water': 62.5 },
    kinds: 'mix knead rest divide roll cook',
    rests: [30],
    cook: [60, 30],
    others: ['salt', 'olive oil'],
  },
  {
    manner: 'one paragraph',
    text: `Put 500 g of bread flour into a bowl with 10 g of salt on one side and 7 g of yeast on the other, pour in 320 g of water and 25 g of olive oil, and bring it together with your hand like a claw. Knead it for ten minutes on the bench, put it back in the bowl, cover it and let it double, which takes about an hour and a quarter. Knock it back, cut it into six, round each piece, let them relax for a quarter of an hour, roll them out to 22 cm and griddle them for two minutes on each side.`,
    pct: { 'bread flour': 100, salt: 2, yeast: 1.4, water: 64, 'olive oil': 5 },
    kinds: 'mix knead proof knead divide ball rest roll cook',
    rests: [75, 15],
    cook: [120, 120],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a web page',
    text: `<!DOCTYPE html><html><head><title>Garlic Naan - Sunny Spoon Kitchen</title><script>var ads=1;</script></head><body><nav>Home About Recipes</nav><article><h1>Garlic Naan</h1><p>I have been making this for years and my kids love it! Jump to recipe.</p><div class="recipe"><h2>Garlic Naan</h2><p>Prep time 15 minutes. Resting time 1 hour. Cook time 20 minutes.</p><h3>Ingredients</h3><ul><li>2&frac14; tsp instant yeast</li><li>1 tsp sugar</li><li>3/4 cup (180ml) warm water</li><li>1/4 cup (60g) plain yogurt</li><li>3 cups (375g) all-purpose flour</li><li>1&frac12; tsp (8g) salt</li><li>3 tbsp (45g) butter, melted</li><li>3 cloves garlic, minced</li></ul><h3>Instructions</h3><ol><li>In a large bowl, whisk yeast, sugar and water. Let sit for 5 minutes until foamy.</li><li>Stir in the yogurt, flour and salt until a shaggy dough forms, then knead for 8 minutes.</li><li>Place in an oiled bowl, cover and let rise for 1 hour.</li><li>Divide into 8 pieces and roll into ovals.</li><li>Heat a cast iron skillet over medium-high heat. Cook 1 naan at a time for 2 minutes, until bubbly, then flip and cook 1 minute more.</li><li>Mix the butter and garlic and brush over the hot naan.</li></ol></div><footer>&copy; Sunny Spoon Kitchen. All rights reserved.</footer></article></body></html>`,
    pct: { 'all-purpose flour': 100, 'warm water': 48, 'plain yogurt': 16, salt: 2.1 },
    // written without "prepare": the garlic is stirred into the butter
    kinds: 'mix bloom mix knead proof divide roll cook prepare finish',
    rests: [5, 60],
    cook: [120, 60],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['yeast', 'sugar', 'butter', 'garlic'],
  },
  {
    manner: 'a web page',
    text: `<section><h2>Piadina</h2><p><b>For 5 people</b></p><table><tr><th>Ingredient</th><th>Quantity</th></tr><tr><td>Type 0 flour</td><td>500 g</td></tr><tr><td>Lard</td><td>80 g</td></tr><tr><td>Salt</td><td>10 g</td></tr><tr><td>Bicarbonate</td><td>3 g</td></tr><tr><td>Water</td><td>230 g</td></tr></table><p>Work the lard into the flour with the salt and bicarbonate, add the water a little at a time and knead for 10 minutes.</p><p>Wrap and let rest for 30 minutes. Form 5 balls and let them rest another 30 minutes.</p><p>Roll out to 24&nbsp;cm, 2&ndash;3&nbsp;mm thick, and cook on the hot griddle 2 minutes per side, pricking the bubbles with a fork.</p></section>`,
    // written as "Type 0", and "divide ball" for balls that are formed
    pct: { 'type 0 flour': 100, lard: 16, salt: 2, bicarbonate: 0.6, water: 46 },
    kinds: 'mix mix knead rest ball rest roll cook',
    rests: [30, 30],
    cook: [120, 120],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'structured data',
    text: `<script type="application/ld+json">{"@context":"https://schema.org","@type":"Recipe","name":"Potato Farls","author":{"@type":"Person","name":"N. Example"},"recipeYield":["8","8 farls"],"totalTime":"PT45M","recipeIngredient":["500 g floury potatoes, peeled","100 g plain flour","25 g butter","1 tsp salt"],"recipeInstructions":[{"@type":"HowToSection","name":"Potatoes","itemListElement":[{"@type":"HowToStep","text":"Boil the potatoes for 20 minutes, drain and mash with the butter and salt."}]},{"@type":"HowToSection","name":"Farls","itemListElement":[{"@type":"HowToStep","text":"Work in the flour to make a soft dough."},{"@type":"HowToStep","text":"Halve the dough, roll each half into a round 1 cm thick and cut into quarters."},{"@type":"HowToStep","text":"Cook on a dry griddle for 4 minutes on each side until golden."}]}]}</script>`,
    // salt was left out: the spoon is for the potatoes too
    pct: { 'plain flour': 100, 'floury potatoes': 500, butter: 25, salt: 6 },
    kinds: 'prepare mix divide roll divide cook',
    rests: [],
    cook: [240, 240],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['salt'],
  },
  {
    manner: 'structured data',
    text: `{"@context":"http://schema.org","@graph":[{"@type":"WebPage","name":"x"},{"@type":"Recipe","name":"Msemen","recipeYield":"10 servings","prepTime":"PT1H","recipeIngredient":["350 g fine semolina","150 g all-purpose flour","1 tsp salt","5 g dry yeast","320 ml warm water","100 ml vegetable oil","50 g butter, soft"],"recipeInstructions":["Mix semolina, flour, salt and yeast, add the water and knead for 15 minutes.","Divide into 10 balls and let rest for 20 minutes.","Mix the oil and the butter.","Flatten a ball with oiled hands until paper thin, fold it into a square and leave for 10 minutes.","Flatten again to 15 cm and cook on a hot griddle for 2 minutes on each side."]}]}`,
    pct: { 'fine semolina': 70, 'all-purpose flour': 30, 'dry yeast': 1, 'warm water': 64 },
    // written as "shape fold": what is folded once flat is one shaping
    kinds: 'mix knead divide ball rest prepare shape rest shape cook',
    rests: [20, 10],
    cook: [120, 120],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['salt', 'oil', 'butter'],
  },
  {
    manner: 'a scan',
    text: `                    FLAT BREADS

INDIAN BREAD (CHAPPATIS)

1/2 lb. wholemeal flour        1/4 pt. water (about)
1/2 tsp. salt                  1 oz. ghee or butter

Sift the flour and salt into a basin. Rub in the fat
and mix with the water to a fairly stiff dough. Knead
for 10 minutes, cover with a damp cloth and leave for
half an hour. Knead again lightly, divide into 8 and
roll each piece on a floured board into a thin round
about 6 in. across. Heat a heavy frying pan, do not
grease it, and cook each chappati for 1 min. on one
side and 1 min. on the other.`,
    pct: { 'wholemeal flour': 100, water: 62.6, 'ghee or butter': 12.5 },
    kinds: 'mix mix mix knead rest knead divide roll cook',
    rests: [30],
    cook: [60, 60],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['salt'],
  },
  {
    manner: 'a scan',
    text: `Sheet 4    Soft f1our tortillas      Yield: l6

Plain flour ......... 48Og
Baking powder ........ 1Og
Salt .................. 8g
Shortening ........... 9Og
Hot water ........... 28Og

Combine dry ingredients. Cut in the shorten-
ing. Add water, mix, knead 4 min. Rest l5 min.
Make l6 balls; rest 2O min, covered. Roll to
2O cm. Griddle 4O sec, turn, 3O sec.`,
    pct: { 'plain flour': 100, 'baking powder': 2.1, salt: 1.7, shortening: 18.75, 'hot water': 58.3 },
    // written as "divide ball": balls that are made are divided
    kinds: 'mix mix mix knead rest ball rest roll cook',
    rests: [15, 20],
    cook: [40, 30],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `Take two pounds of strong flour, a pint of warm water, an ounce of fresh yeast and half an ounce of salt. Rub the yeast into the flour, add the salt and the water, and knead for a quarter of an hour. Let it rise for an hour and a half. Divide into a dozen, mould round, wait ten minutes, pin out to eight inches and bake on the hotplate for two minutes a side.`,
    pct: { 'strong flour': 100, 'warm water': 62.6, 'fresh yeast': 3.1, salt: 1.6 },
    kinds: 'mix mix knead proof divide ball rest roll cook',
    rests: [90, 10],
    cook: [120, 120],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `Flour: six hundred grams. Yoghurt: two hundred grams. Water: one hundred and eighty grams. Salt: twelve grams. Baking powder: ten grams. Mix everything and knead three or four minutes. Rest twenty-five minutes. Twelve pieces, rolled to sixteen centimetres. One and a half minutes on the first side, one on the second.`,
    pct: { flour: 100, yoghurt: 33.3, water: 30, salt: 2, 'baking powder': 1.7 },
    kinds: 'mix knead rest divide roll cook',
    rests: [25],
    cook: [90, 60],
  },
  {
    manner: 'parts by vessel',
    text: `Mug bread for the griddle
2 mugs self-raising flour
1 mug natural yoghurt
pinch of salt
Mix, knead 2 minutes, rest 10 minutes, cut into 6, roll out and cook 2 minutes on each side.`,
    pct: { 'plain flour': 100 },
    kinds: 'mix knead rest divide roll cook',
    rests: [10],
    cook: [120, 120],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['yoghurt', 'salt', 'baking powder'],
  },
  {
    manner: 'parts by vessel',
    text: `1 bowl of masa harina and 1 bowl of warm water, more or less; salt. Work it with your hands for 3 minutes. Leave it under a cloth for 15 minutes. Pinch off balls the size of a golf ball. Press each one flat between two sheets of plastic, 14 cm. Onto the comal: 20 seconds, turn, 60 seconds, turn again, 20 seconds.`,
    pct: { 'masa harina': 100 },
    // written as "mix" and "divide ball": worked for three minutes it is kneaded, balls that are pinched off are divided
    kinds: 'mix knead rest ball shape cook',
    rests: [15],
    cook: [20, 60, 20],
    allergens: [],
    others: ['water', 'salt'],
  },
  {
    manner: 'decimal commas',
    text: `Fladenbrot vom Blech – Kursunterlage (für 10 Stück), English version
Flour type 550 – 0,75 kg
Water – 0,48 l
Fresh yeast – 7,5 g
Salt – 15 g
Olive oil – 22,5 g

Kneading: 4 min slow + 6 min fast
Bulk proof: 1,5 h
Pieces: 10, rounded
Bench rest: 15 min
Rolling: 18 cm, 0,8 cm thick
Griddle: 2,5 min on each side`,
    pct: { 'flour type 550': 100, water: 64, 'fresh yeast': 1, salt: 2, 'olive oil': 3 },
    // written without "mix" and with "divide" before the rounding
    kinds: 'mix knead proof ball rest roll cook',
    rests: [90, 15],
    cook: [150, 150],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'decimal commas',
    text: `Pour 8 galettes: 250,0 g buckwheat flour; 0,5 l water; 1 egg; 5,0 g salt. Whisk for 3,0 minutes. Rest 1,0 h. Ladle 95 g; spread to 28 cm; cook 1,5 minutes, turn, 0,5 minutes.`,
    pct: { 'buckwheat flour': 100, water: 200, salt: 2 },
    kinds: 'mix rest divide shape cook',
    rests: [60],
    cook: [90, 30],
    pieceG: 95,
    allergens: ['egg'],
    others: ['egg'],
  },
];
