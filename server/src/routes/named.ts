import type { Request } from 'express';
import { z } from 'zod';
import type { DocumentKind } from '@hodsman/core';
import type { DocumentRecord, DocumentRepository } from '../db/repositories/documents.ts';
import { Problem } from '../services/problem.ts';

/** Names of documents in addresses: letters, digits, _ and -. */
export const idSchema = z.string().regex(/^[A-Za-z0-9][A-Za-z0-9_-]{0,63}$/);

/** The document of a kind that an address names by `:id`, one that was removed too; 404 where there is none. */
export async function documentNamed(
  documents: Pick<DocumentRepository, 'find'>,
  kind: DocumentKind,
  req: Request,
): Promise<DocumentRecord> {
  const id = idSchema.safeParse(req.params['id']);
  const found = id.success ? await documents.find(kind, id.data) : undefined;
  if (!found) throw new Problem(404, 'not-found', `there is no such ${kind}`);
  return found;
}
