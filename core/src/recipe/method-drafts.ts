import { actionsIn, type Action, type FoundAction } from './actions.ts';
import { durationsIn, type Duration } from './durations.ts';
import { normalLine } from './normal-line.ts';

/** A step as the recipe's words give it, before it has an id and a place in the chain. */
export interface StepDraft {
  readonly action: Action;
  /** The words that belong to it. */
  readonly text: string;
  readonly times: readonly Duration[];
  /** Done beside the chain: "meanwhile". */
  readonly isBeside: boolean;
  readonly cue: string | undefined;
  readonly caution: string | undefined;
}

/** The method taken apart: drafts in order, the heat of the griddle, and sentences that name nothing to do. */
export interface MethodDrafts {
  readonly drafts: readonly StepDraft[];
  readonly heat: 'low' | 'medium' | 'high' | undefined;
  readonly passed: readonly string[];
}

const BESIDE =
  /^(?:meanwhile|in the meantime|at the same time|while (?:the dough|it|they|the balls?)(?:'s| is| are)? (?:rests?|resting|proves?|proving|rises?|rising|stands?|chills?|chilling|proofs?|proofing)|as (?:it|the dough) (?:rests|rises|proves))\b/i;
const CAREFUL = /\b(?:careful|take care|mind (?:the|your)|watch out|do not touch|danger|burns?\b)/i;

/** Sentences of a paragraph; a point inside a number or after a shortening ends none. */
export function sentencesOf(paragraph: string): readonly string[] {
  return paragraph
    .replace(/\b(approx|mins?|secs?|hrs?|tbsp|tsp|oz|lb|in|cm|ca|e\.g|i\.e)\.\s(?=[a-z0-9(])/g, '$1 ')
    .split(/(?<=[.!?])\s+(?=["'(\p{Lu}\d½¼¾])/u)
    .map((s) => s.trim())
    .filter((s) => s !== '');
}

export function draftMethod(lines: readonly string[]): MethodDrafts {
  const drafts: StepDraft[] = [];
  const passed: string[] = [];
  let heat: MethodDrafts['heat'];
  for (const raw of lines.flatMap(sentencesOf)) {
    const sentence = normalLine(raw);
    heat = heatIn(sentence) ?? heat;
    const actions = actionsIn(sentence);
    const last = drafts.at(-1);
    if (actions.length === 0 && !BESIDE.test(sentence)) {
      const times = durationsIn(sentence);
      if (CAREFUL.test(sentence) && last) drafts[drafts.length - 1] = { ...last, caution: joined(last.caution, raw) };
      else if (
        last &&
        (times.length > 0 || /^(?:it should|they should|the dough (?:should|will|must)|until|you want)/i.test(sentence))
      )
        drafts[drafts.length - 1] = {
          ...last,
          text: `${last.text} ${sentence}`,
          times: [...last.times, ...times],
          cue: joined(last.cue, raw),
        };
      else passed.push(raw);
      continue;
    }
    drafts.push(...(actions.length === 0 ? [besideDraft(sentence)] : draftsOf(sentence, actions)));
  }
  return { drafts: joinNeighbours(drafts), heat, passed };
}

const joined = (a: string | undefined, b: string): string => (a === undefined ? b : `${a} ${b}`);

function heatIn(text: string): MethodDrafts['heat'] {
  if (
    /\b(?:medium[- ]high|medium to high|high|very hot|really hot|smoking)\b/i.test(text) &&
    /\bheat|pan|griddle|skillet/i.test(text)
  )
    return 'high';
  if (/\bmedium[- ]low\b|\blow(?:ish)? (?:heat|flame)|\bgentle heat/i.test(text)) return 'low';
  return /\bmedium\b|\bmoderate/i.test(text) ? 'medium' : undefined;
}

const besideDraft = (text: string): StepDraft => ({
  action: 'job',
  text,
  times: durationsIn(text),
  isBeside: true,
  cue: undefined,
  caution: undefined,
});

const NO_STEP = new Set<Action>(['heat', 'serve']);
const CUE = /\b(?:until|till)\s+([^.;]+?)(?=,? (?:then|and then|about|for|turning)\b|[.;]|$)/i;

/** One sentence with its actions: words and times up to the next action belong to each; what stands before the first belongs to it. */
function draftsOf(sentence: string, actions: readonly FoundAction[]): readonly StepDraft[] {
  const steps = actions.filter((a) => !NO_STEP.has(a.action));
  const times = durationsIn(sentence);
  const isBeside = BESIDE.test(sentence);
  return steps.map((step, n) => {
    const from = n === 0 ? 0 : step.at;
    const to = steps[n + 1]?.at ?? sentence.length;
    const text = sentence
      .slice(from, to)
      .replace(/[\s,;]+(?:and|then|and then)?\s*$/i, '')
      .trim();
    const cue = CUE.exec(text)?.[1]?.trim();
    return {
      action: step.action,
      text,
      times: times.filter((t) => t.at >= from && t.at < to),
      isBeside: isBeside || step.action === 'job',
      cue: cue === undefined ? undefined : cue.replace(/\s*\(.*$/, '').slice(0, 200),
      caution: CAREFUL.test(text) ? text : undefined,
    };
  });
}

const MIXES = new Set<Action>(['mix', 'scald']);
const RESTS = new Set<Action>(['rest', 'proof']);
const COOKS = new Set<Action>(['cook']);
const FINISHES = new Set<Action>(['finish', 'clap']);

/** Whether two neighbours are one step in two words: "cover and leave to rise until doubled", "add the water, stir, mix". */
function isOneStep(a: StepDraft, b: StepDraft): boolean {
  if (a.isBeside !== b.isBeside) return false;
  if (a.isBeside) return true;
  if (a.action === b.action && a.action !== 'knead')
    return a.action !== 'rest' || a.times.length === 0 || b.times.length === 0;
  if (MIXES.has(a.action) && MIXES.has(b.action)) return true;
  if (RESTS.has(a.action) && RESTS.has(b.action)) return a.times.length === 0 || b.times.length === 0;
  if (COOKS.has(a.action) && COOKS.has(b.action)) return true;
  if (a.action === 'chill' && RESTS.has(b.action)) return b.times.length === 0 || a.times.length === 0;
  if (RESTS.has(a.action) && b.action === 'chill') return a.times.length === 0;
  if (a.action === 'temper' && (RESTS.has(b.action) || b.action === 'chill'))
    return a.times.length === 0 || b.times.length === 0;
  if (a.action === 'rest' && b.action === 'bloom') return true;
  if (a.action === 'shape' && b.action === 'roll') return a.times.length === 0;
  if (a.action === 'roll' && b.action === 'shape')
    return b.times.length === 0 && !/\b(?:seal|in half|pinch|fold)/.test(b.text);
  if (a.action === 'divide' && b.action === 'ball') return false;
  return FINISHES.has(a.action) && FINISHES.has(b.action) && a.action === b.action;
}

/** Of two actions that are one step, the one that says more. */
const stronger = (a: Action, b: Action): Action => {
  const rank: readonly Action[] = ['temper', 'chill', 'bloom', 'proof', 'scald', 'roll', 'rest'];
  return rank.find((r) => r === a || r === b) ?? a;
};

function joinNeighbours(drafts: readonly StepDraft[]): readonly StepDraft[] {
  const result: StepDraft[] = [];
  for (const d of drafts) {
    const last = result.at(-1);
    if (!last || !isOneStep(last, d)) {
      result.push(d);
      continue;
    }
    result[result.length - 1] = {
      action: stronger(last.action, d.action),
      text: `${last.text}, ${d.text}`,
      times: [...last.times, ...d.times],
      isBeside: last.isBeside,
      cue: last.cue === undefined ? d.cue : d.cue === undefined ? last.cue : `${last.cue}; ${d.cue}`,
      caution: last.caution ?? d.caution,
    };
  }
  return result;
}
