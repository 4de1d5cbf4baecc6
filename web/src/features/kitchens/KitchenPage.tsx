import { useParams } from 'react-router';
import { kitchenTables, readKitchen } from '@hodsman/core';
import { useAppDispatch } from '../../store/hooks.ts';
import { kitchenActions } from '../../documents/kitchen-draft.ts';
import { EarlierStates } from '../../documents/EarlierStates.tsx';
import { OpeningPage } from '../../documents/OpeningPage.tsx';
import { SaveTrouble } from '../../documents/SaveTrouble.tsx';
import { SaveWords } from '../../documents/SaveWords.tsx';
import { useOpenDocument } from '../../documents/use-open-document.ts';
import { FileMenu } from '../../ui/FileMenu.tsx';
import { tableFiles } from '../../documents/table-files.ts';
import { Toggle } from '../../ui/Toggle.tsx';
import { UndoButtons } from '../../ui/UndoButtons.tsx';
import { KitchenBar } from './KitchenBar.tsx';
import { KitchenEditor } from './KitchenEditor.tsx';
import { useDrawnBreads } from './use-drawn-breads.ts';

/** One kitchen of the list. */
export function KitchenPage() {
  const { kitchenId = '' } = useParams();
  const opened = useOpenDocument('kitchen', kitchenId);
  const { breads, shelf, turn } = useDrawnBreads();
  const dispatch = useAppDispatch();
  if (opened.state !== 'open') return <OpeningPage kind="kitchen" id={kitchenId} opened={opened} />;
  const draft = opened.open;
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
        <FileMenu files={() => tableFiles(draft.body.name, kitchenTables(draft.body))} />
      </KitchenBar>
      <main tabIndex={0} aria-label={draft.body.name} className="relative min-h-0 flex-1 overflow-auto">
        <SaveTrouble kind="kitchen" open={draft} />
        <KitchenEditor
          kitchen={draft.body}
          breads={breads}
          onChange={(kitchen, what) => {
            const read = readKitchen(kitchen);
            if (read.ok) dispatch(kitchenActions.edited({ body: read.value, ...(what !== undefined && { what }) }));
            else dispatch(kitchenActions.refused(read.faults, kitchen));
          }}
        >
          <details className="relative">
            <summary className="flex min-h-12 cursor-pointer items-center rounded-cut border border-line bg-panel px-3">
              Breads in the picture
            </summary>
            <fieldset className="absolute z-10 mt-1 grid max-h-80 w-72 gap-1 overflow-auto rounded-cut border border-line bg-panel p-3">
              <legend className="sr-only">Breads in the picture</legend>
              {shelf.map(({ id, title, isDrawn }) => (
                <Toggle key={id} label={title} isOn={isDrawn} onChange={() => turn(id)} />
              ))}
            </fieldset>
          </details>
        </KitchenEditor>
      </main>
    </div>
  );
}
