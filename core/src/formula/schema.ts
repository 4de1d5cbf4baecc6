import { z } from 'zod';
import { ROLES } from '../foods/index.ts';
import {
  celsiusSchema,
  gramsSchema,
  idSchema,
  listOf,
  nameSchema,
  pctSchema,
  sharePctSchema,
  wordSchema,
} from '../units/schema.ts';

const roleSchema = z.enum(ROLES);
export const useSchema = z.enum(['dough', 'bath', 'layer', 'fill', 'dust', 'griddle', 'finish', 'serve']);

/** One ingredient of a bread: of the dough (`pct`, a baker's percentage), or used outside it (`gPerPiece` or `gPerBatch`). */
export const ingredientSchema = z.strictObject({
  name: nameSchema,
  role: roleSchema,
  use: useSchema.default('dough'),
  pct: pctSchema.optional(),
  gPerPiece: gramsSchema.optional(),
  gPerBatch: gramsSchema.optional(),
  step: idSchema.optional(),
  optional: z.boolean().optional(),
  /** The optional ingredient in whose place it goes on the pieces that leave that off. */
  insteadOf: nameSchema.optional(),
  holdBackPct: sharePctSchema.optional(),
  waterPct: sharePctSchema.optional(),
  flourPct: sharePctSchema.optional(),
  unitG: gramsSchema.optional(),
  tempC: celsiusSchema.optional(),
  allergens: listOf(wordSchema).optional(),
  contains: listOf(wordSchema).optional(),
  perishable: z.boolean().optional(),
});

export type Ingredient = Readonly<z.output<typeof ingredientSchema>>;
export type IngredientUse = z.output<typeof useSchema>;
