import { describe, expect, it } from 'vitest';
import demoClass from '../../../demo/class.json' with { type: 'json' };
import sunday from '../../../demo/class-sunday.json' with { type: 'json' };
import { readWorkshop } from '../formats/index.ts';
import { turnsOf } from '../plan/index.ts';
import { planShaped } from '../planner/index.ts';
import { clockText } from '../units/index.ts';
import { UNSHAPED, type Workshop } from '../workshop/index.ts';
import { followedWords, handsUse, roomAt, taskSpans } from './index.ts';

const read = (file: unknown): Workshop => {
  const result = readWorkshop(file);
  return result.ok ? result.value : expect.fail();
};
const classes = [read(demoClass), read(sunday)].map((w) => ({ w, plan: planShaped(w, UNSHAPED, { effort: 1 }) }));

describe('the room at a moment', () => {
  it('has everybody at what the plan says, every bread of that moment on its spot, and what begins next in order', () => {
    for (const { w, plan } of classes)
      for (let sec = 0; sec < plan.tableSec; sec += 150) {
        const room = roomAt(w, plan, sec);
        const now = plan.tasks.filter((t) => t.startSec <= sec && sec < t.endSec);
        for (const { person, task, next } of [...room.staff, ...room.participants]) {
          const own = now.filter((t) => t.kind !== 'rest' && t.people.includes(person));
          expect(own.map((t) => t.id)).toEqual(task ? expect.arrayContaining([task.id]) : []);
          const later = plan.tasks.filter((t) => t.people.includes(person) && t.startSec > sec && t.kind !== 'rest');
          expect(next?.startSec).toBe(later.length > 0 ? Math.min(...later.map((t) => t.startSec)) : undefined);
        }
        const lying = now.filter((t) => t.at?.kind === 'griddle' && t.kind === 'step');
        const shown = room.fires
          .filter((f) => f.kind === 'griddle')
          .flatMap((f) => f.spots.flatMap((s, i) => (s ? [`${f.id} ${i + 1} ${s.task.id}`] : [])));
        expect(shown.sort()).toEqual(lying.map((t) => `${t.at?.id ?? ''} ${t.at?.spot ?? 1} ${t.id}`).sort());
        const starts = room.next.map((t) => t.startSec);
        expect(starts).toEqual([...starts].sort((a, b) => a - b));
        expect(starts.every((s) => s > sec)).toBe(true);
      }
  });
  it('tells of what lies on a griddle when it is turned next, and that it heats', () => {
    const [{ w, plan } = expect.fail()] = classes;
    const cook = plan.tasks.find((t) => turnsOf(t).length > 0) ?? expect.fail();
    const turn = turnsOf(cook)[0] ?? expect.fail();
    const lyingAt = (sec: number) =>
      roomAt(w, plan, sec)
        .fires.flatMap((f) => f.spots)
        .find((s) => s?.task.id === cook.id);
    expect(lyingAt(turn - 1)?.turnSec).toBe(turn);
    expect(lyingAt(cook.endSec - 1)?.turnSec).toBeNull();
    const preheat = plan.tasks.find((t) => t.kind === 'preheat') ?? expect.fail();
    const fire = roomAt(w, plan, preheat.startSec).fires.find((f) => f.id === preheat.at?.id);
    expect([fire?.isHeating, fire?.spots.every((s) => s === undefined)]).toEqual([true, true]);
  });
});

describe('how many have a task', () => {
  it('counts the bread of somebody that lies on a fire, whoever cooks it', () => {
    const [{ plan } = expect.fail()] = classes;
    const cook = plan.tasks.find((t) => t.id === 'round/p3/1:cook') ?? expect.fail();
    const cooked = { ...plan, tasks: [{ ...cook, people: [] }] };
    expect(taskSpans(cooked).get('p3')).toEqual([{ fromSec: cook.startSec, toSec: cook.endSec }]);
  });
  it('counts nobody twice, and never more than there are', () => {
    for (const { w, plan } of classes)
      for (const s of w.stations) {
        const points = handsUse(taskSpans(plan), s.members);
        expect(points.length).toBeGreaterThan(4);
        expect(Math.max(...points.map((p) => p.count))).toBeLessThanOrEqual(s.members.length);
        expect(points.at(-1)?.count).toBe(0);
      }
  });
});

describe('what is followed, in one line', () => {
  it('is breads, first and last, and free time of a participant', () => {
    for (const { w, plan } of classes)
      for (const { id, name } of w.roster) {
        const words = followedWords(w, plan, { kind: 'person', id });
        const ends = new Map<string, number>();
        for (const t of plan.tasks)
          if (t.piece?.split('/')[1] === id) ends.set(t.piece, Math.max(ends.get(t.piece) ?? 0, t.endSec));
        const first = clockText(w, Math.min(...ends.values()));
        expect(words.startsWith(`${name}: ${ends.size} breads, first ${first}, last `)).toBe(true);
        expect(words).toMatch(/, (free \d+ min|free 1 h \d\d|never free)/);
      }
  });
  it('names stations by their people, griddles by their turns, and nothing by an id', () => {
    const [{ w, plan } = expect.fail()] = classes;
    expect(followedWords(w, plan, { kind: 'station', id: 'S1' })).toMatch(
      /^Station 1: Ottilie, Bram, 4 breads, first /,
    );
    const turns = plan.tasks.filter((t) => t.at?.id === 'G1' && t.kind === 'step').length;
    expect(followedWords(w, plan, { kind: 'griddle', id: 'G1' })).toMatch(
      new RegExp(`^Griddle 1: ${turns} turns, 1\\d:\\d\\d–1\\d:\\d\\d, busy \\d+ min$`),
    );
    expect(followedWords(w, plan, { kind: 'bread', id: 'round' })).toMatch(
      /^Soft griddle round: 16 breads, .* 4 stations$/,
    );
    const [staff = expect.fail()] = w.kitchen.staff;
    expect(followedWords(w, plan, { kind: 'person', id: staff.id })).toMatch(/^Wren Halloway: \d+ tasks?, /);
  });
});
