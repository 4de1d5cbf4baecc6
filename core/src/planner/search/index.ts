/**
 * From a problem to a schedule: serial schedule generation, forwards from the release or backwards from the deadline, over orders that
 * a seeded walk improves. Begin with `search.ts`; `decode.ts` turns an order into a schedule on the `floor.ts`, where everything that
 * can be taken is kept; `bound.ts` proves how short it could be; `obstacles.ts` says why not at a moment. It knows problems
 * (`problem.ts`) and no bread.
 * It counts its work in activities placed, never by the clock, so the same problem and budget give the same schedule everywhere.
 */
export type {
  Activity,
  Fan,
  Final,
  Given,
  HeatRun,
  Hotplate,
  Kind,
  Lag,
  Lying,
  Mode,
  Pause,
  Placement,
  Problem,
  Resource,
  Schedule,
  Span,
  Stay,
  Store,
  Unit,
  Use,
} from './problem.ts';
export { isOneKind, NOTHING_GIVEN } from './problem.ts';
export { finished, type Budget, type Candidate, type Found, type Search } from './two-way-decoder.ts';
export { laidOut, obstaclesTo, staySpan, takingsOf, type Done, type Laid, type Obstacle } from './obstacles.ts';
export { fineProblem } from './fine.ts';
export { keptSchedule, Memory, searchShort, searchTable, type TableAim } from './search.ts';
export { costSec, Feeling, feltStretchSec, LEAST_GAP_SEC, shared, type Felt, type Measure } from './felt.ts';
export { lowerBound, type Bound, type BoundReason } from './bound.ts';
