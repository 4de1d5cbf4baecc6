import { useMemo, useState } from 'react';
import { clockText, rollCall } from '@hodsman/core';
import { Care } from '../../bread-ui/Care.tsx';
import { Toggle } from '../../ui/Toggle.tsx';
import { useRemarks } from '../../store/care.ts';
import { useFillings } from '../../planning/use-fillings.ts';
import { usePlanFacts } from '../../planning/plan-facts.ts';

/** What to say aloud, in order, in letters that can be read from where one stands. */
export function CallsTab() {
  const found = usePlanFacts();
  const remarks = useRemarks();
  const fillings = useFillings();
  const calls = useMemo(
    () => (found ? rollCall(found.workshop, found.plan, remarks, fillings) : []),
    [found, remarks, fillings],
  );
  const [isFireOnly, setFireOnly] = useState(false);
  if (!found) return null;
  const shown = isFireOnly ? calls.filter((c) => c.isToFire) : calls;
  return (
    <div tabIndex={0} role="region" aria-label="Roll call" className="h-full overflow-auto px-4 pb-10">
      <div className="py-2">
        <Toggle label="Only who comes to the fire" isOn={isFireOnly} onChange={setFireOnly} />
      </div>
      <ol className="grid max-w-6xl" data-testid="calls">
        {shown.map((c) => (
          <li
            key={`${c.atSec} ${c.what}`}
            className={`grid grid-cols-[5rem_1fr_16rem] items-baseline gap-x-4 border-b border-l-4 border-line py-1.5 pl-3 max-md:grid-cols-[5rem_1fr] ${c.isToFire ? 'border-l-ember' : 'border-l-hands'}`}
          >
            <span className="figures font-head text-2xl font-semibold">{clockText(found.workshop, c.atSec)}</span>
            <span>
              <span className="text-xl leading-tight font-semibold">{c.to.join(' · ')}</span>
              {c.care.map((line) => (
                <Care key={line} words={line} className="text-lg" />
              ))}
            </span>
            <span className="text-quiet max-md:col-start-2">{c.what}</span>
          </li>
        ))}
      </ol>
    </div>
  );
}
