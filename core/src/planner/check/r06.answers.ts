import type { Plan, PlanTask } from '../../plan/index.ts';
import { movedTo, taskOf, withTask, withTasks, type KnownAnswer } from '../../testing/index.ts';

const COOK = 'flat/p1/1:cook';
/** Two breads cooked when all else is over: the one on spot 1 of the first griddle, the other on a spot so long after it. */
const beside = (p: Plan, id: string, other: string, spot: number, afterSec: number): Plan => {
  const late = Math.max(...p.tasks.map((t) => t.endSec)) + 600;
  const laid = (t: PlanTask, startSec: number, on: number): PlanTask => ({
    ...movedTo(t, startSec),
    at: { kind: 'griddle', id: 'G1', spot: on },
  });
  const first = withTask(p, other, (t) => laid(t, late, 1));
  return withTask(first, id, (t) => laid(t, late + afterSec, spot));
};
const griddleOf = (t: Pick<PlanTask, 'at'>, id: string): Pick<PlanTask, 'at'> => ({
  at: { kind: 'griddle', id, spot: t.at?.spot ?? 1 },
});

/** R6: griddles, grills and flames. */
export const R06: readonly KnownAnswer[] = [
  {
    rule: 'R6',
    code: 'too-many-people',
    what: 'three people stand where there is room for two',
    of: 'two at a time',
    inPlan: (p) => {
      const two = beside(p, 'flat/p2/2:cook', 'flat/p3/2:cook', 2, 10);
      const start = taskOf(two, 'flat/p3/2:cook').startSec + 20;
      return withTask(two, 'flat/p4/2:cook', (t) => ({
        ...movedTo(t, start),
        at: { kind: 'griddle', id: 'G1', spot: 3 },
      }));
    },
  },
  {
    rule: 'R6',
    code: 'laid-on-together',
    what: 'two people lay on 19 s apart where 20 are asked for',
    of: 'laid on apart',
    inPlan: (p) => beside(p, 'flat/p2/2:cook', 'flat/p3/2:cook', 2, 19),
  },
  {
    rule: 'R6',
    code: 'no-such-spot',
    what: 'a spot that the griddle has not',
    of: 'plain',
    inPlan: (p) => withTask(p, COOK, (t) => ({ at: { kind: 'griddle', id: t.at?.id, spot: 7 } })),
  },
  {
    rule: 'R6',
    code: 'wrong-griddle',
    what: 'a griddle that the station may not use',
    of: 'plain',
    inClass: (f) => (f['stations'][0].griddles = ['G2']),
    inPlan: (p) => withTasks(p, (t) => (t.step === 'cook' ? griddleOf(t, t.id === COOK ? 'G1' : 'G2') : {})),
  },
  {
    rule: 'R6',
    code: 'wrong-griddle',
    what: 'a surface that does not serve',
    of: 'plain',
    inClass: (f) => {
      f['breads'][0].steps[3].surfaces = ['stone'];
      f['kitchen'].griddles[1].surface = 'stone';
    },
    inPlan: (p) => withTasks(p, (t) => (t.step === 'cook' ? griddleOf(t, t.id === COOK ? 'G1' : 'G2') : {})),
  },
  {
    rule: 'R6',
    code: 'spot-taken',
    what: 'two breads on one spot',
    of: 'plain',
    inPlan: (p) => beside(p, 'flat/p2/2:cook', 'flat/p3/2:cook', 1, 10),
  },
  {
    rule: 'R6',
    code: 'reset-too-short',
    what: 'a bread ten seconds after the one before it',
    of: 'plain',
    inPlan: (p) => beside(p, 'flat/p2/2:cook', 'flat/p3/2:cook', 1, 110),
  },
  {
    rule: 'R6',
    code: 'changed-too-soon',
    what: 'another kind of bread half a minute after the first',
    of: 'two breads',
    inPlan: (p) => beside(p, 'other/p2/1:cook', 'flat/p3/1:cook', 1, 130),
  },
  {
    rule: 'R6',
    code: 'changed-too-soon',
    what: 'a bread of another family, though it is cooked alike',
    of: 'two alike',
    inPlan: (p) => beside(p, 'other/p2/1:cook', 'flat/p3/1:cook', 1, 130),
  },
  {
    rule: 'R6',
    code: 'unequal-heat',
    what: 'one bread asks for less heat than the one beside it',
    of: 'two heats',
    inPlan: (p) => beside(p, 'flat/p2/2:cook', 'flat/p3/2:cook', 2, 60),
  },
  {
    rule: 'R6',
    code: 'too-many-at-once',
    what: 'small breads beside a large one that leaves no room for them',
    of: 'two schools',
    inPlan: (p) => beside(p, 'other/p2/1:cook', 'flat/p3/1:cook', 2, 10),
  },
  {
    rule: 'R6',
    code: 'carried-with-bread',
    what: 'a griddle goes to the flame with another bread on it',
    of: 'carried',
    inPlan: (p) => beside(p, 'flat/p2/2:cook', 'flat/p3/2:cook', 2, 90),
  },
  {
    rule: 'R6',
    code: 'preheat-length',
    what: 'a griddle is heated a minute too short',
    of: 'plain',
    inPlan: (p) => withTask(p, 'preheat:G1', (t) => ({ endSec: t.endSec - 60 })),
  },
  {
    rule: 'R6',
    code: 'preheat-late',
    what: 'a griddle is heated after its first bread',
    of: 'plain',
    inPlan: (p) => withTask(p, 'preheat:G1', (t) => movedTo(t, 40_000)),
  },
  {
    rule: 'R6',
    code: 'no-such-place',
    what: 'a griddle that the kitchen has not',
    of: 'plain',
    inPlan: (p) => withTask(p, COOK, () => ({ at: { kind: 'griddle', id: 'G9', spot: 1 } })),
  },
  {
    rule: 'R6',
    code: 'slots-full',
    what: 'two breads under a grill of one slot',
    of: 'grill',
    inPlan: (p) => withTask(p, 'flat/p2/2:brown', (t) => movedTo(t, taskOf(p, 'flat/p3/2:brown').startSec + 10)),
  },
  {
    rule: 'R6',
    code: 'not-at-the-fire',
    what: 'a phase at the flame is ten seconds short of it',
    of: 'carried',
    inPlan: (p) => withTask(p, COOK, (t) => ({ with: (t.with ?? []).map((w) => ({ ...w, endSec: w.endSec - 10 })) })),
  },
  {
    rule: 'R6',
    code: 'fire-for-nothing',
    what: 'a flame that no phase takes',
    of: 'carried',
    inPlan: (p) =>
      withTask(p, COOK, (t) => ({
        with: [...(t.with ?? []), { kind: 'flame', id: 'F1', startSec: t.startSec, endSec: t.startSec + 10 }],
      })),
  },
];
