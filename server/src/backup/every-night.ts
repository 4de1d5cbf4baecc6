/** It is looked at the clock so often: a server that is started within the hour misses no night. */
const LOOK_EVERY_MS = 10 * 60 * 1000;

/**
 * Does something once in every night, in the hour that is named by the clock of this machine; gives the way to end it. `work` says whether
 * it was done: where not (no room on the disk, say), it is asked again while the hour lasts.
 */
export function everyNight(hour: number, work: () => Promise<boolean>): () => void {
  let doneOn = '';
  let isAtWork = false;
  const look = async (): Promise<void> => {
    const now = new Date();
    const day = now.toDateString();
    if (now.getHours() !== hour || day === doneOn || isAtWork) return;
    isAtWork = true;
    try {
      if (await work()) doneOn = day;
    } finally {
      isAtWork = false;
    }
  };
  const timer = setInterval(() => void look(), LOOK_EVERY_MS).unref();
  return () => clearInterval(timer);
}
