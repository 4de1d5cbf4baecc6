import { readPantry } from '../formats/index.ts';
import type { Pantry } from '../kitchen/index.ts';
import type { StoredKind } from './stored-kind.ts';

export const PANTRY: StoredKind<Pantry, Readonly<Record<string, never>>> = {
  migrations: [],
  validate: readPantry,
  title: (p) => p.name,
  summary: () => ({}),
};
