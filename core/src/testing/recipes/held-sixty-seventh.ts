import type { RecipeText } from './recipe-text.ts';

/** A sixty-seventh lot whose expectation was written before the reader saw it: course sheets, blogs and family books, two texts of each common manner. */
export const SIXTY_SEVENTH: readonly RecipeText[] = [
  {
    manner: 'a handout',
    text: `THE OPEN GRIDDLE – a morning of flatbreads
Recipe 3: Spelt and honey rounds (makes 10)

• 450 g wholegrain spelt flour
• 150 g strong white flour
• 9 g fine sea salt
• 6 g fast-action yeast
• 20 g runny honey
• 380 g tepid water
• 25 g sunflower oil, plus extra for the bowl

1 Weigh the flours, salt and yeast into a bowl. Stir the honey into the water and pour it in with the oil.
2 Bring together with a scraper, then knead for 7 minutes. Spelt is gentle: stop when it is smooth.
3 Put the dough into an oiled bowl, cover, and leave it in a warm spot for 70 minutes.
4 Tip out, divide into 10 and round up. Bench rest 15 minutes, covered.
5 Roll to 15 cm across and 6 mm thick.
6 Cook on a moderately hot griddle for 2 minutes on the first side and 1½ minutes on the second.
7 Wrap in a cloth straight away.`,
    pct: {
      'wholegrain spelt flour': 75,
      'strong white flour': 25,
      'fine sea salt': 1.5,
      'fast-action yeast': 1,
      'runny honey': 3.3,
      'tepid water': 63.3,
      'sunflower oil': 4.2,
    },
    kinds: 'mix knead proof divide ball rest roll cook finish',
    rests: [70, 15],
    cook: [120, 90],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a handout',
    text: `Arepas
Serves 6–8 (makes 8)
Naturally gluten free!

300 g pre-cooked white cornmeal
450 ml warm water
1 tsp salt
1 tbsp oil

Stir the salt into the water, then add the cornmeal a little at a time, mixing with your hand so that no lumps form.
Let the dough rest for 10 minutes so the meal can soak up the water.
Knead for 1 minute. Divide into 8, roll into balls and flatten to 1.5 cm thick (about 9 cm across).
Brush the griddle with oil. Cook for 6 minutes per side until a golden crust forms.
Split and fill with anything you like.`,
    pct: { 'pre-cooked white cornmeal': 100, 'warm water': 150 },
    kinds: 'mix rest knead divide ball shape cook',
    rests: [10],
    cook: [360, 360],
    allergens: [],
    others: ['salt', 'oil'],
  },
  {
    manner: 'a table',
    text: `                     g      %
Strong flour        700   100
Water               455    65
Salt                 14     2
Fresh yeast          14     2
Olive oil            28     4

Mix 5 min, knead 5 min, proof 60 min, divide 12 x 100 g, ball, rest 15 min, roll 18 cm, griddle 60 s + 60 s`,
    pct: { 'strong flour': 100, water: 65, salt: 2, 'fresh yeast': 2, 'olive oil': 4 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [60, 15],
    cook: [60, 60],
    pieceG: 100,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a table',
    text: `| Time | What we do | How long |
|------|------------|----------|
| 14:00 | Mix 800 g atta, 520 g water, 12 g salt, 20 g oil | 5 min |
| 14:05 | Knead | 8 min |
| 14:15 | Rest, covered | 30 min |
| 14:45 | Divide into 20, shape into balls | 10 min |
| 14:55 | Rest | 10 min |
| 15:05 | Roll to 16 cm | |
| 15:10 | Cook on the tawa, 45 s each side | |`,
    pct: { atta: 100, water: 65, salt: 1.5, oil: 2.5 },
    kinds: 'mix knead rest divide ball rest roll cook',
    rests: [30, 10],
    cook: [45, 45],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Naan (in %)
Flour T65: 100
Yoghurt: 25
Milk: 38
Oil: 5
Sugar: 2
Salt: 1.8
Instant yeast: 1

Mix 4 min slow, 4 min fast. Proof 60 min at 27 °C. Scale 110 g. Round. Rest 20 min. Stretch to teardrop, 22 cm. Griddle 250 °C, 90 s, turn, 60 s. Brush with butter.`,
    pct: { 'flour T65': 100, yoghurt: 25, milk: 38, oil: 5, sugar: 2, salt: 1.8, 'instant yeast': 1 },
    kinds: 'mix proof divide ball rest shape cook finish',
    rests: [60, 20],
    cook: [90, 60],
    pieceG: 110,
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `My everyday flatbread has 80% white flour and 20% wholemeal, 66% water, 2% salt, 1.5% olive oil and 0.7% dried yeast. I mix it by hand, leave it 20 minutes, knead it for 5 minutes and let it rise for an hour and a half. Then I weigh off 95 g pieces, round them, give them a quarter of an hour, and roll them to 17 cm. They get a minute on each side on a very hot griddle.`,
    pct: { 'white flour': 80, wholemeal: 20, water: 66, salt: 2, 'olive oil': 1.5, 'dried yeast': 0.7 },
    kinds: 'mix rest knead proof divide ball rest roll cook',
    rests: [20, 90, 15],
    cook: [60, 60],
    pieceG: 95,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `Mix 500 g plain flour with a teaspoon of salt, two tablespoons of oil and 280 ml of warm water. Knead until smooth, about eight minutes, then cover and rest for 20 minutes. Cut into twelve pieces and roll each one into a thin disc about 18 cm wide. Heat a dry frying pan until it is very hot and cook each flatbread for a minute, turn it and cook for thirty seconds more. Stack them under a clean cloth while you cook the rest.`,
    pct: { 'plain flour': 100, 'warm water': 56 },
    kinds: 'mix knead rest divide roll cook finish',
    rests: [20],
    cook: [60, 30],
    allergens: ['gluten', 'wheat'],
    others: ['salt', 'oil'],
  },
  {
    manner: 'one paragraph',
    text: `To make injera-style pancakes in a weekday evening, whisk 150 g teff flour, 150 g plain flour, 1 teaspoon baking powder and half a teaspoon of salt with 500 ml of sparkling water and the juice of half a lemon. Leave for 15 minutes. Pour a ladleful into a hot non-stick pan in a spiral, about 22 cm, cover, and cook for two minutes without turning.`,
    pct: { 'teff flour': 50, 'plain flour': 50, 'sparkling water': 166.7 },
    kinds: 'mix rest divide shape cook',
    rests: [15],
    cook: [120],
    allergens: ['gluten', 'wheat'],
    others: ['baking powder', 'salt', 'lemon'],
  },
  {
    manner: 'a web page',
    text: `<html><head><script>window.dataLayer=[];gtag('js',new Date());</script><style>.x{color:red}</style></head><body><h1 class="entry-title">Sweet potato flatbreads</h1><p>Soft, orange and freezer friendly. Jump to recipe!</p><div class="recipe-card"><h2>Sweet Potato Flatbreads</h2><p>Yield: 8 flatbreads</p><h3>Ingredients</h3><ul><li><input type="checkbox">1 large sweet potato (about 300 g), cooked and mashed</li><li><input type="checkbox">250 g plain flour</li><li><input type="checkbox">1 tsp baking powder</li><li><input type="checkbox">3/4 tsp salt</li><li><input type="checkbox">oil, for frying</li></ul><h3>Instructions</h3><ol><li>Mash the sweet potato and let it cool.</li><li>Mix in the flour, baking powder and salt and knead briefly into a soft dough, about 2 minutes.</li><li>Divide into 8 balls and roll out on a floured surface to 16 cm.</li><li>Fry in a lightly oiled pan over medium heat for 2-3 minutes per side.</li></ol><p>Notes: These keep for 2 days in the fridge.</p></div><div class="newsletter">Subscribe for 3 free recipes a week</div></body></html>`,
    pct: { 'plain flour': 100, 'large sweet potato': 120 },
    kinds: 'prepare mix knead divide ball roll cook',
    rests: [],
    cook: [150, 150],
    allergens: ['gluten', 'wheat'],
    others: ['baking powder', 'salt', 'oil'],
  },
  {
    manner: 'a web page',
    text: `<div><h1>Turkish bazlama</h1><p>Total time: 2 hours 15 minutes</p><h2>For the dough</h2><ul><li>500g strong bread flour</li><li>7g instant yeast</li><li>8g salt</li><li>10g sugar</li><li>100g yogurt</li><li>250ml warm milk</li><li>30ml olive oil</li></ul><h2>Method</h2><ol><li>Mix all the ingredients together and knead for 10 minutes by hand or 6 minutes in a mixer.</li><li>Cover and leave to rise until doubled, 1-1.5 hours.</li><li>Divide into 5 pieces, shape into balls and leave to rest for 10 minutes.</li><li>Flatten each to a disc 1cm thick and 18cm across. Cover and leave for 20 minutes.</li><li>Cook in a dry pan over medium-low heat for 4 minutes on each side, until golden and puffed.</li><li>Brush with melted butter.</li></ol></div>`,
    pct: {
      'strong bread flour': 100,
      'instant yeast': 1.4,
      salt: 1.6,
      sugar: 2,
      yogurt: 20,
      'warm milk': 51.5,
      'olive oil': 5.5,
    },
    kinds: 'mix knead proof divide ball rest shape rest cook finish',
    rests: [75, 10, 20],
    cook: [240, 240],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'structured data',
    text: `{"@context":"https://schema.org","@type":"Recipe","name":"Grilled flatbread with rosemary","description":"A thin flatbread for the barbecue.","keywords":"bread, grill","prepTime":"PT25M","cookTime":"PT10M","performTime":"PT1H","recipeYield":"8 servings","recipeIngredient":["4 cups (480 g) bread flour","1 1/2 teaspoons salt","2 teaspoons instant yeast","1 1/3 cups (310 g) water","3 tablespoons olive oil","1 tablespoon chopped rosemary"],"recipeInstructions":"1. Combine flour, salt, yeast, water, oil and rosemary. 2. Knead for 8 minutes. 3. Cover and let rise for 1 hour. 4. Divide into 8 pieces and shape into balls. 5. Let rest 15 minutes. 6. Roll or stretch to 8 inches. 7. Grill over high heat for 1 to 2 minutes per side.","nutrition":{"@type":"NutritionInformation","calories":"260 kcal"}}`,
    pct: { 'bread flour': 100, water: 64.6 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [60, 15],
    cook: [90, 90],
    allergens: ['gluten', 'wheat'],
    others: ['salt', 'instant yeast', 'olive oil', 'rosemary'],
  },
  {
    manner: 'structured data',
    text: `[{"@context":"http://schema.org","@type":"BreadcrumbList"},{"@context":"http://schema.org","@type":"Recipe","name":"Aloo paratha","recipeYield":["6"],"recipeIngredient":["300 g whole wheat flour","190 g water","1/2 tsp salt","1 tbsp ghee","3 medium potatoes (400 g), boiled","1 green chilli, chopped","1 tsp garam masala","2 tbsp chopped coriander","ghee, for frying"],"recipeInstructions":[{"@type":"HowToSection","name":"Dough","itemListElement":[{"@type":"HowToStep","text":"Mix the flour, salt, ghee and water and knead for 6 minutes."},{"@type":"HowToStep","text":"Cover and rest for 30 minutes."}]},{"@type":"HowToSection","name":"Filling","itemListElement":[{"@type":"HowToStep","text":"Mash the potatoes with the chilli, garam masala and coriander."}]},{"@type":"HowToSection","name":"Parathas","itemListElement":[{"@type":"HowToStep","text":"Divide the dough into 6 balls. Roll each to 10 cm, place a portion of filling in the centre, gather the edges and seal."},{"@type":"HowToStep","text":"Roll out gently to 18 cm."},{"@type":"HowToStep","text":"Cook on a hot tawa for 1 minute per side, then brush with ghee and fry for 30 seconds more per side."}]}]}]`,
    pct: { 'whole wheat flour': 100, water: 63.3 },
    kinds: 'mix knead rest prepare divide ball roll fill roll cook',
    rests: [30],
    cook: [60, 60, 30, 30],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['salt', 'ghee', 'potato', 'chilli', 'garam masala', 'coriander'],
  },
  {
    manner: 'a scan',
    text: `Mrs. Tarrant's Book                                       9

POTATO CAKES

1 lb. cold mashed potatoes      1 oz. butter
4 oz. flour                     ½ teaspoonful salt

Melt the butter and work it into the potatoes with
the salt. Work in the flour. Roll out on a floured
board to half an inch and cut into rounds of 3 inches.
Cook on a hot greased girdle for 4 to 5 minutes each
side until nicely browned. Eat hot with butter.`,
    pct: { flour: 100, 'cold mashed potatoes': 400, butter: 25 },
    // worked in twice, which is one mixing
    kinds: 'prepare mix roll divide cook',
    rests: [],
    cook: [270, 270],
    others: ['salt'],
  },
  {
    manner: 'a scan',
    text: `EVENING INSTITUTE – BREADMAKING II                    Sheet 4

PITTA BREAD (12)

Strong plain flour .......... 750 g
Salt ........................  15 g
Dried yeast .................  10 g
Sugar .......................   5 g
Water, lukewarm ............. 480 ml
Olive oil ...................  30 ml

Method
1. Dissolve yeast and sugar in a little of the water; leave
10 min. until frothy.
2. Add to flour and salt with remaining water and oil.
Knead 10 min.
3. Cover; prove 1 hr.
4. Knock back. Divide into 12. Shape into balls. Rest 10 min.
5. Roll out to ovals 20 cm long.
6. Cook on very hot griddle, 1 min. one side, 2 min. other.`,
    pct: { 'strong plain flour': 100, salt: 2, 'dried yeast': 1.33, sugar: 0.67, water: 64, 'olive oil': 3.7 },
    // dissolved first
    kinds: 'mix bloom mix knead proof knead divide ball rest roll cook',
    rests: [10, 60, 10],
    cook: [60, 120],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `My aunt's rule for corn cakes: a pound of corn flour, a pound and a quarter of hot water, half an ounce of salt. Stir, let it stand for a quarter of an hour, knead it a little, say two minutes, make sixteen balls and press them between two plates to five inches. A minute on one side, a minute and a half on the other, then half a minute on the first again.`,
    pct: { 'corn flour': 100, 'hot water': 125, salt: 3.1 },
    kinds: 'mix rest knead ball shape cook',
    rests: [15],
    cook: [60, 90, 30],
    allergens: [],
  },
  {
    manner: 'words for numbers',
    text: `For ten naans
Five hundred grams strong flour
One hundred and fifty grams yoghurt
Two hundred grams milk
Eight grams salt
Six grams instant yeast
Twenty grams oil

Knead everything for eight minutes and prove for an hour and a quarter. Divide into ten, shape into balls and prove again for twenty minutes. Roll into ovals of twenty centimetres. Cook under a lid for ninety seconds, turn, and cook for one minute without the lid.`,
    pct: { 'strong flour': 100, yoghurt: 30, milk: 40, salt: 1.6, 'instant yeast': 1.2, oil: 4 },
    kinds: 'mix knead proof divide ball proof roll cook',
    rests: [75, 20],
    cook: [90, 60],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'parts by vessel',
    text: `Gorditas for the school garden

For every child: 1/2 cup masa harina, 1/3 cup warm water, a pinch of salt.

1. Mix with one hand until it feels like play dough.
2. Rest 10 minutes under a damp cloth.
3. Make 2 balls each. Press to 8 cm.
4. Cook on the comal, 2 minutes each side.`,
    pct: { 'masa harina': 100 },
    kinds: 'mix rest ball shape cook',
    rests: [10],
    cook: [120, 120],
    allergens: [],
    others: ['water', 'salt'],
  },
  {
    manner: 'parts by vessel',
    text: `Grandfather's shepherd bread
3 tin cups of flour
1 tin cup of water, a bit more if needed
1 spoon of salt
Mix, knead ten minutes, rest half an hour in a cloth. Tear into eight. Flatten with the hands to the size of a saucer, 14 cm. Bake on a hot stone, three minutes, turn, three minutes.`,
    pct: { flour: 100 },
    kinds: 'mix knead rest divide shape cook',
    rests: [30],
    cook: [180, 180],
    others: ['water', 'salt'],
  },
  {
    manner: 'decimal commas',
    text: `Pane azimo / unleavened bread for 12
0,6 kg semola rimacinata (durum flour)
0,33 l water
0,012 kg salt
0,04 l extra virgin olive oil
Knead 9,5 min. Rest 0,5 h. Divide into 12 pieces of about 81,5 g. Round them and rest 0,2 h. Roll to 19,5 cm. Cook 1,25 min first side, 0,75 min second side.`,
    pct: { 'semola rimacinata': 100, water: 55, salt: 2, 'extra virgin olive oil': 6.1 },
    kinds: 'mix knead rest divide ball rest roll cook',
    rests: [30, 12],
    cook: [75, 45],
    pieceG: 81.5,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'decimal commas',
    text: `Lefse (10 stk / pieces)
1,0 kg potatoes, boiled and riced
0,25 kg flour
0,05 kg butter
0,5 dl cream
12,0 g salt
Mix the warm potatoes with butter, cream and salt. Leave until cold, about 1,5 hours. Work in the flour. Divide into 10. Roll thin, 27,5 cm. Bake on a hot griddle 1,5 minutes on each side.`,
    pct: { flour: 100, potatoes: 400, butter: 20, cream: 20, salt: 4.8 },
    kinds: 'mix rest mix divide roll cook',
    rests: [90],
    cook: [90, 90],
    allergens: ['gluten', 'milk', 'wheat'],
  },
];
