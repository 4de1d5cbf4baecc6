import { memo } from 'react';
import {
  type ClassClock,
  clockText,
  type DoughCard as Card,
  durationText,
  gramsText,
  hydrationPct,
  pctText,
  type WeighRow,
  celsiusText,
} from '@hodsman/core';
import { stepName } from '../../bread-ui/step-words.ts';
import { BreadGlyph } from '../../bread-ui/BreadGlyph.tsx';
import { Care } from '../../bread-ui/Care.tsx';
import { WaterLine } from '../../bread-ui/WaterAnswer.tsx';

const KIND_WORDS: Readonly<Record<Card['kind'], string>> = {
  own: '',
  mother: 'for the stations, before they begin',
  share: 'its share',
  practice: 'to practise, and to take home',
};

/** One dough: what goes in, water first, how it rests, how it is divided, what is used beside it. */
export const DoughCard = memo(function DoughCard({ card, clock }: { readonly card: Card; readonly clock: ClassClock }) {
  const { bread, rows, outside, shares, water, mixer, rests, cold } = card;
  const names = card.people.join(', ');
  return (
    <article
      className="h-full rounded-cut border border-line bg-panel p-4 print:break-inside-avoid"
      aria-label={`${bread.name}, ${card.title}`}
      data-batch={card.id}
    >
      <header className="mb-2 flex gap-3">
        <div className="min-w-0 flex-1">
          <h3 className="truncate text-lg">{card.title}</h3>
          <p className="truncate text-quiet" title={names}>
            {names === '' ? KIND_WORDS[card.kind] : names}
          </p>
          <p className="truncate" title={bread.name}>
            {bread.name}
          </p>
          {card.kind !== 'own' && names !== '' && <p className="text-sm text-quiet">{KIND_WORDS[card.kind]}</p>}
        </div>
        <svg width={30} height={30} aria-hidden className="shrink-0">
          <BreadGlyph shape={bread.piece.shape} x={15} y={15} size={24} />
        </svg>
      </header>
      {card.care.length > 0 && (
        <ul aria-label="To be minded" className="mb-2 border-y border-trouble py-1">
          {card.care.map((line) => (
            <li key={line}>
              <Care words={line} />
            </li>
          ))}
        </ul>
      )}
      {card.from !== undefined && (
        <p className="border-t border-line py-2">
          <b className="figures text-2xl">{gramsText(card.doughG)}</b> of dough from{' '}
          {card.from.toLowerCase().replace('staff,', 'the staff’s')}
        </p>
      )}
      {rows.length > 0 && (
        <table className="w-full">
          <caption className="sr-only">Dough</caption>
          <tbody>
            {rows.map((r) => (
              <Row key={r.name} row={r} />
            ))}
            <tr className="border-t-2 border-ink">
              <th scope="row" className="py-1.5 text-left font-normal">
                dough
              </th>
              <td className="figures py-1.5 text-right text-lg font-semibold whitespace-nowrap">
                {gramsText(card.doughG)}
              </td>
            </tr>
          </tbody>
        </table>
      )}
      <div className="grid gap-1">
        {water && <WaterLine answer={water} />}
        {mixer && (
          <p className={mixer.share > 1 || mixer.isTooLittle ? 'text-trouble' : ''}>
            {mixer.name}: {pctText(100 * mixer.share)} of its most
            {mixer.isTooLittle && ', too little for it'}
            {mixer.share > 1 && ', too much for it'}
          </p>
        )}
        {shares.length > 0 && (
          <p>part into {shares.map((s) => `${gramsText(s.doughG)} for ${s.title.toLowerCase()}`).join(', ')}</p>
        )}
        {rests.map((r) => (
          <p key={r.step.id}>
            <b>{stepName(r.step)}</b> {durationText(r.idealSec)}{' '}
            <span className="text-quiet">
              ({durationText(r.minSec)} to {durationText(r.maxSec)}) at {r.place}, {celsiusText(r.tempC, 1)}
              {r.fromSec !== undefined && r.toSec !== undefined && (
                <>
                  , <span className="figures">{`${clockText(clock, r.fromSec)}–${clockText(clock, r.toSec)}`}</span>
                </>
              )}
            </span>
          </p>
        ))}
        {card.pieces > 0 && (
          <p>
            divide into <b className="figures">{card.pieces}</b> of{' '}
            <b className="figures">{gramsText(bread.piece.doughG)}</b>
            {card.spares > 0 && `, ${card.spares} of them spare`}
          </p>
        )}
        {cold && (
          <p className={cold.outSec > cold.limitSec ? 'font-semibold text-trouble' : 'text-quiet'}>
            {cold.what.join(', ')}: {durationText(cold.outSec)} out of the fridge, at most {durationText(cold.limitSec)}
          </p>
        )}
        {card.kind !== 'share' && (
          <p className="text-sm text-quiet">hydration {pctText(hydrationPct(bread.ingredients))}</p>
        )}
      </div>
      {outside.length > 0 && (
        <table className="mt-2 w-full text-quiet">
          <caption className="border-t border-line pt-1 text-left text-sm font-semibold">Beside the dough</caption>
          <tbody>
            {outside.map((r) => (
              <tr key={r.name + r.use} className="align-top">
                <th scope="row" className="py-0.5 pr-2 text-left font-normal">
                  {r.name}
                  {r.measure !== undefined && <span className="block text-sm">{r.measure}</span>}
                </th>
                <td className="figures py-0.5 text-right whitespace-nowrap">{r.text}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </article>
  );
});

function Row({ row }: { readonly row: WeighRow }) {
  return (
    <tr className="border-t border-line align-top">
      <th scope="row" className="py-1.5 pr-2 text-left font-normal">
        {row.name}
        {row.keptBack !== undefined && (
          <span className="block text-sm text-quiet">
            {row.first} first, keep {row.keptBack} back
          </span>
        )}
        {row.measure !== undefined && <span className="block text-sm text-quiet">{row.measure}</span>}
        {row.hints.map((h) => (
          <span key={h} className="block text-sm text-quiet">
            {h}
          </span>
        ))}
      </th>
      <td className="figures py-1.5 text-right text-lg font-semibold whitespace-nowrap">{row.text}</td>
    </tr>
  );
}
