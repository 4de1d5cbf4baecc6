import { useMemo } from 'react';
import {
  careLines,
  clockText,
  durationText,
  fillingWho,
  mindedBy,
  personName,
  placeWords,
  stationName,
  whatWords,
  wholeMinutes,
  type FillingNow,
  whoseWords,
  type Plan,
  type PlanTask,
  type Remark,
  type Workshop,
} from '@hodsman/core';
import { useFillings } from '../../../planning/use-fillings.ts';
import { useRemarks } from '../../../store/care.ts';

/** Tasks of one kind that begin together are one line. */
interface Row {
  readonly atSec: number;
  readonly endSec: number;
  readonly what: string;
  readonly who: string[];
  readonly where: string[];
  readonly care: string[];
}

function rowsOf(
  workshop: Workshop,
  plan: Plan,
  remarks: readonly Remark[],
  fillings: readonly FillingNow[],
): readonly Row[] {
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
  const notes = fillings.map((f): Row => ({
    atSec: f.fromSec,
    endSec: f.toSec,
    what: f.words,
    who: [...fillingWho(workshop, f)],
    where: [],
    care: [...new Set(f.people.flatMap((p) => careLines(workshop, remarks, [p])))],
  }));
  return [...rows.values(), ...notes].sort((a, b) => a.atSec - b.atSec);
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
export function SheetSteps({ workshop, plan }: { readonly workshop: Workshop; readonly plan: Plan }) {
  const remarks = useRemarks();
  const fillings = useFillings();
  const rows = useMemo(() => rowsOf(workshop, plan, remarks, fillings), [workshop, plan, remarks, fillings]);
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
