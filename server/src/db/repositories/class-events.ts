import { Op, QueryTypes, Transaction, type Sequelize } from 'sequelize';
import { defineClassEvents, type ClassEventRow } from '../models/class-event.ts';

/** An event as its row holds it, `data` as JSON text. */
export interface EventRecord {
  readonly id: string;
  readonly device: string;
  readonly who: string;
  readonly atMs: number;
  readonly kind: string;
  readonly data: string;
}
/** The same with its place in the log of its class. */
export interface LoggedEvent extends EventRecord {
  readonly seq: number;
}

/** What appending decides of each event, in their order; called once, while nobody else can append to the class. */
export interface Deciding {
  /** Events that were appended since this was last told, by whomever. */
  readonly fresh: readonly LoggedEvent[];
  /** The events of the same ids that are in the log already. */
  readonly known: ReadonlyMap<string, LoggedEvent>;
}

export type ClassEventRepository = ReturnType<typeof classEventRepository>;

const MOST_READ = 1000;

const loggedOf = (row: ClassEventRow): LoggedEvent => ({
  seq: row.seq,
  id: row.id,
  device: row.device,
  who: row.who,
  atMs: row.at.getTime(),
  kind: row.kind,
  data: row.data,
});

/** The logs of classes on a MariaDB: appended to, read from a place on, never changed. */
export function classEventRepository(sequelize: Sequelize) {
  const Events = defineClassEvents(sequelize);

  async function read(classId: string, after: number, transaction?: Transaction): Promise<readonly LoggedEvent[]> {
    const rows = await Events.findAll({
      where: { classId, seq: { [Op.gt]: after } },
      order: [['seq', 'ASC']],
      limit: MOST_READ,
      ...(transaction && { transaction }),
    });
    return rows.map(loggedOf);
  }

  async function readAll(classId: string, after: number, transaction: Transaction): Promise<readonly LoggedEvent[]> {
    const all: LoggedEvent[] = [];
    for (;;) {
      const part = await read(classId, all.at(-1)?.seq ?? after, transaction);
      all.push(...part);
      if (part.length < MOST_READ) return all;
    }
  }

  return {
    /** At most 1000 events behind `after`, in the order of the log. */
    read: (classId: string, after: number) => read(classId, after),

    /**
     * What was said of the pace of griddles, newest last, at most 1000 events, in the other classes that were held for real in the kitchen
     * that a class is held in; with what was taken back there.
     */
    async pacesInKitchenOf(classId: string): Promise<readonly LoggedEvent[]> {
      const rows = await sequelize.query<ClassEventRow>(
        `SELECT e.* FROM documents own
          JOIN documents other ON other.kind = 'class' AND other.id <> own.id
           AND JSON_VALUE(other.body, '$.notes.kitchen.id') = JSON_VALUE(own.body, '$.notes.kitchen.id')
          JOIN class_events began ON began.classId = other.id AND began.kind = 'started'
           AND JSON_VALUE(began.data, '$.rate') = 1
           AND COALESCE(JSON_VALUE(began.data, '$.isRehearsal'), '0') NOT IN ('1', 'true')
          JOIN class_events e ON e.classId = other.id AND e.kind IN ('griddle-pace', 'taken-back')
         WHERE own.kind = 'class' AND own.id = :classId
         ORDER BY e.at DESC LIMIT ${MOST_READ}`,
        { replacements: { classId }, type: QueryTypes.SELECT },
      );
      return rows.map(loggedOf).reverse();
    },

    /**
     * Appends what `decide` lets through, in one transaction that holds the log of the class, so that of two servers one waits for the
     * other. Gives the events with their places once they are kept for good.
     */
    append: (
      classId: string,
      sent: readonly EventRecord[],
      knownSeq: number,
      decide: (about: Deciding) => readonly EventRecord[],
    ): Promise<readonly LoggedEvent[]> =>
      sequelize.transaction({ isolationLevel: Transaction.ISOLATION_LEVELS.READ_COMMITTED }, async (transaction) => {
        const query = { replacements: { classId }, transaction };
        // a row is locked as for writing at once: a shared lock first would let two servers wait for each other
        const lock = () =>
          sequelize.query<{ lastSeq: number }>('SELECT lastSeq FROM class_logs WHERE classId = :classId FOR UPDATE', {
            ...query,
            type: QueryTypes.SELECT,
          });
        let [log] = await lock();
        if (!log) {
          await sequelize.query(
            'INSERT INTO class_logs (classId, lastSeq) VALUES (:classId, 0) ON DUPLICATE KEY UPDATE lastSeq = lastSeq',
            query,
          );
          [log] = await lock();
        }
        const lastSeq = log?.lastSeq ?? 0;
        const fresh = lastSeq > knownSeq ? await readAll(classId, knownSeq, transaction) : [];
        const ids = sent.map((e) => e.id);
        const twice = await Events.findAll({ where: { classId, id: ids }, transaction });
        const accepted = decide({ fresh, known: new Map(twice.map((row) => [row.id, loggedOf(row)])) });
        if (accepted.length === 0) return [];
        const logged = accepted.map((e, i) => ({ ...e, seq: lastSeq + 1 + i }));
        const appendedAt = new Date();
        await Events.bulkCreate(
          logged.map(({ atMs, ...e }) => ({ ...e, classId, at: new Date(atMs), appendedAt })),
          { transaction },
        );
        await sequelize.query('UPDATE class_logs SET lastSeq = :lastSeq WHERE classId = :classId', {
          replacements: { classId, lastSeq: lastSeq + logged.length },
          transaction,
        });
        return logged;
      }),
  };
}
