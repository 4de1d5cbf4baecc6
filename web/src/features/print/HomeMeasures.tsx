import { HOME_MEASURES, type ClassRecord, type HomeMeasuresOf } from '@hodsman/core';
import { applyNotes } from '../../planning/edit.ts';
import { useAppDispatch } from '../../store/hooks.ts';
import { SelectField } from '../../ui/SelectField.tsx';

/** What stands for "has not said": figures as on this device. */
const UNSAID = '';
const WORDS: Readonly<Record<HomeMeasuresOf['measures'], string>> = {
  grams: 'grams, °C',
  'metric-cups': 'grams and metric cups, °C',
  'us-cups': 'ounces and US cups, °F',
};
const OPTIONS: readonly (readonly [HomeMeasuresOf['measures'] | typeof UNSAID, string])[] = [
  [UNSAID, 'as on this device'],
  ...HOME_MEASURES.map((m) => [m, WORDS[m]] as const),
];

/** What each participant weighs and measures with at home: their recipes are written so. */
export function HomeMeasures({ record }: { readonly record: ClassRecord }) {
  const dispatch = useAppDispatch();
  const { roster } = record.workshop;
  const { homeMeasures } = record.notes;
  const put = (people: readonly string[], measures: HomeMeasuresOf['measures'] | typeof UNSAID): void => {
    const others = homeMeasures.filter((h) => !people.includes(h.person));
    const said = measures === UNSAID ? [] : people.map((person) => ({ person, measures }));
    dispatch(applyNotes({ homeMeasures: [...others, ...said] }));
  };
  const ofAll = new Set(roster.map((p) => homeMeasures.find((h) => h.person === p.id)?.measures ?? UNSAID));
  const common = ofAll.size === 1 ? [...ofAll][0] : undefined;
  return (
    <details>
      <summary className="min-h-9 cursor-pointer py-1.5">
        Recipes for home in{' '}
        {common === undefined
          ? 'measures of their own'
          : common === UNSAID
            ? 'measures as on this device'
            : WORDS[common]}
      </summary>
      <div className="grid grid-cols-2 gap-3 py-2">
        <div className="col-span-2">
          <SelectField
            label="Everybody"
            value={common ?? UNSAID}
            options={OPTIONS}
            onChange={(m) =>
              put(
                roster.map((p) => p.id),
                m,
              )
            }
          />
        </div>
        {roster.map((p) => (
          <SelectField
            key={p.id}
            label={p.name}
            value={homeMeasures.find((h) => h.person === p.id)?.measures ?? UNSAID}
            options={OPTIONS}
            onChange={(m) => put([p.id], m)}
          />
        ))}
      </div>
    </details>
  );
}
