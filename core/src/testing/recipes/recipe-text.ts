/** An invented text in a manner in which people write, and what must come out of it. */
export interface RecipeText {
  readonly manner: string;
  readonly text: string;
  /** Baker's percentages by ingredient, within a twentieth of each (or 0.1). */
  readonly pct: Readonly<Record<string, number>>;
  /** Kinds of the steps in order. */
  readonly kinds: string;
  /** Minutes of each rest of the dough at its best, in order; within a tenth. */
  readonly rests: readonly number[];
  /** Seconds of the phases of the first cook step; within a tenth. */
  readonly cook: readonly number[];
  /** Dough of a piece in grams; within a twentieth. */
  readonly pieceG?: number;
  /** All allergens of the bread. */
  readonly allergens?: readonly string[];
  /** Names of what no table knows: they are in the bread all the same. */
  readonly others?: readonly string[];
  /** Each must match one conflict. */
  readonly conflicts?: readonly RegExp[];
}
