import { useMemo } from 'react';
import { batchesOf, linesOf } from '@hodsman/core';
import { useAppSelector } from '../../app/hooks.ts';
import { DoughCard } from './DoughCard.tsx';
import { DoughTotals } from './DoughTotals.tsx';
import { KettleList } from './KettleList.tsx';
import { RoomWarmth } from './RoomWarmth.tsx';

/** What to weigh: a card for each station's dough, and the class's total. */
export function DoughSheet() {
  const workshop = useAppSelector((s) => s.draft?.body.workshop);
  const plan = useAppSelector((s) => s.draft?.plan);
  const batches = useMemo(() => (workshop ? batchesOf(workshop, linesOf(workshop)) : []), [workshop]);
  if (!workshop) return null;
  return (
    <div className="mx-auto grid max-w-7xl gap-6 p-4">
      <DoughTotals batches={batches} />
      <RoomWarmth workshop={workshop} batches={batches} />
      {plan && <KettleList workshop={workshop} plan={plan} />}
      <ul className="grid gap-4 sm:grid-cols-2 xl:grid-cols-4">
        {batches.map((b) => (
          <li key={b.id}>
            <DoughCard batch={b} workshop={workshop} />
          </li>
        ))}
      </ul>
    </div>
  );
}
