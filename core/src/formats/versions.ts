import { failure, fault, success, type Result } from '../faults/index.ts';
import { planToVersion2, workshopToVersion2 } from './to-version-2.ts';

/** Carries a file of one version over to the next: loosely typed, since what it reads is no file of today. */
export type FileMigration = (file: Readonly<Record<string, unknown>>) => Result<Readonly<Record<string, unknown>>>;

/** The migrations of each file, the first from version 1 to 2. */
export const WORKSHOP_MIGRATIONS: readonly FileMigration[] = [workshopToVersion2];
export const PLAN_MIGRATIONS: readonly FileMigration[] = [planToVersion2];

/**
 * A file as the latest version has it. One of an earlier version passes through the migrations from there on; one of a newer version is
 * refused in words. What has no version that makes sense is left to the schema, which says so.
 */
export function carriedOver(value: unknown, migrations: readonly FileMigration[]): Result<unknown> {
  if (typeof value !== 'object' || value === null || !('version' in value)) return success(value);
  const { version } = value;
  const latest = migrations.length + 1;
  if (typeof version !== 'number' || !Number.isInteger(version) || version < 1) return success(value);
  if (version > latest) return failure([fault('newer-version', 'version', { version, latest })]);
  let file: Readonly<Record<string, unknown>> = { ...value };
  for (const [i, migrate] of migrations.entries()) {
    if (i < version - 1) continue;
    const next = migrate(file);
    if (!next.ok) return next;
    file = { ...next.value, version: i + 2 };
  }
  return success(file);
}
