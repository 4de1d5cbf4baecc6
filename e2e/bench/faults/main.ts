import { randomUUID } from 'node:crypto';
import { mkdirSync, mkdtempSync, rmSync, statfsSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Client, bodyOf, json, keepSaving, tally, type Tally } from './clients.ts';
import * as run from './installation.ts';
import { askAnything } from './requests.ts';

/** One row of the table: what was done, what came of it, and how long the application needed to serve again at the worst. */
interface Fault extends Tally {
  readonly what: string;
  readonly recoverySec: number | null;
  readonly note?: string;
}

const PORT = 4793;
const CLIENTS = 20;
const KILLS = 20;
const MOMENTS_MS = [150, 400, 700, 1000, 1300, 1700, 2200, 2800, 3600, 5000];

const folder = mkdtempSync(join(tmpdir(), 'hodsman-faults-'));
const dataOf = (name: string): string => {
  const path = join(folder, name);
  mkdirSync(path);
  return path;
};

const crowd = async (url: string, count: Tally, isTrouble: () => boolean): Promise<readonly Client[]> =>
  Promise.all(Array.from({ length: CLIENTS }, (_, i) => Client.make(url, `Client ${i}`, count, isTrouble)));

/** Kills a part of an installation again and again while everybody saves. */
async function kills(what: string, pidOf: (i: run.Installation) => number): Promise<Fault> {
  const app = await run.start(dataOf(randomUUID()), PORT);
  const count = tally();
  let isTrouble = false;
  const clients = await crowd(app.url, count, () => isTrouble);
  const saving = keepSaving(clients, [app.url]);
  let recoverySec = 0;
  for (let i = 0; i < KILLS; i++) {
    await run.pause(400 + 37 * i);
    isTrouble = true;
    process.kill(pidOf(app), 'SIGKILL');
    await run.pause(5);
    recoverySec = Math.max(recoverySec, await run.untilHealthy(app));
    await run.pause(200);
    isTrouble = false;
  }
  await saving.stop();
  for (const c of clients) await c.review(app.url);
  await run.stop(app);
  return { what, ...count, recoverySec };
}

/** Kills the starter of a first start at several moments; nothing may be left running, and the next start must work. */
async function killedFirstStarts(): Promise<Fault> {
  const count = tally();
  let recoverySec = 0;
  let left = 0;
  for (const ms of MOMENTS_MS) {
    const data = dataOf(`first-${ms}`);
    const first = run.launch(data, PORT);
    await run.pause(ms);
    first.starter.kill('SIGKILL');
    await first.ended;
    await run.pause(2_500);
    left += run.processesOf(data).length;
    const next = run.launch(data, PORT);
    recoverySec = Math.max(recoverySec, await run.untilHealthy(next));
    const classes = (await (await fetch(`${next.url}/documents/class`)).json()) as { documents: unknown[] };
    if (classes.documents.length !== 2) count.lost++;
    await run.stop(next);
  }
  return {
    what: `first start killed at ${MOMENTS_MS.length} moments, then started again`,
    ...count,
    recoverySec,
    note: `${left} processes left running; recovery is the whole next start, with a new database where there was none`,
  };
}

/** Ctrl-C while everybody saves; then a start again. */
async function ctrlC(): Promise<Fault> {
  const data = dataOf('ctrl-c');
  const app = await run.start(data, PORT);
  const count = tally();
  let isTrouble = false;
  const clients = await crowd(app.url, count, () => isTrouble);
  const saving = keepSaving(clients, [app.url]);
  await run.pause(1_500);
  isTrouble = true;
  const since = performance.now();
  app.starter.kill('SIGINT');
  const status = await app.ended;
  const endSec = (performance.now() - since) / 1000;
  const again = run.launch(data, PORT);
  const recoverySec = await run.untilHealthy(again);
  await run.pause(300);
  isTrouble = false;
  await run.pause(500);
  await saving.stop();
  for (const c of clients) await c.review(again.url);
  await run.stop(again);
  const note = `ended with ${String(status)} after ${endSec.toFixed(1)} s`;
  return { what: 'Ctrl-C under load, then started again', ...count, recoverySec, note };
}

/** The database stops answering for ten seconds and goes on. */
async function hangingDatabase(): Promise<Fault> {
  const app = await run.start(dataOf('hang'), PORT);
  const count = tally();
  let isTrouble = false;
  const clients = await crowd(app.url, count, () => isTrouble);
  const saving = keepSaving(clients, [app.url]);
  await run.pause(500);
  isTrouble = true;
  const pid = run.databasePid(app);
  process.kill(pid, 'SIGSTOP');
  await run.pause(200);
  const since = performance.now();
  const status = await fetch(`${app.url}/documents/class`).then((r) => r.status);
  const answeredSec = (performance.now() - since) / 1000;
  await run.pause(Math.max(0, 9_800 - answeredSec * 1000));
  process.kill(pid, 'SIGCONT');
  const recoverySec = await run.untilHealthy(app);
  await run.pause(5_000);
  isTrouble = false;
  await run.pause(500);
  await saving.stop();
  for (const c of clients) await c.review(app.url);
  await run.stop(app);
  const note = `meanwhile a list is answered ${status} after ${answeredSec.toFixed(1)} s`;
  return { what: 'a database that hangs for 10 s', ...count, recoverySec, note };
}

/** Somebody holds one row; the others go on. */
async function lockedRow(): Promise<Fault> {
  const app = await run.start(dataOf('row'), PORT);
  const count = tally();
  let isTrouble = false;
  const others = tally();
  const clients = await crowd(app.url, others, () => false);
  const held = await Client.make(app.url, 'Held', count, () => isTrouble);
  isTrouble = true;
  const holding = run.holdRow(app, held.id, 6);
  await run.pause(300);
  const saving = keepSaving(clients, [app.url]);
  const own = held.save([app.url]);
  let slowestMs = 0;
  for (let i = 0; i < 20; i++) {
    const since = performance.now();
    await fetch(`${app.url}/documents/class?limit=1`);
    slowestMs = Math.max(slowestMs, performance.now() - since);
    await run.pause(100);
  }
  await holding;
  const since = performance.now();
  await own;
  const recoverySec = (performance.now() - since) / 1000;
  await saving.stop();
  for (const c of [...clients, held]) await c.review(app.url);
  await run.stop(app);
  const sum = (key: keyof Tally): number => count[key] + others[key];
  return {
    what: 'a row that somebody holds for 6 s',
    acknowledged: sum('acknowledged'),
    lost: sum('lost'),
    falseConflicts: sum('falseConflicts'),
    withoutCause: sum('withoutCause'),
    troubled: sum('troubled'),
    recoverySec,
    note: `meanwhile ${others.acknowledged} saves of other documents; a list took ${slowestMs.toFixed(0)} ms at most`,
  };
}

/** The disk fills up and gets room again. */
async function fullDisk(): Promise<Fault> {
  const what = 'a disk that fills, and gets room again';
  const data = dataOf('disk');
  const count = tally();
  if (!run.mountMemory(data, 700)) return { what, ...count, recoverySec: null, note: 'mounting is not allowed here' };
  try {
    const app = await run.start(data, PORT);
    let isTrouble = false;
    const clients = await crowd(app.url, count, () => isTrouble);
    const saving = keepSaving(clients, [app.url]);
    await run.pause(500);
    isTrouble = true;
    const { bavail, bsize } = statfsSync(data);
    const filler = join(data, 'filler');
    writeFileSync(filler, Buffer.alloc(Math.max(0, bavail * bsize - 20 * 2 ** 20)));
    await run.pause(2_500);
    const write = await fetch(`${app.url}/documents/class`, {
      method: 'POST',
      ...json(bodyOf('No room'), randomUUID()),
    });
    const read = await fetch(`${app.url}/documents/class`);
    const { type } = (await write.json()) as { type: string };
    rmSync(filler);
    const since = performance.now();
    for (;;) {
      const tried = await fetch(`${app.url}/documents/class`, {
        method: 'POST',
        ...json(bodyOf('Room'), randomUUID()),
      });
      if (tried.status === 201) break;
      await run.pause(50);
    }
    const recoverySec = (performance.now() - since) / 1000;
    await run.pause(300);
    isTrouble = false;
    await run.pause(300);
    await saving.stop();
    for (const c of clients) await c.review(app.url);
    await run.stop(app);
    return { what, ...count, recoverySec, note: `writes ${write.status} ${type}, reads ${read.status} meanwhile` };
  } finally {
    run.unmount(data);
  }
}

/** Forty times twenty clients save over the same version at once: one may win. */
async function oneVersion(urls: readonly string[], count: Tally): Promise<number> {
  const first = urls[0] ?? '';
  const made = await fetch(`${first}/documents/class`, { method: 'POST', ...json(bodyOf('Shared'), randomUUID()) });
  const { id } = (await made.json()) as { id: string };
  let odd = 0;
  const won: string[] = [];
  for (let round = 1; round <= 40; round++) {
    const answers = await Promise.all(
      Array.from({ length: CLIENTS }, async (_, i) => {
        const title = `Round ${round} of ${i}`;
        const url = `${urls[i % urls.length] ?? ''}/documents/class/${id}`;
        const { status } = await fetch(url, {
          method: 'PUT',
          ...json({ version: round, body: bodyOf(title) }, randomUUID()),
        });
        return { title, status };
      }),
    );
    const winners = answers.filter((a) => a.status === 200);
    if (winners.length !== 1) odd++;
    won.push(...winners.map((w) => w.title));
    count.acknowledged += winners.length;
    count.withoutCause += answers.filter((a) => a.status >= 500).length;
  }
  const { versions } = (await (await fetch(`${first}/documents/class/${id}/versions`)).json()) as {
    versions: { title: string }[];
  };
  const titles = new Set(versions.map((v) => v.title));
  count.lost += won.filter((t) => !titles.has(t)).length;
  return odd;
}

async function shared(): Promise<readonly Fault[]> {
  const app = await run.start(dataOf('shared'), PORT);
  const alone = tally();
  const oddAlone = await oneVersion([app.url], alone);
  const second = await run.start(dataOf('second'), PORT + 1, { HODSMAN_DATABASE_URL: run.databaseUrl(app) });
  const both = tally();
  const oddBoth = await oneVersion([app.url, second.url], both);
  const clients = await crowd(app.url, both, () => false);
  const saving = keepSaving(clients, [second.url, app.url]);
  await run.pause(3_000);
  await saving.stop();
  for (const c of clients) await c.review(second.url);
  await run.stop(second);
  const strange = tally();
  const asked = await askAnything(app.url, 20_000);
  strange.withoutCause = asked.failed;
  const healthy = await run.untilHealthy(app);
  await run.stop(app);
  const odd = (n: number): string => `${n} rounds with another number of winners than one`;
  return [
    { what: '40 rounds of 20 clients on one version', ...alone, recoverySec: null, note: odd(oddAlone) },
    {
      what: 'the same on two servers with one database, then 20 clients on both',
      ...both,
      recoverySec: null,
      note: odd(oddBoth),
    },
    {
      what: '20,000 generated requests over every route',
      ...strange,
      recoverySec: null,
      note: `answers by hundreds: ${asked.byHundred.join(', ')}; healthy after ${healthy.toFixed(2)} s`,
    },
  ];
}

const row = (f: Fault): string =>
  `| ${f.what} | ${f.acknowledged} | ${f.lost} | ${f.falseConflicts} | ${f.withoutCause} | ${f.recoverySec === null ? '–' : f.recoverySec.toFixed(2)} | ${f.note ?? ''} |`;

/** Breaks the application in every way that the project names, and counts what is lost. */
export async function measureFaults(): Promise<readonly string[]> {
  const parts: readonly (() => Promise<Fault | readonly Fault[]>)[] = [
    () => kills(`${KILLS} kills of the server under saving`, run.serverPid),
    () => kills(`${KILLS} kills of the database under saving`, run.databasePid),
    killedFirstStarts,
    ctrlC,
    hangingDatabase,
    lockedRow,
    fullDisk,
    shared,
  ];
  const rows: Fault[] = [];
  try {
    for (const part of parts) {
      const came = await part();
      for (const f of Array.isArray(came) ? (came as readonly Fault[]) : [came as Fault]) {
        rows.push(f);
        console.error(row(f));
      }
    }
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
  return [
    '| what | acknowledged saves | lost | false conflicts | 5xx without cause | seconds to recovery, worst | |',
    '| --- | ---: | ---: | ---: | ---: | ---: | --- |',
    ...rows.map(row),
  ];
}
