import { memo, useMemo } from 'react';
import {
  type Bread,
  contentsOf,
  costOf,
  type Figure,
  figuresOf,
  fixedText,
  nourishmentOf,
  pctText,
  roundHalfUp,
  moneyText,
} from '@hodsman/core';

/** A figure with its usual range as a bar: the mark is where this bread is. */
function FigureBar({ figure }: { readonly figure: Figure }) {
  const { pct, usual, isUnusual } = figure;
  if (!usual) return null;
  const most = Math.max(usual.to * 1.25, pct * 1.1);
  const at = (x: number): string => `${(x / most) * 100}%`;
  return (
    <svg width="100%" height={10} aria-hidden className="block">
      <rect x={0} y={4} width="100%" height={2} fill="var(--line)" />
      <rect
        x={at(usual.from)}
        y={2}
        width={at(usual.to - usual.from)}
        height={6}
        rx={2}
        fill="var(--dough)"
        stroke="var(--dough-edge)"
      />
      <rect x={at(pct)} y={0} width={3} height={10} fill={isUnusual ? 'var(--trouble)' : 'var(--hands)'} />
    </svg>
  );
}

/** What follows from the formula: the measures that bakers judge by, what it holds, what it costs and feeds. */
export const FiguresPanel = memo(function FiguresPanel({ bread }: { readonly bread: Bread }) {
  const figures = useMemo(() => figuresOf(bread.ingredients, bread.family), [bread]);
  const food = useMemo(() => nourishmentOf(bread), [bread]);
  const contents = contentsOf(bread);
  return (
    <section aria-labelledby="figures-head" className="grid gap-4">
      <div>
        <h2 id="figures-head" className="mb-1 text-lg">
          Of the flour
        </h2>
        <dl className="grid grid-cols-[5.5rem_4rem_minmax(0,1fr)] items-center gap-x-3 gap-y-1">
          {figures.map((f) => (
            <div key={f.id} className="contents">
              <dt>{f.id}</dt>
              <dd className={`figures text-right font-semibold ${f.isUnusual ? 'text-trouble' : ''}`}>
                {pctText(f.pct, 1)}
              </dd>
              <dd>
                <FigureBar figure={f} />
                <span className="text-sm text-quiet">{f.words}</span>
              </dd>
            </div>
          ))}
        </dl>
      </div>
      <div>
        <h2 className="mb-1 text-lg">Holds</h2>
        {contents.length === 0 ? (
          <p className="text-quiet">No allergen is named.</p>
        ) : (
          <ul>
            {contents.map((c) => (
              <li key={c.word}>
                <b className={c.kind === 'allergen' ? '' : 'font-normal'}>{c.word}</b>
                <span className="text-sm text-quiet">
                  {' '}
                  from {c.ingredients.join(', ')}
                  {c.canBeLeftOff && ' (may be left off)'}
                </span>
              </li>
            ))}
          </ul>
        )}
      </div>
      <div>
        <h2 className="mb-1 text-lg">One bread</h2>
        <p>
          <span className="figures text-xl font-semibold">{roundHalfUp(food.kJ)} kJ</span>{' '}
          <span className="figures">({roundHalfUp(food.kcal)} kcal)</span>
          <span className="figures ml-4">about {moneyText(costOf(bread), 'EUR')}</span>
        </p>
        <p className="figures text-sm text-quiet" data-testid="nourishment">
          protein {fixedText(food.proteinG, 1)} g · fat {fixedText(food.fatG, 1)} g, of it saturates{' '}
          {fixedText(food.saturatesG, 1)} g · carbohydrate {fixedText(food.carbohydrateG, 1)} g · fibre{' '}
          {fixedText(food.fibreG, 1)} g · salt {fixedText(food.saltG, 2)} g
        </p>
        <p className="text-sm text-quiet">
          Estimated from usual foods and prices; a tenth of a bath and half of dusting and griddle fat are counted as
          eaten.
          {food.unknown.length > 0 && ` Nothing is known of ${food.unknown.join(', ')}.`}
        </p>
      </div>
    </section>
  );
});
