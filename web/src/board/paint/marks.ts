import { clockText } from '@hodsman/core';
import { GUTTER } from '../lanes.ts';
import { fitted } from '../fitted.ts';
import type { Block } from '../blocks.ts';
import { box, setFont, type Brush } from './brush.ts';

const CALLOUT_PX = 20;
const MOST_CALLOUT_WIDTH = 400;

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

/** Broken rules in their place: a frame and a sign at each task, words at the worst of a kind, none over another. */
function paintTroubles(brush: Brush): void {
  const { ctx, colours, scene, view } = brush;
  const taken: { x: number; y: number; width: number }[] = [];
  for (const mark of scene.marks) {
    const block = scene.mainOf.get(mark.task);
    if (!block) continue;
    const f = frameOf(brush, block);
    if (f.y > view.y + view.height + 60 || f.y + f.height < view.y - 60) continue;
    ctx.strokeStyle = colours.trouble;
    ctx.lineWidth = 2.5;
    box(ctx, f.x - 1, f.y - 1, f.width + 2, f.height + 2, 4);
    ctx.stroke();
    if (mark.words === undefined) continue;
    setFont(ctx, 13, 650);
    const words = fitted(mark.words, MOST_CALLOUT_WIDTH, 13);
    const width = ctx.measureText(words).width + 34;
    const x = Math.max(view.x + 4, Math.min(f.x, view.x + view.width - width - 4));
    let y = f.y - CALLOUT_PX - 4 < view.y ? f.y + f.height + 4 : f.y - CALLOUT_PX - 4;
    while (taken.some((t) => x < t.x + t.width && t.x < x + width && Math.abs(t.y - y) < CALLOUT_PX + 2))
      y += CALLOUT_PX + 3;
    taken.push({ x, y, width });
    box(ctx, x, y, width, CALLOUT_PX, 4);
    ctx.fillStyle = colours.trouble;
    ctx.fill();
    ctx.fillStyle = colours['on-trouble'];
    ctx.textAlign = 'left';
    ctx.fillText(words, x + 26, y + 14.5);
    paintSign(ctx, x + 13, y + CALLOUT_PX / 2, colours['on-trouble'], colours.trouble);
  }
}

/** The sign of trouble: a triangle with a stroke. */
function paintSign(ctx: CanvasRenderingContext2D, x: number, y: number, colour: string, ground: string): void {
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
  const x = brush.view.x;
  box(ctx, x + 2, y - 11, GUTTER - 6, 22);
  ctx.fillStyle = colours.ink;
  ctx.fill();
  setFont(ctx, 15, 750);
  ctx.fillStyle = colours.ground;
  ctx.textAlign = 'center';
  ctx.fillText(clockText(scene.workshop, look.ghost.startSec), x + GUTTER / 2, y + 5.5);
}
