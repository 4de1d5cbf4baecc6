import { withStep, type Step } from '@hodsman/core';
import { SelectField } from '../../ui/SelectField.tsx';
import { KIND_WORDS } from './words.ts';

interface Props {
  readonly steps: readonly Step[];
  readonly onAdd: (steps: readonly Step[], id: string) => void;
}

const KINDS = Object.entries(KIND_WORDS) as readonly (readonly [Step['kind'], string])[];
export function AddStep({ steps, onAdd }: Props) {
  const add = (kind: Step['kind'] | ''): void => {
    if (kind === '') return;
    const { steps: more, id } = withStep(steps, kind);
    onAdd(more, id);
  };
  return (
    <div className="w-56">
      <SelectField label="Add a step" value={''} options={[['', 'choose what is done …'], ...KINDS]} onChange={add} />
    </div>
  );
}
