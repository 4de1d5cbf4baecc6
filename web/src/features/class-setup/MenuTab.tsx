import { Plus } from 'lucide-react';
import { useState } from 'react';
import { addDemo, gapsOf, lacksOf, linesOf, needWords, success, takeBread } from '@hodsman/core';
import { useDocumentList, useFetchBody } from '../../documents/api.ts';
import { applyEdit, editRecord } from '../../planning/edit.ts';
import { useAppDispatch, useAppSelector } from '../../store/hooks.ts';
import { Lacking } from '../../planning/Lacking.tsx';
import { LongBreads } from '../../planning/LongBreads.tsx';
import { SIDE_BUTTON } from '../../ui/buttons.ts';
import { SelectField } from '../../ui/SelectField.tsx';
import { ChangedBreads } from './ChangedBreads.tsx';
import { Demos } from './Demos.tsx';
import { GapCard } from './GapCard.tsx';
import { LineCard } from './LineCard.tsx';
import { useBroughtBread } from './use-brought-bread.ts';

/** What is baked: each bread with how many, who makes it and where its dough comes from; and what is missing. */
export function MenuTab() {
  const record = useAppSelector((s) => s.draft?.body);
  const { data: library } = useDocumentList('bread');
  const [breadId, setBreadId] = useState('');
  const [isAdded, setAdded] = useState(true);
  const dispatch = useAppDispatch();
  const fetchBody = useFetchBody();
  useBroughtBread();
  if (!record) return null;
  const { workshop } = record;
  const shelf = (library ?? []).flatMap((b) => (b.summary ? [{ ...b, summary: b.summary }] : []));
  const open = shelf.filter((b) => !workshop.menu.some((m) => m.bread === b.summary.id));
  const chosen = open.find((b) => b.id === breadId) ?? open[0];
  const lackOf = (b: (typeof shelf)[number]) => lacksOf(workshop.kitchen, b.summary.needs ?? []);
  const lacks = chosen ? lackOf(chosen) : [];
  return (
    <div className="mx-auto grid max-w-6xl gap-6 p-4">
      {gapsOf(workshop).map((gap) => (
        <GapCard key={gap.bread + gap.people.join()} gap={gap} workshop={workshop} library={shelf} />
      ))}
      <LongBreads workshop={workshop} />
      <ChangedBreads record={record} />
      <ol aria-label="Menu" className="grid gap-4">
        {linesOf(workshop).map((line) => (
          <li key={line.bread.id}>
            <LineCard line={line} workshop={workshop} />
          </li>
        ))}
      </ol>
      <form
        className="flex flex-wrap items-end gap-3"
        onSubmit={(e) => {
          e.preventDefault();
          if (!chosen) return;
          void fetchBody('bread', chosen.id).then((bread) => {
            if (bread) dispatch(editRecord((r) => takeBread(r, { id: chosen.id, bread }, isAdded)));
          });
        }}
      >
        <SelectField
          label="Another bread, from the library"
          value={chosen?.id ?? ''}
          options={open.map((b): [string, string] => [
            b.id,
            lackOf(b).length > 0 ? `${b.title} (lacks ${lackOf(b).map(needWords).join(', ')})` : b.title,
          ])}
          onChange={setBreadId}
        />
        <button type="submit" className={SIDE_BUTTON} disabled={!chosen || (lacks.length > 0 && !isAdded)}>
          <Plus size={18} aria-hidden /> Put on the menu
        </button>
        {lacks.length > 0 && <Lacking lacks={lacks} isAdded={isAdded} onAdd={setAdded} />}
      </form>
      <Demos workshop={workshop} onAdd={(bread) => dispatch(applyEdit(success(addDemo(workshop, bread))))} />
    </div>
  );
}
