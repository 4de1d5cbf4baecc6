import { z } from 'zod';
import { idSchema, madeIdSchema, secSchema } from '../units/schema.ts';
import { many } from './many.ts';

const atSchema = z.strictObject({
  kind: z.enum(['bench', 'griddle', 'grill', 'flame', 'mixer', 'room', 'warm', 'fridge']),
  id: idSchema.optional(),
  spot: z.int().min(1).optional(),
});

const windowSchema = z.strictObject({ minSec: z.int(), idealSec: z.int(), maxSec: z.int() });
const carriedSchema = z.strictObject({
  kind: z.enum(['flame', 'grill']),
  id: idSchema,
  by: idSchema.optional(),
  startSec: secSchema,
  endSec: secSchema,
});
const lookSchema = z.strictObject({ by: idSchema, startSec: secSchema, endSec: secSchema });

/** A task as a plan file has it: a step and a rest carry no kind, and a rest is what has a window (formats note, section 2). */
const taskFileSchema = z.strictObject({
  id: madeIdSchema,
  kind: z.enum(['welcome', 'demo', 'preheat', 'break']).optional(),
  bread: idSchema.optional(),
  step: idSchema.optional(),
  batch: madeIdSchema.optional(),
  piece: madeIdSchema.optional(),
  people: many(idSchema),
  at: atSchema.optional(),
  startSec: secSchema,
  endSec: secSchema,
  window: windowSchema.optional(),
  turnsSec: many(secSchema).optional(),
  with: many(carriedSchema).optional(),
  /** Who of the staff looks at it, and when. */
  look: lookSchema.optional(),
});
export type TaskInFile = z.output<typeof taskFileSchema>;

export type PlaceOfTask = Readonly<z.output<typeof atSchema>>;

/** What every task has: who is at it, where, and when, in whole seconds since doors open. */
interface Timed {
  readonly id: string;
  readonly people: readonly string[];
  readonly at?: PlaceOfTask;
  readonly startSec: number;
  readonly endSec: number;
}

/** What a step and a rest have: the bread, its step, and the dough or the piece that goes through it. */
interface OfBread extends Timed {
  readonly bread: string;
  readonly step: string;
  readonly batch?: string;
  readonly piece?: string;
}

/** What a task of the whole class has not, so that one may ask any task for its bread, its dough or its piece. */
interface OfClass extends Timed {
  readonly step?: undefined;
  readonly batch?: undefined;
  readonly piece?: undefined;
}

export interface WelcomeTask extends OfClass {
  readonly kind: 'welcome';
  readonly bread?: undefined;
}
export interface BreakTask extends OfClass {
  readonly kind: 'break';
  readonly bread?: undefined;
}
export interface PreheatTask extends OfClass {
  readonly kind: 'preheat';
  readonly bread?: undefined;
}
export interface DemoTask extends OfClass {
  readonly kind: 'demo';
  readonly bread: string;
}
/** A step that somebody does, or that a mixer, a griddle or a flame does for them. */
export interface StepTask extends OfBread {
  readonly kind: 'step';
  readonly turnsSec?: readonly number[];
  readonly with?: readonly Readonly<z.output<typeof carriedSchema>>[];
  readonly look?: Readonly<z.output<typeof lookSchema>>;
}
export interface RestTask extends OfBread {
  readonly kind: 'rest';
  readonly window: Readonly<z.output<typeof windowSchema>>;
}

export type PlanTask = WelcomeTask | BreakTask | PreheatTask | DemoTask | StepTask | RestTask;
/** A task of a bread's own steps. */
export type BreadTask = StepTask | RestTask;

type Key = keyof TaskInFile;
const ALWAYS: readonly Key[] = ['id', 'people', 'at', 'startSec', 'endSec'];
const OF_BREAD: readonly Key[] = [...ALWAYS, 'bread', 'step', 'batch', 'piece'];
/** The keys that a task of each kind may have, and those without which it is none. */
const KEYS: Readonly<Record<PlanTask['kind'], { readonly may: readonly Key[]; readonly must: readonly Key[] }>> = {
  welcome: { may: ALWAYS, must: [] },
  break: { may: ALWAYS, must: [] },
  preheat: { may: ALWAYS, must: [] },
  demo: { may: [...ALWAYS, 'bread'], must: ['bread'] },
  step: { may: [...OF_BREAD, 'turnsSec', 'with', 'look'], must: ['bread', 'step'] },
  rest: { may: [...OF_BREAD, 'window'], must: ['bread', 'step', 'window'] },
};

const kindIn = (task: TaskInFile): PlanTask['kind'] => task.kind ?? (task.window ? 'rest' : 'step');

/** A task as a plan file has it. */
export const taskInFile = ({ kind, ...rest }: PlanTask): TaskInFile =>
  ({ ...(kind === 'step' || kind === 'rest' ? {} : { kind }), ...rest }) as TaskInFile;

/**
 * Between the file's tasks and those of the program, which all have a kind. A key that a kind does not know, or lacks, is a fault at its
 * path.
 */
export const taskCodec = z.codec(taskFileSchema, z.custom<PlanTask>(), {
  decode: (task, { issues }) => {
    const kind = kindIn(task);
    const { may, must } = KEYS[kind];
    const unknown = Object.keys(task).filter((k) => k !== 'kind' && !may.some((m) => m === k));
    if (unknown.length > 0) issues.push({ code: 'unrecognized_keys', keys: unknown, input: task });
    for (const key of must)
      if (task[key] === undefined)
        issues.push({ code: 'invalid_type', expected: 'string', path: [key], input: undefined });
    return { ...task, kind } as PlanTask;
  },
  encode: taskInFile,
});
