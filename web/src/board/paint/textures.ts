/**
 * Each bread of a class has a texture of its own beside its glyph, so that three doughs of one station are told apart from afar and without
 * colour: plain, lying bars, slanted lines, dots.
 */
const TILE_PX = 8;
type Painter = (ctx: CanvasRenderingContext2D) => void;
const PAINTERS: readonly (Painter | undefined)[] = [
  undefined,
  (ctx) => ctx.fillRect(0, 0, TILE_PX, 2.5),
  (ctx) => {
    ctx.lineWidth = 2;
    ctx.beginPath();
    for (const d of [-TILE_PX, 0, TILE_PX]) {
      ctx.moveTo(d - 1, TILE_PX + 1);
      ctx.lineTo(d + TILE_PX + 1, -1);
    }
    ctx.stroke();
  },
  (ctx) => {
    ctx.beginPath();
    ctx.arc(TILE_PX / 2, TILE_PX / 2, 2, 0, 6.2832);
    ctx.fill();
  },
];

const ALPHA = 0.34;

/** The tiles that were made for a canvas, by texture and colour. */
const tiles = new WeakMap<CanvasRenderingContext2D, Map<string, CanvasPattern | null>>();

/** The texture of the `n`th bread in a colour; null for the plain one. */
export function textureOf(ctx: CanvasRenderingContext2D, n: number, colour: string): CanvasPattern | null {
  const painter = PAINTERS[n % PAINTERS.length];
  if (!painter) return null;
  const known = tiles.get(ctx) ?? new Map<string, CanvasPattern | null>();
  tiles.set(ctx, known);
  const key = `${n % PAINTERS.length} ${colour}`;
  const found = known.get(key);
  if (found !== undefined) return found;
  const tile = document.createElement('canvas');
  tile.width = TILE_PX;
  tile.height = TILE_PX;
  const inside = tile.getContext('2d');
  if (inside) {
    inside.globalAlpha = ALPHA;
    inside.fillStyle = colour;
    inside.strokeStyle = colour;
    painter(inside);
  }
  const made = ctx.createPattern(tile, 'repeat');
  known.set(key, made);
  return made;
}
