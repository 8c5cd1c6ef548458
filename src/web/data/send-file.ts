import { type TakeInAnswer, TakeInAnswerSchema } from '../../contract/exchange-api.ts';
import { ProblemSchema } from '../../contract/problem.ts';
import { ApiError, OfflineError, parseAnswer } from './api.ts';

/** What is said while a file is taken in. */
interface Told {
  readonly progress?: number;
  readonly total?: number;
  readonly done?: TakeInAnswer;
  readonly problem?: { readonly title: string; readonly detail: string | null };
}

/**
 * Sends a file to be taken in, and hears line by line how far it is.
 *
 * @param address under `/api`
 * @throws ApiError in words; OfflineError
 */
export async function sendFile(
  address: string,
  file: Blob,
  onProgress: (done: number, total: number) => void,
): Promise<TakeInAnswer> {
  const response = await post(address, file);
  if (response.body === null) throw new OfflineError();
  const reader = response.body.pipeThrough(new TextDecoderStream()).getReader();
  let rest = '';
  for (;;) {
    const { value, done } = await reader.read();
    const lines = (rest + (value ?? '')).split('\n');
    rest = lines.pop() ?? '';
    for (const line of lines.filter(Boolean)) {
      const told = JSON.parse(line) as Told;
      if (told.done !== undefined) return told.done;
      if (told.problem !== undefined)
        throw new ApiError({
          type: 'about:blank',
          status: 422,
          ...told.problem,
          detail: told.problem.detail ?? undefined,
        });
      if (told.total !== undefined) onProgress(told.progress ?? 0, told.total);
    }
    if (done) throw new OfflineError();
  }
}

async function errorOf(response: Response): Promise<ApiError> {
  const problem = ProblemSchema.safeParse(await response.json().catch(() => null));
  const fallback = { type: 'about:blank', title: 'Imbiss gave no answer that can be read.', status: response.status };
  return new ApiError(problem.success ? problem.data : fallback);
}

/** What would become of every row of a file. @throws ApiError, OfflineError */
export async function previewFile(address: string, file: Blob): Promise<TakeInAnswer> {
  const response = await post(address, file);
  return parseAnswer(TakeInAnswerSchema, await response.json());
}

async function post(address: string, file: Blob): Promise<Response> {
  let response: Response;
  try {
    const headers = { 'Content-Type': 'application/octet-stream' };
    response = await fetch(`/api${address}`, { method: 'POST', headers, body: file });
  } catch {
    throw new OfflineError();
  }
  if (!response.ok) throw await errorOf(response);
  return response;
}
