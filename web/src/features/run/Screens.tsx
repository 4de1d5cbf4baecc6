import { useMemo } from 'react';
import { useParams } from 'react-router';
import {
  asItGoes,
  clockText,
  durationText,
  liveVerdict,
  stationName,
  type PlanTask,
  type Workshop,
} from '@hodsman/core';
import { useLive, useNow } from '../../live/use-live.ts';
import { FireBoard } from './FireBoard.tsx';
import { NextCalls } from './NextCalls.tsx';
import { NowList } from './NowList.tsx';
import type { RunParts } from './run-parts.ts';
import { useAwake } from './use-awake.ts';
import { secOf } from './use-replan.ts';
import { Waiting } from './Waiting.tsx';

const WHO = 'station';
const nothing = (): void => undefined;

/** A class that runs, on a screen for looking at: on the wall for all, or at one station. */
export function RunScreen() {
  const { classId = '', stationId } = useParams();
  const { live, view } = useLive(classId);
  useNow(live);
  useAwake();
  const { state } = view;
  const plan = useMemo(() => (state ? asItGoes(state) : undefined), [state]);
  if (!state || !plan) return <p className="p-8 text-2xl">The class has not begun.</p>;
  const sec = Math.floor(secOf(state, live));
  const parts: RunParts = { live, state, plan, sec, who: WHO, say: nothing, trouble: nothing, onRescue: nothing };
  const station = state.workshop.stations.find((s) => s.id === stationId);
  return (
    <main className="grid h-full content-start gap-6 overflow-auto p-6" tabIndex={0} aria-label="The class now">
      <Head {...parts} name={station ? stationName(station) : state.workshop.title} />
      {/* a screen to look at: nothing on it is tapped */}
      <div className={`grid gap-8 text-xl lg:grid-cols-2 [&_button]:hidden ${station ? '' : 'xl:grid-cols-3'}`}>
        {station ? <StationNow {...parts} station={station} /> : <NowList {...parts} />}
        {!station && <NextCalls {...parts} />}
        {!station && <FireBoard {...parts} />}
      </div>
    </main>
  );
}

function Head({ state, sec, name }: RunParts & { readonly name: string }) {
  const { inHandSec } = liveVerdict(state);
  return (
    <header className="flex flex-wrap items-baseline gap-x-8 gap-y-2">
      <span className="figures font-head text-7xl font-semibold" data-testid="class-clock">
        {clockText(state.workshop, sec)}
      </span>
      <h1 className="text-4xl">{name}</h1>
      {state.isRehearsal && <b className="rounded-cut border-2 border-current px-2 text-2xl">Rehearsal</b>}
      {state.heldSec !== null && <b className="text-4xl text-trouble">Everything is held</b>}
      <span className="ml-auto text-2xl">
        table {clockText(state.workshop, state.plan.tableSec)}
        {inHandSec < 0 && `, ${durationText(-inHandSec)} late`}
      </span>
    </header>
  );
}

/** One station: what its hands do, what it is called to, what of its rests. */
function StationNow({ station, ...parts }: RunParts & { readonly station: Workshop['stations'][number] }) {
  const plan = useMemo(() => {
    const own = parts.plan.batches.filter((b) => b.station === station.id);
    const units = new Set(own.flatMap((b) => [b.id, ...b.pieces]));
    const isOwn = (t: PlanTask): boolean =>
      units.has(t.piece ?? t.batch ?? '') || t.people.some((p) => station.members.includes(p));
    return { ...parts.plan, tasks: parts.plan.tasks.filter(isOwn) };
  }, [parts.plan, station]);
  return (
    <>
      <NowList {...parts} only={station.id} />
      <div className="grid content-start gap-6">
        <NextCalls {...parts} plan={plan} />
        <Waiting {...parts} plan={plan} />
      </div>
    </>
  );
}
