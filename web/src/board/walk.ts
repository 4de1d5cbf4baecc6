import type { Plan, PlanTask } from '@hodsman/core';
import type { Block } from './block.ts';
import type { Scene } from './scene.ts';

export type Direction = 'ArrowUp' | 'ArrowDown' | 'ArrowLeft' | 'ArrowRight';

export const isDirection = (key: string): key is Direction =>
  ['ArrowUp', 'ArrowDown', 'ArrowLeft', 'ArrowRight'].includes(key);

/** The tasks before and after one on its strand: of a piece its dough's last before its first, of a dough its first piece's after its last. */
function alongStrand(plan: Plan, task: PlanTask, isLater: boolean): PlanTask | undefined {
  const batch = plan.batches.find((b) => b.id === task.batch || b.pieces.includes(task.piece ?? '')) ?? undefined;
  const own = plan.tasks.filter((t) =>
    task.piece === undefined ? t.batch !== undefined && t.batch === task.batch : t.piece === task.piece,
  );
  const i = own.indexOf(task);
  const next = own[isLater ? i + 1 : i - 1];
  if (next || !batch) return next;
  if (isLater && task.piece === undefined) {
    const shares = plan.batches.filter((b) => b.mother === task.batch).map((b) => b.id);
    return plan.tasks.find(
      (t) => shares.includes(t.batch ?? '') || (t.piece !== undefined && batch.pieces.includes(t.piece)),
    );
  }
  const above = task.piece === undefined ? batch.mother : (stationBatch(plan, task.piece) ?? null);
  return isLater || above === null ? undefined : plan.tasks.findLast((t) => t.batch === above);
}

/** The station's batch or share of a piece, not the mother batch that lists it too. */
const stationBatch = (plan: Plan, piece: string): string | undefined =>
  plan.batches.find((b) => b.station !== null && b.pieces.includes(piece))?.id;

/** The task to go to from one with an arrow key: along its strand up and down, what else happens then to the sides. */
export function stepFrom(scene: Scene, from: string | undefined, direction: Direction): string | undefined {
  const { plan, blocks, mainOf } = scene;
  const here = from === undefined ? undefined : mainOf.get(from);
  if (!here) return blocks.find((b) => b.isMain && b.task.kind !== 'preheat')?.task.id;
  if (direction === 'ArrowUp' || direction === 'ArrowDown')
    return alongStrand(plan, here.task, direction === 'ArrowDown')?.id ?? beside(scene, here, direction)?.task.id;
  return beside(scene, here, direction)?.task.id;
}

/** Sideways distance counts more, so that the arrows keep to a moment or a column where they can. */
const ASIDE = 3;
const SEC_PER_PX = 8;

/** The nearest block in a direction, by the distance between their middles. */
function beside({ blocks }: Scene, from: Block, direction: Direction): Block | undefined {
  const isDown = direction === 'ArrowUp' || direction === 'ArrowDown';
  const sign = direction === 'ArrowUp' || direction === 'ArrowLeft' ? -1 : 1;
  const middle = (b: Block): readonly [number, number] => [b.x + b.width / 2, (b.fromSec + b.toSec) / 2 / SEC_PER_PX];
  const [x0, y0] = middle(from);
  let best: { readonly block: Block; readonly distance: number } | undefined;
  for (const block of blocks) {
    if (!block.isMain || block === from) continue;
    const [x, y] = middle(block);
    const along = sign * (isDown ? y - y0 : x - x0);
    if (along <= 0.5) continue;
    const distance = along + ASIDE * Math.abs(isDown ? x - x0 : y - y0);
    if (!best || distance < best.distance) best = { block, distance };
  }
  return best?.block;
}
