import { movedTo, taskOf, withTask, type KnownAnswer } from '../../testing/index.ts';

const ROLL = 'flat/p1/1:roll';

/** R7, mixers and hands; R8, places; R9, staff. */
export const R07_R09: readonly KnownAnswer[] = [
  {
    rule: 'R9',
    code: 'look-missing',
    what: 'nobody looks where somebody should',
    of: 'looked at',
    inPlan: (p) => withTask(p, ROLL, () => ({ look: undefined })),
  },
  {
    rule: 'R9',
    code: 'look-by',
    what: 'a participant looks',
    of: 'looked at',
    inPlan: (p) => withTask(p, ROLL, (t) => ({ look: t.look && { ...t.look, by: 'p2' } })),
  },
  {
    rule: 'R9',
    code: 'look-misplaced',
    what: 'staff look a second too early',
    of: 'looked at',
    inPlan: (p) => withTask(p, ROLL, (t) => ({ look: t.look && { ...t.look, startSec: t.look.startSec - 1 } })),
  },
  {
    rule: 'R9',
    code: 'look-misplaced',
    what: 'staff look before the first turn',
    of: 'looked at',
    inPlan: (p) =>
      withTask(p, 'flat/p1/1:cook', (t) => ({
        look: t.look && { ...t.look, startSec: t.startSec, endSec: t.startSec + 20 },
      })),
  },
  {
    rule: 'R9',
    code: 'look-for-nothing',
    what: 'staff look where nobody asked for it',
    of: 'plain',
    inPlan: (p) => withTask(p, ROLL, (t) => ({ look: { by: 'lead', startSec: t.endSec - 60, endSec: t.endSec } })),
  },
  {
    rule: 'R7',
    code: 'no-mixer',
    what: 'dough at no mixer',
    of: 'mixer',
    inPlan: (p) => withTask(p, 'flat@S1:mix', () => ({ at: { kind: 'mixer', id: 'M9' } })),
  },
  {
    rule: 'R7',
    code: 'mixer-too-small',
    what: 'more dough than the mixer takes',
    of: 'mixer',
    inClass: (f) => (f['kitchen'].mixers[0].maxDoughG = 300),
  },
  {
    rule: 'R7',
    code: 'mixer-taken',
    what: 'two doughs in one mixer',
    of: 'mixer',
    inPlan: (p) => {
      const late = movedTo(taskOf(p, 'flat@S2:mix'), taskOf(p, 'flat@S1:mix').startSec + 60);
      return {
        ...p,
        tasks: p.tasks.map((t) =>
          t.id === late.id ? late : t.id === 'flat@S2:rest' ? { ...t, startSec: late.endSec } : t,
        ),
      };
    },
  },
  {
    rule: 'R7',
    code: 'too-much-by-hand',
    what: 'more dough than hands work',
    of: 'plain',
    inClass: (f) => (f['kitchen'].handMaxDoughG = 300),
  },
  {
    rule: 'R8',
    code: 'wrong-place',
    what: 'a rest on another kind of place',
    of: 'plain',
    inPlan: (p) => withTask(p, 'flat@S1:rest', () => ({ at: { kind: 'warm', id: 'shelf' } })),
  },
  {
    rule: 'R8',
    code: 'place-full',
    what: 'two doughs on a shelf for one',
    of: 'plain',
    inClass: (f) => (f['kitchen'].places[0].batches = 1),
    inPlan: (p) => p,
  },
  {
    rule: 'R8',
    code: 'place-full',
    what: 'a mother batch counts as its two shares, in a fridge for one',
    of: 'chilled',
    inClass: (f) => (f['kitchen'].places[1].batches = 1),
  },
  {
    rule: 'R9',
    code: 'not-one-staff',
    what: 'a dough ahead that nobody makes',
    of: 'ahead in one',
    inPlan: (p) =>
      withTask(p, 'flat@ahead1:mix', (t) => ({ people: [], startSec: t.endSec - 2 * (t.endSec - t.startSec) })),
  },
  {
    rule: 'R9',
    code: 'not-one-staff',
    what: 'a phase at the flame that nobody holds',
    of: 'carried',
    inPlan: (p) =>
      withTask(p, 'flat/p1/1:cook', (t) => ({
        with: (t.with ?? []).map(({ kind, id, startSec, endSec }) => ({ kind, id, startSec, endSec })),
      })),
  },
  {
    rule: 'R9',
    code: 'griddles-unwatched',
    what: 'two griddles with bread and one to watch one',
    of: 'plain',
    inClass: (f) => (f['kitchen'].griddlesPerStaff = 1),
    inPlan: (p) => {
      const at = taskOf(p, 'flat/p3/2:cook');
      const on = withTask(p, at.id, () => ({ at: { kind: 'griddle', id: 'G1', spot: 1 } }));
      return withTask(on, 'flat/p2/2:cook', (t) => ({
        ...movedTo(t, at.startSec + 10),
        at: { kind: 'griddle', id: 'G2', spot: 1 },
      }));
    },
  },
];
