import { isRest, type Step } from '@hodsman/core';
import { stepName } from '../../bread-ui/step-words.ts';
import { NumberField } from '../../ui/NumberField.tsx';
import { SelectField } from '../../ui/SelectField.tsx';
import { PhaseTable } from './PhaseTable.tsx';
import { KIND_WORDS, PER } from './words.ts';

type ActiveStep = Exclude<Step, { readonly window: unknown }>;

const BY = [
  ['team', 'all of the station'],
  ['one', 'one of them'],
  ['owner', 'its owner'],
  ['staff', 'staff'],
] as const;
const AT = [
  ['bench', 'bench'],
  ['griddle', 'griddle'],
  ['grill', 'grill'],
  ['flame', 'flame'],
] as const;
const HAND_KINDS = (['mix', 'knead', 'fold', 'divide', 'ball', 'shape', 'roll', 'fill', 'coil', 'finish'] as const).map(
  (k) => [k, KIND_WORDS[k]] as const,
);

interface Props {
  readonly step: ActiveStep;
  readonly steps: readonly Step[];
  readonly onChange: (step: Step, what?: string) => void;
}

/** Who does a step, where, and how long it takes. */
export function HandFields({ step, steps, onChange }: Props) {
  const hasPhases = step.kind === 'cook' && step.phases !== undefined;
  const previous = steps[steps.findIndex((s) => s.id === step.id) - 1];
  const canWait = step.kind !== 'prepare' && previous !== undefined && !isRest(previous);
  return (
    <>
      <div className="grid grid-cols-2 gap-3">
        {step.kind !== 'cook' && step.kind !== 'prepare' && (
          <SelectField
            label="Kind"
            value={step.kind}
            options={HAND_KINDS}
            onChange={(kind) => onChange({ ...step, kind })}
          />
        )}
        <SelectField
          label="Of"
          value={step.per}
          options={PER}
          onChange={(per) =>
            onChange({
              ...step,
              per,
              by: per === 'piece' ? (step.by === 'staff' ? 'staff' : 'owner') : step.by === 'owner' ? 'team' : step.by,
            })
          }
        />
        <SelectField label="By" value={step.by} options={BY} onChange={(by) => onChange({ ...step, by })} />
        <SelectField label="At" value={step.at} options={AT} onChange={(at) => onChange({ ...step, at })} />
        {step.kind === 'prepare' && (
          <SelectField
            label="Over before"
            value={step.before}
            options={steps
              .filter((s) => s.id !== step.id && s.kind !== 'prepare')
              .map((s) => [s.id, stepName(s)] as const)}
            onChange={(before) => onChange({ ...step, before })}
          />
        )}
      </div>
      {hasPhases ? (
        <PhaseTable step={step} onChange={onChange} />
      ) : (
        <div className="flex flex-wrap gap-3">
          <NumberField
            label="Takes"
            unit="min"
            value={step.minutes}
            digits={2}
            most={600}
            step={0.5}
            className="w-16"
            onChange={(minutes) => onChange({ ...step, minutes }, `min ${step.id}`)}
          />
          {step.per === 'batch' && (
            <NumberField
              label="and a piece"
              unit="min"
              value={step.minutesPerPiece}
              digits={2}
              most={60}
              step={0.1}
              className="w-16"
              onChange={(minutesPerPiece) => onChange({ ...step, minutesPerPiece }, `mpp ${step.id}`)}
            />
          )}
          {step.per === 'batch' && step.kind !== 'prepare' && (
            <NumberField
              label="At the mixer"
              unit="min"
              value={step.mixerMinutes}
              digits={1}
              most={60}
              className="w-16"
              onChange={(mixerMinutes) => onChange({ ...step, mixerMinutes }, `mixer ${step.id}`)}
            />
          )}
        </div>
      )}
      {canWait && (
        <NumberField
          label="May wait before it"
          unit="min"
          value={step.waitMaxMin}
          digits={1}
          most={10_080}
          className="w-16"
          onChange={(waitMaxMin) => onChange({ ...step, waitMaxMin }, `wait ${step.id}`)}
        />
      )}
    </>
  );
}
