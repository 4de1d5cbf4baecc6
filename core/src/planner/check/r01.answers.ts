import { withTask, type KnownAnswer } from '../../testing/index.ts';
import type { Plan, PlanBatch } from '../../plan/index.ts';

const withBatch = (plan: Plan, id: string, part: Partial<PlanBatch>): Plan => ({
  ...plan,
  batches: plan.batches.map((b) => (b.id === id ? { ...b, ...part } : b)),
});
/** The plan in which a share comes out of another mother batch, whose dough is as its shares then ask. */
const handedOver = (plan: Plan, share: string, to: string): Plan => {
  const moved = plan.batches.map((b) => (b.id === share ? { ...b, mother: to } : b));
  const fed = (id: string): readonly PlanBatch[] => moved.filter((b) => b.mother === id);
  const sum = (list: readonly PlanBatch[], of: (b: PlanBatch) => number): number => list.reduce((s, b) => s + of(b), 0);
  const mixed = plan.tasks.find((t) => t.batch === to && t.step === 'mix');
  return {
    ...plan,
    // its rest begins when the dough that it now comes from is mixed
    tasks: plan.tasks.map((t) => (t.batch === share && mixed ? { ...t, startSec: mixed.endSec } : t)),
    batches: moved.map((b) =>
      b.station !== null
        ? b
        : {
            ...b,
            pieces: fed(b.id).flatMap((s) => s.pieces),
            doughG: sum(fed(b.id), (s) => s.doughG),
            flourG: sum(fed(b.id), (s) => s.flourG),
            ingredients: b.ingredients.map((i, n) => ({ ...i, g: sum(fed(b.id), (s) => s.ingredients[n]?.g ?? 0) })),
          },
    ),
  };
};

/** R1: everything that is asked for is there once, and nothing else. */
export const R01: readonly KnownAnswer[] = [
  {
    rule: 'R1',
    code: 'task-missing',
    what: 'the welcome is left out',
    of: 'plain',
    inPlan: (p) => ({ ...p, tasks: p.tasks.filter((t) => t.id !== 'welcome') }),
  },
  {
    rule: 'R1',
    code: 'task-missing',
    what: 'a griddle in use is not heated',
    of: 'plain',
    inPlan: (p) => ({ ...p, tasks: p.tasks.filter((t) => t.id !== 'preheat:G1') }),
  },
  {
    rule: 'R1',
    code: 'task-twice',
    what: 'a task stands on the list twice',
    of: 'plain',
    inPlan: (p) => ({ ...p, tasks: [...p.tasks, ...p.tasks.filter((t) => t.id === 'flat@S1:mix')] }),
  },
  {
    rule: 'R1',
    code: 'task-unasked',
    what: 'a break that the class does not ask for',
    of: 'plain',
    inPlan: (p) => ({
      ...p,
      tasks: [...p.tasks, { id: 'break:1', kind: 'break', people: [], startSec: 700, endSec: 760 }],
    }),
  },
  {
    rule: 'R1',
    code: 'task-mislabelled',
    what: 'a task names another batch than its id',
    of: 'plain',
    inPlan: (p) => withTask(p, 'flat@S1:mix', () => ({ batch: 'flat@S2' })),
  },
  {
    rule: 'R1',
    code: 'batch-missing',
    what: 'a batch is not listed',
    of: 'plain',
    inPlan: (p) => ({ ...p, batches: p.batches.filter((b) => b.id !== 'flat@S2') }),
  },
  {
    rule: 'R1',
    code: 'batch-twice',
    what: 'a batch is listed twice',
    of: 'plain',
    inPlan: (p) => ({ ...p, batches: [...p.batches, ...p.batches.slice(0, 1)] }),
  },
  {
    rule: 'R1',
    code: 'batch-unasked',
    what: 'a batch that no bread asks for',
    of: 'plain',
    inPlan: (p) => ({ ...p, batches: [...p.batches, ...p.batches.slice(0, 1).map((b) => ({ ...b, id: 'flat@S9' }))] }),
  },
  {
    rule: 'R1',
    code: 'batch-pieces',
    what: 'a batch lists a piece too few',
    of: 'plain',
    inPlan: (p) => withBatch(p, 'flat@S1', { pieces: p.batches[0]?.pieces.slice(1) ?? [] }),
  },
  {
    rule: 'R1',
    code: 'batch-mislabelled',
    what: 'a batch is said to be for practice',
    of: 'plain',
    inPlan: (p) => withBatch(p, 'flat@S1', { practice: true }),
  },
  {
    rule: 'R1',
    code: 'batch-mother',
    what: 'a station’s own dough names a mother batch',
    of: 'plain',
    inPlan: (p) => withBatch(p, 'flat@S1', { mother: 'flat@ahead1' }),
  },
  {
    rule: 'R1',
    code: 'batch-grams',
    what: 'a gram of dough too much',
    of: 'plain',
    inPlan: (p) => withBatch(p, 'flat@S1', { doughG: (p.batches[0]?.doughG ?? 0) + 1 }),
  },
  {
    rule: 'R1',
    code: 'batch-grams',
    what: 'salt is left out',
    of: 'plain',
    inPlan: (p) =>
      withBatch(p, 'flat@S1', { ingredients: p.batches[0]?.ingredients.filter((i) => i.name !== 'salt') ?? [] }),
  },
  {
    rule: 'R1',
    code: 'mothers-too-many',
    what: 'hands could work all in one mother batch',
    of: 'ahead',
    inClass: (f) => (f['kitchen'].handMaxDoughG = 3000),
  },
  {
    rule: 'R1',
    code: 'mother-names',
    what: 'the mother batch has another number',
    of: 'ahead in one',
    inPlan: (p) => ({
      ...p,
      batches: p.batches.map((b) => ({
        ...b,
        id: b.id.replace('ahead1', 'ahead2'),
        mother: b.mother && 'flat@ahead2',
      })),
      tasks: p.tasks.map((t) =>
        t.batch === 'flat@ahead1' ? { ...t, id: t.id.replace('ahead1', 'ahead2'), batch: 'flat@ahead2' } : t,
      ),
    }),
  },
  {
    rule: 'R1',
    code: 'mothers-unequal',
    what: 'a share that makes one mother batch much heavier than the other',
    of: 'ahead of four',
    inPlan: (p) => handedOver(p, 'flat@S4', p.batches.find((b) => b.id === 'flat@S1')?.mother ?? ''),
  },
];
