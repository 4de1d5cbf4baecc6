import { useDroppable } from '@dnd-kit/core';
import type { ReactNode } from 'react';
import { griddleName, stationName, thingName, type Workshop } from '@hodsman/core';
import { KEY } from './seat-keys.ts';
import { StationGriddles } from './StationGriddles.tsx';

interface Props {
  readonly id: string;
  readonly station: Workshop['stations'][number];
  readonly workshop: Workshop;
  readonly children: ReactNode;
}

/** A station's bench with who stands at it, and the griddles that it cooks on. */
export function Bench({ id, station, workshop, children }: Props) {
  const { setNodeRef, isOver } = useDroppable({ id });
  const bench = workshop.kitchen.benches.find((b) => b.id === station.bench);
  const taken = workshop.stations.filter((s) => s.bench === station.bench).reduce((n, s) => n + s.members.length, 0);
  const free = Math.max(0, (bench?.seats ?? 0) - taken);
  const { griddles } = workshop.kitchen;
  return (
    <div
      ref={setNodeRef}
      className={`h-full rounded-cut border bg-panel p-3 ${isOver ? 'border-hands outline-2 outline-hands' : 'border-line'}`}
    >
      <p className="mb-2 flex items-baseline justify-between gap-2">
        <b>{stationName(station)}</b>
        <span className="truncate text-sm text-quiet">
          {thingName(workshop.kitchen, station.bench)}
          {free > 0 && `, ${free} free`}
        </span>
      </p>
      <div className="flex flex-wrap gap-2">
        {children}
        {Array.from({ length: free }, (_, n) => (
          <span key={n} className="min-h-11 w-16 rounded-cut border border-dashed border-line" aria-hidden />
        ))}
      </div>
      {griddles.length > 1 && (
        <StationGriddles
          station={station.id}
          name={stationName(station)}
          own={(station.griddles ?? []).join(' ')}
          all={griddles.map((g) => g.id).join(' ')}
          names={griddles.map(griddleName).join('\n')}
        />
      )}
    </div>
  );
}

/** A bench without a station; whoever is dropped there begins one. */
export function EmptyBench({
  bench,
  name,
}: {
  readonly bench: Workshop['kitchen']['benches'][number];
  readonly name: string;
}) {
  const { setNodeRef, isOver } = useDroppable({ id: KEY.bench + bench.id });
  return (
    <div
      ref={setNodeRef}
      className={`h-full rounded-cut border border-dashed p-3 text-quiet ${isOver ? 'border-hands outline-2 outline-hands' : 'border-line'}`}
    >
      <p className="flex justify-between">
        {name}
        <span className="text-sm">{bench.seats} free</span>
      </p>
    </div>
  );
}
