import { seatsIn, setBreadsEach, setGriddleCount, setParticipantCount, type Workshop } from '@hodsman/core';
import { applyEdit } from '../../app/edit.ts';
import { useAppDispatch } from '../../app/hooks.ts';
import { Stepper } from '../../ui/Stepper.tsx';

const MOST_EACH = 12;
const MOST_GRIDDLES = 12;

/** The figures that change a class most, at hand over the plan: people, breads each, griddles. */
export function Levers({ workshop }: { readonly workshop: Workshop }) {
  const dispatch = useAppDispatch();
  const seats = seatsIn(workshop.kitchen);
  const isOnly = workshop.menu.length === 1;
  return (
    <section
      aria-label="What changes the class most"
      className="flex flex-wrap items-center gap-x-6 gap-y-2 border-b border-line px-4 py-1.5"
    >
      <Stepper
        label="Participants"
        value={workshop.roster.length}
        least={1}
        most={seats}
        onChange={(n) => dispatch(applyEdit(setParticipantCount(workshop, n)))}
      />
      {workshop.menu.map((m) => (
        <Stepper
          key={m.bread}
          label={isOnly ? 'Breads each' : `${workshop.breads.find((b) => b.id === m.bread)?.name ?? m.bread}, each`}
          value={m.each}
          least={1}
          most={MOST_EACH}
          onChange={(n) => dispatch(applyEdit(setBreadsEach(workshop, m.bread, n)))}
        />
      ))}
      <Stepper
        label="Griddles"
        value={workshop.kitchen.griddles.length}
        least={1}
        most={MOST_GRIDDLES}
        onChange={(n) => dispatch(applyEdit(setGriddleCount(workshop, n)))}
      />
    </section>
  );
}
