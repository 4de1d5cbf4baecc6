import { Check } from 'lucide-react';
import type { Fix, Plan, Workshop } from '@hodsman/core';
import { applyEdit } from '../../app/edit.ts';
import { useAppDispatch } from '../../app/hooks.ts';
import { useAdvice } from './use-advice.ts';

const MOST_FIXES = 3;

/** The best few; once one makes it fit, those that do not are left out. */
const bestOf = (fixes: readonly Fix[]): readonly Fix[] =>
  fixes.filter((f) => f.fits || !fixes.some((x) => x.fits)).slice(0, MOST_FIXES);

/** Why the class does not fit, and the single changes that would help most; one click takes one. */
export function AdviceStrip({ workshop, plan }: { readonly workshop: Workshop; readonly plan: Plan }) {
  const dispatch = useAppDispatch();
  const advice = useAdvice(workshop, plan, true);
  const take = (fix: Fix): void => {
    dispatch(applyEdit({ ok: true, value: fix.workshop }));
  };
  return (
    <section
      aria-label="What would help"
      data-testid="advice"
      data-done={advice?.doneShare === 1}
      className="grid gap-1.5 border-b border-line bg-panel px-4 py-2"
    >
      {advice?.clash && (
        <p className="figures">
          {advice.clash.isProven ? '' : 'These do not go together: '}
          {advice.clash.words.join('; ')}.
        </p>
      )}
      <div className="flex flex-wrap items-center gap-2">
        {bestOf(advice?.fixes ?? []).map((fix) => (
          <button
            key={fix.id}
            type="button"
            className="figures flex min-h-10 items-center gap-2 rounded-cut border border-line bg-ground px-3 hover:bg-steel"
            onClick={() => {
              take(fix);
            }}
          >
            {fix.fits && <Check size={16} aria-label="then it fits" className="text-herb" />}
            {fix.sentence}
          </button>
        ))}
        {advice?.doneShare === 1 && advice.fixes.length === 0 && (
          <span className="text-quiet">No single change helps; take fewer breads and more room together.</span>
        )}
        {advice?.doneShare !== 1 && (
          <label className="flex items-center gap-2 text-quiet">
            Trying what would help
            <progress value={advice?.doneShare ?? 0} max={1} className="w-32" />
          </label>
        )}
      </div>
    </section>
  );
}
