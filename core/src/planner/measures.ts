import { z } from 'zod';
import { elapsedSec, secondsOfMinutes } from '../units/index.ts';
import type { Workshop } from '../workshop/index.ts';

/** What this planner adds to a plan's measures beside those of the formats note. Seconds since doors open. */
export const planMeasuresSchema = z.looseObject({
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

export type PlanMeasures = Readonly<z.output<typeof planMeasuresSchema>>;

/** Bounds and share of the class's length for the time in hand that a class has where its file says nothing (formats note, section 1). */
const BUFFER_SHARE = 0.05;
const [LEAST_BUFFER_SEC, MOST_BUFFER_SEC] = [300, 900];

/** So long before table time the last bread of a class should be done; seconds. */
export function bufferSecOf(workshop: Workshop): number {
  if (workshop.bufferMin !== undefined) return secondsOfMinutes(workshop.bufferMin);
  const lengthSec = elapsedSec(workshop, workshop.tableTime);
  return Math.min(MOST_BUFFER_SEC, Math.max(LEAST_BUFFER_SEC, BUFFER_SHARE * lengthSec));
}
