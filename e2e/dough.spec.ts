import { readFile } from 'node:fs/promises';
import Papa from 'papaparse';
import { expect, test, type Page } from '@playwright/test';
import sundayClass from '../demo/class-sunday.json' with { type: 'json' };
import { ClassPage, makeClass } from './class-page.ts';

interface PlanFile {
  readonly batches: readonly {
    readonly id: string;
    readonly station: string | null;
    readonly mother: string | null;
    readonly doughG: number;
    readonly ingredients: readonly { readonly name: string; readonly use?: string; readonly g: number }[];
  }[];
}

const download = async (page: Page, name: string): Promise<string> => {
  const [file] = await Promise.all([page.waitForEvent('download'), page.getByRole('button', { name }).click()]);
  return readFile(await file.path(), 'utf8');
};

/** Grams of a text on the screen: "1.25 kg", "242 g", "0.80 g"; and by how much it may be rounded. */
function shown(text: string): { readonly g: number; readonly within: number } {
  const [, figure = '', unit = ''] = /([\d.]+) (kg|g)$/.exec(text.trim()) ?? [];
  const places = figure.split('.')[1]?.length ?? 0;
  if (unit === 'kg') return { g: Number(figure) * 1000, within: 2.5 };
  return { g: Number(figure), within: 0.5 * 10 ** -places };
}

test('the sheet, its CSV and the plan file say the same, to the gram', async ({ page, request }) => {
  const id = await makeClass(request, 'Sunday weights', sundayClass);
  const shell = await ClassPage.open(page, id, 'setup/times');
  const plan = JSON.parse(await download(page, 'Save the plan')) as PlanFile;
  await page.getByRole('link', { name: /^Dough/ }).click();
  await expect(page.getByTestId('cards').locator('[data-batch]')).toHaveCount(plan.batches.length);
  const csv = Papa.parse<Record<string, string>>((await download(page, 'CSV')).replace('\ufeff', ''), {
    header: true,
    skipEmptyLines: true,
  }).data;
  let compared = 0;
  let left = 0;
  for (const batch of plan.batches) {
    const card = page.locator(`[data-batch="${batch.id}"]`);
    const label = await card.getAttribute('aria-label');
    for (const { name, use, g } of batch.ingredients) {
      // a share’s dough is weighed with its mother batch, what a mother’s pieces need beside it at the stations
      if (use === undefined ? batch.mother !== null : batch.station === null) continue;
      const rows = card.getByRole('row').filter({ has: page.getByRole('rowheader', { name }) });
      const inCsv = csv.find(
        (r) => `${r['bread']}, ${r['for']}` === label && r['ingredient'] === name && r['use'] === (use ?? 'dough'),
      );
      if (g === 0) {
        // nobody's bread of this dough carries it, so nobody weighs it
        await expect(rows, `${batch.id} ${name}`).toHaveCount(0);
        expect(inCsv, `${batch.id} ${name}`).toBeUndefined();
        left++;
        continue;
      }
      // a card out of sight is not laid out, and has a content all the same
      const text = await rows.locator('td').first().textContent();
      const figure = shown(text ?? '');
      expect(Math.abs(figure.g - g), `${batch.id} ${name}: ${text ?? ''}, ${g}`).toBeLessThanOrEqual(
        figure.within + 1e-9,
      );
      expect(Number(inCsv?.['g']), `${batch.id} ${name}`).toBeCloseTo(g, 1);
      compared++;
    }
  }
  expect(compared).toBeGreaterThan(60);
  expect(left, 'butter that nobody of Station 1 eats').toBeGreaterThan(0);
  await shell.planned();
});

test('an edit moves the figures; a coarser scale says how to come by what it cannot show; measures stand beside', async ({
  page,
  request,
}) => {
  const id = await makeClass(request, 'Scales');
  await ClassPage.open(page, id, 'dough');
  const card = page.locator('[data-batch="round@S1"]');
  await expect(card).toContainText('keep 9 g back');
  await page.getByText('5 g', { exact: true }).click();
  await expect(card).toContainText('finer than this scale');
  await page.getByLabel('Kitchen measures beside the weight').selectOption('us');
  await expect(card).toContainText(/cup|tbsp/);
  await page.getByRole('link', { name: /^Class/ }).click();
  await page.getByRole('link', { name: /^Menu/ }).click();
  const flour = async (): Promise<string> => {
    await page.getByRole('link', { name: /^Dough/ }).click();
    const row = card.getByRole('row', { name: /plain wheat flour/ }).first();
    // while a page is fetched the one before it stands hidden
    await expect(row).toBeVisible();
    return row.innerText();
  };
  const before = await flour();
  await page.getByRole('link', { name: /^Class/ }).click();
  await page.getByRole('link', { name: /^Menu/ }).click();
  await page.getByLabel('Breads: one more').click();
  expect(await flour()).not.toBe(before);
});

test('a bread that is longer than the class is proposed to be made ahead, and the list tells when', async ({
  page,
  request,
}) => {
  const id = await makeClass(request, 'Sour', sundayClass);
  const shell = await ClassPage.open(page, id, 'setup/menu');
  await page.getByLabel('Another bread, from the library').selectOption({ label: 'Sourdough griddle rounds' });
  await page.getByRole('button', { name: 'Put on the menu' }).click();
  const notice = page.getByRole('region', { name: /takes .* at the least, the class has/ });
  await notice.getByRole('button', { name: 'Staff make it ahead' }).click();
  await expect(notice).toHaveCount(0);
  await page.getByRole('link', { name: /^Dough/ }).click();
  await page.getByRole('link', { name: 'Ahead' }).click();
  await shell.planned();
  await expect(page.getByRole('main')).toContainText(/\d\d:\d\d\s*Sourdough griddle rounds, the dough: mix/);
});

test('the shopping list follows the pantry, is ticked off with undo, and goes out as CSV', async ({
  page,
  request,
}) => {
  const id = await makeClass(request, 'Shop', sundayClass);
  const shell = await ClassPage.open(page, id, 'dough/shopping');
  const honey = page.locator('[data-item="honey"]');
  await expect(honey).toContainText('about');
  await honey.getByRole('textbox', { name: 'Pack, g of honey' }).fill('340');
  await honey.getByRole('textbox', { name: 'Price in EUR of honey' }).fill('4.2');
  await expect(honey).toContainText('4.20 EUR');
  await expect(honey).not.toContainText('about');
  await page.getByRole('button', { name: 'Pantry: one change back' }).click();
  await expect(honey).toContainText('about');
  await page.getByRole('button', { name: 'Pantry: one change on' }).click();
  await expect(honey).toContainText('4.20 EUR');
  await page.getByLabel('honey is bought').check();
  await expect(page.getByRole('main')).toContainText(/\d+ of \d+ still to buy/);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByLabel('honey is bought')).not.toBeChecked();
  await page.getByRole('button', { name: 'Save as a file' }).click();
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('menuitem', { name: 'Shopping (CSV)' }).click(),
  ]);
  expect(await readFile(await file.path(), 'utf8')).toContain('honey,,22.6,');
  await honey.getByRole('textbox', { name: 'In the store, g of honey' }).fill('500');
  await expect(page.getByLabel('honey is bought')).toHaveCount(0);
  await expect(page.getByTestId('pantry-save-state')).toHaveText('saved');
  await page.reload();
  await shell.planned();
  await expect(honey.getByRole('textbox', { name: 'In the store, g of honey' })).toHaveValue('500');
});

test('a kitchen gets a store of its own, with nothing in it, and other classes keep the common one', async ({
  page,
  request,
}) => {
  const kitchen = (await (await request.get('/api/documents/kitchen/demo-tannery')).json()) as { body: object };
  const made = await request.post('/api/documents/kitchen', { data: { ...kitchen.body, name: 'Loft kitchen' } });
  const { id: kitchenId } = (await made.json()) as { id: string };
  const id = await makeClass(request, 'In the loft', sundayClass);
  const held = (await (await request.get(`/api/documents/class/${id}`)).json()) as {
    version: number;
    body: { workshop: { kitchen: object }; notes: object };
  };
  const ours = { ...kitchen.body, name: 'Loft kitchen' };
  const body = {
    workshop: { ...held.body.workshop, kitchen: ours },
    notes: { ...held.body.notes, kitchen: { id: kitchenId, asTaken: ours } },
  };
  const put = await request.put(`/api/documents/class/${id}`, { data: { version: held.version, body } });
  expect(put.status()).toBe(200);
  await page.goto(`/class/${id}/dough/shopping`);
  await expect(page.getByText(/belong to The store by the Millrace Room/)).toBeVisible();
  await page.getByRole('button', { name: 'A store of its own for Loft kitchen' }).click();
  await expect(
    page.getByText(/belong to The store of Loft kitchen and hold for every class in this kitchen/),
  ).toBeVisible();
  await expect(page.getByRole('rowheader', { name: 'In the store already' })).toHaveCount(0);
  await page.goto('/class/demo-sunday/dough/shopping');
  await expect(page.getByText(/belong to The store by the Millrace Room/)).toBeVisible();
  // the kitchens that other tests find are those of the demonstration
  expect((await request.delete(`/api/documents/kitchen/${kitchenId}?version=1`)).status()).toBe(204);
});
