import { staysOf, type Plan, type PlanTask, type Workshop } from '@hodsman/core';
import type { Block, Part } from '../block.ts';
import type { Column } from '../lane.ts';
import type { Lanes } from '../lanes.ts';
import { firePlaces } from './fires.ts';
import { handsPlaces } from './hands.ts';
import type { Strands } from './strands.ts';

/** Every task as blocks, that where it is chiefly done first; a task may be drawn in several places at once. */
export function blocksOf(plan: Plan, workshop: Workshop, lanes: Lanes, strands: Strands): readonly Block[] {
  const place = placer(plan, workshop, lanes, strands);
  return plan.tasks.flatMap((task) =>
    place(task).map(
      ({ span, kind, isFolded, fromSec = task.startSec, toSec = task.endSec, shares = [] }, i): Block => ({
        task,
        kind,
        x: span.x,
        width: span.width,
        fromSec,
        toSec,
        isFolded,
        isMain: i === 0,
        shares,
      }),
    ),
  );
}

function placer(plan: Plan, workshop: Workshop, lanes: Lanes, strands: Strands): (task: PlanTask) => readonly Part[] {
  const staff = new Set(workshop.kitchen.staff.map((s) => s.id));
  const mothers = new Set(plan.batches.flatMap((b) => (b.station === null ? [b.id] : [])));
  const fires = firePlaces(lanes);
  const hands = handsPlaces(plan, workshop, lanes, strands);
  const ofStaff = (people: readonly string[], kind: 'hands' | 'staffed', at?: Partial<Part>): readonly Part[] =>
    people.flatMap((p) => {
      const c = lanes.people.get(p);
      return c ? [{ span: c, kind, isFolded: isFolded(lanes, c), ...at }] : [];
    });

  return (task) => {
    const [staffed, others] = [task.people.filter((p) => staff.has(p)), task.people.filter((p) => !staff.has(p))];
    switch (task.kind) {
      case 'welcome':
      case 'break':
        return [...togetherParts(lanes, others), ...ofStaff(staffed, 'staffed')];
      case 'demo':
        return [...togetherParts(lanes, others), ...ofStaff(staffed, 'hands'), ...fires.lies(task)];
      case 'preheat':
        return fires.lies(task);
      case 'rest':
        return strands.rest(task);
      case 'step': {
        const onFire = fires.lies(task);
        if (onFire.length > 0)
          return [
            ...onFire,
            ...hands.away(task, others),
            ...ofStaff(staffed, 'staffed'),
            ...fires.carried(task),
            ...staysOf(task).flatMap((w) =>
              ofStaff(w.by === undefined ? [] : [w.by], 'staffed', { fromSec: w.startSec, toSec: w.endSec }),
            ),
          ];
        if (mothers.has(task.batch ?? '')) return [...strands.work(task, 'hands'), ...ofStaff(staffed, 'staffed')];
        return [...hands.work(task, others), ...ofStaff(staffed, 'hands')];
      }
    }
  };
}

const isFolded = (lanes: Lanes, { lane }: Column): boolean => lanes.byId.get(lane)?.isFolded === true;

/** One part for each run of stations side by side of which somebody takes part. */
export function togetherParts(lanes: Lanes, people: readonly string[]): readonly Part[] {
  const there = new Set(people.flatMap((p) => lanes.people.get(p)?.lane ?? []));
  const parts: Part[] = [];
  let open: { x: number; right: number } | undefined;
  const close = (): void => {
    if (open) parts.push({ kind: 'together', isFolded: false, span: { x: open.x, width: open.right - open.x } });
    open = undefined;
  };
  for (const l of lanes.lanes) {
    if (!there.has(l.id)) {
      if (l.kind === 'station') close();
      continue;
    }
    if (open) open.right = l.x + l.width;
    else open = { x: l.x, right: l.x + l.width };
  }
  close();
  return parts;
}
