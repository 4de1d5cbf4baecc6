/**
 * The workshop becomes a scheduling problem: activities with modes, time lags from windows and waits, people, griddles and fires as
 * resources, resting places as stores, breaks as pauses. Begin with `build-network.ts`; `draft.ts` strings chains together, `modes.ts`
 * says who can do a step and where; `plain.ts` takes a job shop without bread. It holds no search; what it gives is `search/problem.ts`'s plain data and, for each activity and
 * rest, which task of the plan it stands for.
 */
export { isExcused, NOTHING_HAPPENED, type Happened } from './as-happened.ts';
export { atMoment, type Moment, type Wishes } from './at-moment.ts';
export { placedIn, type Placed } from './placed.ts';
export { buildNetwork, type Network } from './build-network.ts';
export type { ActivitySource, RestSource } from './network-builder.ts';
export { isAtMixer, unitsIn, type DoughUnit } from './dough-units.ts';
export type { ModeInfo } from './modes.ts';
export { RESOURCE_KINDS } from './room.ts';
export { plainProblem, type PlainJob } from './plain.ts';
