import type { RecipeText } from './recipe-text.ts';

/** A sixty-second lot whose expectation was written before the reader saw it: two texts of each common manner. */
export const SIXTY_SECOND: readonly RecipeText[] = [
  {
    manner: 'a handout',
    text: `Sunday Bread School
Sourdough griddle breads (8)

Starter, ripe 120 g
Bread flour 400 g
Water 250 g
Salt 9 g
Olive oil 20 g

Mix everything except the salt. After half an hour add the salt and knead for 5 minutes.
Bulk ferment for 4 hours at 24 °C, with two folds in the first two hours.
Divide into 8, round loosely, and leave for 30 minutes.
Stretch to 18 cm.
Cook on a very hot griddle: 90 seconds, turn, 60 seconds.`,
    pct: { 'bread flour': 100, water: 62.5, salt: 2.3, 'olive oil': 5 },
    kinds: 'mix rest knead proof divide ball rest shape cook',
    rests: [30, 240, 30],
    cook: [90, 60],
    allergens: ['gluten', 'wheat'],
    others: ['starter'],
  },
  {
    manner: 'a handout',
    text: `What we bake today: BATBOUT
(for 12 small ones)

300 g fine semolina – 200 g flour – 10 g salt – 7 g dry yeast – 10 g sugar – 320 g water

~ mix, knead 10 min
~ roll out 1 cm thick, cut 10 cm rounds
~ lay on a floured cloth, cover, 60 min
~ dry pan, medium: 3 min, turn, 3 min – they puff like balloons
~ cut open, fill`,
    pct: { 'fine semolina': 60, flour: 40, salt: 2, 'dry yeast': 1.4, sugar: 2, water: 64 },
    kinds: 'mix knead roll divide rest cook finish',
    rests: [60],
    cook: [180, 180],
  },
  {
    manner: 'a table',
    text: `Product: Pocket bread
Flour weight: 2 kg

Ingredient ; % ; g
Bread flour ; 100 ; 2000
Water ; 62 ; 1240
Salt ; 2 ; 40
Dry yeast ; 1 ; 20
Sugar ; 1 ; 20

Stage ; Minutes
Mixing ; 10
Bulk ; 60
Divide 95 g ; 10
Rest ; 15
Sheet 15 cm ; 10
Rest ; 10
Griddle 1 min + 1 min ;`,
    pct: { 'bread flour': 100, water: 62, salt: 2, 'dry yeast': 1, sugar: 1 },
    kinds: 'mix proof divide rest roll rest cook',
    rests: [60, 15, 10],
    cook: [60, 60],
    pieceG: 95,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a table',
    text: `            small class (6)   big class (18)
maida            600 g            1800 g
curd             150 g             450 g
milk             210 g             630 g
oil               30 g              90 g
salt               9 g              27 g
soda               3 g               9 g

knead 6 min, rest 60 min, 90 g balls, rest 10 min, roll 18 cm oval, hot tawa with lid 60 s, flip 40 s`,
    pct: { maida: 100, curd: 25, milk: 35, oil: 5, salt: 1.5, soda: 0.5 },
    kinds: 'mix knead rest ball rest roll cook',
    rests: [60, 10],
    cook: [60, 40],
    pieceG: 90,
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Hungarian potato lángos for the plate – flour 100, boiled potato 40, milk 35, water 15, fresh yeast 3, salt 2, oil 3. Knead 8. Prove 50. 110 g. Ball. 20 min. Open to 18 cm. Oiled plate, medium, 2.5 min a side.`,
    pct: { flour: 100, 'boiled potato': 40, milk: 35, water: 15, 'fresh yeast': 3, salt: 2, oil: 3 },
    kinds: 'mix knead proof divide ball rest shape cook',
    rests: [50, 20],
    cook: [150, 150],
    pieceG: 110,
  },
  {
    manner: 'percentages alone',
    text: `Formula on 100 flour:
white spelt 70
rye 30
water 66
salt 2
caraway 1
sourdough 25

Method: mix; 20 min; fold; 3 h at 25°; 130 g; round; 45 min; pat to 16 cm; stone 280°, 2 min, turn, 1½ min.`,
    pct: { 'white spelt': 70, rye: 30, water: 66, salt: 2, caraway: 1, sourdough: 25 },
    // dough that yeast raises rises while it stands so long
    kinds: 'mix proof fold proof divide ball rest shape cook',
    rests: [20, 180, 45],
    cook: [120, 90],
    pieceG: 130,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `Sift 280 g of plain flour with a teaspoon of salt and half a teaspoon of baking powder. Work in 45 g of vegetable shortening, pour in 150 ml of warm water and knead on a floured board for two to three minutes. Pinch off ten pieces, roll them into balls between your palms and let them rest, covered, for half an hour. Roll the balls to 18 cm and cook the tortillas on a hot dry skillet for about thirty seconds a side.`,
    pct: { 'plain flour': 100, 'vegetable shortening': 16.1, 'warm water': 53.6 },
    kinds: 'mix knead divide ball rest roll cook',
    rests: [30],
    cook: [30, 30],
    allergens: ['gluten', 'wheat'],
    others: ['salt', 'baking powder'],
  },
  {
    manner: 'one paragraph',
    text: `The simplest bread I teach needs no yeast and no oven. Everyone gets 120 g of flour, 2 g of salt and 72 g of water, mixes them with one finger and kneads the lump for five minutes. While it rests for twenty minutes we light the fires. Then the lumps are halved, patted out on a floured stone to about 14 cm and laid on the hot griddles: a minute, over, a minute, over, and a few seconds pressed with a cloth.`,
    pct: { flour: 100, salt: 1.7, water: 60 },
    kinds: 'mix knead rest divide shape cook',
    rests: [20],
    cook: [60, 60, 6],
  },
  {
    manner: 'a web page',
    text: `<html><head><title>Whole wheat pita (no oven) – Tin Spoon</title></head><body><nav><a>Breakfast</a><a>Breads</a></nav><main><h1>Whole wheat pita (no oven)</h1><div class="facts"><span>Makes: 8</span><span>Hands-on: 25 min</span><span>Total: 2 h</span></div><h2>Ingredients</h2><ul><li>1 ½ cups (180g) whole wheat flour</li><li>1 ½ cups (190g) bread flour</li><li>2 tsp instant yeast (6g)</li><li>1 tsp sugar (4g)</li><li>1 ¼ tsp salt (8g)</li><li>1 cup (240ml) warm water</li><li>1 tbsp olive oil (14g)</li></ul><h2>Instructions</h2><h3>Make the dough</h3><p>Combine everything in a bowl. Knead by hand for 8 minutes or in a mixer for 5 minutes.</p><h3>First rise</h3><p>Cover and let rise for 1 hour or until doubled.</p><h3>Shape</h3><p>Divide into 8 pieces, roll into balls, cover and rest 15 minutes. Roll each ball into a 6-inch circle.</p><h3>Cook</h3><p>Heat a cast iron skillet over medium-high heat. Cook each pita 30 seconds, flip, cook 1&ndash;2 minutes, flip again and cook 1 minute more.</p></main></body></html>`,
    pct: {
      'whole wheat flour': 48.6,
      'bread flour': 51.4,
      'instant yeast': 1.6,
      sugar: 1.1,
      salt: 2.2,
      'warm water': 64.9,
      'olive oil': 3.8,
    },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [60, 15],
    cook: [30, 90, 60],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a web page',
    text: `<article><h1>Lentil flatbreads (gluten free)</h1><p>For 6</p><ul><li>200 g red lentils</li><li>400 ml water</li><li>4 g salt</li><li>2 g cumin</li></ul><ol><li>Soak the lentils in the water for 4 hours.</li><li>Blend with the salt and cumin to a smooth batter.</li><li>Heat a non-stick pan and oil it lightly. Pour in 95 g of batter and spread to 18 cm.</li><li>Cook over medium heat for 3 minutes, flip and cook for 2 minutes.</li></ol></article>`,
    pct: { 'red lentils': 100, water: 200, salt: 2, cumin: 1 },
    // what rests first has been brought together
    kinds: 'mix rest mix divide shape cook',
    rests: [240],
    cook: [180, 120],
    pieceG: 95,
    others: ['oil'],
  },
  {
    manner: 'structured data',
    text: `{"@context":"https://schema.org","@type":"Recipe","name":"Beer flatbreads with chives","recipeYield":"6","totalTime":"PT45M","recipeIngredient":["350 g self-raising flour","5 g salt","200 ml beer","20 g melted butter","15 g chives, snipped"],"recipeInstructions":[{"@type":"HowToStep","text":"Mix the flour, salt and chives. Add the beer and butter and stir to a soft dough."},{"@type":"HowToStep","text":"Knead for 1 minute and rest for 15 minutes."},{"@type":"HowToStep","text":"Divide into 6 and roll each to 16 cm."},{"@type":"HowToStep","text":"Cook on a medium-hot griddle for 2 minutes on each side."}]}`,
    pct: { 'plain flour': 100, salt: 1.5, beer: 60, 'melted butter': 6, chives: 4.5 },
    kinds: 'mix knead rest divide roll cook',
    rests: [15],
    cook: [120, 120],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'structured data',
    text: `{"@context":"https://schema.org","@type":"Recipe","name":"Coriander roti canai style","recipeYield":"10 rotis","recipeIngredient":["500 g plain flour","8 g salt","10 g sugar","1 egg","20 g ghee, melted","240 ml water","100 g soft ghee, for stretching"],"recipeInstructions":[{"@type":"HowToStep","text":"Combine flour, salt, sugar, egg, melted ghee and water. Knead for 10 minutes."},{"@type":"HowToStep","text":"Divide into 10 balls, coat with soft ghee, cover and rest overnight in the fridge (8 to 12 hours)."},{"@type":"HowToStep","text":"Bring to room temperature for 1 hour."},{"@type":"HowToStep","text":"Stretch each ball paper thin on an oiled table, gather into a rope and coil. Rest 15 minutes."},{"@type":"HowToStep","text":"Flatten to 16 cm and cook on a griddle over medium heat, 2 minutes per side. Clap between your hands."}]}`,
    pct: { 'plain flour': 100, salt: 1.6, sugar: 2, egg: 10, ghee: 4, water: 48 },
    kinds: 'mix knead divide ball chill temper shape coil rest shape cook finish',
    rests: [600, 60, 15],
    cook: [120, 120],
    allergens: ['egg', 'gluten', 'milk', 'wheat'],
  },
  {
    manner: 'a scan',
    text: `Adult Education Centre            Lesson p1an 9

Nan bread   (serves l2)

1 kg plain f1our
25O ml natura1 yoghurt
3OO ml warm mi1k
lO g dried yeast
2O g sa1t
1O g sugar
5O ml oil

Mix to a dough, knead lO mins.
Prove 1 hr.
Divide into l2, mould, rest lO mins.
Pull to a tear-drop 2O cm long.
Cook under lid on hot p1ate 9O secs, turn 6O secs.
Brush with ghee.`,
    pct: { 'plain flour': 100, 'dried yeast': 1, salt: 2, sugar: 1 },
    kinds: 'mix knead proof divide ball rest shape cook finish',
    rests: [60, 10],
    cook: [90, 60],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['yoghurt', 'milk', 'oil', 'ghee'],
  },
  {
    manner: 'a scan',
    text: `FARMHOUSE NOTES                              — 7

BUTTERMILK PANCAKES OF RYE. Half a pound of rye
flour, half a pound of wheaten, a teaspoonful
of salt, the same of carbonate of soda and
three quarters of a pint of buttermilk. Mix
lightly; roll out half an inch thick; cut in
rounds with a cup; bake on the girdle, not too
hot, five minutes on the one side and four on
the other. Eat with butter while warm.`,
    pct: { 'rye flour': 50 },
    kinds: 'mix roll divide cook',
    rests: [],
    cook: [300, 240],
    others: ['salt', 'soda', 'buttermilk'],
  },
  {
    manner: 'words for numbers',
    text: `Half a kilo of white flour, a quarter of a kilo of wholemeal, half a litre of water less three tablespoons, fifteen grams of salt and a sachet of dried yeast. Knead for nine or ten minutes. Let it rise for three quarters of an hour. Divide into a dozen, ball them, give them a quarter of an hour. Roll to eighteen centimetres. One minute on the first side, three quarters of a minute on the second.`,
    pct: { 'white flour': 66.7, wholemeal: 33.3, salt: 2 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [45, 15],
    cook: [60, 45],
    allergens: ['gluten', 'wheat'],
    others: ['water', 'yeast'],
  },
  {
    manner: 'words for numbers',
    text: `Take six ounces of oatmeal and two of flour, a pinch of salt, an ounce of dripping and five tablespoons of hot water. Mix fast, knead it smooth, roll out a quarter of an inch thick and cut in eight. Bake on a hot girdle for six minutes, then toast the other side for four.`,
    pct: { oatmeal: 75, flour: 25, dripping: 12.5 },
    kinds: 'mix knead roll divide cook',
    rests: [],
    cook: [360, 240],
    others: ['salt', 'water'],
  },
  {
    manner: 'parts by vessel',
    text: `Ratio bread (any mug): flour 3, warm water 1, yoghurt ½, oil ¼. Plus a teaspoon of salt and one of baking powder for each mug of flour. Mix, knead five minutes, rest half an hour, divide into 9, roll thin, dry pan a minute a side.`,
    pct: { flour: 100 },
    kinds: 'mix knead rest divide roll cook',
    rests: [30],
    cook: [60, 60],
    others: ['water', 'yoghurt', 'oil', 'salt', 'baking powder'],
  },
  {
    manner: 'parts by vessel',
    text: `4 handfuls of wholemeal flour, a good pinch of salt, water by the splash until it is a soft dough. Knead till your arms ache (5 min). Rest as long as a cup of tea (15 min). Eight balls. Roll. Hot pan, no oil, 40 s each side.`,
    pct: { 'wholemeal flour': 100 },
    kinds: 'mix knead rest ball roll cook',
    rests: [15],
    cook: [40, 40],
    allergens: ['gluten', 'wheat'],
    others: ['salt', 'water'],
  },
  {
    manner: 'decimal commas',
    text: `Pide sobre plancha / griddle pide, 10 piezas de 0,150 kg
Harina / flour 0,95 kg; Agua / water 0,55 kg; Aceite de oliva / olive oil 0,03 kg; Sal / salt 0,019 kg; Levadura / fresh yeast 0,0285 kg.
Amasado / kneading 8,5 min; 1ª fermentación / bulk proof 1,0 h; bolas / balls; reposo / rest 0,25 h; estirar / stretch 20,5 cm; reposo / rest 0,2 h; plancha / griddle 2,25 min + 1,75 min.`,
    pct: { flour: 100, water: 57.9, 'olive oil': 3.2, salt: 2, 'fresh yeast': 3 },
    kinds: 'mix knead proof ball rest shape rest cook',
    rests: [60, 15, 12],
    cook: [135, 105],
    pieceG: 150,
  },
  {
    manner: 'decimal commas',
    text: `Dough for 16: flour 1,00 kg, salt 0,02 kg, butter 0,12 kg, milk 0,58 kg. Rub in 3,5 min, mix 2,5 min, knead 4,5 min, rest 0,75 h, divide 0,105 kg, ball, rest 0,2 h, roll 16,5 cm, brush with 0,05 kg melted butter, fold, roll again 16,5 cm, griddle 1,5 min per side.`,
    pct: { flour: 100, salt: 2, butter: 12, milk: 58 },
    kinds: 'mix mix knead rest divide ball rest roll fill shape roll cook',
    rests: [45, 12],
    cook: [90, 90],
    pieceG: 105,
    allergens: ['gluten', 'milk', 'wheat'],
  },
];
