import { randomUUID } from 'node:crypto';
import demoClass from '../../../demo/class.json' with { type: 'json' };
import { pause } from './installation.ts';

/** What came of a run of clients. */
export interface Tally {
  acknowledged: number;
  /** Saves that were acknowledged and are not in the history of their document as they were. */
  lost: number;
  /** Conflicts in which nobody but the client itself had saved. */
  falseConflicts: number;
  /** Answers of 5xx while nothing was wrong, and 500 at any time. */
  withoutCause: number;
  /** Answers of 5xx in all. */
  troubled: number;
}
export const tally = (): Tally => ({ acknowledged: 0, lost: 0, falseConflicts: 0, withoutCause: 0, troubled: 0 });

const json = (body: unknown, key: string): RequestInit => ({
  headers: { 'content-type': 'application/json', 'Idempotency-Key': key },
  body: JSON.stringify(body),
});
const bodyOf = (title: string): object => ({ workshop: { ...demoClass, title }, notes: {} });
const PATIENCE_MS = 12_000;

interface Answer {
  readonly status: number;
  readonly body: { readonly version: number; readonly title: string; readonly current?: { readonly title: string } };
}

/** One request; status 0 where there was no answer. */
async function ask(url: string, init: RequestInit): Promise<Answer> {
  try {
    const answer = await fetch(url, { ...init, signal: AbortSignal.timeout(PATIENCE_MS) });
    return { status: answer.status, body: (await answer.json()) as Answer['body'] };
  } catch {
    return { status: 0, body: { version: 0, title: '' } };
  }
}

/** Somebody who changes a document of their own over and over, as the page does: a save without an answer is sent again as the same. */
export class Client {
  private version = 1;
  private readonly acknowledged = new Map<number, string>();
  private saved = 0;
  constructor(
    readonly id: string,
    private readonly name: string,
    private readonly count: Tally,
    private readonly isTrouble: () => boolean,
  ) {}

  static async make(url: string, name: string, count: Tally, isTrouble: () => boolean): Promise<Client> {
    for (;;) {
      const made = await fetch(`${url}/documents/class`, {
        method: 'POST',
        ...json(bodyOf(`${name} 0`), randomUUID()),
      });
      if (made.status === 201) return new Client(((await made.json()) as { id: string }).id, name, count, isTrouble);
      await pause(50);
    }
  }

  /** Saves once, however long that takes; `urls` are tried in turn. */
  async save(urls: readonly string[]): Promise<void> {
    const title = `${this.name} ${++this.saved}`;
    const save = { method: 'PUT', ...json({ version: this.version, body: bodyOf(title) }, randomUUID()) };
    for (let tries = 0; ; tries++) {
      const wasTrouble = this.isTrouble();
      const url = urls[tries % urls.length] ?? '';
      const { status, body } = await ask(`${url}/documents/class/${this.id}`, save);
      if (status === 200) {
        this.version = body.version;
        this.acknowledged.set(body.version, title);
        this.count.acknowledged++;
        return;
      }
      if (status === 409) {
        this.count.falseConflicts++;
        this.version = (body.current as { version?: number } | undefined)?.version ?? this.version;
        return;
      }
      if (status >= 500) {
        this.count.troubled++;
        if (status === 500 || !(wasTrouble || this.isTrouble())) this.count.withoutCause++;
      }
      await pause(100);
    }
  }

  /** Counts what was acknowledged and is not there any more as it was. */
  async review(url: string): Promise<void> {
    const { versions } = (await (await fetch(`${url}/documents/class/${this.id}/versions`)).json()) as {
      versions: { version: number; title: string }[];
    };
    const stored = new Map(versions.map((v) => [v.version, v.title]));
    for (const [version, title] of this.acknowledged) if (stored.get(version) !== title) this.count.lost++;
  }
}

/** Lets clients save without a pause until asked to stop. */
export function keepSaving(clients: readonly Client[], urls: readonly string[]): { stop: () => Promise<void> } {
  let isOver = false;
  const runs = clients.map(async (c) => {
    while (!isOver) await c.save(urls);
  });
  return {
    stop: async () => {
      isOver = true;
      await Promise.all(runs);
    },
  };
}

export { bodyOf, json };
