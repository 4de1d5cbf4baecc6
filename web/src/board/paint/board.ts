import type { Block, BlockKind } from '../blocks.ts';
import { paintBlock } from './block.ts';
import { DIM, type Brush } from './brush.ts';
import { paintGrid, paintTableLine } from './grid.ts';
import { paintMarks } from './marks.ts';
import { paintWindow } from './rest.ts';
import { paintTable } from './table.ts';

/** What is always in full sight, whatever somebody follows. */
const GROUND: readonly BlockKind[] = ['together', 'preheat'];

/** The whole board, as much of it as is in sight. */
export function paintBoard(brush: Brush): void {
  const { ctx, colours, view, scene, look } = brush;
  ctx.fillStyle = colours.ground;
  ctx.fillRect(view.x, view.y, view.width, view.height);
  paintGrid(brush);
  paintThreads(brush);
  paintTable(brush);
  const seen = scene.blocks.filter((b) => isInSight(brush, b));
  const isLit = (b: Block): boolean => !look.lit || look.lit.has(b.task.id) || GROUND.includes(b.kind);
  // pieces rest beside what their owners do meanwhile, so they come over it
  for (const b of [...seen.filter((x) => !isPieceRest(x)), ...seen.filter(isPieceRest)]) {
    ctx.globalAlpha = isLit(b) ? 1 : DIM;
    paintBlock(brush, b);
  }
  ctx.globalAlpha = 1;
  for (const b of seen)
    if (b.kind === 'rest' && !b.isFolded && isLit(b) && (look.lit || !isPieceRest(b))) paintWindow(brush, b);
  paintTableLine(brush);
  paintMarks(brush);
}

const isPieceRest = (b: Block): boolean => b.kind === 'rest' && b.task.piece !== undefined;

function isInSight({ scale, view }: Brush, b: Block): boolean {
  if (b.x > view.x + view.width || b.x + b.width < view.x) return false;
  return scale.yOf(b.fromSec) <= view.y + view.height && scale.yOf(b.toSec) >= view.y;
}

/** For every bread a thread from where it was shaped to its first fire. */
function paintThreads({ ctx, colours, scene, scale, look, view }: Brush): void {
  ctx.strokeStyle = colours.ember;
  for (const { id, from, to } of scene.threads) {
    const [y1, y2] = [scale.yOf(from.toSec) - 1, scale.yOf(to.fromSec) + 4];
    if (y2 < view.y || y1 > view.y + view.height) continue;
    const isLit = look.lit?.has(id) === true;
    ctx.globalAlpha = look.lit ? (isLit ? 1 : 0.1) : 0.4;
    ctx.lineWidth = isLit ? 2.5 : 1;
    const [x1, x2] = [from.x + from.width, to.x];
    const bend = Math.min(90, Math.abs(x2 - x1) / 2);
    ctx.beginPath();
    ctx.moveTo(x1, y1);
    ctx.bezierCurveTo(x1 + bend, y1, x2 - bend, y2, x2, y2);
    ctx.stroke();
  }
  ctx.globalAlpha = 1;
}
