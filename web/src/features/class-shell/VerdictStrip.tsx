import { CircleCheck, OctagonAlert } from 'lucide-react';
import { useMemo } from 'react';
import { brokenWords, verdictOf, verdictWords, type Verdict, type Workshop } from '@hodsman/core';
import type { Draft } from '../../app/draft.ts';

const MOST_BREAKS_SHOWN = 2;

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
  const { plan, isPlanning } = draft;
  const { workshop } = draft.body;
  const shown = useMemo(() => {
    if (!plan) return undefined;
    const verdict = verdictOf(plan);
    return { verdict, broken: brokenWords(plan), words: verdictWords(verdict, workshop, nameIn(workshop)) };
  }, [plan, workshop]);
  if (!plan || !shown) return <div className="min-h-14 px-4 py-3 text-quiet">Planning …</div>;
  const { verdict, broken, words } = shown;
  const Icon = verdict.fits ? CircleCheck : OctagonAlert;
  return (
    <section
      aria-label="Verdict"
      aria-live="polite"
      data-testid="verdict"
      data-planning={isPlanning}
      data-plans={draft.plansCome}
      className={`flex flex-wrap items-baseline gap-x-6 gap-y-1 px-4 py-2.5 ${verdict.fits ? 'bg-herb text-on-herb' : 'bg-trouble text-on-trouble'}`}
    >
      <p className="flex items-baseline gap-2 font-head text-2xl font-semibold">
        <Icon size={26} aria-hidden className="self-center" />
        {words.headline}
      </p>
      <p className="figures text-lg">{words.tightest}</p>
      {broken.length > 0 && (
        <ul className="flex basis-full flex-wrap gap-x-6">
          {broken.slice(0, MOST_BREAKS_SHOWN).map((b) => (
            <li key={b.rule + b.words}>{b.words}</li>
          ))}
          {broken.length > MOST_BREAKS_SHOWN && <li>and {broken.length - MOST_BREAKS_SHOWN} kinds of trouble more</li>}
        </ul>
      )}
    </section>
  );
}
