import { clockText, durationText, type Plan, type Workshop } from '@hodsman/core';
import { personName, placeWords, taskName } from './words.ts';

/** The same plan as a table, in the order of time. */
export function PlanTable({ plan, workshop }: { readonly plan: Plan; readonly workshop: Workshop }) {
  const breadName = (id: string | undefined): string => workshop.breads.find((b) => b.id === id)?.name ?? '';
  const stationOf = (batch: string | undefined): string => plan.batches.find((b) => b.id === batch)?.station ?? '';
  return (
    <div className="h-full overflow-auto px-4 pb-16">
      <table className="w-full border-collapse">
        <caption className="sr-only">Every task of the plan in the order of time</caption>
        <thead className="sticky top-0 bg-ground text-left">
          <tr>
            {['From', 'To', 'Lasts', 'What', 'Bread', 'Station', 'Who', 'Where'].map((h) => (
              <th key={h} scope="col" className="border-b border-line py-2 pr-4 font-semibold">
                {h}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {plan.tasks.map((t) => (
            <tr key={t.id} className="border-b border-line align-top" data-task={t.id}>
              <td className="figures py-1.5 pr-4">{clockText(workshop, t.startSec)}</td>
              <td className="figures py-1.5 pr-4">{clockText(workshop, t.endSec)}</td>
              <td className="figures py-1.5 pr-4 whitespace-nowrap">{durationText(t.endSec - t.startSec)}</td>
              <td className="py-1.5 pr-4">{taskName(t)}</td>
              <td className="py-1.5 pr-4">{breadName(t.bread)}</td>
              <td className="py-1.5 pr-4">{stationOf(t.batch)}</td>
              <td className="py-1.5 pr-4">
                {t.people.length > 4
                  ? `${t.people.length} people`
                  : t.people.map((p) => personName(workshop, p)).join(', ')}
              </td>
              <td className="py-1.5 pr-4">{placeWords(workshop, t)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
