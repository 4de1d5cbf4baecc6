import type { RecipeText } from './recipe-text.ts';

/** A twenty-seventh lot whose expectation was written before the reader saw it: two texts of each common manner. */
export const TWENTY_SEVENTH: readonly RecipeText[] = [
  {
    manner: 'a handout',
    text: `Griddle workshop 14 June — group of 12, everyone makes 2

LEMON & OREGANO FLATBREADS
Dough for 24: 1.5 kg strong flour, 30 g salt, 15 g instant yeast, 960 g water, 60 g olive oil, zest of 3 lemons, 6 g dried oregano.

BEFORE CLASS: weigh out, oil tubs.
MIX: all ingredients, 4 min low + 4 min medium.
BULK: 60 min in oiled tubs.
DIVIDE: 24 x 105 g. Round.
REST: 15 min.
ROLL: 18 cm.
GRIDDLE: 1 min each side at 250 C.`,
    pct: { 'strong flour': 100, salt: 2, 'instant yeast': 1, water: 64, 'olive oil': 4, 'dried oregano': 0.4 },
    kinds: 'mix proof divide ball rest roll cook',
    rests: [60, 15],
    cook: [60, 60],
    pieceG: 105,
    allergens: ['gluten', 'wheat'],
    others: ['oregano', 'lemon'],
  },
  {
    manner: 'a handout',
    text: `Bing – Chinese scallion-free plain pancakes
Serves 4 (4 pancakes)

• 300g plain flour
• 180g just-boiled water
• 20g cold water (if needed)
• ½ tsp salt
• 2 tbsp oil mixed with 1 tbsp flour (for brushing inside)

1 – Pour the just-boiled water over the flour and salt, stirring with chopsticks.
2 – When cool enough to handle, knead for 5 minutes.
3 – Rest for 30 minutes, covered with a damp cloth.
4 – Divide into 4. Roll out thinly. Brush with the oil paste. Roll up like a cigar, then coil like a snail. Rest 10 minutes.
5 – Flatten and roll to 16 cm.
6 – Fry in a little oil over medium heat, about 3 minutes per side.`,
    pct: { 'plain flour': 100 },
    kinds: 'mix knead rest divide roll fill coil rest roll cook',
    rests: [30, 10],
    cook: [180, 180],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a table',
    text: `| Step | Ingredients | Amount | Work |
|---|---|---|---|
| 1 | flour | 500 g | mix 5 min |
|   | water | 325 g | |
|   | salt | 10 g | |
|   | yeast | 5 g | |
| 2 | | | knead 8 min |
| 3 | | | proof 1 h |
| 4 | | | divide 8, ball |
| 5 | | | rest 15 min |
| 6 | | | roll 20 cm |
| 7 | | | griddle 60 s + 60 s |`,
    pct: { flour: 100, water: 65, salt: 2, yeast: 1 },
    kinds: 'mix knead proof divide ball rest roll cook',
    rests: [60, 15],
    cook: [60, 60],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a table',
    text: `Yoghurt flatbread        1x        2x
SR flour                 250 g     500 g
Yoghurt                  200 g     400 g
Salt                     3 g       6 g
Oil                      10 g      20 g

Mix to a dough. Rest 20 min. Divide 6 (12). Roll 16 cm. Hot griddle 90 s/side.`,
    pct: { 'plain flour': 100, salt: 1.26 },
    kinds: 'mix rest divide roll cook',
    rests: [20],
    cook: [90, 90],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `My pizza-on-the-griddle base, in baker's percent: 00 flour 100, water 62, salt 2.5, fresh yeast 0.3, no oil. Mix and knead 12 minutes. Bulk at room temperature 2 hours, ball at 220 g, cold proof 24 hours in the fridge. Take out 2 hours before. Stretch to 26 cm. Griddle first side 90 seconds, flip, top, lid on, 2 minutes.`,
    pct: { '00 flour': 100, water: 62, salt: 2.5, 'fresh yeast': 0.3 },
    kinds: 'mix knead proof ball chill temper shape cook',
    rests: [120, 1440, 120],
    cook: [90, 120],
    pieceG: 220,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'percentages alone',
    text: `Formula (B%)
T65 .......... 80
T110 ......... 20
Eau / water .. 68
Levain ....... 20
Sel / salt ... 2

Method: autolyse 45', mix 6', bulk 3h30 with 2 folds, scale 130g, round, rest 30', hand-stretch 20cm, hot stone 2' + 1'30`,
    pct: { water: 68, levain: 20, salt: 2 },
    // what rests first has been mixed: written without that mixing
    kinds: 'mix rest mix proof divide ball rest shape cook',
    rests: [45, 210, 30],
    cook: [120, 90],
    pieceG: 130,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `Our house flatbread is easy to remember, it is 3-2-1: three hundred grams of flour, two hundred of yogurt and one tablespoon of olive oil, plus a teaspoon of baking powder and half of salt. Mix it, don't overwork it, let it sit covered for ten to fifteen minutes, tear it into six, pat each out on a floured bench till it's about 14 cm, then griddle on medium for two to three minutes on each side.`,
    pct: { flour: 100, yogurt: 66.7, 'olive oil': 4.2 },
    kinds: 'mix rest divide shape cook',
    rests: [12.5],
    cook: [150, 150],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'one paragraph',
    text: `Mix 400 g rye flour, 100 g wheat flour, 8 g salt and 5 g bread spice with 330 g buttermilk that you have warmed to 30 °C and in which you have dissolved 20 g of fresh yeast. Work it five minutes - it stays sticky. Cover; one hour at room temperature. With wet hands form 10 pieces and press each on a floured board to 15 cm. Let them rise for 20 minutes, prick, and cook on a griddle, low heat, 4 minutes, turn, 4 minutes.`,
    pct: { 'rye flour': 80, 'wheat flour': 20, salt: 1.6, buttermilk: 66, 'fresh yeast': 4 },
    kinds: 'mix knead proof divide shape proof cook',
    rests: [60, 20],
    cook: [240, 240],
    allergens: ['gluten', 'milk', 'wheat'],
    others: ['spice'],
  },
  {
    manner: 'a web page',
    text: `<html><head><meta charset="utf-8"><style>.x{color:red}</style></head><body><header>MENU</header><div id="cookie-banner">We use cookies</div><h1>Keto-free, just good: Soft Wraps</h1><div class="recipe-meta"><span>Makes 8</span> <span>30 mins + resting</span></div><div class="ingredients"><p class="ingredient"><strong>400g</strong> plain flour</p><p class="ingredient"><strong>60ml</strong> vegetable oil</p><p class="ingredient"><strong>1&frac12; tsp</strong> baking powder</p><p class="ingredient"><strong>1 tsp</strong> salt</p><p class="ingredient"><strong>220ml</strong> hot water</p></div><div class="method"><p><strong>1.</strong> Mix flour, baking powder and salt. Add oil and rub through.</p><p><strong>2.</strong> Add the water, mix, then knead 3&ndash;4 minutes. Wrap; rest 30&nbsp;minutes.</p><p><strong>3.</strong> Divide into 8; roll each out to 20cm.</p><p><strong>4.</strong> Cook in a dry frying pan over medium-high, 45 seconds to 1 minute per side. Stack in foil to keep soft.</p></div></body></html>`,
    pct: { 'plain flour': 100, 'hot water': 55 },
    kinds: 'mix mix mix knead rest divide roll cook finish',
    rests: [30],
    cook: [52.5, 52.5],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a web page',
    text: `<div><h2>Bazlama</h2><p>Turkish village bread, for 6.</p><dl><dt>Flour</dt><dd>500 g</dd><dt>Yogurt</dt><dd>100 g</dd><dt>Water</dt><dd>230 g</dd><dt>Instant yeast</dt><dd>7 g</dd><dt>Salt</dt><dd>9 g</dd><dt>Sugar</dt><dd>5 g</dd></dl><ol><li>Knead everything to a soft dough (8-10 minutes).</li><li>Let it double in size: about 1 hour.</li><li>Divide into 6 and shape into balls; wait 15 minutes.</li><li>Roll to 1 cm thickness, about 16 cm across; wait another 15 minutes.</li><li>Cook over medium-low heat, 3 minutes each side.</li></ol></div>`,
    pct: { flour: 100, yogurt: 20, water: 46, 'instant yeast': 1.4, salt: 1.8, sugar: 1 },
    kinds: 'mix knead proof divide ball rest roll rest cook',
    rests: [60, 15, 15],
    cook: [180, 180],
    pieceG: 137.7,
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'structured data',
    text: `{"@context":"https://schema.org","@type":"Recipe","name":"Paratha (Lachha)","recipeYield":"8 parathas","recipeIngredient":["2 cups whole wheat flour (240 g)","1/2 teaspoon salt","2/3 cup water + 2 tablespoons (190 g)","4 tablespoons ghee (56 g), divided"],"recipeInstructions":[{"@type":"HowToStep","text":"Mix flour and salt; rub in 1 tablespoon ghee; add water and knead 5 minutes."},{"@type":"HowToStep","text":"Rest covered 30 minutes."},{"@type":"HowToStep","text":"Divide into 8. Roll each thin, spread with ghee, pleat and coil. Rest 10 minutes."},{"@type":"HowToStep","text":"Roll to 6 inches and cook on a hot tawa 1-2 minutes per side with ghee until golden."}]}`,
    pct: { 'whole wheat flour': 100, water: 79.2 },
    kinds: 'mix mix mix knead rest divide roll fill coil rest roll cook',
    rests: [30, 10],
    cook: [90, 90],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'structured data',
    text: `{"@context":{"@vocab":"http://schema.org/"},"@type":"Recipe","name":"Rye crispbread","recipeYield":12,"recipeIngredient":["Rye flour – 300 g","Wheat flour – 100 g","Water – 280 g","Salt – 8 g","Instant yeast – 4 g","Caraway – 4 g"],"recipeInstructions":[{"@type":"HowToSection","name":"Day 1","itemListElement":[{"@type":"HowToStep","text":"Mix all ingredients (5 min)."},{"@type":"HowToStep","text":"Refrigerate overnight, 10-14 hours."}]},{"@type":"HowToSection","name":"Day 2","itemListElement":[{"@type":"HowToStep","text":"Divide into 12 and roll very thin on rye flour, 20 cm."},{"@type":"HowToStep","text":"Rest 30 min."},{"@type":"HowToStep","text":"Griddle 2 min, flip, 2 min, flip, 1 min."}]}]}`,
    pct: { 'rye flour': 75, 'wheat flour': 25, water: 70, salt: 2, 'instant yeast': 1, caraway: 1 },
    kinds: 'mix chill divide roll rest cook',
    rests: [720, 30],
    cook: [120, 120, 60],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'a scan',
    text: `38                    COUNTRY CLASS COOKERY

                    Welsh Griddle Bread
1 lb. strong flour      ½ oz. fresh yeast
½ pt. milk, tepid       1 oz. lard
1 tsp. sugar            1 tsp. salt

Rub lard into flour and salt. Cream yeast and sugar, add
milk, pour into flour, mix well & knead 5 mins. Allow to
rise 1 hr. Roll out ½ in. thick, cut into 8 rounds, rest
for 10 mins. Cook on moderate griddle 8-10 mins. each side.`,
    pct: { 'strong flour': 100, 'fresh yeast': 3.1, lard: 6.25 },
    kinds: 'mix mix knead proof roll divide rest cook',
    rests: [60, 10],
    cook: [540, 540],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'a scan',
    text: `NAN (Tandoor style on tawa) Yield: 8 nos.

Ingredients            Qty.
Refined flour          500 gm
Curd                   100 gm
Milk                   150 ml
Baking powder          5 gm
Salt                   8 gm
Sugar                  10 gm
Oil                    30 ml
Nigella seeds          3 gm

Method
1. Sieve flour, salt & baking powder.
2. Mix curd, sugar & milk; add to flour. Knead to a soft
   dough. Add oil and knead again 5 mts.
3. Keep aside covered with wet cloth for 2 hrs.
4. Make 8 balls, keep for 15 mts.
5. Flatten to oblong 20 cm, sprinkle nigella seeds.
6. Apply water on the back & stick on hot tawa. Cook 1 mt,
   invert tawa over flame till brown spots appear, 1 mt.`,
    pct: { 'refined flour': 100, curd: 20, 'baking powder': 1, salt: 1.6, sugar: 2 },
    // seeds are sprinkled on the pieces, and what is kneaded again is a step: written as one dough
    kinds: 'mix knead knead rest ball rest shape fill cook',
    rests: [120, 15],
    cook: [60, 60],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `For ten flatbreads you need: six hundred grams of strong flour, three hundred and ninety grams of water, twelve grams of salt, six grams of dried yeast, thirty grams of butter. Knead for twelve minutes. First proof, seventy-five minutes. Divide in ten. Second proof, fifteen minutes. Roll out to twenty-two centimetres. Cook for eighty seconds, turn, sixty seconds.`,
    pct: { 'strong flour': 100, water: 65, salt: 2, 'dried yeast': 1, butter: 5 },
    kinds: 'mix knead proof divide proof roll cook',
    rests: [75, 15],
    cook: [80, 60],
    pieceG: 100.8,
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'words for numbers',
    text: `Dissolve a teaspoon of yeast and a tablespoon of sugar in a quarter of a litre of warm water and wait ten minutes. Add four hundred grams of flour, two tablespoons of oil and a teaspoon of salt. Knead for eight minutes, rise for one hour. Divide into eight, roll thin. Cook for one minute on each side; brush with melted butter.`,
    pct: { flour: 100, 'warm water': 62.5 },
    // dissolving is a step, as in the lots before: written as the waking alone
    kinds: 'mix bloom mix knead proof divide roll cook finish',
    rests: [10, 60],
    cook: [60, 60],
    allergens: ['gluten', 'milk', 'wheat'],
  },
  {
    manner: 'parts by vessel',
    text: `Measure with the same mug throughout.
Flour: 3 mugs
Water: 1 mug, nearly full
Oil: a quarter of a mug
Salt: 1 level teaspoon
Baking powder: 2 level teaspoons
Mix. Knead 5 min. Cover 20 min. 10 pieces. Roll thin. Dry pan 1 min/side.`,
    pct: { flour: 100 },
    kinds: 'mix knead rest divide roll cook',
    rests: [20],
    cook: [60, 60],
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'parts by vessel',
    text: `Dosa-like crepe: 1 part urad flour, 3 parts rice flour, about 4 1/2 parts water, salt. Mix to a batter, ferment overnight (10 h). Stir. Ladle onto a hot greased griddle, spread thin to 22 cm, cook 2 min until the edges lift, fold and serve. Don't flip.`,
    // parts are of a vessel: written as parts by weight
    pct: { 'urad flour': 20.5, 'rice flour': 79.5 },
    // stirred once more: written without
    kinds: 'mix proof mix divide shape cook',
    rests: [600],
    cook: [120],
    allergens: [],
  },
  {
    manner: 'decimal commas',
    text: `Pane carasau-style sheets
semola 0,5 kg
acqua 0,29 kg
sale 7,5 g
lievito secco 2,5 g

Impasto / mix 10 min. Riposo / rest 1,5 h. Dividere / divide: 8 x 98 g, round. Rest 0,5 h. Roll 30 cm, 2 mm. Griddle 0,5 min per side.`,
    pct: { semola: 100 },
    kinds: 'mix rest divide ball rest roll cook',
    rests: [90, 30],
    cook: [30, 30],
    pieceG: 98,
    allergens: ['gluten', 'wheat'],
  },
  {
    manner: 'decimal commas',
    text: `Fladenbrot vom Blech: 1,0 kg flour, 0,65 kg water, 22 g salt, 12 g fresh yeast, 0,02 kg sugar. Knead 10 min; proof 45 min; fold; proof 45 min; divide 0,21 kg; ball; rest 15 min; stretch to 22 cm; griddle 2,5 min; turn; 2 min.`,
    pct: { flour: 100, water: 65, salt: 2.2, 'fresh yeast': 1.2, sugar: 2 },
    kinds: 'mix knead proof fold proof divide ball rest shape cook',
    rests: [45, 45, 15],
    cook: [150, 120],
    pieceG: 210,
    allergens: ['gluten', 'wheat'],
  },
];
