import { readFileSync } from 'node:fs';
import { faultLine, GOALS, planClass, readWorkshopText, type Goal, planFile } from '@hodsman/core';

const USAGE = 'usage: npm run -s plan -- FILE [--goal steady|fresh|short] [--effort 1..10]';
const RIGHT = 0;
const REFUSED = 2;
const BROKEN = 3;

interface Arguments {
  readonly file: string;
  readonly goal: Goal;
  readonly effort: number;
}

function readArguments(list: readonly string[]): Arguments | string {
  let file: string | undefined;
  let goal: Goal = 'steady';
  let effort = 3;
  for (let i = 0; i < list.length; i++) {
    const word = list[i] ?? '';
    if (word === '--goal') {
      const value = list[++i];
      const known = GOALS.find((g) => g === value);
      if (!known) return `--goal: is ${value ?? 'missing'}, expected one of ${GOALS.join(', ')}`;
      goal = known;
    } else if (word === '--effort') {
      effort = Number(list[++i]);
      if (!Number.isInteger(effort) || effort < 1 || effort > 10)
        return '--effort: expected a whole number from 1 to 10';
    } else if (word.startsWith('--')) return `${word}: is no option, expected --goal or --effort`;
    else if (file !== undefined) return `${word}: is a second file, expected one`;
    else file = word;
  }
  return file === undefined ? 'FILE: is missing, expected the path of a workshop file' : { file, goal, effort };
}

/** `plan FILE`: reads a workshop file and prints its plan; gives the exit status. */
export function plan(list: readonly string[]): number {
  const read = readArguments(list);
  if (typeof read === 'string') {
    console.error(`${read}\n${USAGE}`);
    return REFUSED;
  }
  let text: string;
  try {
    text = readFileSync(read.file, 'utf8');
  } catch (e) {
    console.error(
      `${read.file}: cannot be read (${e instanceof Error ? e.message : String(e)}), expected a workshop file`,
    );
    return REFUSED;
  }
  const workshop = readWorkshopText(text);
  if (!workshop.ok) {
    for (const fault of workshop.faults) console.error(faultLine(fault));
    return REFUSED;
  }
  const made = planClass(workshop.value, { goal: read.goal, effort: read.effort });
  process.stdout.write(`${JSON.stringify(planFile(made), null, 1)}\n`);
  for (const b of made.broken) console.error(`${b.rule} ${b.code}: ${b.message}`);
  return made.broken.length > 0 ? BROKEN : RIGHT;
}
