import { Router, type Request, type RequestHandler } from 'express';
import { z } from 'zod';
import { DOCUMENT_KINDS, type DocumentKind } from '@hodsman/core';
import {
  readCursor,
  type DocumentRecord,
  type DocumentRepository,
  type WriteOutcome,
} from '../db/repositories/documents.ts';
import { answered, answeredVersion, readContent, saveIdOf } from '../services/documents.ts';
import { Problem } from '../services/problem.ts';
import { idSchema } from './named.ts';

const versionSchema = z.coerce.number().int().min(1).max(4_294_967_295);
const limitSchema = z.coerce.number().int().min(1).max(200).default(100);
const saveSchema = z.strictObject({ version: z.int().min(1), body: z.unknown() });
/** Earlier states of a document are thinned each time that so many more have come. */
const THIN_EVERY = 20;

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

const gone = (removedAt: string): Problem => new Problem(410, 'gone', 'the document was removed', { removedAt });

/** What was found and is there; or the problem that says why not. */
function standing(record: DocumentRecord | undefined): DocumentRecord {
  if (!record) throw new Problem(404, 'not-found', 'the document never was, or was removed long ago');
  if (record.removedAt !== null) throw gone(record.removedAt);
  return record;
}

/** The document that was written; or the problem that kept it from being. */
function written(outcome: WriteOutcome): DocumentRecord {
  switch (outcome.status) {
    case 'done':
      return outcome.document;
    case 'missing':
      return standing(undefined);
    case 'removed':
      throw gone(outcome.removedAt);
    case 'newer':
      throw new Problem(409, 'newer', `version ${outcome.document.version} is stored; nothing was changed`, {
        current: answered(outcome.document),
      });
  }
}

/**
 * Documents of every kind: listed, read, made, saved whole over the version that was read, removed and brought back; and the states that
 * each had. `hasRoom` refuses writes while the disk is full. A write may carry an `Idempotency-Key`: sent again, it is answered as it was.
 */
export function documentRoutes(documents: DocumentRepository, hasRoom: RequestHandler): Router {
  const router = Router();
  router.get('/documents/:kind', async (req, res) => {
    const limit = limitSchema.safeParse(req.query['limit']);
    const after = typeof req.query['after'] === 'string' ? readCursor(req.query['after']) : undefined;
    if (!limit.success || (req.query['after'] !== undefined && !after))
      throw new Problem(400, 'bad-request', 'expected ?limit= from 1 to 200, and ?after= as the page before gave it');
    const isRemoved = req.query['removed'] === 'true';
    res.json(await documents.list(kindOf(req), { after, limit: limit.data, isRemoved }));
  });
  router.post('/documents/:kind', hasRoom, async (req, res) => {
    const kind = kindOf(req);
    const saveId = saveIdOf(req.get('Idempotency-Key'));
    const made = await documents.create(kind, readContent(kind, req.body), saveId);
    res.status(201).location(`/api/documents/${kind}/${made.id}`).json(answered(made));
  });
  router.get('/documents/:kind/:id', async (req, res) => {
    res.json(answered(standing(await documents.find(kindOf(req), idOf(req)))));
  });
  router.put('/documents/:kind/:id', hasRoom, async (req, res) => {
    const kind = kindOf(req);
    const request = saveSchema.safeParse(req.body);
    if (!request.success)
      throw new Problem(400, 'bad-request', 'expected { "version": the version that was read, "body": the document }');
    const content = readContent(kind, request.data.body);
    const saveId = saveIdOf(req.get('Idempotency-Key'));
    const { version } = request.data;
    const saved = written(await documents.save({ kind, id: idOf(req), version, saveId, content }));
    res.json(answered(saved));
    // what is left over goes when there is time; if it fails now, the next time takes it along
    if (saved.version % THIN_EVERY === 0) void documents.thin(saved.id, Date.now()).catch(() => undefined);
  });
  router.delete('/documents/:kind/:id', async (req, res) => {
    const version = versionSchema.safeParse(req.query['version']);
    if (!version.success) throw new Problem(400, 'bad-request', 'expected ?version= with the version that was read');
    written(await documents.remove(kindOf(req), idOf(req), version.data));
    res.status(204).end();
  });
  router.post('/documents/:kind/:id/restore', hasRoom, async (req, res) => {
    res.json(answered(standing(await documents.restore(kindOf(req), idOf(req)))));
  });
  router.get('/documents/:kind/:id/versions', async (req, res) => {
    const { id } = standing(await documents.find(kindOf(req), idOf(req)));
    res.json({ versions: await documents.versions(id) });
  });
  router.get('/documents/:kind/:id/versions/:version', async (req, res) => {
    const kind = kindOf(req);
    const { id } = standing(await documents.find(kind, idOf(req)));
    const number = versionSchema.safeParse(req.params['version']);
    const found = number.success ? await documents.version(id, number.data) : undefined;
    if (!found) throw new Problem(404, 'not-found', 'this state was thinned out, or never was');
    const { version, title, savedAt, savedBy } = found;
    res.json({ version, title, savedAt, savedBy, body: answeredVersion(kind, found) });
  });
  return router;
}
