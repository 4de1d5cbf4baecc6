import { Trash2, X } from 'lucide-react';
import { isRest, type Step } from '@hodsman/core';
import { stepName } from '../../bread-ui/step-words.ts';
import { SMALL_ICON_BUTTON } from '../../ui/buttons.ts';
import { NumberField } from '../../ui/NumberField.tsx';
import { SelectField } from '../../ui/SelectField.tsx';
import { useInView } from '../../ui/use-in-view.ts';
import { TextBox } from '../../ui/TextBox.tsx';
import { PhaseTable } from './PhaseTable.tsx';
import { KIND_WORDS } from './words.ts';
import { tidy } from './tidy.ts';

type ActiveStep = Exclude<Step, { readonly window: unknown }>;
type RestStep = Extract<Step, { readonly window: unknown }>;

interface Props {
  readonly step: Step;
  readonly steps: readonly Step[];
  readonly onChange: (step: Step, what?: string) => void;
  readonly onRemove: () => void;
  readonly onClose: () => void;
}

const PER = [
  ['batch', 'the whole batch'],
  ['piece', 'each piece'],
] as const;
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
const PLACES = [
  ['room', 'at room warmth'],
  ['warm', 'in the warm'],
  ['fridge', 'in the fridge'],
] as const;
const HAND_KINDS = (['mix', 'knead', 'fold', 'divide', 'ball', 'shape', 'roll', 'fill', 'coil', 'finish'] as const).map(
  (k) => [k, KIND_WORDS[k]] as const,
);
const REST_KINDS = (['bloom', 'rest', 'proof', 'chill', 'temper'] as const).map((k) => [k, KIND_WORDS[k]] as const);
const USUAL_Q10 = 2.5;

/** Everything about one step: what, who, where, how long, and what is said of it. */
export function StepPanel({ step, steps, onChange, onRemove, onClose }: Props) {
  const panel = useInView<HTMLElement>();
  const told = (part: Partial<Record<'cue' | 'trouble' | 'why' | 'caution', string>>): void => {
    const [key = 'cue', text = ''] = Object.entries(part)[0] ?? [];
    onChange(tidy<Step>({ ...step, [key]: text === '' ? undefined : text }), `${key} ${step.id}`);
  };
  return (
    <section ref={panel} aria-label={stepName(step)} className="grid gap-3 rounded-cut border border-line bg-panel p-4">
      <div className="flex items-center gap-1">
        <h2 className="flex-1 text-lg">{stepName(step)}</h2>
        <button type="button" className={SMALL_ICON_BUTTON} aria-label={`Remove ${stepName(step)}`} onClick={onRemove}>
          <Trash2 size={16} aria-hidden />
        </button>
        <button type="button" className={SMALL_ICON_BUTTON} aria-label="Close" onClick={onClose}>
          <X size={16} aria-hidden />
        </button>
      </div>
      {isRest(step) ? (
        <RestFields step={step} onChange={onChange} />
      ) : (
        <HandFields step={step} steps={steps} onChange={onChange} />
      )}
      <TextBox label="The sign that it is done" value={step.cue ?? ''} onChange={(cue) => told({ cue })} />
      <TextBox label="Goes wrong → remedy" value={step.trouble ?? ''} onChange={(trouble) => told({ trouble })} />
      <TextBox label="Why" value={step.why ?? ''} onChange={(why) => told({ why })} />
      <TextBox label="Caution" value={step.caution ?? ''} rows={1} onChange={(caution) => told({ caution })} />
      <div className="flex flex-wrap items-end gap-x-4">
        <label className="flex min-h-9 items-center gap-2">
          <input
            type="checkbox"
            className="size-5 accent-[var(--hands)]"
            checked={step.look === true}
            onChange={(e) => onChange(tidy<Step>({ ...step, look: e.target.checked || undefined }))}
          />
          staff look before it ends
        </label>
        {!isRest(step) && step.look === true && (
          <NumberField
            label="and are taken for"
            unit="s"
            value={step.lookSec ?? 0}
            digits={0}
            most={3600}
            step={15}
            className="w-16"
            onChange={(lookSec) => onChange({ ...step, lookSec }, `look ${step.id}`)}
          />
        )}
      </div>
    </section>
  );
}

function RestFields({ step, onChange }: { readonly step: RestStep; readonly onChange: Props['onChange'] }) {
  const window = (part: Partial<RestStep['window']>): void =>
    onChange({ ...step, window: ordered({ ...step.window, ...part }, part) }, `window ${step.id}`);
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
              tidy<Step>({
                ...step,
                q10: e.target.checked ? USUAL_Q10 : undefined,
                refC: e.target.checked ? (step.at === 'warm' ? 30 : 21) : undefined,
              }),
            )
          }
        />
        warmth changes how long it takes
      </label>
      {step.q10 !== undefined && (
        <div className="flex gap-3">
          <NumberField
            label="These minutes are at"
            unit="°C"
            value={step.refC}
            digits={0}
            least={10}
            most={40}
            className="w-16"
            onChange={(refC) => onChange({ ...step, refC }, `ref ${step.id}`)}
          />
          <NumberField
            label="Faster by 10 °C"
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

/** A window stays in order: the end that is typed pushes the others. */
function ordered(w: RestStep['window'], typed: Partial<RestStep['window']>): RestStep['window'] {
  if (typed.min !== undefined)
    return { min: w.min, ideal: Math.max(w.min, w.ideal), max: Math.max(w.min, w.ideal, w.max) };
  if (typed.max !== undefined) return { min: Math.min(w.min, w.max), ideal: Math.min(w.ideal, w.max), max: w.max };
  return { min: Math.min(w.min, w.ideal), ideal: w.ideal, max: Math.max(w.ideal, w.max) };
}

function HandFields({
  step,
  steps,
  onChange,
}: {
  readonly step: ActiveStep;
  readonly steps: readonly Step[];
  readonly onChange: Props['onChange'];
}) {
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
