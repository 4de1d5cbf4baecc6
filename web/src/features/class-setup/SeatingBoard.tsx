import { DndContext, PointerSensor, pointerWithin, useSensor, useSensors } from '@dnd-kit/core';
import { Shuffle, Users } from 'lucide-react';
import { useCallback, useState } from 'react';
import {
  careWords,
  moveParticipant,
  seatAll,
  success,
  swapParticipants,
  thingName,
  type ClassRecord,
} from '@hodsman/core';
import { applyEdit, applyNotes, applyRecord } from '../../planning/edit.ts';
import { useAppDispatch } from '../../store/hooks.ts';
import { MAIN_BUTTON, SIDE_BUTTON } from '../../ui/buttons.ts';
import { AFTER_A_MOVE } from '../../ui/dragging.ts';
import { Bench, EmptyBench } from './Bench.tsx';
import { Friends } from './Friends.tsx';
import { KEY } from './seat-keys.ts';
import { SeatChip } from './SeatChip.tsx';

const after = (text: string, prefix: string): string | undefined =>
  text.startsWith(prefix) ? text.slice(prefix.length) : undefined;

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
        collisionDetection={pointerWithin}
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
                      <SeatChip
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
              <EmptyBench bench={b} name={thingName(workshop.kitchen, b.id)} />
            </li>
          ))}
        </ol>
      </DndContext>
      <Friends record={record} />
    </section>
  );
}
