import { expect, test } from '@playwright/test';
import { ClassPage, makeClass } from './class-page.ts';

test('a first visit opens on the demonstration class with its plan on the board', async ({ page }) => {
  await page.goto('/');
  const shell = new ClassPage(page);
  await shell.planned();
  await expect(page).toHaveURL(/\/class\/demo-class\/plan\/board$/);
  await expect(shell.verdict).toContainText(/Fits – done 11:[01]\d, \d+ min in hand/);
  await expect(shell.verdict).toContainText('Tightest: Griddle ');
  // two breads each for eight people, every one of them on a griddle
  await expect(page.getByTestId('board')).toHaveAttribute('data-cooks', '16');
  await expect(page.getByTestId('board')).toHaveAttribute('data-rests', '4');
});

test('a change of people, breads or griddles moves plan and verdict at once, and is still there after a reload', async ({
  page,
  request,
}) => {
  const id = await makeClass(request, 'Changes');
  const shell = await ClassPage.open(page, id);
  await shell.more('Breads each');
  await expect(page.getByTestId('board')).toHaveAttribute('data-cooks', '24');
  await shell.more('Griddles');
  await expect(page.getByLabel('Griddles', { exact: true })).toHaveValue('3');
  await shell.more('Participants');
  await expect(page.getByTestId('board')).toHaveAttribute('data-cooks', '27');
  const words = await shell.verdict.innerText();
  await page.reload();
  await shell.planned();
  await expect(shell.figure('Participants')).toHaveValue('9');
  await expect(shell.figure('Breads each')).toHaveValue('3');
  await expect(shell.figure('Griddles')).toHaveValue('3');
  expect(await shell.verdict.innerText()).toBe(words);
  await shell.saved();
  const stored = (await (await request.get(`/api/documents/class/${id}`)).json()) as {
    body: { workshop: { roster: unknown[] } };
  };
  expect(stored.body.workshop.roster).toHaveLength(9);
});

test('a class that cannot work says so, by how much and why', async ({ page, request }) => {
  const shell = await ClassPage.open(page, await makeClass(request, 'Too much'));
  await shell.figure('Breads each').fill('6');
  await shell.planned();
  await expect(shell.verdict).toContainText(/Does not fit: \d+ min too long/);
  await expect(shell.verdict).toContainText(/\d+ breads done after table time, at worst by \d+ min/);
  await expect(page.getByRole('link', { name: /Plan.*needs a look/ })).toBeVisible();
});

test('what would help comes line by line, and moves nothing that stands below it', async ({ page, request }) => {
  const shell = await ClassPage.open(page, await makeClass(request, 'Steady'));
  await shell.figure('Breads each').fill('4');
  await shell.planned();
  await expect(shell.verdict).toContainText('Does not fit');
  const step = page.getByRole('main', { name: 'The step' });
  const tops = new Set<number | undefined>();
  const advice = page.getByTestId('advice');
  const isDone = async (): Promise<boolean> => {
    tops.add((await step.boundingBox())?.y);
    return (await advice.getAttribute('data-done', { timeout: 5_000 })) === 'true';
  };
  await expect.poll(isDone, { intervals: [20], timeout: 30_000 }).toBe(true);
  tops.add((await step.boundingBox())?.y);
  expect([...tops]).toHaveLength(1);
  await expect(advice.getByRole('button', { name: /^take it:/ }).first()).toBeVisible();
});

test('a class that cannot work is told why in figures, and one click on a change that helps makes it fit', async ({
  page,
  request,
}) => {
  const shell = await ClassPage.open(page, await makeClass(request, 'Help'));
  await shell.figure('Breads each').fill('4');
  await shell.planned();
  const advice = page.getByTestId('advice');
  await expect(advice).toContainText(/32 breads of 2 min, 2 at a time, need 40 min; between 10:46/);
  await expect(advice).toHaveAttribute('data-done', 'true', { timeout: 20_000 });
  await expect(advice).toContainText(/\+1 griddle → \d+ min to spare/);
  await advice.getByRole('button', { name: 'take it: +1 griddle' }).click();
  await shell.planned();
  await expect(shell.verdict).toContainText(/Fits – done 11:\d\d, (\d+ min|nothing) in hand/);
  await expect(shell.figure('Griddles')).toHaveValue('3');
  await expect(advice).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).click();
  await shell.planned();
  await expect(shell.verdict).toContainText('Does not fit');
});

test('a server that does not answer is said within three seconds, and the change is kept', async ({
  page,
  request,
}) => {
  const shell = await ClassPage.open(page, await makeClass(request, 'Slow'));
  let release = (): void => undefined;
  const isHeld = new Promise<void>((resolve) => (release = resolve));
  await page.route('**/api/documents/class/*', async (route) => {
    if (route.request().method() === 'PUT') await isHeld;
    await route.continue();
  });
  await shell.more('Griddles');
  await expect(page.getByTestId('save-state')).toHaveText('the server does not answer; your change is kept here', {
    timeout: 4000,
  });
  release();
  await shell.saved();
});

test('undo and redo go by button and by key', async ({ page, request }) => {
  const shell = await ClassPage.open(page, await makeClass(request, 'Back and forth'));
  await shell.more('Participants');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(shell.figure('Participants')).toHaveValue('8');
  await page.locator('body').press('Control+Shift+Z');
  await expect(shell.figure('Participants')).toHaveValue('9');
  await page.locator('body').press('Control+Z');
  await expect(shell.figure('Participants')).toHaveValue('8');
});

test('a time that makes no sense is refused at its field in words, and the class stays as it was', async ({
  page,
  request,
}) => {
  const id = await makeClass(request, 'Bad times');
  const shell = await ClassPage.open(page, id, 'setup');
  const table = page.getByLabel('Table time', { exact: true });
  const before = await table.inputValue();
  const state = page.getByTestId('save-state');
  await table.fill('09:00');
  // what stands in a field alone is not saved yet
  await expect(state).toHaveText('not taken in yet');
  await table.press('Enter');
  const why = page.getByRole('alert');
  await expect(why).toHaveText(
    '“09:00” was not taken: table time: lies at or before doors open, expected a later time of the same day',
  );
  await expect(table).toHaveValue('09:00');
  await table.press('Escape');
  await expect(table).toHaveValue(before);
  await expect(why).toHaveCount(0);
  await expect(state).toHaveText('saved');
  // a field that is left shows what is so, and says what was not taken
  await table.fill('09:00');
  await table.press('Tab');
  await expect(table).toHaveValue(before);
  await expect(why).toContainText('“09:00” was not taken');
  await table.fill('11:45');
  await table.press('Enter');
  await shell.planned();
  await expect(why).toHaveCount(0);
  await expect(shell.verdict).toContainText(/Fits – done 11:\d\d, \d+ min in hand/);
});

test('a figure out of its limits is refused at its field, and Escape brings back the figure that was', async ({
  page,
  request,
}) => {
  const id = await makeClass(request, 'Bad figures');
  await ClassPage.open(page, id, 'kitchen');
  const room = page.getByLabel(/^Room/).first();
  const before = await room.inputValue();
  await room.fill('400');
  await expect(page.getByTestId('save-state')).toHaveText('not taken in yet');
  await room.press('Tab');
  await expect(room).toHaveValue(before);
  await expect(page.getByRole('alert')).toContainText('“400” was not taken: it is');
  await room.fill('24');
  await expect(page.getByRole('alert')).toHaveCount(0);
  await room.press('Escape');
  await expect(room).toHaveValue(before);
});

test('two people on one class: the second sees what differs and chooses, and nothing is lost', async ({
  browser,
  page,
  request,
}) => {
  const id = await makeClass(request, 'Shared');
  const mine = await ClassPage.open(page, id);
  const other = await browser.newPage();
  const theirs = await ClassPage.open(other, id);
  await theirs.more('Participants');
  await theirs.saved();
  await mine.more('Griddles');
  const dialog = page.getByRole('dialog');
  await expect(dialog.getByRole('region', { name: 'Changed there' })).toContainText('roster, Guest 9: added');
  await expect(dialog.getByRole('region', { name: 'Changed here' })).toContainText(
    'kitchen, griddles, Griddle 3: added',
  );
  await dialog.getByRole('button', { name: /Take theirs/ }).click();
  await expect(mine.figure('Participants')).toHaveValue('9');
  await expect(mine.figure('Griddles')).toHaveValue('2');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(mine.figure('Griddles')).toHaveValue('3');
  await mine.saved();
  await other.close();
});

test('two people on one class who changed different things take both', async ({ browser, page, request }) => {
  const id = await makeClass(request, 'Together');
  const mine = await ClassPage.open(page, id);
  const other = await browser.newPage();
  const theirs = await ClassPage.open(other, id);
  await theirs.more('Participants');
  await theirs.saved();
  await mine.more('Griddles');
  await page.getByRole('dialog').getByRole('button', { name: 'Take both' }).click();
  await expect(mine.figure('Participants')).toHaveValue('9');
  await expect(mine.figure('Griddles')).toHaveValue('3');
  await mine.saved();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(mine.figure('Participants')).toHaveValue('8');
  await expect(mine.figure('Griddles')).toHaveValue('3');
  await other.close();
});

test('a lost server loses no change: it is kept over a reload and saved once the server is back', async ({
  page,
  request,
}) => {
  const id = await makeClass(request, 'Lost network');
  const shell = await ClassPage.open(page, id);
  let isCut = true;
  await page.route('**/api/documents/class/*', (route) =>
    isCut && route.request().method() === 'PUT' ? route.abort() : route.continue(),
  );
  await shell.more('Griddles');
  await page.reload();
  await shell.planned();
  await expect(shell.figure('Griddles')).toHaveValue('3');
  isCut = false;
  await shell.saved();
  const stored = (await (await request.get(`/api/documents/class/${id}`)).json()) as {
    body: { workshop: { kitchen: { griddles: unknown[] } } };
  };
  expect(stored.body.workshop.kitchen.griddles).toHaveLength(3);
});
