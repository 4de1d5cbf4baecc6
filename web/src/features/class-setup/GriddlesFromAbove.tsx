import { linesOf, spotCentres, spotsOnGriddle, type Griddle, type Workshop } from '@hodsman/core';

const MARGIN_CM = 2;
/** Pixels a centimetre: the same for all griddles, so that they compare. */
const SCALE = 3;

const sizeOf = (g: Griddle): { readonly width: number; readonly depth: number } =>
  g.shape === 'round' ? { width: g.diameterCm, depth: g.diameterCm } : { width: g.widthCm, depth: g.depthCm };

/** The griddles to scale from above, with as many breads of the first line on the menu as each carries. */
export function GriddlesFromAbove({ workshop }: { readonly workshop: Workshop }) {
  const bread = linesOf(workshop)[0]?.bread;
  if (!bread) return null;
  return (
    <section aria-labelledby="griddles-head">
      <h2 id="griddles-head" className="mb-1 text-xl">
        What the griddles carry
      </h2>
      <p className="mb-3 text-quiet">
        {bread.name}, {bread.piece.diameterCm} cm across
      </p>
      <ul className="flex flex-wrap gap-x-8 gap-y-4">
        {workshop.kitchen.griddles.map((g) => {
          const count = spotsOnGriddle(g, bread, workshop.kitchen.griddleGapCm);
          const { width, depth } = sizeOf(g);
          const box = `${-width / 2 - MARGIN_CM} ${-depth / 2 - MARGIN_CM} ${width + 2 * MARGIN_CM} ${depth + 2 * MARGIN_CM}`;
          return (
            <li key={g.id} className="text-center">
              <svg
                viewBox={box}
                width={(width + 2 * MARGIN_CM) * SCALE}
                height={(depth + 2 * MARGIN_CM) * SCALE}
                role="img"
                aria-label={`${g.id} holds ${count}`}
              >
                {g.shape === 'round' ? (
                  <circle r={g.diameterCm / 2} fill="var(--slate)" />
                ) : (
                  <rect x={-width / 2} y={-depth / 2} width={width} height={depth} rx={1} fill="var(--slate)" />
                )}
                {spotCentres(g, count, bread.piece.diameterCm).map((s) => (
                  <circle
                    key={`${s.xCm},${s.yCm}`}
                    cx={s.xCm}
                    cy={s.yCm}
                    r={bread.piece.diameterCm / 2}
                    fill="var(--dough)"
                    stroke="var(--dough-edge)"
                    strokeWidth={0.4}
                  />
                ))}
              </svg>
              <p className="figures">
                <b>{g.name ?? g.id}</b> {count === 1 ? 'one at a time' : `${count} at a time`}
              </p>
            </li>
          );
        })}
      </ul>
    </section>
  );
}
