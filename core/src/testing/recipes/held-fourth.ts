import type { RecipeText } from './recipe-text.ts';

/** A fourth lot whose expectation was written before the reader saw it, after the first three had been read and mended from. */
export const FOURTH: readonly RecipeText[] = [
  {
    manner: 'card with prep and cook times',
    text: `Sailcloth breads
Prep: 20 min · Rest: 45 min · Cook: 15 min · Serves 6
250 g white bread flour
50 g rye flour
190 ml water
5 g salt
1 tbsp olive oil
1. Put the flours and salt in a bowl, pour in the water and oil and mix to a rough dough.
2. Knead on the bench for 6 minutes.
3. Put back in the bowl, cover and leave for 45 minutes.
4. Cut into 6, shape into balls and roll each one out to about 20 cm.
5. Heat a dry frying pan until very hot. Cook the breads one at a time, 80 seconds on the first side and 50 on the second.`,
    pct: { 'white bread flour': 83.3, 'rye flour': 16.7, water: 63.3, salt: 1.67 },
    kinds: 'mix knead rest divide ball roll cook',
    rests: [45],
    cook: [80, 50],
  },
  {
    manner: 'teacher to teacher, first person',
    text: `I use 2.4 kg of flour for twelve people, with 1.5 l water, 48 g salt and 24 g instant yeast. We mix it in the machine for 5 minutes and let it double, an hour usually. I scale it at 110 g, they ball it and we wait 15 minutes. Everybody rolls two and cooks them, a minute and a half on the first side, a minute on the second.`,
    pct: { flour: 100, water: 62.5, salt: 2, 'instant yeast': 1 },
    kinds: 'mix proof divide ball rest roll cook',
    rests: [60, 15],
    cook: [90, 60],
    pieceG: 110,
  },
  {
    manner: 'columns: name, unit, amount',
    text: `Wholemeal flour  g  450
Water            g  300
Salt             g  9
Sunflower oil    g  18

Mix 4 min. Knead 8 min. Rest 40 min. Divide into 8. Roll 18 cm. Cook 70 s / 50 s.`,
    pct: { 'wholemeal flour': 100, water: 66.7, salt: 2, 'sunflower oil': 4 },
    kinds: 'mix knead rest divide roll cook',
    rests: [40],
    cook: [70, 50],
    pieceG: 94.3,
  },
  {
    manner: 'brackets with the other unit',
    text: `Lockgate rounds
Plain flour, 3 cups (375 g)
Warm water, 1 cup less 1 tbsp (225 g)
Fine salt, 1 1/4 tsp (7.5 g)
Mix, knead for 5 min (until smooth), rest for 30 min (or up to 2 hours). Divide into 7 (about 85 g each). Roll to 19 cm (7 1/2 in). Cook on a griddle at 230 °C (446 °F) for 60 s a side.`,
    pct: { 'plain flour': 100, 'warm water': 60, 'fine salt': 2 },
    kinds: 'mix knead rest divide roll cook',
    rests: [30],
    cook: [60, 60],
    pieceG: 85,
  },
  {
    manner: 'dictated',
    text: `so you take five hundred grams of strong flour and three hundred and twenty five grams of water and ten grams of salt and you mix it and you knead it for ten minutes and then you rest it for half an hour and you divide it into nine and roll them and cook them for a minute on each side`,
    pct: { 'strong flour': 100, water: 65, salt: 2 },
    kinds: 'mix knead rest divide roll cook',
    rests: [30],
    cook: [60, 60],
    pieceG: 90.1,
  },
  {
    manner: 'a table of stages',
    text: `Ingredients: flour 800 g, water 520 g, salt 16 g, dried yeast 6 g
Stage | Time | Note
Mix | 5 min | by hand
Knead | 10 min | windowpane
Proof | 75 min | 26 °C
Divide | | 14 pieces
Rest | 15 min | covered
Roll | | 18 cm
Cook | 60 s + 45 s | hot griddle`,
    pct: { flour: 100, water: 65, salt: 2, 'dried yeast': 0.75 },
    kinds: 'mix knead proof divide rest roll cook',
    rests: [75, 15],
    cook: [60, 45],
    pieceG: 93.1,
  },
  {
    manner: 'laminated with butter',
    text: `Ribbon rounds
400 g plain flour
240 g hot water
8 g salt
60 g soft butter, for the layers
Pour the hot water over the flour and salt, stir and knead 5 minutes when it is cool enough. Rest 30 minutes. Divide into 8. Roll out thin, spread with butter, roll up and coil. Rest 10 minutes. Roll out again to 16 cm. Cook 2 minutes a side on medium heat.`,
    pct: { 'plain flour': 100, 'hot water': 60, salt: 2 },
    kinds: 'mix knead rest divide roll fill coil rest roll cook',
    rests: [30, 10],
    cook: [120, 120],
    pieceG: 78.6,
  },
  {
    manner: 'short message',
    text: `400 flour, 260 water, 8 salt. knead 8, rest 30, 8 balls, 15 more, roll, 1 min each side hot pan`,
    pct: { flour: 100, water: 65, salt: 2 },
    kinds: 'mix knead rest ball rest roll cook',
    rests: [30, 15],
    cook: [60, 60],
  },
  {
    manner: 'soda bread cut in wedges',
    text: `Griddle farls
300 g plain flour
250 ml buttermilk
1 tsp bicarbonate of soda
3/4 tsp salt
Mix lightly, do not knead. Pat out to a round 2 cm thick and cut into quarters. Cook on a low griddle for 8 minutes on each side. Stand them on their edges for 1 minute at the end.`,
    pct: { 'plain flour': 100, buttermilk: 85.8 },
    kinds: 'mix shape divide cook',
    rests: [],
    cook: [480, 480],
  },
  {
    manner: 'with a starter fed the night before',
    text: `Night before: mix 50 g starter with 50 g flour and 50 g water; leave overnight.
Day: add 400 g flour, 230 g water, 9 g salt. Knead 6 minutes, prove 3 hours, divide into 9, ball, rest 30 minutes, roll, cook 70 s a side.`,
    pct: { flour: 100, salt: 2 },
    kinds: 'mix rest mix knead proof divide ball rest roll cook',
    rests: [600, 180, 30],
    cook: [70, 70],
  },
];
