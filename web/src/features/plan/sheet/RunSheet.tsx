import { Printer } from 'lucide-react';
import { useMemo, useState } from 'react';
import { careLines, dayText, headlineWords, verdictOf, type Plan, type Workshop, timeText } from '@hodsman/core';
import { useCare, useRemarks } from '../../../store/care.ts';
import { useAppSelector } from '../../../store/hooks.ts';
import { MAIN_BUTTON } from '../../../ui/buttons.ts';
import { Segments } from '../../../ui/Segments.tsx';
import { layoutOf, PAPERS, type Paper } from './paper.ts';
import { SheetPicture } from './SheetPicture.tsx';
import { SheetSteps } from './SheetSteps.tsx';

/** The run sheet for the wall, in black and white: the board on one page, and what happens when on the next. */
export function RunSheet() {
  const workshop = useAppSelector((s) => s.draft?.body.workshop);
  const plan = useAppSelector((s) => s.draft?.plan);
  return workshop && plan ? <Sheet workshop={workshop} plan={plan} /> : null;
}

/** The title, and a line of those with whom something is to be minded; two of them share a line. */
const TITLE_PX = 52;
const MINDED_PX = 22;

function Sheet({ workshop, plan }: { readonly workshop: Workshop; readonly plan: Plan }) {
  const [paper, setPaper] = useState<Paper>('a4');
  const headline = headlineWords(workshop, verdictOf(workshop, plan));
  const remarks = useRemarks();
  const { isAcross, width, height, sheets } = useMemo(() => layoutOf(plan, workshop, paper), [plan, workshop, paper]);
  const minded = careLines(
    workshop,
    remarks,
    workshop.roster.map((p) => p.id),
  );
  const care = useCare();
  const marked = useMemo(
    () => new Set(workshop.roster.flatMap((p) => (care(p.id) === '' ? [] : [p.id]))),
    [workshop, care],
  );
  const overPx = TITLE_PX + (minded.length > 0 ? 12 + MINDED_PX * minded.length : 0);
  const size = paper === 'a4' ? 'A4' : 'letter';
  return (
    <div className="h-full overflow-auto print:overflow-visible" tabIndex={0} role="region" aria-label="Run sheet">
      <style>
        {`@page { size: ${size} portrait; margin: 12mm; } @page room { size: ${size} ${isAcross ? 'landscape' : 'portrait'}; margin: 12mm; }`}
      </style>
      <div className="flex items-center gap-4 p-4 print:hidden">
        <button type="button" className={MAIN_BUTTON} onClick={() => window.print()}>
          <Printer size={18} aria-hidden /> Print
        </button>
        <Segments label="Paper" name="paper" value={paper} options={PAPERS} onChange={setPaper} />
      </div>
      <div className="mx-auto bg-white p-4 text-black print:p-0" style={{ width: width + 32 }}>
        <div style={{ page: 'room' }}>
          <header className="flex flex-wrap items-baseline gap-x-4 border-b-2 border-black pb-1">
            <h2 className="text-2xl">{workshop.title}</h2>
            <p className="figures">
              {dayText(workshop, 0, 'plain')}, doors {timeText(workshop.doorsOpen)}, table{' '}
              {timeText(workshop.tableTime)} · {headline}
            </p>
          </header>
          <Minded lines={minded} />
          {sheets.map((without, i) => (
            <SheetPicture
              key={i}
              plan={plan}
              workshop={workshop}
              width={width}
              height={height - (i === 0 ? overPx : 4)}
              without={without}
              minded={marked}
            />
          ))}
        </div>
        <SheetSteps workshop={workshop} plan={plan} />
      </div>
    </div>
  );
}

/** Everybody with whom something is to be minded, on top of the sheet that hangs on the wall. */
function Minded({ lines }: { readonly lines: readonly string[] }) {
  if (lines.length === 0) return null;
  return (
    <ul
      aria-label="To be minded"
      className="mt-1 flex flex-wrap gap-x-6 border-b border-black pb-1 text-[13px] font-bold"
    >
      {lines.map((line) => (
        <li key={line}>! {line}</li>
      ))}
    </ul>
  );
}
