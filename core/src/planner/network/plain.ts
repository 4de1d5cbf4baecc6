import type { Activity, Lag, Problem } from '../search/index.ts';

/** Operations of one job in order, each on one machine for so many seconds. */
export type PlainJob = readonly { readonly machine: number; readonly sec: number }[];

/** A plain problem without bread: a job shop of `jobs` on `machines` machines, every operation a unit of its own. */
export function plainProblem(machines: number, jobs: readonly PlainJob[]): Problem {
  const activities: Activity[] = [];
  const lags: Lag[] = [];
  const finals: Problem['finals'][number][] = [];
  const units: Problem['units'][number][] = [];
  jobs.forEach((job, j) => {
    job.forEach(({ machine, sec }, n) => {
      const index = activities.length;
      activities.push({
        id: `${j + 1}.${n + 1}`,
        modes: [{ durationSec: sec, uses: [{ anyOf: [machine], fromSec: 0, toSec: sec, amount: 1 }] }],
        releaseSec: 0,
        dueSec: Infinity,
        closed: [],
        holds: 0,
        avoids: 0,
        engages: -1,
        takesWatcher: false,
      });
      if (n > 0)
        lags.push({
          from: index - 1,
          to: index,
          fromAt: 'end',
          toAt: 'start',
          minSec: 0,
          idealSec: 0,
          maxSec: Infinity,
        });
      units.push({ activities: [index], role: 'job', group: `job${j + 1}`, family: 'all', number: n, stage: 0 });
    });
    finals.push({ activity: activities.length - 1, holdSec: null, owner: -1 });
  });
  return {
    activities,
    lags,
    fans: [],
    stays: [],
    units,
    resources: Array.from({ length: machines }, (_, m) => ({
      id: `M${m + 1}`,
      kind: 'other',
      capacity: 1,
      closed: [],
      isFire: false,
    })),
    hotplates: [],
    stores: [],
    pauses: [],
    watch: null,
    finals,
    avoidersFirst: true,
  };
}
