import { GitBranchPlus, Trash2 } from 'lucide-react';
import { useState } from 'react';
import { NavLink, Outlet, useNavigate, useParams } from 'react-router';
import { type Circumstances, freeId, USUAL_BENCH } from '@hodsman/core';
import { useCreateDocumentMutation, useDocumentList, useRemoveDocumentMutation } from '../../documents/api.ts';
import { breadActions } from '../../documents/bread-draft.ts';
import { EarlierStates } from '../../documents/EarlierStates.tsx';
import { useAppDispatch, useAppSelector } from '../../store/hooks.ts';
import { OpeningPage } from '../../documents/OpeningPage.tsx';
import { SaveTrouble } from '../../documents/SaveTrouble.tsx';
import { SaveWords } from '../../documents/SaveWords.tsx';
import { useOpenDocument } from '../../documents/use-open-document.ts';
import { ICON_BUTTON } from '../../ui/buttons.ts';
import { UndoButtons } from '../../ui/UndoButtons.tsx';
import { BreadsBar } from './BreadsBar.tsx';
import { ExportButtons } from './ExportButtons.tsx';
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
  const opened = useOpenDocument('bread', breadId);
  const { data: library } = useDocumentList('bread');
  const draft = useAppSelector((s) => s.bread);
  const dispatch = useAppDispatch();
  const navigate = useNavigate();
  const [create] = useCreateDocumentMutation();
  const [remove] = useRemoveDocumentMutation();
  const [at, setAt] = useState<Circumstances>(USUAL_BENCH);
  if (opened.state !== 'open') return <OpeningPage kind="bread" id={breadId} opened={opened} />;
  if (!draft) return null;
  const bread = draft.body;
  const taken = new Set(library?.flatMap((b) => (b.summary ? [b.summary.id] : [])));
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
        <SaveWords open={draft} />
        <MenuButton id={draft.id} bread={bread} />
        <div className="flex">
          <UndoButtons
            canUndo={draft.past.length > 0}
            canRedo={draft.future.length > 0}
            onUndo={() => dispatch(breadActions.undone())}
            onRedo={() => dispatch(breadActions.redone())}
          />
          <EarlierStates kind="bread" open={draft} />
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
            title="Remove from the library; it can be brought back there"
            aria-label="Remove from the library"
            onClick={() => void drop()}
          >
            <Trash2 size={20} aria-hidden />
          </button>
        </div>
      </BreadsBar>
      <SaveTrouble kind="bread" open={draft} />
      <main tabIndex={0} aria-label={bread.name} className="relative min-h-0 flex-1 overflow-auto">
        <Outlet context={context} />
      </main>
    </div>
  );
}
