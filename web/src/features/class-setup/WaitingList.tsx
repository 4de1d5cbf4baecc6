import { Trash2 } from 'lucide-react';
import { admitWaiting, avoidsWords, placesLeft, type ClassRecord } from '@hodsman/core';
import { applyNotes, applyRecord } from '../../planning/edit.ts';
import { useAppDispatch } from '../../store/hooks.ts';
import { SIDE_BUTTON, SMALL_ICON_BUTTON } from '../../ui/buttons.ts';
import { Care } from '../../bread-ui/Care.tsx';
import { SmallText } from '../../ui/SmallText.tsx';

/** What was understood of somebody who waits, and what they said besides; all of it goes to their seat with them. */
const saidOf = ({ guest, words }: ClassRecord['notes']['waiting'][number]): string =>
  [avoidsWords(guest), ...words.map((w) => `“${w}”`)].filter((w) => w !== '').join(' · ');

/** Those who wait for a seat, and rows that were not understood: mended and seated, or let go. */
export function WaitingList({ record }: { readonly record: ClassRecord }) {
  const { waiting } = record.notes;
  const dispatch = useAppDispatch();
  if (waiting.length === 0) return null;
  const isFull = placesLeft(record) <= 0;
  return (
    <section aria-labelledby="waiting-head" className="grid gap-2">
      <h2 id="waiting-head" className="text-xl">
        Kept aside
      </h2>
      <ul className="grid gap-1">
        {waiting.map((w, i) => (
          <li key={i} className="flex flex-wrap items-center gap-2 border-t border-line py-1">
            <SmallText
              label={`Name of ${w.guest.name}`}
              value={w.guest.name}
              className="w-48"
              onChange={(name) => {
                if (name.trim() === '') return;
                const next = waiting.map((x, n) => (n === i ? { ...x, guest: { ...x.guest, name } } : x));
                dispatch(applyNotes({ waiting: next }, `waiting ${i}`));
              }}
            />
            <span className="min-w-0 flex-1 text-sm text-quiet">
              {w.why}
              <Care words={saidOf(w)} />
            </span>
            <button
              type="button"
              className={`${SIDE_BUTTON} min-h-9 text-sm`}
              disabled={isFull}
              title={isFull ? 'every seat is taken' : undefined}
              onClick={() => dispatch(applyRecord(admitWaiting(record, i)))}
            >
              Seat
            </button>
            <button
              type="button"
              className={SMALL_ICON_BUTTON}
              aria-label={`Let ${w.guest.name} go`}
              onClick={() => dispatch(applyNotes({ waiting: waiting.filter((_, n) => n !== i) }))}
            >
              <Trash2 size={16} aria-hidden />
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}
