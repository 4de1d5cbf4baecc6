import { z } from 'zod';

/** The form of a backup; a later one is refused by name. */
export const BACKUP_FORM = 2;

export const manifestSchema = z.strictObject({
  format: z.literal('hodsman-backup'),
  form: z.int().min(1),
  /** The version of the program that made it. */
  program: z.string().max(40),
  madeAt: z.iso.datetime(),
  tables: z
    .array(
      z.strictObject({
        name: z.string().max(64),
        rows: z.int().min(0),
        bytes: z.int().min(0),
        sha256: z.string().regex(/^[0-9a-f]{64}$/),
      }),
    )
    .max(50),
});
/** What a backup says of itself: each table with its rows, its size as it lies there unpacked, and its checksum. */
export type Manifest = Readonly<z.output<typeof manifestSchema>>;
