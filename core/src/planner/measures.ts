import { z } from 'zod';

/** What this planner adds to a plan's measures beside those of the formats note. Seconds since doors open. */
export const planSchemaMeasures = z.looseObject({
  finishSec: z.int(),
  boundSec: z.int(),
  marginSec: z.int(),
  /** The earliest finish found, whatever the goal. */
  shortestSec: z.int(),
  tightest: z.strictObject({
    kind: z.enum(['griddle', 'person', 'dough']),
    id: z.string(),
    fromSec: z.int(),
    toSec: z.int(),
  }),
});

export type PlanMeasures = Readonly<z.output<typeof planSchemaMeasures>>;
