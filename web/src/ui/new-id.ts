const LETTERS = 'abcdefghijklmnopqrstuvwxyz0123456789';
const LENGTH = 24;

/** A name that nobody else makes, 24 letters and digits. Pages from another machine without encryption have no `crypto.randomUUID`. */
export const newId = (): string =>
  [...crypto.getRandomValues(new Uint8Array(LENGTH))].map((n) => LETTERS[n % LETTERS.length] ?? '').join('');
