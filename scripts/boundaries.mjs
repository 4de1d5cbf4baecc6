// Which part imports which: checks every import against the table in boundaries.config.mjs, and that docs/architecture.md, which is drawn
// from the same imports, is current. With --write it draws that page anew.

import { readFileSync, writeFileSync } from 'node:fs';
import { cruise } from 'dependency-cruiser';
import { format, resolveConfig } from 'prettier';
import config, { TABLES } from '../boundaries.config.mjs';
import { ROOT, fromRoot } from './lib/paths.mjs';
import { say, stop } from './lib/say.mjs';

process.chdir(ROOT);
const PAGE = fromRoot('docs', 'architecture.md');
const isTest = (path) => /\.(test|answers)\.tsx?$|\/testing\//.test(path);

const { output } = await cruise(
  ['core/src', 'web/src', 'server/src', 'cli/src'],
  { ...config.options, ruleSet: { forbidden: config.forbidden }, validate: true },
  { extensions: ['.ts', '.tsx', '.mjs', '.js'] },
);
const breaches = output.summary.violations;
for (const { rule, from, to } of breaches) say(`${rule.name}: ${from} imports ${to}`);

/** The parts of a table with what each of them does import, as a list and as a drawing. */
function drawn({ title, base, table }) {
  const names = Object.keys(table);
  const partOf = (path) => names.find((n) => path === `${base}/${n}` || path.startsWith(`${base}/${n}/`));
  const arrows = new Map(names.map((n) => [n, new Set()]));
  for (const { source, dependencies } of output.modules) {
    const from = isTest(source) ? undefined : partOf(source);
    if (!from) continue;
    for (const { resolved } of dependencies) {
      const to = partOf(resolved);
      if (to && to !== from) arrows.get(from).add(to);
    }
  }
  const sorted = names.map((n) => [n, [...arrows.get(n)].sort((a, b) => names.indexOf(a) - names.indexOf(b))]);
  return [
    `## ${title}`,
    '',
    '```mermaid',
    'flowchart BT',
    ...sorted.flatMap(([n, to]) => to.map((t) => `  ${n} --> ${t}`)),
    '```',
    '',
    '| part | imports |',
    '| - | - |',
    ...sorted.map(([n, to]) => `| \`${n}\` | ${to.map((t) => `\`${t}\``).join(' ') || 'nothing'} |`),
    '',
  ];
}

const text = [
  '# Architecture',
  '',
  'Drawn by `npm run boundaries -- --write` from the imports themselves; `npm test` fails where it is not current, where an import breaks',
  'the table in `boundaries.config.mjs`, or where there is a circle. Tests are left out. What each part is for stands at the top of its',
  '`index.ts`; why the directions are as they are, in [decision 0002](decisions/0002-workspaces-and-directions.md).',
  '',
  'Page, server and command line each import the core and never one another.',
  '',
  ...TABLES.flatMap(drawn),
].join('\n');
const page = await format(text, { ...(await resolveConfig(PAGE)), filepath: PAGE });

if (process.argv.includes('--write')) writeFileSync(PAGE, page);
else if (readFileSync(PAGE, 'utf8') !== page)
  stop('docs/architecture.md is not current: npm run boundaries -- --write');
if (breaches.length > 0) stop(`${breaches.length} imports break the table in boundaries.config.mjs`);
say(`${output.summary.totalCruised} files, ${output.summary.totalDependenciesCruised} imports, no circle, no breach`);
