import { expect, test, type Page } from '@playwright/test';
import { foldEvents, readEvent, type LiveState } from '@hodsman/core';
import { violations } from './axe.ts';
import { ClassPage, makeClass } from './class-page.ts';

/** The class as the server's log tells it. */
async function stateOf(page: Page, id: string): Promise<LiveState | undefined> {
  const answer = (await (await page.request.get(`/api/classes/${id}/events`)).json()) as {
    events: readonly { readonly seq: number }[];
  };
  const events = answer.events.map(({ seq: _, ...e }) => readEvent(e)).flatMap((r) => (r.ok ? [r.value] : []));
  expect(events).toHaveLength(answer.events.length);
  return foldEvents(events);
}

const tap = (page: Page, name: string | RegExp): Promise<void> => page.getByRole('button', { name }).first().click();

/** Rehearses a class; gives the copy that it is rehearsed in. */
async function rehearse(page: Page, id: string, times: '10' | '30' | '60' = '10'): Promise<string> {
  await page.goto(`/class/${id}/run`);
  await new ClassPage(page).planned();
  await page.getByLabel('The clock goes').selectOption(times);
  await tap(page, 'Rehearse it');
  await expect(page.getByTestId('run-bar')).toContainText(`Rehearsal, ${times} times as fast`);
  const copy = /class\/([^/]+)\/run/.exec(page.url())?.[1] ?? '';
  expect(copy).not.toBe(id);
  return copy;
}

test('a class is rehearsed: arrivals, taps at the fire, planned again, undone, closed; another screen shows the same', async ({
  page,
  request,
  browser,
}) => {
  // a class at the fast clock takes its minute until the first bread lies on
  test.slow();
  const own = await makeClass(request, 'Run on the fast clock');
  const id = await rehearse(page, own, '60');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Rehearsal: Run on the fast clock');
  const first = page.getByRole('region', { name: 'Arrivals' }).getByRole('group').first();
  const name = (await first.getAttribute('aria-label')) ?? '';
  await first.getByRole('button', { name: 'here' }).click();
  await first.getByRole('button', { name: 'hands washed' }).click();
  await expect(page.getByTestId('arrived')).toHaveText(/^1 of 8 are here/);

  const other = await (await browser.newContext()).newPage();
  await other.goto(`${new URL(page.url()).origin}/class/${id}/run`);
  await other.getByText('Arrivals', { exact: true }).click();
  const there = other.getByRole('group', { name });
  await expect(there.getByRole('button', { name: 'hands washed' })).toHaveAttribute('aria-pressed', 'true');
  await there.getByRole('button', { name: 'gone' }).click();
  await expect(first.getByRole('button', { name: 'gone' })).toHaveAttribute('aria-pressed', 'true');
  // what the plan does not know is said beside its verdict
  await expect(page.getByTestId('not-reckoned')).toHaveText(`not reckoned in: ${name} is gone`);
  await tap(other, 'Take back');
  await expect(first.getByRole('button', { name: 'gone' })).toHaveAttribute('aria-pressed', 'false');
  await other.context().close();

  await page.getByText('The class', { exact: true }).click();
  await expect(page.getByRole('heading', { name: 'Say next' })).toBeVisible();
  await tap(page, 'Griddle 1 is hot');
  await tap(page, 'All: 2 min more');
  // held, the clock of the class stands, so that a bread can be caught on the griddle
  await expect(page.getByRole('button', { name: /: turned$/ }).first()).toBeVisible({ timeout: 60_000 });
  await tap(page, 'Hold everything');
  const clock = await page.getByTestId('class-clock').textContent();
  await tap(page, /: turned$/);
  await tap(page, /: lost$/);
  await page.waitForTimeout(1500);
  await expect(page.getByTestId('class-clock')).toHaveText(clock ?? '');
  await tap(page, 'Plan again from now');
  await expect(page.getByRole('button', { name: 'Plan again from now' })).toBeEnabled({ timeout: 30_000 });
  await page
    .getByRole('button', { name: 'Take it' })
    .click({ timeout: 500 })
    .catch(() => undefined);
  await tap(page, 'Go on');

  await page.getByText('Closing', { exact: true }).click();
  await page.getByLabel('What took longer?').fill('rolling: the dough sprang back');
  await tap(page, 'Close the class');
  await expect(page.getByRole('heading', { name: 'The class is closed' })).toBeVisible();
  const state = await stateOf(page, id);
  if (!state) throw new Error('the class was not started');
  // the class itself was not begun by its rehearsal
  expect(await stateOf(page, own)).toBeUndefined();
  expect(state.closed).toEqual([{ question: 'took-longer', words: 'rolling: the dough sprang back' }]);
  expect(Object.values(state.people).filter((p) => p.isHere && p.hasWashed)).toHaveLength(1);
  expect(Object.values(state.tasks).filter((t) => t.isLost)).toHaveLength(1);
  expect(Object.values(state.griddles).some((g) => g.isHot)).toBe(true);
  expect(state.planKnown).toBeGreaterThan(0);
  await page.reload();
  await page.getByText('Closing', { exact: true }).click();
  await expect(page.getByText('rolling: the dough sprang back')).toBeVisible();
  await tap(page, 'Open it again');
  await expect(page.getByLabel('What took longer?')).toBeVisible();
});

test('without network the class goes on: taps are kept over a reload of the page and sent once', async ({
  page,
  request,
  context,
}) => {
  const id = await rehearse(page, await makeClass(request, 'Run without network'));
  await expect.poll(async () => (await stateOf(page, id))?.clock.rate).toBe(10);
  const people = page.getByRole('region', { name: 'Arrivals' }).getByRole('group');
  await context.setOffline(true);
  for (const n of [0, 1, 2]) await people.nth(n).getByRole('button', { name: 'here' }).click();
  await expect(page.getByTestId('run-bar')).toContainText('3 kept on this device');
  await expect(page.getByTestId('run-bar')).toContainText('no network; the class goes on here');
  await expect(page.getByTestId('arrived')).toHaveText(/^3 of 8/);
  // the page itself cannot be loaded without network yet, so the answers alone are kept away over a reload
  await context.setOffline(false);
  await expect(page.getByTestId('run-bar')).not.toContainText('kept on this device');
  await page.route('**/events', (route) => (route.request().method() === 'POST' ? route.abort() : route.continue()));
  await people.nth(3).getByRole('button', { name: 'here' }).click();
  await expect(page.getByTestId('run-bar')).toContainText('1 kept on this device');
  await page.reload();
  await expect(page.getByTestId('run-bar')).toContainText('1 kept on this device');
  await page.unroute('**/events');
  await expect(page.getByTestId('run-bar')).not.toContainText('kept on this device');
  const log = (await (await request.get(`/api/classes/${id}/events`)).json()) as { events: { kind: string }[] };
  expect(log.events.map((e) => e.kind)).toEqual(['started', 'arrived', 'arrived', 'arrived', 'arrived']);
});

for (const theme of ['light', 'dark'] as const)
  test(`axe finds nothing on the views of a class that runs in the ${theme} theme`, async ({ page, request }) => {
    const id = await makeClass(request, `Run in the ${theme}`);
    await page.emulateMedia({ colorScheme: theme });
    await page.goto(`/class/${id}/run`);
    await new ClassPage(page).planned();
    expect(await violations(page)).toEqual([]);
    await rehearse(page, id);
    for (const view of ['Arrivals', 'The class', 'Closing']) {
      await page.getByText(view, { exact: true }).click();
      expect(await violations(page), view).toEqual([]);
    }
  });
