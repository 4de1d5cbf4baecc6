// Measures the application and the planner; writes docs/benchmarks.md. With names of parts (speed, gaps …) it renews those alone.
import { spawnSync } from 'node:child_process';
import { build } from './lib/build.mjs';
import { ensurePackages, ensureProgram, requireNode } from './lib/install.mjs';
import { fromRoot } from './lib/paths.mjs';

requireNode();
await ensureProgram('chromium', 'chromium');
await ensurePackages();
await build();
const tsx = import.meta.resolve('tsx');
process.exitCode =
  spawnSync(process.execPath, ['--import', tsx, fromRoot('e2e', 'bench', 'main.ts'), ...process.argv.slice(2)], {
    stdio: 'inherit',
  }).status ?? 1;
