import { MEASURE_CHOICES, type OwnMeasures } from '@hodsman/core/units';
import { SelectField } from './SelectField.tsx';

const WORDS: { readonly [K in keyof OwnMeasures]: Readonly<Record<string, string>> } = {
  temperature: { C: '°C', F: '°F' },
  length: { cm: 'cm', in: 'inches' },
  weight: { g: 'grams', oz: 'ounces and pounds' },
  spoons: { us: 'US', metric: 'metric', australian: 'Australian', british: 'British' },
  clock: { '24': '24 hours', '12': '12 hours, am and pm' },
  currency: {},
};
const LABELS: { readonly [K in keyof OwnMeasures]: string } = {
  temperature: 'Warmth',
  length: 'Length',
  weight: 'Weight',
  spoons: 'Cups and spoons',
  clock: 'Time of day',
  currency: 'Money',
};
const KEYS = Object.keys(LABELS) as readonly (keyof OwnMeasures)[];

interface Props {
  readonly value: OwnMeasures;
  readonly onChange: (measures: OwnMeasures) => void;
}

/** The measures in which this device shows and takes figures. */
export function MeasureFields({ value, onChange }: Props) {
  return (
    <div className="flex flex-wrap gap-x-4 gap-y-3">
      {KEYS.map((key) => (
        <SelectField
          key={key}
          label={LABELS[key]}
          value={value[key]}
          options={MEASURE_CHOICES[key].map((c): [string, string] => [c, WORDS[key][c] ?? c])}
          onChange={(chosen) => onChange({ ...value, [key]: chosen })}
        />
      ))}
    </div>
  );
}
