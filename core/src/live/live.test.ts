import fc from 'fast-check';
import { beforeAll, describe, expect, it } from 'vitest';
import demoClass from '../../../demo/class.json';
import { readClassRecord } from '../formats/index.ts';
import type { Plan } from '../plan/index.ts';
import { planClass } from '../planner/index.ts';
import type { ClassRecord } from '../workshop/index.ts';
import {
  asItGoes,
  classSecAt,
  eventInFile,
  foldEvents,
  liveJudge,
  liveVerdict,
  lostBreads,
  momentOf,
  notReckoned,
  MOST_AT_ONCE,
  readEvent,
  readEvents,
} from './index.ts';
import type { EventKind, EventOf, LiveEvent, LiveState } from './index.ts';

const START_MS = Date.UTC(2027, 2, 6, 9, 30);
let record: ClassRecord;
let plan: Plan;
let start: LiveEvent;

let count = 0;
/** An event of a device, so many seconds after the start of the class. */
function event<K extends EventKind>(kind: K, data: EventOf<K>['data'], sec = 0, id = `e${++count}`): LiveEvent {
  return { id, device: 'tablet', who: 'Wren', atMs: START_MS + sec * 1000, kind, data } as unknown as LiveEvent;
}
const folded = (events: readonly LiveEvent[]): LiveState =>
  foldEvents(events) ?? expect.fail('the class was not started');

beforeAll(() => {
  const read = readClassRecord(demoClass);
  if (!read.ok) throw new Error('the demonstration class is not read');
  record = read.value;
  plan = planClass(record.workshop, { effort: 0 });
  start = event('started', { ...record, plan, fromSec: -1800, rate: 1 }, 0, 'start');
});

/** Events as people would tap them, of two devices. */
const someEvents = (): fc.Arbitrary<readonly LiveEvent[]> => {
  const people = record.workshop.roster.map((p) => p.id);
  const griddles = record.workshop.kitchen.griddles.map((g) => g.id);
  const tasks = plan.tasks.map((t) => t.id);
  const one = fc.oneof(
    fc
      .constantFrom(...people)
      .chain((person) =>
        fc.constantFrom(
          ['arrived', { person }] as const,
          ['washed', { person }] as const,
          ['gone', { person }] as const,
          ['late', { person, min: 7 }] as const,
        ),
      ),
    fc
      .constantFrom(...griddles)
      .chain((griddle) =>
        fc.constantFrom(
          ['hot', { griddle }] as const,
          ['griddle-measured', { griddle, surfaceC: 205, isHot: true }] as const,
          ['griddle-down', { griddle }] as const,
        ),
      ),
    fc
      .constantFrom(...tasks)
      .chain((task) =>
        fc.constantFrom(
          ['turned', { task }] as const,
          ['off', { task }] as const,
          ['lost', { task }] as const,
          ['longer', { task, sec: 120 }] as const,
          ['looked', { task, verdict: 'again' }] as const,
        ),
      ),
    fc
      .constantFrom(...plan.batches.map((b) => b.id))
      .chain((batch) =>
        fc.constantFrom(['spoilt', { batch, then: 'again' }] as const, ['spoilt', { batch, then: 'without' }] as const),
      ),
    fc.constantFrom(
      [
        'joined',
        {
          newcomer: { id: 'more1', name: 'Ilse Tarn', avoid: [], pace: 1 },
          words: ['no pips'],
          station: record.workshop.stations[0]?.id ?? '',
        },
      ] as const,
      ['avoids', { person: people[0] ?? '', avoid: [{ what: 'milk', level: 'strict' }], words: [] }] as const,
      ['decided', { choice: { what: 'table-later', min: 5 } }] as const,
      ['replaced', { task: plan.tasks.find((t) => t.piece !== undefined)?.id ?? '' }] as const,
      ['out', { ingredient: 'salt' }] as const,
    ),
    fc.constantFrom(['held', {}] as const, ['went-on', {}] as const, ['longer', { sec: 60 }] as const),
    fc.integer({ min: 0, max: 30 }).map((n) => ['taken-back', { event: `r${n}` }] as const),
    fc
      .integer({ min: 1, max: 9 })
      .map((known) => ['replanned', { plan: { ...plan, title: `known ${known}` }, known }] as const),
  );
  return fc
    .array(fc.tuple(one, fc.integer({ min: 0, max: 7200 })), { maxLength: 30 })
    .map((list) => list.map(([[kind, data], sec], i) => event(kind, data as never, sec, `r${i}`)));
};

describe('the state of a class', () => {
  it('is what its events add up to', () => {
    const [first] = record.workshop.roster;
    const cook = plan.tasks.find((t) => t.kind === 'step' && t.people.includes(first?.id ?? ''));
    if (!first || !cook) expect.fail();
    const state = folded([
      start,
      event('arrived', { person: first.id }, 1700),
      event('washed', { person: first.id }, 1760),
      event('hot', { griddle: 'g1' }, 3000),
      event('longer', { task: cook.id, sec: 120 }, 3100),
      event('longer', { task: cook.id, sec: 60 }, 3110),
      event('looked', { task: cook.id, verdict: 'again' }, 3200),
      event('ticked', { item: 'tray:b1' }, 10),
      event('ticked', { item: 'tray:b1' }, 11),
      event('measured', { batch: plan.batches[0]?.id ?? '', what: 'doughC', value: 26.5 }, 2000),
      event('held', {}, 4000),
      event('held', {}, 4060),
    ]);
    expect(state.people[first.id]).toMatchObject({ isHere: true, hasWashed: true, isConfirmed: false, again: 1 });
    const good = folded([start, event('looked', { task: cook.id, verdict: 'good' }, 3200)]);
    expect([good.tasks[cook.id]?.looked, good.people]).toEqual(['good', {}]);
    expect(state.griddles['g1']).toEqual({ isHot: true, isDown: false, pace: 1, isTried: false });
    expect(state.tasks[cook.id]).toEqual({ longerSec: 180, looked: 'again' });
    expect(state.ticked).toEqual(['tray:b1']);
    expect(Object.values(state.measured)).toEqual([26.5]);
    // the class was started half an hour before doors, and held since the first press
    expect([state.heldSec, classSecAt(state.clock, START_MS)]).toEqual([2200, -1800]);
  });

  it('“longer” for a station means what its people have in hand, and no rest', () => {
    const stationOf = (t: Plan['tasks'][number]): string | null | undefined =>
      plan.batches.find((b) => b.id === t.batch)?.station;
    const steps = plan.tasks.filter((t) => t.kind === 'step' && t.startSec > 0);
    // a moment at which two stations have something in hand, and a dough rests
    const now = steps.find(
      (t) =>
        steps.some((o) => stationOf(o) !== stationOf(t) && o.startSec <= t.startSec && t.startSec < o.endSec) &&
        plan.tasks.some((r) => r.kind === 'rest' && r.startSec <= t.startSec && t.startSec < r.endSec),
    );
    const station = now && stationOf(now);
    if (!now || station === null || station === undefined) expect.fail();
    const at = now.startSec + 1800;
    const state = folded([start, event('longer', { station, sec: 120 }, at)]);
    expect(Object.keys(state.tasks)).toContain(now.id);
    for (const id of Object.keys(state.tasks)) {
      const t = plan.tasks.find((x) => x.id === id);
      expect(t?.kind).toBe('step');
      expect(plan.batches.find((b) => b.id === t?.batch)?.station).toBe(station);
    }
    const all = Object.keys(folded([start, event('longer', { sec: 120 }, at)]).tasks);
    expect(all.length).toBeGreaterThan(Object.keys(state.tasks).length);
    // doughs rest at that moment, and rest as long as they did
    const under = plan.tasks.filter((t) => t.startSec <= now.startSec && now.startSec < t.endSec);
    expect(under.some((t) => t.kind === 'rest')).toBe(true);
    expect([...all].sort()).toEqual(
      under
        .filter((t) => t.kind === 'step')
        .map((t) => t.id)
        .sort(),
    );
  });

  it('a rehearsal goes faster', () => {
    const fast = event('started', { ...record, plan, fromSec: -600, rate: 60 }, 0);
    expect(classSecAt(folded([fast]).clock, START_MS + 10_000)).toBe(0);
    // and one that goes like any clock is one where it says so
    const slow = { ...record, plan, fromSec: -600, rate: 1 };
    const marked = [{}, { isRehearsal: true }].map(
      (more) => folded([event('started', { ...slow, ...more }, 0)]).isRehearsal,
    );
    expect([folded([fast]).isRehearsal, ...marked]).toEqual([true, false, true]);
  });

  it('what is taken back never was; taking back can be taken back', () => {
    const down = event('griddle-down', { griddle: 'g1' }, 100);
    const undo = event('taken-back', { event: down.id }, 110);
    const redo = event('taken-back', { event: undo.id }, 120);
    expect(folded([start, down]).griddles['g1']?.isDown).toBe(true);
    expect(folded([start, down, undo]).griddles).toEqual({});
    expect(folded([start, down, undo, redo]).griddles['g1']?.isDown).toBe(true);
    expect(foldEvents([start, event('taken-back', { event: 'start' }, 5)])).toBeUndefined();
    expect(foldEvents([])).toBeUndefined();
  });

  it('of two accepted plans the one whose device knew more stands, whenever they came', () => {
    const titled = (title: string): Plan => ({ ...plan, title });
    const more = event('replanned', { plan: titled('knew more'), known: 9 }, 200);
    const later = event('replanned', { plan: titled('came later'), known: 5 }, 300);
    expect(folded([start, later, more]).plan.title).toBe('knew more');
    expect(folded([start, later]).plan.title).toBe('came later');
  });

  it('is the same to the byte in whatever order the events came, and however often', () => {
    fc.assert(
      fc.property(
        someEvents().chain((list) =>
          fc.tuple(
            fc.constant(list),
            fc.shuffledSubarray([...list, start, ...list], { minLength: list.length * 2 + 1 }),
          ),
        ),
        ([list, shuffled]) => {
          expect(JSON.stringify(folded(shuffled))).toBe(JSON.stringify(folded([start, ...list])));
        },
      ),
    );
  });

  it('is the same on two devices, however their outboxes were sent and read', () => {
    fc.assert(
      fc.property(
        someEvents(),
        fc.array(fc.constantFrom('a sends', 'b sends', 'a reads', 'b reads', 'a loses an answer')),
        (list, moves) => {
          const log: LiveEvent[] = [start];
          const devices = [0, 1].map((n) => ({ known: [start], outbox: list.filter((_, i) => i % 2 === n) }));
          const send = (d: (typeof devices)[number], isAnswered = true): void => {
            const [next] = d.outbox;
            if (next && !log.some((e) => e.id === next.id)) log.push(next);
            if (isAnswered) d.outbox = d.outbox.slice(1);
          };
          const read = (d: (typeof devices)[number]): void => void (d.known = [...log]);
          const [a, b] = devices;
          if (!a || !b) expect.fail();
          for (const move of moves) {
            if (move === 'a sends') send(a);
            if (move === 'b sends') send(b);
            if (move === 'a loses an answer') send(a, false);
            if (move === 'a reads') read(a);
            if (move === 'b reads') read(b);
          }
          for (const d of devices) while (d.outbox.length > 0) send(d);
          for (const d of devices) read(d);
          expect(log).toHaveLength(list.length + 1);
          expect(JSON.stringify(folded(a.known))).toBe(JSON.stringify(folded(b.known)));
          expect(JSON.stringify(folded(a.known))).toBe(JSON.stringify(folded([start, ...list])));
        },
      ),
    );
  });
});

describe('the plan as it goes', () => {
  const stepAt = (n: number): Plan['tasks'][number] =>
    plan.tasks.filter((t) => t.kind === 'step' && t.startSec > 0)[n] ?? expect.fail();
  /** The start is half an hour before doors, so a moment of the class lies so much later in seconds of the start. */
  const at = (sec: number): number => sec + 1800;

  it('goes as planned where nobody said anything, and moves nothing by itself', () => {
    const t = stepAt(0);
    const state = folded([start, event('longer', { task: t.id, sec: 120 }, at(t.startSec + 5))]);
    expect(asItGoes(folded([start])).tasks).toEqual(plan.tasks);
    const changed = asItGoes(state).tasks.filter((x, i) => x.endSec !== plan.tasks[i]?.endSec);
    expect(changed).toEqual([{ ...t, endSec: t.endSec + 120 }]);
  });

  it('takes the times that were tapped', () => {
    const [a, b] = [stepAt(0), stepAt(1)];
    const state = folded([
      start,
      event('begun', { task: a.id }, at(a.startSec + 30)),
      event('done', { task: a.id }, at(a.startSec + 50)),
      event('begun', { task: b.id }, at(b.startSec + 90)),
    ]);
    const goes = asItGoes(state).tasks;
    expect(goes.find((t) => t.id === a.id)).toMatchObject({ startSec: a.startSec + 30, endSec: a.startSec + 50 });
    expect(goes.find((t) => t.id === b.id)).toMatchObject({ startSec: b.startSec + 90, endSec: b.endSec + 90 });
  });

  it('is later by a pause: hands go on after it, what had not begun begins later, and rests run on', () => {
    const rests = plan.tasks.filter((t) => t.kind === 'rest');
    const now = plan.tasks.find(
      (t) => t.kind === 'step' && t.startSec > 0 && rests.some((r) => r.startSec < t.startSec && t.endSec < r.endSec),
    );
    if (!now) expect.fail();
    const from = now.startSec + 1;
    const state = folded([start, event('held', {}, at(from)), event('went-on', {}, at(from + 300))]);
    expect([state.heldSec, state.pauses]).toEqual([null, [{ fromSec: from, toSec: from + 300 }]]);
    const goes = new Map(asItGoes(state).tasks.map((t) => [t.id, t]));
    expect(goes.get(now.id)).toMatchObject({ startSec: now.startSec, endSec: now.endSec + 300 });
    for (const t of plan.tasks) {
      const after = goes.get(t.id) ?? expect.fail();
      expect(after.startSec).toBe(t.startSec >= from ? t.startSec + 300 : t.startSec);
      if (t.kind === 'rest' && t.startSec < from) expect(after.endSec).toBe(t.endSec);
    }
    expect(liveVerdict(state).inHandSec).toBe(liveVerdict(folded([start])).inHandSec - 300);
  });

  it('a plan that was made later holds what lasted longer and was held before it, and counts it once', () => {
    const now = stepAt(0);
    const before = [
      start,
      event('longer', { task: now.id, sec: 120 }, at(now.startSec + 1)),
      event('held', {}, at(now.startSec + 2)),
      event('went-on', {}, at(now.startSec + 62)),
    ];
    const sec = now.startSec + 70;
    const next = planClass(record.workshop, { effort: 0, moment: momentOf(folded(before), sec), before: plan });
    const state = folded([...before, event('replanned', { plan: next, known: 4 }, at(sec))]);
    expect(asItGoes(state).tasks).toEqual(next.tasks);
    expect(next.tasks.find((t) => t.id === now.id)?.endSec).toBe(now.endSec + 180);
  });

  it('is planned again from any moment with what has begun as it was, and breaks nothing that did not break', () => {
    expect(plan.broken).toEqual([]);
    for (const nowSec of [600, 1500, 2700]) {
      const state = folded([start]);
      const moment = momentOf(state, nowSec);
      expect(moment.begun.length).toBeGreaterThan(0);
      const next = planClass(record.workshop, { effort: 0, moment, before: plan });
      expect(next.broken).toEqual([]);
      for (const t of moment.begun)
        expect(next.tasks.find((x) => x.id === t.id)).toMatchObject({ startSec: t.startSec });
    }
  });

  it('says when the last bread is done as it goes', () => {
    const before = liveVerdict(folded([start]));
    const last = plan.tasks.find((t) => t.endSec === before.doneSec) ?? expect.fail();
    expect(before.inHandSec).toBe(plan.tableSec - before.doneSec);
    const later = liveVerdict(folded([start, event('longer', { task: last.id, sec: 300 }, at(last.startSec))]));
    expect([later.doneSec, later.inHandSec]).toEqual([before.doneSec + 300, before.inHandSec - 300]);
  });

  it('says what it does not reckon with, and nothing where nothing was said', () => {
    const [person, other, third] = record.workshop.roster;
    const [fire] = record.workshop.kitchen.griddles;
    const cook = plan.tasks.find((t) => t.id.endsWith(':cook'));
    if (!person || !other || !third || !fire || !cook) expect.fail();
    expect(notReckoned(folded([start]))).toEqual([]);
    const state = folded([
      start,
      event('griddle-pace', { griddle: fire.id, factor: 1.3 }, 1),
      event('gone', { person: person.id }, 2),
      event('late', { person: other.id, min: 10 }, 3),
      event('late', { person: third.id, min: 10 }, 4),
      event('arrived', { person: third.id }, 5),
      event('lost', { task: cook.id }, at(cook.endSec)),
    ]);
    const said = notReckoned(state);
    expect(said).toHaveLength(4);
    expect(said[0]).toMatch(/^Griddle 1 is slow$/);
    expect(said.slice(1, 3)).toEqual([`${person.name} is gone`, `${other.name} is 10 min late`]);
    expect(said[3]).toMatch(/ is lost$/);
    const down = folded([start, event('griddle-down', { griddle: fire.id }, 1)]);
    expect(notReckoned(down)).toEqual(['Griddle 1 is down']);
    expect(
      notReckoned(
        folded([start, event('griddle-down', { griddle: fire.id }, 1), event('hot', { griddle: fire.id }, 2)]),
      ),
    ).toEqual([]);
  });

  it('names the breads that were lost', () => {
    const cook = plan.tasks.find((t) => t.id.endsWith(':cook')) ?? stepAt(0);
    expect(lostBreads(folded([start, event('lost', { task: cook.id }, at(cook.endSec))])).map((t) => t.id)).toEqual([
      cook.id,
    ]);
    expect(lostBreads(folded([start]))).toEqual([]);
  });
});

describe('events in a file', () => {
  it('come back as they were, and replay to the state to the byte', () => {
    fc.assert(
      fc.property(someEvents(), (list) => {
        const through = (events: readonly LiveEvent[]): readonly LiveEvent[] =>
          (JSON.parse(JSON.stringify(events.map(eventInFile))) as readonly unknown[])
            .map(readEvent)
            .map((r) => (r.ok ? r.value : expect.fail(JSON.stringify(r.faults))));
        const kept = through([start, ...list]);
        expect(foldEvents(kept)).toEqual(foldEvents([start, ...list]));
        expect(JSON.stringify(foldEvents(through(kept)))).toBe(JSON.stringify(foldEvents(kept)));
      }),
      { numRuns: 10 },
    );
  });

  it('in another form are refused by name', () => {
    const sent = { ...(eventInFile(event('hot', { griddle: 'g1' })) as object) };
    const faults = (change: object): readonly string[] => {
      const read = readEvent({ ...sent, ...change });
      return read.ok ? [] : read.faults.map((f) => `${f.path} ${f.code}`);
    };
    expect(faults({})).toEqual([]);
    expect(faults({ kind: 'boiled' })).toEqual(['kind not-one-of']);
    expect(faults({ data: { griddle: 5 } })).toEqual(['data.griddle wrong-type']);
    expect(faults({ data: { griddle: 'g1', more: 1 } })).toEqual(['data.more unknown-key']);
    expect(faults({ atMs: -1 })).toEqual(['atMs too-small']);
    const many = readEvents(Array.from({ length: MOST_AT_ONCE + 1 }, () => sent));
    expect(many.ok ? '' : many.faults[0]?.code).toBe('too-big');
    expect(readEvents([sent, 5])).toMatchObject({ ok: false, faults: [{ path: expect.stringMatching(/^\[1\]/) }] });
    expect(readEvents('none').ok).toBe(false);
  });
});

describe('judging events before they are appended', () => {
  const NOW = START_MS + 3_600_000;
  const griddle = (): string => record.workshop.kitchen.griddles[0]?.id ?? '';
  const codes = (before: readonly LiveEvent[], e: LiveEvent, now = NOW): readonly string[] =>
    liveJudge(before)
      .faultsOf(e, now)
      .map((f) => `${f.path} ${f.code}`);

  it('refuses by name what the class does not know, what comes from tomorrow, and what comes too early or too late', () => {
    const closed = event('closed', { answers: [] }, 3000);
    expect(codes([], start)).toEqual([]);
    expect(codes([], event('hot', { griddle: griddle() }))).toEqual(['kind class-not-started']);
    expect(codes([start], event('started', { ...record, plan, fromSec: 0, rate: 1 }))).toEqual(['kind class-started']);
    expect(codes([start], event('off', { task: 'b1/nobody/1:cook' }))).toEqual(['data.task event-unknown']);
    expect(codes([start], event('hot', { griddle: 'g99' }))).toEqual(['data.griddle event-unknown']);
    expect(codes([start], event('arrived', { person: 'nobody' }))).toEqual(['data.person event-unknown']);
    expect(codes([start], event('taken-back', { event: 'never' }))).toEqual(['data.event event-unknown']);
    expect(codes([start], event('held', {}, 86_400))).toEqual(['atMs event-ahead']);
    expect(codes([start, closed], event('held', {}))).toEqual(['kind class-ended']);
    expect(codes([start, closed], event('taken-back', { event: closed.id }))).toEqual([]);
    expect(codes([start, closed, event('taken-back', { event: closed.id }, 3100)], event('held', {}))).toEqual([]);
    expect(codes([start], event('hot', { griddle: griddle() }, 3650))).toEqual([]);
  });

  it('knows the tasks of every plan that was accepted', () => {
    const [task] = plan.tasks;
    if (!task) expect.fail();
    const next = { ...plan, tasks: [{ ...task, id: 'new/task:cook' }] } as Plan;
    const off = event('off', { task: 'new/task:cook' });
    expect(codes([start], off)).toEqual(['data.task event-unknown']);
    expect(codes([start, event('replanned', { plan: next, known: 1 })], off)).toEqual([]);
  });
});
