import { readOwnMeasures, writeIn, type OwnMeasures } from '@hodsman/core/units';
import { useSyncExternalStore } from 'react';

const KEY = 'hodsman:measures';
const listeners = new Set<() => void>();

/** The measures that were chosen on this device; undefined before anybody did. */
export function storedMeasures(): OwnMeasures | undefined {
  try {
    return readOwnMeasures(JSON.parse(localStorage.getItem(KEY) ?? 'null'));
  } catch {
    return undefined;
  }
}

/** Writes every figure in these measures, and keeps them for the next time. */
export function chooseMeasures(measures: OwnMeasures): void {
  localStorage.setItem(KEY, JSON.stringify(measures));
  writeIn(measures);
  for (const tell of listeners) tell();
}

const subscribe = (listener: () => void): (() => void) => {
  listeners.add(listener);
  return () => listeners.delete(listener);
};

/** A key that changes with the measures: what stands under it is made anew, since its figures read otherwise. */
export const useMeasuresKey = (): string => useSyncExternalStore(subscribe, () => localStorage.getItem(KEY) ?? '');
