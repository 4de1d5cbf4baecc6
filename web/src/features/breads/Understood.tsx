import type { ReactNode } from 'react';
import { cmText, gramsText, USUAL_BENCH, type ImportedRecipe } from '@hodsman/core';
import { stepName } from '../../bread-ui/step-words.ts';
import { MAIN_BUTTON } from '../../ui/buttons.ts';
import { Notice } from '../../ui/Notice.tsx';
import { RemarkList } from './RemarkList.tsx';

const MOST_SHOWN = 30;

interface Props {
  readonly recipe: ImportedRecipe;
  /** The part that is pointed at, by its path in the bread. */
  readonly lit: string | undefined;
  readonly onLit: (path: string | undefined) => void;
  readonly onKeep: () => void;
}

/** The bread that came of a recipe, what was guessed, what disagrees and what was not understood. */
export function Understood({ recipe, lit, onLit, onKeep }: Props) {
  const { bread, guesses, conflicts, notUnderstood, keeping } = recipe;
  return (
    <div className="grid gap-4">
      {bread ? (
        <>
          <div className="flex flex-wrap items-start gap-3">
            <div className="flex-1">
              <h2 className="text-2xl">{bread.name}</h2>
              <p className="text-quiet">
                {bread.family}, pieces of {gramsText(bread.piece.doughG)}, {cmText(bread.piece.diameterCm)} across
              </p>
            </div>
            <button type="button" className={MAIN_BUTTON} onClick={onKeep}>
              Keep as a bread
            </button>
          </div>
          <div className="grid gap-6 sm:grid-cols-2">
            <ul aria-label="Formula">
              {bread.ingredients.map((i, n) => (
                <Part key={i.use + i.name} path={`ingredients[${n}]`} lit={lit} onLit={onLit}>
                  <span>{i.name}</span>
                  <span className="figures font-semibold whitespace-nowrap">
                    {i.use === 'dough' ? `${i.pct ?? 0} %` : `${gramsText(i.gPerPiece ?? 0)} each`}
                  </span>
                </Part>
              ))}
            </ul>
            <ol aria-label="Steps">
              {bread.steps.map((s, n) => (
                <Part key={s.id} path={`steps[${n}]`} lit={lit} onLit={onLit}>
                  <span>{stepName(s)}</span>
                  <span className="figures whitespace-nowrap">
                    {'window' in s
                      ? `${s.window.min} – ${s.window.max} min`
                      : s.kind === 'cook' && s.phases
                        ? `${s.phases.map((p) => p.sec).join(' + ')} s`
                        : minutesWords(s.minutes ?? 0, s.minutesPerPiece ?? 0)}
                  </span>
                </Part>
              ))}
            </ol>
          </div>
        </>
      ) : (
        <Notice>
          No bread was found in this: there must be a flour, by name or with its amount. The text stands at the left;
          mend it there.
        </Notice>
      )}
      <List title="Not understood" items={notUnderstood} isTrouble />
      <List title="Does not agree" items={conflicts.map((c) => c.what)} isTrouble />
      {bread && <RemarkList bread={bread} at={USUAL_BENCH} />}
      <List
        title="Guessed"
        items={guesses.map((g) => `${g.why}${g.from === '' ? '' : ` (“${g.from.slice(0, 70)}”)`}`)}
      />
      <List title="Keeping" items={keeping} />
    </div>
  );
}

/** "5 min", "1 min and 0.5 min each". */
const minutesWords = (minutes: number, each: number): string =>
  [minutes > 0 || each === 0 ? `${minutes} min` : '', each > 0 ? `${each} min each` : ''].filter(Boolean).join(' and ');

/** A part of the bread; the words that it came from light up with it. */
function Part({
  path,
  lit,
  onLit,
  children,
}: Pick<Props, 'lit' | 'onLit'> & { readonly path: string; readonly children: ReactNode }) {
  return (
    <li
      tabIndex={0}
      className={`flex justify-between gap-2 border-t border-line px-1 py-0.5 ${lit === path ? 'bg-hands text-on-hands' : ''}`}
      onMouseEnter={() => onLit(path)}
      onMouseLeave={() => onLit(undefined)}
      onFocus={() => onLit(path)}
      onBlur={() => onLit(undefined)}
    >
      {children}
    </li>
  );
}

function List({
  title,
  items,
  isTrouble = false,
}: {
  readonly title: string;
  readonly items: readonly string[];
  readonly isTrouble?: boolean;
}) {
  if (items.length === 0) return null;
  return (
    <section aria-label={title}>
      <h3 className={`text-lg ${isTrouble ? 'text-trouble' : ''}`}>
        {title} <span className="figures font-normal text-quiet">{items.length}</span>
      </h3>
      <ul className="text-sm">
        {items.slice(0, MOST_SHOWN).map((t, n) => (
          <li key={n} className="border-t border-line py-0.5 [overflow-wrap:anywhere]">
            {t.slice(0, 240)}
          </li>
        ))}
        {items.length > MOST_SHOWN && <li className="py-0.5 text-quiet">and {items.length - MOST_SHOWN} more</li>}
      </ul>
    </section>
  );
}
