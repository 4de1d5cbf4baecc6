import { useCallback } from 'react';
import { careWords, type Remark } from '@hodsman/core';
import { useAppSelector } from './hooks.ts';

const NONE: readonly Remark[] = [];

/** What people of the class said of themselves. */
export const useRemarks = (): readonly Remark[] => useAppSelector((s) => s.draft?.body.notes.remarks ?? NONE);

/** What is to be minded with somebody of the class that is open, and with their piece of a bread; empty where there is nothing. */
export function useCare(): (person: string, breadId?: string) => string {
  const workshop = useAppSelector((s) => s.draft?.body.workshop);
  const remarks = useRemarks();
  return useCallback(
    (person, breadId) => (workshop ? careWords(workshop, remarks, person, breadId) : ''),
    [workshop, remarks],
  );
}
