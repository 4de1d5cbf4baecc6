import type { Spelling } from './rule.ts';

/** Work of hands whose forms follow the rule. */
const REGULAR = [
  'add autolyse bake ball blend brush butter chill coat coil combine cook cover crumble curl deflate degas dimple divide',
  'dock drizzle dust ease ferment fill finish flatten fold form gather glaze grease griddle halve invert join knead knock',
  'lift lower melt mix moisten move oil open paint pinch place poke portion pour press prick prove pull pummel punch push',
  'refrigerate relax release repeat rest return reverse roll round scald scale scatter scrape seal separate shape sieve sift',
  'smash smear smooth spoon sprinkle squash stack stretch stuff toast top toss transfer turn twist warm wet whisk work',
].flatMap((line) => line.split(' '));
/** Those that double their last letter. */
const DOUBLED = 'chop dab dot drop flip knot nip pat pin rub slap stir tip wrap'.split(' ');
/** The others: `[what is to be done, what was done, what somebody does, doing]`. */
const IRREGULAR = [
  'beat beat beats beating',
  'break broke breaks breaking',
  'bring brought brings bringing',
  'cut cut cuts cutting',
  'dry dried dries drying',
  'fry fried fries frying',
  'give gave gives giving',
  'lay laid lays laying',
  'leave left leaves leaving',
  'let let lets letting',
  'make made makes making',
  'proof proofed proofs proofing',
  'put put puts putting',
  'set set sets setting',
  'slide slid slides sliding',
  'split split splits splitting',
  'spread spread spreads spreading',
  'tear tore tears tearing',
  'throw threw throws throwing',
  'wind wound winds winding',
].map((line) => line.split(' '));

const stem = (verb: string): string => (verb.endsWith('e') ? verb.slice(0, -1) : verb);
const FORMS: readonly (readonly string[])[] = [
  ...REGULAR.map((v) => [v, `${stem(v)}ed`, /(?:s|sh|ch|x)$/.test(v) ? `${v}es` : `${v}s`, `${stem(v)}ing`]),
  ...DOUBLED.map((v) => [v, `${v}${v.at(-1)}ed`, `${v}s`, `${v}${v.at(-1)}ing`]),
  ...IRREGULAR,
];
const BASE_OF = new Map(FORMS.flatMap(([base = '', ...forms]) => forms.map((f) => [f, base])));
const baseOf = (form: string): string => BASE_OF.get(form.toLowerCase()) ?? form;
const DONE = FORMS.flatMap(([, past = '', third = '']) => [past, third]);
const DOES_NOW = FORMS.flatMap(([, , , doing = '']) => [doing]);
const capital = (word: string): string => `${word.charAt(0).toUpperCase()}${word.slice(1)}`;
const oneOf = (words: readonly string[]): string => words.join('|');

const WHO = String.raw`(?:i|we|you|she|he|they|everyone|everybody|(?:each|every) (?:person|student|learner|pupil|participant|child|pair|group|table|one|of (?:them|you|us))|(?:the )?(?:students|learners|pupils|children|class)|(?:my|our) (?:grand)?(?:mother|father|aunt|uncle))`;
const HOW = String.raw`(?:(?:then|now|next|always|usually|also|simply|just|first|gently|quickly) )*`;
const START = String.raw`(?<=^|[.;:] )(?:(?:first|then|now|next|afterwards|after that),? )?`;
/** "She kneaded it and rolled it out": who does it, and all that is told of it. */
const TOLD_OF = new RegExp(String.raw`(${START}${WHO} ${HOW})(${oneOf(DONE)})\b([^.;]*)`, 'gi');
const AND_DONE = new RegExp(String.raw`(?<=, (?:then |and |and then )?|\b(?:and|then) )(${oneOf(DONE)})\b`, 'gi');
/** "Rounding them off", at the head of a sentence; in the midst of one it says how something is done. What stands behind names a tool or a powder. */
const DOING = new RegExp(
  String.raw`(?<=^|[.;] )(${oneOf(DOES_NOW.map(capital))})((?:,| (?!(?:times?|bowls?|boards?|pins?|trays?|cloths?|plates?|pans?|papers?|powder|soda|sheets?|stones?|steels?|tips?|day|station|class|table)\b)\p{Ll})[^.;:]*)`,
  'gu',
);
const AND_DOING = new RegExp(String.raw`(?<=, (?:then |and )?|\b(?:and|then) )(${oneOf(DOES_NOW)})\b`, 'g');
/** A sentence about how it goes says nothing to do. */
const IS_TOLD_OF =
  /\b(?:is|are|was|were|makes?|takes?|helps?|gives?|lets|can|will|may|needs?|works?|means|keeps)\b|\d ?(?:min|h|hours?|minutes?)\b.*\d ?(?:min|h|hours?|minutes?)\b/i;
const FINITE = /\b(?:that|who|which|when|because|if)\b/i;

/** Who does it, and when, told with the work: in the words of what is to be done. */
export const VOICES: readonly Spelling[] = [
  // "now you can knead": it is time to
  [/(?<=(?:^|[.;] )now (?:you|we|they)) can (?=\p{Ll})/giu, ' '],
  [/(?<=(?:^|[.;] )(?:you|we|they)) can (?=now \p{Ll})/giu, ' '],
  // "by the time the last was done the first had rested ten minutes"
  [
    /,? (?:and )?by the time [^.;,]{3,40} the first (?:ones? )?(?:had|has|have) (?:already )?rest(?:ed)? (?:for )?(?=\d|\p{L})/giu,
    ', rest ',
  ],
  [
    TOLD_OF,
    (all = '', who = '', verb = '', rest = '') =>
      FINITE.test(rest) || (/^ma/i.test(verb) && /^ (?:about )?\d+ (?:of|breads|for)\b/.test(rest))
        ? all
        : `${who}${baseOf(verb)}${rest.replace(/^ theirs\b/, ' it').replace(AND_DONE, baseOf)}`,
  ],
  [
    DOING,
    (all = '', doing = '', rest = '') =>
      IS_TOLD_OF.test(rest) ? all : `${capital(baseOf(doing))}${rest.replace(AND_DOING, baseOf)}`,
  ],
];
