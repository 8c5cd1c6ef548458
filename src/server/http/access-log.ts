import { randomUUID } from 'node:crypto';
import type { RequestHandler } from 'express';
import type { Logger } from 'pino';
import { pinoHttp, startTime } from 'pino-http';

/** An answer that takes longer than this is told even where only warnings are. */
const SLOW_MS = 1000;

/**
 * One line a request: method, path, status, time, and the id that a problem names. Nothing that somebody typed, no
 * header, no query.
 */
export const accessLog = (logger: Logger): RequestHandler =>
  pinoHttp({
    logger,
    genReqId: () => randomUUID(),
    quietReqLogger: true,
    customLogLevel: (_req, res, error) => (error || res.statusCode >= 500 ? 'error' : slow(res) ? 'warn' : 'info'),
    customSuccessMessage: (req, res) => `${req.method} ${pathOf(req.url)} ${res.statusCode}`,
    customErrorMessage: (req, res) => `${req.method} ${pathOf(req.url)} ${res.statusCode}`,
    serializers: { req: () => undefined, res: () => undefined },
  });

const pathOf = (url: string | undefined): string => (url ?? '').split('?')[0]!;

function slow(res: { getHeader(name: string): unknown } & object): boolean {
  const began = (res as { [key: symbol]: unknown })[startTime];
  const streams = String(res.getHeader('content-type') ?? '').startsWith('text/event-stream');
  return !streams && typeof began === 'number' && Date.now() - began > SLOW_MS;
}
