import { memo } from 'react';
import { seatsIn, setBreadsEach, setGriddleCount, setParticipantCount, type Workshop } from '@hodsman/core';
import { applyEdit } from '../../../planning/edit.ts';
import { useAppDispatch } from '../../../store/hooks.ts';
import { Stepper } from '../../../ui/Stepper.tsx';
import { Part } from './Part.tsx';

const MOST_EACH = 12;
const MOST_GRIDDLES = 12;

/** The figures that change a class most, at hand beside the plan: people, breads each, griddles. */
export const Levers = memo(function Levers({ workshop }: { readonly workshop: Workshop }) {
  const dispatch = useAppDispatch();
  const seats = seatsIn(workshop.kitchen);
  const isOnly = workshop.menu.length === 1;
  return (
    <Part title="The class">
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
    </Part>
  );
});
