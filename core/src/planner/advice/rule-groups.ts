import { WEEK_MIN } from '../../units/schema.ts';
import { laterDateTime, secondsOfMinutes } from '../../units/index.ts';
import { isRest, type RestStep, type Step } from '../../method/index.ts';
import { setGriddleCount, type Bread, type Workshop } from '../../workshop/index.ts';

/** What a class asks for that can clash with the rest; times in seconds. */
export type Demand =
  | { readonly kind: 'table-time' | 'places' | 'breaks' | 'prep-times' | 'avoided' }
  | { readonly kind: 'fresh' | 'wait' | 'rest-most' | 'rest-least' | 'cold'; readonly sec: number }
  | { readonly kind: 'griddles' | 'watch' | 'staff' | 'demos'; readonly count: number };

/** A group of rules that can be let go of to see whether the class clashes with them. */
export interface RuleGroup {
  readonly rule: string;
  /** What the class asks for. */
  readonly demand: Demand;
  readonly relaxed: (workshop: Workshop) => Workshop;
}

const ENDLESS_MIN = 6 * 60;

/** The groups that this class has: what can be let go of without another class coming of it. */
export function ruleGroupsOf(w: Workshop): readonly RuleGroup[] {
  const { kitchen } = w;
  const breads = w.breads.filter((b) => w.menu.some((m) => m.bread === b.id));
  const rests = breads.flatMap((b) => b.steps.filter(isRest));
  const waits = breads.flatMap((b) =>
    b.steps.flatMap((s) => (isRest(s) || s.waitMaxMin === undefined ? [] : [s.waitMaxMin])),
  );
  const together = w.menu.filter((m) => (m.service ?? w.service) === 'together');
  const holds = breads.filter((b) => together.some((m) => m.bread === b.id)).map((b) => b.holdMaxMin);
  const groups: readonly (RuleGroup | false)[] = [
    {
      rule: 'R11',
      demand: { kind: 'table-time' },
      relaxed: (x) => ({ ...x, tableTime: laterBy(x, ENDLESS_MIN) }),
    },
    holds.length > 0 && {
      rule: 'R11',
      demand: { kind: 'fresh', sec: secondsOfMinutes(Math.min(...holds)) },
      relaxed: (x) => ({
        ...x,
        service: 'as-cooked',
        menu: x.menu.map((m) => ({ ...m, service: 'as-cooked' as const })),
      }),
    },
    waits.length > 0 && {
      rule: 'R2',
      demand: { kind: 'wait', sec: secondsOfMinutes(Math.min(...waits)) },
      relaxed: (x) => withSteps(x, (s) => (isRest(s) ? s : withoutWait(s))),
    },
    rests.length > 0 && {
      rule: 'R2',
      demand: { kind: 'rest-most', sec: secondsOfMinutes(Math.min(...rests.map((r) => r.window.max))) },
      relaxed: (x) => withRests(x, (r) => ({ ...r, window: { ...r.window, max: WEEK_MIN } })),
    },
    rests.some((r) => r.window.min > 0) && {
      rule: 'R2',
      demand: { kind: 'rest-least', sec: secondsOfMinutes(Math.max(...rests.map((r) => r.window.min))) },
      relaxed: (x) => withRests(x, (r) => ({ ...r, window: { ...r.window, min: 0 } })),
    },
    {
      rule: 'R6',
      demand: { kind: 'griddles', count: kitchen.griddles.length },
      relaxed: (x) => {
        const more = setGriddleCount(x, 3 * x.kitchen.griddles.length);
        const next = more.ok ? more.value : x;
        return { ...next, stations: next.stations.map(({ griddles, ...s }) => s) };
      },
    },
    kitchen.places.some((p) => p.batches !== undefined) && {
      rule: 'R8',
      demand: { kind: 'places' },
      relaxed: (x) => ({
        ...x,
        kitchen: { ...x.kitchen, places: x.kitchen.places.map(({ batches, ...p }) => p) },
      }),
    },
    kitchen.griddlesPerStaff * kitchen.staff.length <
      kitchen.griddles.length + w.demos.length * kitchen.griddlesPerStaff && {
      rule: 'R9',
      demand: { kind: 'watch', count: kitchen.griddlesPerStaff },
      relaxed: (x) => ({ ...x, kitchen: { ...x.kitchen, griddlesPerStaff: 100 } }),
    },
    {
      rule: 'R9',
      demand: { kind: 'staff', count: kitchen.staff.length },
      relaxed: (x) => ({ ...x, kitchen: { ...x.kitchen, staff: [...x.kitchen.staff, ...moreStaff(4)] } }),
    },
    w.demos.length > 0 && {
      rule: 'R10',
      demand: { kind: 'demos', count: w.demos.length },
      relaxed: (x) => ({ ...x, demos: [] }),
    },
    w.breaks.length > 0 && { rule: 'R12', demand: { kind: 'breaks' }, relaxed: (x) => ({ ...x, breaks: [] }) },
    w.menu.some((m) => m.dough.mode === 'ahead' || m.dough.mode === 'swap') && {
      rule: 'R12',
      demand: { kind: 'prep-times' },
      relaxed: (x) => ({ ...x, prepTimes: [{ from: dayBefore(x, 6), to: `${x.date}T${x.doorsOpen}` }] }),
    },
    w.roster.some((p) => p.avoid.some((a) => a.level === 'strict')) && {
      rule: 'R13',
      demand: { kind: 'avoided' },
      relaxed: (x) => ({
        ...x,
        roster: x.roster.map((p) => ({ ...p, avoid: p.avoid.map((a) => ({ ...a, level: 'diet' as const })) })),
      }),
    },
    breads.some((b) => b.ingredients.some((i) => i.perishable === true)) && {
      rule: 'R14',
      demand: { kind: 'cold', sec: secondsOfMinutes(kitchen.safeOutMin) },
      relaxed: (x) => ({ ...x, kitchen: { ...x.kitchen, safeOutMin: WEEK_MIN } }),
    },
  ];
  return groups.filter((g) => g !== false);
}

/** Assistants with ids of their own. */
export function moreStaff(count: number): Workshop['kitchen']['staff'] {
  return Array.from({ length: count }, (_, i) => ({
    id: `extra-helper-${i + 1}`,
    name: `Helper ${i + 1}`,
    role: 'assistant' as const,
    pace: 1,
  }));
}

const withSteps = (w: Workshop, change: (step: Step) => Step): Workshop => ({
  ...w,
  breads: w.breads.map((b): Bread => ({ ...b, steps: b.steps.map(change) })),
});
const withRests = (w: Workshop, change: (rest: RestStep) => RestStep): Workshop =>
  withSteps(w, (s) => (isRest(s) ? change(s) : s));

function withoutWait(step: Exclude<Step, RestStep>): Step {
  const { waitMaxMin, ...rest } = step;
  return rest;
}

const LAST_MINUTE = '23:59';

/** The table time so much later, on the same day. */
function laterBy(w: Workshop, minutes: number): string {
  const [date, time] = laterDateTime(`${w.date}T${w.tableTime}`, { minutes }).split('T');
  return date === w.date && time !== undefined ? time : LAST_MINUTE;
}

const dayBefore = (w: Workshop, days: number): string => laterDateTime(`${w.date}T00:00`, { days: -days });
