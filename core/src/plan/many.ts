import { z } from 'zod';

/** A plan may list more than the 200 entries of a workshop's lists: a task for every piece and step. */
const MAX_ENTRIES = 20_000;
export const many = <T extends z.ZodType>(entry: T): z.ZodArray<T> => z.array(entry).max(MAX_ENTRIES);
