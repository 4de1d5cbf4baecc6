// Renews the pictures of docs/screenshots from the application that runs at HODSMAN_ADDRESS (default http://127.0.0.1:4710): all,
// or those that are named.
import { spawnSync } from 'node:child_process';
import { ensurePackages, ensureProgram } from './lib/install.mjs';
import { fromRoot } from './lib/paths.mjs';

await ensureProgram('chromium', 'chromium');
await ensurePackages();
const words = ['--import', import.meta.resolve('tsx'), fromRoot('e2e', 'screenshots.ts'), ...process.argv.slice(2)];
process.exitCode = spawnSync(process.execPath, words, { stdio: 'inherit' }).status ?? 1;
