/** A value without the keys that are undefined: the format knows a key or its absence. */
export function tidy<T extends object>(
  value: { readonly [K in keyof T]?: T[K] | undefined } | Readonly<Record<string, unknown>>,
): T {
  return Object.fromEntries(Object.entries(value).filter(([, v]) => v !== undefined)) as T;
}
