import ICAL from 'ical.js';
import request from 'supertest';
import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest';
import { classCalendar, planShaped } from '@hodsman/core';
import demoClass from '../../demo/class.json';
import type { SavedClass } from './services/calendar-feeds.ts';
import { startTestServer, type TestServer } from './testing.ts';

let server: TestServer;
let id = '';
let made: SavedClass[] = [];
let isBroken = false;
beforeAll(async () => {
  const makeCalendar = (of: SavedClass): Promise<string> => {
    made.push(of);
    if (isBroken) return Promise.reject(new Error('broken'));
    const plan = planShaped(of.record.workshop, of.record.notes.shaping, { effort: 0 });
    return Promise.resolve(classCalendar({ ...of, plan }));
  };
  server = await startTestServer({ parts: { makeCalendar } });
});
afterAll(async () => {
  await server.sequelize.close();
});
beforeEach(async () => {
  id = String((await request(server.app).post('/api/documents/class').send(demoClass)).body.id);
  made = [];
  isBroken = false;
});
const address = (): string => `/api/classes/${id}/calendar-address`;
const given = async (): Promise<string> => String((await request(server.app).put(address())).body.path);
const titleIn = (text: string): unknown => {
  const events = new ICAL.Component(ICAL.parse(text) as [string, [], []]).getAllSubcomponents('vevent');
  return events
    .find((e) => String(e.getFirstPropertyValue('uid')).startsWith('class.'))
    ?.getFirstPropertyValue('summary');
};

describe('the address of a class for calendars', () => {
  it('is given once, the same whoever asks, cannot be guessed, and answers a calendar of the class as it was saved', async () => {
    expect((await request(server.app).get(address())).body).toEqual({ path: null });
    const [path, same] = await Promise.all([given(), given()]);
    expect(path).toMatch(/^\/calendar\/[\w-]{43}\.ics$/);
    expect(same).toBe(path);
    expect((await request(server.app).get(address())).body).toEqual({ path });
    const answer = await request(server.app).get(path);
    expect([answer.status, answer.type]).toEqual([200, 'text/calendar']);
    expect(titleIn(answer.text)).toBe(demoClass.title);
    const body = { ...demoClass, title: 'Another day' };
    await request(server.app).put(`/api/documents/class/${id}`).send({ version: 1, body });
    expect(titleIn((await request(server.app).get(path)).text)).toBe('Another day');
    expect(made.map((m) => m.version)).toEqual([1, 2]);
  });
  it('plans a state once, and again where that went wrong', async () => {
    const path = await given();
    isBroken = true;
    expect((await request(server.app).get(path)).status).toBe(500);
    isBroken = false;
    const [one, two] = await Promise.all([request(server.app).get(path), request(server.app).get(path)]);
    expect([one.status, two.text === one.text, made.length]).toEqual([200, true, 2]);
  });
  it('taken back answers 404, and a new one is another', async () => {
    const path = await given();
    await request(server.app).get(path).expect(200);
    expect((await request(server.app).delete(address())).body).toEqual({ path: null });
    await request(server.app).get(path).expect(404);
    expect(await given()).not.toBe(path);
    await request(server.app).get(path).expect(404);
  });
  it('answers 404 for what nobody gave, and for a class that was removed', async () => {
    const path = await given();
    for (const wrong of [
      `${path}x`,
      path.replace('.ics', ''),
      `/calendar/${'A'.repeat(43)}.ics`,
      '/calendar/%2e%2e.ics',
    ])
      await request(server.app).get(wrong).expect(404);
    await request(server.app).delete(`/api/documents/class/${id}?version=1`).expect(204);
    await request(server.app).get(path).expect(404);
    await request(server.app).put(address()).expect(404);
    await request(server.app).put('/api/classes/none/calendar-address').expect(404);
  });
});
