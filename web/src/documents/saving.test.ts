import { configureStore, createListenerMiddleware } from '@reduxjs/toolkit';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { openDocument, type Kitchen } from '@hodsman/core';
import demoClass from '../../../demo/class.json';
import { api } from './api.ts';
import { kitchenActions, kitchenReducer } from './kitchen-draft.ts';
import { listenForSaving } from './saving.ts';
import { memoryStorage } from './testing.ts';

const read = openDocument('kitchen', demoClass.kitchen);
const kitchen = read.ok ? read.value : expect.fail();
const named = (name: string): Kitchen => ({ ...kitchen, name });

/** A store with one kind of document, and a server whose answers the test gives. */
function bench() {
  const listeners = createListenerMiddleware();
  listenForSaving(listeners);
  const store = configureStore({
    reducer: {
      kitchen: kitchenReducer,
      draft: () => null,
      bread: () => null,
      pantry: () => null,
      [api.reducerPath]: api.reducer,
    },
    middleware: (defaults) =>
      defaults({ serializableCheck: false, immutableCheck: false })
        .prepend(listeners.middleware)
        .concat(api.middleware),
  });
  const asked: {
    url: string;
    body: { version: number; body: Kitchen };
    answer: (status: number, body: unknown) => void;
  }[] = [];
  vi.stubGlobal('fetch', (request: Request) => {
    return new Promise<Response>((resolve) => {
      void request.text().then((text) => {
        asked.push({
          url: new URL(request.url).pathname,
          body: JSON.parse(text) as { version: number; body: Kitchen },
          answer: (status, body) =>
            resolve(new Response(JSON.stringify(body), { status, headers: { 'content-type': 'application/json' } })),
        });
      });
    });
  });
  const open = (id: string, version = 1): void => {
    store.dispatch(kitchenActions.opened({ id, version, body: kitchen, stored: kitchen, isUnsaved: false }));
  };
  const edit = (name: string): void => {
    store.dispatch(kitchenActions.edited({ body: named(name) }));
  };
  const stored = (id: string, version: number, name: string) => ({
    id,
    kind: 'kitchen',
    version,
    title: name,
    updatedAt: '',
    body: named(name),
  });
  const settle = async (ms = 400): Promise<void> => {
    await vi.advanceTimersByTimeAsync(ms);
    // requests and answers take turns of their own
    for (let i = 0; i < 20; i++) await new Promise((resolve) => setImmediate(resolve));
  };
  return { store, asked, open, edit, stored, settle, now: () => store.getState().kitchen };
}

beforeEach(() => {
  vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout'] });
  vi.stubGlobal('localStorage', memoryStorage());
  vi.stubGlobal('sessionStorage', memoryStorage());
  vi.stubGlobal('addEventListener', () => undefined);
  vi.stubGlobal('location', { href: 'http://127.0.0.1/' });
  const RealRequest = Request;
  vi.stubGlobal(
    'Request',
    class extends RealRequest {
      constructor(input: string | URL | Request, init?: RequestInit) {
        super(typeof input === 'string' ? new URL(input, 'http://127.0.0.1') : input, init);
      }
    },
  );
});
afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

describe('saving', () => {
  it('saves a document that is not open any more, and leaves the one that is open alone', async () => {
    const { asked, open, edit, stored, settle, now } = bench();
    open('a');
    edit('A changed');
    await settle();
    expect(asked.map((x) => x.url)).toEqual(['/api/documents/kitchen/a']);
    // B is opened before the answer about A has come
    open('b', 5);
    asked[0]?.answer(200, stored('a', 2, 'A changed'));
    await settle();
    expect(now()).toMatchObject({ id: 'b', version: 5, body: kitchen, save: { kind: 'saved' } });
    edit('B changed');
    await settle();
    expect(asked[1]).toMatchObject({
      url: '/api/documents/kitchen/b',
      body: { version: 5, body: { name: 'B changed' } },
    });
  });
  it('sends what was typed last, though another document is opened within the breath', async () => {
    const { asked, open, edit, settle } = bench();
    open('a');
    edit('A, just typed');
    open('b');
    await settle();
    expect(asked[0]).toMatchObject({ url: '/api/documents/kitchen/a', body: { body: { name: 'A, just typed' } } });
  });
  it.each([
    [404, 'gone'],
    [410, 'gone'],
    [413, 'refused'],
    [422, 'refused'],
    [503, 'offline'],
    [507, 'offline'],
  ])('an answer %i stands as %s, and only what passes is tried again', async (status, kind) => {
    const { asked, open, edit, settle, now } = bench();
    open('a');
    edit('Changed');
    await settle();
    asked[0]?.answer(status, { type: '/problems/x', detail: 'told', faults: [{ path: 'name', message: 'no' }] });
    await settle(10);
    expect(now()?.save.kind).toBe(kind);
    await settle(60_000);
    expect(asked.length > 1).toBe(kind === 'offline');
    expect(localStorage.length).toBe(1);
  });
  it('shows a conflict of its own document, and says so where it cannot be read', async () => {
    const { store, asked, open, edit, stored, settle, now } = bench();
    open('a');
    edit('Mine');
    await settle();
    asked[0]?.answer(409, { current: stored('a', 4, 'Theirs') });
    await settle();
    expect(now()).toMatchObject({ save: { kind: 'conflict' }, theirs: { version: 4, body: { name: 'Theirs' } } });
    store.dispatch(kitchenActions.keptMine());
    await settle();
    expect(asked[1]?.body).toMatchObject({ version: 4, body: { name: 'Mine' } });
    asked[1]?.answer(409, { current: { ...stored('a', 5, 'x'), body: { name: 7 } } });
    await settle();
    expect(now()?.save).toEqual({ kind: 'unreadable', version: 5 });
    store.dispatch(kitchenActions.keptMine());
    await settle();
    expect(asked[2]?.body).toMatchObject({ version: 5, body: { name: 'Mine' } });
  });
  it('says when the browser has no room to keep what is not saved', async () => {
    vi.stubGlobal('localStorage', memoryStorage(50));
    const { open, edit, settle, now } = bench();
    open('a');
    edit('Changed');
    await settle();
    expect(now()).toMatchObject({ isStoreFull: true, save: { kind: 'sending' } });
  });
});
