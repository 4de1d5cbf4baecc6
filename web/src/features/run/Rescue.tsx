import { X } from 'lucide-react';
import { rescueNotes, taskWords, type Plan, type PlanTask, type Workshop } from '@hodsman/core';
import { TAP_BUTTON } from './looks.ts';

interface Props {
  readonly workshop: Workshop;
  readonly plan: Plan;
  readonly task: PlanTask;
  readonly onClose: () => void;
}

/** What helps at a task: the sign, the remedy, the caution, in words large enough for one glance. */
export function Rescue({ workshop, plan, task, onClose }: Props) {
  return (
    <section aria-label="What helps" className="flex items-start gap-4 border-b-4 border-ember bg-panel px-4 py-3">
      <div className="grid flex-1 gap-2">
        <h2 className="text-xl">{taskWords(plan, workshop, task)}</h2>
        <dl className="grid gap-x-6 gap-y-2 text-lg md:grid-cols-2">
          {rescueNotes(workshop, task).map(([what, words]) => (
            <div key={what}>
              <dt className="font-semibold text-quiet">{what}</dt>
              <dd>{words}</dd>
            </div>
          ))}
        </dl>
      </div>
      <button type="button" className={TAP_BUTTON} aria-label="Close what helps" onClick={onClose}>
        <X size={22} aria-hidden />
      </button>
    </section>
  );
}
