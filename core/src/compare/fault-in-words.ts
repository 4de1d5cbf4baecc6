import { faultWords, type Fault } from '../faults/index.ts';
import { entryNames } from './entry-names.ts';
import { keyWords } from './key-words.ts';
import { whereWords } from './where-words.ts';

/** A key of a file inside a sentence: two words written as one. */
const KEY = /\b[a-z]+(?:[A-Z][a-z]*)+\b/g;

/**
 * A fault as people read it who see the document and not its file: where it is and what is wrong, with names in place of ids and words in
 * place of keys. `document` is what the fault was found in; what it does not hold keeps the word that the fault gives.
 */
export function faultInWords(f: Fault, document: unknown): string {
  const names = entryNames(document);
  const params = Object.fromEntries(
    Object.entries(f.params).map(([key, value]) => [key, names.get(String(value)) ?? value]),
  );
  const wrong = faultWords({ ...f, params })
    .replace(KEY, (key) => keyWords(key))
    .replaceAll('the id of ', '');
  const where = whereWords(f.path, document);
  return where === '' ? wrong : `${where}: ${wrong}`;
}
