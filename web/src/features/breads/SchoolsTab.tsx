import { useMemo } from 'react';
import { useSearchParams } from 'react-router';
import {
  type Bread,
  type BreadSummary,
  type Circumstances,
  compareBreads,
  type Difference,
  durationText,
  type Ingredient,
  type MethodTimes,
  pctText,
  readBread,
  rebaseVariant,
  type Step,
  strandOf,
} from '@hodsman/core';
import { stepName } from '../../bread-ui/step-words.ts';
import { newSaveId, useBodies, useDocumentList, useSaveDocumentMutation } from '../../documents/api.ts';
import { useAppSelector } from '../../store/hooks.ts';
import { MAIN_BUTTON } from '../../ui/buttons.ts';
import { SelectField } from '../../ui/SelectField.tsx';
import { MiniStrand } from './MiniStrand.tsx';
import { useBreadContext } from './use-bread.ts';
import { KIND_WORDS } from './words.ts';

/** The schools of a bread: its parent and variants, two of them side by side, and what a change of the parent brings its variants. */
export function SchoolsTab() {
  const { bread, at } = useBreadContext();
  const { data } = useDocumentList('bread');
  const [params, setParams] = useSearchParams();
  const others = useMemo(
    () => (data ?? []).flatMap((b) => (b.summary && b.summary.id !== bread.id ? [{ ...b, summary: b.summary }] : [])),
    [data, bread.id],
  );
  const family = others.filter((b) => isKin(b.summary, bread));
  const other = others.find((b) => b.id === params.get('with')) ?? family[0];
  const beside = useBodies('bread', other ? [other.id] : [])?.[0];
  const variants = useBodies(
    'bread',
    others.filter((b) => b.summary.variantOf === bread.id).map((b) => b.id),
  );
  return (
    <div className="mx-auto grid max-w-6xl gap-5 p-4">
      <Followers variants={variants ?? []} />
      <div className="flex flex-wrap items-end gap-4">
        {others.length > 0 && (
          <SelectField
            label="Side by side with"
            value={other?.id ?? ''}
            options={[
              ['', 'choose a bread …'],
              ...family.map((b) => [b.id, `${b.title} (a school of this bread)`] as const),
              ...others.filter((b) => !family.includes(b)).map((b) => [b.id, b.title] as const),
            ]}
            onChange={(id) => setParams(id === '' ? {} : { with: id })}
          />
        )}
        {family.length === 0 && (
          <p className="text-quiet">
            This bread has no other school yet. The branch above makes one: a copy that keeps what you change in it, and
            follows this bread in all else.
          </p>
        )}
      </div>
      {other && beside?.id === other.id && <SideBySide left={bread} right={beside.body} at={at} />}
    </div>
  );
}

const isKin = (a: Pick<BreadSummary, 'id' | 'variantOf'>, b: Bread): boolean =>
  (a.variantOf ?? a.id) === (b.variantOf ?? b.id);

type Variant = NonNullable<ReturnType<typeof useBodies<'bread'>>>[number];

/** Variants that would follow a change of this bread made since it was opened. */
function Followers({ variants }: { readonly variants: readonly Variant[] }) {
  const draft = useAppSelector((s) => s.bread);
  const [save] = useSaveDocumentMutation();
  if (!draft) return null;
  const before = draft.past[0] ?? draft.body;
  const moved = variants.flatMap((v) => {
    const read = readBread(rebaseVariant(v.body, before, draft.body));
    return read.ok && JSON.stringify(read.value) !== JSON.stringify(v.body) ? [{ v, next: read.value }] : [];
  });
  if (moved.length === 0) return null;
  return (
    <section
      className="flex flex-wrap items-center gap-3 rounded-cut border border-line bg-panel px-4 py-2"
      aria-label="Variants that follow"
    >
      <p className="flex-1">
        You changed this bread. {moved.map((m) => m.v.body.name).join(', ')} {moved.length === 1 ? 'follows' : 'follow'}{' '}
        it where {moved.length === 1 ? 'it has' : 'they have'} nothing of {moved.length === 1 ? 'its' : 'their'} own.
      </p>
      <button
        type="button"
        className={MAIN_BUTTON}
        onClick={() => {
          for (const { v, next } of moved)
            void save({ kind: 'bread', id: v.id, version: v.version, body: next, saveId: newSaveId() });
        }}
      >
        Bring the change over
      </button>
    </section>
  );
}

function SideBySide({ left, right, at }: { readonly left: Bread; readonly right: Bread; readonly at: Circumstances }) {
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
      `${left.piece.doughG} g, ${left.piece.diameterCm} cm`,
      `${right.piece.doughG} g, ${right.piece.diameterCm} cm`,
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
    : `${i.name} ${i.gPerPiece ?? i.gPerBatch ?? 0} g ${i.gPerPiece === undefined ? 'a batch' : 'a bread'}`;

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
