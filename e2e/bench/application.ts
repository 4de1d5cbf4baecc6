import { spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { chromium, type Page } from '@playwright/test';
import { firstLoadBytes } from '../../scripts/lib/build.mjs';
import { median, type Row } from './table.ts';

const ROOT = fileURLToPath(new URL('../..', import.meta.url));
const PORT = 4793;
const CHANGES = 15;

/** Starts the application on an empty data folder, then again on the same: the second time is what is measured. */
export async function withApplication<T>(use: (page: Page, readyMs: number) => Promise<T>): Promise<T> {
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
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 }, baseURL: `http://127.0.0.1:${PORT}` });
    // the loader of this script wraps functions in a helper that the page does not have
    await page.addInitScript('globalThis.__name ??= (f) => f');
    const before = performance.now();
    await page.goto(`http://127.0.0.1:${PORT}/`);
    await page.locator('[data-testid="board"][data-cooks]').waitFor();
    return await use(page, running.readyMs + performance.now() - before);
  } finally {
    await browser.close();
    await running?.stop();
    rmSync(data, { recursive: true, force: true });
  }
}

/** Starts the application; what it needs to know stands in the environment. */
export async function start(
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
        const cooks = (): string | undefined =>
          document.querySelector<HTMLElement>('[data-testid="board"]')?.dataset['cooks'];
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

/** How quick the application is as a person meets it: its first page, its start, a change of the class. */
export async function measureApplication(): Promise<readonly Row[]> {
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
      {
        what: 'the same, to the final plan (effort 3), median',
        measured: median(times.map((t) => t.final)),
        unit: 'ms',
      },
    );
  });
  return rows;
}
