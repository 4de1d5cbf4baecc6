import type { Plan } from '../plan/index.ts';
import { clockText, counted, durationText } from '../units/index.ts';
import { namesOf } from '../words/index.ts';
import type { Workshop } from '../workshop/index.ts';
import type { Followed } from './around.ts';
import { fireTurns } from './fires.ts';
import { idleGaps } from './idle.ts';
import { pieceRuns, type PieceRun } from './pieces.ts';

/**
 * Somebody or something that is followed, in one line: "Ottilie: 3 breads, first 11:15, last 11:40, free 31 min, longest 9 min". Free time
 * is counted as goal `steady` counts it.
 */
export function followedWords(workshop: Workshop, plan: Plan, { kind, id }: Followed): string {
  const names = namesOf(workshop);
  const runs = pieceRuns(workshop, plan);
  const said = (name: string, clauses: readonly string[]): string => `${name}: ${clauses.join(', ')}`;
  switch (kind) {
    case 'person': {
      const own = plan.tasks.filter((t) => t.people.includes(id));
      const isStaff = workshop.kitchen.staff.some((s) => s.id === id);
      if (isStaff) return said(names.person(id), [counted(own.length, 'task', 'tasks'), ...spanWords(workshop, own)]);
      return said(names.person(id), [
        ...breadWords(
          workshop,
          runs.filter((r) => r.owner === id),
        ),
        ...freeWords(workshop, plan, id),
      ]);
    }
    case 'bread': {
      const stations = new Set(plan.batches.flatMap((b) => (b.bread === id && b.station !== null ? [b.station] : [])));
      const made = runs.filter((r) => r.bread === id);
      return said(names.bread(id), [
        ...breadWords(workshop, made),
        `at ${counted(stations.size, 'station', 'stations')}`,
      ]);
    }
    case 'griddle': {
      const fire = fireTurns(workshop, plan).find((f) => f.id === id);
      const lying = fire?.spots.flat() ?? [];
      const busy = fire ? [`busy ${durationText(fire.busySec)}`] : [];
      return said(names.griddle(id), [counted(lying.length, 'turn', 'turns'), ...spanWords(workshop, lying), ...busy]);
    }
    case 'station': {
      const members = workshop.stations.find((s) => s.id === id)?.members ?? [];
      const made = runs.filter((r) => members.includes(r.owner));
      return said(names.station(id), [names.people(members), ...breadWords(workshop, made)]);
    }
  }
}

function breadWords(workshop: Workshop, runs: readonly PieceRun[]): readonly string[] {
  if (runs.length === 0) return ['no bread'];
  const done = runs.map((r) => r.doneSec);
  const first = clockText(workshop, Math.min(...done));
  const last = clockText(workshop, Math.max(...done));
  return [counted(runs.length, 'bread', 'breads'), ...(runs.length > 1 ? [`first ${first}`, `last ${last}`] : [first])];
}

function freeWords(workshop: Workshop, plan: Plan, person: string): readonly string[] {
  const gaps = idleGaps(workshop, plan)
    .filter((g) => g.person === person)
    .map((g) => g.toSec - g.fromSec);
  if (gaps.length === 0) return ['never free'];
  const all = durationText(gaps.reduce((a, b) => a + b, 0));
  return [`free ${all}`, ...(gaps.length > 1 ? [`longest ${durationText(Math.max(...gaps))}`] : [])];
}

function spanWords(workshop: Workshop, tasks: Plan['tasks']): readonly string[] {
  if (tasks.length === 0) return [];
  const from = Math.min(...tasks.map((t) => t.startSec));
  return [`${clockText(workshop, from)}–${clockText(workshop, Math.max(...tasks.map((t) => t.endSec)))}`];
}
