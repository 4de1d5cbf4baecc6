import type { Block } from './layout.ts';

export type Direction = 'ArrowUp' | 'ArrowDown' | 'ArrowLeft' | 'ArrowRight';

export const isDirection = (key: string): key is Direction => key.startsWith('Arrow');

/** Sideways distance counts double, so that the arrows keep to a strand or a moment where they can. */
const ASIDE = 2;

/** The nearest block from another in a direction, by the distance between their middles; undefined at the edge. */
export function neighbourOf(blocks: readonly Block[], from: Block, direction: Direction): Block | undefined {
  const middle = (b: Block): { readonly x: number; readonly y: number } => ({
    x: b.x + b.width / 2,
    y: b.y + b.height / 2,
  });
  const start = middle(from);
  const isDown = direction === 'ArrowUp' || direction === 'ArrowDown';
  const sign = direction === 'ArrowUp' || direction === 'ArrowLeft' ? -1 : 1;
  let best: { readonly block: Block; readonly distance: number } | undefined;
  for (const block of blocks) {
    const { x, y } = middle(block);
    const along = sign * (isDown ? y - start.y : x - start.x);
    const aside = Math.abs(isDown ? x - start.x : y - start.y);
    if (along <= 0.5) continue;
    const distance = along + ASIDE * aside;
    if (!best || distance < best.distance) best = { block, distance };
  }
  return best?.block;
}
