import { readFile } from 'node:fs/promises';
import { expect, test, type Locator, type Page } from '@playwright/test';
import sundayClass from '../demo/class-sunday.json' with { type: 'json' };
import { violations } from './axe.ts';
import { ClassPage, makeClass } from './class-page.ts';
import { drop } from './drop.ts';

const download = async (page: Page, name: RegExp | string): Promise<string> => {
  const [file] = await Promise.all([page.waitForEvent('download'), page.getByRole('button', { name }).click()]);
  return readFile(await file.path(), 'utf8');
};
const chip = (page: Page, name: string) => page.getByTestId('seating').getByRole('button', { name, exact: true });
const bench = (page: Page, station: string) => page.getByTestId('seating').locator('li', { hasText: station });

test('more people than seats and a bread that the kitchen cannot make are no refusals: both are had in the class', async ({
  page,
}) => {
  await page.goto('/classes');
  await page.getByLabel('What it is called').fill('Crowded');
  await page.getByLabel('Day', { exact: true }).fill('2027-05-12');
  await page.getByLabel('Table time', { exact: true }).fill('13:15');
  await page.getByLabel(/^Kitchen/).selectOption({ index: 0 });
  await page.getByLabel('First bread').selectOption({ label: 'Yogurt ovals' });
  await page.getByLabel('Participants', { exact: true }).fill('15');
  await expect(page.getByRole('region', { name: 'Too few seats' })).toContainText(/\d+ people find no seat/);
  await page.getByText('closer together').click();
  await expect(page.getByLabel('have it in this class')).toBeChecked();
  await page.getByRole('button', { name: 'Make it' }).click();
  await expect(page).toHaveURL(/\/setup\/people$/);
  const shell = new ClassPage(page);
  await shell.planned();
  await expect(page.getByTestId('seating').getByRole('button', { name: /^Guest/ })).toHaveCount(15);
  await page.getByRole('link', { name: 'Day and times' }).click();
  await expect(page.getByLabel('Table time', { exact: true })).toHaveValue('13:15');
  // it is found among those to come, by its bread and its kitchen
  await page.goto('/classes');
  await page.getByRole('searchbox', { name: 'Find' }).fill('yogurt millrace');
  await expect(page.getByRole('list', { name: 'To come' }).getByRole('link')).toHaveCount(1);
  await expect(page.getByRole('link', { name: /^Crowded/ })).toContainText('15 people');
});

test('a new class is made, its people pasted, a bread given to who avoids one, and it goes out and in as a file', async ({
  page,
}) => {
  await page.goto('/classes');
  await page.getByLabel('What it is called').fill('Tuesday ovals');
  await page.getByLabel('Day', { exact: true }).fill('2027-05-11');
  await page.getByLabel('First bread').selectOption({ label: 'Yogurt ovals' });
  await page.getByLabel('Participants', { exact: true }).fill('2');
  // what the kitchen lacks is said before anything is refused, and can be had in this class; another kitchen has it
  await expect(page.getByRole('region', { name: 'What the kitchen lacks' })).toContainText('a warm place');
  const tannery = await page.getByRole('option', { name: /^The Old Tannery, \d+ seats$/ }).getAttribute('value');
  await page.getByLabel(/^Kitchen/).selectOption(tannery);
  await expect(page.getByRole('region', { name: 'What the kitchen lacks' })).toHaveCount(0);
  await page.getByRole('button', { name: 'Make it' }).click();
  await expect(page).toHaveURL(/\/setup\/people$/);
  const shell = new ClassPage(page);
  await shell.planned();

  await page
    .getByRole('textbox', { name: /One a line/ })
    .fill('Who;Diet\n"Berg, Sanna";no dairy\nTeo;moonlight\nNoor;\n');
  const preview = page.getByTestId('roster-preview');
  await expect(preview).toContainText('“Who” is taken as name, “Diet” is taken as avoids.');
  await expect(preview).toContainText('2 people understood, 1 row kept aside.');
  await expect(preview).toContainText('Row 3: it is not clear what "moonlight" means for what Teo avoids');
  await page.getByRole('button', { name: 'Add 2 people' }).click();
  await expect(chip(page, 'Berg, Sanna no milk')).toBeVisible();
  await page.getByRole('button', { name: 'Seat', exact: true }).click();
  await expect(chip(page, 'Teo “moonlight”')).toBeVisible();
  await expect(page.getByRole('link', { name: /Class.*needs a look/ })).toBeVisible();
  await page.getByRole('button', { name: 'dealt with: moonlight' }).click();
  await expect(chip(page, 'Teo')).toBeVisible();

  await page.getByRole('link', { name: 'Menu 1 without bread' }).click();
  const gap = page.getByTestId('gap');
  await expect(gap).toContainText(
    'Berg, Sanna avoids milk and cannot make Yogurt ovals: nothing on the menu is for them.',
  );
  await gap.getByRole('button', { name: /Ovals with soya yogurt a variant of it/ }).click();
  await expect(gap).toHaveCount(0);
  await shell.planned();
  await expect(page.getByRole('link', { name: /Class.*in order/ })).toBeVisible();

  await page.getByRole('link', { name: 'Day and times' }).click();
  const file = await download(page, 'Save as a workshop file');
  expect(JSON.parse(file)).toMatchObject({
    format: 'hodsman-workshop',
    title: 'Tuesday ovals',
    menu: [{}, { for: ['p1'] }],
  });
  await shell.saved();
  await page.getByRole('link', { name: 'All classes' }).click();
  await page.getByLabel('Open a workshop file').setInputFiles({
    name: 'broken.json',
    mimeType: 'application/json',
    buffer: Buffer.from(file.replace('"welcomeMin"', '"welcomeMinutes"')),
  });
  await expect(page.getByRole('alert')).toContainText('welcome minutes: is no key of the format');
  await page.getByLabel('Open a workshop file').setInputFiles({
    name: 'class.json',
    mimeType: 'application/json',
    buffer: Buffer.from(file.replace('Tuesday ovals', 'Tuesday again')),
  });
  // what it holds stands there before anything is done
  const fromFile = page.getByRole('region', { name: 'From the file' });
  await expect(fromFile).toContainText('nothing that is there changes');
  await fromFile.getByRole('button', { name: 'Not this one' }).click();
  await expect(fromFile).toHaveCount(0);
  await expect(page.getByRole('listitem').filter({ hasText: 'Tuesday again' })).toHaveCount(0);
  await page.getByLabel('Open a workshop file').setInputFiles({
    name: 'class.json',
    mimeType: 'application/json',
    buffer: Buffer.from(file.replace(/"tableTime": "[\d:]+"/, '"tableTime": "13:45"')),
  });
  await expect(fromFile).toContainText('A class of this name is there on that day already');
  await expect(fromFile).toContainText('no milk');
  await expect(fromFile.getByRole('region', { name: 'Against the class that is there' })).toContainText('13:45');
  await page.getByLabel('Open a workshop file').setInputFiles({
    name: 'class.json',
    mimeType: 'application/json',
    buffer: Buffer.from(file.replace('Tuesday ovals', 'Tuesday again')),
  });
  await fromFile.getByRole('button', { name: 'Add this class' }).click();
  await shell.planned();
  await expect(page.getByRole('heading', { name: 'Tuesday again' })).toBeVisible();
  await page.getByRole('link', { name: 'All classes' }).click();
  const row = page.getByRole('listitem').filter({ hasText: 'Tuesday again' }).last();
  await row.getByRole('button', { name: 'Copy to another day' }).click();
  await row.getByLabel('Day of the copy').fill('2027-05-18');
  await row.getByRole('button', { name: 'Copy', exact: true }).click();
  await shell.planned();
  await expect(page.getByLabel('Date')).toHaveValue('2027-05-18');
});

test('people are seated by drag, from their menu and all at once, and undo takes each back', async ({
  page,
  request,
}) => {
  const id = await makeClass(request, 'Seats');
  const shell = await ClassPage.open(page, id, 'setup/people');
  const names = async (station: string): Promise<readonly string[]> =>
    bench(page, station).locator('button[aria-pressed]').allInnerTexts();
  expect(await names('Station 1')).toEqual(['Ottilie', 'Bram']);
  const [from, to] = [await chip(page, 'Bram').boundingBox(), await chip(page, 'Teo').boundingBox()];
  if (!from || !to) throw new Error('both stand at a bench');
  await page.mouse.move(from.x + 20, from.y + 20);
  await page.mouse.down();
  await page.mouse.move(from.x + 60, from.y + 25, { steps: 4 });
  await page.mouse.move(to.x + to.width / 2, to.y + to.height / 2, { steps: 8 });
  await drop(page);
  await expect.poll(() => names('Station 1')).toEqual(['Ottilie', 'Teo']);
  expect(await names('Station 2')).toEqual(['Sanna', 'Bram']);
  await page.getByRole('button', { name: 'Undo' }).click();
  expect(await names('Station 1')).toEqual(['Ottilie', 'Bram']);

  // by keys alone: to an empty bench
  await chip(page, 'Move Bram').focus();
  await page.keyboard.press('Enter');
  await page.getByRole('menuitem', { name: 'To bench 5, by themselves' }).press('Enter');
  await expect(bench(page, 'Station 5')).toContainText('Bram');
  for (const name of ['Bram', 'Pell']) {
    await chip(page, name).click();
  }
  await page.getByRole('button', { name: 'Keep these 2 together' }).click();
  await page.getByRole('button', { name: 'Seat everybody' }).click();
  const together = page.getByTestId('seating').locator('li').filter({ hasText: 'Bram' });
  await expect(together).toContainText('Pell');
  await shell.planned();
  await expect(shell.verdict).toContainText('Fits');
  await shell.saved();
});

test('bookings of the feed are taken or declined, late ones and cancellations too', async ({ page, request }) => {
  const id = await makeClass(request, 'Seats booked');
  const shell = await ClassPage.open(page, id, 'setup/people');
  await page.getByRole('button', { name: 'Look for bookings' }).click();
  const news = page.getByTestId('news').getByRole('listitem');
  await expect(news.filter({ hasText: 'R-201, booked' })).toContainText('Jonas Aarestad (no dairy)');
  await page.getByRole('button', { name: 'Take R-202' }).click();
  await expect(chip(page, 'Petra Quill')).toBeVisible();
  await page.getByRole('button', { name: 'Decline R-201' }).click();
  await expect(news.filter({ hasText: 'R-201' })).toHaveCount(0);
  await page.getByRole('button', { name: 'Bring the next made-up bookings' }).click();
  await page.getByRole('button', { name: 'Bring the next made-up bookings' }).click();
  await page.getByRole('button', { name: 'Let them go R-202' }).click();
  await expect(chip(page, 'Petra Quill')).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(chip(page, 'Petra Quill')).toBeVisible();
  await shell.saved();
});

test('a kitchen that changed since is told, and its changes are taken without losing the class’s own', async ({
  page,
  request,
}) => {
  const kitchen = { ...sundayClass.kitchen, name: 'A test kitchen' };
  const made = await request.post('/api/documents/kitchen', { data: kitchen });
  const { id: kitchenId } = (await made.json()) as { id: string };
  const notes = { kitchen: { id: kitchenId, asTaken: kitchen } };
  const record = { workshop: { ...sundayClass, title: 'Sunday elsewhere', kitchen }, notes };
  const { id } = (await (await request.post('/api/documents/class', { data: record })).json()) as { id: string };
  const shell = await ClassPage.open(page, id, 'kitchen');
  await expect(page.getByTestId('kitchen-state')).toContainText('A copy, as it was taken');
  await expect(page.getByRole('img', { name: 'Griddle 1 holds 4 Yogurt ovals' })).toBeVisible();
  await expect(page.getByRole('img', { name: 'Griddle 1 holds 6 Coiled spring onion rounds' })).toBeVisible();
  await page.getByRole('textbox', { name: 'Seats of small bench' }).fill('3');
  await expect(page.getByTestId('kitchen-state')).toContainText('benches, small bench, seats: 2 → 3');

  await page.goto(`/kitchens/${kitchenId}`);
  // the word may still be that of the state before the change: the save itself is waited for
  const stored = page.waitForResponse((r) => r.request().method() === 'PUT' && r.url().endsWith(kitchenId) && r.ok());
  await page.getByRole('textbox', { name: 'Temperature of the warm box' }).fill('34');
  await stored;
  await page.goto(`/class/${id}/kitchen`);
  const since = page.getByRole('region', { name: 'The kitchen has changed since' });
  await expect(since).toContainText('places, the warm box, temp (°C): 31 → 34');
  await since.getByRole('button', { name: 'Take the changes' }).click();
  await expect(since).toHaveCount(0);
  await expect(page.getByRole('textbox', { name: 'Temperature of the warm box' })).toHaveValue('34');
  await expect(page.getByRole('textbox', { name: 'Seats of small bench' })).toHaveValue('3');
  await shell.saved();
});

test('a table of 5,000 rows is read, and what finds no seat waits', async ({ page, request }) => {
  const shell = await ClassPage.open(page, await makeClass(request, 'Seats for many'), 'setup/people');
  const rows = Array.from({ length: 5000 }, (_, i) => `"=1+${i}",,Guest ${i}`);
  await page.getByLabel('From a CSV file').setInputFiles({
    name: 'many.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from(`\ufeffsheet,allergies,name\r\n${rows.join('\r\n')}`),
  });
  await expect(page.getByTestId('roster-preview')).toContainText('5000 people understood; only 4 seats are free');
  await page.getByRole('button', { name: 'Add 200 people' }).click();
  await expect(page.getByRole('link', { name: 'People 196 waiting' })).toBeVisible();
  // what a class cannot list is not lost: it stays in the field
  await expect(page.getByTestId('roster-preview')).toContainText('4800 people understood, 200 in the class already');
  await shell.saved();
});

const STEPS =
  'kitchen setup/times setup/people setup/menu dough/sheet dough/ahead dough/kit dough/shopping dough/allergens';

for (const theme of ['light', 'dark'] as const)
  test(`axe finds nothing on the pages of kitchen, class and dough in the ${theme} theme`, async ({
    page,
    request,
  }) => {
    const id = await makeClass(request, `Sunday in the ${theme}`, sundayClass);
    await page.emulateMedia({ colorScheme: theme });
    for (const path of [
      ...STEPS.split(' ').map((s) => `/class/${id}/${s}`),
      '/classes',
      '/kitchens',
      '/measures',
      '/kitchens/demo-tannery',
      '/nowhere',
    ]) {
      await page.goto(path);
      await page.getByRole('main').waitFor();
      await page.waitForLoadState('networkidle');
      expect(await violations(page), path).toEqual([]);
    }
  });

test('a bread is dragged off a griddle, and one more onto it', async ({ page, request }) => {
  const shell = await ClassPage.open(page, await makeClass(request, 'Dragged breads'), 'kitchen');
  const holds = page.getByLabel('How many Soft griddle round Griddle 1 holds');
  const before = Number(await holds.inputValue());
  const plate = page.getByRole('img', { name: /^Griddle 1 holds \d+ Soft griddle round$/ });
  /** Drags to the middle of the griddle, or beside it, once the page holds still: a new verdict may move what stands under it. */
  const drag = async (from: Locator, beside = 0): Promise<void> => {
    await shell.planned();
    await from.scrollIntoViewIfNeeded();
    const [box, to] = [await from.boundingBox(), await plate.boundingBox()];
    if (!box || !to) throw new Error('what is dragged is not in sight');
    await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
    await page.mouse.down();
    await page.mouse.move(beside === 0 ? to.x + to.width / 2 : to.x + to.width + beside, to.y + to.height / 2, {
      steps: 8,
    });
    await drop(page);
  };
  await drag(plate.locator('path').first(), 80);
  await expect(holds).toHaveValue(String(before - 1));
  await drag(page.locator('[data-spare]').first());
  await expect(holds).toHaveValue(String(before));
  // let go on the griddle where it lay, a bread stays
  await drag(plate.locator('path').first());
  await expect(holds).toHaveValue(String(before));
});

test('a griddle holds as many as somebody knows, and as many as its size says again', async ({ page, request }) => {
  const shell = await ClassPage.open(page, await makeClass(request, 'Own number'), 'kitchen');
  const holds = page.getByLabel('How many Soft griddle round Griddle 1 holds');
  const before = await holds.inputValue();
  await holds.fill('4');
  await expect(page.getByRole('img', { name: 'Griddle 1 holds 4 Soft griddle round' })).toBeVisible();
  await shell.planned();
  await expect(shell.verdict).toContainText('Fits');
  await page.getByRole('button', { name: 'by its size' }).click();
  await expect(holds).toHaveValue(before);
  await expect(page.getByRole('button', { name: 'by its size' })).toHaveCount(0);
});

test('a bread that changed in the library is told to the class that took it, and taken over or not', async ({
  page,
  request,
}) => {
  const id = await makeClass(request, 'Told of breads');
  const bread = (await (await request.get('/api/documents/bread/demo-scalded-wrap')).json()) as {
    body: { id: string; ingredients: { name: string; pct?: number }[] };
  };
  const made = await request.post('/api/documents/bread', {
    data: { ...bread.body, id: 'told-wrap', name: 'Told wraps' },
  });
  const { id: breadId, version } = (await made.json()) as { id: string; version: number };
  // put on the menu of a class that is not open, from the bread
  await page.goto(`/breads/${breadId}/formula`);
  const option = page.getByRole('option', { name: /^Told of breads/ });
  await page.getByLabel('Put on the menu of').selectOption(await option.getAttribute('value'));
  await expect(page).toHaveURL(new RegExp(`${id}/setup/menu$`));
  const menu = page.getByRole('list', { name: 'Menu' });
  await expect(menu).toContainText('Told wraps');
  await expect(page.getByTestId('save-state')).toHaveText('saved');
  const change = async (salt: number, of: number): Promise<void> => {
    const ingredients = bread.body.ingredients.map((i) => (i.name.includes('salt') ? { ...i, pct: salt } : i));
    const body = { ...bread.body, id: 'told-wrap', name: 'Told wraps', ingredients };
    expect((await request.put(`/api/documents/bread/${breadId}`, { data: { version: of, body } })).status()).toBe(200);
  };
  const told = page.getByRole('region', { name: 'Told wraps has changed since' });
  await change(2.2, version);
  await page.reload();
  await expect(told).toContainText(/salt.*2\.2/);
  await told.getByRole('button', { name: 'Keep this class as it is' }).click();
  await expect(told).toHaveCount(0);
  await change(1.9, version + 1);
  await page.reload();
  await told.getByRole('button', { name: 'Take the changes' }).click();
  await expect(told).toHaveCount(0);
  await expect(page.getByTestId('save-state')).toHaveText('saved');
  const kept = (await (await request.get(`/api/documents/class/${id}`)).json()) as {
    body: { workshop: { breads: (typeof bread.body)[] } };
  };
  const own = kept.body.workshop.breads.find((b) => b.id === 'told-wrap');
  expect(own?.ingredients.find((i) => i.name.includes('salt'))?.pct).toBe(1.9);
});
