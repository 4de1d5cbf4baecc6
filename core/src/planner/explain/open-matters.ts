import type { Plan } from '../../plan/index.ts';
import { counted } from '../../units/index.ts';
import type { ClassRecord } from '../../workshop/index.ts';

/** Something of the class that is not in order, and the step at which it is put in order. */
export interface OpenMatter {
  readonly step: 'setup' | 'dough';
  readonly words: string;
}

/** What somebody must still see to before the class: guests kept aside, words not dealt with, breads without makers, doughs too small. */
export function openMatters({ notes }: Pick<ClassRecord, 'notes'>, plan: Plan | null): readonly OpenMatter[] {
  const { waiting } = notes;
  const remarks = notes.remarks.filter((r) => !r.isDealtWith);
  const warned = (code: string) => (plan?.warnings ?? []).filter((w) => w.code === code);
  const small = [...warned('small-batch'), ...warned('under-mixer-load')];
  return [
    ...(waiting.length > 0
      ? [{ step: 'setup' as const, words: `${counted(waiting.length, 'guest is', 'guests are')} kept aside` }]
      : []),
    ...(remarks.length > 0
      ? [{ step: 'setup' as const, words: `${counted(remarks.length, 'remark is', 'remarks are')} not dealt with` }]
      : []),
    ...warned('no-maker').map((w) => ({ step: 'setup' as const, words: w.message })),
    ...(small.length > 0
      ? [{ step: 'dough' as const, words: `${counted(small.length, 'dough is', 'doughs are')} too small to mix well` }]
      : []),
  ];
}
