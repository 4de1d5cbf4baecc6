import { Download } from 'lucide-react';
import { personName, planFile, type Plan, type Workshop } from '@hodsman/core';
import { useRemarks } from '../../store/care.ts';
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
  // a workshop file has words of a list for what people avoid, and no place for their own
  const left = useRemarks();
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
      {left.length > 0 && (
        <div className="w-full" data-testid="not-in-file">
          <p>What people said in their own words has no place in these files; hand it on by hand:</p>
          <ul className="font-semibold">
            {left.map((r) => (
              <li key={r.person + r.words}>
                ! {personName(workshop, r.person)}: “{r.words}”
              </li>
            ))}
          </ul>
        </div>
      )}
    </div>
  );
}
