import type { Request, RequestHandler } from 'express';
import { ProblemError } from './problem.ts';

const hostOf = (value: string): string => value.toLowerCase().replace(/:\d+$/, '');

/** Refuses requests addressed to a name that is not ours: a page elsewhere must not reach us under its own name. */
export function checkHost(hosts: readonly string[]): RequestHandler {
  return (req, _res, next) => {
    const host = req.headers.host;
    if (host === undefined || !hosts.includes(hostOf(host))) {
      throw new ProblemError(
        'foreign-host',
        421,
        'This address does not belong to Imbiss.',
        'Open the address that Imbiss printed at its start, or add the name to IMBISS_HOSTS.',
      );
    }
    next();
  };
}

/** A picture is sent as its bytes; a page elsewhere can send none without being asked for its origin. */
const isPicture = (req: Request): boolean => /\/pictures$/.test(req.path) && req.is('image/*') !== false;

/** An archive of a household; it is no type that a page elsewhere can send without being asked. */
const isCarried = (req: Request): boolean =>
  /\/(?:take-in(?:\/preview)?|from-file)$/.test(req.path) &&
  Boolean(req.is(['application/zip', 'application/octet-stream']));

/** Refuses writes that come from a page of another origin, or with a body that is neither JSON nor, where one is wanted, a picture or an archive. */
export function checkWrite(hosts: readonly string[]): RequestHandler {
  return (req, _res, next) => {
    if (req.method === 'GET' || req.method === 'HEAD' || req.method === 'OPTIONS') return next();
    const { origin } = req.headers;
    const site = req.headers['sec-fetch-site'];
    let foreign = site === 'cross-site';
    if (origin !== undefined) {
      try {
        const u = new URL(origin);
        foreign ||= !hosts.includes(u.hostname.toLowerCase()) || u.host !== req.headers.host;
      } catch {
        foreign = true;
      }
    }
    if (foreign)
      throw new ProblemError(
        'foreign-page',
        403,
        'This write comes from another page.',
        'Open Imbiss itself and do it there.',
      );
    const hasBody = Number(req.headers['content-length'] ?? 0) > 0 || req.headers['transfer-encoding'] !== undefined;
    if (hasBody && !req.is('application/json') && !isPicture(req) && !isCarried(req)) {
      throw new ProblemError(
        'not-json',
        415,
        'The request is not JSON.',
        'Send a JSON body with the header Content-Type: application/json.',
      );
    }
    next();
  };
}
