import { readPantry } from '../formats/index.ts';
import type { Pantry } from '../provision/index.ts';
import type { StoredKind } from './kinds.ts';

export const PANTRY: StoredKind<Pantry, Readonly<Record<string, never>>> = {
  migrations: [],
  validate: readPantry,
  title: (p) => p.name,
  summary: () => ({}),
};
