import { randomUUID } from 'node:crypto';
import { mkdtempSync, rmSync } from 'node:fs';
import { get } from 'node:http';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { eventInFile, foldEvents, planClass, readClassRecord, readEvent, type LiveEvent } from '@hodsman/core';
import demoClass from '../../demo/class.json' with { type: 'json' };
import * as run from './faults/installation.ts';
import { measureLivePage } from './live-page.ts';
import { median, type Row } from './table.ts';

const PORTS = [4794, 4795] as const;
const DEVICES = 20;
const TAPS_A_SECOND = 200;
const SECONDS = 60;
const KILLS = 20;
const FOLDED = 2000;
/** Time for what is on its way when the last tap was sent. */
const SETTLE_MS = 3000;

const read = readClassRecord(demoClass);
if (!read.ok) throw new Error('the demonstration class is not read');
const { workshop, notes } = read.value;
const plan = planClass(workshop, { effort: 0 });

const event = (kind: string, data: object, device: string): LiveEvent =>
  ({ id: randomUUID(), device, who: 'Wren', atMs: Date.now(), kind, data }) as unknown as LiveEvent;
const started = (): LiveEvent => event('started', { workshop, notes, plan, fromSec: 0, rate: 1 }, 'd0');
const tap = (n: number): LiveEvent =>
  event('longer', { sec: 1, task: plan.tasks[n % plan.tasks.length]?.id }, `d${n % DEVICES}`);

const percentile = (list: readonly number[], share: number): number =>
  [...list].sort((a, b) => a - b)[Math.min(list.length - 1, Math.floor(list.length * share))] ?? 0;

async function post(url: string, id: string, events: readonly LiveEvent[]): Promise<boolean> {
  try {
    const answer = await fetch(`${url}/classes/${id}/events`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(events.map(eventInFile)),
      signal: AbortSignal.timeout(5000),
    });
    const { accepted = [] } = answer.ok ? ((await answer.json()) as { accepted?: { id: string }[] }) : {};
    return events.every((e) => accepted.some((a) => a.id === e.id));
  } catch {
    return false;
  }
}

async function makeClass(url: string): Promise<string> {
  const made = await fetch(`${url}/documents/class`, {
    method: 'POST',
    headers: { 'content-type': 'application/json', 'Idempotency-Key': randomUUID() },
    body: JSON.stringify(demoClass),
  });
  return ((await made.json()) as { id: string }).id;
}

/** Hears the log of a class as a screen does; `hear` is told the id of each event. */
function follow(url: string, id: string, hear: (event: string) => void): () => void {
  let rest = '';
  const asked = get(`${url}/classes/${id}/events/stream?after=1`, (answer) => {
    answer.setEncoding('utf8').on('data', (text: string) => {
      const lines = (rest + text).split('\n');
      rest = lines.pop() ?? '';
      for (const line of lines) {
        const [, found] = /^data: .*?"id":"([^"]+)"/.exec(line) ?? [];
        if (found !== undefined) hear(found);
      }
    });
  }).on('error', () => undefined);
  return () => void asked.destroy();
}

async function logOf(url: string, id: string): Promise<readonly { readonly seq: number; readonly id: string }[]> {
  const all: { seq: number; id: string }[] = [];
  for (;;) {
    const answer = await fetch(`${url}/classes/${id}/events?after=${all.at(-1)?.seq ?? 0}`);
    const { events } = (await answer.json()) as { events: { seq: number; id: string }[] };
    all.push(...events);
    if (events.length === 0) return all;
  }
}

/** How many of the acknowledged events are not in the log, and how many are in it twice or leave a gap. */
async function review(url: string, id: string, acknowledged: readonly string[]): Promise<[number, number]> {
  const log = await logOf(url, id);
  const ids = new Set(log.map((e) => e.id));
  const lost = acknowledged.filter((a) => !ids.has(a)).length;
  const gaps = log.filter((e, i) => e.seq !== i + 1).length;
  return [lost, log.length - ids.size + gaps];
}

/** Two hundred taps a second for a minute, from twenty devices, over two servers on one database; each server has a screen that follows. */
async function taps(folder: string): Promise<readonly Row[]> {
  const first = await run.start(join(folder, 'first'), PORTS[0]);
  const second = await run.start(join(folder, 'second'), PORTS[1], { HODSMAN_DATABASE_URL: run.databaseUrl(first) });
  const urls = [first.url, second.url];
  const id = await makeClass(first.url);
  await post(first.url, id, [started()]);
  const sentAt = new Map<string, number>();
  const toScreens: number[] = [];
  const toAnswer: number[] = [];
  const acknowledged: string[] = [];
  const stops = urls.map((url) =>
    follow(url, id, (e) => {
      const since = sentAt.get(e);
      if (since !== undefined) toScreens.push(performance.now() - since);
    }),
  );
  await run.pause(500);
  const waiting: Promise<void>[] = [];
  const begun = performance.now();
  for (let n = 0; n < TAPS_A_SECOND * SECONDS; n++) {
    const due = begun + (n * 1000) / TAPS_A_SECOND;
    if (due > performance.now()) await run.pause(due - performance.now());
    const one = tap(n);
    const since = performance.now();
    sentAt.set(one.id, since);
    waiting.push(
      post(urls[n % 2] ?? '', id, [one]).then((isKept) => {
        toAnswer.push(performance.now() - since);
        if (isKept) acknowledged.push(one.id);
      }),
    );
  }
  await Promise.all(waiting);
  await run.pause(SETTLE_MS);
  for (const stop of stops) stop();
  const [lost, doubled] = await review(first.url, id, acknowledged);
  await run.stop(second);
  await run.stop(first);
  const all = TAPS_A_SECOND * SECONDS;
  return [
    {
      what: `${all} taps, ${TAPS_A_SECOND} a second from ${DEVICES} devices: acknowledged`,
      measured: acknowledged.length,
      unit: '',
    },
    { what: 'acknowledged and not in the log', measured: lost, unit: '' },
    { what: 'twice in the log, or a gap in it', measured: doubled, unit: '' },
    { what: 'told to both screens', measured: toScreens.length, unit: '' },
    { what: 'tap to acknowledged, median', measured: median(toAnswer), unit: 'ms' },
    { what: 'the same, 99 of 100', measured: percentile(toAnswer, 0.99), unit: 'ms', limit: 100 },
    {
      what: 'tap to the screens of both servers, 99 of 100',
      measured: percentile(toScreens, 0.99),
      unit: 'ms',
      limit: 300,
    },
  ];
}

/** A part is killed again and again while taps are sent, each until it is acknowledged. */
async function kills(what: string, folder: string, pidOf: (i: run.Installation) => number): Promise<readonly Row[]> {
  const app = await run.start(folder, PORTS[0]);
  const id = await makeClass(app.url);
  await post(app.url, id, [started()]);
  const acknowledged: string[] = [];
  let isOver = false;
  const device = async (n: number): Promise<void> => {
    for (let i = n; !isOver; i += DEVICES) {
      const one = tap(i);
      while (!(await post(app.url, id, [one]))) await run.pause(100);
      acknowledged.push(one.id);
    }
  };
  const tapping = Array.from({ length: DEVICES }, (_, n) => device(n));
  let recoverySec = 0;
  for (let i = 0; i < KILLS; i++) {
    await run.pause(400 + 37 * i);
    process.kill(pidOf(app), 'SIGKILL');
    await run.pause(5);
    recoverySec = Math.max(recoverySec, await run.untilHealthy(app));
  }
  isOver = true;
  await Promise.all(tapping);
  const [lost, doubled] = await review(app.url, id, acknowledged);
  await run.stop(app);
  return [
    { what: `${what} killed ${KILLS} times: taps acknowledged meanwhile`, measured: acknowledged.length, unit: '' },
    { what: 'the same: acknowledged and not in the log', measured: lost, unit: '' },
    { what: 'the same: twice in the log, or a gap in it', measured: doubled, unit: '' },
    { what: 'the same: until it serves again, at the worst', measured: recoverySec, unit: 's', limit: 5 },
  ];
}

/** The state of two thousand events. */
function folding(): Row {
  const events = [started(), ...Array.from({ length: FOLDED - 1 }, (_, n) => tap(n))].map((e) => {
    const back = readEvent(JSON.parse(JSON.stringify(eventInFile(e))));
    if (!back.ok) throw new Error('an event is not read');
    return back.value;
  });
  const times = Array.from({ length: 30 }, () => {
    const since = performance.now();
    foldEvents(events);
    return performance.now() - since;
  });
  return { what: `fold of ${FOLDED} events, median`, measured: median(times.slice(10)), unit: 'ms', limit: 20 };
}

/** What a class that runs holds out. */
export async function measureLive(): Promise<readonly Row[]> {
  const folder = mkdtempSync(join(tmpdir(), 'hodsman-live-'));
  try {
    return [
      ...(await taps(folder)),
      ...(await kills('server', join(folder, 'server'), run.serverPid)),
      ...(await kills('database', join(folder, 'database'), run.databasePid)),
      folding(),
      ...(await measureLivePage()),
    ];
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
}
