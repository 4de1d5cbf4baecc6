import { sizedClass } from '@hodsman/core/testing';
import type { Page } from '@playwright/test';
import { withApplication } from './application.ts';
import { median, type Row } from './table.ts';

const EDITS = 20;
const FIGURES_MS = 50;
const VERDICT_MS = 300;

/** Milliseconds from a key to the frame in which what is watched shows something else; the verdict too, where it moves. */
interface Answer {
  readonly figuresMs: number;
  readonly verdictMs: number;
}

/** Presses a key in the field that has the focus, and watches one part of the page and the verdict. */
async function answer(page: Page, key: string, watched: string): Promise<Answer> {
  await page.locator('[data-testid="verdict"][data-planning="false"]').waitFor();
  await page.evaluate(
    ({ watched }) => {
      const figures = (): string => {
        const part = document.querySelector<HTMLElement>(watched);
        const typed = [...(part?.querySelectorAll('input') ?? [])].map((i) => i.value);
        return `${part?.textContent ?? ''} ${typed.join()}`;
      };
      const verdict = (): HTMLElement | null => document.querySelector('[data-testid="verdict"]');
      const before = figures();
      const plan = verdict()?.dataset['plans'];
      const seen = new Promise<Answer>((resolve) => {
        const onKey = (): void => {
          const start = performance.now();
          let figuresMs = 0;
          const look = (): void => {
            const now = performance.now() - start;
            if (figuresMs === 0 && figures() !== before) figuresMs = now;
            if ((figuresMs > 0 && verdict()?.dataset['plans'] !== plan) || now > 5000)
              resolve({ figuresMs, verdictMs: now });
            else requestAnimationFrame(look);
          };
          requestAnimationFrame(look);
        };
        window.addEventListener('keydown', onKey, { capture: true, once: true });
      });
      Object.assign(globalThis, { seen });
    },
    { watched },
  );
  await page.keyboard.press(key);
  return page.evaluate(() => (globalThis as unknown as { seen: Promise<Answer> }).seen);
}

function rowsOf(what: string, answers: readonly Answer[]): readonly Row[] {
  const figures = answers.map((a) => a.figuresMs);
  const verdicts = answers.map((a) => a.verdictMs);
  return [
    { what: `${what}: figures, median`, measured: median(figures), unit: 'ms', limit: FIGURES_MS },
    { what: 'the same, slowest', measured: Math.max(...figures), unit: 'ms', limit: FIGURES_MS },
    {
      what: `${what}: verdict of the changed class, median`,
      measured: median(verdicts),
      unit: 'ms',
      limit: VERDICT_MS,
    },
    { what: 'the same, slowest', measured: Math.max(...verdicts), unit: 'ms', limit: VERDICT_MS },
  ];
}

/** How quickly a class of 36 people and three breads answers to an edit, on the sheet of doughs, the menu and the roster. */
export async function measureClass(): Promise<readonly Row[]> {
  const rows: Row[] = [];
  await withApplication(async (page) => {
    const workshop = { ...sizedClass({ people: 36, breads: 3, each: 1, griddles: 10 }), title: 'Thirty-six' };
    const made = await page.request.post(new URL('/api/documents/class', page.url()).href, { data: workshop });
    const { id } = (await made.json()) as { id: string };
    const cases = [
      {
        what: 'dough sheet, a temperature',
        step: 'dough/sheet',
        field: 'Flour, °C',
        watched: '[data-batch="flat@S1"]',
      },
      { what: 'menu, spare breads', step: 'setup/menu', field: 'Spares a station', watched: '[aria-label="Menu"]' },
      { what: 'roster, a pace', step: 'setup/people', field: 'Pace of P1', watched: 'body' },
    ];
    for (const { what, step, field, watched } of cases) {
      await page.goto(new URL(`/class/${id}/${step}`, page.url()).href);
      await page.getByLabel(field, { exact: true }).first().focus();
      const answers: Answer[] = [];
      for (let i = 0; i < EDITS; i++) answers.push(await answer(page, i % 2 === 0 ? 'ArrowUp' : 'ArrowDown', watched));
      rows.push(...rowsOf(what, answers.slice(2)));
    }
  });
  return rows;
}
