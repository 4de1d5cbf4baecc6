import { type Bread, type Griddle, idsOf, type Kitchen, nextId, thingName, USUAL_BOWL } from '@hodsman/core';
import { NumberField } from '../../ui/NumberField.tsx';
import { TextField } from '../../ui/TextField.tsx';
import { EntryTable, type Column } from './EntryTable.tsx';
import { choiceColumn, numberColumn, textColumn, yesColumn } from './fields.tsx';
import { GriddleTable } from './GriddleTable.tsx';

interface Props {
  readonly kitchen: Kitchen;
  /** Breads that are drawn on the griddles. */
  readonly breads: readonly Pick<Bread, 'id' | 'name' | 'piece'>[];
  readonly onChange: (kitchen: Kitchen, what?: string) => void;
}

type Entry<K extends keyof Kitchen> = NonNullable<Kitchen[K]> extends readonly (infer E)[] ? E : never;

const SURFACES = ['cast-iron', 'steel', 'aluminium', 'non-stick', 'stone', 'clay'] as const;
const same = <V extends string>(list: readonly V[]): readonly (readonly [V, string])[] => list.map((v) => [v, v]);
/** Staff and what has a name by that, anything else by what it is. */
const namedIn = (kitchen: Kitchen, { id, name }: { readonly id: string; readonly name?: string }): string =>
  name ?? thingName(kitchen, id);
const NAME: Column<{ id: string; name?: string | undefined }> = textColumn('Name', 'name');

const BENCHES: readonly Column<Entry<'benches'>>[] = [NAME, numberColumn('Seats', 'seats', { least: 1 })];
const SLOTS: readonly Column<Entry<'grills'>>[] = [NAME, numberColumn('Slots', 'slots', { least: 1 })];
const GRIDDLES: readonly Column<Griddle>[] = [
  NAME,
  choiceColumn(
    'Surface',
    (g: Griddle) => g.surface,
    same(SURFACES),
    (_, surface) => ({ surface }),
  ),
  choiceColumn(
    'Shape',
    (g: Griddle) => g.shape,
    [
      ['round', 'round'],
      ['rectangle', 'rectangle'],
    ],
    (g, shape) => reshaped(g, shape) as Partial<Griddle>,
  ),
  { head: 'Size, cm', field: (g, change, name) => <SizeFields griddle={g} name={name} onChange={change} /> },
  numberColumn('Heats up', 'preheatMin', { unit: 'min' }),
  numberColumn('Between breads', 'resetSec', { unit: 's' }),
  numberColumn('Between kinds', 'changeSec', { unit: 's' }),
  numberColumn('Cleaning', 'cleanSec', { unit: 's' }),
  numberColumn('Room for', 'people', { unit: 'people', least: 1, most: 100 }),
  yesColumn('Portable', 'portable'),
  yesColumn('Heat zones', 'zones'),
];
const MIXERS: readonly Column<Entry<'mixers'>>[] = [
  NAME,
  numberColumn('Least dough', 'minDoughG', { unit: 'g' }),
  numberColumn('Most dough', 'maxDoughG', { unit: 'g' }),
  numberColumn('Warms the dough by', 'frictionC', { unit: '°C', digits: 1 }),
];
const PLACES: readonly Column<Entry<'places'>>[] = [
  NAME,
  choiceColumn(
    'Kind',
    (p: Entry<'places'>) => p.kind,
    [
      ['room', 'in the room'],
      ['warm', 'warm'],
      ['fridge', 'fridge'],
    ],
    (_, kind) => ({ kind }),
  ),
  numberColumn('Temperature', 'tempC', { unit: '°C', digits: 1, least: -5, most: 60 }),
  numberColumn('Doughs', 'batches', { least: 1 }),
];
const STAFF: readonly Column<Entry<'staff'>>[] = [
  textColumn('Name', 'name', 'a name'),
  choiceColumn(
    'Role',
    (s: Entry<'staff'>) => s.role,
    [
      ['instructor', 'instructor'],
      ['assistant', 'assistant'],
    ],
    (_, role) => ({ role }),
  ),
  numberColumn('Pace', 'pace', { digits: 2, least: 0.05, most: 20 }),
];
const KIT: readonly Column<Entry<'kit'>>[] = [
  textColumn('What', 'what', 'rolling pin'),
  numberColumn('How many', 'count'),
];

/** A griddle of the other shape that carries about the same. */
function reshaped(g: Griddle, shape: Griddle['shape']): Griddle {
  if (shape === g.shape) return g;
  if (g.shape === 'round') {
    const { diameterCm, shape: _, ...rest } = g;
    return { ...rest, shape: 'rectangle', widthCm: diameterCm, depthCm: diameterCm };
  }
  const { widthCm, depthCm, shape: _, ...rest } = g;
  return { ...rest, shape: 'round', diameterCm: Math.min(widthCm, depthCm) };
}

function SizeFields({
  griddle,
  name,
  onChange,
}: {
  readonly griddle: Griddle;
  readonly name: string;
  readonly onChange: (part: Partial<Griddle>) => void;
}) {
  const field = (label: string, value: number, put: (cm: number) => Partial<Griddle>) => (
    <NumberField
      label={`${label} of ${name}, cm`}
      isLabelHidden
      value={value}
      digits={1}
      least={5}
      most={200}
      className="w-14"
      onChange={(cm) => onChange(put(cm))}
    />
  );
  if (griddle.shape === 'round') return field('Diameter', griddle.diameterCm, (diameterCm) => ({ diameterCm }));
  return (
    <span className="flex items-center gap-1">
      {field('Width', griddle.widthCm, (widthCm) => ({ widthCm }))} ×
      {field('Depth', griddle.depthCm, (depthCm) => ({ depthCm }))}
    </span>
  );
}

/** All of a kitchen: its griddles from above with what they carry, then everything else that stands in it. */
export function KitchenEditor({ kitchen, breads, onChange }: Props) {
  const put = (change: Partial<Kitchen>, what?: string): void => onChange({ ...kitchen, ...change }, what);
  const list = <K extends 'benches' | 'griddles' | 'grills' | 'flames' | 'mixers' | 'places' | 'staff'>(
    key: K,
    prefix: string,
    make: (id: string) => Entry<K>,
  ) => ({
    entries: kitchen[key] as unknown as readonly Entry<K>[],
    nameOf: (e: Entry<K>) => namedIn(kitchen, e as { readonly id: string; readonly name?: string }),
    onChange: (entries: readonly Entry<K>[], what?: string): void => put({ [key]: entries }, what),
    make: () => make(nextId(prefix, idsOf(kitchen[key]))),
  });
  const figure = (label: string, unit: string, key: FigureKey, usual: number, digits = 0) => (
    <NumberField
      label={label}
      unit={unit}
      value={kitchen[key] ?? usual}
      digits={digits}
      least={0}
      most={100_000}
      className="w-20"
      onChange={(value) => put({ [key]: value }, key)}
    />
  );
  return (
    <div className="grid gap-8 p-4">
      {breads.length > 0 && kitchen.griddles.length > 0 && (
        <GriddleTable griddles={kitchen.griddles} gapCm={kitchen.griddleGapCm} breads={breads} />
      )}
      <EntryTable
        title="Griddles"
        addWords="Another griddle"
        columns={GRIDDLES}
        {...list('griddles', 'G', (id) => ({
          ...(kitchen.griddles.at(-1) ?? USUAL_GRIDDLE),
          id,
          name: undefined,
        }))}
      />
      <div className="grid items-start gap-8 xl:grid-cols-2">
        <EntryTable
          title="Benches"
          addWords="Another bench"
          columns={BENCHES}
          {...list('benches', 'B', (id) => ({ id, seats: 2 }))}
        />
        <EntryTable
          title="Staff"
          hint="pace 0.5: half the time that a beginner takes"
          addWords="Somebody else"
          columns={STAFF}
          {...list('staff', 'staff', (id) => ({ id, name: 'New helper', role: 'assistant' as const, pace: 0.6 }))}
        />
        <EntryTable
          title="Places for dough to rest"
          addWords="Another place"
          columns={PLACES}
          {...list('places', 'place', (id) => ({ id, kind: 'room' as const, tempC: kitchen.roomC }))}
        />
        <EntryTable
          title="Mixers"
          addWords="A mixer"
          columns={MIXERS}
          {...list('mixers', 'M', (id) => ({ id, minDoughG: 500, maxDoughG: 2500, frictionC: 13 }))}
        />
        <EntryTable
          title="Grills"
          hint="heat from above"
          addWords="A grill"
          columns={SLOTS}
          {...list('grills', 'O', (id) => ({ id, slots: 1 }))}
        />
        <EntryTable
          title="Open flames"
          addWords="A flame"
          columns={SLOTS}
          {...list('flames', 'F', (id) => ({ id, slots: 1 }))}
        />
        <EntryTable
          title="Kit in the cupboards"
          hint="against what a class needs"
          addWords="Something else"
          columns={KIT}
          entries={kitchen.kit ?? []}
          nameOf={(k) => k.what}
          onChange={(kit, what) => put({ kit: [...kit] }, what)}
          make={() => ({ what: 'rolling pin', count: 1 })}
        />
        <section aria-labelledby="room-head" className="grid gap-3">
          <h2 id="room-head" className="text-lg">
            The room and its limits
          </h2>
          <div className="flex flex-wrap gap-x-5 gap-y-3">
            <TextField label="Name of the kitchen" value={kitchen.name} onTake={(name) => put({ name })} />
          </div>
          <div className="flex flex-wrap gap-x-5 gap-y-3">
            {figure('Room', '°C', 'roomC', 21, 1)}
            {figure('Flour', '°C', 'flourC', kitchen.roomC, 1)}
            {figure('Tap', '°C', 'tapC', USUAL_BOWL.tapC, 1)}
            {figure('Kettle', '°C', 'kettleC', USUAL_BOWL.kettleC)}
            {figure('Kettle holds', 'l', 'kettleL', USUAL_BOWL.kettleL, 1)}
            {figure('Kneading by hand warms by', '°C', 'handFrictionC', USUAL_BOWL.handFrictionC, 1)}
          </div>
          <div className="flex flex-wrap gap-x-5 gap-y-3">
            {figure('Gap between breads', 'cm', 'griddleGapCm', 1, 1)}
            {figure('Between two people laying on', 's', 'layOnGapSec', 0)}
            {figure('Griddles a member of staff watches', '', 'griddlesPerStaff', 4)}
            {figure('Most dough by hand', 'g', 'handMaxDoughG', 3000)}
            {figure('Perishable dough out of the fridge at most', 'min', 'safeOutMin', 240)}
          </div>
        </section>
      </div>
    </div>
  );
}

type FigureKey =
  | 'roomC'
  | 'flourC'
  | 'tapC'
  | 'kettleC'
  | 'kettleL'
  | 'handFrictionC'
  | 'griddleGapCm'
  | 'layOnGapSec'
  | 'griddlesPerStaff'
  | 'handMaxDoughG'
  | 'safeOutMin';

const USUAL_GRIDDLE = {
  surface: 'cast-iron',
  shape: 'round',
  diameterCm: 32,
  preheatMin: 8,
  resetSec: 20,
  changeSec: 60,
} as const;
