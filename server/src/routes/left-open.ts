import { Router, type Request, type RequestHandler } from 'express';
import { z } from 'zod';
import { readLeftOpen } from '@hodsman/core';
import type { DocumentRepository } from '../db/repositories/documents.ts';
import type { LeftOpenRepository } from '../db/repositories/left-open.ts';
import { Problem, refusal } from '../services/problem.ts';
import { documentNamed } from './named.ts';

const placeSchema = z.coerce.number().int().min(0).max(65_535);

/**
 * What a recipe left open about a bread of the library: kept once (`PUT`), read while it is open (`GET`), and looked at one by one
 * (`DELETE …/:place`).
 */
export function leftOpenRoutes(
  documents: Pick<DocumentRepository, 'find'>,
  matters: LeftOpenRepository,
  hasRoom: RequestHandler,
): Router {
  const router = Router();
  const breadOf = async (req: Request): Promise<string> => (await documentNamed(documents, 'bread', req)).id;
  router.get('/breads/:id/left-open', async (req, res) => {
    const list = await matters.open(await breadOf(req));
    res.json({ matters: list.map(({ place, matter }) => ({ place, ...(JSON.parse(matter) as object) })) });
  });
  router.put('/breads/:id/left-open', hasRoom, async (req, res) => {
    const read = readLeftOpen(req.body);
    if (!read.ok) throw refusal(read.faults);
    await matters.keep(
      await breadOf(req),
      read.value.map((m) => JSON.stringify(m)),
    );
    res.status(204).end();
  });
  router.delete('/breads/:id/left-open/:place', hasRoom, async (req, res) => {
    const place = placeSchema.safeParse(req.params['place']);
    const isThere = place.success && (await matters.lookAt(await breadOf(req), place.data));
    if (!isThere) throw new Problem(404, 'not-found', 'there is no such matter');
    res.status(204).end();
  });
  return router;
}
