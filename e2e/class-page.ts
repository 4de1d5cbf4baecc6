import { expect, type APIRequestContext, type Locator, type Page } from '@playwright/test';
import type { Aim } from '@hodsman/core';
import demoClass from '../demo/class.json' with { type: 'json' };

/** The page of a class as a person uses it: its verdict, its figures, its board. */
export class ClassPage {
  constructor(readonly page: Page) {}

  static async open(page: Page, id: string, step = 'plan/board'): Promise<ClassPage> {
    const opened = new ClassPage(page);
    await page.goto(`/class/${id}/${step}`);
    await opened.planned();
    if (step === 'plan/board') await opened.openPanel();
    return opened;
  }

  /** The panel is folded to the edge of the board until something is chosen, or it is opened. */
  async openPanel(): Promise<void> {
    await this.page.getByRole('button', { name: 'Open the panel' }).click();
  }

  get verdict(): Locator {
    return this.page.getByTestId('verdict');
  }

  figure(label: string): Locator {
    return this.page.getByLabel(label, { exact: true });
  }

  /** Waits until the plan on the screen is the plan of the class as it stands. */
  async planned(): Promise<void> {
    // how long it takes is measured elsewhere; a machine that is busy with other things takes longer
    await expect(this.verdict).toHaveAttribute('data-planning', 'false', { timeout: 30_000 });
  }

  async saved(): Promise<void> {
    await expect(this.page.getByTestId('save-state')).toHaveText('saved');
  }

  async more(label: string): Promise<void> {
    await this.page.getByLabel(`${label}: one more`).click();
    await this.planned();
  }

  /** The board, which is one picture: what is selected lies under a handle of its own. */
  get board(): Locator {
    return this.page.getByTestId('board');
  }

  get selected(): Locator {
    return this.page.getByTestId('selected');
  }

  get detail(): Locator {
    return this.page.getByTestId('detail');
  }

  /** Selects a task as one does who looks for it by name: in the table, which shows it on the board. */
  async select(taskId: string): Promise<void> {
    await this.page.getByRole('link', { name: 'Table', exact: true }).click();
    const row = await this.row(taskId);
    // a row that is measured anew between press and release moves away under the pointer
    await expect(async () => {
      if (await row.isVisible()) await row.getByRole('button').click();
      await expect(this.selected).toHaveAttribute('data-task', taskId, { timeout: 4000 });
    }).toPass();
  }

  /** The row of a task in the table; rows far out of sight are not drawn, so it is scrolled to. */
  private async row(taskId: string): Promise<Locator> {
    const row = this.page.locator(`tr[data-task="${taskId}"]`);
    const table = this.page.getByRole('region', { name: 'The plan as a table' });
    await expect(async () => {
      if ((await row.count()) === 0)
        await table.evaluate((e) => {
          const isAtEnd = e.scrollTop + e.clientHeight >= e.scrollHeight - 1;
          e.scrollTop = isAtEnd ? 0 : e.scrollTop + 0.8 * e.clientHeight;
        });
      await expect(row).toHaveCount(1, { timeout: 200 });
    }).toPass();
    return row;
  }

  /** All rows of the table that is shown, in its order, by task: start, and the words of each cell. */
  async tableRows(): Promise<ReadonlyMap<string, { readonly start: string; readonly cells: readonly string[] }>> {
    const table = this.page.getByRole('region', { name: 'The plan as a table' });
    const found = new Map<string, { start: string; cells: string[] }>();
    const wanted = Number(await table.getByRole('table').getAttribute('aria-rowcount')) - 1;
    await table.evaluate((e) => (e.scrollTop = 0));
    await expect(async () => {
      const rows = await table.locator('tr[data-task]').evaluateAll((list) =>
        list.map((r) => ({
          task: r.getAttribute('data-task') ?? '',
          start: r.getAttribute('data-start') ?? '',
          cells: [...r.children].map((c) => (c as HTMLElement).innerText),
        })),
      );
      for (const { task, start, cells } of rows) found.set(task, { start, cells });
      await table.evaluate((e) => (e.scrollTop += 0.8 * e.clientHeight));
      expect(found.size).toBe(wanted);
    }).toPass({ intervals: [50] });
    return found;
  }

  /** When a task starts by the table, in seconds since doors open. */
  async startOf(taskId: string): Promise<number> {
    await this.page.getByRole('link', { name: 'Table', exact: true }).click();
    const start = await (await this.row(taskId)).getAttribute('data-start');
    await this.page.getByRole('link', { name: 'Board', exact: true }).click();
    return Number(start);
  }

  /** Minutes down the board, in pixels, by the height of what is selected. */
  async drag(minutes: number, taskSec: number, drop = true): Promise<void> {
    const box = await this.selected.boundingBox();
    if (!box) throw new Error('nothing is selected');
    const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
    const down = (minutes * 60 * box.height) / taskSec;
    await this.page.mouse.move(x, y);
    await this.page.mouse.down();
    for (let i = 1; i <= 10; i++) await this.page.mouse.move(x, y + (down * i) / 10);
    if (drop) await this.page.mouse.up();
  }
}

/** A class of its own for a test: a demonstration under another title. */
export async function makeClass(
  request: APIRequestContext,
  title: string,
  workshop: object = demoClass,
  aim: Aim = 'steady',
): Promise<string> {
  const data = { workshop: { ...workshop, title }, notes: { shaping: { aim, pins: [] } } };
  const made = await request.post('/api/documents/class', { data });
  expect(made.status()).toBe(201);
  return ((await made.json()) as { id: string }).id;
}
