import { Flame } from 'lucide-react';
import { useMemo } from 'react';
import { clockText, litresText, kettleCalls, type Plan, type Workshop } from '@hodsman/core';

/** When how much hot water must be ready, from the plan. */
export function KettleList({ workshop, plan }: { readonly workshop: Workshop; readonly plan: Plan }) {
  const calls = useMemo(() => kettleCalls(workshop, plan), [workshop, plan]);
  if (calls.length === 0) return null;
  return (
    <section aria-labelledby="kettle-head">
      <h2 id="kettle-head" className="mb-2 text-xl">
        Hot water
      </h2>
      <ul className="flex flex-wrap gap-x-8 gap-y-2">
        {calls.map((c) => (
          <li key={c.atSec} className="flex items-baseline gap-2">
            <Flame size={18} aria-hidden className="self-center text-quiet" />
            <span className="figures text-2xl font-semibold">{clockText(workshop, c.atSec)}</span>
            <span>
              {litresText(c.kettleG)} just boiled{c.kettles > 1 ? `, ${c.kettles} kettles` : ''}
              <span className="text-quiet">
                {' '}
                for {c.batches.length === 1 ? 'one dough' : `${c.batches.length} doughs`}
              </span>
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
