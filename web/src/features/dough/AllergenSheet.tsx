import { TriangleAlert } from 'lucide-react';
import { useMemo } from 'react';
import { allergenPage, avoidedName, clockText, offWords, type Workshop, inOwnMeasures } from '@hodsman/core';
import { useAppSelector } from '../../store/hooks.ts';

type Page = ReturnType<typeof allergenPage>;

/** On one page: who avoids what and makes what instead, the order on the griddles, what nobody is promised, and the cautions. */
export function AllergenSheet() {
  const workshop = useAppSelector((s) => s.draft?.body.workshop);
  const plan = useAppSelector((s) => s.draft?.plan ?? null);
  const page = useMemo(() => (workshop ? allergenPage(workshop, plan) : undefined), [workshop, plan]);
  if (!workshop || !page) return null;
  return (
    <div className="mx-auto grid max-w-6xl gap-6 p-4">
      {page.cannotPromise.length > 0 && (
        <section aria-labelledby="promise-head" className="rounded-cut border border-trouble bg-panel p-3">
          <h2 id="promise-head" className="text-lg text-trouble">
            What cannot be promised
          </h2>
          <ul className="mt-1 grid gap-1">
            {page.cannotPromise.map((p) => (
              <li key={p} className="flex gap-2">
                <TriangleAlert size={18} aria-hidden className="mt-0.5 shrink-0 text-trouble" /> {p}
              </li>
            ))}
          </ul>
        </section>
      )}
      <Avoiders page={page} />
      <div className="grid items-start gap-6 lg:grid-cols-2">
        <Fires page={page} workshop={workshop} />
        <Contents page={page} />
      </div>
      <section aria-labelledby="cautions-head">
        <h2 id="cautions-head" className="text-xl">
          Cautions
        </h2>
        <ul className="mt-1 grid gap-1">
          {page.cautions.map((c) => (
            <li key={c.words}>
              {inOwnMeasures(c.words)}{' '}
              {c.breads.length > 0 && <span className="text-quiet">({c.breads.join(', ')})</span>}
            </li>
          ))}
        </ul>
      </section>
    </div>
  );
}

function Avoiders({ page }: { readonly page: Page }) {
  return (
    <section aria-labelledby="avoiders-head">
      <h2 id="avoiders-head" className="text-xl">
        Who avoids what
      </h2>
      {page.avoiders.length === 0 && <p className="text-quiet">Nobody in this class avoids anything.</p>}
      {page.avoiders.length > 0 && (
        <table className="w-full border-collapse">
          <thead className="text-left text-sm text-quiet">
            <tr>
              {['Who', 'Where', 'Avoids', 'Makes', 'Does not make, because'].map((h) => (
                <th key={h} scope="col" className="pr-4 font-normal">
                  {h}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {page.avoiders.map((a) => (
              <tr key={a.id} className="border-t border-line align-top">
                <th scope="row" className="py-1.5 pr-4 text-left">
                  {a.name}
                </th>
                <td className="py-1.5 pr-4 whitespace-nowrap">{a.station}</td>
                <td className="py-1.5 pr-4">
                  {a.avoids.map((x) => (
                    <span key={x.what} className={x.level === 'strict' ? 'block font-semibold text-trouble' : 'block'}>
                      {x.what}
                      {x.level === 'diet' && ', by choice'}
                    </span>
                  ))}
                </td>
                <td className="py-1.5 pr-4">
                  {a.makes.map((m) => (
                    <span key={m.bread} className="block">
                      {m.bread}
                      {m.leftOff.length > 0 && <span className="text-quiet">, {offWords(m)}</span>}
                    </span>
                  ))}
                  {a.makes.length === 0 && <b className="text-trouble">no bread</b>}
                </td>
                <td className="py-1.5 text-quiet">
                  {a.misses.map((m) => (
                    <span key={m.bread} className="block">
                      {m.bread}: {m.words.map(avoidedName).join(', ')} in {m.because.join(', ')}
                    </span>
                  ))}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </section>
  );
}

function Fires({ page, workshop }: { readonly page: Page; readonly workshop: Workshop }) {
  if (page.fires.length === 0) return null;
  return (
    <section aria-labelledby="fires-head">
      <h2 id="fires-head" className="text-xl">
        Order on the griddles
      </h2>
      <p className="text-sm text-quiet">
        Whoever strictly avoids something cooks before anything that holds it, or after the griddle was cleaned.
      </p>
      <table className="w-full border-collapse">
        <tbody>
          {page.fires.map((f) => (
            <tr key={f.id} className="border-t border-line align-top">
              <th scope="row" className="py-1.5 pr-4 text-left">
                {f.name}
              </th>
              <td className="py-1.5">
                {f.turns.map((t) => (
                  <span key={t.fromSec} className="block">
                    <span className="figures">
                      {clockText(workshop, t.fromSec)}–{clockText(workshop, t.toSec)}
                    </span>{' '}
                    {t.count} × {t.bread}
                    {t.freeFor.length > 0 && (
                      <b className="text-trouble"> for those without {t.freeFor.join(', ')} too</b>
                    )}
                  </span>
                ))}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}

function Contents({ page }: { readonly page: Page }) {
  return (
    <section aria-labelledby="contents-head">
      <h2 id="contents-head" className="text-xl">
        What is in the breads
      </h2>
      <ul>
        {page.breads.map((b) => (
          <li key={b.bread} className="border-t border-line py-1.5">
            <b>{b.bread}</b>
            {b.contents.length === 0 && <span className="text-quiet"> nothing that is on the lists</span>}
            {b.contents.map((c) => (
              <span key={c.word} className="block">
                <b className={c.kind === 'allergen' ? '' : 'font-normal'}>{c.word}</b>{' '}
                <span className="text-quiet">
                  from {c.ingredients.join(', ')}
                  {c.canBeLeftOff && '; can be left off'}
                </span>
              </span>
            ))}
            {b.unknown.length > 0 && (
              <span className="block text-trouble">not known what is in {b.unknown.join(', ')}: read the label</span>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}
