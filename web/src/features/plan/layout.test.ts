import { planClass, readWorkshop, setParticipantCount, type Workshop } from '@hodsman/core';
import { describe, expect, it } from 'vitest';
import demoClass from '../../../../demo/class.json';
import { blocksOf, layoutBoard } from './layout.ts';
import { neighbourOf } from './neighbour.ts';
import { fitted, taskSentence } from './words.ts';

const read = readWorkshop(demoClass);
const workshop: Workshop = read.ok ? read.value : expect.fail();
const plan = planClass(workshop, { effort: 1 });
const layout = layoutBoard(plan, workshop, 1280, 560);
const blocks = blocksOf(plan, layout);

describe('the layout of the board', () => {
  it('puts every task of the plan on the board, and nobody in two places at once', () => {
    expect(new Set(blocks.map((b) => b.task.id))).toEqual(new Set(plan.tasks.map((t) => t.id)));
    const solid = blocks.filter((b) => b.kind !== 'together');
    for (const [i, a] of solid.entries())
      for (const b of solid.slice(i + 1)) {
        const across = Math.min(a.x + a.width, b.x + b.width) - Math.max(a.x, b.x);
        const down = Math.min(a.y + a.height, b.y + b.height) - Math.max(a.y, b.y);
        expect(across > 0.01 && down > 0.01 ? [a.task.id, b.task.id] : []).toEqual([]);
      }
  });
  it('lets time run down in proportion', () => {
    const [a, b, c] = [0, 600, 1200].map(layout.yOf) as [number, number, number];
    expect(b - a).toBeCloseTo(c - b, 9);
    expect(layout.yOf(plan.tableSec)).toBeLessThan(560);
  });
  it('keeps the lanes in the screen for a class of eight and side by side without overlap for any', () => {
    expect(layout.width).toBe(1280);
    const twelve = setParticipantCount(workshop, 12);
    const larger = twelve.ok ? twelve.value : expect.fail();
    for (const width of [480, 800, 1280, 1920]) {
      const { stations, griddles, table } = layoutBoard(planClass(larger, { effort: 1 }), larger, width, 560);
      const lanes = [...stations, ...griddles, table];
      for (const [i, lane] of lanes.entries())
        expect(lane.x + lane.width).toBeLessThanOrEqual((lanes[i + 1]?.x ?? Infinity) + 0.01);
    }
  });
});

describe('walking the board', () => {
  it('goes down a strand and comes back up', () => {
    const mix = blocks.find((b) => b.task.id === 'round@S2:mix') ?? expect.fail();
    const knead = neighbourOf(blocks, mix, 'ArrowDown') ?? expect.fail();
    expect(knead.task.id).toBe('round@S2:knead');
    expect(neighbourOf(blocks, knead, 'ArrowUp')?.task.id).toBe('round@S2:mix');
    expect(neighbourOf(blocks, mix, 'ArrowRight')?.x).toBeGreaterThan(mix.x);
  });
});

describe('words on the board', () => {
  it('cuts a label only where it must, and takes the shorter one first', () => {
    expect([
      fitted('Griddle 1', 200, 14),
      fitted('Ottilie', 30, 13, 'Ott'),
      fitted('Ottilie', 30, 13),
      fitted('Ottilie', 9, 13),
    ]).toEqual(['Griddle 1', 'Ott', 'Ott…', '']);
  });
  it('tells a rest with its window', () => {
    const rest = plan.tasks.find((t) => t.id === 'round@S1:rest') ?? expect.fail();
    expect(taskSentence(plan, workshop, rest)).toMatch(
      /^rest, Soft griddle round, S1 · 1\d:\d\d–1\d:\d\d \(\d+ min\) · the shelf by the wall · at least 15 min, best 30 min, at most 75 min$/,
    );
  });
});
