import { movedTo, taskOf, withTask, type KnownAnswer } from '../../testing/index.ts';

/** R3, durations; R4, people; R5, benches. */
export const R03_R05: readonly KnownAnswer[] = [
  {
    rule: 'R3',
    code: 'wrong-length',
    what: 'mixing ends a minute early',
    of: 'plain',
    inPlan: (p) => ({
      ...withTask(p, 'flat@S1:mix', (t) => ({ endSec: t.endSec - 60 })),
      tasks: p.tasks.map((t) =>
        t.id === 'flat@S1:mix'
          ? { ...t, endSec: t.endSec - 60 }
          : t.id === 'flat@S1:rest'
            ? { ...t, startSec: t.startSec - 60 }
            : t,
      ),
    }),
  },
  {
    rule: 'R3',
    code: 'wrong-length',
    what: 'a demonstration lasts a minute longer',
    of: 'demonstration',
    inPlan: (p) => withTask(p, 'demo:flat:roll', (t) => ({ endSec: t.endSec + 60 })),
  },
  {
    rule: 'R3',
    code: 'wrong-turns',
    what: 'a bread is turned ten seconds late',
    of: 'plain',
    inPlan: (p) => withTask(p, 'flat/p1/1:cook', (t) => ({ turnsSec: (t.turnsSec ?? []).map((s) => s + 10) })),
  },
  {
    rule: 'R4',
    code: 'unknown-person',
    what: 'a break names somebody who is not there',
    of: 'break',
    inPlan: (p) => withTask(p, 'break:1', (t) => ({ people: [...t.people, 'nobody'] })),
  },
  {
    rule: 'R4',
    code: 'two-at-once',
    what: 'somebody rolls while their first bread is on the griddle',
    of: 'plain',
    inPlan: (p) => withTask(p, 'flat/p1/1:cook', (t) => movedTo(t, taskOf(p, 'flat/p1/2:roll').startSec + 10)),
  },
  {
    rule: 'R4',
    code: 'two-at-once',
    what: 'somebody rolls while the first side of their bread cooks, which takes their hands throughout',
    of: 'plain',
    inClass: (f) => (f['breads'][0].steps[2].minutes = 0.5),
    inPlan: (p) => {
      const quick = { ...p, tasks: p.tasks.map((t) => (t.step === 'roll' ? { ...t, endSec: t.startSec + 30 } : t)) };
      return withTask(quick, 'flat/p1/1:cook', (t) => movedTo(t, taskOf(p, 'flat/p1/2:roll').startSec - 25));
    },
  },
  {
    rule: 'R4',
    code: 'wrong-people',
    what: 'somebody else of the station rolls a bread',
    of: 'plain',
    inPlan: (p) => withTask(p, 'flat/p1/1:roll', () => ({ people: ['p2'] })),
  },
  {
    rule: 'R4',
    code: 'wrong-people',
    what: 'one of a team is left out',
    of: 'plain',
    inPlan: (p) => withTask(p, 'flat@S1:mix', () => ({ people: ['p1'] })),
  },
  {
    rule: 'R5',
    code: 'no-bench',
    what: 'work at no bench',
    of: 'plain',
    inPlan: (p) => withTask(p, 'flat/p1/1:roll', () => ({ at: { kind: 'bench' } })),
  },
  {
    rule: 'R5',
    code: 'wrong-bench',
    what: 'a station at another’s bench',
    of: 'plain',
    inPlan: (p) => withTask(p, 'flat/p1/1:roll', () => ({ at: { kind: 'bench', id: 'B2' } })),
  },
  {
    rule: 'R5',
    code: 'bench-full',
    what: 'two at a bench of one seat',
    of: 'plain',
    inClass: (f) => (f['kitchen'].benches[0].seats = 1),
  },
];
