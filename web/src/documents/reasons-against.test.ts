import { configureStore } from '@reduxjs/toolkit';
import { readClassRecord, readKitchen } from '@hodsman/core';
import { describe, expect, it } from 'vitest';
import demoClass from '../../../demo/class.json';
import { breadReducer } from './bread-draft.ts';
import { draftActions, draftReducer } from './draft.ts';
import { kitchenActions, kitchenReducer } from './kitchen-draft.ts';
import { pantryReducer } from './pantry-draft.ts';
import { reasonsAgainst } from './reasons-against.ts';

const read = readClassRecord(demoClass);
const record = read.ok ? read.value : expect.fail();
const readRoom = readKitchen(demoClass.kitchen);
const kitchen = readRoom.ok ? readRoom.value : expect.fail();
const fault = { code: 'too-small', path: 'roomC', params: { received: -200, limit: -60 } } as const;

function openStore() {
  const store = configureStore({
    reducer: { draft: draftReducer, bread: breadReducer, kitchen: kitchenReducer, pantry: pantryReducer },
  });
  store.dispatch(draftActions.opened({ id: 'c1', version: 1, body: record, stored: record, isUnsaved: false }));
  store.dispatch(kitchenActions.opened({ id: 'k1', version: 1, body: kitchen, stored: kitchen, isUnsaved: false }));
  return store;
}

describe('reasons against a value', () => {
  it('are those of the change itself, and the field says them in place of the document', () => {
    const store = openStore();
    const why = reasonsAgainst(store, () => store.dispatch(kitchenActions.refused([fault], kitchen)));
    expect(why).toEqual(['room (°C): is -200, expected at least -60']);
    expect(store.getState().kitchen?.refused).toEqual([]);
  });
  it('are none for what is taken, though something else was refused before, and that stays said', () => {
    const store = openStore();
    store.dispatch(draftActions.refused([fault]));
    expect(reasonsAgainst(store, () => store.dispatch(kitchenActions.edited({ body: { ...kitchen } })))).toEqual([]);
    expect(store.getState().draft?.refused).toEqual([fault]);
  });
});
