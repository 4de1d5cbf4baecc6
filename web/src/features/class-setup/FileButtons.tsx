import { Download } from 'lucide-react';
import { planFile, type Plan, type Workshop } from '@hodsman/core';
import { SIDE_BUTTON } from '../../ui/buttons.ts';
import { download, fileName } from '../../ui/download.ts';

/** The class and its plan as files to keep or hand on. */
export function FileButtons({
  workshop,
  plan,
}: {
  readonly workshop: Workshop;
  readonly plan: Plan | null | undefined;
}) {
  return (
    <div className="mt-2 flex flex-wrap gap-3">
      <button
        type="button"
        className={SIDE_BUTTON}
        onClick={() =>
          download(fileName(workshop.title, '.workshop.json'), 'application/json', JSON.stringify(workshop, null, 2))
        }
      >
        <Download size={18} aria-hidden /> Save as a workshop file
      </button>
      {plan && (
        <button
          type="button"
          className={SIDE_BUTTON}
          onClick={() =>
            download(
              fileName(workshop.title, '.plan.json'),
              'application/json',
              JSON.stringify(planFile(plan), null, 2),
            )
          }
        >
          <Download size={18} aria-hidden /> Save the plan
        </button>
      )}
    </div>
  );
}
