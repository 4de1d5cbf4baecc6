import { handsOf, situationOf, type Hands, type Situation } from '../planner/index.ts';
import type { Plan } from '../plan/index.ts';
import type { Workshop } from '../workshop/index.ts';
import { planFigures, type PlanFigures } from './figures.ts';
import { fireTurns, type FireTurns } from './fires.ts';
import { idleGaps, type IdleGap } from './idle.ts';
import { pieceRuns, type PieceRun } from './pieces.ts';

/** What follows from a plan of a class, each worked out when it is first asked for and never again. */
export interface PlanFacts {
  readonly workshop: Workshop;
  readonly plan: Plan;
  readonly runs: () => readonly PieceRun[];
  readonly fires: () => readonly FireTurns[];
  readonly gaps: () => readonly IdleGap[];
  readonly figures: () => PlanFigures;
  readonly situation: () => Situation;
  readonly hands: () => ReadonlyMap<string, readonly Hands[]>;
}

function once<T>(make: () => T): () => T {
  let made: { readonly value: T } | undefined;
  return () => (made ??= { value: make() }).value;
}

export function planFacts(workshop: Workshop, plan: Plan): PlanFacts {
  const situation = once(() => situationOf(workshop, plan));
  return {
    workshop,
    plan,
    runs: once(() => pieceRuns(workshop, plan)),
    fires: once(() => fireTurns(workshop, plan)),
    gaps: once(() => idleGaps(workshop, plan)),
    figures: once(() => planFigures(workshop, plan)),
    situation,
    hands: once(() => handsOf(situation())),
  };
}
