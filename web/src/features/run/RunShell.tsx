import { useMemo, useState } from 'react';
import { Volume2 } from 'lucide-react';
import { useParams } from 'react-router';
import { asItGoes, isTrouble, type LiveState, type PlanTask } from '@hodsman/core';
import type { LiveClass, LiveView } from '../../live/live-class.ts';
import { useLive, useNow } from '../../live/use-live.ts';
import { useKeptApplication, type Kept } from '../../offline/use-kept-application.ts';
import { useAppSelector } from '../../store/hooks.ts';
import { MAIN_BUTTON, SIDE_BUTTON } from '../../ui/buttons.ts';
import { Notice } from '../../ui/Notice.tsx';
import { Segments } from '../../ui/Segments.tsx';
import { Apart } from './Apart.tsx';
import { Arrivals } from './Arrivals.tsx';
import { BeforeDoors } from './BeforeDoors.tsx';
import { Closing } from './Closing.tsx';
import { Fill } from './Fill.tsx';
import { FireBoard } from './FireBoard.tsx';
import { Held } from './Held.tsx';
import { Measured } from './Measured.tsx';
import { NextCalls } from './NextCalls.tsx';
import { TAP_BUTTON } from './looks.ts';
import { NowList } from './NowList.tsx';
import { Paper } from './Paper.tsx';
import { OtherScreens } from './OtherScreens.tsx';
import { Rescue } from './Rescue.tsx';
import { RunBar } from './RunBar.tsx';
import type { Say } from './run-parts.ts';
import { Shortcuts } from './Shortcuts.tsx';
import { StartPanel } from './StartPanel.tsx';
import { Trouble } from './Trouble.tsx';
import { useAwake } from './use-awake.ts';
import { useHands } from './use-hands.ts';
import { useKeys } from './use-keys.ts';
import { secOf, useReplan } from './use-replan.ts';
import { useVoice } from './use-voice.ts';
import { Waiting } from './Waiting.tsx';

/** Taps of this device are signed by its place until somebody is chosen. */
const WHO = 'instructor';

/** The class as it happens. */
export function RunShell() {
  const { classId = '' } = useParams();
  const { live, view } = useLive(classId);
  const kept = useKeptApplication();
  const record = useAppSelector((s) => s.draft?.body);
  const plan = useAppSelector((s) => s.draft?.plan);
  const isPlanning = useAppSelector((s) => s.draft?.isPlanning === true);
  if (view.state) return <Running live={live} view={view} state={view.state} kept={kept} />;
  if (!view.isKnown && !view.isOnline) return <p className="p-6 text-quiet">Asking whether the class has begun …</p>;
  // a class is frozen with its last word, not with the first plan that came
  if (!record || !plan || isPlanning) return <p className="p-6 text-quiet">Planning …</p>;
  return <StartPanel live={live} record={record} plan={plan} who={WHO} kept={kept} />;
}

const VIEWS = [
  ['before', 'Before doors'],
  ['arrivals', 'Arrivals'],
  ['class', 'The class'],
  ['trouble', 'Trouble'],
  ['paper', 'Paper and screens'],
  ['closing', 'Closing'],
] as const;
type ViewName = (typeof VIEWS)[number][0];

/** Until so long before doors the ahead list is what matters. */
const ARRIVALS_SEC = -900;
const viewAt = (sec: number): ViewName => (sec < ARRIVALS_SEC ? 'before' : sec < 0 ? 'arrivals' : 'class');

interface Props {
  readonly live: LiveClass;
  readonly view: LiveView;
  readonly state: LiveState;
  readonly kept: Kept;
}

function Running({ live, view, state, kept }: Props) {
  useNow(live);
  const sec = Math.floor(secOf(state, live));
  const plan = useMemo(() => asItGoes(state), [state]);
  const [shown, setShown] = useState<ViewName>(() => viewAt(sec));
  const [rescued, setRescued] = useState<PlanTask>();
  const [isListing, setListing] = useState(false);
  const [isVoiceOn, setVoiceOn] = useState(false);
  const { replan, isPlanning, offered, told, leave } = useReplan(live, WHO);
  const say: Say = (kind, data) => void live.tap(kind, data, WHO);
  const trouble: Say = (kind, data) => {
    say(kind, data);
    void replan();
  };
  const takeBack = (): void => {
    // of what others tapped nothing is taken back by accident
    const [last, before] = state.log.filter((e) => e.device === live.device).reverse();
    if (last) say('taken-back', { event: last.id });
    // a plan goes with the trouble that it was made for
    if (last?.kind === 'replanned' && before && isTrouble(before.kind)) say('taken-back', { event: before.id });
  };
  useAwake();
  useVoice(isVoiceOn, state, plan, sec);
  const hands = useHands(state, sec, say, trouble);
  useKeys({
    ...Object.fromEntries(VIEWS.map(([name], i) => [String(i + 1), () => setShown(name)])),
    h: () => (state.heldSec === null ? say('held', {}) : trouble('went-on', {})),
    m: () => trouble('longer', { sec: 120 }),
    p: () => void replan(),
    z: takeBack,
    v: () => setVoiceOn(!isVoiceOn),
    '?': () => setListing(!isListing),
    Escape: () => {
      setListing(false);
      setRescued(undefined);
    },
  });
  const parts = { live, state, plan, sec, who: WHO, say, trouble, onRescue: setRescued };
  return (
    <div className="flex h-full flex-col print:block">
      <div className="print:hidden">
        <RunBar
          {...parts}
          view={view}
          kept={kept}
          isPlanning={isPlanning}
          told={told}
          onReplan={() => void replan()}
          onTakeBack={takeBack}
        />
        {offered && (
          <Notice>
            <p>Planned again from now, somebody would be worse off:</p>
            {offered.worse.map((words) => (
              <p key={words}>{words}</p>
            ))}
            <span className="mt-2 flex gap-3">
              <button type="button" className={`${MAIN_BUTTON} min-h-14`} onClick={() => void replan(true)}>
                Take it
              </button>
              <button type="button" className={`${SIDE_BUTTON} min-h-14`} onClick={leave}>
                Leave the plan as it is
              </button>
            </span>
          </Notice>
        )}
        {state.heldSec !== null && <Held {...parts} />}
        <Apart {...parts} />
        {view.refused.length > 0 && <Notice>Not taken: {view.refused.at(-1)}</Notice>}
        {rescued && (
          <Rescue workshop={state.workshop} plan={plan} task={rescued} onClose={() => setRescued(undefined)} />
        )}
        {isListing && <Shortcuts views={VIEWS.map(([, words]) => words)} onClose={() => setListing(false)} />}
        <div className="flex flex-wrap items-center gap-3 p-3">
          <Segments
            label="View of the class"
            name="run-view"
            value={shown}
            options={VIEWS}
            onChange={setShown}
            isLarge
          />
          <button
            type="button"
            className={`${TAP_BUTTON} ml-auto`}
            aria-pressed={isVoiceOn}
            onClick={() => setVoiceOn(!isVoiceOn)}
          >
            <Volume2 size={20} aria-hidden /> Voice and tones
          </button>
          {state.isRehearsal && (
            <button type="button" className={TAP_BUTTON} aria-pressed={hands.isOn} onClick={hands.toggle}>
              Simulated hands
            </button>
          )}
          <button type="button" className={TAP_BUTTON} aria-label="Keys" onClick={() => setListing(!isListing)}>
            ?
          </button>
        </div>
      </div>
      <div className="min-h-0 flex-1 overflow-auto print:overflow-visible">
        {shown === 'before' && <BeforeDoors {...parts} />}
        {shown === 'arrivals' && <Arrivals {...parts} />}
        {shown === 'trouble' && <Trouble {...parts} />}
        {shown === 'paper' && (
          <>
            <OtherScreens workshop={state.workshop} />
            <Paper {...parts} />
          </>
        )}
        {shown === 'closing' && <Closing {...parts} />}
        {shown === 'class' && (
          <div className="grid gap-6 px-4 pb-8 md:grid-cols-2 lg:grid-cols-3">
            <NowList {...parts} />
            <div className="grid content-start gap-6">
              <NextCalls {...parts} />
              <Waiting {...parts} />
              <Measured {...parts} />
              <Fill {...parts} />
            </div>
            <FireBoard {...parts} />
          </div>
        )}
      </div>
    </div>
  );
}
