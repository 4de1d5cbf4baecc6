import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { FAULTS, jsonSchemas, REMEDIES, type FaultCode } from '@hodsman/core';
import { format, resolveConfig } from 'prettier';
import { exampleFiles } from './examples.ts';

const DOCS = fileURLToPath(new URL('../../docs/', import.meta.url));

function faultsPage(): string {
  const codes = Object.keys(FAULTS) as FaultCode[];
  const rows = codes.map(
    (code) => `| \`${code}\` | ${FAULTS[code].severity} | ${REMEDIES[code].cause} | ${REMEDIES[code].remedy} |`,
  );
  return [
    '# What can be wrong with a file',
    '',
    'Every fault has a code, the path of the key, and a sentence. A fault refuses the file, a warning lets it pass. This page is written by',
    '`npm run formats`.',
    '',
    '| code | kind | cause | remedy |',
    '| --- | --- | --- | --- |',
    ...rows,
    '',
  ].join('\n');
}

/**
 * `formats`: writes what the core says of itself into docs/: the JSON Schemas of both files, an example of every form in which a class
 * leaves, and the list of faults. With `--check`
 * nothing is written, and the exit status is 1 where a file is not current.
 */
export async function writeDocs(list: readonly string[]): Promise<number> {
  const files: [string, string][] = [
    ...Object.entries(jsonSchemas()).map(([name, schema]): [string, string] => [
      `formats/${name}`,
      JSON.stringify(schema),
    ]),
    ['faults.md', faultsPage()],
    ...exampleFiles().map(([name, text]): [string, string] => [`formats/examples/${name}`, text]),
  ];
  mkdirSync(`${DOCS}formats/examples`, { recursive: true });
  let stale = 0;
  for (const [name, raw] of files) {
    const path = DOCS + name;
    // these are as the page hands them over
    const text = /\.(ics|csv|jsonld)$/.test(name)
      ? raw
      : await format(raw, { ...(await resolveConfig(path)), filepath: path });
    if (existsSync(path) && readFileSync(path, 'utf8') === text) continue;
    stale++;
    if (list.includes('--check')) console.error(`docs/${name}: is not current, run npm run formats`);
    else writeFileSync(path, text);
  }
  return list.includes('--check') && stale > 0 ? 1 : 0;
}
