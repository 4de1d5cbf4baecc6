import { isOnFire, type Plan } from '../plan/index.ts';
import { cookPhases, isRest } from '../method/index.ts';
import type { Workshop } from '../workshop/index.ts';

/**
 * From so many °C on a griddle's surface is hot enough for a heat, read with an infrared thermometer or a surface probe (common practice,
 * from memory: low about 150, medium about 180, high about 210 °C).
 */
export const HOT_FROM_C = { low: 150, medium: 180, high: 210 } as const;

/** What the surface of a griddle should have before its next bread. */
export interface HeatAsked {
  readonly breadName: string;
  readonly heat: keyof typeof HOT_FROM_C;
  readonly fromC: number;
  /** The method names no heat: medium is taken. */
  readonly isAssumed: boolean;
}

/** The heat that the next bread on a griddle is laid on at, from this second of the class; undefined where nothing more lies there. */
export function heatAsked(
  { breads }: Pick<Workshop, 'breads'>,
  plan: Plan,
  griddle: string,
  sec: number,
): HeatAsked | undefined {
  const [next] = plan.tasks
    .filter((t) => isOnFire(t) && t.at?.id === griddle && t.endSec > sec)
    .sort((a, b) => a.startSec - b.startSec);
  const bread = breads.find((b) => b.id === next?.bread);
  const step = bread?.steps.find((s) => s.id === next?.step);
  if (!bread || !step || isRest(step)) return undefined;
  const named = cookPhases(step)[0]?.heat;
  const heat = named ?? 'medium';
  return { breadName: bread.name, heat, fromC: HOT_FROM_C[heat], isAssumed: named === undefined };
}
