import { avoidedName } from '../foods/index.ts';
import type { Pantry } from '../kitchen/index.ts';
import type { Plan } from '../plan/index.ts';
import { aheadList, allergenPage, kitNeeds, shoppingList } from '../provision/index.ts';
import { clockText, dayText, gramsText } from '../units/index.ts';
import { careLines, type ClassRecord } from '../workshop/index.ts';
import { card, row, type Sheet, type SheetCard } from './sheet.ts';

/** What is made ahead, day by day. */
export function aheadSheet({ workshop, notes }: ClassRecord, plan: Plan): Sheet {
  const { items, troubles } = aheadList(workshop, plan, notes.trayMin);
  const days = new Map<string, (typeof items)[number][]>();
  for (const i of items) {
    const day = dayText(workshop, i.bestSec, 'plain');
    days.set(day, [...(days.get(day) ?? []), i]);
  }
  const cards = [...days].map(([day, list]) =>
    card(day, {
      rows: list.map((i) =>
        row(clockText(workshop, i.bestSec), i.words, {
          more: [`at the latest ${clockText(workshop, i.latestSec)}`, i.who].filter(Boolean).join(' · '),
        }),
      ),
    }),
  );
  const wrong = troubles.length === 0 ? [] : [card('Does not fit', { rows: troubles.map((t) => row('', t)) })];
  return {
    kind: 'ahead',
    place: 'before',
    title: 'Made ahead',
    reader: 'staff',
    cards: [...cards, ...wrong],
    isLabels: false,
  };
}

/** What is bought, in packs where the store knows them; what is in the store is told too. */
export function shoppingSheet({ workshop, notes }: ClassRecord, pantry: Pantry): Sheet {
  const { items } = shoppingList(workshop, pantry);
  const [buy, there] = [items.filter((i) => i.packs > 0), items.filter((i) => i.packs === 0)];
  const rows = (list: typeof items) =>
    list.map((i) =>
      row(i.packs > 0 ? `${i.packs} ×` : gramsText(i.needG), i.what, {
        more: [i.packs > 0 ? `needed ${gramsText(i.needG)}` : '', notes.bought.includes(i.what) ? 'bought' : '']
          .filter(Boolean)
          .join(' · '),
      }),
    );
  const cards: SheetCard[] = [
    card(buy.length === 0 ? 'Nothing to buy' : 'Buy', { rows: rows(buy) }),
    ...(there.length === 0 ? [] : [card('In the store already', { rows: rows(there) })]),
  ];
  return { kind: 'shopping', place: 'before', title: 'Shopping', reader: 'who buys', cards, isLabels: false };
}

/** What lies where: station by station and in common, and what is short. */
export function kitSheet({ workshop }: ClassRecord, plan: Plan): Sheet {
  const needs = kitNeeds(workshop, plan);
  const stations = workshop.stations.flatMap((s): readonly SheetCard[] => {
    const own = needs.flatMap((n) => {
      const at = n.stations.find((x) => x.id === s.id);
      return at && at.count > 0 ? [row(`${at.count} ×`, n.what)] : [];
    });
    const name = needs.flatMap((n) => n.stations.find((x) => x.id === s.id)?.name ?? [])[0];
    return own.length === 0 ? [] : [card(name ?? '', { rows: own })];
  });
  const common = needs.flatMap((n) => (n.common > 0 ? [row(`${n.common} ×`, n.what)] : []));
  const short = needs.flatMap((n) => (n.short > 0 ? [row(`${n.short} ×`, n.what, { more: `of ${n.total}` })] : []));
  const cards = [
    ...(short.length === 0 ? [] : [card('Missing', { rows: short })]),
    ...stations,
    ...(common.length === 0 ? [] : [card('For the class in common', { rows: common })]),
  ];
  return { kind: 'kit', place: 'before', title: 'Kit by place', reader: 'who sets up', cards, isLabels: false };
}

/** Who avoids what, and what that means for each bread. */
export function avoidSheet({ workshop, notes }: ClassRecord, plan: Plan): Sheet {
  const { avoiders, breads } = allergenPage(workshop, plan);
  const people = avoiders.map((a): SheetCard => {
    const rows = [
      ...a.makes.map((m) =>
        row('', m.bread, {
          more: [
            m.leftOff.length > 0 ? `without ${m.leftOff.join(', ')}` : '',
            m.inPlace.length > 0 ? `${m.inPlace.join(', ')} in its place` : '',
          ]
            .filter(Boolean)
            .join(', '),
        }),
      ),
      ...a.misses.map((m) => row('', `not ${m.bread}`, { more: m.because.join(', ') })),
    ];
    return card(a.name, { under: a.station, care: careLines(workshop, notes.remarks, [a.id]), rows });
  });
  // what was said of somebody and is no word of a bread stands here too
  const others = workshop.roster
    .filter((p) => p.avoid.length === 0)
    .flatMap((p): readonly SheetCard[] => {
      const care = careLines(workshop, notes.remarks, [p.id]);
      return care.length === 0 ? [] : [card(p.name, { care })];
    });
  const contents = breads.map((b) =>
    row('', b.bread, {
      more: [
        b.contents.map((c) => avoidedName(c.word)).join(', '),
        b.unknown.length > 0 ? `not known: ${b.unknown.join(', ')}` : '',
      ]
        .filter(Boolean)
        .join(' · '),
    }),
  );
  const cards = [...people, ...others, card('What the breads hold', { rows: contents })];
  return { kind: 'avoids', place: 'before', title: 'Who avoids what', reader: 'staff', cards, isLabels: false };
}

/** Five lines for somebody who helps, and what is said of safety at the start. */
export function briefSheet({ workshop, notes }: ClassRecord, plan: Plan): Sheet {
  const { cautions } = allergenPage(workshop, plan);
  const avoiding = careLines(
    workshop,
    notes.remarks,
    workshop.roster.map((p) => p.id),
  );
  const fire = plan.tasks.filter((t) => t.at?.kind === 'griddle' && t.kind === 'step');
  const first = Math.min(...fire.map((t) => t.startSec));
  const lines = [
    row(clockText(workshop, 0), `doors open, ${workshop.roster.length} people at ${workshop.stations.length} stations`),
    row('', workshop.breads.map((b) => b.name).join(', ')),
    ...(Number.isFinite(first) ? [row(clockText(workshop, first), 'the first bread lies on the fire')] : []),
    row(clockText(workshop, plan.tableSec), 'everybody sits at the table'),
    row('', avoiding.length === 0 ? 'Nobody has said that they avoid anything.' : 'Mind:', { care: avoiding }),
  ];
  const cards = [
    card('For helpers', { rows: lines }),
    card('Said at the start', { rows: cautions.map((c) => row('', c.words, { more: c.breads.join(', ') })) }),
  ];
  return { kind: 'brief', place: 'before', title: 'Brief and safety talk', reader: 'helpers', cards, isLabels: false };
}
