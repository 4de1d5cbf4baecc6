import { useMemo, useState } from 'react';
import { useParams } from 'react-router';
import { asItGoes, brokenWords, classSecAt, momentOf, type LiveState, type Plan } from '@hodsman/core';
import type { LiveClass, LiveView } from '../../live/live-class.ts';
import { useLive, useNow } from '../../live/use-live.ts';
import { planAgain } from '../../planning/live-plan.ts';
import { useAppDispatch, useAppSelector } from '../../store/hooks.ts';
import { MAIN_BUTTON, SIDE_BUTTON } from '../../ui/buttons.ts';
import { Notice } from '../../ui/Notice.tsx';
import { Segments } from '../../ui/Segments.tsx';
import { Arrivals } from './Arrivals.tsx';
import { Closing } from './Closing.tsx';
import { FireBoard } from './FireBoard.tsx';
import { NextCalls } from './NextCalls.tsx';
import { NowList } from './NowList.tsx';
import { RunBar } from './RunBar.tsx';
import { StartPanel } from './StartPanel.tsx';

/** Taps of this device are signed by its place until somebody is chosen. */
const WHO = 'instructor';

/** The class as it happens. */
export function RunShell() {
  const { classId = '' } = useParams();
  const { live, view } = useLive(classId);
  const record = useAppSelector((s) => s.draft?.body);
  const plan = useAppSelector((s) => s.draft?.plan);
  if (view.state) return <Running live={live} view={view} state={view.state} />;
  if (!view.isKnown && !view.isOnline) return <p className="p-6 text-quiet">Asking whether the class has begun …</p>;
  if (!record || !plan) return <p className="p-6 text-quiet">Planning …</p>;
  return <StartPanel live={live} record={record} plan={plan} who={WHO} />;
}

const VIEWS = [
  ['arrivals', 'Arrivals'],
  ['class', 'The class'],
  ['closing', 'Closing'],
] as const;
type ViewName = (typeof VIEWS)[number][0];

interface Props {
  readonly live: LiveClass;
  readonly view: LiveView;
  readonly state: LiveState;
}

function Running({ live, view, state }: Props) {
  const nowMs = useNow(live);
  const sec = Math.floor(state.heldSec ?? classSecAt(state.clock, nowMs));
  const plan = useMemo(() => asItGoes(state), [state]);
  const [shown, setShown] = useState<ViewName>(sec < 0 ? 'arrivals' : 'class');
  const [offered, setOffered] = useState<Plan>();
  const [isPlanning, setPlanning] = useState(false);
  const dispatch = useAppDispatch();
  const take = (next: Plan): void => {
    live.tap('replanned', { plan: next, known: live.current().known }, WHO);
    setOffered(undefined);
  };
  const replan = async (): Promise<void> => {
    setPlanning(true);
    try {
      // what was tapped this very moment counts as well
      const now = live.current().state ?? state;
      const atSec = now.heldSec ?? classSecAt(now.clock, live.nowMs());
      const next = await dispatch(planAgain(now.workshop, now.notes.shaping, momentOf(now, atSec), asItGoes(now)));
      // what makes nothing worse is taken at once, anything else is shown first
      if (next.broken.length <= state.plan.broken.length) take(next);
      else setOffered(next);
    } finally {
      setPlanning(false);
    }
  };
  const parts = { live, state, plan, sec, who: WHO };
  return (
    <div className="flex h-full flex-col">
      <RunBar {...parts} view={view} isPlanning={isPlanning} onReplan={() => void replan()} />
      {offered && (
        <Notice>
          <p>Planned again from now, the class would break this:</p>
          {brokenWords(offered).map((b) => (
            <p key={b.rule + b.words}>{b.words}</p>
          ))}
          <span className="mt-2 flex gap-3">
            <button type="button" className={MAIN_BUTTON} onClick={() => take(offered)}>
              Take it
            </button>
            <button type="button" className={SIDE_BUTTON} onClick={() => setOffered(undefined)}>
              Leave the plan as it is
            </button>
          </span>
        </Notice>
      )}
      {view.refused.length > 0 && <Notice>Not taken: {view.refused.at(-1)}</Notice>}
      <div className="p-3">
        <Segments label="View of the class" name="run-view" value={shown} options={VIEWS} onChange={setShown} />
      </div>
      <div className="min-h-0 flex-1 overflow-auto">
        {shown === 'arrivals' && <Arrivals live={live} state={state} who={WHO} />}
        {shown === 'closing' && <Closing live={live} state={state} who={WHO} />}
        {shown === 'class' && (
          <div className="grid gap-6 px-4 pb-8 md:grid-cols-2 lg:grid-cols-3">
            <NowList {...parts} />
            <NextCalls {...parts} />
            <FireBoard {...parts} />
          </div>
        )}
      </div>
    </div>
  );
}
