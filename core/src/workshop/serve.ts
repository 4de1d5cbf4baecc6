import { spotsOnGriddle, type Griddle, type Kitchen } from '../kitchen/index.ts';
import { cookPhases, type ActiveStep } from '../method/index.ts';
import type { Bread } from '../bread/index.ts';
import type { Station } from './schema.ts';

/**
 * The griddles that may take a bread's step for a station (or for nobody in particular): it fits, the surface serves, the
 * station may use it, and it can be carried where a phase asks for that (rule R6).
 */
export function servingGriddles(
  kitchen: Kitchen,
  bread: Bread,
  step: ActiveStep,
  station: Station | null,
): readonly Griddle[] {
  const isCarried = cookPhases(step).some((p) => p.with !== undefined);
  const surfaces = step.kind === 'cook' ? step.surfaces : undefined;
  return kitchen.griddles.filter(
    (g) =>
      spotsOnGriddle(g, bread, kitchen.griddleGapCm) > 0 &&
      (surfaces === undefined || surfaces.includes(g.surface)) &&
      (station?.griddles === undefined || station.griddles.includes(g.id)) &&
      (!isCarried || g.portable === true),
  );
}
