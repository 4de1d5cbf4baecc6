import {
  followedTasks,
  idleGaps,
  planShaped,
  readWorkshop,
  setParticipantCount,
  UNSHAPED,
  type FillingNow,
  type Plan,
  type Workshop,
} from '@hodsman/core';
import { describe, expect, it } from 'vitest';
import demoClass from '../../../demo/class.json';
import sunday from '../../../demo/class-sunday.json';
import type { Block } from './block.ts';
import { DISTANCES, type Distance } from './distance.ts';
import { blockAt } from './hit.ts';
import { lanesOf } from './lanes.ts';
import type { Brush } from './paint/brush.ts';
import type { Word } from './paint/word.ts';
import { writeWords } from './paint/words.ts';
import { firstThatFits, type Ruler } from './ruler.ts';
import { sceneOf, type Scene } from './scene.ts';
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

const sceneAt = (distance: Distance, w: Workshop, p: Plan, width = 1200): Scene =>
  sceneOf(p, w, width, ALL, { distance });
/** The rectangles that a block is made of: a rest that pieces leave one after another has one for each. */
const rectsOf = (b: Block) =>
  b.shares.length > 0
    ? b.shares.map((s) => ({ ...s, fromSec: b.fromSec, task: b.task.id }))
    : [{ x: b.x, width: b.width, fromSec: b.fromSec, toSec: b.toSec, task: b.task.id }];

describe('the blocks of the board', () => {
  it('show every task of the plan, ahead of class, of staff and on every fire too, in the room and at the stations', () => {
    for (const distance of ['room', 'station'] as const)
      for (const [w, p] of classes) {
        const { mainOf } = sceneAt(distance, w, p);
        expect([...mainOf.keys()].sort()).toEqual(p.tasks.map((t) => t.id).sort());
      }
  });
  it('show what fills idle time across the stations of those who take part, and not in a route', () => {
    const [one, two] = [workshop.stations[0]?.members[0] ?? '', workshop.stations.at(-1)?.members[0] ?? ''];
    const filling: FillingNow = {
      id: 'n1',
      what: 'talk',
      people: [one, two],
      fromSec: 600,
      toSec: 1200,
      words: 'A talk',
      busy: [],
    };
    const { filled, lanes } = sceneOf(plan, workshop, 1200, ALL, { distance: 'room' }, [filling]);
    expect(filled.map((f) => f.filling.words)).toEqual(['A talk', 'A talk']);
    const stations = lanes.lanes.filter((l) => l.people.some((p) => p.id === one || p.id === two));
    expect(filled.map((f) => [f.x, f.width])).toEqual(stations.map((l) => [l.x, l.width]));
    const sight = { distance: 'route', route: { tasks: new Set<string>(), people: [one] } } as const;
    expect(sceneOf(plan, workshop, 1200, ALL, sight, [filling]).filled).toEqual([]);
  });
  it('lie nowhere over one another: what rests, what is worked, what lies on a fire; only what all do lies under them', () => {
    for (const distance of DISTANCES)
      for (const [w, p] of classes) {
        const rects = sceneAt(distance, w, p)
          .blocks.filter((b) => b.kind !== 'together' && b.kind !== 'preheat')
          .flatMap(rectsOf);
        const over = rects.flatMap((a, i) =>
          rects.slice(i + 1).flatMap((b) => {
            const across = Math.min(a.x + a.width, b.x + b.width) - Math.max(a.x, b.x);
            const down = Math.min(a.toSec, b.toSec) - Math.max(a.fromSec, b.fromSec);
            return a.task !== b.task && across > 0.01 && down > 0 ? [[distance, a.task, b.task]] : [];
          }),
        );
        expect(over).toEqual([]);
      }
  });
  it('part a rest where its pieces leave it: each share ends when its piece is taken', () => {
    const parted = sceneAt('room', workshop, plan).blocks.filter((b) => b.shares.length > 0);
    const { blocks } = sceneAt('room', rich, richPlan);
    const rests = [...parted, ...blocks.filter((b) => b.shares.length > 0)];
    expect(rests.length).toBeGreaterThan(2);
    for (const { task, shares } of rests) {
      const p = plan.tasks.includes(task) ? plan : richPlan;
      const batch = p.batches.find((b) => b.id === task.batch) ?? expect.fail();
      const leaves = batch.pieces.flatMap((piece) => {
        const own = p.tasks.filter((t) => t.piece === piece && t.startSec >= task.startSec);
        return own.length > 0 ? [Math.min(task.endSec, ...own.map((t) => t.startSec))] : [];
      });
      expect(shares.map((s) => s.toSec).sort((x, y) => x - y)).toEqual(leaves.sort((x, y) => x - y));
    }
  });
  it('stand at the griddle and spot of the plan, with the cook seen from the bench', () => {
    const { blocks, lanes } = sceneAt('station', workshop, plan);
    for (const t of plan.tasks.filter((x) => x.at?.kind === 'griddle' && x.piece !== undefined)) {
      const [cook, away] = blocks.filter((b) => b.task === t);
      const lane = lanes.byId.get(`griddle:${t.at?.id ?? ''}`);
      expect(cook?.x).toBe(lane?.columns[(t.at?.spot ?? 1) - 1]?.x);
      expect([cook?.kind, away?.kind, away?.x]).toEqual(['cook', 'away', lanes.people.get(t.people[0] ?? '')?.x]);
    }
  });
  it('of one route are those of the route alone, and its people have their columns', () => {
    const followed = { kind: 'person', id: 'p3' } as const;
    const tasks = followedTasks(plan, followed);
    const scene = sceneOf(plan, workshop, 1200, ALL, { distance: 'route', route: { tasks, people: ['p3'] } });
    expect(new Set(scene.blocks.map((b) => b.task.id))).toEqual(tasks);
    expect(scene.lanes.lanes.flatMap((l) => (l.kind === 'station' ? l.columns.map((c) => c.id) : []))).toEqual(['p3']);
    expect(scene.lanes.lanes.at(-1)?.kind).toBe('list');
  });
  it('mark every task that breaks a rule, each once', () => {
    const twelve = setParticipantCount(workshop, 12);
    const larger = twelve.ok ? { ...twelve.value, tableTime: '10:50' } : expect.fail();
    const late = planShaped(larger, UNSHAPED, { effort: 0 });
    const { troubled } = sceneAt('room', larger, late);
    expect(late.broken.length).toBeGreaterThan(2);
    expect(new Set(troubled)).toEqual(new Set(late.broken.flatMap((b) => b.tasks)));
    expect(troubled).toHaveLength(new Set(troubled).size);
  });
});

describe('the band of busy hands', () => {
  it('has a gap for everybody’s idle time: it is never full while somebody of the station is free', () => {
    for (const [w, p] of classes) {
      const { bands } = sceneAt('room', w, p);
      expect(bands).toHaveLength(w.stations.length);
      const gaps = idleGaps(w, p);
      expect(gaps.length).toBeGreaterThan(0);
      for (const g of gaps) {
        const station = w.stations.find((s) => s.members.includes(g.person)) ?? expect.fail();
        const band = bands.find((b) => b.lane === `station:${station.id}`) ?? expect.fail();
        const during = band.points.filter((q, i) => q.sec < g.toSec && (band.points[i + 1]?.sec ?? 0) > g.fromSec);
        for (const { count } of during) expect(count).toBeLessThan(band.people);
      }
    }
  });
});

describe('the places across', () => {
  it('lie side by side without overlap at any width; the room fits it, the stations keep room for their words', () => {
    for (const distance of ['room', 'station'] as const)
      for (const [w, p] of classes)
        for (const width of [640, 800, 1280, 1920]) {
          const { lanes, width: all } = lanesOf(p, w, width, ALL, distance);
          for (const [i, l] of lanes.entries())
            expect(l.x + l.width).toBeLessThanOrEqual((lanes[i + 1]?.x ?? all) + 0.01);
          if (distance === 'room') expect(all).toBe(width);
          else
            for (const c of lanes.flatMap((l) => (l.kind === 'station' ? l.columns : [])))
              expect(c.width).toBeGreaterThanOrEqual(100);
        }
  });
  it('can be folded and stand in another order among their own kind', () => {
    const choice = { folded: ['station:S2'], order: ['station:S3', 'station:S1', 'griddle:G2'] };
    const { lanes } = lanesOf(plan, workshop, 1200, choice, 'station');
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
    expect(lanesOf(other, workshop, 1200, ALL, 'room')).toBe(lanesOf(plan, workshop, 1200, ALL, 'room'));
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
  const scene = sceneAt('station', workshop, plan);
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
    const rich2 = sceneAt('station', rich, richPlan);
    const last = richPlan.tasks.findLast((t) => t.batch?.startsWith('barley-hearth@ahead')) ?? expect.fail();
    expect(stepFrom(rich2, last.id, 'ArrowDown')).toMatch(/^barley-hearth@S\d:/);
  });
});

/** Every letter half as wide as the type is high. */
const ruler: Ruler = { widthOf: (text, size) => (text.length * size) / 2 };

describe('a word', () => {
  it('is written whole or not at all, the longest that fits', () => {
    const names = ['Ottilie Brand', 'Ottilie', 'OB'];
    expect([90, 50, 20, 9].map((width) => firstThatFits(ruler, names, width, 13))).toEqual([
      'Ottilie Brand',
      'Ottilie',
      'OB',
      undefined,
    ]);
  });

  const written: unknown[] = [];
  const write = (words: readonly Partial<Word>[], height = 400) => {
    written.length = 0;
    const ctx = {
      fillText: (...said: unknown[]) => written.push(said),
      fillRect: () => undefined,
      save: () => undefined,
      restore: () => undefined,
      translate: () => undefined,
      rotate: () => undefined,
    };
    const list = words.map((w): Word => ({
      words: [],
      x: 0,
      y: 0,
      width: 0,
      height: 0,
      colour: '',
      sizes: [12],
      ...w,
    }));
    const view = { x: 0, y: 0, width: 600, height };
    return writeWords({ ctx, ruler, view, words: list } as unknown as Brush);
  };
  it('lies inside its box and inside what is in sight, downwards where there is no room across', () => {
    const box = { x: 10, y: 20, width: 40, height: 200 };
    const [across] = write([{ ...box, words: ['roll 3', 'roll'] }]);
    expect(across).toMatchObject({ text: 'roll 3', width: 36 });
    const [turned] = write([{ ...box, width: 14, words: ['roll 3', 'roll'], mayTurn: true }]);
    expect(turned).toMatchObject({ text: 'roll 3', height: 36 });
    expect(write([{ ...box, width: 14, words: ['roll 3'] }])).toEqual([]);
    // only six pixels of it are in sight
    expect(write([{ ...box, words: ['roll'] }], 26)).toEqual([]);
    const below = write([{ ...box, y: -100, words: ['roll'] }]);
    expect(below[0]?.y).toBeGreaterThanOrEqual(0);
  });
  it('gives way to what was written before it', () => {
    const box = { x: 10, y: 20, width: 60, height: 20 };
    expect(
      write([
        { ...box, words: ['mix'] },
        { ...box, words: ['knead'] },
      ]).map((w) => w.text),
    ).toEqual(['mix']);
    expect(
      write([
        { ...box, words: ['mix'] },
        { ...box, y: 45, words: ['knead'] },
      ]),
    ).toHaveLength(2);
    expect(written).toHaveLength(2);
  });
});
