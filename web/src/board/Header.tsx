import { memo, type Ref } from 'react';
import type { Followed, Workshop } from '@hodsman/core';
import type { Distance } from './distance.ts';
import type { Column, Lane } from './lane.ts';
import type { Lanes } from './lanes.ts';
import { ColumnHead, LaneName, StripHead } from './heads.tsx';
import { isSame } from './same-followed.ts';
import { firstThatFits, type Ruler } from './ruler.ts';
import { useRuler } from './use-ruler.ts';

interface Props {
  readonly ref: Ref<HTMLDivElement>;
  readonly lanes: Lanes;
  readonly workshop: Workshop;
  /** How many come to the table. */
  readonly breads: number;
  readonly followed: Followed | undefined;
  /** What is to be minded with somebody; empty for most. */
  readonly care: (person: string) => string;
  readonly onFollow: (followed: Followed) => void;
  readonly onFold: (lane: string) => void;
}

const HEADER_PX = { room: 76, station: 56, route: 56 } as const;

/**
 * The places across: staff, stations with their people, fires, the table. A click on a name follows it; the keyboard does the same from the
 * panel, so that the way to the board is not through every name.
 */
export const Header = memo(function Header({ ref, lanes, workshop, breads, ...rest }: Props) {
  const { distance } = lanes;
  const ruler = useRuler();
  return (
    <div
      className="relative overflow-hidden border-b border-line bg-ground"
      style={{ height: HEADER_PX[distance] }}
      data-testid="heads"
    >
      <div ref={ref} className="absolute inset-y-0 left-0 will-change-transform" style={{ width: lanes.width }}>
        {lanes.lanes.map((lane) => (
          <LaneHead
            key={lane.id}
            lane={lane}
            distance={distance}
            workshop={workshop}
            breads={breads}
            ruler={ruler}
            {...rest}
          />
        ))}
      </div>
    </div>
  );
});

type LaneProps = Omit<Props, 'ref' | 'lanes'> & {
  readonly lane: Lane;
  readonly distance: Distance;
  readonly ruler: Ruler;
};

function LaneHead({ lane, distance, workshop, breads, ruler, followed, care, onFollow, onFold }: LaneProps) {
  const head = { ruler, followed, onFollow };
  const named: readonly Column[] = lane.kind === 'station' || lane.kind === 'staff' ? lane.columns : [];
  return (
    <>
      <LaneName lane={lane} height={HEADER_PX[distance]} onFold={onFold} {...head} />
      {!lane.isFolded && (
        <>
          {lane.strips.map((s) => (
            <StripHead key={s.id} strip={s} shape={shapeOf(workshop, s.bread)} {...head} />
          ))}
          {named.map((c) => (
            <ColumnHead key={c.id} column={c} minded={care(c.id)} {...head} />
          ))}
          {lane.kind === 'table' && <Note lane={lane} ruler={ruler} words={breadsWords(breads)} />}
          {lane.kind === 'griddle' && distance !== 'room' && lane.columns.length > 1
            ? lane.columns.map((c) => <Note key={c.id} lane={c} ruler={ruler} words={c.names} />)
            : null}
          {distance === 'room' && lane.people.length > 0 && (
            <People lane={lane} care={care} followed={followed} ruler={ruler} onFollow={onFollow} />
          )}
        </>
      )}
    </>
  );
}

const shapeOf = (workshop: Workshop, bread: string | undefined): string | undefined =>
  workshop.breads.find((b) => b.id === bread)?.piece.shape;

const breadsWords = (count: number): readonly string[] => [`${count} breads`, String(count)];
const NOTE_PX = 13;
const NAME_PX = 12;

/** A word under a head, whole or not at all. */
function Note({
  lane,
  ruler,
  words,
}: {
  readonly lane: Pick<Lane, 'x' | 'width'>;
  readonly ruler: Ruler;
  readonly words: readonly string[];
}) {
  return (
    <span
      className="absolute top-7 grid h-6 place-items-center text-[13px] whitespace-nowrap text-quiet"
      style={{ left: lane.x, width: lane.width }}
    >
      {firstThatFits(ruler, words, lane.width, NOTE_PX)}
    </span>
  );
}

/** Everybody at a station, side by side: names in ever less room, all of them alike; the mark of those with whom something is to be minded. */
function People({
  lane,
  care,
  followed,
  ruler,
  onFollow,
}: Pick<LaneProps, 'lane' | 'care' | 'followed' | 'ruler' | 'onFollow'>) {
  const each = lane.width / lane.people.length;
  return lane.people.map(({ id, names }, i) => (
    <ColumnHead
      key={id}
      column={{ id, names, lane: lane.id, bread: undefined, x: lane.x + i * each, width: each }}
      minded={care(id)}
      size={NAME_PX}
      top={52}
      ruler={ruler}
      followed={isSame({ kind: 'person', id }, followed) ? followed : undefined}
      onFollow={onFollow}
    />
  ));
}
