import { CircleCheck, OctagonAlert, Trash2 } from 'lucide-react';
import { useMemo } from 'react';
import {
  aimName,
  type Alternative,
  brokenWords,
  changeWords,
  type ClassRecord,
  clockText,
  differenceWords,
  durationText,
  type Plan,
  planFigures,
  type PlanFigures,
  headlineWords,
  verdictOf,
  type Workshop,
} from '@hodsman/core';
import { drop, rename, take } from '../../../planning/alternatives.ts';
import { useAppDispatch } from '../../../store/hooks.ts';
import { SIDE_BUTTON, SMALL_ICON_BUTTON } from '../../../ui/buttons.ts';
import { SmallBoard } from './SmallBoard.tsx';

interface Props {
  readonly letter: string;
  readonly name: string;
  readonly record: ClassRecord;
  readonly plan: Plan;
  /** The alternative, with its plan once it has come; absent for the class itself. */
  readonly other?: (Alternative & { readonly plan: Plan | undefined }) | undefined;
}

const MOST_CHANGES = 4;

/** One of the classes that are compared: small, its verdict, its figures, and how it differs from the class itself. */
export function AlternativeCard({ letter, name, record, plan, other }: Props) {
  const dispatch = useAppDispatch();
  const shown = other ? other.plan : plan;
  const workshop = other?.workshop ?? record.workshop;
  return (
    <article
      aria-label={`${letter}: ${name}`}
      className={`grid h-full content-start gap-2 rounded-cut border bg-panel p-3 ${other ? 'border-line' : 'border-2 border-hands'}`}
    >
      <header className="flex items-center gap-2">
        <span className="font-head text-3xl font-semibold" aria-hidden>
          {letter}
        </span>
        {other ? (
          <>
            <input
              aria-label={`What ${letter} is called`}
              value={name}
              maxLength={120}
              className="min-h-9 min-w-0 flex-1 rounded-cut border border-transparent bg-transparent px-1.5 font-semibold hover:border-line"
              onChange={(e) => e.target.value !== '' && dispatch(rename(other.id, e.target.value))}
            />
            <button
              type="button"
              className={SMALL_ICON_BUTTON}
              aria-label={`Drop ${letter}`}
              title="Drop it"
              onClick={() => dispatch(drop(other.id))}
            >
              <Trash2 size={17} aria-hidden />
            </button>
          </>
        ) : (
          <span className="font-semibold">{name}</span>
        )}
      </header>
      {shown ? (
        <Told letter={letter} record={record} plan={plan} workshop={workshop} shown={shown} other={other} />
      ) : (
        <p className="min-h-40 text-quiet">Planning …</p>
      )}
      {other && (
        <button type="button" className={SIDE_BUTTON} onClick={() => dispatch(take(other.id))}>
          Take {letter}; this class stays as {letter}
        </button>
      )}
    </article>
  );
}

function Told({
  letter,
  record,
  plan,
  workshop,
  shown,
  other,
}: Omit<Props, 'name'> & { readonly workshop: Workshop; readonly shown: Plan }) {
  const figures = useMemo(() => planFigures(workshop, shown), [workshop, shown]);
  const differences = useMemo(
    () => (other ? differenceWords(planFigures(record.workshop, plan), figures) : []),
    [other, record.workshop, plan, figures],
  );
  const headline = headlineWords(workshop, verdictOf(workshop, shown));
  const Icon = figures.fits ? CircleCheck : OctagonAlert;
  return (
    <>
      <SmallBoard plan={shown} workshop={workshop} />
      <p className={`flex items-center gap-1.5 text-lg font-semibold ${figures.fits ? '' : 'text-trouble'}`}>
        <Icon size={20} aria-hidden className="shrink-0" />
        {headline}
      </p>
      {!figures.fits && <p className="text-trouble">{brokenWords(shown)[0]?.words}</p>}
      {other && (
        <p data-testid={`difference-${letter}`}>
          {differences.length > 0
            ? `${letter}: ${differences.join(', ')}.`
            : `${letter}: no difference that anybody would feel.`}
        </p>
      )}
      <Figures figures={figures} workshop={workshop} />
      {other && <Changes record={record} other={other} />}
    </>
  );
}

function Figures({ figures, workshop }: { readonly figures: PlanFigures; readonly workshop: Workshop }) {
  const { age, idle, wait } = figures;
  const rows: readonly (readonly [string, string])[] = [
    ['last bread done', clockText(workshop, figures.finishSec)],
    ...(age ? [['breads on the table, on average', durationText(age.meanSec)] as const] : []),
    ...(idle ? [['nothing to do, each', durationText(idle.meanSec)] as const] : []),
    ...(wait ? [['shaped pieces wait, at most', durationText(wait.worstSec)] as const] : []),
    ['first breads apart', durationText(figures.firstSpreadSec)],
  ];
  return (
    <dl className="figures grid grid-cols-[1fr_auto] gap-x-4 text-sm">
      {rows.map(([what, value]) => (
        <div key={what} className="col-span-2 grid grid-cols-subgrid border-t border-line py-0.5">
          <dt className="text-quiet">{what}</dt>
          <dd>{value}</dd>
        </div>
      ))}
    </dl>
  );
}

/** What is other in the class itself, its pins and its aim. */
function Changes({ record, other }: { readonly record: ClassRecord; readonly other: Alternative }) {
  const words = useMemo(
    () => [
      ...changeWords(record.workshop, other.workshop),
      ...(record.notes.shaping.aim === other.shaping.aim
        ? []
        : [`what counts most: ${aimName(record.notes.shaping.aim)} → ${aimName(other.shaping.aim)}`]),
    ],
    [record, other],
  );
  const pins = other.shaping.pins.length - record.notes.shaping.pins.length;
  const all = [...words, ...(pins === 0 ? [] : [`${Math.abs(pins)} pinned starts ${pins > 0 ? 'more' : 'less'}`])];
  if (all.length === 0) return null;
  return (
    <ul className="text-sm text-quiet" aria-label="What is other in it">
      {all.slice(0, MOST_CHANGES).map((w) => (
        <li key={w}>· {w}</li>
      ))}
      {all.length > MOST_CHANGES && <li>· and {all.length - MOST_CHANGES} changes more</li>}
    </ul>
  );
}
