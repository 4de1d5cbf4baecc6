import { Router } from 'express';
import type { Writable } from 'node:stream';

/** Everything that is stored as one file, made now. */
export function backupRoutes(backUp: (to: Writable) => Promise<unknown>): Router {
  const router = Router();
  router.get('/backup', async (_req, res) => {
    res.attachment(`hodsman-${new Date().toISOString().slice(0, 10)}.zip`).type('application/zip');
    // an archive that breaks off is refused by whoever reads it
    await backUp(res);
  });
  return router;
}
