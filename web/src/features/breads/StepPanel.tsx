import { Trash2, X } from 'lucide-react';
import { isRest, type Step } from '@hodsman/core';
import { stepName } from '../../bread-ui/step-words.ts';
import { SMALL_ICON_BUTTON } from '../../ui/buttons.ts';
import { NumberField } from '../../ui/NumberField.tsx';
import { useInView } from '../../ui/use-in-view.ts';
import { TextBox } from '../../ui/TextBox.tsx';
import { HandFields } from './HandFields.tsx';
import { RestFields } from './RestFields.tsx';
import { tidy } from './tidy.ts';

interface Props {
  readonly step: Step;
  readonly steps: readonly Step[];
  readonly onChange: (step: Step, what?: string) => void;
  readonly onRemove: () => void;
  readonly onClose: () => void;
}

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
