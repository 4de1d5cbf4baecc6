import { join } from 'node:path';
import { jsonDepth, LIMITS } from '@hodsman/core';
import express, { type Express, type RequestHandler } from 'express';
import helmet from 'helmet';
import type { Logger } from 'pino';
import { pinoHttp } from 'pino-http';
import type { Repositories } from './db/repositories/index.ts';
import type { Writable } from 'node:stream';
import { backupRoutes } from './routes/backup.ts';
import { calendarAddressRoutes, calendarRoutes } from './routes/calendar-feeds.ts';
import { bookingRoutes } from './routes/bookings.ts';
import { classEventRoutes } from './routes/class-events.ts';
import { documentRoutes } from './routes/documents.ts';
import { healthRoutes } from './routes/health.ts';
import { leftOpenRoutes } from './routes/left-open.ts';
import { pdfRoutes } from './routes/pdf.ts';
import { decideAccess } from './services/access.ts';
import { classEvents } from './services/class-events.ts';
import type { MakeCalendar } from './services/calendar-feeds.ts';
import { UNWATCHED, type Room } from './services/disk.ts';
import { drain, type Drain } from './services/drain.ts';
import { diskFull, handleErrors } from './services/errors.ts';
import { outages } from './services/outage.ts';
import type { MakePdf } from './services/pdf.ts';
import { Problem } from './services/problem.ts';
import { bookingFeed } from './stand-ins/booking-feed.ts';

/** Room beside the document for the version that a save names, and the levels around it. */
const ENVELOPE_BYTES = 1_000;
const ENVELOPE_LEVELS = 2;
const LOOPBACK = ['localhost', '127.0.0.1', '[::1]'];

export interface AppParts extends Repositories {
  readonly logger: Logger;
  /** Writes all that is stored as one file; without it none is offered. */
  readonly backUp?: (to: Writable) => Promise<unknown>;
  /** Plans a class and writes its calendar; without it none is offered to calendars. */
  readonly makeCalendar?: MakeCalendar;
  /** Prints sheets; without it the browser does. */
  readonly makePdf?: MakePdf | undefined;
  readonly version: string;
  readonly webFolder: string | undefined;
  /** The booking feed that is asked; without one, the stand-in. */
  readonly bookingFeed?: string | undefined;
  /** Names under which requests may come; by default those of this machine alone. */
  readonly names?: readonly string[];
  readonly room?: Room;
  readonly ending?: Drain;
  /** A port of plain HTTP on this machine alone, where the server itself speaks HTTPS. */
  readonly plainPort?: () => number | undefined;
  /** The file of the authority that a tablet is told to trust, where the certificate is of our own making. */
  readonly authority?: string | undefined;
}

/** Where a tablet loads the authority. */
export const AUTHORITY_PATH = '/hodsman-authority.crt';

/** The whole application, not listening yet: access, security headers, log, API, and the built pages. */
export function createApp(parts: AppParts): Express {
  const { documents, logger, version, webFolder, bookingFeed: feed, names = LOOPBACK } = parts;
  const { room = UNWATCHED, ending = drain() } = parts;
  const troubles = outages(logger);
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
  // the log has method and address of a request, never its headers
  const serializers = { req: ({ method, url }: { method: string; url: string }) => ({ method, url }) };
  app.use(pinoHttp({ logger, autoLogging: false, serializers }));
  app.use(ending.refuse);
  app.use(decideAccess(names));
  const api = express.Router();
  // sheets are larger than any document, so they are read with a limit of their own
  api.use(pdfRoutes(parts.makePdf));
  api.use(
    express.json({
      limit: LIMITS.bytes + ENVELOPE_BYTES,
      strict: false,
      verify: (_req, _res, bytes) => {
        if (jsonDepth(bytes.toString('utf8'), LIMITS.depth + ENVELOPE_LEVELS) > LIMITS.depth + ENVELOPE_LEVELS)
          throw new Problem(400, 'too-deep', `a document may be ${LIMITS.depth} levels deep; nothing was changed`);
      },
    }),
  );
  api.use((_req, res, next) => {
    // an answer that came out of the database says that the outage is over
    res.on('finish', () => {
      if (res.statusCode < 300) troubles.end('the database is away');
      if (!room.isFull()) troubles.end('the disk is full');
    });
    next();
  });
  const hasRoom: RequestHandler = (_req, _res, next) => {
    if (room.isFull()) throw diskFull();
    next();
  };
  api.use(healthRoutes(documents, version, room));
  api.use(documentRoutes(documents, hasRoom));
  api.use(classEventRoutes({ documents, events: classEvents(parts.classEvents), ending }, hasRoom));
  if (parts.backUp) api.use(backupRoutes(parts.backUp));
  if (parts.makeCalendar) {
    api.use(calendarAddressRoutes(parts, hasRoom));
    app.use(calendarRoutes(parts, parts.makeCalendar));
  }
  api.use(leftOpenRoutes(documents, parts.leftOpen, hasRoom));
  api.use(bookingRoutes(feed, (port) => `http://127.0.0.1:${parts.plainPort?.() ?? port}/api/stand-in/bookings.json`));
  api.use('/stand-in', bookingFeed());
  api.use(() => {
    throw new Problem(404, 'not-found', 'the API has no such address');
  });
  app.use('/api', api);
  const { authority } = parts;
  if (authority !== undefined)
    app.get(AUTHORITY_PATH, (_req, res) => res.type('application/x-x509-ca-cert').sendFile(authority));
  if (webFolder !== undefined) servePages(app, webFolder);
  app.use(handleErrors(troubles));
  return app;
}

/** Built files by name, for a year since their names change with their content; every other address is the application's page. */
function servePages(app: Express, folder: string): void {
  app.use('/assets', express.static(join(folder, 'assets'), { immutable: true, maxAge: '1y', fallthrough: false }));
  // a worker that a browser keeps longer would keep an old application
  app.get('/sw.js', (_req, res, next) => {
    res.set('Cache-Control', 'no-cache');
    next();
  });
  app.use(express.static(folder, { index: false }));
  app.get('/{*path}', (_req, res) => {
    res.set('Cache-Control', 'no-cache').sendFile(join(folder, 'index.html'));
  });
}
