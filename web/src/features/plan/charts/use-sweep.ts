import { useEffect, useState } from 'react';
import type { Shaping, SweepPoint, Workshop } from '@hodsman/core';
import { usePlanners } from '../../../store/hooks.ts';

export interface Sweeps {
  readonly griddles: readonly SweepPoint[];
  readonly participants: readonly SweepPoint[];
}

const NONE: Sweeps = { griddles: [], participants: [] };

/** The class in other sizes, as far as it has been planned in the worker. */
export function useSweep(workshop: Workshop, shaping: Shaping | undefined): Sweeps {
  const planners = usePlanners();
  const [found, setFound] = useState<{ readonly of: Workshop; readonly sweeps: Sweeps }>({
    of: workshop,
    sweeps: NONE,
  });
  useEffect(() => {
    if (!shaping) return;
    let isCurrent = true;
    void planners.sweep(workshop, shaping, (over, points) => {
      if (!isCurrent) return;
      setFound((f) => ({ of: workshop, sweeps: { ...(f.of === workshop ? f.sweeps : NONE), [over]: points } }));
    });
    return () => {
      isCurrent = false;
      planners.stopComparing();
    };
  }, [workshop, shaping, planners]);
  return found.of === workshop ? found.sweeps : NONE;
}
