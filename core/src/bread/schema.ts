import { z } from 'zod';
import { ingredientSchema } from '../formula/schema.ts';
import { stepSchema } from '../method/schema.ts';
import {
  celsiusSchema,
  cmSchema,
  gramsSchema,
  idSchema,
  listOf,
  minutesSchema,
  nameSchema,
  sharePctSchema,
  textSchema,
} from '../units/schema.ts';

/** A bread: its formula, the size of a piece, and its method as a chain of steps. */
export const breadSchema = z.strictObject({
  id: idSchema,
  name: nameSchema,
  variantOf: idSchema.optional(),
  family: z.enum(['unleavened', 'hot-water', 'yeasted', 'sourdough', 'chemical', 'laminated', 'filled', 'gluten-free']),
  ingredients: listOf(ingredientSchema, 60).min(1),
  lossPct: sharePctSchema.default(3),
  doughC: celsiusSchema.optional(),
  piece: z.strictObject({
    doughG: gramsSchema.positive(),
    /** The longest side as it lies on the griddle; of a wedge the radius of its round. */
    diameterCm: cmSchema,
    /** The side across it. */
    widthCm: cmSchema.optional(),
    /** Of a wedge: how many make one round. */
    ofRound: z.int().min(2).max(12).optional(),
    thicknessMm: z.number().positive().max(200).optional(),
    shape: nameSchema.optional(),
  }),
  holdMaxMin: minutesSchema,
  keep: listOf(
    z.strictObject({
      what: nameSchema,
      how: textSchema,
      max: z
        .string()
        .regex(/^P(?=.)(\d+W|(\d+D)?(T(?=.)(\d+H)?(\d+M)?)?)$/, { error: 'an ISO 8601 duration such as P30D or PT4H' })
        .optional(),
      again: textSchema.optional(),
    }),
  ).optional(),
  steps: listOf(stepSchema, 40).min(1),
});

export type Bread = Readonly<z.output<typeof breadSchema>>;
