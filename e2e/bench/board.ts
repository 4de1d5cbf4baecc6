import type { Page } from '@playwright/test';
import sunday from '../../demo/class-sunday.json' with { type: 'json' };
import { ClassPage } from '../class-page.ts';
import { withApplication } from './application.ts';
import { median, type Row } from './table.ts';

const FRAMES = 150;
const FLIPS = 10;
const LAGS = 8;
const LAG_MS = 250;
const FIRST_PAINT_MS = 100;
const FRAME_MS = 16.7;
/** A frame that came within so much of its time came in time. */
const JITTER_MS = 3;
const BLOCKED_MS = 100;
const DRAG_STEPS = 40;

interface Named {
  readonly id: string;
}

/** The class of a demonstration once more and once more beside itself: so many times the people, places and staff, and longer. */
function manyfold(times: number): object {
  const name = (id: string, n: number): string => (n === 0 ? id : `${id}x${n}`);
  const each = <T>(make: (n: number) => readonly T[]): readonly T[] =>
    Array.from({ length: times }, (_, n) => make(n)).flat();
  const many = <T extends Named>(list: readonly T[]): readonly T[] =>
    each((n) => list.map((e) => ({ ...e, id: name(e.id, n) })));
  const { kitchen } = sunday;
  return {
    ...sunday,
    title: `Sunday, ${times} times`,
    tableTime: times > 1 ? '14:00' : sunday.tableTime,
    ends: '15:00',
    kitchen: {
      ...kitchen,
      benches: many(kitchen.benches),
      griddles: many(kitchen.griddles),
      flames: many(kitchen.flames),
      staff: many(kitchen.staff),
      places: kitchen.places.map((p) => ({ ...p, ...('batches' in p && { batches: p.batches * times }) })),
    },
    roster: many(sunday.roster),
    stations: each((n) =>
      sunday.stations.map((s) => ({
        ...s,
        id: name(s.id, n),
        bench: name(s.bench, n),
        members: s.members.map((m) => name(m, n)),
      })),
    ),
    menu: sunday.menu.map((m) => ({
      ...m,
      ...('for' in m && { for: each((n) => (m.for ?? []).map((p) => name(p, n))) }),
      ...(m.bread === 'coil-round' && { each: times > 1 ? 2 : 1 }),
    })),
  };
}

/** Milliseconds between frames while something is done in each of them. */
async function frames(page: Page, act: 'scroll' | 'zoom' | 'moment'): Promise<readonly number[]> {
  return page.evaluate(
    ({ act, count }) =>
      new Promise<number[]>((resolve) => {
        const board = document.querySelector<HTMLElement>('[data-testid="board"]');
        const gaps: number[] = [];
        let last = performance.now();
        const next = (now: number): void => {
          gaps.push(now - last);
          last = now;
          if (gaps.length > count || !board) {
            resolve(gaps.slice(5));
            return;
          }
          const isDown = Math.floor(gaps.length / 40) % 2 === 0;
          if (act === 'scroll') board.scrollBy(isDown ? 4 : -4, isDown ? 18 : -18);
          else {
            const { left, top } = board.getBoundingClientRect();
            const at = { clientX: left + (act === 'zoom' ? 300 : 20), clientY: top + 250 };
            board.dispatchEvent(
              new WheelEvent('wheel', {
                ...at,
                deltaY: isDown ? -24 : 24,
                ctrlKey: act === 'zoom',
                bubbles: true,
                cancelable: true,
              }),
            );
          }
          requestAnimationFrame(next);
        };
        requestAnimationFrame(next);
      }),
    { act, count: FRAMES },
  );
}

/** Milliseconds from a plan that reaches the page to the board that shows it, when a class is opened. */
async function firstPaint(page: Page, address: string): Promise<number> {
  await page.addInitScript(() => {
    const seen = { plan: 0, board: 0 };
    Object.assign(globalThis, { seen });
    // the planner tells its plans over ports; a listener that is added before that of the page hears them first
    interface Called {
      readonly argumentList?: readonly { readonly value?: object | null }[];
    }
    type Listen = (this: MessagePort, type: string, ...rest: unknown[]) => void;
    const listen = Reflect.get(MessagePort.prototype, 'addEventListener') as Listen;
    const hear = (e: MessageEvent<Called>): void => {
      const isPlan = (e.data.argumentList ?? []).some(({ value }) => value && 'tasks' in value);
      if (isPlan && seen.plan === 0) seen.plan = e.timeStamp;
    };
    const listenBefore: Listen = function (type, ...rest) {
      if (type === 'message') listen.call(this, type, hear);
      listen.call(this, type, ...rest);
    };
    Reflect.set(MessagePort.prototype, 'addEventListener', listenBefore);
    const look = (): void => {
      if (document.querySelector('[data-testid="board"][data-cooks]')) seen.board = performance.now();
      else requestAnimationFrame(look);
    };
    requestAnimationFrame(look);
  });
  await page.goto(address);
  await page.locator('[data-testid="board"][data-cooks]').waitFor();
  const { plan, board } = await page.evaluate(
    () => (globalThis as unknown as { seen: { plan: number; board: number } }).seen,
  );
  if (plan === 0 || board <= plan) throw new Error('the plan was not seen to reach the page before the board');
  return board - plan;
}

/** Milliseconds from a move of the pointer to the plan that follows it, for moves there and back. */
async function lags(page: Page, task: string): Promise<readonly number[]> {
  await new ClassPage(page).select(task);
  const handle = page.getByTestId('selected');
  const box = await handle.boundingBox();
  if (!box) throw new Error(`${task} is not on the board`);
  const [x, y] = [box.x + box.width / 2, box.y + Math.min(6, box.height / 2)];
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x, y + 30, { steps: 3 });
  await page.waitForTimeout(1000);
  const times: number[] = [];
  for (let i = 0; i < LAGS; i++) {
    const answered = page.evaluate(
      () =>
        new Promise<number>((resolve) => {
          let start = 0;
          const onMove = (): void => {
            start = performance.now();
          };
          window.addEventListener('pointermove', onMove, { capture: true, once: true });
          const seen = new MutationObserver(() => {
            seen.disconnect();
            resolve(performance.now() - start);
          });
          const selected = document.querySelector('[data-testid="selected"]');
          if (selected) seen.observe(selected, { attributeFilter: ['data-start'] });
        }),
    );
    await page.mouse.move(x, y + (i % 2 === 0 ? 60 : 30));
    times.push(await answered);
    await page.waitForTimeout(400);
  }
  await page.keyboard.press('Escape');
  await page.mouse.up();
  return times;
}

/** Milliseconds from a key to the other distance on the screen. */
async function flips(page: Page): Promise<readonly number[]> {
  const times: number[] = [];
  for (let i = 0; i < FLIPS; i++) {
    const [key, to] = i % 2 === 0 ? (['1', 'room'] as const) : (['2', 'station'] as const);
    times.push(
      await page.evaluate(
        ({ key, to }) =>
          new Promise<number>((resolve) => {
            const board = document.querySelector<HTMLElement>('[data-testid="board"]');
            const start = performance.now();
            board?.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true }));
            const look = (): void => {
              if (board?.dataset['distance'] === to) resolve(performance.now() - start);
              else requestAnimationFrame(look);
            };
            look();
          }),
        { key, to },
      ),
    );
  }
  return times;
}

function frameRows(what: string, gaps: readonly number[]): readonly Row[] {
  const inTime = gaps.filter((g) => g <= FRAME_MS + JITTER_MS).length / gaps.length;
  return [
    { what: `${what}: time between frames, median`, measured: median(gaps), unit: 'ms', limit: FRAME_MS + 1 },
    { what: 'the same, slowest', measured: Math.max(...gaps), unit: 'ms' },
    { what: 'frames that came in time', measured: 100 * inTime, unit: '%' },
  ];
}

/** Drags a task down and up again, and gives how long the page was blocked at a stretch, and how many plans came meanwhile. */
async function drag(
  page: Page,
  task: string,
): Promise<{ readonly blockedMs: readonly number[]; readonly plans: number }> {
  await new ClassPage(page).select(task);
  const handle = page.getByTestId('selected');
  await handle.waitFor({ state: 'attached' });
  const box = await handle.boundingBox();
  if (!box) throw new Error(`${task} is not on the board`);
  await page.evaluate(() => {
    const seen = { gaps: [] as number[], plans: 0, isOver: false };
    Object.assign(globalThis, { seen });
    let last = performance.now();
    const next = (now: number): void => {
      seen.gaps.push(now - last);
      last = now;
      if (!seen.isOver) requestAnimationFrame(next);
    };
    requestAnimationFrame(next);
    const handle = document.querySelector('[data-testid="selected"]');
    if (handle) new MutationObserver(() => seen.plans++).observe(handle, { attributeFilter: ['data-start'] });
  });
  const [x, y] = [box.x + box.width / 2, box.y + Math.min(6, box.height / 2)];
  await page.mouse.move(x, y);
  await page.waitForTimeout(500);
  await page.evaluate(() => {
    const { seen } = globalThis as unknown as { seen: { gaps: number[] } };
    seen.gaps.length = 0;
  });
  await page.mouse.down();
  for (let i = 1; i <= DRAG_STEPS; i++) {
    await page.mouse.move(x, y + (i <= DRAG_STEPS / 2 ? i : DRAG_STEPS - i) * 4);
    await page.waitForTimeout(25);
  }
  await page.keyboard.press('Escape');
  await page.mouse.up();
  return page.evaluate(() => {
    const { seen } = globalThis as unknown as { seen: { gaps: number[]; plans: number; isOver: boolean } };
    seen.isOver = true;
    return { blockedMs: seen.gaps, plans: seen.plans };
  });
}

/** How smoothly the board scrolls, zooms and is dragged, with a large class and a usual one. */
export async function measureBoard(): Promise<readonly Row[]> {
  const rows: Row[] = [];
  await withApplication(async (page) => {
    for (const times of [3, 1]) {
      const title = `${12 * times} people, 3 breads`;
      const workshop = manyfold(times);
      const made = await page.request.post(new URL('/api/documents/class', page.url()).href, { data: workshop });
      const { id } = (await made.json()) as { id: string };
      const open = async (view: string): Promise<void> => {
        await page.goto(new URL(`/class/${id}/plan/${view}`, page.url()).href);
        await page.locator('[data-testid="verdict"][data-planning="false"]').waitFor();
      };
      await open('table');
      // the table draws what is in sight, and says how many rows it has beside its head
      const tasks = Number(await page.getByRole('table').getAttribute('aria-rowcount')) - 1;
      const dragged = await drag(page, 'yogurt-oval@S2:mix');
      await open('board');
      const address = new URL(`/class/${id}/plan/board`, page.url()).href;
      rows.push({
        what: `${title}, opened: from its plan to its first painting`,
        measured: await firstPaint(page, address),
        unit: 'ms',
        limit: FIRST_PAINT_MS,
      });
      const late = await lags(page, 'yogurt-oval@S2:mix');
      rows.push(
        {
          what: `${title}, dragged: from the pointer to its plan, median`,
          measured: median(late),
          unit: 'ms',
          limit: LAG_MS,
        },
        { what: 'the same, slowest', measured: Math.max(...late), unit: 'ms' },
      );
      await open('board');
      const board = page.getByTestId('board');
      await board.press('2');
      await page.locator('[data-testid="board"][data-distance="station"]').waitFor();
      rows.push(...frameRows(`${title} (${tasks} tasks), at the stations, scrolled`, await frames(page, 'scroll')));
      rows.push(...frameRows(`${title}, at the stations, nearer and further`, await frames(page, 'zoom')));
      rows.push({
        what: `${title}, between room and stations: until the other is painted, median`,
        measured: median(await flips(page)),
        unit: 'ms',
      });
      await board.press('1');
      await page.locator('[data-testid="board"][data-distance="room"]').waitFor();
      rows.push(...frameRows(`${title}, the moment moved`, await frames(page, 'moment')));
      rows.push(
        {
          what: `${title}, dragged: longest stretch without a frame`,
          measured: Math.max(...dragged.blockedMs),
          unit: 'ms',
          limit: BLOCKED_MS,
        },
        { what: 'time between frames meanwhile, median', measured: median(dragged.blockedMs), unit: 'ms' },
        { what: 'plans shown meanwhile', measured: dragged.plans, unit: '' },
      );
    }
  });
  return rows;
}
