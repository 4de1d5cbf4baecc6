import type { Step } from '@hodsman/core';
import { SelectField } from '../../ui/SelectField.tsx';
import { KIND_WORDS } from './words.ts';

interface Props {
  readonly steps: readonly Step[];
  readonly onAdd: (steps: readonly Step[], id: string) => void;
}

const KINDS = Object.entries(KIND_WORDS) as readonly (readonly [Step['kind'], string])[];
const RESTS: readonly Step['kind'][] = ['bloom', 'rest', 'proof', 'chill', 'temper'];

/** A new step of a kind, with usual times, to stand before the first step of a piece if it is one of the batch. */
function newStep(kind: Step['kind'], id: string, steps: readonly Step[]): Step {
  const last = steps.at(-1);
  if (RESTS.includes(kind))
    return {
      id,
      kind: kind as 'rest',
      per: 'batch',
      at: kind === 'chill' ? 'fridge' : 'room',
      window: { min: 15, ideal: 30, max: 60 },
    };
  if (kind === 'prepare')
    return {
      id,
      kind,
      per: 'batch',
      by: 'one',
      at: 'bench',
      minutes: 8,
      before: last?.kind === 'prepare' ? 'cook' : (last?.id ?? 'cook'),
    };
  if (kind === 'cook')
    return {
      id,
      kind,
      per: 'piece',
      by: 'owner',
      at: 'griddle',
      attend: 'whole',
      phases: [{ side: 'first', heat: 'medium', sec: 60 }],
    };
  const isPiece = kind === 'roll' || kind === 'fill' || kind === 'coil' || kind === 'finish';
  return {
    id,
    kind: kind as 'mix',
    per: isPiece ? 'piece' : 'batch',
    by: isPiece ? 'owner' : 'team',
    at: 'bench',
    minutes: 2,
  };
}

export function AddStep({ steps, onAdd }: Props) {
  const add = (kind: Step['kind'] | ''): void => {
    if (kind === '') return;
    let id: string = kind;
    for (let n = 2; steps.some((s) => s.id === id); n++) id = `${kind}-${n}`;
    const step = newStep(kind, id, steps);
    const firstPiece = steps.findIndex((s) => s.per === 'piece');
    const cook = steps.findIndex((s) => s.kind === 'cook');
    const at = step.per === 'batch' ? firstPiece : kind === 'finish' || kind === 'cook' ? -1 : cook;
    const index = at < 0 ? steps.length : at;
    onAdd([...steps.slice(0, index), step, ...steps.slice(index)], id);
  };
  return (
    <div className="w-56">
      <SelectField label="Add a step" value={''} options={[['', 'choose what is done …'], ...KINDS]} onChange={add} />
    </div>
  );
}
