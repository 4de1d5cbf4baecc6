import { lazy, Suspense, useEffect, useState } from 'react';
import { Outlet, useLocation, useParams } from 'react-router';
import { dayText, type Workshop, timeText } from '@hodsman/core';
import { lookAtClass } from '../../store/board-look.ts';
import { useAppDispatch, useAppSelector } from '../../store/hooks.ts';
import { OpeningPage } from '../../documents/OpeningPage.tsx';
import { useOpenDocument } from '../../documents/use-open-document.ts';
import { ShellBar } from './ShellBar.tsx';
import { VerdictStrip } from './VerdictStrip.tsx';

// the class is there first; what is said about saving comes at once behind it, before anything can have gone wrong
const SaveTrouble = lazy(async () => ({ default: (await import('../../documents/SaveTrouble.tsx')).SaveTrouble }));
// advice comes after the plan that it is about
const AdviceStrip = lazy(async () => ({ default: (await import('./AdviceStrip.tsx')).AdviceStrip }));

/** What a list on paper is of: the class and its day. The run sheet has a head of its own. */
function PrintHead({ workshop }: { readonly workshop: Workshop }) {
  const { pathname } = useLocation();
  if (pathname.endsWith('/sheet') || pathname.endsWith('/print')) return null;
  return (
    <p className="hidden border-b-2 border-black pb-1 text-lg font-bold print:block" data-testid="print-head">
      {workshop.title} · {dayText(workshop, 0, 'plain')} {workshop.date.slice(0, 4)}, doors{' '}
      {timeText(workshop.doorsOpen)}
    </p>
  );
}

/** The place of one class: its steps in order, the verdict over them, and the step that is open. */
export function ClassShell() {
  const { classId = '' } = useParams();
  const opened = useOpenDocument('class', classId);
  const dispatch = useAppDispatch();
  const draft = useAppSelector((s) => s.draft);
  const [isAdviceWanted, setAdviceWanted] = useState(false);
  useEffect(() => {
    dispatch(lookAtClass(classId));
  }, [classId, dispatch]);
  const { pathname } = useLocation();
  // a class that runs has all that it needs in its own log
  if (pathname.endsWith('/run') && (opened.state === 'away' || (opened.state === 'opening' && !navigator.onLine)))
    return (
      <main tabIndex={0} aria-label="The step" className="h-full overflow-auto">
        <Outlet />
      </main>
    );
  if (opened.state !== 'open') return <OpeningPage kind="class" id={classId} opened={opened} />;
  if (!draft) return null;
  // while it is planned anew, too: what is below moves only when the class begins to fit, or no longer does
  const isAdvised = draft.plan !== null && (isAdviceWanted || draft.plan.broken.length > 0);
  return (
    <div className="flex h-full flex-col short:h-auto [&:has([data-testid=run-bar])>[data-testid=over]]:hidden">
      <ShellBar draft={draft} />
      <PrintHead workshop={draft.body.workshop} />
      {/* the class is what is looked at: verdict and advice take a quarter of the height at the most; one that runs has its own.
          Advice comes line by line into room that is kept for it, and moves nothing away from under a press */}
      <div
        className={`${isAdvised ? 'h-[min(25vh,12.5rem)] short:h-auto' : 'max-h-[25vh] short:max-h-none'} flex shrink-0 flex-col overflow-y-auto print:hidden`}
        data-testid="over"
      >
        <VerdictStrip draft={draft} isAdviceWanted={isAdviceWanted} onAdvice={() => setAdviceWanted(!isAdviceWanted)} />
        {draft.plan && isAdvised && !draft.isPlanning && (
          <Suspense>
            <AdviceStrip workshop={draft.body.workshop} plan={draft.plan} />
          </Suspense>
        )}
      </div>
      <Suspense>
        <SaveTrouble kind="class" open={draft} />
      </Suspense>
      {/* it scrolls, so the keyboard must reach it, and what is only to be heard must not scroll the page instead */}
      <main
        tabIndex={0}
        aria-label="The step"
        className="relative min-h-0 flex-1 overflow-auto short:h-[85vh] short:flex-none"
      >
        <Outlet />
      </main>
    </div>
  );
}
