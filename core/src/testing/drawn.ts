/** Draws one of a list after the other, in the same sequence each time (Lehmer's generator, as in Park and Miller 1988). */
export function drawing(seed: number): <T>(all: readonly T[]) => T {
  let n = seed;
  return (all) => {
    n = (n * 48_271) % 2_147_483_647;
    return all[n % all.length] as (typeof all)[number];
  };
}
