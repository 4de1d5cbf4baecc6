import { CalendarDays, Printer } from 'lucide-react';
import { useDeferredValue, useEffect, useMemo, useState } from 'react';
import {
  dayText,
  LABEL_SHEETS,
  SHEET_PLACES,
  storeOf,
  wantedSheets,
  type CalendarOf,
  type ClassRecord,
  type Handout,
  type Pantry,
  type Plan,
  type Sheet,
  type SheetKind,
} from '@hodsman/core';
import { useBodies, useDocumentList } from '../../documents/api.ts';
import type { Draft } from '../../documents/draft.ts';
import { useAppSelector } from '../../store/hooks.ts';
import { MAIN_BUTTON, SIDE_BUTTON } from '../../ui/buttons.ts';
import { download, fileName } from '../../ui/download.ts';
import { calendarInWorker, sheetsInWorker } from '../../workers/handouts-client.ts';
import { NumberField } from '../../ui/NumberField.tsx';
import { Segments } from '../../ui/Segments.tsx';
import { LabelSize } from './LabelSize.tsx';
import { MARGIN_MM, PAPER_NAMES, type OnPaper, type PaperName } from './on-paper.ts';
import { SheetOnPaper } from './SheetOnPaper.tsx';

/** Everything of a class that goes on paper: chosen sheet by sheet, printed or saved in one go. */
export function PrintPage() {
  const draft = useAppSelector((s) => s.draft);
  const shown = useDeferredValue(draft?.plan);
  if (!draft || !shown) return <p className="p-6 text-quiet">Planning …</p>;
  return <Sheets draft={draft} plan={shown} />;
}

const PLACE_WORDS = {
  wall: 'On the wall',
  station: 'At the stations',
  before: 'Before the class',
  home: 'To take home',
};
/** A pan holds so many breads at the most. */
const MOST_IN_PAN = 12;
/** A picture of a sheet shows its beginning. */
const CARDS_IN_PICTURE = 8;

function Sheets({ draft, plan }: { readonly draft: Draft; readonly plan: Plan }) {
  const { id: classId, body: record, version, save } = draft;
  const { workshop } = record;
  const [chosen, setChosen] = useState<readonly SheetKind[]>(() => wantedSheets(record));
  const [paper, setPaper] = useState<PaperName>('a4');
  const [inPan, setInPan] = useState(1);
  const [labels, setLabels] = useState(LABEL_SHEETS[0]);
  const { sheets, isBehind } = useSheets(record, plan, usePantry(record), inPan);
  if (!sheets) return <p className="p-6 text-quiet">Making the sheets …</p>;
  // paper lasts: what is printed is the final plan of what is there now
  const isOpen = draft.isPlanning || plan !== draft.plan || isBehind;
  const of = save.kind === 'saved' ? `version ${version}` : `changed since version ${version}`;
  const head = `${workshop.title}, ${dayText(workshop, 0, 'plain')} ${workshop.date.slice(0, 4)}, ${of}`;
  const on: OnPaper = { workshop, head, paper, labels };
  const ticked = sheets.filter((s) => chosen.includes(s.kind));
  const tick = (kind: SheetKind): void =>
    setChosen(chosen.includes(kind) ? chosen.filter((k) => k !== kind) : [...chosen, kind]);
  return (
    <div className="grid h-full lg:grid-cols-[26rem_1fr] print:block">
      <style>{pageRules(paper, head)}</style>
      <section aria-label="What to print" className="grid content-start gap-4 overflow-auto p-4 print:hidden">
        <div className="flex flex-wrap items-center gap-3">
          <button
            type="button"
            className={MAIN_BUTTON}
            disabled={ticked.length === 0 || isOpen}
            onClick={() => window.print()}
          >
            <Printer size={18} aria-hidden /> Print or save as PDF
          </button>
          <button
            type="button"
            className={SIDE_BUTTON}
            disabled={isOpen}
            onClick={() => void saveCalendar({ classId, record, plan, version, nowMs: Date.now() })}
          >
            <CalendarDays size={18} aria-hidden /> Calendar file
          </button>
          <span className="text-quiet" data-testid="chosen">
            {isOpen ? 'Working it out …' : `${ticked.length} of ${sheets.length} sheets`}
          </span>
        </div>
        <div className="flex flex-wrap items-end gap-4">
          <Segments label="Paper" name="paper" value={paper} options={PAPER_NAMES} onChange={setPaper} />
          <NumberField
            label="Breads that lie in a pan at home"
            value={inPan}
            digits={0}
            least={1}
            most={MOST_IN_PAN}
            step={1}
            onChange={setInPan}
          />
          <LabelSize value={labels} onChange={setLabels} />
        </div>
        {SHEET_PLACES.map((place) => (
          <fieldset key={place}>
            <legend className="text-lg font-semibold">{PLACE_WORDS[place]}</legend>
            <ul className="grid grid-cols-3 gap-3">
              {sheets
                .filter((s) => s.place === place)
                .map((s) => (
                  <Choice key={s.kind} sheet={s} isOn={chosen.includes(s.kind)} onTick={() => tick(s.kind)} on={on} />
                ))}
            </ul>
          </fieldset>
        ))}
      </section>
      <section
        aria-label="The sheets"
        tabIndex={0}
        className="overflow-auto border-l border-line bg-steel p-6 print:border-0 print:bg-white print:p-0"
        data-testid="sheets"
      >
        {ticked.map((s) => (
          <div
            key={s.kind}
            className="mx-auto mb-6 w-fit bg-white p-[8mm] shadow print:m-0 print:p-0 print:shadow-none"
          >
            <SheetOnPaper sheet={s} {...on} />
          </div>
        ))}
      </section>
    </div>
  );
}

/** The class and its jobs ahead for the calendar of whoever teaches. */
async function saveCalendar(of: CalendarOf): Promise<void> {
  download(fileName(of.record.workshop.title, '.ics'), 'text/calendar', await calendarInWorker(of));
}

/** Margins of the pages, with the class and the number of the page at the foot; labels have the whole page. */
function pageRules(paper: PaperName, head: string): string {
  const size = paper === 'a4' ? 'A4' : 'letter';
  const words = JSON.stringify(head.replace(/[\\\n<]/g, ' '));
  const foot = `font: 9pt sans-serif; vertical-align: top;`;
  return `@page { size: ${size}; margin: ${MARGIN_MM}mm;
  @bottom-left { content: ${words}; ${foot} } @bottom-right { content: counter(page) " of " counter(pages); ${foot} } }
@page labels { size: ${size}; margin: 0; @bottom-left { content: none } @bottom-right { content: none } }`;
}

/** The sheets of a class as the worker has made them; of an earlier state until it has made these, and then they are behind. */
function useSheets(record: ClassRecord, plan: Plan, pantry: Pantry | undefined, inPan: number) {
  const [made, setMade] = useState<{ readonly of: Handout; readonly sheets: readonly Sheet[] }>();
  const wanted = useMemo((): Handout => ({ record, plan, pantry, home: { inPan } }), [record, plan, pantry, inPan]);
  useEffect(() => {
    let isLatest = true;
    void sheetsInWorker(wanted).then((sheets) => {
      if (isLatest) setMade({ of: wanted, sheets });
    });
    return () => {
      isLatest = false;
    };
  }, [wanted]);
  return { sheets: made?.sheets, isBehind: made?.of !== wanted };
}

/** The store of the class's kitchen, once it has come. */
function usePantry(record: ClassRecord) {
  const { data: stores } = useDocumentList('pantry');
  const store = stores && storeOf(stores, record.notes.kitchen?.id);
  const ids = useMemo(() => (store ? [store.id] : []), [store]);
  return useBodies('pantry', ids)?.[0]?.body;
}

interface ChoiceProps {
  readonly sheet: Sheet;
  readonly isOn: boolean;
  readonly onTick: () => void;
  readonly on: OnPaper;
}

/** A sheet to choose, with a picture of its beginning. */
function Choice({ sheet, isOn, onTick, on }: ChoiceProps) {
  return (
    <li>
      <label className="grid cursor-pointer gap-1 has-focus-visible:outline-3">
        <span
          aria-hidden
          inert
          className={`block h-32 overflow-hidden rounded-cut border-2 bg-white ${isOn ? 'border-hands' : 'border-line opacity-60'}`}
        >
          <span className="block w-fit origin-top-left scale-[0.17] p-[6mm]">
            <SheetOnPaper sheet={sheet} most={CARDS_IN_PICTURE} {...on} />
          </span>
        </span>
        <span className="flex items-start gap-2">
          <input type="checkbox" checked={isOn} className="mt-0.5 size-5 accent-hands" onChange={onTick} />
          {sheet.title}
        </span>
      </label>
    </li>
  );
}
