import { readFile } from 'node:fs/promises';
import { expect, test, type Page } from '@playwright/test';
import sundayClass from '../demo/class-sunday.json' with { type: 'json' };
import { ClassPage, makeClass } from './class-page.ts';

const US = { temperature: 'F', length: 'in', weight: 'oz', spoons: 'us', clock: '12', currency: 'USD' };

/** Figures in °C, cm, mm, g, kg, ml, l, and times of day by 24 hours; an axis says 10:30 by either clock. */
const METRIC = /\d\s*(?:°C|cm\b|mm\b|kg\b|g\b|ml\b|l\b)|\b(?:0\d|1[3-9]|2[0-3]):[0-5]\d/g;

const STEPS = [
  'kitchen',
  ...['setup/times', 'setup/people', 'setup/menu'],
  ...['dough/sheet', 'dough/ahead', 'dough/kit', 'dough/shopping', 'dough/allergens'],
  ...['plan/board', 'plan/table', 'plan/alternatives', 'plan/charts', 'plan/sheet'],
  ...['turns/fires', 'turns/people', 'turns/calls', 'turns/idle'],
];

const measureIn = (page: Page, measures: object): Promise<unknown> =>
  page.addInitScript((kept) => localStorage.setItem('hodsman:measures', JSON.stringify(kept)), measures);

/** All that is read or read out on a page: its text, the names of its parts, what stands in its fields. */
const saidOn = (page: Page): Promise<string> =>
  page.evaluate(() => {
    // offsets of time zones are no times of day, and what food contains stands in grams, as on labels
    const passedOver = 'option, [data-testid="nourishment"]';
    const texts = [...document.querySelectorAll('body *')]
      .filter((e) => e.closest(`${passedOver}, script, style`) === null)
      .flatMap((e) => [
        ...['aria-label', 'title', 'placeholder'].map((name) => e.getAttribute(name) ?? ''),
        e instanceof HTMLInputElement && e.type !== 'date' ? e.value : '',
        e instanceof HTMLElement && e.checkVisibility() && e.children.length === 0 ? e.innerText : '',
        ...[...e.childNodes].filter((n) => n.nodeType === Node.TEXT_NODE).map((n) => n.textContent ?? ''),
      ]);
    return texts.filter((t) => t.trim() !== '').join('\n');
  });

const planFile = async (page: Page): Promise<string> => {
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save the plan' }).click(),
  ]);
  return readFile(await file.path(), 'utf8');
};

test('the demonstration class in US measures: nothing metric on any page, the plan file unchanged', async ({
  page,
  browser,
  request,
}) => {
  // more than twenty pages, each opened anew
  test.slow();
  const id = await makeClass(request, 'Sunday by ounces', sundayClass);
  await ClassPage.open(page, id, 'setup/times');
  const metric = await planFile(page);
  expect((await saidOn(page)).match(METRIC)).not.toBeNull();

  const context = await browser.newContext({ locale: 'en-US' });
  const there = await context.newPage();
  await measureIn(there, US);
  const base = new URL(page.url()).origin;
  const found: string[] = [];
  const pages = [
    ...STEPS.map((step) => `/class/${id}/${step}`),
    ...['formula', 'method', 'schools', 'warmth'].map((tab) => `/breads/demo-coil-round/${tab}`),
    ...['/classes', '/breads', '/kitchens', '/kitchens/demo-kitchen'],
  ];
  for (const path of pages) {
    await there.goto(base + path);
    await there.waitForLoadState('networkidle');
    if (path.includes('/class/')) await new ClassPage(there).planned();
    const said = await saidOn(there);
    expect(said.length, path).toBeGreaterThan(100);
    for (const [hit] of said.matchAll(METRIC)) found.push(`${path}: ${hit}`);
  }
  expect(found).toEqual([]);

  await there.goto(`${base}/class/${id}/setup/times`);
  await new ClassPage(there).planned();
  expect(await planFile(there)).toBe(metric);
  await context.close();
});

test('105 °F is stored as 40.6 °C; times, lengths and weights are typed as they are read', async ({
  page,
  request,
}) => {
  const id = await makeClass(request, 'Typed in ounces', sundayClass);
  await measureIn(page, US);
  const shell = await ClassPage.open(page, id, 'dough/sheet');
  const kept = async (): Promise<typeof sundayClass> => {
    await shell.saved();
    const answer = (await (await request.get(`/api/documents/class/${id}`)).json()) as {
      body: { workshop: typeof sundayClass };
    };
    return answer.body.workshop;
  };
  const flour = page.getByLabel('Flour, °F');
  await flour.fill('105');
  await flour.press('Tab');
  await expect(flour).toHaveValue('105');
  await flour.press('ArrowUp');
  await expect(flour).toHaveValue('106');
  await flour.fill('105');
  await flour.press('Tab');
  expect((await kept()).kitchen.flourC).toBe(40.6);
  await page.reload();
  await shell.planned();
  await expect(flour).toHaveValue('105');
  await flour.fill('200');
  await flour.press('Tab');
  await expect(page.getByText('“200” was not taken: it is 32 to 113 °F')).toBeVisible();

  await page.getByRole('link', { name: /^Kitchen/ }).click();
  const size = page.getByLabel('Diameter of Griddle 2, in');
  await size.fill('16');
  await size.press('Tab');
  await expect(size).toHaveValue('16');
  expect((await kept()).kitchen.griddles[1]).toMatchObject({ diameterCm: 40.64 });

  await page.getByRole('link', { name: /^Class/ }).click();
  const table = page.getByLabel('Table time', { exact: true });
  await table.fill('1:05 pm');
  await table.press('Tab');
  await expect(table).toHaveValue('1:05 pm');
  expect((await kept()).tableTime).toBe('13:05');
});

test('the measures are asked once, at the first class, and found in one place', async ({ browser, page, request }) => {
  await page.goto('/classes');
  const base = new URL(page.url()).origin;
  const context = await browser.newContext({ locale: 'en-US' });
  const there = await context.newPage();
  await there.goto(`${base}/classes`);
  const asked = there.getByRole('group', { name: /How you measure/ });
  await expect(asked.getByLabel('Warmth')).toHaveValue('F');
  // as long as nobody has chosen, figures stay as they are
  await expect(there.getByLabel('Table time')).toHaveValue('12:30');
  await asked.getByLabel('Weight').selectOption('g');
  await there.getByLabel('What it is called').fill('Asked once');
  await there.getByLabel('Day', { exact: true }).fill('2027-05-08');
  await there.getByRole('button', { name: 'Make it' }).click();
  await there.waitForURL(/\/class\/.*\/setup\/people/);
  const made = /class\/([^/]+)\//.exec(there.url())?.[1] ?? '';
  await new ClassPage(there).planned();
  await expect(there.getByTestId('verdict')).toContainText(/\d [ap]m/);
  await there.getByRole('link', { name: 'All classes' }).click();
  await expect(there.getByLabel('What it is called')).toBeVisible();
  await expect(asked).toHaveCount(0);
  await there.getByRole('link', { name: 'Your measures' }).click();
  await expect(there.getByText(/A dough of 640 g at 79 °F, rolled to 9.4 in.*2:30 pm/)).toBeVisible();
  await there.getByLabel('Weight').selectOption('oz');
  await expect(there.getByText(/A dough of 1 lb 6.6 oz/)).toBeVisible();
  await there.getByLabel('Warmth').selectOption('C');
  await there.reload();
  await expect(there.getByText(/A dough of 1 lb 6.6 oz at 26 °C/)).toBeVisible();
  await request.delete(`/api/documents/class/${made}`);
  await context.close();
});
