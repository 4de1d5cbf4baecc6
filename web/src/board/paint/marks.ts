import { clockText } from '@hodsman/core';
import { GUTTER, TIMES_PX } from '../lanes.ts';
import type { Block } from '../block.ts';
import type { PaintContext } from '../paint-context.ts';
import { box, setFont, type Brush } from './brush.ts';

const SIGN_PX = 15;

/** What is selected, pinned, in trouble, or being moved, over everything else. */
export function paintMarks(brush: Brush): void {
  paintPins(brush);
  paintTroubles(brush);
  paintSelected(brush);
  paintGhost(brush);
}

function frameOf({ scale }: Brush, b: Block): { x: number; y: number; width: number; height: number } {
  const y = scale.yOf(b.fromSec);
  return { x: b.x, y, width: b.width, height: Math.max(3, scale.yOf(b.toSec) - y) };
}

/** A pin: a nail's head with its point to the left of the block. */
function paintPins(brush: Brush): void {
  const { ctx, colours, scene, look } = brush;
  for (const id of look.pinned) {
    const block = scene.mainOf.get(id);
    if (!block) continue;
    const { x, y, width } = frameOf(brush, block);
    const [px, py] = [x + width - 5, y + 3];
    ctx.beginPath();
    ctx.arc(px, py, 5, 0, 6.2832);
    ctx.fillStyle = colours.panel;
    ctx.fill();
    ctx.strokeStyle = colours.ink;
    ctx.lineWidth = 2;
    ctx.stroke();
    ctx.beginPath();
    ctx.arc(px, py, 1.6, 0, 6.2832);
    ctx.fillStyle = colours.ink;
    ctx.fill();
  }
}

/** Broken rules in their place: a frame round each task, and a sign at the edge of the board wherever it hurts, none over another. */
function paintTroubles(brush: Brush): void {
  const { ctx, colours, scene, view } = brush;
  let below = -Infinity;
  const frames = scene.troubled.flatMap((id) => {
    const block = scene.mainOf.get(id);
    return block ? [frameOf(brush, block)] : [];
  });
  for (const f of frames.sort((p, q) => p.y - q.y)) {
    if (f.y > view.y + view.height || f.y + f.height < view.y) continue;
    ctx.strokeStyle = colours.trouble;
    ctx.lineWidth = 2;
    box(ctx, f.x - 1, f.y - 1, f.width + 2, f.height + 2, 4);
    ctx.stroke();
    if (f.y < below) continue;
    paintSign(ctx, view.x + (TIMES_PX + GUTTER) / 2, f.y + SIGN_PX / 2, colours.trouble, colours.ground);
    below = f.y + SIGN_PX + 2;
  }
}

/** The sign of trouble: a triangle with a stroke. */
function paintSign(ctx: PaintContext, x: number, y: number, colour: string, ground: string): void {
  ctx.beginPath();
  ctx.moveTo(x, y - 7);
  ctx.lineTo(x + 7.5, y + 6);
  ctx.lineTo(x - 7.5, y + 6);
  ctx.closePath();
  ctx.fillStyle = colour;
  ctx.fill();
  ctx.fillStyle = ground;
  ctx.fillRect(x - 1, y - 3, 2, 5);
  ctx.fillRect(x - 1, y + 3, 2, 2);
}

function paintSelected(brush: Brush): void {
  const { ctx, colours, scene, look } = brush;
  const block = look.selected === undefined ? undefined : scene.mainOf.get(look.selected);
  if (!block) return;
  const f = frameOf(brush, block);
  ctx.strokeStyle = colours.ink;
  ctx.lineWidth = 3;
  box(ctx, f.x - 2, f.y - 1.5, f.width + 4, f.height + 3, 5);
  ctx.stroke();
}

function paintGhost(brush: Brush): void {
  const { ctx, colours, scene, scale, look } = brush;
  if (!look.ghost) return;
  const block = scene.mainOf.get(look.ghost.task);
  if (!block) return;
  const y = scale.yOf(look.ghost.startSec);
  const height = scale.yOf(look.ghost.startSec + block.toSec - block.fromSec) - y;
  ctx.setLineDash([5, 4]);
  ctx.strokeStyle = colours.ink;
  ctx.lineWidth = 2.5;
  box(ctx, block.x - 2, y, block.width + 4, Math.max(4, height), 5);
  ctx.stroke();
  ctx.setLineDash([]);
  ctx.lineWidth = 1;
  ctx.beginPath();
  ctx.moveTo(brush.view.x, y);
  ctx.lineTo(block.x, y);
  ctx.stroke();
  timeChip(ctx, brush.view.x, y, clockText(scene.workshop, look.ghost.startSec), colours.ink, colours.ground);
}

/** A time at the edge of the board, over the times of the axis. */
function timeChip(ctx: PaintContext, x: number, y: number, time: string, ground: string, colour: string): void {
  box(ctx, x + 1, y - 11, TIMES_PX + 6, 22);
  ctx.fillStyle = ground;
  ctx.fill();
  setFont(ctx, 15, 750);
  ctx.fillStyle = colour;
  ctx.textAlign = 'center';
  ctx.fillText(time, x + TIMES_PX / 2 + 4, y + 5.5);
}

/** The moment that is looked at: a line across the board, its time at the edge. */
export function paintMoment({ ctx, colours, scene, scale, view, look }: Brush): void {
  if (look.atSec === undefined) return;
  const y = scale.yOf(look.atSec);
  ctx.strokeStyle = colours.ink;
  ctx.lineWidth = 1.5;
  ctx.setLineDash([7, 3]);
  ctx.beginPath();
  ctx.moveTo(view.x + GUTTER - 4, y);
  ctx.lineTo(scene.lanes.width, y);
  ctx.stroke();
  ctx.setLineDash([]);
  timeChip(ctx, view.x, y, clockText(scene.workshop, look.atSec), colours.ink, colours.ground);
}
