import { readFileSync } from 'node:fs';
import { faultLine, findBrokenRules, readPlanText, readWorkshopText, type Result } from '@hodsman/core';

const USAGE = 'usage: npm run -s check -- WORKSHOP PLAN';
const RIGHT = 0;
const REFUSED = 2;
const BROKEN = 3;

function readFile<T>(path: string, read: (text: string) => Result<T>): T | undefined {
  let text: string;
  try {
    text = readFileSync(path, 'utf8');
  } catch (e) {
    console.error(`${path}: cannot be read (${e instanceof Error ? e.message : String(e)})`);
    return undefined;
  }
  const result = read(text);
  if (result.ok) return result.value;
  for (const fault of result.faults) console.error(`${path}: ${faultLine(fault)}`);
  return undefined;
}

/** `check WORKSHOP PLAN`: prints each rule that a plan file of any origin breaks; gives the exit status. */
export function check(list: readonly string[]): number {
  const [workshopPath, planPath, ...more] = list;
  if (workshopPath === undefined || planPath === undefined || more.length > 0) {
    console.error(USAGE);
    return REFUSED;
  }
  const workshop = readFile(workshopPath, readWorkshopText);
  const plan = readFile(planPath, readPlanText);
  if (!workshop || !plan) return REFUSED;
  const broken = findBrokenRules(workshop, plan);
  for (const b of broken) {
    const by = b.bySec === undefined ? '' : ` by ${b.bySec} s`;
    console.log(`${b.rule} ${b.code} ${b.tasks.join(' ')}${by}: ${b.message}`);
  }
  console.log(broken.length === 0 ? 'right' : `${broken.length} broken`);
  return broken.length === 0 ? RIGHT : BROKEN;
}
