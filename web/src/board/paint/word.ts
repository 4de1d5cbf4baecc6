/** Words that would like to be written into a box of the board. */
export interface Word {
  /** From the longest to the shortest; the first that fits whole is written, or none. */
  readonly words: readonly string[];
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
  readonly colour: string;
  /** Sizes of type that are tried, from the largest. */
  readonly sizes: readonly number[];
  readonly weight?: number;
  readonly align?: 'left' | 'center';
  /** They may be written downwards where there is no room across. */
  readonly mayTurn?: boolean;
  /** Painted under them, where what they lie on would run behind the letters. */
  readonly ground?: string;
  readonly alpha?: number;
}

/** A word as it is written: for checks that no two overlap, and none is cut. */
export interface Written {
  readonly text: string;
  readonly size: number;
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

export type WordList = Word[];
