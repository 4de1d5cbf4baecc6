/** Whether two values are the same plain JSON; the order of keys and keys without a value do not count. */
export function same(a: unknown, b: unknown): boolean {
  return a === b || JSON.stringify(sorted(a)) === JSON.stringify(sorted(b));
}

/** A value whose keys stand in order, so that two spellings of one thing are equal. */
function sorted(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(sorted);
  if (typeof value !== 'object' || value === null) return value;
  return Object.fromEntries(
    Object.entries(value)
      .filter(([, v]) => v !== undefined)
      .sort(([a], [b]) => (a < b ? -1 : 1))
      .map(([k, v]) => [k, sorted(v)]),
  );
}
