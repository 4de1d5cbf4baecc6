import { AVOIDABLE, findFood } from '../foods/index.ts';
import type { Participant } from '../workshop/index.ts';

type Avoided = Participant['avoid'][number];

interface Phrase {
  readonly pattern: RegExp;
  readonly level: Avoided['level'];
  readonly what: readonly string[];
  /** What has still to be asked, or is not compared; it stays with the person until somebody has dealt with it. */
  readonly ask?: string;
}
const phrase = (pattern: RegExp, level: Avoided['level'], what: readonly string[], ask?: string): Phrase => ({
  pattern,
  level,
  what,
  ...(ask !== undefined && { ask }),
});

const NOT_ALL_NUTS = 'tree nuts, peanuts or both? Both are kept away until somebody has asked';
const KOSHER = 'kosher: pork and shellfish are compared; meat beside milk, and who made a food, are not';
const HALAL = 'halal: pork and alcohol are compared; how meat was slaughtered is not';

/** What people write for what they avoid, with the words of breads that it stands for (common practice). */
const PHRASES: readonly Phrase[] = [
  phrase(/\b(c(o)?eliacs?|gluten|gf)\b/g, 'strict', ['gluten', 'wheat']),
  phrase(/\bwheat\b/g, 'strict', ['wheat']),
  phrase(/\b(dairy|(cow'?s )?milk|lactose|df)\b/g, 'strict', ['milk']),
  phrase(/\b(peanuts?|ground ?nuts?)\b/g, 'strict', ['peanut']),
  phrase(/\b(tree ?nuts?|almonds?|walnuts?|hazelnuts?|pistachios?|cashews?|pecans?|macadamias?)\b/g, 'strict', [
    'nuts',
  ]),
  phrase(/\bnuts?\b/g, 'strict', ['nuts', 'peanut'], NOT_ALL_NUTS),
  phrase(/\beggs?\b/g, 'strict', ['egg']),
  phrase(/\bsoy(a|a ?beans?| ?beans?)?\b/g, 'strict', ['soya']),
  phrase(/\b(sesame|tahini)\b/g, 'strict', ['sesame']),
  phrase(/\b(shellfish|seafood)\b/g, 'strict', ['crustaceans', 'molluscs']),
  phrase(/\b(crustaceans?|prawns?|shrimps?|crabs?|lobsters?)\b/g, 'strict', ['crustaceans']),
  phrase(/\b(molluscs?|mussels?|oysters?|squid|clams?)\b/g, 'strict', ['molluscs']),
  phrase(/\bfish\b/g, 'strict', ['fish']),
  phrase(/\b(celery|celeriac)\b/g, 'strict', ['celery']),
  phrase(/\bmustard\b/g, 'strict', ['mustard']),
  phrase(/\b(sulphites?|sulfites?|sulphur dioxide)\b/g, 'strict', ['sulphites']),
  phrase(/\blupins?\b/g, 'strict', ['lupin']),
  phrase(/\bvegan\b/g, 'diet', ['animal', 'crustaceans', 'egg', 'fish', 'meat', 'milk', 'molluscs', 'pork']),
  phrase(/\b(vegetarian|veggie)\b/g, 'diet', ['crustaceans', 'fish', 'meat', 'molluscs', 'pork']),
  phrase(/\b(pescatarian|pescetarian)\b/g, 'diet', ['meat', 'pork']),
  phrase(/\b(pork|lard|ham|bacon)\b/g, 'diet', ['pork']),
  phrase(/\b(halal|muslim)\b/g, 'diet', ['alcohol', 'pork'], HALAL),
  phrase(/\b(kosher|jewish)\b/g, 'diet', ['crustaceans', 'molluscs', 'pork'], KOSHER),
  phrase(/\b(alcohol|wine|beer)\b/g, 'diet', ['alcohol']),
  phrase(/\bmeat\b/g, 'diet', ['meat']),
];
const NOTHING =
  /^(no|none|nothing|nil|n\/?a|-+|–|—|not any|no (food )?(allerg(y|ies)|restrictions?|requirements?)|eats (everything|anything)|all fine|fine|ok)?\.?$/;
/** "I only prefer not to", "by choice". */
const BY_CHOICE =
  /\b(prefers?|preference|by choice|diet|rather not|(does ?n[o']t|do ?n[o']t|doesnt|dont) like|dislikes?)\b/;
/** Words around a food that say nothing more than that it is avoided. */
const AROUND = new Set(
  (
    'a about all allergic allergies allergy also am an and any anything are at avoid avoiding avoids be because by can cannot cant ' +
    "can't choice containing contains diet dietary dislikes do does doesnt doesn't dont don't dislike eat eating eats either food foods " +
    'form forms free friendly from fully has have having he her his i in intolerance intolerant intolerances is it just kind kinds like ' +
    'likes mild mildly no non not of on only or other please prefer preference preferred prefers products product rather requires ' +
    'requirement sensitive sensitivity severe severely she serious seriously so some strict strictly than that the their them they this ' +
    "to very what which who with without disease suffers suffer never touch must mustn't bread"
  ).split(' '),
);
/** What people say of themselves that is no food: it is noted, and hinders nobody from taking a seat. */
const NO_FOOD =
  /\b(arriv\w*|late|early|leav\w*|left[- ]?hand\w*|right[- ]?hand\w*|child|children|kid|kids|teen\w*|aged?|years?|yrs?|old|birthday|phone|tel|telephone|mobile|call|text|e-?mail|wheelchair|pregnan\w*|deaf|hearing|blind|dog|stairs|sitting|stool|back pain|first time|beginner|gift|voucher|paid|pay|cash|speaks?)\b|\+?\d[\d ()/-]{5,}\d|@/i;

/** What was understood of a text about somebody; what was not is handed back as it was written. */
export interface AvoidedReading {
  readonly avoid: readonly Avoided[];
  /** What may be about food and was not understood at all. */
  readonly unknown: readonly string[];
  /** What stays with the person in words: no food, understood in part, or a question that has to be asked. */
  readonly remarks: readonly string[];
}

/** A text longer than this is not read but kept: nobody writes so much of what they avoid, and every pattern would walk through it. */
const MOST_READ = 1_000;

const lowered = (text: string): string => text.toLowerCase().replace(/[’‘]/g, "'");

/** Whether a word is one of an allergy or a diet, or a food that holds an allergen: no such word is ever taken for part of a name. */
export function isAvoidedWord(word: string): boolean {
  const bare = lowered(word).replace(/[^\p{L}' -]/gu, '');
  if (bare === '') return false;
  const isPhrase = PHRASES.some((p) => bare.search(p.pattern) >= 0);
  return isPhrase || AVOIDABLE.includes(bare) || (findFood(bare)?.allergens?.length ?? 0) > 0;
}

/**
 * Reads what somebody avoids from their own words ("coeliac, no dairy", "vegan"). Strict unless it is a diet or said to be a choice;
 * a food by name stands for its allergens ("butter" for milk). Nothing that was said is lost: each part is understood, or comes back.
 */
export function readAvoided(text: string): AvoidedReading {
  const found = new Map<string, Avoided>();
  const unknown: string[] = [];
  const remarks: string[] = [];
  const take = (what: string, level: Avoided['level']): void => {
    if (found.get(what)?.level !== 'strict') found.set(what, { what, level });
  };
  if (text.length > MOST_READ) return { avoid: [], unknown: [text], remarks };
  for (const part of partsOf(text)) {
    const read = readPart(part);
    for (const { what, level } of read.avoid) take(what, level);
    if (read.avoid.length === 0 && read.left !== '') (NO_FOOD.test(part) ? remarks : unknown).push(part);
    else if (read.left !== '') remarks.push(part);
    remarks.push(...read.asks);
  }
  return {
    avoid: [...found.values()].sort((a, b) => (a.what < b.what ? -1 : 1)),
    unknown,
    remarks: [...new Set(remarks)],
  };
}

/** The parts of a text between its commas and conjunctions, but for those that say that there is nothing. */
function partsOf(text: string): readonly string[] {
  if (NOTHING.test(lowered(text).trim())) return [];
  return text
    .split(/[,;/+&|()]|\.(?:\s|$)|\b(?:and|or|but|plus)\b/i)
    .map((p) => p.trim())
    .filter((p) => !NOTHING.test(lowered(p)));
}

interface PartReading {
  readonly avoid: readonly Avoided[];
  readonly asks: readonly string[];
  /** What of it no list knows. */
  readonly left: string;
}

function readPart(part: string): PartReading {
  const words = lowered(part);
  const isChoice = BY_CHOICE.test(words);
  let rest = words;
  const avoid: Avoided[] = [];
  const asks: string[] = [];
  for (const { pattern, level, what, ask } of PHRASES) {
    const after = rest.replace(pattern, ' ');
    if (after === rest) continue;
    rest = after;
    avoid.push(...what.map((w) => ({ what: w, level: isChoice ? ('diet' as const) : level })));
    if (ask !== undefined) asks.push(ask.startsWith(part.toLowerCase()) ? ask : `“${part}”: ${ask}`);
  }
  const level = isChoice ? 'diet' : 'strict';
  const left = wordsOf(rest).filter((w) => !AROUND.has(w));
  // what is left may be a food by name, in one word or several
  const ofFood = left.length > 0 ? (findFood(left.join(' '))?.allergens ?? []) : [];
  if (ofFood.length > 0) {
    avoid.push(...ofFood.map((what) => ({ what, level }) as const));
    return { avoid, asks, left: '' };
  }
  const unread = left.filter((w) => {
    if (!AVOIDABLE.includes(w)) return true;
    avoid.push({ what: w, level });
    return false;
  });
  return { avoid, asks, left: unread.join(' ') };
}

const wordsOf = (text: string): readonly string[] =>
  text.split(/[^\p{L}\p{N}']+/u).filter((w) => /[\p{L}\p{N}]/u.test(w));

/** A word that may stand for what somebody avoids in a text that was not understood: "severe strawberry allergy" gives "strawberry". */
export function freeWordIn(text: string): string {
  return wordsOf(lowered(text))
    .filter((w) => !AROUND.has(w))
    .join(' ')
    .slice(0, 60);
}
