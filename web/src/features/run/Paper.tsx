import { Printer } from 'lucide-react';
import {
  careLines,
  clockText,
  dayText,
  isOnFire,
  mindedBy,
  ownerOf,
  personName,
  placeWords,
  taskWords,
  turnWords,
  turnsOf,
} from '@hodsman/core';
import { Care } from '../../bread-ui/Care.tsx';
import { MAIN_BUTTON } from '../../ui/buttons.ts';
import type { RunParts } from './run-parts.ts';

/** What is still to come, by clock time, on paper: for when the tablet dies. */
export function Paper({ state, plan, sec }: Pick<RunParts, 'state' | 'plan' | 'sec'>) {
  const { workshop, notes } = state;
  const left = plan.tasks
    .filter((t) => t.endSec > sec && t.kind !== 'rest' && t.kind !== 'welcome')
    .sort((a, b) => a.startSec - b.startSec || (a.id < b.id ? -1 : 1));
  return (
    <section aria-label="From now on" className="grid gap-2 p-4 print:p-0" data-testid="paper">
      <div className="flex flex-wrap items-baseline gap-4">
        <h2 className="text-xl">
          {workshop.title}, {dayText(workshop, 0, 'plain')}: from {clockText(workshop, sec)} on
        </h2>
        <span>table {clockText(workshop, plan.tableSec)}</span>
        <button type="button" className={`${MAIN_BUTTON} min-h-14 print:hidden`} onClick={() => window.print()}>
          <Printer size={20} aria-hidden /> Print
        </button>
      </div>
      <ol className="columns-1 gap-6 md:columns-2 print:columns-2">
        {left.map((t) => (
          <li key={t.id} className="flex break-inside-avoid gap-2 border-t border-line py-0.5">
            <b className="figures text-lg print:text-[14pt]">{clockText(workshop, t.startSec)}</b>
            <span className="print:text-[11pt]">
              {taskWords(plan, workshop, t)}
              {t.kind === 'preheat' && ` ${placeWords(workshop, t)}`}
              {t.kind === 'step' && t.people.some((p) => p !== ownerOf(t)) && (
                <span className="text-quiet"> – {t.people.map((p) => personName(workshop, p)).join(', ')}</span>
              )}
              {isOnFire(t) && (
                <span>
                  {' '}
                  {placeWords(workshop, t)}
                  {turnsOf(t).map((turn) => `, ${turnWords(workshop, t.startSec, turn)}`)}, off{' '}
                  {clockText(workshop, t.endSec)}
                </span>
              )}
              {careLines(workshop, notes.remarks, mindedBy(t), t.bread).map((line) => (
                <Care key={line} words={line} />
              ))}
            </span>
          </li>
        ))}
      </ol>
    </section>
  );
}
