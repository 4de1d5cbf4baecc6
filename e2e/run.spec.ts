import { expect, test, type Page } from '@playwright/test';
import { asItGoes, foldEvents, readEvent, withoutBread, type LiveState } from '@hodsman/core';
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

/** Waits until the rest is planned again, and takes the plan where it is shown first. */
async function settled(page: Page): Promise<void> {
  await expect(page.getByRole('button', { name: 'Plan again from now' })).toBeEnabled({ timeout: 30_000 });
  const offer = page.getByRole('button', { name: 'Take it' });
  if (await offer.isVisible()) await offer.click();
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

  // what is said at the door comes to what is known, and stands with the person
  const careful = page.getByRole('region', { name: 'Arrivals' }).getByRole('group', { name: 'Sanna' });
  for (const word of ['celery', 'sesame']) {
    await careful.getByRole('button', { name: 'avoids …' }).click();
    await careful.getByLabel(/^What Sanna avoids/).fill(word);
    await careful.getByRole('button', { name: 'So it is' }).click();
    await expect(careful.locator('[data-care]').first()).toContainText(word);
    await settled(page);
  }
  await expect(careful.locator('[data-care]').first()).toContainText('celery');

  const other = await (await browser.newContext()).newPage();
  await other.goto(`${new URL(page.url()).origin}/class/${id}/run`);
  await other.getByText('Arrivals', { exact: true }).click();
  const there = other.getByRole('group', { name });
  await expect(there.getByRole('button', { name: 'hands washed' })).toHaveAttribute('aria-pressed', 'true');
  await there.getByRole('button', { name: 'gone' }).click();
  await expect(first.getByRole('button', { name: 'gone' })).toHaveAttribute('aria-pressed', 'true');
  // the plan goes on without them, at once or once somebody has seen what it costs; taken back, both are
  const offer = other.getByRole('button', { name: 'Take it' });
  await expect(other.getByTestId('told').or(offer).first()).toBeVisible({ timeout: 20_000 });
  if (await offer.isVisible()) await offer.click();
  await expect.poll(async () => (await stateOf(page, id))?.planKnown ?? 0).toBeGreaterThan(0);
  await expect(page.getByTestId('not-reckoned')).toHaveCount(0);
  await tap(other, 'Take back');
  await expect(first.getByRole('button', { name: 'gone' })).toHaveAttribute('aria-pressed', 'false');
  await other.context().close();

  await page.getByText('The class', { exact: true }).click();
  await expect(page.getByRole('heading', { name: 'Say next' })).toBeVisible();
  // a griddle is hot when a thermometer says so, or somebody
  const surface = page.getByRole('group', { name: 'Surface of Griddle 1' });
  const isHot = page.getByRole('button', { name: 'Griddle 1 is hot' });
  await surface.getByRole('textbox').fill('90');
  await surface.getByRole('textbox').blur();
  await expect(surface).toContainText('90 °C is too cold');
  await expect(isHot).toHaveAttribute('aria-pressed', 'false');
  await surface.getByRole('textbox').fill('240');
  await surface.getByRole('textbox').blur();
  await expect(isHot).toHaveAttribute('aria-pressed', 'true');
  await expect(surface).not.toContainText('too cold');
  await isHot.click();
  await tap(page, 'All: 2 min more');
  await settled(page);
  // held, the clock of the class stands, so that a bread can be caught on the griddle
  await expect(page.getByRole('button', { name: /: turned$/ }).first()).toBeVisible({ timeout: 60_000 });
  await tap(page, 'Hold everything');
  const clock = await page.getByTestId('class-clock').textContent();
  await tap(page, /: turned$/);
  await tap(page, /: lost$/);
  await page.waitForTimeout(1500);
  await expect(page.getByTestId('class-clock')).toHaveText(clock ?? '');
  const lost = page.getByRole('list', { name: 'Lost breads' });
  await lost.getByRole('button').first().click();
  await settled(page);
  await expect(lost).toHaveCount(0);
  await tap(page, 'Go on');
  await settled(page);

  await page.getByText('Closing', { exact: true }).click();
  await page.getByLabel('What took longer?').fill('rolling: the dough sprang back');
  await page.getByLabel('It is about the step').first().selectOption({ label: 'Soft griddle round: roll' });
  await tap(page, 'Close the class');
  await expect(page.getByRole('heading', { name: 'The class is closed' })).toBeVisible();
  // a tap shows at once, and is in the log a moment later
  await expect.poll(async () => (await stateOf(page, id))?.closed ?? null).not.toBeNull();
  const state = await stateOf(page, id);
  if (!state) throw new Error('the class was not started');
  // the class itself was not begun by its rehearsal
  expect(await stateOf(page, own)).toBeUndefined();
  expect(state.closed).toEqual([
    { question: 'took-longer', words: 'rolling: the dough sprang back', about: expect.stringMatching(/\/roll$/) },
  ]);
  expect(Object.values(state.people).filter((p) => p.isHere && p.hasWashed)).toHaveLength(1);
  // the bread that was lost is made again
  expect([state.sparesUsed.length, Object.values(state.tasks).filter((t) => t.isLost).length]).toEqual([1, 0]);
  expect(Object.values(state.griddles).some((g) => g.isHot)).toBe(true);
  expect(state.planKnown).toBeGreaterThan(0);
  await page.reload();
  await page.getByText('Closing', { exact: true }).click();
  await expect(page.getByText('rolling: the dough sprang back')).toBeVisible();
  await tap(page, 'Open it again');
  await expect(page.getByLabel('What took longer?')).toBeVisible();
});

test('the whole class on the fast clock with hands that are late, slow and lose a bread: every bread is there or named', async ({
  page,
  request,
  context,
}) => {
  test.setTimeout(240_000);
  const id = await rehearse(page, await makeClass(request, 'Run to its end'), '60');
  await tap(page, 'Simulated hands');
  await page.getByText('Before doors', { exact: true }).click();
  const done = page.getByRole('button', { name: /^Done: / });
  for (let n = (await done.count()) - 1; n >= 0; n--) await done.nth(n).click();
  await expect(page.getByTestId('ahead-open')).toHaveText('Everything is done.');
  await page.getByText('The class', { exact: true }).click();
  const first = (await stateOf(page, id))?.plan;
  if (!first) throw new Error('the class was not started');
  const clock = page.getByTestId('class-clock');
  const replacement = page.getByRole('list', { name: 'Lost breads' }).getByRole('button').first();
  const offer = page.getByRole('button', { name: 'Take it' });
  let wasOffline = false;
  while (((await clock.textContent()) ?? '') < '11:45') {
    if (!wasOffline && ((await clock.textContent()) ?? '') >= '10:20') {
      wasOffline = true;
      // five minutes of the class
      await context.setOffline(true);
      await page.waitForTimeout(5000);
      await context.setOffline(false);
    }
    for (const button of [replacement, offer])
      if (await button.isVisible()) await button.click({ timeout: 2000 }).catch(() => undefined);
    await page.waitForTimeout(300);
  }
  await expect(page.getByTestId('run-bar')).not.toContainText('kept on this device');
  const state = await stateOf(page, id);
  if (!state) throw new Error('the class was not started');
  const kinds = new Set(state.log.map((e) => e.kind));
  for (const kind of ['late', 'arrived', 'hot', 'longer', 'griddle-pace', 'griddle-down', 'replanned'] as const)
    expect(kinds, kind).toContain(kind);
  const pieces = (tasks: readonly { readonly piece?: string | undefined }[]): ReadonlySet<string> =>
    new Set(tasks.flatMap((t) => t.piece ?? []));
  const lost = state.plan.tasks.filter((t) => state.tasks[t.id]?.isLost).flatMap((t) => t.piece ?? []);
  const cooked = [...pieces(asItGoes(state).tasks)].filter((p) => !lost.includes(p));
  const missing = [...pieces(first.tasks)].filter((p) => !cooked.includes(p));
  expect(withoutBread(state)).toHaveLength(missing.length);
  await page.getByText('Closing', { exact: true }).click();
  await tap(page, 'Close the class');
  await expect(page.getByRole('heading', { name: 'The class is closed' })).toBeVisible();
});

test('without network the class goes on: taps are kept over a reload of the page and sent once', async ({
  page,
  request,
  context,
}) => {
  const id = await rehearse(page, await makeClass(request, 'Run without network'));
  await expect.poll(async () => (await stateOf(page, id))?.clock.rate).toBe(10);
  const people = page.getByRole('region', { name: 'Arrivals' }).getByRole('group');
  await expect
    .poll(() => page.evaluate(() => navigator.serviceWorker.ready.then((r) => r.active?.state)))
    .toBe('activated');
  await context.setOffline(true);
  for (const n of [0, 1, 2]) await people.nth(n).getByRole('button', { name: 'here' }).click();
  await expect(page.getByTestId('run-bar')).toContainText('3 kept on this device');
  await expect(page.getByTestId('run-bar')).toContainText('no network; the class goes on here');
  await expect(page.getByTestId('arrived')).toHaveText(/^3 of 8/);
  // the device keeps the application: the page is loaded again without network, and goes on where it was
  await page.reload();
  await expect(page.getByTestId('run-bar')).toContainText('3 kept on this device');
  await page.getByText('Arrivals', { exact: true }).click();
  await expect(page.getByTestId('arrived')).toHaveText(/^3 of 8/);
  await people.nth(4).getByRole('button', { name: 'here' }).click();
  await expect(page.getByTestId('arrived')).toHaveText(/^4 of 8/);
  await context.setOffline(false);
  await expect(page.getByTestId('run-bar')).not.toContainText('kept on this device');
  // the way back is one that was there all along: a route that is taken away may leave a request behind that nobody answers
  let isCut = true;
  await page.route('**/events', (route) =>
    isCut && route.request().method() === 'POST' ? route.abort() : route.continue(),
  );
  await people.nth(3).getByRole('button', { name: 'here' }).click();
  await expect(page.getByTestId('run-bar')).toContainText('1 kept on this device');
  await page.reload();
  await expect(page.getByTestId('run-bar')).toContainText('1 kept on this device');
  isCut = false;
  await expect(page.getByTestId('run-bar')).not.toContainText('kept on this device');
  const log = (await (await request.get(`/api/classes/${id}/events`)).json()) as { events: { kind: string }[] };
  expect(log.events.map((e) => e.kind)).toEqual(['started', ...Array<string>(5).fill('arrived')]);
});

for (const theme of ['light', 'dark'] as const)
  test(`axe finds nothing on the views of a class that runs in the ${theme} theme`, async ({ page, request }) => {
    const id = await makeClass(request, `Run in the ${theme}`);
    await page.emulateMedia({ colorScheme: theme });
    await page.goto(`/class/${id}/run`);
    await new ClassPage(page).planned();
    expect(await violations(page)).toEqual([]);
    await rehearse(page, id);
    for (const view of ['Before doors', 'Arrivals', 'The class', 'Trouble', 'Paper and screens', 'Closing']) {
      await page.getByText(view, { exact: true }).click();
      expect(await violations(page), view).toEqual([]);
    }
  });
