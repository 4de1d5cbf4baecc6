import { CopyPlus, Trash2 } from 'lucide-react';
import { useState } from 'react';
import { Link } from 'react-router';
import {
  classesByDay,
  copyClass,
  dayText,
  type ClassDay,
  type ClassRecord,
  type ClassSummary,
  timeText,
} from '@hodsman/core';
import { useFetchBody, useRemoveDocumentMutation, type Listed } from '../../documents/api.ts';
import { MAIN_BUTTON, SIDE_BUTTON, SMALL_ICON_BUTTON } from '../../ui/buttons.ts';
import { todayText } from '../../ui/when.ts';

interface DaysProps {
  readonly list: readonly Listed<'class'>[];
  readonly wish: string;
  readonly onCopy: (record: ClassRecord) => void;
}

/** Classes to come, then those that are over, day by day; two of one day stand together. */
export function Days({ list, wish, onCopy }: DaysProps) {
  const { coming, past, unreadable } = classesByDay(list, todayText(), wish);
  return (
    <>
      <DayList title="To come" days={coming} onCopy={onCopy} />
      <DayList title="Over" days={past} onCopy={onCopy} />
      {unreadable.length > 0 && (
        <DayList title="Not readable" days={[{ date: '', classes: unreadable }]} onCopy={onCopy} />
      )}
      {coming.length + past.length === 0 && wish !== '' && <p className="text-quiet">No class answers to that.</p>}
    </>
  );
}

function DayList({
  title,
  days,
  onCopy,
}: {
  readonly title: string;
  readonly days: readonly ClassDay<Listed<'class'>>[];
  readonly onCopy: (record: ClassRecord) => void;
}) {
  if (days.length === 0) return null;
  return (
    <section className="grid grid-cols-[minmax(0,1fr)] gap-2">
      <h2 className="text-lg">{title}</h2>
      <ul aria-label={title} className="grid grid-cols-[minmax(0,1fr)] gap-3">
        {days.map(({ date, classes }) => {
          const [first] = classes;
          return (
            <li key={date} className="grid grid-cols-[minmax(0,1fr)] gap-1">
              {first?.summary && (
                <h3 className="figures text-sm text-quiet">
                  {dayText(first.summary, 0, 'plain')} {date.slice(0, 4)}
                </h3>
              )}
              <ul className="grid grid-cols-[minmax(0,1fr)] gap-1">
                {classes.map((c) => (
                  <ClassRow key={c.id} listed={c} onCopy={onCopy} />
                ))}
              </ul>
            </li>
          );
        })}
      </ul>
    </section>
  );
}

/** When it is, where, how many come, what they bake. */
function factsOf(s: ClassSummary): string {
  return `${timeText(s.doorsOpen)}–${timeText(s.tableTime)}${s.kitchen === undefined ? '' : `, ${s.kitchen}`}, ${s.people} ${s.people === 1 ? 'person' : 'people'}: ${s.breads.join(', ')}`;
}

interface RowProps {
  readonly listed: Listed<'class'>;
  readonly onCopy: (record: ClassRecord) => void;
}

function ClassRow({ listed, onCopy }: RowProps) {
  const [date, setDate] = useState<string>();
  const [remove] = useRemoveDocumentMutation();
  const fetchBody = useFetchBody();
  const { id, title, version, summary } = listed;
  const copy = async (): Promise<void> => {
    const record = date === undefined || date === '' ? undefined : await fetchBody('class', id);
    if (record && date !== undefined) onCopy(copyClass(record, date));
  };
  return (
    <li className="flex flex-wrap items-center gap-3 rounded-cut border border-line bg-panel px-4 py-2">
      <Link to={`/class/${id}/plan`} className="min-w-0 flex-1 truncate py-2 text-lg font-semibold">
        {title}
        {summary ? (
          <span className="figures block truncate text-base font-normal text-quiet">{factsOf(summary)}</span>
        ) : (
          <span className="block text-base font-normal text-trouble">cannot be read; open it to save it as a file</span>
        )}
      </Link>
      {!summary ? null : date === undefined ? (
        <button type="button" className={SIDE_BUTTON} onClick={() => setDate('')}>
          <CopyPlus size={18} aria-hidden /> Copy to another day
        </button>
      ) : (
        <form
          className="flex items-end gap-2"
          onSubmit={(e) => {
            e.preventDefault();
            void copy();
          }}
        >
          <label className="grid gap-1">
            <span className="text-sm text-quiet">Day of the copy</span>
            <input
              type="date"
              required
              autoFocus
              value={date}
              className="min-h-11 rounded-cut border border-line bg-ground px-3"
              onChange={(e) => setDate(e.target.value)}
            />
          </label>
          <button type="submit" className={MAIN_BUTTON}>
            Copy
          </button>
        </form>
      )}
      <button
        type="button"
        className={SMALL_ICON_BUTTON}
        aria-label={`Remove ${title}`}
        onClick={() => void remove({ kind: 'class', id, version })}
      >
        <Trash2 size={18} aria-hidden />
      </button>
    </li>
  );
}
