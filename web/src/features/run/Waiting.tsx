import { durationText, looksNow, restsNow } from '@hodsman/core';
import { HelpButton } from './HelpButton.tsx';
import { TAP_BUTTON } from './looks.ts';
import type { RunParts } from './run-parts.ts';

const MORE_SEC = 120;

/** What waits for an eye, and what rests. */
export function Waiting({ state, plan, sec, say, trouble, onRescue }: RunParts) {
  const looks = looksNow(state, plan, sec);
  const rests = restsNow(state.workshop, plan, sec);
  return (
    <section aria-labelledby="run-waiting" className="grid content-start gap-2">
      <h2 id="run-waiting" className="text-xl">
        Looks and rests
      </h2>
      {looks.length === 0 && <p className="text-lg text-quiet">Nobody waits for your eye.</p>}
      <ul className="grid gap-2" data-testid="looks">
        {looks.map(({ task, words, sinceSec, sign }) => (
          <li
            key={task.id}
            role="group"
            aria-label={`Look: ${words}`}
            className="grid gap-1.5 rounded-cut border border-line bg-panel p-3"
          >
            <span className="text-lg">
              <b>{words}</b>{' '}
              <span className="figures text-quiet">waits {durationText(Math.max(0, sec - sinceSec))}</span>
            </span>
            {sign !== '' && <span>{sign}</span>}
            <span className="flex flex-wrap gap-1.5">
              <button
                type="button"
                className={TAP_BUTTON}
                onClick={() => say('looked', { task: task.id, verdict: 'good' })}
              >
                good
              </button>
              <button
                type="button"
                className={TAP_BUTTON}
                onClick={() => {
                  say('looked', { task: task.id, verdict: 'longer' });
                  trouble('longer', { task: task.id, sec: MORE_SEC });
                }}
              >
                two minutes more
              </button>
              <button
                type="button"
                className={TAP_BUTTON}
                onClick={() => say('looked', { task: task.id, verdict: 'again' })}
              >
                show again
              </button>
              <HelpButton workshop={state.workshop} task={task} words={words} onRescue={onRescue} />
            </span>
          </li>
        ))}
      </ul>
      <ul className="grid gap-1" data-testid="rests">
        {rests.map(({ task, words, stillSec, leftSec, isUrgent, sign }) => (
          <li
            key={task.id}
            className={`flex items-start gap-2 border-l-8 px-3 py-1 text-lg ${isUrgent ? 'border-trouble' : 'border-line'}`}
          >
            <span className="min-w-0 flex-1">
              {words}{' '}
              <span className={`figures ${isUrgent ? 'font-semibold text-trouble' : 'text-quiet'}`}>
                {stillSec > 0 ? `${durationText(stillSec)} still, ` : ''}
                {leftSec < 0 ? `${durationText(-leftSec)} too long` : `may wait ${durationText(leftSec)}`}
              </span>
              {sign !== '' && <span className="block text-base text-quiet">{sign}</span>}
            </span>
            <HelpButton workshop={state.workshop} task={task} words={words} onRescue={onRescue} />
          </li>
        ))}
      </ul>
    </section>
  );
}
