import { TriangleAlert } from 'lucide-react';
import { aheadList, clockText, dayText, durationText, type AheadItem } from '@hodsman/core';
import { applyNotes } from '../../planning/edit.ts';
import { useAppDispatch, useAppSelector } from '../../store/hooks.ts';
import { LongBreads } from '../../planning/LongBreads.tsx';
import { NumberField } from '../../ui/NumberField.tsx';

/** What staff do before the doors open, day by day, each with its best and its latest time. */
export function AheadSheet() {
  const record = useAppSelector((s) => s.draft?.body);
  const plan = useAppSelector((s) => s.draft?.plan);
  const dispatch = useAppDispatch();
  if (!record || !plan) return <p className="p-4 text-quiet">Planning …</p>;
  const { workshop, notes } = record;
  const { items, troubles } = aheadList(workshop, plan, notes.trayMin);
  const days = new Map<string, AheadItem[]>();
  for (const item of items) {
    const day = dayText(workshop, item.bestSec);
    days.set(day, [...(days.get(day) ?? []), item]);
  }
  return (
    <div className="mx-auto grid max-w-5xl gap-5 p-4">
      <LongBreads workshop={workshop} />
      {troubles.map((t) => (
        <p key={t} className="flex items-center gap-2 text-trouble">
          <TriangleAlert size={18} aria-hidden className="shrink-0" /> {t}
        </p>
      ))}
      {[...days].map(([day, list]) => (
        <section key={day} aria-label={day}>
          <h2 className="mb-1 text-xl">{day}</h2>
          <table className="w-full border-collapse">
            <thead className="text-left text-sm text-quiet">
              <tr>
                <th scope="col" className="w-20 font-normal">
                  Best
                </th>
                <th scope="col" className="w-28 font-normal">
                  At the latest
                </th>
                <th scope="col" className="font-normal">
                  What
                </th>
                <th scope="col" className="font-normal">
                  Who
                </th>
              </tr>
            </thead>
            <tbody>
              {list.map((i) => (
                <tr key={i.id} className="border-t border-line">
                  <td className="figures py-2 text-2xl font-semibold">{clockText(workshop, i.bestSec)}</td>
                  <td className="figures py-2 text-lg text-quiet">{clockText(workshop, i.latestSec)}</td>
                  <td className="py-2 pr-4">
                    {i.words}
                    {i.lastsSec > 0 && i.id !== 'trays' && (
                      <span className="text-quiet">, {durationText(i.lastsSec)}</span>
                    )}
                  </td>
                  <td className="py-2 text-quiet">{i.who}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </section>
      ))}
      {items.length === 0 && <p className="text-quiet">Nothing has to be done before the doors open.</p>}
      <NumberField
        label="Weighing one station's tray takes"
        unit="min"
        value={notes.trayMin}
        digits={0}
        most={60}
        className="w-16"
        onChange={(trayMin) => dispatch(applyNotes({ trayMin }))}
      />
    </div>
  );
}
