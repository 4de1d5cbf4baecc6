import { isOfBread, isOnFire, mindedBy, ownerOf, turnsOf, type Plan, type PlanTask } from '../plan/index.ts';
import { allergenPage } from '../provision/index.ts';
import { fillingsNow, fireTurns, rollCall } from '../turns/index.ts';
import { clockText, durationText } from '../units/index.ts';
import { namesOf, pieceName, placeWords, whatWords, whoseWords } from '../words/index.ts';
import { careLines, type ClassRecord } from '../workshop/index.ts';
import { card, row, type Sheet, type SheetCard, type SheetRow } from './sheet.ts';

const byTime = (a: PlanTask, b: PlanTask): number => a.startSec - b.startSec || (a.id < b.id ? -1 : 1);

/** What begins in one minute, as a card of that minute. */
function minutes<T>(
  workshop: ClassRecord['workshop'],
  list: readonly T[],
  secOf: (one: T) => number,
  rowsOf: (ones: readonly T[]) => readonly SheetRow[],
): readonly SheetCard[] {
  const parts = new Map<string, T[]>();
  for (const one of list) {
    const minute = clockText(workshop, secOf(one));
    parts.set(minute, [...(parts.get(minute) ?? []), one]);
  }
  return [...parts].map(([minute, ones]) => card(minute, { rows: rowsOf(ones) }));
}

/** Everything in order of time, minute by minute; what several people begin alike stands in one line. */
export function runList({ workshop, notes }: ClassRecord, plan: Plan): Sheet {
  const tasks = plan.tasks.filter((t) => t.startSec >= 0 && t.kind !== 'rest').sort(byTime);
  const rowsOf = (begun: readonly PlanTask[]): readonly SheetRow[] => {
    const alike = new Map<string, PlanTask[]>();
    for (const t of begun) {
      const bread = workshop.breads.find((b) => b.id === t.bread)?.name;
      const words = [whatWords(t), isOfBread(t) ? bread : undefined].filter(Boolean).join(', ');
      alike.set(words, [...(alike.get(words) ?? []), t]);
    }
    return [...alike].map(([words, ones]) => {
      const [first] = ones;
      const who = (t: PlanTask): string =>
        [whoseWords(plan, workshop, t), isOnFire(t) ? `to ${placeWords(workshop, t)}` : ''].filter(Boolean).join(' ');
      return row('', words, {
        more: ones.map(who).filter(Boolean).join(' · '),
        care: [...new Set(ones.flatMap((t) => careLines(workshop, notes.remarks, mindedBy(t), t.bread)))],
        ...(first?.bread === undefined ? {} : { bread: first.bread }),
      });
    });
  };
  const cards = minutes(workshop, tasks, (t) => t.startSec, rowsOf);
  return { kind: 'run-list', place: 'wall', title: 'Run list', reader: 'everybody', cards, isLabels: false };
}

/** What the instructor says aloud, in order of time. */
export function rollCallSheet({ workshop, notes }: ClassRecord, plan: Plan): Sheet {
  const calls = rollCall(workshop, plan, notes.remarks, fillingsNow(workshop, plan, notes.fillings));
  const cards = minutes(
    workshop,
    calls,
    (c) => c.atSec,
    (ones) => ones.map((c) => row('', c.to.join(' · '), { more: c.what, care: c.care })),
  );
  return { kind: 'roll-call', place: 'wall', title: 'Roll call', reader: 'the instructor', cards, isLabels: false };
}

/** One card a fire: its turns in order, when each is turned and comes off, who comes next, heat and cleaning. */
export function fireCards({ workshop, notes }: ClassRecord, plan: Plan): Sheet {
  const cards = fireTurns(workshop, plan).map((fire): SheetCard => {
    const griddle = workshop.kitchen.griddles.find((g) => g.id === fire.id);
    const turns = fire.spots.flat().sort(byTime);
    const heats = [...new Set(turns.flatMap((t) => heatOf(workshop, t)))];
    return card(fire.name, {
      page: fire.id,
      under: [
        fire.preheat ? `on at ${clockText(workshop, fire.preheat.startSec)}` : '',
        heats.length > 0 ? `${heats.join(', then ')} heat` : '',
        griddle && griddle.changeSec > 0 ? `${durationText(griddle.changeSec)} between two breads` : '',
        griddle?.cleanSec !== undefined ? `cleaning takes ${durationText(griddle.cleanSec)}` : '',
      ]
        .filter(Boolean)
        .join(' · '),
      rows: turns.map((t) => {
        const owner = ownerOf(t);
        const turned = turnsOf(t).map((at) => `turn after ${durationText(at - t.startSec)}`);
        return row(clockText(workshop, t.startSec), pieceName(workshop, t), {
          more: [
            t.at?.spot !== undefined && fire.spots.length > 1 ? `spot ${t.at.spot}` : '',
            ...turned,
            `off ${clockText(workshop, t.endSec)}`,
          ]
            .filter(Boolean)
            .join(', '),
          care: careLines(workshop, notes.remarks, owner === undefined ? t.people : [owner], t.bread),
          ...(t.bread === undefined ? {} : { bread: t.bread }),
        });
      }),
    });
  });
  return {
    kind: 'fire-cards',
    place: 'wall',
    title: 'At the fire',
    reader: 'who stands there',
    cards,
    isLabels: false,
  };
}

function heatOf({ breads }: ClassRecord['workshop'], t: PlanTask): readonly string[] {
  const step = breads.find((b) => b.id === t.bread)?.steps.find((s) => s.id === t.step);
  return step?.kind === 'cook' ? (step.phases ?? []).flatMap((p) => p.heat ?? []) : [];
}

/** Looks of the instructor by the minute, each with the sign. */
export function lookSheet({ workshop, notes }: ClassRecord, plan: Plan): Sheet {
  const names = namesOf(workshop);
  const looks = plan.tasks
    .flatMap((t) => {
      const step = workshop.breads.find((b) => b.id === t.bread)?.steps.find((s) => s.id === t.step);
      if (!isOfBread(t) || step?.look !== true) return [];
      const atSec = t.kind === 'step' ? (t.look?.startSec ?? t.endSec) : t.startSec + t.window.minSec;
      const care = careLines(workshop, notes.remarks, mindedBy(t), t.bread);
      return [{ atSec, words: names.task(t.id), sign: step.cue ?? '', bread: t.bread, care }];
    })
    .sort((a, b) => a.atSec - b.atSec || (a.words < b.words ? -1 : 1));
  const rows = looks.map(({ atSec, words, sign, bread, care }) =>
    row(clockText(workshop, atSec), words, { more: sign, bread, care }),
  );
  const cards = rows.length === 0 ? [] : [card('Look at', { rows })];
  return { kind: 'looks', place: 'wall', title: 'Looks', reader: 'the instructor', cards, isLabels: false };
}

/** What can hurt, and what nobody should be promised. */
export function cautionSheet({ workshop }: ClassRecord, plan: Plan): Sheet {
  const { cautions, cannotPromise } = allergenPage(workshop, plan);
  const cards = [
    card('Take care', { rows: cautions.map((c) => row('', c.words, { more: c.breads.join(', ') })) }),
    ...(cannotPromise.length === 0 ? [] : [card('Not promised', { rows: cannotPromise.map((w) => row('', w)) })]),
  ];
  return { kind: 'cautions', place: 'wall', title: 'Cautions', reader: 'everybody', cards, isLabels: false };
}
