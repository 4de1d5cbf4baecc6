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
];
