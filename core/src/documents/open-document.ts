import { failure, fault, type Result } from '../faults/index.ts';
import { BREAD } from './bread.ts';
import { CLASS } from './class.ts';
import { KITCHEN } from './kitchen.ts';
import type { DocumentBodies, DocumentKind } from './kinds.ts';
import type { StoredKind } from './stored-kind.ts';
import { PANTRY } from './pantry.ts';

const KINDS: { readonly [K in DocumentKind]: StoredKind<DocumentBodies[K]> } = {
  bread: BREAD,
  kitchen: KITCHEN,
  class: CLASS,
  pantry: PANTRY,
};

/** The form in which documents of a kind are stored today; from 1. */
export function currentForm(kind: DocumentKind): number {
  return KINDS[kind].migrations.length + 1;
}

/**
 * A document from what was stored: carried over from the form that it has (today's where none is given), then validated. Faults: those
 * of the kind, and `newer-form` where a newer Hodsman wrote it.
 */
export function openDocument<K extends DocumentKind>(
  kind: K,
  value: unknown,
  form = currentForm(kind),
): Result<DocumentBodies[K]> {
  const current = currentForm(kind);
  if (form > current) return failure([fault('newer-form', '', { form, current })]);
  const carried = KINDS[kind].migrations.slice(form - 1).reduce((v, migrate) => migrate(v), value);
  return KINDS[kind].validate(carried);
}

/** The title under which a document is listed. */
export function documentTitle<K extends DocumentKind>(kind: K, body: DocumentBodies[K]): string {
  return KINDS[kind].title(body);
}
