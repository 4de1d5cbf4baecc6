import type { KeyboardEvent } from 'react';
import type { Scene } from '../../board/scene.ts';
import { isDirection, stepFrom } from '../../board/walk.ts';

const MINUTE_SEC = 60;
const FIVE_MIN_SEC = 300;

interface Keys {
  readonly scene: Scene | undefined;
  readonly selected: string | undefined;
  readonly onSelect: (task: string) => void;
  /** What is selected is wanted so much later; seconds. */
  readonly onMove: (bySec: number) => void;
  /** What other keys do. */
  readonly acts: Readonly<Record<string, () => unknown>>;
}

/** A key on the board: arrows walk from task to task, with Alt they move the one that is selected, others act. */
export function onBoardKey(e: KeyboardEvent, { scene, selected, onSelect, onMove, acts }: Keys): void {
  if (e.ctrlKey || e.metaKey) return;
  if (!isDirection(e.key)) {
    const act = acts[e.key];
    if (!act) return;
    e.preventDefault();
    act();
    return;
  }
  e.preventDefault();
  if (e.altKey && (e.key === 'ArrowUp' || e.key === 'ArrowDown'))
    onMove((e.key === 'ArrowUp' ? -1 : 1) * (e.shiftKey ? FIVE_MIN_SEC : MINUTE_SEC));
  else if (scene) {
    const next = stepFrom(scene, selected, e.key);
    if (next !== undefined) onSelect(next);
  }
}
