import {
  avoidedName,
  giveInstead,
  insteadOf,
  lacksOf,
  needsOf,
  needWords,
  remembering,
  success,
  withAdded,
  type BreadSummary,
  type ClassRecord,
  type Gap,
  type Result,
  type Workshop,
} from '@hodsman/core';
import { editRecord } from '../../planning/edit.ts';
import { useAppDispatch } from '../../store/hooks.ts';
import { useFetchBody } from '../../documents/api.ts';
import { MAIN_BUTTON, SIDE_BUTTON } from '../../ui/buttons.ts';

const MOST_OFFERED = 3;

interface Props {
  readonly gap: Gap;
  readonly workshop: Workshop;
  readonly library: readonly { readonly id: string; readonly title: string; readonly summary: BreadSummary }[];
}

/** Somebody cannot have a bread of the menu: who, why, and what they could make instead. */
export function GapCard({ gap, workshop, library }: Props) {
  const dispatch = useAppDispatch();
  const bread = workshop.breads.find((b) => b.id === gap.bread);
  const names = workshop.roster.filter((p) => gap.people.includes(p.id)).map((p) => p.name);
  const fetchBody = useFetchBody();
  const shelf = library.map(({ title, summary }) => ({ ...summary, name: title }));
  const offers = insteadOf(workshop, gap, shelf).slice(0, MOST_OFFERED);
  /** What the kitchen of the class is given with a bread of the library, in words. */
  const lackedBy = (id: string): string => {
    const needs = library.find((b) => b.summary.id === id)?.summary.needs ?? [];
    const lacks = lacksOf(workshop.kitchen, needs);
    return lacks.length === 0 ? '' : `, with ${lacks.map(needWords).join(', ')}`;
  };
  const give = async (id: string): Promise<void> => {
    const stored = library.find((b) => b.summary.id === id);
    const held = workshop.breads.find((b) => b.id === id);
    const other = held ?? (stored && (await fetchBody('bread', stored.id)));
    if (!other) return;
    const given = (record: ClassRecord): Result<ClassRecord> => {
      const { kitchen } = record.workshop;
      const having = { ...record.workshop, kitchen: withAdded(kitchen, lacksOf(kitchen, needsOf(other))) };
      const next = giveInstead(having, gap, other);
      if (!next.ok) return next;
      const made = { ...record, workshop: next.value };
      return success(held || !stored ? made : remembering(made, { id: stored.id, bread: other }));
    };
    dispatch(editRecord(given));
  };
  return (
    <section
      aria-label={`Instead of ${bread?.name ?? gap.bread}`}
      className={`grid gap-2 rounded-cut border bg-panel p-3 ${gap.isLeftWithout ? 'border-trouble' : 'border-line'}`}
      data-testid="gap"
    >
      <p>
        <b className={gap.isLeftWithout ? 'text-trouble' : ''}>
          {names.join(', ')} {names.length === 1 ? 'avoids' : 'avoid'} {gap.words.map(avoidedName).join(', ')}
        </b>{' '}
        and cannot make {bread?.name ?? gap.bread}
        {gap.isLeftWithout ? ': nothing on the menu is for them.' : ', but other breads of the menu.'}
      </p>
      <div className="flex flex-wrap gap-2">
        {offers.map(({ bread: other, isVariant, isHeld }, i) => (
          <button
            key={other.id}
            type="button"
            className={i === 0 && gap.isLeftWithout ? MAIN_BUTTON : SIDE_BUTTON}
            onClick={() => void give(other.id)}
          >
            {other.name}
            <span className="text-sm font-normal opacity-80">
              {isVariant ? 'a variant of it' : isHeld ? 'in this class' : 'from the library'}
              {lackedBy(other.id)}
            </span>
          </button>
        ))}
        {offers.length === 0 && (
          <p className="text-quiet">
            No bread of the library is free from all of that. Make a variant of one in the library, or read a recipe.
          </p>
        )}
      </div>
    </section>
  );
}
