import { useMemo } from 'react';
import {
  compareBreads,
  durationText,
  pctText,
  strandOf,
  type Bread,
  type Circumstances,
  type Difference,
  type Ingredient,
  type MethodTimes,
  type Step,
  gramsText,
  cmText,
} from '@hodsman/core';
import { stepName } from '../../bread-ui/step-words.ts';
import { MiniStrand } from './MiniStrand.tsx';
import { KIND_WORDS } from './words.ts';

interface Props {
  readonly left: Bread;
  readonly right: Bread;
  readonly at: Circumstances;
}

/** Two breads side by side: their time to one scale, their figures, and each ingredient and step that differs. */
export function SideBySide({ left, right, at }: Props) {
  const comparison = useMemo(() => compareBreads(left, right, at), [left, right, at]);
  const { times, hydrationPct } = comparison;
  const span = Math.max(times.left.idealSec, times.right.idealSec, 3600);
  const rows: readonly (readonly [string, string, string])[] = [
    ['shortest', durationText(times.left.leastSec), durationText(times.right.leastSec)],
    ['ideal', durationText(times.left.idealSec), durationText(times.right.idealSec)],
    ['longest', durationText(times.left.mostSec), durationText(times.right.mostSec)],
    ['hydration', pctText(hydrationPct.left), pctText(hydrationPct.right)],
    [
      'a piece',
      `${gramsText(left.piece.doughG)}, ${cmText(left.piece.diameterCm)}`,
      `${gramsText(right.piece.doughG)}, ${cmText(right.piece.diameterCm)}`,
    ],
    ['stays good', durationText(left.holdMaxMin * 60), durationText(right.holdMaxMin * 60)],
    ['only this one holds', comparison.onlyLeft.join(', ') || '–', comparison.onlyRight.join(', ') || '–'],
  ];
  return (
    <table className="w-full table-fixed border-collapse" data-testid="side-by-side">
      <thead>
        <tr className="text-left">
          <th className="w-40 py-2 font-normal text-quiet">
            <span className="sr-only">What</span>
          </th>
          <th className="pr-4 text-lg">{left.name}</th>
          <th className="text-lg">{right.name}</th>
        </tr>
      </thead>
      <tbody>
        <tr className="border-t border-line">
          <th scope="row" className="py-2 text-left font-normal text-quiet">
            time, to one scale
          </th>
          <td className="pr-4">
            <Strand times={times.left} widthSec={span} />
          </td>
          <td className="pr-4">
            <Strand times={times.right} widthSec={span} />
          </td>
        </tr>
        {rows.map(([what, a, b]) => (
          <tr key={what} className="border-t border-line">
            <th scope="row" className="py-1.5 text-left font-normal text-quiet">
              {what}
            </th>
            <td className={`figures pr-4 ${a === b ? 'text-quiet' : 'font-semibold'}`}>{a}</td>
            <td className={`figures ${a === b ? 'text-quiet' : 'font-semibold'}`}>{b}</td>
          </tr>
        ))}
        <Differences what="ingredients that differ" list={comparison.ingredients} words={ingredientWords} />
        <Differences what="steps that differ" list={comparison.steps} words={(s: Step) => stepName(s) + stepTime(s)} />
      </tbody>
    </table>
  );
}

const Strand = ({ times, widthSec }: { readonly times: MethodTimes; readonly widthSec: number }) => (
  <MiniStrand strand={strandOf(times)} leastSec={times.leastSec} mostSec={times.mostSec} widthSec={widthSec} />
);

const ingredientWords = (i: Ingredient): string =>
  i.use === 'dough'
    ? `${i.name} ${i.pct ?? 0} %`
    : `${i.name} ${gramsText(i.gPerPiece ?? i.gPerBatch ?? 0)} ${i.gPerPiece === undefined ? 'a batch' : 'a bread'}`;

function stepTime(s: Step): string {
  if ('window' in s) return ` (${KIND_WORDS[s.kind]}), ${s.window.min} to ${s.window.max} min`;
  const wait = s.waitMaxMin === undefined ? '' : `, after a wait of ${s.waitMaxMin} min at most`;
  if (s.kind === 'cook' && s.phases) return `, ${s.phases.map((p) => p.sec).join(' + ')} s${wait}`;
  return `, ${s.minutes ?? 0} min${s.minutesPerPiece ? ` and ${s.minutesPerPiece} a piece` : ''}${wait}`;
}

function Differences<T>({
  what,
  list,
  words,
}: {
  readonly what: string;
  readonly list: readonly Difference<T>[];
  readonly words: (t: T) => string;
}) {
  return list.map((d, n) => (
    <tr key={d.key} className="border-t border-line">
      <th scope="row" className="py-1.5 text-left align-top font-normal text-quiet">
        {n === 0 ? what : <span className="sr-only">{what}</span>}
      </th>
      <td className="py-1.5 pr-4 align-top">
        {d.left === undefined ? <span className="text-quiet">without</span> : words(d.left)}
      </td>
      <td className="py-1.5 align-top">
        {d.right === undefined ? <span className="text-quiet">without</span> : words(d.right)}
      </td>
    </tr>
  ));
}
