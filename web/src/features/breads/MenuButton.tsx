import { Check, UtensilsCrossed } from 'lucide-react';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import {
  classesByDay,
  dayText,
  faultInWords,
  lacksOf,
  needsOf,
  needWords,
  takeBread,
  type Bread,
  type Fault,
  type LibraryBread,
} from '@hodsman/core';
import { useDocumentList } from '../../documents/api.ts';
import { bringing } from '../../planning/bringing.ts';
import { editRecord } from '../../planning/edit.ts';
import { useAppDispatch, useAppSelector } from '../../store/hooks.ts';
import { Notice } from '../../ui/Notice.tsx';
import { SelectField } from '../../ui/SelectField.tsx';
import { todayText } from '../../ui/when.ts';

const NONE: readonly Fault[] = [];

/** A copy in a class is a variant only where its parent is there too. */
const contentOf = ({ variantOf, ...rest }: Bread): string => JSON.stringify(rest);

/** Puts the bread on the menu of the class that is open, where it is a copy of its own; or of another that is to come. */
export function MenuButton(props: LibraryBread) {
  const isOpen = useAppSelector((s) => s.draft !== null);
  return (
    <>
      {isOpen && <OfOpenClass {...props} />}
      <OfAnother {...props} />
    </>
  );
}

function OfOpenClass({ id, bread }: LibraryBread) {
  const workshop = useAppSelector((s) => s.draft?.body.workshop);
  const refused = useAppSelector((s) => s.draft?.refused ?? NONE);
  const tried = useAppSelector((s) => s.draft?.tried);
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
          dispatch(editRecord((r) => takeBread(r, { id, bread }, true)));
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
              <p key={f.path + f.code}>{faultInWords(f, tried ?? workshop)}</p>
            ))}
          </Notice>
        </div>
      )}
    </>
  );
}

/** Goes to another class to come with the bread, and puts it on the menu there. */
function OfAnother(brought: LibraryBread) {
  const openId = useAppSelector((s) => s.draft?.id);
  const { data } = useDocumentList('class');
  const navigate = useNavigate();
  const others = classesByDay(data ?? [], todayText(), '').coming.flatMap((d) => d.classes);
  const options = others.flatMap(({ id, title, summary }) =>
    id === openId || !summary ? [] : [[id, `${title}, ${dayText(summary, 0, 'plain')}`] as const],
  );
  if (options.length === 0) return null;
  return (
    <span className="w-44 [&_select]:w-full">
      <SelectField
        label="Put on the menu of"
        isLabelHidden
        value=""
        options={[['', openId === undefined ? 'Put on the menu of …' : 'or of …'], ...options]}
        onChange={(id) => id !== '' && void navigate(`/class/${id}/setup/menu`, { state: bringing(brought) })}
      />
    </span>
  );
}
