import { expect, test } from '@playwright/test';
import { violations } from './axe.ts';
import { ClassPage } from './class-page.ts';

test('a block is followed by click, and its dough by the arrow keys', async ({ page }) => {
  const shell = await ClassPage.open(page, 'demo-class');
  await shell.block('round@S1:mix').click();
  const detail = page.getByTestId('detail');
  await expect(detail).toContainText(
    /^mix, Soft griddle round, S1 · 10:\d\d–10:\d\d \(6 min\) · bench B1 · Ottilie, Bram/,
  );
  await expect(page.getByTestId('why')).toHaveText(
    'Not earlier: nothing presses, and sooner would only be less fresh. It cannot slip by itself.',
  );
  await page.getByRole('application').press('ArrowDown');
  await expect(detail).toContainText('knead, Soft griddle round, S1');
  await expect(page.getByTestId('why')).toContainText(/^Not earlier: because Station 1: mix is over at 10:\d\d\./);
  await expect(shell.block('round@S2:mix')).toHaveAttribute('opacity', '0.28');
  await page.getByRole('application').press('Escape');
  await expect(shell.block('round@S2:mix')).toHaveAttribute('opacity', '1');
});

test('the table tells the same story as the board', async ({ page }) => {
  const shell = await ClassPage.open(page, 'demo-class');
  const onBoard = new Set(
    await page.locator('svg [data-task]').evaluateAll((list) => list.map((x) => x.getAttribute('data-task'))),
  );
  await shell.block('round/p3/1:cook').click();
  const sentence = await page.getByTestId('detail').innerText();
  await page.getByRole('button', { name: 'Show as a table' }).click();
  const rows = page.locator('tr[data-task]');
  expect(new Set(await rows.evaluateAll((list) => list.map((x) => x.getAttribute('data-task'))))).toEqual(onBoard);
  const from = await page.locator('tr[data-task="round/p3/1:cook"] td').first().innerText();
  expect(sentence).toContain(`${from}–`);
});

test('time on the board can be stretched and fitted again', async ({ page }) => {
  const shell = await ClassPage.open(page, 'demo-class');
  const height = async (): Promise<number> => (await shell.block('round@S1:mix').boundingBox())?.height ?? 0;
  const fitted = await height();
  await page.getByRole('button', { name: 'Less time on the screen' }).click();
  expect(await height()).toBeGreaterThan(fitted * 1.2);
  await page.getByRole('button', { name: 'The whole class on the screen' }).click();
  expect(await height()).toBeCloseTo(fitted, 0);
});

test('the dough cards show the grams of the plan file', async ({ page }) => {
  await ClassPage.open(page, 'demo-class', 'dough');
  const card = page.getByRole('article', { name: /Station 2/ });
  // 5 pieces × 62 g × 1.03 = 319.3 g; ÷ 166.8 % = 191.4 g of flour, 85 % of it plain
  await expect(card.getByRole('row', { name: /^plain wheat flour 1/ })).toContainText('163 g');
  await expect(card.getByRole('row', { name: /^dough/ })).toContainText('319 g');
  await expect(card).toContainText('divide into 5 of 62 g, 1 of them spare');
});

for (const theme of ['light', 'dark'] as const)
  for (const step of ['plan', 'dough', 'setup'])
    test(`axe finds nothing wrong with ${step} in the ${theme} theme`, async ({ page }) => {
      await page.emulateMedia({ colorScheme: theme });
      await ClassPage.open(page, 'demo-class', step);
      expect(await violations(page)).toEqual([]);
    });
