import { gramsText, totalsOf, type Batch } from '@hodsman/core';

/** What the whole class takes, by ingredient. */
export function DoughTotals({ batches }: { readonly batches: readonly Batch[] }) {
  return (
    <section aria-labelledby="totals-head">
      <h2 id="totals-head" className="mb-2 text-xl">
        For the whole class
      </h2>
      <ul className="flex flex-wrap gap-x-8 gap-y-2">
        {totalsOf(batches).map((t) => (
          <li key={t.name + t.use}>
            <span className="figures text-2xl font-semibold">{gramsText(t.g)}</span>{' '}
            <span className="text-quiet">{t.name}</span>
          </li>
        ))}
      </ul>
    </section>
  );
}
