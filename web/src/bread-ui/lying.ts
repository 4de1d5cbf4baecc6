import { pieceNames, type Bread, type LyingNow, type Workshop } from '@hodsman/core';

/** A bread that lies on a griddle, at a spot from 1. */
export interface Lying {
  readonly spot: number;
  readonly bread: Bread;
  /** Whose it is, in as few letters as stand on it. */
  readonly words: string;
  /** It is about to be turned or taken off. */
  readonly isDue: boolean;
}

/** So near is about to be. */
const DUE_SEC = 30;

/** What lies at a spot at a moment, as it is drawn; none of a bread that the class does not have. */
export function lyingAt(workshop: Workshop, { task, turnSec }: LyingNow, spot: number, sec: number): readonly Lying[] {
  const bread = workshop.breads.find((b) => b.id === task.bread);
  if (!bread) return [];
  const isDue = (turnSec ?? task.endSec) - sec <= DUE_SEC;
  return [{ spot, bread, words: pieceNames(workshop, task).at(-1) ?? '', isDue }];
}
