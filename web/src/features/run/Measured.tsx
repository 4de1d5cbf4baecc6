import { useState } from 'react';
import { mixedNow, type EventOf, type Quantity } from '@hodsman/core';
import { NumberField } from '../../ui/NumberField.tsx';
import type { RunParts } from './run-parts.ts';

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
            <Figure
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

interface FigureProps {
  readonly label: string;
  readonly quantity: Quantity;
  readonly most: number;
  readonly value: number | undefined;
  readonly onTake: (value: number) => void;
}

/** A figure that is taken down once, when its field is left. */
function Figure({ label, quantity, most, value, onTake }: FigureProps) {
  const [typed, setTyped] = useState(value);
  return (
    <div onBlur={() => typed !== undefined && typed !== value && onTake(typed)}>
      <NumberField
        label={label}
        quantity={quantity}
        digits={0}
        least={0}
        most={most}
        value={typed}
        onChange={setTyped}
      />
    </div>
  );
}
