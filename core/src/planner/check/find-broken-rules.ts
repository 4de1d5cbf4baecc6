import type { Break, BrokenRule, Plan } from '../../plan/index.ts';
import { breakWords } from '../../words/index.ts';
import type { Workshop } from '../../workshop/index.ts';
import { expectedDemos } from './demo-jobs.ts';
import { factsOf } from './facts.ts';
import { griddleUse } from './griddle-use.ts';
import { isActiveJob, isRestJob, unitsOf } from './jobs.ts';
import { checkBatches } from './r01-batches.ts';
import { matchTasks } from './r01-complete.ts';
import { checkOrder } from './r02-order.ts';
import { checkDurations } from './r03-durations.ts';
import { checkPeople } from './r04-people.ts';
import { checkBenches } from './r05-benches.ts';
import { checkGriddles } from './r06-griddles.ts';
import { checkCrowd } from './r06-crowd.ts';
import { checkSlots } from './r06-slots.ts';
import { checkMixers } from './r07-mixers.ts';
import { checkPlaces } from './r08-places.ts';
import { checkStaff } from './r09-staff.ts';
import { checkLooks } from './r09-looks.ts';
import { checkDemoDough, checkDemos } from './r10-demos.ts';
import { checkTable } from './r11-table.ts';
import { checkHours } from './r12-hours.ts';
import { checkAvoided, checkPrepared } from './r13-avoided.ts';
import { checkOutOfCold } from './r14-cold.ts';
import { newReport } from './report.ts';

interface Asked {
  readonly goal?: Plan['goal'];
  /** Griddles that turned out slower (above 1) or faster than the breads say, once a class is under way. */
  readonly paces?: ReadonlyMap<string, number> | undefined;
}

/**
 * Every rule that a plan breaks, in the order R1 to R14. Goal `short` leaves R11 out (formats note, section 4).
 * Assumes a workshop and a plan that were read without faults. Measures and the plan's own `broken` list are not looked at.
 */
function findBreaks(workshop: Workshop, plan: Plan, { goal = plan.goal, paces }: Asked): readonly Break[] {
  const { broken, say } = newReport();
  const facts = factsOf(workshop, paces);
  const units = unitsOf(facts, plan);
  const demos = expectedDemos(facts, plan);
  const jobs = matchTasks(facts, units, demos, plan, say);
  const active = jobs.filter(isActiveJob);
  const rests = jobs.filter(isRestJob);
  const use = griddleUse(facts, active, demos);
  checkBatches(facts, units, plan, say);
  checkOrder(facts, units, jobs, say);
  checkDurations(facts, active, demos, say);
  checkPeople(facts, active, demos, plan, say);
  checkBenches(facts, active, say);
  checkGriddles(facts, use, plan, say);
  checkCrowd(facts, use, say);
  checkSlots(facts, active, say);
  checkMixers(facts, active, say);
  checkPlaces(facts, rests, say);
  checkStaff(facts, active, use, demos, say);
  checkLooks(facts, active, plan, say);
  checkDemos(facts, active, demos, use, say);
  checkDemoDough(facts, units, jobs, demos, say);
  checkTable(facts, units, jobs, goal, say);
  checkHours(facts, active, rests, demos, use, plan, say);
  checkAvoided(facts, active, say);
  checkPrepared(facts, active, say);
  checkOutOfCold(facts, units, jobs, say);
  const rank = (b: Break): number => Number(b.rule.slice(1));
  return broken.sort((a, b) => rank(a) - rank(b));
}

/** The same as a plan file lists it: each with a sentence. */
export function findBrokenRules(workshop: Workshop, plan: Plan, asked: Asked = {}): readonly BrokenRule[] {
  return findBreaks(workshop, plan, asked).map(({ params, ...b }) => ({
    ...b,
    tasks: [...b.tasks],
    message: breakWords(workshop, { ...b, params } as Break),
  }));
}
