import { describe, expect, it } from 'vitest';
import sunday from '../../../demo/class-sunday.json' with { type: 'json' };
import { readClassRecord } from '../formats/index.ts';
import { planShaped } from '../planner/index.ts';
import { removeParticipants } from '../roster/index.ts';
import { UNSHAPED, type ClassRecord } from '../workshop/index.ts';
import { emptyGap, fillGap, fillingAt, fillingsNow, idleGaps, rollCall } from './index.ts';

const read = readClassRecord(sunday);
const record: ClassRecord = read.ok ? read.value : expect.fail();
const { workshop } = record;
const plan = planShaped(workshop, UNSHAPED, { effort: 1 });
const gaps = idleGaps(workshop, plan);
// a gap that others share
const gap =
  gaps.find((g) => gaps.some((o) => o.person !== g.person && o.fromSec <= g.fromSec && o.toSec >= g.toSec)) ??
  expect.fail();

describe('filling idle time', () => {
  const filled = fillGap(record, plan, gap, 'tasting');
  it('is a note for everyone who is idle all through it, and moves no task', () => {
    const [filling] = filled.notes.fillings;
    const idle = new Set(gaps.filter((g) => g.fromSec <= gap.fromSec && g.toSec >= gap.toSec).map((g) => g.person));
    expect(new Set(filling?.people)).toEqual(idle);
    expect(idle.size).toBeGreaterThan(1);
    expect(filled.workshop).toBe(workshop);
    expect(readClassRecord(JSON.parse(JSON.stringify(filled))).ok).toBe(true);
    const [now] = fillingsNow(workshop, plan, filled.notes.fillings);
    expect(now).toMatchObject({ words: 'Tasting', busy: [] });
    expect(fillingAt(now ? [now] : [], gap.person, gap.fromSec)?.words).toBe('Tasting');
    expect(fillingAt(now ? [now] : [], gap.person, gap.toSec)).toBeUndefined();
  });
  it('finds nobody busy in any idle stretch of the plan that it was made for', () => {
    for (const g of gaps) {
      const [now] = fillingsNow(workshop, plan, fillGap(record, plan, g, 'talk').notes.fillings);
      expect([g, now?.busy]).toEqual([g, []]);
    }
  });
  it('is called by name in its place among the calls', () => {
    const fillings = fillingsNow(workshop, plan, filled.notes.fillings);
    const calls = rollCall(workshop, plan, [], fillings);
    expect(calls.map((c) => c.atSec)).toEqual(calls.map((c) => c.atSec).sort((a, b) => a - b));
    const [call] = calls.filter((c) => c.what === 'Tasting');
    expect(call?.to).toContain(workshop.roster.find((p) => p.id === gap.person)?.name);
    expect(calls).toHaveLength(rollCall(workshop, plan).length + 1);
  });
  it('tells whom a later plan keeps busy, and drops who has left', () => {
    const moved = { ...plan, tasks: plan.tasks.map((t) => (t.kind === 'welcome' ? { ...t, endSec: gap.toSec } : t)) };
    const [now] = fillingsNow(workshop, moved, filled.notes.fillings);
    expect(now?.busy).toContain(gap.person);
    expect(fillingAt(now ? [now] : [], gap.person, gap.fromSec)).toBeUndefined();
    const left = removeParticipants(filled, [gap.person]);
    expect(left.ok && left.value.notes.fillings[0]?.people).not.toContain(gap.person);
    const all = removeParticipants(filled, filled.notes.fillings[0]?.people ?? []);
    expect(all.ok && all.value.notes.fillings).toEqual([]);
    expect(emptyGap(filled, filled.notes.fillings[0]?.id ?? '').notes.fillings).toEqual([]);
  });
});
