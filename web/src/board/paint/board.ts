import type { Block, BlockKind } from '../block.ts';
import { paintBands } from './bands.ts';
import { paintBlock } from './block.ts';
import { DIM, type Brush } from './brush.ts';
import { paintFilled } from './filled.ts';
import { paintGlyph } from './glyph.ts';
import { paintGrid, paintTableLine } from './grid.ts';
import { paintList } from './list.ts';
import { paintMarks, paintMoment } from './marks.ts';
import { paintWindow } from './rest.ts';
import { paintTable } from './table.ts';
import type { Written } from './word.ts';
import { writeWords } from './words.ts';

/** What is always in full sight, whatever somebody follows. */
const GROUND: readonly BlockKind[] = ['together', 'preheat'];

/** The whole board, as much of it as is in sight; gives the words that were written. */
export function paintBoard(brush: Brush): readonly Written[] {
  const { ctx, colours, view, scene, look } = brush;
  ctx.fillStyle = colours.ground;
  ctx.fillRect(view.x, view.y, view.width, view.height);
  paintGrid(brush);
  const seen = scene.blocks.filter((b) => isInSight(brush, b));
  const isLit = (b: Block): boolean => !look.lit || look.lit.has(b.task.id) || GROUND.includes(b.kind);
  const paint = (b: Block): void => {
    ctx.globalAlpha = isLit(b) ? 1 : DIM;
    paintBlock(brush, b);
    ctx.globalAlpha = 1;
  };
  // what all do lies under the strands
  seen.filter((b) => b.kind === 'together').forEach(paint);
  paintFilled(brush);
  paintBands(brush);
  paintThreads(brush);
  paintTable(brush);
  paintLines(brush);
  if (scene.distance === 'route') paintList(brush);
  seen.filter((b) => b.kind !== 'together').forEach(paint);
  if (scene.distance !== 'room' || look.selected !== undefined)
    for (const b of seen)
      if (b.kind === 'rest' && !b.isFolded && isLit(b) && (look.lit || !isPieceRest(b))) paintWindow(brush, b);
  paintStarts(brush);
  paintTableLine(brush);
  paintMoment(brush);
  paintMarks(brush);
  return writeWords(brush);
}

const isPieceRest = (b: Block): boolean => b.kind === 'rest' && b.task.piece !== undefined;

function isInSight({ scale, view }: Brush, b: Block): boolean {
  if (b.x > view.x + view.width || b.x + b.width < view.x) return false;
  return scale.yOf(b.fromSec) <= view.y + view.height && scale.yOf(b.toSec) >= view.y;
}

/** Threads to the fire, of what is followed or pointed at alone: otherwise they would cross everything. */
function paintThreads({ ctx, colours, scene, scale, look, pointed }: Brush): void {
  const piece = scene.mainOf.get(pointed ?? '')?.task.piece;
  if (!look.lit && piece === undefined) return;
  ctx.strokeStyle = colours.ember;
  ctx.lineWidth = 2;
  for (const { id, from, to } of scene.threads) {
    if (look.lit?.has(id) !== true && (piece === undefined || from.task.piece !== piece)) continue;
    const [y1, y2] = [scale.yOf(from.toSec) - 1, scale.yOf(to.fromSec) + 4];
    const [x1, x2] = [from.x + from.width, to.x];
    const bend = Math.min(90, Math.abs(x2 - x1) / 2);
    ctx.beginPath();
    ctx.moveTo(x1, y1);
    ctx.bezierCurveTo(x1 + bend, y1, x2 - bend, y2, x2, y2);
    ctx.stroke();
  }
}

/** A line down every piece's share of its strand: what waits is not lost from sight. */
function paintLines({ ctx, colours, scene, scale }: Brush): void {
  ctx.strokeStyle = colours['dough-edge'];
  ctx.lineWidth = 1;
  ctx.beginPath();
  for (const { x, fromSec, toSec } of scene.lines) {
    ctx.moveTo(x, scale.yOf(fromSec));
    ctx.lineTo(x, scale.yOf(toSec));
  }
  ctx.stroke();
}

const MOST_GLYPH_PX = 16;
/** Strands that begin nearer to the head of the board have their glyph there. */
const FAR_PX = 70;

/** The glyph of its bread over the beginning of every strand, where the head of the board is far away. */
function paintStarts(brush: Brush): void {
  const { scene, scale } = brush;
  for (const lane of scene.lanes.lanes) {
    if (lane.isFolded) continue;
    for (const strip of lane.strips) {
      const from = Math.min(...scene.blocks.flatMap((b) => (b.task.batch === strip.id ? [b.fromSec] : [])));
      const size = Math.min(MOST_GLYPH_PX, strip.width - 2);
      if (from < Infinity && scale.yOf(from) - scale.yOf(0) > FAR_PX && size >= 8)
        paintGlyph(brush, strip.bread, strip.x + strip.width / 2, scale.yOf(from) - size / 2 - 3, size);
    }
  }
}
