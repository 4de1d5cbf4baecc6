import { failure, fault, success, type Fault, type Result } from '../faults/index.ts';
import { isObject, listIn, type Loose } from './loose.ts';

/** The objects that stand at one place of a file, each with its path. */
type Found = readonly { readonly on: Loose; readonly path: string }[];

const entries = (from: Found, key: string): Found =>
  from.flatMap(({ on, path }) =>
    listIn(on[key]).flatMap((v, i) => (isObject(v) ? [{ on: v, path: `${path}${key}[${i}].` }] : [])),
  );
const inside = (from: Found, key: string): Found =>
  from.flatMap(({ on, path }) => {
    const inner = on[key];
    return isObject(inner) ? [{ on: inner, path: `${path}${key}.` }] : [];
  });

/** The keys that version 2 brought to a workshop file, by where they stand. */
function newInWorkshop(file: Loose): readonly (readonly [Found, readonly string[]])[] {
  const root: Found = [{ on: file, path: '' }];
  const kitchen = inside(root, 'kitchen');
  const breads = entries(root, 'breads');
  return [
    [root, ['bufferMin', 'idleMaxMin']],
    [kitchen, ['layOnGapSec']],
    [entries(kitchen, 'griddles'), ['people']],
    [entries(breads, 'ingredients'), ['insteadOf']],
    [inside(breads, 'piece'), ['widthCm', 'ofRound']],
    [entries(breads, 'steps'), ['lookSec']],
    [entries(root, 'demos'), ['pieces', 'from']],
  ];
}

/** In a file that says version 1 the keys of version 2 are unknown, hence refused. */
const unknownKeys = (places: readonly (readonly [Found, readonly string[]])[]): readonly Fault[] =>
  places.flatMap(([found, keys]) =>
    found.flatMap(({ on, path }) =>
      keys.filter((key) => Object.hasOwn(on, key)).map((key) => fault('unknown-key', `${path}${key}`)),
    ),
  );

/** A workshop file of version 1 as version 2: absent keys have their defaults, so nothing else changes. */
export function workshopToVersion2(file: Loose): Result<Loose> {
  const faults = unknownKeys(newInWorkshop(file));
  return faults.length > 0 ? failure(faults) : success(file);
}

/** A plan file of version 1 as version 2: its goal stays what it was; `steady` was none of version 1's. */
export function planToVersion2(file: Loose): Result<Loose> {
  const faults = [
    ...unknownKeys([[entries([{ on: file, path: '' }], 'tasks'), ['look']]]),
    ...(file['goal'] === 'steady'
      ? [fault('not-one-of', 'goal', { received: '"steady"', options: 'fresh, short' })]
      : []),
  ];
  return faults.length > 0 ? failure(faults) : success(file);
}
