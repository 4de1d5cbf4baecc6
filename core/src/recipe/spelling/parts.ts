import type { Spelling } from './rule.ts';

const PART = 'fillings?|stuffings?|toppings?|glaze|dip|sauce|coating|brushing|garnish|drizzle';
const NAME = `(?:the |our |my |for (?:the )?)?(?:\\p{L}+(?: (?:and|&) \\p{L}+)? )?(?:${PART})`;
const AMOUNT = '(?:about |a )?[\\d½¼¾]';
const WEIGHED = '\\d[\\d.,]* ?(?:k?g|ml|tbsp|tsp)';

/** What somebody gets on one bread is told so of each entry. */
const eachOf = (list: string): string =>
  list
    .replace(/\.$/, '')
    .split(/,(?: and)? (?=[\d½¼¾a])| and (?=[\d½¼¾a])|; /)
    .map((entry) => `${entry} on each`)
    .join(', ');

/** What a bread is filled or topped with, under one kind of label, however its list is set beside it. */
export const PARTS: readonly Spelling[] = [
  // "Filling per bread: 25 g feta"
  [
    new RegExp(
      `^(${NAME}(?:,| \\()? ?(?:per|for each|for every|for one|each)(?: (?:bread|piece|one|round|flatbread|person))?\\)?)[:=]? (?=${AMOUNT})(.*)$`,
      'iu',
    ),
    (_, name = '', list = '') => `${name}: ${eachOf(list)}`,
  ],
  // "Filling – 200 g feta", "The filling is 200 g feta"
  [
    new RegExp(
      `^(${NAME}) ?(?: [–—-]| is| are| consists of| is made (?:of|from|with)| of| takes| needs| =) (?=${AMOUNT})`,
      'iu',
    ),
    '$1: ',
  ],
  // "Filling (200 g feta, 40 g parsley)"
  [new RegExp(`^(${NAME}) \\((?=${AMOUNT})(?!\\d{1,2}\\))([^()]*\\p{L}{3}[^()]*)\\)\\.?$`, 'iu'), '$1: $2'],
  // "200 g feta (filling)"
  [
    new RegExp(
      `^(${AMOUNT}.*|\\p{L}.*\\d ?(?:k?g|ml)) \\((?:for (?:the )?)?(${PART}|serving|dusting|layers)\\)$`,
      'iu',
    ),
    '$1, for the $2',
  ],
  // "ghee (for the layers) 45 g"
  [
    new RegExp(
      `^(\\p{L}+(?: \\p{L}+)?) \\((?:for (?:the )?)?(${PART}|layers?|layering|folding|serving|dusting)\\)(?=[ :.–-]+\\d)`,
      'iu',
    ),
    '$1, for the $2',
  ],
  // "mix 200 g feta with 40 g parsley"
  [
    new RegExp(`(${WEIGHED} (?:of )?\\p{L}+(?: \\p{L}+)?) with (?=${WEIGHED})(?<=\\b(?:${PART})\\b.*)`, 'giu'),
    '$1 and ',
  ],
  // "For the filling mix 200 g feta and 40 g parsley."
  [/^(for the (?:filling|stuffing|topping|dip|sauce|glaze)),? (?=(?:mix|combine|stir|mash|crumble|blend)\b)/i, '$1: '],
  [/(?<=^|; )egg ?wash(?=\.?$|;)/gi, 'egg, to glaze'],
];
