import type { IngredientUse } from '../formula/index.ts';
import { looksTimed } from './line-kinds.ts';
import { ONLY_AMOUNT } from './measures.ts';

/** What the lines under a heading are. */
export type Part = 'unknown' | 'ingredients' | 'method' | 'keeping' | 'passed';

/** "Filling (for 8)", "filling per bread". */
const FOR_HOW_MANY =
  '(?: \\((?:for|enough for|makes) \\d{1,3}[^()]*\\)| for (?:about )?\\d{1,3}(?: \\p{L}+)?|(?:,| \\()? ?(?:per|for each|for every|for one|each)(?: \\p{L}+)?\\)?)?';
/** "Cheese filling", "potato and pea filling". */
const OF_FOODS = '(?:(?!to |for )\\p{L}[\\p{L}-]+(?:(?: and| &|,) (?!to |for )\\p{L}[\\p{L}-]+)? ){1,2}';

const HEADINGS: readonly (readonly [RegExp, Part, IngredientUse])[] = [
  [
    /^(?:the )?(?:fill|stuff)(?:ings?)?(?: ingredients)?$|^(?:(?:for|goes) )?(?:the )?inside$|^for (?:the |a )?(?:\w+ )?(?:filling|stuffing)$|^(?:to|for) (?:fill|stuff)(?:ing)?(?: (?:them|it|the breads?))?$/i,
    'ingredients',
    'fill',
  ],
  [
    new RegExp(`^(?:for )?(?:the |a )?(?:${OF_FOODS})?(?:filling|stuffing)s?${FOR_HOW_MANY}$`, 'iu'),
    'ingredients',
    'fill',
  ],
  [
    new RegExp(`^(?:for )?(?:the |a )?(?:${OF_FOODS})?(?:topping|glaze|drizzle)s?${FOR_HOW_MANY}$`, 'iu'),
    'ingredients',
    'finish',
  ],
  [
    /^(?:(?:flour )?(?:paste|glaze|wash)|coating) for (?:the )?(?:crust|tops?|bread)$|^(?:for (?:the )?)?(?:toppings?|tops?|finish(?:ing)?|brushing|glaze|garnish|coating|sprinkles?|(?:garlic|herb|chilli|lemon|spiced?) (?:oil|butter))$|^(?:to|for) (?:finish|brush|coat|top|sprinkle|scatter|glaze|drizzle|garnish|decorate)(?:ing)?(?: (?:them|it|over|on top|the (?:top|breads?)))*(?: with)?$|^(?:(?:goes )?on|over the) top$|^(?:for the )?egg ?wash$|^(?:for the )?roomal$/i,
    'ingredients',
    'finish',
  ],
  [
    new RegExp(
      `^(?:to serve|for serving|serving|serve with|for dipping|(?:for )?(?:the |a )?(?:\\w+ )?(?:dip|sauce|chutney|relish|salad|dressing|spread)${FOR_HOW_MANY})$`,
      'iu',
    ),
    'ingredients',
    'serve',
  ],
  [/^(?:for )?dusting$|^to dust$/i, 'ingredients', 'dust'],
  [/^(?:for (?:the )?)?(?:lye |soda |alkali )?bath$|^lye$/i, 'ingredients', 'bath'],
  [
    /^(?:(?:oil|flour|butter) )?paste$|^(?:for )?(?:the )?(?:layers?|folds|layering|between(?: the layers)?|lamination)$|^(?:to|for) (?:fold|layer|folding|layering|shaping|stretching|spreading|coiling)$|^for the (?:fat|fats|grease)$|^(?:for )?(?:the )?(?:fat|oil|butter) mix(?:ture)?$/i,
    'ingredients',
    'layer',
  ],
  [/^(?:for )?(?:the )?(?:griddle|frying|cooking)$|^(?:to|for) (?:cook|fry|cooking)$/i, 'ingredients', 'griddle'],
  [
    /^(?:you(?: will|['’]ll)? need(?:,? (?:per|for each|for every) \w+)?(?: \([^)]*\))?|what you(?:'|’)?(?:ll)? need|ingredients?(?: list)?(?: for .*| \((?:for|makes|per) [^)]*\))?|(?:raw )?materials?|quantities|formula(?: \([^)]*\))?|formula on 100(?: of)? flour|baker['’]?s (?:%|per ?cent(?:ages?)?)(?: \([^)]*\))?|shopping list|(?:for (?:the )?)?dough(?: \([^)]*\))?|(?:for (?:the )?)?(?:levain|poolish|biga|sponge|pre-?ferment|leaven|starter)(?: \([^)]*\))?|for (?:the )?(?:breads?|flatbreads?|batter|starter|wraps?|rounds?)|ingredients?(?: +(?:weight|amount|grams?|quantity|%))+)$/i,
    'ingredients',
    'dough',
  ],
  [
    /^(?:methods?|process(?:es)?(?: +times?)?|directions?|instructions?|preparation|procedure|steps?|timetable|schedule|(?:time )?plan|running order|how to(?: make)?.*|how (?:we|i|you) (?:run|do|make|work|go about|set about)(?: it| this| them)?|making .*|to make(?: .*)?|what (?:to|you|we) d(?:o|id)|let['’]s (?:bake|cook|go|begin|start|make it)|do(?: this)?|then|method and tips)$/i,
    'method',
    'dough',
  ],
  [
    /^(?:storage|storing|keeping|freezing|reheating|leftovers|(?:make|do|prepare)[- ]ahead|to (?:store|keep|freeze|reheat))$/i,
    'keeping',
    'dough',
  ],
  [
    /^(?:notes?|tips?|equipment|tools|nutrition(?:al info\w*)?|variations?|comments?(?: \(\d+\))?|about (?:the|this|me|us|our)\b.*|introduction|video|related .*|share (?:this|on|with)\b.*)$/i,
    'passed',
    'dough',
  ],
];
/** The head of a table: what stands in its columns. */
const COLUMN_HEADS =
  /^(?:(?:ingredients?|materials?|what|items?|components?|how much|how long|amount|quantity|weight|grams?|k?g|%|percent(?:age)?|baker['’]?s? ?%|notes?|remarks?|unit|steps?|stages?|process|time|duration|value|parameter|setting|operation|work|task|activity|minutes|min|temp(?:erature)?\.?)(?:\s+|$)){2,}$/i;
export const PREFERMENT = /^\W*(?:for (?:the )?)?(?:levain|poolish|biga|sponge|pre-?ferment|leaven|starter)\b/i;
/** "(12 h at room temperature)" behind a preferment: how long it stands. */
export const STOOD = /\([^)]*(?:\d ?(?:h|hours?|hrs?)\b|\bovernight\b)[^)]*\)\.?$/i;

/** The same behind a dash. */
export const STOOD_BEHIND =
  /(?:(?<=\s)[-–—]|\s?;)\s+\d+(?:[.,]\d+)? ?(?:h|hours?|hrs?)\b[^,;]*$|,\s+\d+(?:\.\d+)?(?:[-–]\d+)? ?(?:h|hours?|hrs?) (?:at|in|on) [^,;]*$/i;

const LONGEST_HEADING = 60;
/** The heading that a line is, or opens with: what stands under it, and what of the line is left. */
export function headingOf(
  line: string,
): { readonly part: Part; readonly use: IngredientUse; readonly rest: string } | undefined {
  // an old book sets "Ingredients.—" before its list
  const [, head = '', rest = ''] =
    /^([^:.]{2,45}):\s*(.*)$/.exec(line) ??
    /^([\p{L} ]{2,25})\.\s?[-–—]+\s*(.+)$/u.exec(line) ??
    /^([^:]{2,45}):\s*(.*)$/.exec(line) ??
    [];
  const bare = line
    .replace(/[:#*_=|-]+$/g, '')
    .replace(/^[#*_=|-]+/g, '')
    .replace(/\s*\|\s*/g, ' ')
    .trim();
  for (const [text, after] of [
    [head.trim(), rest],
    // "Glaze (roomal): …"
    [head.replace(/ \([^)\d]*\)$/, '').trim(), rest],
    [bare, ''],
  ] as const) {
    const known =
      text === '' || text.length > LONGEST_HEADING ? undefined : HEADINGS.find(([pattern]) => pattern.test(text));
    // "Levain: 150 g" is an entry
    if (known && PREFERMENT.test(text) && ONLY_AMOUNT.test(after)) continue;
    // "Griddle: 75 s a side" names where it cooks, and no list of what is used
    if (known && !(known[2] === 'griddle' && looksTimed(after))) return { part: known[1], use: known[2], rest: after };
  }
  if (COLUMN_HEADS.test(bare.replace(/[();]/g, ' ')))
    return {
      part: /^(?:step|stage|process|work|task|activity|operation)/i.test(bare) ? 'method' : 'ingredients',
      use: 'dough',
      rest: '',
    };
  if (/^step \d{1,2}$/i.test(bare)) return { part: 'method', use: 'dough', rest: '' };
  if (/^for (?:the )?\w+(?: \w+)?:?$/i.test(line) && line.length < 40)
    return { part: 'ingredients', use: /\b(?:butter|oil|glaze)\b/i.test(line) ? 'finish' : 'dough', rest: '' };
  return undefined;
}
