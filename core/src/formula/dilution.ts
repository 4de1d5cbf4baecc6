/** What a usual class scale weighs at the least, in g. */
const LEAST_WEIGHED_G = 1;
const SOLUTION_G = 100;

/** Too little for a scale: stir `stirG` of it into `waterG` of water and take `takeG` of that; the water taken is counted as water. */
export interface Dilution {
  readonly stirG: number;
  readonly waterG: number;
  readonly takeG: number;
}

/** How to weigh less than a gram of something that dissolves: a solution of one in a hundred. Undefined where a scale can weigh it. */
export function dilutionFor(grams: number): Dilution | undefined {
  if (grams <= 0 || grams >= LEAST_WEIGHED_G) return undefined;
  return {
    stirG: LEAST_WEIGHED_G,
    waterG: SOLUTION_G - LEAST_WEIGHED_G,
    takeG: (grams / LEAST_WEIGHED_G) * SOLUTION_G,
  };
}
