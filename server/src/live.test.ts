import { createServer, get, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import request from 'supertest';
import { afterAll, afterEach, beforeAll, beforeEach, describe, expect, it } from 'vitest';
import {
  eventInFile,
  foldEvents,
  MOST_AT_ONCE,
  planClass,
  readClassRecord,
  readEvent,
  type LiveEvent,
} from '@hodsman/core';
import demoClass from '../../demo/class.json';
import { classEvents } from './services/class-events.ts';
import { startTestServer, type TestServer } from './testing.ts';

const read = readClassRecord(demoClass);
if (!read.ok) throw new Error('the demonstration class is not read');
const record = read.value;
const plan = planClass(record.workshop, { effort: 0 });
const [griddle] = record.workshop.kitchen.griddles;
const [person] = record.workshop.roster;
if (!griddle || !person) throw new Error('the demonstration class has griddles and people');

let first: TestServer;
/** Another server process on the same database. */
let second: TestServer;
let classId = '';
let count = 0;
beforeAll(async () => {
  first = await startTestServer();
  second = await startTestServer({ isFresh: false });
});
afterAll(async () => {
  await first.sequelize.close();
  await second.sequelize.close();
});
beforeEach(async () => {
  classId = String((await request(first.app).post('/api/documents/class').send(demoClass)).body.id);
});

const event = (kind: string, data: object, id = `e${++count}`, device = 'tablet'): Record<string, unknown> => ({
  id,
  device,
  who: 'Wren',
  atMs: Date.now(),
  kind,
  data,
});
const start = (id = 'start'): Record<string, unknown> => {
  const started = {
    ...event('started', {}, id),
    data: { ...record, plan, fromSec: 0, rate: 1 },
  } as unknown as LiveEvent;
  return JSON.parse(JSON.stringify(eventInFile(started))) as Record<string, unknown>;
};
interface Answer {
  readonly status: number;
  readonly accepted: readonly { readonly id: string; readonly seq: number }[];
  readonly refused: readonly {
    readonly index: number;
    readonly id: string;
    readonly faults: readonly { readonly code: string }[];
  }[];
}
const post = async (server: TestServer, events: unknown): Promise<Answer> => {
  const answer = await request(server.app)
    .post(`/api/classes/${classId}/events`)
    .send(events as object);
  return { status: answer.status, ...(answer.body as Omit<Answer, 'status'>) };
};
const logOf = async (server: TestServer, after = 0): Promise<readonly (LiveEvent & { readonly seq: number })[]> => {
  const answer = await request(server.app).get(`/api/classes/${classId}/events?after=${after}`);
  return (answer.body as { events: (LiveEvent & { seq: number })[] }).events;
};
const codesOf = (answer: Answer): readonly string[] =>
  answer.refused.flatMap((r) => r.faults.map((f) => `${r.id} ${f.code}`));

describe('the log of a class', () => {
  it('keeps what is appended in its order, and replays to the state of the class', async () => {
    const hot = event('hot', { griddle: griddle.id });
    expect(await post(first, [start()])).toMatchObject({
      status: 200,
      accepted: [{ id: 'start', seq: 1 }],
      refused: [],
    });
    expect(await post(first, [event('arrived', { person: person.id }), hot])).toMatchObject({ refused: [] });
    const log = await logOf(second);
    expect(log.map((e) => [e.seq, e.kind])).toEqual([
      [1, 'started'],
      [2, 'arrived'],
      [3, 'hot'],
    ]);
    expect((await logOf(second, 2)).map((e) => e.seq)).toEqual([3]);
    const events = log.map(({ seq: _, ...e }) => readEvent(e)).flatMap((r) => (r.ok ? [r.value] : []));
    const state = foldEvents(events);
    expect(state?.people[person.id]?.isHere).toBe(true);
    expect(state?.griddles[griddle.id]?.isHot).toBe(true);
    expect(state?.plan).toEqual(plan);
  });

  it('takes an event that is sent twice once, and refuses the same id with other content', async () => {
    const hot = event('hot', { griddle: griddle.id }, 'twice');
    await post(first, [start()]);
    expect((await post(first, [hot, hot])).accepted).toEqual([{ id: 'twice', seq: 2 }]);
    expect((await post(second, [hot])).accepted).toEqual([{ id: 'twice', seq: 2 }]);
    expect(codesOf(await post(second, [{ ...hot, who: 'Toru' }]))).toEqual(['twice event-twice']);
    expect(await logOf(first)).toHaveLength(2);
  });

  it('remembers how a griddle cooked in the kitchen of a class, of classes that were real and of what stands', async () => {
    const inKitchen = async (kitchen: string): Promise<string> => {
      const workshop = { ...demoClass, title: `in ${kitchen}` };
      const notes = { kitchen: { id: kitchen, asTaken: demoClass.kitchen } };
      const made = await request(first.app).post('/api/documents/class').send({ workshop, notes });
      expect(made.status).toBe(201);
      return String(made.body.id);
    };
    const [own, earlier, elsewhere, rehearsed, slowly] = [
      await inKitchen('tannery'),
      await inKitchen('tannery'),
      await inKitchen('mill'),
      await inKitchen('tannery'),
      await inKitchen('tannery'),
    ];
    const say = async (id: string, rate: number, factor: number, marks: object = {}): Promise<void> => {
      const began = start();
      const events = [
        { ...began, id: `start-${id}`, data: { ...(began['data'] as object), rate, ...marks } },
        event('griddle-pace', { griddle: griddle.id, factor }, `pace-${id}`),
      ];
      const answer = await request(first.app).post(`/api/classes/${id}/events`).send(events);
      expect(answer.body).toMatchObject({ refused: [] });
    };
    const paces = async (): Promise<unknown> => {
      const { body } = await request(second.app).get(`/api/classes/${own}/paces`);
      return (body as { paces: readonly { griddle: string; pace: number }[] }).paces.map((p) => [p.griddle, p.pace]);
    };
    expect(await paces()).toEqual([]);
    await say(elsewhere, 1, 0.85);
    await say(rehearsed, 30, 1.25);
    await say(slowly, 1, 1.1, { isRehearsal: true });
    await say(own, 1, 1.2);
    expect(await paces()).toEqual([]);
    await say(earlier, 1, 1.15);
    expect(await paces()).toEqual([[griddle.id, 1.15]]);
    const undo = event('taken-back', { event: `pace-${earlier}` });
    await request(first.app).post(`/api/classes/${earlier}/events`).send([undo]);
    expect(await paces()).toEqual([]);
    expect((await request(first.app).get('/api/classes/nobody/paces')).status).toBe(404);
  });

  it('refuses by name what makes no sense, and harms none of the others', async () => {
    const answer = await post(first, [
      start(),
      event('off', { task: 'b1/nobody/1:cook' }, 'no-task'),
      { ...event('held', {}, 'tomorrow'), atMs: Date.now() + 86_400_000 },
      event('boiled', {}, 'no-kind'),
      event('hot', { griddle: griddle.id }, 'right'),
      event('closed', { answers: [] }, 'end'),
      event('hot', { griddle: griddle.id }, 'after'),
    ]);
    expect(answer.accepted.map((a) => a.id)).toEqual(['start', 'right', 'end']);
    expect([...codesOf(answer)].sort()).toEqual([
      'after class-ended',
      'no-kind not-one-of',
      'no-task event-unknown',
      'tomorrow event-ahead',
    ]);
    expect(await logOf(first)).toHaveLength(3);
  });

  it('refuses events before the start, a second start, too many at once, what is no list, and an unknown class', async () => {
    expect(codesOf(await post(first, [event('held', {}, 'early')]))).toEqual(['early class-not-started']);
    await post(first, [start()]);
    expect(codesOf(await post(second, [start('again')]))).toEqual(['again class-started']);
    const many = Array.from({ length: MOST_AT_ONCE + 1 }, () => event('held', {}));
    expect((await post(first, many)).status).toBe(413);
    expect((await post(first, { not: 'a list' })).status).toBe(400);
    expect(await logOf(first)).toHaveLength(1);
    classId = 'nothing-here';
    expect((await post(first, [start()])).status).toBe(404);
  });

  it('of two servers at once loses and doubles nothing, and leaves no gap', async () => {
    await post(first, [start()]);
    const ids = Array.from({ length: 120 }, (_, i) => `at-once-${i}`);
    const answers = await Promise.all(
      ids.map((id, i) => post(i % 2 === 0 ? first : second, [event('hot', { griddle: griddle.id }, id, `d${i % 20}`)])),
    );
    expect(answers.filter((a) => a.status !== 200)).toEqual([]);
    expect(answers.flatMap(codesOf)).toEqual([]);
    const log = await logOf(first);
    expect(log.map((e) => e.seq)).toEqual(Array.from({ length: 121 }, (_, i) => i + 1));
    expect(
      log
        .slice(1)
        .map((e) => e.id)
        .sort(),
    ).toEqual([...ids].sort());
    for (const { accepted } of answers)
      for (const { id, seq } of accepted) expect(log.find((e) => e.id === id)?.seq).toBe(seq);
  });

  it('appends together what comes while an append is on its way, and answers each', async () => {
    await post(first, [start()]);
    let appends = 0;
    const counting: typeof first.classEvents = {
      ...first.classEvents,
      append: (...words) => {
        appends++;
        return first.classEvents.append(...words);
      },
    };
    const events = classEvents(counting);
    const ids = Array.from({ length: 30 }, (_, i) => `together-${i}`);
    const answers = await Promise.all(
      ids.map((id, i) => events.append(classId, [event(i === 7 ? 'boiled' : 'held', {}, id)], Date.now())),
    );
    expect(appends).toBeLessThanOrEqual(2);
    expect(answers.map((a) => a.accepted.map((e) => e.id).join())).toEqual(ids.map((id, i) => (i === 7 ? '' : id)));
    expect(answers.map((a) => a.refused.length)).toEqual(ids.map((_, i) => (i === 7 ? 1 : 0)));
  });

  it('judges anew where an append failed on the way', async () => {
    await post(first, [start()]);
    await first.sequelize.query('RENAME TABLE class_events TO class_events_away');
    expect((await post(first, [event('closed', { answers: [] }, 'lost-end')])).status).toBeGreaterThanOrEqual(500);
    await first.sequelize.query('RENAME TABLE class_events_away TO class_events');
    expect((await post(first, [event('held', {}, 'goes-on')])).accepted).toEqual([{ id: 'goes-on', seq: 2 }]);
    expect(await first.classEvents.read(classId, 0)).toHaveLength(2);
  });
});

describe('following a class', () => {
  let listening: Server;
  let isOpen: (() => void)[] = [];
  beforeAll(
    () => new Promise<void>((resolve) => (listening = createServer(second.app)).listen(0, '127.0.0.1', resolve)),
  );
  afterEach(() => {
    for (const close of isOpen) close();
    isOpen = [];
  });
  afterAll(() => new Promise((resolve) => listening.close(resolve)));

  /** Follows on the second server; gives what has come so far. */
  function follow(lastId?: string): string[] {
    const came: string[] = [];
    const { port } = listening.address() as AddressInfo;
    const asked = get(
      {
        host: '127.0.0.1',
        port,
        path: `/api/classes/${classId}/events/stream`,
        headers: lastId === undefined ? {} : { 'Last-Event-ID': lastId },
      },
      (answer) => answer.setEncoding('utf8').on('data', (text: string) => came.push(text)),
    ).on('error', () => undefined);
    isOpen.push(() => asked.destroy());
    return came;
  }
  const idsIn = (came: readonly string[]): readonly string[] =>
    [...came.join('').matchAll(/^id: (\d+)$/gm)].map((m) => m[1] ?? '');

  it('tells what another server appended, each once, with the time of the server', async () => {
    await post(first, [start()]);
    const came = follow();
    await expect.poll(() => idsIn(came)).toEqual(['1']);
    await post(first, [event('held', {}), event('went-on', {})]);
    await expect.poll(() => idsIn(came)).toEqual(['1', '2', '3']);
    expect(came.join('')).toMatch(/^event: time\ndata: \d{13}$/m);
  });

  it('goes on behind the last event that a device has', async () => {
    await post(first, [start(), event('held', {}), event('went-on', {})]);
    const came = follow('2');
    await expect.poll(() => idsIn(came)).toEqual(['3']);
    await post(second, [event('held', {})]);
    await expect.poll(() => idsIn(came)).toEqual(['3', '4']);
  });
});
