import { taskLines } from '@hodsman/core';
import type { Brush } from './brush.ts';

const ROW_PX = 19;
const SIZE = 13;

/** How high a list of so many times is. */
export const listPx = (rows: number): number => rows * ROW_PX + ROW_PX;

/** The times of a route: a row for each of its tasks beside its block, none over another, with a line from the one to the other. */
export function paintList(brush: Brush): void {
  const { ctx, colours, scene, scale, words, look } = brush;
  const lane = scene.lanes.byId.get('list');
  if (!lane) return;
  let y = 0;
  const blocks = scene.blocks.filter((b) => b.isMain && b.kind !== 'preheat').sort((a, b) => a.fromSec - b.fromSec);
  for (const block of blocks) {
    const at = scale.yOf(block.fromSec);
    y = Math.max(at - 2, y);
    const right = block.x + block.width;
    ctx.globalAlpha = look.selected === undefined || look.selected === block.task.id ? 0.7 : 0.25;
    ctx.strokeStyle = colours.quiet;
    ctx.lineWidth = look.selected === block.task.id ? 2 : 1;
    ctx.beginPath();
    ctx.moveTo(right + 1, at + 1);
    ctx.lineTo(lane.x - 14, at + 1);
    ctx.lineTo(lane.x - 4, y + ROW_PX / 2);
    ctx.lineTo(lane.x, y + ROW_PX / 2);
    ctx.stroke();
    ctx.globalAlpha = 1;
    words.push({
      words: taskLines(scene.workshop, block.task),
      x: lane.x,
      y,
      width: lane.width,
      height: ROW_PX,
      colour: colours.ink,
      sizes: [SIZE],
      align: 'left',
      ground: colours.ground,
      ...(look.selected === block.task.id && { weight: 750 }),
    });
    y += ROW_PX;
  }
}
