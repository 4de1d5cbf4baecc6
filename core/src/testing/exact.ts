import loadHighs from 'highs';
import { isOneKind, type Kind, type Mode, type Problem } from '../planner/search/index.ts';

/** Seconds for one problem; one that takes longer is left out by the caller. */
const TIME_LIMIT_SEC = 12;

/** What takes a machine of the exact model: an activity in one of its ways, for a stretch after its start. */
interface Taking {
  readonly activity: number;
  readonly way: number;
  readonly fromSec: number;
  readonly toSec: number;
  /** Things of another kind ask for another setup; null where that does not matter. */
  readonly kind: Kind | null;
  readonly owner: string;
}

/** One way of doing an activity: a mode, and where it lies on a hotplate the spot too. */
interface Way {
  readonly mode: Mode;
  readonly spot: number;
}

/**
 * The proven earliest finish of a small problem, by mixed-integer programming (disjunctive model with big M: Manne 1960; solved by
 * HiGHS) among schedules that are over by `horizonSec`; undefined where the solver did not prove it in its time, Infinity where it
 * proved that there is none. With `tableSec` the breads must be done by then, and held ones no longer before it than they may. Leaves out what
 * the small problems of the tests do not have: pauses, stores with limits, unequal heats, watchers, fires in an order.
 */
export async function exactFinish(
  problem: Problem,
  horizonSec: number,
  tableSec?: number,
): Promise<number | undefined> {
  const highs = await loadHighs();
  const text = modelOf(problem, horizonSec, tableSec);
  const solved = highs.solve(text, { time_limit: TIME_LIMIT_SEC, mip_rel_gap: 0, output_flag: false });
  if (solved.Status === 'Infeasible') return Infinity;
  return solved.Status === 'Optimal' ? Math.round(solved.ObjectiveValue) : undefined;
}

/** The model in the LP file format: starts `s`, ways chosen `w`, orders of pairs `y`, the finish `f`. */
function modelOf(problem: Problem, horizon: number, tableSec?: number): string {
  const ways = problem.activities.map((a) => a.modes.flatMap(waysOf));
  const rows: string[] = [];
  const binaries: string[] = [];
  const bounds: string[] = [];
  const s = (a: number): string => `s${a}`;
  const w = (a: number, i: number): string => (ways[a]?.length === 1 ? '' : `w${a}_${i}`);
  const durationTerms = (a: number, sign: string): string =>
    ways[a]?.length === 1 ? '' : (ways[a] ?? []).map((x, i) => ` ${sign} ${x.mode.durationSec} ${w(a, i)}`).join('');
  const fixedDuration = (a: number): number => (ways[a]?.length === 1 ? (ways[a][0]?.mode.durationSec ?? 0) : 0);

  problem.activities.forEach((activity, a) => {
    const list = ways[a] ?? [];
    bounds.push(
      `${Number.isFinite(activity.releaseSec) ? Math.max(0, activity.releaseSec) : 0} <= ${s(a)} <= ${horizon}`,
    );
    if (list.length > 1) {
      rows.push(`${list.map((_, i) => w(a, i)).join(' + ')} = 1`);
      binaries.push(...list.map((_, i) => w(a, i)));
    }
    if (Number.isFinite(activity.dueSec))
      rows.push(`${s(a)}${durationTerms(a, '+')} <= ${activity.dueSec - fixedDuration(a)}`);
  });
  for (const lag of problem.lags) {
    // point(to) − point(from) between min and max, an end being a start plus the duration chosen
    const from = lag.fromAt === 'end' ? durationTerms(lag.from, '-') : '';
    const to = lag.toAt === 'end' ? durationTerms(lag.to, '+') : '';
    const offset =
      (lag.fromAt === 'end' ? fixedDuration(lag.from) : 0) - (lag.toAt === 'end' ? fixedDuration(lag.to) : 0);
    const left = `${s(lag.to)} - ${s(lag.from)}${to}${from}`;
    if (lag.minSec > -Infinity) rows.push(`${left} >= ${lag.minSec + offset}`);
    if (lag.maxSec < Infinity) rows.push(`${left} <= ${lag.maxSec + offset}`);
  }
  for (const { activity, holdSec } of problem.finals) {
    rows.push(`f - ${s(activity)}${durationTerms(activity, '-')} >= ${fixedDuration(activity)}`);
    if (tableSec === undefined) continue;
    const end = `${s(activity)}${durationTerms(activity, '+')}`;
    rows.push(`${end} <= ${tableSec - fixedDuration(activity)}`);
    if (holdSec !== null) rows.push(`${end} >= ${tableSec - holdSec - fixedDuration(activity)}`);
  }

  let pair = 0;
  for (const { takings, gap } of machinesOf(problem, ways))
    takings.forEach((x, i) => {
      for (const y of takings.slice(i + 1)) {
        if (x.activity === y.activity) continue;
        const setup = gap(x, y);
        const order = `y${pair++}`;
        binaries.push(order);
        const chosen = [w(x.activity, x.way), w(y.activity, y.way)].filter((v) => v !== '');
        const slack = chosen.map((v) => ` - ${horizon} ${v}`).join('');
        const free = horizon * chosen.length;
        // order = 1: x before y; both only where both ways are chosen
        rows.push(
          `${s(y.activity)} - ${s(x.activity)} - ${horizon} ${order}${slack} >= ${x.toSec + setup - y.fromSec - horizon - free}`,
        );
        rows.push(
          `${s(x.activity)} - ${s(y.activity)} + ${horizon} ${order}${slack} >= ${y.toSec + setup - x.fromSec - free}`,
        );
      }
    });
  return [
    'Minimize',
    ' f',
    'Subject To',
    ...rows.map((r, i) => ` c${i}: ${r}`),
    'Bounds',
    ...bounds.map((b) => ` ${b}`),
    'Binary',
    ` ${binaries.join(' ')}`,
    'End',
  ].join('\n');
}

const isKin = (a: Taking, b: Taking): boolean => a.kind !== null && b.kind !== null && isOneKind(a.kind, b.kind);

function waysOf(mode: Mode): readonly Way[] {
  return mode.lying ? Array.from({ length: mode.lying.spots }, (_, i) => ({ mode, spot: i + 1 })) : [{ mode, spot: 0 }];
}

/** What can be taken by one at a time: persons and other unary resources, spots of hotplates, and hotplates for one kind at a time. */
function machinesOf(
  problem: Problem,
  ways: readonly (readonly Way[])[],
): readonly { readonly takings: readonly Taking[]; readonly gap: (a: Taking, b: Taking) => number }[] {
  const machines = new Map<string, { takings: Taking[]; gap: (a: Taking, b: Taking) => number }>();
  const add = (name: string, taking: Taking, gap: (a: Taking, b: Taking) => number): void => {
    const machine = machines.get(name) ?? { takings: [], gap };
    machine.takings.push(taking);
    machines.set(name, machine);
  };
  ways.forEach((list, activity) => {
    list.forEach(({ mode, spot }, way) => {
      for (const use of mode.uses) {
        const [resource = -1] = use.anyOf;
        if (use.anyOf.length > 1) throw new Error('the exact model knows no choice within a use');
        if (problem.resources[resource]?.capacity === 1)
          add(
            `r${resource}`,
            { activity, way, fromSec: use.fromSec, toSec: use.toSec, kind: null, owner: '' },
            () => 0,
          );
      }
      if (!mode.lying) return;
      const plate = problem.hotplates[mode.lying.plate];
      const { kind, owner } = mode.lying;
      const taking = { activity, way, fromSec: 0, toSec: mode.durationSec, kind, owner };
      const change = Math.max(plate?.changeSec ?? 0, plate?.resetSec ?? 0);
      add(`p${mode.lying.plate}s${spot}`, taking, (a, b) => (isKin(a, b) ? (plate?.resetSec ?? 0) : change));
    });
  });
  // two kinds on one plate keep apart whatever their spots
  const plates = new Map<number, Taking[]>();
  ways.forEach((list, activity) => {
    list.forEach(({ mode }, way) => {
      if (!mode.lying) return;
      const { kind, owner } = mode.lying;
      const taking = { activity, way, fromSec: 0, toSec: mode.durationSec, kind, owner };
      plates.set(mode.lying.plate, [...(plates.get(mode.lying.plate) ?? []), taking]);
    });
  });
  const pairs = [...plates].flatMap(([plate, takings]) => {
    const { changeSec = 0, resetSec = 0, layOnGapSec = 0 } = problem.hotplates[plate] ?? {};
    return takings.flatMap((a, i) =>
      takings
        .slice(i + 1)
        .filter((b) => b.activity !== a.activity)
        .flatMap((b) => {
          // laid on apart: from one start to the other
          const begun = [a, b].map((x) => ({ ...x, toSec: 0 }));
          return [
            ...(isKin(a, b) ? [] : [{ takings: [a, b], gap: () => Math.max(changeSec, resetSec) }]),
            ...(layOnGapSec > 0 && a.owner !== b.owner ? [{ takings: begun, gap: () => layOnGapSec }] : []),
          ];
        }),
    );
  });
  return [...machines.values(), ...pairs];
}
