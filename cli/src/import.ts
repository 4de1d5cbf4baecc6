import { readFileSync } from 'node:fs';
import { faultLine, importRecipe } from '@hodsman/core';

const USAGE = 'usage: npm run -s import -- FILE';
const READ = 0;
const REFUSED = 2;
const NOTHING = 3;

/**
 * `import FILE`: a recipe as text, a page or JSON-LD in; the bread with its guesses, conflicts and what was not understood out, as JSON.
 * Gives the exit status: 0, 3 when no bread was found in it, 2 when the file was refused.
 */
export function importFile(list: readonly string[]): number {
  const [file, ...more] = list;
  if (file === undefined || more.length > 0) {
    console.error(USAGE);
    return REFUSED;
  }
  let text: string;
  try {
    text = readFileSync(file, 'utf8');
  } catch (e) {
    console.error(`${file}: cannot be read (${e instanceof Error ? e.message : String(e)}), expected a recipe`);
    return REFUSED;
  }
  const read = importRecipe(text);
  if (!read.ok) {
    for (const fault of read.faults) console.error(faultLine(fault));
    return REFUSED;
  }
  const { bread, guesses, conflicts, notUnderstood, keeping } = read.value;
  const told = { bread, guesses, conflicts, notUnderstood: [...notUnderstood, ...keeping] };
  process.stdout.write(`${JSON.stringify(told, null, 1)}\n`);
  if (bread) return READ;
  console.error(`${file}: no bread was found in it, expected at least a flour with its amount`);
  return NOTHING;
}
