import { durationText, stepWords } from '@hodsman/core';
import { MAIN_BUTTON, SIDE_BUTTON } from '../../ui/buttons.ts';

interface Props {
  readonly off: ReadonlySet<string>;
  /** Seconds less that the bread takes without them; negative where it takes longer. */
  readonly savedSec: number;
  readonly onLeaveOut: () => void;
  readonly onAgain: () => void;
}

/** What the steps that are switched off save, to be left out for good or switched on again. */
export function SwitchedOff({ off, savedSec, onLeaveOut, onAgain }: Props) {
  return (
    <div className="flex flex-wrap items-center gap-3 rounded-cut border border-line bg-panel px-4 py-2">
      <p className="flex-1">
        Without {[...off].map(stepWords).join(', ')}: <b className="figures">{durationText(Math.abs(savedSec))}</b>{' '}
        {savedSec >= 0 ? 'less' : 'more'}.
      </p>
      <button type="button" className={MAIN_BUTTON} onClick={onLeaveOut}>
        Leave out for good
      </button>
      <button type="button" className={SIDE_BUTTON} onClick={onAgain}>
        Switch on again
      </button>
    </div>
  );
}
