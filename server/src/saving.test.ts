import request from 'supertest';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { versionsToDrop } from '@hodsman/core';
import { QueryTypes } from 'sequelize';
import demoClass from '../../demo/class.json';
import demoPantry from '../../demo/pantry.json';
import { carryOver, tidy } from './services/documents.ts';
import { startTestServer, type TestServer } from './testing.ts';

let server: TestServer;
beforeAll(async () => {
  server = await startTestServer();
});
afterAll(async () => {
  await server.sequelize.close();
});
const api = () => request(server.app);
const KEY = 'Idempotency-Key';
let made = 0;
const key = (): string => `save-${String(made++).padStart(6, '0')}`;

interface Made {
  readonly id: string;
  readonly version: number;
  readonly body: { workshop: { title: string } };
}
const make = async (title: string): Promise<Made> =>
  (
    await api()
      .post('/api/documents/class')
      .send({ ...demoClass, title })
  ).body as Made;
const titled = (m: Made, title: string) => ({ ...m.body, workshop: { ...m.body.workshop, title } });
const save = (m: Made, version: number, title: string, saveId = key()) =>
  api()
    .put(`/api/documents/class/${m.id}`)
    .set(KEY, saveId)
    .send({ version, body: titled(m, title) });
const path = (m: Made, rest = '') => `/api/documents/class/${m.id}${rest}`;

describe('a save', () => {
  it('is answered with what it wrote, whatever somebody else saves behind it', async () => {
    const doc = await make('Raced');
    // every answer must hold the title of its own request, though the next save is on its way already
    let version = 1;
    for (let round = 0; round < 25; round++) {
      const answers = await Promise.all(['a', 'b', 'c'].map((who) => save(doc, version, `${who} ${round}`)));
      const won = answers.filter((a) => a.status === 200);
      expect(won).toHaveLength(1);
      const at = answers.findIndex((a) => a.status === 200);
      expect([won[0]?.body.title, won[0]?.body.version]).toEqual([`${'abc'.charAt(at)} ${round}`, version + 1]);
      version++;
    }
  });
  it('that is sent again is answered as the first was, also after somebody else has saved', async () => {
    const doc = await make('Sent twice');
    const mine = key();
    const first = await save(doc, 1, 'Mine', mine);
    expect((await save(doc, 2, 'Theirs')).body.version).toBe(3);
    const again = await save(doc, 1, 'Mine', mine);
    expect([again.status, again.body.version, again.body.title, again.body.updatedAt]).toEqual([
      200,
      2,
      'Mine',
      first.body.updatedAt,
    ]);
    expect((await api().get(path(doc))).body.title).toBe('Theirs');
  });
  it('that is sent twenty times at once is one save', async () => {
    const doc = await make('Sent at once');
    const mine = key();
    const answers = await Promise.all(Array.from({ length: 20 }, () => save(doc, 1, 'Mine', mine)));
    expect(new Set(answers.map((a) => `${a.status} ${String(a.body.version)}`))).toEqual(new Set(['200 2']));
    expect((await api().get(path(doc, '/versions'))).body.versions).toHaveLength(2);
  });
  it('of something new that is sent again makes nothing twice', async () => {
    const mine = key();
    const post = () =>
      api()
        .post('/api/documents/class')
        .set(KEY, mine)
        .send({ ...demoClass, title: 'Made once' });
    const answers = await Promise.all([post(), post(), post()]);
    expect(new Set(answers.map((a) => String(a.body.id))).size).toBe(1);
    expect(answers.map((a) => a.status)).toEqual([201, 201, 201]);
  });
  it('with the id of another document’s save, or one that is no id, is refused', async () => {
    const [a, b] = [await make('A'), await make('B')];
    const mine = key();
    await save(a, 1, 'A2', mine);
    expect((await save(b, 1, 'B2', mine)).status).toBe(400);
    expect((await api().get(path(b))).body.version).toBe(1);
    expect((await save(b, 1, 'B2', 'x')).status).toBe(400);
  });
});

describe('earlier states', () => {
  it('are listed with when they were saved, and each can be read', async () => {
    const doc = await make('First');
    await save(doc, 1, 'Second');
    await save(doc, 2, 'Third');
    const { versions } = (await api().get(path(doc, '/versions'))).body as {
      versions: { version: number; title: string }[];
    };
    expect(versions.map((v) => [v.version, v.title])).toEqual([
      [3, 'Third'],
      [2, 'Second'],
      [1, 'First'],
    ]);
    expect((await api().get(path(doc, '/versions/1'))).body.body.workshop.title).toBe('First');
    expect((await api().get(path(doc, '/versions/9'))).status).toBe(404);
  });
  it('are thinned with age by the rule of the core, and the document stays as it is', async () => {
    const doc = await make('Aged');
    for (let v = 1; v <= 12; v++) await save(doc, v, `State ${v + 1}`);
    const now = Date.now();
    // one state every two minutes, the last of them three hours ago
    const at = (version: number): Date => new Date(now - 3 * 3_600_000 - (13 - version) * 120_000);
    for (let v = 1; v <= 13; v++)
      await server.sequelize.query(
        'UPDATE document_versions SET savedAt = :at WHERE documentId = :id AND version = :v',
        {
          replacements: { at: at(v), id: doc.id, v },
        },
      );
    await tidy(server.documents, now);
    const left = (await server.documents.versions(doc.id)).map((v) => v.version);
    const dropped = versionsToDrop(
      Array.from({ length: 13 }, (_, i) => ({ version: i + 1, savedMs: at(i + 1).getTime() })),
      now,
    );
    expect(dropped.length).toBeGreaterThan(6);
    expect([...left].sort((a, b) => a - b)).toEqual(
      Array.from({ length: 13 }, (_, i) => i + 1).filter((v) => !dropped.includes(v)),
    );
    expect((await api().get(path(doc))).body.version).toBe(13);
  });
});

describe('a removal', () => {
  it('is a mark: saves meet it in words, the list of what was removed has it, and it comes back as it was', async () => {
    const doc = await make('Going');
    expect((await api().delete(path(doc, '?version=1'))).status).toBe(204);
    expect((await api().delete(path(doc, '?version=1'))).status).toBe(204);
    const late = await save(doc, 1, 'Late');
    expect([late.status, (JSON.parse(late.text) as { type: string }).type]).toEqual([410, '/problems/gone']);
    const removed = (await api().get('/api/documents/class?removed=true')).body.documents as { id: string }[];
    expect(removed.map((d) => d.id)).toContain(doc.id);
    expect((await api().post(path(doc, '/restore'))).body).toMatchObject({ version: 1, title: 'Going' });
    expect((await save(doc, 1, 'Back')).status).toBe(200);
  });
  it('is final after thirty days, with all that it was', async () => {
    const [old, young] = [await make('Old'), await make('Young')];
    await api().delete(path(old, '?version=1'));
    await api().delete(path(young, '?version=1'));
    await server.sequelize.query('UPDATE documents SET removedAt = NOW() - INTERVAL 31 DAY WHERE id = :id', {
      replacements: { id: old.id },
    });
    await tidy(server.documents, Date.now());
    expect((await api().get(path(old))).status).toBe(404);
    expect((await api().get(path(young))).status).toBe(410);
    const rows = await server.sequelize.query('SELECT 1 FROM document_versions WHERE documentId = :id', {
      replacements: { id: old.id },
      type: QueryTypes.SELECT,
    });
    expect(rows).toEqual([]);
  });
});

describe('a document of an earlier form, or of none', () => {
  const insert = async (id: string, kind: string, body: string): Promise<void> => {
    await server.sequelize.query(
      "INSERT INTO documents (id, kind, version, title, body, createdAt, updatedAt) VALUES (:id, :kind, 1, 'As it was', :body, NOW(3), NOW(3))",
      { replacements: { id, kind, body } },
    );
  };
  it('is carried over at the start, and listed', async () => {
    await insert('old-class', 'class', JSON.stringify({ ...demoClass, title: 'From before' }));
    await carryOver(server.documents);
    const read = (await api().get('/api/documents/class/old-class')).body as Made;
    expect([read.version, read.body.workshop.title]).toEqual([1, 'From before']);
    const listed = (await server.documents.list('class', { limit: 200 })).documents.find((d) => d.id === 'old-class');
    expect(listed).toMatchObject({ title: 'From before', isReadable: true, summary: { people: 8 } });
  });
  it('that cannot be read is shown as such, breaks no list, can be exported and removed', async () => {
    await insert('broken', 'pantry', '{"name": "Half a pan');
    await insert('strange', 'pantry', JSON.stringify({ ...demoPantry, shelves: 3 }));
    await carryOver(server.documents);
    const { documents } = await server.documents.list('pantry', { limit: 200 });
    expect(documents.map((d) => [d.id, d.isReadable])).toEqual([
      ['broken', false],
      ['strange', false],
    ]);
    const broken = (await api().get('/api/documents/pantry/broken')).body;
    expect(broken).toMatchObject({ body: null, unreadable: { text: '{"name": "Half a pan', count: 1 } });
    expect((await api().get('/api/documents/pantry/strange')).body.unreadable.faults).toMatchObject([
      { path: 'shelves' },
    ]);
    for (const id of ['broken', 'strange'])
      expect((await api().delete(`/api/documents/pantry/${id}?version=1`)).status).toBe(204);
  });
});
