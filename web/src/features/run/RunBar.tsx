import { useMemo } from 'react';
import { Pause, Play, RefreshCw, Undo2, WifiOff } from 'lucide-react';
import { clockText, durationText, liveVerdict, notReckoned, tightestNow } from '@hodsman/core';
import type { LiveView } from '../../live/live-class.ts';
import type { Kept } from '../../offline/use-kept-application.ts';
import { BIG_BUTTON } from './looks.ts';
import type { RunParts } from './run-parts.ts';

interface Props extends Omit<RunParts, 'who' | 'onRescue'> {
  readonly view: LiveView;
  readonly kept: Kept;
  readonly isPlanning: boolean;
  /** What the last planning did. */
  readonly told: string;
  readonly onReplan: () => void;
  readonly onTakeBack: () => void;
}

/** The clock of the class, whether all get their bread in time, and what can be done with everything at once. */
export function RunBar(props: Props) {
  const { live, view, kept, state, plan, sec, isPlanning, told, onReplan, onTakeBack, say, trouble } = props;
  const { doneSec, inHandSec } = liveVerdict(state);
  const isLate = inHandSec < 0;
  const tightest = useMemo(() => tightestNow(state.workshop, plan, sec), [state.workshop, plan, sec]);
  // of what others tapped nothing is taken back by accident
  const last = state.log.findLast((e) => e.device === live.device);
  const open = notReckoned(state);
  const isHeld = state.heldSec !== null;
  return (
    <section
      aria-label="The class now"
      data-testid="run-bar"
      className={`flex flex-wrap items-center gap-x-5 gap-y-2 px-4 py-2 ${isLate ? 'bg-trouble text-on-trouble' : 'bg-slate text-on-slate'}`}
    >
      <span>
        <span className="figures block font-head text-5xl font-semibold" data-testid="class-clock">
          {clockText(state.workshop, sec)}
        </span>
        {state.isRehearsal && (
          <b className="text-lg">Rehearsal{state.clock.rate > 1 && `, ${state.clock.rate} times as fast`}</b>
        )}
      </span>
      <p className="figures min-w-72 flex-1 text-2xl" data-testid="run-verdict">
        done {clockText(state.workshop, doneSec)},{' '}
        {isLate
          ? `${durationText(-inHandSec)} after the table`
          : `${durationText(60 * Math.floor(inHandSec / 60))} in hand`}
        {tightest !== '' && (
          <span className="block text-lg" data-testid="tightest">
            Tightest: {tightest}
          </span>
        )}
        {told !== '' && (
          <span className="block text-lg" role="status" data-testid="told">
            {told}
          </span>
        )}
        {open.length > 0 && (
          <span className="block text-lg" data-testid="not-reckoned">
            not reckoned in: {open.join(', ')}
          </span>
        )}
      </p>
      <span aria-live="polite" className="flex items-center gap-2 text-lg font-semibold">
        {!view.isOnline && (
          <>
            <WifiOff size={20} aria-hidden /> no network; the class goes on here
            {kept !== 'kept' && ' – do not load the page again'}
          </>
        )}
        {view.unsent > 0 && ` · ${view.unsent} kept on this device`}
      </span>
      <span className="grid auto-cols-fr gap-2 md:grid-cols-2 [&>button]:justify-center">
        <button
          type="button"
          className={BIG_BUTTON}
          // what was held begins again from what is there
          onClick={() => (isHeld ? trouble('went-on', {}) : say('held', {}))}
        >
          {isHeld ? <Play size={22} aria-hidden /> : <Pause size={22} aria-hidden />}
          {isHeld ? 'Go on' : 'Hold everything'}
        </button>
        <button type="button" className={BIG_BUTTON} onClick={() => trouble('longer', { sec: 120 })}>
          All: 2 min more
        </button>
        <button type="button" className={BIG_BUTTON} disabled={isPlanning} onClick={onReplan}>
          <RefreshCw size={20} aria-hidden /> {isPlanning ? 'Planning …' : 'Plan again from now'}
        </button>
        <button type="button" className={BIG_BUTTON} disabled={!last} onClick={onTakeBack}>
          <Undo2 size={20} aria-hidden /> Take back
        </button>
      </span>
    </section>
  );
}
