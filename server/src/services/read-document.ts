import { readBread, readClassRecord, readKitchen, readPantry, type Result } from '@hodsman/core';
import type { DocumentKind } from '../db/models/document.ts';

/** A document as the core reads it, and the title under which it is listed. */
export interface ReadDocument {
  readonly title: string;
  readonly body: unknown;
}

/** Validates a document by the core's schemas; defaults are filled in. */
export function readDocument(kind: DocumentKind, body: unknown): Result<ReadDocument> {
  const titled = <T>(result: Result<T>, title: (value: T) => string): Result<ReadDocument> =>
    result.ok ? { ok: true, value: { title: title(result.value), body: result.value } } : result;
  switch (kind) {
    case 'bread':
      return titled(readBread(body), (b) => b.name);
    case 'kitchen':
      return titled(readKitchen(body), (k) => k.name);
    case 'class':
      return titled(readClassRecord(body), (c) => c.workshop.title);
    case 'pantry':
      return titled(readPantry(body), (p) => p.name);
  }
}
