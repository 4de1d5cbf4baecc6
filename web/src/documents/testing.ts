/** A store as the browser has one, with a limit of letters; for tests. */
export function memoryStorage(mostLetters = Infinity): Storage {
  const entries = new Map<string, string>();
  return {
    get length() {
      return entries.size;
    },
    key: (i) => [...entries.keys()][i] ?? null,
    getItem: (key) => entries.get(key) ?? null,
    setItem: (key, value) => {
      const taken = [...entries].reduce((sum, [k, v]) => sum + (k === key ? 0 : v.length), 0);
      if (taken + value.length > mostLetters) throw new DOMException('full', 'QuotaExceededError');
      entries.set(key, value);
    },
    removeItem: (key) => void entries.delete(key),
    clear: () => entries.clear(),
  };
}
