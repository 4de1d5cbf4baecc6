import { useParams } from 'react-router';
import { linesOf, readKitchen } from '@hodsman/core';
import { useBodies, useDocumentList } from '../../documents/api.ts';
import { useAppDispatch, useAppSelector } from '../../store/hooks.ts';
import { kitchenActions } from '../../documents/kitchen-draft.ts';
import { EarlierStates } from '../../documents/EarlierStates.tsx';
import { OpeningPage } from '../../documents/OpeningPage.tsx';
import { SaveTrouble } from '../../documents/SaveTrouble.tsx';
import { SaveWords } from '../../documents/SaveWords.tsx';
import { useOpenDocument } from '../../documents/use-open-document.ts';
import { UndoButtons } from '../../ui/UndoButtons.tsx';
import { KitchenBar } from './KitchenBar.tsx';
import { KitchenEditor } from './KitchenEditor.tsx';

/** Breads of the library that are drawn where no class is open. */
const MOST_BREADS = 4;

/** One kitchen of the list. */
export function KitchenPage() {
  const { kitchenId = '' } = useParams();
  const opened = useOpenDocument('kitchen', kitchenId);
  const workshop = useAppSelector((s) => s.draft?.body.workshop);
  const { data: library } = useDocumentList('bread', { skip: workshop !== undefined });
  const shown = useBodies(
    'bread',
    (library ?? [])
      .filter((b) => b.isReadable)
      .slice(0, MOST_BREADS)
      .map((b) => b.id),
  );
  const dispatch = useAppDispatch();
  if (opened.state !== 'open') return <OpeningPage kind="kitchen" id={kitchenId} opened={opened} />;
  const draft = opened.open;
  const breads = workshop ? linesOf(workshop).map((l) => l.bread) : (shown ?? []).map((b) => b.body);
  return (
    <div className="flex h-full flex-col">
      <KitchenBar back={{ to: '/kitchens', name: 'Kitchens' }}>
        <h1 className="min-w-0 flex-1 truncate text-xl">{draft.body.name}</h1>
        <SaveWords open={draft} />
        <UndoButtons
          canUndo={draft.past.length > 0}
          canRedo={draft.future.length > 0}
          onUndo={() => dispatch(kitchenActions.undone())}
          onRedo={() => dispatch(kitchenActions.redone())}
        />
        <EarlierStates kind="kitchen" open={draft} />
      </KitchenBar>
      <main tabIndex={0} aria-label={draft.body.name} className="relative min-h-0 flex-1 overflow-auto">
        <SaveTrouble kind="kitchen" open={draft} />
        <KitchenEditor
          kitchen={draft.body}
          breads={breads}
          onChange={(kitchen, what) => {
            const read = readKitchen(kitchen);
            if (read.ok) dispatch(kitchenActions.edited({ body: read.value, ...(what !== undefined && { what }) }));
            else dispatch(kitchenActions.refused(read.faults));
          }}
        />
      </main>
    </div>
  );
}
