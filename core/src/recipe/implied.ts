import { findFood, foodsIn } from '../foods/index.ts';
import type { Action } from './actions.ts';
import type { Duration } from './durations.ts';

export const IDLE = new Set<Action>(['rest', 'proof', 'chill', 'temper', 'bloom']);
/** "Coax it out to 20 cm": work at a piece whose word nobody knows shapes it. */
const SIZED_WORK =
  /^(?:\p{L}+ly )?(?!(?:size|diameter|width|thickness|about|around|roughly|they|it|the|this|each)\b)\p{L}{2,}(?! of\b)[^.;]*\b\d+(?:\.\d+)? ?(?:cm|mm)\b/iu;
const PIN = /\bpin\b/i;
export const sizedWorkIn = (clause: string): 'roll' | 'shape' | undefined =>
  SIZED_WORK.test(clause) ? (PIN.test(clause) ? 'roll' : 'shape') : undefined;
/** What nobody does for half an hour. */
export const STIRRED = new Set<Action>(['mix', 'scald', 'rub', 'knead']);
export const LEAST_STAND_MIN = 30;
/** No flatbread bakes for longer, in an oven either. */
export const LONGEST_BAKE_MIN = 60;
/** Nobody stirs flour and water for so long by hand. */
export const LONGEST_STIR_MIN = 15;
export const OF_PIECE = new Set<Action>(['divide', 'ball', 'rest', 'proof', 'fill']);
/** "Mix flour and water. 3 min": a time, or a size, that stands as a sentence of its own. */
export const ONLY_A_TIME =
  /^\(?(?:about |ca\.? |then |another |again |a further )*\d+(?:\.\d+)?(?: ?(?:-|–|to) ?\d+(?:\.\d+)?)?[½¼¾]? ?(?:s|secs?|seconds?|min|mins?|minutes?|h|hrs?|hours?|cm|mm)(?: (?:by hand|by machine|with a (?:mixer|machine)|in (?:a|the) (?:mixer|machine)|on (?:low|medium|slow|first|speed \d)(?: speed)?|or so|in all|total|more))?\)?[.!]?\)?$/i;
/** "26 cm, 1.5 mm": how large, and nothing more. */
export const ONLY_A_SIZE = /^\d+(?:[.,]\d+)? ?cm(?:(?:,| \/)? \d+(?:[.,]\d+)? ?mm)?[.!]?$/i;
/** "Sat down for half an hour", "go for a walk for 20 minutes": while somebody does that the dough lies. */
const IDLING =
  /^\W*(?:(?:and|then|now|so|i|we|you|she|he) )*(?:sit|sat|go|went|walk\w*|take|took|have|had|drink|drank|do|did|read|watch\w*|clean|wash\w*|tid(?:y|ied)|sweep|swept|feed|fed|talk\w*|chat\w*|forget|forgot|ignore\w*|play\w*|knit\w*|(?:set|lay|laid) the table|make (?:some |the )?(?:tea|coffee))\b(?!(?:[^.;]|\.(?=\d))*\b(?:kneading|mixing|flour|pan|griddle|sides?)\b)(?:[^.;,\d]|1 (?:cup|mug|pot|glass) of)*\b(?:for|until) (?:about |another )?(?:[\d.]+|an?) (?:more )?(?:min|h)/i;
const DRINK = /\b(?:tea|coffee)\b/i;
/** Who washes spinach works at a food, and says nothing of the dough. */
export const isIdling = (text: string): boolean => IDLING.test(text) && foodsIn(text.replace(DRINK, '')).length === 0;
/** Balls that take so long are resting. */
export const LEAST_REST_MIN = 5;
/** "30 mins on floured tray", "40 min under plastic": so long, and where; no machine, nobody's hands, and no griddle. */
export const PLACED_TIME =
  /^\W*(?:then |for )*(?:about |another )?\d[\d.]*(?: ?[-–] ?[\d.]+)? ?(?:min\w*|h|hours?) (?:again |more )?(?:on|under|underneath|beneath|between|inside|in|beside|near|next to) (?!(?:the |a |my |your |its )?(?:\w+ )?(?:griddle|pan|hot ?plate|plate|stone|tawa|tava|skillet|dome|saj|comal|iron|oven|fire|flame|embers|grill|plancha|side|machine|mixer|speed|gear|hand|first|second|slow|fast|low|medium|high|all|total|between)s?\b)/i;
/** What a clause without a verb says is done: by sides, by cold, by cover or warmth, by a number of pieces. */
export function impliedIn(text: string, times: readonly Duration[]): Action | undefined {
  if (/^(?:then )?(?:\d+ )?(?:even |equal )?balls\b/i.test(text)) return 'ball';
  if (/^weight of (?:the |each |a )?(?:piece|ball)/i.test(text)) return 'divide';
  if (/^\d+ parts\b/i.test(text) && findFood(text)) return undefined;
  if (
    /^(?:\d+ (?:even |equal )?(?:pieces|portions|rounds|parts|bits|lumps|wedges)\b(?! \p{L}+ to\b)|pieces? of \d)/iu.test(
      text,
    )
  )
    return 'divide';
  if (/^\d{2,3} ?g\.?$/i.test(text)) return 'divide';
  if (times.length === 0) return undefined;
  if (
    /\b(?:in|with) (?:(?:the|a) (?:\w+ )?)?(?:mixer|machine)\b|^(?:(?:the )?dough|all|everything)\b.*\bby (?:machine|hand)\b/i.test(
      text,
    )
  )
    return 'mix';
  // "60 min at 26 °C": a warm place
  if (/^(?:about |another )?\d[\d.]* ?(?:min|h)\w* at (?:about )?(?:1[5-9]|2\d|3\d) ?°/i.test(text)) return 'rest';
  // "lid on, 30 min": so long only dough stands
  if (/^\W*(?:(?:with|put|pop) )?(?:the |a )?lid on\b/i.test(text) && times.every((t) => t.least >= LEAST_STAND_MIN))
    return 'rest';
  if (
    /(?<!\bcut )(?<!\b(?:leave|put|set|stand|place)\b[^.,;]{0,24}\b(?:on|to) (?:the|1|one) )\bsides?\b|\bplancha|hotplate\b|\b(?:goes|go|put|lay) on(?:to)? the (?:hot )?stone\b|^on(?:to)? the (?:plate|griddle|stone) for\b|^on(?:to)? (?:the|a) (?:very )?hot\b|\blid on\b|\blid,? (?:for )?\d[\d.]* ?(?:min|s\b|sec)|^\W*\d[\d.]* ?(?:min\w*|s|sec\w*), lid\b|\b(?:oven plate|bakestone|girdle|tawa|comal|saj|sac|dome)\b|\b(?:hot|dry|high|medium|low)\b.*\b(?:pan|griddle|skillet|iron|plate|dome|saj|sac)s?\b|\b(?:pan|griddle|skillet)s?\b/i.test(
      text,
    )
  )
    return 'cook';
  // "220 °C, 6 to 8 minutes": no dough is so hot
  if (
    /\b(?:1[6-9]|2\d|3\d)\d ?(?:° ?C?|C\b)|\b(?:3[3-9]|[45]\d|6[0-4])\d ?(?:° ?F|F\b)/.test(text) &&
    times.every((t) => t.least <= LONGEST_BAKE_MIN)
  )
    return 'cook';
  if (/^\d+ ?(?:s|secs?|seconds?|min(?:ute)?s?)\b.*\b(?:no|not|without|never|don['’]t) (?:flip|turn)/i.test(text))
    return 'cook';
  if (/^\d+ ?(?:s|secs?|seconds?)\s*(?:,|\band\b)\s*\d+ ?(?:s|secs?|seconds?)\.?$/i.test(text)) return 'cook';
  // "1 min + 45 sec", "1 min, turn, 50 sec": both sides
  if (
    (/\d ?(?:s|secs?|seconds?|min|minutes?)\s*,?\s*(?:\+|\/|then)\s*\d/i.test(text) ||
      /\b(?:turn|flip)(?:ing|ping|ed|ped)?\b|\d ?\w+, (?:then )?over,/i.test(text)) &&
    times.every((t) => t.most <= 12)
  )
    return 'cook';
  if (/\b(?:fridge|refrigerator|cold room)\b|^cold (?=\d)|^chilled\b|\bat [1-8] ?°/i.test(text)) return 'chill';
  // "tub, oiled, 1 h"
  if (
    /^\W*(?:in(?:to)? )?(?:an? |the )?(?:(?:oiled|lidded|covered|clean|large|big) )?(?:tub|bowl|bucket|box|container|crate)\b,? (?:oiled|covered|lidded|lid on|\d)/i.test(
      text,
    ) &&
    times.every((t) => t.least > LONGEST_STIR_MIN)
  )
    return 'rest';
  // "2 hours more till bubbly"
  if (
    /^(?:about |another )?[\d.½]+(?: ?[-–] ?[\d.½]+)? ?(?:min\w*|h|hours?) (?:more |again )?(?:till|until) /i.test(
      text,
    ) &&
    times.every((t) => t.least > LONGEST_STIR_MIN)
  )
    return 'rest';
  if (PLACED_TIME.test(text) && times.every((t) => t.least >= LEAST_REST_MIN)) return 'rest';
  return /\b(?:leave|left|wrap(?:ped)?|cover(?:ed)?|cloths?|cling ?film|towels?|(?:warm (?:place|spot|corner)|somewhere warm|in the warm)|room temp(?:erature)?|at (?:about )?[123]\d(?:\.\d)? ?°|seam (?:side )?down|plate (?:on top|over)|dough in\b|in the bowl|in(?:to)? (?:a|the|its) (?:[\w-]+ ){0,3}?(?:box|tub|container|bucket|bag)|peace|under (?:an?|1|the|its) (?:\w+ )?bowl|bowl (?:over|on top)|overnight|bench)\b/i.test(
    text,
  )
    ? 'rest'
    : undefined;
}

export const BESIDE =
  /^(?:meanwhile|during (?:the|this|that) (?:rest|proof|prove|rise|proving|proofing|resting|bulk proof)|in the meantime|at the same time|while (?:the dough|it|they|the balls?)(?:'s| is| are)? (?:rests?|resting|proves?|proving|rises?|rising|stands?|chills?|chilling|proofs?|proofing)|as (?:it|the dough) (?:rests|rises|proves))\b/i;

export const CAREFUL = /\b(?:careful|take care|mind (?:the|your)|watch out|do not touch|danger|burns?\b)/i;
