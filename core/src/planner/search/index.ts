/**
 * From a problem to a schedule: serial schedule generation run backwards from the deadline, over orders that a seeded local search
 * improves. Begin with `search.ts`; `decode.ts` turns an order into a schedule. It knows problems (`problem.ts`) and no bread.
 * It counts its work in decodings, never by the clock, so the same problem and effort give the same schedule everywhere.
 */
export type {
  Activity,
  HeatRun,
  Hotplate,
  Lag,
  Mode,
  Placement,
  Problem,
  Resource,
  Schedule,
  Unit,
  Use,
} from './problem.ts';
export { searchFresh, searchShort, type Found } from './search.ts';
export { lowerBound, type Bound } from './bound.ts';
