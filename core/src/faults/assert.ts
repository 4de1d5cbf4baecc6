/** Throws when one of our own invariants does not hold; `sentence` says which. Never used on what came in from outside. */
export function assert(condition: unknown, sentence: string): asserts condition {
  if (!condition) throw new Error(`Broken invariant: ${sentence}`);
}
