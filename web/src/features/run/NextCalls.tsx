import { breaths, clockText, coldGriddles, durationText, fillingsNow, rollCall } from '@hodsman/core';
import { Care } from '../../bread-ui/Care.tsx';
import { HelpButton } from './HelpButton.tsx';
import type { RunParts } from './run-parts.ts';

/** What has just been due stands a little longer; what comes later than this is not yet said. */
const JUST_SEC = 20;
const AHEAD_SEC = 600;
const SOON_SEC = 60;

/** The coming minutes in words to say aloud. */
export function NextCalls({ state, plan, sec, onRescue }: Pick<RunParts, 'state' | 'plan' | 'sec' | 'onRescue'>) {
  const { workshop, notes } = state;
  const calls = rollCall(workshop, plan, notes.remarks, fillingsNow(workshop, plan, notes.fillings)).filter(
    (c) => c.atSec > sec - JUST_SEC && c.atSec < sec + AHEAD_SEC,
  );
  return (
    <section aria-labelledby="run-calls" className="grid content-start gap-2">
      <h2 id="run-calls" className="text-xl">
        Say next
      </h2>
      {calls.length === 0 && <p className="text-lg text-quiet">Nothing to say for the next ten minutes.</p>}
      <ol className="grid gap-1" data-testid="next-calls">
        {calls.map((c) => {
          const inSec = c.atSec - sec;
          const cold = coldGriddles(state, plan, c);
          return (
            <li
              key={`${c.atSec} ${c.what}`}
              className={`grid grid-cols-[6rem_1fr_auto] items-start gap-x-3 rounded-cut border-l-8 px-3 py-1.5 ${c.isToFire ? 'border-ember' : 'border-hands'} ${inSec <= SOON_SEC ? 'bg-panel' : ''}`}
            >
              <span className="figures text-2xl font-semibold">
                {inSec <= 0 ? 'now' : inSec <= SOON_SEC ? durationText(inSec) : clockText(workshop, c.atSec)}
              </span>
              <span>
                {breaths(c.to).map((names) => (
                  <span key={names} className="mb-1 block text-xl leading-tight font-semibold">
                    {names}
                  </span>
                ))}
                <span className="text-lg">{c.what}</span>
                {cold.length > 0 && (
                  <span className="block font-semibold text-trouble">
                    do not call: {cold.join(', ')} {cold.length === 1 ? 'is' : 'are'} not called hot yet
                  </span>
                )}
                {c.care.map((line) => (
                  <Care key={line} words={line} className="text-lg" />
                ))}
              </span>
              <HelpButton
                workshop={workshop}
                task={plan.tasks.find((t) => t.id === c.tasks[0])}
                words={`${c.to.join(', ')}, ${c.what}`}
                onRescue={onRescue}
              />
            </li>
          );
        })}
      </ol>
    </section>
  );
}
