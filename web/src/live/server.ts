import type { Answered, LiveServer } from './live-class.ts';

const pathOf = (classId: string): string => `/api/classes/${encodeURIComponent(classId)}/events`;

/** The server over HTTP: taps are posted, the log is followed as server-sent events, which the browser takes up again by itself. */
export const httpServer: LiveServer = {
  async send(classId, events) {
    const answer = await fetch(pathOf(classId), {
      method: 'POST',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify(events),
    });
    if (!answer.ok) throw new Error(`the server answered ${answer.status}`);
    return (await answer.json()) as Answered;
  },
  follow(classId, after, hear) {
    const source = new EventSource(`${pathOf(classId)}/stream?after=${after}`);
    source.onopen = () => hear.line(true);
    source.onerror = () => hear.line(false);
    source.onmessage = (e: MessageEvent<string>) => hear.event(JSON.parse(e.data));
    source.addEventListener('time', (e: MessageEvent<string>) => hear.time(Number(e.data)));
    return () => source.close();
  },
};
