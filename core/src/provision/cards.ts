import { thingName } from '../kitchen/index.ts';
import { bowlOf, type Bread, type BowlWater } from '../bread/index.ts';
import { isRest, windowAt, type RestStep } from '../method/index.ts';
import type { Kitchen } from '../kitchen/index.ts';
import type { Plan } from '../plan/index.ts';
import { bowlConditions } from '../planner/index.ts';
import {
  batchesOf,
  careLines,
  linesOf,
  mothersOf,
  practiceIndex,
  practicesOf,
  stationName,
  throughIndex,
  type Batch,
  type Remark,
  type Workshop,
} from '../workshop/index.ts';
import type { ScaledBatch } from '../formula/index.ts';
import { outOfCold, type OutOfCold } from './cold.ts';
import { weighRow, type Weighing, type WeighRow } from './weigh.ts';

/** Where a dough rests, for how long at that place's warmth, and when, once there is a plan. Times in seconds. */
export interface CardRest {
  readonly step: RestStep;
  readonly place: string;
  readonly tempC: number;
  readonly minSec: number;
  readonly idealSec: number;
  readonly maxSec: number;
  readonly fromSec?: number;
  readonly toSec?: number;
}

/** What a mixer carries of a dough, as a share of the most that it takes. */
export interface MixerLoad {
  readonly name: string;
  readonly share: number;
  readonly isTooLittle: boolean;
}

/** What one dough asks for: to weigh, to mix, to rest, to divide. */
export interface DoughCard {
  /** As in the plan file. */
  readonly id: string;
  readonly kind: 'own' | 'mother' | 'share' | 'practice';
  readonly bread: Bread;
  /** The station; null for what staff make ahead. */
  readonly station: string | null;
  readonly title: string;
  readonly people: readonly string[];
  /** What is to be minded with those who get a piece of it: "Sanna: no milk · without butter". */
  readonly care: readonly string[];
  readonly doughG: number;
  readonly flourG: number;
  /** What is weighed for this dough; nothing for a share, which comes out of a mother batch. */
  readonly rows: readonly WeighRow[];
  /** What is used beside the dough. */
  readonly outside: readonly WeighRow[];
  /** Of a share: out of which batch it comes. */
  readonly from?: string;
  /** Of a mother batch: how it is parted. */
  readonly shares: readonly { readonly title: string; readonly doughG: number }[];
  readonly water?: BowlWater;
  readonly mixer?: MixerLoad;
  readonly pieces: number;
  readonly spares: number;
  readonly rests: readonly CardRest[];
  readonly cold?: OutOfCold;
}

/** Everything about one dough that a card needs to know. */
interface Dough {
  readonly id: string;
  readonly kind: DoughCard['kind'];
  readonly share: Batch;
  readonly scaled: ScaledBatch;
  readonly fromStep: number;
  readonly toStep: number;
}

/**
 * The cards of a class: mother batches first, then every station's own dough, share or practice dough in the order of menu and
 * stations. Grams are those of the plan file; times come with a plan.
 */
export function doughCards(
  workshop: Workshop,
  plan: Plan | null,
  how: Weighing,
  remarks: readonly Remark[] = [],
): readonly DoughCard[] {
  const batches = batchesOf(workshop, linesOf(workshop));
  const mothers = mothersOf(workshop, batches);
  const motherOf = new Map(mothers.flatMap((m) => m.shares.map((s) => [s.id, m.id] as const)));
  const names = new Map(workshop.roster.map((p) => [p.id, p.name]));
  const doughs: Dough[] = [
    ...mothers.flatMap((m): Dough[] => {
      const [share] = m.shares;
      return share
        ? [{ id: m.id, kind: 'mother', share, scaled: m.scaled, fromStep: 0, toStep: throughIndex(m.line) }]
        : [];
    }),
    ...batches.map((share): Dough => ({
      id: share.id,
      kind: motherOf.has(share.id) ? 'share' : 'own',
      share,
      scaled: share.scaled,
      fromStep: throughIndex(share.line) + 1,
      toStep: share.line.chain.length - 1,
    })),
    ...practicesOf(batches).map(({ id, share }): Dough => ({
      id,
      kind: 'practice',
      share,
      scaled: { ...share.scaled, ingredients: share.scaled.ingredients.filter((i) => i.use === 'dough') },
      fromStep: 0,
      toStep: practiceIndex(share.line),
    })),
  ];
  return doughs.map((dough): DoughCard => {
    const { id, kind, share, scaled } = dough;
    const { line, station } = share;
    const alike = doughs.filter(
      (d) => d.kind === kind && d.share.line === line && d.share.pieces.length === share.pieces.length,
    ).length;
    const rows = scaled.ingredients.flatMap((s, n) => {
      const ingredient = line.bread.ingredients[n];
      // what no bread of this dough carries is not weighed for it
      return ingredient && (s.g > 0 || s.use === 'dough') ? [weighRow(ingredient, s, how, alike)] : [];
    });
    const mother = mothers.find((m) => m.id === id);
    const mixer = kind === 'share' || kind === 'practice' ? undefined : mixerLoad(workshop.kitchen, plan, dough);
    const conditions = bowlConditions(workshop.kitchen, line.bread, line.menu.mixer && kind !== 'practice');
    const water = kind === 'share' ? undefined : bowlOf(line.bread, scaled.flourG, conditions);
    const cold = plan && kind !== 'mother' && kind !== 'practice' ? coldOf(workshop, plan, share, motherOf) : undefined;
    const from = motherOf.get(share.id);
    return {
      id,
      kind,
      bread: line.bread,
      station: kind === 'mother' ? null : station.id,
      title: kind === 'mother' ? motherTitle(id) : stationName(station),
      people: kind === 'mother' ? [] : share.team.map((p) => names.get(p) ?? p),
      care: careLines(
        workshop,
        remarks,
        (mother?.shares ?? [share]).flatMap((b) => b.team),
        line.bread.id,
      ),
      doughG: scaled.doughG,
      flourG: scaled.flourG,
      rows: kind === 'share' ? [] : waterFirst(rows.filter((r) => r.use === 'dough')),
      // what is used beside the dough is weighed where it is used
      outside: kind === 'mother' ? [] : rows.filter((r) => r.use !== 'dough'),
      ...(kind === 'share' && from !== undefined && { from: motherTitle(from) }),
      shares: mother?.shares.map((s) => ({ title: stationName(s.station), doughG: s.scaled.doughG })) ?? [],
      ...(water && { water }),
      ...(mixer && { mixer }),
      pieces: kind === 'mother' || kind === 'practice' ? 0 : share.pieces.length,
      spares: kind === 'mother' || kind === 'practice' ? 0 : share.pieces.filter((p) => p.owner === null).length,
      rests: restsOf(workshop, plan, dough),
      ...(cold && { cold }),
    };
  });
}

/** `b1@ahead2` as "Staff, dough 2". */
const motherTitle = (id: string): string => `Staff, dough ${id.replace(/^.*@ahead/, '')}`;

/** Water comes first on a card: the flour goes into it, and the kept-back share is seen before anything is poured. */
function waterFirst(rows: readonly WeighRow[]): readonly WeighRow[] {
  return [...rows.filter((r) => r.keptBack !== undefined), ...rows.filter((r) => r.keptBack === undefined)];
}

function coldOf(
  workshop: Workshop,
  plan: Plan,
  share: Batch,
  motherOf: ReadonlyMap<string, string>,
): OutOfCold | undefined {
  return outOfCold(workshop, plan, share, motherOf.get(share.id) ?? null);
}

/** The load of the mixer that the plan takes, else of the first that carries the dough. */
function mixerLoad(kitchen: Kitchen, plan: Plan | null, { id, share, scaled }: Dough): MixerLoad | undefined {
  if (!share.line.menu.mixer || !share.line.chain.some((s) => !isRest(s) && s.mixerMinutes !== undefined))
    return undefined;
  const planned = plan?.tasks.find((t) => t.batch === id && t.at?.kind === 'mixer')?.at?.id;
  const mixer =
    kitchen.mixers.find((m) => m.id === planned) ??
    kitchen.mixers.find((m) => m.maxDoughG >= scaled.doughG) ??
    kitchen.mixers[0];
  if (!mixer) return undefined;
  return {
    name: thingName(kitchen, mixer.id),
    share: scaled.doughG / mixer.maxDoughG,
    isTooLittle: scaled.doughG < (mixer.minDoughG ?? 0),
  };
}

/** The rests of a dough before it falls into pieces, each at the place where the plan lays it, else at one of its kind. */
function restsOf({ kitchen }: Workshop, plan: Plan | null, dough: Dough): readonly CardRest[] {
  const { chain } = dough.share.line;
  return chain.slice(dough.fromStep, dough.toStep + 1).flatMap((step): CardRest[] => {
    if (!isRest(step) || step.per !== 'batch') return [];
    const task = plan?.tasks.find((t) => t.batch === dough.id && t.step === step.id);
    const place = kitchen.places.find((p) => p.id === task?.at?.id) ?? kitchen.places.find((p) => p.kind === step.at);
    const tempC = place?.tempC ?? kitchen.roomC;
    return [
      {
        step,
        place: place?.name ?? place?.id ?? step.at,
        tempC,
        ...windowAt(step, tempC),
        ...(task && { fromSec: task.startSec, toSec: task.endSec }),
      },
    ];
  });
}
