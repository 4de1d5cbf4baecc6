import { describe, expect, it } from 'vitest';
import type { Plan } from '../../plan/index.ts';
import { buildWorkshop, withTask } from '../../testing/index.ts';
import { findBrokenRules } from '../check/index.ts';
import { planClass } from '../index.ts';
import { explanationWords } from '../words/why.ts';
import { criticalTasks, explainTask, situationOf } from './index.ts';

const workshop = buildWorkshop({
  people: 4,
  each: 2,
  tableTime: '11:20',
  change: (f) => (f['breads'][0].steps[1].window.min = 5),
});
const plan = planClass(workshop);
const short = planClass(workshop, { goal: 'short' });
const of = (p: Plan, id: string) => {
  const e = explainTask(situationOf(workshop, p), id);
  if (!e) throw new Error(`no explanation of ${id}`);
  return e;
};

describe('why then', () => {
  it('leads from every task of the shortest plan back to the welcome, through whatever is in the way', () => {
    const situation = situationOf(workshop, short);
    for (const t of short.tasks.filter((x) => x.kind === 'step')) {
      const last = of(short, t.id).chain.at(-1);
      expect(['release', 'goal']).toContain(last?.reason.kind);
    }
    const first = short.tasks.find((t) => t.step === 'mix' && t.startSec === 600);
    const words = explanationWords(workshop, situation, of(short, first?.id ?? ''));
    expect(words.why).toEqual(['because the welcome lasts until 10:10']);
  });

  it('names the griddle that is taken, until when and by whom', () => {
    const situation = situationOf(workshop, short);
    const cooks = short.tasks.filter((t) => t.step === 'cook').sort((a, b) => a.startSec - b.startSec);
    const sentences = cooks.flatMap((t) => explanationWords(workshop, situation, of(short, t.id)).why.slice(0, 1));
    expect(sentences.some((w) => /^because Griddle 1 is taken until \d\d:\d\d by P\d \d: cook$/.test(w))).toBe(true);
  });

  it('lets a task slip alone by its slack and no second further', () => {
    const slipped = (id: string, bySec: number): readonly string[] => {
      const moved = withTask(plan, id, (t) => ({
        startSec: t.startSec + bySec,
        endSec: t.endSec + bySec,
        ...(t.turnsSec ? { turnsSec: t.turnsSec.map((x) => x + bySec) } : {}),
      }));
      // a rest goes on until the last of its followers begins
      const followers = moved.tasks.filter((t) => t.step === 'roll');
      const stretched: Plan = {
        ...moved,
        tasks: moved.tasks.map((t) => {
          if (t.kind !== 'rest') return t;
          const station = t.batch?.split('@')[1] ?? '';
          const own = workshop.stations.find((x) => x.id === station)?.members ?? [];
          const starts = followers.filter((f) => own.includes(f.people[0] ?? '')).map((f) => f.startSec);
          const mix = moved.tasks.find((x) => x.id === `${t.batch ?? ''}:mix`);
          return { ...t, startSec: mix?.endSec ?? t.startSec, endSec: Math.max(...starts) };
        }),
      };
      return findBrokenRules(workshop, stretched).map((b) => b.code);
    };
    let moved = 0;
    for (const t of plan.tasks.filter((x) => x.kind === 'step')) {
      const { slackSec } = of(plan, t.id);
      expect(slipped(t.id, slackSec), t.id).toEqual([]);
      expect(slipped(t.id, slackSec + 1), t.id).not.toEqual([]);
      if (slackSec > 0) moved++;
    }
    expect(moved).toBeGreaterThan(0);
  });

  it('calls critical what the end hangs on: the last bread, and a chain back from it', () => {
    const critical = criticalTasks(situationOf(workshop, short));
    const last = short.tasks.reduce((a, b) => (b.endSec > a.endSec ? b : a));
    expect(critical).toContain(last.id);
    expect(critical.some((id) => id.endsWith(':mix'))).toBe(true);
    expect(critical.length).toBeLessThan(short.tasks.length);
    for (const id of critical) expect(of(short, id).isCritical).toBe(true);
  });
});
