import { ChevronsLeftRight, ChevronsRightLeft, TriangleAlert } from 'lucide-react';
import { memo, type Ref } from 'react';
import { type Followed, initialsOf, type Workshop } from '@hodsman/core';
import { BreadGlyph } from '../bread-ui/BreadGlyph.tsx';
import { fitted } from './fitted.ts';
import type { Column, Lane, Lanes } from './lanes.ts';

const HEADER_PX = 56;
/** The mark of those with whom something is to be minded. */
const MARK_PX = 12;

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

const HEAD = {
  ahead: 'bg-steel text-ink',
  staff: 'bg-steel text-ink',
  station: 'bg-steel text-ink',
  griddle: 'bg-slate text-on-slate',
  fire: 'bg-slate text-on-slate',
  table: 'bg-herb text-on-herb',
} as const;

/**
 * The places across: staff, stations with their people, fires, the table. A click on a name follows it; the keyboard does the same from the
 * panel, so that the way to the board is not through every name.
 */
export const Header = memo(function Header(props: Props) {
  const { ref, lanes } = props;
  return (
    <div className="relative overflow-hidden border-b border-line bg-ground" style={{ height: HEADER_PX }}>
      <div ref={ref} className="absolute inset-y-0 left-0 will-change-transform" style={{ width: lanes.width }}>
        {lanes.lanes.map((l) => (
          <LaneHead key={l.id} lane={l} {...props} />
        ))}
      </div>
    </div>
  );
});

/** What one follows by the name of a lane; ahead, staff and table are followed by nobody. */
function followedBy(lane: Lane): Followed | undefined {
  const [kind, id = ''] = lane.id.split(':');
  return kind === 'station' || kind === 'griddle' ? { kind, id } : undefined;
}

const isSame = (a: Followed | undefined, b: Followed | undefined): boolean =>
  a !== undefined && a.kind === b?.kind && a.id === b.id;

function LaneHead({ lane, workshop, breads, followed, care, onFollow, onFold }: Props & { readonly lane: Lane }) {
  const target = followedBy(lane);
  if (lane.isFolded)
    return (
      <button
        type="button"
        tabIndex={-1}
        aria-label={`Unfold ${lane.name}`}
        title={`Unfold ${lane.name}`}
        className={`absolute top-1 grid place-items-center rounded-cut ${HEAD[lane.kind]}`}
        style={{ left: lane.x, width: lane.width, height: HEADER_PX - 8 }}
        onClick={() => onFold(lane.id)}
      >
        <ChevronsLeftRight size={15} aria-hidden />
      </button>
    );
  return (
    <>
      <div
        className={`absolute top-1 flex h-6 items-stretch overflow-hidden rounded-cut ${HEAD[lane.kind]} ${isSame(target, followed) ? 'outline-2 -outline-offset-2 outline-ink' : ''}`}
        style={{ left: lane.x, width: lane.width }}
      >
        <button
          type="button"
          tabIndex={-1}
          disabled={!target}
          title={lane.name}
          className="min-w-0 flex-1 truncate px-1.5 text-left text-sm font-bold"
          onClick={() => target && onFollow(target)}
        >
          {target?.kind === 'griddle' ? fitted(lane.name, lane.width - 10, 15, target.id) : lane.name}
        </button>
        {lane.width > 76 && (
          <button
            type="button"
            tabIndex={-1}
            aria-label={`Fold ${lane.name}`}
            title={`Fold ${lane.name}`}
            className="grid w-6 place-items-center opacity-60 hover:opacity-100"
            onClick={() => onFold(lane.id)}
          >
            <ChevronsRightLeft size={14} aria-hidden />
          </button>
        )}
      </div>
      {lane.strips.map((s) => (
        <StripHead key={s.id} strip={s} workshop={workshop} followed={followed} onFollow={onFollow} />
      ))}
      {lane.columns.map((c) => (
        <ColumnHead
          key={c.id}
          column={c}
          lane={lane}
          followed={followed}
          onFollow={onFollow}
          breads={breads}
          care={care}
        />
      ))}
    </>
  );
}

const shapeOf = (workshop: Workshop, bread: string | undefined): string | undefined =>
  workshop.breads.find((b) => b.id === bread)?.piece.shape;

function StripHead({
  strip,
  workshop,
  followed,
  onFollow,
}: Pick<Props, 'workshop' | 'followed' | 'onFollow'> & { readonly strip: Column }) {
  const bread = strip.bread ?? '';
  const target = { kind: 'bread', id: bread } as const;
  return (
    <button
      type="button"
      tabIndex={-1}
      aria-label={`Follow ${strip.name}`}
      title={strip.name}
      className={`absolute top-7 h-6.5 ${isSame(target, followed) ? 'rounded-cut bg-steel' : ''}`}
      style={{ left: strip.x, width: strip.width }}
      onClick={() => onFollow(target)}
    >
      <svg width={strip.width} height={26} className="block" aria-hidden>
        <BreadGlyph shape={shapeOf(workshop, bread)} x={strip.width / 2} y={13} size={17} />
      </svg>
    </button>
  );
}

function ColumnHead({
  column,
  lane,
  followed,
  onFollow,
  breads,
  care,
}: Pick<Props, 'followed' | 'onFollow' | 'breads' | 'care'> & { readonly column: Column; readonly lane: Lane }) {
  const style = { left: column.x, width: column.width };
  if (lane.kind !== 'station' && lane.kind !== 'staff')
    return (
      <span
        className={`absolute top-7 grid h-6.5 place-items-center truncate text-[13px] ${lane.kind === 'table' ? '' : 'text-quiet'}`}
        style={style}
      >
        {lane.kind === 'table' ? `${breads} breads` : lane.columns.length > 1 ? column.name : ''}
      </span>
    );
  const target = { kind: 'person', id: column.id } as const;
  const minded = care(column.id);
  const room = column.width + 3 - (minded === '' ? 0 : MARK_PX);
  const shown = fitted(column.name, room, 13, initialsOf(column.name));
  const title = minded === '' ? column.name : `${column.name}: ${minded}`;
  return (
    <button
      type="button"
      tabIndex={-1}
      title={title}
      aria-label={shown === column.name ? `Follow ${title}` : `${shown}: follow ${title}`}
      className={`absolute top-7 flex h-6.5 items-center justify-center gap-0.5 overflow-hidden text-[13px] whitespace-nowrap ${isSame(target, followed) ? 'rounded-cut bg-hands text-on-hands' : ''}`}
      style={style}
      onClick={() => onFollow(target)}
    >
      {minded !== '' && <TriangleAlert size={MARK_PX} aria-hidden className="shrink-0 text-trouble" />}
      {shown}
    </button>
  );
}
