/** Steps into values that nobody has validated, for migrations: whatever is not as expected stays as it is. */

export type Loose = Readonly<Record<string, unknown>>;

export const isObject = (value: unknown): value is Loose =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** Whether a value is an object that holds an object under a key. */
export function objectIn<K extends string>(value: unknown, key: K): value is Loose & Readonly<Record<K, Loose>> {
  return isObject(value) && isObject(value[key]);
}

/** The value with what is under a key changed; the value itself where nothing is there. */
export function changed(value: unknown, key: string, change: (inner: unknown) => unknown): unknown {
  return isObject(value) && key in value ? { ...value, [key]: change(value[key]) } : value;
}

/** A list, or an empty one in place of anything else. */
export const listIn = (value: unknown): readonly unknown[] => (Array.isArray(value) ? (value as unknown[]) : []);
