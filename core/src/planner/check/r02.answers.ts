import { movedTo, taskOf, withTask, type KnownAnswer } from '../../testing/index.ts';

/** R2: order, waits and windows. */
export const R02: readonly KnownAnswer[] = [
  {
    rule: 'R2',
    code: 'out-of-order',
    what: 'a bread is cooked before it is rolled',
    of: 'plain',
    inPlan: (p) => withTask(p, 'flat/p1/1:cook', (t) => movedTo(t, taskOf(p, 'flat/p1/1:roll').startSec - 200)),
  },
  {
    rule: 'R2',
    code: 'waited-too-long',
    what: 'a rolled piece may wait no more than nine minutes',
    of: 'plain',
    inClass: (f) => (f['breads'][0].steps[3].waitMaxMin = 9),
  },
  {
    rule: 'R2',
    code: 'rest-misplaced',
    what: 'a rest begins a minute late',
    of: 'plain',
    inPlan: (p) => withTask(p, 'flat@S1:rest', (t) => ({ startSec: t.startSec + 60 })),
  },
  {
    rule: 'R2',
    code: 'rest-misplaced',
    what: 'a rest ends a minute early',
    of: 'bench rest',
    inPlan: (p) => withTask(p, 'flat/p1/1:relax', (t) => ({ endSec: t.endSec - 60 })),
  },
  {
    rule: 'R2',
    code: 'place-too-far',
    what: 'a proof that changes with warmth lies too hot',
    of: 'warm',
    inPlan: (p) =>
      withTask(p, 'flat@S1:rest', (t) => ({ at: { kind: 'warm', id: 'oven' }, window: scaled(t.window, 2.5 ** -1.5) })),
  },
  {
    rule: 'R2',
    code: 'window-wrong',
    what: 'a rest lists another window than its step',
    of: 'plain',
    inPlan: (p) =>
      withTask(p, 'flat@S1:rest', (t) => ({
        window: { minSec: 60, idealSec: 1800, maxSec: (t.window?.maxSec ?? 0) - 60 },
      })),
  },
  {
    rule: 'R2',
    code: 'under-rested',
    what: 'a rest asks for more than it gets',
    of: 'bench rest',
    inClass: (f) => (f['breads'][0].steps[3].window = { min: 6000, ideal: 6000, max: 6000 }),
    inPlan: (p) => ({
      ...p,
      tasks: p.tasks.map((t) =>
        t.step === 'relax' ? { ...t, window: { minSec: 360_000, idealSec: 360_000, maxSec: 360_000 } } : t,
      ),
    }),
  },
  {
    rule: 'R2',
    code: 'over-rested',
    what: 'a rest bears less than it gets',
    of: 'bench rest',
    inClass: (f) => (f['breads'][0].steps[3].window = { min: 1, ideal: 5, max: 9 }),
    inPlan: (p) => ({
      ...p,
      tasks: p.tasks.map((t) =>
        t.step === 'relax' ? { ...t, window: { minSec: 60, idealSec: 300, maxSec: 540 } } : t,
      ),
    }),
  },
  {
    rule: 'R2',
    code: 'prepared-late',
    what: 'a side job is not over when its step begins',
    of: 'side job',
    inPlan: (p) => withTask(p, 'flat@S1:chop', (t) => movedTo(t, taskOf(p, 'flat/p1/2:cook').endSec + 60)),
  },
];

type Window = { minSec: number; idealSec: number; maxSec: number } | undefined;
const scaled = (w: Window, by: number): NonNullable<Window> => ({
  minSec: Math.round((w?.minSec ?? 0) * by),
  idealSec: Math.round((w?.idealSec ?? 0) * by),
  maxSec: Math.round((w?.maxSec ?? 0) * by),
});
