import { spotsOnGriddle, type Griddle, type Kitchen } from '../kitchen/index.ts';
import { cookPhases, type ActiveStep, type CookStep } from '../method/index.ts';
import type { Bread } from '../bread/index.ts';
import type { Station } from './schema.ts';

/** What a bread's step asks of a griddle, whoever stands at it. */
export interface GriddleWanted {
  /** The bread's id. */
  readonly bread: string;
  readonly piece: Bread['piece'];
  /** Undefined: any. */
  readonly surfaces?: CookStep['surfaces'];
  /** It is carried to another fire. */
  readonly isCarried: boolean;
}

export const griddleWanted = (bread: Bread, step: ActiveStep): GriddleWanted => ({
  bread: bread.id,
  piece: bread.piece,
  isCarried: cookPhases(step).some((p) => p.with !== undefined),
  ...(step.kind === 'cook' && step.surfaces !== undefined && { surfaces: step.surfaces }),
});

/** Whether a griddle of a kitchen serves: the bread fits, the surface is right, and it can be carried where that is asked. */
export const serves = (kitchen: Kitchen, griddle: Griddle, wanted: GriddleWanted): boolean =>
  spotsOnGriddle(griddle, { id: wanted.bread, piece: wanted.piece }, kitchen.griddleGapCm) > 0 &&
  (wanted.surfaces === undefined || wanted.surfaces.includes(griddle.surface)) &&
  (!wanted.isCarried || griddle.portable === true);

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
  const wanted = griddleWanted(bread, step);
  const may = (g: Griddle): boolean => station?.griddles === undefined || station.griddles.includes(g.id);
  return kitchen.griddles.filter((g) => may(g) && serves(kitchen, g, wanted));
}
