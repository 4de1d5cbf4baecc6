import { Printer } from 'lucide-react';
import { clockText, dayText, paperLines } from '@hodsman/core';
import { Care } from '../../bread-ui/Care.tsx';
import { MAIN_BUTTON } from '../../ui/buttons.ts';
import type { RunParts } from './run-parts.ts';

/** So many characters fit on one page at the size that is read at arm's length; more is set smaller, so that it stays one page. */
const MOST_AT_ARMS_LENGTH = 3600;
const MOST_SMALLER = 6000;

/** What is still to come, by clock time, on paper: for when the tablet dies. */
export function Paper({ state, plan, sec }: Pick<RunParts, 'state' | 'plan' | 'sec'>) {
  const { workshop } = state;
  const lines = paperLines(state, plan, sec);
  const size = lines.reduce(
    (sum, l) => sum + 24 + l.what.length + l.all.length + l.each.join('; ').length + l.care.join(' | ').length,
    0,
  );
  const print =
    size <= MOST_AT_ARMS_LENGTH
      ? 'print:columns-2 print:text-[11pt]'
      : size <= MOST_SMALLER
        ? 'print:columns-2 print:text-[9pt]'
        : 'print:columns-3 print:text-[7.5pt]';
  return (
    <section aria-label="From now on" className="grid gap-2 p-4 print:p-0" data-testid="paper">
      <div className="flex flex-wrap items-baseline gap-4 print:gap-2">
        <h2 className="text-xl print:text-[12pt]">
          {workshop.title}, {dayText(workshop, 0, 'plain')}: from {clockText(workshop, sec)} on
        </h2>
        <span>table {clockText(workshop, plan.tableSec)}</span>
        <button type="button" className={`${MAIN_BUTTON} min-h-14 print:hidden`} onClick={() => window.print()}>
          <Printer size={20} aria-hidden /> Print
        </button>
      </div>
      <ol className={`columns-1 gap-6 leading-tight md:columns-2 ${print}`}>
        {lines.map((l) => (
          <li key={l.key} className="flex break-inside-avoid gap-2 border-t border-line py-0.5">
            <b className="figures text-[1.25em]">{l.clock}</b>
            <span>
              <b>{l.what}</b>
              {l.each.length > 0 && ` – ${l.each.join('; ')}`}
              {l.all !== '' && <span> – {l.all}</span>}
              {l.care.length > 0 && <Care words={l.care.join(' | ')} />}
            </span>
          </li>
        ))}
      </ol>
    </section>
  );
}
