import { useMemo, useState } from 'react';
import { durationText, methodTimes, slackOf, type Step } from '@hodsman/core';
import { stepName } from '../../bread-ui/step-words.ts';
import { AddStep } from './AddStep.tsx';
import { HandOvers } from './HandOvers.tsx';
import { SwitchedOff } from './SwitchedOff.tsx';
import { TimesBar } from './TimesBar.tsx';
import { LeftOpenList } from './LeftOpenList.tsx';
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
        <LeftOpenList />
        <TimesBar times={times} at={at} onChange={setAt} />
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
          <SwitchedOff
            off={off}
            savedSec={whole.idealSec - times.idealSec}
            onLeaveOut={() => {
              put(left);
              setOff(new Set());
            }}
            onAgain={() => setOff(new Set())}
          />
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
