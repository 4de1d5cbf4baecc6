import { chromium, type Page } from '@playwright/test';
import { fileURLToPath } from 'node:url';

/** Takes the pictures of docs/screenshots from a running application with a fresh demonstration class. */
const ADDRESS = process.env['HODSMAN_ADDRESS'] ?? 'http://127.0.0.1:4710';
const FOLDER = fileURLToPath(new URL('../docs/screenshots/', import.meta.url));

interface Shot {
  readonly name: string;
  readonly step: string;
  readonly size?: { readonly width: number; readonly height: number };
  readonly theme?: 'light' | 'dark';
  readonly act?: (page: Page) => Promise<void>;
}

const undoAll = async (page: Page): Promise<void> => {
  const undo = page.getByRole('button', { name: 'Undo' });
  while (await undo.isEnabled()) await undo.click();
};

const SHOTS: readonly Shot[] = [
  { name: 'plan', step: 'plan' },
  { name: 'dough', step: 'dough' },
  { name: 'class', step: 'setup' },
  {
    name: 'plan-dark',
    step: 'plan',
    theme: 'dark',
    act: (page) => page.locator('[data-task="round/p5/1:roll"]').click(),
  },
  {
    name: 'plan-too-long',
    step: 'plan',
    act: async (page) => {
      await page.getByLabel('Breads each', { exact: true }).fill('4');
      await page.locator('[data-testid="advice"][data-done="true"]').waitFor();
    },
  },
  { name: 'plan-tablet', step: 'plan', size: { width: 800, height: 1180 } },
];

const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox', '--disable-gpu'] });
for (const { name, step, size = { width: 1280, height: 800 }, theme = 'light', act } of SHOTS) {
  const page = await browser.newPage({ viewport: size, colorScheme: theme });
  await page.goto(`${ADDRESS}/class/demo-class/${step}`);
  const planned = page.locator('[data-testid="verdict"][data-planning="false"]');
  await planned.waitFor();
  await act?.(page);
  await planned.waitFor();
  await page.screenshot({ path: `${FOLDER}${name}.png` });
  await undoAll(page);
  await page.getByText('saved', { exact: true }).waitFor();
  await page.close();
}
await browser.close();
