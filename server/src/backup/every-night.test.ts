import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { everyNight } from './every-night.ts';

const HOUR_MS = 3600 * 1000;
let times: string[] = [];
beforeEach(() => {
  vi.useFakeTimers();
  times = [];
});
afterEach(() => {
  vi.useRealTimers();
});
/** Notes when it was asked; done where `isDone` says so. */
const work =
  (isDone: (n: number) => boolean = () => true) =>
  (): Promise<boolean> => {
    const now = new Date();
    times.push(`${now.getDate()} ${now.getHours()}`);
    return Promise.resolve(isDone(times.length));
  };

describe('every night', () => {
  it('once in its hour, night after night, until it is ended', async () => {
    vi.setSystemTime(new Date(2027, 2, 6, 14, 7));
    const end = everyNight(3, work());
    await vi.advanceTimersByTimeAsync(72 * HOUR_MS);
    expect(times).toEqual(['7 3', '8 3', '9 3']);
    end();
    await vi.advanceTimersByTimeAsync(48 * HOUR_MS);
    expect(times).toHaveLength(3);
  });
  it('also where the server is started within the hour', async () => {
    vi.setSystemTime(new Date(2027, 2, 6, 3, 40));
    const end = everyNight(3, work());
    await vi.advanceTimersByTimeAsync(HOUR_MS);
    end();
    expect(times).toEqual(['6 3']);
  });
  it('again within the hour where it could not be done', async () => {
    vi.setSystemTime(new Date(2027, 2, 6, 2, 55));
    const end = everyNight(
      3,
      work((n) => n === 3),
    );
    await vi.advanceTimersByTimeAsync(4 * HOUR_MS);
    end();
    expect(times).toEqual(['6 3', '6 3', '6 3']);
  });
  it('one at a time, however long it takes', async () => {
    vi.setSystemTime(new Date(2027, 2, 6, 2, 55));
    let begun = 0;
    const end = everyNight(3, async () => {
      begun++;
      await new Promise((resolve) => setTimeout(resolve, HOUR_MS / 2));
      return true;
    });
    await vi.advanceTimersByTimeAsync(2 * HOUR_MS);
    end();
    expect(begun).toBe(1);
  });
});
