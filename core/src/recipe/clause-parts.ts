import { foodsIn } from '../foods/index.ts';
import { actionsIn, type Action, type FoundAction } from './actions.ts';
import { durationsIn } from './durations.ts';
import { BESIDE, IDLE, impliedIn, isIdling, LEAST_REST_MIN, ONLY_A_TIME, sizedWorkIn } from './implied.ts';
import { areOnTop, isFoodAlone, toppedWith } from './for-later.ts';
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
  return impliedIn(text, times) ?? (isIdling(text) ? 'rest' : areOnTop(text) ? 'fill' : undefined);
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
  const pieces = piecesOf(whole, parts, joint, new Cutting(whole, parts, joint).found());
  if (pieces.length < 2) return [sentence];
  return pieces.map((p) => (areOnTop(p.text) ? toppedWith(p) : p));
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
    const isKept = actionsIn(normal(piece).text).length >= told || areOnTop(piece.text);
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

/** A run of parts that is understood by itself. */
interface Alone {
  readonly action: Action;
  /** The last part of it. */
  readonly to: number;
}

/** A sentence on its way through the stages, part by part. */
class Cutting {
  private readonly cuts = new Set<number>();
  private readonly understood = new Set<number>();
  /** The last action that is found among the others in each part. */
  private readonly known: readonly (Action | undefined)[];
  /** How far through the stages the bread is. */
  private rank = 0;
  private isCooking: boolean;

  constructor(
    private readonly whole: Mapped,
    private readonly parts: readonly Part[],
    joint: readonly FoundAction[],
  ) {
    this.known = parts.map((p) => joint.findLast((a) => a.at >= p.from && a.at < p.to)?.action);
    this.isCooking = /^(?:flip|turn)(?: (?:it|them|over|each))*$/i.test(this.textOf(0));
  }

  /** Before which parts the sentence is cut. */
  found(): readonly number[] {
    for (let n = 0; n < this.parts.length; n++) {
      const action = this.known[n];
      if (action) this.takeKnown(n, action);
      else n = this.takeUnknown(n);
    }
    // what nobody understands by itself stays with what stands beside it
    return [...this.cuts]
      .sort((a, b) => a - b)
      .reduce<readonly number[]>((kept, n) => {
        const since = kept.at(-1) ?? 0;
        return [...this.understood].some((part) => part >= since && part < n) ? [...kept, n] : kept;
      }, []);
  }

  private textOf(from: number, to = from): string {
    return this.whole.text.slice(this.parts[from]?.from, this.parts[to]?.to);
  }

  private cut(n: number): void {
    if (n > 0 && n < this.parts.length && !MORE.test(this.textOf(n))) this.cuts.add(n);
  }

  /** Whether what stands between the last cut and this part has a time already. */
  private isTimedBefore(n: number): boolean {
    return n > 0 && TIMED.test(this.textOf(Math.max(0, ...this.cuts), n - 1));
  }

  /** "… and steam in a towel for 5 minutes" has a time, and goes on cooking no more. */
  private isUntimed(from: number): boolean {
    const isLast = from === this.parts.length - 1;
    return (
      !TIMED.test(this.textOf(from, this.parts.length - 1)) ||
      (isLast && /\b(?:cloth|towel|napkin|basket|bag|foil)s?\b/i.test(this.textOf(from)))
    );
  }

  /** A part in which something is found among the others. */
  private takeKnown(n: number, action: Action): void {
    const text = this.textOf(n);
    const isTimed = this.isTimedBefore(n);
    const hasTime = TIMED.test(text);
    this.understood.add(n);
    if (this.isCooking) {
      if (isTimed && isBehindCooking(action, text) && this.isUntimed(n)) this.cut(n);
    } else {
      if (hasTime && IDLE.has(action) && (isTimed || /^\d/.test(text))) {
        this.cut(n);
        if (this.known[n + 1]) this.cut(n + 1);
      }
      // "let it settle, 30 minutes, and let the machine work it for 8 minutes": each has its own time
      else if (hasTime && isTimed && action !== 'cook' && action !== 'fold') this.cut(n);
      // "roll, 1 minute before the flip, 1 minute after"
      if (AFTER_A_WHILE.test(text) || (action === 'cook' && /^\d/.test(text))) this.cut(n);
      if (this.rank < COOKED && areOnTop(text)) {
        this.cut(n);
        this.cut(n + 1);
      }
    }
    // "brush with water and scatter seeds, then a minute a side": what goes on top comes before cooking
    const place = action === 'finish' && !this.isCooking ? SHAPED : (ORDER.get(action) ?? this.rank);
    this.rank = Math.max(this.rank, place);
    this.isCooking ||= action === 'cook';
  }

  /** A part in which nothing is found among the others; the last part that was taken with it. */
  private takeUnknown(n: number): number {
    const text = this.textOf(n);
    if (n > 0 && !this.isCooking) {
      // "press to 15 cm, 1 minute, flip, 1 minute"
      const isLain = this.rank >= DIVIDED && isBrief(text) && TURNED.test(this.textOf(n + 1));
      if (isLain || AFTER_A_WHILE.test(text)) {
        this.cut(n);
        this.understood.add(n);
        if (isLain) {
          this.isCooking = true;
          this.rank = COOKED;
        }
        return n;
      }
    }
    if (this.saysMore(n)) return n;
    const alone = this.aloneFrom(n);
    if (!alone) return n;
    this.takeAlone(n, alone);
    return alone.to;
  }

  /** Whether a part says only more of what stands before it, or names nothing but a food, a time or a place. */
  private saysMore(n: number): boolean {
    const text = this.textOf(n);
    if (MORE.test(text)) return true;
    if (PLACE.test(text)) return !(TIMED.test(text) && (this.isTimedBefore(n) || this.parts[n]?.isNext === true));
    return (
      n > 0 &&
      (TURNED.test(text) || /\bovernight$/i.test(this.textOf(n - 1)) || isFoodAlone(text) || ONLY_A_TIME.test(text))
    );
  }

  /** The shortest run of parts from here that is understood by itself. */
  private aloneFrom(n: number): Alone | undefined {
    const until = this.known.findIndex((action, i) => i > n && action !== undefined);
    const last = (until < 0 ? this.parts.length : until) - 1;
    // a food goes on as a list
    const isNamed = n > 0 && foodsIn(this.textOf(n)).length > 0;
    for (let to = n; to <= Math.min(last, isNamed ? n : n + LONGEST_RUN); to++) {
      const words = this.whole.slice(this.parts[n]?.from ?? 0, this.parts[to]?.to);
      const isAtPiece = n > 0 && this.rank < SHAPED && WORKED.test(words.text);
      const action = aloneIn(words) ?? (isAtPiece ? sizedWorkIn(words.text) : undefined);
      if (action && this.isIn(action, n, to)) return { action, to };
    }
    return undefined;
  }

  /** Whether a stage may come at this place. */
  private isIn(action: Action, n: number, to: number): boolean {
    const text = this.textOf(n, to);
    const place = ORDER.get(action);
    if (place === undefined || (place > 0 && place < this.rank)) return false;
    if (this.isCooking) return action === 'finish';
    // "half covered, 2 min": nothing rests so briefly
    const minutes = durationsIn(text).map((t) => t.ideal);
    if (IDLE.has(action)) return minutes.length === 0 || minutes.some((ideal) => ideal >= LEAST_REST_MIN);
    // "stir, 2 min / 3 min": at two speeds
    if (action === 'cook') return TIMED.test(text) && !(this.rank > 0 && this.rank < DIVIDED);
    // "8 pieces, balls": told once
    if (action === 'divide') return this.known[to + 1] !== 'ball';
    // "pleat like a fan, roll the pleats into a coil"
    if ((action === 'fill' || action === 'shape') && this.known.slice(to).includes('coil')) return false;
    const isTop = n === 0 && areOnTop(text);
    return isTop || !((action === 'fill' && this.rank < SHAPED) || (action === 'finish' && this.rank < COOKED));
  }

  private takeAlone(n: number, { action, to }: Alone): void {
    const before = this.known[n - 1];
    // "proof, covered, 20 min"
    const isSame = IDLE.has(action) && before && IDLE.has(before) && !TIMED.test(this.textOf(n - 1));
    // "…, on the griddle, 1 minute a side": where it cooks stands before how long
    const first = action === 'cook' && n > 1 && PLACE.test(this.textOf(n - 1)) && !before ? n - 1 : n;
    this.isCooking = action === 'cook';
    this.rank = Math.max(this.rank, ORDER.get(action) ?? 0);
    this.understood.add(first);
    if (!isSame) this.cut(first);
    const next = this.known[to + 1];
    const isTop = n === 0 && areOnTop(this.textOf(n, to));
    // "a minute a side and brush with butter"
    const isLast = next && (!this.isCooking || (isBehindCooking(next, this.textOf(to + 1)) && this.isUntimed(to + 1)));
    if (isTop || isLast) this.cut(to + 1);
  }
}
