import { z } from 'zod';
import { gramsSchema, idSchema, listOf, nameSchema } from '../units/schema.ts';

/** One food in the store: what is there and how it is bought. Prices are in the currency of the pantry. */
const pantryItemSchema = z.strictObject({
  what: nameSchema,
  haveG: gramsSchema.default(0),
  packG: gramsSchema.positive().optional(),
  packPrice: z.number().min(0).max(100_000).optional(),
});

/** What stands in the store, and the packs and prices at which it is bought. */
export const pantrySchema = z.strictObject({
  name: nameSchema,
  /** The document of the kitchen that it belongs to; without one it serves every kitchen that has no store of its own. */
  kitchen: idSchema.optional(),
  currency: z
    .string()
    .regex(/^[A-Z]{3}$/, { error: 'a currency by its three letters, such as EUR' })
    .default('EUR'),
  items: listOf(pantryItemSchema),
});

export type Pantry = Readonly<z.output<typeof pantrySchema>>;
export type PantryItem = Readonly<z.output<typeof pantryItemSchema>>;

/** A store for a kitchen, after another: the same foods, packs and prices (prices only in the same currency), and nothing of them there yet. */
export function ownPantry(
  pantry: Pantry,
  kitchen: { readonly id: string; readonly name: string },
  currency = pantry.currency,
): Pantry {
  const items = pantry.items.map(({ packPrice, ...i }) => ({
    ...i,
    haveG: 0,
    ...(currency === pantry.currency && packPrice !== undefined && { packPrice }),
  }));
  return { ...pantry, name: `The store of ${kitchen.name}`, kitchen: kitchen.id, currency, items };
}
