import type { Distance } from './distance.ts';
import type { Written } from './paint/word.ts';

/** The elements that the engine works on; React makes them and leaves their insides alone. */
export interface Parts {
  readonly scroller: HTMLElement;
  readonly spacer: HTMLElement;
  readonly canvas: HTMLCanvasElement;
  readonly overview: HTMLCanvasElement;
  readonly header: HTMLElement;
  /** Lies over what is selected: what a finger drags, and what a screen reader and a test find. */
  readonly handle: HTMLElement;
}

export interface Host {
  readonly onSelect: (task: string | undefined) => void;
  /** Something is moved to another start, seconds since doors open. */
  readonly onMove: (task: string, startSec: number) => void;
  readonly onDrop: (task: string, startSec: number) => void;
  readonly onCancel: () => void;
  /** Somebody comes nearer to a lane, or steps back. */
  readonly onDistance: (distance: Distance, lane: string | undefined) => void;
  /** A moment is looked at, in seconds since doors open. */
  readonly onMoment: (sec: number) => void;
}

/** What a test asks of the board by an event of this name: the words as they are written, and whether all is in sight. */
export const ASK = 'board:ask';
export interface Asked {
  words: readonly Written[];
  isWhole: boolean;
}
