import { spawn } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { cpus, tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import {
  planClass,
  readWorkshop,
  setBreadsEach,
  setGriddleCount,
  setParticipantCount,
  type Result,
  type Workshop,
} from '@hodsman/core';
import { chromium, type Page } from '@playwright/test';
import { format, resolveConfig } from 'prettier';
import demoClass from '../demo/class.json' with { type: 'json' };
import { firstLoadBytes } from '../scripts/lib/build.mjs';

const ROOT = fileURLToPath(new URL('..', import.meta.url));
const PORT = 4793;
const CHANGES = 15;
const RUNS = 9;

interface Row {
  readonly what: string;
  readonly measured: number;
  readonly unit: string;
  readonly limit?: number;
}

const median = (list: readonly number[]): number => [...list].sort((a, b) => a - b)[Math.floor(list.length / 2)] ?? 0;
const taken = <T>(result: Result<T>): T => {
  if (!result.ok) throw new Error(JSON.stringify(result.faults));
  return result.value;
};

/** Starts the application on an empty data folder, then again on the same: the second time is what is measured. */
async function withApplication<T>(use: (page: Page, readyMs: number) => Promise<T>): Promise<T> {
  const data = mkdtempSync(join(tmpdir(), 'hodsman-bench-'));
  const env = { ...process.env, HODSMAN_DATA: data, PORT: String(PORT), HODSMAN_DATABASE_URL: '' };
  const browser = await chromium.launch({
    executablePath: '/usr/bin/chromium',
    args: ['--no-sandbox', '--disable-gpu'],
  });
  let running: Awaited<ReturnType<typeof start>> | undefined;
  try {
    const first = await start(env);
    await first.stop();
    running = await start(env);
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
    // the loader of this script wraps functions in a helper that the page does not have
    await page.addInitScript('globalThis.__name ??= (f) => f');
    const before = performance.now();
    await page.goto(`http://127.0.0.1:${PORT}/`);
    await page.locator('[data-kind="cook"]').first().waitFor();
    return await use(page, running.readyMs + performance.now() - before);
  } finally {
    await browser.close();
    await running?.stop();
    rmSync(data, { recursive: true, force: true });
  }
}

async function start(
  env: NodeJS.ProcessEnv,
): Promise<{ readonly readyMs: number; readonly stop: () => Promise<void> }> {
  const before = performance.now();
  const child = spawn(process.execPath, ['scripts/start.mjs'], {
    cwd: ROOT,
    env,
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  await new Promise<void>((resolve, reject) => {
    child.stdout.on('data', (d: Buffer) => {
      if (d.toString().includes('ready')) resolve();
    });
    child.on('exit', () => reject(new Error('the application ended')));
  });
  const readyMs = performance.now() - before;
  const stop = async (): Promise<void> => {
    const ended = new Promise((resolve) => child.on('exit', resolve));
    child.kill('SIGTERM');
    await ended;
  };
  return { readyMs, stop };
}

/** Milliseconds from a click on a figure to the frame that shows a plan of it: the first one, and the final one. */
async function changeTimes(page: Page, label: string): Promise<{ readonly first: number; readonly final: number }> {
  await page.locator('[data-testid="verdict"][data-planning="false"]').waitFor();
  const measured = page.evaluate(
    (name) =>
      new Promise<{ first: number; final: number }>((resolve) => {
        const cooks = (): string =>
          [...document.querySelectorAll('[data-kind="cook"]')].map((x) => x.getAttribute('data-task')).join();
        const before = cooks();
        let clicked = 0;
        let first = 0;
        document
          .querySelector(`[aria-label="${name}"]`)
          ?.addEventListener('click', () => (clicked = performance.now()), { capture: true, once: true });
        const look = (): void => {
          const now = performance.now();
          if (clicked > 0 && first === 0 && cooks() !== before) first = now;
          const isFinal = document.querySelector('[data-testid="verdict"]')?.getAttribute('data-planning') === 'false';
          if (first > 0 && isFinal) resolve({ first: first - clicked, final: now - clicked });
          else requestAnimationFrame(look);
        };
        requestAnimationFrame(look);
      }),
    label,
  );
  await page.getByLabel(label).click();
  return measured;
}

/** Median milliseconds of planning a class at an effort, after one run that warms the code up. */
function planMs(workshop: Workshop, effort: number): number {
  const times = Array.from({ length: RUNS + 1 }, () => {
    const before = performance.now();
    planClass(workshop, { effort });
    return performance.now() - before;
  });
  return median(times.slice(1));
}

/** The demonstration class with so many people, and benches and griddles for them. */
function classOf(people: number, each: number, griddles: number): Workshop {
  const demo = taken(readWorkshop(demoClass));
  const benches = Array.from({ length: Math.ceil(people / 2) }, (_, i) => ({ id: `B${i + 1}`, seats: 2 }));
  const places = demo.kitchen.places.map((p) => ({ ...p, batches: people }));
  const staff = [1, 2, 3].map((n) => ({ id: `staff${n}`, name: `Staff ${n}`, role: 'instructor' as const, pace: 0.5 }));
  const roomy = { ...demo, kitchen: { ...demo.kitchen, benches, places, staff }, tableTime: '13:00' };
  return taken(
    setGriddleCount(taken(setBreadsEach(taken(setParticipantCount(roomy, people)), 'round', each)), griddles),
  );
}

const rows: Row[] = [
  { what: 'scripts that the first page loads, gzipped', measured: firstLoadBytes() / 1000, unit: 'kB', limit: 250 },
];
await withApplication(async (page, readyMs) => {
  rows.push({
    what: 'from `npm start` (installed, built) to the plan on the screen',
    measured: readyMs / 1000,
    unit: 's',
    limit: 5,
  });
  const times: { first: number; final: number }[] = [];
  for (let i = 0; i < CHANGES; i++)
    times.push(await changeTimes(page, i % 2 === 0 ? 'Breads each: one more' : 'Breads each: one less'));
  rows.push(
    {
      what: 'a change of the demonstration class to a new plan on the screen, median',
      measured: median(times.map((t) => t.first)),
      unit: 'ms',
      limit: 100,
    },
    { what: 'the same, slowest', measured: Math.max(...times.map((t) => t.first)), unit: 'ms', limit: 100 },
    { what: 'the same, to the final plan (effort 3), median', measured: median(times.map((t) => t.final)), unit: 'ms' },
  );
});
const sizes = [
  [8, 2, 2],
  [12, 3, 4],
  [24, 3, 6],
  [36, 3, 10],
] as const;
const curve = sizes.map(([people, each, griddles]) => {
  const workshop = classOf(people, each, griddles);
  const { measures } = planClass(workshop, { goal: 'short' });
  return {
    people,
    pieces: people * each,
    griddles,
    one: planMs(workshop, 1),
    three: planMs(workshop, 3),
    gap: measures.finishSec / measures.boundSec - 1,
  };
});
const base = curve[0];
const table = [
  '# Benchmarks',
  '',
  `Written by \`npm run bench\` on ${cpus().length} cores (${cpus()[0]?.model ?? 'unknown'}), Node.js ${process.version}. Limits are those that the project set itself; a ratio under 1 keeps one.`,
  '',
  '| what | measured | limit | ratio |',
  '| --- | ---: | ---: | ---: |',
  ...rows.map(
    (r) =>
      `| ${r.what} | ${r.measured.toPrecision(3)} ${r.unit} | ${r.limit === undefined ? '–' : `${r.limit} ${r.unit}`} | ${r.limit === undefined ? '–' : (r.measured / r.limit).toFixed(2)} |`,
  ),
  '',
  '## Planning, by size of the class',
  '',
  'One plain bread; medians without the browser. The ratios are to the first line. The gap is how far the shortest class found lies above its proven lower bound.',
  '',
  '| people | pieces | griddles | effort 1 | effort 3 | pieces, ratio | effort 3, ratio | gap |',
  '| ---: | ---: | ---: | ---: | ---: | ---: | ---: | ---: |',
  ...curve.map(
    (c) =>
      `| ${c.people} | ${c.pieces} | ${c.griddles} | ${c.one.toFixed(0)} ms | ${c.three.toFixed(0)} ms | ${(c.pieces / (base?.pieces ?? 1)).toFixed(1)} | ${(c.three / (base?.three ?? 1)).toFixed(1)} | ${(100 * c.gap).toFixed(1)} % |`,
  ),
  '',
].join('\n');
const path = join(ROOT, 'docs', 'benchmarks.md');
writeFileSync(path, await format(table, { ...(await resolveConfig(path)), filepath: path }));
console.log(table);
