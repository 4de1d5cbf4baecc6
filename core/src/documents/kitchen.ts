import { readKitchen } from '../formats/index.ts';
import type { Kitchen } from '../kitchen/index.ts';
import type { StoredKind } from './stored-kind.ts';

export const KITCHEN: StoredKind<Kitchen> = {
  migrations: [],
  validate: readKitchen,
  title: (k) => k.name,
};
