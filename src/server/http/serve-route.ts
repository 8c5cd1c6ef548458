import type { Request, Response, Router } from 'express';
import type { z } from 'zod';
import {
  type AnswerOf,
  type AnyRoute,
  type BodyOf,
  namesIn,
  type ParamsOf,
  paramSchema,
  type QueryOf,
  type Sendable,
} from '../../contract/route.ts';
import type { HouseholdStore } from '../store/household-store.ts';
import { etag, ifMatch, ifMatchOrNull } from './if-match.ts';
import { parse } from './problem.ts';

/** What a handler gets, all of it parsed. */
export interface Asked<R extends AnyRoute> {
  readonly params: ParamsOf<R>;
  readonly query: QueryOf<R>;
  readonly body: BodyOf<R>;
  /** The revision that the request names; null when it names none. */
  readonly ifMatch: number | null;
  /** The household's store: under a household, all that a route gets. */
  readonly store: HouseholdStore;
  readonly req: Request;
  readonly res: Response;
}

type Handler<R extends AnyRoute> = (asked: Asked<R>) => Promise<Sendable<AnswerOf<R>>> | Sendable<AnswerOf<R>>;

/**
 * Registers a route of the contract: what comes in is parsed by its schemas before the handler sees it, and what goes
 * out is parsed by the schema that the client reads it with, so that a fault is found here and nothing more is told than
 * was promised.
 */
export function serve<R extends AnyRoute>(router: Router, route: R, handler: Handler<R>): void {
  router[methodOf(route)](route.path, async (req, res) => {
    const made = await handler(askedOf(route, req, res));
    if (route.answer === null) return void res.status(204).end();
    const answer: unknown = route.checkedWhenRead ? made : (route.answer as z.ZodType).parse(made);
    if (route.revision) res.set('ETag', etag(route.revision(answer)));
    res.status(route.makes ? 201 : 200).json(answer);
  });
}

/** What goes out as bytes, and further headers. */
export interface SentBytes {
  readonly bytes: Uint8Array;
  readonly headers?: Readonly<Record<string, string>>;
}

/** Registers a route whose answer is bytes. */
export function serveBytes<R extends AnyRoute>(
  router: Router,
  route: R,
  handler: (asked: Asked<R>) => Promise<SentBytes>,
): void {
  router[methodOf(route)](route.path, async (req, res) => {
    const { bytes, headers = {} } = await handler(askedOf(route, req, res));
    res.set({ 'Content-Type': route.bytes ?? 'application/octet-stream', 'Cache-Control': 'no-store', ...headers });
    res.end(Buffer.from(bytes));
  });
}

const methodOf = (route: AnyRoute) => route.method.toLowerCase() as 'get' | 'post' | 'put' | 'patch' | 'delete';

function askedOf<R extends AnyRoute>(route: R, req: Request, res: Response): Asked<R> {
  const params = Object.fromEntries(namesIn(route.path).map((n) => [n, parse(paramSchema(route, n), req.params[n])]));
  return {
    params,
    query: route.query && parse(route.query, req.query),
    body: route.body && parse(route.body, bodyOf(route, req, params)),
    ifMatch: revisionAsked(route, req),
    store: res.locals.store,
    req,
    res,
  } as Asked<R>;
}

/** The body, with what the path says already; who sends none leaves everything as it usually is. */
function bodyOf(route: AnyRoute, req: Request, params: Readonly<Record<string, string>>): unknown {
  const body: unknown = req.body === undefined ? {} : req.body;
  if (!route.fromPath || typeof body !== 'object' || body === null || Array.isArray(body)) return body;
  return { ...body, ...route.fromPath(params) };
}

function revisionAsked(route: AnyRoute, req: Request): number | null {
  const header = req.headers['if-match'];
  if (route.ifMatch === undefined) return null;
  return route.ifMatch === 'needed' ? ifMatch(header) : ifMatchOrNull(header);
}
