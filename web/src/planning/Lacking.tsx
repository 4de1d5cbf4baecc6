import { needWords, type Need } from '@hodsman/core';
import { Toggle } from '../ui/Toggle.tsx';

interface Props {
  readonly lacks: readonly Need[];
  readonly isAdded: boolean;
  readonly onAdd: (isAdded: boolean) => void;
}

/** What the kitchen lacks for the bread, all of it, and the offer to have it in this class. */
export function Lacking({ lacks, isAdded, onAdd }: Props) {
  return (
    <section
      aria-label="What the kitchen lacks"
      className="flex flex-wrap items-center gap-3 rounded-cut border border-line bg-panel p-3"
    >
      <p>For this bread the kitchen lacks {lacks.map(needWords).join(', ')}.</p>
      <Toggle label="have it in this class" isOn={isAdded} onChange={onAdd} />
    </section>
  );
}
