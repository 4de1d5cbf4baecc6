import { useDeferredValue, useMemo, useRef, useState, type ReactNode } from 'react';
import { dayText, LABEL_SHEETS, SHEET_PLACES, wantedSheets, type Plan, type SheetKind } from '@hodsman/core';
import { BoardOnPaper } from '../../board/BoardOnPaper.tsx';
import { layoutOf, PAPERS, type Paper } from '../../board/paper.ts';
import type { Draft } from '../../documents/draft.ts';
import { useAppSelector } from '../../store/hooks.ts';
import { Notice } from '../../ui/Notice.tsx';
import { NumberField } from '../../ui/NumberField.tsx';
import { Segments } from '../../ui/Segments.tsx';
import { CalendarAddress } from './CalendarAddress.tsx';
import { ClassFiles } from './ClassFiles.tsx';
import { HomeMeasures } from './HomeMeasures.tsx';
import { LabelSize } from './LabelSize.tsx';
import { pageRules, type OnPaper } from './on-paper.ts';
import { PrintButtons } from './PrintButtons.tsx';
import { SheetChoice } from './SheetChoice.tsx';
import { SheetOnPaper } from './SheetOnPaper.tsx';
import { usePantry, useSheets } from './use-sheets.ts';

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
/** The board is a picture, and all other sheets are cards: core gives those, the board draws itself. */
const BOARD = 'board';
type Kind = SheetKind | typeof BOARD;

function Sheets({ draft, plan }: { readonly draft: Draft; readonly plan: Plan }) {
  const { id: classId, body: record, version, save } = draft;
  const { workshop, notes } = record;
  const [chosen, setChosen] = useState<readonly Kind[]>(() => [BOARD, ...wantedSheets(record)]);
  const [paper, setPaper] = useState<Paper>('a4');
  const [inPan, setInPan] = useState(1);
  const [labels, setLabels] = useState(LABEL_SHEETS[0]);
  const pantry = usePantry(record);
  const { sheets, isBehind, isBroken } = useSheets(record, plan, pantry, inPan);
  const layout = useMemo(() => layoutOf(plan, workshop, paper), [plan, workshop, paper]);
  const paperRef = useRef<HTMLElement>(null);
  if (isBroken)
    return (
      <div className="p-6">
        <Notice>The sheets could not be made. Nothing is lost; load this page again, or change the class.</Notice>
      </div>
    );
  if (!sheets) return <p className="p-6 text-quiet">Making the sheets …</p>;
  // paper lasts: what is printed is the final plan of what is there now
  const isOpen = draft.isPlanning || plan !== draft.plan || isBehind;
  const of = save.kind === 'saved' ? `version ${version}` : `changed since version ${version}`;
  const day = `${dayText(workshop, 0, 'plain')} ${workshop.date.slice(0, 4)}, ${of}`;
  const head = `${workshop.title}, ${day}`;
  const rules = pageRules(paper, head, layout.isAcross);
  const on: OnPaper = { workshop, head, paper, labels };
  const ticked = sheets.filter((s) => chosen.includes(s.kind));
  const count = ticked.length + (chosen.includes(BOARD) ? 1 : 0);
  const tick = (kind: Kind): void =>
    setChosen(chosen.includes(kind) ? chosen.filter((k) => k !== kind) : [...chosen, kind]);
  const board = (
    <BoardOnPaper
      workshop={workshop}
      plan={plan}
      remarks={notes.remarks}
      layout={layout}
      title={workshop.title}
      under={day}
    />
  );
  return (
    <div className="grid h-full lg:grid-cols-[26rem_1fr] print:block">
      <style>{rules}</style>
      <section aria-label="What to print" className="grid content-start gap-4 overflow-auto p-4 print:hidden">
        <div className="flex flex-wrap items-center gap-3">
          <PrintButtons
            isDisabled={count === 0 || isOpen}
            title={workshop.title}
            rules={rules}
            html={() => paperRef.current?.innerHTML ?? ''}
          />
          <span className="text-quiet" data-testid="chosen">
            {isOpen ? 'Working it out …' : `${count} of ${sheets.length + 1} sheets`}
          </span>
        </div>
        <div className="flex flex-wrap items-end gap-4">
          <Segments label="Paper" name="paper" value={paper} options={PAPERS} onChange={setPaper} />
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
        <HomeMeasures record={record} />
        {SHEET_PLACES.map((place) => (
          <fieldset key={place}>
            <legend className="text-lg font-semibold">{PLACE_WORDS[place]}</legend>
            <ul className="grid grid-cols-3 gap-3">
              {place === 'wall' && (
                <SheetChoice title="The board" isOn={chosen.includes(BOARD)} onTick={() => tick(BOARD)}>
                  {board}
                </SheetChoice>
              )}
              {sheets
                .filter((s) => s.place === place)
                .map((s) => (
                  <SheetChoice key={s.kind} title={s.title} isOn={chosen.includes(s.kind)} onTick={() => tick(s.kind)}>
                    <SheetOnPaper sheet={s} most={CARDS_IN_PICTURE} {...on} />
                  </SheetChoice>
                ))}
            </ul>
          </fieldset>
        ))}
        <ClassFiles of={{ classId, record, plan, version, pantry }} isDisabled={isOpen} />
        <CalendarAddress classId={classId} />
      </section>
      <section
        ref={paperRef}
        aria-label="The sheets"
        tabIndex={0}
        className="overflow-auto border-l border-line bg-steel p-6 print:border-0 print:bg-white print:p-0"
        data-testid="sheets"
      >
        {chosen.includes(BOARD) && <Leaf>{board}</Leaf>}
        {ticked.map((s) => (
          <Leaf key={s.kind}>
            <SheetOnPaper sheet={s} {...on} />
          </Leaf>
        ))}
      </section>
    </div>
  );
}

/** A sheet as it lies on the table; on paper there is nothing around it. */
function Leaf({ children }: { readonly children: ReactNode }) {
  return (
    <div className="mx-auto mb-6 w-fit bg-white p-[8mm] shadow print:m-0 print:p-0 print:shadow-none">{children}</div>
  );
}
