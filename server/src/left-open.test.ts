import request from 'supertest';
import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest';
import { importRecipe, leftOpen, type LeftOpen } from '@hodsman/core';
import { startTestServer, type TestServer } from './testing.ts';

let server: TestServer;
/** Another server process on the same database. */
let other: TestServer;
let bread = '';
beforeAll(async () => {
  server = await startTestServer();
  other = await startTestServer({ isFresh: false });
});
afterAll(async () => {
  await server.sequelize.close();
  await other.sequelize.close();
});

const read = importRecipe('Weir rounds\n500 g flour, 300 g water\nMix. Wipe the table for 3 minutes. Cook.');
const recipe = read.ok ? read.value : undefined;
if (!recipe?.bread) throw new Error('the recipe is not read');
const body = recipe.bread;
const list = leftOpen(recipe, body);

beforeEach(async () => {
  bread = String((await request(server.app).post('/api/documents/bread').send(body)).body.id);
});
const path = (place = ''): string => `/api/breads/${bread}/left-open${place}`;
const open = async (app = server.app): Promise<readonly (LeftOpen & { place: number })[]> =>
  ((await request(app).get(path())).body as { matters: readonly (LeftOpen & { place: number })[] }).matters;

describe('what a recipe left open of a bread', () => {
  it('stands on every device until somebody has looked at it, and no longer', async () => {
    expect(list.map((m) => m.kind)).toEqual(expect.arrayContaining(['unread', 'guess']));
    expect((await request(server.app).put(path()).send(list)).status).toBe(204);
    expect(await open(other.app)).toEqual(list.map((m, place) => ({ place, ...m })));
    expect((await request(other.app).delete(path('/0'))).status).toBe(204);
    expect((await open()).map((m) => m.place)).toEqual(list.slice(1).map((_, i) => i + 1));
  });
  it('sent again brings back nothing that was looked at meanwhile', async () => {
    await request(server.app).put(path()).send(list);
    await request(server.app).delete(path('/1'));
    await request(server.app).put(path()).send(list);
    expect((await open()).map((m) => m.place)).not.toContain(1);
  });
  it('is refused by name where it is of another form, or of no bread', async () => {
    const refused = await request(server.app)
      .put(path())
      .send([{ ...list[0], kind: 'rumour' }]);
    expect([refused.status, JSON.stringify(refused.body)]).toEqual([422, expect.stringContaining('[0].kind')]);
    expect(await open()).toEqual([]);
    expect((await request(server.app).put('/api/breads/none/left-open').send(list)).status).toBe(404);
    for (const place of ['/9', '/-1', '/x']) expect((await request(server.app).delete(path(place))).status).toBe(404);
  });
});
