import { useState } from 'react';
import {
  type Bread,
  type Known,
  MEASURE_SYSTEMS,
  type MeasureSystem,
  type Scale,
  type ScaledBatch,
  wholeUnits,
  gramsText,
} from '@hodsman/core';
import { NumberField } from '../../ui/NumberField.tsx';
import { SelectField } from '../../ui/SelectField.tsx';

interface Props {
  readonly bread: Bread;
  readonly scale: Scale;
  readonly scaled: ScaledBatch;
  readonly system: MeasureSystem;
  readonly onKnown: (known: Known) => void;
  readonly onSystem: (system: MeasureSystem) => void;
}

const SYSTEM_WORDS: Readonly<Record<MeasureSystem, string>> = {
  us: 'US',
  metric: 'metric',
  australian: 'Australian',
  british: 'British',
};

/** Scale from any one figure: whichever is typed is kept, and the others follow. */
export function ScaleBar({ bread, scale, scaled, system, onKnown, onSystem }: Props) {
  const pieces = scale.pieces;
  const [each, setEach] = useState(2);
  const people = pieces / each;
  const units = bread.ingredients.flatMap((i, index) => {
    const g = i.use === 'dough' ? (scaled.ingredients[index]?.g ?? 0) : 0;
    const whole = wholeUnits(i, g);
    return whole && i.unitG !== undefined ? [{ i, index, g, whole, unitG: i.unitG }] : [];
  });
  return (
    <section
      aria-label="How much"
      className="flex flex-wrap items-end gap-x-5 gap-y-2 rounded-cut border border-line bg-panel px-4 py-3"
    >
      <NumberField
        label="People"
        value={people}
        digits={1}
        least={0.1}
        most={500}
        className="w-16"
        onChange={(n) => onKnown({ what: 'pieces', pieces: n * each })}
      />
      <NumberField
        label="Each"
        value={each}
        digits={1}
        least={0.5}
        most={20}
        className="w-14"
        onChange={(n) => {
          setEach(n);
          onKnown({ what: 'pieces', pieces: people * n });
        }}
      />
      <NumberField
        label="Breads"
        value={pieces}
        digits={1}
        least={0.1}
        most={2000}
        className="w-20 text-lg font-semibold"
        onChange={(n) => onKnown({ what: 'pieces', pieces: n })}
      />
      <NumberField
        label="Flour"
        quantity="weight"
        value={scale.flourG}
        digits={1}
        least={1}
        onChange={(g) => onKnown({ what: 'flour', g })}
      />
      <NumberField
        label="Dough"
        quantity="weight"
        value={scale.doughG}
        digits={1}
        least={1}
        onChange={(g) => onKnown({ what: 'dough', g })}
      />
      {units.map(({ i, index, g, unitG, whole }) => (
        <div key={i.name} className="flex items-end gap-2">
          <NumberField
            label={`${i.name}s at hand`}
            value={g / unitG}
            digits={2}
            least={0.1}
            most={500}
            onChange={(n) => onKnown({ what: 'ingredient', index, g: n * unitG })}
          />
          {Math.abs(whole.g - g) > 0.5 && (
            <p className="max-w-52 text-sm text-quiet">
              or {whole.count} whole with {gramsText(Math.abs(whole.waterG))} water {whole.waterG > 0 ? 'more' : 'less'}
              , or beaten by weight
            </p>
          )}
        </div>
      ))}
      <div className="ml-auto">
        <SelectField
          label="Cups and spoons"
          value={system}
          options={MEASURE_SYSTEMS.map((s) => [s, SYSTEM_WORDS[s]] as const)}
          onChange={onSystem}
        />
      </div>
    </section>
  );
}
