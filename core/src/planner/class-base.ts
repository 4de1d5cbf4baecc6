import type { Workshop } from '../workshop/index.ts';
import { buildNetwork, type Network } from './network/index.ts';
import { lowerBound, type Bound } from './search/index.ts';

/** What is the same of a class however it is shaped. */
interface ClassBase {
  readonly network: Network;
  readonly bound: Bound;
}

const bases = new WeakMap<Workshop, ClassBase>();

/** The network of a class and its lower bound, kept for as long as the workshop is: a task that is being moved asks at every step. */
export function classBase(workshop: Workshop): ClassBase {
  const known = bases.get(workshop);
  if (known) return known;
  const network = buildNetwork(workshop);
  const base = { network, bound: lowerBound(network.problem) };
  bases.set(workshop, base);
  return base;
}
