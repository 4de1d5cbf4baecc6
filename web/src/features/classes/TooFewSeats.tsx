import { counted } from '@hodsman/core';
import type { Listed } from '../../documents/api.ts';
import { SIDE_BUTTON } from '../../ui/buttons.ts';
import { Segments } from '../../ui/Segments.tsx';

const HOW = [
  ['bench', 'another bench'],
  ['closer', 'closer together'],
] as const;
export type SeatsHow = (typeof HOW)[number][0];

interface SeatsProps {
  readonly missing: number;
  readonly how: SeatsHow;
  /** Kitchens that seat them all. */
  readonly others: readonly Listed<'kitchen'>[];
  readonly onHow: (how: SeatsHow) => void;
  readonly onOther: (kitchenId: string) => void;
}

/** More people than seats is no refusal: they find room in this class, or in another kitchen. */
export function TooFewSeats({ missing, how, others, onHow, onOther }: SeatsProps) {
  return (
    <section
      aria-label="Too few seats"
      className="flex flex-wrap items-center gap-3 rounded-cut border border-line bg-panel p-3"
    >
      <p>{counted(missing, 'person finds', 'people find')} no seat in this kitchen. In this class they have it by</p>
      <Segments label="Seats for everybody" name="seats" value={how} options={HOW} onChange={onHow} />
      {others.map((k) => (
        <button key={k.id} type="button" className={SIDE_BUTTON} onClick={() => onOther(k.id)}>
          or go to {k.title}
        </button>
      ))}
    </section>
  );
}
