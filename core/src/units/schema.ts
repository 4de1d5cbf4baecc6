import { z } from 'zod';

/** The small parts that all schemas share: ids, names, texts, numbers with the limits of the formats note. */

const MAX_LIST = 200;
export const WEEK_MIN = 7 * 24 * 60;

export const idSchema = z.string().regex(/^[A-Za-z0-9][A-Za-z0-9_-]{0,63}$/, {
  error: 'an id: a letter or digit, then up to 63 letters, digits, _ or -',
});
export const nameSchema = z.string().min(1).max(120);
export const textSchema = z.string().max(4000);
/** A word of allergens or `contains`, lower case. */
export const wordSchema = z
  .string()
  .min(1)
  .max(120)
  .regex(/^[^\p{Lu}]*$/u, { error: 'a word in lower case' });

export const dateSchema = z.string().regex(/^\d{4}-\d{2}-\d{2}$/, { error: 'a date such as 2027-03-06' });
export const timeSchema = z.string().regex(/^\d{2}:\d{2}$/, { error: 'a time of day such as 10:00' });
export const dateTimeSchema = z
  .string()
  .regex(/^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}$/, { error: 'a local date and time such as 2027-03-06T08:00' });

/** Minutes, at most seven days. */
export const minutesSchema = z.number().min(0).max(WEEK_MIN);
/** Seconds of a setting (reset, change, a phase), at most seven days. */
export const secondsSchema = z
  .number()
  .min(0)
  .max(WEEK_MIN * 60);
export const gramsSchema = z.number().min(0).max(100_000);
export const pctSchema = z.number().min(0).max(1000);
export const sharePctSchema = z.number().min(0).max(100);
export const celsiusSchema = z.number().min(-40).max(400);
export const cmSchema = z.number().positive().max(500);
export const paceSchema = z.number().positive().max(20);
export const countSchema = z.int().min(0).max(1000);

/** A list of at most `max` entries (200 unless the formats note says less). */
export function listOf<T extends z.ZodType>(entry: T, max = MAX_LIST): z.ZodArray<T> {
  return z.array(entry).max(max);
}

/** Seconds since doors open; negative before. Seven days and a day of class either way. */
export const secSchema = z.int().min(-691_200).max(691_200);
/** `b1@S1`, `b1/p1/2`, `demo:b1:roll`: ids put together from the workshop's. */
export const madeIdSchema = z
  .string()
  .max(400)
  .regex(/^[A-Za-z0-9][A-Za-z0-9_@/:-]*$/, { error: 'an id put together from those of the workshop' });
