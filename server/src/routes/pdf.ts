import express, { Router } from 'express';
import { z } from 'zod';
import type { MakePdf } from '../services/pdf.ts';
import { Problem } from '../services/problem.ts';

/** The sheets of 36 people and three breads are 3 MB. */
const LIMIT = '24mb';
const bodySchema = z.strictObject({
  title: z.string().max(400),
  html: z.string(),
  rules: z.string().max(10_000),
});

/** Whether this server makes PDFs (`GET /pdf`), and sheets as one (`POST /pdf`). */
export function pdfRoutes(make: MakePdf | undefined): Router {
  const router = Router();
  router.get('/pdf', (_req, res) => {
    res.json({ isThere: make !== undefined });
  });
  router.post('/pdf', express.json({ limit: LIMIT }), async (req, res) => {
    if (!make) throw new Problem(404, 'not-found', 'this server makes no PDFs; the browser prints');
    const sheets = bodySchema.safeParse(req.body);
    if (!sheets.success) throw new Problem(400, 'bad-request', 'expected title, html and rules of the sheets');
    const pdf = await make(sheets.data).catch((e: unknown) => {
      req.log.error(e);
      throw new Problem(502, 'not-printed', 'no PDF came of them; the browser’s own print gives the same pages');
    });
    res.type('application/pdf').send(Buffer.from(pdf));
  });
  return router;
}
