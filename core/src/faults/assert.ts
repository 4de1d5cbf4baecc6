/** Throws when one of our own invariants does not hold; `sentence` says which. Never used on what came in from outside. */
export function assert(condition: unknown, sentence: string): asserts condition {
  if (!condition) throw new Error(`Broken invariant: ${sentence}`);
}

/** A value that one of our own invariants says is there; throws when it is not. Never used on what came in from outside. */
export function given<T>(value: T | null | undefined, sentence: string): T {
  assert(value !== undefined && value !== null, sentence);
  return value;
}
