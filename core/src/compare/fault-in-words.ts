import { faultWords, type Fault } from '../faults/index.ts';
import { entryNames } from './entry-names.ts';
import { keyFigure, keyWords } from './key-words.ts';
import { whereWords } from './where-words.ts';
import { inOwnMeasures } from '../units/index.ts';

/** A key of a file inside a sentence: two words written as one. */
const KEY = /\b[a-z]+(?:[A-Z][a-z]*)+\b/g;

/**
 * A fault as people read it who see the document and not its file: where it is and what is wrong, with names in place of ids and words in
 * place of keys. `document` is what the fault was found in; what it does not hold keeps the word that the fault gives.
 */
export function faultInWords(f: Fault, document: unknown): string {
  const names = entryNames(document);
  const [key = ''] = /[^.[\]]+$/.exec(f.path) ?? [];
  const params = Object.fromEntries(
    Object.entries(f.params).map(([param, value]) => [param, names.get(String(value)) ?? ownFigure(key, value)]),
  );
  const wrong = inOwnMeasures(faultWords({ ...f, params }))
    .replace(KEY, (key) => keyWords(key))
    .replaceAll('the id of ', '');
  const where = whereWords(f.path, document);
  return where === '' ? wrong : `${where}: ${wrong}`;
}

/** What is said of a value: a figure in one's own measures where its key measures something, anything else as it is. */
const ownFigure = (key: string, value: string | number): string | number =>
  typeof value === 'string' && Number.isFinite(Number(value)) && value !== '' ? keyFigure(key, Number(value)) : value;
