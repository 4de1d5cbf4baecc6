// Breaks the core on purpose, one place at a time, and counts how many of the breaks the tests notice. Works on a copy; writes
// docs/benchmarks.md. With words it takes only the mutants whose file holds one of them.
import { cpSync, mkdtempSync, readdirSync, readFileSync, rmSync, symlinkSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { killAll, runToEnd } from './lib/children.mjs';
import { ensurePackages } from './lib/install.mjs';
import { MUTANTS, SPEECH } from './lib/mutants.mjs';
import { fromRoot } from './lib/paths.mjs';
import { say } from './lib/say.mjs';

const AT_ONCE = 2;
const HEADING = '## Mutants';

await ensurePackages();
const wanted = process.argv.slice(2);

/** A mutant for every code of the checker: it is never said. */
function speechless() {
  const folder = fromRoot(SPEECH.rules);
  const codes = readdirSync(folder)
    .filter((f) => /^r\d\d-.*\.ts$/.test(f) && !f.includes('answers'))
    .flatMap((f) => [
      ...readFileSync(join(folder, f), 'utf8').matchAll(
        /say\(\s*'R\d+',\s*((?:[^,']*\? )?'[a-z-]+'(?: : '[a-z-]+')?)/g,
      ),
    ])
    .flatMap(([, said]) => [...said.matchAll(/'([a-z-]+)'/g)].map(([, code]) => code));
  return [...new Set(codes)].map((code) => ({
    file: SPEECH.file,
    from: SPEECH.before,
    to: `      if (code === '${code}') return;\n${SPEECH.before}`,
    what: `“${code}” is never said`,
    tests: SPEECH.tests,
  }));
}

const list = [...MUTANTS, ...speechless()].filter(
  (m) => wanted.length === 0 || wanted.some((w) => m.file.includes(w) || m.what?.includes(w)),
);
if (list.length === 0) throw new Error(`no mutant's file or words hold ${wanted.join(' or ')}`);
const folder = mkdtempSync(join(tmpdir(), 'hodsman-mutants-'));
process.on('exit', () => {
  killAll();
  rmSync(folder, { recursive: true, force: true });
});
process.on('SIGINT', () => process.exit(130));

/** A copy of what the tests of the core need. */
function copy(n) {
  const root = join(folder, String(n));
  for (const part of ['core', 'demo', 'package.json', 'vitest.config.ts', 'tsconfig.base.json', 'tsconfig.json'])
    cpSync(fromRoot(part), join(root, part), { recursive: true, filter: (p) => !p.includes('node_modules') });
  symlinkSync(fromRoot('node_modules'), join(root, 'node_modules'));
  return root;
}

async function passes(root, tests) {
  const words = ['run', '--project', 'core', '--bail', '1', ...tests];
  const { status } = await runToEnd(fromRoot('node_modules', '.bin', 'vitest'), words, {
    cwd: root,
    env: { ...process.env, HODSMAN_TEST_RUNS: '0.3', NO_COLOR: '1' },
  });
  return status === 0;
}

async function isNoticed(root, { file, from, to, tests }) {
  const path = join(root, file);
  const text = readFileSync(path, 'utf8');
  if (!text.includes(from)) throw new Error(`${file} does not hold: ${from}`);
  writeFileSync(
    path,
    text.replace(from, () => to),
  );
  const isQuiet = await passes(root, tests);
  writeFileSync(path, text);
  return !isQuiet;
}

const survivors = [];
let done = 0;
const queue = [...list];
// a mutant that dies of something else is no proof
const unbroken = copy('unbroken');
for (const tests of new Set(list.map((m) => m.tests)))
  if (!(await passes(unbroken, tests))) throw new Error(`without any mutant these tests fail: ${tests.join(', ')}`);
await Promise.all(
  Array.from({ length: AT_ONCE }, async (_, n) => {
    const root = copy(n);
    for (let m = queue.shift(); m; m = queue.shift()) {
      if (!(await isNoticed(root, m))) {
        survivors.push(m);
        say(`survived: ${m.file}: ${m.what ?? `${m.from} → ${m.to}`}`);
      }
      if (++done % 20 === 0) say(`${done} of ${list.length}`);
    }
  }),
);

/** The folder of the core that a mutant is of. */
const partOf = ({ file }) => /^core\/src\/(?:planner\/)?([^/]+)/.exec(file)?.[1] ?? file;
const parts = [...new Set(list.map(partOf))].map((part) => {
  const all = list.filter((m) => partOf(m) === part).length;
  return { part, all, died: all - survivors.filter((m) => partOf(m) === part).length };
});
const total = parts.reduce((sum, p) => ({ all: sum.all + p.all, died: sum.died + p.died }), { all: 0, died: 0 });
const row = ({ part, all, died }) =>
  `| ${part} | ${all} | ${died} | ${all === 0 ? '–' : `${Math.floor((100 * died) / all)} %`} |`;
const section = [
  HEADING,
  '',
  'Written by `npm run mutants`: places of the core broken on purpose one at a time, and how many of the breaks a test notices.',
  '',
  '| part | broken | noticed | share |',
  '| --- | ---: | ---: | ---: |',
  ...parts.map(row),
  row({ part: 'all', ...total }),
  ...(survivors.length > 0
    ? ['', 'Not noticed:', '', ...survivors.map((m) => `- ${m.file}: \`${(m.what ?? m.from).trim()}\``)]
    : []),
].join('\n');
say(section);
if (wanted.length === 0) {
  const page = fromRoot('docs', 'benchmarks.md');
  const rest = readFileSync(page, 'utf8')
    .split(/\n(?=## )/)
    .filter((p) => !p.startsWith(HEADING));
  writeFileSync(page, `${[...rest.map((p) => p.trimEnd()), section].join('\n\n')}\n`);
  await runToEnd(fromRoot('node_modules', '.bin', 'prettier'), ['--write', page]);
}
process.exitCode = total.died >= 0.9 * total.all ? 0 : 1;
