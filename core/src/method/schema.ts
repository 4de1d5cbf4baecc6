import { z } from 'zod';
import {
  celsiusSchema,
  countSchema,
  idSchema,
  listOf,
  minutesSchema,
  nameSchema,
  secondsSchema,
  sharePctSchema,
  textSchema,
} from '../units/schema.ts';

export const surfaceSchema = z.enum(['cast-iron', 'steel', 'aluminium', 'non-stick', 'stone', 'clay']);
export const placeKindSchema = z.enum(['room', 'warm', 'fridge']);
const perSchema = z.enum(['batch', 'piece']);

/** What every step may carry for cards, talk and kit; it binds no rule. */
const told = {
  cue: textSchema.optional(),
  trouble: textSchema.optional(),
  caution: textSchema.optional(),
  why: textSchema.optional(),
  look: z.boolean().optional(),
  kit: listOf(
    z.strictObject({ what: nameSchema, per: z.enum(['person', 'station', 'class']), count: countSchema.optional() }),
  ).optional(),
};

/** A rest: nobody's hands, a place, and a window in minutes (minimum and maximum time lag) with its ideal. */
const restStepSchema = z.strictObject({
  id: idSchema,
  kind: z.enum(['bloom', 'rest', 'proof', 'chill', 'temper']),
  per: perSchema,
  at: placeKindSchema,
  window: z.strictObject({ min: minutesSchema, ideal: minutesSchema, max: minutesSchema }),
  refC: celsiusSchema.optional(),
  q10: z.number().positive().max(10).optional(),
  ...told,
});

const active = {
  id: idSchema,
  per: perSchema,
  by: z.enum(['team', 'one', 'owner', 'staff']),
  minutes: minutesSchema.optional(),
  minutesPerPiece: minutesSchema.optional(),
  spreadPct: sharePctSchema.optional(),
  mixerMinutes: minutesSchema.optional(),
  waitMaxMin: minutesSchema.optional(),
  /** With `look`: how long staff look before it ends. */
  lookSec: secondsSchema.optional(),
  ...told,
};
const fireOrBench = z.enum(['bench', 'griddle', 'grill', 'flame']);

/** An active step that is neither cooking nor a side job. */
const handStepSchema = z.strictObject({
  ...active,
  kind: z.enum(['mix', 'knead', 'fold', 'divide', 'ball', 'shape', 'roll', 'fill', 'coil', 'finish']),
  at: fireOrBench,
});

/** One phase of cooking: which side, what heat, how long; `with` carries the griddle to a flame or grill. Times in seconds. */
const phaseSchema = z.strictObject({
  side: nameSchema.optional(),
  heat: z.enum(['low', 'medium', 'high']).optional(),
  sec: secondsSchema,
  minSec: secondsSchema.optional(),
  maxSec: secondsSchema.optional(),
  cue: textSchema.optional(),
  turn: z.boolean().optional(),
  with: z.enum(['flame', 'grill']).optional(),
  by: z.literal('staff').optional(),
});

/** Cooking: in phases with turns between them, or for so many minutes. */
const cookStepSchema = z.strictObject({
  ...active,
  kind: z.literal('cook'),
  at: fireOrBench,
  phases: listOf(phaseSchema).min(1).optional(),
  attend: z.enum(['whole', 'turns']).default('whole'),
  turnSec: secondsSchema.optional(),
  surfaces: listOf(surfaceSchema).min(1).optional(),
});

/** A side job beside the chain; over before the step `before` starts. */
const prepareStepSchema = z.strictObject({
  ...active,
  kind: z.literal('prepare'),
  at: fireOrBench,
  before: idSchema,
});

export const stepSchema = z.discriminatedUnion('kind', [
  restStepSchema,
  handStepSchema,
  cookStepSchema,
  prepareStepSchema,
]);

export type RestStep = Readonly<z.output<typeof restStepSchema>>;
export type HandStep = Readonly<z.output<typeof handStepSchema>>;
export type CookStep = Readonly<z.output<typeof cookStepSchema>>;
export type PrepareStep = Readonly<z.output<typeof prepareStepSchema>>;
export type ActiveStep = HandStep | CookStep | PrepareStep;
export type Step = RestStep | ActiveStep;
export type Phase = Readonly<z.output<typeof phaseSchema>>;
