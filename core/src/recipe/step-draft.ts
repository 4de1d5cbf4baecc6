import type { Action } from './actions.ts';
import type { Duration } from './durations.ts';
import type { Span } from './mapped.ts';

/** A step as the recipe's words give it, before it has an id and a place in the chain. */
export interface StepDraft {
  readonly action: Action;
  /** The words that belong to it, and where they stand. */
  readonly text: string;
  readonly spans: readonly Span[];
  readonly times: readonly Duration[];
  /** When in a rest the dough is folded once. */
  readonly foldAfter?: Duration | undefined;
  /** Done beside the chain: "meanwhile". */
  readonly isBeside: boolean;
  readonly cue: string | undefined;
  readonly caution: string | undefined;
  /** What goes wrong, and what then. */
  readonly trouble: string | undefined;
}
