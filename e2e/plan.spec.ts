import { expect, test, type Locator, type Page } from '@playwright/test';
import demoClass from '../demo/class.json' with { type: 'json' };
import { violations } from './axe.ts';
import { ClassPage, makeClass } from './class-page.ts';
import { drop } from './drop.ts';

const MIX = 'round@S2:mix';
const MIX_SEC = 360;

async function boxOf(locator: Locator) {
  const box = await locator.boundingBox();
  if (!box) throw new Error('it is not on the page');
  return box;
}

test('a block is found by a click, its dough by the arrow keys, with times, reasons and what its people do', async ({
  page,
  request,
}) => {
  const shell = await ClassPage.open(page, await makeClass(request, 'Looked at', demoClass, 'fresh'));
  await shell.select('round@S1:mix');
  await expect(shell.detail).toContainText(/mix, Station 1.*10:\d\d–10:\d\d \(6 min\).*bench 1/s);
  await expect(page.getByTestId('why')).toContainText(
    'Nothing presses, and sooner would only be less fresh. It cannot slip by itself.',
  );
  await expect(page.getByRole('list', { name: 'What else its people do' })).toContainText(/Ottilie.*before: 10:00/s);
  await shell.board.press('ArrowDown');
  await expect(shell.detail).toContainText('knead, Station 1');
  await expect(page.getByTestId('why')).toContainText(/Because Station 1: mix is over at 10:\d\d\./);
  await shell.board.press('ArrowDown');
  await expect(page.getByTestId('window')).toContainText(
    /^May end from 1\d:\d\d \(15 min\) to 1\d:\d\d \(75 min\), best at/,
  );
  // a click where the dough of the neighbours is kneaded finds that
  const box = await boxOf(shell.selected);
  await shell.board.press('Escape');
  await expect(shell.selected).toBeHidden();
  await page.mouse.click(box.x + box.width / 2, box.y + 40);
  await expect(shell.selected).toHaveAttribute('data-task', 'round@S1:rest');
});

test('a mix dragged 25 minutes later takes its breads along; undo puts it back', async ({ page, request }) => {
  const id = await makeClass(request, 'Dragged', { ...demoClass, tableTime: '11:40' }, 'fresh');
  const shell = await ClassPage.open(page, id);
  const before = { mix: await shell.startOf(MIX), cook: await shell.startOf('round/p3/1:cook') };
  await shell.select(MIX);
  await shell.drag(25, MIX_SEC, false);
  // while the pointer still holds it, the plan on the board and the verdict follow
  await expect(shell.selected).toHaveAttribute('data-start', String(before.mix + 1500));
  await page.mouse.up();
  await shell.planned();
  await expect(page.getByTestId('pins').getByRole('listitem')).toHaveCount(1);
  await expect(page.getByTestId('pins')).toContainText(/10:\d\d mix, Station 2/);
  expect(await shell.startOf(MIX)).toBe(before.mix + 1500);
  expect(await shell.startOf('round/p3/1:cook')).toBeGreaterThan(before.cook);
  await shell.board.press('Control+z');
  await shell.planned();
  expect([await shell.startOf(MIX), await shell.startOf('round/p3/1:cook')]).toEqual([before.mix, before.cook]);
  await shell.board.press('Control+y');
  await shell.planned();
  await shell.saved();
  await page.reload();
  await shell.planned();
  expect(await shell.startOf(MIX)).toBe(before.mix + 1500);
  await page.getByRole('button', { name: 'Let go: mix, Station 2' }).click();
  await shell.planned();
  expect(await shell.startOf(MIX)).toBe(before.mix);
});

test('a move that cannot work says so while it is held, names what clashes, and Escape gives it up', async ({
  page,
  request,
}) => {
  const shell = await ClassPage.open(page, await makeClass(request, 'Clash', demoClass, 'fresh'));
  const before = await shell.startOf(MIX);
  await shell.select(MIX);
  await shell.drag(-30, MIX_SEC, false);
  await expect(page.getByTestId('troubles')).toContainText('starts before the welcome is over');
  await expect(shell.verdict).toContainText('Planning …');
  await page.keyboard.press('Escape');
  await page.mouse.up();
  await expect(shell.verdict).toContainText('Fits');
  expect(await shell.startOf(MIX)).toBe(before);
  await expect(page.getByTestId('pins').getByRole('listitem')).toHaveCount(0);
});

test('a start is moved by keys and typed, pinned and let go, without a mouse', async ({ page, request }) => {
  const shell = await ClassPage.open(page, await makeClass(request, 'Keys'));
  const before = await shell.startOf(MIX);
  await shell.select(MIX);
  await shell.board.focus();
  await shell.board.press('Alt+ArrowDown');
  await shell.board.press('Alt+ArrowDown');
  await shell.planned();
  await expect(shell.selected).toHaveAttribute('data-start', String(before + 120));
  // both steps are one of undo
  await shell.board.press('Control+z');
  await shell.planned();
  await expect(shell.selected).toHaveAttribute('data-start', String(before));
  await page.getByLabel('Start', { exact: true }).fill('10:20');
  await page.getByLabel('Start', { exact: true }).press('Enter');
  await shell.planned();
  await expect(shell.selected).toHaveAttribute('data-start', '1200');
  await shell.board.press('p');
  await expect(page.getByTestId('pins').getByRole('listitem')).toHaveCount(0);
});

test('the table tells the same story as the drawing', async ({ page }) => {
  const shell = await ClassPage.open(page, 'demo-sunday');
  // what is walked through on the board stands in the table with the same times
  await shell.select('yogurt-oval@S2:mix');
  const seen = new Map<string, string>();
  for (let i = 0; i < 12; i++) {
    await shell.board.press(i % 4 === 3 ? 'ArrowRight' : 'ArrowDown');
    const task = (await shell.selected.getAttribute('data-task')) ?? '';
    seen.set(task, (await shell.selected.getAttribute('data-start')) ?? '');
  }
  expect(seen.size).toBeGreaterThan(6);
  const [cooks, rests] = [await shell.board.getAttribute('data-cooks'), await shell.board.getAttribute('data-rests')];
  await page.getByRole('link', { name: 'Table', exact: true }).click();
  const rows = await shell.tableRows();
  for (const [task, start] of seen) expect(rows.get(task)?.start, task).toBe(start);
  const all = [...rows].map(([task, { cells }]) => ({ task, where: cells[7] ?? '', window: cells[8] ?? '' }));
  expect(all.filter((r) => r.window !== '')).toHaveLength(Number(rests));
  const onFire = all.filter((r) => /^(Griddle|the ring)/.test(r.where) && !/^(preheat|demo)/.test(r.task));
  expect(onFire).toHaveLength(Number(cooks));
});

test('the table is searched and sorted', async ({ page }) => {
  const shell = await ClassPage.open(page, 'demo-sunday');
  await page.getByRole('link', { name: 'Table', exact: true }).click();
  const all = await shell.tableRows();
  await page.getByRole('searchbox').fill('oval cook');
  await expect(page.getByText(` of ${all.size} tasks`)).toBeVisible();
  const found = await shell.tableRows();
  expect(found.size).toBeGreaterThan(3);
  expect(found.size).toBeLessThan(all.size);
  for (const { cells } of found.values()) expect(cells.join(' ').toLowerCase()).toMatch(/oval/);
  await page.getByRole('button', { name: 'From' }).click();
  await page.getByRole('button', { name: 'From' }).click();
  await expect(page.getByRole('columnheader', { name: 'From' })).toHaveAttribute('aria-sort', 'descending');
  const starts = [...(await shell.tableRows()).values()].map((r) => Number(r.start));
  expect(Math.max(...starts)).toBe(starts[0]);
  expect(starts).toEqual([...starts].sort((x, y) => y - x));
});

test('time is stretched about the pointer and fitted again; what is done ahead unfolds; places fold', async ({
  page,
}) => {
  const shell = await ClassPage.open(page, 'demo-sunday');
  await shell.select('yogurt-oval@S2:mix');
  const height = async (): Promise<number> => (await shell.selected.boundingBox())?.height ?? 0;
  const fittedPx = await height();
  await page.getByRole('button', { name: 'Less time on the screen' }).click();
  await expect(shell.board).toHaveAttribute('data-distance', 'station');
  await expect.poll(height).toBeGreaterThan(fittedPx * 1.2);
  await page.getByRole('button', { name: 'The whole room' }).click();
  await expect(shell.board).toHaveAttribute('data-distance', 'room');
  await expect.poll(height).toBeCloseTo(fittedPx, 0);
  const scrolled = (): Promise<number> => shell.board.evaluate((e) => e.scrollHeight);
  const folded = await scrolled();
  await shell.board.press('a');
  await expect.poll(scrolled).toBeGreaterThan(folded);
  const x = async (): Promise<number> => (await shell.selected.boundingBox())?.x ?? 0;
  const at = await x();
  await page.getByLabel('Station 1', { exact: true }).uncheck();
  await expect.poll(x).toBeLessThan(at - 60);
  await page.getByRole('button', { name: 'Station 2: further right' }).click();
  await expect.poll(x).toBeGreaterThan(at - 60);
  // the places stay as they were set
  await page.reload();
  await shell.planned();
  await expect(page.getByLabel('Station 1', { exact: true })).not.toBeChecked();
});

test('alternatives stand side by side with their differences in words; one is taken and given back', async ({
  page,
  request,
}) => {
  const shell = await ClassPage.open(page, await makeClass(request, 'Alternatives'), 'plan/alternatives');
  await page.getByRole('button', { name: 'the shortest class' }).click();
  await expect(page.getByTestId('difference-B')).toContainText(/B: \d+ min shorter, breads \d+ min older on the table/);
  await page.getByRole('button', { name: /What would give more|What to do with the time/ }).click();
  await page.locator('[data-testid="advice"][data-done="true"]').waitFor();
  await page
    .getByRole('button', { name: /^compare: / })
    .first()
    .click();
  await expect(page.getByTestId('difference-C')).toContainText(/C: ./);
  await page.getByRole('button', { name: /^Take B;/ }).click();
  await shell.planned();
  await expect(page.getByTestId('difference-B')).toContainText(/B: \d+ min longer/);
  await page.getByRole('button', { name: 'Undo' }).click();
  await shell.planned();
  await expect(page.getByTestId('difference-B')).toContainText(/B: \d+ min shorter/);
  await page.getByRole('button', { name: 'Drop C' }).click();
  await expect(page.getByTestId('difference-C')).toHaveCount(0);
});

test('the aim is a plain choice: the shortest class ends earlier', async ({ page, request }) => {
  const shell = await ClassPage.open(page, await makeClass(request, 'Aims'));
  // "Fits – done 11:10, 9 min in hand"; hours and minutes of one day compare as texts
  const done = async (): Promise<string> => {
    await shell.planned();
    return /done (\d\d:\d\d)/.exec(await shell.verdict.innerText())?.[1] ?? '';
  };
  const last = await done();
  expect(last).not.toBe('');
  await page.getByText('The shortest class').click();
  await expect
    .poll(async () => {
      const now = await done();
      return now !== '' && now < last;
    })
    .toBe(true);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect.poll(done).toBe(last);
});

test('two turns change places by keys and by drag; one that cannot says why not', async ({ page, request }) => {
  const shell = await ClassPage.open(page, await makeClass(request, 'Turns'), 'turns/fires');
  const turn = (id: string) => page.locator(`[data-turn="${id}"]`);
  // the verdict tells a plan at once, the turns are drawn a moment later
  const drawn = () =>
    expect(page.getByRole('region', { name: 'Turns at the fires' })).toHaveAttribute('aria-busy', 'false');
  await drawn();
  const first = (await turn('round/p1/1:cook').textContent()) ?? '';
  await turn('round/p1/1:cook').press('Enter');
  await turn('round/p3/1:cook').press('Enter');
  await expect(page.getByTestId('swap')).toContainText('Ottilie 1 and Sanna 1 have changed places');
  await shell.planned();
  await expect(turn('round/p1/1:cook')).not.toHaveText(first);
  await page.getByRole('button', { name: 'Undo' }).click();
  await shell.planned();
  await expect(turn('round/p1/1:cook')).toHaveText(first);
  // with its dough divided when it is, the last bread of all cannot be the first
  await page.getByRole('link', { name: /^Plan/ }).click();
  await shell.select('round@S4:divide');
  await shell.board.press('p');
  await expect(page.getByTestId('pins').getByRole('listitem')).toHaveCount(1);
  await shell.planned();
  await page.getByRole('link', { name: /^Turns/ }).click();
  // both are in sight
  await page.setViewportSize({ width: 1280, height: 1500 });
  const [from, to] = [turn('round/p1/1:cook'), turn('round/p8/2:cook')];
  await drawn();
  // a finer drawing may still move the turns
  await expect
    .poll(async () => {
      const before = JSON.stringify([await boxOf(from), await boxOf(to)]);
      await page.waitForTimeout(400);
      return JSON.stringify([await boxOf(from), await boxOf(to)]) === before;
    })
    .toBe(true);
  await from.hover();
  await page.mouse.down();
  const box = await boxOf(to);
  await page.mouse.move(box.x + 20, box.y + 10, { steps: 8 });
  await drop(page);
  await expect(page.getByTestId('swap')).toContainText(/Ottilie 1 and Pell 2 cannot change places: .+/);
});

test('everyone has their list, the roll call is in order, idle hands are told with what could fill them', async ({
  page,
}) => {
  const shell = await ClassPage.open(page, 'demo-sunday', 'turns/people');
  await expect(page.getByRole('article', { name: 'Imke' })).toContainText(
    /roll \d\d:\d\d → .*Griddle \d, spot \d at \d\d:\d\d → .*off \d\d:\d\d/,
  );
  // who makes several breads is told which bread each step is for
  await expect(page.getByRole('article', { name: 'Imke' })).toContainText(/mix \(.+\) \d\d:\d\d/);
  // on paper the list says whose it is, and has no controls
  await page.emulateMedia({ media: 'print' });
  await expect(page.getByTestId('print-head')).toContainText(/^Sunday: .* · Sunday 7 March 2027, doors 10:00$/);
  await expect(page.getByText('By first bread')).toBeHidden();
  await page.emulateMedia({ media: 'screen' });
  await page.getByRole('link', { name: 'Roll call' }).click();
  const calls = page.getByTestId('calls').locator('li > span:first-child');
  await expect(calls.first()).toBeVisible();
  const times = await calls.allInnerTexts();
  expect(times.length).toBeGreaterThan(20);
  expect(times).toEqual([...times].sort());
  await page.getByRole('link', { name: 'Waits and idle hands' }).click();
  await expect(page.getByTestId('gaps')).toContainText(/in place of/);
  await shell.planned();
});

test('the run sheet prints on A4 and on Letter, a picture and a list', async ({ page }) => {
  await ClassPage.open(page, 'demo-class', 'plan/sheet');
  for (const [paper, size] of [
    ['A4', /MediaBox \[0 0 59[45]\S* 84[12]/],
    ['Letter', /MediaBox \[0 0 612 792/],
  ] as const) {
    await page.getByText(paper, { exact: true }).click();
    const pdf = (await page.pdf({ preferCSSPageSize: true })).toString('latin1');
    expect(pdf).toMatch(size);
    const pages = pdf.match(/\/Type\s*\/Page[^s]/g)?.length ?? 0;
    // the picture has a page of its own; the list is as long as the plan has moments
    expect(pages).toBeGreaterThanOrEqual(2);
    expect(pages).toBeLessThanOrEqual(3);
  }
});

test('the dough cards show the grams of the plan file', async ({ page }) => {
  await ClassPage.open(page, 'demo-class', 'dough');
  const card = page.getByRole('article', { name: /Station 2/ });
  // 5 pieces × 62 g × 1.03 = 319.3 g; ÷ 166.8 % = 191.4 g of flour, 85 % of it plain
  await expect(card.getByRole('row', { name: /^plain wheat flour 1/ })).toContainText('163 g');
  await expect(card.getByRole('row', { name: /^dough/ })).toContainText('319 g');
  await expect(card).toContainText('divide into 5 of 62 g, 1 of them spare');
});

const PAGES = [
  'plan/board',
  'plan/table',
  'plan/alternatives',
  'plan/charts',
  'plan/sheet',
  'turns/fires',
  'turns/people',
  'turns/calls',
  'turns/idle',
  'dough',
  'setup',
];

/** At twice the size a page of 1280 has 640 pixels across; nothing may be cut off or lie over anything else. */
async function isWhole(page: Page): Promise<boolean> {
  return page.evaluate(() => document.documentElement.scrollWidth <= window.innerWidth + 1);
}

for (const theme of ['light', 'dark'] as const)
  for (const step of PAGES)
    test(`axe finds nothing wrong with ${step} in the ${theme} theme, nor at twice the size`, async ({ page }) => {
      await page.emulateMedia({ colorScheme: theme, reducedMotion: 'reduce' });
      await ClassPage.open(page, 'demo-class', step);
      expect(await violations(page)).toEqual([]);
      await page.setViewportSize({ width: 640, height: 400 });
      expect(await violations(page)).toEqual([]);
      expect(await isWhole(page)).toBe(true);
    });

test('an idle stretch is filled in one press and stands wherever the plan is shown', async ({ page, request }) => {
  const id = await makeClass(request, 'Filled stretches');
  const shell = await ClassPage.open(page, id, 'turns/idle');
  const gap = page
    .getByTestId('gaps')
    .getByRole('listitem')
    .filter({ has: page.getByRole('group') })
    .first();
  // the list is that of the final plan once it stands still
  const first = () => gap.locator('strong').textContent();
  await expect
    .poll(async () => {
      const before = await first();
      await page.waitForTimeout(700);
      return before === (await first());
    })
    .toBe(true);
  const who = (await first()) ?? '';
  await gap.getByRole('button', { name: 'Tasting' }).click();
  const filled = page.getByRole('region', { name: 'Filled' });
  await expect(filled).toContainText('Tasting');
  await expect(filled).toContainText(new RegExp(`${who}|everyone`));
  await shell.saved();
  await page.getByRole('link', { name: 'Everyone’s list' }).click();
  await expect(page.getByRole('article', { name: who })).toContainText(/Tasting \d\d:\d\d–\d\d:\d\d/);
  await page.getByRole('link', { name: 'Roll call' }).click();
  await expect(page.getByTestId('calls')).toContainText('Tasting');
  await page.getByRole('link', { name: /^Plan/ }).first().click();
  await page.getByRole('link', { name: 'Run sheet' }).click();
  await expect(page.getByRole('row', { name: /Tasting/ })).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('row', { name: /Tasting/ })).toHaveCount(0);
});
