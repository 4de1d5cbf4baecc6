import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { httpServer } from './server.ts';

/** A line of server-sent events of which the test says what happens on it. */
class FakeLine {
  static readonly CLOSED = 2;
  static opened: FakeLine[] = [];
  readyState = 0;
  isClosed = false;
  onopen = (): void => undefined;
  onerror = (): void => undefined;
  onmessage: ((e: { data: string; lastEventId: string }) => void) | undefined;
  private readonly named = new Map<string, (e: { data: string }) => void>();
  constructor(readonly url: string) {
    FakeLine.opened.push(this);
  }
  addEventListener(name: string, hear: (e: { data: string }) => void): void {
    this.named.set(name, hear);
  }
  beat(): void {
    this.named.get('time')?.({ data: '1000' });
  }
  close(): void {
    this.isClosed = true;
  }
}

describe('the line to the server', () => {
  let told: (boolean | number)[];
  let stop: () => void;
  const line = (): FakeLine => {
    const last = FakeLine.opened.at(-1);
    if (!last) throw new Error('no line was opened');
    return last;
  };
  beforeEach(() => {
    vi.useFakeTimers();
    vi.stubGlobal('EventSource', FakeLine);
    FakeLine.opened = [];
    told = [];
    stop = httpServer.follow('a class', 4, {
      event: (sent) => told.push((sent as { seq: number }).seq),
      time: () => undefined,
      line: (isOpen) => told.push(isOpen),
    });
  });
  afterEach(() => {
    stop();
    vi.useRealTimers();
    vi.unstubAllGlobals();
  });

  it('is opened again from where it was when the server answered with an error', () => {
    expect(line().url).toBe('/api/classes/a%20class/events/stream?after=4');
    line().onopen();
    line().onmessage?.({ data: '{"seq":5}', lastEventId: '5' });
    line().readyState = FakeLine.CLOSED;
    line().onerror();
    expect(FakeLine.opened).toHaveLength(1);
    vi.advanceTimersByTime(2000);
    expect(line().url).toBe('/api/classes/a%20class/events/stream?after=5');
    expect(told).toEqual([true, 5, false, false]);
  });

  it('is left to the browser where only the network broke', () => {
    line().onopen();
    line().onerror();
    vi.advanceTimersByTime(20_000);
    expect([FakeLine.opened.length, told]).toEqual([1, [true, false]]);
  });

  it('is taken for dead when not even the time comes, and stays while it does', () => {
    line().onopen();
    for (let i = 0; i < 12; i++) {
      vi.advanceTimersByTime(10_000);
      line().beat();
    }
    expect(FakeLine.opened).toHaveLength(1);
    const dead = line();
    vi.advanceTimersByTime(31_000);
    expect([FakeLine.opened.length, dead.isClosed, told]).toEqual([2, true, [true, false]]);
  });

  it('is not opened again once nobody follows', () => {
    line().readyState = FakeLine.CLOSED;
    line().onerror();
    stop();
    vi.advanceTimersByTime(100_000);
    expect(FakeLine.opened).toHaveLength(1);
  });
});
