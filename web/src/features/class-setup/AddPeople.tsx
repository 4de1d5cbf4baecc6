import { useDeferredValue, useMemo, useState } from 'react';
import { addGuests, readRoster, seatsLeft, success, type ClassRecord } from '@hodsman/core';
import { applyRecord } from '../../app/edit.ts';
import { useAppDispatch } from '../../app/hooks.ts';
import { MAIN_BUTTON } from '../../ui/buttons.ts';
import { FileButton } from '../../ui/FileButton.tsx';

const MOST_SHOWN = 12;
/** A list of a class holds no more: those who wait no more than those who come. */
const MOST_LISTED = 200;

const MOST_LETTERS = 120;

const plural = (n: number, one: string, many: string): string => `${n} ${n === 1 ? one : many}`;

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
  const again = rows.length - fresh.length;
  const seats = seatsLeft(record.workshop);
  const room = Math.min(MOST_LISTED, seats + MOST_LISTED - waiting.length);
  const take = (): void => {
    const added = addGuests(record, fresh.slice(0, room)).record;
    const aside = (reading?.bad ?? []).map((b) => ({
      guest: { name: b.name || b.text.slice(0, MOST_LETTERS) || '?', avoid: [] },
      why: b.why,
    }));
    const all = [...added.notes.waiting, ...aside];
    dispatch(applyRecord(success({ ...added, notes: { ...added.notes, waiting: all.slice(0, MOST_LISTED) } })));
    // what found no room stays in the field
    if (fresh.length <= room && all.length <= MOST_LISTED) setText('');
  };
  const used = reading?.columns.filter((c) => c.as !== 'ignored') ?? [];
  const unused = reading?.columns.filter((c) => c.as === 'ignored') ?? [];
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
          placeholder={'Sanna, no dairy\nTeo\nMaren (coeliac)'}
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
      {reading && (
        <div className="grid gap-2 rounded-cut border border-line bg-panel p-3" data-testid="roster-preview">
          {reading.columns.length > 0 && (
            <p className="text-sm">
              {used.map((c) => `“${c.header}” is taken as ${c.as}`).join(', ')}
              {unused.length > 0 && `; not used: ${unused.map((c) => c.header).join(', ')}`}.
            </p>
          )}
          <p>
            {plural(fresh.length, 'person', 'people')} understood
            {again > 0 && `, ${again} in the class already`}
            {reading.bad.length > 0 && `, ${plural(reading.bad.length, 'row', 'rows')} kept aside`}
            {fresh.length > seats &&
              `; ${seats === 0 ? 'no seat is' : `only ${plural(seats, 'seat is', 'seats are')}`} free, the others wait`}
            .
          </p>
          <ul className="text-sm">
            {fresh.slice(0, MOST_SHOWN).map((r, i) => (
              <li key={i}>
                {r.guest.name}
                {r.guest.avoid.length > 0 && (
                  <span className="text-trouble"> no {r.guest.avoid.map((a) => a.what).join(', ')}</span>
                )}
                {r.group !== '' && <span className="text-quiet"> with {r.group}</span>}
              </li>
            ))}
            {fresh.length > MOST_SHOWN && <li className="text-quiet">and {fresh.length - MOST_SHOWN} more</li>}
          </ul>
          {reading.bad.length > 0 && (
            <ul className="text-sm text-trouble">
              {reading.bad.slice(0, MOST_SHOWN).map((b) => (
                <li key={b.row}>
                  Row {b.row}: {b.why} <span className="text-quiet">({b.text.slice(0, 60)})</span>
                </li>
              ))}
              {reading.bad.length > MOST_SHOWN && <li>and {reading.bad.length - MOST_SHOWN} more</li>}
            </ul>
          )}
        </div>
      )}
    </section>
  );
}
