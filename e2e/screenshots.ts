import { makeClass } from './class-page.ts';
import sundayClass from '../demo/class-sunday.json' with { type: 'json' };
import { longNamed } from './long-named.ts';
import { chromium, type Page } from '@playwright/test';
import { fileURLToPath } from 'node:url';

/** Takes the pictures of docs/screenshots from a running application with a fresh demonstration class. */
const ADDRESS = process.env['HODSMAN_ADDRESS'] ?? 'http://127.0.0.1:4710';
const FOLDER = fileURLToPath(new URL('../docs/screenshots/', import.meta.url));

interface Shot {
  readonly name: string;
  /** A step of a demonstration class, or the address of a page outside of it. */
  readonly step: string;
  readonly demo?: 'demo-class' | 'demo-sunday';
  /** A class that is made for the picture. */
  readonly made?: object;
  readonly size?: { readonly width: number; readonly height: number };
  readonly act?: (page: Page) => Promise<void>;
}

/** An invented recipe with what recipes get wrong. */
const RECIPE = `Porch rounds
Makes 8 to 10

Ingredients
3 cups (360 g) plain flour, plus extra for dusting
1 heaped tsp baking powder
1 tsp flaky sea salt
1 cup plain yogurt
2 tbsp olive oil
1 handful chopped parsley

Method
1. Mix the flour, baking powder and salt. Add the yogurt and oil and bring together to a soft dough.
2. Knead for 5 minutes until smooth. Rest at least 20 minutes, better an hour.
3. Meanwhile, melt the butter with the garlic.
4. Divide into 8 pieces of about 70 g each and roll to 19 cm (9 inch).
5. Cook in a dry pan over medium-high heat for 2–3 minutes a side.
6. Brush with melted butter and serve warm.`;

const undoAll = async (page: Page): Promise<void> => {
  const undo = page.getByRole('button', { name: 'Undo' });
  while (await undo.isEnabled()) await undo.click();
};

const lookForBookings = async (page: Page): Promise<void> => {
  await page.getByRole('button', { name: 'Look for bookings' }).click();
  await page.getByTestId('news').waitFor();
};
const scrollTo =
  (article: string) =>
  (page: Page): Promise<void> =>
    page.getByRole('article', { name: article }).evaluate((e) => e.scrollIntoView({ block: 'start' }));

const SHOTS: readonly Shot[] = [
  { name: 'plan', step: 'plan', demo: 'demo-sunday' },
  { name: 'plan-sixteen', step: 'plan', made: longNamed(16, 4) },
  {
    name: 'print',
    step: 'print',
    demo: 'demo-sunday',
    act: (page) => page.getByTestId('sheets').locator('[data-card]').first().waitFor(),
  },
  {
    name: 'plan-moment',
    step: 'plan',
    demo: 'demo-sunday',
    act: async (page) => {
      for (let i = 0; i < 12; i++) await page.getByTestId('board').press('>');
      await page.getByTestId('moment').waitFor();
    },
  },
  { name: 'dough', step: 'dough/sheet', demo: 'demo-sunday' },
  { name: 'class', step: 'setup/times', demo: 'demo-sunday' },
  { name: 'people', step: 'setup/people', demo: 'demo-sunday', act: lookForBookings },
  { name: 'menu', step: 'setup/menu', demo: 'demo-sunday', act: scrollTo('Barley hearth cakes') },
  { name: 'kitchen', step: 'kitchen', demo: 'demo-sunday' },
  { name: 'ahead', step: 'dough/ahead', demo: 'demo-sunday' },
  {
    name: 'turns',
    step: 'turns/fires',
    demo: 'demo-sunday',
    act: (page) =>
      page.getByRole('region', { name: 'Turns at the fires' }).evaluate((e) => {
        e.scrollTop = 420;
      }),
  },
  {
    name: 'alternatives',
    step: 'plan/alternatives',
    act: async (page) => {
      await page.getByRole('button', { name: 'the shortest class' }).click();
      await page.getByRole('button', { name: 'busy hands first' }).click();
      await page.getByTestId('difference-C').waitFor();
    },
  },
  {
    name: 'plan-too-long',
    step: 'plan',
    act: async (page) => {
      await page.getByRole('button', { name: 'Open the panel' }).click();
      await page.getByLabel('Breads each', { exact: true }).fill('4');
      await page.locator('[data-testid="advice"][data-done="true"]').waitFor();
    },
  },
  {
    name: 'run',
    step: 'run',
    made: sundayClass,
    act: async (page) => {
      await page.getByLabel('The clock goes').selectOption('60');
      await page.getByRole('button', { name: 'Rehearse it' }).click();
      await page.getByText('The class', { exact: true }).click();
      await page.getByRole('button', { name: 'Griddle 1 is hot' }).click();
      // some breads lie on the fire
      await page
        .getByRole('button', { name: /: turned$/ })
        .nth(2)
        .waitFor({ timeout: 120_000 });
    },
  },
  { name: 'breads', step: '/breads' },
  { name: 'bread-formula', step: '/breads/demo-yogurt-oval/formula' },
  {
    name: 'bread-method',
    step: '/breads/demo-barley-hearth/method',
    act: (page) => page.locator('[data-step="proof"] button[aria-pressed]').click(),
  },
  {
    name: 'recipe',
    step: '/breads/read',
    act: async (page) => {
      await page.locator('#recipe').fill(RECIPE);
      await page.getByText('Does not agree').waitFor();
    },
  },
  { name: 'plan-tablet', step: 'plan', size: { width: 800, height: 1180 } },
];

/** Names of the pictures to take; none: all. */
const WANTED = process.argv.slice(2);

const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox', '--disable-gpu'] });
for (const { name, step, made, demo = 'demo-class', size = { width: 1280, height: 800 }, act } of SHOTS.filter(
  (s) => WANTED.length === 0 || WANTED.includes(s.name),
)) {
  const page = await browser.newPage({ viewport: size, colorScheme: 'light', locale: 'en-IE', baseURL: ADDRESS });
  const isBread = step.startsWith('/');
  const id = made
    ? await makeClass(page.request, step === 'run' ? 'Sunday in the Old Tannery' : 'Sixteen people, three breads', made)
    : demo;
  await page.goto(`${ADDRESS}${isBread ? step : `/class/${id}/${step}`}`);
  const planned = page.locator('[data-testid="verdict"][data-planning="false"]');
  await (isBread ? page.getByRole('main').waitFor() : planned.waitFor());
  await page.waitForLoadState('networkidle');
  await act?.(page);
  if (!isBread) await planned.waitFor({ state: 'attached' });
  await page.screenshot({ path: `${FOLDER}${name}.png` });
  if (made) await page.request.delete(`${ADDRESS}/api/documents/class/${id}?version=1`);
  else if (!isBread) {
    await undoAll(page);
    await page.locator('[data-testid="save-state"]:text-is("saved")').waitFor();
  }
  await page.close();
}
await browser.close();
