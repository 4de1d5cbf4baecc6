import type { Plan, Workshop } from '@hodsman/core';
import { useAppSelector } from '../../store/hooks.ts';

/** The class with its plan; undefined until the first plan has come. */
export function usePlan(): { readonly workshop: Workshop; readonly plan: Plan } | undefined {
  const workshop = useAppSelector((s) => s.draft?.body.workshop);
  const plan = useAppSelector((s) => s.draft?.plan);
  return workshop && plan ? { workshop, plan } : undefined;
}
