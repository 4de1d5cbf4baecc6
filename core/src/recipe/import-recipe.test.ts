import { describe, expect, it } from 'vitest';
import { RECIPE_CASES, type RecipeCase } from '../testing/recipe-corpus.ts';
import { importRecipe } from './index.ts';

function near(value: number | undefined, wanted: number): boolean {
  return value !== undefined && Math.abs(value - wanted) <= Math.max(0.1, wanted * 0.05);
}

function read(c: RecipeCase) {
  const imported = importRecipe(c.text);
  if (!imported.ok) throw new Error('refused');
  const { bread, guesses, conflicts, notUnderstood } = imported.value;
  if (!bread) throw new Error(`no bread: ${JSON.stringify(imported.value)}`);
  return { bread, guesses, conflicts, notUnderstood };
}

describe('recipes in the manners people write', () => {
  it.each(RECIPE_CASES.map((c) => [c.manner, c] as const))('reads %s', (_, c) => {
    const { bread, guesses, conflicts, notUnderstood } = read(c);
    const wrong: string[] = [];
    if (c.family !== undefined && bread.family !== c.family) wrong.push(`family ${bread.family}`);
    for (const [name, pct] of Object.entries(c.pct ?? {})) {
      const found = bread.ingredients.find((i) => i.name === name && i.use === 'dough');
      if (!near(found?.pct, pct)) wrong.push(`${name} ${found?.pct ?? 'missing'} instead of ${pct}`);
    }
    for (const [use, g] of Object.entries(c.outside ?? {})) {
      const found = bread.ingredients.find((i) => i.use === use);
      if (!near(found?.gPerPiece, g)) wrong.push(`${use} ${found?.gPerPiece ?? 'missing'} instead of ${g}`);
    }
    if (c.doughG !== undefined && !near(bread.piece.doughG, c.doughG)) wrong.push(`piece ${bread.piece.doughG}`);
    const kinds = bread.steps.map((s) => s.kind).join(' ');
    if (c.kinds !== undefined && kinds !== c.kinds) wrong.push(kinds);
    const windows = bread.steps.flatMap((s) =>
      'window' in s ? [`${s.window.min}/${s.window.ideal}/${s.window.max}`] : [],
    );
    if (c.windows && windows.join(' ') !== c.windows.join(' ')) wrong.push(windows.join(' '));
    const cook = bread.steps.find((s) => s.kind === 'cook');
    const phases = cook?.kind === 'cook' ? (cook.phases ?? []).map((p) => p.sec) : [];
    if (c.phases && phases.join() !== c.phases.join()) wrong.push(`phases ${phases.join()}`);
    const told = guesses.map((g) => `${g.path}: ${g.from} | ${g.why}`);
    for (const g of c.guesses ?? [])
      if (!told.some((t) => g.test(t))) wrong.push(`no guess like ${String(g)} in ${told.join('; ')}`);
    const clashes = conflicts.map((x) => `${x.paths.join()}: ${x.what}`);
    for (const x of c.conflicts ?? []) if (!clashes.some((t) => x.test(t))) wrong.push(`no conflict like ${String(x)}`);
    wrong.push(...clashes.filter((t) => !(c.conflicts ?? []).some((x) => x.test(t))).map((t) => `conflict ${t}`));
    wrong.push(
      ...notUnderstood
        .filter((t) => !(c.notUnderstood ?? []).some((x) => x.test(t)))
        .map((t) => `not understood: ${t}`),
    );
    for (const n of c.notUnderstood ?? [])
      if (!notUnderstood.some((t) => n.test(t))) wrong.push(`understood: ${String(n)}`);
    expect(wrong).toEqual([]);
  });
});
