import { spotsOnGriddle } from '../../kitchen/index.ts';
import { isRest, type ActiveStep } from '../../method/index.ts';
import { secondsOfMinutes } from '../../units/index.ts';
import { linesOf, servingGriddles, type Workshop } from '../../workshop/index.ts';
import type { Lying } from '../search/index.ts';
import { activitiesOf, type Strand } from './build-network.ts';
import type { DoughUnit } from './dough-units.ts';
import { isStaffs } from './dough-units.ts';
import type { Draft } from './draft.ts';
import type { MadeMode } from './modes.ts';

type Demo = Workshop['demos'][number];

/** Demonstrations: an instructor and all makers of the family (of one station), before any of them starts that step (rule R10). */
export function addDemos(draft: Draft, strands: readonly Strand[], practices: readonly DoughUnit[]): void {
  const lines = linesOf(draft.workshop);
  for (const demo of draft.workshop.demos) {
    const line = lines.find((l) => l.bread.id === demo.bread);
    if (!line) continue;
    const kin = strands.filter((s) => s.batch.line.family === line.family);
    const groups = demo.to === 'class' ? [kin] : groupByStation(kin);
    for (const group of groups) {
      if (group.length === 0) continue;
      const station = demo.to === 'class' ? null : (group[0]?.batch.station ?? null);
      const makers = [...new Set(group.flatMap((s) => s.batch.team))];
      const suffix = station === null ? '' : `:${station.id}`;
      const index = draft.addActivity(
        { taskId: `demo:${demo.bread}:${demo.before}${suffix}`, unit: null, step: null, demo: { bread: demo.bread } },
        demoModes(draft, demo, makers, station?.bench),
        { releaseSec: draft.room.welcomeSec, dueSec: Infinity },
        { takesWatcher: true },
      );
      draft.addUnit([index], 'event', null, `demo:${demo.bread}`);
      const ids = new Set(group.map((s) => s.own.id));
      const learning = practices.filter((p) => ids.has(p.batch?.id ?? ''));
      const units = [...group.flatMap((s) => [s.own, ...s.pieces]), ...learning];
      for (const a of activitiesOf(
        draft,
        units.filter((u) => isByMakers(u, demo.before)),
        demo.before,
      ))
        draft.addOrder(index, a);
    }
  }
}

function groupByStation(strands: readonly Strand[]): readonly (readonly Strand[])[] {
  const stations = [...new Set(strands.map((s) => s.batch.station))];
  return stations.map((station) => strands.filter((s) => s.batch.station === station));
}

/** Staff's own steps need no demonstration. */
function isByMakers(unit: DoughUnit, stepId: string): boolean {
  const step = [...unit.chain, ...unit.prepares].find((s) => s.id === stepId);
  return step !== undefined && !isRest(step) && !isStaffs(unit, step);
}

/** An instructor each, times the griddles that serve the bread where it is shown at one; a bench is never too full for watching. */
function demoModes(
  draft: Draft,
  demo: Demo,
  makers: readonly string[],
  bench: string | undefined,
): readonly MadeMode[] {
  const { workshop, room } = draft;
  const durationSec = secondsOfMinutes(demo.minutes);
  const places: readonly { readonly at: MadeMode['info']['at']; readonly lying?: Lying }[] =
    demo.at === 'griddle'
      ? griddlesFor(workshop, demo).map(({ id, index }) => ({
          at: { kind: 'griddle', id },
          lying: { plate: index, kind: null, spots: 1, heats: [], alone: [[0, durationSec]] },
        }))
      : [{ at: { kind: 'bench', id: bench ?? workshop.kitchen.benches[0]?.id ?? '' } }];
  return workshop.kitchen.staff
    .filter((s) => s.role === 'instructor')
    .flatMap((s) =>
      places.map((place): MadeMode => {
        const crew = [room.resourceOf('staff', s.id), ...makers.map((p) => room.resourceOf('participant', p))];
        const uses = crew.map((r) => ({ anyOf: [r], fromSec: 0, toSec: durationSec, amount: 1 }));
        return {
          mode: { durationSec, uses, ...(place.lying ? { lying: place.lying } : {}) },
          info: { people: [s.id, ...makers], at: place.at, siteUse: null, carried: [] },
        };
      }),
    );
}

function griddlesFor(workshop: Workshop, demo: Demo): readonly { readonly id: string; readonly index: number }[] {
  const { kitchen } = workshop;
  const bread = workshop.breads.find((b) => b.id === demo.bread);
  const cooks = (bread?.steps ?? []).filter((s): s is ActiveStep => s.kind === 'cook' && s.at === 'griddle');
  return kitchen.griddles.flatMap((g, index) => {
    const serves = cooks.some((c) => bread && servingGriddles(kitchen, bread, c, null).includes(g));
    return serves && bread && spotsOnGriddle(g, bread, kitchen.griddleGapCm) > 0 ? [{ id: g.id, index }] : [];
  });
}
