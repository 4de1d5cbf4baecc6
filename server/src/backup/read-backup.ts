import { createHash } from 'node:crypto';
import { createWriteStream } from 'node:fs';
import { mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Transform, type Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { openPromise, type Entry, type ZipFile } from 'yauzl';
import { BACKUP_FORM, manifestSchema, type Manifest } from './manifest.ts';
import { BACKUP_TABLES, entryOf, MANIFEST } from './tables.ts';

/** Unpacked it holds no more than this; a workshop of ten years has a hundredth of it. */
const MOST_BYTES = 4 * 2 ** 30;
const MOST_MANIFEST_BYTES = 100_000;
const MOST_ENTRIES = 50;

/** A backup that was read whole and found to be as it was made; its tables lie unpacked in a folder of their own until it is let go. */
export interface ReadBackup {
  readonly manifest: Manifest;
  readonly fileOf: (table: string) => string;
  readonly letGo: () => Promise<void>;
}

/** Why a backup is refused, in words; nothing was changed by it. */
export class BackupRefused extends Error {}

/**
 * Reads a backup whole before anything is done with it: every entry is one that a backup has, none is larger than it says, and each is
 * equal to its checksum. Throws `BackupRefused` in words otherwise.
 */
export async function readBackup(path: string): Promise<ReadBackup> {
  const folder = await mkdtemp(join(tmpdir(), 'hodsman-backup-'));
  const letGo = (): Promise<void> => rm(folder, { recursive: true, force: true });
  try {
    const zip = await openPromise(path, { strictFileNames: true, validateEntrySizes: true, autoClose: false });
    try {
      const manifest = await unpacked(zip, folder);
      return { manifest, fileOf: (table) => join(folder, entryOf(table)), letGo };
    } finally {
      zip.close();
    }
  } catch (e) {
    await letGo();
    if (e instanceof BackupRefused) throw e;
    throw new BackupRefused(`the file is no whole backup (${e instanceof Error ? e.message : String(e)})`);
  }
}

async function unpacked(zip: ZipFile, folder: string): Promise<Manifest> {
  if (zip.entryCount > MOST_ENTRIES)
    throw new BackupRefused(`the file holds ${zip.entryCount} entries, a backup has ${BACKUP_TABLES.length + 1}`);
  const entries = new Map<string, Entry>();
  let bytes = 0;
  for await (const entry of zip.eachEntry()) {
    if (entries.has(entry.fileName)) throw new BackupRefused(`the file holds “${entry.fileName}” twice`);
    bytes += entry.uncompressedSize;
    if (bytes > MOST_BYTES)
      throw new BackupRefused(`unpacked the file holds more than ${MOST_BYTES / 2 ** 30} GB, which no backup does`);
    entries.set(entry.fileName, entry);
  }
  const manifest = await manifestOf(zip, entries);
  const known = new Set([MANIFEST, ...BACKUP_TABLES.map((t) => entryOf(t.name))]);
  for (const name of entries.keys())
    if (!known.has(name)) throw new BackupRefused(`“${name.slice(0, 80)}” is nothing that a backup holds`);
  for (const { name, sinceForm } of BACKUP_TABLES) {
    if (sinceForm > manifest.form) continue;
    const entry = entries.get(entryOf(name));
    const told = manifest.tables.find((t) => t.name === name);
    if (!entry || !told) throw new BackupRefused(`“${entryOf(name)}” is missing`);
    await unpack(await zip.openReadStreamPromise(entry), join(folder, entryOf(name)), told);
  }
  return manifest;
}

async function manifestOf(zip: ZipFile, entries: ReadonlyMap<string, Entry>): Promise<Manifest> {
  const entry = entries.get(MANIFEST);
  if (!entry) throw new BackupRefused('the file is no backup: it has no manifest');
  if (entry.uncompressedSize > MOST_MANIFEST_BYTES) throw new BackupRefused('the manifest is larger than any');
  const parts: Buffer[] = [];
  for await (const part of await zip.openReadStreamPromise(entry)) parts.push(part as Buffer);
  const json = JSON.parse(Buffer.concat(parts).toString('utf8')) as {
    readonly format?: unknown;
    readonly form?: unknown;
  };
  if (json.format === 'hodsman-backup' && typeof json.form === 'number' && json.form > BACKUP_FORM)
    throw new BackupRefused(
      `the backup has form ${json.form}, this program reads up to ${BACKUP_FORM}: restore it with the newer program that made it`,
    );
  const read = manifestSchema.safeParse(json);
  if (!read.success) throw new BackupRefused('the manifest is none of a backup');
  return read.data;
}

/** Unpacks an entry, and sees that it is what the manifest says of it. */
async function unpack(from: Readable, path: string, told: Manifest['tables'][number]): Promise<void> {
  const hash = createHash('sha256');
  let bytes = 0;
  const counted = new Transform({
    transform(part: Buffer, _encoding, done) {
      bytes += part.length;
      hash.update(part);
      done(
        bytes > told.bytes ? new BackupRefused(`“${entryOf(told.name)}” is larger than its manifest says`) : null,
        part,
      );
    },
  });
  await pipeline(from, counted, createWriteStream(path));
  if (bytes !== told.bytes || hash.digest('hex') !== told.sha256)
    throw new BackupRefused(`“${entryOf(told.name)}” is not as it was made: its checksum is another`);
}
