/** So many least heads and tails are tried as the edges of a set of jobs; more would only cost time. */
const MOST_EDGES = 24;

/** The different moments of a list, in order; of many, evenly chosen ones. */
export function headEdges(list: readonly number[]): readonly number[] {
  const all = [...new Set(list)].sort((a, b) => a - b);
  const step = Math.max(1, Math.ceil(all.length / MOST_EDGES));
  return all.filter((_, i) => i % step === 0);
}
