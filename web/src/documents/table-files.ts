import { csvOf, type Table } from '@hodsman/core';
import { download, fileName } from '../ui/download.ts';

/** Tables for a menu of files, each saved as CSV under the name of what they are of. */
export const tableFiles = (title: string, tables: readonly Table[]): readonly (readonly [string, () => void])[] =>
  tables.map((t) => [`${t.title} (CSV)`, () => download(fileName(title, `.${t.name}.csv`), 'text/csv', csvOf(t))]);
