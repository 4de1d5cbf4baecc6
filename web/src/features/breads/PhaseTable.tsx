import { Plus, Trash2 } from 'lucide-react';
import type { Phase, Step } from '@hodsman/core';
import { SMALL_ICON_BUTTON } from '../../ui/buttons.ts';
import { NumberField } from '../../ui/NumberField.tsx';
import { SelectField } from '../../ui/SelectField.tsx';
import { tidy } from './tidy.ts';

type CookStep = Extract<Step, { readonly kind: 'cook' }>;
const HEATS = [
  ['low', 'low'],
  ['medium', 'medium'],
  ['high', 'high'],
] as const;
const WITH = [
  ['', 'on the griddle'],
  ['flame', 'held to a flame'],
  ['grill', 'under a grill'],
] as const;
/** The phases of cooking in order; the bread is turned before each but the first. */
export function PhaseTable({
  step,
  onChange,
}: {
  readonly step: CookStep;
  readonly onChange: (step: Step, what?: string) => void;
}) {
  const phases = step.phases ?? [];
  const put = (next: readonly Phase[], what?: string): void => onChange({ ...step, phases: [...next] }, what);
  const set = (n: number, part: { readonly [K in keyof Phase]?: Phase[K] | undefined }, what?: string): void =>
    put(
      phases.map((p, i) => (i === n ? tidy<Phase>({ ...p, ...part }) : p)),
      what === undefined ? undefined : `${what} ${n}`,
    );
  return (
    <div>
      <ol className="grid gap-2">
        {phases.map((p, n) => (
          <li key={n} className="flex flex-wrap items-end gap-2 border-t border-line pt-2">
            <NumberField
              label={p.side ?? `phase ${n + 1}`}
              unit="s"
              value={p.sec}
              digits={0}
              least={1}
              most={7200}
              step={5}
              className="w-16"
              onChange={(sec) => set(n, { sec, minSec: undefined, maxSec: undefined }, 'sec')}
            />
            <SelectField
              label="Heat"
              value={p.heat ?? 'medium'}
              options={HEATS}
              onChange={(heat) => set(n, { heat })}
            />
            <SelectField
              label="Where"
              value={p.with ?? ''}
              options={WITH}
              onChange={(w) => set(n, { with: w === '' ? undefined : w, by: w === '' ? undefined : 'staff' })}
            />
            <button
              type="button"
              className={SMALL_ICON_BUTTON}
              aria-label={`Remove the phase ${p.side ?? n + 1}`}
              disabled={phases.length === 1}
              onClick={() => put(phases.filter((_, i) => i !== n))}
            >
              <Trash2 size={16} aria-hidden />
            </button>
          </li>
        ))}
      </ol>
      <button
        type="button"
        className="mt-2 flex items-center gap-1 text-sm font-semibold"
        onClick={() => put([...phases, { side: `turn ${phases.length}`, heat: 'medium', sec: 30 }])}
      >
        <Plus size={16} aria-hidden /> one turn more
      </button>
    </div>
  );
}
