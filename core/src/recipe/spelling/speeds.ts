import { SMALL, wordValue } from '../number-words.ts';
import type { Spelling } from './rule.ts';

const N = `(${SMALL}|\\d{1,2})`;
const MIN = `(?: ?min(?:ute)?s?| ?')`;
const THEN = `,? (?:and |then |\\+ )*`;
const ON = `(?:(?:at|on|in) )?(?:the |a )?`;
const SLOW = `${ON}(?:(?:speed|gear) ?(?:1|I|one)|(?<=\\b(?:on|at) )(?:1|one)\\b|(?:1st|first|slow(?:ly)?|low)(?: (?:speed|gear))?)`;
const FAST = `${ON}(?:(?:speed|gear) ?(?:2|3|II|two|three)|(?<=\\b(?:on|at) )(?:2|two)\\b|(?:2nd|second|fast|medium|high)\\b(?: (?:speed|gear))?)`;
/** What is turned up between the two. */
const UP = `(?:(?:increase|turn (?:it )?up) to )?`;

/** "2 min first, 1 min second" are sides of a bread. */
const isMachine = (words: string): boolean =>
  /\b(?:slow(?:ly)?|fast|low|medium|high|speed|gear)\b|\bon (?:1|one)\b.*\bon (?:2|two)\b/i.test(words);
const sum = (a: string, b: string): number => Number(wordValue(a)) + Number(wordValue(b));
/** Both times as one: at the head of a clause it is mixing, elsewhere of the work that is told. */
const both =
  (verb: string) =>
  (all = '', a = '', b = ''): string =>
    isMachine(all) ? `${verb}${sum(a, b)} min` : all;

const TIME_FIRST = `${N}${MIN}? ${SLOW}${THEN}${UP}${N}${MIN}? ${FAST}`;
const SPEED_FIRST = `${SLOW}:? (?:for )?${N}${MIN}${THEN}${UP}${FAST}:? (?:and knead )?(?:for )?${N}${MIN}?(?!\\d| ?(?:g|ml|h|s)\\b)`;

/** The two speeds of a machine, each with its time, are one mixing. */
export const MACHINE_SPEEDS: readonly Spelling[] = [
  // "3 min I, 6 min II"
  [/(\d) ?(?:min|')? I,? (?:and |\+ )?(\d{1,2}) ?(?:min|')? II\b/g, '$1 slow, $2 fast'],
  // "Kneading: 4' / 6'" on a card
  [
    /^(?:kneading|mixing|knead|mix|kneader|spiral(?: mixer)?|machine|mixer):? (\d{1,2}) ?(?:'|min)? ?\/ ?(\d{1,2}) ?(?:'|min)(?=[.,;]?$)/i,
    (_, a = '', b = '') => `mix ${sum(a, b)} min`,
  ],
  // "mix 4 + 5", "into the machine, 4 + 5 min"
  [
    /\b(mix|knead) (\d{1,2}) ?\+ ?(\d{1,2})(?= *(?:[-–,;.]|$))/gi,
    (_, verb = '', a = '', b = '') => `${verb} ${sum(a, b)} min`,
  ],
  [
    /(?<=\b(?:machine|mixer|mix|knead|stir|beat)\b[^.;,\d]{0,24}[,:]? (?:for )?)(\d{1,2})(?: ?min(?:ute)?s?)? ?\+ ?(\d{1,2}) ?min(?:ute)?s?\b/gi,
    (_, a = '', b = '') => `${sum(a, b)} min`,
  ],
  [
    /(?<=^mix )(\d{1,2}) ?min (?:1st|first),? (?:and |\+ )?(\d{1,2}) ?min (?:2nd|second)\b/gi,
    (_, a = '', b = '') => `${sum(a, b)} min`,
  ],
  // "4 min slow, 5 min fast", "1st speed 3 min, 2nd speed 5 min"
  [new RegExp(`(?<=^|[.;] )${TIME_FIRST}`, 'gi'), both('mix ')],
  [new RegExp(`\\b${TIME_FIRST}`, 'gi'), both('')],
  [new RegExp(`(?<=^|[.;] )${SPEED_FIRST}`, 'gi'), both('mix ')],
  [new RegExp(`\\b${SPEED_FIRST}`, 'gi'), both('')],
  // "First speed 4 min with 6.5 kg water, yeast."
  [
    /^((?:1st|first|2nd|second|low|slow|high|fast) speed|speed [12]):? (?:for )?(\d{1,2}) ?min(?:ute)?s?\b(?= with\b|, [^;]*\b(?:salt|oil|water|yeast|butter)\b)(?!.*\b(?:speed|2nd|second|fast)\b)/i,
    (_, speed = '', n = '') => `${/2nd|second|high|fast|2/i.test(speed) ? 'knead' : 'mix the dough'} ${n} min`,
  ],
  // "4 min slow, rest 20, 2 min slow": one speed, and then another
  [
    /(?<=^|[,;:] )(\d{1,2}) ?min(?:ute)?s? (?:(?:on|at|in) )?(?:(?:the )?(?:slow|fast|(?:1st|first|2nd|second) (?:speed|gear)|speed \d)|(?<=\b(?:[3-9]|1\d) ?min(?:ute)?s? on )(?:first|second))(?= *(?:[,;.]|$|with\b))/gi,
    'mix $1 min',
  ],
];
