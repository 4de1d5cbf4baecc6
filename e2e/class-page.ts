import { expect, type APIRequestContext, type Locator, type Page } from '@playwright/test';
import demoClass from '../demo/class.json' with { type: 'json' };

/** The page of a class as a person uses it: its verdict, its figures, its board. */
export class ClassPage {
  constructor(readonly page: Page) {}

  static async open(page: Page, id: string, step = 'plan'): Promise<ClassPage> {
    const opened = new ClassPage(page);
    await page.goto(`/class/${id}/${step}`);
    await opened.planned();
    return opened;
  }

  get verdict(): Locator {
    return this.page.getByTestId('verdict');
  }

  figure(label: string): Locator {
    return this.page.getByLabel(label, { exact: true });
  }

  /** Waits until the plan on the screen is the plan of the class as it stands. */
  async planned(): Promise<void> {
    await expect(this.verdict).toHaveAttribute('data-planning', 'false');
  }

  async saved(): Promise<void> {
    await expect(this.page.getByTestId('save-state')).toHaveText('saved');
  }

  async more(label: string): Promise<void> {
    await this.page.getByLabel(`${label}: one more`).click();
    await this.planned();
  }

  block(taskId: string): Locator {
    return this.page.locator(`[data-task="${taskId}"]:not([data-kind="away"])`);
  }
}

/** A class of its own for a test: a demonstration under another title. */
export async function makeClass(
  request: APIRequestContext,
  title: string,
  workshop: object = demoClass,
): Promise<string> {
  const made = await request.post('/api/documents/class', { data: { ...workshop, title } });
  expect(made.status()).toBe(201);
  return ((await made.json()) as { id: string }).id;
}
