import type { ReactNode } from 'react';
import { idsOf, NEW_ENTRY, nextId, thingName, type Bread, type Kitchen } from '@hodsman/core';
import { EntryTable } from './EntryTable.tsx';
import { BENCHES, GRIDDLES, KIT, MIXERS, PLACES, SLOTS, STAFF, type Entry } from './columns.tsx';
import { RoomFigures } from './RoomFigures.tsx';
import { TextField } from '../../ui/TextField.tsx';
import { GriddleTable } from './GriddleTable.tsx';

/** Staff and what has a name by that, anything else by what it is. */
const namedIn = (kitchen: Kitchen, { id, name }: { readonly id: string; readonly name?: string }): string =>
  name ?? thingName(kitchen, id);

interface Props {
  readonly kitchen: Kitchen;
  /** Breads that are drawn on the griddles. */
  readonly breads: readonly Pick<Bread, 'id' | 'name' | 'piece'>[];
  readonly onChange: (kitchen: Kitchen, what?: string) => void;
  /** What stands beside the name. */
  readonly children?: ReactNode;
}

/** All of a kitchen: its griddles from above with what they carry, then everything else that stands in it. */
export function KitchenEditor({ kitchen, breads, onChange, children }: Props) {
  const put = (change: Partial<Kitchen>, what?: string): void => onChange({ ...kitchen, ...change }, what);
  const list = <K extends 'benches' | 'griddles' | 'grills' | 'flames' | 'mixers' | 'places' | 'staff'>(
    key: K,
    prefix: string,
    make: (id: string, kitchen: Kitchen) => Entry<K>,
  ) => ({
    entries: kitchen[key] as unknown as readonly Entry<K>[],
    nameOf: (e: Entry<K>) => namedIn(kitchen, e as { readonly id: string; readonly name?: string }),
    onChange: (entries: readonly Entry<K>[], what?: string): void => put({ [key]: entries }, what),
    make: () => make(nextId(prefix, idsOf(kitchen[key])), kitchen),
  });
  return (
    <div className="grid gap-8 p-4">
      <div className="flex flex-wrap items-end gap-x-6 gap-y-3">
        <div className="w-full max-w-md">
          <TextField label="Name of the kitchen" value={kitchen.name} onTake={(name) => put({ name })} />
        </div>
        {children}
      </div>
      {breads.length > 0 && kitchen.griddles.length > 0 && (
        <GriddleTable
          griddles={kitchen.griddles}
          gapCm={kitchen.griddleGapCm}
          breads={breads}
          onGriddle={(griddle) =>
            put(
              { griddles: kitchen.griddles.map((g) => (g.id === griddle.id ? griddle : g)) },
              `how many ${griddle.id} holds`,
            )
          }
        />
      )}
      <EntryTable
        title="Griddles"
        addWords="Another griddle"
        columns={GRIDDLES}
        {...list('griddles', 'G', NEW_ENTRY.griddles)}
      />
      <div className="grid items-start gap-8 xl:grid-cols-2">
        <EntryTable
          title="Benches"
          addWords="Another bench"
          columns={BENCHES}
          {...list('benches', 'B', NEW_ENTRY.benches)}
        />
        <EntryTable
          title="Staff"
          hint="pace 0.5: half the time that a beginner takes"
          addWords="Somebody else"
          columns={STAFF}
          {...list('staff', 'staff', NEW_ENTRY.staff)}
        />
        <EntryTable
          title="Places for dough to rest"
          addWords="Another place"
          columns={PLACES}
          {...list('places', 'place', NEW_ENTRY.places)}
        />
        <EntryTable title="Mixers" addWords="A mixer" columns={MIXERS} {...list('mixers', 'M', NEW_ENTRY.mixers)} />
        <EntryTable
          title="Grills"
          hint="heat from above"
          addWords="A grill"
          columns={SLOTS}
          {...list('grills', 'O', NEW_ENTRY.grills)}
        />
        <EntryTable title="Open flames" addWords="A flame" columns={SLOTS} {...list('flames', 'F', NEW_ENTRY.flames)} />
        <EntryTable
          title="Kit in the cupboards"
          hint="against what a class needs"
          addWords="Something else"
          columns={KIT}
          entries={kitchen.kit ?? []}
          nameOf={(k) => k.what}
          onChange={(kit, what) => put({ kit: [...kit] }, what)}
          make={NEW_ENTRY.kit}
        />
        <RoomFigures kitchen={kitchen} put={put} />
      </div>
    </div>
  );
}
