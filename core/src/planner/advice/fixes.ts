import { methodTimes, USUAL_BENCH } from '../../bread/index.ts';
import { spotsOnGriddle } from '../../kitchen/index.ts';
import { isRest, type CookStep, type Step } from '../../method/index.ts';
import { elapsedSec, laterDateTime, roundHalfUp, timeOfDay } from '../../units/index.ts';
import { setBreadsEach, setGriddleCount, type Bread, type MenuLine, type Workshop } from '../../workshop/index.ts';
import type { ClassChange } from './change.ts';
import { moreStaff } from './rule-groups.ts';

const EARLIER_MIN = 15;
const WARMER_C = 4;
/** Over 40 °C a proof fails (trade practice); so much below it stays. */
const WARMEST_C = 38;
/** Pieces floured, papered or oiled may wait so long (common practice: 20 to 30 min). */
const PAPERED_WAIT_MIN = 20;
/** A round smaller than this share of what it was is another bread. */
const LEAST_DIAMETER_SHARE = 0.75;
/** Hours in which staff can be asked to come. */
const DAY = { from: 6, to: 22 } as const;
const QUARTER_MIN = 15;
const PREP_SLACK_MIN = 30;

/** All single changes that make sense for a class, each with the class that comes of it. */
export function changesOf(w: Workshop): readonly ClassChange[] {
  const helper: ClassChange = {
    change: { kind: 'helper' },
    workshop: { ...w, kitchen: { ...w.kitchen, staff: [...w.kitchen.staff, ...moreStaff(1)] } },
  };
  return [
    moreGriddles(w),
    ...w.menu.flatMap((m) => [fewerEach(w, m), smallerPieces(w, m), madeAhead(w, m), swapped(w, m), asYouGo(w, m)]),
    warmerProof(w),
    staffCook(w),
    earlierDoors(w),
    longerWait(w),
    helper,
  ].filter((c) => c !== undefined);
}

const breadOf = (w: Workshop, line: MenuLine): Bread | undefined => w.breads.find((b) => b.id === line.bread);

function moreGriddles(w: Workshop): ClassChange | undefined {
  const more = setGriddleCount(w, w.kitchen.griddles.length + 1);
  return more.ok && w.kitchen.griddles.length > 0 ? { change: { kind: 'griddle' }, workshop: more.value } : undefined;
}

function fewerEach(w: Workshop, line: MenuLine): ClassChange | undefined {
  const fewer = setBreadsEach(w, line.bread, line.each - 1);
  return fewer.ok
    ? { change: { kind: 'fewer', bread: line.bread, each: line.each - 1, was: line.each }, workshop: fewer.value }
    : undefined;
}

/** The largest round of which one more fits on some griddle, its dough in proportion to its area. */
function smallerPieces(w: Workshop, line: MenuLine): ClassChange | undefined {
  const bread = breadOf(w, line);
  if (!bread) return undefined;
  const { diameterCm, doughG } = bread.piece;
  const gap = w.kitchen.griddleGapCm;
  const now = w.kitchen.griddles.map((g) => spotsOnGriddle(g, bread, gap));
  // whole and half centimetres, as people roll
  for (let d = Math.floor(diameterCm * 2 - 1) / 2; d >= LEAST_DIAMETER_SHARE * diameterCm; d -= 0.5) {
    const smaller: Bread = {
      ...bread,
      piece: { ...bread.piece, diameterCm: d, doughG: roundHalfUp(doughG * (d / diameterCm) ** 2) },
    };
    const gains = w.kitchen.griddles.some(
      (g, i) => g.spots?.[bread.id] === undefined && spotsOnGriddle(g, smaller, gap) > (now[i] ?? 0),
    );
    if (!gains) continue;
    return {
      change: { kind: 'smaller', bread: bread.id, acrossCm: d, wasCm: diameterCm },
      workshop: { ...w, breads: w.breads.map((b) => (b === bread ? smaller : b)) },
    };
  }
  return undefined;
}

/** The batch steps of a bread up to its last batch rest; none where it has no batch rest. */
export function longestAhead(bread: Bread): readonly Step[] {
  const chain = bread.steps.filter((s) => s.kind !== 'prepare' && s.per === 'batch');
  return chain.slice(0, chain.findLastIndex(isRest) + 1);
}

/** A line with its dough made ahead, and a prep time for it where none fits. */
const withDough = (w: Workshop, line: MenuLine, dough: MenuLine['dough'], ahead: readonly Step[]): Workshop => ({
  ...w,
  menu: w.menu.map((m) => (m === line ? { ...m, dough } : m)),
  prepTimes: [...prepFor(w, ahead)],
});

/** Prep times in which staff can begin such a dough, so that it is ready when the doors open or soon after. */
function prepFor(w: Workshop, ahead: readonly Step[]): Workshop['prepTimes'] {
  const { steps, leastSec, idealSec, mostSec } = methodTimes(ahead, USUAL_BENCH);
  const handsSec = steps.reduce((sum, t) => sum + (isRest(t.step) ? 0 : t.idealSec), 0);
  const isEnough = w.prepTimes.some(({ from, to }) => {
    const [first, last] = [Math.max(elapsedSec(w, from), -mostSec), Math.min(elapsedSec(w, to) - handsSec, -leastSec)];
    return first <= last;
  });
  if (isEnough) return w.prepTimes;
  const minutes = awake(w, leastSec, idealSec, mostSec);
  const long = Math.ceil((handsSec / 60 + PREP_SLACK_MIN) / QUARTER_MIN) * QUARTER_MIN;
  const doors = `${w.date}T${w.doorsOpen}`;
  const added = {
    from: laterDateTime(doors, { minutes: -minutes }),
    to: laterDateTime(doors, { minutes: long - minutes }),
  };
  return [...w.prepTimes, added].sort((a, b) => (a.from < b.from ? -1 : 1));
}

/** Minutes before the doors at which a dough is begun: at its ideal, or in the evening or the morning where that would be night. */
function awake(w: Workshop, leastSec: number, idealSec: number, mostSec: number): number {
  const quarters = (sec: number): number => Math.ceil(sec / 60 / QUARTER_MIN) * QUARTER_MIN;
  const isDay = (minutes: number): boolean => {
    const { hour } = timeOfDay(w, -60 * minutes);
    return hour >= DAY.from && hour < DAY.to;
  };
  const ideal = quarters(idealSec);
  for (let away = 0; ; away += QUARTER_MIN) {
    const [later, earlier] = [ideal - away, ideal + away];
    const canLater = later * 60 >= leastSec;
    const canEarlier = earlier * 60 <= mostSec;
    if (canLater && isDay(later)) return later;
    if (canEarlier && isDay(earlier)) return earlier;
    if (!canLater && !canEarlier) return ideal;
  }
}

/** The class in which staff make a line's dough through the last of these batch steps; by default all of them. */
export function madeAhead(w: Workshop, line: MenuLine, ahead?: readonly Step[]): ClassChange | undefined {
  const bread = breadOf(w, line);
  const steps = ahead ?? (bread ? longestAhead(bread) : []);
  const through = steps.at(-1);
  if (!bread || !through || line.dough.mode !== 'station' || w.kitchen.staff.length === 0) return undefined;
  return {
    change: { kind: 'ahead', bread: bread.id },
    workshop: withDough(w, line, { mode: 'ahead', through: through.id }, steps),
  };
}

function swapped(w: Workshop, line: MenuLine): ClassChange | undefined {
  const bread = breadOf(w, line);
  const ahead = bread ? longestAhead(bread) : [];
  const through = ahead.at(-1);
  const practice = ahead.findLast((s) => !isRest(s));
  if (!bread || !through || !practice || line.dough.mode !== 'station' || w.kitchen.staff.length === 0)
    return undefined;
  return {
    change: { kind: 'swap', bread: bread.id },
    workshop: withDough(w, line, { mode: 'swap', through: through.id, practice: practice.id }, ahead),
  };
}

/** A last batch step that shapes every piece (all first) becomes a step of each piece, done by its owner just before it cooks. */
function asYouGo(w: Workshop, line: MenuLine): ClassChange | undefined {
  const bread = breadOf(w, line);
  const last = bread?.steps.findLast((s) => s.kind !== 'prepare' && s.per === 'batch');
  const isAllFirst =
    last !== undefined && (last.kind === 'roll' || last.kind === 'shape') && last.minutesPerPiece !== undefined;
  const isMothers = line.dough.mode !== 'station' && line.dough.through === last?.id;
  if (!bread || !isAllFirst || isMothers) return undefined;
  const { minutesPerPiece, ...step } = last;
  const own: Step = { ...step, per: 'piece', by: 'owner', minutes: minutesPerPiece };
  const steps = bread.steps.map((s) => (s === last ? own : s));
  return {
    change: { kind: 'as-you-go', bread: bread.id, step: last.kind },
    workshop: { ...w, breads: w.breads.map((b) => (b === bread ? { ...b, steps } : b)) },
  };
}

function warmerProof(w: Workshop): ClassChange | undefined {
  const kinds = new Set(
    w.breads.flatMap((b) => b.steps.flatMap((s) => (isRest(s) && s.q10 !== undefined ? [s.at] : []))),
  );
  const places = w.kitchen.places.map((p) =>
    kinds.has(p.kind) && p.kind === 'warm' && p.tempC < WARMEST_C
      ? { ...p, tempC: Math.min(WARMEST_C, p.tempC + WARMER_C) }
      : p,
  );
  if (places.every((p, i) => p === w.kitchen.places[i])) return undefined;
  return { change: { kind: 'warmer', byC: WARMER_C }, workshop: { ...w, kitchen: { ...w.kitchen, places } } };
}

function staffCook(w: Workshop): ClassChange | undefined {
  const cooks = w.breads.some((b) => b.steps.some((s) => s.kind === 'cook' && s.by !== 'staff'));
  if (!cooks || w.kitchen.staff.length === 0) return undefined;
  const breads = w.breads.map((b) => ({
    ...b,
    steps: b.steps.map((s): Step => (s.kind === 'cook' ? { ...s, by: 'staff' } : s)),
  }));
  return { change: { kind: 'staff-cook' }, workshop: { ...w, breads } };
}

function earlierDoors(w: Workshop): ClassChange | undefined {
  const doorsOpen = shifted(w.doorsOpen, -EARLIER_MIN);
  if (doorsOpen > w.doorsOpen) return undefined; // over midnight
  const prepTimes = w.prepTimes.filter((p) => p.from < `${w.date}T${doorsOpen}`);
  return {
    change: { kind: 'earlier', byMin: EARLIER_MIN },
    workshop: { ...w, doorsOpen, prepTimes },
  };
}

/** Pieces that were to be cooked as they are rolled may be rolled all first. */
function longerWait(w: Workshop): ClassChange | undefined {
  const isShort = (s: Step): s is CookStep =>
    s.kind === 'cook' && s.waitMaxMin !== undefined && s.waitMaxMin < PAPERED_WAIT_MIN;
  if (!w.breads.some((b) => b.steps.some(isShort))) return undefined;
  const breads = w.breads.map((b) => ({
    ...b,
    steps: b.steps.map((s): Step => (isShort(s) ? { ...s, waitMaxMin: PAPERED_WAIT_MIN } : s)),
  }));
  return {
    change: { kind: 'papered', mostMin: PAPERED_WAIT_MIN },
    workshop: { ...w, breads },
  };
}

/** A time of day so many minutes later, within the day and the night around it. */
export function shifted(time: string, minutes: number): string {
  const [h = 0, m = 0] = time.split(':').map(Number);
  const total = (h * 60 + m + minutes + 24 * 60) % (24 * 60);
  return `${String(Math.floor(total / 60)).padStart(2, '0')}:${String(total % 60).padStart(2, '0')}`;
}
