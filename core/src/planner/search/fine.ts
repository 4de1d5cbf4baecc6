import type { Problem, Unit } from './problem.ts';

/**
 * The same problem with every activity of a job as a unit of its own, so that the search may put another's between two that are tied by a
 * short wait: somebody rolls their second bread while the first waits. Undefined where no job has two activities.
 */
export function fineProblem(problem: Problem): Problem | undefined {
  const isTied = (u: Unit): boolean => u.role === 'job' && u.activities.length > 1;
  if (!problem.units.some(isTied)) return undefined;
  const units = problem.units.flatMap((u, part): readonly Unit[] =>
    isTied(u)
      ? u.activities.map((a, i) => ({ ...u, activities: [a], stage: STAGES * u.stage + i, part }))
      : [{ ...u, stage: STAGES * u.stage }],
  );
  return { ...problem, units };
}

/** More than the activities of any unit. */
const STAGES = 100;
