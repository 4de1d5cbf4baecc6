import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { planClass, readClassRecord } from '@hodsman/core';
import demoClass from '../../../demo/class.json';
import type { Keep, Kept } from './keep.ts';
import { LiveClass, type Answered, type Hear, type LiveServer } from './live-class.ts';

const read = readClassRecord(demoClass);
if (!read.ok) throw new Error('the demonstration class is not read');
const { workshop, notes } = read.value;
const plan = planClass(workshop, { effort: 0 });
const people = workshop.roster.map((p) => p.id);

/** A server with one log; it can be away, lose its answer, or refuse. */
class FakeServer implements LiveServer {
  log: { seq: number; id: string }[] = [];
  isAway = false;
  losesAnswer = false;
  hangs = false;
  refuses = '';
  sent = 0;
  aheadMs = 3_600_000;
  private readonly hearing = new Set<Hear>();
  send = async (_: string, events: readonly unknown[], signal: AbortSignal): Promise<Answered> => {
    await Promise.resolve();
    if (this.hangs)
      await new Promise((_, fail) => signal.addEventListener('abort', () => fail(new Error('waited too long'))));
    if (this.isAway) throw new Error('away');
    this.sent += events.length;
    const refused: Answered['refused'][number][] = [];
    for (const e of events as readonly { id: string; kind: string }[]) {
      if (e.kind === this.refuses) refused.push({ id: e.id, faults: [{ message: 'of no use' }] });
      else if (!this.log.some((l) => l.id === e.id)) this.append(e);
    }
    if (this.losesAnswer) throw new Error('the answer was lost');
    const accepted = (events as readonly { id: string }[]).flatMap((e) => this.log.filter((l) => l.id === e.id));
    return { accepted, refused, nowMs: Date.now() + this.aheadMs };
  };
  follow = (_: string, after: number, hear: Hear): (() => void) => {
    this.hearing.add(hear);
    for (const e of this.log.filter((l) => l.seq > after)) hear.event(e);
    hear.line(true);
    this.tellTime();
    return () => this.hearing.delete(hear);
  };
  tellTime(): void {
    for (const hear of this.hearing) hear.time(Date.now() + this.aheadMs);
  }
  append(e: { id: string }): void {
    const logged = { ...e, seq: this.log.length + 1 };
    this.log.push(logged);
    for (const hear of this.hearing) hear.event(logged);
  }
}

/** What a device keeps, over a reload of the page. */
function memory(): Keep & { kept: Map<string, Kept> } {
  const kept = new Map<string, Kept>();
  return {
    kept,
    read: (id) => Promise.resolve(kept.get(id)),
    write: (id, what) => Promise.resolve(void kept.set(id, JSON.parse(JSON.stringify(what)) as Kept)),
  };
}

const start = (live: LiveClass): string => live.tap('started', { workshop, notes, plan, fromSec: 0, rate: 1 }, 'Wren');
const here = (live: LiveClass, n: number): string => live.tap('arrived', { person: people[n] ?? '' }, 'Wren');
const counted = (live: LiveClass): number =>
  Object.values(live.current().state?.people ?? {}).filter((p) => p.isHere).length;
const settled = (): Promise<void> => vi.advanceTimersByTimeAsync(5000).then(() => undefined);

describe('a class that runs, on one device', () => {
  let server: FakeServer;
  beforeEach(() => {
    vi.useFakeTimers();
    server = new FakeServer();
  });
  afterEach(() => void vi.useRealTimers());

  it('shows a tap at once and has it in the log once, by the clock of the server', async () => {
    const live = new LiveClass('c', 'tablet', server, memory());
    await settled();
    start(live);
    here(live, 0);
    expect([counted(live), live.current().unsent]).toEqual([1, 2]);
    await settled();
    expect([counted(live), live.current().unsent, server.log.length]).toEqual([1, 0, 2]);
    expect(Math.round((live.nowMs() - Date.now()) / 60_000)).toBe(60);
    const [first] = server.log as unknown as { atMs: number }[];
    expect(Math.round(((first?.atMs ?? 0) - Date.now()) / 60_000)).toBe(60);
  });

  it('without network goes on, keeps its taps over a reload, and sends each once', async () => {
    const keep = memory();
    const live = new LiveClass('c', 'tablet', server, keep);
    await settled();
    start(live);
    await settled();
    server.isAway = true;
    here(live, 0);
    here(live, 1);
    await settled();
    expect(live.current()).toMatchObject({ isOnline: false, unsent: 2 });
    live.close();
    const again = new LiveClass('c', 'tablet', server, keep);
    here(again, 2);
    await settled();
    expect([counted(again), again.current().unsent]).toEqual([3, 3]);
    server.isAway = false;
    await settled();
    expect([counted(again), again.current().unsent, server.log.length]).toEqual([3, 0, 4]);
  });

  it('sends again what was not answered, and doubles nothing', async () => {
    const live = new LiveClass('c', 'tablet', server, memory());
    await settled();
    start(live);
    await settled();
    server.losesAnswer = true;
    here(live, 0);
    await settled();
    server.losesAnswer = false;
    await settled();
    expect([server.log.length, live.current().unsent, counted(live)]).toEqual([2, 0, 1]);
  });

  it('gives up a request that hangs, and sends again', async () => {
    const live = new LiveClass('c', 'tablet', server, memory());
    await settled();
    start(live);
    await settled();
    server.hangs = true;
    here(live, 0);
    await settled();
    server.hangs = false;
    here(live, 1);
    await vi.advanceTimersByTimeAsync(13_000);
    expect([server.log.length, live.current().unsent, counted(live)]).toEqual([3, 0, 2]);
  });

  it('sends on although the store of the device hangs', async () => {
    const keep = memory();
    const live = new LiveClass('c', 'tablet', server, {
      read: keep.read,
      write: () => new Promise(() => undefined),
    });
    await settled();
    start(live);
    await settled();
    here(live, 0);
    await settled();
    expect([server.log.length, live.current().unsent]).toEqual([2, 0]);
  });

  it('folds in what another device did, in one order on both', async () => {
    const [a, b] = [new LiveClass('c', 'a', server, memory()), new LiveClass('c', 'b', server, memory())];
    await settled();
    start(a);
    await settled();
    here(a, 0);
    here(b, 1);
    await settled();
    expect([counted(a), counted(b)]).toEqual([2, 2]);
    expect(JSON.stringify(a.current().state)).toBe(JSON.stringify(b.current().state));
  });

  it('has the last tap of a device stand, although a slow answer put its clock back, and two come in one moment', async () => {
    const live = new LiveClass('c', 'tablet', server, memory());
    await settled();
    start(live);
    const griddle = workshop.kitchen.griddles[0]?.id ?? '';
    const measured = (surfaceC: number): string =>
      live.tap('griddle-measured', { griddle, surfaceC, isHot: surfaceC > 200 }, 'Wren');
    await settled();
    measured(90);
    server.aheadMs -= 4000;
    server.tellTime();
    measured(240);
    expect(live.current().state?.griddles[griddle]?.surfaceC).toBe(240);
    for (let c = 201; c <= 220; c++) measured(c);
    expect(live.current().state?.griddles[griddle]?.surfaceC).toBe(220);
    await settled();
    expect(live.current().state?.log.map((e) => e.kind === 'griddle-measured' && e.data.surfaceC)).toEqual([
      90,
      240,
      ...Array.from({ length: 20 }, (_, i) => 201 + i),
    ]);
  });

  it('does not follow a clock that was wrong by an hour', async () => {
    const live = new LiveClass('c', 'tablet', server, memory());
    await settled();
    start(live);
    server.aheadMs = 0;
    server.tellTime();
    here(live, 0);
    const last = live.current().state?.log.at(-1);
    expect(last?.atMs).toBe(Date.now());
  });

  it('lets go of what the server refuses, and says why', async () => {
    const live = new LiveClass('c', 'tablet', server, memory());
    await settled();
    start(live);
    server.refuses = 'held';
    live.tap('held', {}, 'Wren');
    here(live, 0);
    await settled();
    expect(live.current()).toMatchObject({ unsent: 0, refused: ['of no use'] });
    expect([counted(live), live.current().state?.heldSec]).toEqual([1, null]);
  });
});
