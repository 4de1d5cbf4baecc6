import { orderedWindow, usualWarmth, type Step, quantityText } from '@hodsman/core';
import { NumberField } from '../../ui/NumberField.tsx';
import { SelectField } from '../../ui/SelectField.tsx';
import { tidy } from './tidy.ts';
import { KIND_WORDS, PER } from './words.ts';

type RestStep = Extract<Step, { readonly window: unknown }>;

const PLACES = [
  ['room', 'at room warmth'],
  ['warm', 'in the warm'],
  ['fridge', 'in the fridge'],
] as const;
const REST_KINDS = (['bloom', 'rest', 'proof', 'chill', 'temper'] as const).map((k) => [k, KIND_WORDS[k]] as const);

interface Props {
  readonly step: RestStep;
  readonly onChange: (step: Step, what?: string) => void;
}

/** Where a rest lies, how long it may last, and how warmth changes that. */
export function RestFields({ step, onChange }: Props) {
  const window = (part: Partial<RestStep['window']>): void =>
    onChange({ ...step, window: orderedWindow({ ...step.window, ...part }, part) }, `window ${step.id}`);
  return (
    <>
      <div className="grid grid-cols-2 gap-3">
        <SelectField
          label="Kind"
          value={step.kind}
          options={REST_KINDS}
          onChange={(kind) => onChange({ ...step, kind })}
        />
        <SelectField label="Where" value={step.at} options={PLACES} onChange={(at) => onChange({ ...step, at })} />
        <SelectField label="Of" value={step.per} options={PER} onChange={(per) => onChange({ ...step, per })} />
      </div>
      <div className="flex gap-3">
        <NumberField
          label="At least"
          unit="min"
          value={step.window.min}
          digits={1}
          most={10_080}
          step={5}
          className="w-16"
          onChange={(min) => window({ min })}
        />
        <NumberField
          label="Ideal"
          unit="min"
          value={step.window.ideal}
          digits={1}
          most={10_080}
          step={5}
          className="w-16"
          onChange={(ideal) => window({ ideal })}
        />
        <NumberField
          label="At most"
          unit="min"
          value={step.window.max}
          digits={1}
          least={1}
          most={10_080}
          step={5}
          className="w-16"
          onChange={(max) => window({ max })}
        />
      </div>
      <label className="flex min-h-9 items-center gap-2">
        <input
          type="checkbox"
          className="size-5 accent-[var(--hands)]"
          checked={step.q10 !== undefined}
          onChange={(e) =>
            onChange(
              tidy<Step>({ ...step, ...(e.target.checked ? usualWarmth(step) : { q10: undefined, refC: undefined }) }),
            )
          }
        />
        warmth changes how long it takes
      </label>
      {step.q10 !== undefined && (
        <div className="flex gap-3">
          <NumberField
            label="These minutes are at"
            quantity="temperature"
            value={step.refC}
            digits={0}
            least={10}
            most={40}
            className="w-16"
            onChange={(refC) => onChange({ ...step, refC }, `ref ${step.id}`)}
          />
          <NumberField
            label={`Faster by ${quantityText('difference', 10)}`}
            unit="times"
            value={step.q10}
            digits={1}
            least={1}
            most={5}
            step={0.1}
            className="w-16"
            onChange={(q10) => onChange({ ...step, q10 }, `q10 ${step.id}`)}
          />
        </div>
      )}
    </>
  );
}
