import { Users } from 'lucide-react';
import { personName, type ClassRecord } from '@hodsman/core';
import { applyNotes } from '../../planning/edit.ts';
import { useAppDispatch } from '../../store/hooks.ts';

/** Those who want to stand together. */
export function Friends({ record: { workshop, notes } }: { readonly record: ClassRecord }) {
  const dispatch = useAppDispatch();
  if (notes.friends.length === 0) return null;
  return (
    <ul aria-label="Friends" className="mt-3 flex flex-wrap gap-2 text-sm">
      {notes.friends.map((group) => (
        <li key={group.join()} className="flex items-center gap-2 rounded-cut border border-line px-2 py-1">
          <Users size={15} aria-hidden />
          {group.map((id) => personName(workshop, id)).join(', ')}
          <button
            type="button"
            className="underline"
            onClick={() => dispatch(applyNotes({ friends: notes.friends.filter((g) => g !== group) }))}
          >
            not together
          </button>
        </li>
      ))}
    </ul>
  );
}
