import { planShaped, readWorkshop, setParticipantCount, UNSHAPED, type Plan, type Workshop } from '@hodsman/core';
import { describe, expect, it } from 'vitest';
import demoClass from '../../../demo/class.json';
import sunday from '../../../demo/class-sunday.json';
import { fitted } from './fitted.ts';
import { blockAt } from './hit.ts';
import { lanesOf } from './lanes.ts';
import { sceneOf } from './scene.ts';
import { hasAhead, timeScaleOf } from './time-scale.ts';
import { stepFrom } from './walk.ts';

const read = (file: unknown): Workshop => {
  const result = readWorkshop(file);
  return result.ok ? result.value : expect.fail();
};
const ALL = { folded: [], order: [] };
const workshop = read(demoClass);
const plan = planShaped(workshop, { ...UNSHAPED, aim: 'fresh' }, { effort: 1 });
const rich = read(sunday);
const richPlan = planShaped(rich, UNSHAPED, { effort: 1 });
const classes: readonly (readonly [Workshop, Plan])[] = [
  [workshop, plan],
  [rich, richPlan],
];

describe('the blocks of the board', () => {
  it('show every task of the plan, ahead of class, of staff and on every fire too', () => {
    for (const [w, p] of classes) {
      const { mainOf } = sceneOf(p, w, 1200, ALL);
      expect([...mainOf.keys()].sort()).toEqual(p.tasks.map((t) => t.id).sort());
    }
  });
  it('put nobody in two places at once, and no two breads on one spot', () => {
    for (const [w, p] of classes) {
      const solid = sceneOf(p, w, 1200, ALL).blocks.filter(
        (b) => b.kind === 'cook' || (b.kind === 'hands' && b.task.kind === 'step'),
      );
      for (const [i, a] of solid.entries())
        for (const b of solid.slice(i + 1)) {
          if (a.task.id === b.task.id) continue;
          const across = Math.min(a.x + a.width, b.x + b.width) - Math.max(a.x, b.x);
          const down = Math.min(a.toSec, b.toSec) - Math.max(a.fromSec, b.fromSec);
          expect(across > 0.01 && down > 0 ? [a.task.id, b.task.id] : []).toEqual([]);
        }
    }
  });
  it('stand at the griddle and spot of the plan, with the cook seen from the bench', () => {
    const { blocks, lanes } = sceneOf(plan, workshop, 1200, ALL);
    for (const t of plan.tasks.filter((x) => x.at?.kind === 'griddle' && x.piece !== undefined)) {
      const [cook, away] = blocks.filter((b) => b.task === t);
      const lane = lanes.byId.get(`griddle:${t.at?.id ?? ''}`);
      expect(cook?.x).toBe(lane?.columns[(t.at?.spot ?? 1) - 1]?.x);
      expect([cook?.kind, away?.kind, away?.x]).toEqual(['cook', 'away', lanes.people.get(t.people[0] ?? '')?.x]);
    }
  });
  it('carry the words of a broken rule at one task of each kind, and a mark at all', () => {
    const twelve = setParticipantCount(workshop, 12);
    const larger = twelve.ok ? { ...twelve.value, tableTime: '10:50' } : expect.fail();
    const late = planShaped(larger, UNSHAPED, { effort: 0 });
    const { marks } = sceneOf(late, larger, 1200, ALL);
    expect(late.broken.length).toBeGreaterThan(2);
    const kinds = new Set(late.broken.map((b) => `${b.rule} ${b.code}`));
    expect(marks.filter((m) => m.words !== undefined)).toHaveLength(kinds.size);
    expect(new Set(marks.map((m) => m.task))).toEqual(new Set(late.broken.flatMap((b) => b.tasks)));
  });
});

describe('the places across', () => {
  it('lie side by side without overlap at any width, with their least widths kept', () => {
    for (const [w, p] of classes)
      for (const width of [360, 800, 1280, 1920]) {
        const { lanes, width: all } = lanesOf(p, w, width, ALL);
        for (const [i, l] of lanes.entries())
          expect(l.x + l.width).toBeLessThanOrEqual((lanes[i + 1]?.x ?? all) + 0.01);
        for (const c of lanes.flatMap((l) => l.columns)) expect(c.width).toBeGreaterThanOrEqual(34);
      }
  });
  it('can be folded and stand in another order among their own kind', () => {
    const choice = { folded: ['station:S2'], order: ['station:S3', 'station:S1', 'griddle:G2'] };
    const { lanes } = lanesOf(plan, workshop, 1200, choice);
    expect(lanes.filter((l) => l.kind === 'station').map((l) => l.id)).toEqual([
      'station:S3',
      'station:S1',
      'station:S2',
      'station:S4',
    ]);
    expect(lanes.find((l) => l.kind === 'griddle')?.id).toBe('griddle:G2');
    expect(lanes.find((l) => l.id === 'station:S2')?.width).toBeLessThan(30);
  });
  it('are the very same for another plan of the same places', () => {
    const other = planShaped(workshop, { ...UNSHAPED, aim: 'short' }, { effort: 1 });
    expect(lanesOf(other, workshop, 1200, ALL)).toBe(lanesOf(plan, workshop, 1200, ALL));
  });
});

describe('time down the board', () => {
  it('runs in proportion within the class, and back again', () => {
    const scale = timeScaleOf(plan, 600, true);
    const [a, b, c] = [600, 1200, 1800].map(scale.yOf) as [number, number, number];
    expect(b - a).toBeCloseTo(c - b, 9);
    for (const sec of [0, 600, plan.tableSec]) expect(scale.secAt(scale.yOf(sec))).toBeCloseTo(sec, 6);
  });
  it('keeps what is done ahead in a narrow band, or unfolds it with its long gaps squeezed', () => {
    expect([hasAhead(plan), hasAhead(richPlan)]).toEqual([false, true]);
    const folded = timeScaleOf(richPlan, 600, true);
    const open = timeScaleOf(richPlan, 600, false);
    expect(folded.height).toBeLessThan(open.height);
    for (const scale of [folded, open]) {
      const moments = richPlan.tasks.flatMap((t) => [t.startSec, t.endSec]).sort((x, y) => x - y);
      const ys = moments.map(scale.yOf);
      expect(ys).toEqual([...ys].sort((x, y) => x - y));
      for (const [i, s] of scale.stretches.entries())
        expect(s.fromSec).toBe(scale.stretches[i - 1]?.toSec ?? s.fromSec);
    }
  });
});

describe('finding and walking', () => {
  const scene = sceneOf(plan, workshop, 1200, ALL);
  const scale = timeScaleOf(plan, 600, true);
  it('finds what lies under a point, short turns with a miss of two pixels', () => {
    for (const b of scene.blocks.filter((x) => x.isMain && x.kind !== 'together' && x.kind !== 'preheat')) {
      const y = (scale.yOf(b.fromSec) + scale.yOf(b.toSec)) / 2;
      expect(blockAt(scene, scale, b.x + b.width / 2, y)?.task.id).toBe(b.task.id);
    }
    expect(blockAt(scene, scale, 2, 2)).toBeUndefined();
  });
  it('goes down a strand from the dough to a bread and back up, and to the side to what happens then', () => {
    const down = (id: string | undefined): string | undefined => stepFrom(scene, id, 'ArrowDown');
    expect(down('round@S2:mix')).toBe('round@S2:knead');
    expect(down(down('round@S2:knead'))).toBe('round@S2:divide');
    expect(down('round@S2:divide')).toMatch(/^round\/p[34]\/1:roll$/);
    expect(stepFrom(scene, 'round/p3/1:roll', 'ArrowUp')).toBe('round@S2:divide');
    expect(stepFrom(scene, 'round@S2:mix', 'ArrowRight')).toMatch(/@S[34]:/);
    expect(stepFrom(scene, undefined, 'ArrowDown')).toBe('welcome');
  });
  it('goes from the dough made ahead to its shares', () => {
    const rich2 = sceneOf(richPlan, rich, 1200, ALL);
    const last = richPlan.tasks.findLast((t) => t.batch?.startsWith('barley-hearth@ahead')) ?? expect.fail();
    expect(stepFrom(rich2, last.id, 'ArrowDown')).toMatch(/^barley-hearth@S\d:/);
  });
});

describe('a label', () => {
  it('is cut only where it must be, and the shorter one is taken first', () => {
    expect([
      fitted('Griddle 1', 200, 14),
      fitted('Ottilie', 30, 13, 'Ott'),
      fitted('Ottilie', 30, 13),
      fitted('Ottilie', 9, 13),
    ]).toEqual(['Griddle 1', 'Ott', 'Ott…', '']);
  });
});
