import { Router, type Request } from 'express';
import { z } from 'zod';
import { DOCUMENT_KINDS, type DocumentKind } from '../db/models/document.ts';
import type { DocumentRepository, StoredDocument, WriteOutcome } from '../db/repositories/documents.ts';
import { Problem, refusal } from '../services/problem.ts';
import { readDocument, type ReadDocument } from '../services/read-document.ts';

const idSchema = z.string().regex(/^[A-Za-z0-9][A-Za-z0-9_-]{0,63}$/);
const versionSchema = z.coerce.number().int().min(1);
const saveSchema = z.strictObject({ version: z.int().min(1), body: z.unknown() });

function kindOf(req: Request): DocumentKind {
  const kind = DOCUMENT_KINDS.find((k) => k === req.params['kind']);
  if (!kind) throw new Problem(404, 'not-found', `the kinds of documents are ${DOCUMENT_KINDS.join(', ')}`);
  return kind;
}

function idOf(req: Request): string {
  const id = idSchema.safeParse(req.params['id']);
  if (!id.success) throw new Problem(404, 'not-found', 'an id holds letters, digits, _ and -');
  return id.data;
}

function readOrRefuse(kind: DocumentKind, body: unknown): ReadDocument {
  const read = readDocument(kind, body);
  if (!read.ok) throw refusal(read.faults);
  return read.value;
}

/** The document that was written; or the problem that kept it from being. */
function written(outcome: WriteOutcome): StoredDocument {
  switch (outcome.status) {
    case 'done':
      return outcome.document;
    case 'missing':
      throw new Problem(404, 'not-found', 'the document was removed, or never was');
    case 'newer':
      throw new Problem(409, 'newer', `version ${outcome.document.version} is stored; nothing was changed`, {
        current: outcome.document,
      });
  }
}

/** Documents of every kind: listed, read, made, saved whole over the version that was read, removed. */
export function documentRoutes(documents: DocumentRepository): Router {
  const router = Router();
  router.get('/documents/:kind', async (req, res) => {
    const kind = kindOf(req);
    res.json(await (req.query['whole'] === 'true' ? documents.listWhole(kind) : documents.list(kind)));
  });
  router.post('/documents/:kind', async (req, res) => {
    const kind = kindOf(req);
    const { title, body } = readOrRefuse(kind, req.body);
    const made = await documents.create(kind, title, body);
    res.status(201).location(`/api/documents/${kind}/${made.id}`).json(made);
  });
  router.get('/documents/:kind/:id', async (req, res) => {
    const found = await documents.find(kindOf(req), idOf(req));
    if (!found) throw new Problem(404, 'not-found', 'the document was removed, or never was');
    res.json(found);
  });
  router.put('/documents/:kind/:id', async (req, res) => {
    const kind = kindOf(req);
    const request = saveSchema.safeParse(req.body);
    if (!request.success)
      throw new Problem(400, 'bad-request', 'expected { "version": the version that was read, "body": the document }');
    const { title, body } = readOrRefuse(kind, request.data.body);
    res.json(written(await documents.save(kind, idOf(req), request.data.version, title, body)));
  });
  router.delete('/documents/:kind/:id', async (req, res) => {
    const version = versionSchema.safeParse(req.query['version']);
    if (!version.success) throw new Problem(400, 'bad-request', 'expected ?version= with the version that was read');
    written(await documents.remove(kindOf(req), idOf(req), version.data));
    res.status(204).end();
  });
  return router;
}
