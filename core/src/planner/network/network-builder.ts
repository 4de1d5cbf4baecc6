import { taskId } from '../../ids.ts';
import { type ActiveStep, isFireKind, isRest, type RestStep, type Step } from '../../method/index.ts';
import { secondsOfMinutes } from '../../units/index.ts';
import type { Workshop } from '../../workshop/index.ts';
import type { Activity, Fan, Final, Lag, Problem, Span, Stay, Unit } from '../search/index.ts';
import { isStaffs, type DoughUnit } from './dough-units.ts';
import { modesOf, type KnownSites, type MadeMode, type ModeInfo } from './modes.ts';
import { PlaceChooser, type ChosenPlace } from './places.ts';
import type { Room } from './room.ts';
import { avoidedBits, type AvoidedBits } from './avoided-bits.ts';

/** What an activity of the problem stands for: a step of a unit, a demonstration, or only a moment at which rests meet (null). */
export interface ActivitySource {
  readonly taskId: string;
  readonly unit: DoughUnit | null;
  readonly step: ActiveStep | null;
  readonly demo: { readonly bread: string } | null;
  /** What each of its modes stands for. */
  readonly modes: readonly ModeInfo[];
}

/** A rest of the plan: from the end of one activity to the last start of those that follow. */
export interface RestSource {
  readonly taskId: string;
  readonly unit: DoughUnit;
  readonly step: RestStep;
  readonly place: ChosenPlace;
  readonly from: number;
  readonly followers: number[];
}

/** Where a chain is: its last activity, and a rest that has begun after it. */
export interface ChainEnd {
  readonly activity: number | null;
  readonly rest: RestSource | null;
}

/** A lag with so much between its least and its greatest length is no tie: somebody else's turn fits in between. */
const LOOSE_SEC = 180;

const AT_START: ChainEnd = { activity: null, rest: null };

/** What an activity may be given beside its modes. */
export interface Limits {
  readonly releaseSec: number;
  readonly dueSec: number;
}

/** The problem of a class while it is put together. */
export class NetworkBuilder {
  readonly activities: Activity[] = [];
  readonly sources: ActivitySource[] = [];
  readonly rests: RestSource[] = [];
  readonly lags: Lag[] = [];
  readonly units: Unit[] = [];
  readonly finals: Final[] = [];
  private readonly byTask = new Map<string, number>();
  private readonly sites: KnownSites = new Map();
  private readonly places: PlaceChooser;
  private readonly bits: AvoidedBits;

  constructor(
    readonly workshop: Workshop,
    readonly room: Room,
  ) {
    this.places = new PlaceChooser(workshop);
    this.bits = avoidedBits(workshop);
  }

  /** The activity of a unit's step, if the unit has that step. */
  activityOf(unitId: string, stepId: string): number | undefined {
    return this.byTask.get(taskId(unitId, stepId));
  }

  /** The moment at which a step of a unit begins: its activity, or for a rest what the rest follows. */
  beginningOf(unitId: string, stepId: string): number | undefined {
    return this.activityOf(unitId, stepId) ?? this.rests.find((r) => r.taskId === taskId(unitId, stepId))?.from;
  }

  addActivity(
    source: Omit<ActivitySource, 'modes'>,
    made: readonly MadeMode[],
    limits: Limits,
    more: Partial<Activity> = {},
  ): number {
    const index = this.activities.length;
    this.activities.push({
      id: source.taskId,
      modes: made.map((m) => m.mode),
      ...limits,
      closed: [],
      holds: 0,
      avoids: 0,
      engages: -1,
      takesWatcher: false,
      ...more,
    });
    this.sources.push({ ...source, modes: made.map((m) => m.info) });
    this.byTask.set(source.taskId, index);
    return index;
  }

  addUnit(
    activities: readonly number[],
    role: Unit['role'],
    unit: DoughUnit | null,
    group = unit?.id ?? '',
    stage = 0,
  ): void {
    if (activities.length === 0) return;
    this.units.push({
      stage,
      activities,
      role,
      group,
      family: unit?.line.bread.id ?? '',
      number: unit?.piece?.number ?? 0,
    });
  }

  /** Any order but this: the second starts when the first is over, or later. */
  addOrder(from: number, to: number): void {
    this.lags.push({ from, to, fromAt: 'end', toAt: 'start', minSec: 0, idealSec: 0, maxSec: Infinity });
  }

  /** Adds a step of a unit as an activity; undefined where nobody can do it. */
  addStep(unit: DoughUnit, step: ActiveStep): number | undefined {
    const made = modesOf(this.workshop, this.room, unit, step, this.sites);
    if (made.length === 0) return undefined;
    const { piece, batch } = unit;
    const isPiece = piece !== null && batch !== null && step.kind !== 'prepare';
    return this.addActivity(
      { taskId: taskId(unit.id, step.id), unit, step, demo: null },
      made,
      this.limitsOf(unit, isStaffs(this.workshop, unit, step)),
      isPiece
        ? {
            holds: this.bits.holds(batch, piece),
            avoids: this.bits.avoids(piece),
            engages: isFireKind(step.at) ? this.room.resourceOf('participant', piece.owner ?? '') : -1,
          }
        : {},
    );
  }

  /** Rule R12: participants begin after the welcome, doughs made ahead are done by doors open, those made in class after the welcome. */
  private limitsOf(unit: DoughUnit, isByStaff: boolean): Limits {
    const { welcomeSec, staffFromSec, tableSec } = this.room;
    const { mode } = unit.line.menu.dough;
    const dueSec = unit.kind === 'practice' ? tableSec : Infinity;
    if (unit.kind === 'mother')
      return mode === 'class' ? { releaseSec: welcomeSec, dueSec } : { releaseSec: staffFromSec, dueSec: 0 };
    return { releaseSec: isByStaff ? staffFromSec : welcomeSec, dueSec };
  }

  /**
   * Adds the chain of a unit with the lags between its activities, going on from where the chain before it ends. Where two rests
   * meet, or one begins or ends the chain, a moment without hands lies between (`needsEnd`: the chain ends here for good).
   */
  addChain(unit: DoughUnit, after: ChainEnd = AT_START, needsEnd = false): ChainEnd {
    const list: number[] = [];
    let { activity, rest } = after;
    for (const step of unit.chain) {
      if (isRest(step)) {
        if (rest !== null || activity === null) {
          const moment = this.addMoment(unit, step.id, [rest?.step, step]);
          this.link(activity, rest, moment, undefined);
          list.push(moment);
          activity = moment;
        }
        rest = this.beginRest(unit, step, activity);
        continue;
      }
      const next = this.addStep(unit, step);
      if (next === undefined) continue;
      this.link(activity, rest, next, step);
      list.push(next);
      activity = next;
      rest = null;
    }
    if (needsEnd && rest !== null) {
      const end = this.addMoment(unit, 'end', [rest.step]);
      this.link(activity, rest, end, undefined);
      list.push(end);
      activity = end;
      rest = null;
    }
    this.splitLoosely(list).forEach((part, stage) => {
      this.addUnit(part, unit.piece ? 'job' : 'trunk', unit, unit.batch?.id ?? unit.id, stage);
    });
    return { activity, rest };
  }

  /** A chain in parts that the search may order apart: cut where the next activity may come much later than it must. */
  private splitLoosely(list: readonly number[]): readonly (readonly number[])[] {
    const parts: number[][] = [];
    // the lags of the chain were added last
    const recent = this.lags.slice(-2 * list.length);
    list.forEach((a, i) => {
      const lag = recent.find((l) => l.to === a && l.from === list[i - 1]);
      const isLoose = lag !== undefined && lag.maxSec - lag.minSec >= LOOSE_SEC;
      const last = parts.at(-1);
      if (last && !isLoose) last.push(a);
      else parts.push([a]);
    });
    return parts;
  }

  private beginRest(unit: DoughUnit, step: RestStep, from: number): RestSource {
    const place = this.places.choose(step, unit.storeAmount);
    const rest: RestSource = { taskId: taskId(unit.id, step.id), unit, step, place, from, followers: [] };
    this.rests.push(rest);
    return rest;
  }

  /** A moment between two rests, or at an end of the chain; a fridge is opened only while somebody is there (rule R12). */
  private addMoment(unit: DoughUnit, name: string, rests: readonly (RestStep | undefined)[]): number {
    const isFridge = rests.some((r) => r?.at === 'fridge');
    const closed: readonly Span[] = isFridge ? this.room.nobodyThere : [];
    const info: ModeInfo = { people: [], at: undefined, siteUse: null, carried: [], look: null };
    const { staffFromSec, welcomeSec, tableSec } = this.room;
    const releaseSec = unit.kind === 'station' ? welcomeSec : staffFromSec;
    return this.addActivity(
      { taskId: taskId(unit.id, `.${name}`), unit, step: null, demo: null },
      [{ mode: { durationSec: 0, uses: [] }, info }],
      { releaseSec, dueSec: unit.kind === 'practice' ? tableSec : Infinity },
      { closed },
    );
  }

  /** The lag from where a chain is to its next activity: the window of the rest between, or the longest wait of the step (rule R2). */
  private link(from: number | null, rest: RestSource | null, to: number, step: Step | undefined): void {
    if (from === null) return;
    if (rest !== null) {
      rest.followers.push(to);
      const number = this.rests.indexOf(rest);
      this.lags.push({ from, to, fromAt: 'end', toAt: 'start', ...rest.place.window, rest: number });
      return;
    }
    const waitMaxMin = step && !isRest(step) ? step.waitMaxMin : undefined;
    const maxSec = waitMaxMin === undefined ? Infinity : secondsOfMinutes(waitMaxMin);
    this.lags.push({ from, to, fromAt: 'end', toAt: 'start', minSec: 0, idealSec: 0, maxSec });
  }

  /** The problem so far: windows before several followers become fans, rests become stays. */
  build(): Problem {
    const fans = this.rests.flatMap((r): readonly Fan[] => {
      const { minSec, maxSec } = r.place.window;
      return r.followers.length > 1 ? [{ activities: r.followers, at: 'start', spreadSec: maxSec - minSec }] : [];
    });
    const stays = this.rests.flatMap((r): readonly Stay[] => {
      if (r.place.index < 0 || r.followers.length === 0) return [];
      return [
        {
          store: r.place.index,
          owner: r.unit.storeOwner,
          amount: r.unit.storeAmount,
          before: [r.from],
          after: r.followers,
          minSec: r.place.window.minSec,
        },
      ];
    });
    const { resources, hotplates, stores, pauses, watch } = this.room;
    return {
      activities: this.activities,
      lags: this.lags,
      fans,
      stays,
      units: this.units,
      resources,
      hotplates,
      stores,
      pauses,
      watch,
      finals: this.finals,
      avoidersFirst: true,
    };
  }
}
