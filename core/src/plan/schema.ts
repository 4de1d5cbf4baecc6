import { z } from 'zod';
import { useSchema } from '../formula/schema.ts';
import { dateTimeSchema, idSchema, madeIdSchema, nameSchema, secSchema } from '../units/schema.ts';
import { many } from './many.ts';
import { taskCodec } from './task.ts';

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
  tasks: many(taskCodec),
  broken: many(breakSchema),
  warnings: many(warningSchema),
  measures: z.looseObject({ finishSec: secSchema, boundSec: secSchema, marginSec: secSchema }),
});

export type Plan = Readonly<z.output<typeof planSchema>>;
export type PlanBatch = Readonly<z.output<typeof batchSchema>>;
export type BrokenRule = Readonly<z.output<typeof breakSchema>>;
export type PlanWarning = Readonly<z.output<typeof warningSchema>>;
export type Rule = (typeof RULES)[number];
export type Goal = (typeof GOALS)[number];
