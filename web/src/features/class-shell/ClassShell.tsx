import { useCallback, useEffect, useState } from 'react';
import { Outlet, useParams } from 'react-router';
import { readClassRecord } from '@hodsman/core';
import { useGetDocumentQuery } from '../../app/api.ts';
import { lookAtClass } from '../../app/board-look.ts';
import { ConflictDialog } from '../../app/ConflictDialog.tsx';
import { draftActions } from '../../app/draft.ts';
import { useAppDispatch, useAppSelector } from '../../app/hooks.ts';
import { Refused } from '../../app/Refused.tsx';
import { openingOf } from '../../app/unsaved.ts';
import { Notice } from '../../ui/Notice.tsx';
import { useUndoKeys } from '../../ui/use-undo-keys.ts';
import { AdviceStrip } from './AdviceStrip.tsx';
import { ShellBar } from './ShellBar.tsx';
import { VerdictStrip } from './VerdictStrip.tsx';

/** The place of one class: its steps in order, the verdict over them, and the step that is open. */
export function ClassShell() {
  const { classId = '' } = useParams();
  const { data, isError } = useGetDocumentQuery({ kind: 'class', id: classId }, { refetchOnMountOrArgChange: true });
  const dispatch = useAppDispatch();
  const draft = useAppSelector((s) => s.draft);
  const [isAdviceWanted, setAdviceWanted] = useState(false);
  useUndoKeys(
    useCallback(() => dispatch(draftActions.undone()), [dispatch]),
    useCallback(() => dispatch(draftActions.redone()), [dispatch]),
  );
  useEffect(() => {
    dispatch(lookAtClass(classId));
  }, [classId, dispatch]);
  useEffect(() => {
    if (!data) return;
    const opening = openingOf(data, readClassRecord);
    if (opening) dispatch(draftActions.opened(opening));
  }, [data, dispatch]);
  if (isError)
    return (
      <Notice>
        This class cannot be opened: the server does not answer, or the class was removed. Reload, or go back to the
        first class.
      </Notice>
    );
  if (draft?.id !== classId) return <p className="p-6 text-quiet">Opening the class …</p>;
  return (
    <div className="flex h-full flex-col short:h-auto">
      <ShellBar draft={draft} />
      <VerdictStrip draft={draft} isAdviceWanted={isAdviceWanted} onAdvice={() => setAdviceWanted(!isAdviceWanted)} />
      {draft.plan && !draft.isPlanning && (isAdviceWanted || draft.plan.broken.length > 0) && (
        <AdviceStrip workshop={draft.body.workshop} plan={draft.plan} />
      )}
      <Refused what="class" faults={draft.refused} />
      {/* it scrolls, so the keyboard must reach it, and what is only to be heard must not scroll the page instead */}
      <main
        tabIndex={0}
        aria-label="The step"
        className="relative min-h-0 flex-1 overflow-auto short:h-[85vh] short:flex-none"
      >
        <Outlet />
      </main>
      <ConflictDialog
        what="class"
        open={draft}
        read={readClassRecord}
        onMine={() => dispatch(draftActions.keptMine())}
        onTheirs={() => dispatch(draftActions.tookTheirs())}
        onBoth={(both) => dispatch(draftActions.tookBoth(both))}
      />
    </div>
  );
}
