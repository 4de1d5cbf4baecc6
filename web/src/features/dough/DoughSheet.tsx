import { Download } from 'lucide-react';
import { useDeferredValue, useMemo, useState } from 'react';
import { csvOf, doughCards, doughTable, type ClassNotes, scaleStepText } from '@hodsman/core';
import { applyNotes } from '../../planning/edit.ts';
import { useAppDispatch, useAppSelector } from '../../store/hooks.ts';
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

/** So many cards at the most are in sight before anybody scrolls. */
const IN_SIGHT = 8;

/** What to weigh: a card for every dough, in the scale and measures in use; the day's warmth; totals. */
export function DoughSheet() {
  const record = useAppSelector((s) => s.draft?.body);
  const plan = useAppSelector((s) => s.draft?.plan ?? null);
  const [bread, setBread] = useState('');
  const dispatch = useAppDispatch();
  const cards = useMemo(
    () => (record ? doughCards(record.workshop, plan, record.notes, record.notes.remarks) : []),
    [record, plan],
  );
  const chosen = useMemo(() => cards.filter((c) => bread === '' || c.bread.id === bread), [cards, bread]);
  // the cards in sight follow a figure at once; those further down and the totals never hold it up
  const further = useDeferredValue(chosen);
  const later = useDeferredValue(record);
  if (!record || !later) return null;
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
            options={SCALES.map((s) => [String(s), scaleStepText(s)] as const)}
            onChange={(s) => dispatch(applyNotes({ scaleG: SCALES.find((x) => String(x) === s) ?? 1 }))}
          />
        </div>
        <SelectField
          label="Kitchen measures beside the weight"
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
          onClick={() => download(fileName(workshop.title, '.doughs.csv'), 'text/csv', csvOf(doughTable(cards)))}
        >
          <Download size={18} aria-hidden /> CSV
        </button>
      </section>
      <ul className="grid gap-4 sm:grid-cols-2 xl:grid-cols-4" data-testid="cards">
        {[...chosen.slice(0, IN_SIGHT), ...further.slice(IN_SIGHT)].map((c) => (
          <li key={c.id} className="[contain-intrinsic-size:auto_34rem] [content-visibility:auto]">
            <DoughCard card={c} clock={workshop} />
          </li>
        ))}
      </ul>
      <DoughTotals workshop={later.workshop} />
      <RoomWarmth workshop={workshop} />
      {plan && <KettleList workshop={later.workshop} plan={plan} />}
    </div>
  );
}
