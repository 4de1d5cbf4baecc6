import { Check } from 'lucide-react';
import { useMemo, useState } from 'react';
import { useNavigate } from 'react-router';
import {
  changeKey,
  classChangeWords,
  clashWords,
  durationText,
  fixWords,
  ideaWords,
  LEAST_LEFT_SEC,
  timeLeftSec,
  UNSHAPED,
  type ClassChange,
  type Fix,
  type FixSet,
  type Plan,
  type Workshop,
} from '@hodsman/core';
import { keep } from '../../planning/alternatives.ts';
import { applyEdit } from '../../planning/edit.ts';
import { useAppDispatch, useAppSelector } from '../../store/hooks.ts';
import { MAIN_BUTTON, SIDE_BUTTON } from '../../ui/buttons.ts';
import { useAdvice } from './use-advice.ts';

const MOST_FIXES = 3;
const SMALL = 'min-h-10 border-l border-line px-2.5 font-semibold hover:bg-steel';

/** The best few; once one makes it fit, those that do not are left out. */
const bestOf = (fixes: readonly Fix[]): readonly Fix[] =>
  fixes.filter((f) => f.fits || !fixes.some((x) => x.fits)).slice(0, MOST_FIXES);

/** Why the class does not fit, and the single changes that would help most; one click takes one, or tries it as an alternative. */
export function AdviceStrip({ workshop, plan }: { readonly workshop: Workshop; readonly plan: Plan }) {
  const dispatch = useAppDispatch();
  const advice = useAdvice(workshop, plan, true);
  const navigate = useNavigate();
  const leftSec = useMemo(() => timeLeftSec(workshop, plan), [workshop, plan]);
  const isLong = leftSec >= LEAST_LEFT_SEC;
  const shaping = useAppSelector((s) => s.draft?.body.notes.shaping) ?? UNSHAPED;
  const tryOut = (change: ClassChange): void => {
    dispatch(keep({ name: classChangeWords(change), workshop: change.workshop, shaping }));
    void navigate('plan/alternatives');
  };
  const take = (change: Pick<ClassChange, 'workshop'>): void => {
    dispatch(applyEdit({ ok: true, value: change.workshop }));
  };
  return (
    <section
      aria-label="What would help"
      data-testid="advice"
      data-done={advice?.doneShare === 1}
      className="grid grow content-start gap-1 border-b border-line bg-panel px-4 py-1 print:hidden"
    >
      {/* the row is as high as the button that comes into it last */}
      {plan.broken.length > 0 && (
        <div className="flex min-h-10 flex-wrap items-center gap-x-4 gap-y-1">
          <p className="figures min-w-0 flex-1 basis-80">
            {advice?.clash &&
              `${advice.clash.isProven ? '' : 'These do not go together: '}${clashWords(workshop, advice.clash).join('; ')}.`}
          </p>
          {advice?.set && <MakeItFit set={advice.set} onTake={take} />}
        </div>
      )}
      {advice && advice.ideas.length > 0 && (
        <div className="flex flex-wrap items-center gap-2" data-testid="ideas">
          <span>{durationText(60 * Math.floor(leftSec / 60))} to spare beyond what you want in hand:</span>
          {advice.ideas.slice(0, MOST_FIXES).map((idea) => (
            <ChangeButtons
              key={changeKey(idea.change)}
              change={idea}
              words={ideaWords(idea)}
              onTake={take}
              onTry={tryOut}
            />
          ))}
        </div>
      )}
      <div className="flex flex-wrap items-center gap-2">
        {bestOf(advice?.fixes ?? []).map((fix) => (
          <ChangeButtons
            key={changeKey(fix.change)}
            change={fix}
            words={fixWords(fix)}
            fits={fix.fits}
            onTake={take}
            onTry={tryOut}
          />
        ))}
        {advice?.doneShare === 1 && advice.fixes.length === 0 && !advice.set && (
          <span className="text-quiet">
            {plan.broken.length > 0
              ? 'No single change helps; take fewer breads and more room together.'
              : isLong
                ? advice.ideas.length === 0 && 'Nothing that was tried fits into the time that is left.'
                : 'No single change gives a minute more.'}
          </span>
        )}
        {advice?.doneShare !== 1 && (
          <label className="flex items-center gap-2 text-quiet">
            {isLong ? 'Trying what fits into it' : 'Trying what would help'}
            <progress value={advice?.doneShare ?? 0} max={1} className="w-32" />
          </label>
        )}
      </div>
    </section>
  );
}

interface ChangeProps {
  readonly change: ClassChange;
  /** What it gives. */
  readonly words: string;
  readonly fits?: boolean;
  readonly onTake: (change: ClassChange) => void;
  readonly onTry: (change: ClassChange) => void;
}

/** What a change gives: taken by one button, kept beside the class by another to be compared. */
function ChangeButtons({ change, words, fits = false, onTake, onTry }: ChangeProps) {
  return (
    <span className="figures flex min-h-10 flex-wrap items-center rounded-cut border border-line bg-ground pl-3">
      {fits && <Check size={16} aria-label="then it fits" className="mr-2 text-herb-text" />}
      <span className="pr-3">{words}</span>
      <button
        type="button"
        aria-label={`take it: ${classChangeWords(change)}`}
        className={SMALL}
        onClick={() => onTake(change)}
      >
        take it
      </button>
      <button
        type="button"
        aria-label={`compare: ${classChangeWords(change)}`}
        title="Keep it beside the class as an alternative"
        className={SMALL}
        onClick={() => onTry(change)}
      >
        compare
      </button>
    </span>
  );
}

/** One button that makes the class fit: it lists the changes first, and takes them when it is pressed again. */
function MakeItFit({ set, onTake }: { readonly set: FixSet; readonly onTake: (set: FixSet) => void }) {
  const [isListed, setListed] = useState(false);
  if (!isListed)
    return (
      <button type="button" className={`${MAIN_BUTTON} shrink-0`} onClick={() => setListed(true)}>
        Make it fit
      </button>
    );
  return (
    <span className="flex basis-full flex-wrap items-center gap-2 rounded-cut border border-line bg-ground px-3 py-1">
      {set.changes.map(classChangeWords).join('; ')}
      <button type="button" className={MAIN_BUTTON} onClick={() => onTake(set)}>
        {set.changes.length === 1 ? 'Take this change' : `Take these ${set.changes.length} changes`}
      </button>
      <button type="button" className={SIDE_BUTTON} onClick={() => setListed(false)}>
        Leave it
      </button>
    </span>
  );
}
