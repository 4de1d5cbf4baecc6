import type { PaintContext } from '../paint-context.ts';
import type { Palette } from '../palette.ts';
import { fontOf, type Ruler } from '../ruler.ts';
import type { Scene } from '../scene.ts';
import type { TimeScale } from '../time-scale.ts';
import type { WordList } from './word.ts';

/** What every painter is handed: where to paint, in which colours, and how time and place lie. Pixels of the style sheet. */
export interface Brush {
  readonly ctx: PaintContext;
  readonly colours: Palette;
  readonly ruler: Ruler;
  readonly scene: Scene;
  readonly scale: TimeScale;
  /** What of the board is in sight. */
  readonly view: { readonly x: number; readonly y: number; readonly width: number; readonly height: number };
  readonly look: Look;
  /** The task that is pointed at. */
  readonly pointed?: string | undefined;
  /** Words wait until everything else is painted, so that nothing covers one. */
  readonly words: WordList;
}

/** What somebody looks at. */
export interface Look {
  /** Tasks that stand out; all where undefined. */
  readonly lit: ReadonlySet<string> | undefined;
  readonly selected: string | undefined;
  readonly pinned: ReadonlySet<string>;
  /** Where something that is being moved would start. */
  readonly ghost: { readonly task: string; readonly startSec: number } | undefined;
  /** The moment that is looked at, in seconds since doors open. */
  readonly atSec: number | undefined;
}

export const DIM = 0.22;

export function setFont(ctx: PaintContext, size: number, weight = 550): void {
  ctx.font = fontOf(size, weight);
}

/** A rectangle with corners cut as dough is with a bench knife; on a small screen what is too narrow to draw is a line. */
export function box(ctx: PaintContext, x: number, y: number, width: number, height: number, r = 3): void {
  const [w, h] = [Math.max(1, width), Math.max(1, height)];
  ctx.beginPath();
  ctx.roundRect(x, y, w, h, Math.min(r, h / 2, w / 2));
}
