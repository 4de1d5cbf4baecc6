import { CalendarSearch, FastForward } from 'lucide-react';
import { useMemo } from 'react';
import {
  acceptNews,
  bookingNews,
  declineNews,
  faultInWords,
  readBookings,
  success,
  type BookingNews,
  type ClassRecord,
} from '@hodsman/core';
import { useLazyGetBookingsQuery, useMoveStandInMutation } from '../../documents/api.ts';
import { applyRecord } from '../../planning/edit.ts';
import { useAppDispatch } from '../../store/hooks.ts';
import { MAIN_BUTTON, SIDE_BUTTON } from '../../ui/buttons.ts';
import { Notice } from '../../ui/Notice.tsx';

const KIND_WORDS = { new: 'booked', changed: 'changed', cancelled: 'cancelled' } as const;

/** What the booking feed says of this day and the class does not know yet; each piece of news is taken or declined. */
export function Bookings({ record }: { readonly record: ClassRecord }) {
  const [look, { data, isError, isFetching }] = useLazyGetBookingsQuery();
  const [moveOn] = useMoveStandInMutation();
  const dispatch = useAppDispatch();
  const reading = useMemo(() => data && readBookings(data.text, data.type), [data]);
  const news = reading?.ok ? bookingNews(record, reading.value) : [];
  const fetchNow = (): void => void look(record.workshop.date);
  const takeAll = (): void => {
    const all = news.reduce<ClassRecord>((now, n) => {
      const next = acceptNews(now, n);
      return next.ok ? next.value : now;
    }, record);
    dispatch(applyRecord(success(all)));
  };
  return (
    <section aria-labelledby="feed-head" className="grid gap-2">
      <div className="flex flex-wrap items-center gap-3">
        <h2 id="feed-head" className="flex-1 text-xl">
          Bookings
        </h2>
        {data?.isStandIn === true && (
          <button
            type="button"
            className={SIDE_BUTTON}
            title="The feed is a stand-in that ships with the application: this brings its next bookings and cancellations"
            onClick={() => void moveOn(null).then(fetchNow)}
          >
            <FastForward size={18} aria-hidden /> Bring the next made-up bookings
          </button>
        )}
        <button type="button" className={SIDE_BUTTON} disabled={isFetching} onClick={fetchNow}>
          <CalendarSearch size={18} aria-hidden /> Look for bookings
        </button>
      </div>
      {isError && <Notice>The booking feed does not answer. The class is as it was; look again later.</Notice>}
      {reading && !reading.ok && (
        <Notice>
          The feed was not understood; the class is as it was.
          {reading.faults.slice(0, 3).map((f) => (
            <p key={f.path + f.code}>{faultInWords(f, undefined)}</p>
          ))}
        </Notice>
      )}
      {reading?.ok && news.length === 0 && <p className="text-quiet">Nothing new.</p>}
      {news.length > 0 && (
        <>
          <ul className="grid gap-1" data-testid="news">
            {news.map((n) => (
              <NewsRow
                key={n.booking.ref}
                news={n}
                onTake={() => dispatch(applyRecord(acceptNews(record, n)))}
                onDecline={() => dispatch(applyRecord(success(declineNews(record, n))))}
              />
            ))}
          </ul>
          {news.length > 1 && (
            <button type="button" className={`${MAIN_BUTTON} justify-self-start`} onClick={takeAll}>
              Take all {news.length}
            </button>
          )}
        </>
      )}
    </section>
  );
}

interface NewsProps {
  readonly news: BookingNews;
  readonly onTake: () => void;
  readonly onDecline: () => void;
}

function NewsRow({ news, onTake, onDecline }: NewsProps) {
  const { kind, booking, people } = news;
  const who = (kind === 'cancelled' ? people : booking.people)
    .map((p) => ('avoids' in p && p.avoids !== '' ? `${p.name} (${p.avoids})` : p.name))
    .join(', ');
  return (
    <li className="flex flex-wrap items-center gap-2 border-t border-line py-1">
      <span className={`figures w-40 text-sm ${kind === 'cancelled' ? 'text-trouble' : 'text-quiet'}`}>
        {booking.ref}, {KIND_WORDS[kind]}
      </span>
      <span className="min-w-0 flex-1">{who}</span>
      <button type="button" className={`${SIDE_BUTTON} min-h-9 text-sm`} onClick={onTake}>
        {kind === 'cancelled' ? 'Let them go' : 'Take'}
        <span className="sr-only"> {booking.ref}</span>
      </button>
      <button type="button" className="min-h-9 px-2 text-sm text-quiet underline" onClick={onDecline}>
        Decline<span className="sr-only"> {booking.ref}</span>
      </button>
    </li>
  );
}
