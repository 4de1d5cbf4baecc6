import type { Plan, PlanTask, Rule } from '../plan/index.ts';
import { planClass } from '../planner/index.ts';
import { assert } from '../faults/index.ts';
import type { Workshop } from '../workshop/index.ts';
import { buildWorkshop, BUTTER, type RawFile, type WorkshopShape } from './build-workshop.ts';

/** A right plan of a small class, and the one change of class or plan that breaks one rule in one way. */
export interface KnownAnswer {
  readonly rule: Rule;
  readonly code: string;
  readonly what: string;
  readonly of: RightClass;
  readonly inClass?: (file: RawFile) => void;
  /** A change that no file could make, since its reader would refuse it. */
  readonly inWorkshop?: (workshop: Workshop) => Workshop;
  readonly inPlan?: (plan: Plan, workshop: Workshop) => Plan;
}

const HOUR_SEC = 3600;
const GAP_SEC = 600;
const AHEAD_SEC = -20 * HOUR_SEC;
/** When a rest passes into another. */
const PASSED_ON_SEC = -2 * HOUR_SEC;

type Change = (file: RawFile) => void;
const SHAPE: WorkshopShape = { people: 4, each: 2, griddles: 2, tableTime: '23:30' };

/** A class in which nothing presses: rests as long as one likes, breads eaten as they come, a table late at night. */
const calm = (file: RawFile): void => {
  const [bread] = file['breads'];
  bread.steps[1].window = { min: 1, ideal: 30, max: 6000 };
  delete bread.steps[3].waitMaxMin;
  file['service'] = 'as-cooked';
};
const step = (file: RawFile, id: string): RawFile => file['breads'][0].steps.find((s: RawFile) => s['id'] === id);
const insertBefore = (file: RawFile, before: string, added: RawFile): void => {
  const { steps } = file['breads'][0];
  steps.splice(
    steps.findIndex((s: RawFile) => s['id'] === before),
    0,
    added,
  );
};
const MELT: RawFile = { id: 'melt', kind: 'prepare', per: 'batch', by: 'one', at: 'bench', minutes: 3, before: 'cook' };
const prep = (file: RawFile): void => {
  file['prepTimes'] = [{ from: '2027-03-05T06:00', to: '2027-03-06T10:00' }];
};
const secondBread = (file: RawFile, change: Change = () => undefined): void => {
  const twin = structuredClone(file['breads'][0]) as RawFile;
  twin['id'] = 'other';
  twin['name'] = 'The other';
  change(twin);
  file['breads'].push(twin);
  file['menu'][0].each = 1;
  file['menu'].push({ ...file['menu'][0], bread: 'other' });
};

/** Classes that know one thing each beyond the plain one. */
const CLASSES = {
  plain: () => undefined,
  'two breads': (f) => secondBread(f, (b) => (b['steps'][3].phases[0].sec = 90)),
  'two schools': (f) =>
    secondBread(f, (b) => {
      b['variantOf'] = 'flat';
      b['piece'].diameterCm = 12;
    }),
  'two heats': (f) => {
    step(f, 'cook')['phases'] = [
      { side: 'first', heat: 'medium', sec: 100 },
      { side: 'second', heat: 'low', sec: 100 },
    ];
    f['kitchen'].griddles.forEach((g: RawFile) => (g['diameterCm'] = 60));
  },
  ahead: (f) => {
    prep(f);
    f['menu'][0].dough = { mode: 'ahead', through: 'mix' };
    f['kitchen'].handMaxDoughG = 400;
  },
  'ahead in one': (f) => {
    prep(f);
    f['menu'][0].dough = { mode: 'ahead', through: 'mix' };
  },
  'ahead of four': (f) => {
    prep(f);
    f['menu'][0].dough = { mode: 'ahead', through: 'mix' };
    // four stations of one person; two shares to a mother batch, of which a third could take in three
    f['kitchen'].benches = ['B1', 'B2', 'B3', 'B4'].map((id) => ({ id, seats: 1 }));
    f['stations'] = ['p1', 'p2', 'p3', 'p4'].map((m, i) => ({ id: `S${i + 1}`, bench: `B${i + 1}`, members: [m] }));
    f['kitchen'].handMaxDoughG = 500;
  },
  'in class': (f) => (f['menu'][0].dough = { mode: 'class', through: 'mix' }),
  mixer: (f) => {
    f['kitchen'].mixers = [{ id: 'M1', maxDoughG: 2000 }];
    f['menu'][0].mixer = true;
    step(f, 'mix')['mixerMinutes'] = 6;
  },
  'side job': (f) => {
    f['breads'][0].ingredients.push({ name: 'herbs', role: 'other', use: 'fill', gPerPiece: 5, step: 'chop' });
    f['breads'][0].steps.push({
      id: 'chop',
      kind: 'prepare',
      per: 'batch',
      by: 'one',
      at: 'bench',
      minutes: 5,
      before: 'roll',
    });
  },
  warm: (f) => {
    f['kitchen'].places.push({ id: 'box', kind: 'warm', tempC: 30 }, { id: 'oven', kind: 'warm', tempC: 45 });
    Object.assign(step(f, 'rest'), { kind: 'proof', at: 'warm', refC: 30, q10: 2.5 });
  },
  'bench rest': (f) =>
    insertBefore(f, 'cook', {
      id: 'relax',
      kind: 'rest',
      per: 'piece',
      at: 'room',
      window: { min: 1, ideal: 5, max: 6000 },
    }),
  carried: (f) => {
    f['kitchen'].flames = [{ id: 'F1', slots: 1 }];
    f['kitchen'].griddles.forEach((g: RawFile) => Object.assign(g, { portable: true, diameterCm: 60 }));
    step(f, 'cook')['phases'].push({ side: 'top', heat: 'medium', sec: 30, with: 'flame', by: 'staff' });
  },
  grill: (f) => {
    f['kitchen'].grills = [{ id: 'O1', slots: 1 }];
    f['breads'][0].steps.push({ id: 'brown', kind: 'cook', per: 'piece', by: 'owner', at: 'grill', minutes: 2 });
  },
  demonstration: (f) => f['demos'].push({ bread: 'flat', before: 'roll', minutes: 5 }),
  'demonstration at a griddle': (f) => f['demos'].push({ bread: 'flat', before: 'cook', minutes: 5, at: 'griddle' }),
  break: (f) => (f['breaks'] = [{ after: '10:10', before: '23:00', minutes: 10 }]),
  avoider: (f) => {
    f['breads'][0].ingredients.push(structuredClone(BUTTER));
    f['roster'][0].avoid = [{ what: 'milk', level: 'strict' }];
    f['kitchen'].griddles.length = 1;
  },
  perishable: (f) => {
    f['breads'][0].ingredients[1].perishable = true;
    f['kitchen'].safeOutMin = 900;
  },
  chilled: (f) => {
    prep(f);
    f['kitchen'].places.push({ id: 'fridge', kind: 'fridge', tempC: 4 });
    insertBefore(f, 'rest', {
      id: 'chill',
      kind: 'chill',
      per: 'batch',
      at: 'fridge',
      window: { min: 1, ideal: 30, max: 6000 },
    });
    f['menu'][0].dough = { mode: 'ahead', through: 'rest' };
  },
  'one who may not': (f) => (f['roster'][3].avoid = [{ what: 'gluten', level: 'diet' }]),
  'slow hands': (f) => (f['roster'][0].pace = 1.5),
  'in turns': (f) =>
    Object.assign(step(f, 'cook'), {
      attend: 'turns',
      turnSec: 10,
      phases: [
        { heat: 'medium', sec: 300 },
        { heat: 'medium', sec: 300 },
      ],
    }),
  'two at a time': (f) =>
    f['kitchen'].griddles.forEach((g: RawFile) => Object.assign(g, { people: 2, diameterCm: 60 })),
  'laid on apart': (f) => {
    f['kitchen'].layOnGapSec = 20;
    f['kitchen'].griddles.forEach((g: RawFile) => (g['diameterCm'] = 60));
  },
  'looked at': (f) => {
    Object.assign(step(f, 'roll'), { look: true, lookSec: 60 });
    Object.assign(step(f, 'cook'), { look: true, lookSec: 20 });
  },
  'pieces to show': (f) => f['demos'].push({ bread: 'flat', before: 'roll', minutes: 5, pieces: 2, from: 'S2' }),
  'butter to melt': (f) => {
    f['breads'][0].ingredients.push({ ...structuredClone(BUTTER), step: 'melt' });
    f['breads'][0].steps.push({ ...MELT });
    f['roster'][0].avoid = [{ what: 'milk', level: 'diet' }];
  },
  'butter or oil': (f) => {
    const oil = { name: 'oil', role: 'fat', use: 'finish', gPerPiece: 3, insteadOf: 'butter' };
    f['breads'][0].ingredients.push(structuredClone(BUTTER), oil);
    f['roster'][0].avoid = [{ what: 'milk', level: 'diet' }];
  },
  'two alike': (f) => secondBread(f),
  'eaten together': (f) => {
    f['service'] = 'together';
    f['breads'][0].holdMaxMin = 1000;
  },
} satisfies Record<string, Change>;
export type RightClass = keyof typeof CLASSES;

const known = new Map<RightClass, { readonly file: (change?: Change) => Workshop; readonly plan: Plan }>();

/** The class and a right plan of it: all tasks one after the other, ten minutes apart, so that one of them can move alone. */
export function rightPlan(name: RightClass): { readonly file: (change?: Change) => Workshop; readonly plan: Plan } {
  const made = known.get(name);
  if (made) return made;
  const file = (change?: Change): Workshop =>
    buildWorkshop({
      ...SHAPE,
      change: (f) => {
        calm(f);
        CLASSES[name](f);
        change?.(f);
      },
    });
  const workshop = file();
  const plan = planClass(workshop, { effort: 0 });
  assert(plan.broken.length === 0, `the class “${name}” is planned right: ${JSON.stringify(plan.broken.slice(0, 2))}`);
  const right = { file, plan: spaced(workshop, plan) };
  known.set(name, right);
  return right;
}

/** A task moved in time, with its turns and stays at other fires. */
export function movedTo(task: PlanTask, startSec: number): PlanTask {
  const by = startSec - task.startSec;
  const later = <T extends { readonly startSec: number; readonly endSec: number }>(x: T): T => ({
    ...x,
    startSec: x.startSec + by,
    endSec: x.endSec + by,
  });
  return {
    ...task,
    startSec,
    endSec: task.endSec + by,
    ...(task.kind === 'step' && {
      ...(task.look && { look: later(task.look) }),
      ...(task.turnsSec && { turnsSec: task.turnsSec.map((s) => s + by) }),
      ...(task.with && { with: task.with.map(later) }),
    }),
  };
}

/** All active tasks one after the other in their order, preheats before the first fire, rests between what they lie between. */
function spaced(workshop: Workshop, plan: Plan): Plan {
  const active = plan.tasks
    .filter((t) => t.kind !== 'rest' && t.kind !== 'welcome' && t.kind !== 'preheat')
    .sort((a, b) => a.startSec - b.startSec);
  let ahead = AHEAD_SEC;
  let inClass = workshop.welcomeMin * 60;
  const placed = new Map<string, PlanTask>();
  for (const t of active) {
    const isAhead = t.startSec < 0;
    const next = movedTo(t, isAhead ? ahead : inClass);
    placed.set(t.id, next);
    if (isAhead) ahead = next.endSec + GAP_SEC;
    else inClass = next.endSec + GAP_SEC;
  }
  const tasks = plan.tasks.map((t): PlanTask => {
    if (t.kind === 'preheat') return movedTo(t, 0);
    return placed.get(t.id) ?? (t.kind === 'rest' ? between(workshop, plan, placed, t) : t);
  });
  return { ...plan, tasks };
}

/** A rest from the end of what is before it to the last start of what follows it. */
function between(workshop: Workshop, plan: Plan, placed: ReadonlyMap<string, PlanTask>, rest: PlanTask): PlanTask {
  const chain = workshop.breads.find((b) => b.id === rest.bread)?.steps.filter((s) => s.kind !== 'prepare') ?? [];
  const at = chain.findIndex((s) => s.id === rest.step);
  const unit = rest.piece ?? rest.batch;
  const carriersOf = (t: PlanTask): readonly (string | null | undefined)[] => {
    const own = plan.batches.filter((b) => b.station !== null);
    const batch = own.find((b) => b.id === t.batch || (t.piece !== undefined && b.pieces.includes(t.piece)));
    return [t.piece, t.batch, batch?.id, batch?.mother];
  };
  const mine = [...placed.values()].filter((t) => t.bread === rest.bread);
  const before = mine.filter((t) => t.step === chain[at - 1]?.id && carriersOf(rest).includes(t.piece ?? t.batch));
  const after = mine.filter((t) => t.step === chain[at + 1]?.id && carriersOf(t).includes(unit));
  const isRest = (n: number): boolean => chain[n] !== undefined && 'window' in chain[n];
  return {
    ...rest,
    startSec: isRest(at - 1) ? PASSED_ON_SEC : Math.max(...before.map((t) => t.endSec)),
    endSec: isRest(at + 1) ? PASSED_ON_SEC : Math.max(...after.map((t) => t.startSec)),
  };
}

/** The task of an id; there must be one. */
export function taskOf(plan: Plan, id: string): PlanTask {
  const task = plan.tasks.find((t) => t.id === id);
  assert(task !== undefined, `the plan has no task ${id}; there are ${plan.tasks.map((t) => t.id).join(', ')}`);
  return task;
}
