import { useCallback, useEffect } from 'react';
import { useParams } from 'react-router';
import { linesOf, readKitchen } from '@hodsman/core';
import { useGetDocumentQuery, useListBreadsQuery } from '../../app/api.ts';
import { ConflictDialog } from '../../app/ConflictDialog.tsx';
import { useAppDispatch, useAppSelector } from '../../app/hooks.ts';
import { Refused } from '../../app/Refused.tsx';
import { kitchenActions } from '../../app/kitchen-draft.ts';
import { SaveWords } from '../../app/SaveWords.tsx';
import { openingOf } from '../../app/unsaved.ts';
import { Notice } from '../../ui/Notice.tsx';
import { UndoButtons } from '../../ui/UndoButtons.tsx';
import { useUndoKeys } from '../../ui/use-undo-keys.ts';
import { KitchenBar } from './KitchenBar.tsx';
import { KitchenEditor } from './KitchenEditor.tsx';

/** Breads of the library that are drawn where no class is open. */
const MOST_BREADS = 4;

/** One kitchen of the list. */
export function KitchenPage() {
  const { kitchenId = '' } = useParams();
  const { data, isError } = useGetDocumentQuery(
    { kind: 'kitchen', id: kitchenId },
    { refetchOnMountOrArgChange: true },
  );
  const draft = useAppSelector((s) => s.kitchen);
  const workshop = useAppSelector((s) => s.draft?.body.workshop);
  const { data: library } = useListBreadsQuery(null, { skip: workshop !== undefined });
  const dispatch = useAppDispatch();
  const undo = useCallback(() => dispatch(kitchenActions.undone()), [dispatch]);
  const redo = useCallback(() => dispatch(kitchenActions.redone()), [dispatch]);
  useUndoKeys(undo, redo);
  useEffect(() => {
    const opening = data && openingOf(data, readKitchen);
    if (opening) dispatch(kitchenActions.opened(opening));
  }, [data, dispatch]);
  if (isError)
    return (
      <Notice>
        This kitchen cannot be opened: the server does not answer, or it was removed. Go back to the kitchens.
      </Notice>
    );
  if (draft?.id !== kitchenId) return <p className="p-6 text-quiet">Opening the kitchen …</p>;
  const breads = workshop
    ? linesOf(workshop).map((l) => l.bread)
    : (library ?? []).slice(0, MOST_BREADS).map((b) => b.body);
  return (
    <div className="flex h-full flex-col">
      <KitchenBar back={{ to: '/kitchens', name: 'Kitchens' }}>
        <h1 className="min-w-0 flex-1 truncate text-xl">{draft.body.name}</h1>
        <SaveWords state={draft.saveState} />
        <UndoButtons canUndo={draft.past.length > 0} canRedo={draft.future.length > 0} onUndo={undo} onRedo={redo} />
      </KitchenBar>
      <main tabIndex={0} aria-label={draft.body.name} className="relative min-h-0 flex-1 overflow-auto">
        <Refused what="kitchen" faults={draft.refused} />
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
      <ConflictDialog
        what="kitchen"
        open={draft}
        read={readKitchen}
        onMine={() => dispatch(kitchenActions.keptMine())}
        onTheirs={() => dispatch(kitchenActions.tookTheirs())}
        onBoth={(both) => dispatch(kitchenActions.tookBoth(both))}
      />
    </div>
  );
}
