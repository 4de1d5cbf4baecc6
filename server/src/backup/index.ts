/**
 * The whole of what is stored as one file, and back. Begin with `tables.ts`: what a backup holds; `write-backup.ts` makes it,
 * `read-backup.ts` refuses what is none, `restore-backup.ts` puts it in the place of what is there.
 */
export { BackupRefused, readBackup, type ReadBackup } from './read-backup.ts';
export { replacedBy, restoreBackup, type Replaced } from './restore-backup.ts';
export { everyNight } from './every-night.ts';
export { keepBackup, type Keeping } from './nightly.ts';
export { BACKUP_TABLES } from './tables.ts';
export { writeBackup } from './write-backup.ts';
