import type { z } from 'zod';
import { type Problem, ProblemSchema } from '../../contract/problem.ts';

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

/** Asks the API. @throws ApiError, OfflineError */
export async function request<T>(
  method: string,
  path: string,
  body?: unknown,
  headers: Record<string, string> = {},
): Promise<T> {
  let response: Response;
  try {
    response = await fetch(`/api${path}`, {
      method,
      headers: { ...(body !== undefined && { 'Content-Type': 'application/json' }), ...headers },
      body: body === undefined ? undefined : JSON.stringify(body),
    });
  } catch {
    throw new OfflineError();
  }
  if (response.status === 204) return undefined as T;
  const json: unknown = await response.json().catch(() => null);
  if (response.ok) return json as T;
  const problem = ProblemSchema.safeParse(json);
  const fallback = { type: 'about:blank', title: 'Imbiss gave no answer that can be read.', status: response.status };
  throw new ApiError(problem.success ? problem.data : fallback);
}

export const get = <T>(path: string): Promise<T> => request<T>('GET', path);

/** Parses an answer at the border. @throws ApiError when this page and the server do not understand each other. */
export function parseAnswer<T>(schema: z.ZodType<T>, json: unknown): T {
  const parsed = schema.safeParse(json);
  if (parsed.success) return parsed.data;
  throw new ApiError({
    type: 'about:blank',
    title: 'This page and Imbiss do not understand each other.',
    detail: 'Imbiss was renewed in the meantime. Load the page again; what you typed is kept.',
    status: 502,
  });
}

/** A fetcher that parses what it gets. */
export const getParsed =
  <T>(schema: z.ZodType<T>) =>
  async (path: string): Promise<T> =>
    parseAnswer(schema, await get(path));
