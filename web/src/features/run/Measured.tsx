import { mixedNow, type EventOf, type Quantity } from '@hodsman/core';
import type { RunParts } from './run-parts.ts';
import { TypedOnce } from './TypedOnce.tsx';

type What = EventOf<'measured'>['data']['what'];
const FIELDS: readonly (readonly [What, string, Quantity, number])[] = [
  ['waterG', 'Water taken', 'weight', 100_000],
  ['doughC', 'Dough', 'temperature', 60],
];

/** Water taken and the temperature of the doughs that are mixed now, typed at once. */
export function Measured({ state, plan, sec, say }: Pick<RunParts, 'state' | 'plan' | 'sec' | 'say'>) {
  const mixed = mixedNow(state.workshop, plan, sec);
  if (mixed.length === 0) return null;
  return (
    <section aria-labelledby="run-mixed" className="grid gap-2">
      <h2 id="run-mixed" className="text-xl">
        Mixed now
      </h2>
      {mixed.map(({ batch, words }) => (
        <div key={batch} role="group" aria-label={words} className="flex flex-wrap items-end gap-3">
          <b className="min-w-40 flex-1 text-lg">{words}</b>
          {FIELDS.map(([what, label, quantity, most]) => (
            <TypedOnce
              key={what}
              label={label}
              quantity={quantity}
              most={most}
              value={state.measured[`${batch} ${what}`]}
              onTake={(value) => say('measured', { batch, what, value })}
            />
          ))}
        </div>
      ))}
    </section>
  );
}
