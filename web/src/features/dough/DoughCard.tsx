import { bowlConditions, bowlOf, gramsText, hydrationPct, stationName, type Batch, type Workshop } from '@hodsman/core';
import { WaterLine } from '../../ui/WaterAnswer.tsx';

/** One station's dough: what goes in, in the order of the bowl, with the water that is kept back, and what is used outside the dough. */
export function DoughCard({ batch, workshop }: { readonly batch: Batch; readonly workshop: Workshop }) {
  const { line, station, scaled, pieces, team } = batch;
  const names = team.map((id) => workshop.roster.find((p) => p.id === id)?.name ?? id);
  const inDough = scaled.ingredients.filter((i) => i.use === 'dough');
  const outside = scaled.ingredients.filter((i) => i.use !== 'dough');
  const water = bowlOf(line.bread, scaled.flourG, bowlConditions(workshop.kitchen, line.bread, line.menu.mixer));
  const spares = pieces.filter((p) => p.owner === null).length;
  return (
    <article
      className="h-full rounded-cut border border-line bg-panel p-4"
      aria-label={`${line.bread.name}, station ${station.id}`}
    >
      <header className="mb-3">
        <h3 className="text-lg">{stationName(station)}</h3>
        <p className="truncate text-quiet" title={names.join(', ')}>
          {names.join(', ')}
        </p>
        <p>{line.bread.name}</p>
      </header>
      <table className="w-full">
        <caption className="sr-only">Dough</caption>
        <tbody>
          {inDough.map((i) => (
            <tr key={i.name} className="border-t border-line align-top">
              <th scope="row" className="py-1.5 pr-2 text-left font-normal">
                {i.name}
                {i.heldBackG > 0 && (
                  <span className="block text-sm text-quiet">keep {gramsText(i.heldBackG)} of it back</span>
                )}
              </th>
              <td className="figures py-1.5 text-right text-lg font-semibold whitespace-nowrap">{gramsText(i.g)}</td>
            </tr>
          ))}
          <tr className="border-t-2 border-ink">
            <th scope="row" className="py-1.5 text-left font-normal">
              dough
            </th>
            <td className="figures py-1.5 text-right text-lg font-semibold whitespace-nowrap">
              {gramsText(scaled.doughG)}
            </td>
          </tr>
        </tbody>
      </table>
      <p className="mt-1">
        {pieces.length} pieces of {gramsText(line.bread.piece.doughG)}
        {spares > 0 && `, ${spares} of them spare`}
      </p>
      {water && <WaterLine answer={water} />}
      <p className="text-sm text-quiet">hydration {Math.round(hydrationPct(line.bread.ingredients))} %</p>
      {outside.length > 0 && (
        <table className="mt-3 w-full text-quiet">
          <caption className="text-left text-sm font-semibold">Beside the dough</caption>
          <tbody>
            {outside.map((i) => (
              <tr key={i.name + i.use}>
                <th scope="row" className="py-0.5 pr-2 text-left font-normal">
                  {i.name}
                </th>
                <td className="figures py-0.5 text-right whitespace-nowrap">{gramsText(i.g)}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </article>
  );
}
