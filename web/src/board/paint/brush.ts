import type { Palette } from '../palette.ts';
import type { Scene } from '../scene.ts';
import type { TimeScale } from '../time-scale.ts';

/** What every painter is handed: where to paint, in which colours, and how time and place lie. Pixels of the style sheet. */
export interface Brush {
  readonly ctx: CanvasRenderingContext2D;
  readonly colours: Palette;
  readonly scene: Scene;
  readonly scale: TimeScale;
  /** What of the board is in sight. */
  readonly view: { readonly x: number; readonly y: number; readonly width: number; readonly height: number };
  readonly look: Look;
}

/** What somebody looks at. */
export interface Look {
  /** Tasks that stand out; all where undefined. */
  readonly lit: ReadonlySet<string> | undefined;
  readonly selected: string | undefined;
  readonly pinned: ReadonlySet<string>;
  /** Where something that is being moved would start. */
  readonly ghost: { readonly task: string; readonly startSec: number } | undefined;
}

const FONT = '"Atkinson Hyperlegible Next Variable", sans-serif';
export const DIM = 0.22;

export function setFont(ctx: CanvasRenderingContext2D, size: number, weight = 550): void {
  ctx.font = `${weight} ${size}px ${FONT}`;
}

/** A rectangle with corners cut as dough is with a bench knife. */
export function box(ctx: CanvasRenderingContext2D, x: number, y: number, width: number, height: number, r = 3): void {
  ctx.beginPath();
  ctx.roundRect(x, y, Math.max(1, width), Math.max(1, height), Math.min(r, height / 2, width / 2));
}
