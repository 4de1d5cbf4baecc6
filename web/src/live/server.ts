import type { Answered, LiveServer } from './live-class.ts';

const pathOf = (classId: string): string => `/api/classes/${encodeURIComponent(classId)}/events`;

const AGAIN_MS = 2000;
/** The server tells its time every ten seconds; a line that has been silent for three of them is taken for dead. */
const SILENT_MS = 31_000;

/** The server over HTTP: taps are posted, the log is followed as server-sent events. */
export const httpServer: LiveServer = {
  async send(classId, events, signal) {
    const answer = await fetch(pathOf(classId), {
      method: 'POST',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify(events),
      signal,
    });
    if (!answer.ok) throw new Error(`the server answered ${answer.status}`);
    return (await answer.json()) as Answered;
  },
  follow(classId, after, hear) {
    let seq = after;
    let source: EventSource | undefined;
    let timer: ReturnType<typeof setTimeout> | undefined;
    const openAfter = (ms: number): void => {
      clearTimeout(timer);
      timer = setTimeout(() => {
        source?.close();
        hear.line(false);
        open();
      }, ms);
    };
    const open = (): void => {
      const line = new EventSource(`${pathOf(classId)}/stream?after=${seq}`);
      source = line;
      const heard = (): void => openAfter(SILENT_MS);
      line.onopen = () => {
        heard();
        hear.line(true);
      };
      line.onerror = () => {
        hear.line(false);
        // a browser takes up a broken line by itself, but never one that was once answered with an error
        if (line.readyState === EventSource.CLOSED) openAfter(AGAIN_MS);
      };
      line.onmessage = (e: MessageEvent<string>) => {
        heard();
        seq = Number(e.lastEventId);
        hear.event(JSON.parse(e.data));
      };
      line.addEventListener('time', (e: MessageEvent<string>) => {
        heard();
        hear.time(Number(e.data));
      });
      heard();
    };
    open();
    return () => {
      clearTimeout(timer);
      source?.close();
    };
  },
};
