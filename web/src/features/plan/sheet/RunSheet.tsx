import { Printer } from 'lucide-react';
import { useMemo, useState } from 'react';
import { dayText, headlineWords, verdictOf, type Plan, type Workshop, timeText } from '@hodsman/core';
import { BoardOnPaper } from '../../../board/BoardOnPaper.tsx';
import { layoutOf, PAPERS, type Paper } from '../../../board/paper.ts';
import { useRemarks } from '../../../store/care.ts';
import { useAppSelector } from '../../../store/hooks.ts';
import { MAIN_BUTTON } from '../../../ui/buttons.ts';
import { Segments } from '../../../ui/Segments.tsx';
import { SheetSteps } from './SheetSteps.tsx';

/** The run sheet for the wall, in black and white: the board on one page, and what happens when on the next. */
export function RunSheet() {
  const workshop = useAppSelector((s) => s.draft?.body.workshop);
  const plan = useAppSelector((s) => s.draft?.plan);
  return workshop && plan ? <Sheet workshop={workshop} plan={plan} /> : null;
}

function Sheet({ workshop, plan }: { readonly workshop: Workshop; readonly plan: Plan }) {
  const [paper, setPaper] = useState<Paper>('a4');
  const headline = headlineWords(workshop, verdictOf(workshop, plan));
  const remarks = useRemarks();
  const layout = useMemo(() => layoutOf(plan, workshop, paper), [plan, workshop, paper]);
  const size = paper === 'a4' ? 'A4' : 'letter';
  return (
    <div className="h-full overflow-auto print:overflow-visible" tabIndex={0} role="region" aria-label="Run sheet">
      <style>
        {`@page { size: ${size} portrait; margin: 12mm; } @page room { size: ${size} ${layout.isAcross ? 'landscape' : 'portrait'}; margin: 12mm; }`}
      </style>
      <div className="flex items-center gap-4 p-4 print:hidden">
        <button type="button" className={MAIN_BUTTON} onClick={() => window.print()}>
          <Printer size={18} aria-hidden /> Print
        </button>
        <Segments label="Paper" name="paper" value={paper} options={PAPERS} onChange={setPaper} />
      </div>
      <div className="mx-auto bg-white p-4 text-black print:p-0" style={{ width: layout.width + 32 }}>
        <BoardOnPaper
          workshop={workshop}
          plan={plan}
          remarks={remarks}
          layout={layout}
          title={workshop.title}
          under={`${dayText(workshop, 0, 'plain')}, doors ${timeText(workshop.doorsOpen)}, table ${timeText(workshop.tableTime)} · ${headline}`}
        />
        <SheetSteps workshop={workshop} plan={plan} />
      </div>
    </div>
  );
}
