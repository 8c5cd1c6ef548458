import { ProblemSchema } from '../../contract/problem.ts';
import { type AnyRoute, type Ask, addressOf } from '../../contract/route.ts';
import { ApiError, OfflineError } from './api.ts';

/** Asks for something that is no JSON: a picture, a book, an archive. @throws ApiError, OfflineError */
export async function askBytes<R extends AnyRoute>(
  route: R,
  given: Ask<R>,
): Promise<{ readonly blob: Blob; readonly headers: Headers }> {
  const { body } = given as { readonly body?: unknown };
  let response: Response;
  try {
    response = await fetch(`/api${addressOf(route, given)}`, {
      method: route.method,
      ...(body !== undefined && { headers: { 'Content-Type': 'application/json' }, body: JSON.stringify(body) }),
    });
  } catch {
    throw new OfflineError();
  }
  if (response.ok) return { blob: await response.blob(), headers: response.headers };
  const problem = ProblemSchema.safeParse(await response.json().catch(() => null));
  const fallback = { type: 'about:blank', title: 'Imbiss gave no answer that can be read.', status: response.status };
  throw new ApiError(problem.success ? problem.data : fallback);
}
