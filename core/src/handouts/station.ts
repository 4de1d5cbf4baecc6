import type { Step } from '../method/index.ts';
import { isOfBread, isOnFire, isTaskOf, mindedBy, ownerOf, turnsOf, type Plan, type PlanTask } from '../plan/index.ts';
import { doughCards } from '../provision/index.ts';
import { clockText, durationText, fixedText, gramsText } from '../units/index.ts';
import { placeWords, whatWords } from '../words/index.ts';
import {
  careLines,
  careWords,
  firstName,
  personName,
  stationName,
  type ClassRecord,
  type Station,
} from '../workshop/index.ts';
import { card, noteWords, row, type Sheet, type SheetCard, type SheetRow } from './sheet.ts';

/** What a station does in class, in order; rests of single pieces are left out, since the next step says when they are over. */
function tasksAt(plan: Plan, station: Station): readonly PlanTask[] {
  const batches = new Set(plan.batches.flatMap((b) => (b.station === station.id ? [b.id] : [])));
  const isOurs = (t: PlanTask): boolean =>
    (t.batch !== undefined && batches.has(t.batch)) || station.members.some((m) => isTaskOf(t, m));
  return plan.tasks
    .filter((t) => t.startSec >= 0 && isOfBread(t) && isOurs(t) && !(t.kind === 'rest' && t.piece !== undefined))
    .sort((a, b) => a.startSec - b.startSec || (a.id < b.id ? -1 : 1));
}

/** One card a station: who stands there, and what is done when; on its back what helps at each step. */
export function stationCards(record: ClassRecord, plan: Plan): Sheet {
  const { workshop, notes } = record;
  const cards = workshop.stations.flatMap((station): readonly SheetCard[] => {
    const tasks = tasksAt(plan, station);
    const under = station.members.map((m) => personName(workshop, m)).join(', ');
    const care = careLines(workshop, notes.remarks, station.members);
    const help = helpFor(record, tasks);
    const name = stationName(station);
    return [
      card(name, { under, care, rows: rowsOf(record, tasks), page: station.id }),
      ...(help.length === 0 ? [] : [card(`${name}: what helps`, { care, notes: help, page: `${station.id} back` })]),
    ];
  });
  return {
    kind: 'station-cards',
    place: 'station',
    title: 'Station card',
    reader: 'the station',
    cards,
    isLabels: false,
  };
}

/**
 * The same without words, for those who read another language: times, marks and drawings, how long, where on the fire, when it is turned;
 * people by name, and what they avoid by name too, since no drawing of it is safe.
 */
export function wordlessCards(record: ClassRecord, plan: Plan): Sheet {
  const { workshop, notes } = record;
  const kindOf = (t: PlanTask): Step['kind'] | undefined =>
    workshop.breads.find((b) => b.id === t.bread)?.steps.find((s) => s.id === t.step)?.kind;
  const cards = workshop.stations.flatMap((station): readonly SheetCard[] => {
    const tasks = tasksAt(plan, station);
    const rows = tasks.map((t): SheetRow => {
      const owner = ownerOf(t);
      const sign = kindOf(t);
      const minutes = (sec: number): string => `${fixedText(sec / 60, 1)}′`;
      const turned = turnsOf(t).map((at) => `↻ ${minutes(at - t.startSec)}`);
      const spot = isOnFire(t)
        ? [`${fireNumber(workshop, t.at?.id)}${t.at?.spot === undefined ? '' : `·${t.at.spot}`}`]
        : [];
      return row(clockText(workshop, t.startSec), owner === undefined ? '' : firstName(personName(workshop, owner)), {
        more: [minutes(t.endSec - t.startSec), ...spot, ...turned].join('  '),
        care: t.piece === undefined ? [] : careLines(workshop, notes.remarks, mindedBy(t), t.bread),
        ...(t.bread === undefined ? {} : { bread: t.bread }),
        ...(sign === undefined ? {} : { sign }),
      });
    });
    const care = careLines(workshop, notes.remarks, station.members);
    return [card(stationName(station), { care, rows, page: `${station.id} wordless` })];
  });
  return {
    kind: 'wordless-cards',
    place: 'station',
    title: 'Station card without words',
    reader: 'the station',
    cards,
    isLabels: false,
  };
}

/** Which fire it is, as it is counted in the kitchen. */
const fireNumber = ({ kitchen }: ClassRecord['workshop'], id: string | undefined): string =>
  String([...kitchen.griddles, ...kitchen.grills, ...kitchen.flames].findIndex((f) => f.id === id) + 1);

/** A line for each thing to do; what several people do alike at the same time is one. */
function rowsOf({ workshop, notes }: ClassRecord, tasks: readonly PlanTask[]): readonly SheetRow[] {
  const alike = new Map<string, PlanTask[]>();
  for (const t of tasks) {
    const key = [clockText(workshop, t.startSec), whatWords(t), t.bread ?? '', moreOf(workshop, t)].join('|');
    alike.set(key, [...(alike.get(key) ?? []), t]);
  }
  return [...alike.values()].flatMap((ones): readonly SheetRow[] => {
    const [t] = ones;
    if (!t) return [];
    const names = ones.flatMap((one) => ownerOf(one) ?? []).map((o) => firstName(personName(workshop, o)));
    const care = ones.flatMap((one) =>
      one.piece === undefined ? [] : careLines(workshop, notes.remarks, mindedBy(one), one.bread),
    );
    return [
      row(clockText(workshop, t.startSec), [[...new Set(names)].join(', '), whatWords(t)].filter(Boolean).join(': '), {
        more: moreOf(workshop, t),
        care: [...new Set(care)],
        ...(t.bread === undefined ? {} : { bread: t.bread }),
      }),
    ];
  });
}

function moreOf(workshop: ClassRecord['workshop'], t: PlanTask): string {
  const turned = turnsOf(t).map((at) => `turn after ${durationText(at - t.startSec)}`);
  if (isOnFire(t)) return [placeWords(workshop, t), ...turned, `off ${clockText(workshop, t.endSec)}`].join(', ');
  return t.kind === 'rest'
    ? `until ${clockText(workshop, t.endSec)}, at most ${clockText(workshop, t.startSec + t.window.maxSec)}`
    : durationText(t.endSec - t.startSec);
}

/** What helps at the steps of these tasks, each step once. */
function helpFor({ workshop }: ClassRecord, tasks: readonly PlanTask[]): readonly (readonly [string, string])[] {
  const steps = new Map(tasks.map((t) => [`${t.bread ?? ''} ${t.step ?? ''}`, t]));
  return [...steps.values()].flatMap((t): readonly (readonly [string, string])[] => {
    const bread = workshop.breads.find((b) => b.id === t.bread);
    const step = bread?.steps.find((s) => s.id === t.step);
    const words = step ? noteWords(step) : '';
    return words === '' ? [] : [[`${whatWords(t)}, ${bread?.name ?? ''}`, words]];
  });
}

/** What is weighed onto each tray. */
export function trayCards({ workshop, notes }: ClassRecord, plan: Plan): Sheet {
  const cards = doughCards(workshop, plan, notes, notes.remarks)
    .filter((c) => c.rows.length + c.outside.length > 0)
    .map((c): SheetCard => {
      const of = (rows: typeof c.rows): readonly SheetRow[] =>
        rows.map((r) => row(r.text, r.name, { more: [r.measure ?? '', ...r.hints].filter(Boolean).join(', ') }));
      return card(c.title, {
        under: [
          c.bread.name,
          c.pieces > 0 ? `${c.pieces} pieces${c.spares > 0 ? ` and ${c.spares} spare` : ''}` : '',
          ...c.shares.map((s) => `${s.title} ${gramsText(s.doughG)}`),
        ]
          .filter(Boolean)
          .join(', '),
        care: c.care,
        rows: [...of(c.rows), ...of(c.outside)],
      });
    });
  return { kind: 'tray-cards', place: 'station', title: 'Tray cards', reader: 'who weighs', cards, isLabels: false };
}

/** A label for each bowl of dough. */
export function bowlLabels({ workshop, notes }: ClassRecord, plan: Plan): Sheet {
  const cards = doughCards(workshop, plan, notes, notes.remarks).map((c): SheetCard => {
    const rests = c.rests.flatMap(({ fromSec, toSec }) =>
      fromSec === undefined || toSec === undefined
        ? []
        : [`${clockText(workshop, fromSec)} to ${clockText(workshop, toSec)}`],
    );
    return card(c.title, {
      under: c.bread.name,
      care: c.care,
      rows: rests.length === 0 ? [] : [row('', `rests ${rests.join(', ')}`)],
    });
  });
  return { kind: 'bowl-labels', place: 'station', title: 'Labels for bowls', reader: 'bowls', cards, isLabels: true };
}

/** A badge for everybody, with what they avoid. */
export function badges({ workshop, notes }: ClassRecord): Sheet {
  const cards = workshop.roster.map((p): SheetCard => {
    const station = workshop.stations.find((s) => s.members.includes(p.id));
    const care = careWords(workshop, notes.remarks, p.id);
    return card(p.name, { under: station ? stationName(station) : '', care: care === '' ? [] : [care] });
  });
  return { kind: 'badges', place: 'station', title: 'Name badges', reader: 'everybody', cards, isLabels: true };
}
