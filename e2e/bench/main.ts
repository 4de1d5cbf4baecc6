import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { cpus } from 'node:os';
import { fileURLToPath } from 'node:url';
import { format, resolveConfig } from 'prettier';
import { measureApplication } from './application.ts';
import { measureBoard } from './board.ts';
import { measureClass } from './class.ts';
import { measureBreads } from './breads.ts';
import { measureFaults } from './faults/main.ts';
import { measureLive } from './live.ts';
import { measureCurve, measureGaps, measureRichGaps, measureShops, measureSpeed } from './planner.ts';
import { measureExact, measureRandom } from './quality.ts';
import { measurePaper } from './paper.ts';
import { measureRecipes } from './recipes.ts';
import { measureSteady } from './steady.ts';
import { tableOf } from './table.ts';

/** Measures everything, or the parts that are named, and puts what it measured in its place in docs/benchmarks.md. */
const PARTS: Readonly<
  Record<
    string,
    { readonly text: readonly string[]; readonly measure: () => Promise<readonly string[]> | readonly string[] }
  >
> = {
  application: { text: ['## The application'], measure: async () => tableOf(await measureApplication()) },
  class: {
    text: ['## A class of 36 people and three breads, edited', '', 'From the key to the frame that shows the change.'],
    measure: async () => tableOf(await measureClass()),
  },
  board: {
    text: [
      '## The plan board',
      '',
      'A frame is 16.7 ms. Dragging plans the class anew for every minute that the pointer passes.',
    ],
    measure: async () => tableOf(await measureBoard()),
  },
  breads: {
    text: ['## Breads', '', 'A frame is 16.7 ms.'],
    measure: async () => tableOf(await measureBreads()),
  },
  recipes: {
    text: [
      '## Recipes read',
      '',
      'Invented texts whose expectation was written before the reader saw them; by now it has been mended from all of them. Points of ten:',
      'formula 4, steps 2, rests 1.5, cooking 1, nothing invented 1, weight of a piece 0.5.',
    ],
    measure: measureRecipes,
  },
  speed: {
    text: [
      '## Planning: speed and memory',
      '',
      'Medians of nine runs after fifteen that warm the code up, without the browser.',
    ],
    measure: measureSpeed,
  },
  curve: {
    text: [
      '## Planning: cost against size',
      '',
      'Eighteen people, two breads, six griddles, more pieces each. The power is how cost grows with pieces.',
    ],
    measure: measureCurve,
  },
  steady: {
    text: [
      '## The plan that one can teach',
      '',
      'What a plan costs for goal `steady` (formats note, section 4) by the aim that it was made for, at effort 3, and at more effort.',
    ],
    measure: measureSteady,
  },
  gaps: {
    text: ['## The shortest class found, against its proven lower bound', '', 'Goal `short`, effort 3.'],
    measure: measureGaps,
  },
  rich: {
    text: [
      '## The bound in classes of three breads with all that a class can have',
      '',
      '12 to 36 people; goal `short`. What more effort still finds is the part of the gap that is search; the rest is bound or search.',
    ],
    measure: measureRichGaps,
  },
  exact: {
    text: [
      '## Small classes against an exact solver',
      '',
      'Mixed-integer programming (HiGHS) proves the optimum of the same problem.',
    ],
    measure: measureExact,
  },
  shops: {
    text: [
      '## Job shops of the literature',
      '',
      'Fisher and Thompson 1963, Lawrence 1984; instances and optima from memory, through the plain problem.',
    ],
    measure: measureShops,
  },
  faults: {
    text: [
      '## Trouble',
      '',
      'What is broken on purpose while 20 clients save without a pause, and what is lost by it.',
    ],
    measure: measureFaults,
  },
  live: {
    text: [
      '## A class that runs',
      '',
      'Two server processes on one database, a screen that follows on each. Taps come from the same machine, which they load as well.',
    ],
    measure: async () => tableOf(await measureLive()),
  },
  paper: {
    text: [
      '## Paper and backups',
      '',
      'All sheets of a class of 36 people and three breads that it needs before anybody chooses, and the recipes for home; 500 classes of four states each.',
    ],
    measure: async () => tableOf(await measurePaper()),
  },
  random: { text: ['## Random classes of every kind', '', 'Effort 1, fixed seed.'], measure: measureRandom },
};

/** Parts that are measured together under one name. */
const GROUPS: Readonly<Record<string, readonly string[]>> = {
  planner: ['speed', 'curve', 'steady', 'gaps', 'rich', 'exact', 'random'],
};
const wanted = process.argv.slice(2).flatMap((w) => GROUPS[w] ?? [w]);
const unknown = wanted.filter((w) => !Object.hasOwn(PARTS, w));
if (unknown.length > 0) {
  console.error(
    `no such part: ${unknown.join(', ')}; there are ${[...Object.keys(GROUPS), ...Object.keys(PARTS)].join(', ')}`,
  );
  process.exit(2);
}
const PAGE = fileURLToPath(new URL('../../docs/benchmarks.md', import.meta.url));
const HEAD = [
  '# Benchmarks',
  '',
  `Written by \`npm run bench\` on ${cpus().length} cores (${cpus()[0]?.model ?? 'unknown'}), Node.js ${process.version}. Limits are those that the project set itself; a ratio under 1 keeps one.`,
].join('\n');

/** The parts of the page as they stand, by heading. */
function standing(): ReadonlyMap<string, string> {
  const text = existsSync(PAGE) ? readFileSync(PAGE, 'utf8') : '';
  const parts = text.split(/\n(?=## )/).slice(1);
  return new Map(parts.map((p) => [p.split('\n')[0] ?? '', p.trimEnd()]));
}

const parts = new Map(standing());
for (const [name, { text, measure }] of Object.entries(PARTS)) {
  if (wanted.length > 0 && !wanted.includes(name)) continue;
  const part = [...text, '', ...(await measure())].join('\n');
  console.log(part);
  parts.set(text[0] ?? '', part);
}
const order = Object.values(PARTS).flatMap(({ text }) => parts.get(text[0] ?? '') ?? []);
const page = `${[HEAD, ...order].join('\n\n')}\n`;
writeFileSync(PAGE, await format(page, { ...(await resolveConfig(PAGE)), filepath: PAGE }));
process.exit();
