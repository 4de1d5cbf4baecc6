import { Worker } from 'node:worker_threads';
import type { MakeCalendar } from './calendar-feeds.ts';

/** A class that takes longer is given up: whoever fetches has gone by then. */
const PATIENCE_MS = 120_000;
/** Built into one file, all of the server lies beside the worker; while developing, it is one folder up. */
const FILE = import.meta.url.endsWith('.ts')
  ? new URL('../calendar-worker.ts', import.meta.url)
  : new URL('./calendar-worker.js', import.meta.url);

/** Makes a calendar in a thread of its own, so that taps are answered meanwhile. */
export const calendarInWorker: MakeCalendar = (of) =>
  new Promise((resolve, reject) => {
    const worker = new Worker(FILE, { workerData: of });
    const giveUp = setTimeout(() => void worker.terminate(), PATIENCE_MS);
    worker.once('message', resolve);
    worker.once('error', reject);
    worker.once('exit', () => {
      clearTimeout(giveUp);
      // without effect where the calendar has come
      reject(new Error('the calendar was not made'));
    });
  });
