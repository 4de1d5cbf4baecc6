import { expect, test, type Page } from '@playwright/test';
import demoClass from '../demo/class.json' with { type: 'json' };
import sundayClass from '../demo/class-sunday.json' with { type: 'json' };
import { ClassPage, makeClass } from './class-page.ts';
import { longNamed } from './long-named.ts';

interface Word {
  readonly text: string;
  readonly size: number;
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

/** What the board has written on its canvas, asked of itself, and whether nothing of it has to be scrolled to. */
const ask = (page: Page): Promise<{ words: Word[]; isWhole: boolean }> =>
  page.getByTestId('board').evaluate((e) => {
    const detail = { words: [], isWhole: false };
    e.dispatchEvent(new CustomEvent('board:ask', { detail }));
    return detail;
  });

/** How wide the texts are in the typeface of the page, measured apart from the board. */
const measured = (page: Page, words: readonly Word[]): Promise<number[]> =>
  page.evaluate((list) => {
    const span = document.createElement('span');
    span.style.cssText = 'position:absolute;white-space:pre;font-family:"Atkinson Hyperlegible Next Variable"';
    document.body.append(span);
    const widths = list.map(({ text, size }) => {
      span.style.fontSize = `${size}px`;
      span.style.fontWeight = '550';
      span.textContent = text;
      return span.getBoundingClientRect().width;
    });
    span.remove();
    return widths;
  }, words);

function overlaps(words: readonly Pick<Word, 'x' | 'y' | 'width' | 'height'>[]): number {
  let count = 0;
  for (const [i, a] of words.entries())
    for (const b of words.slice(i + 1)) {
      const across = Math.min(a.x + a.width, b.x + b.width) - Math.max(a.x, b.x);
      const down = Math.min(a.y + a.height, b.y + b.height) - Math.max(a.y, b.y);
      if (across > 0.5 && down > 0.5) count++;
    }
  return count;
}

/** The names over the board: where they stand, and whether one is cut. */
const heads = (page: Page): Promise<{ x: number; y: number; width: number; height: number; isCut: boolean }[]> =>
  page
    .getByTestId('heads')
    .locator('button, span')
    .evaluateAll((list) =>
      list
        .filter((e) => e.childElementCount === 0 || e.querySelector('svg'))
        .map((e) => {
          const { x, y, width, height } = e.getBoundingClientRect();
          return { x, y, width, height, isCut: e.scrollWidth > e.clientWidth + 1 };
        }),
    );

for (const [what, workshop] of [
  ['8 people and one bread', demoClass],
  ['12 people and three breads', longNamed(12, 3)],
  ['16 people and three breads', longNamed(16, 4)],
] as const)
  test(`the room of ${what} is whole on the screen: no word over another, none cut, everything in sight`, async ({
    page,
    request,
  }) => {
    await page.goto(`/class/${await makeClass(request, 'Whole', workshop)}/plan/board`);
    await new ClassPage(page).planned();
    await page.evaluate(() => document.fonts.ready);
    await expect.poll(async () => (await ask(page)).words.length).toBeGreaterThan(10);
    const { words, isWhole } = await ask(page);
    expect(isWhole).toBe(true);
    expect(overlaps(words)).toBe(0);
    const board = await page.getByTestId('board').boundingBox();
    const own = await measured(page, words);
    for (const [i, w] of words.entries()) {
      expect(w.size).toBeGreaterThanOrEqual(11);
      // turned words are as high as they are long
      expect(Math.max(w.width, w.height)).toBeGreaterThanOrEqual((own[i] ?? Infinity) * 0.93);
      expect(w.x).toBeGreaterThanOrEqual(0);
      expect(w.x + w.width).toBeLessThanOrEqual(board?.width ?? 0);
      expect(w.y + w.height).toBeLessThanOrEqual(board?.height ?? 0);
    }
    const names = await heads(page);
    expect(names.length).toBeGreaterThan(10);
    expect(names.filter((n) => n.isCut)).toEqual([]);
    expect(overlaps(names)).toBe(0);
    for (const n of names) expect(n.x + n.width).toBeLessThanOrEqual((board?.x ?? 0) + (board?.width ?? 0));
    await expect(page.getByTestId('heads').getByTitle('Table', { exact: true })).toBeInViewport({ ratio: 1 });
  });

test('the board is looked at from three distances, by keys and by the wheel', async ({ page }) => {
  const shell = await ClassPage.open(page, 'demo-sunday');
  const from = (distance: string) => expect(shell.board).toHaveAttribute('data-distance', distance);
  await shell.board.focus();
  await from('room');
  await page.keyboard.press('2');
  await from('station');
  await expect.poll(async () => (await ask(page)).isWhole).toBe(false);
  await page.keyboard.press('3');
  await from('route');
  // one route alone, with its times as a list beside it
  await expect(page.getByTestId('followed')).toContainText(
    /^Aino Ferrant: 3 breads, first 1\d:\d\d, last 1\d:\d\d, free/,
  );
  const { words } = await ask(page);
  expect(words.filter((w) => /^1\d:\d\d \w/.test(w.text)).length).toBeGreaterThan(8);
  await page.keyboard.press('Escape');
  await from('room');
  const box = (await shell.board.boundingBox()) ?? { x: 0, y: 0 };
  await page.mouse.move(box.x + 400, box.y + 200);
  await page.keyboard.down('Control');
  await page.mouse.wheel(0, -300);
  await from('station');
  for (let i = 0; i < 8; i++) await page.mouse.wheel(0, 500);
  await from('room');
  // small steps, as of a touch pad, add up
  for (let i = 0; i < 8; i++) await page.mouse.wheel(0, -20);
  await from('station');
  await page.keyboard.up('Control');
});

test('who is followed comes wholly into sight and is said in one line', async ({ page }) => {
  const shell = await ClassPage.open(page, 'demo-sunday');
  await page.getByRole('button', { name: 'Stations, everyone side by side' }).click();
  await page.getByRole('combobox', { name: 'Follow' }).selectOption({ label: 'Lorcan' });
  await expect(page.getByTestId('followed')).toContainText('Lorcan: ');
  await expect.poll(() => shell.board.evaluate((e) => e.scrollLeft)).toBeGreaterThan(200);
  await page.getByRole('button', { name: 'Follow nobody' }).click();
  await expect(page.getByTestId('followed')).toHaveCount(0);
});

test('a moment is looked at by keys, by the wheel and by a drag down the times: who does what, what lies where', async ({
  page,
}) => {
  const shell = await ClassPage.open(page, 'demo-sunday');
  await shell.board.focus();
  for (let i = 0; i < 3; i++) await page.keyboard.press('>');
  const moment = page.getByTestId('moment');
  await expect(moment.getByRole('heading', { name: '10:15', exact: true })).toBeVisible();
  await expect(moment.getByRole('button', { name: 'Imke' })).toBeVisible();
  // what somebody avoids stands at their name here too
  await expect(moment.getByText(/walnut|milk|gluten|sesame/).first()).toBeVisible();
  const box = await shell.board.boundingBox();
  if (!box) throw new Error('there is no board');
  await page.mouse.move(box.x + 20, box.y + 120);
  await page.mouse.down();
  await page.mouse.move(box.x + 20, box.y + box.height * 0.42, { steps: 6 });
  await page.mouse.up();
  await expect(moment.getByRole('heading', { level: 2 }).first()).toHaveText(/^1[01]:\d\d$/);
  const at = await moment.getByRole('heading', { level: 2 }).first().innerText();
  await expect(moment.getByRole('img', { name: /^Griddle 1: \w/ })).toBeVisible();
  await page.mouse.wheel(0, 100);
  await expect(moment.getByRole('heading', { level: 2 }).first()).not.toHaveText(at);
  await page.keyboard.press('Escape');
  await expect(moment).toHaveCount(0);
});

test('a class that does not fit leaves three quarters of the height to the board', async ({ page, request }) => {
  const workshop = { ...longNamed(16, 2), tableTime: '10:40' };
  await page.goto(`/class/${await makeClass(request, 'Too long', workshop)}/plan/board`);
  const shell = new ClassPage(page);
  await shell.planned();
  await expect(shell.verdict).toContainText('Does not');
  await page.locator('[data-testid="advice"][data-done="true"]').waitFor({ timeout: 60_000 });
  const over = await page.getByTestId('over').boundingBox();
  expect(over?.height).toBeLessThanOrEqual(200);
  // many late breads are one line
  const line = shell.verdict.getByRole('button', { name: /^\d+ breads done after table time/ });
  await expect(line).toHaveCount(1);
  // and the list is behind it
  await line.click();
  await expect(page.getByTestId('troubles').getByText(/\d+ breads done after table time/)).toBeVisible();
});

test('the run sheet of a large class lies across, its room on two sheets at the most, and every type can be read', async ({
  page,
  request,
}) => {
  const id = await makeClass(request, 'On the wall', longNamed(16, 4));
  await ClassPage.open(page, id, 'plan/sheet');
  await expect(page.getByRole('img', { name: /^The plan as a picture/ }).first()).toBeVisible();
  const pictures = await page.getByRole('img', { name: /^The plan as a picture/ }).count();
  expect(pictures).toBeLessThanOrEqual(2);
  const pdf = (await page.pdf({ preferCSSPageSize: true })).toString('latin1');
  const across = pdf.match(/MediaBox \[0 0 84[12]\S* 59[45]/g)?.length ?? 0;
  expect(across).toBe(pictures);
  expect(pdf).toMatch(/MediaBox \[0 0 59[45]\S* 84[12]/);
});

for (const [width, height] of [
  [390, 844],
  [640, 400],
  [800, 1280],
  [1920, 1080],
] as const)
  test(`on a screen of ${width} × ${height} every view of a class is shown, nothing beside it, heads in a quarter of it`, async ({
    page,
    request,
  }) => {
    await page.setViewportSize({ width, height });
    const id = await makeClass(request, `Sunday at ${width}`, sundayClass);
    const faults: string[] = [];
    page.on('pageerror', (e) => faults.push(e.message));
    for (const path of ['plan/board', 'setup/people', 'dough/sheet', 'turns/people', 'kitchen']) {
      await page.goto(`/class/${id}/${path}`);
      await new ClassPage(page).planned();
      await expect(page.getByRole('main').or(page.getByTestId('board')).first(), path).toBeVisible();
      expect(await page.evaluate(() => document.documentElement.scrollWidth), path).toBeLessThanOrEqual(width);
    }
    expect(faults).toEqual([]);
    await page.goto(`/class/${id}/plan/board`);
    await new ClassPage(page).planned();
    // where a screen is low, head and verdict scroll away
    await page.mouse.move(width / 2, 20);
    await page.mouse.wheel(0, 1000);
    const top = async (): Promise<number> => (await page.getByRole('main').boundingBox())?.y ?? height;
    await expect.poll(top).toBeLessThanOrEqual(height / 4);
  });
