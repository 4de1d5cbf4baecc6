import type { PlanTask } from '../../plan/index.ts';
import type { Mode, Placement } from '../search/index.ts';
import type { Network } from './build-network.ts';
import type { ModeInfo } from './modes.ts';

/** An activity as tasks of a plan have it: its mode as it was truly done, what that stands for, and its placement in that mode. */
export interface Placed {
  readonly activity: number;
  readonly mode: Mode;
  readonly info: ModeInfo;
  /** Number of the mode among the activity's own; −1 where it was done in none of these ways. */
  readonly ownMode: number;
  readonly placement: Omit<Placement, 'mode'>;
}

/** Finds the activities of tasks. Moments between rests are read off the rests. Tasks that the class does not ask for are left out. */
export function placedIn(network: Network, tasks: readonly PlanTask[]): readonly Placed[] {
  const byId = new Map(tasks.map((t) => [t.id, t]));
  return network.sources.flatMap((source, activity) => {
    const task = byId.get(source.taskId) ?? momentTask(network, activity, byId);
    return task ? [placedAs(network, activity, task)] : [];
  });
}

/** A moment between two rests lies where the second begins, or where the last ends. */
function momentTask(network: Network, activity: number, byId: ReadonlyMap<string, PlanTask>): PlanTask | undefined {
  if (network.sources[activity]?.modes[0]?.at !== undefined || network.sources[activity]?.step) return undefined;
  const begun = network.rests.find((r) => r.from === activity);
  const ended = network.rests.find((r) => r.followers.includes(activity));
  const starts = begun && byId.get(begun.taskId);
  if (starts) return { ...starts, endSec: starts.startSec };
  const ends = ended && begun === undefined ? byId.get(ended.taskId) : undefined;
  return ends && { ...ends, startSec: ends.endSec };
}

function placedAs(network: Network, activity: number, task: PlanTask): Placed {
  const { problem, sources } = network;
  const modes = problem.activities[activity]?.modes ?? [];
  const infos = sources[activity]?.modes ?? [];
  const ownMode = infos.findIndex((info) => isDoneSo(info, task));
  const near =
    ownMode >= 0
      ? ownMode
      : Math.max(
          0,
          infos.findIndex((info) => isAtSame(info, task)),
        );
  const mode = modes[near] ?? { durationSec: 0, uses: [] };
  const info = infos[near] ?? { people: [], at: undefined, siteUse: null, carried: [], look: null };
  const durationSec = task.endSec - task.startSec;
  const own = task.kind === 'step' ? task : undefined;
  const idOf = (use: number): number => mode.uses[use]?.anyOf[0] ?? -1;
  const pick = (use: number, id: string | undefined): number =>
    mode.uses[use]?.anyOf.find((r) => problem.resources[r]?.id === id) ?? idOf(use);
  const picks = mode.uses.map((_, use) => {
    if (use === info.siteUse) return pick(use, task.at?.id);
    if (use === info.look?.use) return pick(use, own?.look?.by);
    const carried = info.carried.findIndex((c) => c.fireUse === use || c.staffUse === use);
    if (carried < 0) return idOf(use);
    return pick(use, info.carried[carried]?.fireUse === use ? own?.with?.[carried]?.id : own?.with?.[carried]?.by);
  });
  return {
    activity,
    mode: { ...mode, durationSec, uses: mode.uses.map((u) => stretched(u, mode.durationSec, durationSec)) },
    info: ownMode >= 0 ? info : { ...info, people: task.people },
    ownMode,
    placement: { startSec: task.startSec, endSec: task.endSec, spot: task.at?.spot ?? 0, picks },
  };
}

const isAtSame = (info: ModeInfo, task: PlanTask): boolean =>
  info.siteUse !== null || info.at?.id === undefined || info.at.id === task.at?.id;

const isDoneSo = (info: ModeInfo, task: PlanTask): boolean =>
  isAtSame(info, task) &&
  info.people.length === task.people.length &&
  info.people.every((p) => task.people.includes(p));

/** What takes something to its end takes it to its true end. */
function stretched(use: Mode['uses'][number], planned: number, truly: number): Mode['uses'][number] {
  const toSec = use.toSec === planned ? truly : Math.min(use.toSec, truly);
  return { ...use, fromSec: Math.min(use.fromSec, toSec), toSec };
}
