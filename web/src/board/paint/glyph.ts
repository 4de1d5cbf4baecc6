import { outlineOf } from '../../bread-ui/outlines.ts';
import { pathOf } from '../paint-context.ts';
import type { Brush } from './brush.ts';

/** A bread's small drawing about a point. */
export function paintGlyph(
  { ctx, colours, scene }: Pick<Brush, 'ctx' | 'colours' | 'scene'>,
  bread: string | undefined,
  x: number,
  y: number,
  size: number,
): void {
  const shape = scene.workshop.breads.find((b) => b.id === bread)?.piece.shape;
  const path = pathOf(outlineOf(shape));
  ctx.save();
  ctx.translate(x, y);
  ctx.scale(size / 2, size / 2);
  ctx.fillStyle = colours.dough;
  ctx.fill(path);
  ctx.strokeStyle = colours.ink;
  ctx.lineWidth = 3 / size;
  ctx.lineJoin = 'round';
  ctx.stroke(path);
  ctx.restore();
}
