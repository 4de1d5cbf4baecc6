import { Printer } from 'lucide-react';
import { useEffect, useMemo, useRef, useState } from 'react';
import {
  careLines,
  clockText,
  dayText,
  durationText,
  initialsOf,
  mindedBy,
  personName,
  placeWords,
  type Plan,
  type PlanTask,
  type Remark,
  stationName,
  verdictOf,
  verdictWords,
  whatWords,
  wholeMinutes,
  whoseWords,
  type Workshop,
} from '@hodsman/core';
import { useRemarks } from '../../store/care.ts';
import { useAppSelector } from '../../store/hooks.ts';
import { MAIN_BUTTON } from '../../ui/buttons.ts';
import { Segments } from '../../ui/Segments.tsx';
import { fitted } from '../../board/fitted.ts';
import { paintBoard } from '../../board/paint/board.ts';
import { PAPER } from '../../board/palette.ts';
import { sceneOf } from '../../board/scene.ts';
import { timeScaleOf } from '../../board/time-scale.ts';

const PAPERS = [
  ['a4', 'A4'],
  ['letter', 'Letter'],
] as const;
type Paper = (typeof PAPERS)[number][0];
/** What is left within the margins, in pixels of 1/96 inch: 12 mm on every side. */
const PAGE_PX: Readonly<Record<Paper, readonly [number, number]>> = { a4: [703, 1032], letter: [725, 965] };
const TITLE_PX = 74;
/** A line of those with whom something is to be minded; two of them stand in a line. */
const MINDED_PX = 22;
/** Dots to a pixel: fine enough for the small letters of turns. */
const FINE = 3;

/** The run sheet for the wall, in black and white: the board on one page, and what happens when on the next. */
export function RunSheet() {
  const workshop = useAppSelector((s) => s.draft?.body.workshop);
  const plan = useAppSelector((s) => s.draft?.plan);
  return workshop && plan ? <Sheet workshop={workshop} plan={plan} /> : null;
}

function Sheet({ workshop, plan }: { readonly workshop: Workshop; readonly plan: Plan }) {
  const [paper, setPaper] = useState<Paper>('a4');
  const { headline } = verdictWords(verdictOf(workshop, plan), workshop, (_, id) => id);
  const [width] = PAGE_PX[paper];
  return (
    <div className="h-full overflow-auto print:overflow-visible" tabIndex={0} role="region" aria-label="Run sheet">
      <style>{`@page { size: ${paper === 'a4' ? 'A4' : 'letter'} portrait; margin: 12mm; }`}</style>
      <div className="flex items-center gap-4 p-4 print:hidden">
        <button type="button" className={MAIN_BUTTON} onClick={() => window.print()}>
          <Printer size={18} aria-hidden /> Print
        </button>
        <Segments label="Paper" name="paper" value={paper} options={PAPERS} onChange={setPaper} />
      </div>
      <div className="mx-auto bg-white p-4 text-black print:p-0" style={{ width: width + 32 }}>
        <header className="flex flex-wrap items-baseline gap-x-4 border-b-2 border-black pb-1">
          <h2 className="text-2xl">{workshop.title}</h2>
          <p className="figures">
            {dayText(workshop, 0, 'plain')}, doors {workshop.doorsOpen}, table {workshop.tableTime} · {headline}
          </p>
        </header>
        <Minded workshop={workshop} />
        <Picture workshop={workshop} plan={plan} paper={paper} />
        <Steps workshop={workshop} plan={plan} />
      </div>
    </div>
  );
}

/** Everybody with whom something is to be minded, on top of the sheet that hangs on the wall. */
function Minded({ workshop }: { readonly workshop: Workshop }) {
  const lines = careLines(
    workshop,
    useRemarks(),
    workshop.roster.map((p) => p.id),
  );
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

/** The whole board as black and white picture on one page. */
function Picture({
  workshop,
  plan,
  paper,
}: {
  readonly workshop: Workshop;
  readonly plan: Plan;
  readonly paper: Paper;
}) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const [width, page] = PAGE_PX[paper];
  const minded = careLines(
    workshop,
    useRemarks(),
    workshop.roster.map((p) => p.id),
  ).length;
  const height = page - TITLE_PX - (minded > 0 ? 12 + MINDED_PX * minded : 0);
  useEffect(() => {
    const ctx = canvas.current?.getContext('2d');
    if (!canvas.current || !ctx) return;
    canvas.current.width = width * FINE;
    canvas.current.height = height * FINE;
    const scene = sceneOf(plan, workshop, width, { folded: [], order: [] });
    const shrink = Math.min(1, width / scene.lanes.width);
    const headPx = 44;
    const scale = timeScaleOf(plan, height / shrink - headPx - 40, true);
    const view = { x: 0, y: 0, width: scene.lanes.width, height: scale.height };
    const look = { lit: undefined, selected: undefined, pinned: new Set<string>(), ghost: undefined };
    const paint = (): void => {
      ctx.setTransform(1, 0, 0, 1, 0, 0);
      ctx.fillStyle = '#fff';
      ctx.fillRect(0, 0, width * FINE, height * FINE);
      ctx.setTransform(FINE * shrink, 0, 0, FINE * shrink, 0, headPx * FINE * shrink);
      paintBoard({ ctx, colours: PAPER, scene, scale, view, look });
      ctx.fillStyle = '#000';
      ctx.textAlign = 'left';
      for (const l of scene.lanes.lanes) {
        ctx.font = '700 14px "Atkinson Hyperlegible Next Variable", sans-serif';
        ctx.fillText(l.name, l.x, -26, l.width);
        ctx.font = '500 12px "Atkinson Hyperlegible Next Variable", sans-serif';
        for (const c of l.columns) ctx.fillText(fitted(c.name, c.width + 4, 12, initialsOf(c.name)), c.x, -8);
      }
    };
    paint();
    void document.fonts.ready.then(paint);
  }, [plan, workshop, width, height]);
  return (
    <canvas
      ref={canvas}
      role="img"
      aria-label="The plan as a picture; the same follows as a list"
      className="block break-after-page"
      style={{ width, height }}
    />
  );
}

/** Tasks of one kind that begin together are one line. */
interface Row {
  readonly atSec: number;
  readonly endSec: number;
  readonly what: string;
  readonly who: string[];
  readonly where: string[];
  readonly care: string[];
}

function rowsOf(workshop: Workshop, plan: Plan, remarks: readonly Remark[]): readonly Row[] {
  const rows = new Map<string, Row>();
  for (const t of plan.tasks) {
    if (t.kind === 'rest') continue;
    const bread = workshop.breads.find((b) => b.id === t.bread)?.name;
    const what = [whatWords(t), bread].filter(Boolean).join(', ');
    const minute = wholeMinutes(t.startSec);
    const key = `${minute} ${what}`;
    const row = rows.get(key) ?? { atSec: t.startSec, endSec: t.endSec, what, who: [], where: [], care: [] };
    const who = whoOf(workshop, plan, t);
    if (who !== '' && !row.who.includes(who)) row.who.push(who);
    const where = t.at?.kind === 'bench' ? '' : placeWords(workshop, t);
    if (where !== '' && !row.where.includes(where)) row.where.push(where);
    for (const line of careLines(workshop, remarks, mindedBy(t), t.bread))
      if (!row.care.includes(line)) row.care.push(line);
    rows.set(key, row);
  }
  return [...rows.values()];
}

function whoOf(workshop: Workshop, plan: Plan, task: PlanTask): string {
  if (task.kind === 'welcome' || task.kind === 'break' || task.kind === 'demo') return 'everyone';
  if (task.piece !== undefined) return whoseWords(plan, workshop, task);
  const station = workshop.stations.find(
    (s) => s.members.length > 0 && s.members.every((m) => task.people.includes(m)),
  );
  return station ? stationName(station) : task.people.map((p) => personName(workshop, p)).join(', ');
}

/** What happens when, with a box to tick. */
function Steps({ workshop, plan }: { readonly workshop: Workshop; readonly plan: Plan }) {
  const remarks = useRemarks();
  const rows = useMemo(() => rowsOf(workshop, plan, remarks), [workshop, plan, remarks]);
  return (
    <table className="figures mt-3 w-full border-collapse text-[13px] leading-tight">
      <caption className="sr-only">What happens when</caption>
      <thead>
        <tr className="border-b-2 border-black text-left">
          {['', 'When', 'Lasts', 'What', 'Who', 'Where'].map((h) => (
            <th key={h} scope="col" className="py-1 pr-3">
              {h === '' ? <span className="sr-only">Done</span> : h}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {rows.map((r) => (
          <tr key={`${r.atSec} ${r.what}`} className="break-inside-avoid border-b border-neutral-400 align-top">
            <td className="py-1 pr-2">
              <span className="block size-3.5 border border-black" />
            </td>
            <td className="py-1 pr-3 font-bold whitespace-nowrap">{clockText(workshop, r.atSec)}</td>
            <td className="py-1 pr-3 whitespace-nowrap">{durationText(r.endSec - r.atSec)}</td>
            <td className="py-1 pr-3">{r.what}</td>
            <td className="py-1 pr-3">
              {r.who.join(', ')}
              {r.care.map((line) => (
                <b key={line} className="block">
                  ! {line}
                </b>
              ))}
            </td>
            <td className="py-1">{r.where.join('; ')}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
