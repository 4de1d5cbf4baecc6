import { changeWords, linesOf, moveToKitchen, renewKitchen, success } from '@hodsman/core';
import { useBodies, useDocumentList, useFetchBody } from '../../documents/api.ts';
import { applyNotes, applyRecord, changeClass } from '../../planning/edit.ts';
import { useAppDispatch, useAppSelector } from '../../store/hooks.ts';
import { MAIN_BUTTON, SIDE_BUTTON } from '../../ui/buttons.ts';
import { SelectField } from '../../ui/SelectField.tsx';
import { KitchenEditor } from './KitchenEditor.tsx';

/** The class's own copy of its kitchen, and what has changed in the kitchen since it was taken. */
export function ClassKitchen() {
  const record = useAppSelector((s) => s.draft?.body);
  const { data: kitchens } = useDocumentList('kitchen', { refetchOnMountOrArgChange: true });
  const dispatch = useAppDispatch();
  const fetchBody = useFetchBody();
  const listed = kitchens?.find((k) => k.id === record?.notes.kitchen?.id && k.isReadable);
  const source = useBodies('kitchen', listed ? [listed.id] : [])?.[0];
  if (!record) return null;
  const { workshop, notes } = record;
  const since = source && notes.kitchen ? changeWords(notes.kitchen.asTaken, source.body) : [];
  const own = notes.kitchen ? changeWords(notes.kitchen.asTaken, workshop.kitchen) : [];
  const take = async (id: string): Promise<void> => {
    const chosen = await fetchBody('kitchen', id);
    if (chosen) dispatch(applyRecord(moveToKitchen(record, id, chosen)));
  };
  return (
    <div>
      <div className="flex flex-wrap items-end gap-4 px-4 pt-4">
        <SelectField
          label="Kitchen of this class"
          value={listed?.id ?? ''}
          options={[
            ...(listed ? [] : [['', workshop.kitchen.name] as const]),
            ...(kitchens ?? []).filter((k) => k.isReadable).map((k) => [k.id, k.title] as const),
          ]}
          onChange={(id) => void take(id)}
        />
        <p className="pb-1.5 text-quiet" data-testid="kitchen-state">
          {kitchens && !listed && 'This class brought its kitchen along; it is in no list.'}
          {source &&
            own.length === 0 &&
            'A copy, as it was taken. What is changed here is changed for this class alone.'}
          {own.length > 0 &&
            `Changed for this class alone: ${own.slice(0, 3).join('; ')}${own.length > 3 ? ' …' : ''}.`}
        </p>
      </div>
      {source && notes.kitchen && since.length > 0 && (
        <section
          aria-label="The kitchen has changed since"
          className="mx-4 mt-4 grid gap-2 rounded-cut border border-trouble bg-panel p-3"
        >
          <p>
            <b>{source.title} has changed since this class took its copy:</b>
          </p>
          <ul className="list-disc pl-5">
            {since.map((words) => (
              <li key={words}>{words}</li>
            ))}
          </ul>
          <div className="flex flex-wrap gap-3">
            <button
              type="button"
              className={MAIN_BUTTON}
              onClick={() => dispatch(applyRecord(success(renewKitchen(record, source.body))))}
            >
              Take the changes
            </button>
            <button
              type="button"
              className={SIDE_BUTTON}
              onClick={() => dispatch(applyNotes({ kitchen: { id: source.id, asTaken: source.body } }))}
            >
              Keep this class as it is
            </button>
          </div>
        </section>
      )}
      <KitchenEditor
        kitchen={workshop.kitchen}
        breads={linesOf(workshop).map((l) => l.bread)}
        onChange={(kitchen, what) => dispatch(changeClass(workshop, { kitchen }, what))}
      />
    </div>
  );
}
