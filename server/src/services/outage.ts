import type { Logger } from 'pino';

/** Tells the log of an outage once when it begins and once when it is over, however many requests meet it. */
export interface Outages {
  begin(what: string, error: unknown): void;
  end(what: string): void;
}

export function outages(logger: Logger): Outages {
  const open = new Map<string, number>();
  return {
    begin(what, error) {
      const times = (open.get(what) ?? 0) + 1;
      open.set(what, times);
      if (times === 1) logger.error({ why: error instanceof Error ? error.message : String(error) }, `${what}: begins`);
    },
    end(what) {
      const times = open.get(what);
      if (times === undefined) return;
      open.delete(what);
      logger.warn({ requests: times }, `${what}: over`);
    },
  };
}
