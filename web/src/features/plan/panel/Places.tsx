import { ArrowDown, ArrowUp } from 'lucide-react';
import { memo } from 'react';
import { griddleName, stationName, type Followed, type Workshop } from '@hodsman/core';
import { arrangePlaces } from '../../../store/board-look.ts';
import { lookChanged } from '../../../store/look-slice.ts';
import { useAppDispatch, useAppSelector } from '../../../store/hooks.ts';
import { SMALL_ICON_BUTTON } from '../../../ui/buttons.ts';
import { Toggle } from '../../../ui/Toggle.tsx';
import type { Lane } from '../../../board/lane.ts';
import type { Lanes } from '../../../board/lanes.ts';
import { Part } from './Part.tsx';

interface Props {
  readonly lanes: Lanes;
  readonly workshop: Workshop;
  /** Something is done before the class. */
  readonly hasAhead: boolean;
  readonly onFold: (lane: string) => void;
  readonly onFollow: (followed: Followed) => void;
}

/** What can be followed, by kind and name. */
const followables = (
  w: Workshop,
): readonly (readonly [string, readonly (Followed & { readonly name: string })[]])[] => [
  ['People', [...w.roster, ...w.kitchen.staff].map((p) => ({ kind: 'person' as const, id: p.id, name: p.name }))],
  [
    'Breads',
    w.menu.map((m) => ({
      kind: 'bread' as const,
      id: m.bread,
      name: w.breads.find((b) => b.id === m.bread)?.name ?? m.bread,
    })),
  ],
  ['Griddles', w.kitchen.griddles.map((g) => ({ kind: 'griddle' as const, id: g.id, name: griddleName(g) }))],
  ['Stations', w.stations.map((s) => ({ kind: 'station' as const, id: s.id, name: stationName(s) }))],
];

/** What of the board is shown: whom to follow, which places are folded and in which order they stand. */
export const Places = memo(function Places({ lanes: { lanes }, workshop, hasAhead, onFold, onFollow }: Props) {
  const dispatch = useAppDispatch();
  const { followed, isAheadFolded } = useAppSelector((s) => s.look);
  const groups = followables(workshop);
  const move = (lane: Lane, by: -1 | 1): void => {
    const ids = lanes.map((l) => l.id);
    const [from, to] = [ids.indexOf(lane.id), ids.indexOf(lane.id) + by];
    const other = ids[to];
    if (other === undefined) return;
    dispatch(arrangePlaces({ order: ids.map((id, i) => (i === from ? other : i === to ? lane.id : id)) }));
  };
  return (
    <Part title="On the board">
      <label className="grid gap-1">
        <span className="text-sm text-quiet">Follow</span>
        <select
          value={followed ? `${followed.kind}:${followed.id}` : ''}
          className="min-h-9 rounded-cut border border-line bg-panel px-2"
          onChange={(e) => {
            const chosen = groups.flatMap(([, l]) => l).find((f) => `${f.kind}:${f.id}` === e.target.value);
            if (chosen) onFollow({ kind: chosen.kind, id: chosen.id });
            else dispatch(lookChanged({ followed: undefined }));
          }}
        >
          <option value="">everything</option>
          {groups.map(([name, list]) => (
            <optgroup key={name} label={name}>
              {list.map((f) => (
                <option key={f.id} value={`${f.kind}:${f.id}`}>
                  {f.name}
                </option>
              ))}
            </optgroup>
          ))}
        </select>
      </label>
      {hasAhead && (
        <Toggle
          label="What is done ahead, in full"
          isOn={!isAheadFolded}
          onChange={(isOn) => dispatch(lookChanged({ isAheadFolded: !isOn }))}
        />
      )}
      <ul aria-label="Places, from left to right" className="grid">
        {lanes.map((l, i) => (
          <li key={l.id} className="flex items-center">
            <span className="min-w-0 flex-1 truncate">
              <Toggle label={l.names[0] ?? ''} isOn={!l.isFolded} onChange={() => onFold(l.id)} />
            </span>
            <button
              type="button"
              className={SMALL_ICON_BUTTON}
              aria-label={`${l.names[0] ?? ''}: further left`}
              disabled={lanes[i - 1]?.kind !== l.kind}
              onClick={() => move(l, -1)}
            >
              <ArrowUp size={15} aria-hidden />
            </button>
            <button
              type="button"
              className={SMALL_ICON_BUTTON}
              aria-label={`${l.names[0] ?? ''}: further right`}
              disabled={lanes[i + 1]?.kind !== l.kind}
              onClick={() => move(l, 1)}
            >
              <ArrowDown size={15} aria-hidden />
            </button>
          </li>
        ))}
      </ul>
    </Part>
  );
});
