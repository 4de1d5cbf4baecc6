import type { Result } from '../faults/index.ts';

/** Carries a stored value from one form to the next; it must bear any value, since what it gets was not validated. */
export type Migration = (value: unknown) => unknown;

/** A kind of stored document: its migrations, what makes it valid, and what it is called. */
export interface StoredKind<Body> {
  /** Entry n carries form n + 1 to form n + 2; so the current form is their number and one. */
  readonly migrations: readonly Migration[];
  readonly validate: (value: unknown) => Result<Body>;
  readonly title: (body: Body) => string;
}
