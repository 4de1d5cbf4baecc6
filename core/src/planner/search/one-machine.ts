/** A job of a single machine: not before its head, so long on the machine, and so long after it. Seconds. */
export interface OneMachineJob {
  readonly headSec: number;
  readonly workSec: number;
  readonly tailSec: number;
}

/**
 * The finish of the best preemptive schedule of one machine with heads and tails, by Jackson's rule: at any moment the job with the
 * longest tail of those that have come (Carlier 1982: equal to the greatest of min head + work + min tail over all sets of jobs).
 * `jobs` are those in work from the last idle moment before the one that finishes last, and no others of shorter tail.
 */
export function jacksonPreemptive<J extends OneMachineJob>(
  jobs: readonly J[],
): { readonly finishSec: number; readonly jobs: readonly J[] } {
  const byHead = [...jobs].sort((a, b) => a.headSec - b.headSec);
  const open: { job: J; leftSec: number }[] = [];
  // work ahead of a class has heads before its zero
  let now = -Infinity;
  let idleTill = -Infinity;
  let next = 0;
  let finishSec = 0;
  let set: { readonly fromSec: number; readonly tailSec: number } = { fromSec: 0, tailSec: 0 };
  while (next < byHead.length || open.length > 0) {
    if (open.length === 0) {
      now = Math.max(now, byHead[next]?.headSec ?? now);
      idleTill = now;
    }
    for (let job = byHead[next]; job && job.headSec <= now; job = byHead[next]) {
      open.push({ job, leftSec: job.workSec });
      next++;
    }
    const [any] = open;
    if (!any) break;
    const first = open.reduce((a, b) => (b.job.tailSec > a.job.tailSec ? b : a), any);
    const until = Math.min(now + first.leftSec, byHead[next]?.headSec ?? Infinity);
    first.leftSec -= until - now;
    now = until;
    if (first.leftSec > 0) continue;
    open.splice(open.indexOf(first), 1);
    if (now + first.job.tailSec > finishSec) {
      finishSec = now + first.job.tailSec;
      set = { fromSec: idleTill, tailSec: first.job.tailSec };
    }
  }
  return { finishSec, jobs: jobs.filter((j) => j.headSec >= set.fromSec && j.tailSec >= set.tailSec) };
}
