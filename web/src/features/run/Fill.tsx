import { durationText, fillersNow, gapSec, type GapFiller } from '@hodsman/core';
import type { RunParts } from './run-parts.ts';

const WORDS: Readonly<Record<GapFiller['kind'], string>> = {
  'side-job': 'Side job',
  talk: 'To say',
  skill: 'To practise',
  tasting: 'Tasting',
  'washing-up': 'Washing up',
};
/** Shorter gaps fill themselves. */
const LEAST_SEC = 180;
/** While everything is held nobody knows for how long; so much is taken for it. */
const HELD_SEC = 600;

/** What fits while everything is held, or until somebody is called next. */
export function Fill({ state, plan, sec }: Pick<RunParts, 'state' | 'plan' | 'sec'>) {
  const isHeld = state.heldSec !== null;
  const lastsSec = isHeld ? HELD_SEC : gapSec(state.workshop, plan, sec);
  if (lastsSec < LEAST_SEC || sec < 0) return null;
  const fillers = fillersNow(state, plan, sec, lastsSec);
  if (fillers.length === 0) return null;
  return (
    <section aria-labelledby="run-fill" className="grid gap-1">
      <h2 id="run-fill" className="text-xl">
        {isHeld ? 'While it is held' : `To fill ${durationText(lastsSec)}`}
      </h2>
      <ul className="grid gap-1 text-lg">
        {fillers.map((f) => (
          <li key={f.kind + f.words}>
            <b>{WORDS[f.kind]}:</b> {f.words}
          </li>
        ))}
      </ul>
    </section>
  );
}
