import type { Sequelize } from 'sequelize';
import { defineLeftOpen } from '../models/left-open.ts';

/** A matter with its place in the list that was kept; `matter` as JSON text. */
export interface PlacedMatter {
  readonly place: number;
  readonly matter: string;
}

export type LeftOpenRepository = ReturnType<typeof leftOpenRepository>;

/** What recipes left open about the breads of the library, on a MariaDB. */
export function leftOpenRepository(sequelize: Sequelize) {
  const Matters = defineLeftOpen(sequelize);
  return {
    /** Keeps a list once: sent again, it changes nothing, and what was looked at meanwhile stays so. */
    async keep(documentId: string, matters: readonly string[]): Promise<void> {
      const rows = matters.map((matter, place) => ({ documentId, place, matter }));
      await Matters.bulkCreate(rows, { ignoreDuplicates: true });
    },
    /** Those that nobody has looked at, in order. */
    async open(documentId: string): Promise<readonly PlacedMatter[]> {
      const rows = await Matters.findAll({ where: { documentId, isLookedAt: false }, order: [['place', 'ASC']] });
      return rows.map(({ place, matter }) => ({ place, matter }));
    },
    /** Somebody has looked at it; whether there was such a matter. */
    async lookAt(documentId: string, place: number): Promise<boolean> {
      const row = await Matters.findOne({ where: { documentId, place } });
      await row?.update({ isLookedAt: true });
      return row !== null;
    },
  };
}
