import { Check, UtensilsCrossed } from 'lucide-react';
import { useState } from 'react';
import { faultLine, lacksOf, needsOf, needWords, putOnMenu, withAdded, type Bread, type Fault } from '@hodsman/core';
import { applyEdit } from '../../planning/edit.ts';
import { useAppDispatch, useAppSelector } from '../../store/hooks.ts';
import { Notice } from '../../ui/Notice.tsx';

const NONE: readonly Fault[] = [];

/** A copy in a class is a variant only where its parent is there too. */
const contentOf = ({ variantOf, ...rest }: Bread): string => JSON.stringify(rest);

/** Puts the bread on the menu of the class that is open; there it is a copy of its own. */
export function MenuButton({ bread }: { readonly bread: Bread }) {
  const workshop = useAppSelector((s) => s.draft?.body.workshop);
  const refused = useAppSelector((s) => s.draft?.refused ?? NONE);
  const [isAsked, setIsAsked] = useState(false);
  const dispatch = useAppDispatch();
  if (!workshop) return null;
  const isOn = workshop.menu.some((m) => m.bread === bread.id);
  const held = workshop.breads.find((b) => b.id === bread.id);
  const lacks = lacksOf(workshop.kitchen, needsOf(bread));
  const isSame = held !== undefined && contentOf(held) === contentOf(bread);
  if (isOn && isSame)
    return (
      <span className="flex items-center gap-1.5 text-sm text-herb-text">
        <Check size={16} aria-hidden /> on the menu
      </span>
    );
  return (
    <>
      <button
        type="button"
        className="inline-flex min-h-9 items-center gap-2 rounded-cut border border-line px-3 text-sm font-semibold hover:bg-steel"
        title={workshop.title}
        onClick={() => {
          setIsAsked(true);
          dispatch(applyEdit(putOnMenu({ ...workshop, kitchen: withAdded(workshop.kitchen, lacks) }, bread)));
        }}
      >
        <UtensilsCrossed size={16} aria-hidden /> {isOn ? 'Renew it on the menu' : 'Put on the menu'}
        {lacks.length > 0 && ` with ${lacks.map(needWords).join(', ')}`}
      </button>
      {isAsked && refused.length > 0 && (
        <div className="order-last basis-full pb-2">
          <Notice>
            {workshop.title} cannot take it; the class is as it was.
            {refused.slice(0, 3).map((f) => (
              <p key={f.path + f.code}>{faultLine(f)}</p>
            ))}
          </Notice>
        </div>
      )}
    </>
  );
}
