import { useMemo } from 'react';
import { useParams } from 'react-router';
import { asItGoes, clockText, durationText, liveVerdict, stationName, type LiveState } from '@hodsman/core';
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
  const parts: RunParts = { live, state, plan, sec, who: WHO, say: nothing, trouble: nothing };
  const station = state.workshop.stations.find((s) => s.id === stationId);
  return (
    <main className="grid h-full content-start gap-6 overflow-auto p-6" tabIndex={0} aria-label="The class now">
      <Head {...parts} name={station ? stationName(station) : state.workshop.title} />
      {/* a screen to look at: nothing on it is tapped */}
      <div className={`grid gap-8 text-xl lg:grid-cols-2 [&_button]:hidden ${station ? '' : 'xl:grid-cols-3'}`}>
        {station ? <StationNow {...parts} station={station.id} /> : <NowList {...parts} onRescue={nothing} />}
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
      {state.clock.rate > 1 && <b className="rounded-cut border-2 border-current px-2 text-2xl">Rehearsal</b>}
      {state.heldSec !== null && <b className="text-4xl text-trouble">Everything is held</b>}
      <span className="ml-auto text-2xl">
        table {clockText(state.workshop, state.plan.tableSec)}
        {inHandSec < 0 && `, ${durationText(-inHandSec)} late`}
      </span>
    </header>
  );
}

/** One station: what its hands do, what it is called to, what of its rests. */
function StationNow(props: RunParts & { readonly station: string }) {
  const own = useMemo(() => ofStation(props.state, props.station), [props.state, props.station]);
  const members = new Set(own.workshop.stations.flatMap((s) => s.members));
  const batches = new Set(own.plan.batches.filter((b) => b.station === props.station).map((b) => b.id));
  const pieces = new Set(own.plan.batches.filter((b) => batches.has(b.id)).flatMap((b) => b.pieces));
  const isOwn = (t: RunParts['plan']['tasks'][number]): boolean =>
    batches.has(t.batch ?? '') || pieces.has(t.piece ?? '') || t.people.some((p) => members.has(p));
  const plan = { ...props.plan, tasks: props.plan.tasks.filter(isOwn) };
  return (
    <>
      <NowList {...props} state={own} onRescue={nothing} />
      <div className="grid content-start gap-6">
        <NextCalls {...props} state={own} plan={plan} />
        <Waiting {...props} plan={plan} />
      </div>
    </>
  );
}

/** The class as one station sees it. */
function ofStation(state: LiveState, id: string): LiveState {
  const stations = state.workshop.stations.filter((s) => s.id === id);
  return { ...state, workshop: { ...state.workshop, stations, kitchen: { ...state.workshop.kitchen, staff: [] } } };
}
