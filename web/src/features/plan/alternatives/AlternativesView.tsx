import { CopyPlus } from 'lucide-react';
import { AIM_WORDS, aimName, type ClassRecord, MOST_ALTERNATIVES, type Plan, UNSHAPED } from '@hodsman/core';
import { keep, keepAsItStands } from '../../../planning/alternatives.ts';
import { useAppDispatch, useAppSelector } from '../../../store/hooks.ts';
import { MAIN_BUTTON, SIDE_BUTTON } from '../../../ui/buttons.ts';
import { AlternativeCard } from './AlternativeCard.tsx';
import { usePlans } from './use-plans.ts';

/** The class and its alternatives side by side, with their differences in the words of the trade. */
export function AlternativesView() {
  const record = useAppSelector((s) => s.draft?.body);
  const plan = useAppSelector((s) => s.draft?.plan);
  return record && plan ? <SideBySide record={record} plan={plan} /> : null;
}

function SideBySide({ record, plan }: { readonly record: ClassRecord; readonly plan: Plan }) {
  const dispatch = useAppDispatch();
  const { workshop, notes } = record;
  const plans = usePlans(notes.alternatives);
  const isFull = notes.alternatives.length >= MOST_ALTERNATIVES;
  return (
    <div tabIndex={0} role="region" aria-label="Alternatives" className="h-full overflow-auto p-4">
      <div className="flex flex-wrap items-center gap-2 pb-3">
        <button type="button" className={MAIN_BUTTON} disabled={isFull} onClick={() => dispatch(keepAsItStands())}>
          <CopyPlus size={18} aria-hidden /> Keep the class as it stands
        </button>
        <span className="pl-2 text-quiet">or try it with another aim:</span>
        {AIM_WORDS.filter(([aim]) => aim !== notes.shaping.aim).map(([aim]) => (
          <button
            key={aim}
            type="button"
            className={SIDE_BUTTON}
            disabled={isFull}
            onClick={() => dispatch(keep({ name: aimName(aim), workshop, shaping: { ...UNSHAPED, aim } }))}
          >
            {aimName(aim)}
          </button>
        ))}
      </div>
      <ul className="grid grid-cols-[repeat(auto-fill,minmax(19rem,1fr))] gap-3" data-testid="alternatives">
        <li>
          <AlternativeCard letter="A" name="this class" record={record} plan={plan} />
        </li>
        {notes.alternatives.map((a) => (
          <li key={a.id}>
            <AlternativeCard
              letter={a.id}
              name={a.name}
              record={record}
              plan={plan}
              other={{ ...a, plan: plans.get(a) }}
            />
          </li>
        ))}
      </ul>
      {notes.alternatives.length === 0 && (
        <p className="max-w-2xl pt-4 text-quiet">
          An alternative is the whole class once more: keep it, go on changing, and see here what the change gives and
          what it costs. What would help, over the plan, can be tried as an alternative too.
        </p>
      )}
    </div>
  );
}
