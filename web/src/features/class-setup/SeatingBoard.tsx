import { DndContext, PointerSensor, useDraggable, useDroppable, useSensor, useSensors } from '@dnd-kit/core';
import { Menu, MenuButton, MenuItem, MenuItems } from '@headlessui/react';
import { ChevronDown, Shuffle, Users } from 'lucide-react';
import { memo, useCallback, useState, type PointerEventHandler, type ReactNode } from 'react';
import {
  careWords,
  type ClassRecord,
  griddleName,
  moveParticipant,
  type Seat,
  seatAll,
  setStationGriddles,
  stationName,
  success,
  swapParticipants,
  type Workshop,
} from '@hodsman/core';
import { applyEdit, applyNotes, applyRecord, editClass } from '../../planning/edit.ts';
import { useAppDispatch, useAppSelector } from '../../store/hooks.ts';
import { MAIN_BUTTON, SIDE_BUTTON } from '../../ui/buttons.ts';

type Station = Workshop['stations'][number];

/** Where a chip was dropped: on a person, a station, or a bench without one. */
const KEY = { person: 'person:', station: 'station:', bench: 'bench:' } as const;
const after = (text: string, prefix: string): string | undefined =>
  text.startsWith(prefix) ? text.slice(prefix.length) : undefined;

/** A press that does not move chooses; one object for good, since another one draws every chip again. */
const AFTER_A_MOVE = { activationConstraint: { distance: 6 } } as const;

/** The benches with everybody at them: drag somebody to another bench or onto another person, or choose from their menu. */
export function SeatingBoard({ record }: { readonly record: ClassRecord }) {
  const { workshop, notes } = record;
  const dispatch = useAppDispatch();
  const [chosen, setChosen] = useState<readonly string[]>([]);
  const sensors = useSensors(useSensor(PointerSensor, AFTER_A_MOVE));
  const people = new Map(workshop.roster.map((p) => [p.id, p]));
  const choose = useCallback(
    (id: string) => setChosen((now) => (now.includes(id) ? now.filter((x) => x !== id) : [...now, id])),
    [],
  );
  const drop = (id: string, target: string): void => {
    const other = after(target, KEY.person);
    const station = after(target, KEY.station);
    const bench = after(target, KEY.bench);
    if (other !== undefined && other !== id) dispatch(applyEdit(success(swapParticipants(workshop, id, other))));
    else if (station !== undefined) dispatch(applyEdit(moveParticipant(workshop, id, { station })));
    else if (bench !== undefined) dispatch(applyEdit(moveParticipant(workshop, id, { bench })));
  };
  const together = (): void => {
    const others = notes.friends.map((g) => g.filter((id) => !chosen.includes(id))).filter((g) => g.length > 1);
    dispatch(applyNotes({ friends: [...others, [...chosen]] }));
    setChosen([]);
  };
  const empty = workshop.kitchen.benches.filter((b) => !workshop.stations.some((s) => s.bench === b.id));
  return (
    <section aria-labelledby="seats-head">
      <div className="mb-3 flex flex-wrap items-center gap-3">
        <h2 id="seats-head" className="flex-1 text-xl">
          Who stands where
        </h2>
        {chosen.length > 1 && (
          <button type="button" className={SIDE_BUTTON} onClick={together}>
            <Users size={18} aria-hidden /> Keep these {chosen.length} together
          </button>
        )}
        <button
          type="button"
          className={MAIN_BUTTON}
          title="Those who avoid something by themselves, friends together, stations even"
          onClick={() => dispatch(applyRecord(success(seatAll(record))))}
        >
          <Shuffle size={18} aria-hidden /> Seat everybody
        </button>
      </div>
      <DndContext
        sensors={sensors}
        onDragEnd={({ active, over }) => {
          if (over) drop(String(active.id), String(over.id));
        }}
      >
        <ol className="grid gap-3 sm:grid-cols-2" data-testid="seating">
          {workshop.stations.map((s) => (
            <li key={s.id}>
              <Bench id={KEY.station + s.id} station={s} workshop={workshop}>
                {s.members.map((m) => {
                  const person = people.get(m);
                  return (
                    person && (
                      <Chip
                        key={m}
                        id={m}
                        name={person.name}
                        care={careWords(workshop, notes.remarks, m)}
                        isChosen={chosen.includes(m)}
                        onChoose={choose}
                      />
                    )
                  );
                })}
              </Bench>
            </li>
          ))}
          {empty.map((b) => (
            <li key={b.id}>
              <EmptyBench bench={b} />
            </li>
          ))}
        </ol>
      </DndContext>
      {notes.friends.length > 0 && (
        <ul aria-label="Friends" className="mt-3 flex flex-wrap gap-2 text-sm">
          {notes.friends.map((group) => (
            <li key={group.join()} className="flex items-center gap-2 rounded-cut border border-line px-2 py-1">
              <Users size={15} aria-hidden />
              {group.map((id) => people.get(id)?.name ?? id).join(', ')}
              <button
                type="button"
                className="underline"
                onClick={() => dispatch(applyNotes({ friends: notes.friends.filter((g) => g !== group) }))}
              >
                not together
              </button>
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}

interface BenchProps {
  readonly id: string;
  readonly station: Station;
  readonly workshop: Workshop;
  readonly children: ReactNode;
}

function Bench({ id, station, workshop, children }: BenchProps) {
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
          {bench?.name ?? `bench ${station.bench}`}
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

interface GriddlesProps {
  readonly station: string;
  readonly name: string;
  /** Ids of griddles, with spaces between; no own ones means any. Texts, so that an edit elsewhere draws none of this again. */
  readonly own: string;
  readonly all: string;
  /** Names of all, a line each. */
  readonly names: string;
}

/** The griddles on which a station cooks. */
const StationGriddles = memo(function StationGriddles({ station, name, own, all, names }: GriddlesProps) {
  const dispatch = useAppDispatch();
  const ids = all.split(' ');
  const words = names.split('\n');
  const on = new Set(own === '' ? ids : own.split(' '));
  const turn = (id: string): void => {
    const next = ids.filter((x) => (x === id ? !on.has(x) : on.has(x)));
    dispatch(editClass((w) => success(setStationGriddles(w, station, next.length === ids.length ? [] : next))));
  };
  return (
    <fieldset className="mt-2 flex flex-wrap items-center gap-1 text-sm">
      <legend className="sr-only">Griddles of {name}</legend>
      <span className="text-quiet" aria-hidden>
        cooks on
      </span>
      {ids.map((id, i) => (
        <label
          key={id}
          className={`min-h-7 cursor-pointer rounded-cut border px-2 leading-7 has-focus-visible:outline-3 ${on.has(id) ? 'border-ink' : 'border-line text-quiet line-through'}`}
        >
          <input
            type="checkbox"
            className="sr-only"
            aria-label={`${name} cooks on ${words[i] ?? id}`}
            checked={on.has(id)}
            onChange={() => turn(id)}
          />
          {words[i]}
        </label>
      ))}
    </fieldset>
  );
});

function EmptyBench({ bench }: { readonly bench: Workshop['kitchen']['benches'][number] }) {
  const { setNodeRef, isOver } = useDroppable({ id: KEY.bench + bench.id });
  return (
    <div
      ref={setNodeRef}
      className={`h-full rounded-cut border border-dashed p-3 text-quiet ${isOver ? 'border-hands outline-2 outline-hands' : 'border-line'}`}
    >
      <p className="flex justify-between">
        {bench.name ?? `Bench ${bench.id}`}
        <span className="text-sm">{bench.seats} free</span>
      </p>
    </div>
  );
}

/** A press of the pointer begins a drag; keys do not, since the menu moves people by keys. */
const pointerOf = (listeners: ReturnType<typeof useDraggable>['listeners']) => ({
  onPointerDown: listeners?.['onPointerDown'] as PointerEventHandler | undefined,
});

interface ChipProps {
  readonly id: string;
  readonly name: string;
  /** What is to be minded with them. */
  readonly care: string;
  readonly isChosen: boolean;
  readonly onChoose: (id: string) => void;
}

/** Somebody at a bench: dragged, or moved from the menu beside the name; a press on the name chooses them. */
const Chip = memo(function Chip({ id, name, care, isChosen, onChoose }: ChipProps) {
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
        .map((b) => item(b.id, `To ${b.name ?? `bench ${b.id}`}, by themselves`, () => move({ bench: b.id })))}
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
