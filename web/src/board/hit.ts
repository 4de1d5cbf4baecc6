import type { Block } from './block.ts';
import type { Scene } from './scene.ts';
import type { TimeScale } from './time-scale.ts';

/** Short turns are a few pixels high; a pointer is allowed to miss by so much. */
const MISS_PX = 2;

/** What lies under a point of the board; of several the one that is painted last, but anything rather than what is done by many at once. */
export function blockAt(scene: Scene, scale: TimeScale, x: number, y: number): Block | undefined {
  const there = scene.blocks.filter((b) => {
    if (x < b.x - MISS_PX || x > b.x + b.width + MISS_PX) return false;
    return y >= scale.yOf(b.fromSec) - MISS_PX && y <= scale.yOf(b.toSec) + MISS_PX;
  });
  return there.findLast((b) => b.kind !== 'together' && b.kind !== 'preheat') ?? there.at(-1);
}
