import { useEffect, useMemo, useState } from 'react';
import { storeOf, type ClassRecord, type Handout, type Pantry, type Plan, type Sheet } from '@hodsman/core';
import { useBodies, useDocumentList } from '../../documents/api.ts';
import { sheetsInWorker } from '../../workers/handouts-client.ts';

/** Sheets that were made, or that could not be. */
interface Made {
  readonly of: Handout;
  readonly sheets: readonly Sheet[] | undefined;
}

/** The sheets of a class as the worker has made them; of an earlier state until it has made these, and then they are behind. */
export function useSheets(record: ClassRecord, plan: Plan, pantry: Pantry | undefined, inPan: number) {
  const [made, setMade] = useState<Made>();
  const wanted = useMemo((): Handout => ({ record, plan, pantry, home: { inPan } }), [record, plan, pantry, inPan]);
  useEffect(() => {
    let isLatest = true;
    const put = (sheets: Made['sheets']): void => {
      if (isLatest) setMade({ of: wanted, sheets });
    };
    sheetsInWorker(wanted).then(put, () => put(undefined));
    return () => {
      isLatest = false;
    };
  }, [wanted]);
  return { sheets: made?.sheets, isBehind: made?.of !== wanted, isBroken: made !== undefined && !made.sheets };
}

/** The store of the class's kitchen, once it has come. */
export function usePantry(record: ClassRecord) {
  const { data: stores } = useDocumentList('pantry');
  const store = stores && storeOf(stores, record.notes.kitchen?.id);
  const ids = useMemo(() => (store ? [store.id] : []), [store]);
  return useBodies('pantry', ids)?.[0]?.body;
}
