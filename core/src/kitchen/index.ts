/**
 * The room: benches, griddles and how many breads each holds, mixers, resting places, staff.
 * Begin with `spots.ts`, the packing of rule R6. It knows breads only by their size.
 */
export { kitchenSchema } from './schema.ts';
export type { Griddle, Kitchen } from './schema.ts';
export { spotsOnGriddle } from './spots.ts';
export { spotCentres, type Spot } from './spot-centres.ts';
