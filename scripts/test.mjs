// All that must pass, in order from the quickest: form, lint, types, unused code, published schemas, unit and server tests, build, interface.
import { spawnSync } from 'node:child_process';
import { existsSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { build } from './lib/build.mjs';
import { ensurePackages, ensureProgram, requireNode } from './lib/install.mjs';
import { startMariadb } from './lib/mariadb.mjs';
import { ROOT } from './lib/paths.mjs';
import { say, stop } from './lib/say.mjs';

const WORKSPACES = ['.', 'core/tsconfig.pure.json', 'core', 'server', 'web', 'cli', 'e2e'];

requireNode();
await ensureProgram('mariadbd', 'mariadb-server');
await ensureProgram('chromium', 'chromium');
await ensurePackages();

const folder = mkdtempSync(join(tmpdir(), 'hodsman-test-'));
process.on('exit', () => rmSync(folder, { recursive: true, force: true }));
const total = { passed: 0, failed: 0 };

function count(name, passed, failed) {
  total.passed += passed;
  total.failed += failed;
  say(`${failed === 0 ? 'ok' : 'FAILED'}  ${name}${passed + failed > 1 ? `: ${passed} passed, ${failed} failed` : ''}`);
}

function run(words, env = {}) {
  return spawnSync(
    words[0] === 'node' ? process.execPath : 'npx',
    words[0] === 'node' ? words.slice(1) : ['--no-install', ...words],
    {
      cwd: ROOT,
      encoding: 'utf8',
      env: { ...process.env, NO_COLOR: '1', FORCE_COLOR: '0', ...env },
      maxBuffer: 256 * 1024 * 1024,
    },
  );
}

/** One check that passes or fails as a whole; what it printed is shown when it fails. */
function check(name, words) {
  const done = run(words);
  if (done.status !== 0) say(`${done.stdout}\n${done.stderr}`);
  count(name, done.status === 0 ? 1 : 0, done.status === 0 ? 0 : 1);
}

/** A test runner that writes a report as JSON; a run without a report, or one that ran nothing, has failed. */
function suite(name, words, env, reportFile, read) {
  const done = run(words, env);
  const result = existsSync(reportFile) ? read(JSON.parse(readFileSync(reportFile, 'utf8'))) : { passed: 0, failed: 0 };
  const isWhole = result.passed + result.failed > 0 && (done.status === 0) === (result.failed === 0);
  if (done.status !== 0) say(`${done.stdout}\n${done.stderr}`);
  count(name, result.passed, isWhole ? result.failed : result.failed + 1);
}

check('format', ['prettier', '--check', '--log-level', 'warn', '.']);
check('lint', ['eslint', '.', '--max-warnings', '0']);
for (const w of WORKSPACES) check(`types of ${w}`, ['tsc', '-p', w]);
check('unused code', ['knip']);

const vitestReport = join(folder, 'vitest.json');
let database;
try {
  database = await startMariadb(join(folder, 'mariadb'));
} catch (e) {
  stop(e.message);
}
suite(
  'unit and server tests',
  ['vitest', 'run', '--reporter=default', '--reporter=json', `--outputFile=${vitestReport}`],
  { HODSMAN_TEST_DATABASE_URL: database.url },
  vitestReport,
  // a file that could not be loaded has no tests, and counts as one that failed
  (r) => ({
    passed: r.numPassedTests,
    failed:
      r.numFailedTests + r.testResults.filter((f) => f.status === 'failed' && f.assertionResults.length === 0).length,
  }),
);
await database.stop();

try {
  await build();
  count('build', 1, 0);
} catch (e) {
  say(e.message);
  count('build', 0, 1);
}
const playwrightReport = join(folder, 'playwright.json');
suite(
  'interface tests',
  ['playwright', 'test', '--config', 'e2e/playwright.config.ts'],
  { HODSMAN_E2E_REPORT: playwrightReport, HODSMAN_E2E_DATA: join(folder, 'e2e') },
  playwrightReport,
  (r) => ({ passed: r.stats.expected, failed: r.stats.unexpected + r.stats.flaky }),
);

say(`${total.passed} passed, ${total.failed} failed`);
process.exitCode = total.failed === 0 ? 0 : 1;
