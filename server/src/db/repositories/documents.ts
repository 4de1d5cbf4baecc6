import { randomUUID } from 'node:crypto';
import { Op, QueryTypes, Transaction, UniqueConstraintError, type Sequelize, type WhereOptions } from 'sequelize';
import { versionsToDrop, type DocumentKind } from '@hodsman/core';
import { isLockHeld } from '../errors.ts';
import { defineDocuments, type DocumentRow, type VersionRow } from '../models/document.ts';
import { oneAtATime } from './one-at-a-time.ts';

/** A document as its row holds it, the body as text; times in ISO 8601. */
export interface DocumentRecord {
  readonly id: string;
  readonly kind: DocumentKind;
  readonly version: number;
  readonly title: string;
  readonly form: number;
  readonly updatedAt: string;
  readonly removedAt: string | null;
  readonly isReadable: boolean;
  readonly body: string;
}
/** The same without the body, with what lists show. */
export interface ListedDocument extends Omit<DocumentRecord, 'body' | 'form'> {
  readonly summary: unknown;
}
/** One state that a document had. */
export interface VersionRecord {
  readonly version: number;
  readonly title: string;
  readonly savedAt: string;
  readonly savedBy: string | null;
}

/** What is written: read by the core, in today's form. */
export interface Content {
  readonly title: string;
  readonly form: number;
  readonly summary: unknown;
  readonly body: unknown;
}

/** A save over `version` and no other. `saveId` is the client's own name for it: the same one again is the same save. */
export interface Save {
  readonly kind: DocumentKind;
  readonly id: string;
  readonly version: number;
  readonly saveId: string;
  readonly content: Content;
}

/** What came of a write: done, never there, removed, or there in another version. */
export type WriteOutcome =
  | { readonly status: 'done'; readonly document: DocumentRecord }
  | { readonly status: 'missing' }
  | { readonly status: 'removed'; readonly removedAt: string }
  | { readonly status: 'newer'; readonly document: DocumentRecord };

export interface Page {
  readonly documents: readonly ListedDocument[];
  /** What `after` is for the next page; null on the last. */
  readonly next: string | null;
}

/** Where a list begins: behind this title and id. */
export interface ListFrom {
  readonly title: string;
  readonly id: string;
}

export type DocumentRepository = ReturnType<typeof documentRepository>;

const COLUMNS_OF_LISTS = ['id', 'kind', 'version', 'title', 'summary', 'isReadable', 'updatedAt', 'removedAt'];

const recordOf = (row: DocumentRow): DocumentRecord => ({
  id: row.id,
  kind: row.kind,
  version: row.version,
  title: row.title,
  form: row.form,
  updatedAt: row.updatedAt.toISOString(),
  removedAt: row.removedAt?.toISOString() ?? null,
  isReadable: row.isReadable,
  body: row.body,
});

const listedOf = (row: DocumentRow): ListedDocument => ({
  id: row.id,
  kind: row.kind,
  version: row.version,
  title: row.title,
  updatedAt: row.updatedAt.toISOString(),
  removedAt: row.removedAt?.toISOString() ?? null,
  isReadable: row.isReadable,
  summary: row.summary === null ? null : (JSON.parse(row.summary) as unknown),
});

const versionOf = (row: VersionRow): VersionRecord => ({
  version: row.version,
  title: row.title,
  savedAt: row.savedAt.toISOString(),
  savedBy: row.savedBy,
});

/** Documents on a MariaDB, each saved whole under a version number, with the states that it had. */
export function documentRepository(sequelize: Sequelize) {
  const { Document, Version } = defineDocuments(sequelize);
  const inTurn = oneAtATime(isLockHeld);
  const inTransaction = <T>(work: (transaction: Transaction) => Promise<T>): Promise<T> =>
    sequelize.transaction({ isolationLevel: Transaction.ISOLATION_LEVELS.READ_COMMITTED }, work);
  const rowOf = async (kind: DocumentKind, id: string): Promise<DocumentRecord | undefined> => {
    const row = await Document.findOne({ where: { kind, id } });
    return row ? recordOf(row) : undefined;
  };
  const refused = async (kind: DocumentKind, id: string): Promise<WriteOutcome> => {
    const document = await rowOf(kind, id);
    if (!document) return { status: 'missing' };
    if (document.removedAt !== null) return { status: 'removed', removedAt: document.removedAt };
    return { status: 'newer', document };
  };
  /** What the save of this id wrote, if it came before. */
  const earlier = async (kind: DocumentKind, saveId: string, id?: string): Promise<DocumentRecord | undefined> => {
    const row = await Version.findOne({ where: { saveId, ...(id !== undefined && { documentId: id }) } });
    if (!row) return undefined;
    const savedAt = row.savedAt.toISOString();
    const { documentId, version, title, form, body } = row;
    return { id: documentId, kind, version, title, form, updatedAt: savedAt, removedAt: null, isReadable: true, body };
  };
  const write = async (
    transaction: Transaction,
    { kind, id, version, saveId, content: { title, form, body, summary } }: Save,
    now: Date,
    put: (
      columns: Pick<DocumentRow, 'version' | 'title' | 'form' | 'body' | 'summary' | 'isReadable' | 'updatedAt'>,
    ) => Promise<boolean>,
  ): Promise<DocumentRecord | undefined> => {
    const text = JSON.stringify(body);
    const columns = { version, title, form, body: text, summary: JSON.stringify(summary), isReadable: true };
    if (!(await put({ ...columns, updatedAt: now }))) return undefined;
    await Version.create(
      { documentId: id, version, saveId, form, title, body: text, savedAt: now, savedBy: null },
      { transaction },
    );
    const times = { updatedAt: now.toISOString(), removedAt: null };
    return { id, kind, version, title, form, ...times, isReadable: true, body: text };
  };

  return {
    /** A page of what there is of a kind, or of what was removed, by title. */
    async list(kind: DocumentKind, { after, limit, isRemoved = false }: ListOptions): Promise<Page> {
      const behind: WhereOptions = after
        ? { [Op.or]: [{ title: { [Op.gt]: after.title } }, { title: after.title, id: { [Op.gt]: after.id } }] }
        : {};
      const rows = await Document.findAll({
        where: { [Op.and]: [{ kind, removedAt: isRemoved ? { [Op.ne]: null } : null }, behind] },
        attributes: COLUMNS_OF_LISTS,
        order: [
          ['title', 'ASC'],
          ['id', 'ASC'],
        ],
        limit: limit + 1,
      });
      const documents = rows.slice(0, limit).map(listedOf);
      const last = documents.at(-1);
      return { documents, next: rows.length > limit && last ? cursorOf(last) : null };
    },

    find: rowOf,

    /** Makes a document; the same `saveId` again gives what it made the first time. */
    async create(
      kind: DocumentKind,
      content: Content,
      saveId: string,
      id: string = randomUUID(),
    ): Promise<DocumentRecord> {
      try {
        const made = await inTransaction(async (transaction) =>
          write(transaction, { kind, id, version: 1, saveId, content }, new Date(), async (columns) => {
            await Document.create(
              { id, kind, ...columns, createdAt: columns.updatedAt, removedAt: null },
              { transaction },
            );
            return true;
          }),
        );
        if (made) return made;
      } catch (e) {
        const first = e instanceof UniqueConstraintError ? await earlier(kind, saveId) : undefined;
        if (first) return first;
        throw e;
      }
      throw new Error('a document that is made is always written');
    },

    /**
     * Saves over `version` and no other; the row itself decides, so two servers cannot both win. Answers what was written, never what
     * somebody else wrote meanwhile; a save that came before is answered as it was then.
     */
    async save(save: Save): Promise<WriteOutcome> {
      const { kind, id, version, saveId } = save;
      const next = { ...save, version: version + 1 };
      const isNew = async (): Promise<DocumentRecord | undefined> =>
        inTransaction((transaction) =>
          write(transaction, next, new Date(), async (columns) => {
            const [changed] = await Document.update(columns, {
              where: { kind, id, version, removedAt: null },
              transaction,
            });
            return changed > 0;
          }),
        );
      const written = await inTurn(id, isNew).catch(async (e: unknown) => {
        if (e instanceof UniqueConstraintError && (await earlier(kind, saveId, id))) return undefined;
        throw e;
      });
      const document = written ?? (await earlier(kind, saveId, id));
      return document ? { status: 'done', document } : refused(kind, id);
    },

    /** Marks a document as removed; once more is no harm. */
    async remove(kind: DocumentKind, id: string, version: number): Promise<WriteOutcome> {
      await inTurn(id, () =>
        Document.update({ removedAt: new Date() }, { where: { kind, id, version, removedAt: null } }),
      );
      const document = await rowOf(kind, id);
      const isGone = typeof document?.removedAt === 'string' && document.version === version;
      return isGone ? { status: 'done', document } : refused(kind, id);
    },

    /** Takes a removal back; undefined where nothing of that id is known any more. */
    async restore(kind: DocumentKind, id: string): Promise<DocumentRecord | undefined> {
      await inTurn(id, () => Document.update({ removedAt: null }, { where: { kind, id } }));
      return rowOf(kind, id);
    },

    /** The states that a document had, the newest first. */
    async versions(id: string): Promise<readonly VersionRecord[]> {
      const rows = await Version.findAll({
        where: { documentId: id },
        attributes: ['version', 'title', 'savedAt', 'savedBy'],
        order: [['version', 'DESC']],
      });
      return rows.map(versionOf);
    },

    async version(id: string, version: number): Promise<(VersionRecord & { form: number; body: string }) | undefined> {
      const row = await Version.findOne({ where: { documentId: id, version } });
      return row ? { ...versionOf(row), form: row.form, body: row.body } : undefined;
    },

    /** Drops the states of a document that age has made superfluous. */
    async thin(id: string, nowMs: number): Promise<void> {
      const rows = await Version.findAll({ where: { documentId: id }, attributes: ['version', 'savedAt'] });
      const drop = versionsToDrop(
        rows.map((r) => ({ version: r.version, savedMs: r.savedAt.getTime() })),
        nowMs,
      );
      if (drop.length > 0) await Version.destroy({ where: { documentId: id, version: drop } });
    },

    /** Ids of all documents; and of those that were removed before a time, which `forget` then ends for good. */
    async ids(): Promise<readonly string[]> {
      return (await Document.findAll({ attributes: ['id'] })).map((r) => r.id);
    },
    async forget(removedBefore: Date): Promise<number> {
      return inTransaction(async (transaction) => {
        const rows = await Document.findAll({
          where: { removedAt: { [Op.lt]: removedBefore } },
          attributes: ['id'],
          transaction,
        });
        const gone = rows.map((r) => r.id);
        if (gone.length === 0) return 0;
        await Version.destroy({ where: { documentId: gone }, transaction });
        return Document.destroy({ where: { id: gone }, transaction });
      });
    },

    /** Documents of a kind that are of an earlier form or that no list can show yet; at most `limit`, behind an id. */
    async outdated(
      kind: DocumentKind,
      form: number,
      limit: number,
      afterId: string,
    ): Promise<readonly DocumentRecord[]> {
      const rows = await Document.findAll({
        where: {
          kind,
          id: { [Op.gt]: afterId },
          [Op.or]: [{ form: { [Op.lt]: form } }, { summary: null }],
        },
        order: [['id', 'ASC']],
        limit,
      });
      return rows.map(recordOf);
    },
    /** Puts a document into today's form without a new version, if nobody saved it meanwhile; or notes that it cannot be read. */
    async carryOver(record: DocumentRecord, content: Content | null): Promise<void> {
      const { id, version } = record;
      const columns = content
        ? {
            form: content.form,
            title: content.title,
            body: JSON.stringify(content.body),
            summary: JSON.stringify(content.summary),
            isReadable: true,
          }
        : { isReadable: false };
      await Document.update(columns, { where: { id, version } });
    },

    /** Does `work` if nothing of that name was done for this database yet; in one transaction, by one server alone. */
    async once(what: string, work: (create: CreateInside) => Promise<void>): Promise<boolean> {
      return inTransaction(async (transaction) => {
        const [, inserted] = await sequelize.query('INSERT IGNORE INTO done_once VALUES (:what, NOW(3))', {
          replacements: { what },
          type: QueryTypes.INSERT,
          transaction,
        });
        if (inserted === 0) return false;
        const now = new Date();
        await work(async (kind, id, content) => {
          await write(transaction, { kind, id, version: 1, saveId: `${what}-${id}`, content }, now, async (columns) => {
            await Document.create({ id, kind, ...columns, createdAt: now, removedAt: null }, { transaction });
            return true;
          });
        });
        return true;
      });
    },

    /** Resolves when the database answers. */
    async ping(): Promise<void> {
      await sequelize.query('SELECT 1', { type: QueryTypes.SELECT });
    },
  };
}

interface ListOptions {
  readonly after?: ListFrom | undefined;
  readonly limit: number;
  readonly isRemoved?: boolean;
}
type CreateInside = (kind: DocumentKind, id: string, content: Content) => Promise<void>;

const cursorOf = ({ title, id }: ListFrom): string => Buffer.from(JSON.stringify([title, id])).toString('base64url');

/** Where a page begins, from what the page before it gave as `next`; undefined where that makes no sense. */
export function readCursor(text: string): ListFrom | undefined {
  try {
    const [title, id] = JSON.parse(Buffer.from(text, 'base64url').toString('utf8')) as unknown[];
    return typeof title === 'string' && typeof id === 'string' ? { title, id } : undefined;
  } catch {
    return undefined;
  }
}
