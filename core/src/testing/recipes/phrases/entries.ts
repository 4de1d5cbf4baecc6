/**
 * Entries of a list in all the words of them: of each group in braces one stands in the entry. What is read of it: a part of its name, and
 * grams where they are told; tried beside 1,000 g of rye flour, or as the flour.
 */
export const ENTRIES_OTHERWISE: readonly (readonly [string, string])[] = [
  [
    '{500 g|500g|500 grams|half a kilo|0.5 kg|1/2 kg|½ kilo|500 gr|500 gms|0,5 kg} {of |}{strong white flour|plain flour|bread flour|wholemeal flour|spelt flour}{|, sifted|, plus extra for dusting| (or plain flour)|, at room temperature| – organic if you can|, or as needed|; more for the table| (I use a local one)}',
    'flour 500',
  ],
  [
    '{strong white flour|plain flour|bread flour|wholemeal flour|spelt flour|Flour}{: | - | – | … |, | = |  } {500 g|500g|500 grams|0.5 kg|half a kilo}{|, sifted| (sifted)| plus extra}',
    'flour 500',
  ],
  [
    '{300 ml|300ml|30 cl|0.3 l|3 dl|300 millilitres|300 mls} {of |}{water|warm water|cold water|lukewarm water|tepid water|hand-hot water|boiling water}{|, or a little more|, at 30 °C| (about 30 °C)|, approximately| (you may need less)|, plus more if needed}',
    'water 300',
  ],
  [
    '{300 g|300g|300 grams} {of |}{milk|whole milk|warm milk|buttermilk|plain yoghurt|Greek yogurt|natural yoghurt}{|, at room temperature|, full fat| (or oat milk)|, cold}',
    '300',
  ],
  [
    '{1|one|a} {tsp|teaspoon|tea spoon|level teaspoon|heaped teaspoon|small spoon|rounded teaspoon} {of |}{salt|fine salt|sea salt|fine sea salt|table salt}{|, or to taste| (6 g)|, fine}',
    'salt',
  ],
  [
    '{10 g|10g|10 grams} {of |}{salt|fine salt|sea salt|fine sea salt|kosher salt|rock salt}{|, crushed|, fine|, or less| (2 %)}',
    'salt 10',
  ],
  [
    '{1|one|a} {sachet|packet|envelope|pack} {of |}{yeast|dried yeast|instant yeast|fast-action yeast|dry yeast|active dry yeast}{| (7 g)|, 7 g}',
    'yeast 7',
  ],
  [
    '{7 g|7g|7 grams|1 x 7 g|1 x 7g sachet|a 7 g sachet|1 7g sachet|one 7 g packet} {of |}{yeast|dried yeast|instant yeast|fast-action yeast|dry yeast|active dry yeast}',
    'yeast 7',
  ],
  [
    '{2 tbsp|two tablespoons|2 tablespoons|2 Tbsp.|2 tablespoonfuls|2 tbs} {of |}{olive oil|sunflower oil|vegetable oil|melted butter|ghee|honey|sugar}{|, plus more for the pan|, plus extra to brush| (30 ml)|, warmed}',
    '',
  ],
  [
    '{a pinch|a good pinch|a generous pinch|1 pinch|a large pinch|two pinches|a couple of pinches} of {salt|sugar|cumin|chilli flakes}',
    '',
  ],
  ['{a knob|a walnut|a lump|a small piece|a bit|a nut|a little|some} of {butter|lard|ghee}', ''],
  [
    '{a handful|a small handful|two handfuls|a good handful|a fistful} of {chopped coriander|parsley|spring onions|sesame seeds|raisins}',
    '',
  ],
  [
    '{1|one|an|1 large|1 medium|one small|1 beaten|1 free-range} {egg|egg, beaten|egg, lightly beaten|egg (50 g)|egg yolk}',
    'egg',
  ],
  [
    '{juice of half a lemon|the juice of 1 lemon|1 lemon, juiced|zest of a lemon|a squeeze of lemon juice|1 tbsp lemon juice}',
    'lemon',
  ],
  [
    '{200 g|200g} {cooked potatoes|boiled potatoes, mashed|mashed potato|potatoes, cooked and riced|floury potatoes, boiled and mashed|leftover mashed potato}',
    'potato 200',
  ],
  [
    '{50 g|50g|50 grams} {butter|cold butter|unsalted butter|soft butter|butter, cubed|butter, melted|butter (softened)|lard|cold lard, diced|vegetable shortening|melted ghee}',
    '50',
  ],
  [
    '{2 cloves|two cloves|2 fat cloves|1 clove|3 small cloves} {of garlic|garlic, crushed|garlic, finely chopped|garlic, grated}',
    'garlic',
  ],
  [
    '{2 cups|two cups|2 c.|2 heaped cups|2 level cups|2 US cups} {of |}{flour|plain flour|all-purpose flour|bread flour}',
    'flour',
  ],
  [
    '{100 g|100g} {starter|sourdough starter|active starter|ripe levain|sourdough starter (100 % hydration)|bubbly starter|leaven}',
    '100',
  ],
  [
    '{1/2|½|half a|0.5|a half} {tsp|teaspoon} {of |}{bicarbonate of soda|baking soda|baking powder|sugar|salt|ground cumin|nigella seeds}',
    '',
  ],
  [
    '{500 g|500 grams|1/2 kg} {white|brown|strong|plain|wholemeal|chapati|all-purpose} flour{| (strong if you have it)|, weighed| – any will do|, the best you can find|, e.g. from the mill| *|, fresh}',
    'flour 500',
  ],
  [
    '{Flour|White flour|Strong flour|Bread flour}{,|:| -|} {500 g|500 grams|1/2 kg|half a kilo}{ in all| in total| all told| altogether|}',
    'flour 500',
  ],
  [
    '{One pound|1 lb|16 oz|1 pound|16 ounces|a pound} {of |}{plain flour|strong flour|wholemeal flour}{, sifted|}',
    'flour 454',
  ],
  ['{500 g flour|500 g of flour|flour 500 g} ({strong white|bread|plain|wholemeal})', 'flour 500'],
  [
    '{about|roughly|approx.|ca.|c.|around|~|circa|approximately|some} {500 g|500 grams} {flour|plain flour|strong flour}',
    'flour 500',
  ],
  [
    '{just under|just over|a good|a generous|a little over|nearly|almost|full|well-filled} {500 g|500 ml} {milk|water|buttermilk}',
    '500',
  ],
  [
    '{350–400|350-400|350 to 400|between 350 and 400|350/400|350 … 400|from 350 to 400} {g|ml} {water|milk|buttermilk}',
    '375',
  ],
  ['{up to|at most|max.|no more than|maximum} {300 ml|300 g} {water|milk}', '300'],
  [
    '{300 ml|300 g} {milk or water|water or milk|milk (or water)|half milk half water|milk and water mixed|mixed milk and water}',
    '300',
  ],
  [
    '{2|two} {eggs|medium eggs|large eggs|eggs, beaten|eggs (size M)|free-range eggs|eggs, at room temperature|whole eggs}',
    'egg',
  ],
  ['{salt|Salt|fine salt|sea salt}{,|:| –|} {10 g|2 tsp|two teaspoons|1 heaped teaspoon|1 tbsp (scant)}', 'salt'],
  ['{2 %|2%|2 per cent|2 percent} {salt|of salt|salt on flour}', 'salt 20'],
  ['{salt|sea salt} {to taste|as you like|a pinch|q.b.|as needed|at will}', 'salt'],
  [
    '{3 tbsp|three tablespoons|3 tablespoons|3 big spoons|3 T} {olive oil|oil|melted lard|runny honey|sesame seeds|milk powder|yoghurt}{| – the good one|, divided use|, or to taste|, heaped}',
    '',
  ],
  [
    '{1/2|½|half a|one half} {teaspoon|tsp} {of |}{bicarbonate of soda|baking soda|bicarb|soda|sugar|cumin seeds|turmeric|black pepper}',
    '',
  ],
  [
    "{25 g|25 grams|25g|a 25 g piece of|25 g (half a cube)} {fresh yeast|yeast (fresh)|fresh baker's yeast|compressed yeast}{, crumbled|}",
    'yeast 25',
  ],
  ['{half a cube of|1/2 cube|half a block of|a quarter of a block of|1/4 cube of} {fresh yeast|yeast}', 'yeast'],
  [
    '{60 g|60 grams|4 tbsp} {butter|unsalted butter|soft butter|melted butter|cold butter, cubed|butter (soft)|salted butter|butter, in pieces|good butter}{| or lard| or oil| or margarine|, if you like}',
    '',
  ],
  [
    '{100 g|100 grams} {sourdough starter|ripe starter|active sourdough|levain|mature culture|sourdough (100 % hydration)|bubbly starter}{|, fed the night before|, straight from the fridge|, refreshed}',
    '100',
  ],
  [
    "{100 g|100 grams} {grated cheese|cheddar, grated|mature cheddar|crumbled feta|feta, crumbled|halloumi in small cubes|parmesan|soft goat's cheese}{| – or any other|, cold}",
    '100',
  ],
  [
    '{1|one|1 medium|1 small} {onion, finely chopped|red onion, diced|clove of garlic, crushed|spring onion|leek, sliced|chilli, deseeded|carrot, grated|courgette, grated and squeezed}',
    '',
  ],
  [
    '{a few|some|several|a handful of|a small bunch of|a bunch of|leaves of|plenty of} {chives|mint|parsley|coriander|dill|thyme}{, chopped|, finely cut|}',
    '',
  ],
  [
    '{200 ml|200 g|20 cl} {sparkling water|beer|stout|coconut milk|oat milk|soy milk|kefir|ayran|carrot juice|single cream}',
    '200',
  ],
  [
    '{1 tin|1 can|one tin|a tin|1 x 400 g tin|1 tin (400 g)|a 400 g can} {coconut milk|chickpeas|of chickpeas|sweetcorn|of coconut milk}',
    '',
  ],
  ['{Water|water}{:|,| -|} {300 g|300 ml}{ (60 %)| = 60 %|, 60 %| / 60 %| i.e. 60 %}', 'water 300'],
  ['{60 % water|water 60 %} {(300 g)|= 300 g|- 300 g|/ 300 g|i.e. 300 g}', 'water'],
  ['{300 g|300 ml} {water} {at 28 °C|(28 °C)|, 28 °C|of 28 degrees|at 28C|- warm, 28 °C|(28C / 82F)}', 'water 300'],
  ['{1|one} {cup|mug|glass|US cup} {of |}{water|milk|yoghurt|buttermilk}{| (240 ml)|, 240 ml| / 240 ml}', ''],
  ['{1 cup|8 fl oz} {(240 ml)|/ 240 ml|= 240 ml|i.e. 240 ml} {of |}{water|milk}', '240'],
  [
    '{20 g|20 grams} {linseed|ground linseed|flax seeds|chia seeds|psyllium husk|wheat bran|oat bran|gluten powder|vital wheat gluten|milk powder|malt extract|barley malt}',
    '20',
  ],
  [
    "{5 g|1 tsp} {cumin seeds|caraway|fennel seeds|nigella seeds|ground coriander|paprika|dried oregano|za'atar|sumac|garam masala|ajwain|carom seeds}{, lightly crushed|, toasted| (optional)|}",
    '',
  ],
];
