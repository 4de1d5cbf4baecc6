interface Waiting {
  readonly run: () => void;
  readonly giveUp: (error: unknown) => void;
}

/**
 * Lets writes of one document through one after the other, so that a row that somebody holds takes one connection and not the whole pool.
 * Where a write gives up on the lock (`isHeld`), those that wait behind it give up with it: they would wait for the same row.
 */
export function oneAtATime(isHeld: (error: unknown) => boolean) {
  const queues = new Map<string, Waiting[]>();
  return async <T>(key: string, work: () => Promise<T>): Promise<T> => {
    const queue = queues.get(key);
    if (queue) await new Promise<void>((run, giveUp) => queue.push({ run, giveUp }));
    else queues.set(key, []);
    try {
      const done = await work();
      next(queues, key);
      return done;
    } catch (e) {
      if (isHeld(e)) {
        const behind = queues.get(key) ?? [];
        queues.delete(key);
        for (const w of behind) w.giveUp(e);
      } else next(queues, key);
      throw e;
    }
  };
}

function next(queues: Map<string, Waiting[]>, key: string): void {
  const first = queues.get(key)?.shift();
  if (first) first.run();
  else queues.delete(key);
}
