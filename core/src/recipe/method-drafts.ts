import { actionsIn, type Action, type FoundAction } from './actions.ts';
import { clausesApart } from './clause-parts.ts';
import { draftsOf } from './clauses.ts';
import type { Duration } from './durations.ts';
import {
  BESIDE,
  CAREFUL,
  IDLE,
  impliedIn,
  isIdling,
  LEAST_REST_MIN,
  LEAST_STAND_MIN,
  LONGEST_BAKE_MIN,
  LONGEST_STIR_MIN,
  ONLY_A_SIZE,
  OF_PIECE,
  ONLY_A_TIME,
  sizedWorkIn,
  STIRRED,
} from './implied.ts';
import { withFolds } from './folds.ts';
import { joinNeighbours, withPieces } from './join-drafts.ts';
import { Mapped, type Span } from './mapped.ts';
import { normal } from './normal-line.ts';
import { blanked, isOfComponent, isOfKeeping, KEEPS, scopeAt, scopesIn, type Scope } from './scopes.ts';
import { sentencesOf } from './sentences.ts';
import { isStacked, MADE, settledDrafts } from './settled-drafts.ts';
import { besideDraft, cueIn, draftOf, type StepDraft, timesOf } from './step-draft.ts';

/** The method taken apart: drafts in order, the heat of the griddle, what is said of keeping, and sentences that name nothing to do. */
export interface MethodDrafts {
  readonly drafts: readonly StepDraft[];
  readonly heat: 'low' | 'medium' | 'high' | undefined;
  readonly keeping: readonly Mapped[];
  /** What is not to be done, or may be. */
  readonly remarks: readonly Mapped[];
  /** What goes wrong, and what then. */
  readonly troubles: readonly Mapped[];
  /** Where heating up, stacking, cutting up and serving stand, which are no steps of a bread. */
  readonly beside: readonly Span[];
  readonly passed: readonly Mapped[];
}

/** "Stir the topping, spread a spoonful on each": made beside, and then put on. */
const ON_BREAD =
  /, (?:then |and )*(?=(?:spread|spoon|put|scatter|strew|brush|lay)\b[^,;.]*\b(?:on|over|onto|into) (?:each|every|them|the (?:breads?|rounds?|discs?|pieces?))\b)/i;
/** "…; after another ten minutes roll": a rest in the midst of a sentence. */
const THEN_AFTER =
  /[;,] (?:and |then )?(?=after (?:about |another |a further )?(?:an? |\d+(?:\.\d+)? ?)(?:minutes?|mins?|hours?|hrs?)\b)/i;
const AFTER =
  /^(?:about )?(?:an? |\d+(?:\.\d+)? ?)(?:minutes?|mins?|hours?|hrs?) later,?\s|^(?:(?:okay|so|now|then),? )*after (?:about |another |a further )?(?:an? |\d+(?:\.\d+)? ?)(?:seconds?|secs?|minutes?|mins?|hours?|hrs?)\b,?/i;
/** "After about 1 minute, flip": how long it has lain on the griddle. */
const TURNED_AFTER =
  /^after (?:about |another |a further )?(?:an? |\d+(?:\.\d+)? ?)(?:seconds?|secs?|s|minutes?|mins?),? (?:flip|turn)\b/i;
/** "After kneading, …": of work that is told already. */
const AFTER_WORK = /^after (?:the )?(?:knead|mix|divid|roll|shap|fold|ball)ing(?: (?:it|them|the dough))?,/i;
/** "At 90 min tip it out": counted from when the dough was made. */
const AT_MOMENT = /^at (?:about )?\d{2,3} ?min(?:ute)?s?(?: in)?[,:]? (?=\p{L})/iu;
/** "When the dough has rested for 30 minutes, divide it". */
const HAS_WAITED =
  /^after (?:rest|prov|proof|chill|ris|ferment)ing(?: (?:it|them|the dough))?(?: for)?(?: (?:about |at least )?(?:an? |\d+(?:\.\d+)? ?)(?:minutes?|mins?|hours?|hrs?|h)\b)?,? |^(?:when|once|after) (?:it|they|the \w+) (?:has|have) (?:been )?(?:rest\w*|stood|standing|risen|rising|proved|proofed) for (?:about |at least )?(?:an? |\d+(?:\.\d+)? ?)(?:minutes?|mins?|hours?|hrs?)\b,?/i;
/** What a dough does, by the words in which it is told to have done it. */
const waitingIn = (text: string): 'proof' | 'chill' | 'rest' =>
  /\b(?:ris|pro[vo]|ferment)/i.test(text) ? 'proof' : /\bchill/i.test(text) ? 'chill' : 'rest';
const WHILE_RESTING =
  /^while (?:it|they|the \w+) (?:is |are )?(?:rest|prov|proof|ris|chill|stand|ferment)\w*(?: \w+){0,3}? for (?:about )?(?:an? |\d+(?:\.\d+)? ?)(?:minutes?|mins?|hours?|hrs?|h)\b,?/i;
/** "Bash the dough about for 5 minutes": work at a dough whose word nobody knows is kneading. */
const DOUGH_WORK =
  /^(?!(?:cover|leave|let|put|place|set|keep|wrap|return|chill|rest|move|transfer|store)\b)\p{L}+(?: and \p{L}+)? (?:it|the dough)\b[^.;]*\bfor (?:about )?\d+(?:\.\d+)? ?min/iu;
const LONGEST_KNEAD_MIN = 20;
const ON_TABLE =
  /^(?:about )?\d[\d.]*(?: ?[-–] ?[\d.]+)? ?min\w* on (?:the|a|your) (?:\w+ )?(?:table|bench|board|worktop|counter|surface)\W*$/i;
/** "Cover.", "Repeat.", "Let it cool.": said of what goes on already. */
const SAID_BESIDE =
  /^(?:cover(?:ed)?(?: (?:it|them|the bowl|and))?(?: with [\p{L} ]+)?|repeat(?: with [\p{L} ]+)?|(?:let|leave) (?:it|them|this) (?:to )?cool|off|out|done|ready)[.!]?$/iu;
const HOT_PLACE =
  /^(?:on(?:to)? (?:a|the) )?(?:(?:very|really) )?(?:hot |dry )*(?:pan|griddle|skillet|tawa|hot ?plate|stone|bakestone)[.!]?$|^(?:(?:in|on|a|the|hot|dry|heavy|oiled|very) )*(?:pan|griddle|skillet|tawa|hot ?plate|bakestone)\b[^.]*\b(?:heat|hot|flame|fire)\b/i;
/** "Comal over med-high.", "Oven flat out (250), tray in there from the start.": what heats up. */
const HEATS_UP =
  /^(?:(?:the|a|your|dry|heavy) )*(?:pan|griddle|skillet|tawa|tava|comal|hot ?plate|bakestone|stone|saj|oven)\b,? (?:(?:is |goes? |up |set |should be )*(?:on|over|at|to|as)\b[^.;]*\b(?:high|medium|med(?:-high|-low)?|low|full|hot|max(?:imum)?|\d{3}|gas|hob|goes)\b|flat out\b|full blast\b|\(?\d{3}\b)/i;
/** "4–5 min, until they have blown up": of what lies on the griddle, or in the oven. */
const UNTIL_COOKED =
  /^(?:for )?(?:about )?\d[\d.]*(?: ?[-–] ?[\d.]+)? ?(?:s|sec\w*|min\w*)\b[^.;]*\b(?:until|till)\b[^.;]*\b(?:puff(?:s|ed)?|bl(?:ow|own|ew) up|balloon\w*|brown\w*|golden|gold|spot\w*|colour\w*|char\w*|blister\w*|toasted|baked|cooked)\b/i;
const OF_SIDES = /\b(?:a|per|each|both|either|other|second) sides?\b/i;
/** Hot water heats no oven. */
const HEATED = /\b(?:(?:pre-?)?heat(?:ed)?|oven|griddle|pan|stone|tawa|hot ?plate)\b/i;
const ONE_SIDE = /^(?:on )?(?:1|one) side only\b|^only (?:on )?(?:1|one) side\b/i;

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
    // fat that a filling has too is what breads are fried in
    if (this.isShaped && actions.some((a) => a.action === 'cook') && OF_SIDES.test(text)) return false;
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
    const told = AFTER_WORK.exec(text);
    if (told && this.drafts.some((d) => d.action === actionsIn(told[0])[0]?.action)) {
      this.remarks.push(sentence.slice(0, told[0].length));
      this.take(sentence.slice(told[0].length).trim());
      return;
    }
    const moment = AT_MOMENT.exec(text);
    if (moment && this.takeMoment(sentence.slice(0, moment[0].length))) {
      this.take(sentence.slice(moment[0].length));
      return;
    }
    const scopes = scopesIn(text);
    this.heat = heatIn(text) ?? this.heat;
    const { hasCooked } = this;
    if (KEEPS.test(text) || (isOfKeeping(text) && (hasCooked || scopes.some((s) => s.kind === 'may')))) {
      this.keeping.push(raw);
      return;
    }
    const done = blanked(text, scopes);
    const actions = actionsIn(done);
    // "1 minute per side, serve warm": what is told before it is served is no serving
    const [served] = actions;
    if (actions.length === 1 && served?.action === 'serve' && timesOf(sentence).some((t) => t.at < served.at)) {
      const at = /[\s,;/-]*(?:(?:and|then) )*$/i.exec(text.slice(0, served.at))?.index ?? served.at;
      this.take(sentence.slice(0, at));
      this.take(sentence.slice(served.at));
      return;
    }
    const onBread = isOfComponent(text) ? ON_BREAD.exec(text) : null;
    if (onBread) {
      this.take(sentence.slice(0, onBread.index));
      this.take(sentence.slice(onBread.index + onBread[0].length));
      return;
    }
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
    // "after half an hour the dough is smooth"
    const hasLain =
      waited !== null &&
      !hasCooked &&
      !this.hasRested &&
      !this.drafts.at(-1)?.isBeside &&
      actions.length === 0 &&
      timesOf(sentence.slice(0, waited[0].length)).every((t) => t.least >= LEAST_REST_MIN) &&
      rest === text.replace(/[\s.,;:–—-]+/g, ' ').trim();
    if (waited && (actions.length > 0 || isTimed || hasLain || /\bflame\b/i.test(text))) {
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
      const behind = sentence.slice(waited[0].length).trim();
      if (hasLain && timesOf(behind).length === 0) this.remarks.push(behind);
      else this.take(behind);
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
    else if (rest !== '') this.takeVerbless(raw, sentence, done, scopes);
    this.placeScopes(sentence, scopes);
  }

  /** What is left of a time that is counted from when the dough was made; false where none is. */
  private takeMoment(words: Mapped): boolean {
    const [time] = timesOf(words);
    const made = this.drafts.findLastIndex((d) => STIRRED.has(d.action) && !d.isBeside);
    if (!time || made < 0 || this.isPieced) return false;
    const waited = this.drafts
      .slice(made + 1)
      .filter((d) => IDLE.has(d.action))
      .reduce((sum, d) => sum + (d.times[0]?.ideal ?? 0), 0);
    const left = time.ideal - waited;
    if (left < LEAST_REST_MIN) return false;
    this.drafts.push(draftOf('rest', words, [{ ...time, least: left, ideal: left, most: 2 * left }]));
    return true;
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
  private takeVerbless(raw: Mapped, sentence: Mapped, done: string, scopes: readonly Scope[]): void {
    const { text } = sentence;
    const last = this.drafts.at(-1);
    const times = timesOf(sentence).filter((t) => scopeAt(scopes, t.at)?.kind !== 'may');
    // "1 h at room temperature or overnight in the fridge": what may be is not implied, but "no flipping" tells of the griddle
    const implied = impliedIn(scopes.some((s) => s.kind === 'may') ? done.trim() : text, times);
    // "Kneading. 8 minutes on the table."
    if (
      last?.action === 'knead' &&
      last.times.length === 0 &&
      ON_TABLE.test(text) &&
      times.every((t) => t.most <= LONGEST_KNEAD_MIN)
    ) {
      this.continues(last, raw, text, times);
      return;
    }
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
    // what heats up before there is anything to cook is no step
    if (times.length === 0 && !this.hasCooked && HEATS_UP.test(text) && !(this.isShaped && HOT_PLACE.test(text))) {
      this.beside.push(raw);
      return;
    }
    // "Pan over a medium heat, no oil.": where it cooks, for how long comes next
    if (times.length === 0 && last && last.action !== 'cook' && HOT_PLACE.test(text)) {
      this.drafts.push(draftOf('cook', sentence, []));
      return;
    }
    if (last && MADE.has(last.action) && times.every((t) => t.least <= LONGEST_BAKE_MIN) && UNTIL_COOKED.test(text)) {
      this.drafts.push({ ...draftOf('cook', sentence, times), cue: cueIn(text) });
      return;
    }
    if (CAREFUL.test(text) && last && implied !== 'cook')
      this.drafts[this.drafts.length - 1] = {
        ...last,
        caution: joined(last.caution, raw.text),
        spans: [...last.spans, raw.span()],
      };
    else if (ONLY_A_SIZE.test(text) && this.isPieced && !this.isShaped)
      this.drafts.push(draftOf('roll', sentence, times));
    else if (!implied && this.isWorkAtPiece(text, times))
      this.drafts.push(draftOf(sizedWorkIn(text) ?? 'shape', sentence, times));
    else if (
      !implied &&
      DOUGH_WORK.test(text) &&
      times.every((t) => t.most <= 2 * LONGEST_KNEAD_MIN) &&
      (!last || ['mix', 'rub', 'scald', 'knead', 'rest'].includes(last.action)) &&
      !this.drafts.some((d) => d.action === 'divide' || d.action === 'ball')
    )
      this.drafts.push(draftOf('knead', sentence, times));
    else if (implied) {
      const caution = CAREFUL.test(text) ? raw.text : undefined;
      this.drafts.push({ ...draftOf(implied, sentence, times), cue: cueIn(text), caution });
    } else if (
      ONLY_A_TIME.test(text) &&
      (['ball', 'fill', 'fold', 'coil'].includes(last?.action ?? '')
        ? (times[0]?.ideal ?? 0) >= LEAST_REST_MIN
        : ['divide', 'roll', 'shape'].includes(last?.action ?? '') &&
          last?.times.length === 0 &&
          (times[0]?.ideal ?? 0) >= 2 * LEAST_REST_MIN)
    )
      this.drafts.push(draftOf('rest', sentence, times));
    else if (
      last &&
      STIRRED.has(last.action) &&
      ONLY_A_TIME.test(text) &&
      (times[0]?.least ?? 0) >= (last.action === 'mix' && last.times.length === 0 ? LONGEST_STIR_MIN : LEAST_STAND_MIN)
    )
      this.drafts.push(draftOf('rest', sentence, times));
    else if (
      last &&
      !IDLE.has(last.action) &&
      !this.hasCooked &&
      isIdling(text) &&
      (times[0]?.least ?? 0) >= LEAST_REST_MIN
    )
      this.drafts.push(draftOf('rest', sentence, times));
    else if (last && (ONLY_A_TIME.test(text) || isMoreCooking(last, text, times)))
      this.continues(last, raw, text, times);
    else if (
      last &&
      /^(?:it should|they should|the dough (?:should|will|must)|(?:it|they|the (?:dough|batter|balls?)) (?:is|are|feels?|looks?|stays?|remains?) (?:(?:very|quite|rather|still|now|a bit|a little|fairly|really|at first) )*(?:soft|sticky|wet|dry|firm|stiff|tacky|slack|shaggy|rough|loose|smooth|elastic|supple|thick|thin|crumbly|lumpy|silky|heavy|ready)\b|this (?:will )?takes?|same again|the same again|it (?:will )?takes?|until|about|for|you want)/i.test(
        text,
      )
    )
      this.continues(last, raw, text, times, raw.text);
    else this.passed.push(raw);
  }

  private get hasCooked(): boolean {
    return this.drafts.some((d) => d.action === 'cook');
  }

  private get isPieced(): boolean {
    return this.drafts.some((d) => d.action === 'divide' || d.action === 'ball');
  }

  private get isShaped(): boolean {
    return this.drafts.some((d) => d.action === 'roll' || d.action === 'shape' || d.action === 'cook');
  }

  private isWorkAtPiece(text: string, times: readonly Duration[]): boolean {
    return (
      times.length === 0 &&
      this.isPieced &&
      !this.isShaped &&
      OF_PIECE.has(this.drafts.at(-1)?.action ?? 'mix') &&
      sizedWorkIn(text) !== undefined
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
  for (const raw of lines.flatMap(sentencesOf).flatMap(clausesApart)) drafting.take(raw);
  const { drafts: told, heat, keeping, remarks, troubles, beside, passed } = drafting;
  const settled = settledDrafts(
    told,
    lines.some((l) => HEATED.test(l.text)),
  );
  return {
    drafts: withFolds(joinNeighbours(withPieces(settled.drafts))),
    heat,
    keeping,
    remarks,
    troubles,
    beside: [...beside.map((b) => b.span()), ...settled.beside],
    passed,
  };
}

/** "Give it another 40 seconds." */
const isMoreCooking = (last: StepDraft, text: string, times: readonly Duration[]): boolean =>
  last.action === 'cook' &&
  ((/^(?:then )?(?:another )?\d[\d.]* ?(?:s|sec\w*|min\w*) (?:with|without)(?: (?:the|a))? lid\b/i.test(text) &&
    times.every((t) => t.most <= LONGEST_STIR_MIN)) ||
    ((/^(?:then )?(?:give|leave|allow) (?:it|them|each|the (?:other|second) side)\b/i.test(text) || AFTER.test(text)) &&
      times.some((t) => t.most <= LEAST_REST_MIN)));

const joined = (a: string | undefined, b: string): string => (a === undefined ? b : `${a} ${b}`);

function heatIn(text: string): MethodDrafts['heat'] {
  if (
    /\b(?:medium[- ]high|medium to high|high|very hot|really hot|smoking)\b/i.test(text) &&
    /\bheat|pan|griddle|skillet|cook/i.test(text)
  )
    return 'high';
  if (/\bmedium[- ]low\b|\blow(?:ish)? (?:heat|flame)|\bgentle heat/i.test(text)) return 'low';
  return /\bmedium\b|\bmoderate/i.test(text) ? 'medium' : undefined;
}

/** Dough that is wrapped, or stacked, for a while before anything has been cooked rests so. */
const withoutWrapping = (d: StepDraft): StepDraft =>
  d.action === 'finish' && (/\bwrap/i.test(d.text) || isStacked(d)) && d.times.length > 0
    ? { ...d, action: 'rest' }
    : d;

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
function foodWordsIn(text: string, names: readonly string[]): readonly string[] {
  const small = text.toLowerCase();
  // most names are in no part of it
  return names.filter((n) => small.includes(n.toLowerCase()) && new RegExp(`\\b${escaped(n)}\\b`, 'i').test(text));
}
