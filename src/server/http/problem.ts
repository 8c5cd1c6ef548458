import type { ErrorRequestHandler, Request, RequestHandler } from 'express';
import type { Logger } from 'pino';
import type { z } from 'zod';
import type { Problem } from '../../contract/problem.ts';
import { DomainError, type ErrorCode } from '../../core/errors.ts';
import { isDiskFull, troubleWords } from '../db/database-trouble.ts';
import { ConflictError } from '../store/entries.ts';

/** What a problem is of, so that a client need not compare words. */
export const typeOf = (code: string): string => `urn:imbiss:problem:${code}`;

/** An answer that is a problem (RFC 9457), of the border itself: the store throws errors of the domain. */
export class ProblemError extends Error {
  readonly problem: Problem;
  constructor(code: string, status: number, title: string, detail?: string, errors?: Problem['errors']) {
    super(title);
    this.problem = { type: typeOf(code), status, title, detail, errors };
  }
}

const STATUS: Readonly<Record<ErrorCode, number>> = {
  'not-found': 404,
  removed: 409,
  stale: 412,
  'in-use': 409,
  invalid: 422,
};

/** Parses what came over the wire. @throws ProblemError 422 that names every wrong field */
export function parse<T extends z.ZodType>(schema: T, value: unknown): z.infer<T> {
  const result = schema.safeParse(value);
  if (result.success) return result.data;
  const errors = result.error.issues
    .flatMap(nearest)
    .slice(0, 20)
    .map((i) => ({ field: i.path.join('.') || 'body', message: i.message }));
  const first = errors[0]!;
  throw new ProblemError('invalid', 422, 'Something in it cannot be.', `${first.field}: ${first.message}`, errors);
}

/** Of something that may have several shapes and has none of them: what keeps it from the one it is nearest to. */
function nearest(issue: z.core.$ZodIssue): z.core.$ZodIssue[] {
  if (issue.code !== 'invalid_union' || issue.errors.length === 0) return [issue];
  const fewest = issue.errors.reduce((a, b) => (b.length < a.length ? b : a));
  return fewest.flatMap((i) => nearest({ ...i, path: [...issue.path, ...i.path] }));
}

export const unknownPath: RequestHandler = (_req, _res, next) =>
  next(new ProblemError('not-found', 404, 'There is no such page.', 'Go back to the list and look again.'));

/** Turns whatever was thrown into a problem; nothing of the inside leaks. The request's id leads to the log. */
export function problems(log: Logger): ErrorRequestHandler {
  return (error, req, res, next) => {
    if (res.headersSent) return next(error);
    const problem = { ...problemOf(error, req, log), instance: `urn:imbiss:request:${String(req.id ?? '')}` };
    res.status(problem.status).type('application/problem+json').send(JSON.stringify(problem));
  };
}

function problemOf(error: unknown, req: Request, log: Logger): Problem {
  if (error instanceof ProblemError) return error.problem;
  if (error instanceof ConflictError) {
    const { kept, differences } = error;
    return { ...domainProblem(error), type: typeOf('conflict'), status: 409, kept, differences };
  }
  if (error instanceof DomainError) return domainProblem(error);
  const { type, status, limit } = error as { type?: string; status?: number; limit?: number };
  if (type === 'entity.parse.failed') {
    const title = 'The request is not JSON.';
    const detail = 'Send a JSON body with the header Content-Type: application/json.';
    return { type: typeOf('not-json'), status: 400, title, detail };
  }
  if (type === 'entity.too.large') {
    const most = Math.round((limit ?? 2_000_000) / 1_000_000);
    return {
      type: typeOf('too-large'),
      status: 413,
      title: 'That is too much at once.',
      detail: `Send less than ${most} MB; split a long text into several recipes, a long file into several.`,
    };
  }
  if (typeof status === 'number' && status >= 400 && status < 500) {
    const title = 'The request cannot be read.';
    return { type: typeOf('unreadable'), status, title, detail: 'Check the address and the body.' };
  }
  log.error({ err: error, request: req.id }, 'unexpected error');
  return storageProblem(error);
}

const domainProblem = (e: DomainError): Problem => ({
  type: typeOf(e.code),
  status: STATUS[e.code],
  title: e.message,
  detail: e.advice ?? undefined,
});

function storageProblem(error: unknown): Problem {
  if (isDiskFull(error)) {
    return {
      type: typeOf('disk-full'),
      status: 507,
      title: 'The disk is full.',
      detail: 'Nothing was changed, and nothing saved is lost. Make room on the disk, then do it again.',
    };
  }
  const words = troubleWords(error, 'the database');
  if (words !== null) {
    const detail = `Nothing was changed. ${words}`;
    return { type: typeOf('storage'), status: 503, title: 'The database cannot be used.', detail };
  }
  return {
    type: typeOf('unexpected'),
    status: 500,
    title: 'Something went wrong here.',
    detail: 'Nothing was changed. Try again; if it stays, restart Imbiss.',
  };
}
