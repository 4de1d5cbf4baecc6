import type { Bread } from '../bread/index.ts';
import { readBread } from '../formats/index.ts';
import type { StoredKind } from './stored-kind.ts';

export const BREAD: StoredKind<Bread> = {
  migrations: [],
  validate: readBread,
  title: (b) => b.name,
};
