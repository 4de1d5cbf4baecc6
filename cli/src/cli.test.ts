import { spawnSync } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { afterAll, describe, expect, it } from 'vitest';
import demoClass from '../../demo/class.json';

const folder = mkdtempSync(join(tmpdir(), 'hodsman-cli-'));
afterAll(() => rmSync(folder, { recursive: true }));

const ROOT = fileURLToPath(new URL('../..', import.meta.url));

/** Runs a command as a person would, through the package's script. */
function run(...words: string[]): { readonly status: number | null; readonly out: string; readonly err: string } {
  const done = spawnSync(process.execPath, ['scripts/cli.mjs', ...words], { cwd: ROOT, encoding: 'utf8' });
  return { status: done.status, out: done.stdout, err: done.stderr };
}

function file(name: string, content: unknown): string {
  const path = join(folder, name);
  writeFileSync(path, typeof content === 'string' ? content : JSON.stringify(content));
  return path;
}

describe('the command line', () => {
  it('prints a right plan with status 0, which check calls right', () => {
    const workshop = file('class.json', demoClass);
    const planned = run('plan', workshop);
    expect([planned.status, planned.err]).toEqual([0, '']);
    const checked = run('check', workshop, file('plan.json', planned.out));
    expect([checked.status, checked.out]).toEqual([0, 'right\n']);
  });
  it('prints a broken plan with status 3, its breaks on standard error, and check finds them', () => {
    const workshop = file('late.json', { ...demoClass, tableTime: '10:40' });
    const planned = run('plan', workshop, '--effort', '1');
    expect(planned.status).toBe(3);
    expect(planned.err).toMatch(/^R11 late: /);
    const checked = run('check', workshop, file('late-plan.json', planned.out));
    expect(checked.status).toBe(3);
    expect(checked.out).toMatch(/^R11 late round\/.*\n(R11 .*\n)*\d+ broken\n$/);
  });
  it('refuses a file with status 2 and a line for each fault, and prints no plan', () => {
    const planned = run('plan', file('bad.json', { ...demoClass, title: 7, speed: 1 }));
    expect([planned.status, planned.out]).toEqual([2, '']);
    expect(planned.err.split('\n')).toEqual([
      'title: is 7, expected a text',
      'speed: is no key of the format, expected one of its own',
      '',
    ]);
  });
  it.each([
    [['plan'], /^FILE: is missing/],
    [['plan', 'x.json', '--goal', 'cheap'], /^--goal: is cheap, expected one of steady, fresh, short/],
    [['plan', 'x.json', '--effort', '11'], /^--effort: expected a whole number from 1 to 10/],
    [['plan', 'nowhere.json'], /^nowhere\.json: cannot be read/],
    [['check', 'one.json'], /^usage:/],
    [['bake'], /^bake: is no command/],
  ])('answers %j in a line with status 2', (words, line) => {
    const done = run(...words);
    expect([done.status, done.out]).toEqual([2, '']);
    expect(done.err).toMatch(line);
  });
  it('keeps the published schemas and the list of faults current', () => {
    expect(run('formats', '--check')).toEqual({ status: 0, out: '', err: '' });
  });
});

describe('import', () => {
  const RECIPE =
    '300 g plain flour\n180 ml water\n6 g salt\nMethod\nMix and knead for 5 minutes. Rest 30 minutes. Divide into 6, roll to 19 cm (9 inch) and cook 1 minute a side.';
  it('prints the bread with its guesses, conflicts and what was not understood', () => {
    const read = run('import', file('rounds.txt', RECIPE));
    expect([read.status, read.err]).toEqual([0, '']);
    const out = JSON.parse(read.out) as Record<string, unknown>;
    expect(Object.keys(out)).toEqual(['bread', 'guesses', 'conflicts', 'notUnderstood']);
    expect(out['bread']).toMatchObject({ family: 'unleavened', piece: { diameterCm: 19 } });
    expect(out['conflicts']).toEqual([{ paths: ['steps[4]'], what: '"19 cm (9 inch)": 9 in is 22.9 cm, not 19 cm' }]);
  });
  it.each([
    ['tale.txt', 'Once there was a mill.\nNobody knew whose.', 3, /tale\.txt: no bread was found in it/],
    ['other.json', '{"tracks":[1]}', 2, /^file: is JSON of another kind/],
  ])('answers %s in a line', (name, text, status, line) => {
    const read = run('import', file(name, text));
    expect(read.status).toBe(status);
    expect(read.err).toMatch(line);
  });
});
