import { existsSync } from 'node:fs';

/** The path of a program on PATH or in the folders where Debian puts servers. */
export function findProgram(name) {
  const folders = [...(process.env.PATH ?? '').split(':'), '/usr/sbin', '/usr/local/sbin', '/sbin', '/usr/bin'];
  return folders.map((f) => `${f}/${name}`).find((path) => existsSync(path));
}
