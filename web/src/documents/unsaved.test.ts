import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import demoPantry from '../../../demo/pantry.json';
import { openDocument } from '@hodsman/core';
import type { StoredDocument } from './api.ts';
import { memoryStorage } from './testing.ts';

const read = openDocument('pantry', demoPantry);
const pantry = read.ok ? read.value : expect.fail();
const stored: StoredDocument<'pantry'> = {
  id: 'p',
  kind: 'pantry',
  version: 3,
  title: pantry.name,
  updatedAt: '2027-01-01T00:00:00Z',
  body: pantry,
};
const NAME = { kind: 'pantry', id: 'p' } as const;

/** The modules as another tab has them: with a name of its own, on the same local store. */
async function tab() {
  vi.resetModules();
  vi.stubGlobal('sessionStorage', memoryStorage());
  return import('./unsaved.ts');
}

beforeEach(() => vi.stubGlobal('localStorage', memoryStorage()));
afterEach(() => vi.unstubAllGlobals());

describe('what the browser keeps unsaved', () => {
  it('is what the document opens with, over the version that it was made over', async () => {
    const { keepUnsaved, openingOf, unsavedSaveId, forgetUnsaved } = await tab();
    const mine = { ...pantry, name: 'Mine' };
    expect(keepUnsaved(NAME, 2, mine, 'save-1')).toBe(true);
    expect(openingOf('pantry', stored)).toEqual({ id: 'p', version: 2, body: mine, stored: null, isUnsaved: true });
    expect([unsavedSaveId(NAME, 2), unsavedSaveId(NAME, 3)]).toEqual(['save-1', undefined]);
    forgetUnsaved(NAME);
    expect(openingOf('pantry', stored)).toMatchObject({ version: 3, body: pantry, isUnsaved: false });
  });
  it('does not meet what another tab keeps of the same document', async () => {
    const one = await tab();
    one.keepUnsaved(NAME, 3, { ...pantry, name: 'One' }, 's1');
    const two = await tab();
    expect(two.openingOf('pantry', stored)?.body.name).toBe(pantry.name);
    two.keepUnsaved(NAME, 3, { ...pantry, name: 'Two' }, 's2');
    expect(one.openingOf('pantry', stored)?.body.name).toBe('One');
    two.forgetUnsaved(NAME);
    expect(one.openingOf('pantry', stored)?.body.name).toBe('One');
  });
  it('does not meet what is kept of a document of another kind that has the same id', async () => {
    const { keepUnsaved, openingOf, forgetUnsaved } = await tab();
    keepUnsaved(NAME, 3, { ...pantry, name: 'Mine' }, 's1');
    keepUnsaved({ kind: 'kitchen', id: 'p' }, 1, { name: 'a kitchen' }, 's2');
    expect(openingOf('pantry', stored)?.body.name).toBe('Mine');
    forgetUnsaved({ kind: 'kitchen', id: 'p' });
    expect(openingOf('pantry', stored)?.body.name).toBe('Mine');
  });
  it('of a tab that is closed stays where it was when there is no room to take it over', async () => {
    const gone = await tab();
    gone.keepUnsaved(NAME, 3, { ...pantry, name: 'Left behind' }, 's1');
    const next = await tab();
    const [key = ''] = Array.from({ length: localStorage.length }, (_, i) => localStorage.key(i) ?? '');
    const kept = localStorage.getItem(key);
    const put = localStorage.setItem.bind(localStorage);
    localStorage.setItem = (k, v) => {
      if (k !== key) throw new DOMException('full', 'QuotaExceededError');
      put(k, v);
    };
    next.adoptUnsaved(() => false);
    expect(localStorage.getItem(key)).toBe(kept);
  });
  it('of a tab that is closed is taken is taken over, of one that lives it is not', async () => {
    const gone = await tab();
    gone.keepUnsaved(NAME, 3, { ...pantry, name: 'Left behind' }, 's1');
    const next = await tab();
    next.adoptUnsaved(() => true);
    expect(next.openingOf('pantry', stored)?.isUnsaved).toBe(false);
    next.adoptUnsaved(() => false);
    expect(next.openingOf('pantry', stored)).toMatchObject({ isUnsaved: true, body: { name: 'Left behind' } });
    const third = await tab();
    third.adoptUnsaved(() => true);
    expect(third.openingOf('pantry', stored)?.isUnsaved).toBe(false);
  });
  it('opens by itself where the server has nothing any more', async () => {
    const { keepUnsaved, openingAlone } = await tab();
    expect(openingAlone('pantry', 'p')).toBeUndefined();
    keepUnsaved(NAME, 3, { ...pantry, name: 'Mine' }, 's1');
    expect(openingAlone('pantry', 'p')).toMatchObject({
      version: 3,
      stored: null,
      isUnsaved: true,
      body: { name: 'Mine' },
    });
  });
  it('says so when the browser has no room', async () => {
    vi.stubGlobal('localStorage', memoryStorage(100));
    const { keepUnsaved } = await tab();
    expect(keepUnsaved(NAME, 3, pantry, 's1')).toBe(false);
  });
  it('that nobody can read gives way to what is stored', async () => {
    const { keepUnsaved, openingOf } = await tab();
    keepUnsaved(NAME, 3, { name: 7 }, 's1');
    expect(openingOf('pantry', stored)).toMatchObject({ body: pantry, isUnsaved: false });
    expect(openingOf('pantry', { ...stored, body: null })).toBeUndefined();
  });
});
