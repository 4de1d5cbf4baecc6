import { describe, expect, it } from 'vitest';
import type { DocumentName } from './open-document.ts';
import { createOutbox, type SendOutcome, type Sending } from './outbox.ts';

const A: DocumentName = { kind: 'class', id: 'a' };
const B: DocumentName = { kind: 'kitchen', id: 'b' };
const settle = () => new Promise((resolve) => setTimeout(resolve));

/** A server whose answers the test gives, and a clock that the test moves on. */
function bench(saved: readonly SendOutcome[] = []) {
  const sent: Sending[] = [];
  const told: (readonly [string, SendOutcome['kind']])[] = [];
  const kept = new Map<string, Sending>();
  const answers = [...saved];
  const open: ((outcome: SendOutcome) => void)[] = [];
  const waits: (() => void)[] = [];
  let made = 0;
  const outbox = createOutbox({
    send: (save) => {
      sent.push(save);
      const ready = answers.shift();
      return ready ? Promise.resolve(ready) : new Promise((resolve) => open.push(resolve));
    },
    keep: (save) => kept.set(save.id, save),
    forget: ({ id }) => kept.delete(id),
    onSending: () => undefined,
    onOutcome: (save, outcome) => told.push([save.id, outcome.kind]),
    newSaveId: () => `s${++made}`,
    wait: () => new Promise((resolve) => waits.push(resolve)),
  });
  const tick = async (): Promise<void> => {
    for (let i = 0; i < 4; i++) {
      await settle();
      for (const w of waits.splice(0)) w();
    }
    await settle();
  };
  const answer = async (outcome: SendOutcome): Promise<void> => {
    open.shift()?.(outcome);
    await tick();
  };
  return { outbox, sent, told, kept, tick, answer };
}
const done = (version: number, isWhole = true): SendOutcome => ({ kind: 'saved', version, isWhole, body: {} });
const away: SendOutcome = { kind: 'away', why: 'away' };

describe('the outbox', () => {
  it('sends the newest state once the hand rests, and forgets it when it is saved', async () => {
    const { outbox, sent, kept, tick } = bench([done(2)]);
    outbox.put(A, 1, 'one');
    outbox.put(A, 1, 'two');
    expect(kept.get('a')?.body).toBe('two');
    await tick();
    expect(sent.map((s) => [s.version, s.body])).toEqual([[1, 'two']]);
    expect(kept.size).toBe(0);
  });
  it('sends what came meanwhile over the version that the answer gave', async () => {
    const { outbox, sent, kept, tick, answer } = bench();
    outbox.put(A, 1, 'one');
    await tick();
    outbox.put(A, 1, 'two');
    await answer(done(2));
    expect(sent.map((s) => [s.version, s.body, s.saveId])).toEqual([
      [1, 'one', 's1'],
      [2, 'two', 's3'],
    ]);
    await answer(done(3));
    expect(kept.size).toBe(0);
  });
  it('keeps documents apart: one that is answered late does not hold or change another', async () => {
    const { outbox, sent, told, tick, answer } = bench();
    outbox.put(A, 1, 'a');
    await tick();
    outbox.put(B, 7, 'b');
    await tick();
    expect(sent.map((s) => [s.id, s.version])).toEqual([
      ['a', 1],
      ['b', 7],
    ]);
    await answer(done(2));
    await answer(done(8));
    expect(told).toEqual([
      ['a', 'saved'],
      ['b', 'saved'],
    ]);
  });
  it('repeats a save of which nothing is known under its own name', async () => {
    const { outbox, sent, tick } = bench([away, away, done(2)]);
    outbox.put(A, 1, 'one');
    for (let i = 0; i < 3; i++) await tick();
    expect(sent.map((s) => s.saveId)).toEqual(['s1', 's1', 's1']);
  });
  it('goes on from an earlier state that was saved though its answer was lost', async () => {
    const { outbox, sent, kept, tick, answer } = bench();
    outbox.put(A, 1, 'one');
    await tick();
    outbox.put(A, 1, 'two');
    // nothing came back; the server knows the name of the save, but with the earlier body
    await answer(away);
    await answer(done(2, false));
    expect(sent.at(-1)).toMatchObject({ version: 2, body: 'two' });
    expect(sent.at(-1)?.saveId).not.toBe('s1');
    await answer(done(3));
    expect(kept.size).toBe(0);
  });
  it('carries the name of a save over a reload', async () => {
    const { outbox, sent, tick } = bench([done(2)]);
    outbox.put(A, 1, 'one', 'before-the-reload');
    await tick();
    expect(sent[0]?.saveId).toBe('before-the-reload');
  });
  it.each([
    [{ kind: 'refused', faults: [] }],
    [{ kind: 'gone' }],
    [{ kind: 'conflict', version: 9, body: {} }],
  ] as const satisfies readonly (readonly [SendOutcome])[])(
    'stops after %j and keeps what was not saved',
    async (end) => {
      const { outbox, sent, kept, told, tick } = bench([end]);
      outbox.put(A, 1, 'one');
      for (let i = 0; i < 5; i++) await tick();
      expect([sent.length, told, kept.get('a')?.body]).toEqual([1, [['a', end.kind]], 'one']);
    },
  );
  it('tries the next change after a refusal', async () => {
    const { outbox, sent, tick } = bench([{ kind: 'refused', faults: [] }, done(2)]);
    outbox.put(A, 1, 'one');
    await tick();
    outbox.put(A, 1, 'mended');
    await tick();
    expect(sent.map((s) => s.body)).toEqual(['one', 'mended']);
  });
  it('waits no longer once the network is back, and sends nothing more of what was dropped', async () => {
    const { outbox, sent, kept } = bench([away, away, away]);
    outbox.put(A, 1, 'one');
    await settle();
    outbox.wakeAll();
    await settle();
    expect(sent).toHaveLength(1);
    outbox.wakeAll();
    await settle();
    expect(sent).toHaveLength(2);
    outbox.drop(A);
    await settle();
    await settle();
    expect([sent.length, kept.size]).toEqual([2, 0]);
  });
});
