import { describe, expect, it } from 'vitest';
import round from '../../../demo/breads/round.json';
import { bringing, broughtBread } from './bringing.ts';

describe('a bread on the way to a class', () => {
  it('comes as it went, through what the browser keeps', () => {
    const kept: unknown = JSON.parse(JSON.stringify(bringing({ id: 'b1', bread: round as never })));
    expect(broughtBread(kept)).toMatchObject({ id: 'b1', bread: { id: round.id, name: round.name } });
  });
  it('is none where nothing came along, or what cannot be read', () => {
    for (const state of [null, undefined, {}, { brought: { id: 'b1' } }, { brought: { id: 'b1', bread: { id: 'x' } } }])
      expect(broughtBread(state)).toBeUndefined();
  });
});
