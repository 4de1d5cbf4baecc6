import type { RequestHandler } from 'express';

/**
 * The one place that every route of the API passes and where access is decided. There are no accounts yet, and the server listens on
 * the loopback address alone, so whoever reaches it may do everything.
 */
export const decideAccess: RequestHandler = (_req, _res, next) => {
  next();
};
