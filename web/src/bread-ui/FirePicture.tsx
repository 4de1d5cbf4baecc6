import type { FireNow, Workshop } from '@hodsman/core';
import { GriddleNow } from './GriddleNow.tsx';
import { lyingAt } from './lying.ts';

interface Props {
  readonly fire: FireNow;
  readonly workshop: Workshop;
  readonly sec: number;
  readonly width: number;
  readonly label: string;
}

/** A fire of the kitchen at a moment, from above; nothing where it is no griddle. */
export function FirePicture({ fire, workshop, sec, width, label }: Props) {
  const griddle = workshop.kitchen.griddles.find((g) => g.id === fire.id);
  if (!griddle) return null;
  return (
    <GriddleNow
      griddle={griddle}
      gapCm={workshop.kitchen.griddleGapCm}
      lying={fire.spots.flatMap((s, i) => (s ? lyingAt(workshop, s, i + 1, sec) : []))}
      spots={fire.spots.length}
      isHeating={fire.isHeating}
      width={width}
      label={label}
    />
  );
}
