import { reshapedGriddle, type Griddle, type Kitchen, unitOf } from '@hodsman/core';
import { NumberField } from '../../ui/NumberField.tsx';
import { choiceColumn, numberColumn, textColumn, yesColumn } from './fields.tsx';
import type { Column } from './EntryTable.tsx';

/** An entry of one of a kitchen's lists. */
export type Entry<K extends keyof Kitchen> = NonNullable<Kitchen[K]> extends readonly (infer E)[] ? E : never;

const SURFACES = ['cast-iron', 'steel', 'aluminium', 'non-stick', 'stone', 'clay'] as const;
const same = <V extends string>(list: readonly V[]): readonly (readonly [V, string])[] => list.map((v) => [v, v]);

export const BENCHES: readonly Column<Entry<'benches'>>[] = [
  textColumn<Entry<'benches'>>('Name', 'name'),
  numberColumn('Seats', 'seats', { least: 1 }),
];
export const SLOTS: readonly Column<Entry<'grills'>>[] = [
  textColumn<Entry<'grills'>>('Name', 'name'),
  numberColumn('Slots', 'slots', { least: 1 }),
];
export const GRIDDLES: readonly Column<Griddle>[] = [
  textColumn<Griddle>('Name', 'name'),
  choiceColumn(
    'Surface',
    (g: Griddle) => g.surface,
    same(SURFACES),
    (g, surface) => ({ ...g, surface }),
  ),
  choiceColumn(
    'Shape',
    (g: Griddle) => g.shape,
    [
      ['round', 'round'],
      ['rectangle', 'rectangle'],
    ],
    reshapedGriddle,
  ),
  {
    head: 'Size',
    quantity: 'length',
    field: (g, change, name) => <SizeFields griddle={g} name={name} onChange={change} />,
  },
  numberColumn('Heats up', 'preheatMin', { unit: 'min' }),
  numberColumn('Between breads', 'resetSec', { unit: 's' }),
  numberColumn('Between kinds', 'changeSec', { unit: 's' }),
  numberColumn('Cleaning', 'cleanSec', { unit: 's' }),
  numberColumn('Room for', 'people', { unit: 'people', least: 1, most: 100 }),
  yesColumn('Portable', 'portable'),
  yesColumn('Heat zones', 'zones'),
];
export const MIXERS: readonly Column<Entry<'mixers'>>[] = [
  textColumn<Entry<'mixers'>>('Name', 'name'),
  numberColumn('Least dough', 'minDoughG', { quantity: 'weight' }),
  numberColumn('Most dough', 'maxDoughG', { quantity: 'weight' }),
  numberColumn('Warms the dough by', 'frictionC', { quantity: 'difference', digits: 1 }),
];
export const PLACES: readonly Column<Entry<'places'>>[] = [
  textColumn<Entry<'places'>>('Name', 'name'),
  choiceColumn(
    'Kind',
    (p: Entry<'places'>) => p.kind,
    [
      ['room', 'in the room'],
      ['warm', 'warm'],
      ['fridge', 'fridge'],
    ],
    (p, kind) => ({ ...p, kind }),
  ),
  numberColumn('Temperature', 'tempC', { quantity: 'temperature', digits: 1, least: -5, most: 60 }),
  numberColumn('Doughs', 'batches', { least: 1 }),
];
export const STAFF: readonly Column<Entry<'staff'>>[] = [
  textColumn('Name', 'name', 'a name'),
  choiceColumn(
    'Role',
    (s: Entry<'staff'>) => s.role,
    [
      ['instructor', 'instructor'],
      ['assistant', 'assistant'],
    ],
    (s, role) => ({ ...s, role }),
  ),
  numberColumn('Pace', 'pace', { digits: 2, least: 0.05, most: 20 }),
];
export const KIT: readonly Column<Entry<'kit'>>[] = [
  textColumn('What', 'what', 'rolling pin'),
  numberColumn('How many', 'count'),
];

function SizeFields({
  griddle,
  name,
  onChange,
}: {
  readonly griddle: Griddle;
  readonly name: string;
  readonly onChange: (griddle: Griddle) => void;
}) {
  const field = (label: string, value: number, put: (cm: number) => Griddle) => (
    <NumberField
      label={`${label} of ${name}, ${unitOf('length')}`}
      isLabelHidden
      quantity="length"
      unit=""
      value={value}
      digits={1}
      least={5}
      most={200}
      className="w-14"
      onChange={(cm) => onChange(put(cm))}
    />
  );
  if (griddle.shape === 'round')
    return field('Diameter', griddle.diameterCm, (diameterCm) => ({ ...griddle, diameterCm }));
  return (
    <span className="flex items-center gap-1">
      {field('Width', griddle.widthCm, (widthCm) => ({ ...griddle, widthCm }))} ×
      {field('Depth', griddle.depthCm, (depthCm) => ({ ...griddle, depthCm }))}
    </span>
  );
}
