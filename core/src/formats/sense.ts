import { fault, type Fault } from '../faults/index.ts';
import { chainOf, isRest, type Step } from '../method/index.ts';
import { elapsedSec, isLocalDate, isLocalTime, isTimeZone } from '../units/index.ts';
import { lacksOf, linesOf, needsOfStep, servingGriddles, teamAt, type Line, type Workshop } from '../workshop/index.ts';
import { faultsOfBread } from './sense-bread.ts';

/** What makes no sense in a workshop whose references hold: times, breads, seating, and what this kitchen cannot do. */
export function faultsOfSense(w: Workshop): readonly Fault[] {
  const breads = w.breads.flatMap((b, i) => faultsOfBread(b, `breads[${i}]`));
  return [
    ...faultsOfTimes(w),
    ...breads,
    ...faultsOfFamilies(w),
    ...faultsOfPeople(w),
    ...faultsOfMenu(w),
    // the rest asks for lines that can be worked out
    ...(breads.length === 0 ? linesOf(w).flatMap((line) => faultsOfLine(w, line)) : []),
  ];
}

function faultsOfTimes(w: Workshop): readonly Fault[] {
  const faults: Fault[] = [];
  const time = (text: string | undefined, path: string): void => {
    if (text !== undefined && !isLocalTime(text))
      faults.push(fault('not-a-date', path, { received: text, expected: 'a time of day' }));
  };
  const moment = (text: string, path: string): void => {
    const [date = '', clock = ''] = text.split('T');
    if (!isLocalDate(date) || !isLocalTime(clock))
      faults.push(fault('not-a-date', path, { received: text, expected: 'a date and time' }));
  };
  if (!isLocalDate(w.date)) faults.push(fault('not-a-date', 'date', { received: w.date, expected: 'a date' }));
  if (!isTimeZone(w.timeZone))
    faults.push(
      fault('not-a-date', 'timeZone', { received: w.timeZone, expected: 'a time zone such as Europe/Dublin' }),
    );
  for (const key of ['doorsOpen', 'tableTime', 'ends'] as const) time(w[key], key);
  w.breaks.forEach((b, i) => {
    time(b.after, `breaks[${i}].after`);
    time(b.before, `breaks[${i}].before`);
  });
  w.prepTimes.forEach((p, i) => {
    moment(p.from, `prepTimes[${i}].from`);
    moment(p.to, `prepTimes[${i}].to`);
  });
  if (faults.length > 0) return faults;
  const sec = (text: string): number => elapsedSec(w, text);
  if (sec(w.tableTime) <= 0) faults.push(fault('table-before-doors', 'tableTime'));
  w.prepTimes.forEach((p, i) => {
    if (sec(p.from) > sec(p.to)) faults.push(fault('ends-before-start', `prepTimes[${i}].to`));
  });
  w.breaks.forEach((b, i) => {
    const room = (sec(b.before) - sec(b.after)) / 60;
    if (room < 0) faults.push(fault('ends-before-start', `breaks[${i}].before`));
    else if (b.minutes > room)
      faults.push(fault('break-too-long', `breaks[${i}].minutes`, { minutes: b.minutes, room }));
  });
  return faults;
}

function faultsOfFamilies(w: Workshop): readonly Fault[] {
  const breads = new Map(w.breads.map((b) => [b.id, b]));
  return w.breads.flatMap((b, i) =>
    b.variantOf !== undefined && (b.variantOf === b.id || breads.get(b.variantOf)?.variantOf !== undefined)
      ? [fault('variant-of-variant', `breads[${i}].variantOf`, { id: b.variantOf })]
      : [],
  );
}

function faultsOfPeople(w: Workshop): readonly Fault[] {
  const seated = new Set<string>();
  return [
    ...(w.roster.length === 0 ? [fault('nobody-takes-part', 'roster')] : []),
    ...w.stations.flatMap((s, i) => [
      ...(s.members.length === 0 ? [fault('station-empty', `stations[${i}].members`, { id: s.id })] : []),
      ...s.members.flatMap((m, n) => {
        if (seated.has(m)) return [fault('two-stations', `stations[${i}].members[${n}]`, { id: m })];
        seated.add(m);
        return [];
      }),
    ]),
  ];
}

function faultsOfMenu(w: Workshop): readonly Fault[] {
  const seen = new Set<string>();
  const steps = (id: string): readonly Step[] => w.breads.find((b) => b.id === id)?.steps ?? [];
  const isBatchStep = (bread: string, step: string): boolean =>
    chainOf(steps(bread)).some((s) => s.id === step && s.per === 'batch');
  return [
    ...w.menu.flatMap((m, i) => {
      const faults: Fault[] = [];
      if (seen.has(m.bread)) faults.push(fault('line-twice', `menu[${i}].bread`, { id: m.bread }));
      seen.add(m.bread);
      if (m.dough.mode !== 'station' && !isBatchStep(m.bread, m.dough.through))
        faults.push(fault('not-a-batch-step', `menu[${i}].dough.through`, { id: m.dough.through, bread: m.bread }));
      if (m.dough.mode === 'swap' && !isBatchStep(m.bread, m.dough.practice))
        faults.push(fault('not-a-batch-step', `menu[${i}].dough.practice`, { id: m.dough.practice, bread: m.bread }));
      return faults;
    }),
    ...w.demos.flatMap((d, i) => {
      const step = steps(d.bread).find((s) => s.id === d.before);
      return step && isRest(step) ? [fault('demo-before-rest', `demos[${i}].before`, { id: d.before })] : [];
    }),
  ];
}

function faultsOfLine(w: Workshop, line: Line): readonly Fault[] {
  const m = w.menu.indexOf(line.menu);
  const b = w.breads.indexOf(line.bread);
  const avoid = new Map(w.roster.map((p) => [p.id, p.avoid]));
  const seated = new Set(w.stations.flatMap((s) => s.members));
  return [
    ...w.demos.flatMap((d, n) => {
      const station = w.stations.find((s) => s.id === d.from);
      const isWithout = d.bread === line.bread.id && station !== undefined && teamAt(station, line).length === 0;
      return isWithout
        ? [fault('demo-without-batch', `demos[${n}].from`, { id: station.id, bread: line.bread.id })]
        : [];
    }),
    ...(line.menu.for ?? []).flatMap((p, n) => {
      const what = avoid.get(p)?.find((a) => line.holds.has(a.what))?.what;
      return what === undefined
        ? []
        : [fault('for-avoids', `menu[${m}].for[${n}]`, { id: p, what, bread: line.bread.id })];
    }),
    ...w.roster.flatMap((p, n) =>
      line.makers.has(p.id) && !seated.has(p.id)
        ? [fault('maker-without-station', `roster[${n}]`, { bread: line.bread.id })]
        : [],
    ),
    ...line.bread.steps.flatMap((s, n) =>
      faultsOfStepHere(w, line, s, `breads[${b}].steps[${n}]`, `breads[${b}].piece.diameterCm`),
    ),
  ];
}

/** What a step needs and this kitchen lacks. */
function faultsOfStepHere(w: Workshop, line: Line, step: Step, here: string, diameterPath: string): readonly Fault[] {
  const { kitchen } = w;
  const lacking = (kind: string, path: string): Fault => fault('place-lacking', path, { kind });
  const faults = lacksOf(kitchen, needsOfStep(line.bread, step)).flatMap((need): readonly Fault[] => {
    switch (need.kind) {
      case 'place':
        return kitchen.places.some((p) => p.kind === need.of)
          ? [fault('place-too-far', `${here}.at`, { kind: need.of })]
          : [lacking(need.of, `${here}.at`)];
      case 'fire':
        return [lacking(need.of, `${here}.at`)];
      case 'staff':
        return [lacking('staff', `${here}.by`)];
      case 'griddle':
        // which griddles serve hangs on the station, below
        return [];
    }
  });
  if (isRest(step)) return faults;
  if (line.menu.mixer && step.mixerMinutes !== undefined && kitchen.mixers.length === 0)
    faults.push(lacking('mixer', `${here}.mixerMinutes`));
  if (step.at !== 'griddle' || step.kind !== 'cook') return faults;
  const stations = w.stations.filter((s) => teamAt(s, line).length > 0);
  const without = stations.find((s) => servingGriddles(kitchen, line.bread, step, s).length === 0);
  if (without)
    faults.push(
      fault('fits-no-griddle', diameterPath, { diameterCm: line.bread.piece.diameterCm, station: without.id }),
    );
  return faults;
}
