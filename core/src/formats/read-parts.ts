import { fault, type Result } from '../faults/index.ts';
import { kitchenSchema, type Kitchen } from '../kitchen/index.ts';
import { pantrySchema, type Pantry } from '../kitchen/index.ts';
import { breadSchema, type Bread } from '../workshop/index.ts';
import { readBy } from './read-json.ts';
import { faultsOfBreadReferences, faultsOfKitchenIds } from './references.ts';
import { faultsOfBread } from './sense-bread.ts';

/** One bread by itself, as the library holds it. What it is a variant of is not looked up. */
export function readBread(value: unknown): Result<Bread> {
  return readBy(breadSchema, value, (b) => {
    const references = faultsOfBreadReferences(b, '');
    return references.length > 0 ? references : faultsOfBread(b, '');
  });
}

/** One kitchen by itself. */
export function readKitchen(value: unknown): Result<Kitchen> {
  return readBy(kitchenSchema, value, (k) => faultsOfKitchenIds(k, ''));
}

/** What stands in the store; one entry a food. */
export function readPantry(value: unknown): Result<Pantry> {
  return readBy(pantrySchema, value, (p) =>
    p.items.flatMap((item, i) =>
      p.items.slice(0, i).some((other) => other.what === item.what)
        ? [fault('duplicate-id', `items[${i}].what`, { id: item.what })]
        : [],
    ),
  );
}
