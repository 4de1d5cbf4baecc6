import { CircleCheck, OctagonAlert } from 'lucide-react';
import { useMemo } from 'react';
import { verdictOf, verdictWords, type Verdict, type Workshop } from '@hodsman/core';
import type { Draft } from '../../app/draft.ts';

const MOST_BREAKS_SHOWN = 3;

/** What the tightest thing is called in this class. */
function nameIn(workshop: Workshop) {
  return (kind: Verdict['tightest']['kind'], id: string): string => {
    switch (kind) {
      case 'griddle':
        return `griddle ${workshop.kitchen.griddles.find((g) => g.id === id)?.name ?? id}`;
      case 'person':
        return [...workshop.roster, ...workshop.kitchen.staff].find((p) => p.id === id)?.name ?? id;
      case 'dough': {
        const [bread, station] = id.split('@');
        return `${workshop.breads.find((b) => b.id === bread)?.name ?? bread ?? ''} at ${station ?? ''}`;
      }
    }
  };
}

/** Does it fit, with how many minutes to spare, and what is tightest: over every step, all the time. */
export function VerdictStrip({ draft }: { readonly draft: Draft }) {
  const { plan, workshop, isPlanning } = draft;
  const shown = useMemo(() => {
    if (!plan) return undefined;
    const verdict = verdictOf(plan);
    return { verdict, words: verdictWords(verdict, workshop, nameIn(workshop)) };
  }, [plan, workshop]);
  if (!plan || !shown) return <div className="min-h-14 px-4 py-3 text-quiet">Planning …</div>;
  const { verdict, words } = shown;
  const Icon = verdict.fits ? CircleCheck : OctagonAlert;
  return (
    <section
      aria-label="Verdict"
      aria-live="polite"
      data-testid="verdict"
      data-planning={isPlanning}
      className={`flex flex-wrap items-baseline gap-x-6 gap-y-1 px-4 py-2.5 ${verdict.fits ? 'bg-herb text-on-herb' : 'bg-trouble text-on-trouble'}`}
    >
      <p className="flex items-center gap-2 font-head text-2xl font-semibold">
        <Icon size={26} aria-hidden />
        {words.headline}
      </p>
      <p className="figures text-lg">{words.tightest}</p>
      {plan.broken.slice(0, MOST_BREAKS_SHOWN).map((b) => (
        <p key={b.rule + b.code + b.tasks.join()} className="basis-full text-base">
          {b.rule}: {b.message}
          {b.bySec === undefined ? '' : `, by ${Math.ceil(b.bySec / 60)} min`}
        </p>
      ))}
      {plan.broken.length > MOST_BREAKS_SHOWN && <p className="basis-full text-base">and {plan.broken.length - MOST_BREAKS_SHOWN} more</p>}
    </section>
  );
}
