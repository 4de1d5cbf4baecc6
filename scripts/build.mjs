import { build, firstLoadBytes } from './lib/build.mjs';
import { ensurePackages, requireNode } from './lib/install.mjs';
import { say, stop } from './lib/say.mjs';

requireNode();
await ensurePackages();
try {
  await build();
  say(`built; the first page loads ${(firstLoadBytes() / 1000).toFixed(0)} kB of script (gzipped)`);
} catch (e) {
  stop(e.message);
}
