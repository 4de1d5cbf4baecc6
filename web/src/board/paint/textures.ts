import type { PaintContext } from '../paint-context.ts';
import { box } from './brush.ts';

/**
 * Each bread of a class has a texture of its own beside its glyph, so that three doughs of one station are told apart from afar and without
 * colour: plain, lying bars, slanted lines, dots.
 */
const TILE_PX = 8;
interface Area {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

/** Multiples of the tile that reach over a stretch, from before its beginning to behind its end. */
function stepsOver(from: number, length: number): readonly number[] {
  const first = Math.floor(from / TILE_PX) - 1;
  const count = Math.ceil((from + length) / TILE_PX) - first + 1;
  return Array.from({ length: count }, (_, i) => (first + i) * TILE_PX);
}

/** Traces a texture over an area; slanted lines are drawn, the others are filled. */
type Tracer = (ctx: PaintContext, area: Area) => void;
const TRACERS: readonly (Tracer | undefined)[] = [
  undefined,
  (ctx, { x, y, width, height }) => {
    for (const top of stepsOver(y, height)) ctx.roundRect(x, top, width, 2.5, 0);
  },
  (ctx, { x, y, width, height }) => {
    // lines that rise to the right cross the area from all along its left and lower edge
    for (const at of stepsOver(x + y, width + height)) {
      ctx.moveTo(x, at - x);
      ctx.lineTo(x + width, at - x - width);
    }
  },
  (ctx, { x, y, width, height }) => {
    for (const top of stepsOver(y, height))
      for (const left of stepsOver(x, width)) ctx.roundRect(left + 2, top + 2, 4, 4, 2);
  },
];
const SLANTED = TRACERS[2];

const ALPHA = 0.34;

/** The texture of the `n`th bread in a colour over a box; nothing for the plain one. */
export function fillTexture(ctx: PaintContext, n: number, colour: string, area: Area): void {
  const trace = TRACERS[n % TRACERS.length];
  if (!trace) return;
  const { x, y, width, height } = area;
  if (ctx.isDrawn !== true) {
    box(ctx, x, y, width, height);
    ctx.fillStyle = tileOn(ctx as CanvasRenderingContext2D, n % TRACERS.length, trace, colour) ?? 'transparent';
    ctx.fill();
    return;
  }
  // tiles of an SVG take a printer a hundred times as long as the lines themselves
  ctx.save();
  box(ctx, x, y, width, height);
  ctx.clip();
  paintIn(ctx, trace, colour, area);
  ctx.restore();
}

function paintIn(ctx: PaintContext, trace: Tracer, colour: string, area: Area): void {
  ctx.globalAlpha *= ALPHA;
  ctx.fillStyle = ctx.strokeStyle = colour;
  ctx.lineWidth = 2;
  ctx.beginPath();
  trace(ctx, area);
  if (trace === SLANTED) ctx.stroke();
  else ctx.fill();
}

/** The tiles that were made for a canvas, by texture and colour. */
const tiles = new WeakMap<CanvasRenderingContext2D, Map<string, CanvasPattern | null>>();

function tileOn(ctx: CanvasRenderingContext2D, n: number, trace: Tracer, colour: string): CanvasPattern | null {
  const known = tiles.get(ctx) ?? new Map<string, CanvasPattern | null>();
  tiles.set(ctx, known);
  const key = `${n} ${colour}`;
  const found = known.get(key);
  if (found !== undefined) return found;
  const tile = document.createElement('canvas');
  tile.width = TILE_PX;
  tile.height = TILE_PX;
  const inside = tile.getContext('2d');
  if (inside) paintIn(inside, trace, colour, { x: 0, y: 0, width: TILE_PX, height: TILE_PX });
  const made = ctx.createPattern(tile, 'repeat');
  known.set(key, made);
  return made;
}
