import { expect, it } from 'vitest';
import { buildWorkshop } from '../testing/index.ts';
import { shortThingName, thingName } from './names.ts';

const { kitchen } = buildWorkshop({
  people: 2,
  griddles: 1,
  change: (f) => {
    f['stations'][0].bench = 'x1';
    f['kitchen'].benches = [
      { id: 'x1', seats: 2 },
      { id: 'x2', seats: 2, name: 'The long bench' },
      { id: 'x3', seats: 2 },
    ];
    f['kitchen'].flames = [{ id: 'x4', slots: 1 }];
  },
});

it.each([
  ['x1', 'bench 1'],
  ['x2', 'The long bench'],
  ['x3', 'bench 3'],
  ['x4', 'flame'],
  ['G1', 'Griddle 1'],
  ['x9', 'a place that is not in this kitchen'],
])('calls %s %s', (id, name) => {
  expect(thingName(kitchen, id)).toBe(name);
});

it('says it in a letter or two where room is short', () => {
  expect(['G1', 'x2', 'x3'].map((id) => shortThingName(kitchen, id))).toEqual(['G1', 'LB', 'B3']);
});
