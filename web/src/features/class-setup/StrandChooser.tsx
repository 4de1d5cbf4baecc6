import { durationText, isRest, methodTimes, USUAL_BENCH, type Line, type MenuLine } from '@hodsman/core';
import { stepColour, stepName } from '../../bread-ui/step-words.ts';

interface Props {
  readonly line: Line;
  readonly dough: Exclude<MenuLine['dough'], { readonly mode: 'station' }>;
  readonly onThrough: (step: string) => void;
  readonly onPractice: (step: string) => void;
}

/** A step is at least as wide as its name asks for; beyond that, width grows slowly with its time. */
const LEAST_WIDE = 64;
const widthOf = (sec: number): number => LEAST_WIDE + 3.2 * Math.sqrt(sec / 60) * 4;

/** The bread's own strand lying down: a press on a step says how far staff take the dough, and a practice dough goes. */
export function StrandChooser({ line, dough, onThrough, onPractice }: Props) {
  const times = methodTimes(line.bread.steps, { ...USUAL_BENCH, isMixed: line.menu.mixer });
  const batch = times.steps.filter((t) => t.step.per === 'batch');
  const at = batch.findIndex((t) => t.step.id === dough.through);
  const practiceAt = dough.mode === 'swap' ? batch.findIndex((t) => t.step.id === dough.practice) : -1;
  return (
    <div className="overflow-x-auto">
      <div role="radiogroup" aria-label={`Staff make ${line.bread.name} through`} className="flex w-max items-end">
        {batch.map(({ step, idealSec }, n) => {
          const isStaffs = n <= at;
          return (
            <button
              key={step.id}
              type="button"
              role="radio"
              aria-checked={n === at}
              className="relative h-14 border-r border-ground px-1.5 text-left text-sm whitespace-nowrap"
              style={{
                width: widthOf(idealSec),
                background: isStaffs ? stepColour(step) : 'var(--steel)',
                color: !isStaffs || isRest(step) ? 'var(--ink)' : 'var(--on-hands)',
              }}
              title={`through ${stepName(step)}`}
              onClick={() => onThrough(step.id)}
            >
              <span className="block truncate">{stepName(step)}</span>
              <span className="figures block truncate text-xs">{durationText(idealSec)}</span>
              {n === at && <span aria-hidden className="absolute -top-1 -right-1 h-16 w-1.5 bg-ink" />}
            </button>
          );
        })}
      </div>
      {dough.mode === 'swap' && (
        <div role="radiogroup" aria-label={`Everyone practises ${line.bread.name} through`} className="mt-1 flex w-max">
          {batch.map(({ step, idealSec }, n) => (
            <button
              key={step.id}
              type="button"
              role="radio"
              aria-checked={n === practiceAt}
              className={`h-8 border-r border-ground px-1.5 text-left text-xs whitespace-nowrap ${n <= practiceAt ? 'bg-steel' : 'bg-ground text-quiet'}`}
              style={{ width: widthOf(idealSec) }}
              onClick={() => onPractice(step.id)}
            >
              {n === practiceAt ? 'practised to here' : n < practiceAt ? 'practised' : '–'}
            </button>
          ))}
        </div>
      )}
    </div>
  );
}
