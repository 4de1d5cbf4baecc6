import { failure, fault, success, type Result } from '../faults/index.ts';
import { freeSeats, idsOf, nextId, type Station, type Workshop } from '../workshop/index.ts';

/** Where somebody may be put: at a station, or at a bench where no station is yet. */
export type Seat = { readonly station: string } | { readonly bench: string };

/** The class with one participant at another station; a station that empties goes. Fault `no-seat` where its bench is full. */
export function moveParticipant(workshop: Workshop, id: string, to: Seat): Result<Workshop> {
  const target = 'station' in to ? workshop.stations.find((s) => s.id === to.station) : undefined;
  const bench = target?.bench ?? ('bench' in to ? to.bench : '');
  if (target?.members.includes(id)) return success(workshop);
  const left = workshop.stations.map((s) => ({ ...s, members: s.members.filter((m) => m !== id) }));
  if (freeSeats(workshop, left, bench) < 1) {
    const seats = workshop.kitchen.benches.find((b) => b.id === bench)?.seats ?? 0;
    return failure([fault('no-seat', `kitchen.benches.${bench}`, { wanted: seats + 1, seats })]);
  }
  const stations: Station[] = target
    ? left.map((s) => (s.id === target.id ? { ...s, members: [...s.members, id] } : s))
    : [...left, { id: nextId('S', idsOf(left)), bench, members: [id] }];
  return success({ ...workshop, stations: stations.filter((s) => s.members.length > 0) });
}

/** The class with two participants in each other's places. */
export function swapParticipants(workshop: Workshop, a: string, b: string): Workshop {
  const other = (m: string): string => (m === a ? b : m === b ? a : m);
  return { ...workshop, stations: workshop.stations.map((s) => ({ ...s, members: s.members.map(other) })) };
}

/** The class with a station that cooks on some griddles alone, or on any where none is named. */
export function setStationGriddles(workshop: Workshop, stationId: string, griddles: readonly string[]): Workshop {
  const stations = workshop.stations.map((s) => {
    if (s.id !== stationId) return s;
    const { griddles: _own, ...station } = s;
    return griddles.length === 0 ? station : { ...station, griddles: [...griddles] };
  });
  return { ...workshop, stations };
}
