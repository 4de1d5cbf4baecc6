import type { Indexed } from './indexed.ts';
import type { Placement } from './problem.ts';

/** Between what is placed already, where one more activity has room: bounds of its start and of its end, and what sets the later ones. */
export interface LagRoom {
  /** No start before this, and no end. */
  startFrom: number;
  endFrom: number;
  /** No start after this, and no end; −1 or the activity that sets it. */
  startTo: number;
  endTo: number;
  startToBy: number;
  endToBy: number;
  /** The start at which rests are at their ideal, on average over the lags that have one; NaN where none has. */
  idealStart: number;
}

/** The room that lags and fans leave an activity beside everything of them that is placed. */
export function roomBeside(
  { lagsOf, fansOf }: Indexed,
  placements: readonly (Placement | undefined)[],
  a: number,
): LagRoom {
  const room: LagRoom = {
    startFrom: -Infinity,
    endFrom: -Infinity,
    startTo: Infinity,
    endTo: Infinity,
    startToBy: -1,
    endToBy: -1,
    idealStart: NaN,
  };
  const bound = (at: 'start' | 'end', from: number, to: number, by: number): void => {
    if (at === 'start') {
      if (from > room.startFrom) room.startFrom = from;
      if (to < room.startTo) {
        room.startTo = to;
        room.startToBy = by;
      }
    } else {
      if (from > room.endFrom) room.endFrom = from;
      if (to < room.endTo) {
        room.endTo = to;
        room.endToBy = by;
      }
    }
  };
  let idealSum = 0;
  let ideals = 0;
  for (const lag of lagsOf[a] ?? []) {
    if (lag.to === a) {
      const other = placements[lag.from];
      if (!other) continue;
      const moment = lag.fromAt === 'end' ? other.endSec : other.startSec;
      bound(lag.toAt, moment + lag.minSec, moment + lag.maxSec, lag.from);
      if (lag.idealSec > lag.minSec && lag.toAt === 'start') {
        idealSum += moment + lag.idealSec;
        ideals++;
      }
    } else {
      const other = placements[lag.to];
      if (!other) continue;
      const moment = lag.toAt === 'end' ? other.endSec : other.startSec;
      bound(lag.fromAt, moment - lag.maxSec, moment - lag.minSec, lag.to);
    }
  }
  if (ideals > 0) room.idealStart = idealSum / ideals;
  for (const fan of fansOf[a] ?? []) {
    let first = Infinity;
    let firstBy = -1;
    let last = -Infinity;
    for (const b of fan.activities) {
      const other = b === a ? undefined : placements[b];
      if (!other) continue;
      const moment = fan.at === 'end' ? other.endSec : other.startSec;
      if (moment < first) {
        first = moment;
        firstBy = b;
      }
      last = Math.max(last, moment);
    }
    if (firstBy >= 0) bound(fan.at, last - fan.spreadSec, first + fan.spreadSec, firstBy);
  }
  return room;
}
