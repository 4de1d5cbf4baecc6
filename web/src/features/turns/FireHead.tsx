import {
  clockText,
  durationText,
  fireAt,
  type FireTurns,
  type LyingNow,
  pieceName,
  type Workshop,
} from '@hodsman/core';
import { FirePicture } from '../../bread-ui/FirePicture.tsx';

/** How high the head of a fire is: its name over its picture. */
export const HEAD_PX = 168;
const PICTURE_PX = 112;

interface Props {
  readonly fire: FireTurns;
  readonly workshop: Workshop;
  /** The moment at which it is seen, in seconds since doors open. */
  readonly sec: number;
}

const isLying = (s: LyingNow | undefined): s is LyingNow => s !== undefined;

/** A fire over its turns: what it is called, when it is busy, and from above what lies on it at a moment. */
export function FireHead({ fire, workshop, sec }: Props) {
  const clock = (s: number): string => clockText(workshop, s);
  const emptySec = fire.toSec - fire.fromSec - fire.busySec;
  const griddle = workshop.kitchen.griddles.find((g) => g.id === fire.id);
  const now = fireAt(fire, sec);
  const there = now.spots.filter(isLying);
  const what =
    there.length > 0
      ? there.map((s) => pieceName(workshop, s.task)).join(', ')
      : now.isHeating
        ? 'heating up'
        : 'empty';
  const deep = griddle?.shape === 'rectangle' ? griddle.depthCm / griddle.widthCm : 1;
  return (
    <header className="sticky top-0 z-1 bg-ground pt-2" style={{ height: HEAD_PX }}>
      <div className="h-full overflow-hidden rounded-t-cut bg-steel px-3 py-1.5">
        <h2 className="text-lg">{fire.name}</h2>
        <div className="flex items-start gap-3">
          <FirePicture
            fire={now}
            workshop={workshop}
            sec={sec}
            width={Math.min(PICTURE_PX, PICTURE_PX / deep)}
            label={what}
          />
          <p className="figures grid text-sm">
            {fire.preheat && <span>heat up {clock(fire.preheat.startSec)}</span>}
            <span>
              {clock(fire.fromSec)}–{clock(fire.toSec)}
            </span>
            <span>{fire.spots.flat().length} breads</span>
            <span>{emptySec >= 60 ? `empty ${durationText(emptySec)} in between` : 'never empty in between'}</span>
          </p>
        </div>
      </div>
    </header>
  );
}
