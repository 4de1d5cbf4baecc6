import { readPantry } from '../formats/index.ts';
import type { Pantry } from '../kitchen/index.ts';
import type { StoredKind } from './stored-kind.ts';

export const PANTRY: StoredKind<Pantry> = {
  migrations: [],
  validate: readPantry,
  title: (p) => p.name,
};
