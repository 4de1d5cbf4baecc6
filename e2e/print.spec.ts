import { readFileSync } from 'node:fs';
import { expect, test } from '@playwright/test';
import { violations } from './axe.ts';
import { ClassPage, makeClass } from './class-page.ts';
import { longNamed } from './long-named.ts';

const MM = 96 / 25.4;
/** What margins of 12 mm leave of the height of a page. */
const PAGE_PX = { A4: (297 - 24) * MM, Letter: (279.4 - 24) * MM } as const;

for (const [what, made] of [
  ['the Sunday class', undefined],
  ['16 long-named people and three breads', longNamed(16, 4)],
] as const)
  test(`sheets of ${what}: no card is longer than its page, nothing is clipped, everybody's name stands whole`, async ({
    page,
    request,
  }) => {
    const id = made ? await makeClass(request, 'On paper', made) : 'demo-sunday';
    await page.goto(`/class/${id}/print`);
    await new ClassPage(page).planned();
    for (const name of ['Labels for breads', 'Station card without words', 'Dough to take home'])
      await page.getByRole('checkbox', { name }).check();
    await page.emulateMedia({ media: 'print' });
    for (const paper of ['A4', 'Letter'] as const) {
      await page.getByText(paper, { exact: true }).evaluate((label) => (label as HTMLElement).click());
      const measured = await page.getByTestId('sheets').evaluate((sheets, page) => {
        const cards = [...sheets.querySelectorAll<HTMLElement>('[data-card]')];
        const over = (c: HTMLElement): number =>
          c.getBoundingClientRect().bottom - (c.closest('article')?.getBoundingClientRect().top ?? 0);
        // below the head of its page, where the first of them lies; alone on a page, where it follows others
        const heightOf = (c: HTMLElement): number =>
          c.previousElementSibling?.tagName === 'HEADER' ? over(c) : c.offsetHeight;
        return {
          cards: cards.length,
          tall: cards.flatMap((c) => (heightOf(c) > page ? [`${heightOf(c)}: ${c.textContent.slice(0, 80)}`] : [])),
          clipped: cards.flatMap((c) =>
            c.scrollHeight > c.clientHeight + 1 || c.scrollWidth > c.clientWidth + 1 ? [c.textContent] : [],
          ),
        };
      }, PAGE_PX[paper]);
      expect(measured.cards).toBeGreaterThan(100);
      expect(measured.clipped).toEqual([]);
      expect(measured.tall).toEqual([]);
    }
  });

test('sheets are ticked, shown as they will lie on paper, and carry class, day and version', async ({ page }) => {
  await page.goto('/class/demo-sunday/print');
  await new ClassPage(page).planned();
  const sheets = page.getByTestId('sheets');
  await expect(page.getByTestId('chosen')).toHaveText('15 of 18 sheets');
  await expect(sheets.getByRole('heading', { name: 'Roll call' })).toBeVisible();
  await expect(sheets.locator('article header').first()).toContainText(/Sunday.*2027, version \d/);
  await page.getByRole('checkbox', { name: 'Roll call' }).uncheck();
  await expect(page.getByTestId('chosen')).toHaveText('14 of 18 sheets');
  await expect(sheets.getByRole('heading', { name: 'Roll call' })).toHaveCount(0);
  // a wider pan at home: the recipes are planned anew
  const pan = page.getByLabel('Breads that lie in a pan at home');
  await pan.fill('2');
  await expect(sheets.getByRole('heading', { name: 'Recipes for home' }).first()).toBeVisible();
  await expect(page.getByRole('button', { name: 'Print or save as PDF' })).toBeEnabled();
  // labels of one's own size
  await page.getByRole('combobox', { name: /^Labels/ }).selectOption('Another size …');
  await page.getByLabel('Side by side').fill('2');
  await expect(sheets.locator('[data-sheet=labels]').first()).toHaveCSS('grid-template-columns', /^\S+ \S+$/);
  // the class for other people's calendars
  const coming = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Calendar file' }).click();
  const file = await coming;
  expect(file.suggestedFilename()).toMatch(/\.ics$/);
  const text = readFileSync(await file.path(), 'utf8');
  expect(text).toMatch(/^BEGIN:VCALENDAR\r\nVERSION:2.0\r\n[^]*TZID:[^]*BEGIN:VALARM[^]*END:VCALENDAR\r\n$/);
  expect(await violations(page)).toEqual([]);
});

test('everything that is stored is saved as one file from the list of classes', async ({ page }) => {
  await page.goto('/classes');
  const coming = page.waitForEvent('download');
  await page.getByRole('link', { name: 'Save everything as one file' }).click();
  const file = await coming;
  expect(file.suggestedFilename()).toMatch(/^hodsman-[\d-]+\.zip$/);
  expect(
    readFileSync(await file.path())
      .subarray(0, 2)
      .toString(),
  ).toBe('PK');
});
