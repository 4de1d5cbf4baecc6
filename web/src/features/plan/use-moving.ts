import { useState } from 'react';
import type { Look } from '../../board/paint/brush.ts';
import { pinTasks } from '../../planning/shaping.ts';
import { endTrial, settleTrial, tryPins } from '../../planning/trial.ts';
import { useAppDispatch } from '../../store/hooks.ts';

/** A start that is being moved on the board: where it would be, and what comes of it when it is let go or given up. */
export function useMoving() {
  const dispatch = useAppDispatch();
  const [ghost, setGhost] = useState<Look['ghost']>();
  return {
    ghost,
    onMove: (task: string, startSec: number): void => {
      setGhost({ task, startSec });
      void dispatch(tryPins([{ task, startSec }]));
    },
    onDrop: (task: string, startSec: number): void => {
      setGhost(undefined);
      dispatch(settleTrial());
      dispatch(pinTasks([{ task, startSec }]));
    },
    onCancel: (): void => {
      setGhost(undefined);
      dispatch(endTrial());
    },
  };
}
