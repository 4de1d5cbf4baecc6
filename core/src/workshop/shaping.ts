import { z } from 'zod';
import { idSchema, listOf, madeIdSchema, secSchema } from '../units/schema.ts';

/** A start that a person chose, and the griddle if they chose that too. */
const pinSchema = z.strictObject({ task: madeIdSchema, startSec: secSchema, griddle: idSchema.optional() });

/** What a plan is to be good at: a class that one can teach, fresh breads, freshness and busy hands alike, busy hands first, or the shortest class. */
const AIMS = ['steady', 'fresh', 'even', 'hands', 'short'] as const;

/** How a person wants the plan of a class, beside the class itself. */
export const shapingSchema = z.strictObject({
  aim: z.enum(AIMS).default('steady'),
  pins: listOf(pinSchema).default([]),
});

export type Aim = (typeof AIMS)[number];
export type Pin = Readonly<z.output<typeof pinSchema>>;
export type Shaping = Readonly<z.output<typeof shapingSchema>>;

export const UNSHAPED: Shaping = shapingSchema.parse({});

/** The shaping with one start more or another one; the pins of one task are one, and a griddle once chosen stays until another is. */
export function withPins(shaping: Shaping, pins: readonly Pin[]): Shaping {
  const known = new Map(shaping.pins.map((p) => [p.task, p]));
  const moved = new Set(pins.map((p) => p.task));
  const kept = shaping.pins.filter((p) => !moved.has(p.task));
  return { ...shaping, pins: [...kept, ...pins.map((p) => ({ ...known.get(p.task), ...p }))] };
}

export function withoutPin(shaping: Shaping, task: string): Shaping {
  return { ...shaping, pins: shaping.pins.filter((p) => p.task !== task) };
}
