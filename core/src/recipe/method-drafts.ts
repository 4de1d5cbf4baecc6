import { findFood } from '../foods/index.ts';
import { actionsIn, type Action, type FoundAction } from './actions.ts';
import { durationsIn, type Duration } from './durations.ts';
import { joinNeighbours, RESTS, withEarlyAdditions, withFolds, withPieces, withRubbedBread } from './join-drafts.ts';
import { Mapped } from './mapped.ts';
import { normal } from './normal-line.ts';
import { isOfComponent, isOfKeeping, scopeAt, scopesIn, type Scope } from './scopes.ts';
import { sentencesOf } from './sentences.ts';
import type { StepDraft } from './step-draft.ts';

/** The method taken apart: drafts in order, the heat of the griddle, what is said of keeping, and sentences that name nothing to do. */
export interface MethodDrafts {
  readonly drafts: readonly StepDraft[];
  readonly heat: 'low' | 'medium' | 'high' | undefined;
  readonly keeping: readonly Mapped[];
  /** What is not to be done, or may be. */
  readonly remarks: readonly Mapped[];
  /** What goes wrong, and what then. */
  readonly troubles: readonly Mapped[];
  /** Heating up and serving, which are no steps of a bread. */
  readonly beside: readonly Mapped[];
  readonly passed: readonly Mapped[];
}

const BESIDE =
  /^(?:meanwhile|in the meantime|at the same time|while (?:the dough|it|they|the balls?)(?:'s| is| are)? (?:rests?|resting|proves?|proving|rises?|rising|stands?|chills?|chilling|proofs?|proofing)|as (?:it|the dough) (?:rests|rises|proves))\b/i;
/** "…; after another ten minutes roll": a rest in the midst of a sentence. */
const THEN_AFTER =
  /[;,] (?:and |then )?(?=after (?:about |another |a further )?(?:an? |\d+(?:\.\d+)? ?)(?:minutes?|mins?|hours?|hrs?)\b)/i;
const AFTER =
  /^(?:about )?(?:an? |\d+(?:\.\d+)? ?)(?:minutes?|mins?|hours?|hrs?) later,?\s|^(?:(?:okay|so|now|then),? )*after (?:about |another |a further )?(?:an? |\d+(?:\.\d+)? ?)(?:seconds?|secs?|minutes?|mins?|hours?|hrs?)\b,?/i;
/** "After about 1 minute, flip": how long it has lain on the griddle. */
const TURNED_AFTER =
  /^after (?:about |another |a further )?(?:an? |\d+(?:\.\d+)? ?)(?:minutes?|mins?),? (?:flip|turn)\b/i;
/** "When the dough has rested for 30 minutes, divide it". */
const HAS_WAITED =
  /^after (?:rest|prov|proof|chill|ris|ferment)ing(?: (?:it|them|the dough))?(?: for)?(?: (?:about |at least )?(?:an? |\d+(?:\.\d+)? ?)(?:minutes?|mins?|hours?|hrs?|h)\b)?,? |^(?:when|once|after) (?:it|they|the \w+) (?:has|have) (?:been )?(?:rest\w*|stood|standing|risen|rising|proved|proofed) for (?:about |at least )?(?:an? |\d+(?:\.\d+)? ?)(?:minutes?|mins?|hours?|hrs?)\b,?/i;
/** What a dough does, by the words in which it is told to have done it. */
const waitingIn = (text: string): 'proof' | 'chill' | 'rest' =>
  /\b(?:ris|pro[vo]|ferment)/i.test(text) ? 'proof' : /\bchill/i.test(text) ? 'chill' : 'rest';
const WHILE_RESTING =
  /^while (?:it|they|the \w+) (?:is |are )?(?:rest|prov|proof|ris|chill|stand|ferment)\w*(?: \w+){0,3}? for (?:about )?(?:an? |\d+(?:\.\d+)? ?)(?:minutes?|mins?|hours?|hrs?|h)\b,?/i;
/** "Coax it out to 20 cm": work at a piece whose word nobody knows shapes it. */
const SIZED_WORK =
  /^(?:\p{L}+ly )?(?!(?:size|diameter|width|thickness|about|around|roughly|they|it|the|this|each)\b)\p{L}{2,}(?! of\b)[^.;]*\b\d+(?:\.\d+)? ?(?:cm|mm)\b/iu;
const PIN = /\bpin\b/i;
/** What nobody does for half an hour. */
const STIRRED = new Set<Action>(['mix', 'scald', 'rub', 'knead']);
const LEAST_STAND_MIN = 30;
const OF_PIECE = new Set<Action>(['divide', 'ball', 'rest', 'proof', 'fill']);
/** "Bash the dough about for 5 minutes": work at a dough whose word nobody knows is kneading. */
const DOUGH_WORK =
  /^(?!(?:cover|leave|let|put|place|set|keep|wrap|return|chill|rest|move|transfer|store)\b)\p{L}+(?: and \p{L}+)? (?:it|the dough)\b[^.;]*\bfor (?:about )?\d+(?:\.\d+)? ?min/iu;
const LONGEST_KNEAD_MIN = 20;
const IDLE = new Set<Action>(['rest', 'proof', 'chill', 'temper', 'bloom']);
/** "Brush with butter after baking", told before it is baked. */
const ONCE_COOKED =
  /\b(?:after|once|when) (?:they (?:are|have been) |it (?:is|has been) )?(?:baking|cooking|cooked|baked)\b/i;
/** "Mix flour and water. 3 min": a time, or a size, that stands as a sentence of its own. */
const ONLY_A_TIME =
  /^\(?(?:about |ca\.? |then |another |a further )*\d+(?:\.\d+)?(?: ?(?:-|–|to) ?\d+(?:\.\d+)?)? ?(?:s|secs?|seconds?|min|mins?|minutes?|h|hours?|cm|mm)(?: (?:by hand|by machine|with a (?:mixer|machine)|in (?:a|the) (?:mixer|machine)|on (?:low|medium|slow|first|speed \d)(?: speed)?|or so|in all|total|more))?\)?[.!]?\)?$/i;
/** Balls that take so long are resting. */
const LEAST_REST_MIN = 5;
/** "Cover.", "Repeat.", "Let it cool.": said of what goes on already. */
const SAID_BESIDE =
  /^(?:cover(?:ed)?(?: (?:it|them|the bowl|and))?(?: with [\p{L} ]+)?|repeat(?: with [\p{L} ]+)?|(?:let|leave) (?:it|them|this) (?:to )?cool|off|out|done|ready)[.!]?$/iu;
const HOT_PLACE =
  /^(?:on(?:to)? (?:a|the) )?(?:(?:very|really) )?(?:hot |dry )*(?:pan|griddle|skillet|tawa|hot ?plate|stone|bakestone)[.!]?$|^(?:(?:in|on|a|the|hot|dry|heavy|oiled|very) )*(?:pan|griddle|skillet|tawa|hot ?plate|bakestone)\b[^.]*\b(?:heat|hot|flame|fire)\b/i;
const ONE_SIDE = /^(?:on )?(?:1|one) side only\b|^only (?:on )?(?:1|one) side\b/i;
const CAREFUL = /\b(?:careful|take care|mind (?:the|your)|watch out|do not touch|danger|burns?\b)/i;

/** A method while it is taken apart, sentence by sentence. */
class Drafting {
  readonly drafts: StepDraft[] = [];
  readonly keeping: Mapped[] = [];
  readonly remarks: Mapped[] = [];
  readonly troubles: Mapped[] = [];
  readonly beside: Mapped[] = [];
  readonly passed: Mapped[] = [];
  heat: MethodDrafts['heat'];

  constructor(
    private readonly fillings: readonly string[],
    private readonly toppings: readonly string[],
  ) {}

  /** "Fry the onion with the cumin": work at what the bread is filled with, before it is filled. */
  private isAtFilling(text: string, actions: readonly FoundAction[]): boolean {
    const [isFilling, isTopping] = [this.fillings, this.toppings].map((names) => foodWordsIn(text, names).length > 0);
    const work = isFilling ? FILLING_WORK : TOPPING_WORK;
    return (
      (isFilling === true || isTopping === true) &&
      actions.length > 0 &&
      actions.every((a) => work.has(a.action)) &&
      !/\b(?:dough|flour|griddle|each|balls?|breads?|rounds?|all but|everything)\b/i.test(text)
    );
  }

  take(raw: Mapped): void {
    const sentence = normal(raw);
    const { text } = sentence;
    const then = THEN_AFTER.exec(text);
    if (then && !TURNED_AFTER.test(text.slice(then.index + then[0].length))) {
      this.take(sentence.slice(0, then.index));
      this.take(sentence.slice(then.index + then[0].length));
      return;
    }
    const scopes = scopesIn(text);
    this.heat = heatIn(text) ?? this.heat;
    const hasCooked = this.drafts.some((d) => d.action === 'cook');
    if (isOfKeeping(text) && (hasCooked || scopes.some((s) => s.kind === 'may'))) {
      this.keeping.push(raw);
      return;
    }
    const done = scopes.reduce((t, s) => t.slice(0, s.from) + ' '.repeat(s.to - s.from) + t.slice(s.to), text);
    const actions = actionsIn(done);
    if (isOfComponent(text) || this.isAtFilling(text, actions)) {
      this.drafts.push(componentDraft(sentence, actions));
      return;
    }
    const rest = scopes
      .reduce((left, s) => left.replace(text.slice(s.from, s.to), ''), text)
      .replace(/[\s.,;:–—-]+/g, ' ')
      .trim();
    const waited = AFTER.exec(text) ?? HAS_WAITED.exec(text);
    const isTimed = waited !== null && HAS_WAITED.test(text) && timesOf(sentence.slice(0, waited[0].length)).length > 0;
    if (waited && (actions.length > 0 || isTimed || /\bflame\b/i.test(text))) {
      const words = sentence.slice(0, waited[0].length);
      const cook = this.drafts.at(-1);
      if (cook?.action === 'cook' && timesOf(words).every((t) => t.most <= LEAST_REST_MIN)) {
        this.continues(cook, raw, text, timesOf(sentence));
        return;
      }
      // "after 1 minute turn it": it has lain on the griddle
      if (TURNED_AFTER.test(text) && !this.drafts.some((d) => d.action === 'cook')) {
        this.drafts.push(draftOf('cook', sentence, timesOf(sentence)));
        return;
      }
      // "after resting": of a rest that is told already
      const isKnown = HAS_WAITED.test(text) && !isTimed && this.drafts.some((d) => IDLE.has(d.action));
      if (isKnown || (this.hasRested && !(this.drafts.length === 0 && HAS_WAITED.test(text)))) this.remarks.push(words);
      else this.drafts.push(draftOf(waitingIn(words.text), words, timesOf(words)));
      this.take(sentence.slice(waited[0].length).trim());
      return;
    }
    // "while it rests for 30 minutes, tidy the bench"
    const meanwhile = WHILE_RESTING.exec(text);
    if (meanwhile && (this.drafts.length === 0 || !this.hasRested)) {
      const words = sentence.slice(0, meanwhile[0].length);
      this.drafts.push(draftOf(waitingIn(words.text), words, timesOf(words)));
      const rest = sentence.slice(meanwhile[0].length).trim();
      if (actionsIn(rest.text).length > 0) this.drafts.push(besideDraft(rest));
      else this.beside.push(rest);
      return;
    }
    if (actions.length > 0) {
      const drafts = draftsOf(sentence, actions, scopes).map((d) => (hasCooked ? d : withoutWrapping(d)));
      // heating up and serving are no steps of a bread
      if (drafts.length === 0) this.beside.push(raw);
      this.drafts.push(...drafts);
    } else if (BESIDE.test(text)) this.drafts.push(besideDraft(sentence));
    else if (rest !== '') this.takeVerbless(raw, sentence);
    this.placeScopes(sentence, scopes);
  }

  /** "After an hour we divide it": the rest before has said that; where there was none, dough has rested so long. */
  private get hasRested(): boolean {
    const last = this.drafts.at(-1);
    return last === undefined || last.action === 'cook' || IDLE.has(last.action);
  }

  /** What goes wrong is told with the step before it; what is not done, or may be, is a remark. */
  private placeScopes(sentence: Mapped, scopes: readonly Scope[]): void {
    for (const s of scopes) {
      const piece = sentence.slice(s.from, s.to).trim();
      const last = this.drafts.at(-1);
      if (s.kind === 'not' && last?.action === 'cook' && /\b(?:turn|flip)/i.test(piece.text))
        this.drafts[this.drafts.length - 1] = { ...last, text: `${last.text}. ${piece.text}` };
      if (s.kind === 'if') this.troubles.push(piece);
      if (s.kind === 'if' && last)
        this.drafts[this.drafts.length - 1] = {
          ...last,
          trouble: joined(last.trouble, piece.text),
        };
      else if (s.kind !== 'if')
        (isOfKeeping(piece.text) || /\bfridge|freez/i.test(piece.text) ? this.keeping : this.remarks).push(piece);
    }
  }

  /** A sentence in which nothing is done by name: a place, a cover or a side says what it is; else it belongs to the step before. */
  private takeVerbless(raw: Mapped, sentence: Mapped): void {
    const { text } = sentence;
    const last = this.drafts.at(-1);
    const times = timesOf(sentence);
    const implied = impliedIn(text, times);
    // "One side only."
    if (
      last?.action === 'cook' &&
      times.length === 0 &&
      (ONE_SIDE.test(text) || /^(?:then )?(?:turn(?: (?:it|them))?(?: over)?|over)[.!]?$/i.test(text))
    ) {
      this.continues(last, raw, text, []);
      return;
    }
    if (times.length === 0 && (SAID_BESIDE.test(text) || /^\d{1,2}[.)]?$/.test(text))) {
      this.beside.push(raw);
      return;
    }
    // "Pan over a medium heat, no oil.": where it cooks, for how long comes next
    if (times.length === 0 && last && last.action !== 'cook' && HOT_PLACE.test(text)) {
      this.drafts.push(draftOf('cook', sentence, []));
      return;
    }
    if (CAREFUL.test(text) && last)
      this.drafts[this.drafts.length - 1] = {
        ...last,
        caution: joined(last.caution, raw.text),
        spans: [...last.spans, raw.span()],
      };
    else if (!implied && this.isWorkAtPiece(text, times))
      this.drafts.push(draftOf(PIN.test(text) ? 'roll' : 'shape', sentence, times));
    else if (
      !implied &&
      DOUGH_WORK.test(text) &&
      times.every((t) => t.most <= 2 * LONGEST_KNEAD_MIN) &&
      last &&
      ['mix', 'rub', 'scald', 'knead', 'rest'].includes(last.action) &&
      !this.drafts.some((d) => d.action === 'divide' || d.action === 'ball')
    )
      this.drafts.push(draftOf('knead', sentence, times));
    else if (implied)
      this.drafts.push({ ...draftOf(implied, sentence, times), cue: cueIn(text), foldAfter: foldAfterIn(sentence) });
    else if (
      ['ball', 'fill'].includes(last?.action ?? '') &&
      ONLY_A_TIME.test(text) &&
      (times[0]?.ideal ?? 0) >= LEAST_REST_MIN
    )
      this.drafts.push(draftOf('rest', sentence, times));
    else if (last && STIRRED.has(last.action) && ONLY_A_TIME.test(text) && (times[0]?.least ?? 0) >= LEAST_STAND_MIN)
      this.drafts.push(draftOf('rest', sentence, times));
    else if (last && (ONLY_A_TIME.test(text) || isMoreCooking(last, text, times)))
      this.continues(last, raw, text, times);
    else if (
      last &&
      /^(?:it should|they should|the dough (?:should|will|must)|this (?:will )?takes?|same again|the same again|it (?:will )?takes?|until|about|for|you want)/i.test(
        text,
      )
    )
      this.continues(last, raw, text, times, raw.text);
    else this.passed.push(raw);
  }

  private isWorkAtPiece(text: string, times: readonly Duration[]): boolean {
    const isPieced = this.drafts.some((d) => d.action === 'divide' || d.action === 'ball');
    const isShaped = this.drafts.some((d) => d.action === 'roll' || d.action === 'shape' || d.action === 'cook');
    return (
      times.length === 0 &&
      isPieced &&
      !isShaped &&
      OF_PIECE.has(this.drafts.at(-1)?.action ?? 'mix') &&
      SIZED_WORK.test(text)
    );
  }

  /** What says no more than how long, or until when, is of the step before it. */
  private continues(last: StepDraft, raw: Mapped, text: string, times: readonly Duration[], cue?: string): void {
    this.drafts[this.drafts.length - 1] = {
      ...last,
      text: `${last.text} ${text}`,
      times: [...last.times, ...times],
      cue: cue === undefined ? last.cue : joined(last.cue, cue),
      spans: [...last.spans, raw.span()],
    };
  }
}

/** `fillings`, `toppings`: what goes into the bread or beside it, and what goes on top, and not into its dough; by name. */
export function draftMethod(
  lines: readonly Mapped[],
  fillings: readonly string[] = [],
  toppings: readonly string[] = [],
): MethodDrafts {
  const drafting = new Drafting(fillings, toppings);
  for (const raw of lines.flatMap(sentencesOf)) drafting.take(raw);
  const { drafts: told, heat, keeping, remarks, troubles, beside, passed } = drafting;
  const isLate = (d: StepDraft): boolean => d.action === 'finish' && ONCE_COOKED.test(d.text);
  const all = withRubbedBread(withEarlyAdditions([...told.filter((d) => !isLate(d)), ...told.filter(isLate)]));
  // bread that has been cooked rests, and is cut, no more as dough is: that is of serving
  const last = all.findLastIndex((d) => d.action === 'cook');
  const isDough = (d: StepDraft, n: number): boolean =>
    last < 0 || n < last || !(RESTS.has(d.action) || d.action === 'divide');
  const drafts = all.filter(isDough);
  return {
    drafts: withFolds(joinNeighbours(withPieces(drafts))),
    heat,
    keeping,
    remarks,
    troubles,
    beside,
    passed,
  };
}

/** "Give it another 40 seconds." */
const isMoreCooking = (last: StepDraft, text: string, times: readonly Duration[]): boolean =>
  last.action === 'cook' &&
  (/^(?:then )?(?:give|leave|allow) (?:it|them|each|the (?:other|second) side)\b/i.test(text) || AFTER.test(text)) &&
  times.some((t) => t.most <= LEAST_REST_MIN);

const joined = (a: string | undefined, b: string): string => (a === undefined ? b : `${a} ${b}`);

/** What a clause without a verb says is done: by sides, by cold, by cover or warmth, by a number of pieces. */
function impliedIn(text: string, times: readonly Duration[]): Action | undefined {
  if (/^(?:then )?(?:\d+ )?(?:even |equal )?balls\b/i.test(text)) return 'ball';
  if (/^weight of (?:the |each |a )?(?:piece|ball)/i.test(text)) return 'divide';
  if (/^\d+ parts\b/i.test(text) && findFood(text)) return undefined;
  if (/^(?:\d+ (?:even |equal )?(?:pieces|portions|rounds|parts|bits)\b(?! \p{L}+ to\b)|pieces? of \d)/iu.test(text))
    return 'divide';
  if (/^\d{2,3} ?g\.?$/i.test(text)) return 'divide';
  if (times.length === 0) return undefined;
  if (
    /(?<!\bcut )\bsides?\b|\bplancha|hotplate\b|\b(?:goes|go|put|lay) on(?:to)? the (?:hot )?stone\b|^on(?:to)? (?:the|a) (?:very )?hot\b|\blid on\b|\b(?:oven plate|bakestone|girdle|tawa|comal)\b|\b(?:hot|dry|high|medium|low)\b.*\b(?:pan|griddle|skillet|iron|plate)s?\b|\b(?:pan|griddle|skillet)s?\b/i.test(
      text,
    )
  )
    return 'cook';
  if (/^\d+ ?(?:s|secs?|seconds?)\s*(?:,|\band\b)\s*\d+ ?(?:s|secs?|seconds?)\.?$/i.test(text)) return 'cook';
  // "1 min + 45 sec", "1 min, turn, 50 sec": both sides
  if (
    (/\d ?(?:s|secs?|seconds?|min|minutes?)\s*(?:\+|\/|then)\s*\d/i.test(text) ||
      /\b(?:turn|flip)(?:ing|ping|ed|ped)?\b/i.test(text)) &&
    times.every((t) => t.most <= 12)
  )
    return 'cook';
  if (/\b(?:fridge|refrigerator|cold room)\b|^cold (?=\d)|^chilled\b|\bat [1-8] ?°/i.test(text)) return 'chill';
  return /\b(?:leave|left|wrap(?:ped)?|cover(?:ed)?|cloth|cling ?film|towel|(?:warm (?:place|spot|corner)|somewhere warm|in the warm)|room temp(?:erature)?|seam (?:side )?down|plate (?:on top|over)|dough in\b|in the bowl|in(?:to)? (?:a|the|its) (?:[\w-]+ ){0,3}?(?:box|tub|container|bucket|bag)|peace|under (?:a|1|the|its|an upturned) bowl|bowl (?:over|on top)|overnight|bench)\b/i.test(
    text,
  )
    ? 'rest'
    : undefined;
}

function heatIn(text: string): MethodDrafts['heat'] {
  if (
    /\b(?:medium[- ]high|medium to high|high|very hot|really hot|smoking)\b/i.test(text) &&
    /\bheat|pan|griddle|skillet|cook/i.test(text)
  )
    return 'high';
  if (/\bmedium[- ]low\b|\blow(?:ish)? (?:heat|flame)|\bgentle heat/i.test(text)) return 'low';
  return /\bmedium\b|\bmoderate/i.test(text) ? 'medium' : undefined;
}

/** Dough that is wrapped before anything has been cooked rests in its wrap. */
const withoutWrapping = (d: StepDraft): StepDraft =>
  d.action === 'finish' && /\bwrap/i.test(d.text) && d.times.length > 0 ? { ...d, action: 'rest' } : d;

/** All times of a piece of a text, each with where it stands. */
const placedTimes = (text: Mapped): readonly Duration[] =>
  durationsIn(text.text).map((t) => ({ ...t, span: text.span(t.at, t.at + t.text.length) }));

/** Its times but for those that say when something is done within a rest: "with a fold after 30 min". */
const timesOf = (text: Mapped): readonly Duration[] =>
  placedTimes(text).filter(
    (t) =>
      !/\bfold(?:s|ing)? (?:(?:it|once|the dough) )*(?:after|every|at) (?:about )?(?:[\d\s/,&+-]|and|min(?:utes?)?)*$/i.test(
        text.text.slice(0, t.at),
      ),
  );

/** "With one fold after 30 minutes": when within a rest it is folded. */
const foldAfterIn = (text: Mapped): Duration | undefined =>
  placedTimes(text).find((t) =>
    /(?:\b(?:an?|1|one) |^\W*|, )(?:stretch and )?fold(?:ing)? (?:(?:it|once|the dough) )*(?:after|at) (?:about )?$/i.test(
      text.text.slice(0, t.at),
    ),
  );

const draftOf = (action: Action, text: Mapped, times: readonly Duration[], isBeside = false): StepDraft => ({
  action,
  text: text.text,
  spans: [text.span()],
  times,
  isBeside,
  cue: undefined,
  caution: undefined,
  trouble: undefined,
});
const besideDraft = (text: Mapped): StepDraft => draftOf('job', text, timesOf(text), true);

/** Work at something that is eaten with the bread; a time in which it only stands is none of the hands'. */
function componentDraft(sentence: Mapped, actions: readonly FoundAction[]): StepDraft {
  const idle = actions.filter((a) => ['chill', 'rest', 'proof'].includes(a.action));
  const times = timesOf(sentence).filter(
    (t) => !idle.some((a) => a.at < t.at && !actions.some((b) => b.at > a.at && b.at < t.at)),
  );
  return draftOf('job', sentence, times, true);
}

/** What can be done to a filling: the same words as for dough, but for those of its stages. */
const FILLING_WORK = new Set<Action>(['job', 'mix', 'cook', 'heat', 'rest', 'chill', 'knead', 'scald', 'clap']);
/** What goes on top is stirred or prepared beside; cooked it is with the bread. */
const TOPPING_WORK = new Set<Action>(['job', 'mix']);
const escaped = (word: string): string => word.replace(/[.*+?^${}()|[\]\\]/g, '\\$&');
const foodWordsIn = (text: string, names: readonly string[]): readonly string[] =>
  names.filter((n) => new RegExp(`\\b${escaped(n)}\\b`, 'i').test(text));

const NO_STEP = new Set<Action>(['aside', 'heat', 'serve']);
const CUE = /\b(?:until|till)\s+([^.;]+?)(?=,? (?:then|and then|about|for|turning)\b|[.;]|$)/i;
const cueIn = (text: string): string | undefined =>
  CUE.exec(text)?.[1]
    ?.trim()
    .replace(/\s*\(.*$/, '')
    .slice(0, 200);

/**
 * One sentence with its actions: words and times from the start of its own clause up to the next one's belong to each, so that a time
 * before a verb ("then overnight in the fridge") is never another's; what stands before the first belongs to it.
 */
function draftsOf(sentence: Mapped, actions: readonly FoundAction[], scopes: readonly Scope[]): readonly StepDraft[] {
  const whole = sentence.text;
  const steps = actions.filter((a) => !NO_STEP.has(a.action));
  const times = timesOf(sentence).filter((t) => !scopeAt(scopes, t.at));
  const isBeside = BESIDE.test(whole);
  const lead = leadingIn(sentence, steps[0], times);
  const starts = steps.map((step, n) => {
    const before = steps[n - 1];
    if (!before) return lead?.to ?? 0;
    const between = whole.slice(before.at + before.length, step.at);
    const signs = [...between.matchAll(/[,;]|\s-\s|\s\/\s|\bthen\b/g)];
    // "for each; 2 minutes, flip": how long it lies before it is turned
    const lain = /^(?:flip|turn)/i.test(whole.slice(step.at))
      ? /[,;]\s*[\d./½¼¾]+ ?(?:min|s)[^,;\d]*,?\s*(?:then\s*)?$/i.exec(between)
      : null;
    if (lain) return before.at + before.length + lain.index;
    // "… for 8 minutes and prove": what stands before "and" is told already
    if (/\b(?:min(?:ute)?s?|hours?|h) and (?:then )?$/i.test(between)) return step.at;
    const clause = signs.at(-1);
    // "add the yogurt, flour and salt and knead": the list goes on behind its comma
    const listed = clause ? between.slice(clause.index) : '';
    if (/^, *[\p{L} -]+ and $/u.test(listed) && findFood(listed.slice(1))) return step.at;
    // where a time stands between the sign and the verb the clause is the verb's
    return clause ? before.at + before.length + clause.index : step.at;
  });
  const drafts = steps.flatMap((step, n): readonly StepDraft[] => {
    const [from, end] = [starts[n] ?? step.at, starts[n + 1] ?? whole.length];
    const implied = impliedBehind(sentence, step, end, times);
    const to = implied[0]?.from ?? end;
    const piece = sentence.slice(from, to);
    const text = piece.text
      .replace(/^[\s,;/-]*(?:then\b\s*)?/, '')
      .replace(/[\s,;/-]+(?:and|then|and then)?\s*$/i, '')
      .trim();
    const draft = {
      action: step.action,
      text,
      spans: [piece.span()],
      times: times.filter((t) => t.at >= from && t.at < to),
      foldAfter: foldAfterIn(piece),
      isBeside: isBeside || step.action === 'job',
      cue: cueIn(text),
      caution: CAREFUL.test(text) ? text : undefined,
      trouble: undefined,
    };
    const others = implied.map(({ from: start, action }, i) => {
      const stop = implied[i + 1]?.from ?? end;
      const behind = sentence.slice(start, stop);
      const own = times.filter((t) => t.at >= start && t.at < stop);
      return { ...draftOf(action, behind, own), cue: cueIn(behind.text) };
    });
    return [draft, ...others];
  });
  if (lead)
    drafts.unshift(
      draftOf(
        lead.action,
        sentence.slice(0, lead.to),
        times.filter((t) => t.at < lead.to),
      ),
    );
  for (const [n, d] of drafts.entries())
    // "turn them and give them another minute"
    if (
      n > 0 &&
      drafts[n - 1]?.action === 'cook' &&
      d.action === 'rest' &&
      /^(?:and )?(?:give|leave)\b/i.test(d.text) &&
      d.times.every((t) => t.most <= 12)
    )
      drafts[n] = { ...d, action: 'cook' };
    // "turn, brush with ghee, 1 minute": it goes on cooking
    else if (
      n > 0 &&
      drafts[n - 1]?.action === 'cook' &&
      d.action === 'finish' &&
      d.times.length > 0 &&
      d.times.every((t) => t.most <= LEAST_REST_MIN)
    )
      drafts[n] = { ...d, action: 'cook' };
  return drafts;
}

/** "1 hour at room temperature, 8 balls": what dough does before the first verb of a sentence. */
function leadingIn(
  sentence: Mapped,
  step: FoundAction | undefined,
  times: readonly Duration[],
): { readonly to: number; readonly action: Action } | undefined {
  const before = sentence.text.slice(0, step?.at ?? 0);
  const to = Math.max(before.lastIndexOf(','), before.lastIndexOf(';'));
  const own = times.filter((t) => t.at < to);
  if (!step || to < 1 || own.length === 0 || IDLE.has(step.action) || step.action === 'cook') return undefined;
  const action = impliedIn(before.slice(0, to), own);
  return action === 'rest' || action === 'chill' ? { to, action } : undefined;
}

/** Where the clauses behind semicolons begin; one that is only a time goes on with the one before. */
const clausesIn = (text: string): readonly number[] =>
  [
    ...text.matchAll(
      /;(?!\s*(?:about |another )?\d+(?:\.\d+)?(?: ?(?:-|–|to) ?\d+)? ?(?:min\w*|h|hours?|s|sec\w*)\.?\s*(?:;|$))/g,
    ),
  ].map((m) => m.index);
const ON_GRIDDLE = /\b(?:griddle|cook|flip|turn|fry|bake)\b/i;
/** Where a clause without a verb begins behind a verb's own, and what is done in it. */
interface Implied {
  readonly from: number;
  readonly action: Action;
}

/** A clause behind a sign in which dough or its pieces only lie. */
const LYING =
  /^[\W]*(?:then )?(?:cover|(?:the )?(?:dough )?back in|(?:(?:pop|put|place|set) (?:it |the dough )?(?:back )?)?in(?:to)? (?:a|the|its) (?:\w+ )?(?:bowl|tub|bag)|(?:lay|put|place|set) (?:them |the balls )?on (?:a|an|the) (?:\w+ )?(?:cloth|tray|board|towel)|invert|lid on|bench|warm (?:place|spot|corner)|in the warm|somewhere warm|room temp|leave|overnight|\d+(?:\.\d+)? *\w+ (?:bench|under|covered))/i;

/** "Roll out, hot griddle, 70 s": what stands behind a verb's own clause and is done elsewhere is a step of its own. */
function impliedBehind(
  sentence: Mapped,
  step: FoundAction,
  to: number,
  times: readonly Duration[],
): readonly Implied[] {
  if (step.action === 'cook' || step.action === 'job') return [];
  const end = step.at + step.length;
  const ownOf = (from: number, until: number): readonly Duration[] => times.filter((t) => t.at >= from && t.at < until);
  const at = (from: number, until: number): Implied | undefined => {
    const text = sentence.text.slice(from, until);
    const own = ownOf(from, until);
    // "make a poolish; 3 hours": so long nobody stirs
    if (
      STIRRED.has(step.action) &&
      ONLY_A_TIME.test(text.replace(/^\W+/, '')) &&
      (own[0]?.least ?? 0) >= LEAST_STAND_MIN
    )
      return { from, action: 'rest' };
    const action = impliedIn(text, own);
    // bread that is brushed goes back on the griddle, and rests no more
    if (step.action === 'finish' && action !== 'cook') return undefined;
    // "flip, spread the topping, cover, 90 s": on the griddle nothing rests
    if (
      action === 'rest' &&
      own.every((t) => t.most <= LEAST_REST_MIN) &&
      ON_GRIDDLE.test(sentence.text.slice(0, step.at))
    )
      return { from, action: 'cook' };
    // what stands behind a semicolon with its own time is no part of what is done before it
    const isRest = action === 'rest' && (LYING.test(text) || text.startsWith(';'));
    return isRest || action === 'cook' || action === 'chill' ? { from, action } : undefined;
  };
  const begins = clausesIn(sentence.text.slice(0, to)).filter((n) => n >= end);
  const untilOf = (from: number): number => begins.find((n) => n > from) ?? to;
  const isIdle = IDLE.has(step.action);
  // a rest has its own time before anything else begins
  const signs = [...sentence.text.slice(end, to).matchAll(/[,;]|\s[-/]\s/g)].map((m) => end + m.index);
  // what begins a clause of its own stands in the same stretch between semicolons
  const clauses = signs
    .filter((from) => untilOf(from) === untilOf(signs[0] ?? to) || begins.includes(signs[0] ?? to))
    .map((from) => {
      if (!isIdle) return at(from, untilOf(from));
      const isOver = ownOf(0, from).length > 0 && sentence.text[from] === ',';
      const next = isOver ? at(from, untilOf(from)) : undefined;
      const clause = /^[^,;]*/.exec(sentence.text.slice(from).replace(/^\W+/, ''))?.[0] ?? '';
      if (isOver && SIZED_WORK.test(clause) && !/\d ?(?:min|s|h)\b/.test(clause))
        return { from, action: PIN.test(clause) ? ('roll' as const) : ('shape' as const) };
      return next?.action === 'cook' ? next : undefined;
    })
    .filter((found) => found !== undefined);
  const first = clauses[0];
  const cooked = first && first.action !== 'cook' ? clauses.find((c) => c.action === 'cook' && isIdle) : undefined;
  // "rest 20 minutes; on a tray, covered, 20 minutes; hot griddle, 60 s": each with its own time
  const further = begins.flatMap((from) => {
    // "divide into 8; squash to 10 cm"
    const clause = sentence.text.slice(from, untilOf(from)).replace(/^;\s*/, '');
    if (OF_PIECE.has(step.action) && SIZED_WORK.test(clause) && ownOf(from, untilOf(from)).length === 0)
      return [{ from, action: PIN.test(clause) ? ('roll' as const) : ('shape' as const) }];
    const before = ownOf(isIdle ? 0 : (first?.from ?? 0), from).length > 0;
    if (from === first?.from || !before || ownOf(from, untilOf(from)).length === 0) return [];
    return at(from, untilOf(from)) ?? [];
  });
  return [...(first ? [first] : []), ...(cooked ? [cooked] : []), ...further];
}
