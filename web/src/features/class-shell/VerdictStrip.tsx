import { CircleCheck, CircleDashed, OctagonAlert, TriangleAlert } from 'lucide-react';
import { useMemo } from 'react';
import { useNavigate } from 'react-router';
import { brokenWords, LEAST_LEFT_SEC, openMatters, timeLeftSec, verdictOf, verdictWords } from '@hodsman/core';
import type { Draft } from '../../documents/draft.ts';
import { arrangePlaces } from '../../store/board-look.ts';
import { useAppDispatch, useAppSelector } from '../../store/hooks.ts';

const MOST_BREAKS_SHOWN = 2;

const LOOKS = {
  fits: { Icon: CircleCheck, colours: 'bg-herb text-on-herb' },
  unready: { Icon: TriangleAlert, colours: 'bg-dough text-ink' },
  broken: { Icon: OctagonAlert, colours: 'bg-trouble text-on-trouble' },
  looking: { Icon: CircleDashed, colours: 'bg-steel' },
  empty: { Icon: CircleDashed, colours: 'bg-steel' },
} as const;

interface Props {
  readonly draft: Draft;
  /** What would help is shown though nothing is broken. */
  readonly isAdviceWanted: boolean;
  readonly onAdvice: () => void;
}

/** Does it fit, with how many minutes to spare, and what is tightest: over every step, all the time. */
export function VerdictStrip({ draft, isAdviceWanted, onAdvice }: Props) {
  const { isPlanning } = draft;
  const dispatch = useAppDispatch();
  const navigate = useNavigate();
  // what is being moved is judged while it moves
  const trial = useAppSelector((s) => s.trial?.plan);
  const plan = trial ?? draft.plan;
  const isTrial = trial !== undefined;
  const { workshop, notes } = draft.body;
  const shown = useMemo(() => {
    if (!plan) return undefined;
    const verdict = verdictOf(workshop, plan, {
      isLooking: isPlanning || isTrial,
      open: openMatters({ workshop, notes }, plan),
    });
    return { verdict, broken: brokenWords(plan), words: verdictWords(workshop, verdict) };
  }, [plan, workshop, notes, isPlanning, isTrial]);
  /** The list behind a line is in the panel beside the board. */
  const showList = (): void => {
    dispatch(arrangePlaces({ panel: 'open' }));
    void navigate('plan/board');
  };
  if (!plan || !shown) return <div className="min-h-14 px-4 py-3 text-quiet">Planning …</div>;
  const { verdict, broken, words } = shown;
  const { Icon, colours } = LOOKS[verdict.state];
  const isTimeLeft = timeLeftSec(workshop, plan) >= LEAST_LEFT_SEC;
  return (
    <section
      aria-label="Verdict"
      aria-live="polite"
      data-testid="verdict"
      data-planning={isPlanning}
      data-plans={draft.plansCome}
      className={`flex flex-wrap items-baseline gap-x-6 gap-y-1 px-4 py-2.5 max-sm:px-2 max-sm:py-1.5 print:hidden ${colours}`}
    >
      <p className="flex items-baseline gap-2 font-head text-2xl font-semibold max-sm:text-lg max-sm:leading-tight">
        <Icon size={26} aria-hidden className="self-center" />
        {isTrial && verdict.state === 'looking' ? 'Planning …' : words.headline}
      </p>
      {words.open !== '' && <p className="text-lg font-semibold">{words.open}</p>}
      {words.could !== '' && <p className="figures text-lg">{words.could}</p>}
      <p className="figures text-lg max-sm:sr-only">{words.tightest}</p>
      {verdict.fits && (
        <button
          type="button"
          aria-expanded={isAdviceWanted}
          className="ml-auto min-h-8 self-center rounded-cut border border-on-herb/60 px-2.5 hover:bg-black/15 max-sm:ml-0 max-sm:text-sm"
          onClick={onAdvice}
        >
          {isTimeLeft ? 'What to do with the time left?' : 'What would give more?'}
        </button>
      )}
      {verdict.state === 'broken' && broken.length > 0 && (
        <ul className="flex basis-full flex-wrap gap-x-6">
          {broken.slice(0, MOST_BREAKS_SHOWN).map((b) => (
            <li key={b.rule + b.words}>
              <button
                type="button"
                className="underline decoration-dotted underline-offset-4"
                title="Show the list"
                onClick={showList}
              >
                {b.words}
              </button>
            </li>
          ))}
          {broken.length > MOST_BREAKS_SHOWN && <li>and {broken.length - MOST_BREAKS_SHOWN} kinds of trouble more</li>}
        </ul>
      )}
    </section>
  );
}
