import { pieceParts } from '../../ids.ts';
import { piecesDone, warningPath, type Plan, type Warning } from '../../plan/index.ts';
import { secondsOfMinutes } from '../../units/index.ts';
import { linesOf, type ClassRecord, type Workshop } from '../../workshop/index.ts';

/** Something of the class that is not in order though its plan may be right. */
export type OpenMatter =
  | { readonly kind: 'waiting' | 'remarks' | 'small-dough'; readonly count: number }
  | { readonly kind: 'no-maker'; readonly bread: string }
  | { readonly kind: 'no-bread'; readonly people: readonly string[] }
  | { readonly kind: 'too-old'; readonly count: number };

/** The step of the class at which a matter is put in order. */
export function stepOfMatter({ kind }: OpenMatter): 'setup' | 'dough' | 'plan' {
  switch (kind) {
    case 'waiting':
    case 'remarks':
    case 'no-maker':
    case 'no-bread':
      return 'setup';
    case 'small-dough':
      return 'dough';
    case 'too-old':
      return 'plan';
  }
}

/** Whether a plan warns so. */
const warns = (plan: Plan | null, warning: Warning): boolean =>
  plan?.warnings.some((w) => w.code === warning.code && w.path === warningPath(warning)) === true;

/** What somebody must still see to before the class: guests kept aside, words not dealt with, breads without makers, doughs too small. */
export function openMatters({ workshop, notes }: ClassRecord, plan: Plan | null): readonly OpenMatter[] {
  const small = (plan?.warnings ?? []).filter((w) => w.code === 'small-batch' || w.code === 'under-mixer-load');
  const counted = (kind: 'waiting' | 'remarks' | 'small-dough', count: number): readonly OpenMatter[] =>
    count > 0 ? [{ kind, count }] : [];
  return [
    ...counted('waiting', notes.waiting.length),
    ...counted('remarks', notes.remarks.filter((r) => !r.isDealtWith).length),
    ...workshop.menu
      .filter(({ bread }) => warns(plan, { code: 'no-maker', bread }))
      .map(({ bread }): OpenMatter => ({ kind: 'no-maker', bread })),
    ...counted('small-dough', small.length),
  ];
}

/** What a plan itself leaves open: people without bread, and breads that lie longer than they keep where rule R11 is left out. */
export function mattersOfPlan(workshop: Workshop, plan: Plan): readonly OpenMatter[] {
  const people = workshop.roster.map((p) => p.id).filter((person) => warns(plan, { code: 'no-bread', person }));
  const old = tooOld(workshop, plan);
  return [
    ...(people.length > 0 ? [{ kind: 'no-bread' as const, people }] : []),
    ...(old > 0 ? [{ kind: 'too-old' as const, count: old }] : []),
  ];
}

/** How many breads lie longer than they keep before the table by the shortest class, which leaves rule R11 out. */
function tooOld(workshop: Workshop, plan: Plan): number {
  if (plan.goal !== 'short') return 0;
  const holds = new Map(
    linesOf(workshop).flatMap((l) => (l.isServedTogether ? [[l.bread.id, secondsOfMinutes(l.bread.holdMaxMin)]] : [])),
  );
  return [...piecesDone(plan.tasks)].filter(
    ([piece, sec]) => plan.tableSec - sec > (holds.get(pieceParts(piece).bread) ?? Infinity),
  ).length;
}
