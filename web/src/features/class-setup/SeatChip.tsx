import { useDraggable, useDroppable } from '@dnd-kit/core';
import { Menu, MenuButton, MenuItem, MenuItems } from '@headlessui/react';
import { ChevronDown } from 'lucide-react';
import { memo } from 'react';
import { moveParticipant, stationName, success, swapParticipants, thingName, type Seat } from '@hodsman/core';
import { applyEdit } from '../../planning/edit.ts';
import { useAppDispatch, useAppSelector } from '../../store/hooks.ts';
import { pointerOf } from '../../ui/dragging.ts';
import { KEY } from './seat-keys.ts';

interface Props {
  readonly id: string;
  readonly name: string;
  /** What is to be minded with them. */
  readonly care: string;
  readonly isChosen: boolean;
  readonly onChoose: (id: string) => void;
}

/** Somebody at a bench: dragged, or moved from the menu beside the name; a press on the name chooses them. */
export const SeatChip = memo(function SeatChip({ id, name, care, isChosen, onChoose }: Props) {
  const drag = useDraggable({ id });
  const drop = useDroppable({ id: KEY.person + id });
  const offset = drag.transform;
  const look = isChosen
    ? 'border-hands bg-hands text-on-hands'
    : drop.isOver && !drag.isDragging
      ? 'border-hands bg-steel'
      : 'border-line bg-ground';
  return (
    <div
      ref={(node) => {
        drag.setNodeRef(node);
        drop.setNodeRef(node);
      }}
      className={`flex min-h-11 rounded-cut border ${look} ${drag.isDragging ? 'relative z-10' : ''}`}
      style={offset ? { transform: `translate(${offset.x}px, ${offset.y}px)` } : undefined}
    >
      <button
        type="button"
        aria-pressed={isChosen}
        className="max-w-44 cursor-grab touch-none pr-1 pl-3 text-left"
        title={name}
        {...pointerOf(drag.listeners)}
        onClick={() => onChoose(id)}
      >
        <span className="block truncate">{name}</span>
        {care !== '' && <span className={`block pb-1 text-xs ${isChosen ? '' : 'text-trouble'}`}>{care}</span>}
      </button>
      <Menu>
        <MenuButton className="grid w-8 place-items-center" aria-label={`Move ${name}`}>
          <ChevronDown size={16} aria-hidden />
        </MenuButton>
        <MenuItems anchor="bottom end" className="z-20 max-h-96 rounded-cut border border-line bg-panel">
          <Moves id={id} />
        </MenuItems>
      </Menu>
    </div>
  );
});

const ITEM = 'block w-full px-4 py-2 text-left data-focus:bg-steel';

/** Every place where somebody could stand instead; worked out only while the menu is open. */
function Moves({ id }: { readonly id: string }) {
  const workshop = useAppSelector((s) => s.draft?.body.workshop);
  const dispatch = useAppDispatch();
  if (!workshop) return null;
  const at = workshop.stations.find((s) => s.members.includes(id));
  const move = (to: Seat): void => {
    dispatch(applyEdit(moveParticipant(workshop, id, to)));
  };
  const item = (key: string, words: string, act: () => void) => (
    <MenuItem key={key}>
      <button type="button" className={ITEM} onClick={act}>
        {words}
      </button>
    </MenuItem>
  );
  return (
    <>
      {workshop.stations
        .filter((s) => s !== at)
        .map((s) => item(s.id, `To ${stationName(s)}`, () => move({ station: s.id })))}
      {workshop.kitchen.benches
        .filter((b) => !workshop.stations.some((s) => s.bench === b.id))
        .map((b) => item(b.id, `To ${thingName(workshop.kitchen, b.id)}, by themselves`, () => move({ bench: b.id })))}
      {workshop.roster
        .filter((p) => at?.members.includes(p.id) === false)
        .map((p) =>
          item(p.id, `Change places with ${p.name}`, () =>
            dispatch(applyEdit(success(swapParticipants(workshop, id, p.id)))),
          ),
        )}
    </>
  );
}
