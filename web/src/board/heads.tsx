import { ChevronsLeftRight, ChevronsRightLeft, TriangleAlert } from 'lucide-react';
import type { Followed } from '@hodsman/core';
import { BreadGlyph } from '../bread-ui/BreadGlyph.tsx';
import type { Column, Lane } from './lane.ts';
import { firstThatFits, type Ruler } from './ruler.ts';
import { isSame } from './same-followed.ts';

/** The mark of those with whom something is to be minded. */
const MARK_PX = 12;
const NAME_SIZES = [14, 12, 11] as const;
const FOLD_FROM_PX = 96;
const GLYPH_PX = 17;

interface Head {
  readonly ruler: Ruler;
  readonly followed: Followed | undefined;
  readonly onFollow: (followed: Followed) => void;
}

const COLOURS = {
  ahead: 'bg-steel text-ink',
  staff: 'bg-steel text-ink',
  station: 'bg-steel text-ink',
  griddle: 'bg-slate text-on-slate',
  fire: 'bg-slate text-on-slate',
  table: 'bg-herb text-on-herb',
  list: 'bg-steel text-ink',
} as const;

/** What one follows by the name of a lane; ahead, staff and table are followed by nobody. */
function followedBy(lane: Lane): Followed | undefined {
  const [kind, id = ''] = lane.id.split(':');
  return kind === 'station' || kind === 'griddle' ? { kind, id } : undefined;
}

/** The name of a lane, whole or in fewer letters; beside it, where there is room, what folds it. */
export function LaneName({
  lane,
  height,
  ruler,
  followed,
  onFollow,
  onFold,
}: Head & { readonly lane: Lane; readonly height: number; readonly onFold: (lane: string) => void }) {
  const target = followedBy(lane);
  const [name = ''] = lane.names;
  if (lane.isFolded)
    return (
      <button
        type="button"
        tabIndex={-1}
        aria-label={`Unfold ${name}`}
        title={`Unfold ${name}`}
        className={`absolute top-1 grid place-items-center rounded-cut ${COLOURS[lane.kind]}`}
        style={{ left: lane.x, width: lane.width, height: height - 8 }}
        onClick={() => onFold(lane.id)}
      >
        <ChevronsLeftRight size={15} aria-hidden />
      </button>
    );
  const canFold = lane.width > FOLD_FROM_PX && lane.kind !== 'list';
  const room = lane.width - (canFold ? 30 : 2);
  const size = NAME_SIZES.find((px) => firstThatFits(ruler, lane.names, room, px, 700) !== undefined) ?? 0;
  const shown = firstThatFits(ruler, lane.names, room, size, 700);
  return (
    <div
      className={`absolute top-1 flex h-6 items-stretch overflow-hidden rounded-cut ${COLOURS[lane.kind]} ${isSame(target, followed) ? 'outline-2 -outline-offset-2 outline-ink' : ''}`}
      style={{ left: lane.x, width: lane.width }}
    >
      <button
        type="button"
        tabIndex={-1}
        disabled={!target}
        title={name}
        aria-label={
          !target || shown === undefined ? name : shown === name ? `Follow ${name}` : `${shown}: follow ${name}`
        }
        className={`min-w-0 flex-1 font-bold whitespace-nowrap ${canFold ? 'px-1.5 text-left' : 'text-center'}`}
        style={{ fontSize: size }}
        onClick={() => target && onFollow(target)}
      >
        {shown}
      </button>
      {canFold && (
        <button
          type="button"
          tabIndex={-1}
          aria-label={`Fold ${name}`}
          title={`Fold ${name}`}
          className="grid w-6 place-items-center opacity-60 hover:opacity-100"
          onClick={() => onFold(lane.id)}
        >
          <ChevronsRightLeft size={14} aria-hidden />
        </button>
      )}
    </div>
  );
}

/** The glyph of the bread over its strand. */
export function StripHead({
  strip,
  shape,
  followed,
  onFollow,
}: Head & { readonly strip: Column; readonly shape: string | undefined }) {
  const target = { kind: 'bread', id: strip.bread ?? '' } as const;
  const [name = ''] = strip.names;
  return (
    <button
      type="button"
      tabIndex={-1}
      aria-label={`Follow ${name}`}
      title={name}
      className={`absolute top-7 h-6 ${isSame(target, followed) ? 'rounded-cut bg-steel' : ''}`}
      style={{ left: strip.x, width: strip.width }}
      onClick={() => onFollow(target)}
    >
      <svg width={strip.width} height={24} className="block" aria-hidden>
        <BreadGlyph shape={shape} x={strip.width / 2} y={12} size={Math.min(GLYPH_PX, strip.width - 1)} />
      </svg>
    </button>
  );
}

/** Somebody's name over their column, in as much of it as fits whole. */
export function ColumnHead({
  column,
  minded,
  size = 13,
  top = 28,
  ruler,
  followed,
  onFollow,
}: Head & {
  readonly column: Column;
  readonly minded: string;
  readonly size?: number;
  readonly top?: number;
}) {
  const target = { kind: 'person', id: column.id } as const;
  const [name = ''] = column.names;
  const room = column.width - (minded === '' ? 0 : MARK_PX + 2);
  const shown = firstThatFits(ruler, column.names, room, size, 500) ?? '';
  const title = minded === '' ? name : `${name}: ${minded}`;
  return (
    <button
      type="button"
      tabIndex={-1}
      title={title}
      aria-label={shown === name ? `Follow ${title}` : `${shown}: follow ${title}`}
      className={`absolute flex h-6 items-center justify-center gap-0.5 overflow-hidden font-medium whitespace-nowrap ${isSame(target, followed) ? 'rounded-cut bg-hands text-on-hands' : ''}`}
      style={{ left: column.x, width: column.width, top, fontSize: size }}
      onClick={() => onFollow(target)}
    >
      {minded !== '' && <TriangleAlert size={MARK_PX} aria-hidden className="shrink-0 text-trouble" />}
      {shown}
    </button>
  );
}
