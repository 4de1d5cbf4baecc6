// All that must pass: form, lint, types, unused code, unit and server tests, build, interface. With --quick what the inner loop asks for
// (types, and the tests of what changed), with --nightly the slow properties whole.

import { existsSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { build } from './lib/build.mjs';
import { killAll, runToEnd } from './lib/children.mjs';
import { ensurePackages, ensureProgram, requireNode } from './lib/install.mjs';
import { startMariadb } from './lib/mariadb.mjs';
import { ROOT, fromRoot } from './lib/paths.mjs';
import { say, stop } from './lib/say.mjs';

const isQuick = process.argv.includes('--quick');
const isNightly = process.argv.includes('--nightly');
/** How many runs of the slow properties, against what they do by default. */
const RUNS = isQuick ? '0.2' : isNightly ? '10' : '1';

requireNode();
await ensureProgram('mariadbd', 'mariadb-server');
if (!isQuick) await ensureProgram('chromium', 'chromium');
await ensurePackages();

const folder = mkdtempSync(join(tmpdir(), 'hodsman-test-'));
process.on('exit', () => {
  killAll();
  rmSync(folder, { recursive: true, force: true });
});
for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP']) process.on(signal, () => process.exit(130));
const total = { passed: 0, failed: 0 };

function count(name, passed, failed) {
  total.passed += passed;
  total.failed += failed;
  say(`${failed === 0 ? 'ok' : 'FAILED'}  ${name}${passed + failed > 1 ? `: ${passed} passed, ${failed} failed` : ''}`);
}

const bin = (name) => fromRoot('node_modules', '.bin', name);
const run = ([name, ...words], env = {}) =>
  runToEnd(bin(name), words, {
    cwd: ROOT,
    env: { ...process.env, NO_COLOR: '1', FORCE_COLOR: '0', ...env },
  });

/** One check that passes or fails as a whole; what it printed is shown when it fails. */
async function check(name, words) {
  const done = await run(words);
  if (done.status !== 0) say(`${done.stdout}\n${done.stderr}`);
  count(name, done.status === 0 ? 1 : 0, done.status === 0 ? 0 : 1);
}

/** The same for a script of this folder. */
async function script(name, file) {
  const done = await runToEnd(process.execPath, [fromRoot('scripts', file)], { cwd: ROOT });
  if (done.status !== 0) say(`${done.stdout}\n${done.stderr}`);
  count(name, done.status === 0 ? 1 : 0, done.status === 0 ? 0 : 1);
}

/** A test runner that writes a report as JSON; a run without a report, or one that ran nothing, has failed. */
async function suite(name, words, env, reportFile, read) {
  const done = await run(words, env);
  const result = existsSync(reportFile) ? read(JSON.parse(readFileSync(reportFile, 'utf8'))) : { passed: 0, failed: 0 };
  const isWhole = (isQuick || result.passed + result.failed > 0) && (done.status === 0) === (result.failed === 0);
  if (done.status !== 0) say(`${done.stdout}\n${done.stderr}`);
  count(name, result.passed, isWhole ? result.failed : result.failed + 1);
}

/** Whether the tests of the server are to run: always, but in the inner loop only where something of the server changed. */
async function withServer() {
  if (!isQuick) return true;
  const { stdout } = await runToEnd('git', ['status', '--porcelain', '--untracked-files=all'], { cwd: ROOT });
  return stdout.split('\n').some((line) => line.slice(3).startsWith('server/'));
}

/** Unit and server tests, these against a MariaDB of their own. */
async function unitTests() {
  const report = join(folder, 'vitest.json');
  const hasServer = await withServer();
  let database;
  try {
    if (hasServer) database = await startMariadb(join(folder, 'mariadb'));
  } catch (e) {
    stop(e.message);
  }
  await suite(
    'unit and server tests',
    [
      'vitest',
      'run',
      '--reporter=default',
      '--reporter=json',
      `--outputFile=${report}`,
      ...(isQuick ? ['--changed'] : []),
      ...(hasServer ? [] : ['core', 'web', 'cli'].flatMap((name) => ['--project', name])),
    ],
    { ...(database && { HODSMAN_TEST_DATABASE_URL: database.url }), HODSMAN_TEST_RUNS: RUNS },
    report,
    // a file that could not be loaded has no tests, and counts as one that failed
    (r) => ({
      passed: r.numPassedTests,
      failed:
        r.numFailedTests + r.testResults.filter((f) => f.status === 'failed' && f.assertionResults.length === 0).length,
    }),
  );
  await database?.stop();
}

async function interfaceTests() {
  try {
    await build();
    count('build', 1, 0);
  } catch (e) {
    say(e.message);
    count('build', 0, 1);
  }
  const report = join(folder, 'playwright.json');
  await suite(
    'interface tests',
    ['playwright', 'test', '--config', 'e2e/playwright.config.ts'],
    { HODSMAN_E2E_REPORT: report, HODSMAN_E2E_DATA: join(folder, 'e2e') },
    report,
    (r) => ({ passed: r.stats.expected, failed: r.stats.unexpected + r.stats.flaky }),
  );
}

if (isQuick) {
  await Promise.all([check('types', ['tsc', '-b']), unitTests()]);
} else {
  // two at a time: lint asks for one core and most of the time of the rest
  const lint = check('lint', ['eslint', '.', '--max-warnings', '0']);
  await check('format', ['prettier', '--check', '--log-level', 'warn', '.']);
  await check('types', ['tsc', '-b']);
  await script('boundaries', 'boundaries.mjs');
  await check('unused code', ['knip']);
  await unitTests();
  await lint;
  await interfaceTests();
}

say(`${total.passed} passed, ${total.failed} failed`);
process.exitCode = total.failed === 0 ? 0 : 1;
