import { z } from 'zod';
import { useSchema } from '../formula/schema.ts';
import { dateTimeSchema, idSchema, madeIdSchema, nameSchema, secSchema } from '../units/schema.ts';

/** A plan may list more than the 200 entries of a workshop's lists: a task for every piece and step. */
const MAX_TASKS = 20_000;
const many = <T extends z.ZodType>(entry: T): z.ZodArray<T> => z.array(entry).max(MAX_TASKS);

const batchSchema = z.strictObject({
  id: madeIdSchema,
  bread: idSchema,
  station: idSchema.nullable(),
  mother: madeIdSchema.nullable(),
  practice: z.boolean(),
  pieces: many(madeIdSchema),
  doughG: z.number().min(0),
  flourG: z.number().min(0),
  ingredients: many(z.strictObject({ name: nameSchema, use: useSchema.optional(), g: z.number().min(0) })),
});

const atSchema = z.strictObject({
  kind: z.enum(['bench', 'griddle', 'grill', 'flame', 'mixer', 'room', 'warm', 'fridge']),
  id: idSchema.optional(),
  spot: z.int().min(1).optional(),
});

const taskSchema = z.strictObject({
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
  window: z.strictObject({ minSec: z.int(), idealSec: z.int(), maxSec: z.int() }).optional(),
  turnsSec: many(secSchema).optional(),
  with: many(
    z.strictObject({
      kind: z.enum(['flame', 'grill']),
      id: idSchema,
      by: idSchema.optional(),
      startSec: secSchema,
      endSec: secSchema,
    }),
  ).optional(),
  /** Who of the staff looks at it, and when. */
  look: z.strictObject({ by: idSchema, startSec: secSchema, endSec: secSchema }).optional(),
});

/** What a plan can be made for (formats note, section 4), the usual one first. */
export const GOALS = ['steady', 'fresh', 'short'] as const;

const RULES = ['R1', 'R2', 'R3', 'R4', 'R5', 'R6', 'R7', 'R8', 'R9', 'R10', 'R11', 'R12', 'R13', 'R14'] as const;

const breakSchema = z.strictObject({
  rule: z.enum(RULES),
  code: z.string().min(1).max(120),
  tasks: many(madeIdSchema),
  bySec: z.number().min(0).optional(),
  message: z.string().max(4000),
});

const warningSchema = z.strictObject({
  code: z.string().min(1).max(120),
  path: z.string().max(400),
  message: z.string().max(4000),
});

/** A plan: every batch, every task with its time, people and place, what it breaks, and its measures in seconds. */
export const planSchema = z.strictObject({
  format: z.literal('hodsman-plan'),
  version: z.literal(2),
  title: nameSchema,
  doorsOpen: dateTimeSchema,
  timeZone: z.string().min(1).max(120),
  tableSec: secSchema,
  goal: z.enum(GOALS),
  batches: many(batchSchema),
  tasks: many(taskSchema),
  broken: many(breakSchema),
  warnings: many(warningSchema),
  measures: z.looseObject({ finishSec: secSchema, boundSec: secSchema, marginSec: secSchema }),
});

export type Plan = Readonly<z.output<typeof planSchema>>;
export type PlanBatch = Readonly<z.output<typeof batchSchema>>;
export type PlanTask = Readonly<z.output<typeof taskSchema>>;
export type BrokenRule = Readonly<z.output<typeof breakSchema>>;
export type PlanWarning = Readonly<z.output<typeof warningSchema>>;
export type Rule = (typeof RULES)[number];
export type Goal = (typeof GOALS)[number];
