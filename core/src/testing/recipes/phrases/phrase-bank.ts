/**
 * Ways in which teachers say one thing, each in a method that is otherwise plain, and the steps that come of it: a kind, with minutes of a rest
 * or of kneading where they matter, and seconds of each phase on the griddle. An empty one is no step of the bread.
 */
export interface PhraseBank {
  readonly name: string;
  /** What is told before and behind, and how many steps that makes. */
  readonly before: string;
  readonly behind: string;
  readonly steps: readonly [number, number];
  readonly phrases: readonly (readonly [string, string])[];
}
