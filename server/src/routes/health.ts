import { Router } from 'express';
import type { DocumentRepository } from '../db/repositories/documents.ts';
import type { Room } from '../services/disk.ts';

/** `GET /health`: 200 while the database answers, else 503; `disk` says whether there is room to write. */
export function healthRoutes(documents: Pick<DocumentRepository, 'ping'>, version: string, room: Room): Router {
  const router = Router();
  router.get('/health', async (_req, res) => {
    const disk = room.isFull() ? 'full' : 'ok';
    try {
      await documents.ping();
      res.json({ status: 'ok', database: 'ok', disk, version });
    } catch {
      res.status(503).json({ status: 'error', database: 'down', disk, version });
    }
  });
  return router;
}
