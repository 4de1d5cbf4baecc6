import { useDeferredValue, useMemo, useState } from 'react';
import { addGuests, readRoster, placesLeft, success, type ClassRecord } from '@hodsman/core';
import { applyRecord } from '../../planning/edit.ts';
import { useAppDispatch } from '../../store/hooks.ts';
import { MAIN_BUTTON } from '../../ui/buttons.ts';
import { FileButton } from '../../ui/FileButton.tsx';
import { plural, RosterPreview } from './RosterPreview.tsx';

/** A list of a class holds no more: those who wait no more than those who come. */
const MOST_LISTED = 200;
const MOST_LETTERS = 120;
/** What a note may hold. */
const MOST_WORDS = 20;

/** People typed, pasted or from a CSV file: what is understood is shown before anything is taken. */
export function AddPeople({ record }: { readonly record: ClassRecord }) {
  const [text, setText] = useState('');
  const calm = useDeferredValue(text);
  const reading = useMemo(() => (calm.trim() === '' ? undefined : readRoster(calm)), [calm]);
  const dispatch = useAppDispatch();
  const { roster } = record.workshop;
  const { waiting } = record.notes;
  const known = new Set([...roster, ...waiting.map((w) => w.guest)].map((p) => p.name.toLowerCase()));
  const rows = reading?.rows ?? [];
  const fresh = rows.filter((r) => !known.has(r.guest.name.toLowerCase()));
  const seats = placesLeft(record);
  const room = Math.min(MOST_LISTED, seats + MOST_LISTED - waiting.length);
  const take = (): void => {
    const added = addGuests(record, fresh.slice(0, room)).record;
    const aside = (reading?.bad ?? []).map(({ guest, text: row, words, why }) => ({
      guest: { ...guest, name: guest.name || row.slice(0, MOST_LETTERS) || '?' },
      words: words.slice(0, MOST_WORDS),
      why,
    }));
    const all = [...added.notes.waiting, ...aside];
    dispatch(applyRecord(success({ ...added, notes: { ...added.notes, waiting: all.slice(0, MOST_LISTED) } })));
    // what found no room stays in the field
    if (fresh.length <= room && all.length <= MOST_LISTED) setText('');
  };
  return (
    <section aria-labelledby="add-head" className="grid gap-2">
      <h2 id="add-head" className="text-xl">
        Add people
      </h2>
      <label className="grid gap-1">
        <span className="text-sm text-quiet">
          One a line, what they avoid behind the name; or a table from elsewhere
        </span>
        <textarea
          rows={4}
          value={text}
          placeholder={'Sanna, no dairy\nTeo allergic to sesame\nMaren (coeliac), arrives late'}
          className="w-full rounded-cut border border-line bg-panel px-3 py-2 placeholder:text-quiet"
          onChange={(e) => setText(e.target.value)}
        />
      </label>
      <div className="flex flex-wrap items-center gap-3">
        <FileButton label="From a CSV file" accept=".csv,.txt,text/csv,text/plain" onText={setText} />
        {reading && (
          <button
            type="button"
            className={MAIN_BUTTON}
            disabled={room <= 0 || fresh.length + reading.bad.length === 0}
            onClick={take}
          >
            {fresh.length === 0 ? 'Keep aside' : `Add ${plural(Math.min(fresh.length, room), 'person', 'people')}`}
          </button>
        )}
      </div>
      {reading && <RosterPreview reading={reading} fresh={fresh} seats={seats} />}
    </section>
  );
}
