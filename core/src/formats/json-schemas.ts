import { z } from 'zod';
import { planSchema } from '../plan/index.ts';
import { workshopSchema } from '../workshop/index.ts';

/** The JSON Schema (draft 2020-12) of each file as it is written, by file name; `docs/formats/` holds them. */
export function jsonSchemas(): Readonly<Record<string, unknown>> {
  const of = (schema: z.ZodType, title: string): unknown => ({
    ...z.toJSONSchema(schema, { io: 'input', target: 'draft-2020-12' }),
    title,
  });
  return {
    'workshop.schema.json': of(workshopSchema, 'Hodsman workshop file, version 2'),
    'plan.schema.json': of(planSchema, 'Hodsman plan file, version 2'),
  };
}
