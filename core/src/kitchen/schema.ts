import { z } from 'zod';
import { placeKindSchema, surfaceSchema } from '../method/schema.ts';
import {
  celsiusSchema,
  cmSchema,
  countSchema,
  gramsSchema,
  idSchema,
  listOf,
  minutesSchema,
  nameSchema,
  paceSchema,
  secondsSchema,
} from '../units/schema.ts';

const griddleBase = {
  id: idSchema,
  name: nameSchema.optional(),
  surface: surfaceSchema,
  preheatMin: minutesSchema.default(0),
  resetSec: secondsSchema.default(0),
  changeSec: secondsSchema.default(0),
  cleanSec: secondsSchema.optional(),
  portable: z.boolean().optional(),
  zones: z.boolean().optional(),
  /** The most people who can stand at it at once. */
  people: z.int().min(1).max(1000).optional(),
  /** Breads held, by bread id; overrides the packing. */
  spots: z.record(idSchema, z.int().min(0).max(100)).optional(),
};

/** A griddle seen from above: round or rectangular, lengths in cm, setup times in seconds. */
export const griddleSchema = z.discriminatedUnion('shape', [
  z.strictObject({ ...griddleBase, shape: z.literal('round'), diameterCm: cmSchema }),
  z.strictObject({ ...griddleBase, shape: z.literal('rectangle'), widthCm: cmSchema, depthCm: cmSchema }),
]);

const slotsSchema = listOf(z.strictObject({ id: idSchema, name: nameSchema.optional(), slots: countSchema.min(1) }));

/** The room and what stands in it; a class holds a copy. */
export const kitchenSchema = z.strictObject({
  name: nameSchema,
  roomC: celsiusSchema,
  benches: listOf(z.strictObject({ id: idSchema, name: nameSchema.optional(), seats: countSchema.min(1) })),
  griddles: listOf(griddleSchema),
  grills: slotsSchema.default([]),
  flames: slotsSchema.default([]),
  mixers: listOf(
    z.strictObject({
      id: idSchema,
      name: nameSchema.optional(),
      minDoughG: gramsSchema.optional(),
      maxDoughG: gramsSchema,
      frictionC: z.number().min(0).max(60).optional(),
    }),
  ).default([]),
  places: listOf(
    z.strictObject({
      id: idSchema,
      name: nameSchema.optional(),
      kind: placeKindSchema,
      tempC: celsiusSchema,
      batches: countSchema.optional(),
    }),
  ).default([]),
  staff: listOf(
    z.strictObject({
      id: idSchema,
      name: nameSchema,
      role: z.enum(['instructor', 'assistant']),
      pace: paceSchema.default(1),
    }),
  ),
  griddleGapCm: z.number().min(0).max(100).default(1),
  griddlesPerStaff: countSchema.min(1).default(4),
  /** Between two people laying on at one griddle. */
  layOnGapSec: secondsSchema.default(0),
  handMaxDoughG: gramsSchema.default(3000),
  safeOutMin: minutesSchema.default(240),
  tapC: celsiusSchema.optional(),
  kettleC: celsiusSchema.optional(),
  kettleL: z.number().positive().max(100).optional(),
  flourC: celsiusSchema.optional(),
  handFrictionC: z.number().min(0).max(60).optional(),
  kit: listOf(z.strictObject({ what: nameSchema, count: countSchema })).optional(),
});

export type Kitchen = Readonly<z.output<typeof kitchenSchema>>;
export type Griddle = Readonly<z.output<typeof griddleSchema>>;
