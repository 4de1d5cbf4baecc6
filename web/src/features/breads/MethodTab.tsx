import { useMemo, useState } from 'react';
import { durationText, handOversOf, methodTimes, slackOf, type Bread, type Step } from '@hodsman/core';
import { stepName } from '../../bread-ui/step-words.ts';
import { MAIN_BUTTON, SIDE_BUTTON } from '../../ui/buttons.ts';
import { NumberField } from '../../ui/NumberField.tsx';
import { Segments } from '../../ui/Segments.tsx';
import { AddStep } from './AddStep.tsx';
import { GuessList } from './GuessList.tsx';
import { RemarkList } from './RemarkList.tsx';
import { StepList } from './StepList.tsx';
import { StepPanel } from './StepPanel.tsx';
import { StrandToScale, ROW_PX } from './StrandToScale.tsx';
import { useBreadContext, useEditBread } from './use-bread.ts';

/** The chain of steps, drawn to scale beside its list; steps can be moved, switched off and changed. */
export function MethodTab() {
  const { bread, at, setAt } = useBreadContext();
  const edit = useEditBread();
  const [chosen, setChosen] = useState<string | null>(null);
  const [off, setOff] = useState<ReadonlySet<string>>(new Set());
  const whole = useMemo(() => methodTimes(bread.steps, at), [bread.steps, at]);
  const left = useMemo(() => bread.steps.filter((s) => !off.has(s.id)), [bread.steps, off]);
  const times = useMemo(() => methodTimes(left, at), [left, at]);
  const isOff = left.length < bread.steps.length;
  const step = bread.steps.find((s) => s.id === chosen);
  const put = (steps: readonly Step[], what?: string): void => edit({ ...bread, steps: [...steps] }, what);
  const switchStep = (id: string): void => {
    const next = new Set(off);
    if (!next.delete(id)) next.add(id);
    setOff(next);
  };
  const slack = slackOf(times);
  const total = slack.reduce((sum, s) => sum + s.slackSec, 0);
  return (
    <div className="mx-auto grid max-w-[100rem] gap-x-6 gap-y-4 p-4 lg:grid-cols-[minmax(0,12fr)_minmax(20rem,7fr)]">
      <div className="grid content-start gap-3">
        <GuessList />
        <section aria-label="Time" className="flex flex-wrap items-end gap-x-6 gap-y-2">
          <Total label="shortest" sec={times.leastSec} />
          <Total label="ideal" sec={times.idealSec} isMain />
          <Total label="longest" sec={times.mostSec} />
          <div className="ml-auto flex flex-wrap items-end gap-4">
            <Segments
              label="Dough made"
              name="made"
              value={at.isMixed ? 'mixer' : 'hand'}
              options={[
                ['hand', 'by hand'],
                ['mixer', 'at the mixer'],
              ]}
              onChange={(made) => setAt({ ...at, isMixed: made === 'mixer' })}
            />
            <NumberField
              label="Room"
              unit="°C"
              value={at.roomC}
              digits={0}
              least={10}
              most={40}
              className="w-14"
              onChange={(roomC) => setAt({ ...at, roomC })}
            />
            <NumberField
              label="Breads"
              value={at.pieces}
              digits={0}
              least={1}
              most={200}
              className="w-14"
              onChange={(pieces) => setAt({ ...at, pieces })}
            />
            <NumberField
              label="Hands"
              unit="people"
              value={at.people}
              digits={0}
              least={1}
              most={12}
              className="w-14"
              onChange={(people) => setAt({ ...at, people })}
            />
          </div>
        </section>
        {total > 0 && (
          <p className="text-quiet">
            {slack
              .slice(0, 3)
              .map((s) => `${stepName(s.step)} holds ${durationText(s.slackSec)}`)
              .join(', ')}{' '}
            of {durationText(total)} slack.
          </p>
        )}
        <HandOvers bread={bread} />
        {isOff && (
          <div className="flex flex-wrap items-center gap-3 rounded-cut border border-line bg-panel px-4 py-2">
            <p className="flex-1">
              Without {[...off].map((id) => id.replace(/-/g, ' ')).join(', ')}:{' '}
              <b className="figures">{durationText(Math.abs(whole.idealSec - times.idealSec))}</b>{' '}
              {whole.idealSec >= times.idealSec ? 'less' : 'more'}.
            </p>
            <button
              type="button"
              className={MAIN_BUTTON}
              onClick={() => {
                put(left);
                setOff(new Set());
              }}
            >
              Leave out for good
            </button>
            <button type="button" className={SIDE_BUTTON} onClick={() => setOff(new Set())}>
              Switch on again
            </button>
          </div>
        )}
        <div className="flex gap-0">
          <StrandToScale steps={bread.steps} times={times} off={off} chosen={chosen} onChoose={setChosen} />
          <StepList
            steps={bread.steps}
            times={whole}
            off={off}
            chosen={chosen}
            rowPx={ROW_PX}
            onChoose={setChosen}
            onSwitch={switchStep}
            onMove={put}
          />
        </div>
        <AddStep
          steps={bread.steps}
          onAdd={(steps, id) => {
            put(steps);
            setChosen(id);
          }}
        />
      </div>
      <div className="grid content-start gap-5">
        {step ? (
          <StepPanel
            key={step.id}
            step={step}
            steps={bread.steps}
            onChange={(next, what) =>
              put(
                bread.steps.map((s) => (s.id === step.id ? next : s)),
                what,
              )
            }
            onRemove={() => {
              put(bread.steps.filter((s) => s.id !== step.id));
              setChosen(null);
            }}
            onClose={() => setChosen(null)}
          />
        ) : (
          <p className="rounded-cut border border-dashed border-line p-6 text-quiet">
            Choose a step to change it. Drag it by its handle, or press Alt with ↑ and ↓, to move it; the tick switches
            it off, and the time it saves is shown.
          </p>
        )}
        <RemarkList bread={bread} at={at} />
      </div>
    </div>
  );
}

function Total({
  label,
  sec,
  isMain = false,
}: {
  readonly label: string;
  readonly sec: number;
  readonly isMain?: boolean;
}) {
  return (
    <p data-testid={`total-${label}`}>
      <span className="block text-sm text-quiet">{label}</span>
      <span className={`figures font-semibold ${isMain ? 'text-2xl' : 'text-lg'}`}>{durationText(sec)}</span>
    </p>
  );
}

/** Up to which steps the dough may be made ahead, and how long it may wait there. */
function HandOvers({ bread }: { readonly bread: Bread }) {
  const places = handOversOf(bread).filter((h) => h.waitMaxMin >= 20);
  if (places.length === 0) return <p className="text-quiet">It cannot be made ahead: nowhere may its dough wait.</p>;
  return (
    <p className="text-quiet">
      Can be made ahead through{' '}
      {places
        .map(
          (h) =>
            `${h.stepId.replace(/-/g, ' ')} (waits ${h.waitMaxMin === Infinity ? 'as long as you like' : `up to ${durationText(h.waitMaxMin * 60)}`})`,
        )
        .join(', ')}
      .
    </p>
  );
}
