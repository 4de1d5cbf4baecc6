import { giveInstead, insteadOf, type Bread, type Gap, type Workshop } from '@hodsman/core';
import { applyEdit } from '../../app/edit.ts';
import { useAppDispatch } from '../../app/hooks.ts';
import { MAIN_BUTTON, SIDE_BUTTON } from '../../ui/buttons.ts';

const MOST_OFFERED = 3;

interface Props {
  readonly gap: Gap;
  readonly workshop: Workshop;
  readonly library: readonly Bread[];
}

/** Somebody cannot have a bread of the menu: who, why, and what they could make instead. */
export function GapCard({ gap, workshop, library }: Props) {
  const dispatch = useAppDispatch();
  const bread = workshop.breads.find((b) => b.id === gap.bread);
  const names = workshop.roster.filter((p) => gap.people.includes(p.id)).map((p) => p.name);
  const offers = insteadOf(workshop, gap, library).slice(0, MOST_OFFERED);
  return (
    <section
      aria-label={`Instead of ${bread?.name ?? gap.bread}`}
      className={`grid gap-2 rounded-cut border bg-panel p-3 ${gap.isLeftWithout ? 'border-trouble' : 'border-line'}`}
      data-testid="gap"
    >
      <p>
        <b className={gap.isLeftWithout ? 'text-trouble' : ''}>
          {names.join(', ')} {names.length === 1 ? 'avoids' : 'avoid'} {gap.words.join(', ')}
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
            onClick={() => dispatch(applyEdit(giveInstead(workshop, gap, other)))}
          >
            {other.name}
            <span className="text-sm font-normal opacity-80">
              {isVariant ? 'a variant of it' : isHeld ? 'in this class' : 'from the library'}
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
