import { Check, UtensilsCrossed } from 'lucide-react';
import { putOnMenu, type Bread } from '@hodsman/core';
import { applyEdit } from '../../app/edit.ts';
import { useAppDispatch, useAppSelector } from '../../app/hooks.ts';

/** A copy in a class is a variant only where its parent is there too. */
const contentOf = ({ variantOf, ...rest }: Bread): string => JSON.stringify(rest);

/** Puts the bread on the menu of the class that is open; there it is a copy of its own. */
export function MenuButton({ bread }: { readonly bread: Bread }) {
  const workshop = useAppSelector((s) => s.draft?.body);
  const dispatch = useAppDispatch();
  if (!workshop) return null;
  const isOn = workshop.menu.some((m) => m.bread === bread.id);
  const held = workshop.breads.find((b) => b.id === bread.id);
  const isSame = held !== undefined && contentOf(held) === contentOf(bread);
  if (isOn && isSame)
    return (
      <span className="flex items-center gap-1.5 text-sm text-herb">
        <Check size={16} aria-hidden /> on the menu
      </span>
    );
  return (
    <button
      type="button"
      className="inline-flex min-h-9 items-center gap-2 rounded-cut border border-line px-3 text-sm font-semibold hover:bg-steel"
      title={workshop.title}
      onClick={() => dispatch(applyEdit(putOnMenu(workshop, bread)))}
    >
      <UtensilsCrossed size={16} aria-hidden /> {isOn ? 'Renew it on the menu' : 'Put on the menu'}
    </button>
  );
}
