import { Router } from 'express';
import type { DocumentRepository } from '../db/repositories/documents.ts';

/** `GET /health`: 200 while the database answers, else 503. */
export function healthRoutes(documents: Pick<DocumentRepository, 'ping'>, version: string): Router {
  const router = Router();
  router.get('/health', async (_req, res) => {
    try {
      await documents.ping();
      res.json({ status: 'ok', database: 'ok', version });
    } catch {
      res.status(503).json({ status: 'error', database: 'down', version });
    }
  });
  return router;
}
