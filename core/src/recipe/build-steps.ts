import { roundedTo } from '../units/index.ts';
import type { Step } from '../method/index.ts';
import type { Action } from './actions.ts';
import { cookingTold, type ToldPhase } from './cooking.ts';
import type { Duration } from './durations.ts';
import { LONGEST_BAKE_MIN } from './implied.ts';
import type { Span } from './mapped.ts';
import type { MethodDrafts } from './method-drafts.ts';
import type { Guess } from './result.ts';
import type { StepDraft } from './step-draft.ts';

type Kind = Step['kind'];
const KIND: Readonly<Partial<Record<Action, Kind>>> = {
  bloom: 'bloom',
  rub: 'mix',
  scald: 'mix',
  mix: 'mix',
  knead: 'knead',
  knock: 'knead',
  fold: 'fold',
  rest: 'rest',
  proof: 'proof',
  chill: 'chill',
  temper: 'temper',
  divide: 'divide',
  ball: 'ball',
  shape: 'shape',
  roll: 'roll',
  fill: 'fill',
  coil: 'coil',
  cook: 'cook',
  finish: 'finish',
  clap: 'finish',
  job: 'prepare',
};
const REST_KINDS = new Set<Kind>(['bloom', 'rest', 'proof', 'chill', 'temper']);
const PIECE_KINDS = new Set<Kind>(['roll', 'fill', 'coil', 'shape', 'cook', 'finish']);

/** Usual minutes where a recipe names none (common practice), a batch's and a piece's. */
const USUAL_MIN: Readonly<Partial<Record<Action, readonly [number, number]>>> = {
  rub: [4, 0],
  scald: [6, 0],
  mix: [6, 0],
  knead: [8, 0],
  knock: [1, 0],
  fold: [2.5, 0],
  divide: [1, 0.5],
  ball: [0, 0.7],
  shape: [1, 0],
  roll: [3, 0],
  fill: [2, 0],
  coil: [1.5, 0],
  finish: [0.5, 0],
  clap: [0.3, 0],
};
const USUAL_WINDOW: Readonly<Partial<Record<Action, readonly [number, number, number]>>> = {
  bloom: [5, 8, 12],
  rest: [15, 30, 90],
  proof: [45, 60, 90],
  chill: [60, 480, 1440],
  temper: [60, 75, 120],
};
const OF_MADE_PIECES =
  /\bintermediate (?:rest|proof)|^bench(?: time)?\b|\b(?:the|your) dough balls\b|\bin balls\b|^balls to (?:rest|prove)|(?<!\ball )\b(?:the|your) (?:balls|pieces|portions)\b|\bbench rest\b/i;
const OF_ROLLED =
  /\b(?:rolled|shaped) (?:rounds|breads|pieces|discs|dough|balls|out rounds)\b|\b(?:rest|prove|proof|lay|leave|cover) the (?:discs|rounds)\b/i;
const USUAL_COOK_SEC = [75, 50] as const;
const LONGEST_MIN = 7 * 24 * 60;

export interface BuiltSteps {
  readonly steps: readonly Step[];
  readonly guesses: readonly Guess[];
  /** The recipe's words for each step, and where they stand. */
  readonly texts: readonly string[];
  readonly spans: readonly (readonly Span[])[];
  /** The times that were taken. */
  readonly used: readonly Span[];
}

interface Named {
  readonly draft: StepDraft;
  readonly kind: Kind;
  readonly id: string;
}

const ORIGIN = 'the recipe names none';

/** The chain of a bread from drafts: ids, places, times; what every chain needs and the recipe leaves out is added, and said. `isBatter`: its formula can only be poured. */
export function buildSteps(method: MethodDrafts, isBatter: boolean): BuiltSteps {
  const guesses: Guess[] = [];
  const drafts = completed(method, guesses, isBatter);
  const named = nameSteps(drafts);
  const firstPiece = named.findIndex((n) => PIECE_KINDS.has(n.kind) && !n.draft.isBeside);
  const steps = named.map((n, index): Step => {
    const path = `steps[${index}]`;
    const per = firstPiece >= 0 && index >= firstPiece && !n.draft.isBeside ? 'piece' : 'batch';
    const told = {
      ...(n.draft.cue === undefined ? {} : { cue: n.draft.cue }),
      ...(n.draft.caution === undefined ? {} : { caution: n.draft.caution.slice(0, 400) }),
      ...(n.draft.trouble === undefined ? {} : { trouble: n.draft.trouble.slice(0, 400) }),
    };
    if (n.draft.isBeside) return prepareStep(n, besideOf(named, index), told, path, guesses);
    if (REST_KINDS.has(n.kind)) return restStep(n, per, told, path, guesses);
    // a topping that is pressed on still lies there
    const before = named.slice(0, index).findLast((x) => !x.draft.isBeside && !PRESSED_ON.test(x.draft.text));
    return n.kind === 'cook'
      ? cookStep(n, isTopping(before), method.heat, told, path, guesses)
      : handStep(n, per, told, path, guesses);
  });
  return {
    steps,
    guesses: guesses.map((g) => ({ ...g, path: pathOfAdded(g.path, named) })),
    texts: named.map((n) => n.draft.text),
    spans: named.map((n) => n.draft.spans),
    used: named.flatMap(usedTimes),
  };
}

/** A guess that a step was added is noted before the step has a number: by its action. */
function pathOfAdded(path: string, named: readonly Named[]): string {
  const action = /^added:(\w+)$/.exec(path)?.[1];
  return action === undefined ? path : `steps[${named.findIndex((n) => n.draft.action === action)}]`;
}

const addedDraft = (action: Action): StepDraft => ({
  action,
  text: '',
  spans: [],
  times: [],
  isBeside: false,
  cue: undefined,
  caution: undefined,
  trouble: undefined,
});

/** Where the times stand that a step takes: all of a cook step, the last of any other. */
function usedTimes({ kind, draft }: Named): readonly Span[] {
  const taken =
    kind === 'cook'
      ? (cookingTold(draft.text, cookTimes(draft))?.used ?? [])
      : REST_KINDS.has(kind) && isAddedTo(draft)
        ? draft.times
        : (REST_KINDS.has(kind) || kind === 'prepare' ? draft.times : handTimes(draft)).slice(-1);
  return taken.flatMap((t) => t.span ?? []);
}

/** By which a batter shows itself: nobody rolls what a ladle holds. */
const POURED =
  /\bbatter\b|\bladle(?:ful)?\b|\bpour\b[^.;]{0,30}\b(?:in|on)?to (?:a |the )?(?:\w+,? ){0,3}?(?:pan|griddle|skillet|hot ?plate|tawa)\b/i;

function completed({ drafts, passed }: MethodDrafts, guesses: Guess[], isBatter: boolean): readonly StepDraft[] {
  const chain = drafts.filter((d) => !d.isBeside);
  const has = (...actions: Action[]): boolean => chain.some((d) => actions.includes(d.action));
  const note = (action: Action, why: string): void => void guesses.push({ path: `added:${action}`, from: '', why });
  const result = [...drafts];
  if (chain[0] && REST_KINDS.has(KIND[chain[0].action] ?? 'mix') && chain[0].action !== 'bloom') {
    result.unshift(addedDraft('mix'));
    note('mix', 'what rests first has been mixed; it is added');
  } else if (!has('mix', 'rub', 'scald') || chain[0]?.action === 'knead') {
    result.unshift(addedDraft('mix'));
    note('mix', 'no mixing is told; it is added');
  }
  const before = (d: StepDraft): boolean => !d.isBeside && PIECE_KINDS.has(KIND[d.action] ?? 'mix');
  const isOfRolled = (d: StepDraft): boolean => !d.isBeside && OF_ROLLED.test(d.text);
  if (!has('divide', 'ball')) {
    // balls that rest have been divided
    const at = result.findIndex((d) => before(d) || (!d.isBeside && OF_MADE_PIECES.test(d.text)) || isOfRolled(d));
    result.splice(at < 0 ? result.length : at, 0, addedDraft('divide'));
    note('divide', 'no dividing is told; it is added before the first step of a piece');
  }
  if (!has('roll', 'shape', 'coil', 'fill')) {
    // what rests rolled has been rolled
    const cooked = result.findIndex((d) => d.action === 'cook' || isOfRolled(d));
    const isOnTop = (d: StepDraft | undefined): boolean => d?.action === 'finish' || d?.action === 'clap';
    let at = cooked >= 0 ? cooked : result.findIndex(isOnTop);
    // what lies on a bread comes once it is rolled
    while (isOnTop(result[at - 1])) at -= 1;
    // a batter is poured
    const shaping = isBatter || [...drafts, ...passed].some((d) => POURED.test(d.text)) ? 'shape' : 'roll';
    result.splice(at < 0 ? result.length : at, 0, addedDraft(shaping));
    note(shaping, 'no rolling or shaping is told; it is added');
  }
  if (!has('cook')) {
    // what is brushed on before the bread has its shape lies within it
    const shaped = result.findLastIndex((d) => ['roll', 'shape', 'coil'].includes(d.action) && !d.isBeside);
    const at = result.findIndex((d, n) => n > shaped && (d.action === 'finish' || d.action === 'clap'));
    result.splice(at < 0 ? result.length : at, 0, addedDraft('cook'));
    note('cook', 'no cooking is told; it is added');
  }
  return result.slice(0, 40);
}

/** Ids in the trade's words, numbered where a kind comes again. Finishing that comes before any cooking is filling. */
function nameSteps(drafts: readonly StepDraft[]): readonly Named[] {
  const taken = new Map<string, number>();
  const cook = drafts.findIndex((d) => d.action === 'cook' && !d.isBeside);
  return drafts.map((draft, n) => {
    const early = n < cook && (draft.action === 'finish' || draft.action === 'clap');
    const kind: Kind = draft.isBeside ? 'prepare' : early ? 'fill' : (KIND[draft.action] ?? 'mix');
    const base = draft.isBeside
      ? 'side-job'
      : draft.action === 'clap' && !early
        ? 'clap'
        : draft.action === 'knock'
          ? 'knock-back'
          : kind;
    const count = (taken.get(base) ?? 0) + 1;
    taken.set(base, count);
    return { draft, kind, id: count === 1 ? base : `${base}-${count}` };
  });
}

const capped = (minutes: number): number => Math.min(LONGEST_MIN, roundedTo(minutes, 2));

const isAddedTo = ({ text, times }: StepDraft): boolean =>
  times.length === 2 &&
  /\bthen (?:for )?(?:another |a further )?\d+ ?\w+(?: more)?\b/i.test(text) &&
  /\b(?:another|further|more)\b/i.test(text);
/** How long it rests: as told last, or with what is added to it, "20 minutes, then 10 minutes more". */
function inAll(draft: StepDraft): Duration | undefined {
  const [first, more] = draft.times;
  if (!first || !more || !isAddedTo(draft)) return draft.times.at(-1);
  return { ...more, least: first.least + more.least, ideal: first.ideal + more.ideal, most: first.most + more.most };
}

function restStep(n: Named, per: 'batch' | 'piece', told: object, path: string, guesses: Guess[]): Step {
  const { draft } = n;
  const at =
    n.kind === 'chill'
      ? 'fridge'
      : /\b(?:warm|airing cupboard|oven|draught-free warm)\b/i.test(draft.text) && n.kind === 'proof'
        ? 'warm'
        : 'room';
  const time = inAll(draft);
  const [least, ideal, most] = time
    ? [time.least, time.ideal, time.most]
    : (USUAL_WINDOW[draft.action] ?? [15, 30, 90]);
  if (!time)
    guesses.push({ path: `${path}.window`, from: draft.text, why: `${ORIGIN}; ${least} to ${most} min is usual` });
  else if (time.why !== undefined) guesses.push({ path: `${path}.window`, from: time.text, why: time.why });
  return {
    id: n.id,
    kind: n.kind as 'rest',
    per,
    at,
    window: { min: capped(least), ideal: capped(ideal), max: Math.max(0.05, capped(most)) },
    ...told,
  };
}

/** No hands are longer, or so briefly, at one thing: such a time is of something else (this program's own choice). */
const HAND_MIN = { least: 0.2, most: 90 } as const;
const handTimes = (draft: StepDraft): StepDraft['times'] =>
  draft.times.filter((t) => t.least <= HAND_MIN.most && t.most >= HAND_MIN.least);

function minutesOf(draft: StepDraft, path: string, guesses: Guess[]): { minutes: number; minutesPerPiece?: number } {
  // a class works by hand, where a machine is told as well
  const time = handTimes(draft).at(/\bby hand\b.*\b(?:machine|mixer)\b/i.test(draft.text) ? 0 : -1);
  if (time) {
    if (time.most > time.least && time.why === undefined)
      guesses.push({ path: `${path}.minutes`, from: time.text, why: 'the middle of the range is taken' });
    else if (time.why !== undefined && !/longest is taken|longest time/.test(time.why))
      guesses.push({ path: `${path}.minutes`, from: time.text, why: time.why });
    // hands stop when it is done: of a bound the bound itself
    const bound = /only the (least|longest)/.exec(time.why ?? '')?.[1];
    return { minutes: capped(bound === 'least' ? time.least : bound === 'longest' ? time.most : time.ideal) };
  }
  const [minutes, minutesPerPiece] = USUAL_MIN[draft.action] ?? [2, 0];
  guesses.push({
    path: `${path}.minutes`,
    from: draft.text,
    why: `${ORIGIN}; ${minutesPerPiece > 0 ? `${minutesPerPiece} min a piece` : `${minutes} min`} is usual for beginners`,
  });
  return { minutes, ...(minutesPerPiece > 0 ? { minutesPerPiece } : {}) };
}

function handStep(n: Named, per: 'batch' | 'piece', told: object, path: string, guesses: Guess[]): Step {
  const { minutes, minutesPerPiece } = minutesOf(n.draft, path, guesses);
  const time =
    per === 'piece'
      ? { minutes: minutes + (minutesPerPiece ?? 0) }
      : { minutes, ...(minutesPerPiece === undefined ? {} : { minutesPerPiece }) };
  const by = per === 'piece' ? 'owner' : n.draft.action === 'divide' ? 'one' : 'team';
  return { id: n.id, kind: n.kind as 'mix', per, by, at: 'bench', ...time, ...told };
}

function besideOf(named: readonly Named[], index: number): string {
  const later = named.slice(index + 1).filter((n) => !n.draft.isBeside && !REST_KINDS.has(n.kind));
  const earlier = named.slice(0, index).filter((n) => !n.draft.isBeside && !REST_KINDS.has(n.kind));
  return (
    (later.find((n) => n.kind === 'fill') ?? later.find((n) => n.kind === 'finish') ?? later[0] ?? earlier.at(-1))
      ?.id ?? 'cook'
  );
}

function prepareStep(n: Named, before: string, told: object, path: string, guesses: Guess[]): Step {
  const time = n.draft.times.at(-1);
  const minutes = capped(time?.ideal ?? 8);
  if (!time) guesses.push({ path: `${path}.minutes`, from: n.draft.text, why: `${ORIGIN}; 8 min is taken` });
  guesses.push({
    path: `${path}.before`,
    from: n.draft.text,
    why: 'a job done meanwhile is taken to be over before the step that uses it',
  });
  const at =
    /\b(?:melt|simmer|fry|boil|warm|heat|pan)\b/i.test(n.draft.text) && !/\bchop|mash|mix\b/i.test(n.draft.text)
      ? 'flame'
      : 'bench';
  return { id: n.id, kind: 'prepare', per: 'batch', by: 'one', at, minutes, before, ...told };
}

/** Beside another time no side lies for longer. */
const LONGEST_SIDE_MIN = 30;
const cookTimes = ({ times }: StepDraft): readonly Duration[] =>
  times.filter((t) => t.least <= (times.length > 1 ? LONGEST_SIDE_MIN : LONGEST_BAKE_MIN));

const PRESSED_ON = /^\W*(?:and )?press (?:it |them )?(?:in|on|with (?:the|your) (?:fingers|fingertips))\b/i;
/** What lies open on a bread that is laid on: nothing folds over it. */
const isTopping = (before: Named | undefined): boolean =>
  before?.kind === 'fill' &&
  /\b(?:spread|scatter|sprinkle|top|cover|spoon)\b/i.test(before.draft.text) &&
  !/\b(?:fold|half|seal|close|pinch|middle|centre|gather)\b/i.test(before.draft.text);

function cookStep(
  n: Named,
  isTopped: boolean,
  heat: MethodDrafts['heat'],
  told: object,
  path: string,
  guesses: Guess[],
): Step {
  const text = n.draft.text;
  const cooking = cookingTold(text, cookTimes(n.draft), isTopped);
  if (!cooking)
    guesses.push({ path: `${path}.phases`, from: text, why: `${ORIGIN}; ${USUAL_COOK_SEC.join(' and ')} s are usual` });
  else for (const g of cooking.guesses) guesses.push({ path: `${path}.phases`, ...g });
  const level = heatOf(text) ?? heat;
  if (!level) guesses.push({ path: `${path}.phases`, from: text, why: 'the heat is not said; medium is taken' });
  const isFirstUnder =
    cooking?.phases[0]?.with === 'grill' || (!cooking && /\bunder (?:a|the) (?:hot )?grill\b/i.test(text));
  const phases = (cooking?.phases ?? USUAL_COOK_SEC.map(usualPhase)).map((p, i) => ({
    side: `${p.side}${i > 1 && p.isTurned ? ' again' : ''}${p.hasLid ? ', under a lid' : ''}`,
    heat: (i > 0 ? p.heat : undefined) ?? level ?? ('medium' as const),
    sec: p.sec,
    ...(p.minSec === undefined || p.maxSec === undefined ? {} : { minSec: p.minSec, maxSec: p.maxSec }),
    ...(i > 0 && !p.isTurned ? { turn: false } : {}),
    ...(i > 0 && p.with !== undefined && !isFirstUnder ? { with: p.with } : {}),
  }));
  const at = isFirstUnder ? 'grill' : 'griddle';
  return { id: n.id, kind: 'cook', per: 'piece', by: 'owner', at, attend: 'whole', phases, ...told };
}

/** A side as it is usually cooked, where a recipe tells no time. */
const usualPhase = (sec: number, i: number): ToldPhase => ({
  sec,
  minSec: undefined,
  maxSec: undefined,
  side: i === 0 ? 'first' : 'second',
  isTurned: i > 0,
  hasLid: false,
  heat: undefined,
  with: undefined,
});

const heatOf = (text: string): 'low' | 'medium' | 'high' | undefined => {
  if (/\b(?:medium[- ]high|high heat|very hot|really hot|smoking|hot (?:dry )?(?:griddle|pan|skillet))\b/i.test(text))
    return 'high';
  if (/\b(?:low|gentle|medium[- ]low)\b/i.test(text)) return 'low';
  return /\bmedium|moderate\b/i.test(text) ? 'medium' : undefined;
};
