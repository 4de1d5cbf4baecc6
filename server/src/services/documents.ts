import { randomUUID } from 'node:crypto';
import {
  currentForm,
  DOCUMENT_KINDS,
  documentSummary,
  documentTitle,
  openDocument,
  readJson,
  type DocumentBodies,
  type DocumentKind,
  type Result,
} from '@hodsman/core';
import type { Content, DocumentRecord, DocumentRepository } from '../db/repositories/documents.ts';
import { Problem, refusal, sentFaults } from './problem.ts';

/** A document as it is answered: its body read by the core, or why it cannot be read with its text as it lies there. */
export interface AnsweredDocument {
  readonly id: string;
  readonly kind: DocumentKind;
  readonly version: number;
  readonly title: string;
  readonly updatedAt: string;
  readonly body: unknown;
  readonly unreadable?: ReturnType<typeof sentFaults> & { readonly text: string };
}

/** A document that came in, read by the core: what is written of it. Throws the refusal with its faults. */
export function readContent(kind: DocumentKind, value: unknown): Content {
  const read = openDocument(kind, value);
  if (!read.ok) throw refusal(read.faults);
  return contentOf(kind, read.value);
}

function contentOf<K extends DocumentKind>(kind: K, body: Parameters<typeof documentTitle<K>>[1]): Content {
  return {
    title: documentTitle(kind, body),
    form: currentForm(kind),
    summary: documentSummary(kind, body),
    body,
  };
}

/** What was stored, parsed, carried over and validated. */
export function opened<K extends DocumentKind>({
  kind,
  form,
  body,
}: Pick<DocumentRecord, 'form' | 'body'> & { readonly kind: K }): Result<DocumentBodies[K]> {
  const json = readJson(body);
  return json.ok ? openDocument(kind, json.value, form) : json;
}

/** A stored document as it is answered; one that cannot be read is answered too, so that it can be exported and removed. */
export function answered(record: DocumentRecord): AnsweredDocument {
  const { id, kind, version, title, updatedAt } = record;
  const read = opened(record);
  const head = { id, kind, version, title, updatedAt };
  return read.ok
    ? { ...head, body: read.value }
    : { ...head, body: null, unreadable: { ...sentFaults(read.faults), text: record.body } };
}

/** A body of an earlier version as today's form has it; refused in words where it cannot be read any more. */
export function answeredVersion(
  kind: DocumentKind,
  version: { readonly form: number; readonly body: string },
): unknown {
  const read = opened({ kind, ...version });
  if (!read.ok) throw new Problem(422, 'refused', 'this state cannot be read any more', sentFaults(read.faults));
  return read.value;
}

const AT_ONCE = 50;
const KEEP_REMOVED_MS = 30 * 24 * 3600 * 1000;

/** Brings stored documents of earlier forms into today's, and gives each what lists show; those that cannot be read are marked. */
export async function carryOver(documents: DocumentRepository): Promise<void> {
  for (const kind of DOCUMENT_KINDS) {
    for (let after = ''; ;) {
      const rows = await documents.outdated(kind, currentForm(kind), AT_ONCE, after);
      for (const row of rows) {
        const read = opened(row);
        await documents.carryOver(row, read.ok ? contentOf(kind, read.value as never) : null);
      }
      const last = rows.at(-1);
      if (!last || rows.length < AT_ONCE) break;
      after = last.id;
    }
  }
}

/** Ends for good what was removed long ago, and thins earlier states; meant to run at each start and once a day. */
export async function tidy(documents: DocumentRepository, nowMs: number): Promise<void> {
  await documents.forget(new Date(nowMs - KEEP_REMOVED_MS));
  for (const id of await documents.ids()) await documents.thin(id, nowMs);
}

/** The client's own name of a write; made here for those who have none. */
export const saveIdOf = (key: string | undefined): string => {
  if (key === undefined) return randomUUID();
  if (!/^[A-Za-z0-9_-]{8,64}$/.test(key))
    throw new Problem(400, 'bad-request', 'an Idempotency-Key has 8 to 64 letters, digits, _ and -');
  return key;
};
