import { Download } from 'lucide-react';
import { useDeferredValue, useMemo, useState } from 'react';
import { doughCards, doughCsv, type ClassNotes } from '@hodsman/core';
import { applyNotes } from '../../app/edit.ts';
import { useAppDispatch, useAppSelector } from '../../app/hooks.ts';
import { SIDE_BUTTON } from '../../ui/buttons.ts';
import { download, fileName } from '../../ui/download.ts';
import { Segments } from '../../ui/Segments.tsx';
import { SelectField } from '../../ui/SelectField.tsx';
import { DoughCard } from './DoughCard.tsx';
import { DoughTotals } from './DoughTotals.tsx';
import { KettleList } from './KettleList.tsx';
import { RoomWarmth } from './RoomWarmth.tsx';

const SCALES = [0.01, 0.1, 1, 5] as const;
const MEASURES: readonly (readonly [ClassNotes['measures'], string])[] = [
  ['none', 'none'],
  ['metric', 'metric cups and spoons'],
  ['us', 'US cups and spoons'],
  ['australian', 'Australian'],
  ['british', 'British'],
];

/** What to weigh: a card for every dough, in the scale and measures in use; the day's warmth; totals. */
export function DoughSheet() {
  const record = useAppSelector((s) => s.draft?.body);
  const plan = useAppSelector((s) => s.draft?.plan ?? null);
  const [bread, setBread] = useState('');
  const dispatch = useAppDispatch();
  // cards follow a figure that is being typed as soon as they can, and never hold it up
  const shown = useDeferredValue(record);
  const cards = useMemo(() => (shown ? doughCards(shown.workshop, plan, shown.notes) : []), [shown, plan]);
  if (!record || !shown) return null;
  const { workshop, notes } = record;
  const isMany = workshop.menu.length > 1;
  return (
    <div className="mx-auto grid max-w-[100rem] gap-6 p-4">
      <section aria-label="How it is weighed" className="flex flex-wrap items-end gap-x-6 gap-y-3 print:hidden">
        <div className="grid justify-items-start gap-1">
          <span className="text-sm text-quiet">The scales on the benches show</span>
          <Segments
            label="Step of the scales"
            name="scale"
            value={String(notes.scaleG)}
            options={SCALES.map((s) => [String(s), `${s} g`] as const)}
            onChange={(s) => dispatch(applyNotes({ scaleG: SCALES.find((x) => String(x) === s) ?? 1 }))}
          />
        </div>
        <SelectField
          label="Kitchen measures beside the grams"
          value={notes.measures}
          options={MEASURES}
          onChange={(measures) => dispatch(applyNotes({ measures }))}
        />
        {isMany && (
          <SelectField
            label="Cards of"
            value={bread}
            options={[
              ['', 'all breads'],
              ...workshop.menu.map((m): [string, string] => [
                m.bread,
                workshop.breads.find((b) => b.id === m.bread)?.name ?? m.bread,
              ]),
            ]}
            onChange={setBread}
          />
        )}
        <button
          type="button"
          className={`${SIDE_BUTTON} ml-auto`}
          onClick={() => download(fileName(workshop.title, '.doughs.csv'), 'text/csv', doughCsv(cards))}
        >
          <Download size={18} aria-hidden /> CSV
        </button>
      </section>
      <ul className="grid gap-4 sm:grid-cols-2 xl:grid-cols-4" data-testid="cards">
        {cards
          .filter((c) => bread === '' || c.bread.id === bread)
          .map((c) => (
            <li key={c.id}>
              <DoughCard card={c} workshop={shown.workshop} />
            </li>
          ))}
      </ul>
      <DoughTotals workshop={shown.workshop} />
      <RoomWarmth workshop={workshop} />
      {plan && <KettleList workshop={shown.workshop} plan={plan} />}
    </div>
  );
}
