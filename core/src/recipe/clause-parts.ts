import { foodsIn } from '../foods/index.ts';
import { actionsIn, type Action, type FoundAction } from './actions.ts';
import { durationsIn } from './durations.ts';
import { BESIDE, IDLE, impliedIn, isIdling, LEAST_REST_MIN, ONLY_A_TIME, sizedWorkIn } from './implied.ts';
import { isFoodAlone } from './items.ts';
import type { Mapped } from './mapped.ts';
import { normal } from './normal-line.ts';
import { isOfComponent, scopesIn } from './scopes.ts';

/** What may stand between two stages of one sentence. */
const BETWEEN = /\.\s+|;\s*(?:and |then )*|,\s*(?:and )?(?:then )?|\s(?:and )?then\s|\sand\s/gi;
const [DIVIDED, SHAPED, COOKED] = [4, 6, 8];
/** In which order a bread goes through its stages; what waits can stand anywhere. */
const ORDER: ReadonlyMap<Action, number> = new Map([
  ['mix', 1],
  ['knead', 2],
  ['rest', 0],
  ['proof', 0],
  ['chill', 0],
  ['temper', 0],
  ['divide', DIVIDED],
  ['ball', 5],
  ['roll', SHAPED],
  ['shape', SHAPED],
  ['coil', SHAPED],
  ['fill', 7],
  ['cook', COOKED],
  ['finish', 9],
]);
/** What says only more of the part before it. */
const MORE =
  /^(?:until|till|for|about|so|to|up|better|ideally|preferably|best|with|without|by|of|not|no|or|but|while|as)\b/i;
const PLACE = /^(?:on|in|at|overnight|under(?![^.;]*\d ?(?:min|h)))\b/i;
const TIMED = /\d ?(?:min|h|s|sec)\w*\b|\bovernight\b/i;
/** "…, 1 minute, turn it": how long it lay before. */
const TURNED = /^(?:flip|turn|invert|over\b|reverse|upside down|(?:1 )?(?:min\w*|s\w*) after)/i;
const WORKED = /^(?:make|use|get|work|open|coax|tease|ease|draw|thin (?:it|them|each)|form)\b/i;
const ON_TOP = / on top\W*$/i;
/** "Za'atar and oil on top". */
const isOnTop = (text: string): boolean =>
  ON_TOP.test(text) &&
  text
    .replace(ON_TOP, '')
    .split(/ and | & |, /)
    .every((food) => isFoodAlone(food));
const AFTER_A_WHILE = /^after (?:about |another )?\d[\d.]* ?(?:min|h)\w*\b(?!,? (?:flip|turn))/i;

interface Part {
  /** Whether a "then" or a semicolon stands before it. */
  readonly isNext: boolean;
  readonly from: number;
  readonly to: number;
}

function partsOf(text: string, joint: readonly FoundAction[]): readonly Part[] {
  const parts: Part[] = [];
  let from = 0;
  let isNext = false;
  for (const m of text.matchAll(BETWEEN)) {
    // "stretch and fold", "1 minute and 10 seconds": one thing
    if (joint.some((a) => m.index > a.at && m.index < a.at + a.length)) continue;
    if (/\bmin\w*$/.test(text.slice(from, m.index)) && /^\d+ ?s/.test(text.slice(m.index + m[0].length))) continue;
    parts.push({ isNext, from, to: m.index });
    from = m.index + m[0].length;
    isNext = /;|then/i.test(m[0]);
  }
  return [...parts, { isNext, from, to: text.length }];
}

/** "Mixer, second speed, 8 min": so many parts more make sense together. */
const LONGEST_RUN = 2;
const LONGEST_SIDE_MIN = 12;
const isBrief = (text: string): boolean =>
  ONLY_A_TIME.test(text) && durationsIn(text).every((t) => t.most <= LONGEST_SIDE_MIN);

/** What is done in words that stand alone. */
function aloneIn(part: Mapped): Action | undefined {
  const { text } = normal(part);
  const [found] = actionsIn(text);
  if (found) return found.action;
  if (ONLY_A_TIME.test(text)) return undefined;
  if (AFTER_A_WHILE.test(text)) return 'rest';
  const times = durationsIn(text);
  return impliedIn(text, times) ?? (isIdling(text) ? 'rest' : isOnTop(text) ? 'fill' : undefined);
}

/**
 * A sentence cut where a stage in it is understood by itself and not among the others: "pinch off 8 pieces, smooth balls and roll
 * each", where "smooth" could be of what was pinched off.
 */
export function clausesApart(sentence: Mapped): readonly Mapped[] {
  const whole = normal(sentence);
  const { text } = whole;
  const joint = actionsIn(text);
  if (!/\d|overnight/.test(text) && joint.length === 0) return [sentence];
  const parts = partsOf(text, joint);
  if (parts.length < 2 || scopesIn(text).length > 0 || isOfComponent(text)) return [sentence];
  // "while it rests for half an hour, grate the cheese and mix it with the mint": all of it is beside
  if (BESIDE.test(text) || /^while\b/i.test(text)) return [sentence];
  const pieces = piecesOf(whole, parts, joint, cutsIn(whole, parts, joint));
  if (pieces.length < 2) return [sentence];
  return pieces.map((p) => (isOnTop(p.text) ? p.replace(/^(.*?) on top\W*$/i, 'top with $1') : p));
}

/** The pieces between the cuts; where words lose their sense without their neighbours they stay together. */
function piecesOf(
  whole: Mapped,
  parts: readonly Part[],
  joint: readonly FoundAction[],
  cuts: readonly number[],
): readonly Mapped[] {
  const pieces: Mapped[] = [];
  let from = 0;
  for (const n of [...cuts, parts.length]) {
    const to = parts[n - 1]?.to ?? whole.text.length;
    const piece = whole.sliceWith(from, to);
    const told = joint.filter((a) => a.at >= from && a.at < to).length;
    const isKept = actionsIn(normal(piece).text).length >= told || isOnTop(piece.text);
    if (!isKept && n < parts.length) continue;
    pieces.push(piece);
    from = parts[n]?.from ?? whole.text.length;
  }
  return pieces;
}

/** "…, a minute a side, rub with ghee", "fold into a napkin". */
const isBehindCooking = (action: Action, text: string): boolean =>
  ['finish', 'fill', 'rub'].includes(action) ||
  (action === 'shape' && /^fold (?:them |it )?in(?:to)? an? /i.test(text));

/** Before which parts a sentence is cut. */
function cutsIn(whole: Mapped, parts: readonly Part[], joint: readonly FoundAction[]): readonly number[] {
  const known = parts.map((p) => joint.findLast((a) => a.at >= p.from && a.at < p.to)?.action);
  const textOf = (from: number, to = from): string => whole.text.slice(parts[from]?.from, parts[to]?.to);
  const cuts = new Set<number>();
  const cut = (n: number): void => {
    if (n > 0 && n < parts.length && !MORE.test(textOf(n))) cuts.add(n);
  };
  /** "… and steam in a towel for 5 minutes" has a time, and goes on cooking no more. */
  const isUntimed = (from: number): boolean =>
    !TIMED.test(textOf(from, parts.length - 1)) ||
    (from === parts.length - 1 && /\b(?:cloth|towel|napkin|basket|bag|foil)s?\b/i.test(textOf(from)));
  const understood = new Set<number>();
  let rank = 0;
  let isCooking = /^(?:flip|turn)(?: (?:it|them|over|each))*$/i.test(textOf(0));
  for (let n = 0; n < parts.length; n++) {
    const action = known[n];
    const since = Math.max(0, ...cuts);
    const isTimed = n > 0 && TIMED.test(textOf(since, n - 1));
    if (action) {
      understood.add(n);
      const isIdle = IDLE.has(action) && TIMED.test(textOf(n));
      if ((isTimed || /^\d/.test(textOf(n))) && !isCooking && isIdle) {
        cut(n);
        if (known[n + 1]) cut(n + 1);
      }
      // "let it settle, 30 minutes, and let the machine work it for 8 minutes": each has its own time
      else if (isTimed && !isCooking && action !== 'cook' && action !== 'fold' && TIMED.test(textOf(n))) cut(n);
      if (!isCooking && AFTER_A_WHILE.test(textOf(n))) cut(n);
      // "roll, 1 minute before the flip, 1 minute after"
      if (!isCooking && action === 'cook' && /^\d/.test(textOf(n))) cut(n);
      if (isTimed && isCooking && isBehindCooking(action, textOf(n)) && isUntimed(n)) cut(n);
      if (rank < COOKED && !isCooking && isOnTop(textOf(n))) {
        cut(n);
        cut(n + 1);
      }
      // "brush with water and scatter seeds, then a minute a side": what goes on top comes before cooking
      const place = action === 'finish' && !isCooking ? SHAPED : (ORDER.get(action) ?? rank);
      rank = Math.max(rank, place);
      isCooking = isCooking || action === 'cook';
      continue;
    }
    // "press to 15 cm, 1 minute, flip, 1 minute"
    if (n > 0 && !isCooking && rank >= DIVIDED && isBrief(textOf(n)) && TURNED.test(textOf(n + 1))) {
      cut(n);
      understood.add(n);
      isCooking = true;
      rank = COOKED;
      continue;
    }
    if (n > 0 && !isCooking && AFTER_A_WHILE.test(textOf(n))) {
      cut(n);
      understood.add(n);
      continue;
    }
    if (n > 0 && TURNED.test(textOf(n))) continue;
    if (n > 0 && /\bovernight$/i.test(textOf(n - 1))) continue;
    if (n > 0 && (isFoodAlone(textOf(n)) || ONLY_A_TIME.test(textOf(n)))) continue;
    const isPlaced = PLACE.test(textOf(n)) && !((isTimed || parts[n]?.isNext) && TIMED.test(textOf(n)));
    if (MORE.test(textOf(n)) || isPlaced) continue;
    const until = parts.findIndex((_, i) => i > n && known[i] !== undefined);
    const last = (until < 0 ? parts.length : until) - 1;
    const isNamed = n > 0 && foodsIn(textOf(n)).length > 0;
    for (let to = n; to <= Math.min(last, isNamed ? n : n + LONGEST_RUN); to++) {
      const words = whole.slice(parts[n]?.from ?? 0, parts[to]?.to);
      const isAtPiece = n > 0 && rank < SHAPED && WORKED.test(words.text);
      const alone = aloneIn(words) ?? (isAtPiece ? sizedWorkIn(words.text) : undefined);
      const place = alone && ORDER.get(alone);
      // "half covered, 2 min": nothing rests so briefly; "stir, 2 min / 3 min": at two speeds
      const minutes = durationsIn(words.text).map((t) => t.ideal);
      if (alone && IDLE.has(alone) && minutes.length > 0 && minutes.every((ideal) => ideal < LEAST_REST_MIN)) continue;
      if (alone === 'cook' && rank > 0 && rank < DIVIDED) continue;
      // "8 pieces, balls": told once
      if (alone === 'divide' && known[to + 1] === 'ball') continue;
      if (!alone || place === undefined || (place > 0 && place < rank)) continue;
      const isTop = n === 0 && isOnTop(words.text);
      if (!isTop && ((alone === 'fill' && rank < SHAPED) || (alone === 'finish' && rank < COOKED))) continue;
      // "pleat like a fan, roll the pleats into a coil"
      if ((alone === 'fill' || alone === 'shape') && known.slice(to).includes('coil')) continue;
      if (isCooking ? alone !== 'finish' : alone === 'cook' && !TIMED.test(words.text)) continue;
      isCooking = alone === 'cook';
      rank = Math.max(rank, place);
      // "proof, covered, 20 min"
      const isSame = IDLE.has(alone) && IDLE.has(known[n - 1] ?? 'mix') && !TIMED.test(textOf(n - 1));
      // "…, on the griddle, 1 minute a side": where it cooks stands before how long
      const first = alone === 'cook' && n > 1 && PLACE.test(textOf(n - 1)) && !known[n - 1] ? n - 1 : n;
      understood.add(first);
      if (!isSame) cut(first);
      // "a minute a side and brush with butter"
      const next = known[to + 1];
      if (next && (!isCooking || (isBehindCooking(next, textOf(to + 1)) && isUntimed(to + 1)))) cut(to + 1);
      n = to;
      break;
    }
  }
  // what nobody understands by itself stays with what stands beside it
  return [...cuts]
    .sort((a, b) => a - b)
    .reduce<readonly number[]>((kept, n) => {
      const before = parts.slice(kept.at(-1) ?? 0, n).some((_, i) => understood.has((kept.at(-1) ?? 0) + i));
      return before ? [...kept, n] : kept;
    }, []);
}
