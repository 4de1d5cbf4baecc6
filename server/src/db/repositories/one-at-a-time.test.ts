import { describe, expect, it } from 'vitest';
import { oneAtATime } from './one-at-a-time.ts';

const held = new Error('held');
const settle = () => new Promise((resolve) => setTimeout(resolve));

describe('writes of one document', () => {
  it('come one after the other, those of another at once', async () => {
    const inTurn = oneAtATime(() => false);
    const log: string[] = [];
    const work = (name: string) => async () => {
      log.push(`${name} begins`);
      await settle();
      log.push(`${name} ends`);
    };
    await Promise.all([inTurn('a', work('1')), inTurn('a', work('2')), inTurn('b', work('3'))]);
    expect(log.indexOf('1 ends')).toBeLessThan(log.indexOf('2 begins'));
    expect(log.indexOf('3 begins')).toBeLessThan(log.indexOf('1 ends'));
  });
  it('give up together where somebody holds the row, and go on after it', async () => {
    const inTurn = oneAtATime((e) => e === held);
    let ran = 0;
    const first = inTurn('a', async () => {
      await settle();
      throw held;
    });
    const behind = [1, 2].map(() => inTurn('a', () => Promise.resolve(ran++)));
    const ends = await Promise.allSettled([first, ...behind]);
    expect(ends.map((e) => e.status === 'rejected' && e.reason === held)).toEqual([true, true, true]);
    expect(ran).toBe(0);
    expect(await inTurn('a', () => Promise.resolve('free'))).toBe('free');
  });
  it('are not stopped by one that fails for another reason', async () => {
    const inTurn = oneAtATime((e) => e === held);
    const first = inTurn('a', () => Promise.reject(new Error('mine alone')));
    const second = inTurn('a', () => Promise.resolve('saved'));
    await expect(first).rejects.toThrow('mine alone');
    expect(await second).toBe('saved');
  });
});
