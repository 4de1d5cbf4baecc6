/** A table as a backup holds it: its columns in order, and the ones that a row is known and sorted by. */
export interface BackupTable {
  readonly name: string;
  readonly columns: readonly string[];
  readonly key: readonly string[];
  /** Columns that are points in time: they are read and written as text, so that no clock comes between. */
  readonly times: readonly string[];
  /** Rows that are read at once: a document may hold 2 MB. */
  readonly atOnce: number;
  /** The first form of backups that has it. */
  readonly sinceForm: number;
}

/** Everything that a server stores. What the database itself keeps of its migrations is none of it: a restored one makes its own. */
export const BACKUP_TABLES: readonly BackupTable[] = [
  {
    name: 'documents',
    columns: [
      'id',
      'kind',
      'version',
      'title',
      'body',
      'createdAt',
      'updatedAt',
      'form',
      'summary',
      'isReadable',
      'removedAt',
    ],
    key: ['id'],
    times: ['createdAt', 'updatedAt', 'removedAt'],
    atOnce: 20,
    sinceForm: 1,
  },
  {
    name: 'document_versions',
    columns: ['documentId', 'version', 'saveId', 'form', 'title', 'body', 'savedAt', 'savedBy'],
    key: ['documentId', 'version'],
    times: ['savedAt'],
    atOnce: 20,
    sinceForm: 1,
  },
  { name: 'done_once', columns: ['what', 'doneAt'], key: ['what'], times: ['doneAt'], atOnce: 500, sinceForm: 1 },
  { name: 'class_logs', columns: ['classId', 'lastSeq'], key: ['classId'], times: [], atOnce: 500, sinceForm: 1 },
  {
    name: 'class_events',
    columns: ['classId', 'seq', 'id', 'device', 'who', 'at', 'kind', 'data', 'appendedAt'],
    key: ['classId', 'seq'],
    times: ['at', 'appendedAt'],
    atOnce: 200,
    sinceForm: 1,
  },
  {
    name: 'left_open',
    columns: ['documentId', 'place', 'matter', 'isLookedAt'],
    key: ['documentId', 'place'],
    times: [],
    atOnce: 500,
    sinceForm: 1,
  },
  {
    name: 'calendar_feeds',
    columns: ['classId', 'token'],
    key: ['classId'],
    times: [],
    atOnce: 500,
    sinceForm: 2,
  },
];

/** The entry of a table in the archive. */
export const entryOf = (table: string): string => `${table}.ndjson`;
export const MANIFEST = 'manifest.json';
