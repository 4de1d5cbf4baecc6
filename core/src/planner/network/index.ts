/**
 * The workshop becomes a scheduling problem: activities with modes, time lags from windows and waits, people, griddles and fires as
 * resources. Begin with `build-network.ts`. It holds no search; what it gives is `search/problem.ts`'s plain data and, for each
 * activity, which task of the plan it stands for.
 */
export { buildNetwork, type ActivitySource, type Network } from './build-network.ts';
