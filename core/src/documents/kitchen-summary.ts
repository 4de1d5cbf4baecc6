import type { Kitchen } from '../kitchen/index.ts';
import { seatsIn } from '../workshop/index.ts';

/** What the list of kitchens shows of one. */
export interface KitchenSummary {
  readonly seats: number;
  readonly benches: number;
  readonly griddles: number;
  readonly mixers: number;
  readonly staff: number;
  readonly roomC: number;
}

export const kitchenSummary = (k: Kitchen): KitchenSummary => ({
  seats: seatsIn(k),
  benches: k.benches.length,
  griddles: k.griddles.length,
  mixers: k.mixers.length,
  staff: k.staff.length,
  roomC: k.roomC,
});
