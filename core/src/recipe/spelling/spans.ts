import type { Spelling } from './rule.ts';

const MINUTES_OF: Readonly<Record<string, number>> = { '¼': 15, '½': 30, '¾': 45 };
const UNIT = '(min(?:ute)?s?|h(?:ours?|rs?)?)';
const SOME_TIME = `overnight|(?:\\d[\\d.]*|an?|half an?|one|two|three) ?${UNIT.replace('(', '(?:')}`;

const seconds = (_?: string, min = '', s = ''): string => `${60 * Number(min) + Number(s)} s`;

/** How long, in one order: a range behind its first figure, and what only dresses a figure up. */
export const TIMES: readonly Spelling[] = [
  [/\bbetween (\d+(?:\.\d+)?) and (\d+(?:\.\d+)?)(?= ?(?:min|h\b|hour))/gi, '$1-$2'],
  // "30 minutes, an hour is better", "2 hours (overnight is even better)"
  [
    new RegExp(
      `(?<=${UNIT}|overnight)(?:[,;]| –)?(?: \\(| )(?:but |and )?(${SOME_TIME}) (?:(?:is|are|would be) (?:(?:even|much|still) )?(?:better|best|nicer)|if (?:you|they|there)(?:['’]ve)? (?:have|has|got|is) (?:it|time|the time))\\)?`,
      'gi',
    ),
    // a night is as well what it may last until
    (_, ...[, better = '']: string[]) => (/^over/i.test(better) ? ` or ${better}` : `, better ${better}`),
  ],
  [
    new RegExp(`(?<=${UNIT})[,;]? (${SOME_TIME}) does (?:it )?no harm`, 'gi'),
    (_, ...[, most = '']: string[]) => ` to ${most}`,
  ],
  // "30 minutes minimum, 2 hours maximum"
  [
    new RegExp(`(\\d ?${UNIT}) min(?:imum)?\\.?,? (?:and )?(\\d[\\d.]* ?${UNIT}) max(?:imum)?\\b\\.?`, 'gi'),
    (_, ...[least = '', , most = '']: string[]) => `${least} to ${most}`,
  ],
  // "30/40 min": no side of a bread takes so long
  [
    new RegExp(`(?<![\\d/.])([1-9]\\d)\\/([1-9]\\d)(?= ?${UNIT}\\b)`, 'gi'),
    (all = '', a = '', b = '') => (Number(b) > Number(a) ? `${a}-${b}` : all),
  ],
  [new RegExp(`(\\d) \\((?:up )?to (\\d+)\\)(?= ?${UNIT}\\b)`, 'gi'), '$1-$2'],
  [new RegExp(`(?<![\\d.])(\\d+)\\+ ?(?=${UNIT}\\b)`, 'gi'), 'at least $1 '],
  [new RegExp(`(\\d) \\(\\p{L}+(?:-\\p{L}+)?\\)(?= ?${UNIT}\\b)`, 'giu'), '$1'],
  [/(?<=\d |[ny] |[ne] )(?:whole|full|entire) (?=(?:minutes|hours)\b)/gi, ''],
  [/\b(\d+|\p{L}{3,7}(?:-\p{L}{3,5})?) or so (minutes|mins?|hours)\b/giu, 'about $1 $2'],
  [/\b(?:a )?half to three[- ]quarters of an hour\b/gi, '30-45 minutes'],
  [/(?<![\d/]|\d )([¼½¾]) ?(?:of )?(?:an )?h(?:our|r)?\b/gi, (_, part = '') => `${MINUTES_OF[part] ?? 0} minutes`],
  [
    /\b(\d|an|one|two|three) hours? ([1-5]\d)(?= *(?:[.,;)]|$|(?:rest|proof|until|till|at|in|on|then)\b))/gi,
    '$1 hour $2 minutes',
  ],
  [/(\d+) ?(min(?:ute)?s?),? (?:maybe|perhaps|possibly|or even) (\d+)(?! ?(?:g|s|sec\w*|cm|h|hours?)\b)/gi, '$1-$3 $2'],
  [/(\d) ?(hours?|h|hrs?) and ([1-5]?\d) ?(?=min)/gi, '$1 $2 $3 '],
  // "up to 40 minutes rest"
  [
    new RegExp(
      `^(up to|at (?:the )?(?:most|least)|max(?:imum)?\\.?) (\\d+ ?${UNIT})['’]? (?:of )?(rest|proof|rise|chill|knead)(?:ing)?\\b`,
      'i',
    ),
    '$4 $1 $2',
  ],
  // "1½ minutes": a point in the midst of a sentence would end it for some
  [
    /(?<![\d/]|\d ?(?:-|–|to|or) ?)([1-5]?) ?([¼½¾]) ?min(?:ute)?s?\b/gi,
    (_, whole = '', part = '') => `${60 * Number(whole) + (MINUTES_OF[part] ?? 0)} s`,
  ],
  // "1 to 1½ min": in figures
  [
    new RegExp(`(?<![\\d/])(\\d{0,2}) ?([¼½¾])(?=(?: ?(?:-|–|to|or) ?\\d*[¼½¾]?)? ?(?:${UNIT}|s(?:ec\\w*)?)\\b)`, 'gi'),
    (_, whole = '', part = '') => String(Number(whole) + (MINUTES_OF[part] ?? 0) / 60),
  ],
  // "1:30 min", "1m30", "1 minute 30 on each side"
  [/(?<![\d:.])(\d):([0-5]\d) ?min(?:ute)?s?\b/gi, seconds],
  [/(?<![\d.])(\d)m ?([0-5]\d)(?: ?s)?\b(?! ?(?:cm|mm|g|ml)\b)/g, seconds],
  [
    /(?<![\d.-])(\d) min(?:ute)?s? ([1-5]\d)(?= *(?:[.,;)/+]|$|(?:on|per|a|each|and|then|turn|flip|more)\b))/gi,
    seconds,
  ],
  [
    /(?<![\d.-])(\d) ?min(?:ute)?s? and ([1-5]?\d) ?s(?:ec(?:ond)?s?)?\b(?!,? (?:(?:(?:on|for) )?(?:the )?(?:other|second|2)|(?:once|after|when) (?:turn|flip)))/gi,
    seconds,
  ],
  // sixty inches have no bread
  [/(?<![\d.'′’])([3-9]\d) ?["″”]/g, '$1 s'],
  // of a side on the griddle the longest is meant
  [/\b(?:up to|at (?:the )?most|max(?:imum)?\.?|not? (?:more|longer) than) (?=\d{1,3} ?s(?:ec\w*)?\b)/gi, 'about '],
];

const MM_OF_CM: Readonly<Record<string, string>> = {
  '1/4': '2.5',
  '¼': '2.5',
  '1/2': '5',
  '½': '5',
  '3/4': '7.5',
  '¾': '7.5',
};

/** How large, in one order. */
export const SIZES: readonly Spelling[] = [
  [/(\d)-(?=(?:cm|mm|inch(?:es)?)\b)/gi, '$1 '],
  [
    /(?<![\d.] ?)([¼½¾]|[13]\/[24]) ?(?:a )?(?:cm|centimet(?:re|er)s?)\b/gi,
    (_, part = '') => `${MM_OF_CM[part] ?? ''} mm`,
  ],
  [/\b(\d+(?:\.\d+)?) ?(mm|cm) (?:to|-|–) (\d+(?:\.\d+)?) ?\2\b/gi, '$1-$3 $2'],
  [
    /\b(?:a )?(quarter|half) (?:of )?an inch\b/gi,
    (_, part = '') => (part.toLowerCase() === 'half' ? '1/2 inch' : '1/4 inch'),
  ],
  [/\b(?:to )?(?:about )?the size of (?:a|your|the) (\d+ ?cm) (?:pan|griddle|skillet|tawa|plate|dish)\b/gi, 'to $1'],
  [/\bone by one (?=to \d)/gi, 'each '],
  [/(?<!\b(?:half|quarter of) )\ba (?=centimet(?:re|er)\b)/gi, '1 '],
];
