import type { Page } from '@playwright/test';
import { withApplication } from './application.ts';
import { median, type Row } from './table.ts';

const STROKES = 40;
const FRAME_MS = 1000 / 60;

interface Stroke {
  /** From the key to the end of all work that it set off. */
  readonly workMs: number;
  /** Frames until the other figures show the change. */
  readonly frames: number;
}

/** Steps a percentage by a key and watches until the weights beside it follow. */
async function stroke(page: Page, key: string): Promise<Stroke> {
  // what listens must be there before the key is pressed
  await page.evaluate(() => {
    const grams = (): string =>
      [...document.querySelectorAll<HTMLInputElement>('input[aria-label$=", grams"]')].map((i) => i.value).join();
    const before = grams();
    const seen = new Promise<Stroke>((resolve) => {
      const onKey = (): void => {
        const start = performance.now();
        let workMs = 0;
        let frames = 0;
        const channel = new MessageChannel();
        channel.port1.onmessage = () => (workMs = performance.now() - start);
        channel.port2.postMessage(null);
        const look = (): void => {
          frames++;
          if (grams() === before && frames < 100) requestAnimationFrame(look);
          else resolve({ workMs: workMs === 0 ? performance.now() - start : workMs, frames });
        };
        requestAnimationFrame(look);
      };
      window.addEventListener('keydown', onKey, { capture: true, once: true });
    });
    Object.assign(globalThis, { seen });
  });
  await page.keyboard.press(key);
  return page.evaluate(() => (globalThis as unknown as { seen: Promise<Stroke> }).seen);
}

/** How quickly a bread answers to an edit. */
export async function measureBreads(): Promise<readonly Row[]> {
  const rows: Row[] = [];
  await withApplication(async (page) => {
    await page.goto(new URL('/breads/demo-yogurt-oval/formula', page.url()).href);
    await page.getByLabel('fine salt, per cent of the flour').focus();
    const strokes: Stroke[] = [];
    for (let n = 0; n < STROKES; n++) strokes.push(await stroke(page, n % 2 === 0 ? 'ArrowUp' : 'ArrowDown'));
    rows.push(
      {
        what: 'an edit of a formula: work of a key, median',
        measured: median(strokes.map((s) => s.workMs)),
        unit: 'ms',
        limit: Number(FRAME_MS.toFixed(1)),
      },
      {
        what: 'the same, slowest',
        measured: Math.max(...strokes.map((s) => s.workMs)),
        unit: 'ms',
        limit: Number(FRAME_MS.toFixed(1)),
      },
      {
        what: 'frames until all figures follow, most',
        measured: Math.max(...strokes.map((s) => s.frames)),
        unit: 'frames',
        limit: 1,
      },
    );
  });
  return rows;
}
