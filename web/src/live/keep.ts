import { createStore, get, set } from 'idb-keyval';

/** What a device keeps of a class that runs: the log as far as it knows it, and its own taps that the server has not answered yet. */
export interface Kept {
  /** Events as the server answered them, with their places. */
  readonly log: readonly unknown[];
  readonly outbox: readonly unknown[];
}

/** Where a device keeps it. */
export interface Keep {
  readonly read: (classId: string) => Promise<Kept | undefined>;
  readonly write: (classId: string, kept: Kept) => Promise<void>;
}

/** The device's own database; a browser that has none, or refuses it, keeps nothing over a reload. */
export function deviceKeep(): Keep {
  const store = createStore('hodsman-live', 'classes');
  return {
    read: (classId) => get<Kept>(classId, store).catch(() => undefined),
    write: (classId, kept) => set(classId, kept, store).catch(() => undefined),
  };
}
