import { createWriteStream } from 'node:fs';
import { mkdir, readdir, rename, rm } from 'node:fs/promises';
import { join } from 'node:path';
import type { Sequelize } from 'sequelize';
import { writeBackup } from './write-backup.ts';

/** The name of a backup says when it was made, by UTC, so that names sort by age. */
const nameOf = (nowMs: number): string =>
  `hodsman-${new Date(nowMs).toISOString().slice(0, 19).replace(/[:T]/g, '-')}.zip`;
const NAME = /^hodsman-\d{4}-\d\d-\d\d-\d\d-\d\d-\d\d\.zip$/;

export interface Keeping {
  readonly folder: string;
  /** So many are kept; the oldest go. Others' files in the folder are left alone. */
  readonly most: number;
  readonly program: string;
  readonly nowMs: number;
}

/**
 * Makes a backup in a folder, and lets the oldest of that folder go. A file that is there is whole: while it is written it has another
 * name. Gives its path.
 */
export async function keepBackup(sequelize: Sequelize, { folder, most, program, nowMs }: Keeping): Promise<string> {
  await mkdir(folder, { recursive: true });
  const path = join(folder, nameOf(nowMs));
  const partly = `${path}.part`;
  try {
    await writeBackup(sequelize, createWriteStream(partly, { mode: 0o600 }), { program, nowMs });
    await rename(partly, path);
  } catch (e) {
    await rm(partly, { force: true });
    throw e;
  }
  const kept = (await readdir(folder)).filter((f) => NAME.test(f)).sort();
  for (const old of kept.slice(0, Math.max(0, kept.length - most))) await rm(join(folder, old), { force: true });
  return path;
}
