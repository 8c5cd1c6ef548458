import type { z } from 'zod';
import { API } from '../../contract/api.ts';
import { type Picture, PictureSchema } from '../../contract/picture.ts';
import { type Problem, ProblemSchema } from '../../contract/problem.ts';
import { type AnswerOf, type AnyRoute, type Ask, addressOf } from '../../contract/route.ts';

/** An answer that is a problem, in words for the cook. */
export class ApiError extends Error {
  readonly problem: Problem;
  constructor(problem: Problem) {
    super(problem.detail ? `${problem.title} ${problem.detail}` : problem.title);
    this.problem = problem;
  }
}

/** No answer at all: Imbiss cannot be reached. */
export class OfflineError extends Error {
  constructor() {
    super('Imbiss cannot be reached. Nothing is lost: try again when it is back.');
  }
}

/** How a question reaches the server; a test may lose it, or its answer. */
export type Transport = (
  method: string,
  address: string,
  body?: unknown,
  headers?: Readonly<Record<string, string>>,
) => Promise<unknown>;

/** What a body is sent as: a file as what it is, everything else as JSON. */
const bodyType = (body: unknown): string => (body instanceof Blob ? body.type || 'image/jpeg' : 'application/json');

/** Asks the server. @param address under `/api` @throws ApiError, OfflineError */
export const overHttp: Transport = async (method, address, body, headers = {}) => {
  let response: Response;
  try {
    response = await fetch(`/api${address}`, {
      method,
      headers: { ...(body !== undefined && { 'Content-Type': bodyType(body) }), ...headers },
      body: body === undefined || body instanceof Blob ? body : JSON.stringify(body),
    });
  } catch {
    throw new OfflineError();
  }
  if (response.status === 204) return undefined;
  const json: unknown = await response.json().catch(() => null);
  if (response.ok) return json;
  const problem = ProblemSchema.safeParse(json);
  const fallback = { type: 'about:blank', title: 'Imbiss gave no answer that can be read.', status: response.status };
  throw new ApiError(problem.success ? problem.data : fallback);
};

/** Parses an answer at the border. @throws ApiError when this page and the server do not understand each other. */
export function parseAnswer<S extends z.ZodType>(schema: S, json: unknown): z.output<S> {
  const parsed = schema.safeParse(json);
  if (parsed.success) return parsed.data;
  throw new ApiError({
    type: 'about:blank',
    title: 'This page and Imbiss do not understand each other.',
    detail: 'Imbiss was renewed in the meantime. Load the page again; what you typed is kept.',
    status: 502,
  });
}

/**
 * Asks the API by a route of the contract: its path, its body, its answer.
 *
 * @example
 * const page = await ask(API.recipe, { h: household.id, id })
 * @throws ApiError, OfflineError
 */
export async function ask<R extends AnyRoute>(
  route: R,
  given: Ask<R>,
  transport: Transport = overHttp,
): Promise<AnswerOf<R>> {
  const { body, ifMatch } = given as { readonly body?: unknown; readonly ifMatch?: number };
  const headers: Record<string, string> = ifMatch === undefined ? {} : { 'If-Match': `"${ifMatch}"` };
  const json = await transport(route.method, addressOf(route, given), body, headers);
  return readAnswer(route, json);
}

/** Sends a picture as its bytes. @throws ApiError, OfflineError */
export const sendPicture = async (given: Ask<typeof API.addPicture>, file: Blob): Promise<Picture> =>
  parseAnswer(PictureSchema, await overHttp('POST', addressOf(API.addPicture, given), file));

/** Asks a route that is read, by an address that was made for it. */
export const askAt = async <R extends AnyRoute>(route: R, address: string): Promise<AnswerOf<R>> =>
  readAnswer(route, await overHttp('GET', address));

// What `AnswerOf` says of every route, the compiler cannot see of any: this is the one place that tells it.
const readAnswer = <R extends AnyRoute>(route: R, json: unknown): AnswerOf<R> =>
  (route.answer === null ? undefined : parseAnswer(route.answer as z.ZodType, json)) as AnswerOf<R>;
