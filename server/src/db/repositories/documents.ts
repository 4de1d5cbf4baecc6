import { randomUUID } from 'node:crypto';
import { QueryTypes, UniqueConstraintError, type Sequelize } from 'sequelize';
import { defineDocument, type DocumentKind, type DocumentRow } from '../models/document.ts';

export interface DocumentSummary {
  readonly id: string;
  readonly kind: DocumentKind;
  readonly version: number;
  readonly title: string;
  readonly updatedAt: string;
}
export interface StoredDocument extends DocumentSummary {
  readonly body: unknown;
}

/** What came of a save or a removal: done, not there, or there in another version. */
export type WriteOutcome =
  | { readonly status: 'done'; readonly document: StoredDocument }
  | { readonly status: 'missing' }
  | { readonly status: 'newer'; readonly document: StoredDocument };

/** Documents, each saved whole under a version number. */
export interface DocumentRepository {
  list(kind: DocumentKind): Promise<readonly DocumentSummary[]>;
  /** As `list`, with the bodies. */
  listWhole(kind: DocumentKind): Promise<readonly StoredDocument[]>;
  find(kind: DocumentKind, id: string): Promise<StoredDocument | undefined>;
  create(kind: DocumentKind, title: string, body: unknown, id?: string): Promise<StoredDocument>;
  /** Saves over `version` and no other; the row itself decides, so two servers cannot both win. */
  save(kind: DocumentKind, id: string, version: number, title: string, body: unknown): Promise<WriteOutcome>;
  remove(kind: DocumentKind, id: string, version: number): Promise<WriteOutcome>;
  isEmpty(): Promise<boolean>;
  /** Resolves when the database answers. */
  ping(): Promise<void>;
}

const summaryOf = (row: DocumentRow): DocumentSummary => ({
  id: row.id,
  kind: row.kind,
  version: row.version,
  title: row.title,
  updatedAt: row.updatedAt.toISOString(),
});
const documentOf = (row: DocumentRow): StoredDocument => ({ ...summaryOf(row), body: JSON.parse(row.body) as unknown });

const BY_TITLE: [string, string][] = [
  ['title', 'ASC'],
  ['id', 'ASC'],
];

/** The repository on a MariaDB. */
export function documentRepository(sequelize: Sequelize): DocumentRepository {
  const Row = defineDocument(sequelize);
  const find = async (kind: DocumentKind, id: string): Promise<StoredDocument | undefined> => {
    const row = await Row.findOne({ where: { kind, id } });
    return row ? documentOf(row) : undefined;
  };
  const refused = async (kind: DocumentKind, id: string): Promise<WriteOutcome> => {
    const document = await find(kind, id);
    return document ? { status: 'newer', document } : { status: 'missing' };
  };
  return {
    find,
    async list(kind) {
      const rows = await Row.findAll({
        where: { kind },
        attributes: { exclude: ['body'] },
        order: BY_TITLE,
      });
      return rows.map(summaryOf);
    },
    async listWhole(kind) {
      const rows = await Row.findAll({ where: { kind }, order: BY_TITLE });
      return rows.map(documentOf);
    },
    async create(kind, title, body, id = randomUUID()) {
      const now = new Date();
      const row = await Row.create({
        id,
        kind,
        version: 1,
        title,
        body: JSON.stringify(body),
        createdAt: now,
        updatedAt: now,
      });
      return documentOf(row);
    },
    async save(kind, id, version, title, body) {
      const [changed] = await Row.update(
        { version: version + 1, title, body: JSON.stringify(body), updatedAt: new Date() },
        { where: { kind, id, version } },
      );
      if (changed === 0) return refused(kind, id);
      const document = await find(kind, id);
      return document ? { status: 'done', document } : { status: 'missing' };
    },
    async remove(kind, id, version) {
      const document = await find(kind, id);
      const removed = await Row.destroy({ where: { kind, id, version } });
      return removed > 0 && document ? { status: 'done', document } : refused(kind, id);
    },
    async isEmpty() {
      return (await Row.count()) === 0;
    },
    async ping() {
      await sequelize.query('SELECT 1', { type: QueryTypes.SELECT });
    },
  };
}

/** Whether a row of that id stands already. */
export const isDuplicate = (error: unknown): boolean => error instanceof UniqueConstraintError;
