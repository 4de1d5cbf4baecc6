import { describe, expect, it } from 'vitest';
import { planClass } from '../planner/index.ts';
import { buildWorkshop } from '../testing/index.ts';
import { readPlan } from './read-plan.ts';
import { planFile } from './write-plan.ts';

const plan = planClass(buildWorkshop({ people: 2 }), { effort: 0 });
const file = planFile(plan);
type Loose = Record<string, unknown>;
/** The file with the task of an id changed. */
const changed = (id: string, change: (task: Loose) => Loose): Loose => ({
  ...file,
  tasks: file.tasks.map((t) => (t.id === id ? change({ ...t }) : t)),
});
const at = (id: string): string => `tasks[${file.tasks.findIndex((t) => t.id === id)}]`;
const faultsOf = (value: unknown): readonly string[] => {
  const read = readPlan(value);
  return read.ok ? [] : read.faults.map((f) => `${f.code} ${f.path}`);
};

describe('tasks in a plan file', () => {
  it('carry no kind where they are of a bread, and come back with it', () => {
    const kinds = (tasks: readonly { readonly kind?: unknown }[]): readonly unknown[] => [
      ...new Set(tasks.map((t) => t.kind)),
    ];
    expect(kinds(file.tasks)).toEqual(expect.arrayContaining(['welcome', 'preheat', undefined]));
    expect(kinds(file.tasks)).toHaveLength(3);
    expect(kinds(plan.tasks).toSorted()).toEqual(['preheat', 'rest', 'step', 'welcome']);
    expect(readPlan(file)).toEqual({ ok: true, value: plan });
  });

  it.each<[string, string, (task: Loose) => Loose, string]>([
    [
      'a welcome with a window',
      'welcome',
      (t) => ({ ...t, window: { minSec: 1, idealSec: 2, maxSec: 3 } }),
      'unknown-key .window',
    ],
    ['a preheat of a bread', 'preheat:G1', (t) => ({ ...t, bread: 'flat' }), 'unknown-key .bread'],
    ['a rest with turns', 'flat@S1:rest', (t) => ({ ...t, turnsSec: [7] }), 'unknown-key .turnsSec'],
    ['a step of no bread', 'flat@S1:mix', ({ bread: _, ...t }) => t, 'missing .bread'],
    ['a rest of no step', 'flat@S1:rest', ({ step: _, ...t }) => t, 'missing .step'],
    ['a kind that is for the program alone', 'flat@S1:mix', (t) => ({ ...t, kind: 'step' }), 'not-one-of .kind'],
  ])('refuses %s, by path', (_, id, change, expected) => {
    const [code = '', key = ''] = expected.split(' ');
    expect(faultsOf(changed(id, change))).toEqual([`${code} ${at(id)}${key}`]);
  });
});
