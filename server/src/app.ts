import { join } from 'node:path';
import { LIMITS } from '@hodsman/core';
import express, { type Express } from 'express';
import helmet from 'helmet';
import type { Logger } from 'pino';
import { pinoHttp } from 'pino-http';
import type { DocumentRepository } from './db/repositories/documents.ts';
import { bookingRoutes } from './routes/bookings.ts';
import { documentRoutes } from './routes/documents.ts';
import { healthRoutes } from './routes/health.ts';
import { decideAccess } from './services/access.ts';
import { handleErrors } from './services/errors.ts';
import { Problem } from './services/problem.ts';
import { bookingFeed } from './stand-ins/booking-feed.ts';

/** Room beside the document for the version that a save names. */
const ENVELOPE_BYTES = 1_000;

export interface AppParts {
  readonly documents: DocumentRepository;
  readonly logger: Logger;
  readonly version: string;
  readonly webFolder: string | undefined;
  /** The booking feed that is asked; without one, the stand-in. */
  readonly bookingFeed?: string | undefined;
}

/** The whole application, not listening yet: security headers, log, API, and the built pages. */
export function createApp({ documents, logger, version, webFolder, bookingFeed: feed }: AppParts): Express {
  const app = express();
  app.disable('x-powered-by');
  app.use(
    helmet({
      // pages are served over plain HTTP on the loopback address
      strictTransportSecurity: false,
      contentSecurityPolicy: {
        directives: {
          defaultSrc: ["'self'"],
          styleSrc: ["'self'", "'unsafe-inline'"],
          imgSrc: ["'self'", 'data:', 'blob:'],
          upgradeInsecureRequests: null,
        },
      },
    }),
  );
  app.use(pinoHttp({ logger, autoLogging: false }));
  const api = express.Router();
  api.use(decideAccess);
  api.use(express.json({ limit: LIMITS.bytes + ENVELOPE_BYTES, strict: false }));
  api.use(healthRoutes(documents, version));
  api.use(documentRoutes(documents));
  api.use(bookingRoutes(feed, (port) => `http://127.0.0.1:${port}/api/stand-in/bookings.json`));
  api.use('/stand-in', bookingFeed());
  api.use(() => {
    throw new Problem(404, 'not-found', 'the API has no such address');
  });
  app.use('/api', api);
  if (webFolder !== undefined) servePages(app, webFolder);
  app.use(handleErrors);
  return app;
}

/** Built files by name, for a year since their names change with their content; every other address is the application's page. */
function servePages(app: Express, folder: string): void {
  app.use('/assets', express.static(join(folder, 'assets'), { immutable: true, maxAge: '1y', fallthrough: false }));
  app.use(express.static(folder, { index: false }));
  app.get('/{*path}', (_req, res) => {
    res.set('Cache-Control', 'no-cache').sendFile(join(folder, 'index.html'));
  });
}
