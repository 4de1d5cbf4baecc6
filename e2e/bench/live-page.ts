import { randomUUID } from 'node:crypto';
import { readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { eventInFile, planClass, type LiveEvent, type Plan, type Workshop } from '@hodsman/core';
import { sizedClass } from '@hodsman/core/testing';
import { withApplication } from './application.ts';
import { median, type Row } from './table.ts';

const FAST = 60;
const HOURS = 3;
const REPEATS = 5;
const MB = 1_000_000;
const KB_PER_MB = 1000;

const SHAPES = [
  [{ people: 16, breads: 3, each: 1, griddles: 4 }, 150],
  [{ people: 36, breads: 3, each: 1, griddles: 10 }, 500],
] as const;

/** Makes a class on the server and starts it, its clock at a moment; seconds since doors open. Opens its page. */
async function begin(page: Page, workshop: Workshop, plan: Plan, fromSec: number, rate: number): Promise<void> {
  const made = await page.request.post('/api/documents/class', {
    data: JSON.parse(JSON.stringify(workshop)) as object,
    headers: { 'Idempotency-Key': randomUUID() },
  });
  const { id, body } = (await made.json()) as { id: string; body: { notes: object } };
  const data = { workshop, notes: body.notes, plan, fromSec, rate };
  const started = { id: randomUUID(), device: 'bench', who: 'bench', atMs: Date.now(), kind: 'started', data };
  await page.request.post(`/api/classes/${id}/events`, { data: [eventInFile(started as unknown as LiveEvent)] });
  await page.goto(`/class/${id}/run`);
  await page.getByTestId('run-bar').waitFor();
}

/** From the tap that a griddle is down until the page shows the rest planned again; in the page's own milliseconds. */
async function replans(page: Page): Promise<readonly Row[]> {
  const rows: Row[] = [];
  for (const [shape, limit] of SHAPES) {
    const workshop = sizedClass(shape);
    const plan = planClass(workshop, { effort: 1 });
    const cooks = plan.tasks.filter((t) => t.at?.kind === 'griddle' && t.piece !== undefined).map((t) => t.startSec);
    await begin(page, workshop, plan, median(cooks), 1);
    await page.getByText('Trouble', { exact: true }).click();
    const times: number[] = [];
    for (let i = 0; i < REPEATS; i++) {
      times.push(
        await page.evaluate(async () => {
          const buttons = [...document.querySelectorAll('button')];
          const down = buttons.find((b) => b.textContent === 'down');
          const isPlanning = (): boolean =>
            [...document.querySelectorAll('button')].some((b) => b.textContent.includes('Planning …'));
          const since = performance.now();
          down?.click();
          let hasBegun = false;
          for (;;) {
            await new Promise(requestAnimationFrame);
            if (isPlanning()) hasBegun = true;
            else if (hasBegun) return performance.now() - since;
            if (performance.now() - since > 20_000) throw new Error('nothing was planned again');
          }
        }),
      );
      // what is worse for somebody is shown first; it is left, and the griddle works again
      const leave = page.getByRole('button', { name: 'Leave the plan as it is' });
      if (await leave.isVisible()) await leave.click();
      await page.getByRole('button', { name: 'Take back' }).click();
      await page.waitForTimeout(300);
    }
    const what = `a griddle down in the midst of ${shape.people} people × 3 breads: from the tap to the plan on the screen, median of ${REPEATS}`;
    rows.push({ what, measured: median(times), unit: 'ms', limit });
  }
  return rows;
}

/** What the page of a class holds after three hours of it, on the fast clock, with simulated hands. */
async function memory(page: Page): Promise<readonly Row[]> {
  const workshop = sizedClass(SHAPES[0][0]);
  await begin(page, workshop, planClass(workshop, { effort: 1 }), -120, FAST);
  await page.getByText('The class', { exact: true }).click();
  await page.getByRole('button', { name: 'Simulated hands' }).click();
  const until = Date.now() + (HOURS * 3_600_000) / FAST;
  while (Date.now() < until) {
    await page.waitForTimeout(1000);
    const take = page.getByRole('button', { name: 'Take it' });
    if (await take.isVisible()) await take.click();
  }
  const client = await page.context().newCDPSession(page);
  await client.send('HeapProfiler.collectGarbage');
  await client.send('Performance.enable');
  const { metrics } = await client.send('Performance.getMetrics');
  const heap = metrics.find((m) => m.name === 'JSHeapUsedSize')?.value ?? NaN;
  const browser = await page.context().browser()?.newBrowserCDPSession();
  const processes = (await browser?.send('SystemInfo.getProcessInfo'))?.processInfo ?? [];
  const own = processes.filter((p) => p.type === 'renderer').map((p) => privateMb(p.id));
  const of = `${HOURS} hours of a class of 16 people × 3 breads at ${FAST} times the clock`;
  return [
    { what: `${of}: script memory of the page after a collection`, measured: heap / MB, unit: 'MB', limit: 150 },
    {
      what: 'the same: all memory of its own that the process of the page holds, workers too',
      measured: Math.max(...own),
      unit: 'MB',
    },
  ];
}

/** Memory that a process shares with none, in MB. */
function privateMb(pid: number): number {
  const [, kb] = /^RssAnon:\s+(\d+)/m.exec(readFileSync(`/proc/${pid}/status`, 'utf8')) ?? [];
  return Number(kb) / KB_PER_MB;
}

/** What the page of a class that runs takes, in time and memory. */
export const measureLivePage = (): Promise<readonly Row[]> =>
  withApplication(async (page) => [...(await replans(page)), ...(await memory(page))]);
