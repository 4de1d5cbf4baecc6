import { expect, test } from '@playwright/test';
import { violations } from './axe.ts';
import { ClassPage, makeClass } from './class-page.ts';

test('an earlier state of a class shows what would change, and comes back as an edit', async ({ page, request }) => {
  const id = await makeClass(request, 'Earlier');
  const shell = await ClassPage.open(page, id);
  await shell.more('Griddles');
  await shell.saved();
  await page.getByRole('button', { name: 'Earlier states' }).click();
  const dialog = page.getByRole('dialog');
  await expect(dialog.getByRole('list', { name: 'States' }).getByRole('button')).toHaveCount(1);
  await expect(dialog.getByRole('region', { name: 'What would change' })).toContainText(
    'kitchen, griddles, Griddle 3: taken out',
  );
  expect(await violations(page)).toEqual([]);
  await dialog.getByRole('button', { name: 'Bring this state back' }).click();
  await expect(shell.figure('Griddles')).toHaveValue('2');
  await shell.saved();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(shell.figure('Griddles')).toHaveValue('3');
});

test('what is removed is in sight where it was removed, and comes back', async ({ page, request }) => {
  await makeClass(request, 'Removed by a slip');
  await page.goto('/classes');
  const list = page.getByRole('list', { name: 'To come' });
  await page.getByRole('button', { name: 'Remove Removed by a slip' }).click();
  await expect(list.getByText('Removed by a slip')).toHaveCount(0);
  await page.getByRole('button', { name: 'Bring back Removed by a slip' }).click();
  await expect(list.getByText('Removed by a slip')).toBeVisible();
});

test('a class that was removed elsewhere while it was changed can be kept as a new one', async ({ page, request }) => {
  const id = await makeClass(request, 'Taken away');
  const shell = await ClassPage.open(page, id);
  expect((await request.delete(`/api/documents/class/${id}?version=1`)).status()).toBe(204);
  await shell.more('Griddles');
  await expect(page.getByRole('alert')).toContainText('This class was removed elsewhere while you changed it.');
  await expect(page.getByTestId('save-state')).toHaveText('not saved: removed elsewhere');
  // a reload asks the same again: what was changed here is still here
  await page.reload();
  await expect(page.getByRole('alert')).toContainText('This class was removed elsewhere while you changed it.');
  await expect(shell.figure('Griddles')).toHaveValue('3');
  await page.getByRole('button', { name: 'Keep it as a new class' }).click();
  await expect(page).not.toHaveURL(new RegExp(id));
  await shell.planned();
  await shell.openPanel();
  await expect(shell.figure('Griddles')).toHaveValue('3');
  await shell.saved();
  await page.goto(`/class/${id}/plan`);
  await expect(page.getByRole('alert')).toContainText('This class was removed.');
  await page.goto('/class/never-was/plan');
  await expect(page.getByRole('alert')).toContainText('There is no class at this address');
});

test('a save whose answer is lost is no conflict with oneself, before and after a reload', async ({
  page,
  request,
}) => {
  const id = await makeClass(request, 'Lost answers');
  const shell = await ClassPage.open(page, id);
  let lost = 0;
  await page.route(`**/api/documents/class/${id}`, async (route) => {
    if (route.request().method() !== 'PUT' || lost >= 2) return route.continue();
    lost++;
    // the server has saved; nobody hears of it
    await route.fetch();
    return route.abort();
  });
  await shell.more('Griddles');
  await expect(page.getByTestId('save-state')).toContainText('not saved: no answer, kept on this device');
  await shell.saved();
  lost = 1;
  await shell.more('Participants');
  await expect.poll(() => lost).toBe(2);
  await page.reload();
  await shell.planned();
  await shell.saved();
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await expect(shell.figure('Participants')).toHaveValue('9');
  await expect(shell.figure('Griddles')).toHaveValue('3');
});

test('what somebody avoids and said goes with them to every place where their bread is', async ({ page, request }) => {
  const id = await makeClass(request, 'Minded');
  const shell = await ClassPage.open(page, id, 'setup/people');
  await page
    .getByRole('textbox', { name: /One a line/ })
    .fill('Finn severe strawberry allergy\nIda allergic to sesame left-handed');
  const preview = page.getByTestId('roster-preview');
  await expect(preview).toContainText('what "severe strawberry allergy" means for what Finn avoids');
  await expect(preview).toContainText('Ida no sesame');
  await page.getByRole('button', { name: 'Add 1 person' }).click();
  await page.getByRole('button', { name: 'Seat', exact: true }).click();
  await expect(page.getByRole('link', { name: /People 2 to deal with/ })).toBeVisible();
  await page.getByRole('button', { name: 'avoids strawberry' }).click();
  await expect(page.getByRole('button', { name: 'strawberry, strictly' })).toBeVisible();
  await expect(
    page.getByText(/“strawberry” is compared with the names of ingredients, and with nothing else/),
  ).toBeVisible();
  await expect(page.getByRole('link', { name: /Class.*needs a look/ })).toBeVisible();
  await shell.planned();
  for (const [path, where] of [
    ['dough/sheet', page.getByRole('list', { name: 'To be minded' })],
    ['plan/sheet', page.getByRole('list', { name: 'To be minded' })],
    ['plan/board', page.getByRole('region', { name: 'To be minded' })],
    ['turns/fires', page.locator('[data-care]')],
    ['turns/people', page.locator('[data-care]')],
    ['turns/calls', page.locator('[data-care]')],
    ['print', page.getByTestId('sheets').getByRole('list', { name: 'To be minded' })],
  ] as const) {
    await page.goto(`/class/${id}/${path}`);
    await shell.planned();
    await expect(where.filter({ hasText: /no strawberry.*“severe strawberry allergy”/ }).first(), path).toBeVisible();
    await expect(where.filter({ hasText: /no sesame/ }).first(), path).toBeVisible();
  }
  // a file that has no place for it says so where it is saved
  await page.goto(`/class/${id}/setup/times`);
  await expect(page.getByTestId('not-in-file')).toContainText('Finn: “severe strawberry allergy”');
  await page.goto(`/class/${id}/setup/people`);
  const ofFinn = page.getByRole('button', { name: /^dealt with: severe strawberry allergy/ });
  await ofFinn.click();
  // until it is gone "dealt with" is still his
  await expect(ofFinn).toBeHidden();
  await page.getByRole('button', { name: /^dealt with: / }).click();
  await expect(page.getByRole('link', { name: /Class.*in order/ })).toBeVisible();
  await shell.saved();
});

test('an answer with an older state than what is open changes nothing of it', async ({ page, request }) => {
  const id = await makeClass(request, 'Overtaken');
  const shell = await ClassPage.open(page, id);
  const address = `**/api/documents/class/${id}`;
  const saved = page.waitForResponse((r) => r.request().method() === 'PUT' && r.ok());
  let isOld = false;
  await page.route(address, async (route) => {
    if (route.request().method() !== 'GET') return route.fallback();
    const older = await route.fetch();
    isOld = ((await older.json()) as { version: number }).version === 1;
    await saved;
    return route.fulfill({ response: older });
  });
  await page.getByRole('link', { name: 'Breads' }).click();
  await page.getByRole('link', { name: 'Overtaken' }).click();
  await shell.planned();
  // changed while the answer of the reopening is held back, and saved before it comes
  await page.getByLabel('Griddles: one more').click();
  await saved;
  await page.waitForLoadState('networkidle');
  await expect(page.getByRole('button', { name: 'Undo' })).toBeEnabled();
  expect(isOld).toBe(true);
  await expect(shell.figure('Griddles')).toHaveValue('3');
  await shell.saved();
});
