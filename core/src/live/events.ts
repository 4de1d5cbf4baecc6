import { z } from 'zod';
import { failure, fault, faultsOfZodError, success, type Result } from '../faults/index.ts';
import { planSchema } from '../plan/index.ts';
import { idSchema, listOf, madeIdSchema, nameSchema, secSchema, textSchema } from '../units/schema.ts';
import { classNotesSchema, participantSchema, workshopSchema } from '../workshop/index.ts';

/** So many events are sent and answered at a time, so that a device that was away long does not block the others. */
export const MOST_AT_ONCE = 500;

const person = z.strictObject({ person: idSchema });
const griddle = z.strictObject({ griddle: idSchema });
const task = z.strictObject({ task: madeIdSchema });
const nothing = z.strictObject({});
/** What was said of what they avoid and is no word of a bread: it stays with them. */
const wordsSchema = listOf(textSchema.min(1), 20);
const answer = z.strictObject({
  question: z.enum(['took-longer', 'to-change', 'people']),
  /** The step, "bread/step", or the person that it is about. */
  about: z.string().max(130).optional(),
  words: textSchema.min(1),
});

/**
 * What can happen in a class, by kind. Whoever taps says only what the plan cannot know; a task that nobody speaks of counts as done on
 * time. Seconds are of the class: since doors open.
 */
const DATA = {
  /** Freezes class and plan. The clock of the class stands at `fromSec` then, and goes `rate` times as fast as the server's (a rehearsal). */
  started: z.strictObject({
    workshop: workshopSchema,
    notes: classNotesSchema,
    plan: planSchema,
    fromSec: secSchema,
    rate: z.number().min(1).max(60),
    /** A copy of a class that is played through before its day; what goes faster than a clock is one in any case. */
    isRehearsal: z.boolean().optional(),
  }),
  /** Something of the ahead list, of the trays or of clearing up, by the id that its list gives it. */
  ticked: z.strictObject({ item: z.string().min(1).max(400) }),
  arrived: person,
  washed: person,
  /** What somebody avoids was read back to them, and is so. */
  confirmed: person,
  late: z.strictObject({ person: idSchema, min: z.int().min(1).max(600) }),
  gone: person,
  hot: griddle,
  /** What a thermometer said of a griddle's surface, and whether that was hot enough for its next bread by whoever measured. */
  'griddle-measured': z.strictObject({ griddle: idSchema, surfaceC: z.number().min(0).max(600), isHot: z.boolean() }),
  'griddle-down': griddle,
  /** Cooks slower (above 1) or faster than planned. */
  'griddle-pace': z.strictObject({ griddle: idSchema, factor: z.number().min(0.5).max(2) }),
  begun: task,
  done: task,
  /** Takes so much longer: a task, all that a station has in hand, or everything. */
  longer: z.strictObject({
    sec: z.int().min(1).max(7200),
    task: madeIdSchema.optional(),
    station: idSchema.optional(),
  }),
  turned: task,
  off: task,
  lost: task,
  /** A bread that was lost is made again, of a spare's dough or of a new ball. */
  replaced: z.strictObject({ task: madeIdSchema, spare: madeIdSchema.optional() }),
  /** A dough cannot be used: it is made again, or its breads are given up. */
  spoilt: z.strictObject({ batch: madeIdSchema, then: z.enum(['again', 'without']) }),
  /** The doughs of a bread do not rise: made again, given up, or cooked without rising. */
  'yeast-dead': z.strictObject({ bread: idSchema, then: z.enum(['again', 'without', 'flat']) }),
  /** Nothing of an ingredient is left, by its name. */
  out: z.strictObject({ ingredient: nameSchema }),
  /** One more person, at a station. */
  joined: z.strictObject({ newcomer: participantSchema, station: idSchema, words: wordsSchema }),
  /** What somebody avoids is otherwise than it was written. */
  avoids: z.strictObject({ person: idSchema, avoid: participantSchema.shape.avoid, words: wordsSchema }),
  /** What gives, so that the rest fits: chosen by somebody. */
  decided: z.strictObject({
    choice: z.discriminatedUnion('what', [
      z.strictObject({ what: z.literal('table-later'), min: z.int().min(1).max(240) }),
      z.strictObject({ what: z.literal('skip-rest'), bread: idSchema, step: idSchema }),
      z.strictObject({ what: z.literal('staff-cook'), pieces: listOf(madeIdSchema) }),
      z.strictObject({ what: z.literal('without'), pieces: listOf(madeIdSchema) }),
    ]),
  }),
  looked: z.strictObject({ task: madeIdSchema, verdict: z.enum(['good', 'longer', 'again']) }),
  held: nothing,
  'went-on': nothing,
  /** What a scale or a probe said, or somebody typed. */
  measured: z.strictObject({
    batch: madeIdSchema,
    what: z.enum(['waterG', 'doughC']),
    value: z.number().min(0).max(100_000),
  }),
  /**
   * A plan from this minute on, accepted by somebody who knew so many events. `over`: the acceptance of the plan that stood for them,
   * empty where that was the one that the class was started with.
   */
  replanned: z.strictObject({
    plan: planSchema,
    known: z.int().min(1),
    over: z.union([idSchema, z.literal('')]).optional(),
  }),
  /** Takes another event back. */
  'taken-back': z.strictObject({ event: idSchema }),
  closed: z.strictObject({ answers: listOf(answer, 50) }),
} as const;

export type EventKind = keyof typeof DATA;
export const EVENT_KINDS = Object.keys(DATA) as readonly EventKind[];

/** Kinds of events that the plan of the rest has to reckon with. */
const TROUBLE: ReadonlySet<EventKind> = new Set<EventKind>([
  'late',
  'gone',
  'griddle-down',
  'griddle-pace',
  'longer',
  'replaced',
  'spoilt',
  'yeast-dead',
  'joined',
  'avoids',
  'decided',
  'went-on',
]);
export const isTrouble = (kind: EventKind): boolean => TROUBLE.has(kind);

const envelope = {
  /** Made by the device, so that an event that is sent twice is one. */
  id: idSchema,
  device: idSchema,
  /** Who tapped, as they are called on that device. */
  who: nameSchema,
  /** When it happened, in ms since 1970, by the server's clock as the device knows it. */
  atMs: z.int().min(0),
};

const kinds = EVENT_KINDS.map((kind) => z.strictObject({ ...envelope, kind: z.literal(kind), data: DATA[kind] }));
const eventSchema = z.discriminatedUnion('kind', kinds as [(typeof kinds)[number], ...typeof kinds]);

/** One thing that happened in a class. */
export type LiveEvent = {
  readonly [K in EventKind]: {
    readonly id: string;
    readonly device: string;
    readonly who: string;
    readonly atMs: number;
    readonly kind: K;
    readonly data: Readonly<z.output<(typeof DATA)[K]>>;
  };
}[EventKind];

/** An event of this kind. */
export type EventOf<K extends EventKind> = Extract<LiveEvent, { readonly kind: K }>;

/** An event as it was sent or kept, or what is wrong with its form. */
export function readEvent(sent: unknown): Result<LiveEvent> {
  const read = eventSchema.safeParse(sent, { reportInput: true });
  return read.success ? success(read.data as LiveEvent) : failure(faultsOfZodError(read.error));
}

/** Events that come together, or the faults of all of them; too many are refused at once. */
export function readEvents(sent: unknown): Result<readonly LiveEvent[]> {
  if (!Array.isArray(sent)) return failure([fault('wrong-type', '', { expected: 'list', received: typeof sent })]);
  if (sent.length > MOST_AT_ONCE)
    return failure([fault('too-big', '', { received: `${sent.length} events`, limit: `${MOST_AT_ONCE} events` })]);
  const read = sent.map(readEvent);
  const faults = read.flatMap((r, i) => (r.ok ? [] : r.faults.map((f) => ({ ...f, path: `[${i}].${f.path}` }))));
  return faults.length > 0 ? failure(faults) : success(read.flatMap((r) => (r.ok ? [r.value] : [])));
}

/** An event as it is sent and kept: plans in the form of their file. */
export const eventInFile = (event: LiveEvent): unknown => z.encode(eventSchema, event);
