import { demoId, taskId } from '../../ids.ts';
import { spotsOnGriddle } from '../../kitchen/index.ts';
import { isRest, type ActiveStep } from '../../method/index.ts';
import { secondsOfMinutes } from '../../units/index.ts';
import { linesOf, servingGriddles, type Workshop } from '../../workshop/index.ts';
import type { Lying } from '../search/index.ts';
import { activitiesOf, type Strand } from './strand.ts';
import type { DoughUnit } from './dough-units.ts';
import { isStaffs } from './dough-units.ts';
import type { NetworkBuilder } from './network-builder.ts';
import type { MadeMode } from './modes.ts';

type Demo = Workshop['demos'][number];

/** Demonstrations: an instructor and all makers of the family (of one station), before any of them starts that step (rule R10). */
export function addDemos(builder: NetworkBuilder, strands: readonly Strand[], practices: readonly DoughUnit[]): void {
  const lines = linesOf(builder.workshop);
  for (const demo of builder.workshop.demos) {
    const line = lines.find((l) => l.bread.id === demo.bread);
    if (!line) continue;
    const kin = strands.filter((s) => s.batch.line.family === line.family);
    const groups = demo.to === 'class' ? [kin] : groupByStation(kin);
    for (const group of groups) {
      if (group.length === 0) continue;
      const station = demo.to === 'class' ? null : (group[0]?.batch.station ?? null);
      const makers = [...new Set(group.flatMap((s) => s.batch.team))];
      const index = builder.addActivity(
        {
          taskId: demoId(demo.bread, demo.before, station?.id ?? null),
          unit: null,
          step: null,
          demo: { bread: demo.bread },
        },
        demoModes(builder, demo, makers, station?.bench),
        { releaseSec: builder.room.welcomeSec, dueSec: Infinity },
        { takesWatcher: true },
      );
      builder.addUnit([index], 'event', null, `demo:${demo.bread}`);
      const shown = demo.pieces > 0 ? strands.find((s) => isShownFrom(s, demo)) : undefined;
      if (shown) waitForDough(builder, shown, demo.before, index);
      const ids = new Set(group.map((s) => s.own.id));
      const learning = practices.filter((p) => p.batch && ids.has(p.batch.id));
      const units = [...group.flatMap((s) => [s.own, ...s.pieces]), ...learning];
      for (const a of activitiesOf(
        builder,
        units.filter((u) => isByMakers(builder.workshop, u, demo.before)),
        demo.before,
      ))
        builder.addOrder(index, a);
    }
  }
}

/** Whether a demonstration takes its pieces out of this dough: of the station that it names, else of the first that has one. */
const isShownFrom = ({ batch }: Strand, demo: Demo): boolean =>
  batch.line.bread.id === demo.bread && (demo.from === undefined || batch.station.id === demo.from);

/** What is shown must be there: the dough has been through its last hands before that step, and has rested its least since (rule R10). */
function waitForDough(builder: NetworkBuilder, { mother, own, batch }: Strand, before: string, demo: number): void {
  let from: number | undefined;
  let restSec = 0;
  for (const step of batch.line.chain) {
    if (step.id === before || step.per === 'piece') break;
    const task: readonly string[] = [own.id, ...(mother ? [mother.id] : [])].map((unit) => taskId(unit, step.id));
    const rest = builder.rests.find((r) => task.includes(r.taskId));
    if (rest) restSec += rest.place.window.minSec;
    const hands = [own, ...(mother ? [mother] : [])]
      .map((u) => builder.activityOf(u.id, step.id))
      .find((a) => a !== undefined);
    if (!isRest(step) && hands !== undefined) [from, restSec] = [hands, 0];
  }
  if (from !== undefined)
    builder.lags.push({
      from,
      to: demo,
      fromAt: 'end',
      toAt: 'start',
      minSec: restSec,
      idealSec: restSec,
      maxSec: Infinity,
    });
}

function groupByStation(strands: readonly Strand[]): readonly (readonly Strand[])[] {
  const stations = [...new Set(strands.map((s) => s.batch.station))];
  return stations.map((station) => strands.filter((s) => s.batch.station === station));
}

/** Staff's own steps need no demonstration. */
function isByMakers(workshop: Workshop, unit: DoughUnit, stepId: string): boolean {
  const step = [...unit.chain, ...unit.prepares].find((s) => s.id === stepId);
  return step !== undefined && !isRest(step) && !isStaffs(workshop, unit, step);
}

/** An instructor each, times the griddles that serve the bread where it is shown at one; a bench is never too full for watching. */
function demoModes(
  builder: NetworkBuilder,
  demo: Demo,
  makers: readonly string[],
  bench: string | undefined,
): readonly MadeMode[] {
  const { workshop, room } = builder;
  const durationSec = secondsOfMinutes(demo.minutes);
  const places: readonly { readonly at: MadeMode['info']['at']; readonly lying?: Lying }[] =
    demo.at === 'griddle'
      ? griddlesFor(workshop, demo).map(({ id, index }) => ({
          at: { kind: 'griddle', id },
          lying: { plate: index, kind: null, owner: '', spots: 1, heats: [], alone: [[0, durationSec]] },
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
          info: { people: [s.id, ...makers], at: place.at, siteUse: null, carried: [], look: null },
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
