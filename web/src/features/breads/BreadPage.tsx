import { GitBranchPlus, Trash2 } from 'lucide-react';
import { useCallback, useEffect, useState } from 'react';
import { NavLink, Outlet, useNavigate, useParams } from 'react-router';
import { readBread, USUAL_BENCH, type Circumstances } from '@hodsman/core';
import {
  useCreateDocumentMutation,
  useGetDocumentQuery,
  useListBreadsQuery,
  useRemoveDocumentMutation,
} from '../../app/api.ts';
import { breadActions } from '../../app/bread-draft.ts';
import { ConflictDialog } from '../../app/ConflictDialog.tsx';
import { storedGuesses, storeGuesses } from '../../app/guesses.ts';
import { useAppDispatch, useAppSelector } from '../../app/hooks.ts';
import { Refused } from '../../app/Refused.tsx';
import { SaveWords } from '../../app/SaveWords.tsx';
import { openingOf } from '../../app/unsaved.ts';
import { ICON_BUTTON } from '../../ui/buttons.ts';
import { Notice } from '../../ui/Notice.tsx';
import { UndoButtons } from '../../ui/UndoButtons.tsx';
import { useUndoKeys } from '../../ui/use-undo-keys.ts';
import { BreadsBar } from './BreadsBar.tsx';
import { ExportButtons } from './ExportButtons.tsx';
import { freeId } from './library.ts';
import { MenuButton } from './MenuButton.tsx';
import type { BreadContext } from './use-bread.ts';

const TABS = [
  ['formula', 'Formula'],
  ['method', 'Method'],
  ['schools', 'Schools'],
  ['warmth', 'Warmth'],
] as const;

/** One bread of the library: its head, and its tabs. */
export function BreadPage() {
  const { breadId = '' } = useParams();
  const { data, isError } = useGetDocumentQuery({ kind: 'bread', id: breadId }, { refetchOnMountOrArgChange: true });
  const { data: library } = useListBreadsQuery(null);
  const draft = useAppSelector((s) => s.bread);
  const dispatch = useAppDispatch();
  const navigate = useNavigate();
  const [create] = useCreateDocumentMutation();
  const [remove] = useRemoveDocumentMutation();
  const [at, setAt] = useState<Circumstances>(USUAL_BENCH);
  const undo = useCallback(() => dispatch(breadActions.undone()), [dispatch]);
  const redo = useCallback(() => dispatch(breadActions.redone()), [dispatch]);
  useUndoKeys(undo, redo);
  useEffect(() => {
    if (!data) return;
    const opening = openingOf(data, readBread);
    if (opening) dispatch(breadActions.opened({ ...opening, guesses: storedGuesses(data.id) }));
  }, [data, dispatch]);
  const guesses = draft?.id === breadId ? draft.guesses : undefined;
  useEffect(() => {
    if (guesses) storeGuesses(breadId, guesses);
  }, [breadId, guesses]);
  if (isError)
    return (
      <Notice>
        This bread cannot be opened: the server does not answer, or it was removed. Go back to the breads.
      </Notice>
    );
  if (draft?.id !== breadId) return <p className="p-6 text-quiet">Opening the bread …</p>;
  const bread = draft.body;
  const taken = new Set(library?.map((b) => b.body.id));
  const vary = async (): Promise<void> => {
    const id = freeId(`${bread.id}-school`.slice(0, 60), taken);
    const made = await create({
      kind: 'bread',
      body: {
        ...bread,
        id,
        name: `${bread.name}, another school`.slice(0, 120),
        variantOf: bread.variantOf ?? bread.id,
      },
    });
    if (made.data) await navigate(`/breads/${made.data.id}/formula`);
  };
  const drop = async (): Promise<void> => {
    if (!window.confirm(`Remove ${bread.name} from the library? Classes that have it keep their copy.`)) return;
    await remove({ kind: 'bread', id: draft.id, version: draft.version });
    dispatch(breadActions.closed());
    await navigate('/breads');
  };
  const context: BreadContext = { bread, at, setAt };
  return (
    <div className="flex h-full flex-col">
      <BreadsBar back={{ to: '/breads', name: 'Breads' }}>
        <h1 className="max-w-72 truncate text-lg" title={bread.name}>
          {bread.name}
        </h1>
        <nav aria-label="Parts of the bread" className="flex flex-1 gap-1 self-stretch">
          {TABS.map(([to, name]) => (
            <NavLink
              key={to}
              to={to}
              className={({ isActive }) =>
                `flex min-h-12 items-center border-b-4 px-3 font-semibold ${isActive ? 'border-hands' : 'border-transparent text-quiet hover:text-ink'}`
              }
            >
              {name}
            </NavLink>
          ))}
        </nav>
        <SaveWords state={draft.saveState} />
        <MenuButton bread={bread} />
        <div className="flex">
          <UndoButtons canUndo={draft.past.length > 0} canRedo={draft.future.length > 0} onUndo={undo} onRedo={redo} />
          <button
            type="button"
            className={ICON_BUTTON}
            title="Make a variant of this bread"
            aria-label="Make a variant"
            onClick={() => void vary()}
          >
            <GitBranchPlus size={20} aria-hidden />
          </button>
          <ExportButtons />
          <button
            type="button"
            className={ICON_BUTTON}
            title="Remove from the library"
            aria-label="Remove from the library"
            onClick={() => void drop()}
          >
            <Trash2 size={20} aria-hidden />
          </button>
        </div>
      </BreadsBar>
      <Refused what="bread" faults={draft.refused} />
      <main tabIndex={0} aria-label={bread.name} className="relative min-h-0 flex-1 overflow-auto">
        <Outlet context={context} />
      </main>
      <ConflictDialog
        what="bread"
        open={draft}
        read={readBread}
        onMine={() => dispatch(breadActions.keptMine())}
        onTheirs={() => dispatch(breadActions.tookTheirs())}
        onBoth={(both) => dispatch(breadActions.tookBoth(both))}
      />
    </div>
  );
}
