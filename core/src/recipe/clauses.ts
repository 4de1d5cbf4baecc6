import { findFood } from '../foods/index.ts';
import type { Action, FoundAction } from './actions.ts';
import { isFoodAlone } from './for-later.ts';
import type { Duration } from './durations.ts';
import {
  BESIDE,
  CAREFUL,
  IDLE,
  impliedIn,
  isIdling,
  LEAST_REST_MIN,
  LEAST_STAND_MIN,
  LONGEST_STIR_MIN,
  OF_PIECE,
  ONLY_A_TIME,
  PLACED_TIME,
  sizedWorkIn,
  STIRRED,
} from './implied.ts';
import type { Mapped } from './mapped.ts';
import { blanked, scopeAt, type Scope } from './scopes.ts';
import { cueIn, draftOf, foldTimesOf, RESTS, type StepDraft, timesOf } from './step-draft.ts';

const NO_STEP = new Set<Action>(['aside', 'heat', 'serve']);
/**
 * One sentence with its actions: words and times from the start of its own clause up to the next one's belong to each, so that a time
 * before a verb ("then overnight in the fridge") is never another's; what stands before the first belongs to it.
 */
export function draftsOf(
  sentence: Mapped,
  actions: readonly FoundAction[],
  scopes: readonly Scope[],
): readonly StepDraft[] {
  const whole = sentence.text;
  const steps = actions.filter((a) => !NO_STEP.has(a.action));
  const times = timesOf(sentence).filter((t) => !scopeAt(scopes, t.at));
  const isBeside = BESIDE.test(whole);
  // "2 hours at room temperature (or overnight in the fridge)": what may be implies nothing
  const said = blanked(
    whole,
    scopes.filter((s) => s.kind === 'may'),
  );
  const lead = leadingIn(said, steps, times);
  const starts = steps.map((step, n) => {
    const before = steps[n - 1];
    if (!before) return lead?.to ?? 0;
    const between = whole.slice(before.at + before.length, step.at);
    const signs = [...between.matchAll(/[,;]|\.(?=\s)|\s-\s|\s\/\s|\bthen\b/g)];
    // "for each; 2 minutes, flip": how long it lies before it is turned
    const lain = /^(?:flip|turn)/i.test(whole.slice(step.at))
      ? /[,;]\s*(?:[\d./½¼¾]+ ?s|(?:\d(?:[./]\d+)?|1[0-2]|[½¼¾]) ?min)[^,;\d]*[,;]?\s*(?:then\s*)?$/i.exec(between)
      : null;
    if (lain) return before.at + before.length + lain.index;
    // "… for 8 minutes and prove", "…, 20 cm and stack": what stands before "and" is told already
    if (/\b(?:min(?:ute)?s?|hours?|h|cm|mm|thick|across|wide|round) and (?:then )?$/i.test(between)) return step.at;
    // "… for 8 minutes and finish with half an hour's rest": its time stands right before it
    const own = /\b(?:about )?\d+(?:\.\d+)?[- ]?(?:min(?:ute)?s?|hours?|h)(?:['’]s?)? $/i.exec(between);
    if (own && RESTS.has(step.action) && /\d ?(?:min|h)[^,;]*\band\b/i.test(between.slice(0, own.index)))
      return before.at + before.length + own.index;
    const clause = signs.at(-1);
    // "add the yogurt, flour and salt and knead": the list goes on behind its comma
    const listed = clause ? between.slice(clause.index) : '';
    if (/^, *[\p{L} -]+ and $/u.test(listed) && findFood(listed.slice(1))) return step.at;
    // where a time stands between the sign and the verb the clause is the verb's
    return clause ? before.at + before.length + clause.index : step.at;
  });
  const drafts = steps.flatMap((step, n): readonly StepDraft[] => {
    const [from, end] = [starts[n] ?? step.at, starts[n + 1] ?? whole.length];
    const implied = impliedBehind(said, step, end, times);
    const to = implied[0]?.from ?? end;
    const piece = sentence.slice(from, to);
    // "…; dip the balls in flour": what is no step is none of the one before it
    const aside = actions.find((a) => NO_STEP.has(a.action) && a.at > step.at && a.at < to);
    const sign = aside ? whole.lastIndexOf(';', aside.at) : -1;
    // "lay it on; 1 minute a side, serve": its time is its own all the same
    const cut = times.some((t) => t.at > sign && t.at < (aside?.at ?? 0)) ? -1 : sign;
    const words = cut > step.at ? sentence.slice(from, cut) : piece;
    const text = words.text
      .replace(/^[\s,;/-]*(?:then\b\s*)?/, '')
      .replace(/[\s,;/-]+(?:and|then|and then)?\s*$/i, '')
      .trim();
    const draft = {
      action: step.action,
      text,
      spans: [piece.span()],
      times: times.filter((t) => t.at >= from && t.at < to && !isOfHeating(whole, actions, step, t)),
      foldTimes: foldTimesOf(piece),
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
    return [...restingIn(draft), ...others];
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
    // "2 min, drizzle oil round it, flip, 90 s": on the griddle
    else if (
      drafts[n - 1]?.action === 'cook' &&
      d.action === 'finish' &&
      d.times.length === 0 &&
      drafts[n + 1]?.action === 'cook'
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

/** "Balls under a damp cloth for half an hour": nobody rounds for so long, and under a cloth nobody rounds at all. */
function restingIn(draft: StepDraft): readonly StepDraft[] {
  const isLong = draft.times.some((t) => t.least >= 2 * LEAST_REST_MIN);
  if (draft.action !== 'ball' || !isLong || impliedIn(draft.text.replace(/^\W*balls?\W+/i, ''), draft.times) !== 'rest')
    return [draft];
  return [
    { ...draft, times: [] },
    { ...draft, action: 'rest', cue: undefined },
  ];
}

/** "Heat the griddle for 5 minutes and cook …": what heats up takes its own time. */
function isOfHeating(text: string, actions: readonly FoundAction[], step: FoundAction, time: Duration): boolean {
  const heat = actions.findLast((a) => a.action === 'heat' && a.at < time.at);
  if (!heat || time.at > step.at) return false;
  return !/[,;]|\b(?:and|then)\b/.test(text.slice(heat.at + heat.length, time.at));
}

/** "1 hour at room temperature, 8 balls": what dough does before the first verb of a sentence. */
function leadingIn(
  sentence: string,
  [step, ...others]: readonly FoundAction[],
  times: readonly Duration[],
): { readonly to: number; readonly action: Action } | undefined {
  const before = sentence.slice(0, step?.at ?? 0);
  const to = Math.max(before.lastIndexOf(','), before.lastIndexOf(';'));
  const own = times.filter((t) => t.at < to);
  if (!step || to < 1 || own.length === 0 || step.action === 'cook') return undefined;
  // "2 min, drizzle oil round it, flip, 90 s"
  const isLaid = step.action === 'finish' && others.some((a) => a.action === 'cook') && own.every((t) => t.most <= 12);
  const action = isLaid ? 'cook' : impliedIn(before.slice(0, to), own);
  if (IDLE.has(step.action) && action !== 'cook') return undefined;
  // "a minute on each side, and a brush of butter"
  const isCooked = action === 'cook' && ['finish', 'rest', 'fold'].includes(step.action);
  return action === 'rest' || action === 'chill' || isCooked ? { to, action } : undefined;
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
  /^[\W]*(?:then )?(?:cover|(?:tub|box|crate|bowl) \d|(?:the )?(?:dough )?back in|(?:(?:pop|put|place|set) (?:it |the dough )?(?:back )?)?in(?:to)? (?:a|the|its) (?:\w+ )?(?:bowl|tub|bag)|(?:lay|put|place|set) (?:them |the balls )?on (?:a|an|the) (?:\w+ )?(?:cloth|tray|board|towel)|between (?:\w+ ){0,2}(?:cloths|towels)|invert|lid on|bench|warm (?:place|spot|corner)|in the warm|somewhere warm|room temp|leave|overnight|\d+(?:\.\d+)? *\w+ (?:bench|under|covered|in the warm|in a warm|somewhere|(?:at )?room temp|at room|at (?:about )?[123]\d ?°))/i;

/** From so many minutes on a time behind work at pieces is their rest. */
const LONGEST_WORK_MIN: ReadonlyMap<Action, number> = new Map([
  ['ball', LEAST_REST_MIN],
  ['shape', 2 * LEAST_REST_MIN],
  ['roll', 2 * LEAST_REST_MIN],
  ['divide', 2 * LEAST_REST_MIN],
  ['coil', LEAST_REST_MIN],
]);

const OF_PIECE_SHAPED = new Set<Action>(['shape', 'roll']);

/** Several times, and nothing else. */
const ONLY_TIMES = /^[^\p{L}]*(?:(?:min(?:ute)?s?|s(?:ec(?:ond)?s?)?|h(?:ours?)?)(?!\p{L})[^\p{L}]*)+$/iu;

/** "Roll out, hot griddle, 70 s": what stands behind a verb's own clause and is done elsewhere is a step of its own. */
function impliedBehind(
  sentence: string,
  step: FoundAction,
  to: number,
  times: readonly Duration[],
): readonly Implied[] {
  if (step.action === 'cook' || step.action === 'job') return [];
  const end = step.at + step.length;
  const ownOf = (from: number, until: number): readonly Duration[] => times.filter((t) => t.at >= from && t.at < until);
  const at = (from: number, until: number): Implied | undefined => {
    const text = sentence.slice(from, until);
    const own = ownOf(from, until);
    const least = own[0]?.least ?? 0;
    if (ONLY_A_TIME.test(text.replace(/^\W+/, ''))) {
      // "make a poolish; 3 hours": so long nobody stirs
      if (STIRRED.has(step.action) && least >= (step.action === 'knead' ? LEAST_STAND_MIN : LONGEST_STIR_MIN))
        return { from, action: 'rest' };
      // "dissolve the yeast in the milk; 10 minutes": it wakes up
      const before = sentence.slice(0, from);
      const isYeast = /\byeast\b/i.test(before) && !/\b(?:flours?|everything|all|dough)\b/i.test(before);
      if (step.action === 'mix' && isYeast && least >= LEAST_REST_MIN) return { from, action: 'bloom' };
      // "ball up, another 10 minutes, roll", "pat to 15 cm, 20 min": so long nobody works at a piece
      const longest = LONGEST_WORK_MIN.get(step.action);
      if (longest !== undefined && least >= longest) return { from, action: 'rest' };
    }
    // "press to 20 cm, dimple, oil, rosemary": what goes on top
    const named = text.split(/[,;.]\s*/).filter((p) => p.trim() !== '');
    if (OF_PIECE_SHAPED.has(step.action) && named.length > 0 && named.every((p) => isFoodAlone(p)))
      return { from, action: 'fill' };
    if (STIRRED.has(step.action) && isIdling(text) && least >= LEAST_REST_MIN) return { from, action: 'rest' };
    // "into the machine, 4 min + 5 min": two speeds, and no sides
    if (STIRRED.has(step.action) && ONLY_TIMES.test(text)) return undefined;
    // "between cloths 1 hour, then on low heat": what it lies in is told before what comes next
    const [clause = ''] = /^\W*[^,;]*/.exec(text) ?? [];
    const lain = ownOf(from, from + clause.length);
    const isLain = lain.length < own.length && lain.some((t) => t.least >= 2 * LEAST_REST_MIN) && LYING.test(clause);
    if (isLain && impliedIn(clause, lain) === 'rest') return { from, action: 'rest' };
    const action = impliedIn(text, own);
    // bread that is brushed goes back on the griddle, and rests no more
    if (step.action === 'finish' && action !== 'cook') return undefined;
    // "flip, spread the topping, cover, 90 s": on the griddle nothing rests
    if (action === 'rest' && own.every((t) => t.most <= LEAST_REST_MIN) && ON_GRIDDLE.test(sentence.slice(0, step.at)))
      return { from, action: 'cook' };
    // what stands behind a semicolon with its own time is no part of what is done before it
    const isRest = action === 'rest' && (LYING.test(text) || PLACED_TIME.test(text) || text.startsWith(';'));
    return isRest || action === 'cook' || action === 'chill' ? { from, action } : undefined;
  };
  const begins = clausesIn(sentence.slice(0, to)).filter((n) => n >= end);
  const untilOf = (from: number): number => begins.find((n) => n > from) ?? to;
  const isIdle = IDLE.has(step.action);
  // a rest has its own time before anything else begins
  const signs = [...sentence.slice(end, to).matchAll(/[,;]|\s[-/]\s/g)].map((m) => end + m.index);
  // what begins a clause of its own stands in the same stretch between semicolons
  const clauses = signs
    .filter((from) => untilOf(from) === untilOf(signs[0] ?? to) || begins.includes(signs[0] ?? to))
    .map((from) => {
      if (!isIdle) return at(from, untilOf(from));
      const isOver = ownOf(0, from).length > 0 && sentence[from] === ',';
      const next = isOver ? at(from, untilOf(from)) : undefined;
      const clause = /^[^,;]*/.exec(sentence.slice(from, to).replace(/^\W+/, ''))?.[0] ?? '';
      const worked = isOver && !/\d ?(?:min|s|h)\b/.test(clause) ? sizedWorkIn(clause) : undefined;
      if (worked) return { from, action: worked };
      return next?.action === 'cook' ? next : undefined;
    })
    .filter((found) => found !== undefined);
  const first = clauses[0];
  const cooked =
    first && (isIdle ? first.action !== 'cook' : first.action === 'rest')
      ? clauses.find((c) => c.action === 'cook')
      : undefined;
  // "rest 20 minutes; on a tray, covered, 20 minutes; hot griddle, 60 s": each with its own time
  const further = begins.flatMap((from) => {
    // "divide into 8; squash to 10 cm"
    const clause = sentence.slice(from, untilOf(from)).replace(/^;\s*/, '');
    const isUntimed = ownOf(from, untilOf(from)).length === 0;
    const worked = OF_PIECE.has(step.action) && isUntimed ? sizedWorkIn(clause) : undefined;
    if (worked) return [{ from, action: worked }];
    const before = ownOf(isIdle ? 0 : (first?.from ?? 0), from).length > 0;
    if (from === first?.from || !before || isUntimed) return [];
    return at(from, untilOf(from)) ?? [];
  });
  return [...(first ? [first] : []), ...(cooked ? [cooked] : []), ...further];
}
