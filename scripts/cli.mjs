// Runs a command of cli/ from its sources, packages installed first where they are missing.
import { spawnSync } from 'node:child_process';
import { ensurePackages, requireNode } from './lib/install.mjs';
import { fromRoot } from './lib/paths.mjs';

requireNode();
await ensurePackages({ quiet: true });
const [...words] = process.argv.slice(2);
const done = spawnSync(
  process.execPath,
  ['--import', import.meta.resolve('tsx'), fromRoot('cli', 'src', 'main.ts'), ...words],
  { stdio: 'inherit' },
);
process.exitCode = done.status ?? 1;
