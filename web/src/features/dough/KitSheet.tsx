import { useMemo } from 'react';
import { kitNeeds, setKit, type KitNeed } from '@hodsman/core';
import { changeClass } from '../../planning/edit.ts';
import { useAppDispatch, useAppSelector } from '../../store/hooks.ts';
import { NumberField } from '../../ui/NumberField.tsx';

/** Equal counts of neighbouring stations in one phrase: "1 at each station". */
function spread(k: KitNeed, stations: number): string {
  const counts = new Set(k.stations.map((s) => s.count));
  const common = k.common > 0 ? [`${k.common} for the class`] : [];
  if (k.stations.length === stations && counts.size === 1)
    return [`${k.stations[0]?.count ?? 0} at each station`, ...common].join(', ');
  return [...k.stations.map((s) => `${s.count} at ${s.name.replace(/^Station /, 'station ')}`), ...common].join(', ');
}

/** What stations and class need to work with, against what the kitchen has; what is short comes first. */
export function KitSheet() {
  const workshop = useAppSelector((s) => s.draft?.body.workshop);
  const plan = useAppSelector((s) => s.draft?.plan ?? null);
  const dispatch = useAppDispatch();
  const needs = useMemo(() => (workshop ? kitNeeds(workshop, plan) : []), [workshop, plan]);
  if (!workshop) return null;
  const short = needs.filter((k) => k.short > 0);
  return (
    <div className="mx-auto grid max-w-5xl gap-4 p-4">
      <p className={short.length > 0 ? 'text-lg font-semibold text-trouble' : 'text-lg'}>
        {short.length > 0
          ? `Short of ${short.map((k) => `${k.short} ${k.what}${k.short > 1 ? 's' : ''}`).join(', ')}.`
          : 'Everything that the kitchen lists is enough.'}
      </p>
      <table className="w-full border-collapse">
        <thead className="text-left text-sm text-quiet">
          <tr>
            <th scope="col" className="font-normal">
              What
            </th>
            <th scope="col" className="pr-6 text-right font-normal">
              Needed
            </th>
            <th scope="col" className="font-normal">
              The kitchen has
            </th>
            <th scope="col" className="font-normal">
              Where
            </th>
          </tr>
        </thead>
        <tbody>
          {needs.map((k) => (
            <tr key={k.what} className="border-t border-line">
              <th scope="row" className="py-1.5 pr-4 text-left font-normal">
                {k.what}
                {k.short > 0 && <b className="text-trouble"> {k.short} short</b>}
              </th>
              <td className="figures py-1.5 pr-6 text-right text-lg font-semibold">{k.total}</td>
              <td className="py-1.5 pr-4">
                <NumberField
                  label={`The kitchen has ${k.what}`}
                  isLabelHidden
                  value={k.has}
                  digits={0}
                  most={1000}
                  className="w-16"
                  onChange={(count) =>
                    dispatch(changeClass(workshop, { kitchen: setKit(workshop.kitchen, k.what, count) }, k.what))
                  }
                />
                {k.has === undefined && <span className="ml-2 text-sm text-quiet">not listed</span>}
              </td>
              <td className="py-1.5 text-quiet">{spread(k, workshop.stations.length)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
