import { piecesDone, type Plan } from '../plan/index.ts';
import type { ClassNotes, Workshop } from '../workshop/index.ts';
import { risingSteps, withAvoided, withNewcomer, withoutRest, withTableLater } from './changed.ts';
import type { EventKind, EventOf, LiveEvent } from './events.ts';

/** How somebody stands to the class. */
export interface PersonLive {
  readonly isHere: boolean;
  readonly isGone: boolean;
  readonly hasWashed: boolean;
  readonly isConfirmed: boolean;
  /** Minutes that they said they would be late. */
  readonly lateMin: number;
  /** When they will be there then, in seconds of the class. */
  readonly expectedSec: number;
  /** How many times somebody said of their work: show again. */
  readonly again: number;
}

export interface GriddleLive {
  readonly isHot: boolean;
  /** What a thermometer said last of its surface, if one did. */
  readonly surfaceC?: number;
  readonly isDown: boolean;
  readonly pace: number;
  /** Whether somebody said how the first bread came off it. */
  readonly isTried: boolean;
}

/** A plan that another device made at the same time, not knowing of the one that stands. */
export interface PlanAside {
  readonly event: string;
  readonly device: string;
  readonly plan: Plan;
}

/** What was said of a task; seconds of the class. What nobody said is not there. */
export interface TaskLive {
  readonly begunSec?: number;
  readonly doneSec?: number;
  readonly longerSec?: number;
  readonly turnedSecs?: readonly number[];
  readonly isLost?: true;
  readonly looked?: 'good' | 'longer' | 'again';
}

/** Since when dough is made again, or a piece; what was done with it before counts no more. */
type Since = Readonly<Record<string, number>>;

/** A class that was started, as the events add up; plain data, equal in every byte wherever the same events were folded. */
export interface LiveState {
  /** The class as it was started, with who came to it, what they said at the door, and what was decided. */
  readonly workshop: Workshop;
  readonly notes: ClassNotes;
  /** The plan that stands: the accepted one whose device knew most, else the one that was started with. */
  readonly plan: Plan;
  readonly planKnown: number;
  /** The event by which it was accepted; empty: it is the one that the class was started with. */
  readonly planEvent: string;
  readonly planDevice: string;
  /** Of two plans that were made apart the one that does not stand, until somebody plans who knows of both. */
  readonly planAside: PlanAside | null;
  /** When the plan that stands was made, in seconds of the class. */
  readonly plannedSec: number;
  /** When it was last said of a griddle or a person that they are otherwise than planned. */
  readonly changedSec: Readonly<Record<string, number>>;
  readonly isRehearsal: boolean;
  readonly clock: { readonly startedMs: number; readonly fromSec: number; readonly rate: number };
  readonly people: Readonly<Record<string, PersonLive>>;
  readonly griddles: Readonly<Record<string, GriddleLive>>;
  readonly tasks: Readonly<Record<string, TaskLive>>;
  readonly ticked: readonly string[];
  readonly measured: Readonly<Record<string, number>>;
  /** Pieces and doughs that are made again, with when that was said. */
  readonly again: Since;
  /** Doughs that had been mixed when somebody more came, with the pieces that they were mixed for. */
  readonly mixedFor: Readonly<Record<string, readonly string[]>>;
  /** Pieces that are given up though nobody lost them. */
  readonly givenUp: readonly string[];
  /** Pieces that staff go on with. */
  readonly byStaff: readonly string[];
  /** Spares that are in use. */
  readonly sparesUsed: readonly string[];
  /** Ingredients of which nothing is left. */
  readonly out: readonly string[];
  /** Since when everything is held, in seconds of the class; null while it goes on. */
  readonly heldSec: number | null;
  /** When everything was held, and until when, since the plan that stands was made. */
  readonly pauses: readonly { readonly fromSec: number; readonly toSec: number }[];
  readonly closed: EventOf<'closed'>['data']['answers'] | null;
  /** The newest events that can be taken back, newest last. */
  readonly log: readonly LiveEvent[];
}

export const NEW_PERSON: PersonLive = {
  isHere: false,
  isGone: false,
  hasWashed: false,
  isConfirmed: false,
  lateMin: 0,
  expectedSec: 0,
  again: 0,
};
export const NEW_GRIDDLE: GriddleLive = { isHot: false, isDown: false, pace: 1, isTried: false };

/** The moment of the class at a moment of the server's clock: seconds since doors open. */
export const classSecAt = (clock: LiveState['clock'], atMs: number): number =>
  clock.fromSec + ((atMs - clock.startedMs) / 1000) * clock.rate;

/** Events in the order in which they happened; of two at once the one with the lower id first, so that every device agrees. */
const inOrder = (events: readonly LiveEvent[]): readonly LiveEvent[] =>
  [...new Map(events.map((e) => [e.id, e])).values()].sort((a, b) => a.atMs - b.atMs || (a.id < b.id ? -1 : 1));

/** What of some events stands, in their order: without what was taken back. Taking back can be taken back itself. */
export function standingOf(all: readonly LiveEvent[]): readonly LiveEvent[] {
  const events = inOrder(all);
  const undone = new Set<string>();
  for (let i = events.length - 1; i >= 0; i--) {
    const e = events[i];
    if (e?.kind === 'taken-back' && !undone.has(e.id)) undone.add(e.data.event);
  }
  return events.filter((e) => e.kind !== 'taken-back' && !undone.has(e.id));
}

/**
 * The state of a class from its events, in whatever order they came to this device: undefined before it was started. Of two starts the
 * first stands.
 */
export function foldEvents(events: readonly LiveEvent[]): LiveState | undefined {
  const list = standingOf(events);
  const start = list.find((e) => e.kind === 'started');
  if (start?.kind !== 'started') return undefined;
  const { workshop, notes, plan, fromSec, rate, isRehearsal = rate > 1 } = start.data;
  const state: Draft = {
    workshop,
    notes,
    plan,
    planKnown: 0,
    planEvent: '',
    planDevice: start.device,
    planAside: null,
    plannedSec: -Infinity,
    changedSec: {},
    isRehearsal,
    clock: { startedMs: start.atMs, fromSec, rate },
    people: {},
    griddles: {},
    tasks: {},
    ticked: [],
    measured: {},
    again: {},
    mixedFor: {},
    givenUp: [],
    byStaff: [],
    sparesUsed: [],
    out: [],
    heldSec: null,
    pauses: [],
    closed: null,
    log: list.filter((e) => e.kind !== 'started'),
  };
  for (const e of state.log) apply(state, e);
  return state;
}

/** A state while it is put together. */
type Draft = { -readonly [K in keyof LiveState]: LiveState[K] } & {
  readonly people: Record<string, PersonLive>;
  readonly griddles: Record<string, GriddleLive>;
  tasks: Record<string, TaskLive>;
  readonly measured: Record<string, number>;
  readonly changedSec: Record<string, number>;
  again: Record<string, number>;
  mixedFor: Record<string, readonly string[]>;
  readonly givenUp: string[];
  readonly byStaff: string[];
  readonly sparesUsed: string[];
  readonly out: string[];
  readonly ticked: string[];
  readonly pauses: { fromSec: number; toSec: number }[];
};
/** `sec`: the moment of the class at which the event happened. */
type Apply<K extends EventKind> = (state: Draft, data: EventOf<K>['data'], sec: number, event: LiveEvent) => void;

const nothing = (): void => undefined;

/** What an event of each kind does to the state; a kind without one does not compile. */
const APPLY: { readonly [K in EventKind]: Apply<K> } = {
  started: nothing,
  'taken-back': nothing,
  ticked: (s, { item }) => add(s.ticked, item),
  arrived: (s, { person }) => setPerson(s, person, { isHere: true, isGone: false }),
  washed: (s, { person }) => setPerson(s, person, { isHere: true, isGone: false, hasWashed: true }),
  confirmed: (s, { person }) => setPerson(s, person, { isHere: true, isGone: false, isConfirmed: true }),
  late: (s, { person, min }, sec) => {
    s.changedSec[person] = sec;
    setPerson(s, person, { lateMin: min, expectedSec: Math.max(0, sec) + 60 * min });
  },
  gone: (s, { person }, sec) => {
    s.changedSec[person] = sec;
    setPerson(s, person, { isHere: false, isGone: true });
  },
  hot: (s, { griddle }) => setGriddle(s, griddle, { isHot: true, isDown: false }),
  'griddle-measured': (s, { griddle, surfaceC, isHot }) => setGriddle(s, griddle, { surfaceC, isHot, isDown: false }),
  'griddle-down': (s, { griddle }, sec) => {
    s.changedSec[griddle] = sec;
    setGriddle(s, griddle, { isHot: false, isDown: true });
  },
  'griddle-pace': (s, { griddle, factor }, sec) => {
    s.changedSec[griddle] = sec;
    setGriddle(s, griddle, { pace: factor, isTried: true });
  },
  begun: (s, { task }, sec) => setTask(s, task, { begunSec: sec }),
  done: (s, { task }, sec) => setTask(s, task, { doneSec: sec }),
  off: (s, { task }, sec) => setTask(s, task, { doneSec: sec }),
  turned: (s, { task }, sec) => setTask(s, task, { turnedSecs: [...(s.tasks[task]?.turnedSecs ?? []), sec] }),
  lost: (s, { task }, sec) => setTask(s, task, { doneSec: sec, isLost: true }),
  replaced: (s, { task, spare }, sec) => {
    const piece = s.plan.tasks.find((t) => t.id === task)?.piece;
    if (piece === undefined) return;
    if (spare !== undefined) add(s.sparesUsed, spare);
    beginAgain(s, [piece], sec);
  },
  spoilt: (s, { batch, then }, sec) => onceMore(s, batch, then, sec),
  'yeast-dead': (s, { bread, then }, sec) => {
    if (then === 'flat') for (const step of risingSteps(s.workshop, bread)) skipRest(s, bread, step);
    else for (const b of s.plan.batches) if (b.bread === bread && b.station !== null) onceMore(s, b.id, then, sec);
  },
  out: (s, { ingredient }) => add(s.out, ingredient),
  joined: (s, { newcomer, station, words }, sec) => {
    const isMixed = (id: string): boolean => s.plan.tasks.some((t) => t.batch === id && t.startSec < sec);
    for (const { id, station: of, mother, pieces } of s.plan.batches)
      if (of === station && mother === null && isMixed(id)) s.mixedFor[id] ??= pieces;
    s.workshop = withNewcomer(s.workshop, newcomer, station);
    remember(s, newcomer.id, words);
    setPerson(s, newcomer.id, { isHere: true });
  },
  avoids: (s, { person, avoid, words }) => {
    s.workshop = withAvoided(s.workshop, person, avoid);
    remember(s, person, words);
    setPerson(s, person, { isConfirmed: true });
  },
  decided: (s, { choice }) => {
    switch (choice.what) {
      case 'table-later':
        s.workshop = withTableLater(s.workshop, choice.min);
        return;
      case 'skip-rest':
        skipRest(s, choice.bread, choice.step);
        return;
      case 'staff-cook':
        for (const p of choice.pieces) add(s.byStaff, p);
        return;
      case 'without':
        for (const p of choice.pieces) add(s.givenUp, p);
    }
  },
  longer: (s, data, sec) => {
    for (const id of meant(s, data, sec)) setTask(s, id, { longerSec: (s.tasks[id]?.longerSec ?? 0) + data.sec });
  },
  looked: (s, { task, verdict }) => {
    setTask(s, task, { looked: verdict });
    if (verdict !== 'again') return;
    const people = s.plan.tasks.find((t) => t.id === task)?.people ?? [];
    for (const p of people) setPerson(s, p, { again: (s.people[p]?.again ?? 0) + 1 });
  },
  held: (s, _, sec) => {
    s.heldSec ??= sec;
  },
  'went-on': (s, _, sec) => {
    if (s.heldSec !== null) s.pauses.push({ fromSec: s.heldSec, toSec: sec });
    s.heldSec = null;
  },
  measured: (s, { batch, what, value }) => {
    s.measured[`${batch} ${what}`] = value;
  },
  replanned: (s, { plan, known, over }, sec, { id, device }) => {
    // a device knows its own plans
    const isApart = over !== undefined && over !== s.planEvent && s.planEvent !== '' && device !== s.planDevice;
    // where two devices replanned apart, the one that knew more stands
    if (known < s.planKnown) {
      if (isApart) s.planAside = { event: id, device, plan };
      return;
    }
    s.planAside = isApart ? { event: s.planEvent, device: s.planDevice, plan: s.plan } : null;
    s.plan = plan;
    s.planKnown = known;
    s.planEvent = id;
    s.planDevice = device;
    s.plannedSec = sec;
    // what was made again since is in the plan, unless it was made before that was said
    s.again = Object.fromEntries(Object.entries(s.again).filter(([id, since]) => isBefore(plan, id, since)));
    // the new plan holds what had lasted longer, and the pauses that were
    s.pauses.length = 0;
    for (const { id, startSec } of plan.tasks) {
      const { longerSec, ...said } = s.tasks[id] ?? {};
      if (longerSec !== undefined && startSec < sec) s.tasks[id] = said;
    }
  },
  closed: (s, { answers }) => {
    s.closed = answers;
  },
};

function apply(state: Draft, e: LiveEvent): void {
  // the table gives each kind the function that takes its data
  const write = APPLY[e.kind] as Apply<EventKind>;
  write(state, e.data, Math.round(classSecAt(state.clock, e.atMs)), e);
}

/** What was said and not understood stays with the person, to be dealt with. */
function remember(s: Draft, person: string, words: readonly string[]): void {
  const { remarks } = s.notes;
  const fresh = words.filter((w) => !remarks.some((r) => r.person === person && r.words === w));
  s.notes = { ...s.notes, remarks: [...remarks, ...fresh.map((w) => ({ person, words: w, isDealtWith: false }))] };
}

function add(list: string[], id: string): void {
  if (!list.includes(id)) list.push(id);
}

/** The pieces of a dough of which no bread is done at a moment, as a plan has them; spares too. */
export function openPieces(plan: Plan, batch: string, sec: number): readonly string[] {
  const done = piecesDone(plan.tasks);
  return plan.batches.find((b) => b.id === batch)?.pieces.filter((p) => (done.get(p) ?? Infinity) > sec) ?? [];
}

/** A dough is made again from its first step while none of its breads is done, or those that are not done are given up. */
function onceMore(s: Draft, batch: string, then: 'again' | 'without', sec: number): void {
  const pieces = openPieces(s.plan, batch, sec);
  if (then === 'without') for (const p of pieces) add(s.givenUp, p);
  else if (pieces.length === s.plan.batches.find((b) => b.id === batch)?.pieces.length)
    beginAgain(s, [batch, ...pieces], sec);
}

/** What was said of them counts no more. */
function beginAgain(s: Draft, ids: readonly string[], sec: number): void {
  for (const id of ids) s.again[id] = sec;
  // a dough is weighed anew, for all
  s.mixedFor = Object.fromEntries(Object.entries(s.mixedFor).filter(([id]) => !ids.includes(id)));
  const told = new Set(
    s.plan.tasks.filter((t) => ids.includes(t.piece ?? t.batch ?? '') && t.startSec < sec).map((t): string => t.id),
  );
  s.tasks = Object.fromEntries(Object.entries(s.tasks).filter(([id]) => !told.has(id)));
}

const isBefore = (plan: Plan, id: string, sec: number): boolean =>
  plan.tasks.some((t) => (t.piece ?? t.batch) === id && t.startSec < sec);

const skipRest = (s: Draft, bread: string, step: string): void => {
  s.workshop = withoutRest(s.workshop, bread, step);
};

function setPerson(s: Draft, id: string, change: Partial<PersonLive>): void {
  s.people[id] = { ...NEW_PERSON, ...s.people[id], ...change };
}
function setGriddle(s: Draft, id: string, change: Partial<GriddleLive>): void {
  s.griddles[id] = { ...NEW_GRIDDLE, ...s.griddles[id], ...change };
}
function setTask(s: Draft, id: string, change: TaskLive): void {
  s.tasks[id] = { ...s.tasks[id], ...change };
}

/** The tasks that are to take longer: the one that is named, or all in hand, of a station or of everybody. Rests wait by themselves. */
function meant(state: Draft, data: EventOf<'longer'>['data'], sec: number): readonly string[] {
  if (data.task !== undefined) return [data.task];
  const stations = new Map(state.plan.batches.map((b) => [b.id, b.station]));
  return state.plan.tasks
    .filter((t) => t.kind === 'step' && t.startSec <= sec && sec < t.endSec && state.tasks[t.id]?.doneSec === undefined)
    .filter((t) => data.station === undefined || stations.get(t.batch ?? '') === data.station)
    .map((t) => t.id);
}
