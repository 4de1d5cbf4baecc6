import { useMemo } from 'react';
import { careLines, changeWords, clockText, dayText, timeText, type ClassRecord } from '@hodsman/core';
import { useBodies, type Listed } from '../../documents/api.ts';
import { ChangeList } from '../../documents/ChangeList.tsx';
import { MAIN_BUTTON, SIDE_BUTTON } from '../../ui/buttons.ts';

interface Props {
  readonly record: ClassRecord;
  /** The classes that are there. */
  readonly list: readonly Listed<'class'>[];
  readonly onAdd: () => void;
  readonly onClose: () => void;
}

/** What a workshop file holds and what opening it changes, before anything is done. */
export function OpenedFile({ record, list, onAdd, onClose }: Props) {
  const { workshop, notes } = record;
  const known = list.find((c) => c.title === workshop.title && c.summary?.date === workshop.date);
  const ids = useMemo(() => (known ? [known.id] : []), [known]);
  const there = useBodies('class', ids)?.[0]?.body;
  const care = careLines(
    workshop,
    notes.remarks,
    workshop.roster.map((p) => p.id),
  );
  const differs = there ? changeWords(there.workshop, workshop) : [];
  const breads = workshop.breads.filter((b) => workshop.menu.some((m) => m.bread === b.id));
  return (
    <section aria-label="From the file" className="grid gap-3 rounded-cut border border-line bg-panel p-4">
      <div>
        <h2 className="text-xl">{workshop.title}</h2>
        <p className="figures">
          {dayText(workshop, 0, 'plain')} {workshop.date.slice(0, 4)}, doors {clockText(workshop, 0)}, table{' '}
          {timeText(workshop.tableTime)}, in {workshop.kitchen.name}
        </p>
        <p>
          {workshop.roster.length === 1 ? '1 person' : `${workshop.roster.length} people`} ·{' '}
          {breads.map((b) => b.name).join(', ')}
        </p>
      </div>
      {care.length > 0 && (
        <ul aria-label="To be minded" className="font-semibold">
          {care.map((line) => (
            <li key={line}>! {line}</li>
          ))}
        </ul>
      )}
      <p>
        {known
          ? `A class of this name is there on that day already. This one comes beside it, and that stays as it is.`
          : 'It is added to the classes; nothing that is there changes. Library and kitchens stay as they are: the class has its own copies.'}
      </p>
      {there && differs.length > 0 && <ChangeList title="Against the class that is there" lines={differs} />}
      {there && differs.length === 0 && <p>It is the same as the class that is there.</p>}
      <div className="flex flex-wrap gap-3">
        <button type="button" className={MAIN_BUTTON} onClick={onAdd}>
          Add this class
        </button>
        <button type="button" className={SIDE_BUTTON} onClick={onClose}>
          Not this one
        </button>
      </div>
    </section>
  );
}
