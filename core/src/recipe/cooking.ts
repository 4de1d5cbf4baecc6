import type { Duration } from './durations.ts';
import { foundIn } from './needs.ts';

/** Seconds of one phase of cooking as a recipe tells them, and how it differs from the one before. */
export interface ToldPhase {
  readonly sec: number;
  readonly minSec: number | undefined;
  readonly maxSec: number | undefined;
  /** Which side lies down: counted from the first, back and forth. */
  readonly side: 'first' | 'second';
  /** Not turned before it: only a lid, the heat or the fire changes. */
  readonly isTurned: boolean;
  readonly hasLid: boolean;
  readonly heat: 'low' | 'medium' | 'high' | undefined;
  readonly with: 'flame' | 'grill' | undefined;
}

export interface ToldCooking {
  readonly phases: readonly ToldPhase[];
  readonly guesses: readonly { readonly from: string; readonly why: string }[];
  /** The times that became seconds of a phase. */
  readonly used: readonly Duration[];
}

/** More phases than this are no cooking of a flatbread that anybody follows. */
const MOST_PHASES = 8;
/** A bread on a flame or under a grill without a time stays so long (common practice: it chars soon after). */
const USUAL_TOP_SEC = 15;

type Sign = 'time' | 'turn' | 'straight' | 'lid' | 'no-lid' | 'flame' | 'grill' | 'low' | 'medium' | 'high';

/** What the words of cooking do, besides times; the order matters where two begin at one place. */
const SIGNS: readonly (readonly [Exclude<Sign, 'time'>, RegExp])[] = [
  [
    'straight',
    /\b(?:(?:one|1) side(?: only|(?= *(?:[.;]|$)))|only (?:on )?(?:one|1) side|without turning|no (?:turning|flipping|need to turn)|(?:not|never) (?:turned|flipped)|(?:do(?:n['’]t| not)|never) (?:turn|flip)\b(?! (?:it |them )?(?:over )?(?:twice|again|more|too|until|before|often))|in (?:a|the) (?:[\w-]+ ){0,3}?oven|broil(?! (?:one|each|1) side))\b/gi,
  ],
  [
    'turn',
    /\b(?:turn(?:ed|ing)?(?! (?:the |your )?(?:heat|flame|gas|down|up|out|tawa|pan|griddle))|flip(?:ped|ping)?|back (?:to|on to|onto|over)|over(?=,)|other side|second side|reverse side|underside)\b/gi,
  ],
  [
    'no-lid',
    /\b(?:remove the lid|take off the lid|lid off|uncover(?:ed)?|without(?= *(?:[,;.]|for\b|\d|(?:the |a )?lid\b|$)))\b/gi,
  ],
  ['lid', /\b(?:lid(?: on)?|cover(?:ed)?(?! with (?:a )?(?:cloth|towel)))\b/gi],
  [
    'flame',
    /\b(?:over|on|onto|in|to) (?:a |an |the )?(?:open |naked |gas |direct |hot |glowing )*(?:flame|gas ring|burner|embers|coals)\b|(?<=^|[,;.–-]\s*(?:then\s+)?)\b(?:open |naked |gas )*flame(?= *:? *(?:\d|till\b|until\b|to puff|$|[,;.]))/gi,
  ],
  ['grill', /\b(?:under|beneath|below) (?:a |an |the )?(?:very |hot |preheated )*(?:grill|broiler)\b/gi],
  ['low', /\b(?:turn (?:the heat )?(?:down|low)|lower the heat|reduce the heat|low heat|gentle heat)\b/gi],
  ['medium', /\bmedium heat\b/gi],
  ['high', /\b(?:raise the heat|turn (?:the heat )?up|high heat)\b/gi],
];
const EACH =
  /^(?:\W|on|for|to)*(?:about )?(?:a|per|by|each|either|both|every) sides?\b|^\s*(?:\.? ?\/ ?side|sides? each)\b|^[^.,;]{0,24}\b(?:each|both|either|a|per) sides?\b/i;
const IN_ALL = /\b(?:in all|in total|altogether|total)\b/i;
/** "Turn and repeat": the second side as the first. */
const AGAIN = /\b(?:for as long|as long again|repeat|the same|same again|likewise|for another(?= *(?:[.,;]|$)))\b/i;
const EVERY = /\b(?:turn|flip)\w*(?: (?:it|them|over))? (?:every|each)$/i;
const EVERY_MINUTE = /\bevery minute\b/i;
/** Sides of a bread that is "turned often" (this program's own choice). */
const USUAL_TURNS = 4;
const OFTEN =
  /\b(?:turn|flip)\w* (?:it |them )?(?:often|frequently|several times|now and then|occasionally|regularly|a few times)\b/i;

/** "Turn it three times". */
const TIMES_TURNED = /(?<!\b(?:not|never|n['’]t) )\b(?:turn|flip)\w* (?:it |them )?(?:over )?(?:(\d) times|twice)\b/i;
/** "3 minutes, turn after 2": how long the first side lies. */
const TURNED_AT = /\b(?:turn|flip)\w* (?:it |them )?(?:over )?after (?:about )?(\d+(?:\.\d+)?)\b/i;

interface Token {
  readonly sign: Sign;
  readonly at: number;
  readonly end: number;
  readonly time: Duration | undefined;
}

/** The times of a cook step that are of its cooking, each where it stands in the words, in order. */
function tokensOf(text: string, times: readonly Duration[]): readonly Token[] {
  let from = 0;
  const told = times.flatMap((time): readonly Token[] => {
    const at = text.indexOf(time.text, from);
    if (at < 0) return [];
    from = at + time.text.length;
    return [{ sign: 'time', at, end: from, time }];
  });
  const signs = SIGNS.flatMap(([sign, words]) =>
    foundIn(text, words).map((m): Token => ({ sign, at: m.index, end: m.index + m[0].length, time: undefined })),
  );
  // "do not turn" is no turn
  const isWithin = (t: Token): boolean =>
    signs.some((s) => s !== t && s.at <= t.at && s.end >= t.end && s.end - s.at > t.end - t.at);
  return [...told, ...signs.filter((s) => !isWithin(s))].sort((a, b) => a.at - b.at);
}

/** Of one length of time a share, in whole seconds. */
function shareOf(d: Duration, share = 1): Pick<ToldPhase, 'sec' | 'minSec' | 'maxSec'> {
  const at = (minutes: number): number => Math.max(1, Math.round(minutes * 60 * share));
  const isRange = d.most > d.least && !(d.why?.includes('longest') ?? false);
  return { sec: at(d.ideal), minSec: isRange ? at(d.least) : undefined, maxSec: isRange ? at(d.most) : undefined };
}

/** Cooking while it is followed, word by word: what has changed since the last phase goes into the next. */
class Cooking {
  readonly phases: ToldPhase[] = [];
  readonly used: Duration[] = [];
  readonly guesses: { from: string; why: string }[] = [];
  private isTurned = false;
  private isStraight = false;
  private hasLid = false;
  private heat: ToldPhase['heat'];
  private fire: ToldPhase['with'];

  /** A sign that stands between two times. */
  see(sign: Exclude<Sign, 'time'>): void {
    if (sign === 'turn') this.isTurned = true;
    else if (sign === 'straight') this.isStraight = true;
    else if (sign === 'lid') this.hasLid = true;
    else if (sign === 'no-lid') this.hasLid = false;
    else if (sign === 'flame' || sign === 'grill') this.fire = sign;
    else this.heat = sign;
  }

  /** Whether something but a turn has changed since the last phase, so that the next may lie on the same side. */
  private get isOtherwise(): boolean {
    const last = this.phases.at(-1);
    return last !== undefined && (last.hasLid !== this.hasLid || last.heat !== this.heat || last.with !== this.fire);
  }

  lay(time: Pick<ToldPhase, 'sec' | 'minSec' | 'maxSec'>, isMore = false): void {
    const last = this.phases.at(-1);
    // several times are the sides in order, unless only lid, heat or fire changed between them
    const isTurned = last !== undefined && !this.isStraight && (this.isTurned || !(this.isOtherwise || isMore));
    const side = last === undefined || (last.side === 'second') === isTurned ? 'first' : 'second';
    const { hasLid, heat, fire } = this;
    this.phases.push({ ...time, side, isTurned, hasLid, heat, with: fire });
    this.isTurned = false;
    this.fire = undefined;
  }

  /** A fire that the bread is brought to at the end, without a time. */
  end(): void {
    if (this.fire === undefined || this.phases.length === 0) return;
    const words = this.fire === 'flame' ? 'on the flame' : 'under the grill';
    this.guesses.push({ from: '', why: `how long it is ${words} is not told; ${USUAL_TOP_SEC} s are usual` });
    this.lay({ sec: USUAL_TOP_SEC, minSec: undefined, maxSec: undefined });
  }
}

/** "20 min under coals, or in a dry skillet 8 min a side": where else it may be cooked. */
const OR_ELSE =
  /[,;–-]?\s*\bor (?:else )?(?:(?:in|on|over|under|bake|cook|use|with) )?(?:(?:an?|the|your|dry|hot|very|heavy|non-stick|electric|gas) )*(?:pan|skillet|griddle|tawa|hot ?plate|oven|stone|barbecue|grill|fire|embers)\b/i;
const ON_GRIDDLE = /\b(?:pan|skillet|griddle|tawa|hot ?plate)\b/i;
/** Of two ways to cook, each with its own time, the one on a griddle, else the first; undefined where there is one. */
function oneOfTwo(text: string, tokens: readonly Token[]): readonly [number, number] | undefined {
  const other = OR_ELSE.exec(text);
  if (!other) return undefined;
  const times = tokens.filter((t) => t.time !== undefined);
  if (!times.some((t) => t.end <= other.index) || !times.some((t) => t.at > other.index)) return undefined;
  const isSecond = ON_GRIDDLE.test(other[0]) && !ON_GRIDDLE.test(text.slice(0, other.index));
  return isSecond ? [other.index, text.length] : [0, other.index];
}

/**
 * Cooking as it goes on the griddle: laid on, each side, turned, back to the first, lid, flame, grill, and how often. Undefined where no
 * time is told. "2–3 minutes a side" is two alike; a time in all is shared by the turns that it tells of. `isTopped`: something lies on
 * the bread, which under a lid is not turned.
 */
export function cookingTold(text: string, times: readonly Duration[], isTopped = false): ToldCooking | undefined {
  const tokens = tokensOf(text, times);
  const [from, to] = oneOfTwo(text, tokens) ?? [0, text.length];
  if (to - from < text.length) {
    const own = tokens.flatMap((t) => (t.time && t.at >= from && t.end <= to ? [t.time] : []));
    return cookingTold(text.slice(from, to), own, isTopped);
  }
  const told = tokens.filter((t) => t.time !== undefined);
  const [first] = told;
  if (!first?.time) return undefined;
  const cooking = new Cooking();
  for (const t of told)
    if (t.time?.why?.startsWith('"') ?? false)
      cooking.guesses.push({ from: t.time?.text ?? '', why: t.time?.why ?? '' });
  const every = told.find((t) => EVERY.test(text.slice(0, t.at).trimEnd()));
  const whole = told.find((t) => t !== every);
  const everyMin = every?.time?.ideal ?? (EVERY_MINUTE.test(text) ? 1 : undefined);
  if (whole?.time && (everyMin !== undefined || OFTEN.test(text)) && told.length <= (every ? 2 : 1)) {
    const turns = everyMin === undefined ? USUAL_TURNS : Math.round(whole.time.ideal / everyMin);
    const count = Math.max(2, Math.min(MOST_PHASES, turns));
    const sides = EACH.test(text.slice(whole.end)) ? 2 : 1;
    for (let i = 0; i < count; i++) cooking.lay(shareOf(whole.time, sides / count));
    if (everyMin === undefined)
      cooking.guesses.push({ from: text, why: `how often it is turned is not told; ${count} sides are taken` });
    return { phases: cooking.phases, guesses: cooking.guesses, used: told.flatMap((t) => t.time ?? []) };
  }
  const [one, each] = told;
  // "2 minutes to cook, a minute a side": the whole, and its halves
  const isWhole = told.length === 2 && one?.time && each?.time && Math.abs(one.time.ideal - 2 * each.time.ideal) < 0.01;
  if (
    isWhole &&
    EACH.test(text.slice(each.end)) &&
    !/\b(?:turn|flip|then|sides?)\b/i.test(text.slice(one.end, each.at))
  ) {
    for (let i = 0; i < 2; i++) {
      cooking.see('turn');
      cooking.lay(shareOf(each.time));
    }
    return { phases: cooking.phases, guesses: cooking.guesses, used: told.flatMap((t) => t.time ?? []) };
  }
  const turned = whole?.time && told.length === 1 ? turnedTold(text, whole.time, whole.end) : undefined;
  if (turned) {
    for (const sec of turned) {
      cooking.see('turn');
      cooking.lay({ sec, minSec: undefined, maxSec: undefined });
    }
    return { phases: cooking.phases, guesses: cooking.guesses, used: [first.time] };
  }
  const isOfEach = (t: Token, next: Token | undefined): boolean => EACH.test(text.slice(t.end, next?.at));
  const hasEach =
    told.some((t, i) => isOfEach(t, told[i + 1])) ||
    (/\b(?:each|both|either) sides?\b[^.;]*$/i.test(text.slice(0, first.at)) && !IN_ALL.test(text));
  if (told.length === 1 && !hasEach) return sharedOf(text, first.time, tokens, cooking, isTopped);
  const seen = new Set<Token>();
  for (const [i, t] of tokens.entries()) {
    if (cooking.phases.length >= MOST_PHASES) break;
    if (!t.time) {
      if (t.sign !== 'time' && !seen.has(t)) cooking.see(t.sign);
      continue;
    }
    const next = told[told.indexOf(t) + 1];
    // a lid or a fire that is named right behind its time is of that time
    const behind = tokens[i + 1];
    const isBehind = behind && !/[,;.+/]|\b(?:then|and)\b/i.test(text.slice(t.end, behind.at));
    if (isBehind && (behind.sign === 'lid' || behind.sign === 'flame' || behind.sign === 'grill')) {
      cooking.see(behind.sign);
      seen.add(behind);
    }
    cooking.lay(shareOf(t.time), /\b(?:another|a further|more)\b/i.test(text.slice(Math.max(0, t.at - 12), t.end + 6)));
    cooking.used.push(t.time);
    const isEach = isOfEach(t, next) || (t === first && hasEach && !told.some((x, n) => isOfEach(x, told[n + 1])));
    if (!isEach) continue;
    cooking.see('turn');
    cooking.lay(shareOf(t.time));
  }
  cooking.end();
  return cooking;
}

/** Seconds of each side where a text says how often, or when, it is turned within one time. */
function turnedTold(text: string, { ideal }: Duration, end: number): readonly number[] | undefined {
  const often = TIMES_TURNED.exec(text);
  const all = 60 * ideal;
  if (often) {
    const sides = Math.min(MOST_PHASES, Number(often[1] ?? 2) + 1);
    const isEach = /^ ?(?:each|every|a|per)\b/i.test(text.slice(end));
    return Array.from({ length: sides }, () => Math.max(1, Math.round(isEach ? all : all / sides)));
  }
  const at = Number(TURNED_AT.exec(text)?.[1] ?? NaN);
  // a figure without a measure is in that of the whole
  const sec = ideal >= 1 ? 60 * at : at;
  return sec < all ? [Math.round(sec), Math.round(all - sec)] : undefined;
}

/** One time alone: halved where it is told for both sides together, else of the first side, and the second is guessed. */
function sharedOf(
  text: string,
  time: Duration,
  tokens: readonly Token[],
  cooking: Cooking,
  isTopped: boolean,
): ToldCooking {
  const at = tokens.findIndex((t) => t.time !== undefined);
  for (const t of tokens.slice(0, at)) if (t.sign !== 'time' && t.sign !== 'turn') cooking.see(t.sign);
  const isTurned = tokens.some((t) => t.sign === 'turn');
  // under a grill it gets its heat from above
  const isGrilled = !isTurned && tokens.slice(0, at).some((t) => t.sign === 'grill');
  const isStraight =
    isGrilled ||
    tokens.some((t) => t.sign === 'straight') ||
    (isTopped && !isTurned && tokens.some((t) => t.sign === 'lid'));
  const say = (why: string): void => void cooking.guesses.push({ from: time.text, why });
  cooking.used.push(time);
  if (isStraight) {
    cooking.lay(shareOf(time));
    return cooking;
  }
  // "1 minute, then over the flame": the other side
  const isFlamed = tokens.slice(at + 1).some((t) => t.sign === 'flame');
  if (isFlamed && !isTurned && !IN_ALL.test(text) && !/\bsides\b/i.test(text)) {
    cooking.lay(shareOf(time));
    cooking.see('turn');
    cooking.see('flame');
    cooking.end();
    return cooking;
  }
  const [first, second] =
    IN_ALL.test(text) || /\b(?:turning|flipping|half-?way)\b/i.test(text)
      ? [0.5, 0.5]
      : isTurned
        ? [1, AGAIN.test(text) ? 1 : 0.6]
        : [0.6, 0.4];
  cooking.lay(shareOf(time, first));
  cooking.see('turn');
  cooking.lay(shareOf(time, second));
  if (first === 0.5) say('the whole time is shared by two sides');
  else if (isTurned && !AGAIN.test(text)) say('the second side is not told; six tenths of the first is usual');
  else say('one time is told and no turn; it is shared by two sides');
  for (const t of tokens.slice(at + 1)) if (t.sign === 'flame' || t.sign === 'grill') cooking.see(t.sign);
  cooking.end();
  return cooking;
}
