import type { Filled } from '../scene.ts';
import { clearOf } from './block.ts';
import type { Brush } from './brush.ts';

const DASH_PX = [5, 4];

/** What fills idle time: an outline across the stations of those who take part, under their strands; nobody's task. */
export function paintFilled(brush: Brush): void {
  for (const filled of brush.scene.filled) paintOne(brush, filled);
}

function paintOne({ ctx, colours, words, scene, scale }: Brush, { x, width, filling }: Filled): void {
  const { fromSec, toSec } = filling;
  const y = scale.yOf(fromSec);
  const height = scale.yOf(toSec) - y;
  ctx.setLineDash(DASH_PX);
  ctx.strokeStyle = colours.hands;
  ctx.lineWidth = 1.5;
  ctx.strokeRect(x + 1, y + 1, width - 2, height - 2);
  ctx.setLineDash([]);
  for (const [from, to] of clearOf(scene.blocks, { x, width, fromSec, toSec }))
    words.push({
      words: [filling.words],
      x: from,
      y,
      width: to - from,
      height,
      colour: colours.ink,
      sizes: [13, 11],
      weight: 600,
      align: 'left',
    });
}
