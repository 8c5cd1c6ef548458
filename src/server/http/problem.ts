import type { ErrorRequestHandler, RequestHandler } from 'express';
import type { Logger } from 'pino';
import type { z } from 'zod';
import type { Problem } from '../../contract/problem.ts';

/** An answer that is a problem (RFC 9457); throw it anywhere below a route. */
export class ProblemError extends Error {
  readonly problem: Problem;
  constructor(status: number, title: string, detail?: string, errors?: Problem['errors']) {
    super(title);
    this.problem = { type: 'about:blank', status, title, detail, errors };
  }
}

export const notFound = (what: string): ProblemError =>
  new ProblemError(404, `There is no such ${what}.`, 'It may have been removed. Go back to the list and look again.');

/** Parses what came over the wire. @throws ProblemError 422 that names every wrong field. */
export function parse<T extends z.ZodType>(schema: T, value: unknown): z.infer<T> {
  const result = schema.safeParse(value);
  if (result.success) return result.data;
  const errors = result.error.issues
    .slice(0, 20)
    .map((i) => ({ field: i.path.join('.') || 'body', message: i.message }));
  const first = errors[0]!;
  throw new ProblemError(422, 'Something in it cannot be.', `${first.field}: ${first.message}`, errors);
}

export const unknownPath: RequestHandler = (_req, _res, next) => next(notFound('page'));

/** Turns whatever was thrown into a problem; nothing of the inside leaks. */
export function problems(log: Logger): ErrorRequestHandler {
  return (error, _req, res, next) => {
    if (res.headersSent) return next(error);
    const problem = problemOf(error, log);
    res.status(problem.status).type('application/problem+json').send(JSON.stringify(problem));
  };
}

function problemOf(error: unknown, log: Logger): Problem {
  if (error instanceof ProblemError) return error.problem;
  const type = (error as { type?: string }).type;
  const status = (error as { status?: number }).status;
  if (type === 'entity.parse.failed') {
    return {
      type: 'about:blank',
      status: 400,
      title: 'The request is not JSON.',
      detail: 'Send a JSON body with the header Content-Type: application/json.',
    };
  }
  if (type === 'entity.too.large') {
    return {
      type: 'about:blank',
      status: 413,
      title: 'That is too much at once.',
      detail: 'Send less than 2 MB; split a long text into several recipes.',
    };
  }
  if (typeof status === 'number' && status >= 400 && status < 500) {
    return {
      type: 'about:blank',
      status,
      title: 'The request cannot be read.',
      detail: 'Check the address and the body.',
    };
  }
  log.error({ err: error }, 'unexpected error');
  return {
    type: 'about:blank',
    status: 500,
    title: 'Something went wrong here.',
    detail: 'Nothing was changed. Try again; if it stays, restart Imbiss.',
  };
}
