import { useMemo, useState } from 'react';
import { classTotals, gramsText, type PartTotals, type Workshop } from '@hodsman/core';
import { Segments } from '../../ui/Segments.tsx';

type Per = 'class' | 'station' | 'person';

/** What is used in all, by station or by person. */
export function DoughTotals({ workshop }: { readonly workshop: Workshop }) {
  const [per, setPer] = useState<Per>('class');
  const totals = useMemo(() => classTotals(workshop), [workshop]);
  return (
    <section aria-labelledby="totals-head">
      <div className="mb-2 flex flex-wrap items-center gap-4">
        <h2 id="totals-head" className="text-xl">
          In all
        </h2>
        <Segments
          label="Totals by"
          name="totals"
          value={per}
          options={[
            ['class', 'the class'],
            ['station', 'by station'],
            ['person', 'by person'],
          ]}
          onChange={setPer}
        />
      </div>
      {per === 'class' ? (
        <ul className="flex flex-wrap gap-x-8 gap-y-2">
          {totals.all.map((t) => (
            <li key={t.name + t.use}>
              <span className="figures text-2xl font-semibold">{gramsText(t.g)}</span>{' '}
              <span className="text-quiet">{t.name}</span>
            </li>
          ))}
        </ul>
      ) : (
        <PartTable parts={per === 'station' ? totals.stations : totals.people} />
      )}
    </section>
  );
}

function PartTable({ parts }: { readonly parts: readonly PartTotals[] }) {
  const heads = [...new Map(parts.flatMap((p) => p.totals.map((t) => [`${t.use} ${t.name}`, t] as const))).entries()];
  return (
    <div className="overflow-x-auto">
      <table className="border-collapse">
        <thead className="text-left text-sm text-quiet">
          <tr>
            <th scope="col" className="pr-5 align-bottom font-normal">
              Who
            </th>
            <th scope="col" className="pr-5 text-right align-bottom font-normal">
              breads
            </th>
            <th scope="col" className="pr-5 text-right align-bottom font-normal">
              dough
            </th>
            {heads.map(([key, t]) => (
              <th key={key} scope="col" className="max-w-28 pr-5 text-right align-bottom font-normal">
                {t.name}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {parts.map((p) => (
            <tr key={p.id} className="figures border-t border-line">
              <th scope="row" className="py-1.5 pr-5 text-left font-normal whitespace-nowrap">
                {p.name}
              </th>
              <td className="pr-5 text-right">{p.pieces}</td>
              <td className="pr-5 text-right font-semibold whitespace-nowrap">{gramsText(p.doughG)}</td>
              {heads.map(([key, head]) => {
                const found = p.totals.find((t) => t.name === head.name && t.use === head.use);
                return (
                  <td key={key} className="pr-5 text-right whitespace-nowrap">
                    {found && found.g > 0 ? gramsText(found.g) : '–'}
                  </td>
                );
              })}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
