import type { BlockKind } from './block.ts';
import type { Palette } from './palette.ts';
import type { Scene } from './scene.ts';
import type { TimeScale } from './time-scale.ts';

export interface Seen {
  readonly scene: Scene;
  readonly scale: TimeScale;
  readonly view: { readonly x: number; readonly y: number; readonly width: number; readonly height: number };
  readonly colours: Palette;
}

const COLOUR_OF: Readonly<Record<BlockKind, keyof Palette>> = {
  hands: 'hands',
  staffed: 'hands',
  rest: 'dough',
  cook: 'ember',
  carried: 'ember',
  away: 'steel',
  preheat: 'steel',
  together: 'steel',
};

/** The picture of the whole class, by canvas: painted anew only when the class or the theme has changed. */
const pictures = new WeakMap<HTMLCanvasElement, HTMLCanvasElement>();

/** The whole class small, with a frame round what is in sight. */
export function paintOverview(canvas: HTMLCanvasElement, seen: Seen, isStale: boolean): void {
  const ctx = canvas.getContext('2d');
  const { width, height } = canvas;
  if (!ctx || width === 0 || height === 0) return;
  let picture = pictures.get(canvas);
  if (!picture || isStale || picture.width !== width || picture.height !== height) {
    picture = document.createElement('canvas');
    picture.width = width;
    picture.height = height;
    const inside = picture.getContext('2d');
    if (inside) paintSmall(inside, seen.scene, seen.scale, seen.colours, width, height);
    pictures.set(canvas, picture);
  }
  ctx.clearRect(0, 0, width, height);
  ctx.drawImage(picture, 0, 0);
  const { view, scene, scale, colours } = seen;
  const [sx, sy] = [width / scene.lanes.width, height / scale.height];
  ctx.strokeStyle = colours.ink;
  ctx.lineWidth = 2;
  ctx.strokeRect(
    view.x * sx + 1,
    view.y * sy + 1,
    Math.min(width - 2, view.width * sx - 2),
    Math.min(height - 2, view.height * sy - 2),
  );
}

/** All blocks of a scene as plain rectangles, and table time, in a picture of this size. */
export function paintSmall(
  ctx: CanvasRenderingContext2D,
  scene: Scene,
  scale: TimeScale,
  colours: Palette,
  width: number,
  height: number,
): void {
  const [sx, sy] = [width / scene.lanes.width, height / scale.height];
  ctx.fillStyle = colours.panel;
  ctx.fillRect(0, 0, width, height);
  for (const b of scene.blocks) {
    ctx.fillStyle = colours[COLOUR_OF[b.kind]];
    const y = scale.yOf(b.fromSec) * sy;
    ctx.fillRect(b.x * sx, y, Math.max(1, b.width * sx), Math.max(1, scale.yOf(b.toSec) * sy - y));
  }
  ctx.fillStyle = colours.trouble;
  for (const task of scene.troubled) {
    const b = scene.mainOf.get(task);
    if (b) ctx.fillRect(b.x * sx, scale.yOf(b.fromSec) * sy, Math.max(3, b.width * sx), 3);
  }
  ctx.fillStyle = colours.ink;
  ctx.fillRect(0, scale.yOf(scene.plan.tableSec) * sy, width, 1.5);
}
