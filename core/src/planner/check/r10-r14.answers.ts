import { movedTo, taskOf, withTask, type KnownAnswer } from '../../testing/index.ts';

const DEMO = 'demo:flat:roll';
const AT_GRIDDLE = 'demo:flat:cook';

/** R10, demonstrations; R11, the table; R12, hours; R13, avoided foods; R14, time out of the cold. */
export const R10_R14: readonly KnownAnswer[] = [
  {
    rule: 'R10',
    code: 'demo-without-dough',
    what: 'pieces are shown of a dough that has not rested its least',
    of: 'pieces to show',
    inPlan: (p) => withTask(p, DEMO, (t) => movedTo(t, taskOf(p, 'flat@S2:mix').endSec + 59)),
  },
  {
    rule: 'R13',
    code: 'prepares-avoided',
    what: 'somebody melts the butter that they avoid',
    of: 'butter to melt',
    inPlan: (p) => withTask(p, 'flat@S1:melt', () => ({ people: ['p1'] })),
  },
  {
    rule: 'R10',
    code: 'demo-missing',
    what: 'a demonstration is left out',
    of: 'demonstration',
    inPlan: (p) => ({ ...p, tasks: p.tasks.filter((t) => t.id !== DEMO) }),
  },
  {
    rule: 'R10',
    code: 'demo-instructor',
    what: 'nobody demonstrates',
    of: 'demonstration',
    inPlan: (p) => withTask(p, DEMO, (t) => ({ people: t.people.filter((x) => x !== 'lead') })),
  },
  {
    rule: 'R10',
    code: 'demo-people',
    what: 'one of those who make it does not watch',
    of: 'demonstration',
    inPlan: (p) => withTask(p, DEMO, (t) => ({ people: t.people.filter((x) => x !== 'p3') })),
  },
  {
    rule: 'R10',
    code: 'demo-early',
    what: 'a demonstration in the welcome, at which nobody is missed',
    of: 'demonstration',
    inClass: (f) => {
      f['kitchen'].staff.push({ id: 'second', name: 'Second', role: 'instructor', pace: 0.5 });
    },
    inPlan: (p) =>
      withTask(p, DEMO, (t) => ({ ...movedTo(t, 200), people: t.people.map((x) => (x === 'lead' ? 'second' : x)) })),
  },
  {
    rule: 'R10',
    code: 'before-demo',
    what: 'somebody rolls before it was shown',
    of: 'demonstration',
    inPlan: (p) => withTask(p, DEMO, (t) => movedTo(t, taskOf(p, 'flat/p1/1:roll').endSec + 60)),
  },
  {
    rule: 'R10',
    code: 'demo-place',
    what: 'a demonstration at no bench',
    of: 'demonstration',
    inPlan: (p) => withTask(p, DEMO, () => ({ at: { kind: 'bench', id: 'B9' } })),
  },
  {
    rule: 'R10',
    code: 'demo-not-alone',
    what: 'a demonstration at a griddle with a bread on it, before which its cook was shown another',
    of: 'demonstration at a griddle',
    inClass: (f) => {
      f['demos'][0].to = 'station';
      f['kitchen'].staff.push({ id: 'second', name: 'Second', role: 'instructor', pace: 0.5 });
    },
    inPlan: (p) => {
      const shown = taskOf(p, AT_GRIDDLE);
      const bread = taskOf(p, 'flat/p1/1:cook');
      const demo = (station: string, people: string[], startSec: number, griddle: string) => ({
        ...movedTo(shown, startSec),
        id: `${AT_GRIDDLE}:${station}`,
        people: ['lead', ...people],
        at: { kind: 'griddle' as const, id: griddle, spot: 1 },
      });
      const first = demo('S1', ['p1', 'p2'], shown.startSec, 'G1');
      // the second station is shown it while the first station's bread lies there, in time before its own
      const second = demo('S2', ['p3', 'p4'], bread.startSec - 100, 'G1');
      const on = withTask(p, bread.id, () => ({ at: { kind: 'griddle', id: 'G1', spot: 1 } }));
      return { ...on, tasks: [...on.tasks.filter((t) => t.id !== AT_GRIDDLE), first, second] };
    },
  },
  {
    rule: 'R11',
    code: 'late',
    what: 'a table before the last bread',
    of: 'plain',
    inClass: (f) => (f['tableTime'] = '13:00'),
    inPlan: (p) => p,
  },
  {
    rule: 'R11',
    code: 'stale',
    what: 'breads that keep for an hour',
    of: 'eaten together',
    inClass: (f) => (f['breads'][0].holdMaxMin = 60),
  },
  {
    rule: 'R12',
    code: 'before-class',
    what: 'mixing in the welcome',
    of: 'plain',
    inPlan: (p) => {
      const early = movedTo(taskOf(p, 'flat@S1:mix'), 100);
      return {
        ...p,
        tasks: p.tasks.map((t) =>
          t.id === early.id ? early : t.id === 'flat@S1:rest' ? { ...t, startSec: early.endSec } : t,
        ),
      };
    },
  },
  {
    rule: 'R12',
    code: 'outside-prep',
    what: 'dough ahead when nobody is there',
    of: 'ahead in one',
    inClass: (f) => (f['prepTimes'] = [{ from: '2027-03-06T08:00', to: '2027-03-06T10:00' }]),
  },
  {
    rule: 'R12',
    code: 'outside-prep',
    what: 'the fridge is opened when nobody is there',
    of: 'chilled',
    inClass: (f) => (f['prepTimes'] = [{ from: '2027-03-05T06:00', to: '2027-03-05T20:00' }]),
  },
  {
    rule: 'R12',
    code: 'class-dough-early',
    what: 'staff make the class’s dough in the welcome',
    of: 'in class',
    inClass: (f) => {
      f['kitchen'].staff.push({ id: 'aide', name: 'Aide', role: 'assistant', pace: 0.5 });
    },
    inPlan: (p) => {
      const early = { ...movedTo(taskOf(p, 'flat@ahead1:mix'), 100), people: ['aide'] };
      return {
        ...p,
        tasks: p.tasks.map((t) =>
          t.id === early.id ? early : t.step === 'rest' ? { ...t, startSec: early.endSec } : t,
        ),
      };
    },
  },
  {
    rule: 'R12',
    code: 'ahead-in-class',
    what: 'dough ahead that is not over when doors open',
    of: 'ahead in one',
    inClass: (f) => {
      f['kitchen'].staff.push({ id: 'aide', name: 'Aide', role: 'assistant', pace: 0.5 });
    },
    inPlan: (p) => {
      const late = { ...movedTo(taskOf(p, 'flat@ahead1:mix'), 20), people: ['aide'], at: { kind: 'bench' as const } };
      return {
        ...p,
        tasks: p.tasks.map((t) => (t.id === late.id ? late : t.step === 'rest' ? { ...t, startSec: late.endSec } : t)),
      };
    },
  },
  {
    rule: 'R12',
    code: 'welcome-time',
    what: 'a welcome of another length',
    of: 'plain',
    inPlan: (p) => withTask(p, 'welcome', (t) => ({ endSec: t.endSec - 60 })),
  },
  {
    rule: 'R12',
    code: 'welcome-people',
    what: 'somebody is not welcomed',
    of: 'plain',
    inPlan: (p) => withTask(p, 'welcome', (t) => ({ people: t.people.filter((x) => x !== 'p2') })),
  },
  {
    rule: 'R12',
    code: 'break-time',
    what: 'a break of another length',
    of: 'break',
    inPlan: (p) => withTask(p, 'break:1', (t) => ({ endSec: t.endSec - 60 })),
  },
  {
    rule: 'R12',
    code: 'break-people',
    what: 'a break that is not for everyone',
    of: 'break',
    inPlan: (p) => withTask(p, 'break:1', (t) => ({ people: t.people.filter((x) => x !== 'p2') })),
  },
  {
    rule: 'R12',
    code: 'work-in-break',
    what: 'somebody rolls in the break',
    of: 'break',
    inPlan: (p) => withTask(p, 'break:1', (t) => movedTo(t, taskOf(p, 'flat/p1/1:roll').startSec - 500)),
  },
  {
    rule: 'R12',
    code: 'bread-in-break',
    what: 'a bread lies on the griddle in the break, between its turns',
    of: 'break',
    inClass: (f) =>
      Object.assign(f['breads'][0].steps[3], { attend: 'turns', turnSec: 10, phases: [{ heat: 'medium', sec: 660 }] }),
    inPlan: (p) => {
      const on = withTask(p, 'break:1', (t) => movedTo(t, taskOf(p, 'flat/p1/1:cook').startSec + 20));
      return {
        ...on,
        tasks: on.tasks.map((t) => (t.step === 'cook' ? { ...t, endSec: t.startSec + 660, turnsSec: [] } : t)),
      };
    },
  },
  {
    rule: 'R13',
    code: 'handles-avoided',
    what: 'somebody makes a bread that holds what they avoid',
    of: 'plain',
    inClass: (f) => (f['menu'][0].for = ['p1', 'p2', 'p3', 'p4']),
    inWorkshop: (w) => ({
      ...w,
      roster: w.roster.map((p) => (p.id === 'p3' ? { ...p, avoid: [{ what: 'gluten', level: 'diet' }] } : p)),
    }),
  },
  {
    rule: 'R13',
    code: 'after-avoided',
    what: 'the bread that must be free of milk comes after one with butter',
    of: 'avoider',
    inPlan: (p) => {
      const last = Math.max(...p.tasks.map((t) => t.endSec));
      return withTask(p, 'flat/p1/2:cook', (t) => movedTo(t, last + 600));
    },
  },
  {
    rule: 'R13',
    code: 'after-avoided',
    what: 'the griddle lies empty for less than its cleaning takes',
    of: 'avoider',
    inClass: (f) => (f['kitchen'].griddles[0].cleanSec = 900),
    inPlan: (p) => withTask(p, 'flat/p1/2:cook', (t) => movedTo(t, Math.max(...p.tasks.map((x) => x.endSec)) + 600)),
  },
  {
    rule: 'R14',
    code: 'too-long-out',
    what: 'a dough with egg that lies out for an hour at most',
    of: 'perishable',
    inClass: (f) => (f['kitchen'].safeOutMin = 60),
  },
];
